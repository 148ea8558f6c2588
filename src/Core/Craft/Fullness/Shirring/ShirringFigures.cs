using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.Shirring.ShirringPlan>;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class ShirringFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        .. F.From(a => a.Ask.Reading, PullUpReading.Told),
        F.Count("rows", "How many rows.", a => a.Rows),
        F.Marked(
            "actualGap",
            "Between rows, so that the last lands on its margin; 0 for one row.",
            a => a.ActualGap
        ),
        F.Marked("flatWidth", "r·R.", a => a.FlatWidth),
        F.Cut("cutWidth", "With a seam allowance at either side.", a => a.CutWidth),
        F.Amount("elasticPerRow", "w·R; of the longest row.", a => a.ElasticPerRow),
        F.Length(
            "rowsLength",
            LengthKind.Whole,
            "All rows of one part as it is cut, flat.",
            a => a.Laid.Sum
        ),
        F.Length("longestRow", LengthKind.Whole, "The longest of them, flat.", a => a.Laid.Longest),
        F.Ratio(
            "sureFullness",
            "How many times its rows draw up at the most, with the assurance.",
            a => a.Sure
        ),
        F.Count("rowParts", "Parts that are shirred by themselves.", a => a.Ask.Parts),
        F.Length("partWidth", LengthKind.Whole, "One part that is shirred, flat.", a => a.PartFlat),
        F.Amount(
            "elasticTotal",
            "For all rows, with turns and tails, where it rests as planned.",
            a => a.ElasticTotal
        ),
        F.Count(
            "rowsPerBobbin",
            "Rows that one bobbin holds.",
            a => a.Ask.InLooper ? (int?)null : a.RowsPerBobbin
        ),
        F.Count(
            "bobbins",
            "Bobbins for that; 0 where one holds no row.",
            a => a.Ask.InLooper ? (int?)null : a.Bobbins
        ),
        F.Counts(
            "changeBefore",
            "Before which rows the bobbin is changed.",
            a => a.Ask.InLooper ? null : a.ChangeBefore,
            false
        ),
        F.Amount("needleThread", "Ordinary thread on top.", a => a.NeedleThread),
        F.Marked("restLow", "The narrowest that it is likely to be at rest.", a => a.RestLow),
        F.Marked("restMid", "Its width at rest: as often more as less.", a => a.RestMid),
        F.Marked("restHigh", "The widest that it is likely to be at rest.", a => a.RestHigh),
        F.Cut(
            "sureWidth",
            "Cut width that is no tighter than wanted, with the assurance.",
            a => a.SureWidth
        ),
        F.Amount(
            "elasticToHave",
            "For the panel as it is cut, should it rest as wide as it may.",
            a => a.ElasticToHave
        ),
        F.Count(
            "bobbinsToWind",
            "The same in bobbins; 0 where one may hold no row.",
            a => a.Ask.InLooper ? (int?)null : a.BobbinsSurely
        ),
        F.Amount("threadOnTop", "Ordinary thread for the panel as it is cut.", a => a.ThreadOnTop),
        F.Count("widths", "Widths of fabric that are joined for it.", a => a.Widths),
        F.Ratio(
            "leastFullness",
            "The least that passes over the widest measure.",
            a => a.LeastFullness
        ),
        F.Group("swatch", "How to cut and mark a swatch.", a => a.Swatch, SwatchPlan.Told),
        .. WorkPlan.SharedFigures,
    ];
}
