using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>The thread has to run freely through the needle's eye.</summary>
internal sealed class Eye : FitRule
{
    private const double PartOfBlade = 0.28;

    public override string Code => "eye";
    public override string Checks =>
        "Whether the thread is thin enough for the needle's eye: 0.28 of the blade.";
    public override Severity Gravest => Severity.Care;

    public override RuleOutcome Evaluate(Combination c) =>
        c.Thread is not { Is: var thread } || c.Needle is not { Is: var needle }
            ? RuleOutcome.NotAsked
        : thread.Diameter is null || needle.Blade is null ? RuleOutcome.Unknown
        : Passes(thread, needle) ? RuleOutcome.Well
        : RuleOutcome.Care;

    public override Finding Explain(Combination c)
    {
        var thick = c.Thread!.Is.Diameter!.Value;
        return Care(
            $"{Say.Name(c.Thread)} is thick for a size {c.Needle!.Is.Size} needle.",
            $"The thread is {Say.Mm(thick)}, and the eye passes {Say.Mm(PartOfBlade * c.Needle.Is.Blade!.Value)}: it will fray or skip.",
            $"Needle size {NeedleFor(thick)}, or a topstitch needle, or a thinner thread."
        );
    }

    public override string Wants(Combination c) =>
        c.Thread!.Is.Tex is null ? "the thread's tex" : "the needle's size";

    /// <summary>Whether a thread runs freely through a needle's eye; what is not known is no reason against it.</summary>
    public static bool Passes(Supplies.Thread thread, Supplies.Needle needle) =>
        thread.Diameter is not { } thick
        || needle.Blade is not { } blade
        || !Say.Over(thick, PartOfBlade * blade);

    /// <summary>The finest usual size whose eye passes a thread.</summary>
    public static int NeedleFor(Length thread) =>
        (int)Math.Min(120, 10 * Math.Ceiling(thread.Millimetres / PartOfBlade * 10 - 1e-9));
}
