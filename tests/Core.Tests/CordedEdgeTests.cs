using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Tests;

/// <summary>Edges with a cord, however they are said: what is rounded, what is clipped, and what is warned of.</summary>
public class CordedEdgeTests
{
    private static readonly Calculation Piping = Techniques.WorkingOf("piping")!.Forward;

    /// <summary>Straights of different lengths with corners between them, open.</summary>
    private static readonly Gen<RawInputs> AnyRun =
        from straights in Gen.Double[80, 300].List[2, 6]
        from corners in Gen.Double[-120, 120].List[6, 6]
        from cord in Gen.Double[1, 6]
        select RawInputs
            .Of(("made", "built"), ("cordDiameter", cord))
            .With(
                "path",
                RawValue.Of([
                    .. straights.SelectMany(
                        (s, i) =>
                            i == 0
                                ? new[] { Part("straight", s) }
                                : [Part("corner", corners[i]), Part("straight", s)]
                    ),
                ])
            );

    [Fact]
    public void A_rounded_line_never_turns_on_the_spot_where_its_sides_are_long_enough() =>
        AnyRun.Sample(ask =>
        {
            var cord = Cord(Plan(ask));
            // What is less than a corner is sewn over.
            return new MeasuredPath(cord).Corners(12.5).Count == 0;
        });

    [Fact]
    public void Rounding_shortens_a_line_by_what_its_corners_cut_off() =>
        AnyRun.Sample(ask =>
        {
            var plan = Plan(ask);
            var told = Captured.From(plan);
            var sides = ask.Values["path"]
                .List!.Select(p => p.Group!)
                .Where(g => g.TryGet("straight", out _))
                .Sum(g => g.Values["straight"].Number!.Value);
            var clips = told.Rows("clips").Count;
            return told["edge"] <= sides + 1e-6
                && (clips > 0 || Math.Abs(told["edge"] - sides) < 1e-6)
                && Math.Abs(told.Rows("sides").Sum(s => s["length"]) - told["edge"]) < 1e-6
                && Math.Abs(Cord(plan).Along.Millimetres - told["edge"]) < 1;
        });

    [Fact]
    public void Every_clip_lies_on_the_flange_and_none_reaches_the_cord() =>
        AnyRun.Sample(ask =>
        {
            var plan = Plan(ask);
            var told = Captured.From(plan);
            var drawing = plan.Drawings(Ruler.Metric).Single(d => d.Name == "edge");
            var cord = new MeasuredPath(Cord(plan));
            var places = cord.Points(0, cord.Total, 0.05);
            var seam = 12.0;
            var clips = drawing.Shapes.OfType<ClothLine>().Where(l => l.Part == "clips").ToList();
            return clips.Count == (int)told.Rows("clips").Sum(c => c["count"])
                && clips.All(c =>
                    (c.To.X - c.From.X).Millimetres is var x
                    && (c.To.Y - c.From.Y).Millimetres is var y
                    && Math.Abs(Math.Sqrt(x * x + y * y) - told.Rows("clips")[0]["depth"]) < 1e-6
                    && places.Min(p => Apart(p, c.From))
                        >= seam - told.Rows("clips")[0]["depth"] - 0.1
                );
        });

    [Theory]
    [InlineData("circle", 1, 0)]
    [InlineData("rounded", 1, 0)]
    [InlineData("star", 5, 10)]
    [InlineData("heart", 2, 2)]
    public void A_named_shape_has_the_sides_between_its_corners(
        string shape,
        int sides,
        int corners
    )
    {
        var plan = Plan(
            RawInputs.Of(
                ("made", "shape"),
                ("shape", shape),
                ("shapeWidth", 300),
                ("shapeHeight", 280),
                ("shapeCorner", 40),
                ("cordDiameter", 3)
            )
        );
        var told = Captured.From(plan);

        told.Rows("sides").Count.ShouldBe(Math.Max(sides, corners));
        told.Rows("clips").Count(c => c.Said("at") == "corner").ShouldBe(corners);
        Cord(plan).IsClosed.ShouldBeTrue();
    }

    [Fact]
    public void The_raw_edge_lies_outside_whichever_way_round_it_was_drawn()
    {
        foreach (var data in new[] { "M0 0L200 0L200 150L0 150Z", "M0 0L0 150L200 150L200 0Z" })
        {
            var plan = Plan(RawInputs.Of(("made", "file"), ("outline", data), ("cordDiameter", 4)));
            var face = plan.Drawings(Ruler.Metric)
                .Single(d => d.Name == "edge")
                .Shapes.OfType<PathShape>()
                .First(s => s.Part == "face");

            face.Path.Bounds.Width.Millimetres.ShouldBe(224, 0.01);
            face.Path.Bounds.Height.Millimetres.ShouldBe(174, 0.01);
            Captured.From(plan).Rows("clips").Count.ShouldBe(4);
        }
    }

    /// <summary>A curve that runs into a corner: it cannot be rounded on the drawing, and the raw edge still goes all round.</summary>
    [Fact]
    public void Where_a_curve_runs_into_a_corner_the_raw_edge_still_goes_all_round()
    {
        var plan = Plan(
            RawInputs
                .Of(("made", "built"), ("closed", true), ("cordDiameter", 3))
                .With(
                    "path",
                    RawValue.Of([
                        Part("straight", 200),
                        Part("corner", 90),
                        RawValue.Of(RawInputs.Of(("radius", 80), ("sweep", 90))),
                        Part("straight", 120),
                    ])
                )
        );
        var face = plan.Drawings(Ruler.Metric)
            .Single(d => d.Name == "edge")
            .Shapes.OfType<PathShape>()
            .First(s => s.Part == "face")
            .Path;
        var cord = Cord(plan).Points;
        var raw = new MeasuredPath(face).Points(0, new MeasuredPath(face).Total, 0.05);

        plan.Findings.ShouldContain(f => f.Code == "bend-too-tight");
        cord.Max(p => Math.Abs(raw.Min(q => Apart(p, q)) - 12)).ShouldBeLessThan(4);
    }

