using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Tests;

/// <summary>Tucks: that they land on their span whatever was measured, and that all that is turned round agrees.</summary>
public class TucksTests
{
    private static readonly Process Working = Techniques.WorkingOf("pintucks")!;

    private static readonly Gen<RawInputs> AnyPanel =
        from width in Gen.Double[80, 500]
        from groups in Gen.Int[1, 7].Array[1, 4]
        from spacing in Gen.Double[3, 9]
        from gap in Gen.Double[9, 25]
        from folded in Gen.Bool
        from seam in Gen.Double[0, 20]
        from takeUp in Gen.Double[0.2, 1.6]
        select RawInputs.Of(
            ("kind", folded ? "folded" : "twin"),
            ("panelWidth", width),
            ("pattern", groups.Select(g => RawValue.Of((double)g)).ToArray()),
            ("spacing", spacing),
            ("clusterGap", gap),
            ("seamAllowance", seam),
            ("needleSpacing", 2.5),
            ("clothThickness", 0.25),
            ("depth", Math.Max(0.5, takeUp)),
            ("takeUp", takeUp)
        );

    [Fact]
    public void The_run_lies_in_the_middle_and_each_line_lies_where_what_is_taken_up_before_it_pushes_it() =>
        AnyPanel.Sample(ask =>
        {
            var told = Reckon(ask);
            var (centres, flat) = (told.List("centres"), told.List("flatCentres"));
            var u = told["takeUp"];
            var width = ask.Values["panelWidth"].Number!.Value;
            var seam = ask.Values["seamAllowance"].Number!.Value;
            var marks = told.Rows("marks");
            var cut = Math.Ceiling((told["cutWidth"] - 1e-6) / 5) * 5;
            var beside = (cut - width - centres.Count * u) / 2;
            return Near(centres[0], width - centres[^1])
                && centres.Zip(centres.Skip(1)).All(p => p.Second > p.First)
                && flat.Select((x, i) => Near(x, centres[i] + (i + 0.5) * u)).All(near => near)
                // What is rounded up when it is cut lies half on either side.
                && marks.Select((m, i) => Near(m["centre"], flat[i] + beside)).All(near => near)
                && marks.All(m => Near(m["right"] - m["centre"], m["centre"] - m["left"]))
                && Near(told["cutWidth"], width + centres.Count * u + 2 * seam);
        });

    [Fact]
    public void More_tucks_never_need_less_cloth_and_groups_only_add_up() =>
        AnyPanel.Sample(ask =>
        {
            var groups = ask.Values["pattern"].List!.Select(v => (int)v.Number!.Value).ToList();
            var told = Reckon(ask);
            var more = Reckon(
                ask.With(
                    "pattern",
                    RawValue.Of([
                        .. groups.Select((g, i) => RawValue.Of((double)(i == 0 ? g + 1 : g))),
                    ])
                )
            );
            var gaps =
                groups.Sum(g => g - 1) * ask.Values["spacing"].Number!.Value
                + (groups.Count - 1) * ask.Values["clusterGap"].Number!.Value;
            return (int)told["tucks"] == groups.Sum()
                && Near(told["span"], gaps)
                && more["cutWidth"] >= told["cutWidth"]
                && more["blockWidth"] >= told["blockWidth"];
        });

    [Fact]
    public void A_pattern_may_be_typed_as_it_is_said()
    {
        var ask = Working.Forward.Example.Without("tucks").With("clusterGap", RawValue.Of(15));
        foreach (var said in new[] { "3 + 5 + 3", "3, 5, 3", "3 5 3", " 3+5+3 " })
        {
            Reckon(ask.With("pattern", RawValue.Of(said)))["tucks"].ShouldBe(11);
        }
        foreach (var wrong in new[] { "three", "3 + 0", "3.5 + 3", "", "3 + -2" })
        {
            Refused(ask.With("pattern", RawValue.Of(wrong))).ShouldBe(["pattern"], wrong);
        }
        // Groups stand in place of a number, and say so where it is another one.
        var both = ask.With("pattern", RawValue.Of("3 + 5")).With("tucks", RawValue.Of(9));
        Reckon(both)["tucks"].ShouldBe(8);
        Codes(both).ShouldContain("groups-count");
        Codes(both.With("tucks", RawValue.Of(8))).ShouldNotContain("groups-count");
        Refused(ask.With("pattern", RawValue.Of("3 + 5")).Without("clusterGap"))
            .ShouldBe(["clusterGap"]);
        Refused(ask).ShouldBe(["tucks"]);
        Refused(ask.With("tucks", RawValue.Of(7.5))).ShouldBe(["tucks"]);
    }

