using ZephyrReach.Core.Craft.PulledGathers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;
using Strips = ZephyrReach.Core.Craft.PulledGathers.Answer;

namespace ZephyrReach.Core.Craft.TuckedRuffle;

/// <summary>What to cut and set for a ruffle in small folds.</summary>
/// <param name="Strips">The strips, as for pulled gathers of the same flat edge.</param>
/// <param name="FlatEdge">r·F.</param>
internal sealed record Answer(Ask Ask, Strips Strips, Length FlatEdge) : PiecedReckoning
{
    public static IReadOnlyList<Figure> Figures { get; } =
    [
        new("tuckSpacing", FigureShape.Length, "S = N·ℓ, from fold to fold."),
        new("tuckDepth", FigureShape.Length, "p, how far the arm pushes."),
        new("takeUp", FigureShape.Length, "u = 2p, what each fold takes."),
        new("fullness", FigureShape.Ratio, "r = 1 + 2p/S."),
        new("tuckCount", FigureShape.Count, "Folds on the edge."),
        new("overlap", FigureShape.Ratio, "p/S; 1 where each fold just touches the next."),
        new("flatEdge", FigureShape.Length, "r·F."),
        new("cutLength", FigureShape.Length, "With what is trimmed."),
        new("stripCount", FigureShape.Count, "How many strips are cut."),
        new("stripLength", FigureShape.Length, "Of each strip."),
        new("cutDepth", FigureShape.Length, "Of each strip."),
        new("clothToBuy", FigureShape.Length, "The cloth that the strips take."),
        new("joins", FigureShape.Count, "Seams between strips."),
        new("threadPerSide", FigureShape.Length, "Needle thread, and bobbin thread alike."),
        new(
            "swatch",
            FigureShape.Group,
            "How to cut and mark a swatch.",
            Inner: SwatchPlan.Figures
        ),
        .. SharedFigures,
    ];

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

    private SwatchPlan Swatch =>
        Strips.Swatch with
        {
            GathersTo = Strips.Swatch.MarkedFlat / Ask.Fullness,
        };

    public override IReadOnlyList<Piece> Pieces =>
        [
            new(
                Strips.StripCount,
                Strips.StripCount == 1 ? "strip" : "strips",
                Strips.StripLength,
                Ask.Strip.CutDepth
            ),
        ];

    public override IReadOnlyList<Fact> Facts =>
        [
            new("Fold depth", Ruler.Write(Ask.Depth, LengthKind.Fine)),
            new(
                "A fold every",
                $"{DecimalText.Write(Ask.StitchesPerTuck)} stitches, {Ruler.Write(Ask.Spacing, LengthKind.Fine)}"
            ),
            new("Fullness", DecimalText.Write(Ask.Fullness)),
            new("Folds", $"{TuckCount}"),
            new("Cloth used", Ruler.Cut(Strips.ClothToBuy)),
            new("Flat edge", $"{Ruler.Mark(FlatEdge)} and {Ruler.Mark(Ask.Trim)} to trim"),
        ];

    public override IReadOnlyList<Caution> Cautions => Safety.All;

    protected override void TellOwn(IFigures figures)
    {
        figures.Length("tuckSpacing", Ask.Spacing, LengthKind.Fine);
        figures.Length("tuckDepth", Ask.Depth, LengthKind.Fine);
        figures.Length("takeUp", 2 * Ask.Depth, LengthKind.Fine);
        figures.Ratio("fullness", Ask.Fullness);
        figures.Count("tuckCount", TuckCount);
        figures.Ratio("overlap", Overlap);
        figures.Length("flatEdge", FlatEdge, LengthKind.Marked);
        figures.Length("cutLength", FlatEdge + Ask.Trim, LengthKind.Cut);
        figures.Count("stripCount", Strips.StripCount);
        figures.Length("stripLength", Strips.StripLength, LengthKind.Cut);
        figures.Length("cutDepth", Ask.Strip.CutDepth, LengthKind.Cut);
        figures.Length("clothToBuy", Strips.ClothToBuy, LengthKind.Cut);
        figures.Count("joins", Strips.Joins);
        figures.Length("threadPerSide", ThreadPerSide, LengthKind.Amount);
        figures.Group("swatch", Swatch.Tell);
    }

    public override IReadOnlyList<PencilLine> Pencil(Ruler ruler)
    {
        string Fine(Length length) => ruler.Write(length, LengthKind.Fine);
        return
        [
            new(
                "From fold to fold",
                $"{DecimalText.Write(Ask.StitchesPerTuck)} × {Fine(Ask.Strip.StitchLength)} = {Fine(Ask.Spacing)}",
                "The arm pushes once every so many stitches."
            ),
            new(
                "Fullness",
                $"1 + 2 × {Fine(Ask.Depth)} ÷ {Fine(Ask.Spacing)} = {DecimalText.Write(Ask.Fullness, 3)}",
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
            .. PencilWork
                .Of(Strips, ruler)
                .Where(l => l.Title is "Strips" or "Strip length" or "Depth" or "Cloth"),
        ];
    }

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        [
            FoldsDrawing.Of(this, ruler),
            GatheredDrawing.Of(Strips with { SewnFlat = Edge * Math.Min(12, Ask.Fullness) }),
            LayoutDrawing.Of(Strips, ruler),
        ];

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) => SewingSteps.Of(this, ruler);
}
