using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>Strips that cover a cord: how wide, from how much cloth, out of which remnant, and where their joins come to lie.</summary>
public class PipingTests
{
    private static readonly Process Piping = Techniques.WorkingOf("piping")!;

    private static readonly Gen<RawInputs> AnyCushion =
        from width in Gen.Double[80, 900]
        from height in Gen.Double[80, 900]
        from plump in Gen.OneOf("flat", "full", "plump")
        from cord in Gen.Double[1, 9]
        from thickness in Gen.Double[0.1, 1.2]
        from seam in Gen.Double[6, 25]
        from cloth in Gen.Double[300, 1600]
        from method in Gen.OneOf("strips", "continuous", "better")
        from count in Gen.Int[1, 6]
        select RawInputs.Of(
            ("made", "cushion"),
            ("cushionWidth", width),
            ("cushionHeight", height),
            ("plumpness", plump),
            ("cordDiameter", cord),
            ("clothThickness", thickness),
            ("seamAllowance", seam),
            ("clothWidth", cloth),
            ("method", method),
            ("count", count)
        );

    /// <summary>Corners on rays about a middle, so that no edge crosses another.</summary>
    private static readonly Gen<List<(double X, double Y)>> AnyRemnant =
        from reaches in Gen.Double[60, 260].List[3, 8]
        select reaches
            .Select(
                (r, i) =>
                    (
                        300 + r * Math.Cos(2 * Math.PI * i / reaches.Count),
                        300 + r * Math.Sin(2 * Math.PI * i / reaches.Count)
                    )
            )
            .ToList();

    [Fact]
    public void A_strip_is_never_narrower_than_the_wrap_and_both_flanges_whatever_swatches_said() =>
        Gen.Select(AnyCushion, Gen.Double[0.7, 1.4].List[0, 4])
            .Sample(
                (ask, factors) =>
                {
                    var told = Told(
                        ask.With(
                            "samples",
                            RawValue.Of([
                                .. factors.Select(f =>
                                    RawValue.Of(
                                        RawInputs.Of(
                                            ("dialled", 14),
                                            ("stitches", 1),
                                            ("measured", 14 * f)
                                        )
                                    )
                                ),
                            ])
                        )
                    );
                    var (cord, thick, seam) = (
                        Number(ask, "cordDiameter"),
                        Number(ask, "clothThickness"),
                        Number(ask, "seamAllowance")
                    );
                    return told["stripWidth"] >= Math.PI * (cord + thick) + 2 * seam - 1e-9;
                }
            );

    [Fact]
    public void Strips_and_tube_give_as_much_as_is_required_and_agree_within_a_join() =>
        AnyCushion.Sample(ask =>
        {
            var told = Told(ask);
            var (width, cloth, join) = (told["stripWidth"], Number(ask, "clothWidth"), 8.0);
            var each = cloth * Math.Sqrt(2);
            var strips = told["strips"];
            var gives = strips * each - (strips - 1) * 2 * join * Math.Sqrt(2);
            var fewer = (strips - 1) * each - Math.Max(0, strips - 2) * 2 * join * Math.Sqrt(2);
            return gives >= told["requiredInAll"] - 1e-6
                && (strips == 1 || fewer < told["requiredInAll"])
                && told["tubeAcross"] <= cloth + 1e-9
                && TubeGives(told, width, join) >= told["requiredInAll"] - 1e-6
                // All but the seams becomes strip, less at most a line that is cut off.
                && (told["tubeAcross"] - 2 * join) * (told["tubeAlong"] - 2 * join)
                    <= width * (told["requiredInAll"] + 2 * told["tubeAcross"] * Math.Sqrt(2));
        });

    /// <summary>
    /// Sewn as told: the first seam takes its allowances of the length along which strips stand side by side, the second of every
    /// line; what is over a whole number of strips is cut off.
    /// </summary>
    private static double TubeGives(Captured told, double width, double join) =>
        Math.Floor((told["tubeAlong"] - 2 * join) / (width * Math.Sqrt(2)) + 1e-9)
        * (told["tubeAcross"] - 2 * join)
        * Math.Sqrt(2);

    [Fact]
    public void Strips_as_they_are_drawn_lie_on_the_cloth_side_by_side() =>
        AnyCushion.Sample(ask =>
        {
            var drawing = Drawn(ask, "strips");
            var strips = Strips(drawing);
            return strips.Count == Math.Min(120, Told(ask)["strips"])
                && strips.All(s =>
                    s.All(p =>
                        p.X >= -1e-6
                        && p.X <= drawing.Width.Millimetres + 1e-6
                        && p.Y >= -1e-6
                        && p.Y <= drawing.Height.Millimetres + 1e-6
                    )
                )
                && AreApart(strips);
        });

