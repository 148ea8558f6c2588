using System.Text.Json;
using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Core.Swatches;

namespace ZephyrReach.Core.Tests;

public class CardTests
{
    /// <summary>The demonstration's drawer, as the program reads it in.</summary>
    private static readonly DemoDrawer Demo = DemoDrawer.Read();

    /// <summary>Any technique, machine and cloth of the demonstration, with any wishes.</summary>
    private static readonly Gen<(CardTechnique Technique, CardInputs Ask)> AnyAsk =
        from technique in Gen.Int[0, Techniques.Cards.Count - 1]
        from machine in Gen.Int[0, Demo.Contents.Machines.Count - 1]
        from cloth in Gen.Int[-1, Demo.Cloths.Count - 1]
        from thread in Gen.Int[-1, Demo.Contents.Threads.Count - 1]
        from cord in Gen.Double[0.5, 9]
        from gap in Gen.Double[1, 6]
        from stitch in Gen.Double[0.3, 9]
        from layers in Gen.Int[1, 6]
        from school in Gen.Int[0, 2]
        let known = Techniques.Cards[technique]
        select (
            known,
            new CardInputs(
                Demo.Contents.Machines[machine],
                Demo.Contents,
                cloth < 0 ? null : Demo.Cloths[cloth],
                thread < 0 ? null : Demo.Contents.Threads[thread],
                null,
                Wanting(
                    known,
                    ("cordThickness", cord),
                    ("gap", gap),
                    ("bite", 1.2),
                    ("rowGap", 7),
                    ("stitchLength", stitch),
                    ("tail", 100),
                    ("fullness", 2.2),
                    ("layers", layers),
                    ("stitchesPerTuck", 6),
                    (
                        "school",
                        known.School is { } ways
                            ? ways.Choices[school % ways.Choices.Count].Name
                            : ""
                    )
                ),
                Ruler.Metric
            )
        );

    [Fact]
    public void A_card_recommends_nothing_that_a_rule_stops() =>
        AnyAsk.Sample(
            (technique, ask) =>
            {
                var card = CardWriter.Write(technique, ask);
                if (!card.IsPossible)
                {
                    return card.Findings.Any(f => f.Severity == Severity.Stop)
                        && card.Lines.Count == 1;
                }
                var foot = ask.Drawer.Feet.FirstOrDefault(f => f.Id == card.Feet[0].Id);
                var needle = ask.Drawer.Needles.FirstOrDefault(n =>
                    n.Name == Figure(card, "needle")
                );
                var fit = Fitting.Of(
                    new Combination(
                        ask.Machine,
                        foot,
                        needle,
                        ask.Thread,
                        ask.Cloth,
                        new Sewing(WidthOf(card)),
                        ask.Drawer.Tried
                    )
                );
                return fit.Findings.All(f => f.Severity != Severity.Stop)
                    && card.Findings.All(f => f.Severity != Severity.Stop || f.Code == "lift");
            },
            iter: 5000
        );

    [Fact]
    public void A_recommended_needle_always_has_air_in_its_foot_and_plate() =>
        AnyAsk.Sample(
            (technique, ask) =>
            {
                var card = CardWriter.Write(technique, ask);
                var foot = ask.Drawer.Feet.FirstOrDefault(f =>
                    card.Feet.Count > 0 && f.Id == card.Feet[0].Id
                );
                var needle = ask.Drawer.Needles.FirstOrDefault(n =>
                    card.IsPossible && n.Name == Figure(card, "needle")
                );
                if (
                    foot is null
                    || needle is null
                    || ask.Drawer.Tried.Any(t => t.Clears && t.Foot == foot.Id)
                )
                {
                    return true;
                }
                var takes =
                    WidthOf(card)
                    + needle.Is.Blade!.Value
                    + (needle.Is.TwinSpacing ?? Length.Zero)
                    + Mm(0.6);
                return !(foot.Is.Opening < takes - Mm(1e-6))
                    && (!needle.Is.IsTwin || !(ask.Machine.Is.PlateOpening < takes - Mm(1e-6)));
            },
            iter: 5000
        );

    [Fact]
    public void No_setting_leaves_the_machines_range() =>
        AnyAsk.Sample(
            (technique, ask) =>
            {
                var card = CardWriter.Write(technique, ask);
                if (!card.IsPossible)
                {
                    return true;
                }
                var machine = ask.Machine.Is;
                var length = MmOf(Figure(card, "length"));
                var dial = Line(card, "needle-tension")!.Dial;
                var figure = dial.StartsWith("dial ", StringComparison.Ordinal)
                    ? double.Parse(dial[5..], System.Globalization.CultureInfo.InvariantCulture)
                    : machine.Dial.Normal ?? 0;
                return (
                        length is not { } l
                        || (!(l > machine.LongestStitch) && !(l < machine.ShortestStitch))
                    )
                    && !(WidthOf(card) > machine.WidestStitch)
                    && !(figure < machine.Dial.Lowest || figure > machine.Dial.Highest)
                    && card.Lines.All(line =>
                        line.Because.Length is > 0 and < 160 && line.Figure.Length > 0
                    );
            },
            iter: 5000
        );

