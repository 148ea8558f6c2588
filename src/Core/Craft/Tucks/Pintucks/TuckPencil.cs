using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>The computation of a tucked panel, to be followed with a pencil.</summary>
internal static class TuckPencil
{
    public static IReadOnlyList<DerivationLine> Of(PintucksPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var gaps = ask.Groups.Count - 1;
        List<DerivationLine> lines =
        [
            TakeUp(a),
            new(
                "Span",
                ask.IsMixed
                        ? string.Join(
                            " + ",
                            ask.Each.Select(g => a.Ruler.Sum($"{g.Count - 1} × {g.Spacing:fine}"))
                        ) + a.Ruler.Sum($" + {gaps} × {ask.GroupGap:fine} = {a.Planned.Span}")
                    : gaps > 0
                        ? a.Ruler.Sum(
                            $"{ask.Tucks - 1 - gaps} × {ask.Spacing:fine} + {gaps} × {ask.GroupGap:fine} = {a.Planned.Span}"
                        )
                    : a.Ruler.Sum($"{ask.Tucks - 1} × {ask.Spacing:fine} = {a.Planned.Span}"),
                "From the first ridge to the last, finished."
            ),
            new(
                "First tuck",
                a.Ruler.Sum($"({ask.PanelWidth} − {a.Planned.Span}) ÷ 2 = {a.Planned.FirstCentre}"),
                "The run is centred in the panel."
            ),
            new(
                "Cut width",
                a.Ruler.Sum(
                    $"{ask.PanelWidth} + {ask.Tucks} × {ask.TakeUp:fine} + 2 × {ask.SeamAllowance} = {a.CutWidth}"
                )
            ),
        ];
        if (a.SureCutWidth is { } sure)
        {
            lines.Add(
                new(
                    "To be sure",
                    a.Ruler.Sum(
                        $"{a.CutWidth} + {DecimalText.Write(Math.Max(0, ask.Learnt!.Quantile(ask.Assurance)))} × {a.WidthSpread:fine} = {sure}"
                    ),
                    $"{Certainty.Says(ask.Assurance)}; {ask.Learnt.RestsOn}"
                )
            );
        }
        lines.Add(
            new(
                "Or tuck an oversize piece first",
                a.Ruler.Sum(
                    $"{ask.PanelWidth} + {a.ExtraWidth} + 2 × ({ask.SeamAllowance} + {Length.FromMillimetres(25)}) = {a.BlockWidth}; {ask.PanelLength} × 1.02 + {Length.FromMillimetres(50)} = {a.BlockLength}"
                ),
                "Tucked generously, and the pattern laid on it then: forgiving, and it needs more fabric."
            )
        );
        return lines;
    }

    private static DerivationLine TakeUp(PintucksPlan a)
    {
        var ask = a.Ask;
        if (ask.IsMixed)
        {
            return new(
                "Fabric used per tuck",
                a.Ruler.Sum($"{a.ExtraWidth} ÷ {ask.Tucks} = {ask.TakeUp:fine} in the mean"),
                string.Join(
                    "; ",
                    ask.Each.Select(g =>
                        $"{g.Count} of {a.Ruler.Fine(g.Wide)} take {a.Ruler.Fine(ask.TakeUpOf(g.Wide))} each"
                    )
                ) + "."
            );
        }
        if (!ask.IsTwin)
        {
            return new(
                "Fabric used per tuck",
                a.Ruler.Sum($"2 × {ask.Depth:fine} = {ask.TakeUp:fine}"),
                "A fold has two sides."
            );
        }
        if (ask.TakeUpSaid is not null)
        {
            return new("Fabric used per tuck", a.Ruler.Fine(ask.TakeUp), "As measured.");
        }
        var draw = ask.Base > Length.Zero ? ask.TakeUp / ask.Base : 0;
        return new(
            "Fabric used per tuck",
            a.Ruler.Sum(
                $"{draw:2} × ({ask.NeedleSpacing:fine} − 2 × {ask.ClothThickness:fine}) = {ask.TakeUp:fine}"
            ),
            ask.Learnt?.RestsOn ?? "What is usually drawn of the fabric between the needles."
        );
    }
}