    /// <summary>What provokes each finding of an edge, and what cures it as its remedy says.</summary>
    [Theory]
    [InlineData("bend-too-tight", "cornerRadius", "3 mm", "20 mm")]
    [InlineData("lift", "presserLift", "3 mm", "9 mm")]
    [InlineData("groove-too-narrow", "grooveWidth", "2 mm", "5 mm")]
    [InlineData("needle-out-of-reach", "footOpening", "5 mm", "9 mm")]
    [InlineData("coarse-steps", "needlePositions", 3.0, 15.0)]
    [InlineData("by-the-edge", "withFoot", "zipper", "groove")]
    [InlineData("cloth-short", "clothAtHand", "10 cm", "2 m")]
    [InlineData("wash-cord", "preShrunk", false, true)]
    public void A_finding_is_provoked_by_one_figure_and_cured_by_another(
        string code,
        string field,
        object wrong,
        object right
    )
    {
        Findings(field, wrong).ShouldContain(code);
        Findings(field, right).ShouldNotContain(code);

        static IEnumerable<string> Findings(string field, object value) =>
            Plan(Piping.Example.With(field, RawValue.Of(value))).Findings.Select(f => f.Code);
    }

    [Fact]
    public void A_remnant_that_is_too_small_stops_it_and_says_what_is_missing()
    {
        var plan = Plan(
            Piping
                .Example.With("method", RawValue.Of("remnant"))
                .With("remnantWidth", RawValue.Of("30 cm"))
                .With("remnantHeight", RawValue.Of("14 cm"))
        );
        var told = Captured.From(plan);
        var missing = Length.FromMillimetres(told["requiredInAll"] - told["remnantGives"]);

        var finding = plan.Findings.Single(f => f.Code == "remnant-short");
        finding.Severity.ShouldBe(Severity.Stop);
        finding.Because.ShouldContain(Ruler.Metric.Whole(missing));
    }

    [Theory]
    [InlineData("made", "cushion", "cushionWidth")]
    [InlineData("made", "edges", "edges")]
    [InlineData("made", "file", "outline")]
    [InlineData("method", "remnant", "remnantWidth")]
    public void What_another_field_makes_needed_is_asked_for(
        string field,
        string value,
        string missing
    )
    {
        var ask = RawInputs.Of(("cordDiameter", 4), ("cushionHeight", "30 cm"));
        ask = field == "made" ? ask : ask.With("cushionWidth", RawValue.Of("30 cm"));

        var errors = Piping.Compute(ask.With(field, RawValue.Of(value)), Ruler.Metric).Errors;

        errors.ShouldContain(e => e.Field == missing && e.Refusal == Refusal.Missing);
        Piping.CheckUnfinished(ask.With(field, RawValue.Of(value)), Ruler.Metric).ShouldBeEmpty();
    }

    [Theory]
    [InlineData("remnantCorners", "Two corners", 2)]
    [InlineData("leastSeen", "9", 0)]
    [InlineData("clothWidth", "narrow", 0)]
    public void What_cannot_be_is_refused_at_its_field(string field, string what, int corners)
    {
        var ask = Piping.Example;
        ask = field switch
        {
            "remnantCorners" => ask.With(
                field,
                RawValue.Of([
                    .. Enumerable
                        .Range(0, corners)
                        .Select(i => RawValue.Of(RawInputs.Of(("x", i * 100), ("y", i * 50)))),
                ])
            ),
            "leastSeen" => ask.With(field, RawValue.Of(9.0)),
            _ => ask.With(field, RawValue.Of("50 mm")).With("joinAllowance", RawValue.Of("60 mm")),
        };

        Piping.Compute(ask, Ruler.Metric).Errors.ShouldContain(e => e.Field == field, what);
    }

    [Fact]
    public void What_was_cut_still_serves_where_less_is_wanted_and_not_where_more_is()
    {
        var working = Techniques.WorkingOf("piping")!;
        var then = Reader(Piping.Example);
        Reader(Piping.Example.With("cushionWidth", RawValue.Of("30 cm"))).Errors.ShouldBeEmpty();

        Codes("30 cm").ShouldNotContain("cut-too-short");
        Codes("80 cm").ShouldContain("cut-too-short");

        IEnumerable<string> Codes(string width) =>
            working
                .CompareAsks(then, Reader(Piping.Example.With("cushionWidth", RawValue.Of(width))))!
                .Findings.Select(f => f.Code);

        static InputReader Reader(RawInputs ask) => new(ask, Ruler.Metric);
    }

    private static WorkPlan Plan(RawInputs ask)
    {
        var outcome = Piping.Compute(ask, Ruler.Metric);
        outcome.Errors.Select(e => $"{e.Field}: {e.Says}").ShouldBeEmpty();
        return (WorkPlan)outcome.Answer!;
    }

    private static Path Cord(WorkPlan plan) =>
        plan.Drawings(Ruler.Metric)
            .Single(d => d.Name == "edge")
            .Shapes.OfType<PathShape>()
            .Single(s => s.Part == "cord")
            .Path;

    private static double Apart(Point a, Point b)
    {
        var (x, y) = ((a.X - b.X).Millimetres, (a.Y - b.Y).Millimetres);
        return Math.Sqrt(x * x + y * y);
    }

    private static RawValue Part(string name, double value) =>
        RawValue.Of(RawInputs.Of((name, value)));
}