    [Fact]
    public void Strips_of_a_remnant_lie_within_it_and_apart_and_are_as_long_as_is_told() =>
        Gen.Select(AnyRemnant, Gen.Double[1, 6])
            .Sample(
                (corners, cord) =>
                {
                    var ask = OnRemnant(corners, cord);
                    if (Piping.Forward.Compute(ask, Ruler.Metric).Answer is not { } answer)
                    {
                        // Nothing can be cut from it.
                        return Gives(corners, cord) == 0;
                    }
                    var told = Captured.From(answer);
                    var strips = Strips(
                        answer.Drawings(Ruler.Metric).Single(d => d.Name == "remnant")
                    );
                    return AreApart(strips)
                        && strips.All(s => Sides(s).All(p => IsWithin(p, corners)))
                        && strips
                            .Zip(told.List("remnantStrips"))
                            .All(s => Math.Abs(Apart(s.First[0], s.First[1]) - s.Second) < 1e-6);
                }
            );

    [Fact]
    public void More_cloth_never_gives_less_piping() =>
        Gen.Select(AnyRemnant, Gen.Double[1, 6], Gen.Int[0, 7], Gen.Double[0, 120])
            .Sample(
                (corners, cord, place, more) =>
                {
                    // One corner is drawn out from the middle: what was there is there still.
                    var (x, y) = corners[place % corners.Count];
                    var far = Math.Sqrt((x - 300) * (x - 300) + (y - 300) * (y - 300));
                    var larger = corners.ToList();
                    larger[place % corners.Count] = (
                        x + (x - 300) / far * Math.Min(more, 290 - far > 0 ? 290 - far : 0),
                        y + (y - 300) / far * Math.Min(more, 290 - far > 0 ? 290 - far : 0)
                    );
                    return Gives(larger, cord) >= Gives(corners, cord) - 1e-6;
                }
            );

    /// <summary>By brute force: of every place on the grid how long a strip could be, looked at line by line; and every choice of places.</summary>
    [Fact]
    public void A_remnant_gives_what_brute_force_finds() =>
        Gen.Select(AnyRemnant, Gen.Double[3, 6])
            .Sample(
                (corners, cord) =>
                {
                    var wide = Math.Ceiling(Math.PI * (cord + 0.3) + 24 - 1e-9);
                    var found = new[] { 1, -1 }.Max(lean => ByBruteForce(corners, wide, lean));
                    var told = Gives(corners, cord);
                    // Brute force looks at lines a millimetre apart: between them an edge may come in a little further.
                    return told <= found + 1e-6 && told >= found - 0.04 * found - 80;
                },
                iter: 40
            );

    [Fact]
    public void Every_corner_is_round_enough_for_its_cord_and_clipped_so_that_no_gap_shows() =>
        AnyCushion.Sample(ask =>
        {
            var told = Told(ask);
            var seam = Number(ask, "seamAllowance");
            var corners = told.Rows("clips");
            // A quarter of a circle, a flange wide: every clip opens by 5 mm at most.
            return corners.Count == 4
                && told["cornerRadius"] >= 3 * told["covered"] - 1e-6
                && corners.All(c =>
                    seam * Math.PI / 2 / c["count"] <= 5 + 1e-9
                    && (c["count"] == 1 || seam * Math.PI / 2 / (c["count"] - 1) > 5 - 1e-9)
                    && c["depth"] < seam
                    && c["depth"] > 0
                );
        });

    [Fact]
    public void The_sides_of_a_cushion_are_its_edge_and_it_begins_below() =>
        AnyCushion.Sample(ask =>
        {
            var told = Told(ask);
            var sides = told.Rows("sides");
            return sides.Count == 4
                && Math.Abs(sides.Sum(s => s["length"]) - told["edge"]) < 1e-6
                && told.Said("start") == "bottom";
        });

