using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;

namespace ZephyrReach.Core.Tests;

/// <summary>Figures that ruin cloth where two places say them differently: each is one, wherever it stands.</summary>
public class FiguresTests
{
    private static readonly string[] Sewn =
    [
        "gathering-foot",
        "overlock-gathers",
        "tucked-ruffle",
        "pulled-gathers",
    ];

    public static TheoryData<double, bool> Assured()
    {
        var data = new TheoryData<double, bool>();
        foreach (var assurance in new[] { 0.5, 0.8, 0.95 })
        {
            data.Add(assurance, false);
            data.Add(assurance, true);
        }
        return data;
    }

    [Theory]
    [MemberData(nameof(Assured))]
    public void A_shirred_panel_has_one_cut_width_with_the_assurance_asked_for(
        double assurance,
        bool isSewn
    )
    {
        var ask = Shirred.With("assurance", RawValue.Of(assurance));
        var plan = Plan(
            "shirring",
            isSewn ? ask.With("samples", Samples(("flat", 300), ("gathered", 150))) : ask
        );
        var sure = Captured.From(plan)["sureWidth"];
        var written = Ruler.Metric.Cut(Length.FromMillimetres(sure));

        plan.Pieces.ShouldHaveSingleItem().Length.Millimetres.ShouldBe(sure, 1e-9);
        plan.Guide!.Width.Millimetres.ShouldBe(sure, 1e-9);
        plan.Steps(Ruler.Metric)[0].Says.ShouldContain($"Cut {written} wide");
        plan.Drawings(Ruler.Metric)
            .ShouldContain(d => d.IsForCutting && Math.Abs(d.Width.Millimetres - sure) < 1e-9);
        string.Join(" ", plan.Facts.Select(f => f.Text)).ShouldNotContain("wide");
    }

    [Fact]
    public void Its_elastic_is_enough_for_the_widest_that_it_may_rest_at()
    {
        var plan = Plan("shirring", Shirred);
        var told = Captured.From(plan);
        var (rows, gap, rest) = (told["rows"], told["actualGap"], told["restHigh"]);
        var need = plan.Needs.Single(n => n.Kind == "elastic");

        // 14 rows of 1.1 times the width at rest, 13 turns between them and two tails.
        need.Amount.Millimetres.ShouldBe(rows * 1.1 * rest + (rows - 1) * gap + 240, 1e-6);
        need.Until.ShouldBe(Stage.Cut);
        plan.Facts.Single(f => f.Name == "Elastic")
            .Text.ShouldBe(Ruler.Metric.Write(need.Amount, LengthKind.Amount));
    }

