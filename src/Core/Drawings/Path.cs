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

    /// <summary>From its end back to its start.</summary>
    public Length Gap => Length.FromMillimetres(Steps.Count == 0 ? 0 : Apart(Steps[^1].To, Start));

    /// <summary>The same line the other way round, from the same start where it is closed.</summary>
    public Path Reverse()
    {
        List<Point> places = [Start, .. Steps.Select(s => s.To)];
        List<PathStep> back = [];
        var isOpenAtEnd = IsClosed && places[^1] != Start;
        if (isOpenAtEnd)
        {
            back.Add(new LineTo(places[^1]));
        }
        for (var i = Steps.Count - 1; i >= 0; i--)
        {
            back.Add(
                Steps[i] switch
                {
                    ArcTo a => a with { To = places[i], Clockwise = !a.Clockwise },
                    CubicTo c => new CubicTo(c.Second, c.First, places[i]),
                    _ => new LineTo(places[i]),
                }
            );
        }
        // Closing it is what a last straight step would do.
        if (IsClosed && back.Count > 1 && back[^1] is LineTo)
        {
            back.RemoveAt(back.Count - 1);
        }
        return new(IsClosed ? Start : places[^1], back, IsClosed);
    }

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
            var data = new StringBuilder();
            Add('M', Start);
            foreach (var step in Steps)
            {
                switch (step)
                {
                    case ArcTo a:
                        data.Append('A');
                        Number(a.Radius);
                        data.Append(' ');
                        Number(a.Radius);
                        data.Append(a.IsLong ? " 0 1 " : " 0 0 ").Append(a.Clockwise ? 1 : 0);
                        Add(' ', a.To);
                        break;
                    case CubicTo c:
                        Add('C', c.First);
                        Add(' ', c.Second);
                        Add(' ', c.To);
                        break;
                    default:
                        Add('L', step.To);
                        break;
                }
            }
            return data.Append(IsClosed ? "Z" : "").ToString();

            void Add(char before, Point p)
            {
                data.Append(before);
                Number(p.X);
                data.Append(' ');
                Number(p.Y);
            }

            // In whole thousandths, since a row of stitches has many thousands of figures.
            void Number(Length length)
            {
                var thousandths = (long)Math.Round(length.Millimetres * 1000);
                if (thousandths < 0)
                {
                    data.Append('-');
                    thousandths = -thousandths;
                }
                data.Append(thousandths / 1000);
                if (thousandths % 1000 is > 0 and var rest)
                {
                    data.Append('.').Append((char)('0' + rest / 100));
                    if (rest % 100 > 0)
                    {
                        data.Append((char)('0' + rest / 10 % 10));
                    }
                    if (rest % 10 > 0)
                    {
                        data.Append((char)('0' + rest % 10));
                    }
                }
            }
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

    private static IEnumerable<Point> Arc(Point from, ArcTo step)
    {
        var arc = CircleArc.Of(from, step);
        // A chord over an angle θ strays by r(1 − cos(θ/2)).
        var most = 2 * Math.Acos(Math.Max(0, 1 - Tolerance / arc.Radius));
        var parts = (int)
            Math.Clamp(Math.Ceiling(Math.Abs(arc.Sweep) / Math.Max(most, 0.01)), 6, 720);
        for (var i = 1; i < parts; i++)
        {
            yield return arc.At((double)i / parts);
        }
        yield return step.To;
    }

    private static double Apart(Point a, Point b) =>
        Math.Sqrt(Math.Pow((a.X - b.X).Millimetres, 2) + Math.Pow((a.Y - b.Y).Millimetres, 2));
}
