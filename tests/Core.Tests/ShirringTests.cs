using Shouldly;
using Xunit;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>Rows of elastic over a part, slanting, in waves and round a neckline; and the pleats of a ruffle that swatches teach.</summary>
public sealed class ShirringTests
{
    private static readonly Process Shirring = Techniques.WorkingOf("shirring")!;

    /// <summary>How much higher than at rest rows of a shape are cut, by a walk of ten thousand steps along one of them.</summary>
    /// <param name="r">How many times they draw up.</param>
    internal static double Heightens(
        string shape,
        double angle,
        double waveHeight,
        double waveLength,
        double r
    )
    {
        const int steps = 10_000;
        double Left(double row) =>
            Math.Sqrt(Math.Pow(Math.Sin(row) / r, 2) + Math.Pow(Math.Cos(row), 2));
        return shape switch
        {
            "diagonal" => 1 / Left(angle * Math.PI / 180),
            "waves" => steps
                / Enumerable
                    .Range(0, steps)
                    .Sum(i =>
                        Left(
                            Math.Atan(
                                Math.PI
                                    * waveHeight
                                    / waveLength
                                    * Math.Cos(2 * Math.PI * i / steps)
                            )
                        )
                    ),
            _ => 1,
        };
    }

    [Theory]
    [InlineData(15)]
    [InlineData(45)]
    [InlineData(70)]
    public void Slanting_rows_cover_the_panel_as_close_as_they_are_asked_for(double angle)
    {
        var plan = Plan(("rowShape", "diagonal"), ("rowAngle", angle), ("layout", "rows"));
        var told = Captured.From(plan);
        var flat = plan.Drawings(Ruler.Metric).Single(d => d.Name == "flat");
        var rows = flat
            .Shapes.OfType<ClothLine>()
            .Where(l => l.Meaning == LineMeaning.Stitch)
            .ToList();

        rows.Count.ShouldBe((int)told["rows"]);
        foreach (var row in rows)
        {
            var rises = (row.To.Y - row.From.Y).Millimetres;
            var runs = (row.To.X - row.From.X).Millimetres;
            (Math.Atan2(rises, runs) * 180 / Math.PI).ShouldBe(angle, 1e-6);
        }
        // Rows a gap apart over an area: together as long as the area over the gap, but for what is lost at its edges.
        var (wide, high) = (told["partWidth"], flat.Height.Millimetres - 2 * 12 - 30);
        told["rowsLength"].ShouldBe(wide * high / 8, (wide + high) * 1.1);
    }

    [Fact]
    public void Rows_that_draw_the_height_in_draw_the_width_in_less()
    {
        double Wide(string shape) =>
            Captured.From(Plan(("rowShape", shape), ("layout", "rows")))["sureWidth"];

        Wide("diagonal").ShouldBeLessThan(Wide("straight"));
        Wide("waves").ShouldBeLessThan(Wide("straight"));
        // Flatter and flatter, a wave is a straight row.
        Captured
            .From(Plan(("rowShape", "waves"), ("waveHeight", 1), ("waveLength", 2000)))["sureWidth"]
            .ShouldBe(Wide("straight"), 0.01);
    }

    [Fact]
    public void A_neckline_is_cut_as_a_ring_whose_inner_edge_is_as_long_as_it_is_flat()
    {
        var plan = Plan(
            ("rowShape", "neckline"),
            ("neckRadius", 400),
            ("edgeAllowance", 0),
            ("seamAllowance", 0),
            ("layout", "rows")
        );
        var told = Captured.From(plan);
        var inner = plan.Pieces[0].Outline.Steps.OfType<ArcTo>().First();

        inner.Radius.Millimetres.ShouldBe(400, 1e-9);
        var (from, to) = (plan.Pieces[0].Outline.Start, inner.To);
        var chord = Math.Sqrt(
            Math.Pow((to.X - from.X).Millimetres, 2) + Math.Pow((to.Y - from.Y).Millimetres, 2)
        );
        var angle = 2 * Math.Asin(Math.Min(1, chord / 800));
        (400 * (inner.IsLong ? 2 * Math.PI - angle : angle)).ShouldBe(told["partWidth"], 0.01);
        Plan(("rowShape", "neckline"), ("neckRadius", 60))
            .Findings.ShouldContain(f => f.Code == "ring-closes");
    }

