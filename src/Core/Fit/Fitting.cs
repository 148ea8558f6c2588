using ZephyrReach.Core.Findings;

namespace ZephyrReach.Core.Fit;

/// <summary>Whether things go together.</summary>
public enum Verdict
{
    Yes,
    YesBut,
    No,
}

/// <summary>What a rule could not look at, and what it would need to know.</summary>
public sealed record Unchecked(string Code, string Says);

/// <summary>Whether a combination works, and why not.</summary>
/// <param name="Findings">Stops, then cares.</param>
/// <param name="Unchecked">What could not be checked: never a silent pass.</param>
/// <param name="Tried">The drawer's note that counts here.</param>
public sealed record Fitting(
    Verdict Verdict,
    IReadOnlyList<Finding> Findings,
    IReadOnlyList<Unchecked> Unchecked,
    TriedNote? Tried
)
{
    /// <summary>Every rule, in the order of their codes.</summary>
    public static IReadOnlyList<FitRule> Rules { get; } =
    [
        .. typeof(FitRule)
            .Assembly.GetTypes()
            .Where(t => t.IsSubclassOf(typeof(FitRule)) && !t.IsAbstract)
            .Select(t => (FitRule)Activator.CreateInstance(t)!)
            .OrderByDescending(r => r.Gravest)
            .ThenBy(r => r.Code, StringComparer.Ordinal),
    ];

    /// <summary>
    /// Looks at a combination with every rule. The hand-wheel check and a pair that was not tried yet are said, and take
    /// nothing from a yes; what could not be checked makes it a yes, but.
    /// </summary>
    public static Fitting Of(Combination c)
    {
        List<Finding> findings = [];
        List<Unchecked> unseen = [];
        var verdict = Verdict.Yes;
        foreach (var rule in Rules)
        {
            var sight = rule.Evaluate(c);
            verdict = Worse(verdict, rule, sight);
            if (sight is RuleOutcome.Care or RuleOutcome.Stop)
            {
                findings.Add(rule.Explain(c));
            }
            else if (sight == RuleOutcome.Unknown)
            {
                unseen.Add(
                    new Unchecked(rule.Code, $"Could not check: {rule.Wants(c)} is not known.")
                );
            }
        }
        return new Fitting(verdict, Finding.GravestFirst(findings), unseen, c.Note);
    }

    /// <summary>Only whether it works, and which rules have something to say: for a chart of thousands.</summary>
    public static (Verdict Verdict, IReadOnlyList<string> Codes) Glance(Combination c)
    {
        var verdict = Verdict.Yes;
        List<string>? codes = null;
        foreach (var rule in Rules)
        {
            var sight = rule.Evaluate(c);
            var worse = Worse(verdict, rule, sight);
            if (Worse(Verdict.Yes, rule, sight) != Verdict.Yes)
            {
                (codes ??= []).Add(rule.Code);
            }
            verdict = worse;
        }
        return (verdict, codes ?? (IReadOnlyList<string>)[]);
    }

    private static Verdict Worse(Verdict so, FitRule rule, RuleOutcome sight)
    {
        var says = sight switch
        {
            RuleOutcome.Stop => Verdict.No,
            RuleOutcome.Care when rule.Code is not ("hand-wheel" or "untried") => Verdict.YesBut,
            RuleOutcome.Unknown => Verdict.YesBut,
            _ => Verdict.Yes,
        };
        return says > so ? says : so;
    }
}
