using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>The computation of bridged seams, to be followed with a pencil.</summary>
internal static class BridgePencil
{
    public static IReadOnlyList<DerivationLine> Of(BridgedSeamPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        return
        [
            new(
                "Each panel, finished",
                ask.IsUneven
                    ? $"{string.Join(" + ", Enumerable.Range(0, a.Panels).Select(i => ruler.Mark(ask.Finished(i))))} and {ask.Bridges} × {ruler.Fine(ask.Gap)} = {ruler.Mark(ask.TotalWidth)}"
                    : ruler.Sum(
                        $"({ask.TotalWidth} − {ask.Bridges} × {ask.Gap:fine}) ÷ {a.Panels} = {ask.PanelFinished}"
                    ),
                "The gaps are a part of the width."
            ),
            new(
                "Outer panels",
                ruler.Sum($"{ask.PanelFinished} + {ask.Fold} + {ask.Outer} = {a.OuterPanelCut}"),
                "A fold at the bridge, and the outer edge."
            ),
            .. ask.Bridges > 1
                ?
                [
                    new DerivationLine(
                        "Inner panels",
                        ruler.Sum($"{ask.PanelFinished} + 2 × {ask.Fold} = {a.InnerPanelCut}"),
                        "A fold at either side."
                    ),
                ]
                : Array.Empty<DerivationLine>(),
            new(
                "Stitch",
                ruler.Sum(
                    $"{ask.Gap:fine} + 2 × {ask.Bite:fine}, to the next {ask.WidthStep:fine} = {a.StitchWidth:fine}"
                ),
                "At its widest it has to catch both folds."
            ),
            .. ask.Measured.Count > 0
                ?
                [
                    new DerivationLine(
                        "To set",
                        ruler.Sum(
                            $"{a.SewnWidth:fine} ÷ {a.Dial.Factor:3}, rounded up to the next {ask.WidthStep:fine} or the widest = {a.SetWidth:fine}"
                        ),
                        a.Dial.RestsOn
                    ),
                ]
                : Array.Empty<DerivationLine>(),
            new(
                "Widest gap",
                ruler.Sum($"{ask.MaxStitchWidth:fine} − 2 × {ask.Bite:fine} = {a.WidestGap:fine}"),
                "What the widest stitch that passes here reaches across."
            ),
        ];
    }
}