    [Fact]
    public void Grooves_space_as_their_pitch_says() =>
        Gen.Select(AnyPanel, Gen.Double[1.2, 4], Gen.Int[1, 4])
            .Sample(
                (ask, pitch, step) =>
                    Near(
                        Reckon(
                            ask.Without("spacing")
                                .With("groovePitch", RawValue.Of(pitch))
                                .With("grooveStep", RawValue.Of(step))
                        )["span"],
                        Reckon(ask.With("spacing", RawValue.Of(pitch * step)))["span"]
                    )
            );

    [Fact]
    public void Whatever_was_measured_the_rest_lands_on_the_span() =>
        Gen.Select(AnyPanel, Gen.Double[0.9, 1.1], Gen.Double[0, 1])
            .Sample(
                (ask, off, share) =>
                {
                    var plan = Reckon(ask);
                    var tucks = (int)plan["tucks"];
                    if (tucks < 4)
                    {
                        return true;
                    }
                    var sewn = 2 + (int)(share * (tucks - 3));
                    var from = 1 + (int)(share * (tucks - sewn));
                    var centres = plan.List("centres");
                    var planned = centres[from + sewn - 2] - centres[from - 1];
                    var measured = planned * off;
                    var course = ask.With(
                        "course",
                        RawValue.Of([
                            RawValue.Of(
                                RawInputs.Of(("sewn", sewn), ("from", from), ("measured", measured))
                            ),
                        ])
                    );
                    var now = Reckon(course);
                    var half = Turned(
                        "respace",
                        ask.With("sewn", RawValue.Of(sewn))
                            .With("from", RawValue.Of(from))
                            .With("measured", RawValue.Of(measured))
                    );
                    if (half is null)
                    {
                        return true;
                    }
                    var (after, flat) = (now.List("centres"), now.List("flatCentres"));
                    // As wide as was planned, the sewn ones where they were marked, the plan and the form of one mind.
                    return Near(after[^1] - after[0], plan["span"])
                        && Near(after[from + sewn - 2] - after[from - 1], measured)
                        && flat.Skip(from - 1)
                            .Take(sewn)
                            .Zip(plan.List("flatCentres").Skip(from - 1))
                            .All(p => Near(p.First, p.Second))
                        && half.List("flatCentres").Zip(flat).All(p => Near(p.First, p.Second))
                        && Near(half["flatGap"], half["finishedGap"] + half["takeUp"])
                        && Near(half["takeUp"], plan["takeUp"] + (planned - measured) / (sewn - 1));
                }
            );

    [Fact]
    public void Measured_as_planned_nothing_changes_and_far_off_it_is_said_that_it_will_show()
    {
        var ask = Working.Forward.Example;
        string Code(double measured) =>
            Working
                .CalculationNamed("respace")!
                .Compute(
                    ask.With("sewn", RawValue.Of(5)).With("measured", RawValue.Of(measured)),
                    Ruler.Metric
                )
                .Answer!.Findings.Single(f => f.Code != "cloth-short")
                .Code;

        Code(24).ShouldBe("on-course");
        Code(23.6).ShouldBe("re-spaced");
        Code(15).ShouldBe("visible-correction");
        Refused(ask.With("sewn", RawValue.Of(15)).With("measured", RawValue.Of(80)), "respace")
            .ShouldBe(["sewn"]);
        Refused(ask.With("sewn", RawValue.Of(5)).With("measured", RawValue.Of(90)), "respace")
            .ShouldBe(["measured"]);
    }

