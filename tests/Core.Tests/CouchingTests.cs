using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>Where a cord is stopped and turned, for any line, and what is noticed about it.</summary>
public class CouchingTests
{
    private static readonly Calculation Straight = Techniques.WorkingOf("couching")!.Forward;

    private static readonly Gen<RawInputs> AnyAsk =
        from straight in Gen.Double[10, 300]
        from radius in Gen.Double[12, 150]
        from sweep in Gen.Double[10, 300]
        from right in Gen.Bool
        from corner in Gen.Double[-150, 150]
        from stitch in Gen.Double[1, 4]
        from tolerance in Gen.Double[0.1, 0.8]
        from closed in Gen.Bool
        from cords in Gen.Int[1, 3]
        select Ask(
            [
                Part(("straight", straight)),
                Part(("radius", radius), ("sweep", right ? sweep : -sweep)),
                Part(("corner", corner)),
                Part(("straight", straight / 2)),
            ],
            ("stitchLength", stitch),
            ("tolerance", tolerance),
            ("closed", closed),
            ("cords", cords)
        );

    [Fact]
    public void Stops_ascend_and_lie_before_the_end()
    {
        AnyAsk.Sample(ask =>
        {
            var told = Captured.From(Plan(ask));
            var at = told.Rows("stops").Select(s => s["at"]).ToList();
            return at.Zip(at.Skip(1)).All(p => p.First <= p.Second + 1e-9)
                && at.All(a => a >= 0 && a <= told["pathLength"] + 1e-9);
        });
    }

    [Fact]
    public void The_stitches_from_stop_to_stop_and_to_the_end_are_all_there_are() =>
        AnyAsk.Sample(ask =>
        {
            var plan = Plan(ask);
            var told = Captured.From(plan);
            var sewn = plan.Steps(Ruler.Metric).Where(s => s.Stops.Count > 0).ToList();
            return sewn.Sum(s => s.Stops.Sum(stop => stop.Stitches)) == (int)told["stitches"]
                && sewn.All(s => s.Stops.All(stop => stop.Stitches >= 0));
        });

    /// <summary>The needle swings to the left at every even stitch: at a stop it has to be on the side that it says.</summary>
    [Fact]
    public void At_every_stop_the_needle_is_on_the_inside_of_the_bend() =>
        AnyAsk.Sample(ask =>
        {
            foreach (var step in Plan(ask).Steps(Ruler.Metric).Where(s => s.Stops.Count > 0))
            {
                var stitch = 0;
                foreach (var stop in step.Stops.Where(s => s.Turn != 0))
                {
                    stitch += stop.Stitches;
                    // Turned anticlockwise where the line bends to the right of its way, which is on her left.
                    if (stop.Needle != (stop.Turn < 0 ? "left" : "right"))
                    {
                        return false;
                    }
                    if (stop.Needle == "left" != (stitch % 2 == 0) && stop.Stitches > 1)
                    {
                        return false;
                    }
                }
            }
            return true;
        });

    [Fact]
    public void Straight_stitching_between_two_turns_strays_by_no_more_than_was_allowed() =>
        Gen.Select(Gen.Double[8, 200], Gen.Double[0.8, 4], Gen.Double[0.1, 0.8])
            .Sample(
                (radius, stitch, tolerance) =>
                {
                    var told = Captured.From(
                        Plan(
                            Ask(
                                [Part(("radius", radius), ("sweep", 200))],
                                ("stitchLength", stitch),
                                ("tolerance", tolerance)
                            )
                        )
                    );
                    var chord = told.Rows("curves")[0]["stitchesPerPivot"] * stitch;
                    var strays = chord * chord / (8 * radius);
                    // One stitch strays as far as it does.
                    return strays <= tolerance * (1 + 1e-9)
                        || told.Rows("curves")[0]["stitchesPerPivot"] == 1;
                }
            );

