using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Tests;

/// <summary>What holds of rows of stitches whatever the piece, the angle and the pattern.</summary>
public class RowsTests
{
    private static readonly Process Rows = Techniques.WorkingOf("stitch-rows")!;

    private static readonly Gen<RawInputs> AnyStitch =
        from width in Gen.Double[1, 7]
        from repeat in Gen.Double[4, 25]
        from dial in Gen.Double[0.3, 4]
        from look in Gen.Int[0, StitchLooks.Choices.Count - 1]
            .Select(i => StitchLooks.Choices[i].Name)
        select RawInputs.Of(
            ("name", "some stitch"),
            ("stitchWidth", width),
            ("repeatLength", repeat),
            ("stitchLength", dial),
            ("look", look)
        );

    private static readonly Gen<RawInputs> AnyPiece =
        from width in Gen.Double[80, 900]
        from height in Gen.Double[80, 900]
        from angle in Gen.OneOf(Gen.Double[-180, 180], Gen.Int[-4, 4].Select(i => i * 45.0))
        from gap in Gen.Double[6, 40]
        from pattern in AnyStitch.Array[1, 4]
        from whole in Gen.Bool
        from range in Gen.Double[0, 2]
        select RawInputs.Of(
            ("width", width),
            ("height", height),
            ("angle", angle),
            ("rowGap", gap),
            ("pattern", pattern),
            ("fit", whole ? "whole" : "even"),
            ("repeatRange", range)
        );

    private static readonly Gen<RawInputs> AnyGuidedByFoot =
        from ask in AnyPiece
        from edge in Gen.Double[2, 15]
        select ask.Without("rowGap").With("footEdge", RawValue.Of(edge));

    [Fact]
    public void No_row_lies_outside_the_piece_and_all_are_parallel() =>
        Gen.OneOf(AnyPiece, AnyGuidedByFoot)
            .Sample(ask =>
            {
                var plan = Plan(ask);
                var drawn = Finished(plan);
                var turned = Number(ask, "angle") * Math.PI / 180;
                return drawn.All(line =>
                    Inside(ask, line.Start)
                    && Inside(ask, line.Steps[^1].To)
                    && Math.Abs(Across(line, turned)) < 1e-6
                );
            });

    /// <summary>Whoever sets the machine by the card begins as the step at the machine says.</summary>
    [Fact]
    public void The_card_is_told_to_set_what_the_first_row_wants() =>
        Gen.OneOf(AnyPiece, AnyGuidedByFoot)
            .Sample(ask =>
            {
                var plan = Plan(ask);
                var step = plan.Steps(Ruler.Metric).First(s => s.Key == "set");
                var told = plan.ForCard.First(f => f.Name == "dialledLength").Text;
                return step.Big == $"length {told}";
            });

    /// <summary>As it is sewn: whole repeats, as much bare at both ends, never past them, and never room for one more.</summary>
    [Fact]
    public void Whole_repeats_fill_their_row_and_none_is_begun_that_does_not_fit() =>
        AnyPiece.Sample(ask =>
            Captured
                .From(Plan(ask))
                .Rows("settings")
                .All(row =>
                    Math.Abs(row["repeats"] * row["repeat"] + 2 * row["start"] - row["length"])
                        < 1e-6
                    && row["start"] >= 0
                    && 2 * row["start"] < row["repeat"] + 1e-6
                )
        );

    [Fact]
    public void A_row_that_is_filled_has_no_spare_and_its_repeat_is_within_what_was_said() =>
        AnyPiece.Sample(ask =>
        {
            var told = Captured.From(Plan(ask.With("fit", RawValue.Of("whole"))));
            var (lengths, repeats, spares, sets) = (
                told.List("lengths"),
                told.List("repeats"),
                told.List("spares"),
                told.List("repeatsSet")
            );
            var range = Number(ask, "repeatRange");
            return Enumerable
                .Range(0, lengths.Count)
                .All(i =>
                    Math.Abs(repeats[i] * sets[i] + spares[i] - lengths[i]) < 1e-6
                    && (
                        spares[i] > 0
                        || repeats[i] == 0
                        || Repeats(ask).Any(p => Math.Abs(p - sets[i]) <= range + 1e-6)
                    )
                );
        });

    /// <summary>Each is guided by one that lies there already; every row is sewn once.</summary>
    [Fact]
    public void Rows_are_sewn_from_the_middle_out_each_beside_the_last() =>
        Gen.OneOf(AnyPiece, AnyGuidedByFoot)
            .Sample(ask =>
            {
                var told = Captured.From(Plan(ask));
                var order = told.List("order");
                var sewn = new HashSet<double> { order[0] };
                return order
                        .Order()
                        .SequenceEqual(Enumerable.Range(1, order.Count).Select(n => (double)n))
                    && order
                        .Skip(1)
                        .All(n =>
                        {
                            var isBeside = sewn.Contains(n - 1) || sewn.Contains(n + 1);
                            return sewn.Add(n) && isBeside;
                        });
            });