    /// <summary>
    /// Cloth is conserved: whatever each took up, what was cut less what all of them take is what lies between the seams. Led by
    /// grooves a span says nothing of that, and an exact one asks for nothing.
    /// </summary>
    [Fact]
    public void Spaced_anew_the_ridges_land_and_what_cloth_is_missing_is_said()
    {
        var ask = Working.Forward.Example.With("sewn", RawValue.Of(5));
        Result Half(RawInputs half, double measured) =>
            Working
                .CalculationNamed("respace")!
                .Compute(half.With("measured", RawValue.Of(measured)), Ruler.Metric)
                .Answer!;

        var told = Captured.From(Half(ask, 22));
        told["panelLands"]
            .ShouldBe(
                Reckon(Working.Forward.Example)["cutWidth"] - 2 * 10 - 15 * told["takeUp"],
                1e-9
            );
        var tight = Half(ask, 22).Findings.Single(f => f.Code == "cloth-short");
        tight.Says.ShouldContain(Ruler.Metric.Mark(Length.FromMillimetres(told["shortBy"])));
        Half(ask, 24.4).Findings.ShouldNotContain(f => f.Code == "cloth-short");

        var led = ask.Without("spacing")
            .With("groovePitch", RawValue.Of(2.6))
            .With("grooveStep", RawValue.Of(2));
        var should = Captured.From(Half(led, 10))["should"];
        Half(led, should).Findings.ShouldHaveSingleItem().Code.ShouldBe("on-course");
        Half(led, should - 2).Findings.ShouldHaveSingleItem().Code.ShouldBe("off-grooves");
    }

    [Fact]
    public void The_widest_panel_of_a_cloth_takes_that_cloth_and_one_tuck_more_than_the_most_does_not_fit() =>
        Gen.Select(AnyPanel, Gen.Double[150, 700])
            .Sample(
                (ask, cloth) =>
                {
                    var turned = Turned(
                        "panel-from-cloth",
                        ask.With("clothAtHand", RawValue.Of(cloth))
                    )!;
                    var widest = turned["widestPanel"];
                    var most = (int)turned["mostTucks"];
                    RawInputs With(int tucks) =>
                        ask.Without("pattern").With("tucks", RawValue.Of(tucks));
                    return (
                            widest < 10
                            || Near(
                                Reckon(ask.With("panelWidth", RawValue.Of(widest)))["cutWidth"],
                                cloth
                            )
                        )
                        && (most == 0 || Reckon(With(most))["cutWidth"] <= cloth + 1e-6)
                        && (most >= 400 || Reckon(With(most + 1))["cutWidth"] > cloth - 1e-6);
                }
            );

    [Fact]
    public void The_spacing_that_fills_a_panel_leaves_as_much_at_its_sides() =>
        AnyPanel.Sample(ask =>
        {
            var spacing = Turned("spacing-from-panel", ask)!["spacing"];
            if (spacing is < 0.5 or > 300)
            {
                return true;
            }
            var told = Reckon(ask.With("spacing", RawValue.Of(spacing)));
            return Near(told["firstCentre"], spacing);
        });

    [Fact]
    public void The_run_between_margins_is_filled_by_its_spacing() =>
        Gen.Select(AnyPanel, Gen.Double[0, 40])
            .Sample(
                (ask, margin) =>
                {
                    var turned = Turned(
                        "run-from-margins",
                        ask.With("margin", RawValue.Of(margin))
                    )!;
                    if (!turned.Names.Contains("spacing") || turned["spacing"] is < 0.5 or > 300)
                    {
                        return true;
                    }
                    var told = Reckon(ask.With("spacing", RawValue.Of(turned["spacing"])));
                    return Near(told["firstCentre"], margin) && Near(told["span"], turned["run"]);
                }
            );

