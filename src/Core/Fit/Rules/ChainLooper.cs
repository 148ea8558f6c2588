using ZephyrReach.Core.Findings;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>A chain stitch needs its looper.</summary>
internal sealed class ChainLooper : FitRule
{
    public override string Code => "chain-looper";
    public override string Checks =>
        "Whether the machine has a chain-stitch looper, where one is needed.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c) =>
        c.Machine is not { Is: var machine } || !c.Sewing.ChainLooper ? RuleOutcome.NotAsked
        : machine.ChainLooper == true ? RuleOutcome.Well
        : machine.ChainLooper is null && (machine.IsOverlocker || machine.Kind is null)
            ? RuleOutcome.Unknown
        : RuleOutcome.Stop;

    public override Finding Explain(Combination c) =>
        Stop(
            $"{Say.Name(c.Machine!)} has no chain-stitch looper.",
            "Elastic in a looper draws up far more than in a bobbin; there is none to put it in.",
            "Wind the elastic on the bobbin of a lockstitch machine instead."
        );

    public override string Wants(Combination c) => "whether it has a chain-stitch looper";
}
