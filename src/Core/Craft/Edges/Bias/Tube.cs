using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Bias;

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
    private static readonly double Slant = Math.Sqrt(2);

    /// <summary>
    /// a = 2q + min over n of max(√2·w·n, L/(√2·n)): n whole strips have to stand side by side between the first seam's allowances,
    /// and n lines, each shortened by the second seam's, to reach.
    /// </summary>
    public Length Side
    {
        get
        {
            var (w, l) = (Width.Millimetres * Slant, Required.Millimetres / Slant);
            // Where both are alike n is √(L/2w): the least lies on one side of it or the other.
            var even = Math.Floor(Math.Sqrt(l / w));
            double At(double n) => Math.Max(w * n, l / n);
            return 2 * Join + Length.FromMillimetres(Math.Min(At(Math.Max(1, even)), At(even + 1)));
        }
    }

    /// <summary>Whether the square is wider than the cloth.</summary>
    public bool IsOblong => Side > ClothWidth;

    /// <summary>Across the cloth.</summary>
    public Length Across => Length.Min(Side, ClothWidth);

    /// <summary>Along the cloth; where the square is too wide, of the oblong whose lines reach: 2q + √2·w·n.</summary>
    public Length Along => IsOblong ? 2 * Join + Lines * Slant * Width : Side;

    /// <summary>One line from seam to seam: the second seam takes its allowances of every line.</summary>
    public Length Line => Length.Max(Length.FromMillimetres(1e-3), (Across - 2 * Join) * Slant);

    /// <summary>How many lines of the strip’s width it takes.</summary>
    public int Lines => (int)Math.Max(1, Rounding.CeilingTolerant(Math.Min(1e6, Required / Line)));

    /// <summary>Line meets line at the seam of the tube; the seam of the two halves crosses all lines of a square, and of an oblong its share.</summary>
    public int Joins =>
        Lines - 1 + (int)Math.Max(1, Rounding.CeilingTolerant(Lines * Math.Min(1, Across / Along)));

    /// <summary>Workshop rule: twelve minutes for the square and its two seams, three a metre to mark and to cut round.</summary>
    public double Minutes => 12 + 3 * Required.Millimetres / 1000;
}
