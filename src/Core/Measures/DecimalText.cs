namespace ZephyrReach.Core.Measures;

/// <summary>Writes plain figures, with no more places than they need.</summary>
public static class DecimalText
{
    private static readonly double[] Powers = [1, 10, 100, 1e3, 1e4, 1e5];

    /// <summary>
    /// Of the fifteen digits that a double holds for certain, so that what is a half on paper is one here too: 0.285 is held
    /// as a little less.
    /// </summary>
    private const double LastDigit = 4e-15;

    /// <summary>From here on there is no such half any more.</summary>
    private const double NoHalves = 1e14;

    /// <summary>Writes a ratio, a dial figure or a weight.</summary>
    /// <param name="figure">Finite, and less than 10^12 either side of 0.</param>
    /// <param name="places">Up to so many places, 0 to 5; rounded to the nearest, halves away from 0.</param>
    /// <param name="unit">Stands after it, with its space; eight letters at most.</param>
    /// <returns>Such as <c>2.2</c>; a figure below 0 carries a minus sign, unless it rounds to nothing.</returns>
    public static string Write(double figure, int places = 2, string unit = "")
    {
        var scaled = Math.Abs(figure) * Powers[places];
        var rest = (ulong)Math.Floor(scaled * (scaled < NoHalves ? 1 + LastDigit : 1) + 0.5);
        var isNegative = figure < 0 && rest > 0;
        for (; places > 0 && Math.DivRem(rest, 10) is (var tens, 0); places--)
        {
            rest = tens;
        }
        // From the last digit to the first: at least one stands before the point.
        Span<char> text = stackalloc char[32];
        var at = text.Length - unit.Length;
        unit.CopyTo(text[at..]);
        for (var place = 0; rest > 0 || place <= places; place++)
        {
            if (place == places && place > 0)
            {
                text[--at] = '.';
            }
            (rest, var digit) = Math.DivRem(rest, 10);
            text[--at] = (char)('0' + digit);
        }
        if (isNegative)
        {
            text[--at] = '−';
        }
        return new string(text[at..]);
    }
}