    [Fact]
    public void Each_line_is_nearer_to_the_cord_and_none_is_beyond_the_foot() =>
        Gen.Select(AnyCushion, Gen.Double[4, 14], Gen.Int[3, 40], Gen.Double[1, 6])
            .Sample(
                (ask, opening, positions, shift) =>
                {
                    var told = Told(
                        ask.With("footOpening", RawValue.Of(opening))
                            .With("needlePositions", RawValue.Of((double)positions))
                            .With("needleShift", RawValue.Of(shift))
                    );
                    var step = 2 * shift / (positions - 1);
                    var lines = told.Rows("lines").Where(l => l.Names.Contains("place")).ToList();
                    return lines.Zip(lines.Skip(1)).All(p => p.First["place"] > p.Second["place"])
                        && lines.All(l =>
                            l["gives"] >= -1e-9
                            && l["place"] * step <= Math.Min(shift, opening / 2 - 0.75) + 1e-6
                            && Math.Abs(l["place"] * step - told["covered"] / 2 - l["gives"]) < 1e-9
                        );
                }
            );

    [Fact]
    public void Joins_that_are_said_to_be_hidden_lie_on_no_corner() =>
        AnyCushion.Sample(ask =>
        {
            var plan = Plan(ask);
            var drawing = plan.Drawings(Ruler.Metric).Single(d => d.Name == "edge");
            var joins = drawing.Shapes.OfType<ClothLine>().Where(l => l.Part == "joins").ToList();
            var cord = drawing.Shapes.OfType<PathShape>().Single(s => s.Part == "cord").Path;
            if (plan.Findings.Any(f => f.Code == "join-at-corner"))
            {
                return true;
            }
            // At a corner the line across is not square to the page.
            return joins.All(j =>
                    Math.Abs((j.From.X - j.To.X).Millimetres) < 1e-6
                    || Math.Abs((j.From.Y - j.To.Y).Millimetres) < 1e-6
                ) && cord.IsClosed;
        });

    [Fact]
    public void Measured_edges_are_laid_to_a_shape_that_closes_with_sides_as_long() =>
        Gen.Double[40, 600]
            .List[3, 7]
            .Where(edges => edges.Max() < 0.45 * edges.Sum())
            .Sample(edges =>
            {
                var ask = RawInputs.Of(
                    ("edges", edges.Select(e => e).ToArray()),
                    ("closed", true),
                    ("cordDiameter", 3),
                    // So small a corner takes nothing that is felt of its sides.
                    ("cornerRadius", 0.1)
                );
                var plan = Plan(ask);
                var told = Captured.From(plan);
                var cord = plan.Drawings(Ruler.Metric)
                    .Single(d => d.Name == "edge")
                    .Shapes.OfType<PathShape>()
                    .Single(s => s.Part == "cord")
                    .Path;
                return Math.Abs(told["required"] - edges.Sum() - 40) < 1e-6
                    && cord.Gap.Millimetres < 0.01
                    && Math.Abs(cord.Along.Millimetres - edges.Sum()) < 2;
            });

    [Theory]
    [InlineData("straight", "straight-in-bend")]
    [InlineData("bias", null)]
    public void The_straight_grain_serves_only_where_every_edge_is_straight(
        string grain,
        string? code
    )
    {
        var cushion = Piping.Forward.Example.With("grain", RawValue.Of(grain));
        Plan(cushion).Findings.Any(f => f.Code == "straight-in-bend").ShouldBe(code is not null);

        var straight = RawInputs.Of(
            ("edges", new[] { 500.0 }),
            ("cordDiameter", 4),
            ("grain", grain)
        );
        Plan(straight).Findings.ShouldNotContain(f => f.Code == "straight-in-bend");
    }

    [Fact]
    public void A_narrower_flange_on_the_sample_makes_the_strip_wider()
    {
        var ask = Piping.Forward.Example;
        var before = Told(ask);
        var sample = Piping.Swatch.Sample!(
            new(
                new Dictionary<string, IReadOnlyList<double>> { ["flange"] = [11, 11.1] },
                RawInputs.Of(("stripWidth", before["stripWidth"]), ("wrap", before["wrap"])),
                new Dictionary<string, string>(),
                true,
                true
            )
        );
        var after = Told(ask.With("samples", RawValue.Of([RawValue.Of(sample)])));

        after["wrapFactor"].ShouldBeGreaterThan(1);
        after["stripWidth"].ShouldBeGreaterThan(before["stripWidth"]);
    }

