using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>A round hole lets nothing through but straight stitches.</summary>
internal sealed class StraightPlate : FitRule
{
    public override string Code => "straight-plate";
    public override string Checks =>
        "Whether a zigzag, a twin needle or a shifted needle meets a straight-stitch plate or machine.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c)
    {
        if (c.Machine is not { Is: var machine })
        {
            return RuleOutcome.NotAsked;
        }
        var swings =
            c.Sewing.Width > Length.Zero
            || c.Sewing.Offset > Length.Zero
            || c.Needle is { Is.IsTwin: true };
        return !swings ? RuleOutcome.NotAsked
            : machine.IsStraightOnly ? RuleOutcome.Stop
            : machine.StraightPlate is null && machine.WidestStitch is null ? RuleOutcome.Unknown
            : RuleOutcome.Well;
    }

    public override Finding Explain(Combination c) =>
        Stop(
            $"{Say.Name(c.Machine!)} has a straight-stitch plate, and the needle would hit it.",
            c.Needle is { Is.IsTwin: true }
                ? "The hole in the plate is for one needle in the middle."
                : "The hole in the plate is round; a needle that swings comes down on metal.",
            c.Machine!.Is.WidestStitch == Length.Zero
                ? "This machine sews straight stitches only: use another."
                : "Change the plate for the wide one first."
        );

    public override string Wants(Combination c) => "which plate is on the machine";
}
