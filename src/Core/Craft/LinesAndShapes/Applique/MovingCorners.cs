using MathNet.Numerics.LinearAlgebra;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>An outline whose corners are moved.</summary>
internal sealed class MovingCorners(Round round, double step)
{
    private readonly ShapeSide[] sides = [.. round.Sides];
    private readonly IReadOnlyList<ShapeCorner> corners = round.Corners;

    /// <summary>The whole drawn out.</summary>
    public IEnumerable<LeastChange> Drawn()
    {
        if (round.Hidden.Count > 0 || sides.Length == 0)
        {
            yield break;
        }
        var longest = Array.IndexOf(sides, sides.MaxBy(s => s.To - s.From));
        var reach = round.Measured.Bounds;
        foreach (var (across, down) in new[] { (1.0, 0.0), (0.0, 1.0), (1.0, 1.0) })
        {
            var length = sides[longest].Length.Millimetres;
            foreach (
                var goal in new[] { Math.Floor(length / step), Math.Ceiling(length / step) }
                    .Distinct()
                    .Where(k => k > 0)
                    .Select(k => k * step)
            )
            {
                if (Stretched(longest, goal, across, down, reach) is { } change)
                {
                    yield return change;
                }
            }
        }
    }

    /// <summary>One corner moved alone, or all of them.</summary>
    public IEnumerable<LeastChange> Cornered()
    {
        if (
            corners.Count < 2
            || corners.Count > LeastChange.MostCorners
            || corners.Count != sides.Length
            || round.Hidden.Count > 0
        )
        {
            yield break;
        }
        var missed = Enumerable
            .Range(0, sides.Length)
            .Where(i => Miss(sides[i].Length) > 0.1)
            .ToList();
        for (var c = 0; c < corners.Count; c++)
        {
            if (
                missed.All(i => i == c || i == (c + corners.Count - 1) % corners.Count)
                && Solved([c]) is { } one
            )
            {
                yield return one;
            }
        }
        if (Solved([.. Enumerable.Range(0, corners.Count)]) is { } all)
        {
            yield return all;
        }
    }

    private LeastChange? Stretched(int side, double goal, double across, double down, Bounds reach)
    {
        var (length, by) = (sides[side].Length.Millimetres, 0.0);
        Path? path = null;
        Round? now = null;
        // How much longer it is for what it is drawn out by; nearly the same all the way.
        var rate = length;
        for (var i = 0; i < 6; i++)
        {
            var next = by + (goal - length) / rate;
            if (Math.Abs(next) > 0.1)
            {
                return null;
            }
            var about = Affine
                .Move(-reach.From.X.Millimetres, -reach.From.Y.Millimetres)
                .Then(Affine.Scale(1 + across * next, 1 + down * next))
                .Then(Affine.Move(reach.From.X.Millimetres, reach.From.Y.Millimetres));
            path = about.Of(round.Path);
            now = Anew(path);
            if (now.Sides.Count != sides.Length)
            {
                return null;
            }
            var isNow = now.Sides[side].Length.Millimetres;
            rate = Math.Abs(next - by) > 1e-9 ? (isNow - length) / (next - by) : rate;
            (length, by) = (isNow, next);
            if (Math.Abs(goal - length) < 1e-6 || Math.Abs(rate) < 1e-4)
            {
                break;
            }
        }
        var bounds = now!.Measured.Bounds;
        var (wider, higher) = (bounds.Width - reach.Width, bounds.Height - reach.Height);
        return new(
            path!,
            wider,
            higher,
            [],
            Length.Max(
                Length.Difference(wider, Length.Zero),
                Length.Difference(higher, Length.Zero)
            ) / 2,
            Worst(now)
        );
    }

