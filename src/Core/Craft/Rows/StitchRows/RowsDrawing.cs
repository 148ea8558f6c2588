using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>The piece with its real stitches; and the cloth as it is cut, with what is trimmed away.</summary>
internal static class RowsDrawing
{
    public const string Name = "rows";
    public const string CutName = "cut";

    /// <summary>Of more rows than this every second, third, … is drawn.</summary>
    private const int MostDrawn = 600;

    /// <summary>Of more rows than this none is led, or looked at from near, by itself.</summary>
    public const int MostLed = 60;

    /// <summary>The sole of a foot is about so long.</summary>
    private static readonly Length Sole = Length.FromMillimetres(26);

    /// <summary>From the needle to its other edge.</summary>
    private static readonly Length Beyond = Length.FromMillimetres(8);

    public static Drawing Finished(StitchRowsPlan a)
    {
        var ask = a.Ask;
        var (width, height) = (ask.Width, ask.Height);
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("ground"),
        ];
        var first = a.Order[0];
        var every = 1 + a.Rows.Count / MostDrawn;
        foreach (var row in a.Rows.Where((r, i) => i % every == 0 || r.Number == first))
        {
            shapes.AddRange(Sewn(row, row.Number == first ? "first" : "rows"));
        }
        shapes.AddRange(Foot(a));
        if (!ask.IsBorder && !ask.IsWavy)
        {
            shapes.Add(Turned(a));
        }
        shapes.AddRange(
            Dimension.Of(
                width,
                height,
                LengthKind.Marked,
                across: StitchRowsFields.Width.Name,
                down: StitchRowsFields.Height.Name
            )
        );
        return new Drawing(
            Name,
            "The finished piece",
            ask.IsBorder
                    ? $"{a.Ruler.Mark(width)} by {a.Ruler.Mark(height)}, with a border of {a.Count} rows."
                : ask.IsWavy
                    ? $"{a.Ruler.Mark(width)} by {a.Ruler.Mark(height)}, with {a.Count} rows in waves, {a.Ruler.Fine(ask.MeanGap)} apart; row {first} is sewn first."
                : $"{a.Ruler.Mark(width)} by {a.Ruler.Mark(height)}, with {a.Count} rows at {DecimalText.Write(ask.Angle)}°, {a.Ruler.Fine(ask.MeanGap)} apart; row {first} is sewn first.",
            width,
            height,
            shapes,
            true
        )
        {
            Nears = a.Rows.Count > MostLed ? [] : [.. a.Rows.Select(r => Near(a, r))],
        };
    }

    /// <summary>Which of the places from near is a row.</summary>
    public static int NearOf(StitchRowsPlan a, Row row) =>
        Enumerable.Range(0, a.Rows.Count).First(i => ReferenceEquals(a.Rows[i], row));

    /// <summary>Where a row begins, turned so that it runs towards her.</summary>
    private static Near Near(StitchRowsPlan a, Row row) =>
        new(
            row.At(Length.Min(row.Start, row.Length)),
            Length.Max(4 * a.Ask.MeanGap, 3 * row.Stitch.Repeat),
            90
                - Math.Atan2(
                    (row.To.Y - row.From.Y).Millimetres,
                    (row.To.X - row.From.X).Millimetres
                )
                    * 180
                    / Math.PI,
            row.Side == "" ? $"row {row.Number}" : $"row {row.Number}, {row.Side}"
        );

    public static Drawing Cut(StitchRowsPlan a)
    {
        var ask = a.Ask;
        var (width, height) = a.Ground;
        var ((left, top), (right, bottom)) = RowsGuide.Outline(a);
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("ground"),
        ];
        var first = a.Order[0];
        var every = 1 + a.Rows.Count / MostDrawn;
        foreach (var row in a.Rows.Where((r, i) => i % every == 0 || r.Number == first))
        {
            if (ask.IsWavy)
            {
                shapes.Add(
                    new PathShape(
                        Path.Of(false, RowsGuide.Waved(a, row)),
                        row.Number == first ? LineMeaning.Chalk : LineMeaning.Stitch
                    ).In(row.Number == first ? "first" : "rows")
                );
            }
            else if (RowsGuide.OnCloth(a, row) is var (from, to))
            {
                shapes.Add(
                    new ClothLine(
                        row.Number == first ? LineMeaning.Chalk : LineMeaning.Stitch,
                        from,
                        to
                    ).In(row.Number == first ? "first" : "rows")
                );
            }
        }
        shapes.Add(
            new PathShape(
                Path.Of(
                    true,
                    new Point(left, top),
                    new Point(right, top),
                    new Point(right, bottom),
                    new Point(left, bottom)
                ),
                LineMeaning.Seam
            ).In("trim")
        );
        shapes.AddRange(Dimension.Of(width, height, LengthKind.Cut, "to cut"));
        shapes.Add(Dimension.Above(left, right, top, LengthKind.Marked, "outline"));
        return new Drawing(
            CutName,
            "Cutting size and trim",
            $"Cut {a.Ruler.Cut(width)} by {a.Ruler.Cut(height)}; the outline is the finished piece as it is drawn, {a.Ruler.Mark(a.Outline.Width)} by {a.Ruler.Mark(a.Outline.Height)}: stitching draws it in to {a.Ruler.Mark(a.Ask.Width)} by {a.Ruler.Mark(a.Ask.Height)}.",
            width,
            height,
            shapes,
            true,
            IsForCutting: true
        );
    }

    /// <summary>Of a wave with more repeats than this the line alone is drawn.</summary>
    private const int MostBent = 400;

    /// <summary>A row, repeat by repeat; along a wave each by itself, as it lies there.</summary>
    private static IEnumerable<Shape> Sewn(Row row, string part)
    {
        var sewn = row.Sewn;
        if (!row.IsStraight && sewn.Repeats is 0 or > MostBent)
        {
            yield return new PathShape(Path.Of(false, row.Line), LineMeaning.Stitch).In(part);
            yield break;
        }
        if (!row.IsStraight)
        {
            for (var i = 0; i < sewn.Repeats; i++)
            {
                yield return new PathShape(
                    Path.Of(
                        false,
                        row.At(row.Start + i * sewn.Repeat),
                        row.At(row.Start + (i + 1) * sewn.Repeat)
                    ),
                    LineMeaning.Thread,
                    Stitches: row.Stitch.LookAt(sewn.Repeat)
                ).In(part);
            }
            yield break;
        }
        // One that holds no whole repeat is sewn over its whole length, and trimmed.
        var (from, to) =
            sewn.Repeats == 0
                ? (row.From, row.To)
                : (row.At(row.Start), row.At(row.Start + sewn.Repeats * sewn.Repeat));
        yield return new PathShape(
            Path.Of(false, from, to),
            LineMeaning.Thread,
            Stitches: row.Stitch.LookAt(sewn.Repeat)
        ).In(part);
    }

    /// <summary>The angle of the rows, to be pulled at the end of the first.</summary>
    private static Dot Turned(StitchRowsPlan a)
    {
        var row = a.Rows[a.Order[0] - 1];
        return new Dot(
            row.To,
            StitchRowsFields.Angle.Name,
            "Angle of the rows",
            $"{DecimalText.Write(a.Ask.Angle)}°",
            Pull.Round,
            new Point(a.Ask.Width / 2, a.Ask.Height / 2),
            0,
            a.Ask.Angle,
            StitchRowsFields.Angle.Least,
            StitchRowsFields.Angle.Most
        )
        {
            Part = "first",
        };
    }

    /// <summary>The foot as it sews the second row, its edge along the first.</summary>
    private static IEnumerable<Shape> Foot(StitchRowsPlan a)
    {
        if (a.Ask.IsBorder || a.Ask.IsWavy || a.Order.Count < 2)
        {
            yield break;
        }
        var (before, row) = (a.Rows[a.Order[0] - 1], a.Rows[a.Order[1] - 1]);
        var middle = row.At(row.Length / 2);
        var (cos, sin) = (Math.Cos(a.Ask.Turned), Math.Sin(a.Ask.Turned));
        // Towards the row before, and away from it.
        var towards = before.Offset < row.Offset ? -1 : 1;
        var edge = Length.Difference(row.Offset, before.Offset) - before.Stitch.Width / 2;
        Point At(Length along, Length across) =>
            new(
                middle.X + along * cos - across * towards * sin,
                middle.Y + along * sin + across * towards * cos
            );
        var half = Sole / 2;
        Point[] corners = [At(-half, edge), At(half, edge), At(half, -Beyond), At(-half, -Beyond)];
        // On a small piece there is no room to draw it.
        if (
            corners.Any(c =>
                c.X < Length.Zero || c.Y < Length.Zero || c.X > a.Ask.Width || c.Y > a.Ask.Height
            )
        )
        {
            yield break;
        }
        yield return new PathShape(Path.Of(true, corners), LineMeaning.Needle).In("foot");
    }
}
