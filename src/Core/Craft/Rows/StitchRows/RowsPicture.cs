using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>Rows of stitches in small, 110 to 58.</summary>
internal static class RowsPicture
{
    private const double Width = 110;
    private const double Height = 58;
    private const double Gap = 15;
    private const double Repeat = 11;
    private const double Wide = 8;

    public static Drawing Of(
        string name,
        string says,
        double angle,
        IReadOnlyList<BookStitch> pattern
    )
    {
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), Point.At(Width, Height), ClothRole.Main),
        ];
        var turned = angle * Math.PI / 180;
        for (var i = -5; i <= 5; i++)
        {
            var inside = RowLayout.Inside(
                Length.FromMillimetres(Width),
                Length.FromMillimetres(Height),
                turned,
                Length.FromMillimetres(i * Gap)
            );
            if (inside is not var (from, to))
            {
                continue;
            }
            var stitch = pattern[(i + 5 * pattern.Count) % pattern.Count];
            // Of any size, it is shown as large as it can be told by.
            var shown = stitch with
            {
                Width = Length.FromMillimetres(Wide),
                Repeat = Length.FromMillimetres(Repeat),
            };
            shapes.Add(
                new PathShape(
                    Path.Of(false, from, to),
                    LineMeaning.Thread,
                    Stitches: shown.LookAt(shown.Repeat)
                )
            );
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