    /// <summary>In the figures of the first sample the covering closes over the cord, with the flange that is wanted.</summary>
    [Fact]
    public void After_one_sample_the_strip_is_wide_enough_for_what_the_wrap_took() =>
        Gen.Select(AnyCushion, Gen.Double[0.85, 1.12])
            .Sample(
                (ask, factor) =>
                {
                    var before = Told(ask);
                    var seam = Number(ask, "seamAllowance");
                    var took = before["wrap"] * factor;
                    var sample = Piping.Swatch.Sample!(
                        new(
                            new Dictionary<string, IReadOnlyList<double>>
                            {
                                ["flange"] = [(before["stripWidth"] - took) / 2],
                            },
                            RawInputs.Of(
                                ("stripWidth", before["stripWidth"]),
                                ("wrap", before["wrap"])
                            ),
                            new Dictionary<string, string>(),
                            true,
                            true
                        )
                    );
                    var after = Told(ask.With("samples", RawValue.Of([RawValue.Of(sample)])));
                    return after["stripWidth"] >= took + 2 * seam - 1e-6;
                }
            );

    /// <summary>What is cut, the steps, the facts and the paper say one width, in either units.</summary>
    [Theory]
    [InlineData("strips")]
    [InlineData("continuous")]
    [InlineData("remnant")]
    public void A_strip_has_one_width_everywhere(string method)
    {
        var ask = Piping
            .Forward.Example.With("method", RawValue.Of(method))
            .With("remnantWidth", RawValue.Of(900.0))
            .With("remnantHeight", RawValue.Of(600.0));
        foreach (var ruler in new[] { Ruler.Metric, Ruler.Imperial })
        {
            var plan = (WorkPlan)Piping.Forward.Compute(ask, ruler).Answer!;
            var wide = Length.FromMillimetres(Captured.From(plan)["stripWidth"]);
            var said = ruler.Mark(wide);

            plan.Facts.Single(f => f.Name == "Strip width").Text.ShouldBe(said);
            plan.Guide!.Lines.ShouldContain(l => l.Label.Contains(said));
            plan.Steps(ruler)
                .ShouldContain(s => s.Says.Contains(said) || s.Checks.Any(c => c.Contains(said)));
            plan.Scrap.ShouldContain(f => f.Text.Contains(said));
            plan.Pieces.Where(p => p.Key != "square").ShouldAllBe(p => p.DepthSays(ruler) == said);
        }
    }

    private static Captured Told(RawInputs ask) => Captured.From(Plan(ask));

    private static WorkPlan Plan(RawInputs ask)
    {
        var outcome = Piping.Forward.Compute(ask, Ruler.Metric);
        outcome.Errors.Select(e => $"{e.Field}: {e.Says}").ShouldBeEmpty();
        return (WorkPlan)outcome.Answer!;
    }

    private static Drawing Drawn(RawInputs ask, string name) =>
        Plan(ask).Drawings(Ruler.Metric).Single(d => d.Name == name);

    private static double Number(RawInputs ask, string name) => ask.Values[name].Number!.Value;

    private static RawInputs OnRemnant(List<(double X, double Y)> corners, double cord) =>
        RawInputs
            .Of(
                ("edges", new[] { 90_000.0 }),
                ("cordDiameter", cord),
                ("clothThickness", 0.3),
                ("method", "remnant")
            )
            .With("remnantCorners", Corners(corners));

    private static RawValue Corners(List<(double X, double Y)> corners) =>
        RawValue.Of([.. corners.Select(c => RawValue.Of(RawInputs.Of(("x", c.X), ("y", c.Y))))]);

    private static double Gives(List<(double X, double Y)> corners, double cord)
    {
        var outcome = Piping
            .CalculationNamed("remnant")!
            .Compute(
                RawInputs
                    .Of(("cordDiameter", cord), ("clothThickness", 0.3))
                    .With("remnantCorners", Corners(corners)),
                Ruler.Metric
            );
        outcome.Errors.ShouldBeEmpty();
        return Captured.From(outcome.Answer!)["gives"];
    }

    private static List<List<(double X, double Y)>> Strips(Drawing drawing) =>
        [
            .. drawing
                .Shapes.OfType<PathShape>()
                .Where(s => s.Part == "strips")
                .Select(s =>
                    s.Path.Points.Select(p => (p.X.Millimetres, p.Y.Millimetres)).ToList()
                ),
        ];

    private static double Apart((double X, double Y) a, (double X, double Y) b) =>
        Math.Sqrt((a.X - b.X) * (a.X - b.X) + (a.Y - b.Y) * (a.Y - b.Y));

    /// <summary>Whether a line parts every two of them: they have no corners that point inwards.</summary>
    private static bool AreApart(List<List<(double X, double Y)>> shapes)
    {
        for (var i = 0; i < shapes.Count; i++)
        {
            for (var j = i + 1; j < shapes.Count; j++)
            {
                if (!IsParted(shapes[i], shapes[j]) && !IsParted(shapes[j], shapes[i]))
                {
                    return false;
                }
            }
        }
        return true;
    }

