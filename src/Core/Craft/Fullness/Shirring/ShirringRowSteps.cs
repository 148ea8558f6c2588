using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>The rows as they are sewn, counted one by one.</summary>
internal static partial class ShirringSteps
{
    private static SewingStep FirstRow(ShirringPlan a, Ruler ruler) =>
        new(
            "first-row",
            "Sew the first row",
            a.Ask.InLooper
                ? $"Begin on the fabric, never on air, and sew on the line, right side up; leave {ruler.Mark(a.Ask.Tail)} of both threads at each end."
                : $"Leave a tail of {ruler.Mark(a.Ask.Tail)}, bring the elastic up, hold both threads, and sew on the line, right side up.",
            "row 1",
            [
                "It starts and ends in the seam allowance.",
                "The elastic lies flat on the reverse, without loops.",
            ]
        );

    /// <summary>The rows before the first measure, counted one by one.</summary>
    private static SewingStep ToThird(ShirringPlan a, Ruler ruler, int third) =>
        new(
            "to-third",
            $"Rows 2 to {third}",
            $"{Sentence.Begin($"{Places(a, 2, third, ruler)}, stretching what is sewn quite flat. ")}{Turns(a)}{Changes(a, 2, third)}".Trim(),
            $"rows 2–{third}",
            [
                "The fabric lies flat under the needle, without folds.",
                "Every row is there: one that was missed shows, and cannot be put between.",
            ]
        )
        {
            Stops = Counted(a, 2, third),
        };

    private static SewingStep FirstThird(ShirringPlan a, Ruler ruler, int third) =>
        new(
            "first-third",
            $"After row {third}, measure",
            $"Let it rest and measure its width{(a.Ask.IsWhole ? "" : ", of the part with the rows")}, before any steam.",
            ruler.Mark(a.BeforeSteam),
            [$"Before steam it measures about {ruler.Mark(a.BeforeSteam)}."]
        )
        {
            Measure = new(
                "half-way",
                "measured",
                a.Ask.IsWhole
                    ? "How wide is the panel now, at rest?"
                    : "How wide is the part with the rows now, at rest?"
            ),
        };

    private static SewingStep OtherSide(ShirringPlan a) =>
        new(
            "other-side",
            "The other side",
            $"Sew all {a.Rows} rows of the other side the same, from the first to the last. {Changes(a, 1, a.Rows)}".Trim(),
            $"rows 1–{a.Rows}",
            ["Both sides have as many rows, and end at the same height."]
        )
        {
            Stops = Counted(a, 1, a.Rows),
        };

    /// <summary>One press a row, with the bobbin where it is changed.</summary>
    private static IReadOnlyList<StepStop> Counted(ShirringPlan a, int from, int to) =>
        [
            .. ShirringPanelDrawing
                .Led(a)
                .Where(row => row >= from && row <= to)
                .Select(row => new StepStop(
                    0,
                    "down",
                    0,
                    (a.LookBefore.Contains(row) ? "A new bobbin first. " : "")
                        + $"Row {row} of {a.Rows}: stretch what is sewn flat, and press on once it is sewn.",
                    row - 1
                )),
        ];

    private static SewingStep Rest(ShirringPlan a, Ruler ruler, int third) =>
        new(
            "rest",
            $"Rows to {a.Rows}",
            $"Sew on as the check said, {Places(a, third + 1, a.Rows, ruler)}, stretched flat. {Changes(a, third + 1, a.Rows)}".Trim(),
            Big(a, third),
            [
                a.Ask.Shape == RowShape.Diagonal
                    ? "The last row lies in the corner opposite the first."
                    : $"The last row lies {ruler.Mark(a.Ask.BottomMargin)} above the lower seam.",
                $"{a.Rows} rows are sewn{(a.Ask.Parts > 1 ? " on this side" : "")}, and none was missed.",
            ]
        )
        {
            Stops = Counted(a, third + 1, a.Rows),
        };

    /// <summary>The first change of the rest stands large; else the rows.</summary>
    private static string Big(ShirringPlan a, int third) =>
        a.LookBefore.FirstOrDefault(r => r > third) is > 0 and var row
            ? $"new bobbin: row {row}"
            : $"rows {third + 1}–{a.Rows}";

    private static string Turns(ShirringPlan a) =>
        a.Ask.Layout switch
        {
            Layout.Pivot =>
                "At the end of each, needle down, hold the allowance flat and pivot, a few stitches down within it, pivot again. ",
            Layout.Rows when a.Ask.InLooper =>
                "Begin each on the fabric, and leave long ends on both sides. ",
            Layout.Rows => "Begin and end each with a few stitches back, and leave the tails. ",
            _ => "At the seam let the line sink by one gap, and go round again. ",
        };

    private static string Changes(ShirringPlan a, int from, int to)
    {
        var changes = a.LookBefore.Where(r => r >= from && r <= to).ToList();
        return changes.Count == 0
            ? ""
            : $"One bobbin sews {a.Lasts}: put in a new one before row {Sentence.Few(changes)}. ";
    }

    /// <summary>Where rows lie, each from the upper edge, so that no rounding adds up.</summary>
    private static string Places(ShirringPlan a, int from, int to, Ruler ruler)
    {
        const int most = 8;
        if (a.Ask.Shape == RowShape.Diagonal)
        {
            return $"{ruler.Mark(a.ActualGap)} from row to row, square to them";
        }
        var places = Enumerable
            .Range(from, to - from + 1)
            .Select(row => ruler.Mark(a.RowAt(row)))
            .ToList();
        var edge =
            a.Ask.Shape == RowShape.Neckline
                ? "below the neckline’s cut edge at"
                : "below the upper edge at";
        return places.Count <= most
            ? $"{edge} {string.Join(", ", places)}"
            : $"{edge} {string.Join(", ", places.Take(most - 1))} … {places[^1]}";
    }
}
