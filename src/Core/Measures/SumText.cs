using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text;

namespace ZephyrReach.Core.Measures;

/// <summary>
/// A sum in words and figures, such as <c>43.7 cm + 2 × 12 mm = 46.1 cm</c>: its terms are written as finely as it takes for them to
/// come to what stands at its end.
/// </summary>
/// <remarks>
/// Lengths are written as what is marked, or by their format: <c>fine</c>, <c>whole</c>, <c>most</c>, <c>cut</c>, <c>amount</c>; plain
/// figures with so many places as their format says. What is cut or bought stands at the end with what it is rounded up to beside
/// what it comes to.
/// </remarks>
[InterpolatedStringHandler]
public readonly struct SumText(int literalLength, int formattedCount)
{
    /// <summary>As fine as anything is ever written; a sum that does not come out then is about right, and says so.</summary>
    private const int Finest = 4;

    private readonly List<Part> parts = new(formattedCount * 2 + literalLength / 40 + 1);

    public void AppendLiteral(string text) => parts.Add(new(text));

    /// <summary>A part of the sum that was put together before.</summary>
    public void AppendFormatted(SumText part) => parts.AddRange(part.parts);

    public void AppendFormatted(string? text) => parts.Add(new(text ?? ""));

    public void AppendFormatted(int count) =>
        parts.Add(new(count.ToString(CultureInfo.InvariantCulture)));

    public void AppendFormatted(int? count) => AppendFormatted(count ?? 0);

    public void AppendFormatted(Length length, string format = "") =>
        parts.Add(
            new("")
            {
                Length = length,
                Kind = format switch
                {
                    "fine" => LengthKind.Fine,
                    "whole" => LengthKind.Whole,
                    "most" => LengthKind.AtMost,
                    "cut" => LengthKind.Cut,
                    "amount" => LengthKind.Amount,
                    _ => LengthKind.Marked,
                },
            }
        );

    public void AppendFormatted(double figure, string format = "2") =>
        parts.Add(new("") { Figure = figure, Places = format[0] - '0' });

    /// <summary>Writes it.</summary>
    internal string Write(Ruler ruler)
    {
        for (var fineness = 0; ; fineness++)
        {
            var (text, isTrue) = Written(ruler, fineness);
            if (isTrue || fineness == Finest)
            {
                return isTrue ? text : text.Replace(" = ", " ≈ ", StringComparison.Ordinal);
            }
        }
    }

    private (string Text, bool IsTrue) Written(Ruler ruler, int fineness)
    {
        var (text, sides) = (new StringBuilder(), new List<(string Sum, double Step)>());
        var (sum, step, isResult, isTrue) = (new StringBuilder(), 0.0, false, true);
        foreach (var part in parts)
        {
            if (part.Length is null && part.Figure is null)
            {
                text.Append(part.Text);
                var clauses = part.Text.Split(';');
                for (var c = 0; c < clauses.Length; c++)
                {
                    if (c > 0)
                    {
                        Close();
                    }
                    var terms = clauses[c].Split(" = ");
                    for (var t = 0; t < terms.Length; t++)
                    {
                        if (t > 0)
                        {
                            sides.Add((sum.ToString(), step));
                            (sum, step, isResult) = (new StringBuilder(), 0, true);
                        }
                        sum.Append(terms[t]);
                    }
                }
                continue;
            }
            var (words, value, of) = part.Write(ruler, isResult ? 0 : fineness, isResult);
            text.Append(words);
            sum.Append('(').Append(value.ToString("R", CultureInfo.InvariantCulture)).Append(')');
            step = Math.Max(step, of);
        }
        Close();
        return (text.ToString(), isTrue);

        void Close()
        {
            sides.Add((sum.ToString(), step));
            if (sides.Count > 1 && Arithmetic.Of(sides[0].Sum) is { } comes)
            {
                var isCount = sides[1].Step == 0;
                foreach (var side in sides.Skip(1))
                {
                    // A length that is rounded in words is left to them; a count has to be what they say.
                    if (
                        Arithmetic.Of(side.Sum) is { } shown
                        && Arithmetic.Rounded(sides[0].Sum, comes, isCount) is { } whole
                    )
                    {
                        isTrue &= Math.Abs(shown - whole) <= side.Step / 2 + 1e-9 * Math.Abs(whole);
                    }
                }
            }
            sides.Clear();
            (sum, step, isResult) = (new StringBuilder(), 0, false);
        }
    }

    private sealed record Part(string Text)
    {
        public Length? Length { get; init; }
        public LengthKind Kind { get; init; }
        public double? Figure { get; init; }
        public int Places { get; init; }

        /// <summary>In words, as the figure that these say, and what that is rounded to; in mm.</summary>
        public (string Text, double Value, double Step) Write(
            Ruler ruler,
            int fineness,
            bool isResult
        )
        {
            if (Figure is { } figure)
            {
                var places = Math.Min(5, Places + fineness);
                var of = Math.Pow(10, -places);
                return (
                    DecimalText.Write(figure, places),
                    Read(DecimalText.Write(figure, places)),
                    of
                );
            }
            var length = Length!.Value;
            var (kind, step) = (Kind, Step(ruler, fineness));
            if (kind is LengthKind.Cut or LengthKind.Amount)
            {
                var rounded = ruler.Write(length, kind);
                var plain = (ruler with { Marking = step }).Mark(length);
                // A term is what is really taken: as it is cut.
                return isResult || kind == LengthKind.Amount
                    ? (
                        plain == rounded || !isResult
                            ? plain
                            : $"{plain}, {(kind == LengthKind.Cut ? "cut" : "to have")} {rounded}",
                        Rounding.Nearest(length, step).Millimetres,
                        step.Millimetres
                    )
                    : (rounded, Rounding.Up(length, ruler.Cutting).Millimetres, 0);
            }
            if (kind != LengthKind.Fine && fineness >= 3 && ruler.Units == UnitSystem.Imperial)
            {
                // Finer than any fraction that is used.
                var inches = DecimalText.Write(length.Inches, fineness);
                return (
                    $"{inches} in",
                    Measures.Length.FromInches(Read(inches)).Millimetres,
                    25.4 * Math.Pow(10, -fineness)
                );
            }
            if (kind == LengthKind.Fine)
            {
                var of = fineness < 2 ? 0.01 : 0.0001;
                return (
                    DecimalText.Write(length.Millimetres, fineness < 2 ? 2 : 4, " mm"),
                    Read(DecimalText.Write(length.Millimetres, fineness < 2 ? 2 : 4)),
                    of
                );
            }
            if (fineness == 0)
            {
                // Rounded down it may be all of a step less.
                return (
                    ruler.Write(length, kind),
                    LengthText.Rounded(length, kind, ruler).Millimetres,
                    (kind == LengthKind.AtMost ? 2 : 1)
                        * LengthText.StepOf(length, kind, ruler).Millimetres
                );
            }
            return (
                (ruler with { Marking = step }).Mark(length),
                Rounding.Nearest(length, step).Millimetres,
                step.Millimetres
            );
        }

        /// <summary>The figure as it is read, which rounds halves as it was written.</summary>
        private static double Read(string written) =>
            double.Parse(written.Replace('−', '-'), CultureInfo.InvariantCulture);

        private static Length Step(Ruler ruler, int fineness) =>
            ruler.Units == UnitSystem.Metric
                ? fineness switch
                {
                    0 => ruler.Marking,
                    _ => Measures.Length.FromMillimetres(Math.Pow(10, -Math.Min(fineness, 3))),
                }
                : Measures.Length.Min(
                    ruler.Marking,
                    Measures.Length.FromInches(
                        1
                            / (
                                fineness < 1 ? 16d
                                : fineness < 2 ? 32
                                : 64
                            )
                    )
                );
    }
}
