using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>The rows that are drawn on the cloth as it is cut, at true size: all of them, or the first one, by which the others are guided.</summary>
internal static class RowsGuide
{
    public static Guide Of(StitchRowsPlan a) =>
        new(
            "Lines of the rows",
            a.Ground.Width,
            a.Ground.Height,
            [.. a.Ask.IsWavy ? [] : Lines(a), .. Outlined(a)],
            a.Ask.IsMarked
                ? "The edges of the fabric as it is cut at the left and the top; every row is sewn on its line, and begins and ends at the outline."
                : $"The edges of the fabric as it is cut at the left and the top; row {a.Order[0]} is sewn first, on its line, and the others are guided by the last. They begin and end at the outline."
        )
        {
            Paths = a.Ask.IsWavy
                ?
                [
                    .. a.Rows.Select(r => new GuidePath(
                        Path.Of(false, Waved(a, r)),
                        LineMeaning.Chalk,
                        $"{r.Number}"
                    )),
                ]
                : [],
        };

    /// <summary>A wave on the cloth as it is cut: as much wider and further apart as it will draw in.</summary>
    public static IReadOnlyList<Point> Waved(StitchRowsPlan a, Row row)
    {
        var corner = Outline(a).From;
        var wide = a.Outline.Width / a.Ask.Width;
        return
        [
            .. row.Line.Select(p => new Point(
                corner.X + p.X * wide,
                corner.Y + a.Outline.Height / 2 + (p.Y - a.Ask.Height / 2) * a.Spread
            )),
        ];
    }

    /// <summary>The finished piece on the cloth as it is cut.</summary>
    private static IEnumerable<GuideLine> Outlined(StitchRowsPlan a)
    {
        var (from, to) = Outline(a);
        Point[] corners = [from, new(to.X, from.Y), to, new(from.X, to.Y)];
        return corners.Select(
            (corner, i) =>
                new GuideLine(
                    0,
                    corner,
                    corners[(i + 1) % 4],
                    LineMeaning.Seam,
                    i == 0 ? "outline" : ""
                )
        );
    }

    /// <summary>Two corners of it: it lies in the middle.</summary>
    public static (Point From, Point To) Outline(StitchRowsPlan a)
    {
        var (width, height) = a.Outline;
        var from = new Point((a.Ground.Width - width) / 2, (a.Ground.Height - height) / 2);
        return (from, new(from.X + width, from.Y + height));
    }

    /// <summary>Where the rows lie on the cloth as it is cut: as much further apart as they will draw in.</summary>
    public static IReadOnlyList<GuideLine> Lines(StitchRowsPlan a)
    {
        List<GuideLine> lines = [];
        foreach (var row in a.Rows.Where(r => a.IsDrawn(r.Number)))
        {
            if (OnCloth(a, row) is var (from, to))
            {
                lines.Add(
                    new(
                        lines.Count + 1,
                        from,
                        to,
                        LineMeaning.Chalk,
                        row.Side is "" or "top" ? $"{row.Number}" : ""
                    )
                );
            }
        }
        return lines;
    }

    /// <summary>A row on the cloth as it is cut, from outline to outline; a border’s in proportion. Null where it lies beyond.</summary>
    public static (Point From, Point To)? OnCloth(StitchRowsPlan a, Row row)
    {
        if (!a.Ask.IsBorder)
        {
            return
                RowLayout.Inside(
                    a.Outline.Width,
                    a.Outline.Height,
                    a.Ask.Turned,
                    row.Offset * a.Spread
                )
                    is var (from, to)
                ? (Moved(from), Moved(to))
                : null;
        }
        return (Placed(row.From), Placed(row.To));

        Point Placed(Point p) =>
            Moved(
                new(a.Outline.Width * (p.X / a.Ask.Width), a.Outline.Height * (p.Y / a.Ask.Height))
            );

        Point Moved(Point p)
        {
            var corner = Outline(a).From;
            return new(p.X + corner.X, p.Y + corner.Y);
        }
    }
}
