using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
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

    public override IReadOnlyList<Piece> Pieces => Cut.Pieces;

    public override Guide? Guide => EdgeGuide.Of(this, Cut);

    /// <summary>Of a line of stitches along a length: length·(1 + t/ℓ).</summary>
    protected static Length Thread(Length along, Length stitch, Length through) =>
        along * (1 + through / stitch);
}