    private static bool IsParted(List<(double X, double Y)> a, List<(double X, double Y)> b)
    {
        for (var i = 0; i < a.Count; i++)
        {
            var (from, to) = (a[i], a[(i + 1) % a.Count]);
            double side((double X, double Y) p) =>
                ((to.X - from.X) * (p.Y - from.Y) - (to.Y - from.Y) * (p.X - from.X))
                / Math.Max(1e-9, Apart(from, to));
            var (least, most) = (a.Min(side), a.Max(side));
            if (b.All(p => side(p) >= most - 1e-6) || b.All(p => side(p) <= least + 1e-6))
            {
                return true;
            }
        }
        return false;
    }

    /// <summary>Places along the sides of a strip, a hair inside it.</summary>
    private static IEnumerable<(double X, double Y)> Sides(List<(double X, double Y)> strip)
    {
        var middle = (X: strip.Average(p => p.X), Y: strip.Average(p => p.Y));
        for (var i = 0; i < strip.Count; i++)
        {
            for (var k = 0; k < 20; k++)
            {
                var (a, b) = (strip[i], strip[(i + 1) % strip.Count]);
                var p = (X: a.X + (b.X - a.X) * k / 20, Y: a.Y + (b.Y - a.Y) * k / 20);
                yield return (p.X + (middle.X - p.X) * 1e-6, p.Y + (middle.Y - p.Y) * 1e-6);
            }
        }
    }

    private static bool IsWithin((double X, double Y) p, List<(double X, double Y)> shape)
    {
        var within = false;
        for (var i = 0; i < shape.Count; i++)
        {
            var (a, b) = (shape[i], shape[(i + 1) % shape.Count]);
            if (a.Y > p.Y != b.Y > p.Y && p.X < (b.X - a.X) * (p.Y - a.Y) / (b.Y - a.Y) + a.X)
            {
                within = !within;
            }
        }
        return within;
    }

    /// <summary>Strips at 45° with ends along the upright grain, laid at every whole millimetre: the most that any choice of them gives.</summary>
    private static double ByBruteForce(List<(double X, double Y)> corners, double wide, int lean)
    {
        const double join = 8;
        var loss = 2 * join * Math.Sqrt(2);
        // Along and across the strip; what lies further across is pushed along, so that upright ends are square.
        var flat = corners
            .Select(c =>
            {
                var (u, v) = ((c.X + lean * c.Y) / Math.Sqrt(2), (c.Y - lean * c.X) / Math.Sqrt(2));
                return (X: u - lean * v, Y: v);
            })
            .ToList();
        var (low, high) = (
            (int)Math.Ceiling(flat.Min(c => c.Y)),
            (int)Math.Floor(flat.Max(c => c.Y))
        );
        var gain = new double[Math.Max(0, high - low + 1)];
        for (var v = low; v + wide <= high; v++)
        {
            // Line by line, what all of them have in common.
            List<(double From, double To)> common = [(double.MinValue, double.MaxValue)];
            for (var k = 0.0; k <= wide; k += 1)
            {
                var at = v + k + (k == 0 ? 1e-7 : 0) - (k >= wide ? 1e-7 : 0);
                var here = Crossed(flat, at);
                common =
                [
                    .. common.SelectMany(a =>
                        here.Select(b => (Math.Max(a.From, b.From), Math.Min(a.To, b.To)))
                            .Where(s => s.Item2 > s.Item1)
                    ),
                ];
            }
            gain[v - low] = common.Sum(s => s.To - s.From >= 40 + loss ? s.To - s.From - loss : 0);
        }
        var best = new double[gain.Length + 1];
        for (var i = gain.Length - 1; i >= 0; i--)
        {
            best[i] = Math.Max(best[i + 1], gain[i] + best[Math.Min(gain.Length, i + (int)wide)]);
        }
        return best.Length > 0 && best[0] > 0 ? best[0] + loss : 0;
    }

    private static List<(double From, double To)> Crossed(
        List<(double X, double Y)> shape,
        double y
    )
    {
        List<double> at = [];
        for (var i = 0; i < shape.Count; i++)
        {
            var (a, b) = (shape[i], shape[(i + 1) % shape.Count]);
            if (a.Y > y != b.Y > y)
            {
                at.Add(a.X + (b.X - a.X) * (y - a.Y) / (b.Y - a.Y));
            }
        }
        at.Sort();
        return [.. at.Chunk(2).Where(c => c.Length == 2).Select(c => (c[0], c[1]))];
    }
}
