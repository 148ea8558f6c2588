using System.Globalization;

namespace ZephyrReach.Core.Measures;

/// <summary>Writes lengths as a person at the table reads them.</summary>
/// <remarks>
/// Metric: millimetres below 10 cm, centimetres below 2 m, metres above that; on a tape always centimetres. Imperial:
/// inches with real fractions; what is cut and is 2 yards or more, in yards and inches. Reading a marked text back
/// with <see cref="LengthReader"/> gives the same marked figure.
/// </remarks>
public static class LengthText
{
    private const int FractionsOfInch = 64;
    private const char Minus = '\u2212';

    /// <summary>Writes a length.</summary>
    /// <param name="length">Any length; a negative one carries a minus sign.</param>
    /// <param name="kind">Says the direction of rounding.</param>
    /// <param name="ruler">The unit system and its steps.</param>
    /// <returns>Such as <c>36 1/2 in</c>, <c>35.8 cm</c>, <c>2.6 m</c>.</returns>
    public static string Write(Length length, LengthKind kind, Ruler ruler)
    {
        ArgumentNullException.ThrowIfNull(ruler);
        var rounded = kind switch
        {
            LengthKind.Cut => Rounding.Up(length, ruler.Cutting),
            LengthKind.Marked or LengthKind.Tape => Rounding.Nearest(length, ruler.Marking),
            LengthKind.Fine => Rounding.Nearest(length, Length.FromMillimetres(0.01)),
            _ => Rounding.Up(length, AmountStep(ruler.Units)),
        };
        Span<char> text = stackalloc char[64];
        var at = 0;
        if (rounded < Length.Zero)
        {
            text[at++] = Minus;
            rounded = -rounded;
        }
        at += (kind, ruler.Units) switch
        {
            (LengthKind.Fine, _) => Decimal(text[at..], rounded.Millimetres, " mm"),
            (LengthKind.Amount, UnitSystem.Metric) => Decimal(
                text[at..],
                rounded.Millimetres / 1000,
                " m"
            ),
            (LengthKind.Amount, _) => WithFraction(text[at..], rounded.Inches / 36, " yd"),
            (_, UnitSystem.Metric) => Metric(text[at..], rounded.Millimetres, kind),
            _ => Imperial(text[at..], rounded.Inches, kind),
        };
        return new string(text[..at]);
    }

    private static Length AmountStep(UnitSystem units) =>
        units == UnitSystem.Metric ? Length.FromMillimetres(100) : Length.FromInches(9);

    private static int Metric(Span<char> text, double mm, LengthKind kind)
    {
        if (mm < 100)
        {
            return Decimal(text, mm, " mm");
        }
        return kind != LengthKind.Tape && mm >= 2000
            ? Decimal(text, mm / 1000, " m")
            : Decimal(text, mm / 10, " cm");
    }

    private static int Imperial(Span<char> text, double inches, LengthKind kind)
    {
        if (kind != LengthKind.Cut || inches < 72)
        {
            return WithFraction(text, inches, " in");
        }
        var yards = Math.Floor(inches / 36 + 1e-9);
        var rest = Math.Max(0, inches - yards * 36);
        var at = Decimal(text, yards, " yd");
        if (rest * FractionsOfInch >= 0.5)
        {
            text[at++] = ' ';
            at += WithFraction(text[at..], rest, " in");
        }
        return at;
    }

    /// <summary>Writes a figure of 0 or above with up to five places, no more than it needs.</summary>
    /// <remarks>
    /// Steps are no finer than a hundredth of a millimetre, so five places in metres are exact. Whole numbers are written
    /// rather than a general format, which would cost most of a reckoning.
    /// </remarks>
    private static int Decimal(Span<char> text, double figure, ReadOnlySpan<char> unit)
    {
        var parts = (long)Math.Round(figure * 100_000);
        var rest = (int)(parts % 100_000);
        (parts / 100_000).TryFormat(text, out var at, default, CultureInfo.InvariantCulture);
        if (rest > 0)
        {
            text[at++] = '.';
            for (var place = 10_000; rest > 0; place /= 10)
            {
                text[at++] = (char)('0' + rest / place);
                rest %= place;
            }
        }
        unit.CopyTo(text[at..]);
        return at + unit.Length;
    }

    private static int WithFraction(Span<char> text, double figure, ReadOnlySpan<char> unit)
    {
        var parts = (long)Math.Round(figure * FractionsOfInch);
        var whole = parts / FractionsOfInch;
        var top = (int)(parts % FractionsOfInch);
        var at = 0;
        if (whole > 0 || top == 0)
        {
            whole.TryFormat(text, out at, default, CultureInfo.InvariantCulture);
        }
        if (top > 0)
        {
            var bottom = FractionsOfInch;
            while (top % 2 == 0)
            {
                (top, bottom) = (top / 2, bottom / 2);
            }
            if (at > 0)
            {
                text[at++] = ' ';
            }
            top.TryFormat(text[at..], out var written, default, CultureInfo.InvariantCulture);
            at += written;
            text[at++] = '/';
            bottom.TryFormat(text[at..], out written, default, CultureInfo.InvariantCulture);
            at += written;
        }
        unit.CopyTo(text[at..]);
        return at + unit.Length;
    }
}
