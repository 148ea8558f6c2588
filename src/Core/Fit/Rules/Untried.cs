using ZephyrReach.Core.Findings;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>Nobody has tried this foot on this machine with this kind of needle yet.</summary>
internal sealed class Untried : FitRule
{
    public override string Code => "untried";
    public override string Checks =>
        "Whether your supplies have a note that this foot was tried on this machine, with one needle or a pair of this spacing.";
    public override Severity Gravest => Severity.Care;

    public override RuleOutcome Evaluate(Combination c) =>
        c.Machine is not { Id.Length: > 0 } || c.Foot is not { Id.Length: > 0 }
            ? RuleOutcome.NotAsked
        : c.Tried?.Any(t => t.IsOf(c)) != true ? RuleOutcome.Care
        : RuleOutcome.Well;

    public override Finding Explain(Combination c) =>
        Care(
            c.Needle is { Is: { IsTwin: true, TwinSpacing: { } pair } }
                ? $"{Say.Name(c.Foot!)} was not tried on {Say.Name(c.Machine!)} with a twin needle {Say.Mm(pair)} apart yet."
                : $"{Say.Name(c.Foot!)} was not tried on {Say.Name(c.Machine!)} yet.",
            "Two feet of one kind can sit differently under the needle.",
            "Turn the wheel by hand, then note whether it clears or hits: the note counts for more than the sum."
        );
}