    /// <summary>The edge of the foot runs along the row before: sewn the other way a wider row would leave another gap.</summary>
    [Fact]
    public void Unequal_rows_are_led_by_the_foot_to_one_side_and_drawn_on_the_other()
    {
        var ask = Asked(("footEdge", 6))
            .Without("rowGap")
            .With(
                "pattern",
                RawValue.Of([
                    RawValue.Of(RawInputs.Of(("stitchWidth", 6), ("repeatLength", 10))),
                    RawValue.Of(RawInputs.Of(("stitchWidth", 2), ("repeatLength", 8))),
                ])
            );

        var told = Captured.From(Plan(ask));

        // From the middle to one side by the foot; to the other, where it would set another gap, on lines of their own.
        var order = told.List("order");
        var (rows, first) = (order.Count, (int)order[0]);
        order.ShouldBe([
            .. Enumerable.Range(first, rows - first + 1),
            .. Enumerable.Range(1, first - 1).Reverse(),
        ]);
        Plan(ask).Guide!.Lines.Count(l => l.Number > 0).ShouldBe(first);
        var offsets = told.List("offsets");
        (offsets[1] - offsets[0]).ShouldBe(9, 1e-9);
        (offsets[2] - offsets[1]).ShouldBe(7, 1e-9);
        Plan(ask).Findings.ShouldContain(f => f.Code == "first-to-last");
    }

    /// <summary>Played through row by row: no bobbin is asked for more than it holds, and none is changed within a row.</summary>
    [Fact]
    public void A_bobbin_never_runs_out_within_a_row() =>
        Gen.Select(AnyPiece, Gen.Double[2000, 60_000])
            .Sample(
                (ask, holds) =>
                {
                    var plan = Plan(ask.With("bobbinCapacity", RawValue.Of(holds)));
                    var told = Captured.From(plan);
                    var tooLong = plan.Findings.Any(f => f.Code == "row-longer-than-bobbin");
                    if (tooLong)
                    {
                        return told["bobbins"] == 0;
                    }
                    var changes = told.List("changeBefore").ToHashSet();
                    var bobbins = told["bobbins"];
                    // As much thread as all rows take is wound, and no bobbin more than that needs whole rows.
                    return bobbins == changes.Count + 1
                        && bobbins * holds >= told["needleThread"] - 1e-3
                        && (bobbins - 1) * holds <= 2 * told["needleThread"]
                        && changes.IsSubsetOf(told.List("order").Skip(1));
                }
            );

    [Fact]
    public void It_is_cut_no_smaller_than_it_is_wanted_and_larger_the_surer_it_has_to_be() =>
        Gen.Select(AnyPiece, Gen.Double[0.5, 0.9])
            .Sample(
                (ask, sure) =>
                {
                    var learnt = ask.With("samples", RawValue.Of([]));
                    Captured At(double p) =>
                        Captured.From(Plan(learnt.With("assurance", RawValue.Of(p))));
                    var (less, more) = (At(sure), At(sure + 0.09));
                    return less["cutWidth"] >= Number(ask, "width") - 1e-9
                        && less["cutHeight"] >= Number(ask, "height") - 1e-9
                        && more["cutWidth"] >= less["cutWidth"]
                        && more["cutHeight"] >= less["cutHeight"];
                }
            );

    [Fact]
    public void The_gap_for_so_many_rows_gives_as_many() =>
        Gen.Select(AnyPiece, Gen.Int[2, 60])
            .Sample(
                (ask, rows) =>
                {
                    var turned = Turned("gap-from-rows", ask.With("rowsWanted", RawValue.Of(rows)));
                    var gap = turned["gap"];
                    return gap is < 1 or > 2000
                        || Captured.From(Plan(ask.With("rowGap", RawValue.Of(gap))))["rows"]
                            == rows;
                }
            );

    [Fact]
    public void The_rows_that_the_thread_gives_take_no_more_of_it() =>
        Gen.Select(AnyPiece, Gen.Double[5000, 90_000])
            .Sample(
                (ask, thread) =>
                {
                    var turned = Turned(
                        "rows-from-thread",
                        ask.With("threadAtHand", RawValue.Of(thread))
                    );
                    if (!turned.Names.Contains("gap") || turned["gap"] is < 1 or > 2000)
                    {
                        return true;
                    }
                    var plan = Captured.From(Plan(ask.With("rowGap", RawValue.Of(turned["gap"]))));
                    return plan["rows"] == turned["mostRows"]
                        && plan["needleThread"] <= thread + 1e-3;
                }
            );

