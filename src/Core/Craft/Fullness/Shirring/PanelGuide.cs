using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>The rows of elastic on the flat panel at true size.</summary>
internal static class PanelGuide
{
    /// <summary>Straight rows as lines, others as paths; of a neckline the ring with its circles.</summary>
    public static Guide Of(ShirringPlan a)
    {
        if (a.Ask.Shape == RowShape.Neckline)
        {
            return NecklineDrawing.Guide(a);
        }
        var rows = ShirringPanelDrawing
            .Parts(a, a.CutFlat, a.PartFlat)
            .SelectMany(left =>
                Enumerable
                    .Range(1, a.Rows)
                    .Select(row =>
                        (
                            Row: row,
                            Line: ShirringPanelDrawing.RowOn(a, row, a.Ask.SeamAllowance + left)
                        )
                    )
            )
            .ToList();
        return new(
            "Rows of elastic",
            a.SureWidth,
            a.CutHeight,
            [
                .. rows.Where(r => r.Line.Count == 2)
                    .Select(r => new GuideLine(
                        r.Row,
                        r.Line[0],
                        r.Line[1],
                        LineMeaning.Stitch,
                        $"{r.Row}"
                    )),
            ],
            "The upper edge of the panel along the top, its left cut edge at the left."
        )
        {
            Paths =
            [
                .. rows.Where(r => r.Line.Count > 2)
                    .Select(r => new GuidePath(
                        Path.Of(false, r.Line),
                        LineMeaning.Stitch,
                        $"{r.Row}"
                    )),
            ],
        };
    }
}
