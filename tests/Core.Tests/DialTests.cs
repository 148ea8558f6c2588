using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Tests;

/// <summary>What a dial really gives, and what to set for what is wanted.</summary>
public class DialTests
{
    private static readonly Calculation Form = Questions.Named("dial")!;

    private static readonly Gen<(double Dialled, int Stitches, double Factor)> AnyRow =
        from dialled in Gen.Double[0.5, 6]
        from stitches in Gen.Int[1, 40]
        from factor in Gen.Double[0.85, 1.15]
        select (dialled, stitches, factor);

    private static readonly Gen<RawInputs> AnyAsk =
        from wanted in Gen.Double[0.3, 9]
        from step in Gen.Int[0, 3].Select(i => new[] { 0.1, 0.2, 0.25, 0.5 }[i])
        from least in Gen.Double[0, 1]
        from most in Gen.Double[4, 7]
        from rows in AnyRow.Array[0, 6]
        select Ask(wanted, step, least, most, rows);

    [Fact]
    public void What_to_set_is_a_step_of_the_dial_within_its_ends_and_no_other_comes_nearer() =>
        AnyAsk.Sample(ask =>
        {
            var answer = Reckon(ask);
            var (wanted, factor) = (answer.Dial.Wanted, answer.Dial.Factor);
            var (set, least, most) = (answer.Set, answer.Least, answer.Most);
            var isOnStep =
                set == least
                || set == most
                || Math.Abs(set / answer.Step - Math.Round(set / answer.Step)) < 1e-6;
            bool Nearer(Length other) =>
                other >= least
                && other <= most
                && Length.Difference(other * factor, wanted)
                    < Length.Difference(set * factor, wanted) - Length.FromMillimetres(1e-6);
            return isOnStep
                && set >= least
                && set <= most
                && !Nearer(set + answer.Step)
                && (set <= least || !Nearer(set - answer.Step))
                && Math.Abs(answer.ComesTo / (set * factor) - 1) < 1e-9;
        });

    [Fact]
    public void It_is_the_share_that_is_learnt_whatever_was_dialled_and_however_many_were_counted() =>
        Gen.Select(AnyRow.Array[1, 6], Gen.Double[0.5, 3], Gen.Int[2, 5])
            .Sample(
                (rows, times, more) =>
                {
                    var one = Reckon(Ask(3, 0.1, 0.5, 5, rows)).Dial;
                    var other = Reckon(
                        Ask(
                            3,
                            0.1,
                            0.5,
                            5,
                            [.. rows.Select(r => (r.Dialled * times, r.Stitches * more, r.Factor))]
                        )
                    ).Dial;
                    return Math.Abs(one.Factor / other.Factor - 1) < 1e-9
                        && Math.Abs(one.Predicted.High / other.Predicted.High - 1) < 1e-6;
                }
            );

    [Fact]
    public void Nothing_measured_is_a_dial_that_is_right_and_each_row_brings_it_nearer_and_closer()
    {
        var none = Reckon(Ask(3, 0.1, 0.5, 5)).Dial;
        none.Factor.ShouldBe(1);
        none.RestsOn.ShouldBe("Nothing measured yet: a typical value.");

        var before = none;
        for (var count = 1; count <= 6; count++)
        {
            var after = Reckon(
                Ask(3, 0.1, 0.5, 5, [.. Enumerable.Repeat((3.0, 10, 0.95), count)])
            ).Dial;
            Math.Abs(after.Factor - 0.95).ShouldBeLessThan(Math.Abs(before.Factor - 0.95));
            (after.Predicted.High - after.Predicted.Low).ShouldBeLessThan(
                before.Predicted.High - before.Predicted.Low
            );
            after.Next.Lessens.ShouldBeLessThan(before.Next.Lessens);
            before = after;
        }
        before.RestsOn.ShouldBe("On 6 rows that were measured.");
    }

    [Theory]
    [InlineData(9, 5, "The dial ends at 5 mm")]
    [InlineData(0.2, 0.5, "The dial ends at 0.5 mm")]
    public void What_the_dial_does_not_reach_is_said_with_where_it_ends(
        double wanted,
        double set,
        string says
    )
    {
        var answer = Reckon(Ask(wanted, 0.1, 0.5, 5, (3, 10, 1.0)));

        answer.Set.Millimetres.ShouldBe(set, 1e-9);
        var finding = answer.Findings.ShouldHaveSingleItem();
        finding.Code.ShouldBe("out-of-reach");
        finding.Says.ShouldStartWith(says);
    }

    [Fact]
    public void A_row_that_was_miscounted_is_named_with_both_figures()
    {
        var answer = Reckon(
            Ask(3, 0.1, 0.5, 5, (3, 10, 0.97), (2, 10, 0.96), (4, 10, 0.97), (3, 10, 0.48))
        );

        var odd = answer.Findings.Single(f => f.Code == "odd-sample");
        odd.Says.ShouldStartWith("Measure 4 gave 0.48 of what was dialled");
        answer.Dial.Samples.Select(s => s.IsOdd).ShouldBe([false, false, false, true]);
    }

