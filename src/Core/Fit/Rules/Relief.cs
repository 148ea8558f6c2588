using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>What builds up under the foot has to pass beneath it.</summary>
internal sealed class Relief : FitRule
{
    public override string Code => "relief";
    public override string Checks =>
        "Whether a cord or a build-up of thread passes under the sole: no higher than its hollow or groove by more than a third.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c) =>
        // What runs beside a zipper foot does not pass under it.
        c.Foot
            is not { Is: var foot }
        || foot.Kind == FootKinds.Zipper
        || c.Sewing.BuildUp is not { } height
            ? RuleOutcome.NotAsked
        : Room(foot) is not { } room ? RuleOutcome.Unknown
        : Say.Over(height, room * (4 / 3d)) ? RuleOutcome.Stop
        : RuleOutcome.Well;

    public override Finding Explain(Combination c) =>
        Stop(
            $"{Say.Mm(c.Sewing.BuildUp!.Value)} does not pass under {Say.Name(c.Foot!)}.",
            $"Its sole leaves {Say.Mm(Room(c.Foot!.Is)!.Value)}; a third more can be squeezed through, and no more.",
            $"Take a foot that leaves at least {Say.Mm(c.Sewing.BuildUp.Value * 0.75)}, or something thinner."
        );

    public override string Wants(Combination c) => "the relief or the grooves of the foot";

    /// <summary>The higher of the sole's hollow and its grooves; null when neither is known.</summary>
    public static Length? Room(Foot foot) =>
        (foot.Relief, foot.GrooveWidth) switch
        {
            ({ } relief, { } groove) => Length.Max(relief, groove),
            ({ } relief, null) when !foot.HasGrooves => relief,
            (null, { } groove) => groove,
            _ => null,
        };
}
