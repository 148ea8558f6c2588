using System.Text;

namespace ZephyrReach.Core.Measures;

/// <summary>Writes lengths as a person at the table reads them.</summary>
/// <remarks>
/// Metric: millimetres below 10 cm, centimetres below 2 m, metres above that; on a tape always centimetres. Imperial:
/// inches with real fractions; what is cut and is 2 yards or more, in yards and inches. Reading a marked text back
/// with <see cref="LengthReader"/> gives the same marked figure.
/// </remarks>
public static class LengthText
{
    /// <summary>No length writes more bytes than this.</summary>
    public const int MostBytes = 64;

    private const int FractionsOfInch = 64;

    /// <summary>Steps are no finer than a hundredth of a millimetre, so five places in metres are exact.</summary>
    private const int Places = 5;

    /// <summary>Writes a length.</summary>
    /// <param name="length">Any length; a negative one carries a minus sign.</param>
    /// <param name="kind">Says the direction of rounding.</param>
    /// <param name="ruler">The unit system and its steps.</param>
    /// <returns>Such as <c>36 1/2 in</c>, <c>35.8 cm</c>, <c>2.6 m</c>.</returns>
    public static string Write(Length length, LengthKind kind, Ruler ruler)
    {
        Span<byte> text = stackalloc byte[MostBytes];
        return Encoding.UTF8.GetString(text[..Write(length, kind, ruler, text)]);
    }

    /// <summary>Writes a length as UTF-8, where a string of its own would cost more than the reckoning.</summary>
    /// <param name="text">Takes at least <see cref="MostBytes"/>.</param>
    /// <returns>How many bytes were written: digits, signs and units, none of which JSON has to escape.</returns>
    public static int Write(Length length, LengthKind kind, Ruler ruler, Span<byte> text)
    {
        ArgumentNullException.ThrowIfNull(ruler);
        var rounded = kind switch
        {
            LengthKind.Cut => Rounding.Up(length, ruler.Cutting),
            LengthKind.Marked or LengthKind.Tape => Rounding.Nearest(length, ruler.Marking),
            LengthKind.Fine => Rounding.Nearest(length, Length.FromMillimetres(0.01)),
            _ => Rounding.Up(length, AmountStep(ruler.Units)),
        };
        var at = 0;
        if (rounded < Length.Zero)
        {
            at = DecimalText.Put("−"u8, text, 0);
            rounded = -rounded;
        }
        if (kind == LengthKind.Fine || ruler.Units == UnitSystem.Metric)
        {
            return Metric(text, at, rounded.Millimetres, kind);
        }
        return Imperial(text, at, rounded.Inches, kind);
    }

    private static Length AmountStep(UnitSystem units) =>
        units == UnitSystem.Metric ? Length.FromMillimetres(100) : Length.FromInches(9);

    private static int Metric(Span<byte> text, int at, double mm, LengthKind kind)
    {
        var inMetres =
            kind == LengthKind.Amount
            || (kind is LengthKind.Cut or LengthKind.Marked && mm >= 2000);
        if (inMetres)
        {
            return DecimalText.Write(text, at, mm / 1000, Places, " m"u8);
        }
        return kind == LengthKind.Fine || mm < 100
            ? DecimalText.Write(text, at, mm, Places, " mm"u8)
            : DecimalText.Write(text, at, mm / 10, Places, " cm"u8);
    }

    private static int Imperial(Span<byte> text, int at, double inches, LengthKind kind)
    {
        if (kind == LengthKind.Amount)
        {
            return WithFraction(text, at, inches / 36, " yd"u8);
        }
        if (kind != LengthKind.Cut || inches < 72)
        {
            return WithFraction(text, at, inches, " in"u8);
        }
        var yards = Math.Floor(inches / 36 + 1e-9);
        var rest = Math.Max(0, inches - yards * 36);
        at = DecimalText.Write(text, at, yards, Places, " yd"u8);
        if (rest * FractionsOfInch >= 0.5)
        {
            at = WithFraction(text, DecimalText.Put(" "u8, text, at), rest, " in"u8);
        }
        return at;
    }

    private static int WithFraction(Span<byte> text, int at, double figure, ReadOnlySpan<byte> unit)
    {
        var parts = (ulong)Math.Round(figure * FractionsOfInch);
        var (whole, top) = (parts / FractionsOfInch, (uint)(parts % FractionsOfInch));
        if (whole > 0 || top == 0)
        {
            at = DecimalText.Whole(text, at, whole);
        }
        if (top > 0)
        {
            var bottom = (uint)FractionsOfInch;
            while (top % 2 == 0)
            {
                (top, bottom) = (top / 2, bottom / 2);
            }
            if (whole > 0)
            {
                text[at++] = (byte)' ';
            }
            at = DecimalText.Whole(text, at, top);
            text[at++] = (byte)'/';
            at = DecimalText.Whole(text, at, bottom);
        }
        return DecimalText.Put(unit, text, at);
    }
}
