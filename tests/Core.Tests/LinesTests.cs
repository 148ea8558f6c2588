using CsCheck;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Tests;

/// <summary>Lines that are measured, walked, turned, offset and read: what holds for any of them.</summary>
public class LinesTests
{
    private static readonly Gen<Leg> AnyLeg = Gen.OneOf(
        Gen.Double[1, 200].Select(mm => (Leg)new Straight(mm)),
        Gen.Select(Gen.Double[3, 150], Gen.Double[5, 300], Gen.Bool)
            .Select((r, s, right) => (Leg)new Curve(r, right ? s : -s)),
        Gen.Double[-150, 150].Where(t => Math.Abs(t) > 1).Select(t => (Leg)new OnTheSpot(t))
    );

    private static readonly Gen<IReadOnlyList<Leg>> AnyWalk = AnyLeg
        .Array[1, 9]
        .Where(l => l.Sum(x => x.Length) > 2)
        .Select(l => (IReadOnlyList<Leg>)l);

    private static readonly Gen<Point> AnyPoint = Gen.Select(
        Gen.Int[-100, 100],
        Gen.Int[-100, 100],
        (x, y) => Point.At(x, y)
    );

    /// <summary>One step: its kind, where it goes, and how far a curve leaves its chord.</summary>
    private static readonly Gen<(int Kind, Point To, int Out, int Back, bool Side)> AnyStep =
        Gen.Select(Gen.Int[0, 2], AnyPoint, Gen.Int[-5, 5], Gen.Int[-5, 5], Gen.Bool);

    /// <summary>A line of any steps, none of them without length and none with a cusp.</summary>
    private static readonly Gen<Path> AnyPath = Gen.Select(
            AnyPoint,
            AnyStep.Array[1, 6],
            Gen.Bool,
            (start, steps, closed) =>
            {
                List<PathStep> made = [];
                var from = start;
                foreach (var (kind, to, @out, back, side) in steps)
                {
                    made.Add(
                        kind switch
                        {
                            0 => new LineTo(to),
                            1 => new ArcTo(to, Mm(250), side),
                            _ => Bent(from, to, @out / 10.0, back / 10.0),
                        }
                    );
                    from = to;
                }
                return new Path(start, made, closed);
            }
        )
        .Where(p =>
            new[] { p.Start }.Concat(p.Steps.Select(s => s.To)).ToList() is var places
            && places.Zip(places.Skip(1)).All(e => Apart(e.First, e.Second) > 5)
            && (!p.IsClosed || p.Gap.Millimetres > 5)
        );

    /// <summary>A curve whose control points stand over the first and the second half of its chord.</summary>
    private static CubicTo Bent(Point from, Point to, double @out, double back)
    {
        var (x, y) = (from.X.Millimetres, from.Y.Millimetres);
        var (dx, dy) = (to.X.Millimetres - x, to.Y.Millimetres - y);
        return new(
            Point.At(x + 0.3 * dx - @out * dy, y + 0.3 * dy + @out * dx),
            Point.At(x + 0.7 * dx - back * dy, y + 0.7 * dy + back * dx),
            to
        );
    }

    private static double Apart(Point a, Point b) =>
        Math.Sqrt(Math.Pow((a.X - b.X).Millimetres, 2) + Math.Pow((a.Y - b.Y).Millimetres, 2));

    [Fact]
    public void What_is_walked_is_as_long_as_its_legs_and_is_found_again_as_those_legs() =>
        AnyWalk.Sample(legs =>
        {
            var path = Legs.Walked(legs, false);
            var back = Legs.Of(path, 0.01);
            var total = legs.Sum(l => l.Length);
            return Near(new MeasuredPath(path).Total, total)
                && Near(back.Sum(l => l.Length), total)
                && Near(Turned(back), Turned(Inner(legs)), 1e-4);
        });

    [Fact]
    public void A_length_is_kept_by_mirror_turn_and_going_the_other_way() =>
        Gen.Select(AnyPath, Gen.Double[-180, 180], Gen.Double[-50, 50])
            .Sample(
                (path, degrees, about) =>
                {
                    var length = new MeasuredPath(path).Total;
                    return Near(new MeasuredPath(Affine.Mirror(about).Of(path)).Total, length)
                        && Near(new MeasuredPath(Affine.Turn(degrees).Of(path)).Total, length)
                        && Near(new MeasuredPath(path.Reverse()).Total, length)
                        && Near(new MeasuredPath(Affine.Scale(2, 2).Of(path)).Total, 2 * length);
                }
            );

