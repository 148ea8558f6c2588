using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>The ways side by side: each says of itself what its own technique would, and the order has its reasons.</summary>
public class WhichWayTests
{
    private static readonly Calculation Form = Questions.Named("which-way")!;

    private static readonly string[] Owned = ["gathering-foot", "overlock", "ruffler", "elastic"];

    private static readonly string[] Purposes =
    [
        "must-fit",
        "long-run",
        "small-folds",
        "stretches",
    ];

    private static readonly Gen<RawInputs> AnyAsk =
        from edge in Gen.Double[60, 12_000]
        from fullness in Gen.Double[1, 4]
        from depth in Gen.Double[30, 600]
        from width in Gen.Double[600, 1600]
        from weight in Gen.Double[40, 400]
        from closed in Gen.Bool
        from purpose in Gen.Int[0, 3].Select(i => Purposes[i])
        select RawInputs.Of(
            ("finishedEdge", edge),
            ("fullness", fullness),
            ("finishedDepth", depth),
            ("clothWidth", width),
            ("clothWeight", weight),
            ("closed", closed),
            ("hemAllowance", 20),
            ("endAllowance", 15),
            ("clothThickness", 0.4),
            ("purpose", purpose)
        );

    private static readonly Gen<IReadOnlyList<string>> AnyDrawer = Gen
        .Bool.Array[4]
        .Select(has => (IReadOnlyList<string>)[.. Owned.Where((_, i) => has[i])]);

    [Fact]
    public void Each_way_takes_the_cloth_that_its_own_technique_would_cut() =>
        AnyAsk.Sample(
            ask =>
            {
                var ways = Ways(ask);
                foreach (var way in ways.Where(w => w.Said("technique") == "pulled-gathers"))
                {
                    var plan = Plan(
                        "pulled-gathers",
                        ask.With("rows", RawValue.Of(way.Said("scheme")))
                    );
                    way["cloth"].ShouldBe(plan["clothToBuy"], 1e-6, way.Said("title"));
                }
                var folded = ways.Single(w => w.Said("technique") == "tucked-ruffle");
                var plain = Plan(
                    "tucked-ruffle",
                    ask.With("stitchesPerTuck", RawValue.Of(6))
                        .With("stitchLength", RawValue.Of(2.5))
                );
                folded["cloth"].ShouldBe(plain["clothToBuy"], 1e-6, "small folds");
                // Begun as it was reckoned, the machine's ways cut the same too; a fullness that they do not give included.
                foreach (var name in new[] { "gathering-foot", "overlock-gathers" })
                {
                    var way = ways.Single(w => w.Said("technique") == name);
                    var begun = Plan(
                        name,
                        ask.With("stitchLength", RawValue.Of(way["stitchLength"]))
                            .With("tensionSteps", RawValue.Of(way["tensionSteps"]))
                            .With("passes", RawValue.Of(way["passes"]))
                            .With("differential", RawValue.Of(2))
                    );
                    way["cloth"].ShouldBe(begun["clothToBuy"], 1e-6, name);
                }
            },
            iter: 60
        );

    [Fact]
    public void Every_way_stands_there_once_with_its_reason_whatever_is_asked() =>
        Gen.Select(AnyAsk, AnyDrawer)
            .Sample(
                (ask, drawer) =>
                {
                    var ways = Ways(Having(ask, drawer));
                    var stretches = ask.Values["purpose"].Text == "stretches";
                    return ways.Select(w => w.Said("title")).Distinct().Count() == ways.Count
                        && ways.Any(w => w.Said("technique") == "shirring") == stretches
                        && ways.All(w =>
                            w["cloth"] > 0
                            && w["minutes"] > 0
                            && w.Said("why").EndsWith('.')
                            && w.Said("why").Length > 10
                        );
                }
            );

    [Fact]
    public void To_own_one_thing_more_never_puts_its_way_further_down() =>
        Gen.Select(AnyAsk, AnyDrawer, Gen.Int[0, 3])
            .Sample(
                (ask, drawer, more) =>
                {
                    var thing = Owned[more];
                    var without = Ways(Having(ask, [.. drawer.Where(d => d != thing)]));
                    var with = Ways(Having(ask, [.. drawer.Where(d => d != thing), thing]));
                    var name = thing switch
                    {
                        "overlock" => "overlock-gathers",
                        "ruffler" => "tucked-ruffle",
                        "elastic" => "shirring",
                        _ => thing,
                    };
                    return Place(with, name) <= Place(without, name);
                }
            );

    [Fact]
    public void What_is_not_known_to_be_owned_is_neither_there_nor_missing()
    {
        Ways(Form.Example.Without("has")).ShouldAllBe(w => !w.Names.Contains("has"));

        var ways = Ways(Having(Form.Example, ["gathering-foot"]));
        Flag("gathering-foot").ShouldBe(true);
        Flag("overlock-gathers").ShouldBe(false);
        ways.Single(w => w.Said("technique") == "overlock-gathers")
            .Said("why")
            .ShouldStartWith("There is no overlocker with differential feed in your supplies");
        // Pulled threads take nothing from the drawer.
        Flag("pulled-gathers").ShouldBeNull();

        bool? Flag(string technique)
        {
            var way = ways.First(w => w.Said("technique") == technique);
            return way.Names.Contains("has") ? way["has"] > 0 : null;
        }
    }

