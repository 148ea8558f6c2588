using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Fullness.TuckedRuffle;

/// <summary>What to cut and set for a ruffle in small folds.</summary>
/// <param name="Strips">The strips, as for pulled gathers of the same flat edge.</param>
/// <param name="FlatEdge">r·F.</param>
internal sealed record TuckedRufflePlan(TuckedRuffleInputs Ask, StripPlan Strips, Length FlatEdge)
    : WorkPlan
{
    public override IReadOnlyList<Figure> Figures => TuckedRuffleFigures.All;

    private Length Edge => Ask.Strip.FinishedEdge;

    public double Layers => Ask.Fullness;

    public Length Thickest => Strips.SeamBulk;

    /// <summary>How deep the screw folds, of what is planned, by swatches.</summary>
    public Dial Pushes => pushes ??= PleatDepth.Of(Ask.Samples, Ask.Depth);

    private Dial? pushes;

    /// <summary>How deep it likely folds as it stands; null where no swatch says it.</summary>
    public Length? Folds => Ask.Samples.Any(s => s.Counts) ? Ask.Depth * Pushes.Factor : null;

    /// <summary>
    /// What a strip of the same fullness would take, should the arm push deeper: as deep as it may by swatches, with the
    /// assurance; without any a tenth, the workshop rule being 5 to 10 %.
    /// </summary>
    public Length ShouldItPushDeeper => Edge * (1 + Deeper * (Ask.Fullness - 1));

    private double Deeper =>
        Folds is null ? 1.1 : Math.Max(1, Math.Exp(Pushes.Foretold.Quantile(Ask.Assurance)));

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

    internal SwatchPlan Swatch => SwatchPlan.For(Ask.Strip.CutDepth, Ask.Fullness, Ruler.Units);

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
            .. Folds is { } folds
                ? new Fact[]
                {
                    new(
                        "The screw folds, by your swatches",
                        $"{Ruler.Fine(folds)}, from {Ruler.Fine(Ask.Depth * Pushes.Predicted.Low)} to {Ruler.Fine(Ask.Depth * Pushes.Predicted.High)}"
                    ),
                }
                : [],
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
            TimeInAll,
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
