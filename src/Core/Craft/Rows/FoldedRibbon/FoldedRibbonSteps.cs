using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>The order of work on ribbon laid in folds.</summary>
internal static class FoldedRibbonSteps
{
    /// <summary>More stops than this are not led one by one.</summary>
    private const int MostStops = 400;

    public static IReadOnlyList<SewingStep> Of(FoldedRibbonPlan a) =>
        [
            Ribbon(a),
            Line(a),
            Set(a),
            Begun(a),
            Laid(a),
            .. a.Ask.Bands > 1 ? [Mirrored(a)] : Array.Empty<SewingStep>(),
            Ended(a),
        ];

    private static SewingStep Ribbon(FoldedRibbonPlan a) =>
        new SewingStep(
            "ribbon",
            "Measure the ribbon",
            $"{Times(a.Ask.Bands)}{a.Ruler.Cut(a.RibbonLength)} of ribbon, {a.Ruler.Fine(a.Ask.RibbonWidth)} wide. Leave it on its roll until the end, if there is more.",
            Times(a.Ask.Bands) + a.Ruler.Cut(a.RibbonLength),
            ["It lies flat: press out what it was wound round."]
        ).At(Place.Table, 2, RibbonDrawing.Name, ["first"], ["catches"]);

    private static SewingStep Line(FoldedRibbonPlan a) =>
        new SewingStep(
            "line",
            "Draw the line",
            $"Draw {(a.Ask.Bands == 1 ? "the middle line" : $"the middle line of each band, {a.Ruler.Mark(a.Advance + a.Ask.BandGap)} apart")}, {a.Ruler.Mark(a.Ask.Run)} long, and tick it at {Ticks(a)}, each measured from the start: every {a.Ruler.Fine(a.Advance)} as nearly as can be drawn. The guide has them all.",
            $"{a.Ask.Legs} ticks",
            [
                $"There are {a.Ask.Legs} ticks, and the last stands {a.Ruler.Mark(a.Advance / 2)} before the end.",
            ]
        ).At(
            Place.Table,
            Pace.Marked(a.Ask.Legs),
            RibbonDrawing.Name,
            ["line"],
            ["first", "catches", .. Others(a)]
        );

    private static SewingStep Set(FoldedRibbonPlan a) =>
        new SewingStep(
            "set",
            "Set the sequence",
            $"{(a.Ask.Program is { } number ? $"Number {number} on the machine{(a.Ask.FootAsked is { } foot ? $", with foot {foot}" : "")}: a" : "A")} short sequence, or straight stitches {a.Ruler.Fine(a.Ask.StitchLength)} long: {a.StitchesPerLeg} to a fold. "
                + (
                    a.Ask.StopsItself
                        ? "Tell the machine to stop after each sequence"
                        : "The count is yours; the needle stops down"
                )
                + ", and the presser is lifted at every fold.",
            $"{a.StitchesPerLeg} stitches",
            ["On a swatch ten folds reach " + a.Ruler.Mark(10 * a.Advance) + "."],
            Safety.Needle
        )
            .At(Place.Machine, 3, RibbonDrawing.NearName, ["legs", "catches"])
            .Setting([
                .. a.Ask.Program is { } program ? [$"stitch {program}"] : Array.Empty<string>(),
                $"length {a.Ruler.Fine(a.Ask.StitchLength)}",
                "needle stop down",
                .. a.Ask.StopsItself ? ["stop after each sequence"] : Array.Empty<string>(),
            ]);

    private static SewingStep Begun(FoldedRibbonPlan a) =>
        new SewingStep(
            "begin",
            "Tuck the start under",
            $"Turn {a.Ruler.Mark(a.Ask.Tail)} under, and lay the ribbon at 45° over the start of the line, leaning to the right. Hold both threads.",
            "45°",
            ["The raw end lies under the first fold."]
        ).At(Place.Machine, 1, RibbonDrawing.NearName, ["legs"], ["catches"]);

