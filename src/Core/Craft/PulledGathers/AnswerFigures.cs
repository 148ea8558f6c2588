using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.PulledGathers;

/// <summary>The figures of the straight answer, by their names in the API.</summary>
internal static class AnswerFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        new("flatEdge", FigureShape.Length, "The flat edge wanted: fullness times finished edge."),
        new("stripCount", FigureShape.Count, "How many strips are cut."),
        new("stripLength", FigureShape.Length, "The length of each strip."),
        new("sewnFlat", FigureShape.Length, "The flat edge that the joined strips give."),
        new("achievedFullness", FigureShape.Ratio, "What comes out, never below what was asked."),
        new("cutDepth", FigureShape.Length, "The depth of each strip."),
        new("clothLength", FigureShape.Length, "The cloth taken, at the exact depth."),
        new(
            "clothToBuy",
            FigureShape.Length,
            "The cloth taken, at the depth as the cut list rounds it."
        ),
        new(
            "stripsAcross",
            FigureShape.Count,
            "How many strips lie side by side, cut along.",
            false
        ),
        new("joins", FigureShape.Count, "Seams between strips."),
        new("segments", FigureShape.Count, "How many parts both edges are divided into."),
        new("segmentFlat", FigureShape.Length, "One part of the strip."),
        new(
            "segmentGathered",
            FigureShape.Length,
            "One part of the plain edge: what it measures once pulled up."
        ),
        new("rowOffsets", FigureShape.Lengths, "Each row's distance from the raw edge."),
        new("rowsRemoved", FigureShape.Count, "Rows below the seam line, taken out at the end."),
        new(
            "threadPerRow",
            FigureShape.Length,
            "Thread for one row on each of needle and bobbin, tails included."
        ),
        new(
            "threadPerSide",
            FigureShape.Length,
            "Thread for all rows on each of needle and bobbin."
        ),
        new("threadTotal", FigureShape.Length, "Both sides and 15 % on top."),
        new("seamBulk", FigureShape.Length, "What passes under the foot when the seam is sewn."),
        new(
            "marks",
            FigureShape.Table,
            "The marks of both edges, each measured from one end.",
            Inner:
            [
                new("strip", FigureShape.Length, "On the strip, from the start of the gathers."),
                new("fromCutEnd", FigureShape.Length, "On the strip, from its cut end."),
                new("edge", FigureShape.Length, "On the plain edge."),
            ]
        ),
        new(
            "swatch",
            FigureShape.Group,
            "How to cut and mark a swatch.",
            Inner: SwatchPlan.Figures
        ),
        new(
            "suggested",
            FigureShape.Group,
            "The usual fullness for this cloth and use.",
            false,
            [
                new("low", FigureShape.Ratio, "The scant end."),
                new("middle", FigureShape.Ratio, "The middle."),
                new("high", FigureShape.Ratio, "The full end."),
                new("because", FigureShape.Text, "The reason."),
            ]
        ),
    ];

    public static void Tell(Answer a, IFigures to)
    {
        to.Length("flatEdge", a.FlatEdge, LengthKind.Marked);
        to.Count("stripCount", a.StripCount);
        to.Length("stripLength", a.StripLength, LengthKind.Cut);
        to.Length("sewnFlat", a.SewnFlat, LengthKind.Marked);
        to.Ratio("achievedFullness", a.AchievedFullness);
        to.Length("cutDepth", a.Ask.CutDepth, LengthKind.Cut);
        to.Length("clothLength", a.ClothLength, LengthKind.Cut);
        to.Length("clothToBuy", a.ClothToBuy, LengthKind.Cut);
        if (a.Ask.Along)
        {
            to.Count("stripsAcross", a.StripsAcross);
        }
        to.Count("joins", a.Joins);
        to.Count("segments", a.Segments);
        to.Length("segmentFlat", a.SegmentFlat, LengthKind.Marked);
        to.Length("segmentGathered", a.SegmentGathered, LengthKind.Marked);
        to.Lengths("rowOffsets", a.RowOffsets, LengthKind.Marked);
        to.Count("rowsRemoved", a.Ask.Rows.RowsRemoved);
        to.Length("threadPerRow", a.ThreadPerRow, LengthKind.Amount);
        to.Length("threadPerSide", a.ThreadPerSide, LengthKind.Amount);
        to.Length("threadTotal", a.ThreadTotal, LengthKind.Amount);
        to.Length("seamBulk", a.SeamBulk, LengthKind.Fine);
        to.Table(
            "marks",
            a.Segments + 1,
            (k, row) =>
            {
                row.Length("strip", a.StripMark(k), LengthKind.Tape);
                row.Length("fromCutEnd", a.MarkFromCutEnd(k), LengthKind.Tape);
                row.Length("edge", a.EdgeMark(k), LengthKind.Tape);
            }
        );
        to.Group("swatch", a.Swatch.Tell);
        if (a.Suggested is { } suggested)
        {
            to.Group(
                "suggested",
                group =>
                {
                    group.Ratio("low", suggested.Low);
                    group.Ratio("middle", suggested.Middle);
                    group.Ratio("high", suggested.High);
                    group.Text("because", suggested.Because);
                }
            );
        }
    }
}