    [Theory]
    [InlineData("panelWidth", 60, "does-not-fit")]
    [InlineData("spacing", 1, "ridge-over-spacing")]
    [InlineData("grain", "across", "across-grain")]
    [InlineData("tucks", 14, "even-number")]
    [InlineData("grooveWidth", 2, "twin-groove")]
    [InlineData("clothThickness", 1.3, "nothing-between")]
    [InlineData("takeUpSpread", 1.5, "spread-wide")]
    public void What_would_go_wrong_is_said(string field, object value, string code)
    {
        Codes(Working.Forward.Example).ShouldNotContain(code);
        Codes(Working.Forward.Example.With(field, RawValue.Of(value))).ShouldContain(code);
    }

    [Fact]
    public void A_wave_is_followed_only_where_its_bends_are_wide_and_the_remedy_is_enough()
    {
        RawInputs Waved(double height, double length) =>
            Working
                .Forward.Example.With("firstLine", RawValue.Of("wave"))
                .With("waveHeight", RawValue.Of(height))
                .With("waveLength", RawValue.Of(length));
        Codes(Waved(4, 240)).ShouldNotContain("bend-too-tight");

        var tight = Working
            .Forward.Compute(Waved(12, 120), Ruler.Metric)
            .Answer!.Findings.Single(f => f.Code == "bend-too-tight");
        var needed = LengthReader.Read(
            System.Text.RegularExpressions.Regex.Match(tight.Remedy, @"[\d.]+ c?m").Value,
            UnitSystem.Metric
        );
        Codes(Waved(12, needed.Length.Millimetres)).ShouldNotContain("bend-too-tight");
    }

    [Fact]
    public void An_open_stitch_is_no_wider_than_both_needles_clear()
    {
        var ask = Working.Forward.Example.With("openStitch", RawValue.Of("between"));
        RawInputs Opening(double mm) => ask.With("footOpening", RawValue.Of(mm));

        // 8 − 0.8 − 2 · 0.4 − 2.5 = 3.9, and dials step by half a millimetre.
        Reckon(Opening(8))["clearWidth"].ShouldBe(3.5);
        Reckon(Opening(8).With("plateOpening", RawValue.Of(6)))["clearWidth"].ShouldBe(1.5);
        Codes(Opening(4.2)).ShouldContain("stitch-too-narrow");
        Codes(ask).ShouldContain("opening-unknown");
    }

    [Fact]
    public void A_cord_under_a_scrap_is_one_of_its_figures_and_is_learnt_from()
    {
        var swatch = Working.Swatch;
        RawInputs Sample(double corded) =>
            swatch.Sample!(
                new SewnSwatch(
                    new Dictionary<string, IReadOnlyList<double>>
                    {
                        ["flat"] = [100],
                        ["tucked"] = [94],
                    },
                    RawInputs.Of(("tucksSewn", 7), ("needleSpacing", 2.5), ("corded", corded)),
                    new Dictionary<string, string>(),
                    true,
                    true
                )
            );
        Captured With(double corded) =>
            Reckon(
                Working.Forward.Example.With("samples", RawValue.Of([RawValue.Of(Sample(corded))]))
            );

        Sample(1).Values["corded"].Flag.ShouldBe(true);
        Sample(0).Values["corded"].Flag.ShouldBe(false);
        // What a cord held open says the soft ridge draws more.
        With(1)["takeUp"].ShouldBeGreaterThan(With(0)["takeUp"]);
        swatch.Knobs.Select(k => k.Name).ShouldBeSubsetOf(swatch.Features.Select(f => f.Name));
    }

    [Fact]
    public void Too_little_cloth_between_the_needles_teaches_nothing_and_says_so()
    {
        RawValue Sample(double thickness, double tucked) =>
            RawValue.Of(
                RawInputs.Of(
                    ("needleSpacing", 2),
                    ("clothThickness", thickness),
                    ("tucks", 7),
                    ("flat", 100),
                    ("tucked", tucked)
                )
            );
        var none = Reckon(Working.Forward.Example.With("samples", RawValue.Of([])));
        var ask = Working.Forward.Example.With(
            "samples",
            RawValue.Of([Sample(0.9, 92), Sample(0.3, 93)])
        );
        Codes(ask).ShouldContain("teaches-nothing");
        var alone = Working.Forward.Example.With("samples", RawValue.Of([Sample(0.9, 92)]));

        Reckon(alone)["takeUp"].ShouldBe(none["takeUp"], 1e-9);
        Math.Abs(Reckon(ask)["takeUp"] - none["takeUp"]).ShouldBeGreaterThan(1e-3);
    }

