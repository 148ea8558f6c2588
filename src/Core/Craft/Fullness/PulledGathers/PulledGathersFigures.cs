using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.PulledGathers.PulledGathersPlan>;

namespace ZephyrReach.Core.Craft.Fullness.PulledGathers;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class PulledGathersFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        F.Length(
            "flatEdge",
            LengthKind.Whole,
            "The flat edge wanted: fullness times finished edge.",
            a => a.Strips.FlatEdge
        ),
        F.Count("stripCount", "How many strips are cut.", a => a.Strips.StripCount),
        F.Cut("stripLength", "The length of each strip.", a => a.Strips.StripLength),
        F.Length(
            "sewnFlat",
            LengthKind.Whole,
            "The flat edge that the joined strips give.",
            a => a.Strips.SewnFlat
        ),
        F.Ratio(
            "achievedFullness",
            "What comes out, never below what was asked.",
            a => a.Strips.AchievedFullness
        ),
        F.Cut("cutDepth", "The depth of each strip.", a => a.Strips.Ask.CutDepth),
        F.Cut("clothLength", "The fabric taken, at the exact depth.", a => a.Strips.ClothLength),
        F.Cut(
            "clothToBuy",
            "The fabric taken, at the depth as the cutting list rounds it.",
            a => a.Strips.ClothToBuy
        ),
        F.Count(
            "stripsAcross",
            "How many strips lie side by side, cut along.",
            a => a.Strips.Ask.Along ? a.Strips.StripsAcross : (int?)null
        ),
        F.Count("joins", "Seams between strips.", a => a.Strips.Joins),
        F.Count("segments", "How many parts both edges are divided into.", a => a.Strips.Segments),
        F.Marked("segmentFlat", "One part of the strip.", a => a.Strips.SegmentFlat),
        F.Marked(
            "segmentGathered",
            "One part of the plain edge: what it measures once pulled up.",
            a => a.Strips.SegmentGathered
        ),
        F.Lengths(
            "rowOffsets",
            LengthKind.Marked,
            "Each row's distance from the raw edge.",
            a => a.Strips.RowOffsets
        ),
        F.Count(
            "rowsRemoved",
            "Rows below the seam line, taken out at the end.",
            a => a.Strips.Ask.Rows.RowsRemoved
        ),
        F.Amount(
            "threadPerRow",
            "Thread for one row on each of needle and bobbin, tails included.",
            a => a.Strips.ThreadPerRow
        ),
        F.Amount(
            "threadPerSide",
            "Thread for all rows on each of needle and bobbin.",
            a => a.Strips.ThreadPerSide
        ),
        F.Amount("threadTotal", "Both sides and 15 % on top.", a => a.Strips.ThreadTotal),
        F.Fine(
            "seamBulk",
            "What passes under the foot when the seam is sewn.",
            a => a.Strips.SeamBulk
        ),
        F.Table(
            "marks",
            "The marks of both edges, each measured from one end.",
            a => a.Strips.Marks,
            Figure<StripMarks>.Length(
                "strip",
                LengthKind.Tape,
                "On the strip, from the start of the gathers.",
                m => m.Strip
            ),
            Figure<StripMarks>.Length(
                "fromCutEnd",
                LengthKind.Tape,
                "On the strip, from its cut end.",
                m => m.FromCutEnd
            ),
            Figure<StripMarks>.Length("edge", LengthKind.Tape, "On the plain edge.", m => m.Edge)
        ),
        F.Group("swatch", "How to cut and mark a swatch.", a => a.Swatch, SwatchPlan.Told),
        F.Group(
            "suggested",
            "The usual fullness for this fabric and use.",
            a => a.Strips.Suggested,
            [
                Figure<SuggestedFullness>.Ratio("low", "The sparse end.", s => s.Low),
                Figure<SuggestedFullness>.Ratio("middle", "The middle.", s => s.Middle),
                Figure<SuggestedFullness>.Ratio("high", "The full end.", s => s.High),
                Figure<SuggestedFullness>.Text("because", "The reason.", s => s.Because),
            ],
            false
        ),
        .. WorkPlan.SharedFigures,
    ];
}