    [Fact]
    public void A_piece_that_is_there_gives_a_plan_that_is_cut_from_it() =>
        Gen.Select(AnyPiece, Gen.Double[100, 900], Gen.Double[100, 900])
            .Sample(
                (ask, across, down) =>
                {
                    var learnt = ask.With("samples", RawValue.Of([]));
                    var turned = Turned(
                        "size-from-piece",
                        learnt
                            .With("pieceAcross", RawValue.Of(across))
                            .With("pieceDown", RawValue.Of(down))
                    );
                    var plan = Captured.From(
                        Plan(
                            learnt
                                .With("width", RawValue.Of(turned["across"]))
                                .With("height", RawValue.Of(turned["down"]))
                        )
                    );
                    return Math.Abs(plan["cutWidth"] - across) < 1e-6
                        && Math.Abs(plan["cutHeight"] - down) < 1e-6;
                }
            );

    /// <summary>The middle of the tea-tent runner: 40 × 60 cm at 45°.</summary>
    [Fact]
    public void A_slanted_field_ends_every_row_on_a_whole_repeat_and_is_trimmed_to_size()
    {
        var plan = Plan(Rows.Forward.Example);
        var told = Captured.From(plan);
        var settings = told.Rows("settings");

        foreach (var row in settings.Where(r => r["repeats"] > 0))
        {
            row["repeats"].ShouldBe(Math.Round(row["repeats"]));
            (row["repeats"] * row["repeat"] + 2 * row["start"]).ShouldBe(row["length"], 1e-6);
            // The figure that is set stands on the dial.
            (row["set"] * 10).ShouldBe(Math.Round(row["set"] * 10), 1e-6);
        }
        settings
            .Count(r => r["repeats"] > 0 && 2 * r["start"] < 0.25 * r["repeat"])
            .ShouldBeGreaterThan(settings.Count * 3 / 4);
        var piece = plan.Pieces[0];
        piece.Length.Millimetres.ShouldBe(Math.Ceiling(told["cutWidth"] / 5 - 1e-9) * 5, 1e-9);
        plan.Needs.Single(n => n.Kind == "cloth")
            .Amount.Millimetres.ShouldBe(piece.Depth.Millimetres, 1e-9);
        // Above and below alike.
        plan.Needs.Single(n => n.Kind == "thread")
            .Amount.Millimetres.ShouldBe(2 * told["needleThread"], 1e-6);
    }

    [Fact]
    public void A_border_runs_along_four_sides_and_its_last_repeat_lands_in_the_corner()
    {
        var ask = Asked(
            ("layout", "border"),
            ("borderRows", 2),
            ("borderInset", 20),
            ("fit", "whole"),
            ("repeatRange", 3),
            ("repeatLength", 9.7),
            ("stitchWidth", 5)
        );
        var plan = Plan(ask);
        var told = Captured.From(plan);

        told["rows"].ShouldBe(2);
        told.List("lengths").ShouldBe([360, 560, 360, 560, 336, 536, 336, 536]);
        told.Rows("settings").ShouldAllBe(r => r["start"] == 0);
        told.List("offsets")[4].ShouldBe(32);
        plan.Steps(Ruler.Metric).ShouldContain(s => s.Says.Contains("corner"));
        Rows.Forward.Compute(ask.With("borderRows", RawValue.Of(40)), Ruler.Metric)
            .Errors.Select(e => e.Field)
            .ShouldBe(["borderRows"]);
    }

    /// <summary>Marked on the cloth as it is cut, rows stand further apart than they shall lie: by what they draw in.</summary>
    [Fact]
    public void A_marked_grid_is_wider_than_the_rows_it_becomes()
    {
        var ask = Rows.Forward.Example.With("guided", RawValue.Of("marked"));
        var plan = Plan(ask);
        var told = Captured.From(plan);

        told["markedGap"].ShouldBeGreaterThan(told["meanGap"]);
        plan.Guide!.Lines.Count(l => l.Number > 0).ShouldBe((int)told["rows"]);
        Plan(Rows.Forward.Example).Guide!.Lines.Count(l => l.Number > 0).ShouldBe(1);
    }

    [Theory]
    [InlineData("widestStitch", 4, "too-wide", Severity.Stop)]
    [InlineData("rowGap", 3, "rows-touch", Severity.Care)]
    [InlineData("bobbinCapacity", 1000, "row-longer-than-bobbin", Severity.Stop)]
    public void What_would_fail_is_said_with_its_remedy(
        string field,
        double figure,
        string code,
        Severity severity
    )
    {
        var found = Plan(Rows.Forward.Example.With(field, RawValue.Of(figure)))
            .Findings.Single(f => f.Code == code);

        found.Severity.ShouldBe(severity);
        found.Remedy.ShouldNotBeEmpty();
    }