    [Fact]
    public void To_be_surer_never_takes_less_cloth_and_a_swatch_makes_it_less() =>
        Gen.Double[0.5, 0.97]
            .Sample(assurance =>
            {
                var ask = Working
                    .Forward.Example.With("samples", RawValue.Of([]))
                    .With("assurance", RawValue.Of(assurance));
                var surer = Reckon(ask.With("assurance", RawValue.Of(assurance + 0.02)));
                var told = Reckon(ask);
                return surer["sureCutWidth"] >= told["sureCutWidth"]
                    && told["sureCutWidth"] >= told["cutWidth"];
            });

    [Fact]
    public void Every_tuck_is_sewn_once_from_the_centre_outwards_and_measured_twice()
    {
        for (var tucks = 1; tucks <= 24; tucks++)
        {
            var plan = (WorkPlan)
                Working
                    .Forward.Compute(
                        Working.Forward.Example.With("tucks", RawValue.Of(tucks)),
                        Ruler.Metric
                    )
                    .Answer!;
            var steps = plan.Steps(Ruler.Metric);
            var done = 1;
            foreach (
                var step in steps.Where(s => s.Title.StartsWith("Tuck", StringComparison.Ordinal))
            )
            {
                var to = int.Parse(step.Title.Split(' ')[^1], null);
                step.Title.ShouldBe(to == done + 1 ? $"Tuck {to}" : $"Tucks {done + 1} to {to}");
                done = to;
            }
            done.ShouldBe(tucks);
            steps
                .Count(s => s.Measure is not null)
                .ShouldBe(
                    tucks < 3 ? 0
                        : tucks == 3 ? 1
                        : 2,
                    $"{tucks}"
                );
            foreach (var measure in steps.Select(s => s.Measure).OfType<StepMeasure>())
            {
                var (sewn, from) = ((int)measure.With["sewn"], (int)measure.With["from"]);
                from.ShouldBeGreaterThan(0);
                (from + sewn - 1).ShouldBeLessThanOrEqualTo(tucks);
                // The middle one is among them.
                ((tucks + 1) / 2).ShouldBeInRange(from, from + sewn - 1);
            }
        }
    }

    [Fact]
    public void A_measure_holds_for_all_that_is_left_in_every_step_and_for_what_is_measured_next()
    {
        RawValue Row(int sewn, int from, double span) =>
            RawValue.Of(RawInputs.Of(("sewn", sewn), ("from", from), ("measured", span)));
        IReadOnlyList<SewingStep> Steps(params RawValue[] course) =>
            (
                (WorkPlan)
                    Working
                        .Forward.Compute(
                            Working.Forward.Example.With("course", RawValue.Of(course)),
                            Ruler.Metric
                        )
                        .Answer!
            ).Steps(Ruler.Metric);
        string Big(IReadOnlyList<SewingStep> steps, string key) =>
            steps.Single(s => s.Key == key).Big;

        var once = Steps(Row(5, 6, 23));
        var half = Turned(
            "respace",
            Working
                .Forward.Example.With("sewn", RawValue.Of(5))
                .With("from", RawValue.Of(6))
                .With("measured", RawValue.Of(23))
        )!;
        // From a ridge that is sewn half of what a tuck takes is taken already.
        string FromRidge(Captured told) =>
            Ruler.Metric.Write(
                Length.FromMillimetres(told["flatGap"] - told["takeUp"] / 2),
                LengthKind.Fine
            );
        var gap = FromRidge(half);
        Big(once, "to-2").ShouldBe(gap);
        Big(once, "rest").ShouldBe(gap);
        once.Single(s => s.Key == "rest").Says.ShouldStartWith("Re-spaced");
        Big(Steps(), "rest").ShouldNotBe(gap);

        // What ten should span by then is what the form will hold them against.
        var later = Turned(
            "respace",
            Working
                .Forward.Example.With("course", RawValue.Of([Row(5, 6, 23)]))
                .With("sewn", RawValue.Of(10))
                .With("from", RawValue.Of(4))
                .With("measured", RawValue.Of(52))
        )!;
        Big(once, "measure-2").ShouldBe(Ruler.Metric.Mark(Length.FromMillimetres(later["should"])));

        // Measured again, the rest goes by that.
        Big(Steps(Row(5, 6, 23), Row(10, 4, 52)), "rest").ShouldBe(FromRidge(later));
    }

