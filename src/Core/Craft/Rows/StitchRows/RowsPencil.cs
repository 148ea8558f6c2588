using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>The computation of rows of stitches, to be followed with a pencil.</summary>
internal static class RowsPencil
{
    public static IReadOnlyList<DerivationLine> Of(StitchRowsPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        string m(Length length) => ruler.Mark(length);
        string r(double ratio, int places = 3) => DecimalText.Write(ratio, places);
        List<DerivationLine> lines = [];
        if (ask.FootEdge is { } edge)
        {
            lines.Add(
                new(
                    "Gap",
                    ruler.Sum(
                        $"{edge:fine} + {ask.StitchOf(0).Width:fine} ÷ 2 = {ask.GapAfter(0):fine}"
                    ),
                    "The foot’s edge runs along the edge of the row before, and that row is half its width wide on this side."
                )
            );
        }
        if (ask.IsBorder)
        {
            lines.Add(
                new(
                    "Border",
                    $"{a.Count} rows, the outermost {m(ask.BorderInset)} from the edge: {m(a.Rows[0].Length)} and {m(a.Rows[1].Length)} long",
                    "Each begins and ends in the corners."
                )
            );
        }
        else
        {
            lines.Add(
                new(
                    "Reach",
                    ask.IsWavy
                        ? ruler.Sum($"{ask.Height} − {ask.WaveHeight} = {2 * ask.Half}")
                        : ruler.Sum(
                            $"{ask.Width} × |sin {ask.Angle:1}°| + {ask.Height} × |cos {ask.Angle:1}°| = {2 * ask.Half}"
                        ),
                    ask.IsWavy
                        ? "The waves keep inside the piece, above and below."
                        : "From corner to corner, square to the rows."
                )
            );
            lines.Add(
                new(
                    "Rows",
                    ruler.Sum(
                        $"{2 * ask.Half} ÷ {ask.MeanGap:fine}, rounded down, + 1 = {a.Count}"
                    ),
                    "Centred; one that only touches a corner is not used."
                )
            );
        }
        var longest = a.Rows.MaxBy(row => row.Length)!;
        lines.Add(
            new(
                $"Row {longest.Number}, the longest",
                ruler.Sum(
                    $"{longest.Sewn.Repeats} × {longest.Sewn.Repeat:fine} + {longest.Sewn.Bare:fine} = {longest.Length}"
                ),
                longest.Sewn.Dial is { } dial
                    ? $"Set {a.Ruler.Fine(dial)}: {a.Ruler.Fine(longest.Stitch.Dial!.Value)} gives {a.Ruler.Fine(longest.Stitch.Repeat)}."
                    : "What is left over is divided between both ends."
            )
        );
        var (across, down) = a.Larger(ask.Assurance);
        lines.Add(
            new(
                "To cut",
                ruler.Sum(
                    $"{a.Trimmed.Width} × {across:3} = {a.CutWidth:cut}; {a.Trimmed.Height} × {down:3} = {a.CutHeight:cut}"
                ),
                ask.Shrink is { } shrink
                    ? $"{Certainty.Says(ask.Assurance)}; {shrink.Along.RestsOn}"
                    : "A share that is added both ways."
            )
        );
        lines.Add(
            new(
                "Needle thread",
                ruler.Sum(
                    $"{StitchRowsPlan.Spare:2} × {a.Thread / StitchRowsPlan.Spare} = {a.Thread:amount}"
                ),
                $"{r(ask.Pattern.Sum(s => s.Thread(ask.ClothThickness)) / ask.Pattern.Sum(s => s.Repeat), 1)} times what is stitched, and a tail at either end of every row; 15 % for starts and ends."
            )
        );
        return lines;
    }
}
