using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Ease;

/// <summary>What to mark and sew so that a longer stretch of an edge goes into a shorter one.</summary>
/// <param name="Plan">The stretch, as a strip of which nothing is cut.</param>
/// <param name="Before">Plain, before the first notch.</param>
/// <param name="After">Plain, after the second.</param>
internal sealed record EasePlan(StripPlan Plan, Length Before, Length After, double MostEase)
    : WorkPlan
{
    public override IReadOnlyList<Figure> Figures => EaseFigures.All;

    public Length ToEase => Plan.FlatEdge - Plan.Ask.FinishedEdge;

    public override IReadOnlyList<Piece> Pieces => [];

    public override IReadOnlyList<Fact> Facts =>
        [
            new("Ease", Ruler.Mark(ToEase)),
            new("Fullness", DecimalText.Write(Plan.AchievedFullness)),
            new("Smooth up to a fullness of", DecimalText.Write(MostEase, 3)),
            new("Divide both edges into", $"every 1/{Plan.Segments}"),
            new(
                "Bobbin thread to wind",
                $"{Plan.RowOffsets.Count} × {Ruler.Write(Plan.ThreadToWind, LengthKind.Amount)}"
            ),
            TimeInAll,
        ];

    public override IReadOnlyList<Fact> Scrap => Swatch.Scrap(Ruler, "Ease it to");

    public override IReadOnlyList<Need> Needs =>
        [new("thread", Together.Count * (Plan.ThreadTotal + Plan.SeamThread()), Stage.Keep)];

    public override Guide? Guide => StripGuide.Of(Plan);

    public override Summary Summary =>
        new(
            $"{Ruler.Mark(Plan.FlatEdge)} into {Ruler.Mark(Plan.Ask.FinishedEdge)}",
            EaseDrawing.Small("in-short", "", Math.Clamp(Plan.AchievedFullness, 1, 6))
        );

    public override IReadOnlyList<Caution> Cautions => Safety.Gathers;

    internal SwatchPlan Swatch =>
        SwatchPlan.For(
            Length.FromMillimetres(150),
            Math.Max(1, Plan.AchievedFullness),
            Ruler.Units
        );

    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler)
    {
        string M(Length length) => ruler.Mark(length);
        var (a, ask) = (Plan, Plan.Ask);
        return
        [
            new("Ease", ruler.Sum($"{a.FlatEdge} − {ask.FinishedEdge} = {ToEase}")),
            new(
                "Fullness",
                ruler.Sum($"{a.FlatEdge} ÷ {ask.FinishedEdge} = {a.AchievedFullness:3}"),
                $"Up to {DecimalText.Write(MostEase, 3)} this fabric eases in without a fold."
            ),
            new(
                "Marks",
                ruler.Sum(
                    $"{a.FlatEdge} ÷ {a.Segments} = {a.SegmentFlat}; {ask.FinishedEdge} ÷ {a.Segments} = {a.SegmentGathered}"
                ),
                $"Halved until no part is over {M(Length.FromMillimetres(75))}."
            ),
            .. StripPencil
                .Of(a, ruler)
                .Where(l => l.Title is "Needle thread, and as much for the bobbin" or "Seam bulk"),
        ];
    }

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        [EaseDrawing.Edges(this), EaseDrawing.Drawn(this), CloseUpDrawing.Of(Plan, ruler)];

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) =>
        Together.Steps(PulledSteps.FromMarks(Plan, ruler));
}
