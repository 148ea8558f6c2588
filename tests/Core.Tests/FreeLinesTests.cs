using CsCheck;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Tests;

/// <summary>Lines that fill a field or an outline: where they lie, how near they come to themselves, and how long they are.</summary>
public class FreeLinesTests
{
    private static readonly Gen<(double Wide, double High, double Apart, int Seed)> AnyField =
        from apart in Gen.Double[2, 25]
        from across in Gen.Double[5, 24]
        from down in Gen.Double[5, 24]
        from seed in Gen.Int[0, 9999]
        select (across * apart, down * apart, apart, seed);

    private static readonly Gen<(List<Path> Outlines, double Apart, double Angle)> AnyOutline =
        from shape in Gen.OneOf("circle", "heart", "leaf", "star", "ring", "rounded", "letters")
        from size in Gen.Double[25, 160]
        from tall in Gen.Double[25, 160]
        from apart in Gen.Double[0.8, 8]
        from angle in Gen.Double[-180, 180]
        from letter in Gen.OneOf("A", "B", "R", "S", "Q")
        select (
            NamedShape
                .All.Single(s => s.Name == shape)
                .At(
                    new ShapeSize(
                        Length.FromMillimetres(size),
                        Length.FromMillimetres(tall),
                        5,
                        Length.FromMillimetres(6),
                        Length.FromMillimetres(size / 5),
                        letter
                    )
                )
                .ToList(),
            apart,
            angle
        );

    [Fact]
    public void A_meander_stays_in_its_field_and_fills_it_as_its_spacing_says() =>
        AnyField.Sample(f =>
        {
            var line = Meandered(f);
            var filled = Long(line) * f.Apart / (f.Wide * f.High);
            return line.All(p => p.X >= 0 && p.Y >= 0 && p.X <= f.Wide && p.Y <= f.High)
                && filled is > 0.8 and < 1.2;
        });

    [Fact]
    public void No_two_stretches_of_a_meander_that_are_apart_along_it_come_near_each_other() =>
        AnyField.Sample(
            f =>
            {
                var line = Walked(Meandered(f), f.Apart / 4);
                var cells = new Dictionary<(int, int), List<int>>();
                for (var i = 0; i < line.Count; i++)
                {
                    var key = ((int)(line[i].X / f.Apart), (int)(line[i].Y / f.Apart));
                    (cells.TryGetValue(key, out var there) ? there : cells[key] = []).Add(i);
                }
                for (var i = 0; i < line.Count; i++)
                {
                    var (x, y) = ((int)(line[i].X / f.Apart), (int)(line[i].Y / f.Apart));
                    for (var dx = -1; dx <= 1; dx++)
                    {
                        for (var dy = -1; dy <= 1; dy++)
                        {
                            foreach (var j in cells.GetValueOrDefault((x + dx, y + dy)) ?? [])
                            {
                                // Places along the line are a quarter of its spacing apart.
                                if (j - i > 12 && Apart(line[i], line[j]) < 0.4 * f.Apart)
                                {
                                    return false;
                                }
                            }
                        }
                    }
                }
                return true;
            },
            iter: 60
        );

    [Fact]
    public void The_same_seed_makes_the_same_meander_and_another_makes_another()
    {
        var field = (Wide: 300.0, High: 200.0, Apart: 10.0, Seed: 7);
        Meandered(field).ShouldBe(Meandered(field));
        Meandered(field with { Seed = 8 }).ShouldNotBe(Meandered(field));
    }

    [Fact]
    public void A_meander_turns_no_corner() =>
        AnyField.Sample(f =>
        {
            var line = Meandered(f);
            var turns = line.Zip(line.Skip(1), line.Skip(2))
                .Select(t => Turn(t.First, t.Second, t.Third));
            // Rounded: it never turns by more than a part of a quarter at once.
            return turns.All(t => Math.Abs(t) < 60);
        });

    [Fact]
    public void A_fill_lies_within_its_outline_and_out_of_its_holes() =>
        AnyOutline.Sample(o =>
        {
            var area = Area.Of(o.Outlines).Within(0.15);
            return Filled(o).All(s => Walked(s, 0.7).All(p => area.Covers(Point.At(p.X, p.Y))));
        });

