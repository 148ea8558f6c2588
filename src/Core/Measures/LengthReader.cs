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
public ref struct LengthReader
{
    private const int LongestText = 200;
    private const double Longest = 1e9;
    private const int MostDigits = 32;
    private const int ExactDigits = 15;

    private static readonly double[] PowersOfTen =
    [
        1,
        1e1,
        1e2,
        1e3,
        1e4,
        1e5,
        1e6,
        1e7,
        1e8,
        1e9,
        1e10,
        1e11,
        1e12,
        1e13,
        1e14,
        1e15,
    ];

    private static readonly (string Name, double Mm)[] Units =
    [
        ("mm", 1),
        ("millimetre", 1),
        ("millimetres", 1),
        ("millimeter", 1),
        ("millimeters", 1),
        ("cm", 10),
        ("centimetre", 10),
        ("centimetres", 10),
        ("centimeter", 10),
        ("centimeters", 10),
        ("dm", 100),
        ("m", 1000),
        ("metre", 1000),
        ("metres", 1000),
        ("meter", 1000),
        ("meters", 1000),
        ("in", 25.4),
        ("inch", 25.4),
        ("inches", 25.4),
        ("ins", 25.4),
        ("in.", 25.4),
        ("ft", 304.8),
        ("foot", 304.8),
        ("feet", 304.8),
        ("ft.", 304.8),
        ("yd", 914.4),
        ("yds", 914.4),
        ("yard", 914.4),
        ("yards", 914.4),
        ("yd.", 914.4),
    ];

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

    private static bool IsImperial(double unit) => unit is 25.4 or 304.8 or 914.4;

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

    /// <summary>The fraction of <c>3 5/8</c>, <c>3-5/8</c>, <c>3⅝</c> or <c>3 ⅝</c>; leaves all else unread.</summary>
    private double ReadFractionAfterWhole()
    {
        var before = at;
        if (at < text.Length && text[at] is '-' or '\u2010' or '\u2011' or '\u2013')
        {
            at++;
        }
        else
        {
            SkipSpaces();
        }
        if (at < text.Length && FractionOf(text[at]) is { } glyph)
        {
            at++;
            return glyph;
        }
        var digits = at;
        while (digits < text.Length && char.IsAsciiDigit(text[digits]))
        {
            digits++;
        }
        if (digits == at || digits >= text.Length || !IsSlash(text[digits]))
        {
            at = before;
            return 0;
        }
        var start = at;
        var (top, _) = ReadDecimal();
        return Over(top, start);
    }

    private double Over(double top, int start)
    {
        at++;
        var bottomAt = at;
        var (bottom, isWhole) = ReadDecimal();
        if (error is not null)
        {
            return 0;
        }
        if (bottom == 0 || !isWhole)
        {
            Fail(bottomAt, $"“{text[start..at]}” is not a fraction");
            return 0;
        }
        return top / bottom;
    }

    private (double Figure, bool IsWhole) ReadDecimal()
    {
        var start = at;
        var (digits, places, all) = (0, -1, 0L);
        for (; at < text.Length && (char.IsAsciiDigit(text[at]) || text[at] is '.' or ','); at++)
        {
            if (at - start == MostDigits)
            {
                Fail(start, "this number has too many digits");
                return (0, false);
            }
            if (char.IsAsciiDigit(text[at]))
            {
                // Only figures of up to fifteen digits use what is added up here; more may run over.
                all = unchecked(all * 10 + (text[at] - '0'));
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
        // Two whole numbers that a double holds exactly give the double nearest to the figure as written.
        var figure =
            digits > ExactDigits
                ? double.Parse(
                    text[start..at].ToString().Replace(',', '.'),
                    NumberStyles.AllowDecimalPoint,
                    CultureInfo.InvariantCulture
                )
            : places < 0 ? all
            : all / PowersOfTen[digits - places];
        return (figure, places < 0);
    }

    /// <summary>The millimetres in the unit that stands here; 0 when none does.</summary>
    private double ReadUnit()
    {
        var before = at;
        SkipSpaces();
        if (at >= text.Length)
        {
            return 0;
        }
        switch (text[at])
        {
            case '"' or '\u2033' or '\u201d' or '\u201c':
                at++;
                return Length.MillimetresPerInch;
            case '\'' or '\u2032' or '\u2019' or '\u2018':
                at++;
                // Two single strokes are how some keyboards write a double one.
                if (at < text.Length && text[at] == text[at - 1])
                {
                    at++;
                    return Length.MillimetresPerInch;
                }
                return 304.8;
        }
        var end = at;
        while (end < text.Length && (char.IsLetter(text[end]) || text[end] == '.'))
        {
            end++;
        }
        if (end == at)
        {
            at = before;
            return 0;
        }
        foreach (var (name, mm) in Units)
        {
            if (text[at..end].Equals(name, StringComparison.OrdinalIgnoreCase))
            {
                at = end;
                return mm;
            }
        }
        Fail(at, $"“{text[at..end]}” is not a unit; mm, cm, m, in, ft and yd are");
        return 0;
    }

    private static int UnitBit(double unit) =>
        unit switch
        {
            1 => 0,
            10 => 1,
            100 => 2,
            1000 => 3,
            25.4 => 4,
            304.8 => 5,
            _ => 6,
        };

    private static bool IsSlash(char c) => c is '/' or '\u2044' or '\u2215';

    private static double? FractionOf(char c) =>
        c switch
        {
            '½' => 1 / 2d,
            '⅓' => 1 / 3d,
            '⅔' => 2 / 3d,
            '¼' => 1 / 4d,
            '¾' => 3 / 4d,
            '⅕' => 1 / 5d,
            '⅖' => 2 / 5d,
            '⅗' => 3 / 5d,
            '⅘' => 4 / 5d,
            '⅙' => 1 / 6d,
            '⅚' => 5 / 6d,
            '⅐' => 1 / 7d,
            '⅛' => 1 / 8d,
            '⅜' => 3 / 8d,
            '⅝' => 5 / 8d,
            '⅞' => 7 / 8d,
            '⅑' => 1 / 9d,
            '⅒' => 1 / 10d,
            _ => null,
        };

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
