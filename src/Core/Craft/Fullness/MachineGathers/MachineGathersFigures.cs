using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.MachineGathers.MachineGathersPlan>;

namespace ZephyrReach.Core.Craft.Fullness.MachineGathers;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class MachineGathersFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        .. F.From(a => a.Ask.Reading, Craft.Fullness.PullUp.PullUpReading.Told),
        F.Cut("cutLength", "Flat, enough with the assurance.", a => a.CutLength),
        F.Cut("flatEdge", "The same with what is trimmed.", a => a.CutLength + a.Ask.Trim),
        F.Marked("expectedSurplus", "What will likely be over.", a => a.Surplus(a.Likely.Mid)),
        F.Marked(
            "surplusLow",
            "The least that may be over; below 0 is short.",
            a => a.Surplus(a.Likely.High)
        ),
        F.Marked("surplusHigh", "The most that may be over.", a => a.Surplus(a.Likely.Low)),
        F.Count("stripCount", "How many strips are cut.", a => a.Strips.StripCount),
        F.Cut("stripLength", "Of each strip.", a => a.Strips.StripLength),
        F.Length(
            "sewnFlat",
            LengthKind.Whole,
            "What the joined strips give.",
            a => a.Strips.SewnFlat
        ),
        F.Cut("cutDepth", "Of each strip.", a => a.Ask.Piece.CutDepth),
        F.Cut("clothToBuy", "The fabric that the strips take.", a => a.Strips.ClothToBuy),
        F.Count("joins", "Seams between strips.", a => a.Strips.Joins),
        F.Count(
            "segments",
            "How many parts both edges are divided into, as a check.",
            a => a.Strips.Segments
        ),
        F.Marked("segmentFlat", "One part of the strip.", a => a.Strips.SegmentFlat),
        F.Marked("segmentGathered", "One part of the plain edge.", a => a.Strips.SegmentGathered),
        F.Amount("threadPerSide", "Needle thread for all passes.", a => a.ThreadPerSide),
        F.Fine("seamBulk", "What passes under the foot in the seam.", a => a.Strips.SeamBulk),
        F.Group("swatch", "How to cut and mark a swatch.", a => a.Swatch, SwatchPlan.Told),
        .. WorkPlan.SharedFigures,
    ];
}
