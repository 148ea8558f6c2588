using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>Gathers by a foot and on the overlocker, small folds, shirring, and which way to choose.</summary>
public class FullnessTechniquesTests
{
    private static readonly string[] ByMachine = ["gathering-foot", "overlock-gathers"];

    public static TheoryData<string> Pieced() =>
        ["gathering-foot", "overlock-gathers", "tucked-ruffle", "shirring"];

    [Theory]
    [MemberData(nameof(Pieced))]
    public void Answers_its_own_examples_whole(string name)
    {
        var technique = Techniques.WorkingOf(name)!;
        foreach (var form in technique.Inverses.Prepend(technique.Forward))
        {
            var outcome = form.Compute(form.Example, Ruler.Metric);
            outcome.Errors.ShouldBeEmpty($"{name}/{form.Name}");
            var told = Captured.From(outcome.Answer!).Names;
            told.Except(form.Figures.Select(f => f.Name)).ShouldBeEmpty();
            form.Figures.Where(f => f.IsAlways)
                .Select(f => f.Name)
                .Except(told)
                .ShouldBeEmpty($"{name}/{form.Name}");
        }
        foreach (var ruler in new[] { Ruler.Metric, Ruler.Imperial })
        {
            var answer = Reckon(name, technique.Forward.Example, ruler);
            answer.Derivation(ruler).ShouldNotBeEmpty();
            answer.Cautions.ShouldContain(c => c.Code == "needle");
            var steps = answer.Steps(ruler);
            steps.Select(s => s.Key).ShouldBeUnique();
            steps.Count(s => s.Measure is not null).ShouldBe(1);
            steps.ShouldAllBe(s => s.Checks.Count > 0 && s.Says.Length > 0);
            steps.Sum(s => s.Schools.Count).ShouldBeGreaterThan(1);
            foreach (var drawing in answer.Drawings(ruler))
            {
                drawing.Says.ShouldNotBeEmpty();
                DrawingTests.IsTrue(drawing).ShouldBeTrue(drawing.Name);
            }
        }
    }

    [Fact]
    public void The_edge_that_the_cloth_reaches_takes_no_more_than_that_cloth() =>
        Gen.Select(Gen.Int[0, 1], Gen.Double[700, 20_000], Gen.Double[2, 5], Gen.Double[0.5, 0.98])
            .Sample(
                (which, cloth, stitch, assurance) =>
                {
                    var name = ByMachine[which];
                    var ask = Techniques
                        .WorkingOf(name)!
                        .Forward.Example.With("stitchLength", RawValue.Of(stitch))
                        .With("assurance", RawValue.Of(assurance))
                        .With("clothAtHand", RawValue.Of(cloth));
                    var edge = Captured.From(
                        Techniques
                            .WorkingOf(name)!
                            .CalculationNamed("edge-from-cloth")!
                            .Compute(ask.Without("finishedEdge"), Ruler.Metric)
                            .Answer!
                    )["longestEdge"];
                    return edge < 1
                        || Captured.From(Reckon(name, ask.With("finishedEdge", RawValue.Of(edge))))[
                            "clothToBuy"
                        ]
                            <= cloth * (1 + 1e-9);
                }
            );

    [Theory]
    [InlineData("gathering-foot")]
    [InlineData("tucked-ruffle")]
    public void A_seam_nearer_than_three_millimetres_to_the_raw_edge_stops(string name)
    {
        var ask = Techniques.WorkingOf(name)!.Forward.Example;
        foreach (var seam in new[] { 0, 0.1, 2.9 })
        {
            Reckon(name, ask.With("seamAllowance", RawValue.Of(seam)))
                .Findings.Single(f => f.Code == "row-off-edge")
                .Remedy.ShouldBe("Widen the seam allowance to 5 mm or more.");
        }
        Codes(name, ask.With("seamAllowance", RawValue.Of(3))).ShouldNotContain("row-off-edge");
    }

    [Fact]
    public void Layers_gathered_as_one_are_all_cut_and_gather_less()
    {
        var ask = Techniques.WorkingOf("gathering-foot")!.Forward.Example;
        var (one, three) = (
            Captured.From(Reckon("gathering-foot", ask)),
            Captured.From(Reckon("gathering-foot", ask.With("layers", RawValue.Of(3))))
        );

        three.Rows("pieces")[0]["count"].ShouldBe(3 * three["stripCount"]);
        three.Inner("fullness")["mid"].ShouldBeLessThan(one.Inner("fullness")["mid"]);
    }

    [Fact]
    public void A_flat_layer_is_joined_in_one_pass_or_not_at_all()
    {
        var ask = Techniques
            .WorkingOf("gathering-foot")!
            .Forward.Example.With("joinFlat", RawValue.Of(true))
            .With("passes", RawValue.Of(2));

        Codes("gathering-foot", ask).ShouldContain("join-in-one-pass");
        Codes("gathering-foot", ask.With("passes", RawValue.Of(1)))
            .ShouldNotContain("join-in-one-pass");
    }

