using ZephyrReach.Core.Findings;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>The needle has to be of the machine's system.</summary>
internal sealed class NeedleSystem : FitRule
{
    public override string Code => "needle-system";
    public override string Checks => "Whether the needle's system is the machine's.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c) =>
        c.Machine is not { Is: var machine } || c.Needle is not { Is: var needle }
            ? RuleOutcome.NotAsked
        : machine.NeedleSystem is null || needle.System is null ? RuleOutcome.Unknown
        : machine.NeedleSystem == needle.System ? RuleOutcome.Well
        : RuleOutcome.Stop;

    public override Finding Explain(Combination c) =>
        Stop(
            $"{Say.Name(c.Needle!)} is not for {Say.Name(c.Machine!)}.",
            $"Its shank is {Shank(c.Needle!.Is.System!)}; the machine's hook is set for {Shank(c.Machine!.Is.NeedleSystem!)}.",
            "Take a needle of the machine's own system: another sits too high or too low, and the hook hits it."
        );

    public override string Wants(Combination c) =>
        c.Machine!.Is.NeedleSystem is null ? "the machine's needle system" : "the needle's system";

    private static string Shank(string system) =>
        system.Replace("-shank", "", StringComparison.Ordinal);
}
