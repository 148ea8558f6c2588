using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Answers;

/// <summary>One figure that is another than it was when the cloth was cut.</summary>
public sealed record Difference(string Title, string Was, string IsNow);

/// <summary>A plan against what was cut by an earlier one.</summary>
/// <param name="Differences">What has changed; empty when nothing that matters has.</param>
/// <param name="Findings">Whether what was cut still serves.</param>
public sealed record Comparison(
    IReadOnlyList<Difference> Differences,
    IReadOnlyList<Finding> Findings
)
{
    /// <summary>A later plan against what was cut by an earlier one: piece by piece, by their keys.</summary>
    public static Comparison Of(WorkPlan then, WorkPlan now, Ruler ruler)
    {
        List<Difference> differences = [];
        var isShort = false;
        foreach (var isNow in now.Pieces)
        {
            var was = then.Pieces.FirstOrDefault(p => p.Key == isNow.Key);
            isShort |= was?.Serves(isNow) != true;
            var (before, after) = (was?.Says(ruler) ?? "none", isNow.Says(ruler));
            if (before != after || was?.Outline.Data != isNow.Outline.Data)
            {
                differences.Add(new Difference(isNow.Name, before, after));
            }
        }
        return new Comparison(differences, differences.Count == 0 ? [] : [Verdict(isShort)]);
    }

    private static Finding Verdict(bool isShort) =>
        isShort
            ? Finding.Stop(
                "cut-too-short",
                "What you cut is smaller than the plan now needs.",
                "Fabric that is cut does not grow.",
                "Go back to the plan it was cut by, or cut the pieces again."
            )
            : Finding.Note(
                "cut-serves",
                "What you cut is still big enough.",
                "It is at least as long and as deep as the plan now asks for.",
                "Trim what is over, by the new numbers."
            );
}
