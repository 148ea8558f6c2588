using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Tucks.Pintucks.PintucksPlan>;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class PintucksFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        F.Fine("takeUp", "u: what one tuck takes up.", a => a.Ask.TakeUp),
        F.Group(
            "draw",
            "What swatches say is drawn of the fabric between the needles.",
            a => a.Ask.Learnt?.Predicted,
            [
                Figure<Swatches.Learning.Interval>.Ratio(
                    "low",
                    "19 times out of 20 draw more.",
                    l => l.Low
                ),
                Figure<Swatches.Learning.Interval>.Ratio(
                    "mid",
                    "As often more as less.",
                    l => l.Mid
                ),
                Figure<Swatches.Learning.Interval>.Ratio(
                    "high",
                    "19 times out of 20 draw less.",
                    l => l.High
                ),
            ],
            false
        ),
        F.Count("tucks", "How many there are.", a => a.Ask.Tucks),
        F.Marked("span", "From the first to the last, finished.", a => a.Planned.Span),
        F.Marked(
            "firstCentre",
            "(panelWidth − span)/2: from the seam line to the first.",
            a => a.Planned.FirstCentre
        ),
        F.Lengths(
            "centres",
            LengthKind.Marked,
            "Each finished tuck from the left seam line.",
            a => [.. a.Run.Tucks.Select(t => t.Centre)]
        ),
        F.Lengths(
            "flatCentres",
            LengthKind.Marked,
            "Each on the flat fabric, from the left seam line.",
            a => [.. a.Run.Tucks.Select(t => t.Flat)]
        ),
        F.Table(
            "marks",
            "The lines of each tuck on the flat fabric, from the left cut edge: needle lines, or fold and stitching.",
            a => a.Marks,
            Figure<TuckMarks>.Count("number", "From the left.", t => t.Number),
            Figure<TuckMarks>.Marked("left", "To its left line.", t => t.Left),
            Figure<TuckMarks>.Marked("centre", "To its middle.", t => t.Centre),
            Figure<TuckMarks>.Marked("right", "To its right line.", t => t.Right)
        ),
        F.Cut("cutWidth", "panelWidth + tucks · takeUp + 2 · seamAllowance.", a => a.CutWidth),
        F.Marked("extraWidth", "tucks · takeUp.", a => a.ExtraWidth),
        F.Fine(
            "widthSpread",
            "√(k·σ² + (k·δ)²): one standard deviation of the finished width.",
            a => a.WidthSpread
        ),
        F.Length(
            "sureCutWidth",
            LengthKind.Cut,
            "What to cut to be as sure as asked that it is wide enough.",
            a => a.SureCutWidth
        ),
        F.Cut("cutLength", "panelLength + 2 · seamAllowance.", a => a.CutLength),
        F.Count(
            "checkAfter",
            "After so many tucks the span is measured, and the rest re-spaced.",
            a => a.CheckAfter
        ),
        F.Cut("blockWidth", "Tucked first and cut then: the block.", a => a.BlockWidth),
        F.Cut("blockLength", "panelLength · 1.02 + 50 mm.", a => a.BlockLength),
        F.Length(
            "clearWidth",
            LengthKind.Fine,
            "The widest open stitch that both needles clear: within the machine, foot and plate, less the spacing, a blade and air on either side.",
            a => a.ClearWidth
        ),
        F.Ratio("minutes", "About how long it takes, without preparing.", a => a.Minutes),
        .. WorkPlan.SharedFigures,
    ];
}
