using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>The order of work on a tucked panel.</summary>
internal static partial class PintucksSteps
{
    public static IReadOnlyList<SewingStep> Of(PintucksPlan a, Ruler ruler) =>
        [.. Prepared(a, ruler), .. Tucks(a, ruler), .. Finished(a, ruler)];

    private static IEnumerable<SewingStep> Prepared(PintucksPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var sewn = Parts(ask, 0);
        var first = a.Marks[SewingOrder.First(ask) - 1];
        if (ask.Method == PintucksFields.Slash)
        {
            yield return new SewingStep(
                "slash",
                "Slash and spread the pattern",
                $"Draw the {ask.Tucks} lines on a copy of the pattern piece, slash along each, and spread it by {(ask.IsMixed ? "what its tuck takes" : a.Ruler.Fine(ask.TakeUp))} on a sheet below: {ruler.Mark(a.ExtraWidth)} wider in all. Tape it down, and true its edges.",
                ask.IsMixed ? ruler.Mark(a.ExtraWidth) : a.Ruler.Fine(ask.TakeUp),
                [
                    $"Without seams it measures {ruler.Mark(ask.PanelWidth + a.ExtraWidth)} across the tucks.",
                    "The grain line still runs straight.",
                ]
            ).At(Place.Table, 5 + ask.Tucks / 2.0, SlashDrawing.Name, ["slashes", "spread"]);
        }
        yield return new SewingStep(
            "cut",
            ask.IsBlock ? "Cut the block" : "Cut the panel",
            (
                ask.Method == PintucksFields.Slash
                    ? $"Lay the spread pattern on the fabric and cut it with its seams, {ruler.Cut(a.Wide)} wide and {ruler.Cut(a.CutLength)} long at the most, "
                    : $"Cut it {ruler.Cut(a.Wide)} wide and {ruler.Cut(a.CutLength)} long, "
            )
                + $"{(ask.AcrossGrain ? "across" : "along")} the lengthwise grain."
                + (ask.IsBlock ? " The piece itself is cut from it once it is tucked." : ""),
            Ruler.Size(ruler.Cut(a.Wide), ruler.Cut(a.CutLength)),
            ["The edge is cut on the thread."]
        ).At(
            Place.Table,
            Pace.Cut(1),
            PintucksPanelDrawing.FlatName,
            ["cloth"],
            [.. sewn, "first"]
        );
        yield return new SewingStep(
            "first-line",
            ask.GrooveStep is null ? "Mark the lines" : "Mark the first line",
            (
                ask.GrooveStep is null
                    ? $"Mark every line from the left cut edge, the middle one at {ruler.Mark(first.Centre)}; the guide has them all at true size."
                    : $"Mark one line, {ruler.Mark(first.Centre)} from the left cut edge: the grooves make every other one parallel to it."
            ) + (ask.HasWave ? " Draw it as the wave on the guide." : ""),
            ruler.Mark(first.Centre),
            [
                ask.AcrossGrain
                    ? "It runs with the crosswise thread."
                    : "It runs with the lengthwise thread.",
            ]
        ).At(
            Place.Table,
            Pace.Marked(ask.GrooveStep is null ? ask.Tucks : 1),
            PintucksPanelDrawing.FlatName,
            ["first"],
            ask.GrooveStep is null ? null : sewn
        );
        if (ask.IsTwin)
        {
            yield return new SewingStep(
                "needles",
                "The twin needle",
                $"Fit the twin needle, {a.Ruler.Fine(ask.NeedleSpacing)} apart, and the pintuck foot. Thread each needle by itself, the threads on either side of the guides"
                    + TwoColours(ask)
                    + (
                        ask.Corded
                            ? "; lead the cord up through the plate, under the groove. A coloured cord shows through thin fabric: try it on the swatch."
                            : "."
                    ),
                $"{a.Ruler.Fine(ask.NeedleSpacing)} apart",
                [
                    "Turn the wheel by hand once round: neither needle touches foot or plate.",
                    "The threads run apart from each other all the way.",
                ],
                Schools:
                [
                    new(
                        "a second pin on the machine",
                        "Both spools stand on it, one turning each way."
                    ),
                    new(
                        "a stand behind it",
                        "Where the machine has one pin only. The built-in threader takes no twin needle."
                    ),
                ],
                Caution: Safety.Needle
            )
                .At(Place.Machine, 5, SoleDrawing.Name, ["needles", "groove"])
                .Setting(
                    a.ClearWidth is { } clear
                        ?
                        [
                            "straight stitch, 2 to 2.5 mm",
                            $"open stitch no wider than {a.Ruler.Fine(clear)}",
                        ]
                        : ["straight stitch, 2 to 2.5 mm"]
                );
        }
    }

