using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Corded;

/// <summary>What is planned for an edge whose cord is covered with strips of cloth.</summary>
/// <param name="Covering">The strip round the cord.</param>
/// <param name="Cut">How the strips are cut, for all pieces together.</param>
/// <param name="Face">One layer of the piece, thick.</param>
internal abstract record CoveredPlan(EdgeInputs Edge, Covering Covering, BiasCut Cut, Length Face)
    : EdgePlan(Edge)
{
    /// <summary>The figures that every such plan tells.</summary>
    internal static IReadOnlyList<Figure> StripFigures { get; } =
    [
        Figure<CoveredPlan>.Marked(
            "stripWidth",
            "roundUp(π(c + t) + 2s), and wider where wraps may come out wider.",
            a => a.Covering.Width
        ),
        Figure<CoveredPlan>.Marked(
            "requiredInAll",
            "Of joined strip, for all pieces.",
            a => a.Cut.Required
        ),
        .. Figure<CoveredPlan>.From(a => a.Cut, BiasCut.Told),
    ];

    public override Length Covered => Covering.Covered;

    public override Length Bare => Covering.Cord;

    public override Length Flange => Covering.Flange;

    /// <summary>Where a join of the covering lies: the cord, four layers of covering, and the piece’s two.</summary>
    public override Length Thickest =>
        (Foot.IsZipper ? Length.Zero : Covered) + 4 * Covering.Thickness + 2 * Face;

    public override IReadOnlyList<Piece> Pieces => IsReadyMade ? [] : Cut.Pieces;

    public override Guide? Guide => EdgeGuide.Of(this, IsReadyMade ? null : Cut);

    /// <summary>A ready-made bias binding, opened out; null where strips are cut.</summary>
    public virtual Length? Ready => null;

    /// <summary>Whether that covers the cord, as it is and not as a ruler would mark it: then no strips are cut.</summary>
    public bool IsReadyMade => Ready is { } wide && wide >= Covering.Least * (1 - 1e-9);

    /// <summary>The strips, or the binding in their place.</summary>
    protected IEnumerable<Fact> StripFacts =>
        IsReadyMade
            ?
            [
                new(
                    "Bias binding, ready-made",
                    $"{Ruler.Whole(Cut.Required)}, opened out {Ruler.Mark(Ready!.Value)} wide"
                ),
            ]
            :
            [
                new("Strip width", Ruler.Mark(Covering.Width)),
                new("Total strip length", Ruler.Whole(Cut.Required)),
            ];

    /// <summary>The fabric that they take; nothing of a binding.</summary>
    protected IEnumerable<Need> StripNeeds =>
        IsReadyMade ? [] : [new("cloth", Cut.Cloth, Stage.Cut)];

    protected IEnumerable<Drawing> StripDrawings => IsReadyMade ? [] : BiasDrawings.All(Cut);

    /// <summary>How they are made, or the binding opened.</summary>
    public IEnumerable<SewingStep> StripsMade => IsReadyMade ? [Opened] : StripSteps.Of(Cut, Ruler);

    private SewingStep Opened =>
        new SewingStep(
            "open",
            "Open the binding",
            $"Press both folds of {Ruler.Whole(Cut.Required)} of binding out flat, without pulling it. Trim it to {Ruler.Mark(Length.Min(Covering.Width, Ready!.Value))}, or trim the flange once it is sewn.",
            Ruler.Whole(Cut.Required),
            ["It lies flat, and is as wide all along."],
            Safety.Iron
        ).At(
            Place.Iron,
            Pace.Pressed(Cut.Required),
            CordDrawings.Lines,
            ["cord"],
            [.. Lines.Select(CordDrawings.Line)]
        );

    /// <summary>What is noticed of the strips, or of a binding that is too narrow.</summary>
    public IEnumerable<Finding> OnStrips
    {
        get
        {
            if (Ready is { } wide && !IsReadyMade)
            {
                var flange = Covering.Flange - (Covering.Least - wide) / 2;
                yield return Finding.Stop(
                    "binding-narrow",
                    $"Opened out the binding is {Ruler.Mark(wide)} wide, and {Ruler.Mark(Covering.Least)} are wanted.",
                    "It does not reach round the cord and into both seam allowances.",
                    flange > Length.FromMillimetres(3)
                        ? $"Take a seam allowance of {Ruler.Mark(Rounding.Down(flange, Ruler.Marking))}, a thinner cord, or cut strips."
                        : "Take a thinner cord, a wider binding, or cut strips."
                );
            }
            if (!IsReadyMade)
            {
                foreach (var finding in NoticedOnStrips.In(Cut, Edge))
                {
                    yield return finding;
                }
            }
        }
    }

    /// <summary>Of a line of stitches along a length: length·(1 + t/ℓ).</summary>
    protected static Length Thread(Length along, Length stitch, Length through) =>
        along * (1 + through / stitch);
}
