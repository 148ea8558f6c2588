using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>The corner of the strip where the rows begin, close.</summary>
internal static class CloseUpDrawing
{
    public static Drawing Of(StripPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var deepest = Length.Max(a.RowOffsets[^1], ask.SeamAllowance);
        var height = Length.Max(deepest * 1.45, Length.FromMillimetres(10));
        var width = height * 3.6;
        var start = ask.Closed ? Length.Zero : Length.Min(ask.EndAllowance, width * 0.4);
        List<Shape> shapes =
        [
            new ClothPiece(
                Point.At(0, 0),
                new Point(width, height),
                ClothRole.Main,
                TornRight: true
            ).In("cloth"),
        ];
        for (var i = 0; i < a.RowOffsets.Count; i++)
        {
            if (a.RowOffsets[i] <= Length.Zero)
            {
                continue;
            }
            var removed = ask.Rows.Gaps[i] > 0;
            var name = ask.Rows.IsOverThreads ? "zigzag over a cord" : $"row {i + 1}";
            shapes.Add(
                Across(
                    removed ? LineMeaning.StitchRemoved : LineMeaning.Stitch,
                    start,
                    width,
                    a.RowOffsets[i],
                    $"{name}, {ruler.Mark(a.RowOffsets[i])}{(removed ? ", unpicked after" : " from the raw edge")}"
                ) with
                {
                    Part = removed ? "rows-removed" : "rows",
                }
            );
        }
        shapes.Add(
            Across(
                LineMeaning.Seam,
                Length.Zero,
                width,
                ask.SeamAllowance,
                $"seam line, {ruler.Mark(ask.SeamAllowance)}"
            ) with
            {
                Part = "seam",
            }
        );
        if (start > Length.Zero)
        {
            shapes.Add(
                new ClothLine(
                    LineMeaning.Chalk,
                    new Point(start, Length.Zero),
                    new Point(start, height)
                ).In("start")
            );
        }
        shapes.Add(new Notch(new Point(start, Length.Zero), 0).In("start"));
        shapes.Add(
            new Words(
                new Point(start, height),
                ask.Closed
                    ? $"rows start at the first mark, with {ruler.Mark(ask.Tail)} tails"
                    : $"rows start {ruler.Mark(ask.EndAllowance)} in, with {ruler.Mark(ask.Tail)} tails"
            )
        );
        return new Drawing(
            "close-up",
            "Close-up of the gathering rows",
            "The corner of the strip with its rows: "
                + string.Join(", ", a.RowOffsets.Select(o => ruler.Mark(o)))
                + $" from the raw edge, and the seam line at {ruler.Mark(ask.SeamAllowance)}.",
            width,
            height,
            shapes,
            !a.Ask.Along,
            IsCloseUp: true
        );
    }

    private static ClothLine Across(
        LineMeaning meaning,
        Length from,
        Length to,
        Length y,
        string label
    ) => new(meaning, new Point(from, y), new Point(to, y), label);
}
