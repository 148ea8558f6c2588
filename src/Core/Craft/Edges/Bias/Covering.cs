using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Bias;

/// <summary>A strip of cloth round a cord, with a flange on either side.</summary>
/// <param name="Cord">How thick the cord is.</param>
/// <param name="Thickness">Of one layer of the covering.</param>
/// <param name="Flange">From the cord to the raw edge: the seam allowance.</param>
/// <param name="Step">Strips are cut in steps of this.</param>
/// <param name="Factor">What wraps came to against what was reckoned; 1 or more.</param>
internal sealed record Covering(
    Length Cord,
    Length Thickness,
    Length Flange,
    Length Step,
    double Factor
)
{
    /// <summary>Round the cord, in the middle of the cloth: π(c + t).</summary>
    public Length Wrap => Math.PI * (Cord + Thickness);

    /// <summary>What reaches round the cord and into both allowances: wrap + 2s, and wider where swatches said so; never narrower.</summary>
    public Length Least => Wrap * Math.Max(1, Factor) + 2 * Flange;

    /// <summary>How wide a strip is cut: that, up to what a ruler marks.</summary>
    public Length Width => Rounding.Up(Least, Step);

    /// <summary>From side to side, covered.</summary>
    public Length Covered => Cord + 2 * Thickness;
}
