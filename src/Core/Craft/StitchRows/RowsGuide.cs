using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.StitchRows;

/// <summary>The rows that are drawn on the cloth as it is cut, at true size: all of them, or the first one, by which the others are guided.</summary>
internal static class RowsGuide
{
    public static Guide Of(Answer a) =>
        new(
            "Lines of the rows",
            a.CutWidth,
            a.CutHeight,
            Lines(a),
            a.Ask.IsMarked
                ? "The edges of the cloth as it is cut at the left and the top; every row is sewn on its line."
                : "The edges of the cloth as it is cut at the left and the top; the row on the line is the first, and the others are guided by the last."
        );

    /// <summary>Where the rows lie on the cloth as it is cut: as much further apart as they will draw in.</summary>
    public static IReadOnlyList<GuideLine> Lines(Answer a)
    {
        var rows = a.Ask.IsMarked ? a.Rows : [.. a.Rows.Where(r => r.Number == a.Order[0])];
        List<GuideLine> lines = [];
        foreach (var row in rows)
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

    /// <summary>A row on the cloth as it is cut, from edge to edge; a border’s in proportion. Null where it lies beyond.</summary>
    public static (Point From, Point To)? OnCloth(Answer a, Row row)
    {
        if (!a.Ask.IsBorder)
        {
            return RowLayout.Inside(a.CutWidth, a.CutHeight, a.Ask.Turned, row.Offset * a.Spread);
        }
        return (Placed(row.From), Placed(row.To));

        Point Placed(Point p) =>
            new(a.CutWidth * (p.X / a.Ask.Width), a.CutHeight * (p.Y / a.Ask.Height));
    }
}
