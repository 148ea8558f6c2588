using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Lines;

/// <summary>Stitches drawn one by one along a line.</summary>
internal static class StitchShapes
{
    /// <summary>More stitches than this are drawn as a line.</summary>
    public const int Most = 20_000;

    /// <summary>
    /// So many stitches are one shape: what lies beside the part that is looked at is left out whole, and a long line can be
    /// moved about without a jerk.
    /// </summary>
    private const int Together = 150;

    /// <summary>Every swing of a zigzag, from side to side.</summary>
    /// <param name="line">What it runs along.</param>
    /// <param name="step">How far it goes on with each swing.</param>
    /// <param name="count">How many swings; of more than <see cref="Most"/> none is drawn.</param>
    /// <param name="right">To the right of the line, at every even swing; in mm.</param>
    /// <param name="left">To the left, at every odd one; in mm.</param>
    public static IEnumerable<Shape> Swings(
        MeasuredPath line,
        Length step,
        int count,
        double right,
        double left,
        Affine place,
        string part
    )
    {
        if (count > Most)
        {
            yield break;
        }
        for (var from = 0; from < count; from += Together)
        {
            List<Point> points = [];
            for (var k = from; k <= Math.Min(count, from + Together); k++)
            {
                var along = Math.Min(k * step.Millimetres, line.Total);
                points.Add(place.Of(line.At(along).Beside(k % 2 == 0 ? right : -left)));
            }
            yield return new PathShape(Path.Of(false, points), LineMeaning.Thread).In(part);
        }
    }
}
