using MathNet.Numerics.LinearAlgebra;

namespace ZephyrReach.Core.Photographs;

/// <summary>A place in a picture, in px, or on the table, in mm.</summary>
public readonly record struct Place(double X, double Y)
{
    public double To(Place other) => Math.Sqrt(Math.Pow(X - other.X, 2) + Math.Pow(Y - other.Y, 2));
}

/// <summary>How the table lies in a picture: from mm on it to px.</summary>
public sealed class Plane
{
    /// <summary>From one corner mark of the printed card to the next, in mm.</summary>
    public const double CardSide = 100;

    private readonly Matrix<double> there;
    private readonly Matrix<double> back;

    private Plane(Matrix<double> there, bool isRectified, double error)
    {
        this.there = there;
        back = there.Inverse();
        (IsRectified, Error) = (isRectified, error);
    }

    /// <summary>Whether slant and perspective are taken out; else the picture is taken as seen from straight above.</summary>
    public bool IsRectified { get; }

    /// <summary>How far a length may be off by the scale alone, as a share of it.</summary>
    public double Error { get; }

    /// <summary>By the four corner marks of the printed card, in their order round it.</summary>
    /// <remarks>The homography of four points: eight linear equations (Hartley and Zisserman, Multiple View Geometry, 2004).</remarks>
    public static Plane OfCard(IReadOnlyList<Place> marks)
    {
        Place[] card = [new(0, 0), new(CardSide, 0), new(CardSide, CardSide), new(0, CardSide)];
        var a = Matrix<double>.Build.Dense(8, 8);
        var b = Vector<double>.Build.Dense(8);
        for (var i = 0; i < 4; i++)
        {
            var ((x, y), (u, v)) = (card[i], marks[i]);
            a.SetRow(2 * i, [x, y, 1, 0, 0, 0, -u * x, -u * y]);
            a.SetRow(2 * i + 1, [0, 0, 0, x, y, 1, -v * x, -v * y]);
            (b[2 * i], b[2 * i + 1]) = (u, v);
        }
        var h = a.Solve(b);
        return new(
            Matrix<double>.Build.DenseOfArray(
                new[,]
                {
                    { h[0], h[1], h[2] },
                    { h[3], h[4], h[5] },
                    { h[6], h[7], 1 },
                }
            ),
            true,
            0.006
        );
    }

    /// <summary>By two places whose distance is known.</summary>
    /// <param name="mm">From one to the other; above 0.</param>
    public static Plane OfTwo(Place from, Place to, double mm)
    {
        var perMm = from.To(to) / mm;
        return new(
            Matrix<double>.Build.DenseOfArray(
                new[,]
                {
                    { perMm, 0, 0 },
                    { 0, perMm, 0 },
                    { 0, 0, 1.0 },
                }
            ),
            false,
            0.012 + 1.4 / from.To(to)
        );
    }

    /// <summary>From mm on the table to px in the picture.</summary>
    public Place ToPicture(Place at) => Through(there, at);

    /// <summary>From px in the picture to mm on the table.</summary>
    public Place ToTable(Place at) => Through(back, at);

    private static Place Through(Matrix<double> by, Place at)
    {
        var w = by[2, 0] * at.X + by[2, 1] * at.Y + by[2, 2];
        return new(
            (by[0, 0] * at.X + by[0, 1] * at.Y + by[0, 2]) / w,
            (by[1, 0] * at.X + by[1, 1] * at.Y + by[1, 2]) / w
        );
    }
}
