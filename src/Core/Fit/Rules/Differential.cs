using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>Differential feed has to be there where it is wanted.</summary>
internal sealed class Differential : FitRule
{
    public override string Code => "differential";
    public override string Checks =>
        "Whether the machine has the differential feed that is wanted.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c) =>
        c.Machine is not { Is: var machine } || c.Sewing.Differential is not { } wanted
            ? RuleOutcome.NotAsked
        : !machine.IsOverlocker && machine.Kind is not null && machine.GreatestDifferential is null
            ? RuleOutcome.Stop
        : machine.GreatestDifferential is not { } most ? RuleOutcome.Unknown
        : wanted > most + 1e-9 ? RuleOutcome.Stop
        : RuleOutcome.Well;

    public override Finding Explain(Combination c) =>
        Stop(
            c.Machine!.Is.GreatestDifferential is { } most
                ? $"{Say.Name(c.Machine)} feeds {DecimalText.Write(most)} times as fast in front at most; {DecimalText.Write(c.Sewing.Differential!.Value)} is wanted."
                : $"{Say.Name(c.Machine)} has no differential feed.",
            "Front feed dogs that run faster than the back ones push the lower layer together.",
            "Use an overlocker that has it, or gather with a foot or by pulled threads."
        );

    public override string Wants(Combination c) => "the machine's differential range";
}
