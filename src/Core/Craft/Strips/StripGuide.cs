using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Strips;

/// <summary>The marks of both edges at true size: the top of the joined strip, and below it the plain edge; marks of one number meet.</summary>
internal static class StripGuide
{
    private static readonly Length Band = Length.FromMillimetres(30);
    private static readonly Length Between = Length.FromMillimetres(12);

    /// <param name="rows">Whether the rows of gathering are drawn in.</param>
    public static Guide Of(StripPlan plan, bool rows)
    {
        var joined = plan.SewnFlat + plan.Ask.BothEnds;
        var strip = rows ? Length.Max(Band, plan.RowOffsets.Max() + Band / 3) : Band;
        var plain = strip + Between;
        var (start, end) = (plan.MarkFromCutEnd(0), plan.MarkFromCutEnd(plan.Segments));
        List<GuideLine> lines = [];
        foreach (var (mark, i) in plan.Marks.Select((m, i) => (m, i + 1)))
        {
            lines.Add(Upright(i, mark.FromCutEnd, Length.Zero, strip, $"{i}"));
            lines.Add(Upright(i, mark.Edge, plain, plain + Band, $"{i}"));
        }
        foreach (var row in rows ? plan.RowOffsets : [])
        {
            lines.Add(
                new GuideLine(0, new Point(start, row), new Point(end, row), LineMeaning.Stitch)
            );
        }
        lines.Add(
            new GuideLine(
                0,
                new Point(Length.Zero, strip),
                new Point(joined, strip),
                LineMeaning.Fold,
                "the strip"
            )
        );
        lines.Add(
            new GuideLine(
                0,
                new Point(Length.Zero, plain),
                new Point(plan.Ask.FinishedEdge, plain),
                LineMeaning.Seam,
                "the plain edge"
            )
        );
        return new Guide(
            "Marks of both edges",
            Length.Max(joined, plan.Ask.FinishedEdge),
            plain + Band,
            lines,
            "Above, the joined strip with its raw edge along the top; below, the plain edge: marks of one number meet."
        );
    }

    private static GuideLine Upright(int number, Length x, Length from, Length to, string label) =>
        new(number, new Point(x, from), new Point(x, to), LineMeaning.Chalk, label);
}
