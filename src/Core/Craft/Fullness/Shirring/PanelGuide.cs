using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>The rows of elastic on the flat panel at true size.</summary>
internal static class PanelGuide
{
    public static Guide Of(ShirringPlan a) =>
        new(
            "Rows of elastic",
            a.SureWidth,
            a.CutHeight,
            [
                .. Enumerable
                    .Range(1, a.Rows)
                    .Select(row =>
                    {
                        var y = a.RowAt(row);
                        return new GuideLine(
                            row,
                            new Point(a.Ask.SeamAllowance, y),
                            new Point(a.SureWidth - a.Ask.SeamAllowance, a.EndOf(row)),
                            LineMeaning.Stitch,
                            $"{row}"
                        );
                    }),
            ],
            "The upper edge of the panel along the top, its left cut edge at the left."
        );
}
