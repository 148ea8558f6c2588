using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>Strips of knit that roll up to a cord.</summary>
/// <param name="Width">Of each.</param>
/// <param name="Count">How many.</param>
/// <param name="Length">Of each, as it is cut.</param>
internal sealed record Strip(Length Width, int Count, Length Length)
{
    /// <summary>Where two strips meet so much of each lies under the other.</summary>
    public static readonly Length Join = Length.FromMillimetres(15);

    public int Joins => Count - 1;

    /// <summary>As a tube of knit that rolls to a cord fills six tenths of its round: w = 0.6π·c²/(4t).</summary>
    public static Length WidthFor(Length cord, Length thickness) =>
        Length.FromMillimetres(
            0.6 * Math.PI * cord.Millimetres * cord.Millimetres / (4 * thickness.Millimetres)
        );

    /// <summary>And back: c = √(4·w·t/(0.6π)).</summary>
    public static Length CordOf(Length width, Length thickness) =>
        Length.FromMillimetres(
            Math.Sqrt(4 * width.Millimetres * thickness.Millimetres / (0.6 * Math.PI))
        );

    /// <summary>
    /// Strips for so much cord: one as long as that, or n of the length there is, with n·L − (n − 1)·join at least as long.
    /// </summary>
    public static Strip For(Length cord, Length width, Length piece)
    {
        if (cord <= piece)
        {
            return new(width, 1, cord);
        }
        var count = (int)Rounding.CeilingTolerant((cord - Join) / (piece - Join));
        return new(width, count, (cord + (count - 1) * Join) / count);
    }
}
