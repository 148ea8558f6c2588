using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>What is to be known about bridged seams.</summary>
internal static class BridgedSeamFindings
{
    /// <summary>A bar that is off by less is as good as the gap.</summary>
    private static readonly Length AsGood = Length.FromMillimetres(0.1);

    private static readonly Length LeastFold = Length.FromMillimetres(9.5);
    private static readonly Length MostFold = Length.FromMillimetres(13);

    public static IEnumerable<Finding> In(BridgedSeamPlan a)
    {
        var ask = a.Ask;
        if (a.IsTooWide)
        {
            yield return Finding.Stop(
                "stitch-too-narrow",
                $"A stitch of {a.Ruler.Fine(a.StitchWidth)} is wanted, and {(ask.MaxStitchWidth < ask.MachineMakes ? "foot and plate let through" : "the machine makes")} {a.Ruler.Fine(ask.MaxStitchWidth)}.",
                "It would miss a fold, and the seam fall open.",
                a.WidestGap > Length.Zero
                    ? $"Take a gap of {a.Ruler.Fine(a.WidestGap)} or less."
                    : "Bite less far, or work the bars by hand over paper."
            );
        }
        if (!a.IsTooWide && ask.Candidates.Count > 0 && !a.Choices.Any(c => c.Serves))
        {
            var best = a.Choices.MaxBy(c => c.Reach)!;
            yield return Finding.Care(
                "no-stitch-reaches",
                best.Reach > Length.Zero
                    ? $"None of the stitches reaches far enough: {best.Stitch.Called} reaches {a.Ruler.Fine(best.Reach)} into each fold."
                    : $"None of the stitches reaches across {a.Ruler.Fine(ask.Gap)}.",
                $"{a.Ruler.Fine(ask.Bite)} into each fold is wanted.",
                $"Set one to {a.Ruler.Fine(a.StitchWidth)}, if it goes so wide; or sew a zigzag, as it is drawn here."
            );
        }
        if (a.Bar is { } bar && Length.Difference(bar, ask.Gap) > AsGood)
        {
            var wide = ask.TotalWidth + ask.Bridges * (bar - ask.Gap);
            yield return Finding.Care(
                "no-such-bar",
                $"There is no bar of {a.Ruler.Fine(ask.Gap)}; the nearest is {a.Ruler.Fine(bar)}.",
                $"With it the piece comes out {a.Ruler.Mark(wide)} wide, from panels that are cut for {a.Ruler.Mark(ask.TotalWidth)}.",
                $"Plan with a gap of {a.Ruler.Fine(bar)}, or fold a card to {a.Ruler.Fine(ask.Gap)}."
            );
        }
        if (ask.Cord is { } cord && cord > ask.Gap)
        {
            yield return Finding.Stop(
                "cord-too-thick",
                $"A cord of {a.Ruler.Fine(cord)} does not lie in a gap of {a.Ruler.Fine(ask.Gap)}.",
                "It would push the folds apart, and lie under the needle.",
                $"Take a cord of {a.Ruler.Fine(ask.Gap)} or less, or a wider gap."
            );
        }
        if (ask.Fold < LeastFold || ask.Fold > MostFold)
        {
            yield return Finding.Note(
                "fold",
                $"A fold of {a.Ruler.Mark(ask.Fold)} is {(ask.Fold < LeastFold ? "narrow" : "wide")}.",
                ask.Fold < LeastFold
                    ? "It unfolds, and the stitch finds one layer only."
                    : "It shows through, and is trimmed after.",
                $"{a.Ruler.Mark(LeastFold)} to {a.Ruler.Mark(MostFold)} is usual."
            );
        }
        var narrowest = Enumerable
            .Range(1, Math.Max(0, ask.Bridges - 1))
            .Select(ask.Finished)
            .DefaultIfEmpty(ask.TotalWidth)
            .Min();
        if (ask.Bridges > 1 && 2 * ask.Fold > narrowest)
        {
            var half = Rounding.Down(narrowest / 2, a.Ruler.Marking);
            yield return Finding.Care(
                "folds-meet",
                $"Two folds of {a.Ruler.Mark(ask.Fold)} lie over each other in a panel of {a.Ruler.Mark(narrowest)}.",
                "Four layers instead of three lie under the stitch, and the panel will not lie flat.",
                half >= BridgedSeamFields.FoldAllowance.Least
                    ? $"Fold {a.Ruler.Mark(half)}, or sew fewer bridges."
                    : "Sew fewer bridges.",
                half >= BridgedSeamFields.FoldAllowance.Least
                    ? new(BridgedSeamFields.FoldAllowance.Name, a.Ruler.Mark(half))
                    : null
            );
        }
        if (a.Pieces.Max(p => p.Length) is var widest && widest > ask.ClothWidth)
        {
            yield return Finding.Care(
                "cloth-too-narrow",
                $"A panel is cut {a.Ruler.Mark(widest)} wide, and the fabric is {a.Ruler.Mark(ask.ClothWidth)}.",
                "It cannot be cut in one.",
                "Cut it along the fabric, or plan one bridge more."
            );
        }
    }
}
