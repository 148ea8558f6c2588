using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Pintucks;

/// <summary>The computation of a tucked panel, to be followed with a pencil.</summary>
internal static class TuckPencil
{
    public static IReadOnlyList<PencilLine> Of(Answer a, Ruler ruler)
    {
        var ask = a.Ask;
        string m(Length length) => ruler.Mark(length);
        var gaps = ask.Groups.Count - 1;
        List<PencilLine> lines =
        [
            TakeUp(a),
            new(
                "Span",
                gaps > 0
                    ? $"{ask.Tucks - 1 - gaps} × {a.Ruler.Fine(ask.Spacing)} + {gaps} × {a.Ruler.Fine(ask.GroupGap)} = {m(a.Planned.Span)}"
                    : $"{ask.Tucks - 1} × {a.Ruler.Fine(ask.Spacing)} = {m(a.Planned.Span)}",
                "From the first ridge to the last, finished."
            ),
            new(
                "First tuck",
                $"({m(ask.PanelWidth)} − {m(a.Planned.Span)}) ÷ 2 = {m(a.Planned.FirstCentre)}",
                "The run is centred in the panel."
            ),
            new(
                "Cut width",
                $"{m(ask.PanelWidth)} + {ask.Tucks} × {a.Ruler.Fine(ask.TakeUp)} + 2 × {m(ask.SeamAllowance)} = {m(a.CutWidth)}"
            ),
        ];
        if (a.SureCutWidth is { } sure)
        {
            lines.Add(
                new(
                    "To be sure",
                    $"{m(a.CutWidth)} + {DecimalText.Write(Math.Max(0, ask.Learnt!.Quantile(ask.Assurance)))} × {a.Ruler.Fine(a.WidthSpread)} = {m(sure)}",
                    $"{Swatches.PullUp.PullUpReading.Says(ask.Assurance)}; {ask.Learnt.RestsOn}"
                )
            );
        }
        lines.Add(
            new(
                "Block first",
                $"{m(ask.PanelWidth)} + {m(a.ExtraWidth)} + 2 × ({m(ask.SeamAllowance)} + {m(Length.FromMillimetres(25))}) = {m(a.BlockWidth)}; {m(ask.PanelLength)} × 1.02 + {m(Length.FromMillimetres(50))} = {m(a.BlockLength)}",
                "Tucked generously, and the pattern laid on it then: forgiving, and it needs more cloth."
            )
        );
        return lines;
    }

    private static PencilLine TakeUp(Answer a)
    {
        var ask = a.Ask;
        if (!ask.IsTwin)
        {
            return new(
                "Each takes up",
                $"2 × {a.Ruler.Fine(ask.Depth)} = {a.Ruler.Fine(ask.TakeUp)}",
                "A fold has two sides."
            );
        }
        if (ask.TakeUpSaid is not null)
        {
            return new("Each takes up", a.Ruler.Fine(ask.TakeUp), "As measured.");
        }
        var draw = ask.Base > Length.Zero ? ask.TakeUp / ask.Base : 0;
        return new(
            "Each takes up",
            $"{DecimalText.Write(draw)} × ({a.Ruler.Fine(ask.NeedleSpacing)} − 2 × {a.Ruler.Fine(ask.ClothThickness)}) = {a.Ruler.Fine(ask.TakeUp)}",
            ask.Learnt?.RestsOn ?? "What is usually drawn of the cloth between the needles."
        );
    }
}
