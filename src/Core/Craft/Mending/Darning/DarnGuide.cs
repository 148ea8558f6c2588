using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>What is stitched over the tear at true size: the blocks in their order, or the area that lines cover, around the tear.</summary>
internal static class DarnGuide
{
    public static Guide Of(DarningPlan a)
    {
        var ask = a.Ask;
        List<GuideLine> lines = [];
        if (a.Patch is { } patch)
        {
            var (turned, tear) = (patch.Turned, patch.Turned + ask.PatchBeyond);
            return new Guide(
                "The patch",
                patch.CutWidth,
                patch.CutLength,
                [
                    .. Box(1, turned, turned, patch.Width, patch.Long, LineMeaning.Fold),
                    .. Box(0, tear, tear, ask.TearWidth, ask.TearLength, LineMeaning.Tear),
                ],
                "Cut the fabric along the outline, grain upright. What lies beyond the inner line is pressed under."
            );
        }
        if (ask.IsProgrammed)
        {
            foreach (var block in a.Blocks)
            {
                lines.AddRange(
                    Box(
                        block.Number,
                        block.X,
                        block.Y,
                        a.BlockWidth,
                        a.BlockLength,
                        LineMeaning.Stitch
                    )
                );
            }
        }
        else
        {
            lines.AddRange(
                Box(1, Length.Zero, Length.Zero, ask.AreaWidth, ask.AreaLength, LineMeaning.Stitch)
            );
        }
        lines.AddRange(
            Box(0, ask.Margin, ask.Margin, ask.TearWidth, ask.TearLength, LineMeaning.Tear)
        );
        return new Guide(
            ask.IsProgrammed ? "Blocks over the tear" : "Area over the tear",
            ask.AreaWidth,
            ask.AreaLength,
            lines,
            "Cut along the outline, lay it so that the inner box holds the tear, and mark the corners."
        );
    }

    private static IEnumerable<GuideLine> Box(
        int number,
        Length x,
        Length y,
        Length width,
        Length height,
        LineMeaning meaning
    )
    {
        Point[] at = [new(x, y), new(x + width, y), new(x + width, y + height), new(x, y + height)];
        for (var i = 0; i < at.Length; i++)
        {
            yield return new GuideLine(
                number,
                at[i],
                at[(i + 1) % at.Length],
                meaning,
                i == 0 && number > 0 ? $"{number}" : ""
            );
        }
    }
}