    [Theory]
    [InlineData(600, "will-be-short")] // Became far shorter than a third of the edge: fuller than is left for.
    [InlineData(1200, "will-be-over")]
    public void Half_way_says_whether_the_rest_will_reach(double becameMm, string code)
    {
        var technique = Techniques.WorkingOf("overlock-gathers")!;
        var ask = technique.Forward.Example.With("measured", RawValue.Of(becameMm));

        var answer = technique.CalculationNamed("half-way")!.Compute(ask, Ruler.Metric).Answer!;

        answer.Findings.ShouldHaveSingleItem().Code.ShouldBe(code);
        var told = Captured.From(answer);
        told["partsLeft"].ShouldBe(2);
        (told["stitchLength"] < 4).ShouldBe(code == "will-be-short");
    }

    [Fact]
    public void A_fold_too_deep_is_mended_as_its_remedy_says()
    {
        var ask = Techniques
            .WorkingOf("tucked-ruffle")!
            .Forward.Example.With("fullness", RawValue.Of(2))
            .With("stitchesPerTuck", RawValue.Of(12));
        var remedy = Reckon("tucked-ruffle", ask).Findings.Single(f => f.Code == "too-deep").Remedy;
        remedy.ShouldStartWith("Fold every 6 stitches, or shorten the stitch to 1.3 mm;");

        Codes("tucked-ruffle", ask.With("stitchesPerTuck", RawValue.Of(6)))
            .ShouldNotContain("too-deep");
        Codes("tucked-ruffle", ask.With("stitchLength", RawValue.Of(1.3)))
            .ShouldNotContain("too-deep");
        Codes("tucked-ruffle", ask.With("stitchLength", RawValue.Of(1.4)))
            .ShouldContain("too-deep");
    }

    [Fact]
    public void Depth_and_fullness_of_small_folds_give_each_other() =>
        Gen.Select(
                Gen.Double[1.05, 3],
                Gen.Double[1, 4],
                Gen.Int[0, 2].Select(i => new[] { 1, 6, 12 }[i])
            )
            .Sample(
                (fullness, stitch, every) =>
                {
                    var ask = Techniques
                        .WorkingOf("tucked-ruffle")!
                        .Forward.Example.With("fullness", RawValue.Of(fullness))
                        .With("stitchLength", RawValue.Of(stitch))
                        .With("stitchesPerTuck", RawValue.Of(every))
                        .With("maxTuckDepth", RawValue.Of(100));
                    var depth = Captured.From(Reckon("tucked-ruffle", ask))["tuckDepth"];
                    var back = Captured.From(
                        Reckon(
                            "tucked-ruffle",
                            ask.Without("fullness").With("tuckDepth", RawValue.Of(depth))
                        )
                    );
                    return Math.Abs(back["fullness"] - fullness) < 1e-9;
                }
            );

    [Fact]
    public void Fullness_and_depth_of_folds_are_not_both_said_nor_neither()
    {
        var form = Techniques.WorkingOf("tucked-ruffle")!.Forward;

        form.Compute(form.Example.With("tuckDepth", RawValue.Of(5)), Ruler.Metric)
            .Errors.ShouldHaveSingleItem()
            .Field.ShouldBe("tuckDepth");
        form.Compute(form.Example.Without("fullness"), Ruler.Metric)
            .Errors.ShouldHaveSingleItem()
            .Field.ShouldBe("fullness");
    }

    [Fact]
    public void No_row_of_elastic_runs_out_in_its_middle() =>
        Gen.Select(
                Gen.Double[100, 900],
                Gen.Double[40, 400],
                Gen.Double[3, 20],
                Gen.Double[500, 12_000],
                Gen.Int[0, 2].Select(i => new[] { "pivot", "rows", "spiral" }[i])
            )
            .Sample(
                (width, height, gap, capacity, layout) =>
                {
                    var ask = Techniques
                        .WorkingOf("shirring")!
                        .Forward.Example.With("relaxedWidth", RawValue.Of(width))
                        .With("panelHeight", RawValue.Of(height))
                        .With("rowGap", RawValue.Of(gap))
                        .With("bobbinCapacity", RawValue.Of(capacity))
                        .With("layout", RawValue.Of(layout));
                    var answer = Reckon("shirring", ask);
                    var told = Captured.From(answer);
                    var changes = told.List("changeBefore");
                    if (told["rowsPerBobbin"] == 0)
                    {
                        return told["bobbins"] == 0
                            && changes.Count == 0
                            && answer.Findings.Any(f => f.Code == "row-longer-than-bobbin");
                    }
                    // What one bobbin sews, with what turns and tails take, is no more than it holds.
                    var perBobbin = told["rowsPerBobbin"];
                    var takes =
                        layout == "rows"
                            ? perBobbin * (told["elasticPerRow"] + 240)
                            : perBobbin * told["elasticPerRow"]
                                + (perBobbin - 1) * told["actualGap"]
                                + 240;
                    return takes <= capacity * (1 + 1e-9)
                        && changes.Count == told["bobbins"] - 1
                        && changes.All(c => c > 1 && c <= told["rows"]);
                }
            );

