using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>The needle has to clear the foot all through its swing.</summary>
/// <remarks>
/// Half the stitch, half the blade and 0.3 mm of air against half the opening; off centre, against the nearer side. What was
/// tried outranks this.
/// </remarks>
internal sealed class Strike : FitRule
{
    /// <summary>The air that has to be left on the nearer side.</summary>
    internal static readonly Length Air = Length.FromMillimetres(0.3);

    public override string Code => "strike";
    public override string Checks =>
        "Whether the needle clears the foot: half the stitch, half the needle and 0.3 mm against half the opening.";
    public override Severity Gravest => Severity.Stop;

    public override Sight Look(Combination c)
    {
        if (c.Foot is not { Is: var foot })
        {
            return Sight.NotAsked;
        }
        if (c.Note is { } note)
        {
            return note.Clears ? Sight.Well : Sight.Stop;
        }
        if (foot.Opening is not { } opening)
        {
            return Sight.Unknown;
        }
        if (c.Needle is not { Is: var needle })
        {
            return Sight.NotAsked;
        }
        return needle.Blade is not { } blade ? Sight.Unknown
            : Say.Over(Reach(c, blade), opening / 2) ? Sight.Stop
            : Sight.Well;
    }

    public override Finding Explain(Combination c)
    {
        if (c.Note is { Clears: false } note)
        {
            return Stop(
                $"{Say.Name(c.Foot!)} was tried on {Say.Name(c.Machine!)}, and the needle strikes it.",
                $"Noted on {note.On:d MMMM yyyy}; what was tried counts for more than any sum.",
                "Take another foot, or a narrower stitch and turn the wheel by hand before you write that down."
            );
        }
        var blade = c.Needle!.Is.Blade!.Value;
        var opening = c.Foot!.Is.Opening!.Value;
        var widest = opening - blade - 2 * Air - 2 * c.Sewing.Offset;
        return Stop(
            $"The needle would strike {Say.Name(c.Foot)}.",
            $"It reaches {Say.Mm(Reach(c, blade))} from the middle with its {Say.Mm(Air)} of air, and the opening ends at {Say.Mm(opening / 2)}.",
            widest >= Length.Zero
                ? $"At most {Say.Mm(widest)} wide here; or a foot with a wider opening."
                : "A foot with a wider opening, or the needle nearer to the middle."
        );
    }

    public override string Wants(Combination c) =>
        c.Foot!.Is.Opening is null ? "the foot's needle opening" : "the needle's size";

    private static Length Reach(Combination c, Length blade) =>
        c.Sewing.Width / 2 + blade / 2 + Air + c.Sewing.Offset;
}
