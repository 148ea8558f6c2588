namespace ZephyrReach.Core.Swatches.PullUp;

/// <summary>
/// A way in which the machine makes the fullness, with what is believed of it before any sample: a normal-inverse-gamma
/// prior over the weights of <see cref="PullUpSettings.Features"/>.
/// </summary>
/// <param name="Name">Its name in the API.</param>
/// <param name="Means">The prior mean of each weight, in the order of the features.</param>
/// <param name="Deviations">Their standard deviations, in units of σ; so V is their squares on the diagonal.</param>
/// <param name="Knobs">The settings that can be turned to learn more.</param>
public sealed record PullUpFamily(
    string Name,
    IReadOnlyList<double> Means,
    IReadOnlyList<double> Deviations,
    Knobs Knobs
)
{
    /// <summary>The shape of the prior of σ².</summary>
    public const double A = 3;

    /// <summary>The scale of the prior of σ²: its mean, b/(a − 1), is 0.004, a deviation of about 6 %.</summary>
    public const double B = 0.008;

    public static PullUpFamily GatheringFoot { get; } =
        new(
            "gathering-foot",
            [0.45, 0.45, 0.08, 0.35, 0, -0.25, 0, 0],
            [4, 3, 1, 3, 0.2, 2.5, 0.2, 0.2],
            Knobs.Stitch | Knobs.Tension | Knobs.Passes
        );

    public static PullUpFamily Overlock { get; } =
        new(
            "overlock",
            [0.15, 0.20, 0.05, 0.25, 0.50, -0.20, 0, 0],
            [4, 2, 0.8, 3, 3, 2, 0.2, 0.2],
            Knobs.Stitch | Knobs.Tension | Knobs.Passes | Knobs.Differential
        );

    public static PullUpFamily Elastic { get; } =
        new(
            "elastic",
            [0.55, 0.35, 0.06, 0.10, 0, -0.35, 0.10, 0.50],
            [4.5, 3, 1, 2, 0.2, 3, 2, 3],
            Knobs.Stitch | Knobs.Tension | Knobs.Steam
        );

    public static IReadOnlyList<PullUpFamily> All { get; } = [GatheringFoot, Overlock, Elastic];
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
}
