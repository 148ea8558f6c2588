using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>The needle has to clear the foot and the plate all through its swing.</summary>
/// <remarks>By <see cref="Clearance"/>; of a pair <see cref="TwinPlate"/> says so. What was tried outranks this.</remarks>
internal sealed class Strike : FitRule
{
    public override string Code => "strike";
    public override string Checks =>
        "Whether the needle clears the foot and the plate: half the stitch, half the needle and 0.3 mm against half the opening.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c) =>
        c.Note is { } note && (c.Foot is not null || !note.Clears)
            ? note.Clears
                ? RuleOutcome.Well
                : RuleOutcome.Stop
            : c.Needle?.Is.IsTwin == true
                ? RuleOutcome.NotAsked
                : Clearance.Look(c);

    public override Finding Explain(Combination c)
    {
        if (c.Note is { Clears: false } note)
        {
            return Stop(
                $"{Say.Name(c.Foot!)} was tried on {Say.Name(c.Machine!)}, and the needle hits it.",
                $"Noted on {note.On:d MMMM yyyy}; what was tried counts for more than any sum.",
                "Take another foot, or a narrower stitch and turn the wheel by hand before you write that down."
            );
        }
        return Stop(
            $"The needle would hit {(Clearance.IsByPlate(c) ? "the plate" : Say.Name(c.Foot!))}.",
            $"It reaches {Say.Mm(Clearance.Reach(c))} from the middle with its {Say.Mm(Clearance.Air(Length.Zero))} of air, and the opening ends at {Say.Mm(Clearance.Narrowest(c) / 2)}.",
            Clearance.Widest(c) is { } widest
                ? $"At most {Say.Mm(widest)} wide here; or a foot with a wider opening."
                : "A foot with a wider opening, or the needle nearer to the middle."
        );
    }

    public override string Wants(Combination c) =>
        c.Foot is { Is.Opening: null } ? "the foot's needle opening"
        : c.Needle is { Is.Blade: null } ? "the needle's size"
        : "the machine's plate opening";
}
