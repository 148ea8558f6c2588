using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Paths;

/// <summary>A place where a path changes its way at once.</summary>
/// <param name="At">How far along the path, in mm.</param>
/// <param name="Turn">In degrees; above 0 to the right of the way it goes.</param>
public readonly record struct Corner(double At, double Turn);

/// <summary>A path that is measured once: where it is, which way it goes and how it bends at any distance along it.</summary>
public sealed class MeasuredPath
{
    private readonly PathPart[] stretches;
    private readonly double[] reached;

    public MeasuredPath(Path path)
    {
        Path = path;
        List<PathPart> all = [];
        var from = path.Start;
        foreach (var step in path.Steps)
        {
            Add(step);
            from = step.To;
        }
        if (path.IsClosed && from != path.Start)
        {
            Add(new LineTo(path.Start));
        }
        stretches = [.. all];
        reached = new double[stretches.Length + 1];
        for (var i = 0; i < stretches.Length; i++)
        {
            reached[i + 1] = reached[i] + stretches[i].Length;
        }

        // What has no length says nothing of where the path goes.
        void Add(PathStep step)
        {
            if (PathPart.Of(from, step) is { Length: > 1e-9 } stretch)
            {
                all.Add(stretch);
            }
        }
    }

    public Path Path { get; }

    /// <summary>In mm.</summary>
    public double Total => reached[^1];

    public Length Length => Length.FromMillimetres(Total);

    /// <summary>The steps it is made of, each measured.</summary>
    public IReadOnlyList<PathPart> Stretches => stretches;

    /// <summary>Where each of them begins.</summary>
    public double StartOf(int stretch) => reached[stretch];

    /// <summary>Where it is after a distance. A closed path goes on from its start; an open one ends at its ends.</summary>
    public Pose At(double along)
    {
        Budget.Spend(1);
        if (stretches.Length == 0)
        {
            return new(Path.Start.X.Millimetres, Path.Start.Y.Millimetres, 0, 0);
        }
        along = Path.IsClosed
            ? along - Math.Floor(along / Total) * Total
            : Math.Clamp(along, 0, Total);
        var place = Array.BinarySearch(reached, along);
        place = Math.Clamp(place >= 0 ? place : ~place - 1, 0, stretches.Length - 1);
        return stretches[place].At(along - reached[place]);
    }

    /// <summary>Where it changes its way by more than an angle; of a closed path its start is one of them, at 0.</summary>
    /// <param name="least">In degrees.</param>
    public IReadOnlyList<Corner> Corners(double least)
    {
        List<Corner> corners = [];
        for (var i = Path.IsClosed ? 0 : 1; i < stretches.Length; i++)
        {
            var before = stretches[i == 0 ? stretches.Length - 1 : i - 1];
            var turn = Turn(before.At(before.Length).Heading, stretches[i].At(0).Heading);
            if (Math.Abs(turn) > least)
            {
                corners.Add(new(reached[i], turn));
            }
        }
        return corners;
    }

    /// <summary>The least rectangle around it, exactly.</summary>
    public Bounds Bounds
    {
        get
        {
            List<Point> reach = [Path.Start];
            foreach (var stretch in stretches)
            {
                reach.Add(stretch.At(stretch.Length).Point);
                reach.AddRange(stretch.Extremes);
            }
            return new Bounds(
                new Point(reach.Min(p => p.X), reach.Min(p => p.Y)),
                new Point(reach.Max(p => p.X), reach.Max(p => p.Y))
            );
        }
    }

    /// <summary>A part of it as points, curves taken apart so that none strays by more than a tolerance.</summary>
    /// <param name="from">In mm along it.</param>
    /// <param name="to">Not before <paramref name="from"/>; of a closed path it may lie beyond its end.</param>
    /// <param name="tolerance">In mm; above 0.</param>
    public IReadOnlyList<Point> Points(double from, double to, double tolerance)
    {
        List<Point> points = [At(from).Point];
        var rounds = Path.IsClosed ? (int)Math.Floor(to / Total) : 0;
        for (var round = 0; round <= rounds; round++)
        {
            for (var i = 0; i < stretches.Length; i++)
            {
                var begin = round * Total + reached[i];
                var (low, high) = (
                    Math.Max(from, begin),
                    Math.Min(to, begin + stretches[i].Length)
                );
                if (high <= low)
                {
                    continue;
                }
                // A chord of h on a radius r strays by h²/(8r). A curve is looked at where it bends most.
                var looks = stretches[i] is CubicPart ? 12 : 1;
                var bend = Enumerable
                    .Range(0, looks)
                    .Max(k =>
                        Math.Abs(
                            stretches[i]
                                .At(low - begin + (high - low) * (k + 0.5) / looks)
                                .Curvature
                        )
                    );
                bend = looks > 1 ? Math.Max(bend, 4 / stretches[i].Length) : bend;
                var step = bend < 1e-9 ? high - low : Math.Sqrt(8 * tolerance / bend);
                var parts = (int)Math.Clamp(Math.Ceiling((high - low) / step), 1, 2000);
                Budget.Spend(looks + parts);
                for (var k = 1; k <= parts; k++)
                {
                    points.Add(stretches[i].At(low - begin + (high - low) * k / parts).Point);
                }
            }
        }
        return points;
    }

    /// <summary>The area it encloses, in square mm; above 0 where it goes round clockwise on the page.</summary>
    public double SignedArea
    {
        get
        {
            var points = Points(0, Total, 0.02);
            var sum = 0.0;
            for (var i = 0; i < points.Count; i++)
            {
                var (a, b) = (points[i], points[(i + 1) % points.Count]);
                sum += a.X.Millimetres * b.Y.Millimetres - b.X.Millimetres * a.Y.Millimetres;
            }
            return sum / 2;
        }
    }

    /// <summary>From one heading to another, in degrees between -180 and 180.</summary>
    public static double Turn(double from, double to)
    {
        var turn = (to - from) * 180 / Math.PI;
        return turn - 360 * Math.Floor((turn + 180) / 360);
    }
}
