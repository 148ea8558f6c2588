using System.Globalization;
using System.Text;

namespace ZephyrReach.Core.Measures;

/// <summary>Reads sums with figures, + − × ÷ √ ², π and brackets; words in them are passed over.</summary>
internal static class Arithmetic
{
    /// <summary>What a sum comes to where its words say that it is rounded: a count as they say.</summary>
    /// <returns>Null for a length that is rounded in words.</returns>
    public static double? Rounded(string sum, double comes, bool isCount)
    {
        bool Says(string words) => sum.Contains(words, StringComparison.Ordinal);
        return Says("nearest whole") ? Math.Max(1, Math.Floor(comes + 0.5))
            : !Says(", rounded") && !Says("to the ne") ? comes
            : !isCount ? null
            : Says(", rounded up") ? Rounding.CeilingTolerant(comes)
            : Says(", rounded down") ? Rounding.FloorTolerant(comes) + (Says(", + 1") ? 1 : 0)
            : null;
    }

    /// <returns>Null where it is no sum.</returns>
    public static double? Of(string sum)
    {
        // What stands behind a comma explains it.
        var bare = new StringBuilder();
        foreach (var letter in sum.Split(',')[0])
        {
            bare.Append(char.IsLetter(letter) && letter != 'π' && letter != 'E' ? ' ' : letter);
        }
        var text = bare.ToString();
        var at = 0;
        var value = Sum();
        Skip();
        return at == text.Length && value is { } number && double.IsFinite(number) ? number : null;

        double? Sum()
        {
            var all = Product();
            while (Take('+', '−', '-') is { } sign)
            {
                all = sign == '+' ? all + Product() : all - Product();
            }
            return all;
        }

        double? Product()
        {
            var all = Term();
            while (Take('×', '÷') is { } sign)
            {
                all = sign == '×' ? all * Term() : all / Term();
            }
            return all;
        }

        double? Term()
        {
            double? value;
            if (Take('−', '-') is not null)
            {
                return -Term();
            }
            if (Take('√') is not null)
            {
                value = Term() is { } of ? Math.Sqrt(of) : null;
            }
            else if (Take('π') is not null)
            {
                value = Math.PI;
            }
            else if (Take('(') is not null)
            {
                value = Sum();
                value = Take(')') is null ? null : value;
            }
            else
            {
                Skip();
                var from = at;
                while (
                    at < text.Length
                    && (
                        char.IsAsciiDigit(text[at])
                        || text[at] is '.' or 'E'
                        || (text[at] == '-' && at > from && text[at - 1] == 'E')
                    )
                )
                {
                    at++;
                }
                value = double.TryParse(
                    text.AsSpan(from, at - from),
                    NumberStyles.Float,
                    CultureInfo.InvariantCulture,
                    out var number
                )
                    ? number
                    : null;
            }
            return Take('²') is null ? value : value * value;
        }

        char? Take(params ReadOnlySpan<char> any)
        {
            Skip();
            return at < text.Length && any.Contains(text[at]) ? text[at++] : null;
        }

        void Skip()
        {
            while (at < text.Length && text[at] == ' ')
            {
                at++;
            }
        }
    }
}
