using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.Corded;

/// <summary>The cord from near: under the sole, with its lines of stitching.</summary>
internal static class CordDrawings
{
    public const string Lines = "lines";

    private static readonly Length Long = Length.FromMillimetres(34);

    public static string Line(NeedleLine line) => $"line-{line.Number}";

    /// <summary>The covered cord in its groove, and the lines beside it.</summary>
    public static Drawing UnderTheSole(EdgePlan a, string title)
    {
        var (above, flange) = (Length.FromMillimetres(5), a.Flange);
        var middle = above + a.Covered / 2;
        var edge = middle + a.Covered / 2;
        var height = edge + flange + Length.FromMillimetres(2);
        List<Shape> shapes =
        [
            new ClothPiece(
                new Point(Length.Zero, middle),
                new Point(Long, edge + flange),
                ClothRole.Main
            )
            {
                Part = "flange",
            },
        ];
        if (!a.Foot.IsZipper && a.Foot.Groove is { } groove && groove / 2 <= middle)
        {
            shapes.Add(
                new Plate(
                    new Point(Long / 4, middle - groove / 2),
                    new Point(Long * 0.75, middle + groove / 2),
                    "groove",
                    false
                )
                {
                    Part = "foot",
                }
            );
        }
        shapes.Add(
            new PathShape(
                Path.Of(false, new Point(Length.Zero, middle), new Point(Long, middle)),
                LineMeaning.Cord,
                Width: a.Covered
            )
            {
                Part = "cord",
            }
        );
        foreach (var line in a.Lines)
        {
            var y = edge + (line.Gives ?? line.Wanted);
            if (y > height)
            {
                continue;
            }
            shapes.Add(
                new ClothLine(LineMeaning.Stitch, new Point(Length.Zero, y), new Point(Long, y))
                {
                    Part = Line(line),
                }
            );
        }
        shapes.Add(
            new Dimension(
                new Point(Long, edge),
                new Point(Long, edge + flange),
                Side.Right,
                flange,
                LengthKind.Fine,
                Field: a.FlangeField
            )
        );
        shapes.Add(
            new Dimension(
                new Point(Length.Zero, middle - a.Covered / 2),
                new Point(Length.Zero, edge),
                Side.Left,
                a.Covered,
                LengthKind.Fine
            )
        );
        return new Drawing(
            Lines,
            title,
            $"Beside a cord {a.Fine(a.Covered)} thick {(a.Lines.Count == 1 ? "lies a line" : $"lie {a.Lines.Count} lines")} of stitching: "
                + string.Join(
                    "; ",
                    a.Lines.Select(l => $"{a.Fine(l.Gives ?? l.Wanted)}, {a.NeedleAt(l)}")
                )
                + ".",
            Long,
            height,
            shapes,
            true,
            IsCloseUp: true
        );
    }
}
