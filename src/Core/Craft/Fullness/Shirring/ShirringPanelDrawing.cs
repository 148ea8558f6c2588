using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>The panel as it will be worn, and flat with its rows as it is sewn.</summary>
internal static class ShirringPanelDrawing
{
    /// <summary>More lines than this are not told apart on a screen.</summary>
    private const int MostRows = 120;
    private const int MostFolds = 90;

    /// <summary>More rows than this are not counted one by one.</summary>
    private const int MostLed = 200;

    public static Drawing AtRest(ShirringPlan a)
    {
        if (a.Ask.Shape == RowShape.Neckline)
        {
            return NecklineDrawing.AtRest(a);
        }
        var (width, height) = (a.Ask.RelaxedWidth, a.Ask.PanelHeight);
        List<Shape> shapes = [];
        if (a.Ask.Plain > Length.Zero)
        {
            shapes.Add(
                new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("panel")
            );
        }
        foreach (var left in Parts(a, width, a.Ask.PartWidth))
        {
            var hem = Wave.Of(
                new Point(left, height),
                a.Ask.PartWidth,
                ShirredRows.Widens(a.Ask, a.Ask.Fullness),
                Length.FromMillimetres(9),
                MostFolds
            );
            shapes.Add(new GatheredCloth(new Point(left, Length.Zero), height, hem).In("panel"));
            // The rows as they are sewn, drawn in with the cloth.
            var scale = (
                X: a.Ask.PartWidth / a.PartFlat,
                Y: a.Laid.Height > Length.Zero ? a.Ask.RowsHeight / a.Laid.Height : 1
            );
            foreach (var row in Shown(a))
            {
                shapes.Add(
                    Line(
                            LineMeaning.Stitch,
                            [
                                .. a
                                    .Laid.Line(row)
                                    .Select(p => new Point(
                                        left + p.X * scale.X,
                                        a.Ask.TopMargin + p.Y * scale.Y
                                    )),
                            ]
                        )
                        .In("rows")
                );
            }
        }
        shapes.Add(
            Across(width, height, width, LengthKind.Marked, "at rest") with
            {
                Field = ShirringFields.RelaxedWidth.Name,
            }
        );
        shapes.Add(Up(width, height));
        return new Drawing(
            "at-rest",
            "Relaxed" + Note(a),
            $"The panel drawn up: {a.Rows} rows of elastic draw it to {DecimalText.Write(1 / a.Ask.Fullness)} of what it is flat.",
            width,
            height,
            shapes,
            true
        );
    }

