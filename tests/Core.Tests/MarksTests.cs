using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Tests;

namespace ZephyrReach.Core.Tests;

/// <summary>The guide at true size, the cut list and the drawings come from one geometry.</summary>
public class MarksTests
{
    /// <summary>Those whose guide is the piece that is cut, edge for edge.</summary>
    public static TheoryData<string> OfThePiece() =>
        ["shirring", "pintucks", "stitch-rows", "bridged-seam"];

    [Theory]
    [MemberData(nameof(OfThePiece))]
    public void The_guide_is_as_large_as_what_is_cut_and_its_lines_are_those_of_the_drawing(
        string name
    )
    {
        var form = Techniques.WorkingOf(name)!.Forward;
        var chance = new Random(6);
        var came = 0;
        for (var i = 0; i < 120 * Deep.Times; i++)
        {
            var ruler = i % 2 == 0 ? Ruler.Metric : Ruler.Imperial;
            var ask = i < 2 ? form.Example : AnyAskTests.Changed(form, chance);
            // What cannot be sewn has marks beside the cloth, and says so.
            if (
                form.Compute(ask, ruler).Answer is not WorkPlan { Guide: { } guide } plan
                || plan.Findings.Any(f => f.Severity == Findings.Severity.Stop)
            )
            {
                continue;
            }
            var piece = plan.Pieces[0];
            var joined = plan.Pieces[0].Count / Math.Max(1, plan.Together.Count);
            if (joined == 1 || name == "bridged-seam")
            {
                Near(guide.Width, piece.Length, ruler.Cutting);
            }
            Near(guide.Height, piece.Depth, ruler.Cutting);
            // What is cut is written as it is drawn: a text that is rounded up is the size of the outline.
            if (piece.LengthKind == LengthKind.Cut && name is "pintucks" or "stitch-rows")
            {
                Near(
                    Rounding.Up(piece.Length, ruler.Cutting),
                    guide.Width,
                    Length.FromMillimetres(0.001)
                );
            }
            foreach (var line in guide.Lines)
            {
                Inside(line.From, guide);
                Inside(line.To, guide);
            }
            // Where the flat piece is drawn, it has a line wherever the guide has one.
            if (
                plan.Drawings(ruler).FirstOrDefault(d => d.IsForCutting && Same(d, guide))
                    is { } drawn
                && guide.Lines.Count < 120
            )
            {
                var lines = drawn
                    .Shapes.OfType<ClothLine>()
                    .Select(l => (l.From, l.To))
                    .Concat(
                        drawn
                            .Shapes.OfType<PathShape>()
                            .Where(p => p.Path.Steps.All(s => s is LineTo))
                            .SelectMany(p =>
                                p.Path.Steps.Select(
                                        (s, n) =>
                                            (n == 0 ? p.Path.Start : p.Path.Steps[n - 1].To, s.To)
                                    )
                                    .Append((p.Path.Steps[^1].To, p.Path.Start))
                            )
                    )
                    .ToList();
                foreach (
                    var line in guide.Lines.Where(l =>
                        l.Meaning != LineMeaning.Hem
                        && (name != "pintucks" || l.Meaning != LineMeaning.Chalk)
                    )
                )
                {
                    lines.ShouldContain(
                        l => Matches(l.Item1, l.Item2, line),
                        $"{name}: {line} of {string.Join(", ", ask.Values.Select(v => v.Key))}"
                    );
                }
                came++;
            }
        }
        came.ShouldBeGreaterThan(name == "bridged-seam" ? -1 : 15);
    }

    [Theory]
    [InlineData("pulled-gathers")]
    [InlineData("ease")]
    [InlineData("gathering-foot")]
    [InlineData("overlock-gathers")]
    [InlineData("tucked-ruffle")]
    public void The_marks_of_both_edges_are_as_far_apart_on_the_guide_as_the_step_says(string name)
    {
        var form = Techniques.WorkingOf(name)!.Forward;
        var chance = new Random(6);
        var came = 0;
        for (var i = 0; i < 120 * Deep.Times; i++)
        {
            var ruler = i % 2 == 0 ? Ruler.Metric : Ruler.Imperial;
            var ask = i < 2 ? form.Example : AnyAskTests.Changed(form, chance);
            if (form.Compute(ask, ruler).Answer is not WorkPlan { Guide: { } guide } plan)
            {
                continue;
            }
            var marks = guide.Lines.Where(l => l.Meaning == LineMeaning.Chalk).ToList();
            var strip = Apart(marks.Where(l => l.From.Y == Length.Zero));
            var edge = Apart(marks.Where(l => l.From.Y > Length.Zero));
            plan.Steps(ruler)
                .Select(s => string.Join(' ', s.Checks.Prepend(s.Says)))
                .ShouldContain(
                    s => s.Contains(ruler.Mark(strip)) && s.Contains(ruler.Mark(edge)),
                    $"{name}: {ruler.Mark(strip)}, {ruler.Mark(edge)}"
                );
            came++;
        }
        came.ShouldBeGreaterThan(40);

        // All of one edge lie equally far apart.
        static Length Apart(IEnumerable<GuideLine> marks)
        {
            var at = marks.Select(l => l.From.X).Order().ToList();
            var apart = at.Zip(at.Skip(1), (a, b) => b - a).ToList();
            apart.ShouldAllBe(d => Length.Difference(d, apart[0]).Millimetres < 1e-6);
            return apart[0];
        }
    }

    private static bool Same(Drawing drawing, Guide guide) =>
        Length.Difference(drawing.Width, guide.Width).Millimetres < 0.01
        && Length.Difference(drawing.Height, guide.Height).Millimetres < 0.01;

    private static bool Matches(Point from, Point to, GuideLine line) =>
        (IsNear(from, line.From) && IsNear(to, line.To))
        || (IsNear(from, line.To) && IsNear(to, line.From));

    private static bool IsNear(Point a, Point b) =>
        Length.Difference(a.X, b.X).Millimetres < 0.01
        && Length.Difference(a.Y, b.Y).Millimetres < 0.01;

    private static void Near(Length one, Length other, Length within) =>
        Length
            .Difference(one, other)
            .Millimetres.ShouldBeLessThanOrEqualTo(within.Millimetres + 1e-6);

    private static void Inside(Point point, Guide guide)
    {
        point.X.Millimetres.ShouldBeInRange(-0.01, guide.Width.Millimetres + 0.01);
        point.Y.Millimetres.ShouldBeInRange(-0.01, guide.Height.Millimetres + 0.01);
    }
}
