using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>A pair of needles has to sit inside one groove, and to fill it.</summary>
/// <remarks>A groove whose width is not known is narrower than its pitch by its walls: half a millimetre at least.</remarks>
internal sealed class TwinGroove : FitRule
{
    private const string Name = "twin-groove";

    public override string Code => Name;
    public override string Checks =>
        "Whether the twin needle fits into one groove of the foot, and fills at least half of it.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c)
    {
        if (
            c.Needle is not { Is: { IsTwin: true } needle }
            || c.Foot is not { Is: { HasGrooves: true } foot }
        )
        {
            return RuleOutcome.NotAsked;
        }
        if (foot.GrooveAtMost is not { } groove)
        {
            return RuleOutcome.Unknown;
        }
        var spacing = needle.TwinSpacing!.Value;
        return Say.Over(spacing, groove) ? RuleOutcome.Stop
            : foot.GrooveWidth is null ? RuleOutcome.Unknown
            : Say.Over(groove / 2, spacing) ? RuleOutcome.Care
            : RuleOutcome.Well;
    }

    public override Finding Explain(Combination c) =>
        Judge(c.Needle!.Is.TwinSpacing!.Value, c.Foot!.Is.GrooveAtMost!.Value)!;

    /// <summary>A pair against a groove; null where it fits and fills it.</summary>
    public static Finding? Judge(Length spacing, Length groove)
    {
        if (Say.Over(spacing, groove))
        {
            return Finding.Stop(
                Name,
                $"The twin needle, {Say.Mm(spacing)} apart, does not fit into a groove {Say.Mm(groove)} wide.",
                "The ridge stands in the groove; needles beside it flatten it and pull to one side.",
                $"Take a pair of at most {Say.Mm(groove)}, or a foot with fewer, wider grooves."
            );
        }
        return Say.Over(groove / 2, spacing)
            ? Finding.Care(
                Name,
                $"The twin needle, {Say.Mm(spacing)} apart, leaves a groove {Say.Mm(groove)} wide half empty.",
                "A ridge that does not fill its groove wanders in it.",
                $"Take a pair of {Say.Mm(groove / 2)} to {Say.Mm(groove)}, or a foot with narrower grooves."
            )
            : null;
    }

    public override string Wants(Combination c) => "the width of the foot's grooves";
}
