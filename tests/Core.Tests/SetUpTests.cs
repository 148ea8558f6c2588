using System.Text.RegularExpressions;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Tests;

/// <summary>
/// One set-up: what was chosen is what the card is written for, whatever is owned. What does not serve is said, never replaced.
/// </summary>
public class SetUpTests
{
    private static readonly CardTests.DemoDrawer Demo = CardTests.DemoDrawer.Read();

    public static TheoryData<string, string> CardsOnMachines()
    {
        var all = new TheoryData<string, string>();
        foreach (var card in Techniques.Cards)
        {
            foreach (var machine in Demo.Contents.Machines)
            {
                all.Add(card.Name, machine.Name);
            }
        }
        return all;
    }

    [Theory]
    [MemberData(nameof(CardsOnMachines))]
    public void The_card_is_written_for_the_foot_that_was_chosen(string name, string machine)
    {
        foreach (var foot in Demo.Contents.Feet)
        {
            var (card, ask) = Written(name, machine, ask => ask with { Foot = foot });
            if (!card.IsPossible)
            {
                continue;
            }
            Figure(card, "foot").ShouldBe(foot.Name);
            var serves = Techniques.CardNamed(name)!.Feet.Any(f => f.Kinds.Contains(foot.Is.Kind!));
            card.Findings.Any(f => f.Code == "foot-for-another").ShouldBe(!serves, foot.Name);
            StopsAreSaid(card, ask, foot, null);
            // Where the card would rather have another, one press takes it.
            foreach (var cure in card.Findings.Select(f => f.Cure).OfType<Cure>())
            {
                var taken = Demo.Contents.Feet.Single(f => f.Id == cure.Value);
                var (better, _) = Written(name, machine, ask => ask with { Foot = taken });
                better.Findings.ShouldNotContain(f => f.Code == "foot-for-another");
            }
        }
    }

    [Theory]
    [MemberData(nameof(CardsOnMachines))]
    public void The_card_is_written_for_the_needle_that_was_chosen(string name, string machine)
    {
        foreach (var needle in Demo.Contents.Needles)
        {
            var (card, ask) = Written(name, machine, ask => ask with { Needle = needle });
            if (!card.IsPossible)
            {
                continue;
            }
            Figure(card, "needle").ShouldBe(needle.Name);
            StopsAreSaid(card, ask, null, needle);
        }
    }

    [Fact]
    public void The_pair_that_is_planned_is_the_pair_on_the_card()
    {
        foreach (var spacing in new[] { 1.6, 2, 2.5, 3, 4 })
        {
            var (card, _) = Written(
                "pintucks",
                "window machine",
                ask =>
                    ask with
                    {
                        Wants = CardTests.Wanting("pintucks", ("needleSpacing", spacing)),
                    }
            );

            Figure(card, "needle").ShouldContain(DecimalText.Write(spacing));
        }
    }

    public static TheoryData<string> Planned() => [.. Techniques.Worked.Select(t => t.Name)];

    /// <summary>What the step sets is what the card says, as it comes out or as it stands on the dial.</summary>
    [Theory]
    [MemberData(nameof(Planned))]
    public void The_step_that_sets_the_machine_and_the_card_say_one_thing(string name)
    {
        var form = Techniques.WorkingOf(name)!.Forward;
        var chance = new Random(11);
        for (var i = 0; i < 60; i++)
        {
            var ask = i == 0 ? form.Example : AnyAskTests.Changed(form, chance);
            if (form.Compute(ask, Ruler.Metric).Answer is not WorkPlan plan)
            {
                continue;
            }
            var told = plan.ForCard.Aggregate(
                ask,
                (all, f) => all.With(f.Name, RawValue.Of(f.Text))
            );
            var technique = Techniques.Named(name)!.CardOf(told);
            // What is mended by hand sets no machine.
            if (technique.ByHand.Count > 0)
            {
                continue;
            }
            var reader = new InputReader(told, Ruler.Metric);
            var wants = new Wants(reader, technique);
            if (reader.Errors.Count > 0)
            {
                continue;
            }
            var (card, _) = Written(
                technique.Name,
                technique.NeedsOverlocker ? "shed overlocker" : "window machine",
                a => a with { Wants = wants }
            );
            // What the machine cannot make, the card says and sets otherwise.
            if (!card.IsPossible || card.Findings.Any(f => f.Severity >= Severity.Care))
            {
                continue;
            }
            var steps = plan.Steps(Ruler.Metric);
            var step =
                steps.FirstOrDefault(s => s.Key == "set-up") ?? steps.First(s => s.Sets.Count > 0);
            foreach (
                var (word, key) in new[]
                {
                    ("length", "length"),
                    ("stitch", "length"),
                    ("width", "width"),
                }
            )
            {
                var set = Regex
                    .Matches(string.Join("; ", step.Sets), $@"\b{word} ([\d.]+) mm")
                    .Select(m => m.Groups[1].Value)
                    .ToList();
                if (set.Count == 0)
                {
                    continue;
                }
                // Of several stitches the card has the one that is sewn first.
                var line = card.Lines.Single(l => l.Key == key);
                set.Any(figure =>
                        new[] { line.Figure, line.Dial }.Any(t =>
                            Regex.IsMatch(t, $@"(^|[^\d.]){Regex.Escape(figure)}($|[^\d.])")
                        )
                    )
                    .ShouldBeTrue(
                        $"{name}: {step.Title}: {string.Join(", ", step.Sets)}, card {line.Figure} ({line.Dial})"
                    );
            }
        }
    }

