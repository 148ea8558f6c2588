namespace ZephyrReach.Core.Measures;

/// <summary>Many lengths at once.</summary>
public static class Lengths
{
    /// <summary>All of them, one after another; nothing where there are none.</summary>
    public static Length Sum(this IEnumerable<Length> lengths)
    {
        var sum = Length.Zero;
        foreach (var length in lengths)
        {
            sum += length;
        }
        return sum;
    }

    /// <summary>What they come to, each by what it says of itself.</summary>
    public static Length Sum<T>(this IEnumerable<T> of, Func<T, Length> length) =>
        of.Select(length).Sum();
}