    /// <summary>Which thread goes through which needle, where they differ.</summary>
    private static string TwoColours(PintucksInputs ask) =>
        (ask.ThreadLeft, ask.ThreadRight) switch
        {
            ({ } left, { } right) => $": {left} on the left, {right} on the right",
            ({ } left, null) => $": {left} on the left",
            (null, { } right) => $": {right} on the right",
            _ => "",
        };

    /// <summary>The stitches between or over the tucks, or a cord beside them.</summary>
    private static SewingStep? Decorated(PintucksPlan a)
    {
        var ask = a.Ask;
        var (title, says) = ask.OpenStitch switch
        {
            "between" => (
                "The stitches between",
                "The same foot, a ridge in the groove beside the needle: a narrow stitch down the flat between two tucks."
            ),
            "over" => (
                "The stitches over the tucks",
                "The same foot, the ridge in its middle groove: a narrow stitch down its back."
            ),
            TuckLookFields.OverCord => (
                "A cord in the groove",
                "One needle. The last ridge in its groove, a coloured cord in the next: zigzag over it, a millimetre wider than the cord."
            ),
            _ => ("", ""),
        };
        return title.Length == 0
            ? null
            : new SewingStep(
                "decorate",
                title,
                says
                    + (
                        a.ClearWidth is { } clear && ask.OpenStitch != TuckLookFields.OverCord
                            ? $" No wider than {a.Ruler.Fine(clear)}."
                            : ""
                    ),
                a.ClearWidth is { } most && ask.OpenStitch != TuckLookFields.OverCord
                    ? $"≤ {a.Ruler.Fine(most)}"
                    : title.ToLowerInvariant(),
                ["Turn the wheel by hand through one whole stitch: nothing touches the foot."],
                Safety.Needle
            ).At(
                Place.Machine,
                a.Minutes / Math.Max(1, ask.Tucks) * Math.Max(1, ask.Tucks - 1),
                SoleDrawing.Name,
                ["needles", "groove"]
            );
    }

    /// <summary>What stands on the panel once a tuck is sewn.</summary>
    private static string Called(PintucksInputs ask) => ask.IsTwin ? "ridge" : "fold";

