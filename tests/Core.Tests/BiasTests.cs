using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>What holds of strips on any grain: their joins, what a remnant of a known shape gives, and which way is said to be the better.</summary>
public class BiasTests
{
    private static readonly Process Piping = Techniques.WorkingOf("piping")!;

    private static readonly Gen<RawInputs> AnyStraightEdge =
        from edge in Gen.Double[200, 6000]
        from cord in Gen.Double[1, 9]
        from thickness in Gen.Double[0.1, 1.2]
        from seam in Gen.Double[6, 20]
        from cloth in Gen.Double[400, 1600]
        select RawInputs.Of(
            ("made", "edges"),
            ("edges", new[] { edge }),
            ("closed", false),
            ("grain", "straight"),
            ("method", "strips"),
            ("cordDiameter", cord),
            ("clothThickness", thickness),
            ("seamAllowance", seam),
            ("clothWidth", cloth)
        );

    /// <summary>Laid across each other and sewn from corner to corner, two strips lose the square in which they lie double.</summary>
    [Fact]
    public void A_join_on_the_straight_grain_takes_the_width_of_the_strip() =>
        AnyStraightEdge.Sample(ask =>
        {
            var told = Told(ask);
            var (cloth, wide, strips) = (
                Number(ask, "clothWidth"),
                told["stripWidth"],
                told["strips"]
            );
            var reaches = strips * cloth - (strips - 1) * wide;
            var fewer = (strips - 1) * cloth - Math.Max(0, strips - 2) * wide;
            return told["stripLength"] == cloth
                && reaches >= told["requiredInAll"] - 1e-6
                && (strips == 1 || fewer < told["requiredInAll"])
                && Math.Abs(told["clothLength"] - strips * wide) < 1e-6;
        });

    /// <summary>Of a rectangle on the straight grain it is a sum: as many strips as lie side by side, each as long as it is wide.</summary>
    [Fact]
    public void A_rectangle_gives_on_the_straight_grain_what_a_sum_gives() =>
        Gen.Select(Gen.Double[150, 1200], Gen.Double[60, 900], Gen.Double[1, 8])
            .Sample(
                (wide, high, cord) =>
                {
                    var told = Remnant(
                        RawInputs.Of(
                            ("grain", "straight"),
                            ("remnantWidth", wide),
                            ("remnantHeight", high),
                            ("cordDiameter", cord),
                            ("clothThickness", 0.3)
                        )
                    );
                    var strip = told["stripWidth"];
                    var most = Math.Floor(high / strip + 1e-9);
                    return told["count"] == most
                        && told.List("lengths").All(l => Math.Abs(l - wide) < 1e-6)
                        && Math.Abs(told["gives"] - Math.Max(0, most * wide - (most - 1) * strip))
                            < 1e-6;
                }
            );

    /// <summary>No choice of strips covers more cloth than there is, at any angle.</summary>
    [Fact]
    public void Strips_of_a_remnant_are_never_more_cloth_than_it_is() =>
        Gen.Select(Gen.Double[200, 900], Gen.Double[200, 900], Gen.Double[1, 8], Gen.Double[30, 60])
            .Sample(
                (wide, high, cord, angle) =>
                {
                    var told = Remnant(
                        RawInputs.Of(
                            ("grain", "other"),
                            ("angle", angle),
                            ("remnantWidth", wide),
                            ("remnantHeight", high),
                            ("cordDiameter", cord),
                            ("clothThickness", 0.3)
                        )
                    );
                    var lengths = told.List("lengths");
                    return lengths.Sum() * told["stripWidth"] <= wide * high + 1e-3
                        && lengths.Zip(lengths.Skip(1)).All(p => p.First >= p.Second - 1e-9)
                        && lengths.Count == told["count"];
                }
            );

    /// <summary>A strip can lean either way, so that a remnant and what a mirror shows of it give the same.</summary>
    [Fact]
    public void A_remnant_gives_as_much_as_its_mirror_image() =>
        Gen.Select(Gen.Double[80, 260].List[3, 7], Gen.Double[1, 6])
            .Sample(
                (reaches, cord) =>
                {
                    var shape = reaches.Select(
                        (r, i) =>
                            (
                                X: 300 + r * Math.Cos(2 * Math.PI * i / reaches.Count),
                                Y: 300 + r * Math.Sin(2 * Math.PI * i / reaches.Count)
                            )
                    );
                    // Places that are tried lie a millimetre apart, so that a strip may come to lie half of one off.
                    var (one, other) = (
                        Gives([.. shape], cord),
                        Gives([.. shape.Select(p => (600 - p.X, p.Y))], cord)
                    );
                    return Math.Abs(one - other) <= 0.03 * Math.Max(one, other) + 60;
                }
            );