    [Fact]
    public void Going_the_other_way_bends_the_other_way() =>
        AnyPath.Sample(path =>
        {
            var (there, back) = (new MeasuredPath(path), new MeasuredPath(path.Reverse()));
            return new[] { 0.13, 0.4, 0.77 }.All(share =>
            {
                var (a, b) = (there.At(share * there.Total), back.At((1 - share) * there.Total));
                // Close to a join rounding may fall on either side of it.
                return Math.Abs(a.X - b.X) < 1e-3
                    && Math.Abs(a.Y - b.Y) < 1e-3
                    && (
                        Math.Abs(a.Curvature + b.Curvature) < 1e-3
                        || IsNearJoin(there, share * there.Total)
                    );
            });
        });

    [Fact]
    public void A_place_along_a_line_moves_by_as_much_as_it_goes_and_the_way_it_goes() =>
        Gen.Select(AnyPath, Gen.Double[0.02, 0.97])
            .Sample(
                (path, share) =>
                {
                    var line = new MeasuredPath(path);
                    var at = share * line.Total;
                    if (IsNearJoin(line, at) || line.Total < 5)
                    {
                        return true;
                    }
                    const double by = 0.01;
                    var (a, b) = (line.At(at), line.At(at + by));
                    var (dx, dy) = (b.X - a.X, b.Y - a.Y);
                    return Math.Abs(Math.Sqrt(dx * dx + dy * dy) - by) < 1e-3
                        && Math.Abs(
                            MeasuredPath.Turn(a.Heading, Math.Atan2(dy, dx)) * Math.PI / 180
                        )
                            < 0.02 + Math.Abs(a.Curvature) * by;
                }
            );

    [Fact]
    public void The_least_rectangle_holds_all_of_a_line_and_is_touched_by_it() =>
        AnyPath.Sample(path =>
        {
            var line = new MeasuredPath(path);
            var (b, points) = (line.Bounds, line.Points(0, line.Total - 1e-9, 0.002));
            return points.All(p =>
                    p.X.Millimetres >= b.From.X.Millimetres - 1e-6
                    && p.X.Millimetres <= b.To.X.Millimetres + 1e-6
                    && p.Y.Millimetres >= b.From.Y.Millimetres - 1e-6
                    && p.Y.Millimetres <= b.To.Y.Millimetres + 1e-6
                )
                && Near(points.Min(p => p.X.Millimetres), b.From.X.Millimetres, 0.3)
                && Near(points.Max(p => p.Y.Millimetres), b.To.Y.Millimetres, 0.3);
        });

    [Fact]
    public void Arcs_in_place_of_a_curve_stray_by_no_more_than_was_allowed() =>
        Gen.Select(AnyStep, Gen.Int[2, 50])
            .Where((step, _) => Apart(Point.At(0, 0), step.To) > 5)
            .Sample(
                (step, hundredths) =>
                {
                    var tolerance = hundredths / 100.0;
                    var bent = Bent(Point.At(0, 0), step.To, step.Out / 10.0, step.Back / 10.0);
                    var curve = new MeasuredPath(new Path(Point.At(0, 0), [bent]));
                    if (curve.Total < 1)
                    {
                        return true;
                    }
                    var arcs = new MeasuredPath(Legs.AsArcs(curve.Path, tolerance));
                    return arcs.Stretches.Count > 0
                        && Enumerable
                            .Range(0, 60)
                            .Select(i => curve.At(i * curve.Total / 60))
                            .All(p =>
                                arcs.Stretches.Min(s => s.Apart(p.X, p.Y)) < tolerance * 1.6 + 0.01
                            )
                        && Math.Abs(arcs.Total / curve.Total - 1) < 0.05;
                },
                iter: 60
            );