    private LeastChange? Solved(IReadOnlyList<int> free)
    {
        var moves = new double[corners.Count * 2];
        Path? path = null;
        Round? now = round;
        for (var i = 0; i < 8; i++)
        {
            var jacobian = Matrix<double>.Build.Dense(sides.Length, free.Count * 2);
            var missing = Vector<double>.Build.Dense(sides.Length);
            for (var s = 0; s < sides.Length; s++)
            {
                // Side s runs from corner s to the next; what it is to come to is settled once.
                var (a, b) = (s, (s + 1) % corners.Count);
                var (from, to) = (
                    now.Measured.At(now.Sides[s].From),
                    now.Measured.At(now.Sides[s].To)
                );
                var length = now.Sides[s].Length.Millimetres;
                var (x, y) = ((to.X - from.X) / length, (to.Y - from.Y) / length);
                Put(jacobian, s, free, a, -x, -y);
                Put(jacobian, s, free, b, x, y);
                missing[s] = Goal(sides[s]) - length;
            }
            if (missing.AbsoluteMaximum() < 1e-5)
            {
                break;
            }
            // The least moves: Jᵀ(JJᵀ + ε)⁻¹r.
            var squared = jacobian * jacobian.Transpose();
            var step_ =
                jacobian.Transpose()
                * (squared + Matrix<double>.Build.DenseIdentity(sides.Length) * 1e-9).Solve(
                    missing
                );
            for (var f = 0; f < free.Count; f++)
            {
                moves[free[f] * 2] += step_[f * 2];
                moves[free[f] * 2 + 1] += step_[f * 2 + 1];
            }
            if (moves.Any(m => !(Math.Abs(m) < round.Measured.Total / 20)))
            {
                return null;
            }
            path = Bent(moves);
            now = Anew(path);
            if (now.Sides.Count != sides.Length)
            {
                return null;
            }
        }
        if (path is null || Area.Wrong(path) is not null)
        {
            return null;
        }
        List<Moved> moved =
        [
            .. Enumerable
                .Range(0, corners.Count)
                .Select(c => new Moved(
                    c + 1,
                    Length.FromMillimetres(moves[c * 2]),
                    Length.FromMillimetres(moves[c * 2 + 1])
                ))
                .Where(m => m.Far > 0.02),
        ];
        return new(
            path,
            Length.Zero,
            Length.Zero,
            moved,
            Length.FromMillimetres(moved.Count == 0 ? 0 : moved.Max(m => m.Far)),
            Worst(now)
        );
    }

    private static void Put(
        Matrix<double> jacobian,
        int side,
        IReadOnlyList<int> free,
        int corner,
        double x,
        double y
    )
    {
        for (var f = 0; f < free.Count; f++)
        {
            if (free[f] == corner)
            {
                jacobian[side, f * 2] += x;
                jacobian[side, f * 2 + 1] += y;
            }
        }
    }

    /// <summary>The outline with its corners moved; what lies between two moves with both, by how near it is to each.</summary>
    private Path Bent(double[] moves)
    {
        var whole = Curved(round.Path);
        var measured = new MeasuredPath(whole);
        List<PathStep> steps = [];
        var at = 0.0;
        var stretch = 0;
        foreach (var step_ in whole.Steps)
        {
            var length = PathPart
                .Of(steps.Count == 0 ? whole.Start : whole.Steps[steps.Count - 1].To, step_)
                .Length;
            stretch += length > 1e-9 ? 1 : 0;
            steps.Add(
                step_ is CubicTo c
                    ? new CubicTo(
                        By(c.First, at + length / 3),
                        By(c.Second, at + length * 2 / 3),
                        By(c.To, at + length)
                    )
                    : new LineTo(By(step_.To, at + length))
            );
            at += length;
        }
        return new(By(whole.Start, 0), steps, true);

        Point By(Point p, double along)
        {
            along %= measured.Total;
            var side = Array.FindLastIndex(sides, s => s.From <= along + 1e-6);
            side = side < 0 ? sides.Length - 1 : side;
            var from = sides[side].From;
            var share =
                (along < from - 1e-6 ? along + measured.Total - from : along - from)
                / (sides[side].To - from);
            var (a, b) = (side, (side + 1) % corners.Count);
            share = Math.Clamp(share, 0, 1);
            return Point.At(
                p.X.Millimetres + (1 - share) * moves[a * 2] + share * moves[b * 2],
                p.Y.Millimetres + (1 - share) * moves[a * 2 + 1] + share * moves[b * 2 + 1]
            );
        }
    }

    /// <summary>With curves in place of arcs, which keep no circle when they are bent.</summary>
    private static Path Curved(Path path)
    {
        List<PathStep> steps = [];
        var from = path.Start;
        foreach (var step_ in path.Steps)
        {
            steps.AddRange(
                step_ is ArcTo arc && from != arc.To ? Curves.Of(CircleArc.Of(from, arc)) : [step_]
            );
            from = step_.To;
        }
        return path with { Steps = steps };
    }

    private Round Anew(Path path) =>
        new(
            round.Shape with
            {
                Outlines = [path],
                AreReversed = [false],
            },
            0,
            LeastAngle,
            null,
            true
        );

    /// <summary>What was a corner stays one though it is a little flatter after.</summary>
    private double LeastAngle =>
        corners.Count == 0
            ? round.LeastCorner
            : Math.Min(round.LeastCorner, Math.Max(1, corners.Min(c => Math.Abs(c.Turn)) - 3));

    private double Goal(ShapeSide side) =>
        Math.Max(1, Math.Round((side.To - side.From) / step)) * step;

    private double Miss(Length length) =>
        StitchFit.Of(length, Length.FromMillimetres(step), 1).Miss.Millimetres;

    private Length Worst(Round now) => Length.FromMillimetres(now.Sides.Max(s => Miss(s.Length)));
}
