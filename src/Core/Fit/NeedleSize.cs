using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Fit;

/// <summary>Needle sizes by cloth.</summary>
/// <remarks>
/// Workshop rule: under 60 g/m² sizes 60 to 70, to 110 70 to 80, to 200 80 to 90, to 300 90 to 100, over that 100 to 110;
/// one size up for several layers or bulk.
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

    /// <summary>The two sizes (NM) that suit a cloth: the finer first.</summary>
    /// <param name="bulky">Several layers or a thick seam: one size up.</param>
    public static (int From, int To) For(ClothWeight weight, bool bulky = false)
    {
        var grams = weight.GramsPerSquareMetre;
        var band = Bands.First(b => b.Under == 60 ? grams < b.Under : grams <= b.Under);
        return bulky ? (band.From + 10, band.To + 10) : (band.From, band.To);
    }
}
