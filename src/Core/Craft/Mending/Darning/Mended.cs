using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>Tears and darns as they are drawn.</summary>
internal static class Mended
{
    /// <summary>The outline of a tear: frayed, and as wide and as long as it measures.</summary>
    public static Path Tear(Point from, Length width, Length length)
    {
        // From the middle of the top clockwise; each side is touched once, so that the outline spans what was measured.
        (double X, double Y)[] at =
        [
            (0.46, 0),
            (0.62, 0.12),
            (0.78, 0.09),
            (0.86, 0.3),
            (1, 0.47),
            (0.84, 0.6),
            (0.88, 0.82),
            (0.66, 0.86),
            (0.52, 1),
            (0.36, 0.87),
            (0.2, 0.93),
            (0.13, 0.7),
            (0, 0.52),
            (0.15, 0.4),
            (0.11, 0.17),
            (0.3, 0.14),
        ];
        return Path.Of(
            true,
            [.. at.Select(p => new Point(from.X + width * p.X, from.Y + length * p.Y))]
        );
    }

    /// <summary>Lines back and forth over a rectangle, down and up, so far apart.</summary>
    public static Path BackAndForth(Point from, Length width, Length length, Length gap)
    {
        var lines = Math.Max(2, (int)Rounding.CeilingTolerant(width / gap) + 1);
        var step = width / (lines - 1);
        return Path.Of(
            false,
            [
                .. Enumerable
                    .Range(0, lines)
                    .SelectMany(i =>
                    {
                        var x = from.X + step * i;
                        var (top, bottom) = (new Point(x, from.Y), new Point(x, from.Y + length));
                        return i % 2 == 0 ? new[] { top, bottom } : [bottom, top];
                    }),
            ]
        );
    }

    /// <summary>The same lying across.</summary>
    public static Path Across(Point from, Length width, Length length, Length gap)
    {
        var upright = BackAndForth(new Point(from.Y, from.X), length, width, gap);
        return Path.Of(false, [.. upright.Points.Select(p => new Point(p.Y, p.X))]);
    }

    /// <summary>A mend in small: the tear in its proportions, under a few lines both ways.</summary>
    public static Drawing Picture(string name, string says, Length tearWidth, Length tearLength)
    {
        const double width = 110;
        const double height = 58;
        var most = Math.Max(tearWidth.Millimetres, tearLength.Millimetres);
        var (w, h) = (
            Math.Max(6, 26 * tearWidth.Millimetres / most),
            Math.Max(6, 26 * tearLength.Millimetres / most)
        );
        var (x, y) = ((width - w) / 2, (height - h) / 2);
        var from = Point.At(x - 8, y - 8);
        Length Mm(double mm) => Length.FromMillimetres(mm);
        return new Drawing(
            name,
            "",
            says,
            Mm(width),
            Mm(height),
            [
                new ClothPiece(Point.At(0, 0), Point.At(width, height), ClothRole.Main),
                new PathShape(Tear(Point.At(x, y), Mm(w), Mm(h)), Fill: ClothRole.Hole),
                new PathShape(
                    BackAndForth(from, Mm(w + 16), Mm(h + 16), Mm(5)),
                    LineMeaning.Stitch
                ),
                new PathShape(Across(from, Mm(w + 16), Mm(h + 16), Mm(5)), LineMeaning.Stitch),
            ],
            true
        );
    }
}