    [Theory]
    [InlineData(3000, true)]
    [InlineData(40_000, false)]
    public void Where_the_bobbin_runs_out_is_a_range_when_it_is_one(double capacity, bool isRange)
    {
        var plan = Plan("shirring", Shirred.With("bobbinCapacity", RawValue.Of(capacity)));
        var lasts = plan.Facts.FirstOrDefault(f => f.Name == "One bobbin sews")?.Text;

        (lasts?.Contains(" to ", StringComparison.Ordinal) == true).ShouldBe(isRange, lasts);
        var changes = plan.Steps(Ruler.Metric)
            .Where(s => s.Says.Contains("put in a new one", StringComparison.Ordinal));
        changes.Any().ShouldBe(isRange);
        changes.ShouldAllBe(s =>
            s.Says.Contains($"One bobbin sews {lasts}", StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void What_is_expected_half_way_is_on_course_and_does_not_move(bool isSewn)
    {
        var ask = isSewn
            ? Shirred.With("samples", Samples(("flat", 300), ("gathered", 160)))
            : Shirred;
        var form = Techniques.WorkingOf("shirring")!.CalculationNamed("half-way")!;
        Result Measured(double mm) =>
            form.Compute(
                ask.With("measured", RawValue.Of([RawValue.Of(mm)])),
                Ruler.Metric
            ).Answer!;
        var should = Captured.From(Measured(300))["should"];

        Captured.From(Measured(should))["should"].ShouldBe(should, 1e-9);
        Captured.From(Measured(420))["should"].ShouldBe(should, 1e-9);
        Measured(should).Findings.ShouldHaveSingleItem().Code.ShouldBe("on-course");
        Measured(should * 1.3).Findings.ShouldHaveSingleItem().Code.ShouldBe("draws-too-little");
        Plan("shirring", ask)
            .Steps(Ruler.Metric)
            .Single(s => s.Key == "first-third")
            .Checks[0]
            .ShouldContain(Ruler.Metric.Mark(Length.FromMillimetres(should)));
    }

    [Fact]
    public void What_counts_of_an_elastic_swatch_is_the_reading_after_steam()
    {
        var form = Techniques.WorkingOf("shirring")!.CalculationNamed("swatch")!;
        var ask = RawInputs.Of(("fullness", 2.0), ("flat", 300), ("gathered", new[] { "160 mm" }));
        var before = Judged(form, ask);
        var after = Judged(form, ask.With("steamed", RawValue.Of([RawValue.Of(120)])));

        before.TakeOver!.Value.ShouldBe(1.88);
        after.TakeOver!.Value.ShouldBe(2.5);
        Captured.From(after)["fromTarget"].ShouldBe(0.25, 1e-9);
        after.Lines[0].ShouldContain("25 % fuller");
    }

    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void How_sure_a_piece_is_is_said_by_its_plan_and_not_by_a_swatch(bool isPredicted)
    {
        foreach (var technique in Techniques.Worked)
        {
            if (
                technique.Process!.CalculationNamed("swatch") is not { } form
                || form.Fields.All(f => f.Name != "predicted")
            )
            {
                continue;
            }
            var ask = RawInputs.Of(
                ("fullness", 2.0),
                ("finishedEdge", "2.6 m"),
                ("flat", "30 cm"),
                ("gathered", new[] { "16.2 cm", "16.4 cm" }),
                ("predicted", isPredicted)
            );
            var lines = string.Join(" ", Judged(form, ask).Lines);
            lines.ShouldNotContain("sure to");
            lines.ShouldNotContain("give or take");
            lines
                .Contains("The Plan page now uses this swatch", StringComparison.Ordinal)
                .ShouldBe(isPredicted, technique.Name);
            lines
                .Contains("would take 4.79 m flat", StringComparison.Ordinal)
                .ShouldBe(!isPredicted, technique.Name);
        }
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void Each_pass_has_its_own_check_and_the_last_is_measured(int passes)
    {
        var plan = Plan("gathering-foot", Foot.With("passes", RawValue.Of(passes)));
        var steps = plan.Steps(Ruler.Metric);
        var earlier = steps
            .Where(s => s.Key.StartsWith("pass-", StringComparison.Ordinal))
            .ToList();

        earlier.Count.ShouldBe(passes - 1);
        steps.Count(s => s.Measure is not null).ShouldBe(1);
        var places = steps.Select(s => s.Key).ToList();
        earlier.ShouldAllBe(s => places.IndexOf(s.Key) < places.IndexOf("first-third"));
        // Each pass draws it further up: its figure is smaller than that before.
        var figures = earlier
            .Append(steps.Single(s => s.Key == "first-third"))
            .Select(s =>
                LengthReader
                    .Read(s.Checks[0].Split("about ")[1].Split(',')[0], UnitSystem.Metric)
                    .Length.Millimetres
            )
            .ToList();
        figures.ShouldBe(figures.OrderByDescending(f => f));
        figures.ShouldBeUnique();
    }

    [Fact]
    public void What_cannot_be_pulled_to_fit_has_to_be_at_least_so_long() =>
        Plan("gathering-foot", Foot)
            .Steps(Ruler.Metric)
            .Single(s => s.Key == "first-third")
            .Checks[0]
            .ShouldEndWith("at the least.");

    [Theory]
    [InlineData(600, 4)]
    [InlineData(2600, 16)]
    public void A_ring_is_marked_in_quarters_at_least(double edge, int segments) =>
        Captured
            .From(
                Plan(
                    "pulled-gathers",
                    Awning.With("closed", RawValue.Of(true)).With("finishedEdge", RawValue.Of(edge))
                )
            )["segments"]
            .ShouldBe(segments);

    /// <summary>A gram more of cloth changes nothing that is felt, and what is usual is never called unusual.</summary>
    [Fact]
    public void What_is_usual_does_not_jump_from_one_weight_to_the_next()
    {
        foreach (var use in Uses.All.Prepend(null))
        {
            var before = SuggestedFullness.For(ClothWeight.FromGramsPerSquareMetre(20), use);
            for (var grams = 21; grams < 600; grams++)
            {
                var now = SuggestedFullness.For(ClothWeight.FromGramsPerSquareMetre(grams), use);
                now.Low.ShouldBeInRange(
                    before.Low - 0.051,
                    before.Low + 1e-9,
                    $"{use?.Choice.Name} {grams}"
                );
                now.High.ShouldBeInRange(before.High - 0.051, before.High + 1e-9);
                before = now;
            }
        }
        foreach (var grams in new[] { 40, 100, 140, 300 })
        {
            var ask = Awning
                .With("use", RawValue.Of("tier"))
                .With("clothWeight", RawValue.Of(grams));
            var usual = Captured.From(Plan("pulled-gathers", ask)).Inner("suggested")["middle"];
            Plan("pulled-gathers", ask.With("fullness", RawValue.Of(usual)))
                .Findings.ShouldNotContain(f => f.Code == "unusual-fullness");
        }
    }

    [Fact]
    public void Two_strips_that_were_cut_serve_where_one_long_one_is_wanted_now()
    {
        foreach (var name in Sewn)
        {
            var technique = Techniques.WorkingOf(name)!;
            var two = technique
                .Forward.Example.With("finishedEdge", RawValue.Of("90 cm"))
                .With("clothWidth", RawValue.Of("115 cm"));
            var one = two.With("clothWidth", RawValue.Of("3 m"));
            Captured.From(Plan(name, one))["stripCount"].ShouldBe(1);
            Captured.From(Plan(name, two))["stripCount"].ShouldBeGreaterThan(1);
            technique
                .CompareAsks(
                    new InputReader(two, Ruler.Metric),
                    new InputReader(one, Ruler.Metric)
                )!
                .Findings.ShouldNotContain(f => f.Code == "cut-too-short", name);
        }
    }

    [Fact]
    public void No_remedy_makes_a_hem_less_than_nothing()
    {
        var working = Techniques.WorkingOf("pulled-gathers")!;
        Finding Deeper(string depth) =>
            working
                .CompareAsks(
                    new InputReader(Awning, Ruler.Metric),
                    new InputReader(Awning.With("finishedDepth", RawValue.Of(depth)), Ruler.Metric)
                )!
                .Findings.Single(f => f.Code == "cut-too-shallow");

        Deeper("29 cm").Remedy.ShouldContain("make the hem 10 mm");
        Deeper("31 cm").Remedy.ShouldNotContain("hem");
    }

    [Fact]
    public void A_gap_is_never_added_up_row_by_row()
    {
        // 8.46 mm apart: rounded and added up the last row would lie 4 mm off.
        var plan = Plan("shirring", Shirred);
        var rest = plan.Steps(Ruler.Metric).Single(s => s.Key == "rest");
        rest.Says.ShouldContain("13.7 cm");
        rest.Says.ShouldNotContain(" apart");
    }

    [Fact]
    public void Advice_beyond_what_was_sewn_says_so()
    {
        static PullUpSample At(double passes, double gathered) =>
            new(
                new PullUpSettings(
                    Length.FromMillimetres(4),
                    1,
                    passes,
                    1,
                    ClothWeight.FromGramsPerSquareMetre(120)
                ),
                Length.FromMillimetres(300),
                Length.FromMillimetres(gathered)
            );
        var model = PullUpModel.From(PullUpFamily.GatheringFoot, [At(1, 200), At(2, 160)]);
        var two = At(2, 160).Settings;
        var setting = TargetSetting.For(
            model,
            PullUpFamily.GatheringFoot,
            two,
            2.6,
            new StitchReach(Length.FromMillimetres(3), Length.FromMillimetres(5))
        );

        model.Beyond(two).ShouldBeEmpty();
        model.Beyond(two with { Passes = 3 }).ShouldBe("more passes than were sewn so far");
        setting
            .Would.Where(w => w.StartsWith("one more pass", StringComparison.Ordinal))
            .ShouldAllBe(w => w.Contains("than were sewn so far", StringComparison.Ordinal));
        PullUpModel
            .From(PullUpFamily.GatheringFoot, [])
            .Beyond(two with { Passes = 3 })
            .ShouldBeEmpty();
    }

    [Theory]
    [InlineData(5544.9, "5.54 m", "218 1/4 in")]
    [InlineData(358.3, "35.8 cm", "14 1/16 in")]
    public void What_cloth_reaches_at_the_most_is_never_told_longer_than_it_is(
        double mm,
        string metric,
        string imperial
    )
    {
        var length = Length.FromMillimetres(mm);

        Ruler.Metric.Write(length, LengthKind.AtMost).ShouldBe(metric);
        Ruler.Imperial.Write(length, LengthKind.AtMost).ShouldBe(imperial);
    }

    [Fact]
    public void Cord_is_needed_for_each_tuck_that_has_one_under_it()
    {
        var bib = Techniques.WorkingOf("pintucks")!.Forward.Example;
        var corded = Plan(
            "pintucks",
            bib.With("corded", RawValue.Of(true)).With("count", RawValue.Of(2))
        );
        var told = Captured.From(corded);

        // Two panels; in each tuck from cut edge to cut edge and 5 cm more at either end.
        corded
            .Needs.Single(n => n.Kind == "cord")
            .Amount.Millimetres.ShouldBe(2 * told["tucks"] * (told["cutLength"] + 100), 1e-6);
        Plan("pintucks", bib).Needs.ShouldNotContain(n => n.Kind == "cord");
    }

    [Theory]
    [InlineData(11_710.5, "11.71 m", "461 in")]
    [InlineData(358.25, "35.85 cm", "14 1/8 in")]
    public void The_whole_of_an_edge_is_told_in_a_step_that_can_be_sewn(
        double mm,
        string metric,
        string imperial
    )
    {
        Ruler.Metric.Whole(Length.FromMillimetres(mm)).ShouldBe(metric);
        Ruler.Imperial.Whole(Length.FromMillimetres(mm)).ShouldBe(imperial);
    }

    [Fact]
    public void Words_for_one_are_those_for_one()
    {
        foreach (var technique in Techniques.Worked)
        {
            foreach (var edge in new[] { 200, 900, 4000 })
            {
                var ask = technique.Process!.Forward.Example;
                ask = ask.TryGet("finishedEdge", out _)
                    ? ask.With("finishedEdge", RawValue.Of(edge))
                    : ask;
                var plan = Plan(technique.Name, ask);
                var words = string.Join(
                    "\n",
                    plan.Steps(Ruler.Metric)
                        .SelectMany(s => s.Checks.Append(s.Says).Append(s.Title).Append(s.Big))
                        .Concat(
                            plan.Findings.SelectMany(f => new[] { f.Says, f.Because, f.Remedy })
                        )
                        .Concat(plan.Facts.Select(f => $"{f.Name}: {f.Text}"))
                        .Concat(plan.Pieces.Select(p => $"{p.Count} {p.Name}"))
                );
                words.ShouldNotMatch(
                    @"(?<![\d./])\b1 (strips|parts|rows|joins|bobbins|layers|blocks|tucks|marks)\b",
                    technique.Name
                );
            }
        }
    }

    private static RawInputs Shirred => Techniques.WorkingOf("shirring")!.Forward.Example;

    private static RawInputs Foot => Techniques.WorkingOf("gathering-foot")!.Forward.Example;

    private static RawInputs Awning => Techniques.WorkingOf("pulled-gathers")!.Forward.Example;

    private static WorkPlan Plan(string technique, RawInputs ask)
    {
        var outcome = Techniques.WorkingOf(technique)!.Forward.Compute(ask, Ruler.Metric);
        outcome.Errors.ShouldBeEmpty(technique);
        return (WorkPlan)outcome.Answer!;
    }

    private static SwatchJudgement Judged(Calculation form, RawInputs ask) =>
        (SwatchJudgement)form.Compute(ask, Ruler.Metric).Answer!;

    /// <summary>Three swatches at the very settings of the plan.</summary>
    private static RawValue Samples(params (string, object)[] readings)
    {
        var sample = RawInputs.Of([
            ("stitchLength", 4),
            ("clothWeight", 98),
            ("elasticDiameter", 0.6),
            ("steamed", true),
            .. readings,
        ]);
        return RawValue.Of([RawValue.Of(sample), RawValue.Of(sample), RawValue.Of(sample)]);
    }
}