    [Fact]
    public void In_groups_each_gap_that_is_left_changes_by_the_same_in_the_step_as_on_the_guide()
    {
        var ask = Working
            .Forward.Example.Without("tucks")
            .With("pattern", RawValue.Of("3 + 5 + 3"))
            .With("clusterGap", RawValue.Of(18))
            .With(
                "course",
                RawValue.Of([RawValue.Of(RawInputs.Of(("sewn", 4), ("from", 5), ("measured", 17)))])
            );
        var plan = (WorkPlan)Working.Forward.Compute(ask, Ruler.Metric).Answer!;
        var flat = plan.Guide!.Lines.Where(l => l.Number > 0)
            .Select(l => l.From.X.Millimetres)
            .ToList();
        string Fine(double mm) => Ruler.Metric.Write(Length.FromMillimetres(mm), LengthKind.Fine);
        var rest = plan.Steps(Ruler.Metric).Single(s => s.Key == "rest");

        var taken =
            Turned(
                "respace",
                ask.Without("course")
                    .With("sewn", RawValue.Of(4))
                    .With("from", RawValue.Of(5))
                    .With("measured", RawValue.Of(17))
            )!["takeUp"] / 2;

        // From the ninth to the tenth within the last group; the eighth to the ninth is between the last two.
        rest.Big.ShouldBe(Fine(flat[9] - flat[8] - taken));
        (flat[8] - flat[7]).ShouldBeGreaterThan(flat[9] - flat[8] + 10);
        // By then the third to the tenth are sewn. Each line is measured from the last ridge on its side, so that nothing adds up.
        string Ridge(double mm) => Fine(mm - taken);
        rest.Says.ShouldContain(
            $"from the last ridge on the right at {Ridge(flat[10] - flat[9])}, from the last on the left at {Ridge(flat[2] - flat[1])}, {Ridge(flat[2] - flat[0])}."
        );
        Ridge(flat[1] - flat[0]).ShouldBe(rest.Big);
    }

    [Fact]
    public void The_guide_has_a_line_for_each_tuck_where_the_plan_marks_it() =>
        AnyPanel.Sample(ask =>
        {
            var plan = (WorkPlan)Working.Forward.Compute(ask, Ruler.Metric).Answer!;
            var marks = Captured.From(plan).Rows("marks");
            var lines = plan.Guide!.Lines.Where(l => l.Number > 0).ToList();
            return lines.Select(l => l.Number).SequenceEqual(Enumerable.Range(1, marks.Count))
                && lines.Zip(marks).All(p => Near(p.First.From.X.Millimetres, p.Second["centre"]));
        });

    /// <summary>
    /// Seeded. Somebody who has never tucked sews three scraps as advised, cuts what the plan says, and measures twice on the
    /// way: nine bib fronts in ten land within 2 mm of their width.
    /// </summary>
    [Fact]
    public void A_bib_front_lands_within_two_millimetres_nine_times_in_ten()
    {
        var landed = Enumerable
            .Range(0, 200)
            .Count(seed => Math.Abs(MissOf(seed, measured: true)) <= 2);
        var blindly = Enumerable
            .Range(0, 200)
            .Count(seed => Math.Abs(MissOf(seed, measured: false)) <= 2);

        landed.ShouldBeGreaterThanOrEqualTo(180);
        // It is the measuring that does it.
        landed.ShouldBeGreaterThan(blindly);
    }

