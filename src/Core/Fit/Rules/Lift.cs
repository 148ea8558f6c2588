using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>The layers have to go under the raised foot.</summary>
internal sealed class Lift : FitRule
{
    private static readonly Length Spare = Length.FromMillimetres(1);

    public override string Code => "lift";
    public override string Checks =>
        "Whether the layers go under the raised foot with 1 mm to spare.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c) =>
        c.Machine is not { Is: var machine } || c.Sewing.Layers is not { } layers
            ? RuleOutcome.NotAsked
        : machine.PresserLift is not { } lift ? RuleOutcome.Unknown
        : Say.Over(layers, lift - Spare) ? RuleOutcome.Stop
        : RuleOutcome.Well;

    public override Finding Explain(Combination c) =>
        Stop(
            $"{Say.Mm(c.Sewing.Layers!.Value)} of layers do not go under the foot of {Say.Name(c.Machine!)}.",
            $"It lifts {Say.Mm(c.Machine!.Is.PresserLift!.Value)}, and 1 mm must be spare.",
            "Press and trim the layers thinner, or sew this seam on a machine that lifts higher."
        );

    public override string Wants(Combination c) => "how high the presser lifts";
}
