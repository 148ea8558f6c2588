using MathNet.Numerics.Distributions;
using MathNet.Numerics.Random;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Swatches.PullUp;

/// <summary>
/// A stand-in for sewing: a machine, a cloth and a pair of hands with a hidden truth, which “sews” a swatch and gives what
/// a ruler would read. The same seed is the same machine, and the same swatch of it reads the same.
/// </summary>
/// <remarks>
/// The truth, β and σ², is drawn once from the family's prior; every swatch adds its own normal scatter with variance σ².
/// Nothing gathers to more than its length. The reading is rounded to the marking step, and never below one step.
/// </remarks>
public sealed class SimulatedBench
{
    private readonly double[] weights;
    private readonly double deviation;
    private readonly int seed;

    private SimulatedBench(double[] weights, double deviation, int seed)
    {
        (this.weights, this.deviation, this.seed) = (weights, deviation, seed);
    }

    /// <summary>Sets up a bench.</summary>
    /// <param name="family">What kind of gathering it does.</param>
    /// <param name="seed">Any number; each is another machine.</param>
    public static SimulatedBench Of(PullUpFamily family, int seed)
    {
        var chance = new MersenneTwister(seed);
        var variance = InverseGamma.Sample(chance, family.Prior.A, family.Prior.B);
        var deviation = Math.Sqrt(variance);
        return new SimulatedBench(
            [
                .. family.Prior.Weights.Select(w =>
                    Normal.Sample(chance, w.Mean, w.Deviation * deviation)
                ),
            ],
            deviation,
            seed
        );
    }

    /// <summary>The fullness that one piece truly comes to.</summary>
    /// <param name="settings">What is set.</param>
    /// <param name="piece">Which piece it is, from 0; each scatters in its own way.</param>
    /// <returns>1 or above.</returns>
    public double Fullness(PullUpSettings settings, int piece)
    {
        var chance = new MersenneTwister(unchecked(seed * 7919 + piece * 104_729 + 1));
        var middle = settings.Features().Zip(weights, (x, w) => x * w).Sum();
        return Math.Exp(Math.Max(0, Normal.Sample(chance, middle, deviation)));
    }

    /// <summary>Sews a swatch: what the ruler reads between its marks.</summary>
    /// <param name="settings">What is set.</param>
    /// <param name="flat">Between the marks before sewing; above 0.</param>
    /// <param name="piece">Which piece it is, from 0.</param>
    /// <param name="marking">How finely the ruler is read.</param>
    public Length Sew(PullUpSettings settings, Length flat, int piece, Length marking) =>
        Length.Max(marking, Rounding.Nearest(flat / Fullness(settings, piece), marking));
}