    [Theory]
    [InlineData("pulled-gathers", "window machine", "everyday foot", "−1 step", "dial 3")]
    [InlineData("gathers-over-threads", "window machine", "everyday foot", "normal", "dial 4")]
    [InlineData("gathering-foot", "window machine", "gathering foot", "+1.5 steps", "dial 5.5")]
    [InlineData(
        "overlock-gathers",
        "shed overlocker",
        "overlock gathering foot",
        "+1 step",
        "dial 6"
    )]
    [InlineData("tucked-ruffle", "window machine", "ruffler", "normal", "dial 4")]
    [InlineData("shirring", "window machine", "hollow satin foot", "normal", "dial 4")]
    [InlineData("pintucks", "window machine", "seven-groove pintuck foot", "+1 step", "dial 5")]
    [InlineData("stitch-rows", "window machine", "hollow satin foot", "−0.5 steps", "dial 3.5")]
    [InlineData("bridged-seam", "window machine", "open-toe foot", "normal", "dial 4")]
    [InlineData("folded-ribbon", "window machine", "open-toe foot", "normal", "dial 4")]
    [InlineData("piping", "window machine", "piping foot", "normal", "dial 4")]
    [InlineData("fine-piping", "window machine", "seven-groove pintuck foot", "normal", "dial 4")]
    [InlineData("cord-trim", "window machine", "piping foot", "normal", "dial 4")]
    [InlineData("couching", "window machine", "cording foot", "−1 step", "dial 3")]
    [InlineData("applique", "window machine", "open-toe foot", "−0.5 steps", "dial 3.5")]
    [InlineData("darning-programmed", "window machine", "buttonhole foot", "normal", "dial 4")]
    [InlineData(
        "darning-free-motion",
        "window machine",
        "closed darning foot",
        "−0.5 steps",
        "dial 3.5"
    )]
    [InlineData("free-motion", "window machine", "open darning foot", "−0.5 steps", "dial 3.5")]
    [InlineData(
        "pulled-gathers",
        "grandmother’s straight stitch",
        "everyday foot, screwed",
        "−1 step",
        "one mark looser than normal"
    )]
    public void The_demonstration_gets_the_card_a_sewist_would_nod_at(
        string technique,
        string machine,
        string foot,
        string tension,
        string dial
    )
    {
        var card = CardWriter.Write(
            Techniques.CardNamed(technique)!,
            Demo.Ask(machine, "tea-tent sheeting")
        );

        card.IsPossible.ShouldBeTrue();
        Figure(card, "foot").ShouldBe(foot);
        Figure(card, "needle-tension").ShouldBe(tension);
        Line(card, "needle-tension")!.Dial.ShouldBe(dial);
    }

    [Theory]
    [InlineData("couching", "grandmother’s straight stitch", "straight-plate")]
    [InlineData("pintucks", "grandmother’s straight stitch", "twin-plate")]
    [InlineData("free-motion", "grandmother’s straight stitch", "feed-dogs")]
    [InlineData("darning-programmed", "grandmother’s straight stitch", "programmed")]
    [InlineData("overlock-gathers", "window machine", "wrong-machine")]
    [InlineData("applique", "shed overlocker", "wrong-machine")]
    public void What_a_machine_cannot_do_is_said_with_what_to_do_instead(
        string technique,
        string machine,
        string code
    )
    {
        var card = CardWriter.Write(
            Techniques.CardNamed(technique)!,
            Demo.Ask(machine, "potting linen")
        );

        card.IsPossible.ShouldBeFalse();
        card.Findings.ShouldContain(f => f.Code == code && f.Severity == Severity.Stop);
        card.Lines.ShouldHaveSingleItem().Key.ShouldBe("instead");
    }

    [Theory]
    // To 150 g/m² the middle grooves, over that the coarse ones. The finest are on a foot whose opening nobody measured.
    [InlineData("smock lawn", "seven-groove pintuck foot")]
    [InlineData("tea-tent sheeting", "seven-groove pintuck foot")]
    [InlineData("potting linen", "five-groove pintuck foot")]
    public void The_grooves_suit_the_cloth(string cloth, string foot) =>
        Figure(
                CardWriter.Write(
                    Techniques.CardNamed("pintucks")!,
                    Demo.Ask("window machine", cloth)
                ),
                "foot"
            )
            .ShouldBe(foot);