    [Fact]
    public void Every_swing_is_drawn_on_its_side_at_its_place()
    {
        var plan = Plan(Ask([Part(("straight", 64))], ("stitchLength", 3.2)));
        var drawing = plan.Drawings(Ruler.Metric)[0];
        var points = drawing
            .Shapes.OfType<PathShape>()
            .Where(s => s.Meaning == LineMeaning.Thread)
            .SelectMany(s => s.Path.Points)
            .ToList();
        var width = Captured.From(plan)["zigzagWidth"];

        points.Count.ShouldBe(21);
        (points[0].Y - points[1].Y).Millimetres.ShouldBe(width, 1e-6);
        (points[5].X - points[4].X).Millimetres.ShouldBe(3.2, 1e-6);
        points.Where((p, i) => i % 2 == 0).Select(p => p.Y).Distinct().ShouldHaveSingleItem();
    }

    [Fact]
    public void A_ring_starts_after_its_start_and_is_sewn_over_it_at_the_end()
    {
        var plan = Plan(
            RawInputs.Of(
                ("made", "shape"),
                ("shape", "circle"),
                ("shapeWidth", 120),
                ("cordDiameter", 3),
                ("taper", 20)
            )
        );
        var told = Captured.From(plan);

        told["leftOpen"].ShouldBe(10, 1e-9);
        told["pathLength"].ShouldBe(Math.PI * 120, 1e-6);
        told["cordLength"].ShouldBe(Math.PI * 120 + 20, 1e-6);
        var stops = plan.Steps(Ruler.Metric).Single(s => s.Stops.Count > 0).Stops;
        stops[^1].Says.ShouldContain("over the first");
        // All the way round, but for the one turn that a curve has fewer than its chords.
        stops.Sum(s => Math.Abs(s.Turn)).ShouldBeInRange(330, 360);
    }

    [Theory]
    [InlineData("cord-too-thick", Severity.Stop, "cordDiameter", 7)]
    [InlineData("curve-too-tight", Severity.Care, "cordDiameter", 4.9)]
    [InlineData("foot-presses", Severity.Care, "footRelief", 1)]
    [InlineData("hole-too-small", Severity.Note, "footHole", 1.5)]
    [InlineData("never-pull", Severity.Care, "cordFrom", "rolled")]
    [InlineData("never-pull", Severity.Care, "ground", "knit")]
    [InlineData("side-by-side", Severity.Note, "cords", 2)]
    [InlineData("ends-apart", Severity.Care, "closed", true)]
    public void What_goes_wrong_is_said_before(
        string code,
        Severity severity,
        string field,
        object value
    )
    {
        var ask = Ask(
            [Part(("straight", 60)), Part(("radius", 9), ("sweep", 150))],
            ("cordDiameter", 2)
        );
        Codes(ask).ShouldNotContain(code);

        var found = Plan(ask.With(field, RawValue.Of(value))).Findings.First(f => f.Code == code);

        found.Severity.ShouldBe(severity);
        found.Remedy.ShouldNotBeEmpty();
    }

    [Fact]
    public void A_curve_that_is_turned_after_every_stitch_or_two_is_sewn_by_hand_wheel()
    {
        var ask = Ask([Part(("radius", 60), ("sweep", 150))]);

        Codes(ask).ShouldNotContain("by-hand-wheel");
        Codes(ask.With("stitchLength", RawValue.Of(4.0))).ShouldContain("by-hand-wheel");
    }

    [Fact]
    public void A_stiff_cord_on_thin_ground_makes_ridges_and_a_soft_one_does_not()
    {
        var ask = Ask([Part(("straight", 60))], ("ground", "thin"), ("stiffness", "stiff"));

        Codes(ask).ShouldContain("ridges");
        Codes(ask.With("stiffness", RawValue.Of("soft"))).ShouldNotContain("ridges");
    }

