using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>No pair of needles is wider than the machine's maker allows.</summary>
internal sealed class TwinLimit : FitRule
{
    private const string Name = "twin-limit";

    public override string Code => Name;
    public override string Checks =>
        "Whether the twin needle is no wider than the widest that this machine takes.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c)
    {
        if (c.Needle is not { Is: { IsTwin: true } needle } || c.Machine is not { Is: var machine })
        {
            return RuleOutcome.NotAsked;
        }
        return machine.WidestPair is not { } most ? RuleOutcome.NotAsked
            : Say.Over(needle.TwinSpacing!.Value, most) ? RuleOutcome.Stop
            : RuleOutcome.Well;
    }

    public override Finding Explain(Combination c) =>
        Judge(c.Needle!.Is.TwinSpacing!.Value, c.Machine!.Is.WidestPair!.Value);

    /// <summary>A pair that is wider than a machine takes.</summary>
    public static Finding Judge(Length pair, Length most) =>
        Finding.Stop(
            Name,
            $"The twin needle is {Say.Mm(pair)} apart, and this machine takes {Say.Mm(most)} at most.",
            "Wider, one of the needles strikes the plate, or misses the hook.",
            $"Take a twin needle of {Say.Mm(most)} or less."
        );

    public override string Wants(Combination c) => "the widest twin needle that the machine takes";
}
