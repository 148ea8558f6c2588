using System.Globalization;
using System.Text;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Drawings;

/// <summary>One step of a path.</summary>
public abstract record PathStep(Point To);

/// <summary>Straight on.</summary>
public sealed record LineTo(Point To) : PathStep(To);

/// <summary>Along a circle.</summary>
/// <param name="Radius">Of the circle; above 0, and at least half of the way to the end.</param>
/// <param name="Clockwise">Which way round, as it is seen on the page.</param>
/// <param name="IsLong">Whether the longer of the two ways is meant.</param>
public sealed record ArcTo(Point To, Length Radius, bool Clockwise, bool IsLong = false)
    : PathStep(To);

/// <summary>Along a cubic curve with two control points.</summary>
public sealed record CubicTo(Point First, Point Second, Point To) : PathStep(To);

/// <summary>The least rectangle around something.</summary>
public readonly record struct Bounds(Point From, Point To)
{
    public Length Width => To.X - From.X;

    public Length Height => To.Y - From.Y;
}

/// <summary>A line of straight steps, arcs and cubic curves, in mm; open, or closed back to its start.</summary>
public sealed record Path(Point Start, IReadOnlyList<PathStep> Steps, bool IsClosed = false)
{
    /// <summary>Curves are taken apart so finely that no point lies further than this from its straight piece.</summary>
    private const double Tolerance = 0.05;

    /// <summary>A rectangle from the origin.</summary>
    public static Path Rectangle(Length width, Length height) =>
        Of(
            true,
            Point.At(0, 0),
            new Point(width, Length.Zero),
            new Point(width, height),
            new Point(Length.Zero, height)
        );

    /// <summary>Straight from point to point.</summary>
    public static Path Of(bool isClosed, params IReadOnlyList<Point> points) =>
        new(points[0], [.. points.Skip(1).Select(p => new LineTo(p))], isClosed);

    /// <summary>Whether it is a rectangle that lies with the page.</summary>
    public bool IsRectangle
    {
        get
        {
            if (!IsClosed || Steps.Count != 3 || Steps.Any(s => s is not LineTo))
            {
                return false;
            }
            var b = Bounds;
            return Points.All(p =>
                (p.X == b.From.X || p.X == b.To.X) && (p.Y == b.From.Y || p.Y == b.To.Y)
            );
        }
    }

    /// <summary>The line as points, curves taken apart into short straight pieces.</summary>
    public IReadOnlyList<Point> Points
    {
        get
        {
            List<Point> points = [Start];
            foreach (var step in Steps)
            {
                points.AddRange(Parts(points[^1], step));
            }
            return points;
        }
    }

    /// <summary>How long it is; a closed one back to its start.</summary>
    public Length Along
    {
        get
        {
            var points = Points;
            var sum = points.Zip(points.Skip(1), Apart).Sum();
            return Length.FromMillimetres(sum + (IsClosed ? Apart(points[^1], points[0]) : 0));
        }
    }

    public Bounds Bounds
    {
        get
        {
            var points = Points;
            return new Bounds(
                new Point(points.Min(p => p.X), points.Min(p => p.Y)),
                new Point(points.Max(p => p.X), points.Max(p => p.Y))
            );
        }
    }

    /// <summary>The path as SVG path data, in mm to a thousandth.</summary>
    public string Data
    {
        get
        {
            var data = new StringBuilder($"M{Text(Start)}");
            foreach (var step in Steps)
            {
                data.Append(
                    step switch
                    {
                        ArcTo a =>
                            $"A{Text(a.Radius)} {Text(a.Radius)} 0 {(a.IsLong ? 1 : 0)} {(a.Clockwise ? 1 : 0)} {Text(a.To)}",
                        CubicTo c => $"C{Text(c.First)} {Text(c.Second)} {Text(c.To)}",
                        _ => $"L{Text(step.To)}",
                    }
                );
            }
            return data.Append(IsClosed ? "Z" : "").ToString();
        }
    }

    private static IEnumerable<Point> Parts(Point from, PathStep step) =>
        step switch
        {
            CubicTo cubic => Curve(from, cubic),
            ArcTo arc when from != arc.To => Arc(from, arc),
            _ => [step.To],
        };

    private static IEnumerable<Point> Curve(Point from, CubicTo c)
    {
        var rough = Apart(from, c.First) + Apart(c.First, c.Second) + Apart(c.Second, c.To);
        // A curve of length s in n parts strays by less than s/n² for the bends that occur here.
        var parts = (int)Math.Clamp(Math.Ceiling(Math.Sqrt(rough / Tolerance)), 4, 400);
        for (var i = 1; i <= parts; i++)
        {
            var t = (double)i / parts;
            var (a, b, d, e) = (
                Math.Pow(1 - t, 3),
                3 * t * Math.Pow(1 - t, 2),
                3 * t * t * (1 - t),
                t * t * t
            );
            yield return i == parts
                ? c.To
                : new Point(
                    from.X * a + c.First.X * b + c.Second.X * d + c.To.X * e,
                    from.Y * a + c.First.Y * b + c.Second.Y * d + c.To.Y * e
                );
        }
    }

    private static IEnumerable<Point> Arc(Point from, ArcTo arc)
    {
        var (x1, y1) = (from.X.Millimetres, from.Y.Millimetres);
        var (x2, y2) = (arc.To.X.Millimetres, arc.To.Y.Millimetres);
        var half = Apart(from, arc.To) / 2;
        var r = Math.Max(arc.Radius.Millimetres, half);
        // The centre lies on the middle normal; on which side depends on the way round.
        var off = Math.Sqrt(Math.Max(0, r * r - half * half));
        var side = arc.Clockwise == arc.IsLong ? 1 : -1;
        var (nx, ny) = ((y2 - y1) / (2 * half), (x1 - x2) / (2 * half));
        var (cx, cy) = ((x1 + x2) / 2 + side * off * nx, (y1 + y2) / 2 + side * off * ny);
        var start = Math.Atan2(y1 - cy, x1 - cx);
        var sweep = Math.Atan2(y2 - cy, x2 - cx) - start;
        sweep +=
            arc.Clockwise && sweep < 0 ? 2 * Math.PI
            : !arc.Clockwise && sweep > 0 ? -2 * Math.PI
            : 0;
        // A chord over an angle θ strays by r(1 − cos(θ/2)).
        var most = 2 * Math.Acos(Math.Max(0, 1 - Tolerance / r));
        var parts = (int)Math.Clamp(Math.Ceiling(Math.Abs(sweep) / Math.Max(most, 0.01)), 2, 720);
        for (var i = 1; i < parts; i++)
        {
            var angle = start + sweep * i / parts;
            yield return Point.At(cx + r * Math.Cos(angle), cy + r * Math.Sin(angle));
        }
        yield return arc.To;
    }

    private static double Apart(Point a, Point b) =>
        Math.Sqrt(Math.Pow((a.X - b.X).Millimetres, 2) + Math.Pow((a.Y - b.Y).Millimetres, 2));

    private static string Text(Point p) => $"{Text(p.X)} {Text(p.Y)}";

    private static string Text(Length length) =>
        Math.Round(length.Millimetres, 3).ToString("0.###", CultureInfo.InvariantCulture);
}
