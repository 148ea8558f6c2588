using ZephyrReach.Core.Findings;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>A programmed darn needs the program.</summary>
internal sealed class Programmed : FitRule
{
    public override string Code => "programmed";
    public override string Checks => "Whether the machine darns by itself, where that is wanted.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c) =>
        c.Machine is not { Is: var machine } || !c.Sewing.Programmed
            ? RuleOutcome.NotAsked
            : machine.ProgrammedDarning switch
            {
                true => RuleOutcome.Well,
                null => machine.IsOverlocker ? RuleOutcome.Stop : RuleOutcome.Unknown,
                false => RuleOutcome.Stop,
            };

    public override Finding Explain(Combination c) =>
        Stop(
            $"{Say.Name(c.Machine!)} has no darning program.",
            "It does not go back and forth by itself.",
            "Darn free-motion: feed dogs down, a darning foot, the fabric in a hoop."
        );

    public override string Wants(Combination c) => "whether it darns by itself";
}
