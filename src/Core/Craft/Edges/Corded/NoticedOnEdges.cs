using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Corded;

/// <summary>What is noticed of any edge with a cord: its bends, the foot, and what has to pass under it.</summary>
internal static class NoticedOnEdges
{
    /// <summary>The presser rises by this more than what passes under it: as the rule of the lift has it.</summary>
    private static readonly Length Air = Length.FromMillimetres(1);

    /// <summary>Two lines nearer to each other than this are one.</summary>
    private static readonly Length Nearer = Length.FromMillimetres(0.8);

    public static IEnumerable<Finding> In(EdgePlan a) =>
        OfBends(a).Concat(OfFoot(a)).Concat(OfZip(a));

    /// <summary>Workshop rule: less than this at an end of a zip is pulled open by the filling.</summary>
    private static readonly Length LeastSewnUp = Length.FromMillimetres(25);

    private static IEnumerable<Finding> OfZip(EdgePlan a)
    {
        if (a.Edge.HasZipAtHand && a.ZipEnds is { } ends && ends < LeastSewnUp)
        {
            yield return Finding.Stop(
                "zip-too-long",
                ends > Length.Zero
                    ? $"A zip of {a.Ruler.Mark(a.ZipLength!.Value)} leaves {a.Ruler.Mark(ends)} at each end of its side."
                    : $"A zip of {a.Ruler.Mark(a.ZipLength!.Value)} is longer than its side.",
                "The seam at both its ends holds the corners; bends are clipped there, and a slider would lie under the cord.",
                "Take a shorter zip, or cut it off and sew a new stopper across."
            );
        }
        if (a.ZipSide is { } side && a.Edge.Edge.Sides.Count > 1 && side == a.Edge.Start)
        {
            yield return Finding.Care(
                "zip-over-join",
                "The cord is joined where the zip is.",
                "Both are thick, and the slider catches on the join.",
                "Put one of them on another side."
            );
        }
    }

    private static IEnumerable<Finding> OfBends(EdgePlan a)
    {
        var tight = a
            .Edge.Edge.Bends.Where(b => b.Radius < a.Edge.LeastRadius.Millimetres - 1e-6)
            .OrderBy(b => b.Radius)
            .FirstOrDefault();
        if (tight is not null)
        {
            var radius = Length.FromMillimetres(tight.Radius);
            yield return Finding.Care(
                "bend-too-tight",
                tight.Radius < 0.05
                    ? "A corner cannot be rounded on the drawing: a curve runs into it."
                    : $"A {(tight.IsCorner ? "corner" : "curve")} has a radius of {a.Ruler.Mark(radius)}; this cord lies in none below {a.Ruler.Mark(a.Edge.LeastRadius)}.",
                "A cord cannot turn sharply: it pulls the corner flat and shows its stitching.",
                $"Round it by {a.Ruler.Mark(a.Edge.LeastRadius)}, or take a thinner cord."
            );
        }
    }

    private static IEnumerable<Finding> OfFoot(EdgePlan a)
    {
        var foot = a.Foot;
        var hollow = foot.Hollow(a.Covered);
        if (a.Thickest - hollow + Air > foot.Lift)
        {
            yield return Finding.Stop(
                "lift",
                $"{a.Ruler.Fine(a.Thickest)} have to pass under the foot at the thickest place; it lifts by {a.Ruler.Fine(foot.Lift)}{(hollow > Length.Zero ? $", and its groove is about {a.Ruler.Fine(hollow)} deep" : "")}.",
                "At the joins it would stick, and be pushed aside.",
                "Trim the joins slanting, use the knee or hand to lift it further, or take a thinner cord."
            );
        }
        if (foot.IsZipper)
        {
            yield return Finding.Note(
                "by-the-edge",
                "With a zipper foot nothing holds the cord.",
                "It is held against the foot by hand, so it takes longer, and wanders at bends.",
                "Baste the cord into its covering first, and sew each line a thread nearer by eye."
            );
            yield break;
        }
        if (!foot.Holds(a.Bare))
        {
            yield return Finding.Stop(
                "groove-too-narrow",
                $"Cord {a.Ruler.Fine(a.Bare)} thick; the groove is {a.Ruler.Fine(foot.Groove!.Value)} wide.",
                "The foot rides on the cord and slips off to one side.",
                "Take a foot with a wider groove, a thinner cord, or the zipper foot."
            );
        }
        else if (a.Lines.Any(l => l.Place is null))
        {
            yield return Finding.Care(
                "needle-out-of-reach",
                foot.Step <= Length.Zero
                    ? "The needle of this machine does not move."
                    : $"Line {string.Join(" and ", a.Lines.Where(l => l.Place is null).Select(l => l.Number))} {(a.Lines.Count(l => l.Place is null) == 1 ? "lies" : "lie")} beyond what the needle reaches with this foot: {a.Ruler.Fine(foot.Reach)} from the middle.",
                "Through the foot the needle would hit metal.",
                "Sew it with the zipper foot, by eye; the lines that are nearer stay as they are."
            );
        }
        if (foot.Step > Nearer)
        {
            yield return Finding.Note(
                "coarse-steps",
                $"From one place of the needle to the next it is {a.Ruler.Fine(foot.Step)}.",
                "The lines lie further apart than half a millimetre.",
                "Turn the fabric a thread nearer by hand for the last line."
            );
        }
    }
}