    [Fact]
    public void A_thicker_cord_a_thicker_cloth_or_a_wider_flange_never_makes_the_strip_narrower() =>
        Gen.Select(
                Gen.Double[1, 9],
                Gen.Double[0.1, 1.2],
                Gen.Double[6, 20],
                Gen.OneOf("cordDiameter", "clothThickness", "seamAllowance"),
                Gen.Double[0, 3]
            )
            .Sample(
                (cord, thick, seam, which, more) =>
                {
                    var ask = RawInputs.Of(
                        ("edges", new[] { 2000.0 }),
                        ("cordDiameter", cord),
                        ("clothThickness", thick),
                        ("seamAllowance", seam)
                    );
                    var most = which == "clothThickness" ? Math.Min(more, 0.5) : more;
                    var wider = ask.With(which, RawValue.Of(Number(ask, which) + most));
                    return Told(wider)["stripWidth"] >= Told(ask)["stripWidth"]
                        && Told(wider)["covered"] >= Told(ask)["covered"] - 1e-9;
                }
            );

    /// <summary>Whatever is chosen, the first in the list serves where any does, and what is not asked for is never taken.</summary>
    [Fact]
    public void The_better_way_has_cloth_enough_where_any_has_and_what_was_asked_for_is_taken() =>
        Gen.Select(
                Gen.Double[200, 9000],
                Gen.Double[200, 2500],
                Gen.Double[400, 1600],
                Gen.OneOf("better", "strips", "continuous", "remnant"),
                Gen.Double[150, 900],
                Gen.Bool
            )
            .Sample(
                (edge, atHand, cloth, method, remnant, isOpen) =>
                {
                    var told = Told(
                        RawInputs.Of(
                            ("edges", new[] { edge }),
                            ("closed", !isOpen),
                            ("cordDiameter", 4),
                            ("clothAtHand", atHand),
                            ("clothWidth", cloth),
                            ("method", method),
                            ("remnantWidth", remnant),
                            ("remnantHeight", remnant)
                        )
                    );
                    var ways = told.Rows("ways");
                    var first = ways[0];
                    return ways.Any(w => Serves(w)) == Serves(first)
                        && (
                            method == "better"
                                ? told.Said("way") == first.Said("name")
                                : told.Said("way") == method
                        )
                        && told.Said("why").Length > 0;
                }
            );

    /// <summary>Six joins in half a metre are six lumps: what one strip covers has none.</summary>
    [Theory]
    [InlineData(400, "corner")]
    [InlineData(6000, "continuous")]
    public void A_fine_cord_along_a_short_edge_is_covered_without_a_join(double edge, string way)
    {
        var plan = (WorkPlan)
            Techniques
                .WorkingOf("fine-piping")!
                .Forward.Compute(
                    RawInputs.Of(
                        ("wraps", 20),
                        ("made", "edges"),
                        ("edges", new[] { edge }),
                        ("clothThickness", 0.17)
                    ),
                    Ruler.Metric
                )
                .Answer!;
        var told = Captured.From(plan);

        told.Said("way").ShouldBe(way);
        if (way == "corner")
        {
            plan.Steps(Ruler.Metric).ShouldNotContain(s => s.Key == "join");
            plan.Pieces.Single(p => p.Of == "cloth").Length.Millimetres.ShouldBeGreaterThan(edge);
            plan.Needs.Single(n => n.Kind == "cloth").Amount.Millimetres.ShouldBeLessThan(500);
            told.Said("why").ShouldContain("fabric");
        }
    }

    /// <summary>In inches a length is the same length: nothing that is cut differs by more than its rounding.</summary>
    [Theory]
    [InlineData("piping")]
    [InlineData("fine-piping")]
    [InlineData("cord-trim")]
    public void What_is_cut_in_inches_is_what_is_cut_in_centimetres(string technique)
    {
        var form = Techniques.WorkingOf(technique)!.Forward;
        var (metric, imperial) = (Reckoned(Ruler.Metric), Reckoned(Ruler.Imperial));

        foreach (var (a, b) in Both(p => p.Pieces))
        {
            b.Key.ShouldBe(a.Key);
            b.Count.ShouldBe(a.Count);
            // A strip is cut in steps of a ruler: whole millimetres, or eighths of an inch.
            b.Length.Millimetres.ShouldBe(a.Length.Millimetres, 0.02 * a.Length.Millimetres + 4);
        }
        foreach (var (a, b) in Both(p => p.Findings))
        {
            b.Code.ShouldBe(a.Code);
            b.Severity.ShouldBe(a.Severity);
        }
        Both(p => p.Facts).ShouldAllBe(f => f.First.Name == f.Second.Name);
        metric
            .Steps(Ruler.Metric)
            .Select(s => s.Key)
            .ShouldBe(imperial.Steps(Ruler.Imperial).Select(s => s.Key));

        WorkPlan Reckoned(Ruler ruler) => (WorkPlan)form.Compute(form.Example, ruler).Answer!;
        IEnumerable<(T First, T Second)> Both<T>(Func<WorkPlan, IReadOnlyList<T>> take)
        {
            take(imperial).Count.ShouldBe(take(metric).Count);
            return take(metric).Zip(take(imperial));
        }
    }

