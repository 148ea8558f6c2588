using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>A bridged seam in small, 110 to 58: two panels, and a stitch across the gap.</summary>
internal static class BridgePicture
{
    public static Drawing Of(string name, string says, BookStitch stitch)
    {
        var shown = stitch with
        {
            Width = Length.FromMillimetres(22),
            Repeat = Length.FromMillimetres(11),
        };
        return new Drawing(
            name,
            "",
            says,
            Length.FromMillimetres(110),
            Length.FromMillimetres(58),
            [
                new ClothPiece(Point.At(0, 0), Point.At(110, 22), ClothRole.Main),
                new ClothPiece(Point.At(0, 36), Point.At(110, 58), ClothRole.Main),
                new PathShape(
                    Path.Of(false, Point.At(0, 29), Point.At(110, 29)),
                    LineMeaning.Thread,
                    Stitches: shown.LookAt(shown.Repeat)
                ),
            ],
            false
        );
    }
}
