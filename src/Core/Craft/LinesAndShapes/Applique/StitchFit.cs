using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>How a stitch fits a length between two corners.</summary>
/// <param name="Length">Between the corners.</param>
/// <param name="Repeat">What is set.</param>
/// <param name="Count">So many of them come nearest.</param>
/// <param name="Miss">How far the last is from the corner.</param>
internal sealed record Fitted(Length Length, Length Repeat, int Count, Length Miss);

/// <summary>Which stitch length lands a stitch in every corner.</summary>
/// <remarks>k = max(1, round(L/(p·f))), miss = |L − k·p·f|: f is what the machine gives of what is set.</remarks>
internal static class StitchFit
{
    /// <summary>A repeat against one length.</summary>
    public static Fitted Of(Length length, Length repeat, double factor)
    {
        var step = repeat * factor;
        var count = (int)Math.Max(1, Math.Round(length / step));
        return new(length, repeat, count, Length.Difference(length, count * step));
    }

    /// <summary>
    /// Of the repeats in p ± range by step the one whose greatest miss is least; of two that miss alike the one nearer to p. A stitch of 0.4 mm or less stays as it is wanted.
    /// </summary>
    public static Length Best(
        IReadOnlyList<Length> lengths,
        Length wanted,
        Length range,
        Length step,
        double factor
    )
    {
        // Of stitches so short one always lands; another would only be denser or more open than it should be.
        if (wanted <= 2 * LeastChange.Met)
        {
            return wanted;
        }
        var reach = (int)Rounding.FloorTolerant(range / step);
        var best = wanted;
        var least = double.MaxValue;
        for (var i = 0; i <= reach; i++)
        {
            foreach (var sign in i == 0 ? [1] : new[] { -1, 1 })
            {
                var repeat = wanted + sign * i * step;
                if (repeat.Millimetres < 0.05)
                {
                    continue;
                }
                var miss = 0.0;
                foreach (var length in lengths)
                {
                    miss = Math.Max(miss, Of(length, repeat, factor).Miss.Millimetres);
                    if (miss > least)
                    {
                        break;
                    }
                }
                if (miss < least - 1e-9)
                {
                    (best, least) = (repeat, miss);
                }
            }
        }
        return best;
    }
}