    /// <summary>A square too wide for the cloth becomes an oblong as wide as the cloth, of which as much becomes strip.</summary>
    [Fact]
    public void A_tube_is_sewn_from_a_square_where_the_cloth_is_wide_enough_and_else_from_an_oblong() =>
        Gen.Select(Gen.Double[500, 30_000], Gen.Double[200, 1600], Gen.Double[2, 8])
            .Sample(
                (edge, cloth, cord) =>
                {
                    var told = Told(
                        RawInputs.Of(
                            ("edges", new[] { edge }),
                            ("cordDiameter", cord),
                            ("clothThickness", 0.3),
                            ("clothWidth", cloth),
                            ("joinAllowance", 8),
                            ("method", "continuous")
                        )
                    );
                    var isOblong = told["squareSide"] > cloth;
                    // Whole strips side by side between the first seam's allowances, each line shortened by the second's.
                    var gives =
                        Math.Floor(
                            (told["tubeAlong"] - 16) / (told["stripWidth"] * Math.Sqrt(2)) + 1e-9
                        )
                        * (told["tubeAcross"] - 16)
                        * Math.Sqrt(2);
                    return gives >= told["requiredInAll"] - 1e-6
                        && (
                            isOblong
                                ? told["tubeAcross"] == cloth
                                : told["tubeAlong"] == told["squareSide"]
                        )
                        && gives <= told["requiredInAll"] + 2 * told["tubeAcross"] * Math.Sqrt(2);
                }
            );

    /// <summary>A cover that is smaller than its pad makes it plump; a cord rounds its corners.</summary>
    [Theory]
    [InlineData("piping")]
    [InlineData("cord-trim")]
    public void The_edge_of_a_cover_is_its_pad_less_what_makes_it_plump_and_what_its_corners_cut_off(
        string technique
    ) =>
        Gen.Select(
                Gen.Double[200, 700],
                Gen.Double[200, 700],
                Gen.OneOf(("flat", 0.0), ("full", 20.0), ("plump", 40.0)),
                Gen.Double[8, 20]
            )
            .Sample(
                (wide, high, plump, seam) =>
                {
                    var outcome = Techniques
                        .WorkingOf(technique)!
                        .Forward.Compute(
                            RawInputs.Of(
                                ("made", "cushion"),
                                ("cushionWidth", wide),
                                ("cushionHeight", high),
                                ("plumpness", plump.Item1),
                                ("seamAllowance", seam),
                                ("cordDiameter", 4),
                                ("cutCushion", true)
                            ),
                            Ruler.Metric
                        );
                    outcome.Errors.Select(e => $"{e.Field}: {e.Says}").ShouldBeEmpty();
                    var plan = (WorkPlan)outcome.Answer!;
                    var told = Captured.From(plan);
                    // A small pad gives up a tenth of its shorter side at the most.
                    var less = Math.Min(plump.Item2, Math.Min(wide, high) / 10);
                    var (across, down) = (wide - less, high - less);
                    // What its rounded corners cut off, and no more.
                    var cutOff = 2 * (across + down) - told["edge"];
                    return cutOff >= -1e-6
                        && cutOff
                            <= 4
                                * (2 - Math.PI / 2)
                                * (told["cornerRadius"] + (plump.Item1 == "plump" ? 10 : 0))
                                + 1e-6;
                }
            );

    private static bool Serves(Captured way) => way["serves"] == 1;

    private static Captured Told(RawInputs ask)
    {
        var outcome = Piping.Forward.Compute(ask, Ruler.Metric);
        outcome.Errors.Select(e => $"{e.Field}: {e.Says}").ShouldBeEmpty();
        return Captured.From(outcome.Answer!);
    }

    private static Captured Remnant(RawInputs ask)
    {
        var outcome = Piping.CalculationNamed("remnant")!.Compute(ask, Ruler.Metric);
        outcome.Errors.Select(e => $"{e.Field}: {e.Says}").ShouldBeEmpty();
        return Captured.From(outcome.Answer!);
    }

    private static double Gives(List<(double X, double Y)> corners, double cord) =>
        Remnant(
            RawInputs
                .Of(("cordDiameter", cord), ("clothThickness", 0.3))
                .With(
                    "remnantCorners",
                    RawValue.Of([
                        .. corners.Select(c => RawValue.Of(RawInputs.Of(("x", c.X), ("y", c.Y)))),
                    ])
                )
        )["gives"];

    private static double Number(RawInputs ask, string name) => ask.Values[name].Number!.Value;
}
