using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.PulledGathers;

/// <summary>What is noticed in rows that will be pulled.</summary>
internal static class PulledGathersFindings
{
    private static readonly Length ShortestTail = Length.FromMillimetres(75);
    private static readonly Length ShortStitch = Length.FromMillimetres(3.5);

    /// <summary>Workshop rule: on sheers 2.5 to 3.5 mm make finer folds.</summary>
    private static readonly Length ShortestOnSheer = Length.FromMillimetres(2.5);

    /// <summary>In g/m²; lighter is sheer.</summary>
    private const double Sheer = 80;
    private static readonly Length LongRun = Length.FromMillimetres(2500);
    private static readonly Length OneRow = Length.FromMillimetres(600);

    public static IEnumerable<Finding> In(StripPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var isSheer = ask.Weight?.GramsPerSquareMetre < Sheer;
        if (ask.StitchLength < (isSheer ? ShortestOnSheer : ShortStitch) && !ask.Rows.IsOverThreads)
        {
            yield return Finding.Care(
                "short-stitch",
                $"Rows of {ruler.Fine(ask.StitchLength)} stitches are hard to pull.",
                "A short stitch grips its thread; that is how gathering threads snap.",
                isSheer
                    ? "On a sheer set 2.5 to 3.5 mm."
                    : "Set the longest straight stitch the machine has, 4 to 5 mm."
            );
        }
        else if (isSheer && ask.StitchLength > ShortStitch && !ask.Rows.IsOverThreads)
        {
            yield return Finding.Note(
                "finer-folds",
                "On a sheer, shorter stitches gather into finer folds.",
                "Between two stitches lies one fold: long stitches show as coarse ones through a thin fabric.",
                "Set 2.5 to 3.5 mm, and pull gently: they grip their thread harder.",
                new(StripFields.StitchLength.Name, "3 mm")
            );
        }
        if (ask.Bobbin < a.ThreadToWind)
        {
            yield return Finding.Care(
                "row-longer-than-bobbin",
                $"A row takes {ruler.Write(a.ThreadToWind, LengthKind.Amount)} of bobbin thread, and a bobbin holds {ruler.Write(ask.Bobbin.Value, LengthKind.Amount)}.",
                "Where it runs out the row is parted, and each part is pulled by itself.",
                "Break the rows at a mark before the bobbin ends, or wind a finer strong thread."
            );
        }
        if (ask.Tail < ShortestTail)
        {
            yield return Finding.Care(
                "short-tails",
                $"Tails of {ruler.Mark(ask.Tail)} are too short to wind round a finger.",
                "Short tails slip back or snap at the last pull.",
                $"Leave {ruler.Mark(Length.FromMillimetres(100))} at every end."
            );
        }
        if (
            a.Suggested is { } usual
            && (ask.Fullness < usual.Low - 0.05 || ask.Fullness > usual.High + 0.05)
        )
        {
            var side = ask.Fullness < usual.Low ? "less full" : "fuller";
            yield return Finding.Note(
                "unusual-fullness",
                $"{DecimalText.Write(ask.Fullness)} is {side} than is usual here: {DecimalText.Write(usual.Low)} to {DecimalText.Write(usual.High)}.",
                usual.Because,
                "Sew a swatch at this fullness before the fabric is cut."
            );
        }
        if (ask.Rows.Gaps.Count == 1 && !ask.Rows.IsOverThreads && a.SewnFlat > OneRow)
        {
            yield return Finding.Care(
                "one-row",
                $"One row alone holds {ruler.Whole(a.SewnFlat)} of strip.",
                "When its thread snaps at the last pull, all of it is lost; and between one row the folds lie any way.",
                "Sew two rows: if one snaps the other is left.",
                new(StripFields.Rows.Name, "two-inside")
            );
        }
        if (a.SewnFlat > LongRun && !ask.Rows.IsOverThreads)
        {
            yield return Finding.Note(
                "long-run",
                $"{ruler.Whole(a.SewnFlat)} is a long way to pull in one.",
                "A thread that is pulled through a long row snaps at its far end.",
                $"Break the rows at every {Runs.EveryMark(a)} and pull from both ends; each break takes two more "
                    + "tails a row. Or sew a zigzag over threads."
            );
        }
        if (!ask.Closed && ask.EndAllowance == Length.Zero)
        {
            yield return Finding.Note(
                "bare-ends",
                "The open ends have no allowance.",
                "Gathers that run into a joining seam or a hem at the end run out there.",
                "Give the ends a seam allowance, unless they are left raw."
            );
        }
    }
}
