using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Paths;

/// <summary>One line that wanders over a field in loops and crosses itself as it goes: a texture.</summary>
/// <remarks>
/// Row after row, to and fro, it runs along a prolate trochoid whose loops are about as high as the rows lie apart. How large a loop
/// is and how far it goes on is drawn by chance, the same for the same seed; so many points make each that a chord strays little.
/// </remarks>
public static class Loops
{
    /// <summary>From loop to loop, of the distance between rows: at less than 2π times a loop’s radius they cross.</summary>
    private const double Onward = 0.8;

    /// <summary>Points to a loop.</summary>
    private const int Points = 20;

    /// <summary>How many loops there are, about.</summary>
    public static double Places(Length width, Length height, Length apart) =>
        width / (Onward * apart) * (height / apart);

    /// <summary>The line, from the top left of the field; no point of it lies outside.</summary>
    /// <param name="apart">From row to row; half of either side at the most.</param>
    /// <param name="seed">The same makes the same line.</param>
    public static IReadOnlyList<Point> Of(Length width, Length height, Length apart, int seed)
    {
        var (wide, high) = (width.Millimetres, height.Millimetres);
        var rows = Math.Max(1, (int)Math.Round(height / apart));
        var row = high / rows;
        var chance = new Chance(seed);
        List<Point> line = [];
        for (var j = 0; j < rows; j++)
        {
            // And half a loop: from the top of its row to the bottom, where the next begins.
            var loops = Math.Max(1, (int)Math.Round((wide - row) / (Onward * row))) + 0.5;
            var on = (wide - row) / loops;
            var (middle, back, radius) = ((j + 0.5) * row, j % 2 == 1, 0.0);
            for (var k = 0; k <= loops * Points; k++)
            {
                // Up to the rows on either side, and never beyond the field.
                radius = k % Points == 0 ? row / 2 * (0.75 + 0.25 * chance.Share()) : radius;
                var turn = 2 * Math.PI * k / Points;
                var x = row / 2 + on * k / Points - radius * Math.Sin(turn);
                var y = middle - radius * Math.Cos(turn);
                line.Add(
                    Point.At(Math.Clamp(back ? wide - x : x, 0, wide), Math.Clamp(y, 0, high))
                );
            }
        }
        return line;
    }
}
