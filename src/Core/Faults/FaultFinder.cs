namespace ZephyrReach.Core.Faults;

/// <summary>What an attempt did.</summary>
public enum TryResult
{
    Gone,
    Better,
    Same,
    Worse,
}

/// <summary>An attempt and what it did.</summary>
public sealed record AttemptMade(string Attempt, TryResult Result);

/// <summary>What may be behind what is seen: one cause, or two together.</summary>
/// <param name="Causes">One or two.</param>
/// <param name="Probability">Given what is seen, what was set and what was tried; above 0, at most 1.</param>
/// <param name="Because">What speaks for it, in a sentence.</param>
public sealed record Suspicion(IReadOnlyList<Cause> Causes, double Probability, string Because);

/// <summary>The one thing to try next.</summary>
/// <param name="Cures">How likely it is to cure, 0 to 1.</param>
public sealed record NextTry(Attempt Attempt, string Because, double Cures);

/// <summary>What was found.</summary>
/// <param name="Suspicions">The likeliest first; what is left to 1 is something that is not in the book.</param>
/// <param name="Next">Null where nothing is left that is worth trying.</param>
public sealed record Found(IReadOnlyList<Suspicion> Suspicions, NextTry? Next)
{
    /// <summary>How likely it is something that is not in the book.</summary>
    public double Unknown => Math.Max(0, 1 - Suspicions.Sum(s => s.Probability));
}

/// <summary>
/// Reckons what is behind symptoms by Bayes’ rule, over single causes and pairs of them, and what to try next: what cures most for its
/// minutes.
/// </summary>
/// <remarks>
/// A symptom is there if any of its causes makes it, or by chance: a noisy or. One that is not named speaks against a cause only a
/// little, since not everything is looked at. For a single fault, trying in the order of chance over cost is what takes least time
/// (Heckerman, Breese and Rommelse, 1995); with pairs it is a good rule still.
/// </remarks>
public static class FaultFinder
{
    /// <summary>A symptom that no cause makes is seen so often all the same.</summary>
    private const double ByChance = 0.005;

    /// <summary>How much a symptom counts that was not named.</summary>
    private const double Unnamed = 0.3;

    /// <summary>So often a try is judged wrongly.</summary>
    private const double Misjudged = 0.1;

    /// <summary>Beside each other, two causes are so much rarer than chance alone would have it, since who looks mends the first.</summary>
    private const double Together = 0.6;

    /// <summary>What is behind it is not in the book so often, beside all causes in it.</summary>
    private const double NotInBook = 2;

    /// <summary>Of so many causes pairs are thought of.</summary>
    private const int Paired = 10;

    /// <summary>Less is not worth trying.</summary>
    private const double Least = 0.02;

    /// <summary>To begin any try takes so long, in minutes.</summary>
    private const double Begun = 2;

    /// <summary>With a hand at the needle it counts so much longer: what is safe comes first.</summary>
    private const double AtNeedle = 1.25;

    /// <summary>What a cause that cured before counts, beside how common it is by the book.</summary>
    private const double CuredBefore = 4;

    /// <summary>Finds what is behind symptoms.</summary>
    /// <param name="symptoms">What is seen, by name; at least one.</param>
    /// <param name="setUp">What was set, as far as it is known.</param>
    /// <param name="tried">What was tried already, in its order.</param>
    /// <param name="cured">How often each cause was what was cured before, by its name; older ones count for less.</param>
    public static Found Find(
        IReadOnlyList<string> symptoms,
        SetUp setUp,
        IReadOnlyList<AttemptMade> tried,
        IReadOnlyDictionary<string, double>? cured = null
    )
    {
        var hypotheses = Hypotheses(
            symptoms,
            setUp,
            tried,
            cured ?? new Dictionary<string, double>()
        );
        return new(
            [
                .. hypotheses
                    .Where(h => h.Causes.Count > 0)
                    .OrderByDescending(h => h.Weight)
                    .Select(h => new Suspicion(h.Causes, h.Weight, Why(h.Causes, symptoms, setUp))),
            ],
            Next(hypotheses, symptoms, tried)
        );
    }

    private readonly record struct Hypothesis(IReadOnlyList<Cause> Causes, double Weight);

    private static List<Hypothesis> Hypotheses(
        IReadOnlyList<string> symptoms,
        SetUp setUp,
        IReadOnlyList<AttemptMade> tried,
        IReadOnlyDictionary<string, double> cured
    )
    {
        var known = FaultBook.Causes.Where(c => c.IsMetWith(setUp.Technique)).ToList();
        var sum = known.Sum(c => Common(c, setUp, cured)) + NotInBook;
        double Prior(Cause c) => Common(c, setUp, cured) / sum;
        double Seen(params IReadOnlyList<Cause> causes) =>
            Likelihood(causes, symptoms) * tried.Aggregate(1.0, (p, t) => p * Answered(causes, t));
        var singles = known.Select(c => new Hypothesis([c], Prior(c) * Seen(c))).ToList();
        var likely = singles
            .Where(h => h.Causes[0].Makes.Keys.Any(symptoms.Contains))
            .OrderByDescending(h => Prior(h.Causes[0]) * Likelihood(h.Causes, symptoms))
            .Take(Paired)
            .Select(h => h.Causes[0])
            .ToList();
        List<Hypothesis> all =
        [
            .. singles,
            .. likely.SelectMany(
                (a, i) =>
                    likely
                        .Skip(i + 1)
                        .Select(b => new Hypothesis(
                            [a, b],
                            Together * Prior(a) * Prior(b) * Seen(a, b)
                        ))
            ),
            new([], NotInBook / sum * Math.Pow(0.1, symptoms.Count) * Seen()),
        ];
        var whole = all.Sum(h => h.Weight);
        return
        [
            .. all.Select(h => h with { Weight = h.Weight / whole }).Where(h => h.Weight > 1e-6),
        ];
    }

