using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.Strips.PulledHalfWayAnswer>;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>Whether the work is still on course half way through the pulling.</summary>
/// <param name="Should">What one pulled part has to measure.</param>
/// <param name="Measured">The mean of the parts that were measured.</param>
/// <param name="Parts">How many were measured.</param>
/// <param name="PartsLeft">How many are still to be pulled.</param>
/// <param name="RestShould">What each of the rest has to measure so that the whole still fits; null when none is left.</param>
/// <param name="RestFullness">How full the rest then is; null when none is left.</param>
internal sealed record PulledHalfWayAnswer(
    Length Should,
    Length Measured,
    int Parts,
    int PartsLeft,
    Length? RestShould,
    double? RestFullness
) : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Marked("should", "What one pulled part has to measure.", a => a.Should),
        F.Marked("measured", "The mean of those that were measured.", a => a.Measured),
        F.Marked(
            "difference",
            "Measured less wanted, for one part; below 0 is too short.",
            a => a.Measured - a.Should
        ),
        F.Count("parts", "How many were measured.", a => a.Parts),
        F.Count("partsLeft", "How many are still to be pulled.", a => a.PartsLeft),
        F.Length(
            "restShould",
            LengthKind.Marked,
            "What each of the rest has to measure if these are left as they are.",
            a => a.RestShould
        ),
        F.Ratio("restFullness", "How full the rest then is.", a => a.RestFullness),
    ];

    public override IReadOnlyList<Figure> Figures => Told;
}

/// <summary>The half-way check.</summary>
internal static class PulledHalfWay
{
    /// <summary>Workshop rule: a change of fullness under a tenth is not seen.</summary>
    private const double Visible = 0.1;

    /// <summary>Workshop rule: a hundredth of a part evens out by hand when it is pinned.</summary>
    private const double EvensOut = 0.01;

    private static readonly LengthsField Measured = new LengthsField(
        "measured",
        "Measured",
        Length.FromMillimetres(1e6),
        64
    ).Help("Pulled parts, from mark to mark, in order.");

    /// <summary>The check of anything that is pulled up part by part.</summary>
    /// <param name="fields">What its plan is asked.</param>
    /// <param name="example">An ask of its plan.</param>
    /// <param name="measured">Readings for it.</param>
    /// <param name="planOf">Its plan; null when the reader has errors.</param>
    public static Calculation Of(
        IReadOnlyList<Field> fields,
        RawInputs example,
        IReadOnlyList<string> measured,
        Func<InputReader, StripPlan?> planOf
    ) =>
        new(
            "half-way",
            "Is it still on course half way?",
            [.. fields, Measured],
            PulledHalfWayAnswer.Told,
            example.With(Measured.Name, RawValue.Of([.. measured.Select(RawValue.Of)])),
            reader => Check(reader, planOf)
        );

    private static PulledHalfWayAnswer? Check(
        InputReader reader,
        Func<InputReader, StripPlan?> planOf
    )
    {
        var measured = reader.Lengths(Measured);
        if (planOf(reader) is not { } plan || reader.Errors.Count > 0)
        {
            return null;
        }
        if (measured.Count > plan.Segments)
        {
            reader.Contradiction(
                Measured,
                $"The edge has {plan.Segments} parts, and {measured.Count} were measured."
            );
            return null;
        }
        var sum = measured.Sum();
        var left = plan.Segments - measured.Count;
        Length? restShould =
            left > 0 ? Length.Max(Length.Zero, plan.Ask.FinishedEdge - sum) / left : null;
        double? restFullness =
            restShould is { } rest && rest > Length.Zero ? plan.SegmentFlat / rest : null;
        var answer = new PulledHalfWayAnswer(
            plan.SegmentGathered,
            sum / measured.Count,
            measured.Count,
            left,
            restShould,
            restFullness
        )
        {
            Findings = [],
        };
        return answer with { Findings = [Judge(answer, plan, reader.Ruler)] };
    }

    private static Finding Judge(PulledHalfWayAnswer a, StripPlan plan, Ruler ruler)
    {
        var off = Length.Difference(a.Measured, a.Should);
        if (off <= Length.Max(a.Should * EvensOut, ruler.Marking))
        {
            return Finding.Note(
                "on-course",
                $"On course: each part measures {ruler.Mark(a.Measured)}.",
                $"It must be {ruler.Mark(a.Should)}, and the small rest evens out when it is pinned.",
                "Pull up the other half the same way."
            );
        }
        var tooLong = a.Measured > a.Should;
        var fix = tooLong
            ? $"Pull each part {ruler.Mark(off)} shorter and spread the gathers again."
            : $"Ease each part out by {ruler.Mark(off)}, from the middle mark towards the tails.";
        var leave =
            // One figure does not say how many parts were pulled.
            (a.Parts > 1 || plan.Segments == 2)
            && a.RestFullness is { } fullness
            && fullness >= 1
            && Math.Abs(fullness / plan.AchievedFullness - 1) <= Visible
                ? $" Or leave these and pull the other {a.PartsLeft} to {ruler.Mark(a.RestShould!.Value)} each: the difference will not be seen."
                : "";
        return Finding.Care(
            tooLong ? "parts-long" : "parts-short",
            $"Each part is {ruler.Mark(off)} too {(tooLong ? "long" : "short")}: {ruler.Mark(a.Measured)} instead of {ruler.Mark(a.Should)}.",
            tooLong
                ? "Left like this, the other half would must be fuller, or the marks will not meet."
                : "Left like this, the strip would not reach the end, or the other half would be less full.",
            fix
                + leave
                + (
                    a.Parts == 1 && plan.Segments > 2
                        ? " Measure every part that is pulled, and it is said what the rest may be."
                        : ""
                )
        );
    }
}
