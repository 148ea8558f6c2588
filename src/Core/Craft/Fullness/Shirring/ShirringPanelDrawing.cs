using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>The panel as it will be worn, and flat with its rows as it is sewn.</summary>
internal static class ShirringPanelDrawing
{
    /// <summary>More lines than this are not told apart on a screen.</summary>
    private const int MostRows = 60;
    private const int MostFolds = 90;

    public static Drawing AtRest(ShirringPlan a)
    {
        var (width, height) = (a.Ask.RelaxedWidth, a.Ask.PanelHeight);
        var hem = Wave.Of(
            new Point(Length.Zero, height),
            width,
            a.Ask.Fullness,
            Length.FromMillimetres(9),
            MostFolds
        );
        List<Shape> shapes =
        [
            new GatheredCloth(new Point(Length.Zero, Length.Zero), height, hem).In("panel"),
        ];
        foreach (var (_, at) in Shown(a))
        {
            var y = at - a.Ask.EdgeAllowance;
            shapes.Add(Row(Length.Zero, y, width, y) with { Part = "rows" });
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
        var (width, height, seam) = (a.SureWidth, a.CutHeight, a.Ask.SeamAllowance);
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), Drawings.ClothRole.Main).In(
                "cloth"
            ),
            Line(LineMeaning.Seam, seam, Length.Zero, seam, height) with
            {
                Part = "seam",
            },
            Line(LineMeaning.Seam, width - seam, Length.Zero, width - seam, height) with
            {
                Part = "seam",
            },
        ];
        foreach (var y in new[] { a.Ask.EdgeAllowance, height - a.Ask.EdgeAllowance })
        {
            if (a.Ask.EdgeAllowance > Length.Zero)
            {
                shapes.Add(Line(LineMeaning.Seam, Length.Zero, y, width, y) with { Part = "seam" });
            }
        }
        for (var join = 1; join < a.Widths; join++)
        {
            var x = width * ((double)join / a.Widths);
            shapes.Add(Line(LineMeaning.Join, x, Length.Zero, x, height) with { Part = "cloth" });
        }
        var shown = Shown(a).ToList();
        var ends = (From: seam, To: width - seam);
        for (var i = 0; i < shown.Count; i++)
        {
            var (row, y) = shown[i];
            var part =
                row == 1 ? "first-row"
                : row <= a.SewnThird ? "first-third"
                : "rest";
            shapes.Add(Row(ends.From, y, ends.To, a.EndOf(row)) with { Part = part });
            if (a.Ask.Layout == Layout.Pivot && i + 1 < shown.Count)
            {
                // The line turns in the seam allowance: alternately at the right and at the left.
                var x = i % 2 == 0 ? ends.To : ends.From;
                shapes.Add(Row(x, y, x, shown[i + 1].At) with { Part = part });
            }
            if (a.LookBefore.Contains(row))
            {
                shapes.Add(
                    new ClothLine(
                        LineMeaning.Chalk,
                        new Point(Length.Zero, y),
                        new Point(seam, y),
                        $"new bobbin, row {row}"
                    ).In("bobbins")
                );
            }
        }
        shapes.Add(Across(width, height, width, LengthKind.Cut, a.Widths > 1 ? "joined" : "cut"));
        shapes.Add(Up(width, height, "cut"));
        if (a.Rows > 1)
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
            $"The panel flat, with {a.Rows} rows"
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
        );
    }

    /// <summary>The rows that are drawn, evenly thinned out where there are too many.</summary>
    private static IEnumerable<(int Row, Length At)> Shown(ShirringPlan a)
    {
        var every = (a.Rows + MostRows - 1) / MostRows;
        for (var row = 1; row <= a.Rows; row += every)
        {
            yield return (row, a.RowAt(row));
        }
    }

    private static string Note(ShirringPlan a) =>
        a.Rows > MostRows ? $", one row of {(a.Rows + MostRows - 1) / MostRows} drawn" : "";

    private static ClothLine Row(Length x1, Length y1, Length x2, Length y2) =>
        Line(LineMeaning.Stitch, x1, y1, x2, y2);

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