    [Fact]
    public void A_panel_has_to_pass_over_the_widest_and_sit_a_bit_under_the_measure()
    {
        var ask = Techniques.WorkingOf("shirring")!.Forward.Example;

        Codes("shirring", ask.With("mustPassOver", RawValue.Of("60 cm")))
            .ShouldNotContain("will-not-pass");
        Reckon("shirring", ask.With("mustPassOver", RawValue.Of("70 cm")))
            .Findings.Single(f => f.Code == "passes-unless-taken-in")
            .Remedy.ShouldContain("2.34");
        Codes("shirring", ask.With("mustPassOver", RawValue.Of("2 m")))
            .ShouldContain("will-not-pass");
        Codes("shirring", ask.With("bodyMeasure", RawValue.Of("30 cm")))
            .ShouldContain("loose-at-rest");
        Codes("shirring", ask.With("bodyMeasure", RawValue.Of("40 cm")))
            .ShouldContain("tight-at-rest");
        Codes("shirring", ask.With("bodyMeasure", RawValue.Of("33 cm")))
            .ShouldNotContain(c => c.EndsWith("-at-rest", StringComparison.Ordinal));
        Techniques
            .WorkingOf("shirring")!
            .Forward.Compute(ask.With("topMargin", RawValue.Of("20 cm")), Ruler.Metric)
            .Errors.ShouldHaveSingleItem()
            .Field.ShouldBe("panelHeight");
    }

    [Fact]
    public void Elastic_in_a_looper_has_its_own_evidence_and_a_bobbin_teaches_it_nothing()
    {
        RawInputs Sewn(string stitch) =>
            RawInputs.Of(
                ("stitchLength", 4),
                ("flat", "54 in"),
                ("gathered", "21 in"),
                ("steamed", true),
                ("stitch", stitch)
            );
        Expected Known(string stitch, params RawInputs[] samples) =>
            (
                (WorkPlan)Reckon(
                    "shirring",
                    Techniques
                        .WorkingOf("shirring")!
                        .Forward.Example.With("stitch", RawValue.Of(stitch))
                        .With("layout", RawValue.Of("rows"))
                        .With("samples", RawValue.Of(samples.Select(RawValue.Of).ToList()))
                )
            ).Expected!;

        foreach (var (own, other) in new[] { ("looper", "lockstitch"), ("lockstitch", "looper") })
        {
            var nothing = Known(own);
            var useless = Known(own, Sewn(other));
            (useless.Low, useless.High).ShouldBe((nothing.Low, nothing.High));
            useless.RestsOn.ShouldEndWith("1 swatch not used.");
            var mid = Known(own, Sewn(own), Sewn(other)).Mid;
            Math.Abs(mid - 54 / 21d).ShouldBeLessThan(Math.Abs(nothing.Mid - 54 / 21d));
        }
        Known("looper").Mid.ShouldBeGreaterThan(Known("lockstitch").Mid);
    }

    [Fact]
    public void Which_way_puts_the_best_for_the_purpose_first_and_what_is_not_owned_behind()
    {
        var form = Questions.Named("which-way")!;
        string First(string purpose, params string[] has) =>
            Ways(
                form.Example.With("purpose", RawValue.Of(purpose))
                    .With("fullness", RawValue.Of(1.8))
                    .With("has", RawValue.Of([.. has.Select(RawValue.Of)]))
            )[0];

        First("must-fit", "gathering-foot", "overlock", "ruffler", "elastic")
            .ShouldBe("pulled-gathers");
        First("small-folds", "ruffler").ShouldBe("tucked-ruffle");
        First("small-folds").ShouldNotBe("tucked-ruffle");
        First("stretches", "elastic").ShouldBe("shirring");

        var ways = Ways(form.Example);
        ways.Count.ShouldBe(8);
        ways.Distinct().Count().ShouldBe(4);

        IReadOnlyList<string> Ways(RawInputs ask) =>
            [
                .. Captured
                    .From(form.Compute(ask, Ruler.Metric).Answer!)
                    .Rows("ways")
                    .Select(w => w.Said("technique")),
            ];
    }

    [Fact]
    public void What_was_cut_longer_still_serves_and_what_was_cut_shorter_does_not()
    {
        var technique = Techniques.WorkingOf("gathering-foot")!;
        var ask = technique.Forward.Example;
        string Verdict(double then, double now) =>
            technique
                .CompareAsks(
                    new InputReader(ask.With("assurance", RawValue.Of(then)), Ruler.Metric),
                    new InputReader(ask.With("assurance", RawValue.Of(now)), Ruler.Metric)
                )!
                .Findings.Select(f => f.Code)
                .FirstOrDefault("alike");

        Verdict(0.95, 0.5).ShouldBe("cut-serves");
        Verdict(0.5, 0.95).ShouldBe("cut-too-short");
        Verdict(0.9, 0.9).ShouldBe("alike");
    }

    private static Result Reckon(string technique, RawInputs ask, Ruler? ruler = null) =>
        Techniques
            .WorkingOf(technique)!
            .Forward.Compute(ask, ruler ?? Ruler.Metric)
            .Answer.ShouldNotBeNull();

    private static IReadOnlyList<string> Codes(string technique, RawInputs ask) =>
        [.. Reckon(technique, ask).Findings.Select(f => f.Code)];
}
