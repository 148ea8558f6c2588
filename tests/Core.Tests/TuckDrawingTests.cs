using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>The drawings of a tucked panel: to scale, and of one mind with its figures.</summary>
public class TuckDrawingTests
{
    private static readonly Process Working = Techniques.WorkingOf("pintucks")!;

    private static readonly Gen<RawInputs> AnyBib =
        from width in Gen.Double[180, 400]
        from tucks in Gen.Int[2, 17]
        from spacing in Gen.Double[4, 9]
        from folded in Gen.Bool
        from depth in Gen.Double[1, 3.5]
        from needles in Gen.Double[1.6, 3.5]
        from corded in Gen.Bool
        select Working
            .Forward.Example.With("panelWidth", RawValue.Of(width))
            .With("tucks", RawValue.Of(tucks))
            .With("spacing", RawValue.Of(spacing))
            .With("kind", RawValue.Of(folded ? "folded" : "twin"))
            .With("depth", RawValue.Of(depth))
            .With("needleSpacing", RawValue.Of(needles))
            .With("corded", RawValue.Of(corded));

    [Fact]
    public void All_of_them_state_what_they_span_and_stay_in_their_frames() =>
        AnyBib.Sample(ask =>
        {
            Plan(ask)
                .Drawings(Ruler.Metric)
                .Where(d => !DrawingTests.IsTrue(d))
                .Select(d => d.Name)
                .ShouldBeEmpty(
                    string.Join(
                        ", ",
                        ask.Values.Select(v => $"{v.Key} {v.Value.Number}{v.Value.Text}")
                    )
                );
        });

    [Fact]
    public void The_finished_panel_has_a_ridge_at_every_centre_as_wide_as_the_cloth_that_is_left_of_it() =>
        AnyBib.Sample(ask =>
        {
            var plan = Plan(ask);
            var told = Captured.From(plan);
            var twin = ask.Values["kind"].Text == "twin";
            var stitched = Upright(Drawn(plan, "finished"), LineMeaning.Stitch);
            if (!twin)
            {
                return stitched
                        .Zip(told.List("centres"))
                        .All(p => Near(p.First - p.Second, ask.Values["depth"].Number!.Value))
                    && Upright(Drawn(plan, "finished"), LineMeaning.Fold)
                        .Zip(told.List("centres"))
                        .All(p => Near(p.First, p.Second));
            }
            var ridge = Math.Max(0.3, ask.Values["needleSpacing"].Number!.Value - told["takeUp"]);
            return stitched.Count == 2 * told.List("centres").Count
                && stitched
                    .Chunk(2)
                    .Zip(told.List("centres"))
                    .All(p =>
                        Near((p.First[0] + p.First[1]) / 2, p.Second)
                        && Near(p.First[1] - p.First[0], ridge)
                    );
        });

    [Fact]
    public void The_flat_panel_has_both_lines_of_every_tuck_where_the_marks_say() =>
        AnyBib.Sample(ask =>
        {
            var plan = Plan(ask);
            var flat = Drawn(plan, "flat");
            var lines = Upright(flat, LineMeaning.Stitch);
            var marks = Captured.From(plan).Rows("marks");
            var first = flat.Shapes.OfType<Notch>().Single().At.X.Millimetres;
            return lines.Count == 2 * marks.Count
                && lines
                    .Chunk(2)
                    .Zip(marks)
                    .All(p =>
                        Near(p.First[0], p.Second["left"]) && Near(p.First[1], p.Second["right"])
                    )
                // The middle one is sewn first.
                && Near(first, marks[(marks.Count + 1) / 2 - 1]["centre"]);
        });

    [Fact]
    public void Slashed_and_spread_the_pattern_is_as_wide_as_it_was_and_all_that_is_taken_up() =>
        AnyBib.Sample(ask =>
        {
            var plan = Plan(ask);
            var told = Captured.From(plan);
            var slash = Drawn(plan, "slash");
            var panes = slash
                .Shapes.OfType<ClothPiece>()
                .Where(p => p.Part == "pattern" && p.Label.Length == 0)
                .Sum(p => (p.To.X - p.From.X).Millimetres);
            var spread = slash
                .Shapes.OfType<ClothPiece>()
                .Where(p => p.Part == "spread")
                .Select(p => (p.To.X - p.From.X).Millimetres)
                .ToList();
            return Near(panes, ask.Values["panelWidth"].Number!.Value)
                && spread.Count == (int)told["tucks"]
                && spread.All(s => Near(s, told["takeUp"]))
                && Near(slash.Width.Millimetres, panes + told["extraWidth"])
                && slash.Shapes.OfType<ClothLine>().Count(l => l.Part == "slashes") == spread.Count;
        });

