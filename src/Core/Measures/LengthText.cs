namespace ZephyrReach.Core.Measures;

/// <summary>Writes lengths as a person at the table reads them.</summary>
/// <remarks>
/// Metric: millimetres below 10 cm, centimetres below 2 m, metres above that; on a tape always centimetres. Imperial:
/// inches with real fractions, as on a tape, and amounts of thread or cord in yards; what is marked and under 1/4 in, to 1/32. Reading a marked text back
/// with <see cref="LengthReader"/> gives the same marked figure.
/// </remarks>
public static class LengthText
{
    private const int FractionsOfInch = 64;

    /// <summary>Steps are no finer than a hundredth of a millimetre, so five places in metres are exact.</summary>
    private const int Places = 5;

    /// <summary>From here on lengths that are not marked are metres of cloth.</summary>
    private const double InMetres = 2000;

    /// <summary>Writes a length.</summary>
    /// <param name="length">Any length; a negative one carries a minus sign.</param>
    /// <param name="kind">Says the direction of rounding.</param>
    /// <param name="ruler">The unit system and its steps.</param>
    /// <returns>Such as <c>36 1/2 in</c>, <c>35.8 cm</c>, <c>2.6 m</c>.</returns>
    public static string Write(Length length, LengthKind kind, Ruler ruler)
    {
        ArgumentNullException.ThrowIfNull(ruler);
        var rounded = Rounded(length, kind, ruler);
        var (sign, size) = rounded < Length.Zero ? ("−", -rounded) : ("", rounded);
        return sign
            + (
                kind == LengthKind.Fine || ruler.Units == UnitSystem.Metric
                    ? Metric(size.Millimetres, kind)
                    : Imperial(size.Inches, kind)
            );
    }

    /// <summary>A length as it is written.</summary>
    internal static Length Rounded(Length length, LengthKind kind, Ruler ruler)
    {
        var step = StepOf(length, kind, ruler);
        return kind switch
        {
            LengthKind.Cut or LengthKind.Amount => Rounding.Up(length, step),
            LengthKind.AtMost => Rounding.Down(length, step),
            _ => Rounding.Nearest(length, step),
        };
    }

    /// <summary>What it is rounded to.</summary>
    internal static Length StepOf(Length length, LengthKind kind, Ruler ruler) =>
        kind switch
        {
            LengthKind.Cut => ruler.Cutting,
            LengthKind.Whole or LengthKind.AtMost when Math.Abs(length.Millimetres) >= InMetres =>
                ruler.Cutting,
            LengthKind.Fine => Length.FromMillimetres(0.01),
            LengthKind.Marked
            or LengthKind.Whole
            or LengthKind.AtMost
            or LengthKind.Tape
                when ruler.Units == UnitSystem.Imperial && Math.Abs(length.Inches) < 0.25 =>
                Length.Min(ruler.Marking, Small),
            LengthKind.Amount => AmountStep(ruler.Units),
            _ => ruler.Marking,
        };

    /// <summary>What is small is marked finer: a tuck or a gap is off by a quarter of itself else.</summary>
    private static readonly Length Small = Length.FromInches(1 / 32d);

    private static Length AmountStep(UnitSystem units) =>
        units == UnitSystem.Metric ? Length.FromMillimetres(100) : Length.FromInches(9);

    private static string Metric(double mm, LengthKind kind)
    {
        var inMetres =
            kind == LengthKind.Amount
            || (
                kind is LengthKind.Cut or LengthKind.Marked or LengthKind.Whole or LengthKind.AtMost
                && mm >= InMetres
            );
        return inMetres ? Figure(mm / 1000, " m")
            : kind == LengthKind.Fine || mm < 100 ? Figure(mm, " mm")
            : Figure(mm / 10, " cm");
    }

    private static string Imperial(double inches, LengthKind kind) =>
        kind == LengthKind.Amount
            ? WithFraction(inches / 36) + " yd"
            : WithFraction(inches) + " in";

    private static string Figure(double figure, string unit) =>
        DecimalText.Write(figure, Places, unit);

    private static string WithFraction(double figure)
    {
        var parts = (long)Math.Round(figure * FractionsOfInch);
        var (whole, top) = (parts / FractionsOfInch, parts % FractionsOfInch);
        if (top == 0)
        {
            return $"{whole}";
        }
        var bottom = (long)FractionsOfInch;
        while (top % 2 == 0)
        {
            (top, bottom) = (top / 2, bottom / 2);
        }
        return whole > 0 ? $"{whole} {top}/{bottom}" : $"{top}/{bottom}";
    }
}
