using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Fullness.PullUp;

/// <summary>What measured samples say of a family's pull-up, in the words of fullness.</summary>
/// <remarks>A sample of another cloth or foot has half the weight, and one that is left out none.</remarks>
public sealed class PullUpModel
{
    private readonly Regression regression;
    private readonly IReadOnlyList<PullUpSample> samples;

    private PullUpModel(Regression regression, IReadOnlyList<PullUpSample> samples)
    {
        (this.regression, this.samples) = (regression, samples);
    }

    /// <summary>The weights of the features as they are now believed to be.</summary>
    public IReadOnlyList<double> Weights => regression.Weights;

    /// <summary>Learns from samples.</summary>
    public static PullUpModel From(PullUpFamily family, IReadOnlyList<PullUpSample> samples) =>
        new(
            new Regression(
                family.Prior,
                [
                    .. samples.Select(s => new Observation(
                        s.Settings.Features(),
                        Math.Log(s.Fullness),
                        s.Weight
                    )),
                ]
            ),
            samples
        );

    /// <summary>What a swatch sewn at these settings is likely to come to.</summary>
    public Prediction Predict(PullUpSettings at) => new(regression.At(at.Features()));

    /// <summary>How many times fuller steam likely makes it.</summary>
    public double Steam(PullUpSettings at) =>
        Math.Exp(
            Predict(at with { Steamed = true }).Location
                - Predict(at with { Steamed = false }).Location
        );

    /// <summary>By what part one more sample would lessen the variance of the prediction at the plan; see <see cref="Regression.Lessens"/>.</summary>
    public double Lessens(PullUpSettings next, PullUpSettings planned) =>
        regression.Lessens(next.Features(), planned.Features());

    /// <summary>What of these settings lies beyond all that was sewn, so that the model only supposes; empty where nothing does, or nothing was sewn.</summary>
    public string Beyond(PullUpSettings at)
    {
        var sewn = samples.Where(s => s.Counts).Select(s => s.Settings).ToList();
        return sewn.Count == 0 ? ""
            : at.Passes > sewn.Max(s => s.Passes) ? "more passes than were sewn so far"
            : at.TensionSteps > sewn.Max(s => s.TensionSteps) + 1
            || at.TensionSteps < sewn.Min(s => s.TensionSteps) - 1
                ? "a tension further off than was sewn so far"
            : at.HeldBack && sewn.All(s => !s.HeldBack) ? "nothing was held back so far"
            : "";
    }

    /// <summary>Each sample against what all the others predict for it.</summary>
    public IReadOnlyList<SampleResidual> Residuals() =>
        [
            .. samples.Zip(
                regression.Residuals(),
                (s, r) => new SampleResidual(s, Math.Exp(r.Expected), r.Deviations, r.IsOdd)
            ),
        ];
}

/// <summary>A sample against what the others predict for it.</summary>
/// <param name="Expected">The fullness that the others predict.</param>
/// <param name="Deviations">How far off it is, in standard deviations; fuller is above 0.</param>
public sealed record SampleResidual(
    PullUpSample Sample,
    double Expected,
    double Deviations,
    bool IsOdd
);

/// <summary>The fullness of the next piece: its logarithm is a Student t.</summary>
public readonly record struct Prediction(PredictiveDistribution Logarithm)
{
    /// <summary>No fullness above this is told; not below 1.</summary>
    public double Most
    {
        get => most ?? MostSewn;
        init => most = Math.Clamp(value, 1, MostSewn);
    }

    private readonly double? most;

    /// <summary>Beyond anything sewn: keeps every figure finite.</summary>
    private const double MostSewn = 1000;

    /// <summary>Whether the even chance lies above what is told.</summary>
    public bool IsBounded => Logarithm.Location > Math.Log(Most);

    /// <summary>The even chance; never below 1.</summary>
    public double Mid => AtLeastOne(Logarithm.Location);

    /// <summary>Nineteen in twenty are fuller than this.</summary>
    public double Low => At(0.05);

    /// <summary>Nineteen in twenty are less full than this.</summary>
    public double High => At(0.95);

    /// <summary>The middle of ln(fullness).</summary>
    public double Location => Logarithm.Location;

    public Interval Likely => new(Low, Mid, High);

    /// <summary>The fullness that is not exceeded with a probability.</summary>
    /// <param name="assurance">Between 0 and 1, neither included.</param>
    /// <returns>Never below 1: nothing is gathered to more than its length.</returns>
    public double At(double assurance) => AtLeastOne(Logarithm.Quantile(assurance));

    /// <summary>How sure it is that the next piece comes to no more than a fullness.</summary>
    /// <param name="fullness">Above 0.</param>
    /// <returns>0 to 1; nothing is gathered to more than its length, so below fullness 1 it is 0.</returns>
    public double SureOf(double fullness) =>
        fullness < 1 ? 0
        : fullness >= Most ? 1
        : Logarithm.SureOf(Math.Log(fullness));

    private double AtLeastOne(double logarithm) =>
        Math.Exp(Math.Clamp(logarithm, 0, Math.Log(Most)));
}
