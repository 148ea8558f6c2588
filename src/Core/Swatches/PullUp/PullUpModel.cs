using MathNet.Numerics.Distributions;
using MathNet.Numerics.LinearAlgebra;

namespace ZephyrReach.Core.Swatches.PullUp;

/// <summary>What measured samples say of a family's pull-up: ln(flat/gathered) = x·β + ε.</summary>
/// <remarks>
/// ε is normal with variance σ²; β given σ² is normal around the prior means m with covariance σ²·V, V diagonal; σ² is
/// inverse gamma (a, b). The posterior is of the same kind:
/// Vₙ = (V⁻¹ + XᵀWX)⁻¹, mₙ = Vₙ(V⁻¹m + XᵀWy), aₙ = a + Σw/2, and bₙ = b + ½(Σw(y − x·mₙ)² + (mₙ − m)ᵀV⁻¹(mₙ − m)), which
/// equals b + ½(yᵀWy + mᵀV⁻¹m − mₙᵀVₙ⁻¹mₙ) and, unlike it, is never a difference of large figures. A sample of another
/// cloth or foot has the weight w = ½. V⁻¹ + XᵀWX is positive definite whatever the samples, so a Cholesky factor always
/// exists.
/// </remarks>
public sealed class PullUpModel
{
    private readonly Matrix<double> covariance;
    private readonly Vector<double> mean;
    private readonly double a;
    private readonly double b;
    private readonly IReadOnlyList<PullUpSample> samples;

    /// <summary>Found when they are first asked for: findings and figures both want them.</summary>
    private IReadOnlyList<SampleResidual>? residuals;

    private PullUpModel(
        Matrix<double> covariance,
        Vector<double> mean,
        double a,
        double b,
        IReadOnlyList<PullUpSample> samples
    )
    {
        (this.covariance, this.mean, this.a, this.b, this.samples) = (
            covariance,
            mean,
            a,
            b,
            samples
        );
    }

    /// <summary>The weights of the features as they are now believed to be.</summary>
    public IReadOnlyList<double> Weights => mean.AsArray();

    /// <summary>Learns from samples; those that do not count are kept, and not learnt from.</summary>
    public static PullUpModel From(PullUpFamily family, IReadOnlyList<PullUpSample> samples)
    {
        const int n = PullUpSettings.Count;
        var precision = Matrix<double>.Build.Dense(n, n);
        var pull = Vector<double>.Build.Dense(n);
        for (var i = 0; i < n; i++)
        {
            precision[i, i] = 1 / (family.Deviations[i] * family.Deviations[i]);
            pull[i] = precision[i, i] * family.Means[i];
        }
        var evidence = 0.0;
        var seen = samples
            .Select(s => (X: s.Settings.Features(), Y: Math.Log(s.Fullness), W: s.Weight))
            .ToList();
        foreach (var (x, y, w) in seen)
        {
            evidence += w;
            for (var i = 0; i < n; i++)
            {
                pull[i] += w * x[i] * y;
                for (var j = 0; j < n; j++)
                {
                    precision[i, j] += w * x[i] * x[j];
                }
            }
        }
        var factor = precision.Cholesky();
        var mean = factor.Solve(pull);
        var misfit = seen.Sum(s => s.W * Square(s.Y - Dot(s.X, mean)));
        for (var i = 0; i < n; i++)
        {
            misfit += Square((mean[i] - family.Means[i]) / family.Deviations[i]);
        }
        return new PullUpModel(
            factor.Solve(Matrix<double>.Build.DenseIdentity(n)),
            mean,
            PullUpFamily.A + evidence / 2,
            PullUpFamily.B + misfit / 2,
            samples
        );
    }

    /// <summary>What a swatch sewn at these settings is likely to come to.</summary>
    public Prediction Predict(PullUpSettings at)
    {
        var x = at.Features();
        return new Prediction(Dot(x, mean), Math.Sqrt(b / a * (1 + Spread(x, x))), 2 * a);
    }

    /// <summary>By what part one more sample at <paramref name="next"/> would lessen the variance of the prediction at <paramref name="planned"/>.</summary>
    /// <remarks>
    /// Adding a row x takes (x*·Vₙ·x)²/(1 + x·Vₙ·x) from x*·Vₙ·x* (Sherman and Morrison); the share is of
    /// 1 + x*·Vₙ·x*, because the scatter of a single piece stays.
    /// </remarks>
    /// <returns>0 to below 1.</returns>
    public double Lessens(PullUpSettings next, PullUpSettings planned)
    {
        var (x, star) = (next.Features(), planned.Features());
        return Square(Spread(star, x)) / (1 + Spread(x, x)) / (1 + Spread(star, star));
    }

