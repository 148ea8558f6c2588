using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Fullness.PullUp;

/// <summary>A setting that fullness is plotted against.</summary>
/// <param name="Name">Its name among the settings of the API.</param>
/// <param name="Label">What stands below the plot.</param>
/// <param name="Unit">mm, or empty.</param>
/// <param name="Least">The plot reaches at least from here.</param>
/// <param name="Most">To here.</param>
/// <param name="Step">From tick to tick.</param>
/// <param name="Knob">The knob that it is the figure of.</param>
/// <param name="Of">The figure of a setting.</param>
/// <param name="With">Settings with another figure.</param>
public sealed record Axis(
    string Name,
    string Label,
    string Unit,
    double Least,
    double Most,
    double Step,
    Knobs Knob,
    Func<PullUpSettings, double> Of,
    Func<PullUpSettings, double, PullUpSettings> With
)
{
    /// <summary>Whether settings say it at all.</summary>
    public Func<PullUpSettings, bool> IsSet { get; private init; } = _ => true;

    public static IReadOnlyList<Axis> All { get; } =
    [
        new(
            "stitchLength",
            "stitch length",
            "mm",
            2,
            5,
            0.5,
            Knobs.Stitch,
            s => s.StitchLength.Millimetres,
            (s, x) => s with { StitchLength = Length.FromMillimetres(x) }
        ),
        new(
            "tensionSteps",
            "tension, steps from normal",
            "",
            -2,
            3,
            1,
            Knobs.Tension,
            s => s.TensionSteps,
            (s, x) => s with { TensionSteps = x }
        ),
        new(
            "passes",
            "passes",
            "",
            1,
            3,
            1,
            Knobs.Passes,
            s => s.Passes,
            (s, x) => s with { Passes = x }
        ),
        new(
            "elasticDiameter",
            "elastic",
            "mm",
            0.4,
            1.2,
            0.2,
            Knobs.Steam,
            s => s.ElasticDiameter?.Millimetres ?? 0.6,
            (s, x) => s with { ElasticDiameter = Length.FromMillimetres(x) }
        )
        {
            IsSet = s => s.ElasticDiameter is not null,
        },
        new(
            "screwTurns",
            "set screw, turns",
            "",
            -2,
            2,
            1,
            Knobs.Screw,
            s => s.ScrewTurns ?? 0,
            (s, x) => s with { ScrewTurns = x }
        )
        {
            IsSet = s => s.ScrewTurns is not null,
        },
    ];

    /// <summary>The axis over the range that a plot has to show: the usual one, and whatever was set.</summary>
    public PlotAxis Over(IReadOnlyList<PullUpSettings> set) =>
        new(Name, Label, Unit, Math.Min(Least, set.Min(Of)), Math.Max(Most, set.Max(Of)), Step);

    public static Axis Named(PlotAxis axis) => All.First(a => a.Name == axis.Name);
}
