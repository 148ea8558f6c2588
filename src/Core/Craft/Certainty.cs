using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Craft;

/// <summary>How certain a plan is asked to be, where swatches give a range and not a figure.</summary>
public static class Certainty
{
    public static NumberField Field { get; } =
        new NumberField("assurance", "How certain should it be long enough?", 0.5, 0.99, 0.9, false)
        {
            Words =
            [
                new("0.5", "half the time", "Half of all pieces need more."),
                new("0.75", "2 times out of 3", "Some pieces need more."),
                new("0.9", "9 times out of 10", "One piece in ten needs more."),
                new("0.95", "19 times out of 20", "One piece in twenty needs more."),
            ],
        }.Help("How sure it must be that the cut length is enough, 0.5 to 0.99.");

    /// <summary>How sure, as a person says it.</summary>
    public static string Says(double assurance) =>
        assurance switch
        {
            < 0.2 => "hardly any chance",
            < 0.45 => "less than half the time",
            < 0.55 => "half the time",
            < 0.78 => "2 times out of 3",
            < 0.86 => "four in five",
            < 0.93 => "9 times out of 10",
            < 0.97 => "19 times out of 20",
            _ => "all but certain",
        };
}