    [Fact]
    public void Legs_beside_others_lie_beside_them_and_back_again() =>
        Gen.Select(Gen.Double[20, 200], Gen.Double[20, 120], Gen.Double[10, 200], Gen.Double[-8, 8])
            .Sample(
                (straight, radius, sweep, right) =>
                {
                    IReadOnlyList<Leg> legs = [new Straight(straight), new Curve(radius, sweep)];
                    var beside = Legs.Beside(legs, right);
                    var there = new MeasuredPath(Legs.Walked(legs, false));
                    var moved = new MeasuredPath(
                        Affine.Move(0, right).Of(Legs.Walked(beside, false))
                    );
                    return Near(
                            beside.Sum(l => l.Length),
                            legs.Sum(l => l.Length) - right * sweep * Math.PI / 180
                        )
                        && Enumerable
                            .Range(1, 9)
                            .Select(i => there.At(i * there.Total / 10).Beside(right))
                            .All(p =>
                                moved.Stretches.Min(s => s.Apart(p.X.Millimetres, p.Y.Millimetres))
                                < 1e-6
                            )
                        && Near(
                            Legs.Beside(beside, -right).Sum(l => l.Length),
                            legs.Sum(l => l.Length)
                        );
                }
            );

    [Fact]
    public void A_corner_shortens_what_runs_inside_it_and_lengthens_what_runs_outside()
    {
        IReadOnlyList<Leg> legs = [new Straight(50), new OnTheSpot(90), new Straight(30)];

        Legs.Beside(legs, 4).Sum(l => l.Length).ShouldBe(72, 1e-9);
        Legs.Beside(legs, -4).Sum(l => l.Length).ShouldBe(88, 1e-9);
    }

    [Fact]
    public void An_area_drawn_out_twice_is_drawn_out_by_both_together() =>
        Gen.Select(Gen.Double[20, 90], Gen.Double[20, 90], Gen.Double[1, 6], Gen.Double[1, 6])
            .Sample(
                (w, h, a, b) =>
                {
                    var box = Area.Of([Path.Rectangle(Mm(w), Mm(h))]);
                    var (twice, once) = (box.Within(a).Within(b).Size, box.Within(a + b).Size);
                    return Math.Abs(twice / once - 1) < 2e-3
                        && box.Within(a).Within(-a).Size <= box.Size * 1.001;
                }
            );

    [Fact]
    public void Data_that_is_written_is_read_as_the_same_line() =>
        AnyPath.Sample(path =>
        {
            var wrong = PathData.Read(path.Data, out var read);
            return wrong is null
                && read.Count == 1
                && read[0].IsClosed == path.IsClosed
                && Near(new MeasuredPath(read[0]).Total, new MeasuredPath(path).Total, 0.05);
        });

    [Theory]
    [InlineData("M0 0h30v40z", 120)]
    [InlineData("m10,10 30 0 0 40z", 120)]
    [InlineData("M0 0L30-0L30 40", 70)]
    [InlineData("M0 0a20 20 0 0140 0", Math.PI * 20)]
    [InlineData("M0 0 A 20 20 0 1 1 0.001 0", 2 * Math.PI * 20)]
    [InlineData("M0 0C0 0 30 40 30 40S60 80 60 80", 100)]
    [InlineData("M0 0Q15 20 30 40T60 80", 100)]
    [InlineData("M0 0L30 40M100 100h1e1", 60)]
    [InlineData("M0,0 l.5.5-.5-.5", 1.41421356)]
    public void Every_command_is_read(string data, double length)
    {
        PathData.Read(data, out var paths).ShouldBeNull();

        paths.Sum(p => new MeasuredPath(p).Total).ShouldBe(length, 0.01);
    }

    [Theory]
    [InlineData("L0 0", "begin with M")]
    [InlineData("M0 0X3", "cannot be read")]
    [InlineData("M0 0L1", "cannot be read")]
    [InlineData("M0 0A1 1 0 2 0 3 3", "cannot be read")]
    [InlineData("M0 0Z4", "where a command should")]
    [InlineData("M0 0L1e9 0", "hundred metres")]
    [InlineData("", "no line")]
    public void What_is_no_path_data_is_refused_in_a_sentence(string data, string says) =>
        PathData.Read(data, out _).ShouldNotBeNull().ShouldContain(says);

    [Fact]
    public void Any_text_is_read_or_refused() =>
        Gen.OneOf(
                Gen.Char["MmLlHhVvCcSsQqTtAaZz 0123456789.,-+eE"]
                    .Array[0, 60]
                    .Select(c => new string(c)),
                Gen.String
            )
            .Sample(text =>
            {
                var wrong = PathData.Read(text, out var paths);
                return wrong is not null
                    || paths.All(p => double.IsFinite(new MeasuredPath(p).Total));
            });

