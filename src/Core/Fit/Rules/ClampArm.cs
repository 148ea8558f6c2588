using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>An arm on the foot needs a clamp screw to ride on.</summary>
internal sealed class ClampArm : FitRule
{
    public override string Code => "clamp-arm";
    public override string Checks =>
        "Whether a foot with an arm finds a needle clamp screw to ride on.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c)
    {
        if (
            c.Machine is not { Is: var machine }
            || c.Foot is not { Is: var foot }
            || foot.ClampArm == false
        )
        {
            return RuleOutcome.NotAsked;
        }
        return foot.ClampArm is null
            ? foot.Kind
                is FootKinds.Darning
                    or FootKinds.OpenDarning
                    or FootKinds.Pleating
                    or FootKinds.Walking
                ? RuleOutcome.Unknown
                : RuleOutcome.NotAsked
            : machine.ClampScrew is null
                ? RuleOutcome.Unknown
                : machine.ClampScrew == false
                    ? RuleOutcome.Stop
                    : RuleOutcome.Well;
    }

    public override Finding Explain(Combination c) =>
        Stop(
            $"The arm of {Say.Name(c.Foot!)} has nothing to ride on.",
            $"The needle clamp of {Say.Name(c.Machine!)} has no screw that sticks out.",
            "Look for a foot of this kind without an arm."
        );

    public override string Wants(Combination c) =>
        c.Foot!.Is.ClampArm is null
            ? "whether the foot has an arm to the needle clamp"
            : "whether the machine's needle clamp screw sticks out";
}
