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

/// <summary>Free-motion work planned stitch by stitch: pace, length, thread, hoop, and what swatches say of hands.</summary>
public class FreeMotionTests
{
    private static readonly Process Free = Techniques.WorkingOf("free-motion")!;

    private static readonly Gen<RawInputs> AnyWork =
        from kind in Gen.OneOf("meander", "loops", "line", "fill", "letters")
        from size in Gen.Double[60, 260]
        from apart in Gen.Double[1.2, 12]
        from stitch in Gen.Double[0.8, 4]
        from machine in Gen.Double[200, 1000]
        from passes in Gen.Int[1, 3]
        from thick in Gen.Double[0.2, 4]
        from zigzag in Gen.OneOf(0.0, 0.0, 3.0)
        select RawInputs.Of(
            ("kind", kind),
            ("width", size),
            ("height", size * 0.7),
            ("made", "shape"),
            ("shape", "leaf"),
            ("shapeWidth", size),
            ("shapeHeight", size * 0.6),
            ("text", "Wren"),
            ("capHeight", Math.Max(30, size / 5)),
            (
                "lineSpacing",
                kind is "meander" or "loops" ? Math.Min(apart + 2, size * 0.15) : apart
            ),
            ("stitchLength", stitch),
            ("machineSpeed", machine),
            ("passes", passes),
            ("clothThickness", thick),
            ("stitchWidth", zigzag)
        );

    [Fact]
    public void Length_told_is_length_drawn_and_every_figure_follows_from_it() =>
        AnyWork.Sample(ask =>
        {
            var plan = Plan(ask);
            var told = Captured.From(plan);
            var lines = Lines(told);
            var (stitch, machine) = (Number(ask, "stitchLength"), Number(ask, "machineSpeed"));
            var passes = Number(ask, "passes");
            var wide = Number(ask, "stitchWidth");
            var each = Math.Sqrt(stitch * stitch + wide * wide) + Number(ask, "clothThickness");
            return Near(told["length"], passes * lines.Sum(Long))
                && told["stitches"] == Math.Ceiling(told["length"] / stitch - 1e-9)
                && Near(told["seconds"], 60 * told["stitches"] / machine)
                && Near(told["handSpeed"], stitch * machine / 60)
                && Near(told["needleThread"], told["stitches"] * each)
                && told["bobbinThread"] == told["needleThread"]
                && told["jumps"] == lines.Count - 1
                && told["minutes"] >= told["seconds"] / 60;
        });

    [Fact]
    public void Every_stitch_is_drawn_where_it_falls() =>
        AnyWork.Sample(ask =>
        {
            var plan = Plan(ask.With("stitchWidth", RawValue.Of(0.0)));
            var told = Captured.From(plan);
            var drawn = plan.Drawings(Ruler.Metric).Single();
            var parts = drawn
                .Shapes.OfType<PathShape>()
                .Where(s => s.Stitches is not null)
                .ToList();
            var steps = parts.Sum(s => s.Path.Points.Count - 1);
            // Of very many stitches only the line is drawn.
            if (told["stitches"] > 40_000)
            {
                return true;
            }
            // One step from hole to hole for each stitch of one pass; each stretch ends in one that may be short.
            var once = told["length"] / Number(ask, "passes") / Number(ask, "stitchLength");
            return Math.Abs(steps - once) <= told["jumps"] + 1 + 1e-6
                && parts.All(s => s.Stitches!.Length.Millimetres == Number(ask, "stitchLength"))
                && DrawingTests.IsTrue(drawn);
        });

    [Fact]
    public void Any_two_of_stitch_machine_and_hands_say_the_third() =>
        Gen.Select(
                Gen.Double[0.3, 6],
                Gen.Double[100, 1500],
                Gen.OneOf("stitchLength", "machineSpeed", "handSpeed")
            )
            .Sample(
                (stitch, machine, left) =>
                {
                    var all = new Dictionary<string, double>
                    {
                        ["stitchLength"] = stitch,
                        ["machineSpeed"] = machine,
                        ["handSpeed"] = stitch * machine / 60,
                    };
                    var ask = RawInputs.Of([
                        .. all.Where(f => f.Key != left).Select(f => (f.Key, (object)f.Value)),
                    ]);
                    var told = Captured.From(
                        Free.CalculationNamed("pace")!.Compute(ask, Ruler.Metric).Answer!
                    );
                    return all.All(f => Near(told[f.Key], f.Value));
                }
            );

