namespace ZephyrReach.Core.Craft.Fullness;

/// <summary>How the fields of a strip that a machine makes full are asked.</summary>
internal static class FullnessGroups
{
    public static FieldGroup Strip { get; } =
        new(Asking.First, "", "finishedEdge", "finishedDepth", "seamAllowance", "hemAllowance");

    public static FieldGroup Cloth { get; } =
        new(
            Asking.Folded,
            "Fabric",
            "clothWidth",
            "clothAtHand",
            "clothWeight",
            "clothThickness",
            "cut",
            "stripsAlong",
            "layers"
        );

    public static FieldGroup Joining { get; } =
        new(
            Asking.Folded,
            "Joining and seam allowances",
            "joinFlat",
            "trimAllowance",
            "joinAllowance",
            "endAllowance",
            "plainThickness",
            "tail"
        );

    /// <summary>The edge that a new piece still misses.</summary>
    public static FirstQuestion Edge { get; } =
        new(
            "finishedEdge",
            "How long is the edge?",
            "Measure the edge that it is sewn to, and type it as you would say it. What to cut stands here at once."
        );

    /// <summary>The third that is measured before the rest is sewn.</summary>
    public static Answers.StepMeasure Third { get; } =
        new("half-way", "measured", "What did the first third become, mark to mark?");
}
