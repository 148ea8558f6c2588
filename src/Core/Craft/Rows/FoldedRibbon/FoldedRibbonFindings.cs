using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>What is to be known about ribbon laid in folds.</summary>
internal static class FoldedRibbonFindings
{
    /// <summary>Legs that go on by less than half as much again as the ribbon is wide hide the ground, and build up; a workshop rule.</summary>
    private const double Close = 1.5;

    /// <summary>A count that is longer than this is lost.</summary>
    private const int LongCount = 12;

    public static IEnumerable<Finding> In(FoldedRibbonPlan a)
    {
        var least = a.FoldEdge / 2;
        if (a.Clearance < Length.Zero)
        {
            yield return Finding.Stop(
                "legs-collide",
                $"Each fold is {a.Ruler.Fine(a.FoldEdge)} long, and two on one side stand {a.Ruler.Fine(2 * a.Advance)} apart.",
                "They lie on each other: the band gets a ridge, and the needle meets four layers.",
                $"Let each fold go on by {a.Ruler.Fine(least)} or more, or take a ribbon of {a.Ruler.Fine(a.Advance * Math.Sqrt(2))} or less."
            );
        }
        else if (a.Advance < Close * a.Ask.RibbonWidth)
        {
            yield return Finding.Note(
                "close",
                $"Legs {a.Ruler.Fine(a.Advance)} on leave {a.Ruler.Fine(a.Clearance)} between folds.",
                "The ground hardly shows, and the band gets stiff.",
                $"{a.Ruler.Fine(Close * a.Ask.RibbonWidth)} or more lets it show."
            );
        }
        if (a.Ask.AtHand is { } there && there < a.RibbonTotal)
        {
            yield return Finding.Stop(
                "ribbon-short",
                $"It takes {a.Ruler.Write(a.RibbonTotal, LengthKind.Amount)} of ribbon, and there are {a.Ruler.Mark(there)}.",
                "A join in a folded ribbon shows.",
                "Shorten the run, or take another ribbon."
            );
        }
        if (!a.Ask.StopsItself && a.StitchesPerLeg > LongCount)
        {
            // The fewest that the machine's longest stitch makes of a leg.
            var count = (int)
                Math.Max(
                    1,
                    Rounding.CeilingTolerant(
                        a.SetAdvance
                            / Length.Min(a.Ask.LongestStitch, FoldedRibbonFields.StitchLength.Most)
                    )
                );
            var stitch = Rounding.Nearest(a.SetAdvance / count, Length.FromMillimetres(0.1));
            yield return Finding.Note(
                "long-count",
                $"There are {a.StitchesPerLeg} stitches to count for each fold.",
                "A count that long is lost, and the band gets uneven.",
                count <= LongCount
                    ? $"Set the stitch to {a.Ruler.Fine(stitch)}: then it is {count}; or mark the folds along the line."
                    : "Mark the folds along the line, and sew to the mark.",
                count <= LongCount
                    ? new(FoldedRibbonFields.StitchLength.Name, a.Ruler.Fine(stitch))
                    : null
            );
        }
    }
}
