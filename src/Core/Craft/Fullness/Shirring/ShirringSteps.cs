using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>The order of work, with the bobbin changes and a measure after a third of the rows.</summary>
internal static class ShirringSteps
{
    public static IReadOnlyList<SewingStep> Of(ShirringPlan a, Ruler ruler)
    {
        IReadOnlyList<string> rows = ["first-row", "first-third", "rest", "bobbins"];
        var row = Pace.Sewn(a.CutFlat, a.Ask.StitchLength);
        List<SewingStep> steps =
        [
            Cut(a, ruler).At(Place.Table, Pace.Cut(1) + 2, "flat", ["cloth"], rows),
        ];
        if (a.Ask.Layout == Layout.Spiral)
        {
            steps.Add(
                new SewingStep(
                    "tube",
                    "Close it to a tube",
                    $"Sew the side seam with {ruler.Mark(a.Ask.SeamAllowance)} allowance, neaten it and press it to one side.",
                    ruler.Mark(a.Ask.SeamAllowance),
                    [$"The tube measures {ruler.Mark(a.CutFlat)} round."],
                    Safety.Iron
                ).At(Place.Machine, 5, "flat", ["seam"], rows)
            );
        }
        var third = a.SewnThird;
        steps.AddRange([
            Wind(a, ruler)
                .At(
                    Place.Table,
                    3 * Math.Max(1, a.BobbinsSurely),
                    "flat",
                    ["bobbins", "first-row"]
                ),
            SetUp(a)
                .At(Place.Machine, 6, "flat", ["cloth"], rows)
                .Setting([a.Ask.Reading.Planned.Says(a.Ask.Reading.Family.Knobs)]),
            FirstRow(a, ruler)
                .At(Place.Machine, row + 1, "flat", ["first-row"], ["first-third", "rest"]),
            FirstThird(a, ruler, third)
                .At(Place.Machine, row * third + 2, "flat", ["first-row", "first-third"], ["rest"]),
        ]);
        if (third < a.Rows)
        {
            steps.Add(
                Rest(a, ruler, third)
                    .At(Place.Machine, row * (a.Rows - third), "flat", ["rest", "bobbins"])
            );
        }
        steps.AddRange([
            Ends(a).At(Place.Hand, a.Ask.Layout == Layout.Rows ? a.Rows : 4, "flat", ["seam"]),
            Steam(a, ruler).At(Place.Iron, 5, "at-rest", ["panel"]),
            TryOn(a, ruler).At(Place.Hand, 4, "at-rest", ["panel", "rows"]),
        ]);
        return steps;
    }

    private static SewingStep Cut(ShirringPlan a, Ruler ruler) =>
        new(
            "cut",
            "Cut and mark the panel",
            $"Cut {(a.Widths > 1 ? $"{a.Widths} widths of {ruler.Cut(a.EachWidth)} and join them with {ruler.Mark(a.Ask.SeamAllowance)} allowance; all" : $"{ruler.Cut(a.SureWidth)} wide and")} {ruler.Mark(a.CutHeight)} high. Draw the first row on the right side, {ruler.Mark(a.RowAt(1))} below the cut edge: {ruler.Mark(a.Ask.EdgeAllowance)} of it are for the seam.",
            a.Pieces[0].Says(ruler),
            [
                "The first line follows one thread of the fabric.",
                "The chalk comes out: tried on a spare piece.",
            ],
            Schools:
            [
                new(
                    "every row chalked",
                    "Sure to the millimetre: each measured from the upper edge, or traced from the guide."
                ),
                new(
                    "the edge of the foot against the last row",
                    "Quick; the gap is what the foot gives."
                ),
            ]
        );

    private static SewingStep Wind(ShirringPlan a, Ruler ruler) =>
        a.Ask.InLooper
            ? new(
                "wind",
                "Thread the elastic",
                $"Thread {ruler.Write(a.ElasticToHave, LengthKind.Amount)} of elastic into the looper, a net over its spool, loose all the way and never pulled up; the middle needle alone.",
                ruler.Write(a.ElasticToHave, LengthKind.Amount),
                ["It runs freely from its spool, and does not fall off in coils."],
                Safety.Knife
            )
            : new(
                "wind",
                a.BobbinsSurely == 1 ? "Wind the bobbin" : $"Wind {a.BobbinsSurely} bobbins",
                $"Wind {ruler.Write(a.ElasticToHave, LengthKind.Amount)} of elastic in all, the way the swatch’s was wound: the fullness belongs to it.",
                a.BobbinsSurely == 1 ? "1 bobbin" : $"{a.BobbinsSurely} bobbins",
                [
                    "All are wound alike.",
                    "The bobbin lies in its tension slot, and the elastic comes up across it.",
                ],
                Schools:
                [
                    new("by hand without stretch", "Softest; draws up least."),
                    new(
                        "by hand with a slight even stretch",
                        "Draws up more; as even as the hand."
                    ),
                    new(
                        "by machine, slowly, past the tension disc",
                        "Evenest; guide it with a finger."
                    ),
                ]
            );

    private static SewingStep SetUp(ShirringPlan a) =>
        new(
            "set-up",
            "Set the machine",
            $"Set everything as Machine settings says, and as on the last swatch: {a.Ask.Reading.Planned.Says(a.Ask.Reading.Family.Knobs)}. Ordinary thread on top.",
            "handwheel",
            [
                "One full stitch turned by hand: the needle clears everything.",
                "The settings are those of the swatch, to the half step.",
            ],
            Safety.Needle
        );