    public static Drawing Flat(ShirringPlan a)
    {
        if (a.Ask.Shape == RowShape.Neckline)
        {
            return NecklineDrawing.Flat(a);
        }
        var (width, height, seam) = (a.SureWidth, a.CutHeight, a.Ask.SeamAllowance);
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("cloth"),
            Line(LineMeaning.Seam, seam, Length.Zero, seam, height).In("seam"),
            Line(LineMeaning.Seam, width - seam, Length.Zero, width - seam, height).In("seam"),
        ];
        foreach (var y in new[] { a.Ask.EdgeAllowance, height - a.Ask.EdgeAllowance })
        {
            if (a.Ask.EdgeAllowance > Length.Zero)
            {
                shapes.Add(Line(LineMeaning.Seam, Length.Zero, y, width, y).In("seam"));
            }
        }
        for (var join = 1; join < a.Widths; join++)
        {
            var x = width * ((double)join / a.Widths);
            shapes.Add(Line(LineMeaning.Join, x, Length.Zero, x, height).In("cloth"));
        }
        foreach (var left in Parts(a, a.CutFlat, a.PartFlat))
        {
            AddRows(shapes, a, seam + left);
        }
        shapes.Add(Across(width, height, width, LengthKind.Cut, a.Widths > 1 ? "joined" : "cut"));
        shapes.Add(Up(width, height, "cut"));
        if (a.Rows > 1 && a.Ask.Shape != RowShape.Diagonal)
        {
            shapes.Add(
                Dimension.Left(
                    a.RowAt(1),
                    a.RowAt(2),
                    Length.Zero,
                    LengthKind.Marked,
                    states: a.ActualGap
                )
            );
        }
        return new Drawing(
            "flat",
            "Flat, as cut and sewn" + Note(a),
            $"The panel flat, with {a.Rows} rows{(a.Ask.Parts > 1 ? " at either side" : "")}"
                + (
                    a.LookBefore.Count == 0
                        ? "."
                        : $"; a new bobbin before row {Sentence.Few(a.LookBefore)}."
                ),
            width,
            height,
            shapes,
            true,
            IsForCutting: true
        )
        {
            Nears =
            [
                .. Led(a)
                    .Select(row => new Near(
                        RowOn(a, row, seam + Parts(a, a.CutFlat, a.PartFlat).First())[0],
                        a.ActualGap * 8,
                        0,
                        $"row {row}"
                    )),
            ],
        };
    }

    /// <summary>The rows of one part, with their turns and where a bobbin is changed.</summary>
    private static void AddRows(List<Shape> shapes, ShirringPlan a, Length left)
    {
        var shown = Shown(a).ToList();
        for (var i = 0; i < shown.Count; i++)
        {
            var row = shown[i];
            var part = PartOf(a, row);
            var line = RowOn(a, row, left);
            shapes.Add(Line(LineMeaning.Stitch, line).In(part));
            if (a.Ask.Layout == Layout.Pivot && i + 1 < shown.Count)
            {
                // The line turns in the seam allowance: alternately at the right and at the left.
                var x = i % 2 == 0 ? line[^1].X : line[0].X;
                shapes.Add(
                    Line(LineMeaning.Stitch, x, line[0].Y, x, a.RowAt(shown[i + 1])).In(part)
                );
            }
            if (a.LookBefore.Contains(row))
            {
                var y = line[0].Y;
                shapes.Add(
                    new ClothLine(
                        LineMeaning.Chalk,
                        new Point(left - a.Ask.SeamAllowance, y),
                        new Point(left, y),
                        $"new bobbin, row {row}"
                    ).In("bobbins")
                );
            }
        }
    }

    /// <summary>A row as it lies on the panel; a spiral sinks by a gap.</summary>
    public static IReadOnlyList<Point> RowOn(ShirringPlan a, int row, Length left)
    {
        var line = a.Laid.Line(row);
        var top = a.Ask.EdgeAllowance + a.Ask.TopMargin;
        var sinks = a.EndOf(row) - a.RowAt(row);
        return
        [
            .. line.Select(
                (p, i) =>
                    new Point(left + p.X, top + p.Y + (i == line.Count - 1 ? sinks : Length.Zero))
            ),
        ];
    }

    /// <summary>Where each part begins that is shirred, from the left seam.</summary>
    public static IEnumerable<Length> Parts(ShirringPlan a, Length width, Length part) =>
        a.Ask.Parts > 1 ? [Length.Zero, width - part] : [(width - part) / 2];

    /// <summary>The part of the drawing that a row belongs to: by the step that sews it.</summary>
    public static string PartOf(ShirringPlan a, int row) =>
        row == 1 ? "first-row"
        : row <= a.SewnThird ? "first-third"
        : "rest";

    /// <summary>The rows that are led one by one at the machine; none where there are too many.</summary>
    public static IEnumerable<int> Led(ShirringPlan a) =>
        a.Rows > MostLed ? [] : Enumerable.Range(1, a.Rows);

    /// <summary>The rows that are drawn, evenly thinned out where there are too many.</summary>
    public static IEnumerable<int> Shown(ShirringPlan a)
    {
        var every = (a.Rows + MostRows - 1) / MostRows;
        for (var row = 1; row <= a.Rows; row += every)
        {
            yield return row;
        }
    }

    public static string Note(ShirringPlan a) =>
        a.Rows > MostRows ? $", one row of {(a.Rows + MostRows - 1) / MostRows} drawn" : "";

    private static Shape Line(LineMeaning meaning, IReadOnlyList<Point> line) =>
        line is [var from, var to]
            ? new ClothLine(meaning, from, to)
            : new PathShape(Path.Of(false, line), meaning);

    private static ClothLine Line(
        LineMeaning meaning,
        Length x1,
        Length y1,
        Length x2,
        Length y2
    ) => new(meaning, new Point(x1, y1), new Point(x2, y2));

    private static Dimension Across(
        Length width,
        Length height,
        Length length,
        LengthKind kind,
        string note
    ) =>
        new(
            new Point(Length.Zero, height),
            new Point(width, height),
            Side.Below,
            length,
            kind,
            note
        );

    private static Dimension Up(Length width, Length height, string note = "") =>
        new(
            new Point(width, Length.Zero),
            new Point(width, height),
            Side.Right,
            height,
            LengthKind.Marked,
            note,
            note.Length > 0 ? "" : ShirringFields.PanelHeight.Name
        );
}
