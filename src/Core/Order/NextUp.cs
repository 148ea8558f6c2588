using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Order;

/// <summary>The six stages of a working, in their order.</summary>
public enum Stage
{
    Plan,
    SetUp,
    Sample,
    Cut,
    Sew,
    Keep,
}

/// <summary>How far a working has come.</summary>
/// <param name="Technique">The technique.</param>
/// <param name="Stage">The stage the person is at.</param>
/// <param name="Swatches">How many were sewn.</param>
/// <param name="LastVerdict">Of the last swatch: yes, nearly, no, or empty.</param>
/// <param name="IsCut">Whether a cut list was frozen.</param>
/// <param name="StepsDone">How many sewing steps are done.</param>
/// <param name="IsKept">Whether a summary was written.</param>
public sealed record WorkingState(
    Technique Technique,
    Stage Stage,
    int Swatches,
    string LastVerdict,
    bool IsCut,
    int StepsDone,
    bool IsKept
);

/// <summary>What is next for a working, and what it waits for.</summary>
/// <param name="Stage">The stage where that is done.</param>
/// <param name="Says">What is next, in a sentence with its figure.</param>
/// <param name="WaitsFor">What has to be there first, or empty.</param>
/// <param name="IsDone">Whether nothing is next.</param>
public sealed record NextUp(Stage Stage, string Says, string WaitsFor, bool IsDone = false)
{
    /// <summary>Looks at a working and says what is next.</summary>
    /// <param name="working">How far it has come.</param>
    /// <param name="outcome">What the straight form says of its ask.</param>
    /// <param name="ruler">What its figures are written against.</param>
    public static NextUp For(WorkingState working, Outcome outcome, Ruler ruler)
    {
        if (working.IsKept)
        {
            return new NextUp(Stage.Keep, "Kept for next time.", "", true);
        }
        if (outcome.Answer is not { } answer)
        {
            var first = outcome.Errors[0];
            var label = working.Technique.Straight.Fields.First(f => f.Name == first.Field).Label;
            return first.Refusal == Refusal.Missing
                ? new NextUp(Stage.Plan, $"Say the {LowerFirst(label)}.", "a measure")
                : new NextUp(Stage.Plan, first.Says, "a figure that can be right");
        }
        if (
            answer.Findings.FirstOrDefault(f => f.Severity == Severity.Stop) is { } stop
            && !working.IsCut
        )
        {
            return new NextUp(Stage.Plan, stop.Says, LowerFirst(stop.Remedy).TrimEnd('.'));
        }
        var steps = answer.Steps(ruler);
        if (working.IsCut)
        {
            // The cutting itself is the first step, and a frozen list says that it is done.
            var at = Math.Max(1, working.StepsDone);
            return at < steps.Count
                ? new NextUp(Stage.Sew, $"{steps[at].Title}: step {at + 1} of {steps.Count}.", "")
                : new NextUp(Stage.Keep, "Write down what came out.", "");
        }
        return (working.Stage, working.LastVerdict) switch
        {
            (Stage.Plan, _) => new NextUp(Stage.SetUp, "Set up the machine.", ""),
            (_, "yes") => new NextUp(Stage.Cut, steps[0].Says, ""),
            (_, _) when working.Swatches == 0 => new NextUp(
                Stage.Sample,
                "Sew the first swatch.",
                "a swatch"
            ),
            _ => new NextUp(
                Stage.Sample,
                "Sew the next swatch: the last was not right yet.",
                "a swatch that is right"
            ),
        };
    }

    private static string LowerFirst(string text) => char.ToLowerInvariant(text[0]) + text[1..];
}
