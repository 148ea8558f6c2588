using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Fit;

/// <summary>Needle sizes by cloth.</summary>
/// <remarks>
/// Workshop rule: under 60 g/m² sizes 60 to 70, to 110 70 to 80, to 200 80 to 90, to 300 90 to 100, over that 100 to 110. Within a
/// tenth of a boundary the bands on both sides serve; for several layers or bulk one size more.
/// </remarks>
public static class NeedleSize
{
    private static readonly (double Under, int From, int To)[] Bands =
    [
        (60, 60, 70),
        (110, 70, 80),
        (200, 80, 90),
        (300, 90, 100),
        (double.PositiveInfinity, 100, 110),
    ];

    private const double Near = 0.1;

    /// <summary>The two sizes (NM) that one layer of a cloth takes: the finer first.</summary>
    public static (int From, int To) For(ClothWeight weight)
    {
        var grams = weight.GramsPerSquareMetre;
        var band = Bands.First(b => b.Under == 60 ? grams < b.Under : grams <= b.Under);
        return (band.From, band.To);
    }

    /// <summary>The sizes that serve a cloth, from the finest to the thickest.</summary>
    /// <param name="bulky">Several layers or a thick seam.</param>
    public static (int From, int To) Serving(ClothWeight weight, bool bulky)
    {
        var grams = weight.GramsPerSquareMetre;
        (int From, int To) At(double near) => For(ClothWeight.FromGramsPerSquareMetre(near));
        return (At(grams / (1 + Near)).From, At(grams / (1 - Near)).To + (bulky ? 10 : 0));
    }
}
