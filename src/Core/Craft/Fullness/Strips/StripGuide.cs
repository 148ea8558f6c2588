using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>The marks of both edges at true size: the top of the joined strip, and below it the plain edge; marks of one number meet.</summary>
internal static class StripGuide
{
    private static readonly Length Band = Length.FromMillimetres(30);
    private static readonly Length Between = Length.FromMillimetres(12);

    /// <summary>The marks of gathers that are pulled to them, with their rows.</summary>
    public static Guide Of(StripPlan plan) =>
        Of(
            plan,
            [.. plan.Marks.Select(m => (m.FromCutEnd, m.Edge))],
            "Above, the joined strip with its raw edge along the top; below, the plain edge: marks of one number meet.",
            rows: true
        );

    /// <summary>Thirds of what the machine draws up to the edge, where it is measured on the way; what lies beyond is to spare.</summary>
    /// <param name="flat">The length that goes to the edge, from the start of the strip.</param>
    public static Guide OfThirds(StripPlan plan, Length flat) =>
        Of(
            plan,
            [
                .. Enumerable
                    .Range(0, 4)
                    .Select(i => (flat * (i / 3d), plan.Ask.FinishedEdge * (i / 3d))),
            ],
            "Above, the joined strip with its raw edge along the top, and what is to spare beyond its last mark; below, the plain edge: at a mark the strip should measure what the edge does.",
            rows: false
        );

    private static Guide Of(
        StripPlan plan,
        IReadOnlyList<(Length Strip, Length Edge)> marks,
        string says,
        bool rows
    )
    {
        var joined = plan.SewnFlat + plan.Ask.BothEnds;
        var strip = rows ? Length.Max(Band, plan.RowOffsets.Max() + Band / 3) : Band;
        var plain = strip + Between;
        var (start, end) = (plan.MarkFromCutEnd(0), plan.MarkFromCutEnd(plan.Segments));
        List<GuideLine> lines = [];
        foreach (var (mark, i) in marks.Select((m, i) => (m, i + 1)))
        {
            lines.Add(Upright(i, mark.Strip, Length.Zero, strip, $"{i}"));
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
            says
        );
    }

    private static GuideLine Upright(int number, Length x, Length from, Length to, string label) =>
        new(number, new Point(x, from), new Point(x, to), LineMeaning.Chalk, label);
}
