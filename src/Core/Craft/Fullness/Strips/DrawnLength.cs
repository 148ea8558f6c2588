using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>How much of a long, narrow piece a drawing shows, so that it is still seen to scale.</summary>
/// <param name="Segments">Whole parts that are drawn; at least 1.</param>
/// <param name="IsAll">Whether that is all of them.</param>
internal readonly record struct DrawnLength(int Segments, bool IsAll)
{
    /// <summary>A piece drawn longer than this many times its depth is a thread on the screen.</summary>
    private const double LongestByDepth = 16;

    /// <summary>What is drawn of a piece.</summary>
    /// <param name="answer">The piece.</param>
    /// <param name="segment">The length of one part in the drawing.</param>
    /// <param name="depth">The depth that has to stay visible.</param>
    public static DrawnLength Of(StripPlan answer, Length segment, Length depth)
    {
        var fitting = (int)Math.Min(answer.Segments, Math.Floor(depth * LongestByDepth / segment));
        var shown = Math.Max(1, fitting);
        return new DrawnLength(shown, shown == answer.Segments);
    }

    /// <summary>Says how much is shown when it is not all.</summary>
    public string Note(StripPlan answer) =>
        IsAll ? "" : $", the first {Segments} of {answer.Segments} parts";
}
