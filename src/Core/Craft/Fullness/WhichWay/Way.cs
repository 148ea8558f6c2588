using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.WhichWay.Way>;

namespace ZephyrReach.Core.Craft.Fullness.WhichWay;

/// <summary>One way to make an edge fuller, with what it takes.</summary>
/// <param name="Technique">The technique's name.</param>
/// <param name="Scheme">Which of its schools; empty where there is but one.</param>
/// <param name="Title">Its name on the screen.</param>
/// <param name="Cloth">What is cut for it.</param>
/// <param name="Minutes">At the machine and at the table with it, about.</param>
/// <param name="Evenness">0 uneven to 3 quite even.</param>
/// <param name="EvennessSays">The same in words.</param>
/// <param name="Adjustable">Whether the fullness can still be changed once it is sewn.</param>
/// <param name="Needs">What it takes from the drawer, in words; empty where nothing special.</param>
/// <param name="NeedsKey">The same as one of the choices of what is owned; empty where nothing special.</param>
/// <param name="Has">Whether that is owned; null where nothing was said about the drawer.</param>
/// <param name="Reaches">Whether the fullness that is wanted is likely reached.</param>
/// <param name="ReachSays">How, in words.</param>
/// <param name="Score">How well it serves the purpose; only its order means something.</param>
/// <param name="StitchLength">The stitch that it was reckoned with; null where none decides.</param>
/// <param name="TensionSteps">The tension that it was reckoned with, in steps; null where none decides.</param>
/// <param name="Passes">The passes that it was reckoned with; null where none decide.</param>
/// <param name="Why">The reason for its place, in a sentence.</param>
internal sealed record Way(
    string Technique,
    string Scheme,
    string Title,
    Length Cloth,
    double Minutes,
    double Evenness,
    string EvennessSays,
    bool Adjustable,
    string Needs,
    string NeedsKey,
    bool? Has,
    bool Reaches,
    string ReachSays,
    double Score = 0,
    string Why = "",
    Length? StitchLength = null,
    int? Passes = null,
    double? TensionSteps = null
);

/// <summary>The ways side by side, the best for the purpose first.</summary>
/// <param name="Fullness">That is wanted of each.</param>
internal sealed record WhichWayAnswer(IReadOnlyList<Way> Ways, double Fullness) : Reckoning
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
                            ? RawAsk.Empty.With("rows", RawValue.Of(w.Scheme))
                            : RawAsk.Empty,
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
            F.Ratio("minutes", "Time at the machine, about.", w => Math.Round(w.Minutes)),
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
