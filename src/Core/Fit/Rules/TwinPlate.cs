using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>A pair of needles has to be swung no wider than the machine makes, and to clear the plate and the foot.</summary>
/// <remarks>By <see cref="Clearance"/>. What was tried outranks the clearance, not the machine.</remarks>
internal sealed class TwinPlate : FitRule
{
    public override string Code => "twin-plate";
    public override string Checks =>
        "Whether both needles of a twin needle clear the plate and the foot, with 0.4 mm of air, within the machine's widest stitch; shows the greatest safe width.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c)
    {
        if (c.Needle is not { Is.IsTwin: true } || (c.Machine is null && c.Foot is null))
        {
            return RuleOutcome.NotAsked;
        }
        if (IsTooWide(c))
        {
            return RuleOutcome.Stop;
        }
        return c.Note is { Clears: true } ? RuleOutcome.Well
            : Clearance.Look(c) is var clears && clears != RuleOutcome.Well ? clears
            : c.Machine is { Is.WidestStitch: null } ? RuleOutcome.Unknown
            : RuleOutcome.Well;
    }

    public override Finding Explain(Combination c)
    {
        var pair = Clearance.PairOf(c.Needle!.Is);
        var remedy = Clearance.Widest(c) switch
        {
            { } safe when safe > Length.Zero =>
                $"Greatest safe width with this twin needle: {Say.Mm(safe)}.",
            { } => "Straight stitches with this twin needle, or a twin needle that stands closer.",
            null => "Use a narrower twin needle, and straight stitches only.",
        };
        return IsTooWide(c)
            ? Stop(
                $"The twin needle, {Say.Mm(pair)} apart, swings wider than {Say.Name(c.Machine!)} makes.",
                $"With its stitch of {Say.Mm(c.Sewing.Width)} it takes {Say.Mm(pair + c.Sewing.Width)}; the machine makes {Say.Mm(c.Machine!.Is.WidestStitch!.Value)}.",
                remedy
            )
            : Stop(
                $"The twin needle, {Say.Mm(pair)} apart, would hit {(Clearance.IsByPlate(c) ? "the plate" : Say.Name(c.Foot!))}.",
                $"It reaches {Say.Mm(Clearance.Reach(c))} from the middle with its {Say.Mm(Clearance.Air(pair))} of air, and the opening ends at {Say.Mm(Clearance.Narrowest(c) / 2)}.",
                remedy
            );
    }

    public override string Wants(Combination c) =>
        c.Needle!.Is.Blade is null ? "the needle's size"
        : c.Machine is { Is.PlateOpening: null } ? "the machine's plate opening"
        : c.Foot is { Is.Opening: null } ? "the foot's needle opening"
        : "the machine's widest stitch";

    private static bool IsTooWide(Combination c) =>
        c.Machine is { Is.WidestStitch: { } widest }
        && Say.Over(Clearance.PairOf(c.Needle!.Is) + c.Sewing.Width, widest);
}
