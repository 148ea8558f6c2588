using System.Globalization;
using System.Text;
using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Tests;

namespace ZephyrReach.Core.Tests;

/// <summary>The largest that an ask may say: it is answered or refused within its budget, and whatever takes work is counted.</summary>
public class ExtremeTests
{
    /// <summary>What a reckoning with all that belongs to it may allocate: more would be work that nobody counted.</summary>
    private const long MostBytes = 3L << 30;

    public static TheoryData<string, string> Forms() => AnyAskTests.Forms();

    [Theory]
    [MemberData(nameof(Forms))]
    public void Takes_no_more_work_than_an_ask_may(string technique, string name)
    {
        var form = AnyAskTests.FormOf(technique, name);
        Gen.Int[0, int.MaxValue]
            .Sample(
                seed =>
                {
                    var ask = Extreme(form, new Random(seed));
                    var before = GC.GetAllocatedBytesForCurrentThread();
                    var budget = new Budget(Budget.Most, CancellationToken.None);
                    budget.Begin();
                    try
                    {
                        if (form.Compute(ask, Ruler.Metric).Answer is { } answer)
                        {
                            _ = answer.Derivation(Ruler.Metric).Count;
                            _ = answer.Drawings(Ruler.Metric).Count;
                            _ = answer.Steps(Ruler.Metric).Count;
                            _ = (answer as WorkPlan)?.Summary;
                        }
                    }
                    catch (TooMuchException)
                    {
                        form.TooMuch(ask).ShouldNotBeEmpty();
                        budget.Spent.ShouldBeLessThan(Budget.Most * 3 / 2);
                    }
                    (GC.GetAllocatedBytesForCurrentThread() - before).ShouldBeLessThan(MostBytes);
                },
                iter: 10 * Deep.Times,
                threads: 1
            );
    }

    [Fact]
    public void What_is_too_much_says_what_would_make_it_lighter()
    {
        var form = Techniques.WorkingOf("free-motion")!.Forward;
        var ask = Filled(form, "0.5 mm", Comb(400));
        new Budget(Budget.Light, CancellationToken.None).Begin();

        Should.Throw<TooMuchException>(() => form.Compute(ask, Ruler.Metric));
        form.TooMuch(ask).Select(e => e.Field).ShouldBe(["lineSpacing", "outline"], true);
    }

    [Fact]
    public void A_motif_of_many_holes_or_letters_is_an_ordinary_ask()
    {
        var form = Techniques.WorkingOf("free-motion")!.Forward;
        var holes =
            from x in Enumerable.Range(0, 17)
            from y in Enumerable.Range(0, 9)
            select $"M{6 + 11 * x} {14 + 21 * y}a4 4 0 1 0 8 0a4 4 0 1 0 -8 0z";
        var letters = form
            .Example.With("kind", RawValue.Of("letters"))
            .With("made", RawValue.Of("file"))
            .With("text", RawValue.Of("abcdefghijklmnopqrstuvwx"))
            .With("capHeight", RawValue.Of("50 cm"));

        foreach (
            var ask in new[]
            {
                letters,
                Filled(form, "1 mm", $"M0 0h200v200h-200z{string.Concat(holes)}"),
            }
        )
        {
            Budget budget = new(Budget.Most / 6, CancellationToken.None);
            budget.Begin();
            form.Compute(ask, Ruler.Metric)
                .Answer.ShouldNotBeNull()
                .Drawings(Ruler.Metric)
                .ShouldNotBeEmpty();
        }
    }

    private static RawInputs Filled(Calculation form, string spacing, string outline) =>
        form
            .Example.With("kind", RawValue.Of("fill"))
            .With("made", RawValue.Of("file"))
            .With("lineSpacing", RawValue.Of(spacing))
            .With("outline", RawValue.Of(outline));

