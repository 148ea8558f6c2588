using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>The order of work on bridged seams.</summary>
internal static class BridgedSeamSteps
{
    public static IReadOnlyList<SewingStep> Of(BridgedSeamPlan a) =>
        [
            Cut(a),
            Fold(a),
            Hold(a),
            Set(a),
            .. a.Ask.Cord is null ? Array.Empty<SewingStep>() : [Cord(a)],
            First(a),
            .. a.Ask.Bridges > 1 ? [Others(a)] : Array.Empty<SewingStep>(),
            Finished(a),
        ];

    private static SewingStep Cut(BridgedSeamPlan a) =>
        new SewingStep(
            "cut",
            "Cut the panels",
            $"Cut {string.Join(" and ", a.Pieces.Select(p => $"{p.Count} {p.Name} {p.SizeSays(a.Ruler)}"))}, all with the grain along the seams: to the line, for every fold is measured from the edge.",
            string.Join(", ", a.Pieces.Select(p => $"{p.Count} × {p.LengthSays(a.Ruler)}")),
            [
                a.Ask.ReadyMade is { } ready
                    ? $"All are as long, and square at the ends; the {ready} is cut {a.Ruler.Mark(a.PanelLength)} long beside them."
                    : "All are as long, and square at the ends.",
            ]
        ).At(
            Place.Table,
            Pace.Cut(a.Panels),
            BridgeDrawing.CutName,
            a.Ask.Bridges > 1 || a.Ask.IsUneven ? ["outer", "inner"] : ["outer"],
            ["folds"]
        );

    private static SewingStep Fold(BridgedSeamPlan a) =>
        new SewingStep(
            "fold",
            "Press the folds",
            $"Press {a.Ruler.Mark(a.Ask.Fold)} under along every edge that meets a gap: firmly, over a card cut to that width.{(a.Ask.ReadyMade is { } ready ? $" The {ready} is not folded: its own edge runs along the bar." : "")}",
            a.Ruler.Mark(a.Ask.Fold),
            [
                "Each fold is straight from end to end.",
                a.Ask.IsUneven
                    ? $"Between their folds the panels measure {string.Join(", ", Enumerable.Range(0, a.Panels).Select(i => a.Ruler.Mark(a.Ask.Finished(i))))}, from the left."
                    : $"Between its folds a panel measures {a.Ruler.Mark(a.Ask.PanelFinished)}{(a.Ask.Bridges > 1 ? "" : $" and {a.Ruler.Mark(a.Ask.Outer)} for the outer edge")}.",
            ],
            Safety.Iron
        ).At(
            Place.Iron,
            a.Ask.Bridges * 2 * Pace.Pressed(a.PanelLength),
            BridgeDrawing.CutName,
            ["folds"]
        );

    private static SewingStep Hold(BridgedSeamPlan a)
    {
        var by =
            a.Ask.ByCard
                ? $"Fold card to {a.CardLayers} layers, {a.Ruler.Fine(a.Ask.CardThickness * a.CardLayers)}, and tape it upright to the plate in front of the needle"
            : a.Bar is { } bar ? $"Fix the bar of {a.Ruler.Fine(bar)} on the plate"
            : $"Fix a bar of {a.Ruler.Fine(a.Ask.Gap)} on the plate";
        return new SewingStep(
            "hold",
            "Set the gap",
            $"{by}; about {a.Ruler.Fine(a.BarHeight)} high for this fabric. Both folds run along it, right sides up.",
            a.Ruler.Fine(a.Bar ?? a.Ask.Gap),
            [
                "The needle falls in the middle of the gap.",
                "Nothing of the bar stands under the needle’s swing.",
            ],
            Schools:
            [
                new("a spacer bar", "It stays where it is; folds only have to touch it."),
                new("a folded card", "Any gap; it wears, and is made again."),
                new("basted to paper", "No bar: the gap is drawn on paper, which is torn off."),
            ],
            Caution: Safety.Needle
        ).At(Place.Machine, 3, BiteCloseUp.Name, ["bar", "folds"], ["stitches"]);
    }

