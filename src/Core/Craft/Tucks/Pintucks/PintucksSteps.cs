using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>The order of work on a tucked panel.</summary>
internal static class PintucksSteps
{
    public static IReadOnlyList<SewingStep> Of(PintucksPlan a, Ruler ruler) =>
        [.. Prepared(a, ruler), .. Tucks(a, ruler), .. Finished(a, ruler)];

    private static IEnumerable<SewingStep> Prepared(PintucksPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var sewn = Parts(ask, 0);
        var first = a.Marks[SewingOrder.First(ask) - 1];
        yield return new SewingStep(
            "cut",
            "Cut the panel",
            $"Cut it {ruler.Cut(a.Wide)} wide and {ruler.Cut(a.CutLength)} long, {(ask.AcrossGrain ? "across" : "along")} the lengthwise grain.",
            Ruler.Size(ruler.Cut(a.Wide), ruler.Cut(a.CutLength)),
            ["The edge is cut on the thread."],
            Schools:
            [
                new(
                    "alter the pattern",
                    $"Slash it at each tuck and spread it by {a.Ruler.Fine(ask.TakeUp)}: {ruler.Mark(a.ExtraWidth)} in all. Exact, and no fabric is wasted."
                ),
                new(
                    "tuck a block first",
                    $"Cut {Ruler.Size(ruler.Cut(a.BlockWidth), ruler.Cut(a.BlockLength))}, tuck it, and lay the pattern on it then. Forgiving; {ruler.Cut(a.BlockWidth - a.CutWidth)} more in width."
                ),
            ]
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
                    + (
                        ask.Corded ? "; lead the cord up through the plate, under the groove." : "."
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

    /// <summary>The tucks from one count to the next, to the right and to the left in turn.</summary>
    private static SewingStep Outwards(
        PintucksPlan a,
        Ruler ruler,
        string key,
        int done,
        int to,
        string part,
        IReadOnlyList<string>? notYet
    )
    {
        var ask = a.Ask;
        // What was measured last holds for all that is left.
        var measured = ask.Course.LastOrDefault(c => c.Sewn <= done);
        var respacing = measured is null
            ? null
            : new Respacing(ask, Respacing.Along(Before(ask, measured.Sewn)), measured)
            {
                Findings = [],
            };
        var isRespaced = !ask.IsLed && respacing is { Lands: true };
        var (first, last) = SewingOrder.Sewn(ask, to);
        var gap = isRespaced ? respacing!.FromRidge : ask.Spacing + ask.TakeUp;
        var between = isRespaced ? respacing!.BetweenFlat : ask.GroupGap + ask.TakeUp;
        var how =
            isRespaced ? AnewFrom(respacing!, SewingOrder.Sewn(ask, done), (first, last), ruler)
            : ask.GrooveStep is not null
                ? $"The last tuck runs {SoleDrawing.Over(ask)}: sew the next along it."
            : $"{(ask.IsTwin ? "Sew each on its marked line" : "Fold each on its marked line")}; on the flat fabric they lie {a.Ruler.Fine(gap)} apart{(ask.GroovePitch is null ? "" : $", {SoleDrawing.Over(ask)}")}.";
        var outOfGroup =
            !isRespaced && ask.Groups.Count > 1
                ? $" From group to group it is {a.Ruler.Fine(between)}: mark the first line of each again."
                : "";
        return new SewingStep(
            key,
            $"Tucks {done + 1} to {to}",
            $"{how}{outOfGroup} One to the right, one to the left, from the centre outwards: now those numbered {first} to {last} from the left are sewn.",
            ask.IsTwin && !isRespaced && ask.GrooveStep is not null
                ? SoleDrawing.Over(ask)
                : a.Ruler.Fine(gap),
            [
                "All rows run the same way, or every other one the other where the fabric drags.",
                !ask.IsTwin ? "Each fold lies on its line."
                : isRespaced || ask.GrooveStep is null ? "Each is sewn on its marked line."
                : "The last ridge stays in its groove from end to end.",
            ]
        ).At(
            Place.Machine,
            (to - done) * a.Minutes / ask.Tucks,
            ask.IsTwin && !isRespaced && ask.GroovePitch is not null
                ? SoleDrawing.Name
                : PintucksPanelDrawing.FlatName,
            ask.IsTwin && !isRespaced && ask.GroovePitch is not null ? ["last", "next"] : [part],
            ask.IsTwin && !isRespaced && ask.GroovePitch is not null ? null : notYet
        );
    }

    private static IEnumerable<SewingStep> Finished(PintucksPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        string[] all = ["first", .. Parts(ask, 0)];
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
            "Measure, then trim",
            $"The panel is {ruler.Mark(ask.PanelWidth)} between its seam lines: trim it to {ruler.Mark(ask.PanelWidth + 2 * ask.SeamAllowance)}, alike on both sides of the middle, and its length to {ruler.Mark(a.CutLength)}.",
            ruler.Mark(ask.PanelWidth + 2 * ask.SeamAllowance),
            [
                ask.Tucks % 2 == 1
                    ? $"The middle {Called(ask)} lies in the middle."
                    : $"The middle of the {Called(ask)}s lies in the middle.",
            ]
        ).At(Place.Table, 3, PintucksPanelDrawing.FinishedName, ["cloth"]);
    }

    /// <summary>
    /// Where the lines lie now. Each is measured from the outermost tuck that is sewn on its side, so that what one is
    /// out does not add to the next.
    /// </summary>
    private static string AnewFrom(
        Respacing respacing,
        (int From, int To) sewn,
        (int From, int To) next,
        Ruler ruler
    )
    {
        var run = respacing.After;
        // Measured from a ridge, half of what it took up is gone; finer than marks, for that is what it mends.
        string Beyond(int ridge, IEnumerable<int> numbers) =>
            string.Join(
                ", ",
                numbers.Select(n =>
                    ruler.Fine(
                        Length.Difference(run.Tucks[n - 1].Flat, run.Tucks[ridge - 1].Flat)
                            - respacing.TakeUp / 2
                    )
                )
            );
        var right = Beyond(sewn.To, Enumerable.Range(sewn.To + 1, next.To - sewn.To));
        var left = Beyond(sewn.From, Enumerable.Range(next.From, sewn.From - next.From).Reverse());
        return left == right || left.Length == 0
            ? $"Re-spaced: mark new lines on the flat fabric at {right} from the last ridge{(left.Length == 0 ? "" : ", on either side of those that are sewn")}."
            : $"Re-spaced: mark new lines on the flat fabric, from the last ridge on the right at {right}, from the last on the left at {left}.";
    }

    /// <summary>The ask as it was before so many tucks were measured.</summary>
    private static PintucksInputs Before(PintucksInputs ask, int sewn) =>
        ask with
        {
            Course = [.. ask.Course.Where(c => c.Sewn < sewn)],
        };

    /// <summary>The parts that are sewn after so many checks.</summary>
    private static IReadOnlyList<string> Parts(PintucksInputs ask, int after) =>
        [.. SewingOrder.Checks(ask).Select((_, i) => $"part-{i + 1}").Skip(after), "rest"];
}
