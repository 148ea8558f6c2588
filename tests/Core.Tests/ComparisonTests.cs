using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Tests;

namespace ZephyrReach.Core.Tests;

/// <summary>Whether what was cut still serves: right for any two plans of any technique.</summary>
public class ComparisonTests
{
    public static TheoryData<string> Worked() => ContractTests.Worked();

    /// <summary>
    /// What was cut serves if and only if every piece of the plan now is there, as many and none smaller; pieces are told
    /// from their outlines here, and not by asking them.
    /// </summary>
    [Theory]
    [MemberData(nameof(Worked))]
    public void Says_that_it_serves_just_where_every_piece_is_as_large(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        Gen.Select(Gen.Int[0, int.MaxValue], Gen.Int[0, int.MaxValue])
            .Sample(
                (before, after) =>
                {
                    var then = Plan(working, before);
                    var now = Plan(working, after);
                    if (then is null || now is null)
                    {
                        return true;
                    }
                    var comparison = Comparison.Of(then, now, Ruler.Metric);
                    var codes = comparison.Findings.Select(f => f.Code).ToList();
                    var serves = now.Pieces.All(p =>
                        then.Pieces.Any(w =>
                            w.Key == p.Key
                            && w.Of == p.Of
                            && w.Count >= p.Count
                            // What was cut on the bias is no strip along the thread.
                            && w.OnBias == p.OnBias
                            && (
                                IsBox(w.Outline) && IsBox(p.Outline)
                                    ? Reaches(w.Outline.Bounds.Width, p.Outline.Bounds.Width)
                                        && Reaches(w.Outline.Bounds.Height, p.Outline.Bounds.Height)
                                    // Of what has a form of its own only the same form serves.
                                    : w.Outline.Data == p.Outline.Data
                            )
                        )
                    );
                    return comparison.Differences.Count == 0
                        ? codes.Count == 0 && serves
                        : codes.SequenceEqual([serves ? "cut-serves" : "cut-too-short"]);
                },
                iter: 100 * Deep.Times
            );
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void The_same_plan_in_other_units_is_the_same(string name)
    {
        var (metric, imperial) = (
            ContractTests.Plan(name, Ruler.Metric),
            ContractTests.Plan(name, Ruler.Imperial)
        );

        // Only what is rounded up to a cutting step may differ, and by less than a step.
        foreach (var (a, b) in metric.Pieces.Zip(imperial.Pieces))
        {
            a.Key.ShouldBe(b.Key);
            (a.Length - b.Length).Millimetres.ShouldBeInRange(-10, 10);
            (a.Depth - b.Depth).Millimetres.ShouldBeInRange(-10, 10);
        }
    }

    private static bool IsBox(Core.Drawings.Path outline) =>
        outline is { IsClosed: true, Steps.Count: 3 }
        && outline.Points.All(p =>
            (p.X == outline.Bounds.From.X || p.X == outline.Bounds.To.X)
            && (p.Y == outline.Bounds.From.Y || p.Y == outline.Bounds.To.Y)
        );

    [Fact]
    public void A_piece_that_is_no_rectangle_serves_only_its_own_shape()
    {
        var round = Round(40);

        round.Serves(Round(40)).ShouldBeTrue();
        round.Serves(Round(30)).ShouldBeFalse();
        round.Serves(round with { OnBias = true }).ShouldBeFalse();
        Piece
            .Rectangle("a", 2, "a", Mm(50), Mm(50))
            .Serves(Piece.Rectangle("a", 1, "a", Mm(50), Mm(49)))
            .ShouldBeTrue();

        static Piece Round(double radius) =>
            new(
                "disc",
                1,
                "disc",
                new Core.Drawings.Path(
                    Point.At(0, radius),
                    [
                        new ArcTo(Point.At(2 * radius, radius), Mm(radius), true),
                        new ArcTo(Point.At(0, radius), Mm(radius), true),
                    ],
                    true
                )
            );
    }

    private static WorkPlan? Plan(Process working, int seed) =>
        working
            .Forward.Compute(AnyAskTests.Changed(working.Forward, new Random(seed)), Ruler.Metric)
            .Answer as WorkPlan;

    private static bool Reaches(Length was, Length wanted) =>
        was.Millimetres >= wanted.Millimetres - 0.001;

    private static Length Mm(double mm) => Length.FromMillimetres(mm);
}
