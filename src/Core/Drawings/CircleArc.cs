namespace ZephyrReach.Core.Drawings;

/// <summary>A part of a circle as a centre and angles.</summary>
/// <param name="X">Of the centre, in mm.</param>
/// <param name="Y">Of the centre, in mm.</param>
/// <param name="Radius">In mm; above 0.</param>
/// <param name="Start">Where it begins, as an angle from the right, in radians that grow clockwise on the page.</param>
/// <param name="Sweep">How far it goes round, in radians; clockwise is above 0.</param>
public readonly record struct CircleArc(
    double X,
    double Y,
    double Radius,
    double Start,
    double Sweep
)
{
    public double Length => Radius * Math.Abs(Sweep);

    /// <summary>A place on it.</summary>
    /// <param name="share">From 0 at its start to 1 at its end.</param>
    public Point At(double share)
    {
        var angle = Start + Sweep * share;
        return Point.At(X + Radius * Math.Cos(angle), Y + Radius * Math.Sin(angle));
    }

    /// <summary>The arc of a step. A radius that is too small to reach the end is as large as it has to be.</summary>
    /// <param name="from">Where the step begins; not where it ends.</param>
    public static CircleArc Of(Point from, ArcTo step)
    {
        var (x1, y1) = (from.X.Millimetres, from.Y.Millimetres);
        var (x2, y2) = (step.To.X.Millimetres, step.To.Y.Millimetres);
        var half = Math.Sqrt((x2 - x1) * (x2 - x1) + (y2 - y1) * (y2 - y1)) / 2;
        var r = Math.Max(step.Radius.Millimetres, half);
        // The centre lies on the middle normal; on which side depends on the way round.
        var off = Math.Sqrt(Math.Max(0, r * r - half * half));
        var side = step.Clockwise == step.IsLong ? 1 : -1;
        var (nx, ny) = ((y2 - y1) / (2 * half), (x1 - x2) / (2 * half));
        var (cx, cy) = ((x1 + x2) / 2 + side * off * nx, (y1 + y2) / 2 + side * off * ny);
        var start = Math.Atan2(y1 - cy, x1 - cx);
        var sweep = Math.Atan2(y2 - cy, x2 - cx) - start;
        sweep +=
            step.Clockwise && sweep < 0 ? 2 * Math.PI
            : !step.Clockwise && sweep > 0 ? -2 * Math.PI
            : 0;
        return new(cx, cy, r, start, sweep);
    }
}
