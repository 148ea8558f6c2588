namespace ZephyrReach.Core.Measures;

/// <content>Units, and fractions that are one character.</content>
public ref partial struct LengthReader
{
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

    private static bool IsImperial(double unit) => unit is 25.4 or 304.8 or 914.4;

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

    private static bool IsSlash(char c) => c is '/' or '\u2044' or '\u2215';

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
}
