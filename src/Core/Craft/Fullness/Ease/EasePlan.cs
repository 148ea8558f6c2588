using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.Ease.EasePlan>;

namespace ZephyrReach.Core.Craft.Fullness.Ease;

/// <summary>What to mark and sew so that a longer stretch of an edge goes into a shorter one.</summary>
/// <param name="Plan">The stretch, as a strip of which nothing is cut.</param>
/// <param name="Before">Plain, before the first notch.</param>
/// <param name="After">Plain, after the second.</param>
internal sealed record EasePlan(StripPlan Plan, Length Before, Length After, double MostEase)
    : WorkPlan
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Ratio("fullness", "The longer edge over the shorter.", a => a.Plan.AchievedFullness),
        F.Marked("toEase", "How much longer it is; below 0 it is shorter.", a => a.ToEase),
        F.Ratio("mostEase", "Up to here this fabric eases in without a fold.", a => a.MostEase),
        F.Count("segments", "How many parts both are divided into.", a => a.Plan.Segments),
        F.Marked("segmentFlat", "One part of the longer edge.", a => a.Plan.SegmentFlat),
        F.Marked("segmentGathered", "One part of the shorter.", a => a.Plan.SegmentGathered),
        F.Lengths(
            "rowOffsets",
            LengthKind.Marked,
            "Each row's distance from the raw edge.",
            a => a.Plan.RowOffsets
        ),
        F.Count("rowsRemoved", "Rows taken out at the end.", a => a.Plan.Ask.Rows.RowsRemoved),
        F.Amount("threadPerRow", "Thread for one row, each side.", a => a.Plan.ThreadPerRow),
        F.Amount("threadTotal", "Both sides and 15 % on top.", a => a.Plan.ThreadTotal),
        F.Fine("seamBulk", "What passes under the foot in the seam.", a => a.Plan.SeamBulk),
        F.Table(
            "marks",
            "The marks of both edges, each from the first notch.",
            a => a.Plan.Marks,
            Figure<StripMarks>.Length(
                "strip",
                LengthKind.Tape,
                "On the longer edge.",
                m => m.Strip
            ),
            Figure<StripMarks>.Length("edge", LengthKind.Tape, "On the shorter edge.", m => m.Edge)
        ),
        F.Group("swatch", "How to cut and mark a swatch.", a => a.Swatch, SwatchPlan.Told),
        .. SharedFigures,
    ];

    public override IReadOnlyList<Figure> Figures => Told;

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

    private SwatchPlan Swatch =>
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
