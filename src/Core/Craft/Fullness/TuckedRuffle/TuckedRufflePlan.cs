using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.TuckedRuffle.TuckedRufflePlan>;

namespace ZephyrReach.Core.Craft.Fullness.TuckedRuffle;

/// <summary>What to cut and set for a ruffle in small folds.</summary>
/// <param name="Strips">The strips, as for pulled gathers of the same flat edge.</param>
/// <param name="FlatEdge">r·F.</param>
internal sealed record TuckedRufflePlan(TuckedRuffleInputs Ask, StripPlan Strips, Length FlatEdge)
    : WorkPlan
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Fine("tuckSpacing", "S = N·ℓ, from fold to fold.", a => a.Ask.Spacing),
        F.Fine("tuckDepth", "p, how deep a fold lies; the arm pushes 2p.", a => a.Ask.Depth),
        F.Fine("takeUp", "u = 2p, what each fold takes.", a => 2 * a.Ask.Depth),
        F.Ratio("fullness", "r = 1 + 2p/S.", a => a.Ask.Fullness),
        F.Count("tuckCount", "Folds on the edge.", a => a.TuckCount),
        F.Ratio("overlap", "p/S; 1 where each fold just touches the next.", a => a.Overlap),
        F.Length("flatEdge", LengthKind.Whole, "r·F.", a => a.FlatEdge),
        F.Cut("cutLength", "With what is trimmed.", a => a.FlatEdge + a.Ask.Trim),
        F.Count("stripCount", "How many strips are cut.", a => a.Strips.StripCount),
        F.Cut("stripLength", "Of each strip.", a => a.Strips.StripLength),
        F.Cut("cutDepth", "Of each strip.", a => a.Ask.Strip.CutDepth),
        F.Cut("clothToBuy", "The fabric that the strips take.", a => a.Strips.ClothToBuy),
        F.Count("joins", "Seams between strips.", a => a.Strips.Joins),
        F.Ratio(
            "layers",
            "Layers of the strip under the foot, on the mean: 1 + 2p/S.",
            a => a.Layers
        ),
        F.Fine(
            "thickest",
            "At a fold: three layers of the strip, and the plain edge.",
            a => a.Thickest
        ),
        F.Amount("threadPerSide", "Needle thread, and bobbin thread alike.", a => a.ThreadPerSide),
        F.Group("swatch", "How to cut and mark a swatch.", a => a.Swatch, SwatchPlan.Told),
        .. SharedFigures,
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    private Length Edge => Ask.Strip.FinishedEdge;

    public double Layers => Ask.Fullness;

    public Length Thickest => Strips.SeamBulk;

    /// <summary>What a strip of the same fullness would take, should the arm push a tenth deeper: workshop rule, 5 to 10 %.</summary>
    public Length ShouldItPushDeeper => Edge * (1 + 1.1 * (Ask.Fullness - 1));

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

    public Length ThreadTotal => ThreadUse.OfBoth(ThreadPerSide);

    private SwatchPlan Swatch => SwatchPlan.For(Ask.Strip.CutDepth, Ask.Fullness, Ruler.Units);

    public override IReadOnlyList<Piece> Pieces => [Strips.Piece];

    public override IReadOnlyList<Fact> Scrap => Swatch.Scrap(Ruler, "It should pleat up to");

    public override IReadOnlyList<Need> Needs =>
        [
            new("cloth", Strips.ClothToBuy, Stage.Cut),
            new("thread", Together.Count * (ThreadTotal + Strips.SeamThread()), Stage.Keep),
        ];

    public override IReadOnlyList<Edge> Edges => [new("lower", "lower edge", FlatEdge)];

    public override Guide? Guide => StripGuide.OfThirds(Strips, FlatEdge);

    public override Summary Summary => InShort.Of(Edge, Ask.Fullness, Ruler);

    public override IReadOnlyList<Fact> Facts =>
        [
            new(
                "Pleat depth",
                $"{Ruler.Fine(Ask.Depth)}: the arm pushes {Ruler.Fine(2 * Ask.Depth)}"
            ),
            new(
                "Stitches per pleat",
                $"{DecimalText.Write(Ask.StitchesPerTuck)} stitches, {Ruler.Fine(Ask.Spacing)}"
            ),
            new("Fullness", DecimalText.Write(Ask.Fullness)),
            new("Folds", $"{TuckCount}"),
            new(
                "Under the foot",
                $"{Ruler.Fine(Thickest)} at a fold, {DecimalText.Write(Layers)} layers on the mean"
            ),
            new("Fabric needed", Ruler.Cut(Strips.ClothToBuy)),
            new("Total flat length", Ruler.Whole(FlatEdge + Ask.Trim)),
            new("of which trimmed off", Ruler.Mark(Ask.Trim)),
        ];

    public override IReadOnlyList<Caution> Cautions => Safety.Gathers;

    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler)
    {
        return
        [
            new(
                "From fold to fold",
                ruler.Sum(
                    $"{Ask.StitchesPerTuck:2} × {Ask.Strip.StitchLength:fine} = {Ask.Spacing:fine}"
                ),
                "The arm pushes once every so many stitches."
            ),
            new(
                "Fullness",
                ruler.Sum($"1 + 2 × {Ask.Depth:fine} ÷ {Ask.Spacing:fine} = {Ask.Fullness:3}"),
                "Each fold takes twice its depth: what the arm pushes."
            ),
            new("Total flat length", ruler.Sum($"{Edge} × {Ask.Fullness:3} = {FlatEdge}")),
            new(
                "To cut",
                ruler.Sum($"{FlatEdge} + {Ask.Trim} = {FlatEdge + Ask.Trim:cut}"),
                "Nothing can be pulled to fit; what is over is trimmed."
            ),
            .. StripPencil
                .Of(Strips, ruler)
                .Where(l => l.Title is "Strips" or "Strip length" or "Depth" or "Fabric"),
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
        Together.Steps(TuckedRuffleSteps.Of(this, ruler));
}
