using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Paths;

/// <summary>A part of a line as it is walked: straight on, round a curve, or a corner on the spot.</summary>
public abstract record Leg
{
    /// <summary>How long it is, in mm.</summary>
    public abstract double Length { get; }
}

/// <summary>Straight on.</summary>
public sealed record Straight(double Mm) : Leg
{
    public override double Length => Mm;
}

/// <summary>Round a curve.</summary>
/// <param name="Radius">In mm; above 0.</param>
/// <param name="Sweep">In degrees; above 0 to the right of the way it goes.</param>
public sealed record Curve(double Radius, double Sweep) : Leg
{
    public override double Length => Radius * Math.Abs(Sweep) * Math.PI / 180;
}

/// <summary>A turn on the spot.</summary>
/// <param name="Turn">In degrees; above 0 to the right.</param>
public sealed record OnTheSpot(double Turn) : Leg
{
    public override double Length => 0;
}

/// <summary>Lines as legs, and back.</summary>
public static class Legs
{
    /// <summary>A tighter curve than this is a corner.</summary>
    private const double LeastRadius = 0.05;

    /// <summary>A straight stretch may be this much of a bend, in degrees to the millimetre.</summary>
    private const double Flat = 1e-6;

    /// <summary>The line that legs walk, from the origin to the right.</summary>
    public static Path Walked(IReadOnlyList<Leg> legs, bool isClosed)
    {
        var (x, y, heading) = (0.0, 0.0, 0.0);
        List<PathStep> steps = [];
        foreach (var leg in legs)
        {
            switch (leg)
            {
                case Straight s:
                    (x, y) = (x + s.Mm * Math.Cos(heading), y + s.Mm * Math.Sin(heading));
                    steps.Add(new LineTo(Point.At(x, y)));
                    break;
                case Curve c:
                    // No more than half a circle is one step, so that no step ends where it begins.
                    var parts = Math.Max(1, (int)Rounding.CeilingTolerant(Math.Abs(c.Sweep) / 170));
                    var sweep = c.Sweep * Math.PI / 180 / parts;
                    var side = Math.Sign(c.Sweep);
                    for (var i = 0; i < parts && side != 0; i++)
                    {
                        var (cx, cy) = (
                            x - side * c.Radius * Math.Sin(heading),
                            y + side * c.Radius * Math.Cos(heading)
                        );
                        heading += sweep;
                        (x, y) = (
                            cx + side * c.Radius * Math.Sin(heading),
                            cy - side * c.Radius * Math.Cos(heading)
                        );
                        steps.Add(
                            new ArcTo(Point.At(x, y), Length.FromMillimetres(c.Radius), side > 0)
                        );
                    }
                    break;
                case OnTheSpot corner:
                    heading += corner.Turn * Math.PI / 180;
                    break;
            }
        }
        return new Path(Point.At(0, 0), steps, isClosed);
    }

    /// <summary>The same legs walked over and over.</summary>
    /// <param name="mirrored">Whether every other time right and left change over, as along a vine.</param>
    public static IReadOnlyList<Leg> Repeated(IReadOnlyList<Leg> legs, int times, bool mirrored) =>
        [
            .. Enumerable
                .Range(0, times)
                .SelectMany(i => mirrored && i % 2 == 1 ? legs.Select(Mirrored) : legs),
        ];

    private static Leg Mirrored(Leg leg) =>
        leg switch
        {
            Curve c => c with { Sweep = -c.Sweep },
            OnTheSpot o => new OnTheSpot(-o.Turn),
            _ => leg,
        };

    /// <summary>Legs that run beside others, to one side of the way they go.</summary>
    /// <param name="right">How far to the right, in mm; below 0 to the left.</param>
    public static IReadOnlyList<Leg> Beside(IReadOnlyList<Leg> legs, double right) =>
        right == 0
            ? legs
            :
            [
                .. legs.Select(
                    (leg, i) =>
                        leg switch
                        {
                            Straight s => new Straight(
                                Math.Max(0, s.Mm - right * (Cut(legs, i - 1) + Cut(legs, i + 1)))
                            ),
                            Curve c when c.Radius - right * Math.Sign(c.Sweep) is var r => r
                            > LeastRadius
                                ? c with
                                {
                                    Radius = r,
                                }
                                : new OnTheSpot(c.Sweep),
                            _ => leg,
                        }
                ),
            ];

    /// <summary>By how much a corner next to a straight line shortens what runs one mm inside it: tan(θ/2).</summary>
    private static double Cut(IReadOnlyList<Leg> legs, int place) =>
        place >= 0 && place < legs.Count && legs[place] is OnTheSpot corner
            ? Math.Tan(Math.Clamp(corner.Turn, -170, 170) * Math.PI / 360)
            : 0;

    /// <summary>The legs of any path: cubic curves become arcs, changes of the way turns on the spot, and what goes on alike is one leg.</summary>
    /// <param name="path">Where it starts is where the walk starts.</param>
    /// <param name="tolerance">How far an arc may stray from its curve, in mm.</param>
    public static IReadOnlyList<Leg> Of(Path path, double tolerance)
    {
        List<Leg> legs = [];
        double? heading = null;
        foreach (var stretch in new MeasuredPath(AsArcs(path, tolerance)).Stretches)
        {
            var start = stretch.At(0);
            if (heading is { } was)
            {
                var turn = MeasuredPath.Turn(was, start.Heading);
                if (Math.Abs(turn) > 1e-6)
                {
                    legs.Add(new OnTheSpot(turn));
                }
            }
            heading = stretch.At(stretch.Length).Heading;
            Add(legs, stretch, start.Curvature);
        }
        return legs;
    }

    /// <summary>The same path with arcs in place of its cubic curves.</summary>
    public static Path AsArcs(Path path, double tolerance)
    {
        List<PathStep> steps = [];
        var from = path.Start;
        foreach (var step in path.Steps)
        {
            steps.AddRange(step is CubicTo c ? Curves.Arcs(from, c, tolerance) : [step]);
            from = step.To;
        }
        return path with { Steps = steps };
    }

    private static void Add(List<Leg> legs, PathPart stretch, double curvature)
    {
        var bend = curvature * 180 / Math.PI;
        if (Math.Abs(bend) < Flat || Math.Abs(1 / curvature) < LeastRadius)
        {
            if (legs.LastOrDefault() is Straight before)
            {
                legs[^1] = before with { Mm = before.Mm + stretch.Length };
                return;
            }
            legs.Add(new Straight(stretch.Length));
            return;
        }
        var curve = new Curve(1 / Math.Abs(curvature), bend * stretch.Length);
        if (
            legs.LastOrDefault() is Curve last
            && Math.Abs(last.Radius - curve.Radius) < 1e-6 * curve.Radius
            && last.Sweep > 0 == curve.Sweep > 0
        )
        {
            legs[^1] = last with { Sweep = last.Sweep + curve.Sweep };
            return;
        }
        legs.Add(curve);
    }
}
