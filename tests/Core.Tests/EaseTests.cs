using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>A longer stretch into a shorter one: said in one or apart, it is the same.</summary>
public class EaseTests
{
    private static readonly Calculation Form = Techniques.WorkingOf("ease")!.Forward;

    [Theory]
    [InlineData("28.5 cm into 24 cm", 285, 240)]
    [InlineData("11 1/4 in into 9 1/2 in", 285.75, 241.3)]
    [InlineData("285 into 240", 2850, 2400)]
    public void Both_lengths_are_understood_as_they_are_said(string said, double flat, double edge)
    {
        var told = Captured.From(Answer(RawInputs.Of(("flatStretch", said))));

        told["fullness"].ShouldBe(flat / edge, 1e-9);
        told["toEase"].ShouldBe(flat - edge, 1e-9);
    }

    [Fact]
    public void Said_in_one_or_apart_it_is_the_same_and_the_marks_end_with_both_edges() =>
        Gen.Select(Gen.Double[60, 900], Gen.Double[1, 2.5], Gen.Int[40, 400])
            .Sample(
                (edge, fullness, grams) =>
                {
                    var flat = edge * fullness;
                    var apart = Captured.From(
                        Answer(
                            RawInputs.Of(
                                ("flatStretch", flat),
                                ("finishedEdge", edge),
                                ("clothWeight", grams)
                            )
                        )
                    );
                    var inOne = Captured.From(
                        Answer(
                            RawInputs.Of(
                                (
                                    "flatStretch",
                                    FormattableString.Invariant($"{flat:R} mm into {edge:R} mm")
                                ),
                                ("clothWeight", grams)
                            )
                        )
                    );
                    inOne["toEase"].ShouldBe(apart["toEase"], 1e-6);
                    inOne["segments"].ShouldBe(apart["segments"]);
                    (apart["segmentFlat"] * apart["segments"]).ShouldBe(flat, 1e-6);
                    (apart["segmentGathered"] * apart["segments"]).ShouldBe(edge, 1e-6);
                    apart["segmentFlat"].ShouldBeLessThanOrEqualTo(75 + 1e-9);
                }
            );

    [Theory]
    [InlineData("24 cm into 28 cm", "flatStretch", "nothing-to-ease")]
    [InlineData("28 cm into 27 cm", "flatStretch", "")]
    [InlineData("40 cm into 24 cm", "flatStretch", "shows-as-gathers")]
    public void What_is_usual_is_that_of_ease_and_not_of_frills(
        string said,
        string field,
        string code
    )
    {
        var findings = Answer(RawInputs.Of((field, said), ("clothWeight", 150))).Findings;

        findings.ShouldNotContain(f => f.Code == "unusual-fullness");
        (findings.Count == 0 ? "" : findings[0].Code).ShouldBe(code);
    }

    [Fact]
    public void What_is_said_twice_or_half_is_named_at_its_field()
    {
        Form.Compute(
                RawInputs.Of(("flatStretch", "28 cm into 24 cm"), ("finishedEdge", "24 cm")),
                Ruler.Metric
            )
            .Errors.Single()
            .Field.ShouldBe("finishedEdge");
        Form.Compute(RawInputs.Of(("flatStretch", "28 cm")), Ruler.Metric)
            .Errors.Single()
            .Field.ShouldBe("finishedEdge");
        Form.CheckUnfinished(RawInputs.Of(("flatStretch", "28 cm into 2")), Ruler.Metric)
            .ShouldBeEmpty();
    }

    [Fact]
    public void Nothing_is_cut_for_it_so_no_step_cuts_joins_or_hems()
    {
        var plan = (WorkPlan)Answer(Form.Example);

        plan.Pieces.ShouldBeEmpty();
        Techniques.WorkingOf("ease")!.Has(Stage.Cut).ShouldBeFalse();
        plan.Steps(Ruler.Metric)
            .Select(s => s.Key)
            .ShouldNotContain(k => k == "cut" || k == "join" || k == "hem");
    }

    private static Result Answer(RawInputs ask)
    {
        var outcome = Form.Compute(ask, Ruler.Metric);
        outcome.Errors.ShouldBeEmpty();
        return outcome.Answer!;
    }
}