    [Fact]
    public void Named_shapes_are_as_large_as_was_asked()
    {
        var size = new ShapeSize(Mm(83), Mm(47), 7, Mm(9), Mm(11), "Wren");
        foreach (var shape in NamedShape.All)
        {
            var lines = shape.At(size);
            var reach = NamedShape.BoundsOf(lines);
            if (shape.Name is not ("letters" or "spiral"))
            {
                reach.Width.Millimetres.ShouldBe(83, 0.01, shape.Name);
            }
            if (
                shape.Name
                is "oval"
                    or "heart"
                    or "leaf"
                    or "star"
                    or "rounded"
                    or "scallops"
                    or "wave"
            )
            {
                reach.Height.Millimetres.ShouldBe(47, 0.01, shape.Name);
            }
            lines.ShouldAllBe(l => l.IsClosed == shape.IsOutline);
            if (shape.IsOutline)
            {
                lines.Select(Area.Wrong).ShouldAllBe(w => w == null);
            }
        }
        NamedShape
            .All.First(s => s.Name == "circle")
            .At(size)
            .Sum(l => new MeasuredPath(l).Total)
            .ShouldBe(Math.PI * 83, 1e-6);
        // A capital is exactly as high as was asked.
        NamedShape.BoundsOf(LetterShapes.Of("H", Mm(40))).Height.Millimetres.ShouldBe(40, 1e-6);
    }

    [Fact]
    public void Copies_along_an_edge_lie_on_it_and_turn_with_it()
    {
        var edge = new MeasuredPath(
            Legs.Walked([new Straight(40), new OnTheSpot(90), new Straight(40)], false)
        );

        var copies = NamedShape.Along(Path.Of(false, Point.At(0, 0), Point.At(5, 0)), edge, 20, 4);

        copies.Count.ShouldBe(4);
        copies[1].Start.X.Millimetres.ShouldBe(20, 1e-9);
        copies[3].Start.Y.Millimetres.ShouldBe(20, 1e-9);
        copies[3].Steps[0].To.Y.Millimetres.ShouldBe(25, 1e-9);
    }

    [Theory]
    [InlineData("M0 0L40 0L0 30L44 20Z", "crosses")]
    [InlineData("M0 0L40 0", "closed")]
    [InlineData("M0 0L40 0L20 0Z", "encloses nothing")]
    public void An_outline_that_cannot_be_cut_out_is_refused_at_its_field(string data, string says)
    {
        var field = new PathDataField("outline", "Outline", true);
        var reader = new InputReader(RawInputs.Of(("outline", data)), Ruler.Metric);

        reader.Paths(field);

        reader.Errors.ShouldHaveSingleItem().Says.ShouldContain(says);
        reader.Errors[0].Field.ShouldBe("outline");
    }

    [Fact]
    public void A_line_that_crosses_itself_says_where()
    {
        var loop = new MeasuredPath(
            Path.Of(
                false,
                Point.At(0, 10),
                Point.At(40, 10),
                Point.At(40, 30),
                Point.At(20, 30),
                Point.At(20, 0)
            )
        );

        var (first, second) = Area.Crossings(loop).ShouldHaveSingleItem();

        first.ShouldBe(20, 0.1);
        second.ShouldBe(100, 0.1);
    }

    private static bool IsNearJoin(MeasuredPath line, double at) =>
        Enumerable
            .Range(0, line.Stretches.Count + 1)
            .Select(i => i == line.Stretches.Count ? line.Total : line.StartOf(i))
            .Any(join => Math.Abs(join - at) < 0.05);

    /// <summary>Corners at the very ends turn nothing that is walked.</summary>
    private static IEnumerable<Leg> Inner(IReadOnlyList<Leg> legs)
    {
        var first = legs.ToList().FindIndex(l => l.Length > 0);
        var last = legs.ToList().FindLastIndex(l => l.Length > 0);
        return legs.Where((l, i) => i >= first && i <= last);
    }

    /// <summary>How far it turns in all, as one angle: a turn of 200° on the spot is one of -160°.</summary>
    private static double Turned(IEnumerable<Leg> legs)
    {
        var all = legs.Sum(l =>
            l is Curve c ? c.Sweep
            : l is OnTheSpot o ? o.Turn
            : 0
        );
        return Math.Cos(all * Math.PI / 180);
    }

    private static Length Mm(double mm) => Length.FromMillimetres(mm);

    private static bool Near(double a, double b, double within = 1e-4) =>
        Math.Abs(a - b) <= within * Math.Max(1, Math.Abs(b) / 100);
}
