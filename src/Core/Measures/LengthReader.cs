using System.Globalization;

namespace ZephyrReach.Core.Measures;

/// <summary>What came of reading a text as a length.</summary>
/// <param name="Length">The length, when it could be read.</param>
/// <param name="HadUnit">Whether the text named its own unit.</param>
/// <param name="Error">What is wrong, in a sentence that names the position; null when it could be read.</param>
/// <param name="Position">Where it is wrong, counted from 1; 0 when nothing is.</param>
public readonly record struct LengthReading(
    Length Length,
    bool HadUnit,
    string? Error,
    int Position
)
{
    public bool IsRead => Error is null;
}

/// <summary>Reads lengths as people write them.</summary>
/// <remarks>
/// <para>
/// Accepts a figure with an optional unit, or several with their units, all metric or all imperial but where a plus sign parts them:
/// <c>92 cm</c>, <c>36 1/2 in</c>, <c>3-5/8"</c>, <c>3⅝ in</c>, <c>1.5m</c>, <c>1,5 m</c>, <c>2 yd 4 in</c>,
/// <c>1' 2"</c>, <c>1.2 m + 80 cm</c>. A plus sign adds lengths up. A figure without a unit takes the system's own:
/// centimetres or inches (millimetres where the caller says so).
/// </para>
/// <para>
/// Refused: an empty text, a negative figure, two decimal signs in one figure, a fraction over nothing, an unknown
/// unit, one unit twice in one length, metric beside imperial without a plus sign, a figure without a unit beside one with, over 1 000 km, over 200 characters.
/// </para>
/// </remarks>
public ref partial struct LengthReader
{
    private const int LongestText = 200;
    private const double Longest = 1e9;
    private const int MostDigits = 32;

    private readonly ReadOnlySpan<char> text;
    private readonly double ownUnit;
    private int at;
    private string? error;
    private int errorAt;

    private LengthReader(ReadOnlySpan<char> text, double ownUnit)
    {
        this.text = text;
        this.ownUnit = ownUnit;
    }

    /// <summary>Reads a text.</summary>
    /// <param name="text">What was written.</param>
    /// <param name="units">Decides the unit of a figure that has none: centimetres or inches.</param>
    /// <returns>The length, or what is wrong and where.</returns>
    public static LengthReading Read(string? text, UnitSystem units) =>
        Read(text, units == UnitSystem.Metric ? 10 : Length.MillimetresPerInch);

    /// <summary>Reads a figure of a machine's dial or a gauge, where a bare figure is millimetres.</summary>
    /// <param name="text">What was written.</param>
    /// <returns>The length, or what is wrong and where.</returns>
    public static LengthReading ReadFine(string? text) => Read(text, 1);

    /// <summary>The text with the unit it was read in written out, so that it means the same whatever the system.</summary>
    /// <param name="text">A text that can be read; any other is given back as it is.</param>
    /// <param name="units">The system whose unit a bare figure took.</param>
    /// <param name="fine">Whether a bare figure was millimetres.</param>
    public static string Spelled(string text, UnitSystem units, bool fine)
    {
        var ownUnit =
            fine ? "mm"
            : units == UnitSystem.Metric ? "cm"
            : "in";
        var reading = fine ? ReadFine(text) : Read(text, units);
        if (!reading.IsRead || reading.HadUnit)
        {
            return text;
        }
        var terms = text.Split('+').Select(term => term.Trim());
        return string.Join(
            " + ",
            terms.Select(term => Read(term, 1).HadUnit ? term : $"{term} {ownUnit}")
        );
    }

    private static LengthReading Read(string? text, double ownUnit)
    {
        if (string.IsNullOrWhiteSpace(text))
        {
            return new LengthReading(default, false, "Enter a length.", 1);
        }
        if (text.Length > LongestText)
        {
            return new LengthReading(
                default,
                false,
                "This is too long to be a length.",
                LongestText + 1
            );
        }
        return new LengthReader(text, ownUnit).ReadAll();
    }

    private LengthReading ReadAll()
    {
        double total = 0;
        var hadUnit = true;
        do
        {
            total += ReadOne(ref hadUnit);
        } while (error is null && Take('+'));
        if (error is null && at < text.Length)
        {
            Fail(at, $"“{text[at..]}” is not part of a length");
        }
        if (error is null && total > Longest)
        {
            Fail(0, "this is over a thousand kilometres");
        }
        return error is null
            ? new LengthReading(Length.FromMillimetres(total), hadUnit, null, 0)
            : new LengthReading(
                default,
                false,
                $"At character {errorAt + 1}: {error}.",
                errorAt + 1
            );
    }

    /// <summary>One length, such as <c>2 yd 4 in</c>: up to a plus sign or the end.</summary>
    private double ReadOne(ref bool hadUnit)
    {
        double sum = 0;
        var used = 0L;
        var parts = 0;
        var (bare, isImperial) = (false, false);
        do
        {
            SkipSpaces();
            var start = at;
            var figure = ReadFigure();
            if (error is not null)
            {
                return 0;
            }
            var unitAt = at;
            var unit = ReadUnit();
            if (error is not null)
            {
                return 0;
            }
            if (unit == 0)
            {
                if (parts > 0)
                {
                    Fail(start, $"“{text[start..unitAt].Trim()}” has no unit of its own");
                    return 0;
                }
                bare = true;
                unit = ownUnit;
                hadUnit = false;
            }
            else if (bare)
            {
                Fail(start, "the number before this has no unit");
                return 0;
            }
            // 96.5 cm38 in: the one typed behind the other.
            if (parts > 0 && IsImperial(unit) != isImperial)
            {
                Fail(
                    start,
                    "this is another measure than before; put a + between lengths that are to be added"
                );
                return 0;
            }
            isImperial = IsImperial(unit);
            var bit = 1L << UnitBit(unit);
            if ((used & bit) != 0)
            {
                Fail(
                    start,
                    "this unit was already given; put a + between lengths that are to be added"
                );
                return 0;
            }
            used |= bit;
            sum += figure * unit;
            parts++;
            SkipSpaces();
        } while (at < text.Length && text[at] != '+');
        return sum;
    }

    private double ReadFigure()
    {
        if (at >= text.Length)
        {
            Fail(at, "a number is missing");
            return 0;
        }
        if (text[at] is '-' or '\u2212')
        {
            Fail(at, "a length cannot be below nothing");
            return 0;
        }
        if (FractionOf(text[at]) is { } alone)
        {
            at++;
            return alone;
        }
        var start = at;
        var (first, isWhole) = ReadDecimal();
        if (error is not null || !isWhole)
        {
            return first;
        }
        if (at < text.Length && IsSlash(text[at]))
        {
            return Over(first, start);
        }
        return first + ReadFractionAfterWhole();
    }

    private (double Figure, bool IsWhole) ReadDecimal()
    {
        var start = at;
        var (digits, places) = (0, -1);
        for (; at < text.Length && (char.IsAsciiDigit(text[at]) || text[at] is '.' or ','); at++)
        {
            if (at - start == MostDigits)
            {
                Fail(start, "this number has too many digits");
                return (0, false);
            }
            if (char.IsAsciiDigit(text[at]))
            {
                digits++;
            }
            else if (places >= 0)
            {
                Fail(at, "a number has one decimal sign only");
                return (0, false);
            }
            else
            {
                places = digits;
            }
        }
        if (digits == 0)
        {
            Fail(
                start,
                start < text.Length ? $"“{text[start]}” is not a number" : "a number is missing"
            );
            return (0, false);
        }
        var figure = double.Parse(
            text[start..at].ToString().Replace(',', '.'),
            NumberStyles.AllowDecimalPoint,
            CultureInfo.InvariantCulture
        );
        return (figure, places < 0);
    }

    private bool Take(char wanted)
    {
        SkipSpaces();
        if (at >= text.Length || text[at] != wanted)
        {
            return false;
        }
        at++;
        return true;
    }

    private void SkipSpaces()
    {
        while (at < text.Length && char.IsWhiteSpace(text[at]))
        {
            at++;
        }
    }

    private void Fail(int position, string says)
    {
        error ??= says;
        errorAt = errorAt == 0 ? position : errorAt;
    }
}