    /// <summary>At the machine every row has its own press, on both sides where there are two, and no row two.</summary>
    [Theory]
    [InlineData("whole", 1)]
    [InlineData("sides", 2)]
    public void Every_row_is_counted_once(string over, int sides)
    {
        var plan = Plan(("rowsOver", over), ("plainWidth", over == "sides" ? 100 : 0));
        var rows = (int)Captured.From(plan)["rows"];
        var steps = plan.Steps(Ruler.Metric);
        var nears = plan.Drawings(Ruler.Metric).Single(d => d.Name == "flat").Nears;

        var counted = steps
            .SelectMany(s => s.Stops)
            .Select(s => nears[s.Near].Label)
            .Append("row 1")
            .ToList();

        // The first row is a step of its own, and on the other side one of the rows.
        counted.Count.ShouldBe(rows * sides);
        counted.GroupBy(l => l).ShouldAllBe(g => g.Count() == sides);
        foreach (var step in steps.Where(s => s.Stops.Count > 0))
        {
            step.Measure.ShouldBeNull();
        }
    }

    [Fact]
    public void A_spiral_is_only_sewn_round_the_whole_of_a_tube() =>
        Plan(("rowsOver", "middle"), ("plainWidth", 100), ("layout", "spiral"))
            .Findings.ShouldContain(f =>
                f.Code == "spiral-goes-round" && f.Severity == Findings.Severity.Stop
            );

    [Fact]
    public void The_gap_that_the_foot_guides_is_one_press_away()
    {
        var cure = Plan(("footEdge", 9))
            .Findings.Single(f => f.Code == "guided-by-foot")
            .Cure.ShouldNotBeNull();

        cure.Field.ShouldBe("rowGap");
        Plan(("footEdge", 9), (cure.Field, cure.Value))
            .Findings.ShouldNotContain(f => f.Code == "guided-by-foot");
    }

    /// <summary>What a swatch’s pleats came to: 30 cm became 17, at six stitches of 2.5 mm.</summary>
    [Fact]
    public void Swatches_say_how_deep_the_screw_folds_and_how_far_that_may_be_off()
    {
        var ruffle = Techniques.WorkingOf("tucked-ruffle")!;
        WorkPlan With(params double[] folded) =>
            (WorkPlan)
                ruffle
                    .Forward.Compute(
                        ruffle
                            .Forward.Example.Without("fullness")
                            .With("tuckDepth", RawValue.Of(6))
                            .With(
                                "samples",
                                RawValue.Of([
                                    .. folded.Select(d => RawValue.Of(RawInputs.Of(("folded", d)))),
                                ])
                            ),
                        Ruler.Metric
                    )
                    .Answer!;

        With().Findings.ShouldNotContain(f => f.Code == "screw-off");
        With(5.74).Findings.Single(f => f.Code == "screw-off").Says.ShouldContain("5.7");
        With(6.02, 5.98).Findings.ShouldNotContain(f => f.Code == "screw-off");
        // Ten that agree leave less to be cut longer than a tenth.
        Missing(With([.. Enumerable.Repeat(6.0, 10)])).ShouldBeLessThan(Missing(With()));

        static double Missing(WorkPlan plan) =>
            plan.Findings.FirstOrDefault(f => f.Code == "spread")?.Cure is { } cure
                ? LengthReader.Read(cure.Value, UnitSystem.Metric).Length.Millimetres
                : 0;
    }

    private static WorkPlan Plan(params (string Field, object Is)[] said) =>
        (WorkPlan)
            Shirring
                .Forward.Compute(
                    said.Aggregate(
                        Shirring.Forward.Example,
                        (ask, s) => ask.With(s.Field, RawInputs.Of((s.Field, s.Is)).Values[s.Field])
                    ),
                    Ruler.Metric
                )
                .Answer.ShouldNotBeNull();
}
