using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>Where long rows are broken so that they can be pulled.</summary>
internal static class Runs
{
    private static readonly Length LongestRun = Length.FromMillimetres(1250);

    /// <summary>How many marks apart the breaks are: the most, in powers of two, that keep a run within 1.25 m.</summary>
    public static int MarksPerRun(StripPlan a)
    {
        var marks = 1;
        while (marks * 2 <= a.Segments && a.SegmentFlat * (marks * 2) <= LongestRun)
        {
            marks *= 2;
        }
        return marks;
    }

    /// <summary>The marks at which they are broken, after “at every”.</summary>
    public static string EveryMark(StripPlan a) =>
        MarksPerRun(a) switch
        {
            1 => "mark",
            2 => "second mark",
            4 => "fourth mark",
            8 => "eighth mark",
            var n => $"{n}th mark",
        };
}
