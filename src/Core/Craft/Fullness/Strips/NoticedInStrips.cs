using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>What is noticed in strips and their cloth before anything is cut.</summary>
internal static class NoticedInStrips
{
    private static readonly Length NearestToEdge = Length.FromMillimetres(3);
    private static readonly Length ThickSeam = Length.FromMillimetres(3);

    /// <summary>Workshop rule: a presser lifts 6 to 8 mm.</summary>
    private static readonly Length UnderNoFoot = Length.FromMillimetres(8);

    public static IEnumerable<Finding> In(StripPlan a, Ruler ruler)
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
                yield return Finding.Note(
                    "cut-exactly",
                    $"There is just enough fabric when each strip is cut exactly {ruler.Mark(ask.CutDepth)} deep.",
                    $"Rounded up to {ruler.Cut(ask.CutDepth)} the strips would take {ruler.Cut(a.ClothToBuy)} of {ruler.Mark(there)}.",
                    ask.IsHemmed && ask.HemAllowance > Length.Zero
                        ? "Mark the depth to the marking step, or take a little off the hem."
                        : "Mark the depth to the marking step."
                );
            }
        }
        if (ask.Along && a.StripsAcross == 0)
        {
            yield return Finding.Stop(
                "too-deep-for-width",
                $"A strip {ruler.Cut(ask.CutDepth)} deep does not fit along a fabric {ruler.Mark(ask.ClothWidth)} wide.",
                "Cut along, the depth lies across the fabric, between its selvedges.",
                "Cut across instead, or make it less deep."
            );
        }
        if (a.SeamBulk > UnderNoFoot)
        {
            yield return Finding.Stop(
                "under-no-foot",
                $"The gathers and the plain edge come to {ruler.Fine(a.SeamBulk)} under the foot.",
                $"Home machines lift theirs about {ruler.Fine(UnderNoFoot)}: it does not go under at all.",
                "Less fullness, thinner fabric, or sew it by hand."
            );
        }
        else if (a.SeamBulk > ThickSeam)
        {
            yield return Finding.Care(
                "bulk",
                $"The gathers and the plain edge come to {ruler.Fine(a.SeamBulk)} under the foot.",
                "Over 3 mm a home machine climbs, skips and bends its needle.",
                "Needle one size up, lengthen the stitch a little, turn the handwheel over the joins; or less fullness."
            );
        }
    }

    private static Finding RowOffEdge(StripPlan a, Ruler ruler)
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
        return Finding.Stop(
            "row-off-edge",
            a.RowOffsets[0] > Length.Zero
                ? $"The first row would lie {ruler.Mark(a.RowOffsets[0])} from the raw edge."
                : "The first row would lie off the fabric.",
            "Nearer than 3 mm the edge frays, and the row pulls out of it.",
            remedy
        );
    }

    /// <summary>The fewest strips along the selvedge that the fabric holds and that are enough once they are joined; null where none are.</summary>
    private static int? JoinedEnough(StripPlan a, Length there) =>
        Enumerable
            .Range(a.Ask.StripsAlong + 1, 8)
            .Cast<int?>()
            .FirstOrDefault(n =>
                StripReckon.Greatest(a.Ask with { StripsAlong = n!.Value }, there).FlatEdge
                >= a.FlatEdge
            );

    private static Finding ClothShort(StripPlan a, Length there, Ruler ruler)
    {
        var (_, greatest) = StripReckon.Greatest(a.Ask, there);
        var fullness = Math.Floor(greatest / a.Ask.FinishedEdge * 100) / 100;
        if (a.Ask.Along && JoinedEnough(a, there) is { } joined)
        {
            return Finding.Stop(
                "cloth-short",
                $"This takes {ruler.Cut(a.ClothLength)} of fabric, and there is {ruler.Mark(there)}.",
                "A strip cut along cannot be longer than the fabric; several lie side by side in one length of it.",
                $"Join {joined} strips.",
                new(StripFields.StripsAlong.Name, $"{joined}")
            );
        }
        return Finding.Stop(
            "cloth-short",
            $"This takes {ruler.Cut(a.ClothLength)} of fabric, and there is {ruler.Mark(there)}.",
            a.Ask.Along
                ? "A strip cut along cannot be longer than the fabric."
                : $"{a.AllStrips} strips, each {ruler.Mark(a.Ask.CutDepth)} deep, lie one below the other.",
            fullness >= 1
                ? $"The fabric there is allows a fullness of {DecimalText.Write(fullness)}; or make it less deep."
                : "The fabric there is does not reach round this edge even flat: find more, or a shorter edge."
        );
    }
}
