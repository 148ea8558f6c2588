using System.Globalization;
using System.Text.RegularExpressions;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>Whoever follows the pencil work with a pencil comes to the figure that stands at its end.</summary>
public partial class PencilTests
{
    public static TheoryData<string, string> Sums()
    {
        var data = new TheoryData<string, string>();
        foreach (var technique in Techniques.Worked)
        {
            data.Add(technique.Name, "metric");
            data.Add(technique.Name, "imperial");
        }
        return data;
    }

    [Theory]
    [MemberData(nameof(Sums))]
    public void Comes_out_as_written(string technique, string units)
    {
        var ruler = units == "metric" ? Ruler.Metric : Ruler.Imperial;
        var form = Techniques.WorkingOf(technique)!.Straight;
        var checkedSums = 0;
        foreach (var line in form.Reckon(form.Example, ruler).Answer!.Pencil(ruler))
        {
            foreach (var sum in line.Sum.Split("; "))
            {
                var sides = sum.Split(" = ");
                // Words that stand for a step of their own: rounded up, or counted as well.
                if (
                    sides.Length < 2
                    || sum.Contains(", up", StringComparison.Ordinal)
                    || Sum.Of(sides[0].Split(", whole ones")[0]) is not { } left
                    || Sum.Of(sides[1].Split(',')[0]) is not { } right
                )
                {
                    continue;
                }
                if (sum.Contains(", whole ones", StringComparison.Ordinal))
                {
                    // Counted down, and a rounded figure may lie just beside a whole one.
                    var more = sides[0].EndsWith("+ 1", StringComparison.Ordinal) ? 1 : 0;
                    new[] { left.Value * 0.98, left.Value, left.Value * 1.02 }
                        .Select(v => Math.Floor(v) + more)
                        .ShouldContain(right.Value, $"{line.Title}: {sum}");
                }
                else
                {
                    Math.Abs(left.Value - right.Value)
                        .ShouldBeLessThanOrEqualTo(
                            0.012 * Math.Abs(right.Value) + right.Step,
                            $"{line.Title}: {sum} is {left.Value}"
                        );
                }
                checkedSums++;
            }
        }
        checkedSums.ShouldBeGreaterThan(1);
    }

    [Theory]
    [InlineData("2 × (20 cm + 15 mm seam)", 430)]
    [InlineData("36 1/2 in ÷ 2", 463.55)]
    [InlineData("each row 30 cm × 1.1", 330)]
    [InlineData("2 yd 4 in − 4 in", 1828.8)]
    public void Reads_what_is_written(string text, double value) =>
        Sum.Of(text)!.Value.Value.ShouldBe(value, 1e-6);

    /// <summary>A sum in mm, or in plain figures.</summary>
    /// <param name="Step">What it may be rounded to.</param>
    private readonly record struct Sum(double Value, double Step)
    {
        /// <summary>Reads a sum with units and words between; null where it is none.</summary>
        public static Sum? Of(string text)
        {
            // The dearest rounding: a tenth of a metre of thread, a quarter yard; what is cut; what is marked.
            var step =
                text.Contains(" yd", StringComparison.Ordinal) ? 229
                : text.Contains(" in", StringComparison.Ordinal) ? 6.4
                : text.Contains(" m", StringComparison.Ordinal)
                && !text.Contains(" mm", StringComparison.Ordinal)
                    ? 100
                : text.Contains(" cm", StringComparison.Ordinal) ? 5
                : text.Contains(" mm", StringComparison.Ordinal) ? 5
                : 0.006;
            var plain = Fraction()
                .Replace(
                    text,
                    m => $"({m.Groups[1].Value}+{m.Groups[2].Value}/{m.Groups[3].Value})"
                );
            plain = Yards()
                .Replace(plain, m => $"({m.Groups[1].Value}*914.4+{m.Groups[2].Value}*25.4)");
            plain = Unit()
                .Replace(
                    plain,
                    m =>
                        $"({m.Groups[1].Value}*"
                        + m.Groups[2].Value switch
                        {
                            "mm" => "1)",
                            "cm" => "10)",
                            "m" => "1000)",
                            "in" => "25.4)",
                            _ => "914.4)",
                        }
                );
            plain = Words()
                .Replace(plain, " ")
                .Replace('×', '*')
                .Replace('÷', '/')
                .Replace('−', '-');
            plain = plain.Replace(" ", "", StringComparison.Ordinal);
            if (plain.Length == 0 || !Arithmetic().IsMatch(plain))
            {
                return null;
            }
            var at = 0;
            var value = Terms(plain, ref at);
            return at == plain.Length ? new Sum(value, step) : null;
        }

        private static double Terms(string s, ref int at)
        {
            var value = Factors(s, ref at);
            while (at < s.Length && s[at] is '+' or '-' && at < s.Length)
            {
                var sign = s[at++] == '+' ? 1 : -1;
                value += sign * Factors(s, ref at);
            }
            return value;
        }

        private static double Factors(string s, ref int at)
        {
            var value = One(s, ref at);
            while (at < s.Length && s[at] is '*' or '/')
            {
                var times = s[at++] == '*';
                var by = One(s, ref at);
                value = times ? value * by : value / by;
            }
            return value;
        }

        private static double One(string s, ref int at)
        {
            if (s[at] == '(')
            {
                at++;
                var inner = Terms(s, ref at);
                at++;
                return inner;
            }
            var from = at;
            while (at < s.Length && (char.IsAsciiDigit(s[at]) || s[at] == '.'))
            {
                at++;
            }
            return double.Parse(s[from..at], CultureInfo.InvariantCulture);
        }
    }

    [GeneratedRegex(@"(\d+) (\d+)/(\d+)(?= (?:in|yd))")]
    private static partial Regex Fraction();

    [GeneratedRegex(@"(\d+) yd (\S+) in")]
    private static partial Regex Yards();

    [GeneratedRegex(@"(\([\d+/]+\)|\d[\d./]*) (mm|cm|m|in|yd)\b")]
    private static partial Regex Unit();

    [GeneratedRegex(@"[\p{L}’,:]+")]
    private static partial Regex Words();

    [GeneratedRegex(@"^[\d.()+*/-]+$")]
    private static partial Regex Arithmetic();
}
