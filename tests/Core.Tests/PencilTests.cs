using System.Globalization;
using System.Text.RegularExpressions;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;
using ZephyrReach.Tests;

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

    /// <summary>What is shown is all that is needed: no term is rounded away, and what is rounded up says so.</summary>
    [Theory]
    [MemberData(nameof(Sums))]
    public void Comes_out_as_written(string technique, string units)
    {
        var ruler = units == "metric" ? Ruler.Metric : Ruler.Imperial;
        var form = Techniques.WorkingOf(technique)!.Forward;
        var (came, nearly, false_) = (0, new List<string>(), new List<string>());
        var chance = new Random(27);
        foreach (
            var ask in Enumerable
                .Range(0, 60 * Deep.Times)
                .Select(i => i == 0 ? form.Example : AnyAskTests.Changed(form, chance))
        )
        {
            foreach (var line in form.Compute(ask, ruler).Answer?.Derivation(ruler) ?? [])
            {
                foreach (var sum in line.Sum.Split(';', StringSplitOptions.TrimEntries))
                {
                    if (sum.Contains('≈'))
                    {
                        nearly.Add($"{line.Title}: {sum}");
                    }
                    var sides = sum.Split(" = ");
                    // Words that stand for a step of their own: rounded up or down, or counted.
                    if (
                        sides.Length < 2
                        || Rounds().IsMatch(sum)
                        || Sum.Of(sides[0]) is not { } left
                        || Sum.Of(sides[1].Split(',')[0]) is not { } right
                    )
                    {
                        continue;
                    }
                    // Metres of an edge are told to the step of cutting.
                    var within =
                        right.Value >= 2000
                            ? Math.Max(right.Step, ruler.Cutting.Millimetres)
                            : right.Step;
                    if (Math.Abs(left.Value - right.Value) > within + 1e-9 * Math.Abs(right.Value))
                    {
                        false_.Add($"{line.Title}: {sum} is {left.Value}");
                    }
                    came++;
                }
            }
        }
        false_.ShouldBeEmpty();
        came.ShouldBeGreaterThan(100);
        // A sum that does not come out to a thousandth of a millimetre is one in hundreds, and says “about”.
        nearly.Count.ShouldBeLessThanOrEqualTo(came / 20, string.Join('\n', nearly.Take(5)));
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
            // Half of what the last place of a result is rounded to; edges of metres are told to half a centimetre.
            var figures = Decimal().Match(text);
            var last = Math.Pow(10, -figures.Groups[1].Length) / 2;
            var step =
                text.Contains(" yd", StringComparison.Ordinal)
                || text.EndsWith(" in", StringComparison.Ordinal)
                    ? 0.8
                : text.EndsWith(" mm", StringComparison.Ordinal)
                    ? Math.Max(last, figures.Groups[1].Length < 2 ? 0.25 : 0)
                : text.EndsWith("cm", StringComparison.Ordinal) ? 0.25
                : text.EndsWith(" m", StringComparison.Ordinal) ? 2.5
                : last;
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
                .Replace(plain.Replace("π", "(3.14159265358979)"), " ")
                .Replace('×', '*')
                .Replace('÷', '/')
                .Replace('−', '-')
                .Replace('²', '^');
            plain = plain.Replace(" ", "", StringComparison.Ordinal);
            if (plain.Length == 0 || !Arithmetic().IsMatch(plain))
            {
                return null;
            }
            var at = 0;
            var value = Terms(plain, ref at);
            return at == plain.Length && double.IsFinite(value) ? new Sum(value, step) : null;
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
            var value = Bare(s, ref at);
            if (at < s.Length && s[at] == '^')
            {
                at++;
                value *= value;
            }
            return value;
        }

        private static double Bare(string s, ref int at)
        {
            if (at < s.Length && s[at] == '-')
            {
                at++;
                return -One(s, ref at);
            }
            if (at < s.Length && s[at] == '√')
            {
                at++;
                return Math.Sqrt(One(s, ref at));
            }
            if (at < s.Length && s[at] == '(')
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
            return double.TryParse(
                s.AsSpan(from, at - from),
                CultureInfo.InvariantCulture,
                out var value
            )
                ? value
                : double.NaN;
        }
    }

    [GeneratedRegex(", rounded|to the ne|or the widest")]
    private static partial Regex Rounds();

    [GeneratedRegex(@"^\D*\d+(?:\.(\d+))?")]
    private static partial Regex Decimal();

    [GeneratedRegex(@"(\d+) (\d+)/(\d+)(?= (?:in|yd))")]
    private static partial Regex Fraction();

    [GeneratedRegex(@"(\d+) yd (\S+) in")]
    private static partial Regex Yards();

    [GeneratedRegex(@"(\([\d+/]+\)|\d[\d./]*) (mm|cm|m|in|yd)\b")]
    private static partial Regex Unit();

    [GeneratedRegex(@"[\p{L}’,:]+")]
    private static partial Regex Words();

    [GeneratedRegex(@"^[\d.()+*/√^-]+$")]
    private static partial Regex Arithmetic();
}
