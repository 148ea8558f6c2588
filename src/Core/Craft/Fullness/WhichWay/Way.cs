using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.WhichWay.Way>;

namespace ZephyrReach.Core.Craft.Fullness.WhichWay;

/// <summary>An edge that has to be made fuller, as each technique is asked how it would.</summary>
/// <param name="Piece">The strip, at fullness 1.</param>
/// <param name="Fullness">That is wanted.</param>
/// <param name="Weight">Of one layer of its fabric, in g/m².</param>
/// <param name="Reader">Takes what cannot be, and writes figures.</param>
internal sealed record EdgeWanted(
    StripInputs Piece,
    double Fullness,
    double Weight,
    InputReader Reader
)
{
    /// <summary>What is cut for it at a fullness; null where it cannot be.</summary>
    public StripPlan? Strips(double fullness, RowScheme? rows = null) =>
        StripReckon.Straight(Piece with { Fullness = fullness, Rows = rows ?? Piece.Rows }, Reader);
}

/// <summary>What a way takes of the supplies.</summary>
/// <param name="Choice">Its name, and what it is called.</param>
/// <param name="IsOwned">Whether it is there.</param>
internal sealed record WayNeed(Choice Choice, Func<DrawerContents, bool> IsOwned);

/// <summary>How a technique would make an edge fuller.</summary>
/// <param name="Of">Each of its ways; none where the edge cannot be made so.</param>
/// <param name="Need">What it takes of the supplies; null where nothing special.</param>
internal sealed record AsWay(Func<EdgeWanted, IEnumerable<Way>> Of, WayNeed? Need = null)
{
    /// <summary>Whether what it makes stretches: then it is offered where that is wanted, and only there.</summary>
    public bool Stretches { get; init; }

    /// <summary>Whether it makes small regular folds.</summary>
    public bool Folds { get; init; }
}

/// <summary>One way to make an edge fuller, with what it takes.</summary>
/// <param name="Title">Its name on the screen.</param>
/// <param name="Cloth">What is cut for it.</param>
/// <param name="Minutes">To make it fuller and sew it on, with its swatches; without cutting and marking, which all ways take alike.</param>
/// <param name="Evenness">0 uneven to 3 quite even.</param>
/// <param name="Reaches">Whether the fullness that is wanted is likely reached.</param>
/// <param name="ReachSays">How, in words.</param>
internal sealed record Way(
    string Title,
    Length Cloth,
    double Minutes,
    double Evenness,
    bool Reaches,
    string ReachSays
)
{
    /// <summary>The technique’s name.</summary>
    public string Technique { get; init; } = "";

    /// <summary>Which of its schools; empty where there is but one.</summary>
    public string Scheme { get; init; } = "";

    /// <summary>How even it comes out, in words; empty for as its technique says.</summary>
    public string EvennessSays { get; init; } = "";

    /// <summary>Whether the fullness can still be changed once it is sewn.</summary>
    public bool Adjustable { get; init; }

    /// <summary>What it takes of the supplies, in words; empty where nothing special.</summary>
    public string Needs { get; init; } = "";

    /// <summary>Whether that is owned; null where nothing was said about the supplies.</summary>
    public bool? Has { get; init; }

    /// <summary>How well it serves the purpose; only its order means something.</summary>
    public double Score { get; init; }

    /// <summary>The reason for its place, in a sentence.</summary>
    public string Why { get; init; } = "";

    /// <summary>The stitch that it was reckoned with; null where none decides.</summary>
    public Length? StitchLength { get; init; }

    /// <summary>The passes that it was reckoned with; null where none decide.</summary>
    public int? Passes { get; init; }

    /// <summary>The tension that it was reckoned with, in steps; null where none decides.</summary>
    public double? TensionSteps { get; init; }
}

/// <summary>The ways side by side, the best for the purpose first.</summary>
/// <param name="Fullness">That is wanted of each.</param>
internal sealed record WhichWayAnswer(IReadOnlyList<Way> Ways, double Fullness) : Result
{
    /// <summary>Ten centimetres of the edge made each way, all to one scale.</summary>
    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        [
            .. Ways.Select(w =>
                SwatchPicture.Of(
                    Techniques.WorkingOf(w.Technique)!,
                    new SewnSwatch(
                        new Dictionary<string, IReadOnlyList<double>>
                        {
                            ["flat"] = [100 * Fullness],
                            ["gathered"] = [100],
                        },
                        w.Scheme.Length > 0
                            ? RawInputs.Empty.With("rows", RawValue.Of(w.Scheme))
                            : RawInputs.Empty,
                        new Dictionary<string, string>(),
                        true,
                        true
                    ),
                    ruler
                ) with
                {
                    Name = w.Technique + w.Scheme,
                }
            ),
        ];

    public static IReadOnlyList<Figure> Told { get; } =
    [
        Figure<WhichWayAnswer>.Table(
            "ways",
            "The ways, the best for the purpose first.",
            a => a.Ways,
            F.Text("technique", "The technique.", w => w.Technique),
            F.Text("scheme", "Which of its schools, or empty.", w => w.Scheme),
            F.Text("title", "Its name.", w => w.Title),
            F.Cut("cloth", "What is cut for it.", w => w.Cloth),
            F.Ratio(
                "minutes",
                "To make it fuller and sew it on, with its swatches; without cutting and marking.",
                w => Math.Round(w.Minutes)
            ),
            F.Text("evenness", "How even it comes out.", w => w.EvennessSays),
            F.Flag(
                "adjustable",
                "Whether the fullness can still be changed once it is sewn.",
                w => w.Adjustable
            ),
            F.Text("needs", "What it takes from your supplies, or empty.", w => w.Needs),
            F.Flag("has", "Whether that is owned.", w => w.Has),
            F.Flag("reaches", "Whether the fullness is likely reached.", w => w.Reaches),
            F.Text("reachSays", "How.", w => w.ReachSays),
            F.Text("why", "The reason for its place.", w => w.Why),
            F.Length(
                "stitchLength",
                LengthKind.Fine,
                "The stitch it was calculated with, where that decides.",
                w => w.StitchLength
            ),
            F.Ratio(
                "tensionSteps",
                "The tension it was calculated with, where that decides.",
                w => w.TensionSteps
            ),
            F.Count(
                "passes",
                "The passes it was calculated with, where they decide.",
                w => w.Passes
            )
        ),
    ];

    public override IReadOnlyList<Figure> Figures => Told;
}
