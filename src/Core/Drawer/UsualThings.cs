namespace ZephyrReach.Core.Drawer;

/// <summary>What she sews with unless she says otherwise: a new part begins with it.</summary>
public static class UsualThings
{
    /// <summary>The property that says so of a thing.</summary>
    public const string FieldName = "usual";

    /// <summary>Of which kinds of things one is the usual one. A machine is “mine”, and taken where it can do the work.</summary>
    public static IReadOnlyList<string> Kinds { get; } = ["thread", "cloth"];
}
