using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Swatches.PullUp;

/// <summary>A setting that fullness is plotted against.</summary>
/// <param name="Name">Its name among the settings of the API.</param>
/// <param name="Label">What stands below the plot.</param>
/// <param name="Unit">mm, or empty.</param>
/// <param name="Least">The plot reaches at least from here.</param>
/// <param name="Most">To here.</param>
/// <param name="Of">The figure of a setting.</param>
/// <param name="With">Settings with another figure.</param>
public sealed record Axis(
    string Name,
    string Label,
    string Unit,
    double Least,
    double Most,
    Func<PullUpSettings, double> Of,
    Func<PullUpSettings, double, PullUpSettings> With
)
{
    public static IReadOnlyList<Axis> All { get; } =
    [
        new(
            "stitchLength",
            "stitch length",
            "mm",
            2,
            5,
            s => s.StitchLength.Millimetres,
            (s, x) => s with { StitchLength = Length.FromMillimetres(x) }
        ),
        new(
            "tensionSteps",
            "tension, steps from normal",
            "",
            -2,
            3,
            s => s.TensionSteps,
            (s, x) => s with { TensionSteps = x }
        ),
        new("passes", "passes", "", 1, 3, s => s.Passes, (s, x) => s with { Passes = x }),
    ];

    /// <summary>The range that a plot has to show: the usual one, and whatever was set.</summary>
    public (double From, double To) Range(IEnumerable<PullUpSettings> set)
    {
        var (from, to) = (Least, Most);
        foreach (var settings in set)
        {
            from = Math.Min(from, Of(settings));
            to = Math.Max(to, Of(settings));
        }
        return (from, to);
    }

    /// <summary>The predicted band along this axis, all else as planned.</summary>
    /// <param name="points">How many places, at least 2; whole passes only where passes are plotted.</param>
    public IReadOnlyList<(double X, Prediction Prediction)> Band(
        PullUpModel model,
        PullUpSettings planned,
        double from,
        double to,
        int points = 25
    ) =>
        [
            .. Enumerable
                .Range(0, points)
                .Select(i => from + (to - from) * i / (points - 1))
                .Select(x => (x, model.Predict(With(planned, x)))),
        ];
}