    [Fact]
    public void Nobody_waits_any_more_and_it_ends()
    {
        using var gone = new CancellationTokenSource();
        gone.Cancel();
        new Budget(Budget.Most, gone.Token).Begin();

        Should.Throw<OperationCanceledException>(() =>
        {
            for (var i = 0; i < 1_000_000; i++)
            {
                Budget.Spend(1);
            }
        });
    }

    [Fact]
    public void A_part_that_takes_too_much_leaves_the_others_theirs()
    {
        var heavy = 0;
        new Budget(Budget.Most, CancellationToken.None, () => heavy++).Begin();
        for (var part = 0; part < 40; part++)
        {
            Should.Throw<TooMuchException>(() => Budget.Part(() => Spent(10_000_000)));
            Budget.Part(() => Spent(Budget.Light / 2)).ShouldBeTrue();
        }
        heavy.ShouldBe(1);

        static bool Spent(long units)
        {
            for (var left = units; left > 0; left -= 1000)
            {
                Budget.Spend(1000);
            }
            return true;
        }
    }

    private static RawInputs Extreme(Calculation form, Random random)
    {
        var ask = AnyAskTests.Changed(form, random);
        foreach (var field in form.Fields.Where(_ => random.Next(3) > 0))
        {
            if (Largest(field, random) is { } value)
            {
                ask = ask.With(field.Name, value);
            }
        }
        return ask;
    }

    private static RawValue? Largest(Field field, Random random) =>
        field switch
        {
            LengthField f when f.Eases.Length > 0 => RawValue.Of(f.Least.Millimetres),
            LengthField f when random.Next(2) == 0 => RawValue.Of(f.Most.Millimetres),
            NumberField { IsWhole: true } f => RawValue.Of(f.Most),
            GroupsField f => RawValue.Of([
                .. Enumerable
                    .Range(0, f.Most)
                    .Select(_ =>
                        RawValue.Of(
                            new RawInputs(
                                f.Fields.Select(i => (i.Name, Value: Largest(i, random)))
                                    .Where(i => i.Value is not null && random.Next(2) == 0)
                                    .ToDictionary(i => i.Name, i => i.Value!.Value)
                            )
                        )
                    ),
            ]),
            PathDataField => RawValue.Of(
                random.Next(4) switch
                {
                    0 => Comb(500),
                    1 => Star(1000),
                    2 => Spiral(2000),
                    _ => Holes(400),
                }
            ),
            NameField => RawValue.Of("ABCDEFGHIJKLMNOPQRSTUVWX"),
            _ => null,
        };

    private static string Comb(int teeth) =>
        $"M0 0{string.Concat(Enumerable.Repeat("h1v1000h1v-1000", teeth))}v-1H0Z";

    private static string Star(int points) =>
        Ring(2 * points, i => i % 2 == 0 ? 1000 : 700, i => Math.PI * i / points);

    /// <summary>Out along one arm and back beside it: long, narrow, and never crossing itself.</summary>
    private static string Spiral(int points) =>
        Ring(
            points,
            i => 20 + 0.3 * (i < points / 2 ? i : points - i) + (i < points / 2 ? 0 : 4),
            i => 2 * Math.PI * (i < points / 2 ? i : points - i) / 60.0
        );

    private static string Holes(int count) =>
        "M0 0h2000v2000h-2000Z"
        + string.Concat(
            Enumerable
                .Range(0, count)
                .Select(i => $"M{100 * (i % 20) + 20} {100 * (i / 20) + 20}h60v60h-60Z")
        );

    private static string Ring(int count, Func<int, double> radius, Func<int, double> angle)
    {
        var data = new StringBuilder();
        for (var i = 0; i < count; i++)
        {
            data.Append(
                CultureInfo.InvariantCulture,
                $"{(i == 0 ? 'M' : 'L')}{1000 + radius(i) * Math.Cos(angle(i)):0.###} {1000 + radius(i) * Math.Sin(angle(i)):0.###}"
            );
        }
        return data.Append('Z').ToString();
    }
}
