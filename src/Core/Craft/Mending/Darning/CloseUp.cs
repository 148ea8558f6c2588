using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>The edge of the tear, near enough for single stitches: where the lines leave the sound cloth.</summary>
internal static class CloseUp
{
    public const string Name = "close-up";

    public static Drawing Of(DarningPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var gap = ask.IsProgrammed ? Length.FromMillimetres(0.5) : ask.LineGap;
        var stitch = ask.IsProgrammed ? Length.FromMillimetres(1.5) : ask.StitchLength;
        var (width, height) = (gap * 14, gap * 8);
        var edge = width * 0.62;
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("cloth"),
            new PathShape(
                Path.Of(
                    true,
                    new Point(width, Length.Zero),
                    new Point(edge + gap, Length.Zero),
                    new Point(edge, height * 0.3),
                    new Point(edge + gap * 0.8, height * 0.55),
                    new Point(edge - gap * 0.4, height * 0.8),
                    new Point(edge + gap * 0.3, height),
                    new Point(width, height)
                ),
                Fill: ClothRole.Backing
            ).In("backing"),
        ];
        var look = new StitchLook(stitch, Length.Zero);
        for (var line = 1; line < 8; line++)
        {
            shapes.Add(
                new PathShape(
                    Path.Of(false, new Point(gap, gap * line), new Point(width, gap * line)),
                    LineMeaning.Stitch,
                    Stitches: look
                ).In("across")
            );
        }
        shapes.Add(
            new ClothLine(LineMeaning.Tear, new Point(gap, gap), new Point(gap, gap * 7), "")
        );
        return new Drawing(
            Name,
            "Close-up of the edge",
            $"Lines {ruler.Fine(gap)} apart begin in sound fabric and run out over the backing.",
            width,
            height,
            shapes,
            true,
            IsCloseUp: true
        );
    }
}
