namespace ZephyrReach.Core.Supplies;

/// <summary>What she sews with unless she says otherwise: a new part begins with it.</summary>
public static class UsualThings
{
    /// <summary>The property that says so of a thing.</summary>
    public const string FieldName = "usual";

    /// <summary>Of which kinds of things one is the usual one. A machine is “mine”, and taken where it can do the work.</summary>
    public static IReadOnlyList<string> Kinds { get; } = ["thread", "cloth"];

    /// <summary>Of which kinds a part of a technique begins with the usual one: fabric always, else what it uses.</summary>
    public static IEnumerable<string> For(IReadOnlyList<string> uses) =>
        Kinds.Where(k => k == "cloth" || uses.Contains(k));
}
