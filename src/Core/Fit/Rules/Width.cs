using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>The machine has to make the stitch.</summary>
internal sealed class Width : FitRule
{
    public override string Code => "width";
    public override string Checks => "Whether the machine makes a stitch as wide as that.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c) =>
        c.Machine is not { Is: var machine } || c.Sewing.Width == Length.Zero ? RuleOutcome.NotAsked
        : machine.WidestStitch is not { } widest ? RuleOutcome.Unknown
        : Say.Over(c.Sewing.Width, widest) ? RuleOutcome.Stop
        : RuleOutcome.Well;

    public override Finding Explain(Combination c) =>
        Stop(
            c.Machine!.Is.WidestStitch == Length.Zero
                ? $"{Say.Name(c.Machine)} sews straight stitches only, and this one is {Say.Mm(c.Sewing.Width)} wide."
                : $"{Say.Name(c.Machine)} makes {Say.Mm(c.Machine.Is.WidestStitch!.Value)} at most, and the stitch is {Say.Mm(c.Sewing.Width)} wide.",
            "A stitch that is not reached on one side misses what it should hold.",
            c.Machine.Is.WidestStitch == Length.Zero
                ? "Use a machine that makes a zigzag, or sew straight lines instead."
                : $"Stay within {Say.Mm(c.Machine.Is.WidestStitch.Value)}, with a thinner cord or a narrower gap."
        );

    public override string Wants(Combination c) => "the machine's widest stitch";
}
