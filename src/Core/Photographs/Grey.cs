namespace ZephyrReach.Core.Photographs;

/// <summary>A picture in shades of grey, row by row from its upper left corner.</summary>
/// <param name="Width">In px; at least 1.</param>
/// <param name="Height">In px; at least 1.</param>
/// <param name="Values">Width times height, 0 for black to 1 for white.</param>
public sealed record Grey(int Width, int Height, float[] Values)
{
    /// <summary>The shade at a place, between pixels too; not a number outside of the picture.</summary>
    public float At(double x, double y)
    {
        if (!(x >= 0 && y >= 0 && x <= Width - 1 && y <= Height - 1))
        {
            return float.NaN;
        }
        var (i, j) = ((int)Math.Min(x, Width - 2), (int)Math.Min(y, Height - 2));
        if (i < 0 || j < 0)
        {
            return Values[0];
        }
        var (u, v) = ((float)(x - i), (float)(y - j));
        var at = j * Width + i;
        return (Values[at] * (1 - u) + Values[at + 1] * u) * (1 - v)
            + (Values[at + Width] * (1 - u) + Values[at + Width + 1] * u) * v;
    }

    /// <summary>The same with every pixel the mean of those within a square around it; what is no number is passed over.</summary>
    /// <param name="radius">Half of the square, in px; 0 or more.</param>
    public Grey Blurred(int radius)
    {
        var sums = new double[(Width + 1) * (Height + 1)];
        var counts = new int[sums.Length];
        for (var y = 0; y < Height; y++)
        {
            var (row, many) = (0.0, 0);
            for (var x = 0; x < Width; x++)
            {
                var value = Values[y * Width + x];
                if (!float.IsNaN(value))
                {
                    row += value;
                    many++;
                }
                var at = (y + 1) * (Width + 1) + x + 1;
                sums[at] = sums[at - Width - 1] + row;
                counts[at] = counts[at - Width - 1] + many;
            }
        }
        var blurred = new float[Values.Length];
        for (var y = 0; y < Height; y++)
        {
            var (top, bottom) = (Math.Max(0, y - radius), Math.Min(Height, y + radius + 1));
            for (var x = 0; x < Width; x++)
            {
                var (left, right) = (Math.Max(0, x - radius), Math.Min(Width, x + radius + 1));
                var (a, b, c, d) = (
                    bottom * (Width + 1) + right,
                    top * (Width + 1) + right,
                    bottom * (Width + 1) + left,
                    top * (Width + 1) + left
                );
                var count = counts[a] - counts[b] - counts[c] + counts[d];
                blurred[y * Width + x] =
                    count == 0
                        ? float.NaN
                        : (float)((sums[a] - sums[b] - sums[c] + sums[d]) / count);
            }
        }
        return this with { Values = blurred };
    }
}
