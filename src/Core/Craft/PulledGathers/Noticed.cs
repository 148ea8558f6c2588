using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.PulledGathers;

/// <summary>What is noticed in a gathered piece before anything is cut.</summary>
internal static class Noticed
{
    private static readonly Length NearestToEdge = Length.FromMillimetres(3);
    private static readonly Length ThickSeam = Length.FromMillimetres(3);
    private static readonly Length ShortestTail = Length.FromMillimetres(75);
    private static readonly Length ShortStitch = Length.FromMillimetres(3.5);
    private static readonly Length LongRun = Length.FromMillimetres(2500);

    public static IReadOnlyList<Finding> In(Answer answer, Ruler ruler)
    {
        List<Finding> findings = [];
        foreach (var finding in Each(answer, ruler))
        {
            findings.Add(finding);
        }
        findings.Sort((a, b) => b.Severity.CompareTo(a.Severity));
        return findings;
    }

    private static IEnumerable<Finding> Each(Answer a, Ruler ruler)
    {
        var ask = a.Ask;
        // The guard keeps a row at exactly 3 mm from being refused for the last bit of a subtraction.
        if (a.RowOffsets[0].Millimetres < NearestToEdge.Millimetres * (1 - 1e-9))
        {
            yield return RowOffEdge(a, ruler);
        }
        if (ask.ClothAtHand is { } there)
        {
            if (a.ClothLength.Millimetres > there.Millimetres * (1 + 1e-9))
            {
                yield return ClothShort(a, there, ruler);
            }
            else if (a.ClothToBuy > there)
            {
                yield return new Finding(
                    "cut-exactly",
                    Severity.Note,
                    $"There is just enough cloth when each strip is cut exactly {ruler.Mark(ask.CutDepth)} deep.",
                    $"Rounded up to {ruler.Cut(ask.CutDepth)} the strips would take {ruler.Cut(a.ClothToBuy)} of {ruler.Mark(there)}.",
                    "Mark the depth to the marking step, or take a little off the hem."
                );
            }
        }
        if (ask.Along && a.StripsAcross == 0)
        {
            yield return new Finding(
                "too-deep-for-width",
                Severity.Stop,
                $"A strip {ruler.Cut(ask.CutDepth)} deep does not fit along a cloth {ruler.Mark(ask.ClothWidth)} wide.",
                "Cut along, the depth lies across the cloth, between its selvedges.",
                "Cut across instead, or make it less deep."
            );
        }
        if (a.SeamBulk > ThickSeam)
        {
            yield return new Finding(
                "bulk",
                Severity.Care,
                $"The gathers and the plain edge come to {ruler.Write(a.SeamBulk, LengthKind.Fine)} under the foot.",
                "Over 3 mm a home machine climbs, skips and bends its needle.",
                "Needle one size up, lengthen the stitch a little, turn the hand wheel over the joins; or less fullness."
            );
        }
        if (ask.StitchLength < ShortStitch && !ask.Rows.IsOverThreads)
        {
            yield return new Finding(
                "short-stitch",
                Severity.Care,
                $"Rows of {ruler.Write(ask.StitchLength, LengthKind.Fine)} stitches are hard to pull.",
                "A short stitch grips its thread; that is how gathering threads snap.",
                "Set the longest straight stitch the machine has, 4 to 5 mm."
            );
        }
        if (ask.Tail < ShortestTail)
        {
            yield return new Finding(
                "short-tails",
                Severity.Care,
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
            var side = ask.Fullness < usual.Low ? "scanter" : "fuller";
            yield return new Finding(
                "unusual-fullness",
                Severity.Note,
                $"{DecimalText.Write(ask.Fullness)} is {side} than is usual here: {DecimalText.Write(usual.Low)} to {DecimalText.Write(usual.High)}.",
                usual.Because,
                "Sew a swatch at this fullness before the cloth is cut."
            );
        }
        if (a.SewnFlat > LongRun && !ask.Rows.IsOverThreads)
        {
            yield return new Finding(
                "long-run",
                Severity.Note,
                $"{ruler.Mark(a.SewnFlat)} is a long way to pull in one.",
                "A thread that is pulled through a long row snaps at its far end.",
                $"Break the rows at every {Ordinal(Runs.MarksPerRun(a))} mark and pull from both ends; each break takes two more "
                    + "tails a row. Or sew a zigzag over threads."
            );
        }
        if (!ask.Closed && ask.EndAllowance == Length.Zero)
        {
            yield return new Finding(
                "bare-ends",
                Severity.Note,
                "The open ends have no allowance.",
                "Gathers that run into a joining seam or a hem at the end run out there.",
                "Give the ends a seam allowance, unless they are left raw."
            );
        }
    }

    private static Finding RowOffEdge(Answer a, Ruler ruler)
    {
        var ask = a.Ask;
        var innermost = -ask.Rows.Gaps[0];
        // A row on the seam line itself lies where the allowance puts it, whatever the gap.
        var widestGap =
            innermost > 0 ? (ask.SeamAllowance - NearestToEdge) / innermost : Length.Zero;
        var remedy =
            innermost <= 0 ? $"Widen the seam allowance to {ruler.Cut(NearestToEdge)} or more."
            : widestGap.Millimetres >= 3
                ? $"Set the rows no more than {ruler.Mark(Rounding.Down(widestGap, ruler.Marking))} apart, or widen the seam "
                    + $"allowance to {ruler.Cut(NearestToEdge + innermost * ask.RowGap)}."
            : $"Widen the seam allowance to {ruler.Cut(NearestToEdge + innermost * ask.RowGap)}, or choose fewer rows.";
        return new Finding(
            "row-off-edge",
            Severity.Stop,
            a.RowOffsets[0] > Length.Zero
                ? $"The first row would lie {ruler.Mark(a.RowOffsets[0])} from the raw edge."
                : "The first row would lie off the cloth.",
            "Nearer than 3 mm the edge frays, and the row pulls out of it.",
            remedy
        );
    }

    private static Finding ClothShort(Answer a, Length there, Ruler ruler)
    {
        var (_, greatest) = Reckon.Greatest(a.Ask, there);
        var fullness = Math.Floor(greatest / a.Ask.FinishedEdge * 100) / 100;
        return new Finding(
            "cloth-short",
            Severity.Stop,
            $"This takes {ruler.Cut(a.ClothLength)} of cloth, and there is {ruler.Mark(there)}.",
            a.Ask.Along
                ? "A strip cut along cannot be longer than the cloth."
                : $"{a.StripCount} strips, each {ruler.Mark(a.Ask.CutDepth)} deep, lie one below the other.",
            fullness >= 1
                ? $"The cloth there is allows a fullness of {DecimalText.Write(fullness)}; or make it less deep."
                : "The cloth there is does not reach round this edge even flat: find more, or a shorter edge."
        );
    }

    private static string Ordinal(int n) =>
        n switch
        {
            1 => "",
            2 => "second",
            4 => "fourth",
            8 => "eighth",
            _ => $"{n}th",
        };
}

/// <summary>Where long rows are broken so that they can be pulled.</summary>
internal static class Runs
{
    private static readonly Length LongestRun = Length.FromMillimetres(1250);

    /// <summary>How many marks apart the breaks are: the most, in powers of two, that keep a run within 1.25 m.</summary>
    public static int MarksPerRun(Answer a)
    {
        var marks = 1;
        while (marks * 2 < a.Segments && a.SegmentFlat * (marks * 2) <= LongestRun)
        {
            marks *= 2;
        }
        return marks;
    }
}
