using System.Buffers.Text;
using System.Runtime.CompilerServices;
using System.Text;

namespace ZephyrReach.Core.Measures;

/// <summary>Writes plain figures, with no more places than they need.</summary>
/// <remarks>Whole numbers are written rather than a general format, which would cost most of a reckoning.</remarks>
public static class DecimalText
{
    private const int MostBytes = 32;

    /// <summary>Writes a ratio, a dial figure or a weight.</summary>
    /// <param name="figure">Finite, and less than 10^12 either side of 0.</param>
    /// <param name="places">Up to so many places, 0 to 5; rounded to the nearest.</param>
    /// <returns>Such as <c>2.2</c>; a figure below 0 carries a minus sign.</returns>
    public static string Write(double figure, int places = 2)
    {
        Span<byte> text = stackalloc byte[MostBytes];
        var at = 0;
        // What rounds to nothing has no sign.
        if (figure < 0 && Math.Round(figure * Power(places), MidpointRounding.AwayFromZero) < 0)
        {
            at = Put("−"u8, text, 0);
        }
        return Encoding.UTF8.GetString(text[..Write(text, at, Math.Abs(figure), places, default)]);
    }

    /// <summary>Writes a figure of 0 or above, and its unit, as UTF-8.</summary>
    /// <returns>Where the text ends.</returns>
    /// <remarks>Inlined, so that the division is by the constant that the caller's places give.</remarks>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    internal static int Write(
        Span<byte> text,
        int at,
        double figure,
        int places,
        ReadOnlySpan<byte> unit
    )
    {
        var power = Power(places);
        // Signed, because that is one instruction and unsigned is several.
        var parts = (long)(figure * power + 0.5);
        var whole = parts / power;
        var rest = (uint)(parts - whole * power);
        at = Whole(text, at, (ulong)whole);
        if (rest > 0)
        {
            at = Fraction(text, at, rest, places);
        }
        return Put(unit, text, at);
    }

    /// <summary>Writes a whole figure as UTF-8.</summary>
    /// <param name="text">Takes at least 20 bytes from <paramref name="at"/> on.</param>
    /// <returns>Where the text ends.</returns>
    public static int Whole(Span<byte> text, int at, ulong whole)
    {
        if (whole >= 10_000)
        {
            Utf8Formatter.TryFormat(whole, text[at..], out var digits);
            return at + digits;
        }
        // Most figures on cloth have up to four digits, and a general way of writing them takes longer to choose.
        var figure = (uint)whole;
        var length =
            figure < 100 ? (figure < 10 ? 1 : 2)
            : figure < 1000 ? 3
            : 4;
        Digits(text, at, length, figure);
        return at + length;
    }

    /// <summary>Copies a piece of text.</summary>
    /// <returns>Where the text ends.</returns>
    internal static int Put(ReadOnlySpan<byte> piece, Span<byte> text, int at)
    {
        piece.CopyTo(text[at..]);
        return at + piece.Length;
    }

    private static int Fraction(Span<byte> text, int at, uint rest, int places)
    {
        if (rest % 1000 == 0)
        {
            (rest, places) = (rest / 1000, places - 3);
        }
        while (rest % 10 == 0)
        {
            (rest, places) = (rest / 10, places - 1);
        }
        text[at] = (byte)'.';
        Digits(text, at + 1, places, rest);
        return at + 1 + places;
    }

    private static uint Power(int places) =>
        places switch
        {
            0 => 1,
            1 => 10,
            2 => 100,
            3 => 1000,
            4 => 10_000,
            _ => 100_000,
        };

    private static void Digits(Span<byte> text, int at, int places, uint figure)
    {
        for (var place = at + places - 1; place >= at; place--)
        {
            text[place] = (byte)('0' + figure % 10);
            figure /= 10;
        }
    }
}
