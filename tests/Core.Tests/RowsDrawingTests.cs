using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Tests;

/// <summary>That rows, bridges and ribbons are drawn as they lie.</summary>
public class RowsDrawingTests
{
    private static readonly Gen<RawInputs> AnyRows =
        from width in Gen.Double[150, 700]
        from height in Gen.Double[150, 700]
        from angle in Gen.Double[-180, 180]
        from gap in Gen.Double[12, 40]
        from stitch in Gen.Double[1, 7]
        from marked in Gen.Bool
        from border in Gen.Bool
        select RawInputs.Of(
            ("layout", border ? "border" : "field"),
            ("width", width),
            ("height", height),
            ("angle", angle),
            ("rowGap", gap),
            ("stitchWidth", stitch),
            ("repeatLength", 9),
            ("fit", "whole"),
            ("guided", marked ? "marked" : "typed")
        );

    [Fact]
    public void Every_drawing_of_any_rows_is_true_to_its_figures() =>
        AnyRows.Sample(ask => Drawn("stitch-rows", ask).Values.All(DrawingTests.IsTrue));

    /// <summary>The edge of the sole lies along the side of the row before: what is between it and the needle is the gap less half a stitch.</summary>
    [Fact]
    public void From_near_the_sole_touches_the_row_before_and_the_needle_stands_in_its_own() =>
        AnyRows.Sample(ask =>
        {
            var near = Drawn("stitch-rows", ask)["edge"];
            var plates = near.Shapes.OfType<Plate>().ToDictionary(p => p.Role);
            var rows = near
                .Shapes.OfType<PathShape>()
                .Where(s => s.Stitches is not null)
                .Select(s => s.Path.Start.X.Millimetres)
                .ToList();
            var (gap, half) = (Number(ask, "rowGap"), Number(ask, "stitchWidth") / 2);
            var swing = plates[PlateRole.Swing];
            var needle = (swing.From.X.Millimetres + swing.To.X.Millimetres) / 2;
            return Near(rows[1] - rows[0], gap)
                && Near(plates[PlateRole.Sole].From.X.Millimetres, rows[0] + half)
                && Near(needle, rows[1])
                && Near(needle - plates[PlateRole.Sole].From.X.Millimetres, gap - half);
        });

    /// <summary>A row begins as far from one end as it stops before the other.</summary>
    [Fact]
    public void Rows_are_drawn_from_where_they_begin_to_where_they_end() =>
        AnyRows.Sample(ask =>
        {
            var plan = Plan("stitch-rows", ask);
            var settings = Captured.From(plan).Rows("settings");
            var drawn = Drawn("stitch-rows", ask)["rows"]
                .Shapes.OfType<PathShape>()
                .Where(s => s.Stitches is not null)
                .ToList();
            return drawn.Count == settings.Count
                && drawn
                    .Zip(settings)
                    .All(r =>
                        Near(
                            r.First.Path.Along.Millimetres,
                            r.Second["repeats"] > 0
                                ? r.Second["repeats"] * r.Second["repeat"]
                                : r.Second["length"]
                        ) && Near(r.First.Stitches!.Length.Millimetres, r.Second["repeat"])
                    );
        });

    /// <summary>The finished piece lies in the middle of what is cut, with as much to trim on both sides.</summary>
    [Fact]
    public void What_is_trimmed_lies_all_round_what_is_finished() =>
        AnyRows.Sample(ask =>
        {
            var told = Captured.From(Plan("stitch-rows", ask));
            var cut = Drawn("stitch-rows", ask)["cut"];
            var trim = cut.Shapes.OfType<PathShape>().Single(s => s.Part == "trim").Path.Bounds;
            return Near(trim.Width.Millimetres, told["outlineWidth"])
                && Near(trim.Height.Millimetres, told["outlineHeight"])
                && trim.Width.Millimetres >= Number(ask, "width") - 1e-6
                && trim.Height.Millimetres >= Number(ask, "height") - 1e-6
                && Near(trim.From.X.Millimetres, cut.Width.Millimetres - trim.To.X.Millimetres)
                && Near(trim.From.Y.Millimetres, cut.Height.Millimetres - trim.To.Y.Millimetres);
        });

    [Fact]
    public void A_bridged_piece_is_drawn_as_wide_as_its_panels_and_gaps() =>
        Gen.Select(Gen.Double[200, 2000], Gen.Int[1, 6], Gen.Double[1, 5], Gen.Double[8, 15])
            .Sample(
                (total, bridges, gap, fold) =>
                {
                    var ask = RawInputs.Of(
                        ("totalWidth", total),
                        ("bridges", bridges),
                        ("gap", gap),
                        ("foldAllowance", fold),
                        ("outerAllowance", 20),
                        ("maxStitchWidth", 9)
                    );
                    var drawings = Drawn("bridged-seam", ask);
                    var panels = drawings["bridged"].Shapes.OfType<ClothPiece>().ToList();
                    var gaps = panels
                        .Zip(panels.Skip(1))
                        .Select(p => (p.Second.From.X - p.First.To.X).Millimetres);
                    return panels.Count == bridges + 1
                        && gaps.All(g => Near(g, gap))
                        && Near(panels[^1].To.X.Millimetres, total)
                        && drawings.Values.All(DrawingTests.IsTrue);
                }
            );