    [Fact]
    public void A_pair_that_was_seen_to_strike_is_not_recommended_again()
    {
        var card = CardWriter.Write(
            Techniques.CardNamed("pintucks")!,
            Demo.Ask("window machine", "potting linen")
        );

        // The pair of 3 fills the groove, and its note says that it strikes.
        Figure(card, "needle").ShouldBe("twin needle 2/80");
    }

    [Fact]
    public void Row_gaps_without_marking_come_nearest_first()
    {
        var ask = Demo.Ask("window machine", "tea-tent sheeting");
        var card = CardWriter.Write(
            Techniques.CardNamed("pulled-gathers")!,
            ask with
            {
                Wants = Wanting("pulled-gathers", ("rowGap", 6)),
            }
        );

        card.Guides[0].Gap.Millimetres.ShouldBe(6, 1e-9);
        card.Guides.Select(g => g.Off!.Value.Millimetres).ShouldBeInOrder();
        card.Guides.Select(g => g.Says)
            .ShouldContain(s => s.Contains("needle", StringComparison.Ordinal));
    }

    /// <summary>The window machine gives 3.6 % more than is dialled along the row, and 3.5 % less across it.</summary>
    [Fact]
    public void What_a_dial_really_gives_is_said_wherever_it_was_measured_and_nowhere_else()
    {
        string Dial(string machine, string key) =>
            Line(
                CardWriter.Write(
                    Techniques.CardNamed("applique")!,
                    Demo.Ask(machine, "potting linen") is var ask
                        ? ask with
                        {
                            Wants = Wanting("applique", ("stitchLength", 3), ("stitchWidth", 4)),
                        }
                        : ask
                ),
                key
            )!.Dial;

        Dial("window machine", "length").ShouldBe("set 2.9 mm: your machine then sews 2.98 mm");
        Dial("window machine", "width").ShouldBe("set 4.1 mm: your machine then sews 3.98 mm");
        Line(
            CardWriter.Write(
                Techniques.CardNamed("pulled-gathers")!,
                Demo.Ask("grandmother’s straight stitch", "potting linen")
            ),
            "length"
        )!
            .Dial.ShouldNotStartWith("set");
    }

    /// <summary>What a plan's own swatches say of its dial comes before what was measured on the machine; never both.</summary>
    [Fact]
    public void A_dial_that_the_plan_knows_is_not_turned_twice()
    {
        var ask = Demo.Ask("window machine", "potting linen");
        string Dial(double wanted, double dialled) =>
            Line(
                CardWriter.Write(
                    Techniques.CardNamed("couching")!,
                    ask with
                    {
                        Wants = Wanting(
                            "couching",
                            ("stitchWidth", wanted),
                            ("dialledWidth", dialled)
                        ),
                    }
                ),
                "width"
            )!.Dial;

        Dial(4, 4.5).ShouldBe("set 4.5 mm, by your swatches");
        Dial(4, 4).ShouldBeEmpty();
    }

    /// <summary>Rows of stitches are guided by the side of the last: the sole's edge and half a stitch.</summary>
    [Fact]
    public void Every_foot_that_serves_tells_its_gap_for_rows_of_stitches_the_nearest_first()
    {
        var ask = Demo.Ask("window machine", "tea-tent sheeting");
        var card = CardWriter.Write(
            Techniques.CardNamed("stitch-rows")!,
            ask with
            {
                Wants = Wanting("stitch-rows", ("rowGap", 11), ("stitchWidth", 6)),
            }
        );

        card.Guides.Select(g => g.Off!.Value.Millimetres).ShouldBeInOrder();
        card.Guides.Select(g => g.Says.Split(',')[0]).Distinct().Count().ShouldBeGreaterThan(2);
        var openToe = card.Guides.First(g =>
            g.Says.StartsWith("open-toe foot,", StringComparison.Ordinal)
        );
        openToe.Gap.Millimetres.ShouldBe(9 + 3, 1e-9);
    }

    [Fact]
    public void Without_a_foot_the_card_says_what_to_look_for()
    {
        var ask = Demo.Ask("window machine", "potting linen");
        var card = CardWriter.Write(
            Techniques.CardNamed("couching")!,
            ask with
            {
                Drawer = ask.Drawer with { Feet = [] },
            }
        );

        var buy = card.Feet.ShouldHaveSingleItem();
        buy.Rank.ShouldBe("buy");
        buy.Because.ShouldContain("low shank or snap-on");
        // A cord of 2 mm: a stitch of 4, a blade of 0.8 and 0.3 mm of air on both sides.
        buy.Because.ShouldContain("opening of at least 5.4 mm");
    }