    [Fact]
    public void The_lines_of_a_fill_are_as_long_as_the_outline_has_room_for() =>
        AnyOutline.Sample(o =>
        {
            var size = Area.Of(o.Outlines).Size;
            var around = o.Outlines.Sum(p => new MeasuredPath(p).Total);
            // Lines side by side stand for strips, of which at the edges half is left out or too much.
            var laid = Level(o).Sum(e => e.To - e.From) * o.Apart;
            return laid >= size - around * o.Apart && laid <= size + around * o.Apart;
        });

    [Fact]
    public void Every_line_of_a_fill_is_sewn_once() =>
        AnyOutline.Sample(o =>
        {
            var level = Level(o).Select(e => (Math.Round(e.V, 3), Math.Round(e.From, 3))).ToList();
            return level.Distinct().Count() == level.Count;
        });

    [Fact]
    public void A_square_is_filled_in_one_and_a_ring_with_jumps_over_its_hole()
    {
        var square = Path.Of(
            true,
            Point.At(0, 0),
            Point.At(40, 0),
            Point.At(40, 40),
            Point.At(0, 40)
        );
        var lines = Filled(([square], 4, 0)).ShouldHaveSingleItem();
        lines.Count.ShouldBe(20);
        Long(lines).ShouldBe(10 * 40 + 9 * 4, 1e-6);

        var hole = Path.Of(
            true,
            Point.At(12, 12),
            Point.At(28, 12),
            Point.At(28, 28),
            Point.At(12, 28)
        );
        Filled(([square, hole], 4, 0)).Count.ShouldBeGreaterThan(1);
    }

    private static List<(double X, double Y)> Meandered(
        (double Wide, double High, double Apart, int Seed) f
    ) =>
        Plain(
            Meander.Of(
                Length.FromMillimetres(f.Wide),
                Length.FromMillimetres(f.High),
                Length.FromMillimetres(f.Apart),
                f.Seed
            )
        );

    private static List<List<(double X, double Y)>> Filled(
        (List<Path> Outlines, double Apart, double Angle) o
    ) => [.. Hatching.Of(o.Outlines, Length.FromMillimetres(o.Apart), o.Angle).Select(Plain)];

    /// <summary>The lines themselves, without what joins them: how far across they lie, from where to where.</summary>
    private static List<(double V, double From, double To)> Level(
        (List<Path> Outlines, double Apart, double Angle) o
    )
    {
        var (sin, cos) = Math.SinCos(o.Angle * Math.PI / 180);
        return
        [
            .. Filled(o)
                .SelectMany(s => s.Zip(s.Skip(1)))
                .Select(e => (From: Turned(e.First), To: Turned(e.Second)))
                .Where(e => Math.Abs(e.From.V - e.To.V) < 1e-6)
                .Select(e => (e.From.V, Math.Min(e.From.U, e.To.U), Math.Max(e.From.U, e.To.U))),
        ];

        (double U, double V) Turned((double X, double Y) p) =>
            (p.X * cos + p.Y * sin, p.Y * cos - p.X * sin);
    }

    private static List<(double X, double Y)> Plain(IReadOnlyList<Point> line) =>
        [.. line.Select(p => (p.X.Millimetres, p.Y.Millimetres))];

    private static double Long(List<(double X, double Y)> line) =>
        line.Zip(line.Skip(1), Apart).Sum();

    private static double Apart((double X, double Y) a, (double X, double Y) b) =>
        Math.Sqrt((a.X - b.X) * (a.X - b.X) + (a.Y - b.Y) * (a.Y - b.Y));

    private static double Turn(
        (double X, double Y) a,
        (double X, double Y) b,
        (double X, double Y) c
    )
    {
        if (Apart(a, b) < 1e-6 || Apart(b, c) < 1e-6)
        {
            return 0;
        }
        return MeasuredPath.Turn(
            Math.Atan2(b.Y - a.Y, b.X - a.X),
            Math.Atan2(c.Y - b.Y, c.X - b.X)
        );
    }

    /// <summary>Places along a line, so far apart.</summary>
    private static List<(double X, double Y)> Walked(List<(double X, double Y)> line, double step)
    {
        List<(double X, double Y)> places = [line[0]];
        var left = step;
        for (var i = 1; i < line.Count; i++)
        {
            var (a, b) = (line[i - 1], line[i]);
            var far = Apart(a, b);
            for (; left <= far; left += step)
            {
                places.Add((a.X + (b.X - a.X) * left / far, a.Y + (b.Y - a.Y) * left / far));
            }
            left -= far;
        }
        return places;
    }
}