    [Theory]
    [InlineData("stitchLength")]
    [InlineData("machineSpeed")]
    [InlineData("handSpeed")]
    public void One_of_the_three_alone_asks_for_another(string field)
    {
        var outcome = Free.CalculationNamed("pace")!
            .Compute(RawInputs.Of((field, field == "stitchLength" ? 2.0 : 300.0)), Ruler.Metric);
        outcome.Errors.ShouldHaveSingleItem().Refusal.ShouldBe(Refusal.Missing);
    }

    [Fact]
    public void Three_that_do_not_agree_are_refused_and_three_that_do_are_not()
    {
        Errors(("stitchLength", 2), ("machineSpeed", 600), ("handSpeed", 35))
            .ShouldContain("handSpeed");
        Errors(("stitchLength", 2), ("machineSpeed", 600), ("handSpeed", 20)).ShouldBeEmpty();

        static IEnumerable<string> Errors(params (string, object)[] says) =>
            Free
                .Forward.Compute(
                    RawInputs.Of([("width", "30 cm"), ("height", "20 cm"), .. says]),
                    Ruler.Metric
                )
                .Errors.Select(e => e.Field);
    }

    [Fact]
    public void Slower_hands_make_more_stitches_of_the_same_line_and_take_longer() =>
        Gen.Select(Gen.Double[5, 40], Gen.Double[1.1, 3], Gen.Double[300, 900])
            .Sample(
                (hand, quicker, machine) =>
                {
                    var slow = Told(hand);
                    var fast = Told(hand * quicker);
                    return slow["stitches"] > fast["stitches"]
                        && slow["seconds"] > fast["seconds"]
                        && slow["length"] == fast["length"]
                        && slow["stitchLength"] < fast["stitchLength"];

                    Captured Told(double v) =>
                        Captured.From(
                            Plan(
                                RawInputs.Of(
                                    ("width", 200),
                                    ("height", 150),
                                    ("machineSpeed", machine),
                                    ("handSpeed", v)
                                )
                            )
                        );
                }
            );

    /// <summary>However large the work, every place of it lies in a field of the hoop, and a field fits the round.</summary>
    [Fact]
    public void Fields_of_a_hoop_cover_the_work_overlap_and_fit_the_round() =>
        Gen.Select(Gen.Double[80, 900], Gen.Double[80, 700], Gen.Double[100, 350])
            .Sample(
                (wide, high, hoop) =>
                {
                    var plan = Plan(
                        RawInputs.Of(
                            ("width", wide),
                            ("height", high),
                            ("lineSpacing", 15),
                            ("held", "hoop"),
                            ("hoopInside", hoop)
                        )
                    );
                    var told = Captured.From(plan);
                    var boxes = plan.Drawings(Ruler.Metric)
                        .Single()
                        .Shapes.OfType<PathShape>()
                        .Where(s => s.Part.StartsWith("hoop-", StringComparison.Ordinal))
                        .Select(s => new MeasuredPath(s.Path).Bounds)
                        .ToList();
                    if (told["hoopNeeded"] <= hoop)
                    {
                        return told["hoopFields"] == 1 && boxes.Count == 0;
                    }
                    double mm(Length l) => l.Millimetres;
                    return boxes.Count == told["hoopFields"]
                        && boxes.All(b =>
                            Math.Sqrt(mm(b.Width) * mm(b.Width) + mm(b.Height) * mm(b.Height))
                            <= hoop - 30 + 1e-6
                        )
                        && Near(boxes.Max(b => mm(b.To.X)) - boxes.Min(b => mm(b.From.X)), wide)
                        && Near(boxes.Max(b => mm(b.To.Y)) - boxes.Min(b => mm(b.From.Y)), high)
                        // Side by side they lie a centimetre over each other.
                        && boxes.All(a =>
                            boxes
                                .Where(b => b.From.Y == a.From.Y && b.From.X > a.From.X)
                                .All(b =>
                                    boxes.Count == 1
                                    || mm(b.From.X) <= mm(a.To.X) - 10 + 1e-6
                                    || b.From.X > a.To.X
                                )
                        )
                        && plan.Steps(Ruler.Metric)
                            .Count(s => s.Key.StartsWith("hoop-", StringComparison.Ordinal))
                            == boxes.Count;
                }
            );

