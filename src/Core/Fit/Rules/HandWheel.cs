using ZephyrReach.Core.Findings;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>After every change the wheel is turned by hand.</summary>
internal sealed class HandWheel : FitRule
{
    public override string Code => "hand-wheel";
    public override string Checks => "Always, after a change: one full stitch by hand.";
    public override Severity Gravest => Severity.Care;

    public override RuleOutcome Evaluate(Combination c) =>
        c.Machine is null || c.Foot is null ? RuleOutcome.NotAsked : RuleOutcome.Care;

    public override Finding Explain(Combination c) =>
        Care(
            "Turn the handwheel through one full stitch.",
            "Calculations can’t replace looking: feet differ and needles bend.",
            "If the needle can touch metal anywhere in its swing, do not sew."
        );
}