    [Fact]
    public void Ends_that_nearly_meet_are_closed_and_a_line_that_crosses_itself_says_its_order()
    {
        var nearly = Ask([Part(("radius", 40), ("sweep", 358))]);
        Codes(nearly).ShouldContain("closed-itself");
        var crossing = Ask([
            Part(("straight", 60)),
            Part(("radius", 20), ("sweep", 270)),
            Part(("straight", 60)),
        ]);
        Codes(crossing).ShouldContain("crosses-itself");
    }

    [Fact]
    public void A_shape_is_repeated_along_an_edge_and_a_built_line_goes_on_from_its_end()
    {
        var heart = RawInputs.Of(
            ("made", "shape"),
            ("shape", "heart"),
            ("shapeWidth", 60),
            ("shapeHeight", 50),
            ("cordDiameter", 2)
        );
        var once = Captured.From(Plan(heart));
        var thrice = Plan(
            heart.With("repeats", RawValue.Of(3.0)).With("mirrored", RawValue.Of(true))
        );

        Captured.From(thrice)["pathLength"].ShouldBe(3 * once["pathLength"], 1e-6);
        thrice.Traces.Count.ShouldBe(3);
        thrice.Traces.Max(t => t.Bounds.To.X).Millimetres.ShouldBe(180, 0.1);
        var vine = Plan(
            Ask([Part(("radius", 30), ("sweep", 90))], ("repeats", 4), ("mirrored", true))
        );
        Captured.From(vine)["pathLength"].ShouldBe(4 * Math.PI * 15, 1e-6);
        vine.Traces.ShouldHaveSingleItem();
    }

    [Fact]
    public void A_strip_and_the_cord_that_it_rolls_up_to_are_each_others_answer() =>
        Gen.Select(Gen.Double[1, 8], Gen.Double[0.3, 2])
            .Sample(
                (cord, thick) =>
                {
                    var width = Captured.From(
                        Plan(
                            Ask([Part(("straight", 60))])
                                .With("cordDiameter", RawValue.Of(cord))
                                .With("cordFrom", RawValue.Of("rolled"))
                                .With("stripThickness", RawValue.Of(thick))
                        )
                    )["stripWidth"];
                    var back = Techniques
                        .WorkingOf("couching")!
                        .CalculationNamed("strip")!
                        .Compute(
                            RawInputs.Of(("stripWidth", width), ("stripThickness", thick)),
                            Ruler.Metric
                        );
                    return back.Answer is null
                        ? width is < 1 or > 300
                        : Math.Abs(Captured.From(back.Answer)["cordDiameter"] - cord) < 1e-9;
                }
            );

    [Fact]
    public void A_wider_zigzag_than_was_set_is_learnt_and_the_dial_is_set_lower()
    {
        var sample = Part(("dialled", 5), ("stitches", 1), ("measured", 5.6));
        var ask = Ask([Part(("straight", 60))], ("cordDiameter", 3));
        var taught = ask.With("samples", RawValue.Of([sample, sample, sample, sample, sample]));

        Captured
            .From(Plan(ask))["zigzagWidth"]
            .ShouldBe(Captured.From(Plan(taught))["zigzagWidth"]);
        Captured
            .From(Plan(taught))["setWidth"]
            .ShouldBeLessThan(Captured.From(Plan(ask))["setWidth"]);
    }

    private static IReadOnlyList<string> Codes(RawInputs ask) =>
        [.. Plan(ask).Findings.Select(f => f.Code)];

    private static WorkPlan Plan(RawInputs ask)
    {
        var outcome = Straight.Compute(ask, Ruler.Metric);
        outcome.Errors.ShouldBeEmpty();
        return (WorkPlan)outcome.Answer!;
    }

    private static RawInputs Ask(RawValue[] path, params (string, object)[] more) =>
        RawInputs.Of([
            ("path", RawValue.Of(path)),
            ("maxStitchWidth", 7),
            .. more.Any(m => m.Item1 == "cordDiameter")
                ? []
                : new (string, object)[] { ("cordDiameter", 3) },
            .. more,
        ]);

    private static RawValue Part(params (string, object)[] says) => RawValue.Of(RawInputs.Of(says));
}