    [Fact]
    public void A_bobbin_ends_where_its_thread_is_used_up() =>
        Gen.Select(Gen.Double[2000, 30_000], Gen.Double[1, 4])
            .Sample(
                (capacity, stitch) =>
                {
                    var told = Captured.From(
                        Plan(
                            RawInputs.Of(
                                ("width", 400),
                                ("height", 300),
                                ("bobbinCapacity", capacity),
                                ("stitchLength", stitch)
                            )
                        )
                    );
                    var ends = told.List("bobbinEnds");
                    var used = 1.15 * told["bobbinThread"];
                    return told["bobbins"] == Math.Ceiling(used / capacity - 1e-9)
                        && ends.Count == told["bobbins"] - 1
                        && ends.Select((e, i) => (e, i))
                            .All(e => Near(e.e / told["length"] * used, (e.i + 1) * capacity));
                }
            );

    [Fact]
    public void Capitals_are_as_high_as_is_said_and_a_ring_goes_round_all_of_them()
    {
        foreach (var high in new[] { 20.0, 45, 120 })
        {
            var ask = RawInputs.Of(
                ("kind", "letters"),
                ("text", "HIE"),
                ("capHeight", high),
                ("lineSpacing", 1)
            );
            var told = Captured.From(Plan(ask));
            told["reachHeight"].ShouldBe(high, 0.02 * high);

            var ringed = Captured.From(Plan(ask.With("ring", RawValue.Of(true))));
            ringed["reachWidth"].ShouldBe(ringed["reachHeight"], 1e-6);
            ringed["reachWidth"].ShouldBeGreaterThan(told["reachWidth"]);
            ringed["jumps"].ShouldBe(told["jumps"] + 1);
            // The ring fills nothing: what lies within it is as dense as before, but for the ring's own stitches.
            var ring = Math.PI * ringed["reachWidth"];
            ringed["length"].ShouldBe(told["length"] + ring, 0.2 * ring);
            told["columnWidth"].ShouldBeInRange(3, 6);
        }
    }

    [Theory]
    [InlineData("needle-bends", "stitchLength", 5.0, 2.5)]
    [InlineData("piles-up", "stitchLength", 0.4, 2.0)]
    [InlineData("wider-than-machine", "stitchWidth", 9.0, 5.0)]
    [InlineData("too-dense", "lineSpacing", 0.3, 2.0)]
    [InlineData("nothing-holds", "held", "nothing", "hoop")]
    [InlineData("hoop-moves", "hoopInside", 100.0, 300.0)]
    [InlineData("bobbin-ends", "bobbinCapacity", 1000.0, 60_000.0)]
    [InlineData("elastic-field", "elasticBobbin", true, false)]
    public void A_finding_is_provoked_by_one_figure_and_cured_by_another(
        string code,
        string field,
        object wrong,
        object right
    )
    {
        var fill = RawInputs.Of(
            ("kind", "fill"),
            ("shape", "leaf"),
            ("shapeWidth", 120),
            ("shapeHeight", 80),
            ("lineSpacing", 2)
        );
        Codes(wrong).ShouldContain(code);
        Codes(right).ShouldNotContain(code);

        IEnumerable<string> Codes(object value)
        {
            var plan = Plan(fill.With(field, RawValue.Of(value)));
            plan.Findings.ShouldAllBe(f =>
                f.Says.Length > 0 && f.Because.Length > 0 && f.Remedy.Length > 0
            );
            return plan.Findings.Select(f => f.Code);
        }
    }

    [Fact]
    public void A_line_that_crosses_itself_says_so_and_a_meander_never_does()
    {
        Plan(RawInputs.Of(("kind", "line"), ("path", "M0 0 L40 40 L40 0 L0 40")))
            .Findings.Select(f => f.Code)
            .ShouldContain("crosses-itself");
        for (var seed = 0; seed < 12; seed++)
        {
            var told = Captured.From(
                Plan(RawInputs.Of(("width", 150), ("height", 120), ("seed", seed)))
            );
            var line = Path.Of(false, [.. Lines(told).Single().Select(p => Point.At(p.X, p.Y))]);
            Area.Crossings(new MeasuredPath(line)).ShouldBeEmpty();
        }
    }

