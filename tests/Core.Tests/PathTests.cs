using CsCheck;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>Lines of straight steps, arcs and curves: how long they are, how far they reach, how they are written.</summary>
public class PathTests
{
    private static readonly Gen<Point> AnyPoint =
        from x in Gen.Double[-200, 200]
        from y in Gen.Double[-200, 200]
        select Point.At(x, y);

    [Fact]
    public void A_full_turn_of_two_arcs_is_a_circle() =>
        Gen.Select(AnyPoint, Gen.Double[0.5, 300], Gen.Bool)
            .Sample(
                (centre, radius, clockwise) =>
                {
                    var r = Mm(radius);
                    var (left, right) = (
                        new Point(centre.X - r, centre.Y),
                        new Point(centre.X + r, centre.Y)
                    );
                    var circle = new Core.Drawings.Path(
                        left,
                        [new ArcTo(right, r, clockwise), new ArcTo(left, r, clockwise)]
                    );
                    var bounds = circle.Bounds;
                    return Math.Abs(circle.Along.Millimetres / (2 * Math.PI * radius) - 1) < 0.02
                        && Near(bounds.Width, 2 * r, 0.11)
                        && Near(bounds.Height, 2 * r, 0.11)
                        && circle.Points.All(p =>
                            Math.Abs(Apart(p, centre) - radius) < 1e-6 * Math.Max(1, radius)
                        );
                }
            );

    [Theory]
    [InlineData(true, false, 100, 0)] // From the left over the top.
    [InlineData(false, false, 100, 200)] // From the left by below.
    public void The_way_round_is_as_it_is_seen_on_the_page(
        bool clockwise,
        bool isLong,
        double x,
        double y
    )
    {
        var path = new Core.Drawings.Path(
            Point.At(0, 100),
            [new ArcTo(Point.At(200, 100), Mm(100), clockwise, isLong)]
        );

        path.Points.Min(p => Apart(p, Point.At(x, y))).ShouldBeLessThan(5);
        path.Data.ShouldBe($"M0 100A100 100 0 0 {(clockwise ? 1 : 0)} 200 100");
    }

    [Fact]
    public void The_long_way_and_the_short_way_make_a_circle_together() =>
        Gen.Select(AnyPoint, AnyPoint, Gen.Double[1.01, 4], Gen.Bool)
            .Sample(
                (from, to, times, clockwise) =>
                {
                    var half = Apart(from, to) / 2;
                    if (half < 1)
                    {
                        return true;
                    }
                    var radius = half * times;
                    double Along(bool isLong) =>
                        new Core.Drawings.Path(from, [new ArcTo(to, Mm(radius), clockwise, isLong)])
                            .Along
                            .Millimetres;
                    var (@short, @long) = (Along(false), Along(true));
                    return @short < @long
                        && Math.Abs((@short + @long) / (2 * Math.PI * radius) - 1) < 0.02;
                }
            );

    [Fact]
    public void A_curve_stays_within_its_control_points_and_ends_where_it_says() =>
        Gen.Select(AnyPoint, AnyPoint, AnyPoint, AnyPoint)
            .Sample(
                (a, b, c, d) =>
                {
                    var path = new Core.Drawings.Path(a, [new CubicTo(b, c, d)]);
                    var hull = Core.Drawings.Path.Of(true, a, b, c, d).Bounds;
                    return path.Points[0] == a
                        && path.Points[^1] == d
                        && path.Along.Millimetres >= Apart(a, d) - 1e-9
                        && path.Points.All(p =>
                            p.X.Millimetres >= hull.From.X.Millimetres - 1e-9
                            && p.X.Millimetres <= hull.To.X.Millimetres + 1e-9
                            && p.Y.Millimetres >= hull.From.Y.Millimetres - 1e-9
                            && p.Y.Millimetres <= hull.To.Y.Millimetres + 1e-9
                        );
                }
            );

    [Fact]
    public void A_curve_whose_control_points_lie_on_its_line_is_as_long_as_the_line() =>
        new Core.Drawings.Path(
            Point.At(0, 0),
            [new CubicTo(Point.At(30, 40), Point.At(60, 80), Point.At(90, 120))]
        ).Along.Millimetres.ShouldBe(150, 1e-6);

    [Fact]
    public void A_closed_path_goes_back_to_its_start()
    {
        var box = Core.Drawings.Path.Rectangle(Mm(30), Mm(40));

        box.Along.Millimetres.ShouldBe(140, 1e-9);
        box.IsRectangle.ShouldBeTrue();
        box.Data.ShouldBe("M0 0L30 0L30 40L0 40Z");
        Core.Drawings.Path.Of(
                true,
                Point.At(0, 0),
                Point.At(30, 0),
                Point.At(30, 41),
                Point.At(0, 40)
            )
            .IsRectangle.ShouldBeFalse();
        Core.Drawings.Path.Of(false, Point.At(0, 0), Point.At(3, 4)).Along.Millimetres.ShouldBe(5);
    }

    private static double Apart(Point a, Point b) =>
        Math.Sqrt(Math.Pow((a.X - b.X).Millimetres, 2) + Math.Pow((a.Y - b.Y).Millimetres, 2));

    private static Length Mm(double mm) => Length.FromMillimetres(mm);

    private static bool Near(Length a, Length b, double within) =>
        Math.Abs((a - b).Millimetres) <= within;
}
