using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Rows.BridgedSeam.BridgedSeamPlan>;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class BridgedSeamFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        F.Marked(
            "panelFinished",
            "(Z − k·g)/(k + 1): each panel between its folds.",
            a => a.Ask.PanelFinished
        ),
        F.Marked("innerPanelCut", "panelFinished + 2 · foldAllowance.", a => a.InnerPanelCut),
        F.Marked(
            "outerPanelCut",
            "panelFinished + foldAllowance + outerAllowance.",
            a => a.OuterPanelCut
        ),
        F.Marked("panelLength", "seamLength + 2 · endAllowance.", a => a.PanelLength),
        F.Fine(
            "stitchWidth",
            "gap + 2 · catch, rounded up to the dial’s step.",
            a => a.StitchWidth
        ),
        F.Fine("sewnWidth", "How wide the stitch is that is sewn.", a => a.SewnWidth),
        F.Fine("setWidth", "What to set for that, by what stitches came to.", a => a.SetWidth),
        F.Fine("setAcross", "The same, as a swatch keeps it.", a => a.SetWidth),
        F.Fine(
            "widestGap",
            "maxStitchWidth − 2 · catch; 0 where the machine makes none.",
            a => a.WidestGap
        ),
        F.Length(
            "bar",
            LengthKind.Fine,
            "The bar there is that is nearest to the gap.",
            a => a.Bar
        ),
        F.Count(
            "cardLayers",
            "Layers of card that make the gap.",
            a => a.Ask.ByCard ? a.CardLayers : null
        ),
        F.Fine("barHeight", "How high a bar should be for this fabric.", a => a.BarHeight),
        F.Length("cordLength", LengthKind.Whole, "Of cord, for all seams.", a => a.CordLength),
        F.Length("guide", LengthKind.Fine, "Bore of the tube that leads the cord.", a => a.Tube),
        F.Length(
            "againstPattern",
            LengthKind.Marked,
            "How much wider than the pattern the finished piece is; below 0, narrower.",
            a => a.Ask.TotalWidth - a.Ask.PatternWidth
        ),
        F.Marked(
            "changesBy",
            "What each bridge adds to a piece that is cut apart there: gap − 2 · fold.",
            a => a.Ask.Gap - 2 * a.Ask.Fold
        ),
        F.Table(
            "across",
            "The stitches to choose from, across the gap.",
            a => a.Choices,
            Figure<Reaching>.Text("stitch", "Which one.", c => c.Stitch.Called),
            Figure<Reaching>.Fine("width", "How wide it is.", c => c.Stitch.Width),
            Figure<Reaching>.Fine(
                "reach",
                "How far it goes into each fold; below 0 it misses them.",
                c => c.Reach
            ),
            Figure<Reaching>.Flag("serves", "Whether that is enough.", c => c.Serves)
        ),
        F.Amount(
            "needleThread",
            "For all seams, with 15 % for starts and ends; the bobbin takes as much.",
            a => a.Thread
        ),
        F.Ratio("minutes", "About how long it takes.", a => a.MinutesInAll),
        .. WorkPlan.SharedFigures,
    ];
}