    [Fact]
    public void The_first_change_is_the_first_of_its_list_that_was_not_tried()
    {
        var looks = Techniques.CardNamed("gathering-foot")!.Looks;

        Look.FirstChange(looks, ["not-full-enough"], [])!.Name.ShouldBe("longer-stitch");
        Look.FirstChange(looks, ["not-full-enough"], ["longer-stitch"])!
            .Name.ShouldBe("tension-up");
        Look.FirstChange(looks, ["right"], []).ShouldBeNull();
        Techniques.Cards.ShouldAllBe(t =>
            t.Looks.Count >= 4 && t.Looks.Any(l => l.Changes.Count > 1)
        );
    }

    private static Length Mm(double mm) => Length.FromMillimetres(mm);

    private static CardLine? Line(SettingsCard card, string key) =>
        card.Lines.FirstOrDefault(l => l.Key == key);

    private static string Figure(SettingsCard card, string key) => Line(card, key)!.Figure;

    private static Length WidthOf(SettingsCard card) =>
        Line(card, "width") is { } line ? MmOf(line.Figure)!.Value : Length.Zero;

    private static Length? MmOf(string figure) =>
        figure.EndsWith(" mm", StringComparison.Ordinal)
            ? Mm(double.Parse(figure[..^3], System.Globalization.CultureInfo.InvariantCulture))
            : null;

    /// <summary>What a piece wants of a card; of what the card does not take, nothing is read.</summary>
    internal static Wants Wanting(
        CardTechnique technique,
        params IReadOnlyList<(string Field, object Is)> said
    ) =>
        new(
            new InputReader(RawInputs.Of([.. said.Where(s => s.Is is not "")]), Ruler.Metric),
            technique
        );

    internal static Wants Wanting(
        string card,
        params IReadOnlyList<(string Field, object Is)> said
    ) => Wanting(Techniques.CardNamed(card)!, said);

    internal sealed record DemoDrawer(DrawerContents Contents, IReadOnlyList<Owned<Cloth>> Cloths)
    {
        public CardInputs Ask(string machine, string cloth) =>
            new(
                Contents.Machines.Single(m => m.Name == machine),
                Contents,
                Cloths.Single(c => c.Name == cloth),
                null,
                null,
                Wanting(Techniques.Cards[0]),
                Ruler.Metric
            );

        public static DemoDrawer Read()
        {
            var folder = new DirectoryInfo(AppContext.BaseDirectory);
            while (!File.Exists(Path.Combine(folder.FullName, "run")))
            {
                folder = folder.Parent!;
            }
            using var json = JsonDocument.Parse(
                File.ReadAllText(Path.Combine(folder.FullName, "demo/allotment-open-day.json"))
            );
            var drawer = json.RootElement.GetProperty("drawer");
            var things = drawer.GetProperty("things").EnumerateArray().ToList();
            return new DemoDrawer(
                new DrawerContents(
                    Of<Machine>("machine"),
                    Of<Foot>("foot"),
                    Of<Needle>("needle"),
                    Of<Supplies.Thread>("thread"),
                    Of<Elastic>("elastic"),
                    Of<Stabiliser>("stabiliser"),
                    [
                        .. drawer
                            .GetProperty("tried")
                            .EnumerateArray()
                            .Select(t => new TriedNote(
                                t.GetProperty("machine").GetString()!,
                                t.GetProperty("foot").GetString()!,
                                t.TryGetProperty("needle", out var n)
                                    ? Of<Needle>("needle")
                                        .Single(o => o.Id == n.GetString())
                                        .Is.TwinSpacing
                                        ?? Length.Zero
                                    : null,
                                t.GetProperty("clears").GetBoolean(),
                                Mm(t.TryGetProperty("width", out var w) ? w.GetDouble() : 0),
                                DateOnly.Parse(
                                    t.GetProperty("on").GetString()!,
                                    System.Globalization.CultureInfo.InvariantCulture
                                )
                            )),
                    ]
                ),
                Of<Cloth>("cloth")
            );

            IReadOnlyList<Owned<T>> Of<T>(string kind)
                where T : class, IThing =>
                [
                    .. things
                        .Where(t => t.GetProperty("kind").GetString() == kind)
                        .Select(t => new Owned<T>(
                            t.GetProperty("id").GetString()!,
                            t.GetProperty("name").GetString()!,
                            (T)
                                ThingKinds
                                    .Named(kind)!
                                    .Read(
                                        new InputReader(
                                            Asked.FromJson(t.GetProperty("properties")),
                                            Ruler.Metric
                                        )
                                    )
                        )),
                ];
        }
    }
}
