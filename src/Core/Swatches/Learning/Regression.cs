using MathNet.Numerics.Distributions;
using MathNet.Numerics.LinearAlgebra;

namespace ZephyrReach.Core.Swatches.Learning;

/// <summary>What measured samples say of a family: y = x·β + ε.</summary>
/// <remarks>
/// ε is normal with variance σ²; β given σ² is normal around the prior means m with covariance σ²·V, V diagonal; σ² is
/// inverse gamma (a, b). The posterior is of the same kind:
/// Vₙ = (V⁻¹ + XᵀWX)⁻¹, mₙ = Vₙ(V⁻¹m + XᵀWy), aₙ = a + Σw/2, and bₙ = b + ½(Σw(y − x·mₙ)² + (mₙ − m)ᵀV⁻¹(mₙ − m)), which
/// equals b + ½(yᵀWy + mᵀV⁻¹m − mₙᵀVₙ⁻¹mₙ) and, unlike it, is never a difference of large figures. V⁻¹ + XᵀWX is positive
/// definite whatever the samples, so a Cholesky factor always exists.
/// </remarks>
public sealed class Regression
{
    private readonly Family family;
    private readonly Matrix<double> covariance;
    private readonly Vector<double> mean;
    private readonly double a;
    private readonly double b;
    private readonly IReadOnlyList<Observation> seen;

    /// <summary>Found when they are first asked for: findings and figures both want them.</summary>
    private IReadOnlyList<Residual>? residuals;

    /// <summary>Learns from observations; those of weight 0 are kept, and not learnt from.</summary>
    public Regression(Family family, IReadOnlyList<Observation> seen)
    {
        (this.family, this.seen) = (family, seen);
        var n = family.Weights.Count;
        var precision = Matrix<double>.Build.Dense(n, n);
        var pull = Vector<double>.Build.Dense(n);
        for (var i = 0; i < n; i++)
        {
            var weight = family.Weights[i];
            precision[i, i] = 1 / (weight.Deviation * weight.Deviation);
            pull[i] = precision[i, i] * weight.Mean;
        }
        foreach (var (x, y, w) in seen)
        {
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
        mean = factor.Solve(pull);
        covariance = factor.Solve(Matrix<double>.Build.DenseIdentity(n));
        var misfit = seen.Sum(s => s.W * Square(s.Y - Dot(s.X, mean)));
        for (var i = 0; i < n; i++)
        {
            misfit += Square((mean[i] - family.Weights[i].Mean) / family.Weights[i].Deviation);
        }
        a = family.A + seen.Sum(s => s.W) / 2;
        b = family.B + misfit / 2;
    }

    /// <summary>The weights of the features as they are now believed to be.</summary>
    public IReadOnlyList<double> Weights => mean.AsArray();

    /// <summary>What the next piece with these features is likely to come to.</summary>
    public PredictiveDistribution At(double[] x) =>
        new(
            Dot(x, mean),
            Math.Sqrt(b / a * (1 + Spread(x, x))),
            Math.Sqrt(b / a * Spread(x, x)),
            Math.Sqrt(b / a),
            2 * a
        );

    /// <summary>By what part one more sample at <paramref name="next"/> would lessen the variance of the prediction at <paramref name="planned"/>.</summary>
    /// <remarks>
    /// Adding a row x takes (x*·Vₙ·x)²/(1 + x·Vₙ·x) from x*·Vₙ·x* (Sherman and Morrison); the share is of
    /// 1 + x*·Vₙ·x*, because the scatter of a single piece stays.
    /// </remarks>
    /// <returns>0 to below 1.</returns>
    public double Lessens(double[] next, double[] planned) =>
        Square(Spread(planned, next)) / (1 + Spread(next, next)) / (1 + Spread(planned, planned));

    /// <summary>How far each observation lies from what all the others predict for it, in standard deviations of that prediction.</summary>
    /// <remarks>
    /// Leaving one of weight w out again has a closed form: with e its residual and h = w·x·Vₙ·x, the prediction
    /// without it is off by e/(1 − h), bₙ less w·e²/(1 − h)/2, aₙ less w/2, and x·V·x = x·Vₙ·x/(1 − h).
    /// One that does not count was never in.
    /// </remarks>
    public IReadOnlyList<Residual> Residuals() => residuals ??= [.. seen.Select(LeftOut)];

    private Residual LeftOut(Observation observation)
    {
        var (x, y, w) = observation;
        var e = y - Dot(x, mean);
        var spread = Spread(x, x);
        var kept = 1 - w * spread;
        var without = a - w / 2;
        var scale = Math.Max(b - w * e * e / kept / 2, family.B * 1e-6) / without;
        var off = e / kept;
        // The deviation of a Student t with 2a degrees of freedom is its scale times √(a/(a − 1)).
        var deviation = Math.Sqrt(scale * (1 + spread / kept)) * Math.Sqrt(without / (without - 1));
        return new Residual(y - off, off / deviation);
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

/// <summary>An observation against what the others predict for it.</summary>
/// <param name="Expected">The response that the others predict.</param>
/// <param name="Deviations">How far off it is, in standard deviations; more is above 0.</param>
public readonly record struct Residual(double Expected, double Deviations)
{
    /// <summary>Beyond this a sample is odd.</summary>
    public const double MostDeviations = 3;

    public bool IsOdd => Math.Abs(Deviations) > MostDeviations;
}

/// <summary>A predicted response: a Student t.</summary>
/// <param name="Location">Its middle.</param>
/// <param name="Scale">Its scale for the next piece, above 0.</param>
/// <param name="Mean">The part of the scale that is not known yet, and that more samples lessen.</param>
/// <param name="Scatter">The scale of one piece about its mean, which stays.</param>
/// <param name="Freedom">Degrees of freedom.</param>
public readonly record struct PredictiveDistribution(
    double Location,
    double Scale,
    double Mean,
    double Scatter,
    double Freedom
)
{
    /// <summary>The response that is not exceeded with a probability.</summary>
    /// <param name="assurance">Between 0 and 1, neither included.</param>
    public double Quantile(double assurance) =>
        // Of the standard distribution, so that what is sought numerically is never far from nothing.
        Location + Scale * StudentT.InvCDF(0, 1, Freedom, assurance);

    /// <summary>The quantile of the mean itself, without the scatter of one piece.</summary>
    public double OfMean(double assurance) =>
        Location + Mean * StudentT.InvCDF(0, 1, Freedom, assurance);

    /// <summary>How sure it is that the next piece comes to no more than a response.</summary>
    public double SureOf(double response) => StudentT.CDF(Location, Scale, Freedom, response);
}