    [Fact]
    public void What_is_owned_is_read_off_the_supplies_and_of_none_nothing_is_missing()
    {
        var ask = Form.Example.Without("has");
        IReadOnlyList<string> Has(DrawerContents supplies) =>
            Questions.With(Form.Name, ask, supplies).TryGet("has", out var has)
                ? [.. has.List!.Select(h => h.Text!)]
                : ["not known"];
        var all = CardTests.DemoDrawer.Read().Contents;

        Has(all).ShouldBe(Owned);
        Has(all with { Elastics = [], Machines = [] }).ShouldBe(["gathering-foot", "ruffler"]);
        Has(DrawerContents.Empty).ShouldBe(["not known"]);
    }

    [Fact]
    public void Elastic_in_a_panel_wider_than_its_fabric_takes_joined_widths()
    {
        double Cloth(string edge) =>
            Ways(
                    Form.Example.With("purpose", RawValue.Of("stretches"))
                        .With("finishedEdge", RawValue.Of(edge))
                        .With("clothWidth", RawValue.Of("138 cm"))
                        .With("fullness", RawValue.Of(2))
                )
                .Single(w => w.Said("technique") == "shirring")["cloth"];

        Cloth("96.5 cm").ShouldBe(2 * Cloth("60 cm"), 1e-6);
        Cloth("2.1 m").ShouldBe(4 * Cloth("60 cm"), 1e-6);
    }

    [Theory]
    [InlineData("must-fit", 1.8, "pulled-gathers", "pulled to fit")]
    [InlineData("small-folds", 1.8, "tucked-ruffle", "small folds that are wanted")]
    [InlineData("stretches", 1.8, "shirring", "the only one that stretches")]
    public void With_everything_in_the_drawer_the_first_is_the_one_a_sewist_would_name(
        string purpose,
        double fullness,
        string first,
        string because
    )
    {
        var way = Ways(
            Having(
                Form.Example.With("purpose", RawValue.Of(purpose))
                    .With("fullness", RawValue.Of(fullness)),
                Owned
            )
        )[0];

        way.Said("technique").ShouldBe(first);
        way.Said("why").ShouldContain(because);
    }

    [Fact]
    public void A_fullness_that_a_foot_does_not_reach_is_said_with_how_far_it_comes()
    {
        var foot = Ways(Form.Example.With("fullness", RawValue.Of(5)))
            .Single(w => w.Said("technique") == "gathering-foot");

        foot["reaches"].ShouldBe(0);
        foot.Said("reachSays").ShouldStartWith("comes to about ");
        foot.Said("why").ShouldContain(foot.Said("reachSays"));
    }

    [Theory]
    [InlineData("finishedEdge", 0)]
    [InlineData("fullness", 0.5)]
    [InlineData("fullness", 9)]
    [InlineData("clothWidth", -1)]
    public void What_cannot_be_is_refused_at_its_field(string field, double value) =>
        Form.Compute(Form.Example.With(field, RawValue.Of(value)), Ruler.Metric)
            .Errors.ShouldHaveSingleItem()
            .Field.ShouldBe(field);

    [Fact]
    public void What_may_be_owned_is_one_of_the_four() =>
        Form.Compute(Form.Example.With("has", RawValue.Of([RawValue.Of("a loom")])), Ruler.Metric)
            .Errors.ShouldHaveSingleItem()
            .Field.ShouldStartWith("has");

    private static RawInputs Having(RawInputs ask, IReadOnlyList<string> things) =>
        ask.With("has", RawValue.Of([.. things.Select(RawValue.Of)]));

    private static int Place(IReadOnlyList<Captured> ways, string technique) =>
        ways.Select(w => w.Said("technique")).ToList().IndexOf(technique);

    private static IReadOnlyList<Captured> Ways(RawInputs ask)
    {
        var outcome = Form.Compute(ask, Ruler.Metric);
        outcome.Errors.Select(e => $"{e.Field}: {e.Says}").ShouldBeEmpty();
        return Captured.From(outcome.Answer!).Rows("ways");
    }

    /// <summary>What a technique answers to what was said of the edge, its other fields as in its example.</summary>
    private static Captured Plan(string technique, RawInputs said)
    {
        var form = Techniques.WorkingOf(technique)!.Forward;
        var known = form.Fields.Select(f => f.Name).ToHashSet();
        // What which-way takes as it usually is.
        var ask = RawInputs.Of(
            ("seamAllowance", 15),
            ("joinAllowance", 12),
            ("rowGap", 6),
            ("stitchLength", 4),
            ("clothThickness", 0.4),
            ("plainThickness", 0.8),
            ("tail", 100),
            ("doubled", false),
            ("cut", "across")
        );
        var whole = said
            .Values.Where(v => known.Contains(v.Key))
            .Aggregate(ask, (all, v) => all.With(v.Key, v.Value));
        whole = whole
            .Values.Where(v => !known.Contains(v.Key))
            .Aggregate(whole, (all, v) => all.Without(v.Key));
        var outcome = form.Compute(whole, Ruler.Metric);
        outcome.Errors.Select(e => $"{e.Field}: {e.Says}").ShouldBeEmpty(technique);
        return Captured.From(outcome.Answer!);
    }
}
