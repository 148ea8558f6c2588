using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.Ease.EasePlan>;

namespace ZephyrReach.Core.Craft.Fullness.Ease;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class EaseFigures
{
    public static IReadOnlyList<Figure> All { get; } =
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
        .. WorkPlan.SharedFigures,
    ];
}
