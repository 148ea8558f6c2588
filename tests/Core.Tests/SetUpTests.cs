using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawer;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Measures;

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
                        Wants = ask.Wants with { Pair = Length.FromMillimetres(spacing) },
                    }
            );

            Figure(card, "needle").ShouldContain(DecimalText.Write(spacing));
        }
    }

    /// <summary>Whatever foot or needle was chosen, no width is said that strikes without its stop beside it.</summary>
    private static void StopsAreSaid(
        SettingsCard card,
        CardAsk ask,
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

    private static (SettingsCard Card, CardAsk Ask) Written(
        string name,
        string machine,
        Func<CardAsk, CardAsk> with
    )
    {
        var technique = Techniques.CardNamed(name)!;
        var ask = with(
            new CardAsk(
                Demo.Contents.Machines.Single(m => m.Name == machine),
                Demo.Contents,
                Demo.Cloths.First(c => c.Name.Contains("lawn")),
                null,
                null,
                Wants.Read(new AskReader(RawAsk.Empty, Ruler.Metric), technique),
                Ruler.Metric
            )
        );
        return (CardWriter.Write(technique, ask), ask);
    }

    private static string Figure(SettingsCard card, string key) =>
        card.Lines.Single(l => l.Key == key).Figure;
}