    private static SewingStep FirstRow(ShirringPlan a, Ruler ruler) =>
        new(
            "first-row",
            "Sew the first row",
            a.Ask.InLooper
                ? $"Begin on the fabric, never on air, and sew on the line, right side up; leave {ruler.Mark(a.Ask.Tail)} of both threads at each end."
                : $"Leave a tail of {ruler.Mark(a.Ask.Tail)}, bring the elastic up, hold both threads, and sew on the line, right side up.",
            "row 1",
            [
                "It starts and ends in the seam allowance.",
                "The elastic lies flat on the reverse, without loops.",
            ]
        );

    private static SewingStep FirstThird(ShirringPlan a, Ruler ruler, int third) =>
        new(
            "first-third",
            $"Rows to {third}, then measure",
            $"{(third > 1 ? $"Below the upper edge at {Places(a, 2, third, ruler)}, stretching what is sewn quite flat. " : "")}{Turns(a)}{Changes(a, 2, third)}"
                + $"After row {third} let it rest and measure its width.",
            third == 1 ? "row 1" : $"rows 2–{third}",
            [
                $"Before steam it measures about {ruler.Mark(a.BeforeSteam)}.",
                "The fabric lies flat under the needle, without folds.",
            ]
        )
        {
            Measure = new("half-way", "measured", "How wide is the panel now, at rest?"),
        };

    private static SewingStep Rest(ShirringPlan a, Ruler ruler, int third) =>
        new(
            "rest",
            $"Rows to {a.Rows}",
            $"Sew on as the check said, below the upper edge at {Places(a, third + 1, a.Rows, ruler)}, stretched flat. {Changes(a, third + 1, a.Rows)}".Trim(),
            Big(a, third),
            [$"The last row lies {ruler.Mark(a.Ask.BottomMargin)} above the lower seam."]
        );

    /// <summary>The first change of the rest stands large; else the rows.</summary>
    private static string Big(ShirringPlan a, int third) =>
        a.LookBefore.FirstOrDefault(r => r > third) is > 0 and var row
            ? $"new bobbin: row {row}"
            : $"rows {third + 1}–{a.Rows}";

    private static SewingStep Ends(ShirringPlan a) =>
        new(
            "ends",
            "Secure the ends",
            a.Ask.Layout switch
            {
                _ when a.Ask.InLooper =>
                    "Tie the long ends of every line on the reverse: a chain comes undone from its end. Sew across them within the seam allowance.",
                Layout.Pivot =>
                    "Knot the two tails, and every one at a bobbin change; sew across the turns within the seam allowance.",
                Layout.Rows =>
                    "Knot the tails of every row, or sew across all of them within the seam allowance, twice.",
                _ =>
                    "Knot the tails by pairs on the reverse and put a dot of textile glue on each knot.",
            },
            "knots",
            ["No end can slip back when it is stretched."],
            a.Ask.Layout == Layout.Spiral ? Hazards.Glue : Hazards.Elastic,
            [
                new("knotted", "Sure, and flat enough to lie on the skin; a knot to every end."),
                new("knotted, with a dot of textile glue", "Where it is washed often; let it dry."),
                new(
                    "back-stitched",
                    "Quickest; only within the seam allowance, where a seam holds it."
                ),
            ]
        );

    private static SewingStep Steam(ShirringPlan a, Ruler ruler) =>
        new(
            "steam",
            "Hold steam over it",
            "Hold the iron 10 cm above the panel and let the steam draw it up; let it dry flat before it is measured.",
            ruler.Mark(a.Ask.RelaxedWidth),
            [
                $"Dry, it measures about {ruler.Mark(a.RestMid)} at rest, and {ruler.Mark(a.Ask.RelaxedWidth)} at the least.",
                a.Ask.Layout == Layout.Spiral
                    ? "What is over is eased into the seams above and below: the tube is not opened again, for every row of elastic runs through its seam."
                    : "What is over is taken into the side seams.",
            ],
            Hazards.Elastic
        );

    private static SewingStep TryOn(ShirringPlan a, Ruler ruler)
    {
        List<string> checks =
        [
            a.Ask.BodyMeasure is { } body
                ? $"At rest it is a bit under {ruler.Mark(body)}."
                : "At rest it is a bit under the measure that it sits on.",
        ];
        if (a.Ask.MustPassOver is { } widest)
        {
            checks.Add(
                $"Stretched, it passes over {ruler.Mark(widest)} without a thread breaking."
            );
        }
        return new(
            "try",
            "Measure, stretch, try",
            "Measure it at rest and stretched, and write both down with the swatch.",
            a.Ask.MustPassOver is { } over ? ruler.Mark(over) : ruler.Mark(a.CutFlat),
            checks
        );
    }

    private static string Turns(ShirringPlan a) =>
        a.Ask.Layout switch
        {
            Layout.Pivot =>
                "At the end of each, needle down, pivot, a few stitches down within the seam allowance, pivot again. ",
            Layout.Rows when a.Ask.InLooper =>
                "Begin each on the fabric, and leave long ends on both sides. ",
            Layout.Rows => "Begin and end each with a few stitches back, and leave the tails. ",
            _ => "At the seam let the line sink by one gap, and go round again. ",
        };

    private static string Changes(ShirringPlan a, int from, int to)
    {
        var changes = a.LookBefore.Where(r => r >= from && r <= to).ToList();
        return changes.Count == 0
            ? ""
            : $"One bobbin sews {a.Lasts}: put in a new one before row {Sentence.Few(changes)}. ";
    }

    /// <summary>Where rows lie, each from the upper edge, so that no rounding adds up.</summary>
    private static string Places(ShirringPlan a, int from, int to, Ruler ruler)
    {
        const int most = 8;
        var places = Enumerable
            .Range(from, to - from + 1)
            .Select(row => ruler.Mark(a.RowAt(row)))
            .ToList();
        return places.Count <= most
            ? string.Join(", ", places)
            : $"{string.Join(", ", places.Take(most - 1))} … {places[^1]}";
    }
}
