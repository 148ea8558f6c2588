using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft;

/// <summary>How much thread a piece of work takes.</summary>
public static class ThreadUse
{
    /// <summary>What starts, ends and unpicking take on top. Workshop rule: 15 %.</summary>
    public const double Spare = 1.15;

    /// <summary>One thread, with what is spare.</summary>
    public static Length WithSpare(Length one) => Spare * one;

    /// <summary>Needle and bobbin thread together, with what is spare.</summary>
    /// <param name="one">What either takes.</param>
    public static Length OfBoth(Length one) => 2 * Spare * one;

    /// <summary>A stitch as it lies: √(ℓ² + w²) + t.</summary>
    /// <param name="length">ℓ, along the line.</param>
    /// <param name="width">w, from side to side; nothing for a straight one.</param>
    /// <param name="under">t, what passes under the foot.</param>
    public static Length OfStitch(Length length, Length width, Length under)
    {
        var (l, w) = (length.Millimetres, width.Millimetres);
        return Length.FromMillimetres(Math.Sqrt(l * l + w * w)) + under;
    }
}
