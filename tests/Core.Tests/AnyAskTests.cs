using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Tests;

namespace ZephyrReach.Core.Tests;

/// <summary>
/// Whatever an ask says within the ranges of its fields, to their very ends, is answered with figures or refused at a field.
/// </summary>
public class AnyAskTests
{
    public static TheoryData<string> All() => [.. Techniques.Worked.Select(t => t.Name)];

    public static TheoryData<string, string> Forms()
    {
        var all = new TheoryData<string, string>();
        foreach (var technique in Techniques.Worked)
        {
            foreach (var form in technique.Process!.Inverses.Prepend(technique.Process.Forward))
            {
                all.Add(technique.Name, form.Name);
            }
        }
        foreach (var question in Questions.All)
        {
            all.Add("", question.Name);
        }
        return all;
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public void Is_answered_in_figures_or_refused_at_its_field(string technique, string name)
    {
        var form = FormOf(technique, name);
        var answered = 0;
        Gen.Select(Gen.Int[0, int.MaxValue], Gen.Bool)
            .Sample(
                (seed, inches) =>
                {
                    var ruler = inches ? Ruler.Imperial : Ruler.Metric;
                    var ask = Changed(form, new Random(seed));
                    var outcome = form.Compute(ask, ruler);
                    if (outcome.Answer is not { } answer)
                    {
                        outcome.Errors.ShouldNotBeEmpty();
                        outcome.Errors.ShouldAllBe(e => form.Fields.Any(f => Names(f, e.Field)));
                        return;
                    }
                    Interlocked.Increment(ref answered);
                    Captured.From(answer).ShouldBeFinite();
                    answer
                        .Findings.Zip(answer.Findings.Skip(1))
                        .All(p => p.First.Severity >= p.Second.Severity)
                        .ShouldBeTrue();
                    Texts(answer, ruler)
                        .ShouldAllBe(t =>
                            !t.Contains("NaN") && !t.Contains('∞') && !t.Contains("--")
                        );
                    answer
                        .Drawings(ruler)
                        .ShouldAllBe(d => d.Width > Length.Zero && d.Height > Length.Zero);
                },
                iter: 60 * Deep.Times
            );
        answered.ShouldBeGreaterThan(0);
    }

    [Theory]
    [MemberData(nameof(All))]
    public void Is_held_against_what_was_cut_by_any_other(string name)
    {
        var technique = Techniques.WorkingOf(name)!;
        Gen.Select(Gen.Int[0, int.MaxValue], Gen.Int[0, int.MaxValue])
            .Sample(
                (before, after) =>
                {
                    var (then, now) = (
                        Changed(technique.Forward, new Random(before)),
                        Changed(technique.Forward, new Random(after))
                    );
                    var comparison = technique.CompareAsks(
                        new InputReader(then, Ruler.Metric),
                        new InputReader(now, Ruler.Metric)
                    );
                    var isAnswered = new[] { then, now }.All(a =>
                        technique.Forward.Compute(a, Ruler.Metric).Answer is not null
                    );
                    (comparison is not null).ShouldBe(isAnswered);
                    (
                        comparison
                            ?.Differences.SelectMany(d => (string[])[d.Was, d.IsNow])
                            .All(t => !t.Contains("NaN"))
                        ?? true
                    ).ShouldBeTrue();
                },
                iter: 60 * Deep.Times
            );
    }

    /// <summary>A form of <see cref="Forms"/>; of no technique, a question.</summary>
    internal static Calculation FormOf(string technique, string name) =>
        technique == ""
            ? Questions.Named(name)!
            : Techniques.WorkingOf(technique)!.CalculationNamed(name)!;

    internal static RawInputs Changed(Calculation form, Random random)
    {
        var ask = form.Example;
        for (var changes = random.Next(1, 5); changes > 0; changes--)
        {
            var field = form.Fields[random.Next(form.Fields.Count)];
            ask =
                random.Next(8) == 0
                    ? ask.Without(field.Name)
                    : ask.With(field.Name, Value(field, random));
        }
        return ask;
    }

    private static RawValue Value(Field field, Random random) =>
        field switch
        {
            LengthField f => RawValue.Of(Between(f.Least.Millimetres, f.Most.Millimetres, random)),
            NumberField { IsWhole: true } f => RawValue.Of(
                Math.Round(Between(f.Least, f.Most, random))
            ),
            NumberField f => RawValue.Of(Between(f.Least, f.Most, random)),
            CountsField f => RawValue.Of([
                .. Enumerable
                    .Range(0, random.Next(1, 5))
                    .Select(_ => RawValue.Of(Math.Round(Between(f.Least, f.Most, random)))),
            ]),
            LengthsField f => RawValue.Of([
                .. Enumerable
                    .Range(0, random.Next(1, 4))
                    .Select(_ => RawValue.Of(Between(0.1, f.Most.Millimetres, random))),
            ]),
            FlagField => RawValue.Of(random.Next(2) == 0),
            ChoiceField f => RawValue.Of(f.Choices[random.Next(f.Choices.Count)].Name),
            ChoicesField f => RawValue.Of([
                .. f.Choices.Where(_ => random.Next(3) == 0).Select(c => RawValue.Of(c.Name)),
            ]),
            GroupField f => RawValue.Of(Group(f.Fields, random)),
            GroupsField f => RawValue.Of([
                .. Enumerable
                    .Range(0, random.Next(0, 5))
                    .Select(_ => RawValue.Of(Group(f.Fields, random))),
            ]),
            PathDataField => RawValue.Of(Outline(random)),
            NameField => RawValue.Of(random.Next(3) == 0 ? "Ab" : "Wren & 14"),
            _ => RawValue.Unusable,
        };

    /// <summary>A star round a middle, with straight sides or bent ones: closed, and never crossing itself.</summary>
    private static string Outline(Random random)
    {
        var points = random.Next(3, 9);
        var size = Between(3, 400, random);
        var data = new System.Text.StringBuilder();
        for (var i = 0; i < points; i++)
        {
            var angle = 2 * Math.PI * (i + random.NextDouble() * 0.4) / points;
            var r = size * (0.35 + 0.6 * random.NextDouble());
            data.Append(
                FormattableString.Invariant(
                    $"{(i == 0 ? 'M' : 'L')}{size + r * Math.Cos(angle):0.###} {size + r * Math.Sin(angle):0.###} "
                )
            );
        }
        return data.Append('Z').ToString();
    }

    private static RawInputs Group(IReadOnlyList<Field> fields, Random random) =>
        new(
            fields
                .Where(f => f.IsNeeded || random.Next(2) == 0)
                .ToDictionary(f => f.Name, f => Value(f, random))
        );

    /// <summary>An end of the range, a whole figure, or any size alike from the smallest to the largest.</summary>
    private static double Between(double least, double most, Random random)
    {
        var low = Math.Max(least, Math.Min(1e-3, most / 2));
        var any =
            low <= 0
                ? least + random.NextDouble() * (most - least)
                : low * Math.Pow(most / low, random.NextDouble());
        return random.Next(6) switch
        {
            0 => least,
            1 => most,
            2 => Math.Clamp(Math.Round(any), least, most),
            _ => any,
        };
    }

    /// <summary>Whether a field has this name, or a field within it, such as <c>samples[2].flat</c>.</summary>
    private static bool Names(Field field, string name) =>
        name == field.Name
        || name.StartsWith($"{field.Name}[", StringComparison.Ordinal)
        || name.StartsWith($"{field.Name}.", StringComparison.Ordinal);

    private static IEnumerable<string> Texts(Result answer, Ruler ruler) =>
        [
            .. answer.Findings.SelectMany(f => (string[])[f.Says, f.Because, f.Remedy]),
            .. answer.Derivation(ruler).SelectMany(p => (string[])[p.Title, p.Sum, p.Because]),
            .. answer.Steps(ruler).SelectMany(s => (string[])[s.Title, s.Says, s.Big, .. s.Checks]),
            .. answer.Drawings(ruler).SelectMany(d => (string[])[d.Title, d.Says]),
        ];
}
