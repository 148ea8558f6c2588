using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Drawings;

/// <summary>A sine wave whose arc length over its span is a fullness.</summary>
/// <remarks>
/// y(x) = A·sin(2πx/λ). Over one wavelength the arc is (λ/2π)·∫₀^2π √(1 + s²·cos²θ) dθ with s = 2πA/λ, the steepest
/// slope; the ratio of arc to span therefore depends on s alone, grows with it, and is solved for s numerically.
/// </remarks>
/// <param name="From">Where the wave begins, on its axis.</param>
/// <param name="Span">How far along the axis it runs; above 0.</param>
/// <param name="Folds">Whole wavelengths in the span; at least 1.</param>
/// <param name="Amplitude">Half the height from crest to trough.</param>
public sealed record Wave(Point From, Length Span, int Folds, Length Amplitude)
{
    /// <summary>The squared cosine over a quarter period; the other three repeat it.</summary>
    private static readonly double[] SquaredCosine =
    [
        .. Enumerable
            .Range(0, 128)
            .Select(i => Math.Pow(Math.Cos(Math.PI / 2 * (i + 0.5) / 128), 2)),
    ];

    /// <summary>The steepest slope of a sine wave whose arc is <paramref name="fullness"/> times its span.</summary>
    /// <param name="fullness">1 or above; 1 is a straight line, and so is what rounding left just below it.</param>
    /// <returns>The slope, 0 or above.</returns>
    /// <exception cref="ArgumentOutOfRangeException">The fullness is below 1, or no figure.</exception>
    public static double SlopeFor(double fullness)
    {
        if (fullness is not (>= 1 - 1e-9 and < double.PositiveInfinity))
        {
            throw new ArgumentOutOfRangeException(
                nameof(fullness),
                fullness,
                "A wave has a fullness of 1 or above."
            );
        }
        // √(1 + s²cos²θ) ≥ s·|cos θ|, whose mean is 2s/π: at s = fullness·π/2 the ratio is reached. The ratio is convex
        // in s, so Newton's steps from there come down to the root and never pass it.
        var slope = fullness * Math.PI / 2;
        for (var i = 0; i < 60; i++)
        {
            var (ratio, rise) = ArcRatioAndRise(slope);
            var next = rise > 0 ? Math.Max(0, slope - (ratio - fullness) / rise) : 0;
            if (Math.Abs(next - slope) <= 1e-13 * slope)
            {
                break;
            }
            slope = next;
        }
        return slope;
    }

    /// <summary>Arc length over span of a sine wave with the steepest slope <paramref name="slope"/>.</summary>
    public static double ArcRatio(double slope) => ArcRatioAndRise(slope).Ratio;

    /// <summary>The ratio of arc to span, and how fast it rises with the slope.</summary>
    /// <remarks>The midpoint rule over a quarter period, which converges geometrically for a periodic integrand.</remarks>
    private static (double Ratio, double Rise) ArcRatioAndRise(double slope)
    {
        double sum = 0;
        double rise = 0;
        foreach (var squared in SquaredCosine)
        {
            var root = Math.Sqrt(1 + slope * slope * squared);
            sum += root;
            rise += slope * squared / root;
        }
        return (sum / SquaredCosine.Length, rise / SquaredCosine.Length);
    }

    /// <summary>The wave of a fullness over a span, with folds about as deep as asked for.</summary>
    /// <param name="from">Where it begins.</param>
    /// <param name="span">How far it runs; above 0.</param>
    /// <param name="fullness">1 or above.</param>
    /// <param name="foldDepth">The wanted height from crest to trough; met as nearly as whole folds allow.</param>
    /// <param name="mostFolds">No more folds than this, however fine they ought to be.</param>
    public static Wave Of(Point from, Length span, double fullness, Length foldDepth, int mostFolds)
    {
        var slope = SlopeFor(fullness);
        var wanted = span * slope / (Math.PI * foldDepth.Millimetres);
        var folds = (int)Math.Clamp(Math.Round(wanted.Millimetres), 1, mostFolds);
        return new Wave(from, span, folds, span / folds * (slope / (2 * Math.PI)));
    }

    /// <summary>The height of the wave above its axis at a distance along it.</summary>
    public Length HeightAt(Length along) =>
        Amplitude * Math.Sin(2 * Math.PI * Folds * (along / Span));
}
