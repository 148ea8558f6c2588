using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>What is to be known about a cord along a line.</summary>
internal static class CouchingFindings
{
    /// <summary>Fewer stitches than this between two turns are better turned by hand wheel.</summary>
    private const int FewStitches = 3;

    /// <summary>Ends that are further apart than this do not meet.</summary>
    private static readonly Length Meeting = Length.FromMillimetres(3);

    /// <summary>So many stops nobody makes without losing count.</summary>
    private const int ManyStops = 20;

    public static IEnumerable<Finding> In(CouchingPlan a)
    {
        var ask = a.Ask;
        if (a.IsTooThick)
        {
            yield return Finding.Stop(
                "cord-too-thick",
                $"A zigzag of {a.Ruler.Fine(a.Zigzag)} is wanted, and the machine makes {a.Ruler.Fine(ask.MaxStitchWidth)}.",
                "The needle would go into the cord, and split or break.",
                a.Thickest > Length.Zero
                    ? $"Take a cord of {a.Ruler.Fine(a.Thickest)} or less, or couch it by hand."
                    : "Leave less free beside it, take a finer needle, or couch it by hand."
            );
        }
        if (ask.FootRelief is { } relief && relief < ask.Cord && !a.ByHole)
        {
            yield return Finding.Care(
                "foot-presses",
                $"The foot is hollowed by {a.Ruler.Fine(relief)}, and the cord is {a.Ruler.Fine(ask.Cord)} thick.",
                "It presses the cord flat, and pushes it from under the needle.",
                $"Take a foot with a hollow or a hole for {a.Ruler.Fine(ask.Cord)}, or a thinner cord."
            );
        }
        if (ask.FootHole is { } hole && hole < ask.Cord)
        {
            yield return Finding.Note(
                "hole-too-small",
                $"The cord does not go through the hole of {a.Ruler.Fine(hole)}.",
                "Forced through, it frays.",
                $"Lead it through a tube of {a.Ruler.Fine(a.Bore)} bore, taped in front of the foot."
            );
        }
        foreach (var finding in OfTheLine(a).Concat(OfTheGround(a)))
        {
            yield return finding;
        }
    }

    private static IEnumerable<Finding> OfTheLine(CouchingPlan a)
    {
        var ask = a.Ask;
        var tightest = ask
            .Lines.SelectMany(l => l.Legs.OfType<Curve>())
            .OrderBy(c => c.Radius)
            .FirstOrDefault();
        if (tightest is not null && tightest.Radius < a.LeastRadius.Millimetres)
        {
            yield return Finding.Care(
                "curve-too-tight",
                $"A curve has a radius of {a.Ruler.Fine(Length.FromMillimetres(tightest.Radius))}; this cord lies in none below {a.Ruler.Fine(a.LeastRadius)}.",
                "On the inside it buckles, and on the outside it pulls away from the line.",
                $"Widen the curve, make it a corner, or take a cord of {a.Ruler.Fine(Length.FromMillimetres(tightest.Radius / 2))}."
            );
        }
        var stops = a.Passes.Sum(p => p.Turnings.Count);
        if (
            !ask.IsSteered
            && stops > ManyStops
            && ask.Lines.Any(l =>
                l.Legs.OfType<Curve>().Any(c => c.Radius >= CouchingInputs.Gentle.Millimetres)
            )
        )
        {
            var steered = ask with { IsSteered = true };
            var left = a.Passes.Sum(p =>
                new Pass(steered, p.Line, p.Number, p.Right).Turnings.Count
            );
            yield return Finding.Note(
                "steer-gentle-curves",
                $"{stops} stops to turn the fabric; steered through its gentle curves there are {left}.",
                "Fabric is led round a curve of 15 mm and more as it is sewn, as even as the hands are; stops are exact, and slow.",
                "Steer the gentle curves, and stop at corners and in tight ones.",
                new(CouchingFields.Curves.Name, CouchingFields.Steered)
            );
        }
        if (
            a.Passes.Any(p =>
                p.Stops.Curves.Any(c => c.Pivots > 0 && c.StitchesPerPivot < FewStitches)
            )
        )
        {
            yield return Finding.Note(
                "by-hand-wheel",
                "Somewhere it is turned after every stitch or two.",
                "The pedal cannot be let go so soon.",
                "Sew that curve by handwheel, or shorten the stitch there."
            );
        }
        foreach (var line in ask.Lines.Where(l => l.IsBuilt && l.Path.IsClosed))
        {
            var gap = line.Path.Gap;
            if (gap > Meeting)
            {
                yield return Finding.Care(
                    "ends-apart",
                    $"The ends are to meet, and lie {a.Ruler.Mark(gap)} apart.",
                    "The cord would must be drawn across, or end in the open.",
                    "Pull the last dot to the start, or say that the ends lie apart."
                );
            }
            else if (gap > Length.FromMillimetres(0.05))
            {
                yield return Finding.Note(
                    "closed-itself",
                    $"The ends nearly meet, {a.Ruler.Fine(gap)} apart: it is sewn closed.",
                    "So small a gap is less than the cord is thick.",
                    "Nothing needs to be done."
                );
            }
        }
        if (a.Crossings > 0)
        {
            yield return Finding.Note(
                "crosses-itself",
                a.Crossings == 1
                    ? "The line crosses itself once."
                    : $"The line crosses itself {a.Crossings} times.",
                "Two cords on each other are twice as thick, and the needle cannot go through both.",
                "Sew the first time round through; the second time stop before it, lift the foot over, and go on beyond. The upper one holds by its neighbours."
            );
        }
        if (ask.Cords > 1)
        {
            yield return Finding.Note(
                "side-by-side",
                $"{ask.Cords} cords lie side by side.",
                "Each is held by its own zigzag, whose one side falls between it and the one before.",
                "Begin with the one on the inside of the bends, and lay each against the one before."
            );
        }
    }

    private static IEnumerable<Finding> OfTheGround(CouchingPlan a)
    {
        var ask = a.Ask;
        if (ask.Ground is not "firm" && !ask.IsRolled && ask.Stiffness == "stiff")
        {
            yield return Finding.Care(
                "ridges",
                ask.Ground == CouchingFields.Thin
                    ? "A stiff cord on thin base fabric makes ridges at the back."
                    : "A stiff cord makes ridges at the back, of ordinary twill too.",
                "The base fabric gives way and the cord does not; altering the tension does not cure that.",
                "Take a softer or thinner cord, or a firmer base fabric, hooped with a stabiliser."
            );
        }
        if (ask.IsRolled || ask.Ground == CouchingFields.Knit)
        {
            yield return Finding.Care(
                "never-pull",
                ask.IsRolled ? "A rolled strip stretches." : "The base fabric stretches.",
                "Pulled, it is thinner while it is sewn, and the base fabric buckles when it springs back.",
                $"Feed it by hand, never pull it. On the swatch {a.Ruler.Mark(CouchingPlan.Straight)} of line should use {a.Ruler.Mark(CouchingPlan.Straight)} of it."
            );
        }
    }
}
