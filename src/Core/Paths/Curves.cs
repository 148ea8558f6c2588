using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Paths;

/// <summary>Arcs as cubic curves, and cubic curves as arcs.</summary>
public static class Curves
{
    /// <summary>An arc as cubic curves, each over a quarter turn or less.</summary>
    /// <remarks>Control points lie 4/3·tan(θ/4)·r along the tangents; over a quarter turn that strays by 0.03 % of the radius.</remarks>
    public static IEnumerable<CubicTo> Of(CircleArc arc)
    {
        var parts = Math.Max(1, (int)Rounding.CeilingTolerant(Math.Abs(arc.Sweep) / (Math.PI / 2)));
        var sweep = arc.Sweep / parts;
        var k = 4.0 / 3 * Math.Tan(sweep / 4) * arc.Radius;
        for (var i = 0; i < parts; i++)
        {
            var (from, to) = (arc.Start + i * sweep, arc.Start + (i + 1) * sweep);
            yield return new CubicTo(
                On(arc, from, -Math.Sin(from) * k, Math.Cos(from) * k),
                On(arc, to, Math.Sin(to) * k, -Math.Cos(to) * k),
                On(arc, to, 0, 0)
            );
        }
    }

    private static Point On(CircleArc arc, double angle, double dx, double dy) =>
        Point.At(
            arc.X + arc.Radius * Math.Cos(angle) + dx,
            arc.Y + arc.Radius * Math.Sin(angle) + dy
        );

    /// <summary>Arcs and straight lines that stray no further than a tolerance from a cubic curve, and meet without a corner.</summary>
    /// <remarks>
    /// Each part of the curve, from p₁ along t₁ to p₂ along t₂, becomes two arcs that share a tangent where they meet: a biarc
    /// with equal lengths d along both tangents, 2(1 − t₁·t₂)d² + 2d·v·(t₁ + t₂) − |v|² = 0 with v = p₂ − p₁. A part that
    /// strays too far is halved.
    /// </remarks>
    /// <param name="from">Where the curve begins.</param>
    /// <param name="curve">The curve.</param>
    /// <param name="tolerance">In mm; above 0.</param>
    public static IEnumerable<PathStep> Arcs(Point from, CubicTo curve, double tolerance)
    {
        var c = new CubicPart(from, curve);
        return Fit(c, 0, 1, tolerance, 0);
    }

    /// <summary>A curve halved more often than this has no length left.</summary>
    private const int MostHalves = 12;

    private static IEnumerable<PathStep> Fit(
        CubicPart c,
        double from,
        double to,
        double tolerance,
        int depth
    )
    {
        // Halved once at least, since the two halves of an S cannot be told from a straight line by their middle alone.
        if (depth > 1 || depth >= MostHalves)
        {
            var steps = Biarc(c, from, to);
            if (depth >= MostHalves || Strays(c, from, to, steps) <= tolerance)
            {
                return steps;
            }
        }
        var middle = (from + to) / 2;
        return
        [
            .. Fit(c, from, middle, tolerance, depth + 1),
            .. Fit(c, middle, to, tolerance, depth + 1),
        ];
    }

    private static IReadOnlyList<PathStep> Biarc(CubicPart c, double from, double to)
    {
        var (p1, p2) = (c.Place(from), c.Place(to));
        var (t1, t2) = (c.Tangent(from), c.Tangent(to));
        var (vx, vy) = (p2.X - p1.X, p2.Y - p1.Y);
        var (sx, sy) = (t1.X + t2.X, t1.Y + t2.Y);
        var (vv, vs) = (vx * vx + vy * vy, vx * sx + vy * sy);
        var dot = t1.X * t2.X + t1.Y * t2.Y;
        var a = 2 * (1 - dot);
        var d =
            a < 1e-12
                ? (Math.Abs(vs) < 1e-12 ? Math.Sqrt(vv) / 4 : vv / (2 * vs))
                : (-vs + Math.Sqrt(vs * vs + a * vv)) / a;
        var (jx, jy) = (
            (p1.X + p2.X + d * (t1.X - t2.X)) / 2,
            (p1.Y + p2.Y + d * (t1.Y - t2.Y)) / 2
        );
        return [Arc(p1, t1, (jx, jy)), Arc(p2, (-t2.X, -t2.Y), (jx, jy), back: p1)];

        // From a place along a tangent to another; where it is asked backwards, it ends where it was asked from.
        PathStep Arc(
            (double X, double Y) at,
            (double X, double Y) tangent,
            (double X, double Y) end,
            (double X, double Y)? back = null
        )
        {
            var (ex, ey) = (end.X - at.X, end.Y - at.Y);
            var cross = tangent.X * ey - tangent.Y * ex;
            var goal = back is null ? Point.At(end.X, end.Y) : Point.At(at.X, at.Y);
            var chord = ex * ex + ey * ey;
            if (Math.Abs(cross) < 1e-9 * Math.Max(1, chord))
            {
                return new LineTo(goal);
            }
            var radius = chord / (2 * Math.Abs(cross));
            var isLong = tangent.X * ex + tangent.Y * ey < 0;
            return new ArcTo(
                goal,
                Length.FromMillimetres(radius),
                back is null ? cross > 0 : cross < 0,
                isLong
            );
        }
    }

    private static double Strays(CubicPart c, double from, double to, IReadOnlyList<PathStep> steps)
    {
        var start = c.Place(from);
        var at = Point.At(start.X, start.Y);
        List<PathPart> parts = [];
        foreach (var step in steps)
        {
            parts.Add(PathPart.Of(at, step));
            at = step.To;
        }
        var worst = 0.0;
        for (var i = 1; i < 8; i++)
        {
            var (x, y) = c.Place(from + (to - from) * i / 8);
            worst = Math.Max(worst, parts.Min(p => p.Apart(x, y)));
        }
        return worst;
    }
}
