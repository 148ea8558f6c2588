using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft;

/// <summary>What swatches changed of a plan.</summary>
public static class ChangedBySwatches
{
    /// <summary>The field of an ask that takes what swatches teach.</summary>
    public const string Samples = "samples";

    /// <summary>
    /// The size to cut that is another than without swatches, such as <c>84 → 81 cm</c>; else what is set otherwise.
    /// Null where there are no swatches, or where they changed nothing.
    /// </summary>
    /// <param name="plan">The answer to the ask.</param>
    public static Fact? Of(Calculation form, WorkPlan plan, RawInputs ask, Ruler ruler)
    {
        if (
            !ask.TryGet(Samples, out var samples)
            || samples.List is not [_, ..]
            || Without(form, ask, ruler) is not { } before
        )
        {
            return null;
        }
        return before
            .Pieces.Zip(plan.Pieces)
            .SelectMany(p =>
                new[]
                {
                    new Pair(p.Second.Name, p.First.LengthSays(ruler), p.Second.LengthSays(ruler)),
                    new Pair(p.Second.Name, p.First.DepthSays(ruler), p.Second.DepthSays(ruler)),
                }
            )
            .Concat(
                before
                    .Facts.Where(f => f.Name.StartsWith("Set the", StringComparison.Ordinal))
                    .Join(plan.Facts, f => f.Name, f => f.Name, Told)
            )
            .FirstOrDefault(p => p.Was != p.Is)
            ?.Says;
    }

    /// <summary>The plan without swatches; null where it takes more work than is worth it.</summary>
    private static WorkPlan? Without(Calculation form, RawInputs ask, Ruler ruler)
    {
        try
        {
            return Budget.Part(() =>
                form.Compute(ask.With(Samples, RawValue.Of([])), ruler).Answer as WorkPlan
            );
        }
        catch (TooMuchException)
        {
            return null;
        }
    }

    private static Pair Told(Fact was, Fact now) => new(now.Name, was.Text, now.Text);

    private sealed record Pair(string Name, string Was, string Is)
    {
        /// <summary>Both in one unit where they have one.</summary>
        public Fact Says
        {
            get
            {
                // Inches keep theirs: without it a fraction is no length any more.
                var unit =
                    Is.LastIndexOf(' ') is > 0 and var at && Is[at..] is " mm" or " cm" or " m"
                        ? Is[at..]
                        : "";
                return new(
                    Name,
                    unit.Length > 0 && Was.EndsWith(unit, StringComparison.Ordinal)
                        ? $"{Was[..^unit.Length]} → {Is}"
                        : $"{Was} → {Is}"
                );
            }
        }
    }
}
