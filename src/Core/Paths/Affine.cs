using ZephyrReach.Core.Drawings;

namespace ZephyrReach.Core.Paths;

/// <summary>A change of the plane that keeps straight lines straight: x′ = a·x + c·y + e, y′ = b·x + d·y + f, in mm.</summary>
public readonly record struct Affine(double A, double B, double C, double D, double E, double F)
{
    public static Affine Same { get; } = new(1, 0, 0, 1, 0, 0);

    public static Affine Move(double x, double y) => new(1, 0, 0, 1, x, y);

    public static Affine Scale(double x, double y) => new(x, 0, 0, y, 0, 0);

    /// <summary>About the origin; clockwise on the page is above 0.</summary>
    public static Affine Turn(double degrees)
    {
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        return new(cos, sin, -sin, cos, 0, 0);
    }

    /// <summary>Left and right changed over, about the line x = <paramref name="x"/>.</summary>
    public static Affine Mirror(double x) => new(-1, 0, 0, 1, 2 * x, 0);

    /// <summary>Whether all its figures are finite, and none reaches a bound.</summary>
    public bool IsWithin(double most) => new[] { A, B, C, D, E, F }.All(f => Math.Abs(f) < most);

    /// <summary>How much larger areas become; below 0 when left and right change over.</summary>
    public double Determinant => A * D - B * C;

    /// <summary>Whether circles stay circles: the same scale both ways, and square corners stay square.</summary>
    public bool KeepsCircles =>
        Math.Abs(A * C + B * D) <= 1e-9 * Math.Abs(Determinant)
        && Math.Abs(A * A + B * B - C * C - D * D) <= 1e-9 * Math.Abs(Determinant);

    /// <summary>This one first, then the other.</summary>
    public Affine Then(Affine next) =>
        new(
            next.A * A + next.C * B,
            next.B * A + next.D * B,
            next.A * C + next.C * D,
            next.B * C + next.D * D,
            next.A * E + next.C * F + next.E,
            next.B * E + next.D * F + next.F
        );

    public Point Of(Point p)
    {
        var (x, y) = (p.X.Millimetres, p.Y.Millimetres);
        return Point.At(A * x + C * y + E, B * x + D * y + F);
    }

    /// <summary>A path after the change. Arcs stay arcs where circles stay circles, and become curves where they do not.</summary>
    public Path Of(Path path)
    {
        var change = this;
        var keeps = KeepsCircles;
        List<PathStep> steps = [];
        var from = path.Start;
        foreach (var step in path.Steps)
        {
            switch (step)
            {
                case ArcTo arc when keeps:
                    steps.Add(
                        new ArcTo(
                            Of(arc.To),
                            arc.Radius * Math.Sqrt(Math.Abs(Determinant)),
                            Determinant < 0 ? !arc.Clockwise : arc.Clockwise,
                            arc.IsLong
                        )
                    );
                    break;
                case ArcTo arc when from != arc.To:
                    steps.AddRange(Curves.Of(CircleArc.Of(from, arc)).Select(c => Cubic(c)));
                    break;
                case CubicTo cubic:
                    steps.Add(Cubic(cubic));
                    break;
                default:
                    steps.Add(new LineTo(Of(step.To)));
                    break;
            }
            from = step.To;
        }
        return new Path(Of(path.Start), steps, path.IsClosed);

        CubicTo Cubic(CubicTo c) => new(change.Of(c.First), change.Of(c.Second), change.Of(c.To));
    }
}
