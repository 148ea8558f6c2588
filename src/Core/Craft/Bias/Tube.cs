using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Bias;

/// <summary>
/// One strip from a square: it is cut from corner to corner, its halves are joined, and the slanted piece is sewn to a tube, each
/// line meeting the next, so that it is cut round and round.
/// </summary>
/// <param name="Required">How long the strip has to be.</param>
/// <param name="Width">Of the strip.</param>
/// <param name="ClothWidth">Between the selvedges.</param>
/// <param name="Join">What a side gives to a seam.</param>
internal sealed record Tube(Length Required, Length Width, Length ClothWidth, Length Join)
{
    /// <summary>a = q + √(q² + w·L): of the area a(a − 2q) all becomes strip.</summary>
    public Length Side =>
        Length.FromMillimetres(
            Join.Millimetres
                + Math.Sqrt(
                    Join.Millimetres * Join.Millimetres + Width.Millimetres * Required.Millimetres
                )
        );

    /// <summary>Whether the square is wider than the cloth.</summary>
    public bool IsOblong => Side > ClothWidth;

    /// <summary>Across the cloth.</summary>
    public Length Across => Length.Min(Side, ClothWidth);

    /// <summary>Along the cloth; where the square is too wide, of the oblong that gives as much: 2q + w·L/W.</summary>
    public Length Along => IsOblong ? 2 * Join + Width * (Required / ClothWidth) : Side;

    /// <summary>One line from side to side.</summary>
    public Length Line => Across * Math.Sqrt(2);

    /// <summary>How many lines of the strip’s width there are on it.</summary>
    public int Lines => (int)Math.Max(1, Rounding.CountUp(Math.Min(1e6, Required / Line)));

    /// <summary>Each line meets the seam of the tube once, and the seam of the two halves as often as that is crossed.</summary>
    public int Joins =>
        (int)Math.Max(1, Rounding.CountDown(Math.Min(1e6, Required / Line * (1 + Across / Along))));

    /// <summary>Workshop rule: twelve minutes for the square and its two seams, three a metre to mark and to cut round.</summary>
    public double Minutes => 12 + 3 * Required.Millimetres / 1000;
}
