using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Swatches;

namespace ZephyrReach.Core.Faults;

/// <summary>All that can be seen to be wrong, what is behind it, and what is tried.</summary>
/// <remarks>
/// How common a cause is, how often it shows and how often an attempt cures it are workshop rules: orders of size that a teacher of a
/// first course would give, not counts. What is found does not hang on their third part (<c>FaultFinderTests</c>), and what cured is
/// counted for each machine.
/// </remarks>
public static class FaultBook
{
    /// <summary>Every symptom, kin by kin.</summary>
    public static IReadOnlyList<Symptom> Symptoms { get; } =
    [
        .. StitchFaults.Symptoms,
        .. FabricFaults.Symptoms,
        .. GatherFaults.Symptoms,
        .. TuckFaults.Symptoms,
        .. LineFaults.Symptoms,
        .. EdgeFaults.Symptoms,
        .. HandFaults.Symptoms.Where(s => s.Kin == SymptomKin.Mending),
        .. HandFaults.Symptoms.Where(s => s.Kin == SymptomKin.FreeMotion),
        .. MachineFaults.Symptoms,
    ];

    /// <summary>Every cause.</summary>
    public static IReadOnlyList<Cause> Causes { get; } =
    [
        .. StitchFaults.Causes,
        .. FabricFaults.Causes,
        .. GatherFaults.Causes,
        .. PulledFaults.Causes,
        .. ElasticFaults.Causes,
        .. TuckFaults.Causes,
        .. LineFaults.Causes,
        .. EdgeFaults.Causes,
        .. HandFaults.Causes,
        .. MachineFaults.Causes,
    ];

    /// <summary>Everything that is tried, each once.</summary>
    public static IReadOnlyList<Attempt> Attempts { get; } =
    [.. Causes.SelectMany(c => c.Cures).Select(c => c.Attempt).Distinct()];

    private static readonly Look Right = new(
        new Choice("right", "looks good", "Keep these settings."),
        []
    );

    /// <summary>A symptom by its name; null where there is none.</summary>
    public static Symptom? Named(string name) => Symptoms.FirstOrDefault(s => s.Name == name);

    /// <summary>The symptoms that can be met with a card; all of them, where none is named.</summary>
    public static IEnumerable<Symptom> MetWith(string? technique) =>
        Symptoms.Where(s => Causes.Any(c => c.IsMetWith(technique) && c.Makes.ContainsKey(s.Name)));

    /// <summary>What is looked for on a swatch of a technique, and what to try for each: what is behind it oftenest comes first.</summary>
    /// <param name="technique">The name of its card.</param>
    /// <param name="symptoms">What is looked for, in its order.</param>
    public static IReadOnlyList<Look> LooksOf(
        string technique,
        params IReadOnlyList<string> symptoms
    ) => [Right, .. symptoms.Select(s => LookOf(technique, Named(s)!))];

    private static Look LookOf(string technique, Symptom symptom) =>
        new(
            new Choice(symptom.Name, symptom.Says, symptom.Shows),
            [
                .. Checklist(technique, symptom.Name)
                    .Select(c => new Remedy(c.Attempt.Name, c.Attempt.Says, c.Because)),
            ]
        );

    /// <summary>What is tried for a symptom, one after another, whatever was set: by how common what it cures is.</summary>
    public static IEnumerable<Cure> Checklist(string? technique, string symptom) =>
        Causes
            .Where(c => c.IsMetWith(technique) && c.Makes.ContainsKey(symptom))
            .OrderByDescending(c => c.Common * c.Makes[symptom] * (c.Techniques.Count > 0 ? 3 : 1))
            .SelectMany(c => c.Cures)
            .DistinctBy(c => c.Attempt.Name);
}
