using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>What is to be known about shapes on a ground.</summary>
internal static class AppliqueFindings
{
    /// <summary>A shape that is narrower than this many bites is all stitches.</summary>
    private const double Bites = 3;

    /// <summary>Nearer than this a hand leads a stitch to where it should fall, and cuts no shape more exactly.</summary>
    private static readonly Length Steered = Length.FromMillimetres(0.5);

    public static IEnumerable<Finding> In(AppliquePlan a)
    {
        var ask = a.Ask;
        if (a.Bite > ask.MaxStitchWidth)
        {
            yield return Finding.Stop(
                "too-wide",
                $"A bite of {a.Ruler.Fine(a.Bite)} is wanted, and the machine makes {a.Ruler.Fine(ask.MaxStitchWidth)}.",
                "It cannot swing so far.",
                $"Make the bite {a.Ruler.Fine(ask.MaxStitchWidth)} or less."
            );
        }
        foreach (var finding in OfNeedle(a).Concat(OfBacking(a)))
        {
            yield return finding;
        }
        if (!a.Lands)
        {
            yield return new(
                "misses-corner",
                a.Miss < Steered ? Severity.Note : Severity.Care,
                $"No stitch length near {a.Ruler.Fine(ask.Repeat)} lands in every corner: {a.Ruler.Fine(a.BestRepeat)} misses by {a.Ruler.Fine(a.Miss)}.",
                "A corner without a stitch frays first, and is seen first.",
                a.Change is { } change && change.Is.Furthest >= Steered
                        ? $"To make {a.Ruler.Fine(a.BestRepeat)} land everywhere, {change.Says}. Or turn the last two stitches of a side by hand."
                    : a.Miss < Steered ? "Turn the last two stitches of a side by hand."
                    : "Let it differ by more, or turn the last two stitches of a side by hand."
            );
        }
        if (ask.Stitch == AppliqueFields.Satin && ask.Repeat > Length.FromMillimetres(0.8))
        {
            yield return Finding.Care(
                "satin-open",
                $"A satin stitch of {a.Ruler.Fine(ask.Repeat)} leaves the edge bare between its threads.",
                "The threads have to lie side by side.",
                "Set it to 0.35 mm, with 0.05 mm to differ by."
            );
        }
        if (ask.Stitch == AppliqueFields.Blanket && ask.Repeat < Length.FromMillimetres(1.2))
        {
            yield return Finding.Note(
                "blanket-close",
                $"Bites {a.Ruler.Fine(ask.Repeat)} apart stiffen the edge.",
                "An open stitch is what keeps it soft.",
                "2.5 to 3 mm is usual; or take the satin stitch."
            );
        }
        foreach (var finding in OfShapes(a))
        {
            yield return finding;
        }
    }

    /// <summary>Where the needle stands against the toe of the foot, and against what the machine swings.</summary>
    private static IEnumerable<Finding> OfNeedle(AppliquePlan a)
    {
        var ask = a.Ask;
        if (a.Bite <= ask.MaxStitchWidth && a.EdgeAt > ask.MaxStitchWidth / 2)
        {
            yield return Finding.Stop(
                "moved-too-far",
                $"Moved by {a.Ruler.Fine(ask.NeedleMoved)}, the stitch would reach {a.Ruler.Fine(a.EdgeAt)} from the middle, and the machine swings {a.Ruler.Fine(ask.MaxStitchWidth / 2)}.",
                "It takes the needle no further to the side.",
                $"Move it {a.Ruler.Fine((ask.MaxStitchWidth - a.Bite) / 2)} or less."
            );
        }
        else if (
            ask.ToeOpening is { } opening
            && SetUpFields.Widest(ask.MaxStitchWidth, [opening], ask.NeedleSize) is var safe
            && !(2 * a.EdgeAt <= safe)
        )
        {
            yield return Finding.Stop(
                "into-toe",
                $"The needle would come down {a.Ruler.Fine(a.EdgeAt)} from the middle, and the toes stand {a.Ruler.Fine(opening)} apart.",
                "It would hit the toe of the foot.",
                safe is { } most && most >= a.Bite
                    ? $"Move it {a.Ruler.Fine((most - a.Bite) / 2)} or less."
                    : "Make the catch smaller, or take a foot that opens wider."
            );
        }
    }

    /// <summary>What comes of nothing behind, and what half a millimetre of tolerance saves.</summary>
    private static IEnumerable<Finding> OfBacking(AppliquePlan a)
    {
        if (a.Ask is { IsFirm: true, Stitch: AppliqueFields.Satin })
        {
            yield return Finding.Care(
                "nothing-behind",
                "Nothing lies behind a satin stitch.",
                "Dense stitches pull even a firm fabric into a tunnel.",
                "Lay a stabiliser behind it, or let a swatch show that it lies flat."
            );
        }
        var stops = a.Rounds.Sum(r => a.Turnings(r).Count);
        if (
            a.Ask.Tolerance < Half
            && a.StopsWith(Half) is var fewer
            && stops - fewer >= Math.Max(3, stops / 10)
        )
        {
            yield return Finding.Note(
                "fewer-stops",
                $"{fewer} stops instead of {stops}, if a curve may be left by {a.Ruler.Fine(Half)}.",
                $"With {a.Ruler.Fine(a.Ask.Tolerance)} the turns follow each other quickly; half a millimetre is hardly seen under the stitch.",
                "Allow half a millimetre on curves.",
                new(AppliqueFields.Tolerance.Name, "0.5 mm")
            );
        }
    }

    private static Length Half => Length.FromMillimetres(0.5);

    private static IEnumerable<Finding> OfShapes(AppliquePlan a)
    {
        foreach (
            var cut in a.Cuts.Where(c => Length.Min(c.Width, c.Height) < Bites * a.Bite).Take(1)
        )
        {
            yield return Finding.Care(
                "shape-small",
                $"The {cut.Shape.Name} is only {a.Ruler.Fine(Length.Min(cut.Width, cut.Height))} across, and the bites are {a.Ruler.Fine(a.Bite)}.",
                "From both sides they cover it.",
                $"Make the bite {a.Ruler.Fine(Length.Max(Length.FromMillimetres(1), Length.Min(cut.Width, cut.Height) / Bites))} or less, or the shape larger."
            );
        }
        foreach (
            var shape in a.Ask.Shapes.Where(s =>
                a.Rounds.Where(r => r.Shape == s).All(r => r.Sides.Count == 0)
            )
        )
        {
            yield return Finding.Care(
                "all-hidden",
                $"The {shape.Name} lies wholly under another shape.",
                "Nothing of it is seen, and nothing holds it.",
                "Move it out, or change the order."
            );
        }
        if (a.Rounds.Any(r => r.Hidden.Count > 0 && r.Sides.Count > 0))
        {
            yield return Finding.Note(
                "tucked-under",
                $"What lies under another shape is cut {a.Ruler.Fine(a.Ask.Under)} longer there.",
                "So no gap shows when something shifts in the fusing; where it is hidden it is not stitched.",
                "Lay and fuse them from beneath to above; sew the lower one first."
            );
        }
        var hollow = a.Rounds.Sum(r => r.Corners.Count(c => !c.IsOutside));
        if (a.Ask.Stitch == AppliqueFields.Turned && hollow > 0)
        {
            yield return Finding.Note(
                "clip-inside",
                $"{hollow} inside {(hollow == 1 ? "corner has" : "corners have")} to be clipped to the fold.",
                "The allowance does not go round otherwise.",
                "Clip to a thread before the fold, and put a drop of fray check on it."
            );
        }
    }
}
