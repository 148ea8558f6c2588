using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Strips;

/// <summary>The computation of strips, to be followed with a pencil.</summary>
internal static class StripPencil
{
    public static IReadOnlyList<PencilLine> Of(StripPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var j = ask.JoinAllowance;
        var r = DecimalText.Write(ask.Fullness, 3);
        string M(Length length) => ruler.Mark(length);
        List<PencilLine> lines =
        [
            new(
                "Flat edge",
                $"{M(ask.FinishedEdge)} × {r} = {M(a.FlatEdge)}",
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
                    $"{M(needed)} ÷ ({M(ask.ClothWidth)} − 2 × {M(j)}) = {DecimalText.Write(needed / (ask.ClothWidth - 2 * j))}, so {a.StripCount}",
                    ask.Closed
                        ? "Each strip gives its length less two joins; a ring has a join at every end."
                        : "Each strip gives its length less two joins; the two outer ends give their end allowance instead."
                )
            );
        }
        var parts = $"{M(a.FlatEdge)}";
        if (a.Joins > 0)
        {
            parts += $" + {2 * a.Joins} × {M(j)} joins";
        }
        if (ask.BothEnds > Length.Zero)
        {
            parts += $" + 2 × {M(ask.EndAllowance)} ends";
        }
        var shared = a.StripCount > 1 ? $"({parts}) ÷ {a.StripCount}" : parts;
        var exact = (a.FlatEdge + 2 * j * a.Joins + ask.BothEnds) / a.StripCount;
        lines.Add(
            new(
                "Strip length",
                $"{shared} = {M(exact)}, cut {ruler.Cut(a.StripLength)}",
                $"Rounded up to {M(ask.CuttingStep)}, so that it is never short."
            )
        );
        lines.Add(
            new(
                "Fullness reached",
                $"{M(a.SewnFlat)} ÷ {M(ask.FinishedEdge)} = {DecimalText.Write(a.AchievedFullness, 3)}",
                "What the rounded strips give once they are joined."
            )
        );
        lines.Add(
            ask.Doubled
                ? new(
                    "Depth",
                    $"2 × ({M(ask.FinishedDepth)} + {M(ask.SeamAllowance)} seam) = {M(ask.CutDepth)}",
                    "Folded double, there is no hem."
                )
                : new(
                    "Depth",
                    $"{M(ask.FinishedDepth)} + {M(ask.SeamAllowance)} seam + {M(ask.LowerAllowance)} {(ask.IsHemmed ? "hem" : "seam below")} = {M(ask.CutDepth)}"
                )
        );
        lines.Add(
            ask.Along
                ? new(
                    "Cloth",
                    $"{ruler.Cut(a.ClothToBuy)}; {M(ask.ClothWidth)} ÷ {M(ask.CutDepth)}: {a.StripsAcross} strips would lie side by side"
                )
                : new(
                    "Cloth",
                    $"{(ask.Together.Count > 1 ? $"{ask.Together.Count} × " : "")}{a.StripCount} × {ruler.Cut(ask.CutDepth)} = {ruler.Cut(a.ClothToBuy)}",
                    "The strips lie one below the other, each to its depth as it is cut."
                )
        );
        lines.Add(
            new(
                "Marks",
                $"{M(a.SewnFlat)} ÷ {a.Segments} = {M(a.SegmentFlat)}; {M(ask.FinishedEdge)} ÷ {a.Segments} = {M(a.SegmentGathered)}",
                $"Halved until no part of the strip is over {M(Length.FromMillimetres(600))}."
            )
        );
        lines.Add(ThreadLine(a, ruler));
        lines.Add(
            new(
                "Seam bulk",
                $"{DecimalText.Write(a.AchievedFullness)} × {ruler.Fine(ask.Thick)} + {ruler.Fine(ask.PlainThickness)} = {ruler.Fine(a.SeamBulk)}",
                "As many layers as the fullness, and the plain edge."
            )
        );
        return lines;
    }

    private static PencilLine ThreadLine(StripPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var total = ruler.Write(a.ThreadFromEach, LengthKind.Amount);
        var (t, l) = (ruler.Fine(ask.Thick), ruler.Fine(ask.StitchLength));
        return ask.Rows.IsOverThreads
            ? new PencilLine(
                "Thread, each side",
                $"zigzag over {ruler.Mark(a.SewnFlat)} + 2 × ({ruler.Mark(a.SewnFlat)} + 2 × {ruler.Mark(ask.Tail)}) drawn out = {total}",
                "Each stitch takes the slant of its length and width, and the thickness of the cloth."
            )
            : new PencilLine(
                "Thread, each side",
                $"{a.RowOffsets.Count} × ({ruler.Mark(a.SewnFlat)} × (1 + {t} ÷ {l}) + 2 × {ruler.Mark(ask.Tail)}) = {total}",
                "Each stitch takes its length and the thickness of the cloth; each row has two tails."
            );
    }
}
