using MathNet.Numerics;
using MathNet.Numerics.Statistics;

namespace ZephyrReach.Core.Photographs;

/// <summary>Lines that a hand pulled to where they lie: what they come to.</summary>
public static class ByHand
{
    /// <summary>So well a hand puts a line, in mm.</summary>
    private const double Hand = 0.25;

    /// <param name="lines">Two or more, in px.</param>
    /// <param name="corners">Of the part; the first side is what angles are told against.</param>
    public static Reading Of(Plane plane, IReadOnlyList<Line> lines, IReadOnlyList<Place> corners)
    {
        var (a, b) = (plane.ToTable(corners[0]), plane.ToTable(corners[1]));
        var side = Math.Atan2(b.Y - a.Y, b.X - a.X);
        var table = lines
            .Select(l => (From: plane.ToTable(l.From), To: plane.ToTable(l.To)))
            .ToList();
        if (table.Count < 2 || table.Any(l => !(l.From.To(l.To) > 1)))
        {
            return Reading.Not("Two lines at the least say how far apart they are.");
        }
        // Of a direction and its opposite, the one that is nearer to the first line’s.
        var first = Math.Atan2(table[0].To.Y - table[0].From.Y, table[0].To.X - table[0].From.X);
        var angle =
            first
            + table
                .Select(l => Math.Atan2(l.To.Y - l.From.Y, l.To.X - l.From.X) - first)
                .Select(d => d - Math.PI * Math.Round(d / Math.PI))
                .Median();
        var (sin, cos) = Math.SinCos(angle);
        double[] at =
        [
            .. table
                .Select(l => ((l.From.Y + l.To.Y) * cos - (l.From.X + l.To.X) * sin) / 2)
                .Order(),
        ];
        var spacing = (at[^1] - at[0]) / (at.Length - 1);
        var uneven = at.Zip(at.Skip(1), (x, y) => y - x).ToArray();
        var degrees = Trig.RadianToDegree(angle - side);
        degrees -= 180 * Math.Round(degrees / 180);
        return Reading.Of(
            new(
                spacing,
                Math.Sqrt(
                    Math.Pow(Hand * Math.Sqrt(2) / (at.Length - 1), 2)
                        + Math.Pow(plane.Error * spacing, 2)
                ),
                degrees,
                at.Length,
                at.Length > 2 ? Math.Clamp(1 - uneven.StandardDeviation() / spacing, 0, 1) : 1,
                lines,
                []
            )
        );
    }
}