    [Theory]
    [InlineData("meander", "width")]
    [InlineData("letters", "text")]
    [InlineData("fill", "shapeWidth")]
    [InlineData("line", "shapeWidth")]
    public void What_a_kind_needs_is_asked_for(string kind, string missing)
    {
        var errors = Free.Forward.Compute(RawInputs.Of(("kind", kind)), Ruler.Metric).Errors;
        errors.ShouldContain(e => e.Field == missing && e.Refusal == Refusal.Missing);
        Free.Forward.CheckUnfinished(RawInputs.Of(("kind", kind)), Ruler.Metric).ShouldBeEmpty();
    }

    [Theory]
    [InlineData("lineSpacing", "meander", 60.0)]
    [InlineData("shape", "fill", "wave")]
    [InlineData("text", "letters", "Wr☃n")]
    public void What_cannot_be_sewn_is_refused_at_its_field(string field, string kind, object says)
    {
        var ask = RawInputs.Of(
            ("kind", kind),
            ("width", 200),
            ("height", 150),
            ("shapeWidth", 60),
            ("text", "W"),
            ("capHeight", 40)
        );
        Free.Forward.Compute(ask.With(field, RawValue.Of(says)), Ruler.Metric)
            .Errors.ShouldContain(e => e.Field == field);
    }

    /// <summary>Her hand is learnt: swatches whose stitches come out longer say a quicker machine, in the plan and on its sheet.</summary>
    [Fact]
    public void Hands_that_are_quicker_than_planned_run_the_machine_faster() =>
        Gen.Double[0.6, 1.9]
            .Sample(factor =>
            {
                var plan = Plan(
                    RawInputs
                        .Of(("width", 200), ("height", 150), ("machineSpeed", 500))
                        .With(
                            "samples",
                            Samples(6, ("dialled", 2), ("stitches", 10), ("measured", 20 * factor))
                        )
                );
                var told = Captured.From(plan);
                // Six lines outweigh what was believed before them.
                return Math.Abs(told["handFactor"] / factor - 1) < 0.1
                    && Near(told["keptHand"], told["handSpeed"] * told["handFactor"])
                    && Math.Abs(told["runAt"] - 500 * told["handFactor"]) <= 5
                    && plan.Facts.Any(f =>
                        f.Name == "Your usual hand speed" && f.Text.Contains($"{told["runAt"]}")
                    )
                    && plan.Expected!.Low < told["handFactor"]
                    && told["handFactor"] < plan.Expected.High;
            });

    [Fact]
    public void A_square_with_elastic_says_what_the_field_draws_in_to_and_what_to_begin_with()
    {
        var ask = RawInputs.Of(("width", 300), ("height", 200), ("elasticBobbin", true));
        var before = Captured.From(Plan(ask));
        before["drawnAcross"].ShouldBe(0.8, 1e-6);

        var plan = Plan(
            ask.With(
                "samples",
                Samples(
                    8,
                    ("dialled", 2),
                    ("stitches", 10),
                    ("measured", 20),
                    ("square", 100),
                    ("along", 70),
                    ("across", 64)
                )
            )
        );
        var after = Captured.From(plan);
        after["drawnAlong"].ShouldBe(0.70, 0.02);
        after["drawnAcross"].ShouldBe(0.64, 0.02);
        after["comesToWidth"].ShouldBe(300 * after["drawnAcross"], 1e-6);
        after["flatHeight"].ShouldBe(200 / after["drawnAlong"], 1e-6);
        plan.Facts.Select(f => f.Name).ShouldContain("To finish at full size");
        Captured
            .From(Plan(ask.With("elasticBobbin", RawValue.Of(false))))
            .Names.ShouldNotContain("flatWidth");
    }

