using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Fullness.PullUp;

/// <summary>A way in which the machine makes the fullness: ln(flat/gathered) = x·β + ε, x the features of <see cref="PullUpSettings"/>.</summary>
/// <param name="Prior">What is believed of it before any sample.</param>
/// <param name="Knobs">The settings that can be turned to learn more.</param>
public sealed record PullUpFamily(Family Prior, Knobs Knobs)
{
    private static readonly string[] Features =
    [
        "1",
        "ln(stitchLength/3)",
        "tensionSteps",
        "passes − 1",
        "differential − 1",
        "ln(clothWeight/120)",
        "steamed",
        "ln(elasticDiameter/0.6)",
        "screwTurns",
        "heldBack",
    ];

    /// <summary>What a foot without a set screw, and a hand that keeps off, leave as it is.</summary>
    private static readonly double[] NoHand = [0, 0];

    private static readonly double[] HardlyAny = [0.2, 0.2];

    /// <summary>Its name in the API.</summary>
    public string Name => Prior.Name;

    public static PullUpFamily GatheringFoot { get; } =
        Of(
            "gathering-foot",
            // A turn of the screw about as much as a step of tension; a finger behind the foot a fifth: workshop rules.
            [0.45, 0.45, 0.08, 0.35, 0, -0.25, 0, 0, 0.08, 0.20],
            [4, 3, 1, 3, 0.2, 2.5, 0.2, 0.2, 1, 2.5],
            Knobs.Stitch | Knobs.Tension | Knobs.Passes | Knobs.Screw | Knobs.HoldingBack
        );

    public static PullUpFamily Overlock { get; } =
        Of(
            "overlock",
            [0.15, 0.20, 0.05, 0.25, 0.50, -0.20, 0, 0, .. NoHand],
            [4, 2, 0.8, 3, 3, 2, 0.2, 0.2, .. HardlyAny],
            Knobs.Stitch | Knobs.Tension | Knobs.Passes | Knobs.Differential
        );

    public static PullUpFamily Elastic { get; } =
        Of(
            "elastic",
            [0.55, 0.35, 0.06, 0.10, 0, -0.35, 0.10, 0.50, .. NoHand],
            [4.5, 3, 1, 2, 0.2, 3, 2, 3, .. HardlyAny],
            Knobs.Stitch | Knobs.Tension | Knobs.Steam
        );

    /// <summary>
    /// Elastic in the looper of an overlocker. Begun from elastic in a bobbin; a chain and a differential feed draw up more:
    /// a strip of jersey went from 54 in to 21 at the highest differential (workshop figure, to be learnt from swatches).
    /// </summary>
    public static PullUpFamily ElasticInLooper { get; } =
        Of(
            "elastic-looper",
            [0.60, 0.35, 0.06, 0.10, 0.20, -0.35, 0.10, 0.50, .. NoHand],
            [4.5, 3, 1, 2, 3, 3, 2, 3, .. HardlyAny],
            Knobs.Stitch | Knobs.Tension | Knobs.Differential | Knobs.Steam
        );

    public static IReadOnlyList<PullUpFamily> All { get; } =
    [GatheringFoot, Overlock, Elastic, ElasticInLooper];

    /// <summary>Whether elastic draws it up, which steam shortens once more.</summary>
    public bool IsElastic => Knobs.HasFlag(Knobs.Steam);

    // The mean of σ² before any sample, b/(a − 1), is 0.004: a deviation of about 6 %.
    private static PullUpFamily Of(string name, double[] means, double[] deviations, Knobs knobs) =>
        new(
            new Family(
                name,
                [.. Features.Select((f, i) => new Weight(f, means[i], deviations[i]))],
                3,
                0.008
            ),
            knobs
        );
}

/// <summary>What can be turned on a machine to change how much it draws up.</summary>
[Flags]
public enum Knobs
{
    Stitch = 1,
    Tension = 2,
    Passes = 4,
    Differential = 8,
    Steam = 16,
    Screw = 32,
    HoldingBack = 64,
}