    private static double Common(
        Cause cause,
        SetUp setUp,
        IReadOnlyDictionary<string, double> cured
    ) =>
        cause.Bearings.Where(b => b.IsSet(setUp)).Aggregate(cause.Common, (p, b) => p * b.Times)
        + CuredBefore * cured.GetValueOrDefault(cause.Name);

    /// <summary>How likely just these symptoms are. Of nothing that is in the book: each by chance.</summary>
    private static double Likelihood(IReadOnlyList<Cause> causes, IReadOnlyList<string> symptoms)
    {
        var likely = symptoms.Aggregate(
            1.0,
            (p, s) =>
                p * (1 - (1 - ByChance) * causes.Aggregate(1.0, (q, c) => q * (1 - Often(c, s))))
        );
        return causes
            .SelectMany(c => c.Makes)
            .Where(m => !symptoms.Contains(m.Key))
            .Aggregate(causes.Count == 0 ? 1 : likely, (p, m) => p * (1 - Unnamed * m.Value));
    }

    private static double Often(Cause cause, string symptom) =>
        cause.Makes.GetValueOrDefault(symptom);

    private static double CureOf(Cause cause, string attempt) =>
        cause.Cures.FirstOrDefault(c => c.Attempt.Name == attempt)?.Often ?? 0;

    /// <summary>How likely that answer is: of two causes one may be cured and the other not, which is better.</summary>
    private static double Answered(IReadOnlyList<Cause> causes, AttemptMade tried)
    {
        var (all, some) = Cured(causes, tried.Attempt);
        var none = 1 - all - some;
        var so = tried.Result switch
        {
            TryResult.Gone => all,
            TryResult.Better => some + 0.1 * none,
            TryResult.Worse => 0.05 * none,
            _ => 0.85 * none,
        };
        return (1 - Misjudged) * so + Misjudged / 4;
    }

    /// <summary>How likely an attempt cures all that is behind it, and how likely only one of two.</summary>
    private static (double All, double Some) Cured(IReadOnlyList<Cause> causes, string attempt)
    {
        if (causes.Count == 0)
        {
            return (0, 0);
        }
        var first = CureOf(causes[0], attempt);
        if (causes.Count == 1)
        {
            return (first, 0);
        }
        var second = CureOf(causes[1], attempt);
        return (first * second, first + second - 2 * first * second);
    }

    /// <summary>What cures most for its minutes; half of a cure counts where one of two causes goes.</summary>
    private static NextTry? Next(
        List<Hypothesis> hypotheses,
        IReadOnlyList<string> symptoms,
        IReadOnlyList<AttemptMade> tried
    )
    {
        // Only what cures something that shows so.
        var best = FaultBook
            .Causes.Where(c => symptoms.Any(c.Makes.ContainsKey))
            .SelectMany(c => c.Cures)
            .Select(c => c.Attempt)
            .Distinct()
            .Where(a => tried.Count(t => t.Attempt == a.Name && t.Result != TryResult.Better) < 2)
            .Select(a =>
            {
                var gain = hypotheses.Sum(h =>
                    Cured(h.Causes, a.Name) is var (all, some) ? h.Weight * (all + some / 2) : 0
                );
                return (
                    Attempt: a,
                    Gain: gain,
                    Worth: gain / ((a.Minutes + Begun) * (a.AtNeedle ? AtNeedle : 1))
                );
            })
            .Where(a => a.Gain >= Least)
            .OrderByDescending(a => a.Worth)
            .ThenBy(a => a.Attempt.Name, StringComparer.Ordinal)
            .FirstOrDefault();
        if (best.Attempt is null)
        {
            return null;
        }
        var because = hypotheses
            .Where(h => h.Causes.Count > 0)
            .SelectMany(h => h.Causes.Select(c => (Cause: c, h.Weight)))
            .SelectMany(c => c.Cause.Cures.Select(cure => (cure, Worth: c.Weight * cure.Often)))
            .Where(c => c.cure.Attempt.Name == best.Attempt.Name)
            .GroupBy(c => c.cure.Because)
            .MaxBy(g => g.Sum(c => c.Worth))!
            .Key;
        return new(best.Attempt, because, best.Gain);
    }

    /// <summary>What was set that speaks for it; else how often it makes what is seen.</summary>
    private static string Why(
        IReadOnlyList<Cause> causes,
        IReadOnlyList<string> symptoms,
        SetUp setUp
    )
    {
        var set = causes
            .SelectMany(c => c.Bearings)
            .FirstOrDefault(b => b.Times > 1 && b.Because.Length > 0 && b.IsSet(setUp));
        if (set is not null)
        {
            return set.Because;
        }
        var shown = symptoms.Where(s => causes.Any(c => c.Makes.ContainsKey(s))).ToList();
        var says = string.Join(" and ", shown.Select(s => $"“{FaultBook.Named(s)?.Says ?? s}”"));
        if (shown.Count == 0)
        {
            return "It hardly shows so.";
        }
        var often = causes.Max(c => shown.Max(s => Often(c, s)));
        return often switch
        {
            >= 0.8 => $"It nearly always shows as {says}.",
            >= 0.5 => $"It often shows as {says}.",
            _ => $"It sometimes shows as {says}.",
        };
    }
}
