namespace ZephyrReach.Core.Measures;

/// <summary>What a square metre of cloth weighs.</summary>
/// <remarks>In grams per square metre, above 0 and at most 2000 (heavier than any cloth a home machine feeds).</remarks>
public readonly record struct ClothWeight
{
    private ClothWeight(double gramsPerSquareMetre) => GramsPerSquareMetre = gramsPerSquareMetre;

    public double GramsPerSquareMetre { get; }

    /// <summary>Makes a weight from grams per square metre.</summary>
    /// <exception cref="ArgumentOutOfRangeException">Not above 0, over 2000, or not a number.</exception>
    public static ClothWeight FromGramsPerSquareMetre(double grams) =>
        grams is > 0 and <= 2000
            ? new ClothWeight(grams)
            : throw new ArgumentOutOfRangeException(
                nameof(grams),
                grams,
                "A fabric weighs above 0 and up to 2000 g/m²."
            );
}