    /// <summary>A new plan begins with what the card says by itself.</summary>
    [Theory]
    [MemberData(nameof(Planned))]
    public void What_a_plan_begins_with_is_what_the_card_says_when_nothing_is_said(string name)
    {
        var technique = Techniques.Named(name)!;
        var starts = technique.Process!.Forward.Fields.Aggregate(
            RawInputs.Empty,
            (ask, field) =>
                field switch
                {
                    LengthField { Start: { } start } => ask.With(
                        field.Name,
                        RawValue.Of(start.Millimetres)
                    ),
                    NumberField { Start: { } start } => ask.With(field.Name, RawValue.Of(start)),
                    _ => ask,
                }
        );
        foreach (var card in technique.Cards)
        {
            string[] settings = ["stitchLength", "tensionSteps", "differential", "tail"];
            var told = settings.Aggregate(
                RawInputs.Empty,
                (ask, field) => starts.TryGet(field, out var start) ? ask.With(field, start) : ask
            );
            var wants = new Wants(new InputReader(told, Ruler.Metric), card);
            var machine = card.NeedsOverlocker ? "shed overlocker" : "window machine";
            var (begun, _) = Written(card.Name, machine, ask => ask with { Wants = wants });
            var (alone, _) = Written(card.Name, machine, ask => ask);

            foreach (
                var key in new[]
                {
                    "length",
                    "needle-tension",
                    "differential",
                    "tail",
                    "tail-elastic",
                }
            )
            {
                string? Said(SettingsCard of) => of.Lines.FirstOrDefault(l => l.Key == key)?.Figure;
                Said(begun).ShouldBe(Said(alone), $"{card.Name}: {key}");
            }
        }
    }

    /// <summary>Whatever foot or needle was chosen, no width is said that strikes without its stop beside it.</summary>
    private static void StopsAreSaid(
        SettingsCard card,
        CardInputs ask,
        Owned<Foot>? foot,
        Owned<Needle>? needle
    )
    {
        // A foot that is only to be looked for may be called as one that is owned.
        foot ??= card.Feet.FirstOrDefault(f => f.Rank != "buy") is { } named
            ? ask.Drawer.Feet.Single(f => f.Id == named.Id)
            : null;
        needle ??= ask.Drawer.Needles.FirstOrDefault(n => n.Name == Figure(card, "needle"));
        var width = card.Lines.FirstOrDefault(l => l.Key == "width")?.Figure.Replace(" mm", "");
        var stops = Fitting
            .Of(
                new Combination(
                    ask.Machine,
                    foot,
                    needle,
                    For: new Sewing(
                        Length.FromMillimetres(
                            double.Parse(
                                width ?? "0",
                                System.Globalization.CultureInfo.InvariantCulture
                            )
                        )
                    ),
                    Tried: ask.Drawer.Tried
                )
            )
            .Findings.Where(f => f.Severity == Severity.Stop)
            .Select(f => f.Code);
        stops.ShouldBeSubsetOf(card.Findings.Select(f => f.Code));
    }

    /// <summary>A technique that is worked in several ways is set up as it is worked, not as it is named.</summary>
    [Theory]
    [InlineData("pintucks", "kind", "folded", "twin|groove|ridge")]
    [InlineData("ease", "rows", "two-inside", "nothing to ease")]
    [InlineData("overlock-gathers", "joinFlat", "yes", "Needle position")]
    [InlineData("applique", "stitch", "satin", "straight part")]
    [InlineData("applique", "stitch", "turned", "straight part|fuse")]
    [InlineData("darning", "what", "along-seam", "program|interfacing|buttonhole")]
    [InlineData("darning", "what", "sheer", "program|interfacing|Foot")]
    [InlineData("darning", "what", "knit", "universal|dense")]
    [InlineData("pulled-gathers", "rows", "over-threads", "at both ends|A step below")]
    public void The_settings_are_those_of_the_way_that_is_worked(
        string name,
        string field,
        string way,
        string never
    )
    {
        var technique = Techniques.Named(name)!;
        var asked = RawInputs.Of((field, way));
        var told = technique.ToldToCard(asked);
        var card = technique.CardOf(asked);
        var wants = new Wants(new InputReader(told, Ruler.Metric), card);
        var ask = Asked(card.NeedsOverlocker ? "shed overlocker" : "window machine", wants);
        foreach (var line in CardWriter.Write(card, ask).Lines)
        {
            $"{line.Setting}: {line.Figure}. {line.Because}".ShouldNotMatch($"(?i){never}");
        }
    }

    private static (SettingsCard Card, CardInputs Ask) Written(
        string name,
        string machine,
        Func<CardInputs, CardInputs> with
    )
    {
        var technique = Techniques.CardNamed(name)!;
        var wants = new Wants(new InputReader(RawInputs.Empty, Ruler.Metric), technique);
        var ask = with(Asked(machine, wants));
        return (CardWriter.Write(technique, ask), ask);
    }

    private static CardInputs Asked(string machine, Wants wants) =>
        new(
            Demo.Contents.Machines.Single(m => m.Name == machine),
            Demo.Contents,
            Demo.Cloths.First(c => c.Name.Contains("lawn")),
            null,
            null,
            wants,
            Ruler.Metric
        );

    private static string Figure(SettingsCard card, string key) =>
        card.Lines.Single(l => l.Key == key).Figure;
}
