using ZephyrReach.Core.Drawings;

namespace ZephyrReach.Core.Paths;

/// <summary>Where a path is at some distance along it, and which way it goes there.</summary>
/// <param name="X">In mm.</param>
/// <param name="Y">In mm.</param>
/// <param name="Heading">In radians from the right; it grows clockwise on the page.</param>
/// <param name="Curvature">One over the radius, in 1/mm; above 0 where it bends to the right of the way it goes.</param>
public readonly record struct Pose(double X, double Y, double Heading, double Curvature)
{
    public Point Point => Point.At(X, Y);

    /// <summary>A place beside it.</summary>
    /// <param name="right">How far to the right of the way it goes, in mm; below 0 to the left.</param>
    public Point Beside(double right)
    {
        var (sin, cos) = Math.SinCos(Heading);
        return Point.At(X - right * sin, Y + right * cos);
    }
}

/// <summary>One step of a path, measured.</summary>
public abstract class PathPart
{
    /// <summary>In mm.</summary>
    public abstract double Length { get; }

    /// <summary>Where it is after a distance.</summary>
    /// <param name="along">From 0 to its length.</param>
    public abstract Pose At(double along);

    /// <summary>How far a place is from it.</summary>
    public abstract double Apart(double x, double y);

    /// <summary>Where it reaches furthest to a side: its own places at which it turns back across or down.</summary>
    public virtual IEnumerable<Point> Extremes => [];

    public static PathPart Of(Point from, PathStep step) =>
        step switch
        {
            ArcTo arc when from != arc.To => new ArcPart(CircleArc.Of(from, arc)),
            CubicTo cubic => new CubicPart(from, cubic),
            _ => new LinePart(from, step.To),
        };

    protected static double Hypot(double x, double y) => Math.Sqrt(x * x + y * y);
}

internal sealed class LinePart(Point from, Point to) : PathPart
{
    private readonly (double X, double Y) start = (from.X.Millimetres, from.Y.Millimetres);
    private readonly double dx = (to.X - from.X).Millimetres;
    private readonly double dy = (to.Y - from.Y).Millimetres;

    public override double Length => Hypot(dx, dy);

    public override Pose At(double along)
    {
        var share = Length == 0 ? 0 : along / Length;
        return new(start.X + dx * share, start.Y + dy * share, Math.Atan2(dy, dx), 0);
    }

    public override double Apart(double x, double y)
    {
        var (px, py) = (x - start.X, y - start.Y);
        var share = Length == 0 ? 0 : Math.Clamp((px * dx + py * dy) / (Length * Length), 0, 1);
        return Hypot(px - share * dx, py - share * dy);
    }
}

internal sealed class ArcPart(CircleArc arc) : PathPart
{
    public override double Length => arc.Length;

    public override Pose At(double along)
    {
        var angle = arc.Start + Math.Sign(arc.Sweep) * along / arc.Radius;
        var (sin, cos) = Math.SinCos(angle);
        return new(
            arc.X + arc.Radius * cos,
            arc.Y + arc.Radius * sin,
            angle + Math.Sign(arc.Sweep) * Math.PI / 2,
            Math.Sign(arc.Sweep) / arc.Radius
        );
    }

    public override double Apart(double x, double y)
    {
        var angle = Math.Atan2(y - arc.Y, x - arc.X);
        if (IsOn(angle))
        {
            return Math.Abs(Hypot(x - arc.X, y - arc.Y) - arc.Radius);
        }
        var (a, b) = (At(0), At(Length));
        return Math.Min(Hypot(x - a.X, y - a.Y), Hypot(x - b.X, y - b.Y));
    }

    public override IEnumerable<Point> Extremes =>
        Enumerable
            .Range(0, 4)
            .Select(q => q * Math.PI / 2)
            .Where(IsOn)
            .Select(angle =>
                Point.At(arc.X + arc.Radius * Math.Cos(angle), arc.Y + arc.Radius * Math.Sin(angle))
            );

    private bool IsOn(double angle)
    {
        var off = (angle - arc.Start) * Math.Sign(arc.Sweep);
        off -= Math.Floor(off / (2 * Math.PI)) * 2 * Math.PI;
        return off <= Math.Abs(arc.Sweep);
    }
}

/// <summary>A cubic curve. Its length is summed by Gauss’s five points over even parts of its parameter.</summary>
internal sealed class CubicPart : PathPart
{
    private const int Parts = 24;

    private static readonly (double At, double Weight)[] Gauss =
    [
        (-0.906179845938664, 0.236926885056189),
        (-0.538469310105683, 0.478628670499366),
        (0, 0.568888888888889),
        (0.538469310105683, 0.478628670499366),
        (0.906179845938664, 0.236926885056189),
    ];

    private readonly (double A, double B, double C, double D) x;
    private readonly (double A, double B, double C, double D) y;
    private readonly double[] reached = new double[Parts + 1];

