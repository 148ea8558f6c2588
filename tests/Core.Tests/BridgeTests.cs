using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>What holds of bridged seams, and of ribbon laid in folds.</summary>
public class BridgeTests
{
    private static readonly Process Bridge = Techniques.WorkingOf("bridged-seam")!;
    private static readonly Process Ribbon = Techniques.WorkingOf("folded-ribbon")!;

    private static readonly Gen<RawInputs> AnyBridge =
        from total in Gen.Double[200, 3000]
        from bridges in Gen.Int[1, 8]
        from gap in Gen.Double[1, 8]
        from fold in Gen.Double[6, 20]
        from outer in Gen.Double[0, 40]
        from bite in Gen.Double[0.5, 2]
        from widest in Gen.Double[3, 12]
        select RawInputs.Of(
            ("totalWidth", total),
            ("bridges", bridges),
            ("gap", gap),
            ("foldAllowance", fold),
            ("outerAllowance", outer),
            ("bite", bite),
            ("maxStitchWidth", widest)
        );

    private static readonly Gen<RawInputs> AnyRibbon =
        from run in Gen.Double[40, 4000]
        from wide in Gen.Double[2, 20]
        from advance in Gen.Double[6, 60]
        from tail in Gen.Double[5, 50]
        from bands in Gen.Int[1, 5]
        select RawInputs.Of(
            ("run", run),
            ("ribbonWidth", wide),
            ("legAdvance", advance),
            ("tail", tail),
            ("bands", bands)
        );

    /// <summary>What is cut, less every fold and both outer edges, and the gaps between.</summary>
    [Fact]
    public void Panels_and_gaps_without_folds_and_edges_are_the_total() =>
        AnyBridge.Sample(ask =>
        {
            var told = Told(Bridge, ask);
            var (k, f, o) = (
                Number(ask, "bridges"),
                Number(ask, "foldAllowance"),
                Number(ask, "outerAllowance")
            );
            var cut = 2 * told["outerPanelCut"] + (k - 1) * told["innerPanelCut"];
            return Near(
                cut - 2 * k * f - 2 * o + k * Number(ask, "gap"),
                Number(ask, "totalWidth")
            );
        });

    [Fact]
    public void The_stitch_bites_both_folds_and_the_widest_gap_is_what_it_reaches() =>
        AnyBridge.Sample(ask =>
        {
            var plan = Plan(Bridge, ask);
            var told = Captured.From(plan);
            var (gap, bite, widest) = (
                Number(ask, "gap"),
                Number(ask, "bite"),
                Number(ask, "maxStitchWidth")
            );
            var stops = plan.Findings.Any(f => f.Code == "stitch-too-narrow");
            return told["stitchWidth"] >= gap + 2 * bite - 1e-6
                && told["stitchWidth"] < gap + 2 * bite + 0.5 + 1e-6
                && stops == told["stitchWidth"] > widest * (1 + 1e-9)
                && Near(told["widestGap"], Math.Max(0, widest - 2 * bite));
        });

    /// <summary>Foot and plate may open less far than the machine swings: nothing is sewn that would strike them.</summary>
    [Fact]
    public void What_is_sewn_passes_foot_and_plate_or_is_stopped() =>
        Gen.Select(AnyBridge, Gen.Double[1, 12], Gen.Double[1, 12], Gen.Double[3, 9])
            .Sample(
                (ask, foot, plate, width) =>
                {
                    var plan = Plan(
                        Bridge,
                        ask.With("footOpening", RawValue.Of(foot))
                            .With("plateOpening", RawValue.Of(plate))
                            .With(
                                "candidates",
                                RawValue.Of([
                                    RawValue.Of(
                                        RawInputs.Of(("stitchWidth", width), ("repeatLength", 5))
                                    ),
                                ])
                            )
                    );
                    var sewn = Captured.From(plan)["setWidth"];
                    return plan.Findings.Any(f => f.Severity == Severity.Stop)
                        || sewn + 0.8 + 2 * 0.3 <= Math.Min(foot, plate) + 1e-9;
                }
            );