    [Theory]
    [InlineData(2.6, 5.2, "2 grooves over")]
    [InlineData(2.6, 2.6, "one groove over")]
    [InlineData(2.6, 6.0, "nearest to 2 grooves over")]
    [InlineData(1.8, 5.4, "3 grooves over")]
    public void The_sole_says_in_which_groove_the_last_tuck_runs(
        double pitch,
        double spacing,
        string says
    )
    {
        var plan = Plan(
            Working
                .Forward.Example.With("groovePitch", RawValue.Of(pitch))
                .With("grooves", RawValue.Of(9))
                .With("spacing", RawValue.Of(spacing))
        );
        var sole = Drawn(plan, "sole");

        sole.Says.ShouldContain(says);
        var grooves = sole
            .Shapes.OfType<Plate>()
            .Where(p => p.Role == PlateRole.Groove)
            .Select(p => (p.From.X + p.To.X).Millimetres / 2)
            .ToList();
        grooves.Count.ShouldBe(9);
        grooves.Zip(grooves.Skip(1)).ShouldAllBe(p => Near(p.Second - p.First, pitch));
        // The needles stand in the middle groove, and the last tuck as far away as it is spaced.
        var needles = sole
            .Shapes.OfType<Plate>()
            .Where(p => p.Role == PlateRole.Hole)
            .Average(p => (p.From.X + p.To.X).Millimetres / 2);
        needles.ShouldBe(grooves[4], 1e-6);
        Upright(sole, LineMeaning.Stitch, "last")
            .Chunk(2)
            .Select(pair => (pair[0] + pair[1]) / 2)
            .ShouldContain(x => Near(needles - x, spacing));
    }

    [Fact]
    public void What_is_not_known_of_the_foot_is_drawn_as_a_guess()
    {
        Drawn(Plan(Working.Forward.Example), "sole")
            .Shapes.OfType<Plate>()
            .Where(p => p.Role is PlateRole.Sole or PlateRole.Groove)
            .ShouldAllBe(p => p.IsGuess);
    }

    [Fact]
    public void Through_the_cloth_the_ridge_is_as_wide_as_what_is_left_between_the_needles_and_holds_its_cord() =>
        AnyBib.Sample(ask =>
        {
            var plan = Plan(ask);
            var near = Drawn(plan, "close-up");
            if (ask.Values["kind"].Text != "twin")
            {
                return near.Shapes.OfType<Dimension>().Single().Field == "depth";
            }
            var left = near
                .Shapes.OfType<Dimension>()
                .Single(d => d.Note == "visible width left between tucks");
            var needles = ask.Values["needleSpacing"].Number!.Value;
            var narrow = Math.Max(needles * 0.15, needles - Captured.From(plan)["takeUp"]);
            return Near(left.Length.Millimetres, narrow)
                && near.Shapes.OfType<PathShape>().Any(p => p.Meaning == LineMeaning.Cord)
                    == (ask.Values["corded"].Flag == true);
        });

    [Fact]
    public void Along_a_wave_every_line_is_the_same_wave()
    {
        var ask = Working
            .Forward.Example.With("firstLine", RawValue.Of("wave"))
            .With("waveHeight", RawValue.Of(4))
            .With("waveLength", RawValue.Of(240));
        var plan = Plan(ask);
        var lines = Drawn(plan, "flat")
            .Shapes.OfType<PathShape>()
            .Where(p => p.Meaning == LineMeaning.Stitch)
            .ToList();

        lines.Count.ShouldBe(30);
        foreach (var line in lines)
        {
            var points = line.Path.Points;
            var (x0, height) = (points[0].X.Millimetres, points[^1].Y.Millimetres);
            foreach (var point in points)
            {
                var expected = x0 + 4 * Math.Sin(2 * Math.PI * point.Y.Millimetres / 240);
                point.X.Millimetres.ShouldBe(expected, 1e-6);
            }
            height.ShouldBe(260, 1e-6);
        }
        // The guide bends with them.
        var guide = plan.Guide!.Lines.Where(l => l.Number == 8).ToList();
        guide.Count.ShouldBeGreaterThan(20);
        guide.Zip(guide.Skip(1)).ShouldAllBe(p => p.First.To == p.Second.From);
    }

    [Fact]
    public void In_small_the_groups_are_told_apart()
    {
        var picture = (
            (WorkPlan)
                Working
                    .Forward.Compute(
                        Working
                            .Forward.Example.Without("tucks")
                            .With("pattern", RawValue.Of("3 + 5 + 3"))
                            .With("clusterGap", RawValue.Of(16)),
                        Ruler.Metric
                    )
                    .Answer!
        )
            .Summary
            .Picture;
        var at = Upright(picture, LineMeaning.Stitch).Chunk(2).Select(p => p.Average()).ToList();
        var gaps = at.Zip(at.Skip(1), (a, b) => b - a).ToList();

        at.Count.ShouldBe(11);
        gaps.Count(g => g > gaps.Min() * 1.5).ShouldBe(2);
        DrawingTests.IsWithin(picture).ShouldBeTrue();
    }

    private static WorkPlan Plan(RawInputs ask) =>
        (WorkPlan)Working.Forward.Compute(ask, Ruler.Metric).Answer.ShouldNotBeNull();

    private static Drawing Drawn(WorkPlan plan, string name) =>
        plan.Drawings(Ruler.Metric).Single(d => d.Name == name);

    /// <summary>Where upright lines of a meaning stand, in mm, in their order.</summary>
    private static List<double> Upright(Drawing drawing, LineMeaning meaning, string part = "") =>
        [
            .. drawing
                .Shapes.OfType<ClothLine>()
                .Where(l => l.Meaning == meaning && l.From.X == l.To.X)
                .Where(l => part.Length == 0 || l.Part == part)
                .Select(l => l.From.X.Millimetres),
        ];

    private static bool Near(double a, double b) => Math.Abs(a - b) < 1e-6;
}
