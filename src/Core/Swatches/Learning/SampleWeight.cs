using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Swatches.Learning;

/// <summary>How much a sample counts, as every family asks it alike.</summary>
internal static class SampleWeight
{
    private static readonly FlagField SameField = new FlagField(
        "same",
        "Same fabric and foot",
        true
    ).Help("Another counts half.");

    private static readonly FlagField CountsField = new FlagField("counts", "Counts", true).Help(
        "Whether it is learnt from."
    );

    private static readonly FlagField SimulatedField = new FlagField("simulated", "Simulated").Help(
        "Whether it was read off a simulated machine, and never sewn."
    );

    /// <summary>The fields that say it.</summary>
    public static IReadOnlyList<Field> Fields { get; } = [SameField, CountsField, SimulatedField];

    /// <summary>Whether it was never sewn.</summary>
    public static bool IsSimulated(InputReader sample) => sample.Flag(SimulatedField);

    /// <summary>Whether it is of the very cloth and foot, and whether it is learnt from; yes to both where nothing is entered.</summary>
    public static (bool Same, bool Counts) Read(InputReader sample) =>
        (sample.OptionalFlag(SameField) ?? true, sample.OptionalFlag(CountsField) ?? true);

    /// <summary>1, ½ for another cloth or foot, 0 where it is left out.</summary>
    public static double Of(bool same, bool counts) =>
        !counts ? 0
        : same ? 1
        : 0.5;
}