    [Fact]
    public void Panels_of_the_width_that_it_gives_are_those_that_are_there() =>
        Gen.Select(AnyBridge, Gen.Double[120, 800])
            .Sample(
                (ask, panel) =>
                {
                    // Cut alike, inner and outer ones come out alike where the outer edge takes as much as a fold.
                    var same = ask.With("outerAllowance", ask.Values["foldAllowance"]);
                    var turned = Captured.From(
                        Bridge
                            .CalculationNamed("total-from-panels")!
                            .Compute(same.With("panelAtHand", RawValue.Of(panel)), Ruler.Metric)
                            .Answer!
                    );
                    var told = Told(
                        Bridge,
                        same.With("totalWidth", RawValue.Of(turned["totalWidth"]))
                    );
                    return Near(told["outerPanelCut"], panel) && Near(told["innerPanelCut"], panel);
                }
            );

    [Fact]
    public void Of_stitches_of_the_book_the_first_that_reaches_is_sewn_and_drawn()
    {
        RawInputs Stitch(string name, double width) =>
            RawInputs.Of(
                ("name", name),
                ("number", "7"),
                ("stitchWidth", width),
                ("repeatLength", 5),
                ("stitchLength", 2.5),
                ("look", "cross")
            );
        RawInputs With(params RawInputs[] stitches) =>
            Bridge.Forward.Example.With(
                "candidates",
                RawValue.Of([.. stitches.Select(RawValue.Of)])
            );

        var plan = Plan(Bridge, With(Stitch("narrow", 4), Stitch("wide", 6.5), Stitch("wider", 7)));
        var told = Captured.From(plan);

        told["sewnWidth"].ShouldBe(6.5);
        told.Rows("across").Select(r => r["serves"]).ShouldBe([0, 1, 1]);
        told.Rows("across")[0]["reach"].ShouldBe(0.5, 1e-9);
        plan.Steps(Ruler.Metric).Single(s => s.Key == "set").Says.ShouldStartWith("Wide, number 7");
        plan.Drawings(Ruler.Metric)
            .Single(d => d.Name == "bite")
            .Shapes.OfType<PathShape>()
            .Count(s => s.Stitches is not null)
            .ShouldBe(3);
        Plan(Bridge, With(Stitch("narrow", 4)))
            .Findings.ShouldContain(f =>
                f.Code == "no-stitch-reaches" && f.Severity == Severity.Care
            );
    }

    [Fact]
    public void A_bar_that_is_not_there_says_what_the_nearest_makes_of_the_width()
    {
        var found = Plan(
            Bridge,
            Bridge.Forward.Example.With("bars", RawValue.Of([RawValue.Of(2), RawValue.Of(4.5)]))
        )
            .Findings.Single(f => f.Code == "no-such-bar");

        // Two gaps, each a millimetre narrower.
        found.Because.ShouldContain("41.8 cm");
        Plan(Bridge, Bridge.Forward.Example.With("heldBy", RawValue.Of("card")))
            .Findings.ShouldNotContain(f => f.Code == "no-such-bar");
    }

    [Fact]
    public void What_a_scrap_came_to_turns_the_width_up_and_the_card_says_the_same()
    {
        var sample = RawInputs.Of(("dialled", 5.5), ("stitches", 1), ("measured", 5));
        var ask = Bridge.Forward.Example.With(
            "samples",
            RawValue.Of([.. Enumerable.Repeat(RawValue.Of(sample), 4)])
        );
        var plan = Plan(Bridge, ask);
        var set = Captured.From(plan)["setWidth"];

        set.ShouldBeGreaterThan(5.5);
        plan.ForCard.Single(f => f.Name == "dialledWidth").Text.ShouldBe($"{set} mm");
        plan.Steps(Ruler.Metric).Single(s => s.Key == "set").Big.ShouldContain($"{set} mm");
    }

