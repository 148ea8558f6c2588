using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.Edges.Corded;

/// <summary>The cord from near: under the sole, with its lines of stitching.</summary>
internal static class CordDrawings
{
    public const string Lines = "lines";

    public static string Line(NeedleLine line) => $"line-{line.Number}";

    /// <summary>The covered cord in its groove, and the lines beside it.</summary>
    public static Drawing UnderTheSole(EdgePlan a, string title)
    {
        var middle = Length.FromMillimetres(1.5) + a.Covered / 2;
        var edge = middle + a.Covered / 2;
        // As much of the flange as the lines need.
        var near = a.Lines.Max(l => l.Gives ?? l.Wanted) + Length.FromMillimetres(2.5);
        var height = edge + near;
        var wide = height * 2.2;
        List<Shape> shapes =
        [
            new ClothPiece(
                new Point(Length.Zero, middle),
                new Point(wide, height),
                ClothRole.Main
            ).In("flange"),
        ];
        if (!a.Foot.IsZipper && a.Foot.Groove is { } groove && groove / 2 <= middle)
        {
            shapes.Add(
                new Plate(
                    new Point(wide / 4, middle - groove / 2),
                    new Point(wide * 0.75, middle + groove / 2),
                    PlateRole.Groove,
                    false
                ).In("foot")
            );
        }
        shapes.Add(
            new PathShape(
                Path.Of(
                    false,
                    new Point(a.Covered / 2, middle),
                    new Point(wide - a.Covered / 2, middle)
                ),
                LineMeaning.Cord,
                Width: a.Covered
            ).In("cord")
        );
        foreach (var line in a.Lines)
        {
            var y = edge + (line.Gives ?? line.Wanted);
            shapes.Add(
                new ClothLine(LineMeaning.Stitch, new Point(Length.Zero, y), new Point(wide, y)).In(
                    Line(line)
                )
            );
            shapes.Add(
                new Words(
                    new Point(wide * (0.2 + 0.25 * (line.Number - 1)), y),
                    $"{line.Number}",
                    true
                ).In(Line(line))
            );
        }
        shapes.Add(
            Dimension.Right(middle - a.Covered / 2, edge, wide, LengthKind.Fine, states: a.Covered)
        );
        return new Drawing(
            Lines,
            title,
            $"Beside a cord {a.Ruler.Fine(a.Covered)} thick {(a.Lines.Count == 1 ? "lies a line" : $"lie {a.Lines.Count} lines")} of stitching: "
                + string.Join(
                    "; ",
                    a.Lines.Select(l => $"{a.Ruler.Fine(l.Gives ?? l.Wanted)}, {a.NeedleAt(l)}")
                )
                + ".",
            wide,
            height,
            shapes,
            true,
            IsCloseUp: true
        );
    }
}
