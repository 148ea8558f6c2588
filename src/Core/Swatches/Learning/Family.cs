namespace ZephyrReach.Core.Swatches.Learning;

/// <summary>What is believed of one feature's weight before any sample.</summary>
/// <param name="Feature">What it weighs, in words.</param>
/// <param name="Mean">The prior mean.</param>
/// <param name="Deviation">Its standard deviation, in units of σ; above 0.</param>
public sealed record Weight(string Feature, double Mean, double Deviation);

/// <summary>
/// Something that a machine does to cloth and a swatch can show: a response, its features, and what is believed of them
/// before any sample, as a normal-inverse-gamma prior. Only these differ from family to family.
/// </summary>
/// <param name="Name">Its name in the API.</param>
/// <param name="Weights">The features in their order; V is the squares of the deviations on the diagonal.</param>
/// <param name="A">The shape of the prior of σ²; above 1.</param>
/// <param name="B">Its scale, above 0: the mean of σ² is b/(a − 1).</param>
public sealed record Family(string Name, IReadOnlyList<Weight> Weights, double A, double B);

/// <summary>One measured response.</summary>
/// <param name="X">The features, in the order of the family.</param>
/// <param name="Y">The response.</param>
/// <param name="W">How much it counts: 1, ½ for another cloth or foot, 0 where it is left out.</param>
public readonly record struct Observation(double[] X, double Y, double W = 1);