    private static SewingStep Laid(FoldedRibbonPlan a) =>
        (
            new SewingStep(
                "lay",
                "Catch, fold, catch",
                $"Sew {a.StitchesPerLeg} stitches over the fold, stop with the needle down, lift the presser, fold the ribbon back on itself at 45° over the needle’s far side, and go on: {a.Ask.Legs} folds, to the left and to the right in turn.",
                $"{a.Ask.Legs} legs",
                [
                    "Each fold lies parallel to the line.",
                    $"Every tenth tick is met by the tenth fold; else count {(a.StitchesPerLeg > 1 ? $"{a.StitchesPerLeg - 1} or {a.StitchesPerLeg + 1}" : "2")} once.",
                ]
            ).At(
                Place.Machine,
                a.Minutes / a.Ask.Bands,
                RibbonDrawing.Name,
                ["first", "catches"],
                Others(a)
            )
        ) with
        {
            Stops =
                a.Ask.StopsItself || a.Ask.Legs > MostStops
                    ? []
                    :
                    [
                        .. a.Catches.Select(c => new StepStop(
                            a.StitchesPerLeg,
                            "down",
                            0,
                            c.Number == a.Ask.Legs
                                ? "the last fold: tuck its end under"
                                : $"fold back to the {(c.ToLeft ? "right" : "left")}",
                            c.Number - 1
                        )),
                    ],
        };

    private static SewingStep Mirrored(FoldedRibbonPlan a) =>
        new SewingStep(
            "mirror",
            a.Ask.Bands == 2 ? "The second band, mirrored" : "The other bands, mirrored",
            $"Lay the next band {(a.Ask.BandGap > Length.Zero ? $"{a.Ruler.Mark(a.Ask.BandGap)} beside it" : "against it, fold to fold")}, beginning to the other side. {(a.Ask.Bands > 2 ? $"{a.Ask.Bands - 1} more in all." : "")}".Trim(),
            $"{a.Ask.Bands - 1} more",
            [
                $"All together they are {a.Ruler.Mark(a.AllBands)} wide.",
                a.Ask.BandGap > Length.Zero
                    ? $"{a.Ruler.Mark(a.Ask.BandGap)} stay free between neighbours, from end to end."
                    : "Folds of neighbours meet.",
            ]
        ).At(
            Place.Machine,
            a.Minutes / a.Ask.Bands * (a.Ask.Bands - 1),
            RibbonDrawing.Name,
            ["bands"]
        );

    private static SewingStep Ended(FoldedRibbonPlan a) =>
        new SewingStep(
            "end",
            "Tuck the end under",
            $"Cut the ribbon {a.Ruler.Mark(a.LastEnd)} after the last catch: half a fold, and {a.Ruler.Mark(a.Ask.Tail)} to turn under. Secure it, and press from behind, with a fabric between.",
            a.Ruler.Mark(a.LastEnd),
            [
                $"The band measures {a.Ruler.Mark(a.Ask.Run)} and is {a.Ruler.Fine(a.Advance)} wide all along.",
                "No fold stands up, and no end is loose.",
            ],
            Safety.Iron
        ).At(Place.Iron, 3, RibbonDrawing.Name, ["first"]);

    /// <summary>The first ticks and the last, each from the start, so that no rounding adds up.</summary>
    private static string Ticks(FoldedRibbonPlan a)
    {
        const int shown = 5;
        var at = a.Catches.Select(c => a.Ruler.Write(c.At, LengthKind.Tape)).ToList();
        return at.Count <= shown + 1
            ? string.Join(", ", at)
            : $"{string.Join(", ", at.Take(shown))} … {at[^1]}";
    }

    private static string Times(int bands) => bands == 1 ? "" : $"{bands} × ";

    private static string[] Others(FoldedRibbonPlan a) => a.Ask.Bands > 1 ? ["bands"] : [];
}
