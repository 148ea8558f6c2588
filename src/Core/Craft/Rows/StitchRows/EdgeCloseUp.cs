using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>Two rows from near, with the sole of the foot as it sews the second: its edge runs along the first.</summary>
internal static class EdgeCloseUp
{
    public const string Name = "edge";

    private static readonly Length Shown = Length.FromMillimetres(36);
    private static readonly Length Margin = Length.FromMillimetres(5);
    private static readonly Length Sole = Length.FromMillimetres(24);
    private static readonly Length Beyond = Length.FromMillimetres(8);
    private static readonly Length Needle = Length.FromMillimetres(0.6);

    public static Drawing Of(StitchRowsPlan a)
    {
        var (before, next) = (a.Ask.StitchOf(0), a.Ask.StitchOf(1));
        var gap = a.Ask.GapAfter(0);
        var first = Margin + before.Width / 2;
        var second = first + gap;
        var edge = first + before.Width / 2;
        var width = second + Length.Max(Beyond, next.Width / 2) + Margin;
        var (top, bottom) = (Length.FromMillimetres(8), Length.FromMillimetres(8) + Sole);
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, Shown), ClothRole.Main).In("ground"),
            Sewn(before, first, Length.Zero, Shown, "first"),
            // The second is sewn as far as the needle.
            Sewn(next, second, Length.Zero, top + Sole / 2, "rows"),
        ];
        // Rows that run into each other leave no room for an edge between them.
        var isGuided = edge < second;
        if (isGuided)
        {
            shapes.Add(
                new Plate(
                    new Point(edge, top),
                    new Point(second + Beyond, bottom),
                    PlateRole.Sole,
                    a.Ask.FootEdge is null
                ).In("foot")
            );
            shapes.Add(
                new Plate(
                    new Point(second - next.Width / 2 - Needle, top + Sole / 2 - Needle),
                    new Point(second + next.Width / 2 + Needle, top + Sole / 2 + Needle),
                    PlateRole.Swing,
                    false
                ).In("foot")
            );
            shapes.Add(
                Dimension.Above(
                    edge,
                    second,
                    Length.Zero,
                    LengthKind.Fine,
                    "needle to the foot’s edge",
                    a.Ask.FootEdge is null ? "" : StitchRowsFields.FootEdge.Name
                )
            );
        }
        shapes.Add(
            Dimension.Below(
                first,
                second,
                Shown,
                LengthKind.Fine,
                "from row to row",
                a.Ask.RowGap is null ? "" : StitchRowsFields.RowGap.Name,
                states: gap
            )
        );
        return new Drawing(
            Name,
            "Close-up: foot guided by the last row",
            $"Rows {a.Ruler.Fine(gap)} apart; the foot’s edge is {a.Ruler.Fine(gap - before.Width / 2)} from the needle and runs along the row before.",
            width,
            Shown,
            shapes,
            true,
            true
        );
    }

    private static PathShape Sewn(
        Book.BookStitch stitch,
        Length x,
        Length from,
        Length to,
        string part
    ) =>
        new(
            Path.Of(false, new Point(x, from), new Point(x, to)),
            LineMeaning.Thread,
            Stitches: stitch.LookAt(stitch.Repeat)
        )
        {
            Part = part,
        };
}