    /// <summary>Every leg leans at 45°, as wide square to its length as the ribbon, and begins on the fold where the last one ended.</summary>
    [Fact]
    public void Legs_of_a_ribbon_lean_at_45_degrees_and_meet_in_their_folds() =>
        Gen.Select(Gen.Double[60, 900], Gen.Double[2, 15], Gen.Double[8, 40])
            .Sample(
                (run, wide, advance) =>
                {
                    var ask = RawInputs.Of(
                        ("run", run),
                        ("ribbonWidth", wide),
                        ("legAdvance", advance),
                        ("tail", 20)
                    );
                    var legs = Drawn("folded-ribbon", ask)["band"]
                        .Shapes.OfType<PathShape>()
                        .Select(s => s.Path)
                        .ToList();
                    return legs.All(leg => Near(Leans(leg), 1) && Near(Across(leg), wide))
                        && legs.Zip(legs.Skip(1))
                            .All(l =>
                                Ends(l.First)
                                    .Zip(Begins(l.Second))
                                    .All(e => Same(e.First, e.Second))
                            );
                }
            );

    [Fact]
    public void Every_other_leg_shows_the_back_of_the_ribbon()
    {
        var legs = Drawn(
            "folded-ribbon",
            Techniques
                .WorkingOf("folded-ribbon")!
                .Forward.Example.With("ribbonColour", RawValue.Of("#204060"))
        )["band"]
            .Shapes.OfType<PathShape>()
            .Where(s => s.Part == "first")
            .ToList();

        legs.Where((_, i) => i % 2 == 0).ShouldAllBe(l => l.Colour == "#204060");
        legs.Where((_, i) => i % 2 == 1)
            .Select(l => l.Colour)
            .Distinct()
            .ShouldHaveSingleItem()
            .ShouldNotBe("#204060");
    }

    /// <summary>The steps say a setting for each row that has another length, and the same as the list.</summary>
    [Fact]
    public void Steps_set_the_lengths_of_the_list()
    {
        var plan = Plan("stitch-rows", Techniques.WorkingOf("stitch-rows")!.Forward.Example);
        var settings = Captured.From(plan).Rows("settings");
        var first = settings.Single(r => r["row"] == Captured.From(plan).List("order")[0]);
        var steps = plan.Steps(Ruler.Metric).ToDictionary(s => s.Key);

        steps["first"].Sets.ShouldBe([$"length {DecimalText.Write(first["set"])} mm"]);
        steps["first"].Big.ShouldBe($"{first["repeats"]} repeats");
        steps["one-side"].Sets.ShouldContain(s => s.StartsWith("length", StringComparison.Ordinal));
        steps["set"].Sets.ShouldContain(s => s.Contains("stitch 23", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("alternating", "Turn the piece after each")]
    [InlineData("same", "All in the same direction")]
    public void The_way_the_rows_run_is_said_where_they_are_sewn(string direction, string says) =>
        Plan(
                "stitch-rows",
                Techniques
                    .WorkingOf("stitch-rows")!
                    .Forward.Example.With("direction", RawValue.Of(direction))
            )
            .Steps(Ruler.Metric)
            .Single(s => s.Key == "one-side")
            .Says.ShouldContain(says);

    /// <summary>How much a leg goes across for each millimetre that it goes on.</summary>
    private static double Leans(Path leg)
    {
        var (from, to) = (leg.Start, leg.Steps[^1].To);
        return Math.Abs((to.Y - from.Y) / (to.X - from.X));
    }

    /// <summary>How wide it is square to its length.</summary>
    private static double Across(Path leg) =>
        (leg.Steps[0].To.X - leg.Start.X).Millimetres / Math.Sqrt(2);

    private static Point[] Begins(Path leg) => [leg.Start, leg.Steps[0].To];

    private static Point[] Ends(Path leg) => [leg.Steps[2].To, leg.Steps[1].To];

    private static bool Same(Point a, Point b) =>
        Near(a.X.Millimetres, b.X.Millimetres) && Near(a.Y.Millimetres, b.Y.Millimetres);

    private static WorkPlan Plan(string technique, RawInputs ask)
    {
        var outcome = Techniques.WorkingOf(technique)!.Forward.Compute(ask, Ruler.Metric);
        outcome.Errors.ShouldBeEmpty();
        return (WorkPlan)outcome.Answer!;
    }

    private static Dictionary<string, Drawing> Drawn(string technique, RawInputs ask) =>
        Plan(technique, ask).Drawings(Ruler.Metric).ToDictionary(d => d.Name);

    private static double Number(RawInputs ask, string field) => ask.Values[field].Number!.Value;

    private static bool Near(double a, double b) => Math.Abs(a - b) < 1e-6 * Math.Max(1, b);
}