    [Fact]
    public void A_pair_of_needles_goes_no_wider_than_the_book_says()
    {
        var stitch = RawInputs.Of(
            ("name", "fern"),
            ("stitchWidth", 6),
            ("repeatLength", 7),
            ("pairWidth", 2)
        );
        var ask = Asked().With("pattern", RawValue.Of([RawValue.Of(stitch)]));

        Plan(ask).Findings.ShouldNotContain(f => f.Code == "pair-strikes");
        Plan(ask.With("needleSpacing", RawValue.Of(2)))
            .Findings.Single(f => f.Code == "pair-strikes")
            .Remedy.ShouldContain("2 mm");
    }

    /// <summary>With a stabiliser that held it, less is cut; a scrap that tunnelled says so in the same words.</summary>
    [Fact]
    public void What_scraps_measured_narrows_what_is_cut()
    {
        RawInputs Sample(double after, bool held) =>
            RawInputs.Of(
                ("stabilised", held),
                ("stitchWidth", 5.5),
                ("rowGap", 14),
                ("alongBefore", 200),
                ("alongAfter", after),
                ("acrossBefore", 100),
                ("acrossAfter", 99.5)
            );
        Captured With(params RawInputs[] samples) =>
            Captured.From(
                Plan(
                    Rows.Forward.Example.With(
                        "samples",
                        RawValue.Of([.. samples.Select(RawValue.Of)])
                    )
                )
            );

        var nothing = With();
        var held = With(Sample(198, true), Sample(198.5, true), Sample(198, true));
        var loose = With(Sample(180, true), Sample(181, true), Sample(180, true));

        held["cutHeight"].ShouldBeLessThan(nothing["cutHeight"]);
        loose["cutHeight"].ShouldBeGreaterThan(nothing["cutHeight"]);
    }

    [Fact]
    public void A_scrap_says_which_stabiliser_holds_the_cloth_flat()
    {
        RawInputs Line(string under, bool tunnelled) =>
            RawInputs.Of(("name", "leaf"), ("under", under), ("ten", 97), ("tunnelled", tunnelled));
        string Said(params RawInputs[] lines) =>
            string.Join(
                " ",
                (
                    (Swatches.SwatchJudgement)
                        Rows.CalculationNamed("swatch")!
                            .Compute(
                                RawInputs.Of(("stitches", lines.Select(l => (object)l).ToArray())),
                                Ruler.Metric
                            )
                            .Answer!
                ).Lines
            );

        Said(Line("nothing", true), Line("tear-away", false)).ShouldContain("wants tear-away");
        Said(Line("nothing", false), Line("cut-away", false)).ShouldContain("does not want");
        Said(Line("tear-away", true), Line("cut-away", true)).ShouldContain("firmer");
        Said(Line("tear-away", true)).ShouldNotContain("wants");
    }

    private static RawInputs Asked(params (string, object)[] says) =>
        says.Aggregate(
            RawInputs.Of(
                ("width", 400),
                ("height", 600),
                ("angle", 45),
                ("rowGap", 12),
                ("repeatLength", 10),
                ("stitchWidth", 5)
            ),
            (ask, s) => ask.With(s.Item1, RawValue.Of(s.Item2))
        );

    private static WorkPlan Plan(RawInputs ask)
    {
        var outcome = Rows.Forward.Compute(ask, Ruler.Metric);
        outcome.Errors.ShouldBeEmpty();
        return (WorkPlan)outcome.Answer!;
    }

    private static Captured Turned(string form, RawInputs ask) =>
        Captured.From(Rows.CalculationNamed(form)!.Compute(ask, Ruler.Metric).Answer!);

    /// <summary>The rows as they are drawn on the finished piece.</summary>
    private static IReadOnlyList<Path> Finished(WorkPlan plan) =>
        [
            .. plan.Drawings(Ruler.Metric)
                .Single(d => d.Name == "rows")
                .Shapes.OfType<PathShape>()
                .Where(s => s.Stitches is not null)
                .Select(s => s.Path),
        ];

    private static bool Inside(RawInputs ask, Point p) =>
        p.X.Millimetres >= -1e-6
        && p.Y.Millimetres >= -1e-6
        && p.X.Millimetres <= Number(ask, "width") + 1e-6
        && p.Y.Millimetres <= Number(ask, "height") + 1e-6;

    /// <summary>How far a line strays from an angle, over its length.</summary>
    private static double Across(Path line, double turned)
    {
        var to = line.Steps[^1].To;
        return -(to.X - line.Start.X).Millimetres * Math.Sin(turned)
            + (to.Y - line.Start.Y).Millimetres * Math.Cos(turned);
    }

    private static IEnumerable<double> Repeats(RawInputs ask) =>
        ask.Values["pattern"].List!.Select(s => s.Group!.Values["repeatLength"].Number!.Value);

    private static double Number(RawInputs ask, string field) => ask.Values[field].Number!.Value;
}