    /// <summary>How far a run of tucks comes out from its span, on a simulated machine.</summary>
    private static double MissOf(int seed, bool measured)
    {
        var ask = Working.Forward.Example.With("samples", RawValue.Of([]));
        var samples = Enumerable
            .Range(0, 3)
            .Select(piece =>
            {
                var read = Sewn(seed, piece, 7, 100);
                return RawValue.Of(
                    RawInputs.Of(
                        ("needleSpacing", 2.5),
                        ("clothThickness", 0.3),
                        ("tensionSteps", 1),
                        ("clothWeight", 110),
                        ("tucks", 7),
                        ("flat", read["flat"]),
                        ("tucked", read["tucked"])
                    )
                );
            });
        ask = ask.With("samples", RawValue.Of([.. samples]));
        // What each of fifteen tucks really takes up: read off a hundred alike, so that the ruler hides nothing of it.
        var taken = Enumerable
            .Range(100, 15)
            .Select(piece => Sewn(seed, piece, 100, 1000))
            .Select(read => (read["flat"] - read["tucked"]) / 100)
            .ToList();
        List<RawValue> course = [];
        var measures = ((WorkPlan)Working.Forward.Compute(ask, Ruler.Metric).Answer!)
            .Steps(Ruler.Metric)
            .Select(s => s.Measure)
            .OfType<StepMeasure>();
        foreach (var measure in measured ? measures : [])
        {
            var (sewn, from) = ((int)measure.With["sewn"], (int)measure.With["from"]);
            var spans = Math.Round(2 * Span(from - 1, from + sewn - 2)) / 2;
            course.Add(
                RawValue.Of(RawInputs.Of(("sewn", sewn), ("from", from), ("measured", spans)))
            );
        }
        return Span(0, 14) - Reckon(ask)["span"];

        // The flat lines as they are planned by then, less what lies in the ridges between them: a half at either end.
        double Span(int first, int last)
        {
            var flat = Reckon(course.Count > 0 ? ask.With("course", RawValue.Of([.. course])) : ask)
                .List("flatCentres");
            return flat[last]
                - flat[first]
                - taken.Skip(first + 1).Take(last - first - 1).Sum()
                - (taken[first] + taken[last]) / 2;
        }
    }

    private static IReadOnlyDictionary<string, double> Sewn(
        int seed,
        int piece,
        int tucks,
        double flat
    ) =>
        Working
            .Swatch.Teaches.Single()
            .Sew!(
                new SimulatedSwatch(
                    new InputReader(
                        RawInputs.Of(
                            ("tucksSewn", tucks),
                            ("needleSpacing", 2.5),
                            ("clothThickness", 0.3),
                            ("tensionSteps", 1),
                            ("clothWeight", 110)
                        ),
                        Ruler.Metric
                    ),
                    Length.FromMillimetres(flat),
                    seed,
                    piece
                )
            );

    private static Captured Reckon(RawInputs ask)
    {
        var outcome = Working.Forward.Compute(ask, Ruler.Metric);
        outcome.Errors.Select(e => $"{e.Field}: {e.Says}").ShouldBeEmpty();
        return Captured.From(outcome.Answer!);
    }

    private static Captured? Turned(string form, RawInputs ask) =>
        Working.CalculationNamed(form)!.Compute(ask, Ruler.Metric).Answer is { } answer
            ? Captured.From(answer)
            : null;

    private static IEnumerable<string> Refused(RawInputs ask, string form = "") =>
        Working.CalculationNamed(form)!.Compute(ask, Ruler.Metric).Errors.Select(e => e.Field);

    private static IEnumerable<string> Codes(RawInputs ask) =>
        Working.Forward.Compute(ask, Ruler.Metric).Answer!.Findings.Select(f => f.Code);

    private static bool Near(double a, double b) =>
        Math.Abs(a - b) <= 1e-7 * Math.Max(1, Math.Abs(b));
}