    /// <summary>Followed leg by leg, its middle line is √2 times as long as it goes on.</summary>
    [Fact]
    public void A_band_followed_leg_by_leg_is_as_long_as_its_ribbon() =>
        AnyRibbon.Sample(ask =>
        {
            var plan = Plan(Ribbon, ask);
            var told = Captured.From(plan);
            var (q, folds) = (told["advance"], told.List("folds"));
            var followed = folds
                .Select((f, i) => Math.Sqrt(Math.Pow(f - (i == 0 ? 0 : folds[i - 1]), 2) + q * q))
                .Sum();
            return Near(followed + 2 * Number(ask, "tail"), told["ribbonLength"])
                && Near(folds[^1], Number(ask, "run"))
                && told.List("catches").Zip(folds).All(c => Near(c.Second - c.First, q / 2));

            static bool Near(double a, double b) => Math.Abs(a - b) < 1e-6;
        });

    [Fact]
    public void The_ribbon_there_is_goes_along_a_line_that_takes_as_much() =>
        AnyRibbon.Sample(ask =>
        {
            var told = Told(Ribbon, ask);
            var turned = Captured.From(
                Ribbon
                    .CalculationNamed("run-from-ribbon")!
                    .Compute(
                        ask.Without("run").With("ribbonAtHand", RawValue.Of(told["ribbonTotal"])),
                        Ruler.Metric
                    )
                    .Answer!
            );
            return Near(turned["longestRun"], Number(ask, "run"));
        });

    [Fact]
    public void Legs_that_lie_on_each_other_are_stopped_with_what_would_serve()
    {
        var ask = RawInputs.Of(("run", 300), ("ribbonWidth", 20), ("legAdvance", 10), ("tail", 20));
        var found = Plan(Ribbon, ask).Findings.Single(f => f.Code == "legs-collide");

        found.Severity.ShouldBe(Severity.Stop);
        var least = 20 * Math.Sqrt(2) / 2;
        Plan(Ribbon, ask.With("legAdvance", RawValue.Of(least + 1)))
            .Findings.ShouldNotContain(f => f.Code == "legs-collide");
    }

    /// <summary>A machine that stops by itself needs no count; any other is led from catch to catch.</summary>
    [Fact]
    public void The_count_is_led_where_the_machine_does_not_stop_by_itself()
    {
        IReadOnlyList<StepStop> Stops(bool stops) =>
            Plan(Ribbon, Ribbon.Forward.Example.With("stopsItself", RawValue.Of(stops)))
                .Steps(Ruler.Metric)
                .Single(s => s.Key == "lay")
                .Stops;

        var led = Stops(false);
        led.Count.ShouldBe(35);
        led.ShouldAllBe(s => s.Stitches == 6);
        led.Take(2)
            .Select(s => s.Says)
            .ShouldBe(["fold back to the left", "fold back to the right"]);
        Stops(true).ShouldBeEmpty();
    }

    [Fact]
    public void Mirrored_bands_lie_side_by_side_and_each_is_caught_as_often() =>
        AnyRibbon.Sample(ask =>
        {
            var plan = Plan(Ribbon, ask);
            var told = Captured.From(plan);
            var band = plan.Drawings(Ruler.Metric).Single(d => d.Name == "band");
            return band.Shapes.Count(s => s.Part == "catches")
                    == told["legs"] * Number(ask, "bands")
                && band.Shapes.OfType<PathShape>().Count() == told["legs"] * Number(ask, "bands")
                && Near(told["allBands"], Number(ask, "bands") * told["advance"]);
        });

    private static WorkPlan Plan(Process working, RawInputs ask)
    {
        var outcome = working.Forward.Compute(ask, Ruler.Metric);
        outcome.Errors.ShouldBeEmpty();
        return (WorkPlan)outcome.Answer!;
    }

    private static Captured Told(Process working, RawInputs ask) =>
        Captured.From(Plan(working, ask));

    private static double Number(RawInputs ask, string field) => ask.Values[field].Number!.Value;

    private static bool Near(double a, double b) => Math.Abs(a - b) < 1e-6;
}