    public CubicPart(Point from, CubicTo c)
    {
        Budget.Spend(5 * Parts);
        // As polynomials: a + b·t + c·t² + d·t³.
        x = Polynomial(
            from.X.Millimetres,
            c.First.X.Millimetres,
            c.Second.X.Millimetres,
            c.To.X.Millimetres
        );
        y = Polynomial(
            from.Y.Millimetres,
            c.First.Y.Millimetres,
            c.Second.Y.Millimetres,
            c.To.Y.Millimetres
        );
        for (var i = 0; i < Parts; i++)
        {
            reached[i + 1] = reached[i] + Between((double)i / Parts, (i + 1.0) / Parts);
        }
    }

    public override double Length => reached[Parts];

    public (double X, double Y) Place(double t) =>
        (x.A + t * (x.B + t * (x.C + t * x.D)), y.A + t * (y.B + t * (y.C + t * y.D)));

    /// <summary>The way it goes, of length 1. Where its control points coincide it is that of the places around.</summary>
    public (double X, double Y) Tangent(double t)
    {
        var (dx, dy) = Speed(t);
        if (Hypot(dx, dy) < 1e-9)
        {
            var (a, b) = (Place(Math.Max(0, t - 1e-4)), Place(Math.Min(1, t + 1e-4)));
            (dx, dy) = (b.X - a.X, b.Y - a.Y);
        }
        var speed = Hypot(dx, dy);
        return speed < 1e-15 ? (1, 0) : (dx / speed, dy / speed);
    }

    public override Pose At(double along)
    {
        Budget.Spend(4);
        var t = ParameterAt(along);
        var (px, py) = Place(t);
        var (tx, ty) = Tangent(t);
        var (dx, dy) = Speed(t);
        var (ddx, ddy) = (2 * x.C + 6 * x.D * t, 2 * y.C + 6 * y.D * t);
        var speed = Hypot(dx, dy);
        var curvature = speed < 1e-9 ? 0 : (dx * ddy - dy * ddx) / (speed * speed * speed);
        return new(px, py, Math.Atan2(ty, tx), curvature);
    }

    public override double Apart(double x, double y)
    {
        Budget.Spend(Parts);
        var nearest = double.MaxValue;
        for (var i = 0; i <= 100; i++)
        {
            var (px, py) = Place(i / 100.0);
            nearest = Math.Min(nearest, Hypot(px - x, py - y));
        }
        return nearest;
    }

    public override IEnumerable<Point> Extremes =>
        Turns(x)
            .Concat(Turns(y))
            .Select(t =>
            {
                var (px, py) = Place(t);
                return Point.At(px, py);
            });

    private double ParameterAt(double along)
    {
        var part = Array.BinarySearch(reached, along);
        part = part >= 0 ? part : ~part - 1;
        if (part >= Parts)
        {
            return 1;
        }
        part = Math.Max(0, part);
        var (low, high) = ((double)part / Parts, (part + 1.0) / Parts);
        var over = reached[part + 1] - reached[part];
        if (over <= 0)
        {
            return low;
        }
        var t = low + (along - reached[part]) / over / Parts;
        for (var i = 0; i < 4; i++)
        {
            var (dx, dy) = Speed(t);
            var speed = Hypot(dx, dy);
            if (speed < 1e-9)
            {
                break;
            }
            t = Math.Clamp(t - (reached[part] + Between(low, t) - along) / speed, low, high);
        }
        return t;
    }

    private double Between(double from, double to)
    {
        var (middle, half) = ((from + to) / 2, (to - from) / 2);
        var sum = 0.0;
        foreach (var (at, weight) in Gauss)
        {
            var (dx, dy) = Speed(middle + half * at);
            sum += weight * Hypot(dx, dy);
        }
        return sum * half;
    }

    private (double X, double Y) Speed(double t) =>
        (x.B + t * (2 * x.C + 3 * t * x.D), y.B + t * (2 * y.C + 3 * t * y.D));

    private static IEnumerable<double> Turns((double A, double B, double C, double D) p)
    {
        var (a, b, c) = (3 * p.D, 2 * p.C, p.B);
        if (Math.Abs(a) < 1e-12)
        {
            return Math.Abs(b) < 1e-12 ? [] : Inside(-c / b);
        }
        var under = b * b - 4 * a * c;
        if (under < 0)
        {
            return [];
        }
        var root = Math.Sqrt(under);
        return [.. Inside((-b + root) / (2 * a)), .. Inside((-b - root) / (2 * a))];
    }

    private static IEnumerable<double> Inside(double t) => t is > 0 and < 1 ? [t] : [];

    private static (double A, double B, double C, double D) Polynomial(
        double p0,
        double p1,
        double p2,
        double p3
    ) => (p0, 3 * (p1 - p0), 3 * (p0 - 2 * p1 + p2), p3 - p0 + 3 * (p1 - p2));
}
