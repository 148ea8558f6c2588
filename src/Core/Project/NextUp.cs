using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Project;

/// <summary>What is next for a part, and what it waits for.</summary>
/// <param name="Stage">The stage where that is done.</param>
/// <param name="Says">What is next, in a sentence with its figure.</param>
/// <param name="WaitsFor">What has to be there first, or empty.</param>
/// <param name="IsDone">Whether nothing is next.</param>
public sealed record NextUp(Stage Stage, string Says, string WaitsFor, bool IsDone = false)
{
    /// <summary>Its plan takes more work than a page has time for.</summary>
    public static NextUp TooLarge { get; } =
        new(Stage.Plan, "Too large to show: make it lighter on its plan.", "");

    /// <summary>Looks at a part and says what is next: the first of its stages that has not ended.</summary>
    /// <param name="working">How its technique is worked.</param>
    /// <param name="state">How far it has come.</param>
    /// <param name="outcome">What the straight form says of its ask.</param>
    /// <param name="ruler">What its figures are written against.</param>
    public static NextUp For(Process working, PartProgress state, Outcome outcome, Ruler ruler)
    {
        if (state.IsFinished)
        {
            return new NextUp(Stage.Keep, "Finished and noted for next time.", "", true);
        }
        if (outcome.Answer is not { } answer)
        {
            return outcome.Errors[0] is { Refusal: Refusal.TooMuch }
                ? TooLarge
                : StillToSay(working, outcome.Errors[0]);
        }
        var steps = answer.Steps(ruler);
        // The cutting itself is the first step, and a frozen list says that it is done.
        var cuts = working.Has(Stage.Cut);
        var done = Math.Max(state.IsCut ? 1 : 0, state.StepsDone);
        var hasBegun = cuts ? state.IsCut : state.StepsDone > 0;
        if (!hasBegun && Stop(answer) is { } stop)
        {
            return new NextUp(Stage.Plan, stop.Says, LowerFirst(stop.Remedy).TrimEnd('.'));
        }
        if (hasBegun)
        {
            return Sewing(steps, done);
        }
        if (state.Stage == Stage.Plan && working.Has(Stage.SetUp))
        {
            return new NextUp(Stage.SetUp, "Next: set up the machine.", "");
        }
        if (state.LastVerdict != "yes" && working.Has(Stage.Sample))
        {
            return state.Swatches == 0
                ? new NextUp(Stage.Sample, "Next: sew a test swatch.", "a swatch")
                : new NextUp(
                    Stage.Sample,
                    "Next: sew another test swatch (the last was not good yet).",
                    "a good swatch"
                );
        }
        return cuts ? new NextUp(Stage.Cut, steps[0].Says, "") : Sewing(steps, done);
    }

    private static NextUp Sewing(IReadOnlyList<SewingStep> steps, int done) =>
        done < steps.Count
            ? new NextUp(Stage.Sew, $"{steps[done].Title}: step {done + 1} of {steps.Count}.", "")
            : new NextUp(Stage.Keep, "Next: note how it turned out.", "");

    private static NextUp StillToSay(Process working, FieldError first)
    {
        // An error may lie within a group, such as path[2].radius.
        var name = first.Field.Split('.', '[')[0];
        var label = working.Forward.Fields.FirstOrDefault(f => f.Name == name)?.Label ?? name;
        return first.Refusal == Refusal.Missing
            ? new NextUp(Stage.Plan, $"Next: enter the {LowerFirst(label)}.", "a measure")
            : new NextUp(Stage.Plan, first.Says, "a corrected measurement");
    }

    private static Finding? Stop(Result answer) =>
        answer.Findings.FirstOrDefault(f => f.Severity == Severity.Stop);

    private static string LowerFirst(string text) => char.ToLowerInvariant(text[0]) + text[1..];
}
