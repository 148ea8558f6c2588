using MathNet.Numerics.Distributions;
using MathNet.Numerics.Random;

namespace ZephyrReach.Core.Swatches.Learning;

/// <summary>The hidden truth of a simulated machine: what it really does to cloth, for any family.</summary>
/// <remarks>
/// β and σ² are drawn once from the family's prior; every piece adds its own normal scatter with variance σ². The same seed is
/// the same machine, and the same piece of it comes out the same.
/// </remarks>
public sealed class SimulatedParameters
{
    private readonly double[] weights;
    private readonly double deviation;
    private readonly int seed;

    private SimulatedParameters(double[] weights, double deviation, int seed) =>
        (this.weights, this.deviation, this.seed) = (weights, deviation, seed);

    /// <summary>Draws a machine.</summary>
    /// <param name="seed">Any number; each is another machine.</param>
    public static SimulatedParameters Of(Family family, int seed)
    {
        var chance = new MersenneTwister(seed);
        var deviation = Math.Sqrt(InverseGamma.Sample(chance, family.A, family.B));
        return new SimulatedParameters(
            [.. family.Weights.Select(w => Normal.Sample(chance, w.Mean, w.Deviation * deviation))],
            deviation,
            seed
        );
    }

    /// <summary>What one piece truly comes to.</summary>
    /// <param name="features">In the order of the family.</param>
    /// <param name="piece">Which piece it is, from 0; each scatters in its own way.</param>
    public double Response(IReadOnlyList<double> features, int piece)
    {
        var chance = new MersenneTwister(unchecked(seed * 7919 + piece * 104_729 + 1));
        var middle = features.Zip(weights, (x, w) => x * w).Sum();
        return Normal.Sample(chance, middle, deviation);
    }
}
