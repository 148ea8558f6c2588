using System.Globalization;

namespace ZephyrReach.Core.Measures;

/// <summary>Writes plain figures, with no more places than they need.</summary>
public static class DecimalText
{
    private static readonly string[] Formats = ["0", "0.#", "0.##", "0.###", "0.####", "0.#####"];

    /// <summary>Writes a ratio, a dial figure or a weight.</summary>
    /// <param name="figure">Finite, and less than 10^12 either side of 0.</param>
    /// <param name="places">Up to so many places, 0 to 5; rounded to the nearest, halves away from 0.</param>
    /// <returns>Such as <c>2.2</c>; a figure below 0 carries a minus sign, unless it rounds to nothing.</returns>
    public static string Write(double figure, int places = 2)
    {
        // In decimal, so that what is a half on paper is one here too.
        var rounded = Math.Round((decimal)figure, places, MidpointRounding.AwayFromZero);
        var text = Math.Abs(rounded).ToString(Formats[places], CultureInfo.InvariantCulture);
        return rounded < 0 ? "−" + text : text;
    }
}