    /// <summary>How far each sample lies from what all the others predict for it, in standard deviations of that prediction.</summary>
    /// <remarks>
    /// Leaving a sample of weight w out again has a closed form: with e its residual and h = w·x·Vₙ·x, the prediction
    /// without it is off by e/(1 − h), bₙ less w·e²/(1 − h)/2, aₙ less w/2, and x·V·x = x·Vₙ·x/(1 − h).
    /// A sample that does not count was never in.
    /// </remarks>
    public IReadOnlyList<SampleResidual> Residuals() => residuals ??= LeaveEachOut();

    private List<SampleResidual> LeaveEachOut()
    {
        List<SampleResidual> each = [];
        foreach (var sample in samples)
        {
            var x = sample.Settings.Features();
            var w = sample.Weight;
            var e = Math.Log(sample.Fullness) - Dot(x, mean);
            var spread = Spread(x, x);
            var kept = 1 - w * spread;
            var without = a - w / 2;
            var scale = Math.Max(b - w * e * e / kept / 2, PullUpFamily.B * 1e-6) / without;
            var off = e / kept;
            // The deviation of a Student t with 2a degrees of freedom is its scale times √(a/(a − 1)).
            var deviation =
                Math.Sqrt(scale * (1 + spread / kept)) * Math.Sqrt(without / (without - 1));
            each.Add(
                new SampleResidual(
                    sample,
                    Math.Exp(Math.Log(sample.Fullness) - off),
                    off / deviation
                )
            );
        }
        return each;
    }

    private double Spread(double[] x, double[] y)
    {
        double sum = 0;
        for (var i = 0; i < x.Length; i++)
        {
            for (var j = 0; j < y.Length; j++)
            {
                sum += x[i] * covariance[i, j] * y[j];
            }
        }
        return sum;
    }

    private static double Dot(double[] x, Vector<double> v)
    {
        double sum = 0;
        for (var i = 0; i < x.Length; i++)
        {
            sum += x[i] * v[i];
        }
        return sum;
    }

    private static double Square(double x) => x * x;
}

/// <summary>A sample against what the others predict for it.</summary>
/// <param name="Expected">The fullness that the others predict.</param>
/// <param name="Deviations">How far off it is, in standard deviations; fuller is above 0.</param>
public sealed record SampleResidual(PullUpSample Sample, double Expected, double Deviations)
{
    /// <summary>Beyond this a sample is odd.</summary>
    public const double MostDeviations = 3;

    public bool IsOdd => Math.Abs(Deviations) > MostDeviations;
}

/// <summary>The fullness of the next piece: its logarithm is a Student t.</summary>
/// <param name="Location">The middle of ln(fullness).</param>
/// <param name="Scale">Its scale, above 0.</param>
/// <param name="Freedom">Degrees of freedom.</param>
public readonly record struct Prediction(double Location, double Scale, double Freedom)
{
    /// <summary>The even chance; never below 1.</summary>
    public double Mid => AtLeastOne(Location);

    /// <summary>Nineteen in twenty are fuller than this.</summary>
    public double Low => At(0.05);

    /// <summary>Nineteen in twenty are less full than this.</summary>
    public double High => At(0.95);

    /// <summary>The fullness that is not exceeded with a probability.</summary>
    /// <param name="assurance">Between 0 and 1, neither included.</param>
    /// <returns>Never below 1: nothing is gathered to more than its length.</returns>
    public double At(double assurance) =>
        // Of the standard distribution, so that what is sought numerically is never far from nothing.
        AtLeastOne(Location + Scale * StudentT.InvCDF(0, 1, Freedom, assurance));

    /// <summary>How sure it is that the next piece comes to no more than a fullness.</summary>
    /// <param name="fullness">Above 0.</param>
    /// <returns>0 to 1; nothing is gathered to more than its length, so below fullness 1 it is 0.</returns>
    public double SureOf(double fullness) =>
        fullness < 1 ? 0 : StudentT.CDF(Location, Scale, Freedom, Math.Log(fullness));

    // A thousandfold is beyond anything sewn, and keeps every figure finite.
    private static double AtLeastOne(double logarithm) =>
        Math.Exp(Math.Clamp(logarithm, 0, Math.Log(1000)));
}
