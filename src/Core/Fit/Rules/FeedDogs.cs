using ZephyrReach.Core.Findings;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>For free-motion work the feed dogs have to be out of the way.</summary>
internal sealed class FeedDogs : FitRule
{
    public override string Code => "feed-dogs";
    public override string Checks =>
        "Whether the feed dogs lower or can be covered, where they must be out of the way.";
    public override Severity Gravest => Severity.Stop;

    public override RuleOutcome Evaluate(Combination c) =>
        c.Machine is not { Is: var machine } || !c.Sewing.FeedDogsDown
            ? RuleOutcome.NotAsked
            : machine.FeedDogs switch
            {
                null => RuleOutcome.Unknown,
                "neither" => RuleOutcome.Stop,
                _ => RuleOutcome.Well,
            };

    public override Finding Explain(Combination c) =>
        Stop(
            $"The feed dogs of {Say.Name(c.Machine!)} neither lower nor can they be covered.",
            "They would pull the fabric their own way while your hands guide it another.",
            "Use another machine; or tape a card with a hole over them and set the stitch length to 0."
        );

    public override string Wants(Combination c) => "whether the feed dogs lower";
}
