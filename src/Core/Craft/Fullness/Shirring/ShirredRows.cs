using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>How rows run over a panel.</summary>
internal enum RowShape
{
    Straight,
    Diagonal,
    Waves,
    Neckline,
}

/// <summary>Rows of elastic as they lie on the flat part of a panel that is shirred.</summary>
/// <remarks>
/// Cloth draws up along its rows and keeps its length square to them. With r along the rows, a line that meets them at an angle
/// φ comes to √(cos²φ/r² + sin²φ) of its length. Slanted rows have one φ; along a wave it changes, and its mean counts.
/// </remarks>
/// <param name="Ask">What was asked.</param>
/// <param name="Width">Of that part, flat; of a neckline along its edge.</param>
/// <param name="Height">From the first row to the last, flat.</param>
internal sealed record ShirredRows(ShirringInputs Ask, Length Width, Length Height)
{
    /// <summary>A wave is walked in so many steps.</summary>
    private const int Steps = 48;

    /// <summary>How many rows: floor(H/g) + 1; slanted ones as many as cross the part.</summary>
    public int Count => Ask.Shape == RowShape.Diagonal ? Slanted.Count : Across;

    private int Across => (int)Rounding.FloorTolerant(Height / Ask.RowGap) + 1;

    /// <summary>Between neighbouring rows; evened out where they run from side to side, nothing for one row.</summary>
    public Length Gap =>
        Ask.Shape == RowShape.Diagonal ? Ask.RowGap
        : Count > 1 ? Height / (Count - 1)
        : Length.Zero;

    /// <summary>All rows together, flat.</summary>
    public Length Sum =>
        Ask.Shape switch
        {
            RowShape.Straight => Count * Width,
            RowShape.Waves => Count * Width * WaveFactor,
            RowShape.Neckline => Enumerable.Range(1, Count).Select(LengthOf).Sum(),
            _ => Slanted.Select(s => Between(s.From, s.To)).Sum(),
        };

    /// <summary>The longest of them.</summary>
    public Length Longest =>
        Ask.Shape switch
        {
            RowShape.Straight => Width,
            RowShape.Waves => Width * WaveFactor,
            RowShape.Neckline => LengthOf(Count),
            _ => Slanted.Count == 0 ? Length.Zero : Slanted.Max(s => Between(s.From, s.To)),
        };

    /// <summary>From the upper edge of the part to where a row crosses its middle line.</summary>
    public Length At(int row) => (row - 1) * Gap;

    /// <summary>The row as a line, from the upper left of the part; of a neckline with its edge laid straight.</summary>
    public IReadOnlyList<Point> Line(int row) =>
        Ask.Shape switch
        {
            RowShape.Diagonal => [Slanted[row - 1].From, Slanted[row - 1].To],
            RowShape.Waves => [.. Wave(At(row))],
            _ => [new Point(Length.Zero, At(row)), new Point(Width, At(row))],
        };

    /// <summary>How much wider than at rest the part is flat, where rows draw up r times.</summary>
    public static double Widens(ShirringInputs ask, double r) => 1 / Mean(ask, r, 0);

    /// <summary>How much higher.</summary>
    public static double Heightens(ShirringInputs ask, double r) => 1 / Mean(ask, r, Math.PI / 2);

    /// <summary>How much its rows drew up, where the part became so much narrower; see <see cref="Widens"/>.</summary>
    public static double AlongOf(ShirringInputs ask, double narrower)
    {
        if (ask.Shape is RowShape.Straight or RowShape.Neckline)
        {
            return narrower;
        }
        var (low, high) = (1.0, 60.0);
        for (var i = 0; i < 60; i++)
        {
            var mid = (low + high) / 2;
            (low, high) = Widens(ask, mid) < narrower ? (mid, high) : (low, mid);
        }
        return low;
    }

    /// <summary>A row at a distance from the edge of a neckline: 1 + d/ρ times as long as the edge.</summary>
    private Length LengthOf(int row) => Width * (1 + (Ask.TopMargin + At(row)) / Ask.NeckRadius);

    private double WaveFactor => Slopes(Ask).Average(s => Math.Sqrt(1 + s * s));

    private IEnumerable<Point> Wave(Length middle)
    {
        var waves = Math.Max(1, (int)Math.Ceiling(Width / Ask.WaveLength));
        var points = Math.Min(2000, waves * 16);
        for (var i = 0; i <= points; i++)
        {
            var x = Width * ((double)i / points);
            yield return new(
                x,
                middle
                    + Ask.WaveHeight
                        / 2
                        * Math.Sin(2 * Math.PI * (x.Millimetres / Ask.WaveLength.Millimetres))
            );
        }
    }

    private static double Mean(ShirringInputs ask, double r, double line)
    {
        return ask.Shape switch
        {
            RowShape.Diagonal => Left(ask.Angle),
            RowShape.Waves => Slopes(ask).Average(s => Left(Math.Atan(s))),
            _ => line == 0 ? 1 / r : 1,
        };

        double Left(double row)
        {
            var (along, square) = (Math.Cos(line - row) / r, Math.Sin(line - row));
            return Math.Sqrt(along * along + square * square);
        }
    }

    private static IEnumerable<double> Slopes(ShirringInputs ask)
    {
        var steepest = Math.PI * (ask.WaveHeight / ask.WaveLength);
        return Enumerable
            .Range(0, Steps)
            .Select(i => steepest * Math.Cos(2 * Math.PI * (i + 0.5) / Steps));
    }

    private IReadOnlyList<(Point From, Point To)> Slanted =>
        slanted ??= [.. Slant(Width.Millimetres, Height.Millimetres)];

    private IReadOnlyList<(Point From, Point To)>? slanted;

    /// <summary>Parallel lines at the angle, g apart, symmetric about the middle of the part, each as far as it lies inside.</summary>
    private IEnumerable<(Point From, Point To)> Slant(double a, double b)
    {
        var (cos, sin, g) = (Math.Cos(Ask.Angle), Math.Sin(Ask.Angle), Ask.RowGap.Millimetres);
        var half = (a * Math.Abs(sin) + b * Math.Abs(cos)) / 2;
        var n = (int)Math.Floor(2 * half / g + 1e-9) + 1;
        for (var i = 0; i < n; i++)
        {
            Budget.Spend(1);
            var off = (i - (n - 1) / 2.0) * g;
            var (x, y) = (a / 2 - off * sin, b / 2 + off * cos);
            var (from, to) = (double.NegativeInfinity, double.PositiveInfinity);
            Clip(x, cos, a);
            Clip(y, sin, b);
            if (to - from > 1e-6)
            {
                yield return (
                    Point.At(x + from * cos, y + from * sin),
                    Point.At(x + to * cos, y + to * sin)
                );
            }

            void Clip(double at, double step, double most)
            {
                if (Math.Abs(step) < 1e-12)
                {
                    return;
                }
                var (one, other) = (-at / step, (most - at) / step);
                from = Math.Max(from, Math.Min(one, other));
                to = Math.Min(to, Math.Max(one, other));
            }
        }
    }

    private static Length Between(Point from, Point to) =>
        Length.FromMillimetres(
            Math.Sqrt(
                Math.Pow((to.X - from.X).Millimetres, 2) + Math.Pow((to.Y - from.Y).Millimetres, 2)
            )
        );
}
