using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>The foot has to go onto the machine.</summary>
internal sealed class Mount : FitRule
{
    public override string Code => "mount";
    public override string Checks => "Whether the foot's mount is among those the machine takes.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c)
    {
        if (c.Machine is not { Is: var machine } || c.Foot is not { Is: var foot })
        {
            return RuleOutcome.NotAsked;
        }
        return foot.Mount is null || machine.Mounts.Count == 0 ? RuleOutcome.Unknown
            : machine.Mounts.Contains(foot.Mount) ? RuleOutcome.Well
            : RuleOutcome.Stop;
    }

    public override Finding Explain(Combination c) =>
        Stop(
            $"{Say.Name(c.Foot!)} does not go onto {Say.Name(c.Machine!)}.",
            $"It is fixed by {Label(c.Foot!.Is.Mount!)}; the machine takes {string.Join(", ", c.Machine!.Is.Mounts.Select(Label))}.",
            $"Look for the same foot with {Label(c.Machine.Is.Mounts[0])}, or an adapter made for both."
        );

    public override string Wants(Combination c) =>
        c.Foot!.Is.Mount is null ? "how the foot is fixed" : "which mounts the machine takes";

    private static string Label(string mount) => MountChoices.All.First(m => m.Name == mount).Label;
}
