using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>The computation of strips, to be followed with a pencil.</summary>
internal static class StripPencil
{
    public static IReadOnlyList<DerivationLine> Of(StripPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var j = ask.JoinAllowance;
        string M(Length length) => ruler.Mark(length);
        List<DerivationLine> lines =
        [
            new(
                "Total flat length",
                ruler.Sum($"{ask.FinishedEdge} × {ask.Fullness:3} = {a.FlatEdge}"),
                "Fullness times the edge it goes to."
            ),
        ];
        if (ask.Along)
        {
            lines.Add(new("Strips", "1, cut along", "Along the selvedge there is no join."));
        }
        else
        {
            var needed = ask.Closed ? a.FlatEdge : a.FlatEdge + ask.BothEnds - 2 * j;
            lines.Add(
                new(
                    "Strips",
                    ruler.Sum(
                        $"{needed} ÷ ({ask.ClothWidth} − 2 × {j}) = {needed / (ask.ClothWidth - 2 * j):2}, so {a.StripCount}"
                    ),
                    ask.Closed
                        ? "Each strip gives its length less two joins; a loop has a join at every end."
                        : "Each strip gives its length less two joins; the two outer ends give their end allowance instead."
                )
            );
        }
        var exact = (a.FlatEdge + 2 * j * a.Joins + ask.BothEnds) / a.StripCount;
        SumText parts = $"{a.FlatEdge}";
        if (a.Joins > 0)
        {
            parts = $"{parts} + {2 * a.Joins} × {j} joins";
        }
        if (ask.BothEnds > Length.Zero)
        {
            parts = $"{parts} + 2 × {ask.EndAllowance} ends";
        }
        if (a.StripCount > 1)
        {
            parts = $"({parts}) ÷ {a.StripCount}";
        }
        lines.Add(
            new(
                "Strip length",
                ruler.Sum($"{parts} = {exact:cut}"),
                $"Rounded up to {M(ask.CuttingStep)}, so that it is never short."
            )
        );
        lines.Add(
            new(
                "Actual fullness",
                ruler.Sum($"{a.SewnFlat} ÷ {ask.FinishedEdge} = {a.AchievedFullness:3}"),
                "What the rounded strips give once they are joined."
            )
        );
        lines.Add(
            ask.Doubled
                ? new(
                    "Depth",
                    ruler.Sum(
                        $"2 × ({ask.FinishedDepth} + {ask.SeamAllowance} seam) = {ask.CutDepth}"
                    ),
                    "Folded double, there is no hem."
                )
                : new(
                    "Depth",
                    ruler.Sum(
                        $"{ask.FinishedDepth} + {ask.SeamAllowance} seam + {ask.LowerAllowance} {(ask.IsHemmed ? "hem" : "seam below")} = {ask.CutDepth}"
                    )
                )
        );
        lines.Add(
            ask.Along
                ? new(
                    "Fabric",
                    $"{ruler.Cut(a.ClothToBuy)}; {M(ask.ClothWidth)} ÷ {M(ask.CutDepth)}: {a.StripsAcross} strips would lie side by side"
                )
                : new(
                    "Fabric",
                    ruler.Sum(
                        $"{OnCloth.Rows(a.AllStrips, a.StripsBeside)} × {ask.CutDepth:cut} = {a.ClothToBuy:cut}"
                    ),
                    a.StripsBeside > 1
                        ? $"{a.StripsBeside} strips lie side by side, each to its depth as it is cut."
                        : "The strips lie one below the other, each to its depth as it is cut."
                )
        );
        lines.Add(
            new(
                "Marks",
                ruler.Sum(
                    $"{a.SewnFlat} ÷ {a.Segments} = {a.SegmentFlat}; {ask.FinishedEdge} ÷ {a.Segments} = {a.SegmentGathered}"
                ),
                $"Halved until no part of the strip is over {M(Length.FromMillimetres(600))}."
            )
        );
        lines.Add(ThreadLine(a, ruler));
        lines.Add(
            new(
                "Seam bulk",
                ruler.Sum(
                    $"{a.AchievedFullness:2} × {ask.Thick:fine} + {ask.PlainThickness:fine} = {a.SeamBulk:fine}"
                ),
                "As many layers as the fullness, and the plain edge."
            )
        );
        return lines;
    }

    private static DerivationLine ThreadLine(StripPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        return ask.Rows.IsOverThreads
            ? new DerivationLine(
                "Needle thread, and as much for the bobbin",
                ruler.Sum(
                    $"zigzag over {a.SewnFlat} + 2 × ({a.SewnFlat} + 2 × {ask.Tail}) drawn out = {a.ThreadFromEach:amount}"
                ),
                "Each stitch takes the slant of its length and width, and the thickness of the fabric."
            )
            : new DerivationLine(
                "Needle thread, and as much for the bobbin",
                ruler.Sum(
                    $"{a.RowOffsets.Count} × ({a.SewnFlat} × (1 + {ask.Thick:fine} ÷ {ask.StitchLength:fine}) + 2 × {ask.Tail}) = {a.ThreadFromEach:amount}"
                ),
                "Each stitch takes its length and the thickness of the fabric; each row has two tails."
            );
    }
}
