using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>What changing the plan after cutting means for the strips that were cut.</summary>
/// <remarks>Strips are joined: fewer long ones are served by more short ones, so the whole counts and not each.</remarks>
internal static class SinceCut
{
    public static Answers.Comparison Between(StripPlan then, StripPlan now, Ruler ruler)
    {
        List<Difference> differences = [];
        Compare(
            "Finished length",
            ruler.Mark(then.Ask.FinishedEdge),
            ruler.Mark(now.Ask.FinishedEdge)
        );
        Compare(
            "Fullness",
            $"{DecimalText.Write(then.Ask.Fullness)}",
            $"{DecimalText.Write(now.Ask.Fullness)}"
        );
        Compare("Strips", $"{then.StripCount}", $"{now.StripCount}");
        Compare("Strip length", ruler.Cut(then.StripLength), ruler.Cut(now.StripLength));
        Compare("Strip depth", ruler.Cut(then.Ask.CutDepth), ruler.Cut(now.Ask.CutDepth));
        Compare("Fabric", ruler.Cut(then.ClothToBuy), ruler.Cut(now.ClothToBuy));
        Compare(
            "Mark on the strip every",
            ruler.Mark(then.SegmentFlat),
            ruler.Mark(now.SegmentFlat)
        );
        Compare(
            "Mark on the edge every",
            ruler.Mark(then.SegmentGathered),
            ruler.Mark(now.SegmentGathered)
        );
        return new Answers.Comparison(
            differences,
            differences.Count == 0 ? [] : [Verdict(then, now, ruler)]
        );

        void Compare(string title, string was, string isNow)
        {
            if (was != isNow)
            {
                differences.Add(new Difference(title, was, isNow));
            }
        }
    }

    /// <summary>The hem that the depth that was cut still gives; null where it gives none.</summary>
    private static Length? LessHem(StripPlan then, StripPlan now)
    {
        var hem = now.Ask.HemAllowance - (now.Ask.CutDepth - then.Ask.CutDepth);
        return !now.Ask.Doubled && hem > Length.Zero ? hem : null;
    }

    /// <summary>Whether the strips that were cut still serve, joined as the new plan joins them.</summary>
    private static Finding Verdict(StripPlan then, StripPlan now, Ruler ruler)
    {
        if (now.Ask.CutDepth.Millimetres > then.Ask.CutDepth.Millimetres * (1 + 1e-9))
        {
            return Finding.Stop(
                "cut-too-shallow",
                $"The strips were cut {ruler.Cut(then.Ask.CutDepth)} deep and now need {ruler.Cut(now.Ask.CutDepth)}.",
                "Depth cannot be added to a strip that is cut.",
                LessHem(then, now) is { } hem
                    ? $"Go back to the old depth, make the hem {ruler.Mark(hem)}, or cut new strips."
                    : "Go back to the old depth, or cut new strips."
            );
        }
        var joins = now.Ask.Closed ? then.StripCount : then.StripCount - 1;
        var flat =
            then.StripCount * then.StripLength
            - 2 * now.Ask.JoinAllowance * joins
            - now.Ask.BothEnds;
        var fullness = flat / now.Ask.FinishedEdge;
        if (fullness >= now.Ask.Fullness * (1 - 1e-9))
        {
            return Finding.Note(
                "cut-serves",
                $"What was cut still serves: it gives a fullness of {DecimalText.Write(fullness)}.",
                $"{DecimalText.Write(now.Ask.Fullness)} is wanted on an edge of {ruler.Mark(now.Ask.FinishedEdge)}.",
                flat > now.SewnFlat
                    ? $"Use it all, or take {ruler.Mark(flat - now.SewnFlat)} off one strip before joining."
                    : "Mark it by the new table."
            );
        }
        var missing = now.FlatEdge - flat;
        return new Finding(
            "cut-too-short",
            fullness < 1 ? Severity.Stop : Severity.Care,
            $"What was cut gives a fullness of {DecimalText.Write(Math.Max(0, fullness))} on the new edge, and {DecimalText.Write(now.Ask.Fullness)} is wanted.",
            $"It is {ruler.Mark(missing)} short, flat.",
            $"Cut one more strip of {ruler.Cut(missing + 2 * now.Ask.JoinAllowance)}, or plan {DecimalText.Write(Math.Max(1, Math.Floor(fullness * 100) / 100))}."
        );
    }
}
