using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.BridgedSeam;

/// <summary>The computation of bridged seams, to be followed with a pencil.</summary>
internal static class BridgePencil
{
    public static IReadOnlyList<PencilLine> Of(Answer a, Ruler ruler)
    {
        var ask = a.Ask;
        string m(Length length) => ruler.Mark(length);
        return
        [
            new(
                "Each panel, finished",
                $"({m(ask.TotalWidth)} − {ask.Bridges} × {ruler.Fine(ask.Gap)}) ÷ {a.Panels} = {m(ask.PanelFinished)}",
                "The gaps are a part of the width."
            ),
            new(
                "Outer panels",
                $"{m(ask.PanelFinished)} + {m(ask.Fold)} + {m(ask.Outer)} = {ruler.Cut(a.OuterPanelCut)}",
                "A fold at the bridge, and the outer edge."
            ),
            .. ask.Bridges > 1
                ?
                [
                    new PencilLine(
                        "Inner panels",
                        $"{m(ask.PanelFinished)} + 2 × {m(ask.Fold)} = {ruler.Cut(a.InnerPanelCut)}",
                        "A fold at either side."
                    ),
                ]
                : Array.Empty<PencilLine>(),
            new(
                "Stitch",
                $"{ruler.Fine(ask.Gap)} + 2 × {ruler.Fine(ask.Bite)}, to the next {ruler.Fine(ask.WidthStep)} = {ruler.Fine(a.StitchWidth)}",
                "At its widest it has to bite both folds."
            ),
            .. ask.Measured.Count > 0
                ?
                [
                    new PencilLine(
                        "To set",
                        $"{ruler.Fine(a.SewnWidth)} ÷ {DecimalText.Write(a.Dial.Factor, 3)}, up to the next {ruler.Fine(ask.WidthStep)} or the widest = {ruler.Fine(a.SetWidth)}",
                        a.Dial.RestsOn
                    ),
                ]
                : Array.Empty<PencilLine>(),
            new(
                "Widest gap",
                $"{ruler.Fine(ask.MaxStitchWidth)} − 2 × {ruler.Fine(ask.Bite)} = {ruler.Fine(a.WidestGap)}",
                "What this machine’s widest stitch reaches across."
            ),
        ];
    }
}
