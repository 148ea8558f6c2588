using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Mending.Darning;

internal sealed partial record DarningPlan
{
    /// <summary>Workshop rule: more blocks than this lie stiffer than a patch.</summary>
    private const int MostBlocks = 6;

    private IEnumerable<Finding> Noticed()
    {
        if (Patch is { } patch)
        {
            foreach (var finding in patch.Noticed(Ruler))
            {
                yield return finding;
            }
            yield break;
        }
        var what = Ask.What;
        yield return new Finding(
            "what-serves",
            what.IsDarned ? Severity.Note : Severity.Care,
            what.Way,
            what.Why,
            what.Behind == Damage.Scrap
                ? $"{what.NotThat} A patch carries more: how large, the plan says."
                : what.NotThat
        )
        {
            Cure =
                what.Behind == Damage.Scrap
                    ? new(DarningFields.Method.Name, DarningFields.Patched)
                    : null,
        };
        if (Ask.IsProgrammed && Blocks.Count > MostBlocks)
        {
            yield return Finding.Care(
                "patch-instead",
                $"It takes {Blocks.Count} blocks.",
                "So many lie stiffer than a patch, and each seam between them is one more to go wrong.",
                "Patch it with a piece of like fabric; or darn it free-motion, for lines both ways have no seams between them.",
                new(DarningFields.Method.Name, DarningFields.Patched)
            );
        }
        if (Ask.BackingMargin < Ask.Margin)
        {
            yield return Finding.Care(
                "backing-short",
                "The stitches reach beyond the backing.",
                $"They go {Ruler.Mark(Ask.Margin)} beyond the tear, and the backing {Ruler.Mark(Ask.BackingMargin)}.",
                $"Cut it {Ruler.Mark(Ask.Margin + Length.FromMillimetres(5))} or more beyond the tear."
            );
        }
        if (Ask.IsProgrammed && Ask.Rows > 1)
        {
            yield return Finding.Note(
                "by-lever",
                $"The foot is too short for {Ruler.Mark(Ask.AreaLength)} in one.",
                "On machines whose buttonhole lever can be tapped by hand, a block is as long as you let it.",
                "Say “by lever”, and every block runs the whole way."
            );
        }
        foreach (
            var (sample, place) in Dial.Samples.Select((s, i) => (s, i + 1)).Where(s => s.s.IsOdd)
        )
        {
            yield return Learnt.Odd(
                sample.Deviations,
                $"Block {place} came to {DecimalText.Write(sample.Value, 3)} of what was set, and the others say {DecimalText.Write(sample.Expected, 3)}.",
                "Measured from the first line to the last? It counts until you take it out."
            );
        }
    }
}
