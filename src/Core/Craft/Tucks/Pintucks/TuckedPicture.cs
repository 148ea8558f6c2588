using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>A tucked panel in small, 110 to 58: its groups around the centre.</summary>
internal static class TuckedPicture
{
    private const double Width = 110;
    private const double Height = 58;
    private const int MostTucks = 15;

    public static Drawing Of(string name, string says, IReadOnlyList<int> groups)
    {
        // Of many tucks as many as can be told apart, in the same proportions.
        var all = groups.Sum();
        var scale = Math.Min(1, MostTucks / (double)all);
        var shown = groups.Select(g => Math.Max(1, (int)Math.Round(g * scale))).ToList();
        var step = Math.Min(9, 84.0 / (shown.Sum() + 0.8 * (shown.Count - 1)));
        List<double> at = [];
        var x = 0.0;
        foreach (var group in shown)
        {
            for (var i = 0; i < group; i++, x += step)
            {
                at.Add(x);
            }
            x += step * 0.8;
        }
        var left = (Width - (at[^1] - at[0])) / 2;
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), Point.At(Width, Height), ClothRole.Main),
        ];
        foreach (var tuck in at)
        {
            foreach (var side in new[] { -1, 1 })
            {
                var line = left + tuck + side * step * 0.16;
                shapes.Add(
                    new ClothLine(LineMeaning.Stitch, Point.At(line, 0), Point.At(line, Height))
                );
            }
        }
        return new Drawing(
            name,
            "",
            says,
            Length.FromMillimetres(Width),
            Length.FromMillimetres(Height),
            shapes,
            true
        );
    }
}
