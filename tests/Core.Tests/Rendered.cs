using MathNet.Numerics.LinearAlgebra;
using ZephyrReach.Core.Photographs;

namespace ZephyrReach.Core.Tests;

/// <summary>A photograph that is reckoned: fabric and the measuring card on a table, seen by a telephone that is held at a slant.</summary>
internal sealed class Rendered
{
    /// <summary>In mm, what of the table is in the picture.</summary>
    private const double Wide = 210;
    private const double High = 157.5;

    /// <summary>Where the card’s first mark lies.</summary>
    private static readonly Place Card = new(20, 28);

    private readonly Matrix<double> there;
    private readonly Random random;
    private readonly double barrel;
    private readonly int width;
    private readonly int height;

    /// <param name="slant">Of the camera, in degrees.</param>
    /// <param name="barrel">How far a corner of the picture is drawn in, as a share.</param>
    public Rendered(Random random, double slant, double barrel, int width = 800)
    {
        (this.random, this.barrel, this.width) = (random, barrel, width);
        height = width * 3 / 4;
        var (tilt, turn) = (slant * Math.PI / 180, (random.NextDouble() - 0.5) * 0.3);
        var way = random.NextDouble() * 2 * Math.PI;
        // A pinhole over the middle of the table, turned about an axis in it.
        var axis = (X: Math.Cos(way), Y: Math.Sin(way));
        var (sin, cos) = Math.SinCos(tilt);
        Vector<double> Turned(double x, double y)
        {
            // Rodrigues, about an axis that lies in the table.
            var along = x * axis.X + y * axis.Y;
            var across = (X: x - along * axis.X, Y: y - along * axis.Y);
            var side = x * axis.Y - y * axis.X;
            return Vector<double>.Build.Dense([
                along * axis.X + across.X * cos,
                along * axis.Y + across.Y * cos,
                -side * sin,
            ]);
        }
        var (u, v) = (
            Turned(Math.Cos(turn), Math.Sin(turn)),
            Turned(-Math.Sin(turn), Math.Cos(turn))
        );
        const double Away = 320;
        // Seen so large that the whole table is in it, slanted or not.
        var focal = 0.84 * width / Wide * Away;
        there = Matrix<double>.Build.DenseOfArray(
            new[,]
            {
                { focal * u[0], focal * v[0], width / 2.0 * Away },
                { focal * u[1], focal * v[1], height / 2.0 * Away },
                { 0, 0, Away },
            }
        );
        for (var c = 0; c < 2; c++)
        {
            var of = c == 0 ? u : v;
            there[0, c] += width / 2.0 * of[2];
            there[1, c] += height / 2.0 * of[2];
            there[2, c] = of[2];
        }
    }

    /// <summary>Where a place of the table lies in the picture.</summary>
    public Place See(Place at)
    {
        var p = there * Vector<double>.Build.Dense([at.X - Wide / 2, at.Y - High / 2, 1]);
        var (x, y) = (p[0] / p[2] - width / 2.0, p[1] / p[2] - height / 2.0);
        // As a lens draws it: further out, further in.
        var r = (x * x + y * y) / (width * width / 4.0 + height * height / 4.0);
        var by = 1 - barrel * r;
        return new(x * by + width / 2.0, y * by + height / 2.0);
    }

    /// <summary>Renders what lies on the table.</summary>
    /// <param name="fabric">The shade of a place, in mm, 0 to 1.</param>
    /// <param name="noise">Of the camera, as a share of white.</param>
    /// <param name="blur">In px.</param>
    public Grey Picture(Func<double, double, double> fabric, double noise, int blur)
    {
        var back = there.Inverse();
        var values = new float[width * height];
        var light = (X: random.NextDouble() - 0.5, Y: random.NextDouble() - 0.5);
        for (var y = 0; y < height; y++)
        {
            for (var x = 0; x < width; x++)
            {
                var (px, py) = (x - width / 2.0, y - height / 2.0);
                // Back through the lens, in a few steps.
                var (qx, qy) = (px, py);
                for (var i = 0; i < 3; i++)
                {
                    var r = (qx * qx + qy * qy) / (width * width / 4.0 + height * height / 4.0);
                    (qx, qy) = (px / (1 - barrel * r), py / (1 - barrel * r));
                }
                var (u, v) = (qx + width / 2.0, qy + height / 2.0);
                var w = back[2, 0] * u + back[2, 1] * v + back[2, 2];
                var (mx, my) = (
                    (back[0, 0] * u + back[0, 1] * v + back[0, 2]) / w + Wide / 2,
                    (back[1, 0] * u + back[1, 1] * v + back[1, 2]) / w + High / 2
                );
                var shade = OnCard(mx, my) ?? fabric(mx, my);
                var lit = 0.82 + 0.3 * (light.X * (mx / Wide - 0.5) + light.Y * (my / High - 0.5));
                values[y * width + x] = (float)Math.Clamp(shade * lit, 0, 1);
            }
        }
        var soft =
            blur > 0
                ? new Grey(width, height, values).Blurred(blur)
                : new Grey(width, height, values);
        return soft with
        {
            Values = [.. soft.Values.Select(s => (float)Math.Clamp(s + noise * Normal(), 0, 1))],
        };
    }

    private double Normal() =>
        Math.Sqrt(-2 * Math.Log(1 - random.NextDouble()))
        * Math.Cos(2 * Math.PI * random.NextDouble());

    /// <summary>The shade of the card at a place; null beside it.</summary>
    private static double? OnCard(double x, double y)
    {
        var (cx, cy) = (x - Card.X, y - Card.Y);
        if (cx < -12 || cy < -12 || cx > 112 || cy > 112)
        {
            return null;
        }
        foreach (var (mx, my) in ((double, double)[])[(0, 0), (100, 0), (100, 100), (0, 100)])
        {
            var away = Math.Sqrt((cx - mx) * (cx - mx) + (cy - my) * (cy - my));
            if (away < CardMarks.Ring / 2)
            {
                return away < CardMarks.Dot / 2 || away > CardMarks.Within / 2 ? 0.08 : 0.95;
            }
        }
        return 0.95;
    }
}
