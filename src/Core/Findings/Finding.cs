namespace ZephyrReach.Core.Findings;

/// <summary>How grave a finding is.</summary>
public enum Severity
{
    /// <summary>Worth knowing.</summary>
    Note,

    /// <summary>It will work, if this is taken care of.</summary>
    Care,

    /// <summary>Sewn like this it will fail or do harm.</summary>
    Stop,
}

/// <summary>What a remedy changes, so that one press does it.</summary>
/// <param name="Field">The field of the ask, or the kind of thing that is chosen from the drawer.</param>
/// <param name="Value">What it is set to, as it is typed; or the id of the thing.</param>
public sealed record Cure(string Field, string Value);

/// <summary>Something noticed in an ask or a swatch.</summary>
/// <param name="Code">Names the kind of finding, such as <c>row-off-edge</c>.</param>
/// <param name="Severity">How grave it is.</param>
/// <param name="Says">What was noticed, in a sentence with its figures.</param>
/// <param name="Because">Why it matters.</param>
/// <param name="Remedy">What to do about it.</param>
public sealed record Finding(
    string Code,
    Severity Severity,
    string Says,
    string Because,
    string Remedy
)
{
    /// <summary>What the remedy changes; null where it names no figure, or where a hand has to do it.</summary>
    public Cure? Cure { get; init; }

    /// <summary>Worth knowing.</summary>
    public static Finding Note(
        string code,
        string says,
        string because,
        string remedy,
        Cure? cure = null
    ) => new(code, Severity.Note, says, because, remedy) { Cure = cure };

    /// <summary>It will work, if this is taken care of.</summary>
    public static Finding Care(
        string code,
        string says,
        string because,
        string remedy,
        Cure? cure = null
    ) => new(code, Severity.Care, says, because, remedy) { Cure = cure };

    /// <summary>Sewn like this it will fail or do harm.</summary>
    public static Finding Stop(
        string code,
        string says,
        string because,
        string remedy,
        Cure? cure = null
    ) => new(code, Severity.Stop, says, because, remedy) { Cure = cure };

    /// <summary>What was noticed with the gravest first; of those alike in the order in which they were noticed.</summary>
    public static IReadOnlyList<Finding> GravestFirst(IReadOnlyList<Finding> noticed) =>
        noticed.Count > 1 ? [.. noticed.OrderByDescending(f => f.Severity)] : noticed;
}