    private static IEnumerable<SewingStep> Tucks(PintucksPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var each = a.Minutes / ask.Tucks;
        yield return new SewingStep(
            "first-tuck",
            "The first tuck",
            ask.IsTwin
                ? "Sew down the marked line, the line between the needles, from one edge to the other without a stop."
                : $"Fold on the line, wrong sides together, and sew {a.Ruler.Fine(ask.Depth)} from the fold.",
            ask.IsTwin ? "on the line" : a.Ruler.Fine(ask.Depth),
            [ask.IsTwin ? "The ridge stands, and runs straight." : "The fold lies on the line."]
        )
            .At(Place.Machine, each, PintucksPanelDrawing.FlatName, ["first"], Parts(ask, 0))
            .Setting(ask.IsTwin ? [] : ["straight stitch, 2 to 2.5 mm"]);

        var checks = SewingOrder.Checks(ask);
        var done = 1;
        for (var i = 0; i < checks.Count; i++)
        {
            if (checks[i] > done)
            {
                yield return Outwards(
                    a,
                    ruler,
                    $"to-{i + 1}",
                    done,
                    checks[i],
                    $"part-{i + 1}",
                    Parts(ask, i + 1)
                );
                done = checks[i];
            }
            var (from, to) = SewingOrder.Sewn(ask, checks[i]);
            // As they lie by then: what was measured before moved them.
            var run = Respacing.Along(Before(ask, checks[i]));
            var span = run.Tucks[to - 1].Centre - run.Tucks[from - 1].Centre;
            yield return (
                new SewingStep(
                    $"measure-{i + 1}",
                    i == 0 ? "Measure and adjust the spacing" : "Measure once more",
                    $"Press what is sewn, and measure from the first {Called(ask)} to the last, {(ask.IsTwin ? "middle to middle" : "fold to fold")}: {checks[i]} tucks should span {ruler.Mark(span)}. Type what they do: {(ask.IsLed ? "the grooves space the rest." : "the rest is spaced again by it.")}",
                    ruler.Mark(span),
                    ["It lies flat, and is not pulled."],
                    Safety.Iron
                ).At(
                    Place.Iron,
                    3,
                    PintucksPanelDrawing.FinishedName,
                    ["first", .. Enumerable.Range(1, i + 1).Select(p => $"part-{p}")],
                    Parts(ask, i + 1)
                )
            ) with
            {
                Measure = new(
                    "respace",
                    PintucksFields.Measured.Name,
                    $"From the first {Called(ask)} to the last, what is it?"
                )
                {
                    Into = PintucksFields.Course.Name,
                    With = new Dictionary<string, double>
                    {
                        [PintucksFields.Sewn.Name] = checks[i],
                        [PintucksFields.From.Name] = from,
                    },
                },
            };
        }
        if (done < ask.Tucks)
        {
            yield return Outwards(a, ruler, "rest", done, ask.Tucks, "rest", null);
        }
    }

    private static IEnumerable<SewingStep> Finished(PintucksPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        string[] all = ["first", .. Parts(ask, 0)];
        if (Decorated(a) is { } decorated)
        {
            yield return decorated;
        }
        yield return (
            ask.IsTwin
                ? new SewingStep(
                    "press",
                    "Press face down",
                    "Lay it face down on a towel and press lightly: the ridges sink into the towel and stay round.",
                    "face down, towel",
                    ["The ridges still stand."],
                    Safety.Iron
                )
                : new SewingStep(
                    "press",
                    "Press the folds over",
                    $"Press each fold flat as it was sewn, then {ask.PressedTo}, over a strip of paper so that its edge does not show through.",
                    ask.PressedTo,
                    ["All lie the way they should, and flat.", "No stitching shows beside a fold."],
                    Safety.Iron
                )
        ).At(
            Place.Iron,
            Pace.Pressed(ask.PanelLength),
            PintucksPanelDrawing.FinishedName,
            ["cloth", .. all]
        );
        yield return new SewingStep(
            "measure",
            ask.IsBlock ? "Lay the pattern on it, and cut" : "Measure, then trim",
            ask.IsBlock
                ? $"Lay the pattern piece on the tucked block, its middle on the middle {(ask.Tucks % 2 == 1 ? Called(ask) : "of them")}, and cut it out with its seams: {ruler.Mark(ask.PanelWidth + 2 * ask.SeamAllowance)} wide and {ruler.Mark(a.TrimmedLength)} long."
                : $"The panel is {ruler.Mark(ask.PanelWidth)} between its seam lines: trim it to {ruler.Mark(ask.PanelWidth + 2 * ask.SeamAllowance)}, alike on both sides of the middle, and its length to {ruler.Mark(a.TrimmedLength)}.",
            ruler.Mark(ask.PanelWidth + 2 * ask.SeamAllowance),
            [
                ask.Tucks % 2 == 1
                    ? $"The middle {Called(ask)} lies in the middle."
                    : $"The middle of the {Called(ask)}s lies in the middle.",
            ]
        ).At(Place.Table, 3, PintucksPanelDrawing.FinishedName, ["cloth"]);
    }
}