    [Theory]
    [InlineData(2.0, 600, new[] { 30.0, 30 }, "run the machine at 900")]
    [InlineData(2.0, 600, new[] { 14.0, 14 }, "run the machine at 420")]
    [InlineData(2.0, 600, new[] { 20.0, 20.5 }, "That is the stitch that was planned")]
    [InlineData(2.0, 600, new[] { 15.0, 25 }, "uneven")]
    public void A_line_of_ten_centimetres_says_what_to_change(
        double planned,
        double machine,
        double[] ten,
        string says
    )
    {
        var outcome = Free.CalculationNamed("swatch")!
            .Compute(
                RawInputs.Of(
                    ("plannedStitch", planned),
                    ("machineSpeed", machine),
                    ("tenOnLine", ten)
                ),
                Ruler.Metric
            );
        outcome.Errors.ShouldBeEmpty();
        string.Join(" ", ((Swatches.SwatchJudgement)outcome.Answer!).Lines).ShouldContain(says);
    }

    /// <summary>A field of 60 by 60 cm is no more than any other: it is one line, and its stitches are told.</summary>
    [Fact]
    public void Loops_stay_within_their_field_reach_all_of_it_and_cross_themselves() =>
        Gen.Select(Gen.Double[40, 300], Gen.Double[40, 200], Gen.Double[4, 18], Gen.Int[0, 9999])
            .Sample(
                (width, height, apart, seed) =>
                {
                    var line = Loops.Of(
                        Length.FromMillimetres(width),
                        Length.FromMillimetres(height),
                        Length.FromMillimetres(apart),
                        seed
                    );
                    var (x, y) = (
                        line.Select(p => p.X.Millimetres).ToList(),
                        line.Select(p => p.Y.Millimetres).ToList()
                    );
                    var far = line.Zip(line.Skip(1))
                        .Max(p =>
                            Math.Sqrt(
                                Math.Pow((p.First.X - p.Second.X).Millimetres, 2)
                                    + Math.Pow((p.First.Y - p.Second.Y).Millimetres, 2)
                            )
                        );
                    return x.Min() >= 0
                        && y.Min() >= 0
                        && x.Max() <= width + 1e-9
                        && y.Max() <= height + 1e-9
                        // No corner of the field is left, and no stitch goes across it.
                        && x.Min() < apart
                        && width - x.Max() < apart
                        && y.Min() < apart
                        && height - y.Max() < apart
                        && far < 2 * apart
                        && Area.Crossings(new MeasuredPath(Path.Of(false, line))).Count > 0;
                },
                iter: 40
            );

    [Fact]
    public void A_large_meander_is_one_line_of_the_length_that_fills_it()
    {
        var told = Captured.From(
            Plan(
                RawInputs.Of(
                    ("width", 600),
                    ("height", 600),
                    ("lineSpacing", 6),
                    ("stitchLength", 3)
                )
            )
        );
        told["jumps"].ShouldBe(0);
        (told["length"] * 6 / (600 * 600)).ShouldBeInRange(0.9, 1.1);
        told["stitches"].ShouldBeGreaterThan(18_000);
    }

    private static RawValue Samples(int count, params (string, object)[] says) =>
        RawValue.Of([.. Enumerable.Repeat(RawValue.Of(RawInputs.Of(says)), count)]);

    private static WorkPlan Plan(RawInputs ask)
    {
        var outcome = Free.Forward.Compute(ask, Ruler.Metric);
        outcome.Errors.Select(e => $"{e.Field}: {e.Says}").ShouldBeEmpty();
        return (WorkPlan)outcome.Answer!;
    }

    private static List<List<(double X, double Y)>> Lines(Captured told) =>
        [
            .. told.Polylines("line")
                .Select(l => l.Select(p => (p.X.Millimetres, p.Y.Millimetres)).ToList()),
        ];

    private static double Long(List<(double X, double Y)> line) =>
        line.Zip(
                line.Skip(1),
                (a, b) => Math.Sqrt((a.X - b.X) * (a.X - b.X) + (a.Y - b.Y) * (a.Y - b.Y))
            )
            .Sum();

    private static bool Near(double a, double b) =>
        Math.Abs(a - b) <= 1e-6 * Math.Max(1, Math.Abs(b));

    private static double Number(RawInputs ask, string name) => ask.Values[name].Number!.Value;

    private static string Said(RawInputs ask, string name) => ask.Values[name].Text!;
}
