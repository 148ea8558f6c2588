using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Bias;

/// <summary>Strips cut from selvedge to selvedge at an angle, and joined to one.</summary>
/// <param name="Required">How long the joined strip has to be.</param>
/// <param name="Width">Of a strip.</param>
/// <param name="ClothWidth">Between the selvedges.</param>
/// <param name="Join">What a strip gives to a join at one end, square to the seam.</param>
/// <param name="Angle">Between the strip and the selvedge, in degrees: 45 on the bias, 90 straight across.</param>
internal sealed record SelvedgeStrips(
    Length Required,
    Length Width,
    Length ClothWidth,
    Length Join,
    double Angle
)
{
    private double Sin => Math.Sin(Angle * Math.PI / 180);

    private double Cot => Angle == 90 ? 0 : 1 / Math.Tan(Angle * Math.PI / 180);

    /// <summary>Along the middle of a strip: W/sin θ, which is W√2 on the bias.</summary>
    public Length Each => ClothWidth / Sin;

    /// <inheritdoc cref="TakenByJoin"/>
    public Length AtJoin => TakenByJoin(Width, Join, Angle);

    /// <summary>
    /// What a join takes of two strips together: 2q/sin θ. Strips on the straight grain are laid across each other and sewn from
    /// corner to corner, so that the join slants too: that takes the width of the strip.
    /// </summary>
    public static Length TakenByJoin(Length width, Length join, double angle) =>
        angle == 90 ? width : 2 * join / Math.Sin(angle * Math.PI / 180);

    /// <summary>The smallest n with n·W/sin θ − (n − 1)·join at least as long as is required; 0 where a strip is all joins.</summary>
    public int Count =>
        Each <= AtJoin ? 0
        : (Required - AtJoin) / (Each - AtJoin) is var count && count < MostCount
            ? (int)Math.Max(1, Rounding.CeilingTolerant(count))
        : 0;

    private const int MostCount = 10_000;

    public int Joins => Count - 1;

    /// <summary>How long they are, joined.</summary>
    public Length Reaches => Count * Each - Joins * AtJoin;

    /// <summary>W·cot θ + n·w/sin θ of the cloth’s length; on the bias W + n·w√2.</summary>
    public Length ClothLength => ClothWidth * Cot + Count * (Width / Sin);

    /// <summary>Workshop rule: two minutes to cut a strip, three to sew and press a join.</summary>
    public double Minutes => 4 + 2 * Count + 3 * Joins;

    /// <summary>Where the joins lie along the joined strip.</summary>
    public IEnumerable<Length> JoinsAlong =>
        Enumerable.Range(1, Math.Max(0, Joins)).Select(i => i * (Each - AtJoin) + AtJoin / 2);

    /// <summary>The corners of a strip on the cloth, whose length runs to the right and whose selvedges lie above and below.</summary>
    /// <param name="strip">From 0.</param>
    public IReadOnlyList<Point> Corners(int strip)
    {
        var (left, right) = (strip * (Width / Sin), (strip + 1) * (Width / Sin));
        var lean = ClothWidth * Cot;
        return
        [
            new(left, ClothWidth),
            new(right, ClothWidth),
            new(right + lean, Length.Zero),
            new(left + lean, Length.Zero),
        ];
    }
}
