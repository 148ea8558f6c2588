using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>The order of work, with the bobbin changes and a measure after a third of the rows.</summary>
internal static partial class ShirringSteps
{
    public static IReadOnlyList<SewingStep> Of(ShirringPlan a, Ruler ruler)
    {
        IReadOnlyList<string> rows = ["first-row", "first-third", "rest", "bobbins"];
        var row = Pace.Sewn(a.Laid.Sum / Math.Max(1, a.Rows), a.Ask.StitchLength);
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
        ]);
        if (third > 1)
        {
            steps.Add(
                ToThird(a, ruler, third)
                    .At(
                        Place.Machine,
                        row * (third - 1) + 1,
                        "flat",
                        ["first-row", "first-third"],
                        ["rest"]
                    )
            );
        }
        steps.Add(
            FirstThird(a, ruler, third)
                .At(Place.Table, 2, "flat", ["first-row", "first-third"], ["rest"])
        );
        if (third < a.Rows)
        {
            steps.Add(
                Rest(a, ruler, third)
                    .At(Place.Machine, row * (a.Rows - third), "flat", ["rest", "bobbins"])
            );
        }
        if (a.Ask.Parts > 1)
        {
            steps.Add(
                OtherSide(a)
                    .At(Place.Machine, row * a.Rows, "flat", ["first-row", "first-third", "rest"])
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
            a.Ask.Shape == RowShape.Neckline
                ? $"Cut it along the guide, {ruler.Mark(a.CutHeight)} deep all round, from {a.Pieces[0].Says(ruler)} of fabric. {FirstLine(a, ruler)}"
                : $"Cut {(a.Widths > 1 ? $"{a.Widths} widths of {ruler.Cut(a.EachWidth)} and join them with {ruler.Mark(a.Ask.SeamAllowance)} allowance; all" : $"{ruler.Cut(a.SureWidth)} wide and")} {ruler.Mark(a.CutHeight)} high. {FirstLine(a, ruler)}",
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

    private static string FirstLine(ShirringPlan a, Ruler ruler) =>
        a.Ask.Shape switch
        {
            RowShape.Diagonal =>
                $"Draw the rows on the right side, slanting by {DecimalText.Write(a.Ask.Angle * 180 / Math.PI, 0)}°, {ruler.Mark(a.ActualGap)} apart: the guide shows each.",
            RowShape.Waves =>
                $"Draw the first wave on the right side, its middle {ruler.Mark(a.RowAt(1))} below the cut edge, {ruler.Mark(a.Ask.WaveHeight)} high and {ruler.Mark(a.Ask.WaveLength)} long.",
            _ =>
                $"Draw the first row on the right side, {ruler.Mark(a.RowAt(1))} below the cut edge: {ruler.Mark(a.Ask.EdgeAllowance)} of it are for the seam.",
        };

    private static SewingStep Wind(ShirringPlan a, Ruler ruler) =>
        a.Ask.InLooper
            ? new(
                "wind",
                "Thread the elastic",
                $"Thread {ruler.Write(a.ElasticToHave, LengthKind.Amount)} of elastic into the chain looper: a net over its spool, past the tension with its dial three steps looser, through every guide and the looper’s eye, loose all the way and never pulled up. The middle needle alone.",
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
}
