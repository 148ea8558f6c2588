using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness;
using ZephyrReach.Core.Craft.Strips;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.TuckedRuffle.Answer>;

namespace ZephyrReach.Core.Craft.TuckedRuffle;

/// <summary>What to cut and set for a ruffle in small folds.</summary>
/// <param name="Strips">The strips, as for pulled gathers of the same flat edge.</param>
/// <param name="FlatEdge">r·F.</param>
internal sealed record Answer(Ask Ask, StripPlan Strips, Length FlatEdge) : WorkPlan
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Fine("tuckSpacing", "S = N·ℓ, from fold to fold.", a => a.Ask.Spacing),
        F.Fine("tuckDepth", "p, how far the arm pushes.", a => a.Ask.Depth),
        F.Fine("takeUp", "u = 2p, what each fold takes.", a => 2 * a.Ask.Depth),
        F.Ratio("fullness", "r = 1 + 2p/S.", a => a.Ask.Fullness),
        F.Count("tuckCount", "Folds on the edge.", a => a.TuckCount),
        F.Ratio("overlap", "p/S; 1 where each fold just touches the next.", a => a.Overlap),
        F.Length("flatEdge", LengthKind.Whole, "r·F.", a => a.FlatEdge),
        F.Cut("cutLength", "With what is trimmed.", a => a.FlatEdge + a.Ask.Trim),
        F.Count("stripCount", "How many strips are cut.", a => a.Strips.StripCount),
        F.Cut("stripLength", "Of each strip.", a => a.Strips.StripLength),
        F.Cut("cutDepth", "Of each strip.", a => a.Ask.Strip.CutDepth),
        F.Cut("clothToBuy", "The cloth that the strips take.", a => a.Strips.ClothToBuy),
        F.Count("joins", "Seams between strips.", a => a.Strips.Joins),
        F.Amount("threadPerSide", "Needle thread, and bobbin thread alike.", a => a.ThreadPerSide),
        F.Group("swatch", "How to cut and mark a swatch.", a => a.Swatch, SwatchPlan.Told),
        .. SharedFigures,
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    private Length Edge => Ask.Strip.FinishedEdge;

    /// <summary>p/S.</summary>
    public double Overlap => Ask.Depth / Ask.Spacing;

    /// <summary>round(F/S).</summary>
    public int TuckCount =>
        (int)Math.Min(int.MaxValue, Math.Round(Edge / Ask.Spacing, MidpointRounding.AwayFromZero));

    /// <summary>
    /// F/ℓ stitches, each of ℓ and the layers under it: on the average r of the strip, twice as many when it is doubled.
    /// </summary>
    public Length ThreadPerSide =>
        Edge
            * (
                1
                + Ask.Fullness
                    * (Ask.Strip.Doubled ? 2 : 1)
                    * Ask.Strip.ClothThickness
                    / Ask.Strip.StitchLength
            )
        + 2 * Ask.Strip.Tail;

    public Length ThreadTotal => 2 * 1.15 * ThreadPerSide;

    private SwatchPlan Swatch => SwatchPlan.For(Ask.Strip.CutDepth, Ask.Fullness, Ruler.Units);

    public override IReadOnlyList<Piece> Pieces => [Strips.Piece()];

    public override IReadOnlyList<Fact> Scrap => Swatch.Scrap(Ruler, "Fold it up to");

    public override IReadOnlyList<Need> Needs =>
        [
            new("cloth", Strips.ClothToBuy, Stage.Cut),
            new("thread", Together.Count * ThreadTotal, Stage.Keep),
        ];

    public override IReadOnlyList<Edge> Edges => [new("lower", "lower edge", FlatEdge)];

    public override Guide? Guide => StripGuide.Of(Strips, rows: false);

    public override Summary Summary => InShort.Of(Edge, Ask.Fullness, Ruler);

    public override IReadOnlyList<Fact> Facts =>
        [
            new("Fold depth", Ruler.Fine(Ask.Depth)),
            new(
                "A fold every",
                $"{DecimalText.Write(Ask.StitchesPerTuck)} stitches, {Ruler.Fine(Ask.Spacing)}"
            ),
            new("Fullness", DecimalText.Write(Ask.Fullness)),
            new("Folds", $"{TuckCount}"),
            new("Cloth used", Ruler.Cut(Strips.ClothToBuy)),
            new("Flat edge", Ruler.Whole(FlatEdge + Ask.Trim)),
            new("Of that to trim", Ruler.Mark(Ask.Trim)),
        ];

    public override IReadOnlyList<Caution> Cautions => Safety.Gathers;

    public override IReadOnlyList<PencilLine> Pencil(Ruler ruler)
    {
        return
        [
            new(
                "From fold to fold",
                $"{DecimalText.Write(Ask.StitchesPerTuck)} × {ruler.Fine(Ask.Strip.StitchLength)} = {ruler.Fine(Ask.Spacing)}",
                "The arm pushes once every so many stitches."
            ),
            new(
                "Fullness",
                $"1 + 2 × {ruler.Fine(Ask.Depth)} ÷ {ruler.Fine(Ask.Spacing)} = {DecimalText.Write(Ask.Fullness, 3)}",
                "Each fold takes twice its depth."
            ),
            new(
                "Flat edge",
                $"{ruler.Mark(Edge)} × {DecimalText.Write(Ask.Fullness, 3)} = {ruler.Mark(FlatEdge)}"
            ),
            new(
                "To cut",
                $"{ruler.Mark(FlatEdge)} + {ruler.Mark(Ask.Trim)} = {ruler.Cut(FlatEdge + Ask.Trim)}",
                "Nothing can be pulled to fit; what is over is trimmed."
            ),
            .. StripPencil
                .Of(Strips, ruler)
                .Where(l => l.Title is "Strips" or "Strip length" or "Depth" or "Cloth"),
        ];
    }

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        [
            FoldsDrawing.Of(this, ruler),
            GatheredDrawing.Of(Strips with { SewnFlat = Edge * Math.Min(12, Ask.Fullness) }),
            EdgesDrawing.Of(Strips),
            LayoutDrawing.Of(Strips, ruler),
        ];

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) =>
        Together.Steps(SewingSteps.Of(this, ruler));
}