    [Fact]
    public void Said_in_inches_it_is_the_same_dial()
    {
        var metric = Reckon(Ask(3.175, 0.1, 0.5, 5, (3.175, 8, 1.0)));
        var imperial = (DialAnswer)
            Form.Compute(
                RawInputs.Of(
                    ("wanted", "1/8 in"),
                    ("step", 0.1),
                    ("least", 0.5),
                    ("most", 5),
                    (
                        "samples",
                        new[]
                        {
                            RawInputs.Of(
                                ("dialled", "1/8 in"),
                                ("stitches", 8),
                                ("measured", "1 in")
                            ),
                        }
                    )
                ),
                Ruler.Imperial
            ).Answer!;

        imperial.Set.Millimetres.ShouldBe(metric.Set.Millimetres, 1e-9);
        imperial.Dial.Factor.ShouldBe(metric.Dial.Factor, 1e-9);
    }

    [Theory]
    [InlineData("wanted", 0)]
    [InlineData("step", 0)]
    [InlineData("least", -1)]
    [InlineData("most", 0.2)]
    [InlineData("most", 900)]
    public void What_cannot_be_is_refused_at_its_field(string field, double value) =>
        Form.Compute(Form.Example.With(field, RawValue.Of(value)), Ruler.Metric)
            .Errors.ShouldHaveSingleItem()
            .Field.ShouldBe(field);

    [Fact]
    public void A_wrong_row_is_refused_by_its_place_and_none_is_taken_for_another()
    {
        var outcome = Form.Compute(
            Form.Example.With(
                "samples",
                RawValue.Of([
                    RawValue.Of(Row(3, 10, 29)),
                    RawValue.Of(Row(3, 0, 29)),
                    RawValue.Of(Row(3, 10, 0)),
                    RawValue.Of(RawInputs.Of(("dialled", 3), ("stitches", 10))),
                ])
            ),
            Ruler.Metric
        );

        outcome.Answer.ShouldBeNull();
        outcome
            .Errors.Select(e => e.Field)
            .ShouldBe(["samples[1].stitches", "samples[2].measured", "samples[3].measured"]);
    }

    [Fact]
    public void What_swatches_say_counts_in_full_by_half_or_not_at_all_and_the_sentence_says_so()
    {
        Dial Of(params (bool Same, bool Counts)[] samples) =>
            new(
                [.. samples.Select(s => new DialSample(Mm(3), 10, Mm(28), s.Same, s.Counts))],
                Mm(3),
                "Block length",
                AreSwatches: true
            );

        Of((true, true)).RestsOn.ShouldBe("Based on 1 swatch with this fabric and foot.");
        Of((false, true), (false, true))
            .RestsOn.ShouldBe("Based on 2 swatches with other fabrics or feet, counted half.");
        Of((true, true), (false, true), (true, false))
            .RestsOn.ShouldBe(
                "Based on 1 swatch with this fabric and foot, plus 1 other, counted half. 1 swatch not used."
            );
        Of((true, false))
            .RestsOn.ShouldBe("Nothing measured yet: a typical value. 1 swatch not used.");

        // What was never sewn is called so, wherever a range rests on it.
        new Dial(
            [new DialSample(Mm(3), 10, Mm(28)) { Simulated = true }],
            Mm(3),
            "Block length",
            AreSwatches: true
        ).RestsOn.ShouldBe("Based on 1 simulated swatch with this fabric and foot.");

        Of((true, true)).Factor.ShouldBe(Of((false, true), (false, true)).Factor, 1e-12);
        Of((true, false)).Factor.ShouldBe(1);
    }

    [Fact]
    public void Left_out_one_by_one_it_is_what_the_others_alone_would_say() =>
        AnyRow
            .Array[2, 6]
            .Sample(rows =>
            {
                var dial = Reckon(Ask(3, 0.1, 0.5, 5, rows)).Dial;
                return rows.Select(
                        (_, i) =>
                        {
                            var others = Reckon(
                                Ask(3, 0.1, 0.5, 5, [.. rows.Where((_, k) => k != i)])
                            ).Dial;
                            var without = dial.Without(new HashSet<int> { i });
                            return Math.Abs(without.Mid - others.Factor) < 1e-9
                                && Math.Abs(dial.Samples[i].Expected - others.Factor) < 1e-9;
                        }
                    )
                    .All(same => same);
            });

    [Fact]
    public void Its_plot_holds_all_that_was_dialled_and_what_is_wanted() =>
        AnyAsk.Sample(ask =>
        {
            var dial = Reckon(ask).Dial;
            var axis = dial.Axes.Single();
            return dial.Samples.Select((_, i) => dial.SampleOn(axis, i))
                    .Append(dial.PlannedOn(axis))
                    .All(x => x >= axis.From && x <= axis.To)
                && (axis.To - axis.From) / axis.Step <= 21;
        });

    private static RawInputs Ask(
        double wanted,
        double step,
        double least,
        double most,
        params (double Dialled, int Stitches, double Factor)[] rows
    ) =>
        RawInputs.Of(
            ("wanted", wanted),
            ("step", step),
            ("least", least),
            ("most", most),
            (
                "samples",
                rows.Select(r => Row(r.Dialled, r.Stitches, r.Dialled * r.Stitches * r.Factor))
                    .ToArray()
            )
        );

    private static RawInputs Row(double dialled, int stitches, double measured) =>
        RawInputs.Of(("dialled", dialled), ("stitches", stitches), ("measured", measured));

    private static DialAnswer Reckon(RawInputs ask)
    {
        var outcome = Form.Compute(ask, Ruler.Metric);
        outcome.Errors.Select(e => $"{e.Field}: {e.Says}").ShouldBeEmpty();
        return (DialAnswer)outcome.Answer!;
    }

    private static Length Mm(double mm) => Length.FromMillimetres(mm);
}
