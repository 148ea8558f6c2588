namespace ZephyrReach.Core.Faults;

/// <summary>What may be behind a symptom.</summary>
/// <param name="Name">Its name in the API.</param>
/// <param name="Says">What is wrong, in a sentence.</param>
/// <param name="Common">How often it is met beside others, before anything is known; above 0. Workshop rule.</param>
public sealed record Cause(string Name, string Says, double Common)
{
    /// <summary>The cards that it can be met with; empty for all of them.</summary>
    public IReadOnlyList<string> Techniques { get; private init; } = [];

    /// <summary>The symptoms that it makes, each with how often it does: above 0, below 1.</summary>
    public IReadOnlyDictionary<string, double> Makes { get; private init; } =
        new Dictionary<string, double>();

    /// <summary>What cures it, the surest for its minutes first.</summary>
    public IReadOnlyList<Cure> Cures { get; private init; } = [];

    /// <summary>What was set that makes it likelier, or less so.</summary>
    public IReadOnlyList<Bearing> Bearings { get; private init; } = [];

    /// <summary>Met only with these cards.</summary>
    public Cause With(params IReadOnlyList<string> techniques) =>
        this with
        {
            Techniques = techniques,
        };

    /// <summary>Makes a symptom so often.</summary>
    public Cause Shows(string symptom, double often) =>
        this with
        {
            Makes = new Dictionary<string, double>(Makes) { [symptom] = often },
        };

    /// <summary>Is cured so often by an attempt.</summary>
    /// <param name="because">Why that helps.</param>
    public Cause CuredBy(Attempt attempt, double often, string because) =>
        this with
        {
            Cures = [.. Cures, new Cure(attempt, often, because)],
        };

    /// <summary>So many times as likely where something was set.</summary>
    /// <param name="because">What was set, in a sentence that stands beside it; empty where it is less likely.</param>
    public Cause When(Func<SetUp, bool> isSet, double times, string because = "") =>
        this with
        {
            Bearings = [.. Bearings, new Bearing(isSet, times, because)],
        };

    /// <summary>Whether it can be met with a card; with any, where none is named.</summary>
    public bool IsMetWith(string? technique) =>
        technique is null || Techniques.Count == 0 || Techniques.Contains(technique);
}

/// <summary>An attempt that cures a cause so often, and why.</summary>
public sealed record Cure(Attempt Attempt, double Often, string Because);

/// <summary>How something that was set bears on a cause.</summary>
public sealed record Bearing(Func<SetUp, bool> IsSet, double Times, string Because);
