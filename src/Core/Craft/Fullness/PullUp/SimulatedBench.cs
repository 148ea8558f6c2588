using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Fullness.PullUp;

/// <summary>
/// A stand-in for sewing: a machine, a cloth and a pair of hands with a hidden truth, which “sews” a swatch and gives what
/// a ruler would read. The same seed is the same machine, and the same swatch of it reads the same.
/// </summary>
/// <remarks>Nothing gathers to more than its length. The reading is rounded to the marking step, and never below one step.</remarks>
public sealed class SimulatedBench
{
    private readonly SimulatedParameters truth;

    private SimulatedBench(SimulatedParameters truth) => this.truth = truth;

    /// <summary>Sets up a bench.</summary>
    /// <param name="family">What kind of gathering it does.</param>
    /// <param name="seed">Any number; each is another machine.</param>
    public static SimulatedBench Of(PullUpFamily family, int seed) =>
        new(SimulatedParameters.Of(family.Prior, seed));

    /// <summary>The fullness that one piece truly comes to.</summary>
    /// <param name="settings">What is set.</param>
    /// <param name="piece">Which piece it is, from 0; each scatters in its own way.</param>
    /// <returns>1 or above.</returns>
    public double Fullness(PullUpSettings settings, int piece) =>
        Math.Exp(Math.Max(0, truth.Response(settings.Features(), piece)));

    /// <summary>Sews a swatch: what the ruler reads between its marks.</summary>
    /// <param name="settings">What is set.</param>
    /// <param name="flat">Between the marks before sewing; above 0.</param>
    /// <param name="piece">Which piece it is, from 0.</param>
    /// <param name="marking">How finely the ruler is read.</param>
    public Length Sew(PullUpSettings settings, Length flat, int piece, Length marking) =>
        Length.Max(marking, Rounding.Nearest(flat / Fullness(settings, piece), marking));
}
