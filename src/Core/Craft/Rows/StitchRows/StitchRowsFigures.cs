using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Rows.StitchRows.StitchRowsPlan>;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class StitchRowsFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        F.Count("rows", "How many rows.", a => a.Count),
        F.Lengths(
            "offsets",
            LengthKind.Marked,
            "Of each row, square to it from the middle of the piece; of a border, of each side from the edge.",
            a => [.. a.Rows.Select(r => r.Offset)]
        ),
        F.Lengths(
            "lengths",
            LengthKind.Marked,
            "The part of each inside the piece.",
            a => [.. a.Rows.Select(r => r.Length)]
        ),
        F.Counts("repeats", "Whole repeats in each.", a => [.. a.Rows.Select(r => r.Repeats)]),
        F.Lengths(
            "spares",
            LengthKind.Fine,
            "What they leave of it.",
            a => [.. a.Rows.Select(r => r.Spare)]
        ),
        F.Lengths(
            "starts",
            LengthKind.Fine,
            "Where their first begins, from the row’s end: half of that.",
            a => [.. a.Rows.Select(r => r.Spare / 2)]
        ),
        F.Lengths(
            "repeatsSet",
            LengthKind.Fine,
            "The repeat that fills each; the usual one where none does, or none is wanted.",
            a => a.Ask.IsWhole ? [.. a.Rows.Select(r => r.RepeatSet)] : null!
        ) with
        {
            IsAlways = false,
        },
        F.Table(
            "settings",
            "How each is sewn with the numbers that the dial has.",
            a => a.Rows,
            Figure<Row>.Count("row", "Its number.", r => r.Number),
            Figure<Row>.Text("side", "Of a border, which side; or empty.", r => r.Side),
            Figure<Row>.Text("stitch", "Its stitch.", r => r.Stitch.Called),
            Figure<Row>.Marked("length", "How long it is.", r => r.Length),
            Figure<Row>.Length("set", LengthKind.Fine, "The length to set.", r => r.Sewn.Dial),
            Figure<Row>.Count("repeats", "Whole repeats.", r => r.Sewn.Repeats),
            Figure<Row>.Fine("repeat", "How long each comes out.", r => r.Sewn.Repeat),
            Figure<Row>.Fine("start", "Where the first begins, from the row’s end.", r => r.Start)
        ),
        F.Length("stitchedLength", LengthKind.Whole, "Σ length.", a => a.StitchedLength),
        F.Cut("cutWidth", "What to cut, across.", a => a.CutWidth),
        F.Cut("cutHeight", "What to cut, down.", a => a.CutHeight),
        F.Marked(
            "outlineWidth",
            "The finished piece as it is drawn on that: stitching likely draws it in to its width.",
            a => a.Outline.Width
        ),
        F.Marked("outlineHeight", "The same, down.", a => a.Outline.Height),
        F.Counts("order", "The rows in the order in which they are sewn.", a => a.Order),
        F.Amount(
            "needleThread",
            "Above, for all rows, with 15 % for starts and ends; the bobbin takes as much.",
            a => a.Thread
        ),
        F.Count(
            "bobbins",
            "Bobbins to wind, none changed within a row; 0 where one holds no row.",
            a => a.Bobbins
        ),
        F.Counts(
            "changeBefore",
            "The rows before which a bobbin is changed, in the order of sewing.",
            a => a.ChangeBefore
        ),
        F.Fine("meanGap", "From row to row, on the mean.", a => a.Ask.MeanGap),
        F.Fine("meanWidth", "Of the stitches, on the mean.", a => a.Ask.MeanWidth),
        F.Fine(
            "markedGap",
            "From row to row on the fabric as it is cut, on the mean.",
            a => a.MarkedGap
        ),
        F.Ratio("minutes", "About how long it takes.", a => a.MinutesInAll),
        .. WorkPlan.SharedFigures,
    ];
}
