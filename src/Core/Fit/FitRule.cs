using ZephyrReach.Core.Findings;

namespace ZephyrReach.Core.Fit;

/// <summary>How a rule sees a combination.</summary>
public enum RuleOutcome
{
    /// <summary>It has nothing to say here.</summary>
    NotAsked,

    /// <summary>It looked, and all is well.</summary>
    Well,

    /// <summary>Something it needs to know is not known.</summary>
    Unknown,

    /// <summary>Take care.</summary>
    Care,

    /// <summary>Sewn like this it will fail or do harm.</summary>
    Stop,
}

/// <summary>
/// One rule of what fits what. A rule is one file in <c>Fit/Rules</c>; it is found there by itself, and nothing else
/// knows the list.
/// </summary>
public abstract class FitRule
{
    /// <summary>Its name in the API, such as <c>strike</c>.</summary>
    public abstract string Code { get; }

    /// <summary>What it looks at, in a sentence for the overview.</summary>
    public abstract string Checks { get; }

    /// <summary>The gravest it can say.</summary>
    public abstract Severity Gravest { get; }

    /// <summary>Looks at a combination. Cheap: a chart asks thousands of times.</summary>
    public abstract RuleOutcome Evaluate(Combination c);

    /// <summary>What it has to say of a combination that it saw with care or that it stops.</summary>
    public abstract Finding Explain(Combination c);

    /// <summary>What it would need to know, such as <c>the foot's needle opening</c>.</summary>
    public virtual string Wants(Combination c) => "";

    protected Finding Stop(string says, string because, string remedy) =>
        Finding.Stop(Code, says, because, remedy);

    protected Finding Care(string says, string because, string remedy) =>
        Finding.Care(Code, says, because, remedy);
}
