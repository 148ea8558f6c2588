namespace ZephyrReach.Core.Measures;

/// <summary>Whole counts and whole steps, guarded against the last bits of floating point.</summary>
/// <remarks>
/// A figure within a relative 1e-9 of a whole number counts as that whole number, so 24.0000000001 strips are
/// 24, and 23.9999999999 too.
/// </remarks>
public static class Rounding
{
    private const double Tolerance = 1e-9;

    /// <summary>The least whole number that is not below <paramref name="x"/>, within the tolerance.</summary>
    public static double CeilingTolerant(double x) => Math.Ceiling(x - Slack(x));

    /// <summary>The greatest whole number that is not above <paramref name="x"/>, within the tolerance.</summary>
    public static double FloorTolerant(double x) => Math.Floor(x + Slack(x));

    /// <summary>Rounds up to a whole number of steps.</summary>
    /// <param name="length">Any length.</param>
    /// <param name="step">Above 0.</param>
    public static Length Up(Length length, Length step) => step * CeilingTolerant(length / step);

    /// <summary>Rounds down to a whole number of steps.</summary>
    /// <param name="length">Any length.</param>
    /// <param name="step">Above 0.</param>
    public static Length Down(Length length, Length step) => step * FloorTolerant(length / step);

    /// <summary>Rounds to the nearest whole number of steps, halves away from nothing.</summary>
    /// <param name="length">Any length.</param>
    /// <param name="step">Above 0.</param>
    public static Length Nearest(Length length, Length step) =>
        step * Math.Round(length / step, MidpointRounding.AwayFromZero);

    private static double Slack(double x) => Tolerance * Math.Max(1, Math.Abs(x));
}