    private static SewingStep Set(BridgedSeamPlan a) =>
        new SewingStep(
            "set",
            "Set the stitch",
            $"{Sentence.Begin(a.Stitch.Called)}{Asked(a.Ask)}, {a.Ruler.Fine(a.SetWidth)} wide on the dial{(a.Stitch.Dial is { } dial ? $" and {a.Ruler.Fine(dial)} long" : "")}: {a.Ruler.Fine(a.SewnWidth)} reaches {a.Ruler.Fine((a.SewnWidth - a.Ask.Gap) / 2)} into each fold. The same thread above and below, for both sides are seen; half speed, needle stop down.",
            $"{a.Ruler.Fine(a.SetWidth)} wide",
            [
                "Turned by hand, the needle goes into both folds at its widest.",
                "It hits neither the foot nor the bar.",
            ],
            Safety.Needle
        )
            .At(Place.Machine, 3, BiteCloseUp.Name, ["stitches"])
            .Setting([
                .. (a.Stitch.Number ?? a.Ask.Program) is { } number
                    ? [$"stitch {number}"]
                    : Array.Empty<string>(),
                $"width {a.Ruler.Fine(a.SetWidth)}",
                .. a.Stitch.Dial is { } length
                    ? [$"length {a.Ruler.Fine(length)}"]
                    : Array.Empty<string>(),
                "half speed",
                "needle stop down",
            ]);

    /// <summary>The number on the machine and the foot that it asks for, where they are known.</summary>
    private static string Asked(BridgedSeamInputs ask) =>
        (ask.Program is { } number ? $", number {number} on the machine" : "")
        + (ask.FootAsked is { } foot ? $", which asks for foot {foot}" : "");

    private static SewingStep Cord(BridgedSeamPlan a) =>
        new SewingStep(
            "cord",
            "Feed in the cord",
            $"Lead a cord of {a.Ruler.Fine(a.Ask.Cord!.Value)} through a tube of {a.Ruler.Fine(a.Tube!.Value)} bore, taped in front of the foot over the middle of the gap. {a.Ruler.Whole(a.CordLength!.Value)} of it for all seams.",
            a.Ruler.Fine(a.Ask.Cord.Value),
            [
                "It runs freely, and lies in the middle.",
                "Its ends are caught at both ends of the seam, and none hangs loose.",
            ],
            Safety.Cords
        ).At(Place.Machine, 2, BiteCloseUp.Name, ["cord"]);

    private static SewingStep First(BridgedSeamPlan a) =>
        new SewingStep(
            "first",
            a.Ask.Bridges == 1 ? "Sew the bridge" : "Sew the first bridge",
            $"Begin {a.Ruler.Mark(a.Ask.Leader)} before the folds, on a small piece of wash-away, with both threads under and behind the foot and held. Feed both folds along the bar, slowly; stop every hand’s width and look.",
            $"held from {a.Ruler.Mark(a.Ask.Leader)} before",
            [
                "Both folds still touch the bar.",
                "The stitch catches both folds.",
                $"The gap measures {a.Ruler.Fine(a.Ask.Gap)} at both ends and in the middle.",
            ]
        ).At(
            Place.Machine,
            2 + 4 * a.PanelLength.Millimetres / 1000,
            BridgeDrawing.Name,
            ["first"],
            a.Ask.Bridges > 1 ? ["bridges"] : null
        );

    private static SewingStep Others(BridgedSeamPlan a) =>
        new SewingStep(
            "others-bridges",
            a.Ask.Bridges == 2 ? "Sew the second bridge" : "Sew the other bridges",
            $"One panel after the other, just the same. After each, measure what is sewn: {(a.Ask.IsUneven ? "the width of each panel" : a.Ruler.Mark(a.Ask.PanelFinished))} and {a.Ruler.Fine(a.Ask.Gap)} for every panel and gap.",
            $"{a.Ask.Bridges - 1} more",
            [
                $"In all it measures {a.Ruler.Mark(a.Ask.TotalWidth)} between the outer edges, without their hems.",
            ]
        ).At(
            Place.Machine,
            (a.Ask.Bridges - 1) * (2 + 4 * a.PanelLength.Millimetres / 1000),
            BridgeDrawing.Name,
            ["bridges"]
        );

    private static SewingStep Finished(BridgedSeamPlan a) =>
        new SewingStep(
            "finish",
            "Rinse out the stabiliser, press, hem",
            $"Wash out what lay under the gap, press from behind, and finish the outer edges and the ends: turn in what is over, about {a.Ruler.Mark(a.Ask.Outer)} at each side and {a.Ruler.Mark(a.Ask.End)} at each end.",
            a.Ruler.Mark(a.Ask.TotalWidth),
            [
                $"It measures {Ruler.Size(a.Ruler.Mark(a.Ask.TotalWidth), a.Ruler.Mark(a.Ask.SeamLength))}.",
                "No fold has come away from its stitches.",
            ],
            Safety.Iron
        ).At(Place.Iron, 8, BridgeDrawing.Name, ["panels"]);
}
