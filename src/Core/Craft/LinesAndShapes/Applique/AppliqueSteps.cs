using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>The order of work on shapes.</summary>
internal static class AppliqueSteps
{
    public static IReadOnlyList<SewingStep> Of(AppliquePlan a) =>
        [
            Cut(a),
            .. a.Ask.Stitch == AppliqueFields.Turned ? [Turned(a)] : Array.Empty<SewingStep>(),
            Placed(a),
            .. a.Ask.IsFirm ? Array.Empty<SewingStep>() : [Backed(a)],
            SetUp(a),
            .. a.Rounds.Where(r => r.Sides.Count > 0).Select((r, i) => Sewn(a, r, i + 1)),
            Finished(a),
        ];

    private static bool IsZigzag(AppliquePlan a) =>
        a.Ask.Stitch is AppliqueFields.Satin or AppliqueFields.Turned;

    private static string Runs(AppliquePlan a) =>
        IsZigzag(a)
            ? "The needle’s right swing falls just outside the edge, and its left into the shape, which lies to the left of the needle."
            : "The straight part runs just outside the edge, and the sideways stitch goes into the shape, which lies to the left of the needle.";

    /// <summary>What the edge is led along, where the foot is known or the needle is moved.</summary>
    private static string Toe(AppliquePlan a) =>
        (
            a.Ask.NeedleMoved > Length.Zero
                ? $" Move the needle {a.Ruler.Fine(a.Ask.NeedleMoved)} to the right."
                : ""
        )
        + (
            a.ToToe is { } toe && toe > Length.Zero
                ? $" Lead the edge {a.Ruler.Fine(toe)} inside the right toe."
                : ""
        );

    private static bool IsTurned(AppliquePlan a) => a.Ask.Stitch == AppliqueFields.Turned;

    private static SewingStep Cut(AppliquePlan a)
    {
        List<Fact> sizes =
        [
            .. a.Cuts.Select(c => new Fact(
                c.Shape.Name,
                Ruler.Size(a.Ruler.Cut(c.Width), a.Ruler.Cut(c.Height))
            )),
        ];
        return new SewingStep(
            "cut",
            "Trace and cut",
            (
                IsTurned(a)
                    ? $"Cut each shape with {a.Ruler.Fine(a.Ask.Allowance)} to turn under."
                    : a.Ask.HeldBy switch
                    {
                        AppliqueFields.Sticky =>
                            "Trace each shape mirrored on the paper of the sticky-backed fusible, peel the other paper off, lay it on the wrong side of its fabric and smooth it, and cut it out along the line.",
                        AppliqueFields.Pinned =>
                            "Draw each shape on the right side of its fabric, and cut it out along the line.",
                        _ =>
                            "Trace each shape mirrored on the paper of the fusible, fuse it to the wrong side of its fabric, and cut it out along the line.",
                    }
            ) + " The grain of a shape lies as that of the base fabric.",
            sizes is [var only] ? only.Text : $"{sizes.Count} shapes",
            [
                a.Ask.IsFused
                    ? "What faces left on the paper faces right on the fabric."
                    : "It faces as it is to lie.",
                a.Rounds.Any(r => r.Hidden.Count > 0)
                    ? $"Where it goes under another it is {a.Ruler.Fine(a.Ask.Under)} longer."
                    : "The edges are smooth: no nick.",
            ],
            Schools:
            [
                new("fused raw edge, blanket stitch", "Soft, quick."),
                new("satin stitch", "Firm, durable; needs stabiliser and a lighter fusible."),
                new("turned edge, narrow zigzag", "No raw edge, most work."),
            ],
            Caution: Safety.Iron
        ).At(
            Place.Table,
            6 * a.Cuts.Count,
            ShapeDrawing.CutName,
            [.. a.Ask.Shapes.Select(ShapeDrawing.Part)]
        ) with
        {
            Table = sizes.Count > 1 ? sizes : [],
        };
    }

    private static SewingStep Turned(AppliquePlan a) =>
        new SewingStep(
            "turn-under",
            "Turn the edges under",
            $"Clip hollow curves and inside corners to a thread before the fold, notch bulging ones, and press {a.Ruler.Fine(a.Ask.Allowance)} under all round over a card. At a point fold its tip in first, cut off what lies behind, and then fold in the two sides.",
            $"{a.Ruler.Fine(a.Ask.Allowance)} under",
            ["No corner of the allowance shows.", "The curve is round, without points."],
            Safety.Iron
        ).At(
            Place.Iron,
            8 * a.Cuts.Count,
            ShapeDrawing.CutName,
            [.. a.Ask.Shapes.Select(ShapeDrawing.Part)]
        );

    private static SewingStep Placed(AppliquePlan a) =>
        new SewingStep(
            "place",
            a.Ask.IsFused ? "Peel, place and fuse" : "Place and baste",
            "The paper at true size shows where each lies. "
                + (
                    !a.Ask.IsFused ? "Baste or glue each down."
                    : a.Ask.HeldBy == AppliqueFields.Sticky
                        ? "Peel the paper off and lay it down: it holds, and can be lifted and laid again. When all lie right, fuse with a dry iron."
                    : "Peel the paper off, place, and fuse with a dry iron."
                ),
            a.Ask.Shapes is [var only] ? only.Name : "from beneath to above",
            ["No corner lifts.", "The base fabric lies flat beneath."],
            Safety.Iron
        ).At(
            Place.Iron,
            4 + 2 * a.Cuts.Count,
            ShapeDrawing.Name,
            [.. a.Ask.Shapes.Select(ShapeDrawing.Part)],
            Later(a, 0)
        ) with
        {
            Table =
                a.Ask.Shapes.Count > 1
                    ? [.. a.Ask.Shapes.Select((s, i) => new Fact(s.Name, $"{i + 1}"))]
                    : [],
        };

    private static SewingStep Backed(AppliquePlan a)
    {
        return new SewingStep(
            "behind",
            "Stabiliser behind",
            $"Lay stabiliser behind the base fabric, {a.Ruler.Mark(Backing.Beyond)} beyond the shapes all round{(a.Ask.Stitch == AppliqueFields.Satin ? ", firm or two layers: satin is dense" : "")}. Which kind, Machine settings says.",
            $"{a.Ruler.Mark(Backing.Beyond)} beyond",
            ["It reaches beyond every shape."]
        ).At(Place.Table, 2, ShapeDrawing.Name, ["ground"], Later(a, 0));
    }

    private static SewingStep SetUp(AppliquePlan a)
    {
        var stitch = a.Ask.Stitch switch
        {
            AppliqueFields.Satin => "Zigzag",
            AppliqueFields.Turned => "Narrow zigzag",
            _ => "Blanket stitch",
        };
        return new SewingStep(
            "set-up",
            "Set the stitch",
            $"{stitch} {a.Ruler.Fine(a.BestRepeat)} long and {a.Ruler.Fine(a.Bite)} wide, open-toe foot, needle stop down. {Runs(a)}{Toe(a)}",
            $"{a.Ruler.Fine(a.BestRepeat)} long, {a.Ruler.Fine(a.Bite)} wide",
            [
                $"On a swatch ten repeats come to {a.Ruler.Fine(10 * a.Step)}.",
                "The sideways stitch goes into the shape; else mirror the stitch.",
            ],
            Safety.Needle
        )
            .At(
                Place.Machine,
                3,
                ShapeDrawing.Name,
                [.. a.Ask.Shapes.Select(ShapeDrawing.Stitches).Where(p => HasStitches(a))]
            )
            .Setting([
                $"length {a.Ruler.Fine(a.BestRepeat)}",
                $"width {a.Ruler.Fine(a.Bite)}",
                .. a.Ask.NeedleMoved > Length.Zero
                    ? [$"needle {a.Ruler.Fine(a.Ask.NeedleMoved)} to the right"]
                    : Array.Empty<string>(),
                $"tension {(a.Ask.Stitch == AppliqueFields.Satin ? "−1" : "−½")}",
                "needle stop down",
            ]);
    }

    private static bool HasStitches(AppliquePlan a) =>
        a.Stitches <= StitchShapes.Most && a.Rounds.All(r => r.Sides.Count > 0);

    private static SewingStep Sewn(AppliquePlan a, Round round, int number)
    {
        var shape = round.Shape;
        var turnings = a.Turnings(round);
        var count = round.Sewn(a.Step.Millimetres).Sum(s => a.CountOf(s.To - s.From));
        var isHole = shape.Outlines.Count > 1 && round.Path != shape.Outlines[0];
        return (
            new SewingStep(
                $"sew-{number}",
                $"Sew round {(isHole ? "an opening of " : "")}the {shape.Name}",
                $"{count} stitches and {turnings.Count} stops, clockwise round the shape. Begin {StartSays(round)}: it shows least there."
                    + (a.Ask.SecondPass ? " Then a second time over the first." : ""),
                $"{count} stitches, {turnings.Count} stops",
                [
                    "A stitch lands in every corner.",
                    IsZigzag(a)
                        ? "Its right swing falls just outside the edge."
                        : "The straight part runs just outside the edge.",
                    "The base fabric lies flat.",
                ]
            ).At(
                Place.Machine,
                Math.Max(0.5, count * 3 / a.Ask.Speed + turnings.Count * 0.1),
                ShapeDrawing.Name,
                [ShapeDrawing.Part(shape)],
                Later(a, shape.Number)
            )
        ) with
        {
            Stops = StopsOf(a, round, turnings, count),
        };
    }

    private static string StartSays(Round round) =>
        round.Sides[round.Start.Side].IsFree ? "where it comes out from under the other shape"
        : round.Start.Along > 0 ? "in the middle of the lowest side, at the dashed mark"
        : "in the inside corner";

    private static List<StepStop> StopsOf(
        AppliquePlan a,
        Round round,
        IReadOnlyList<Turning> turnings,
        int count
    )
    {
        var first = ShapeDrawing.FirstNear(a, round);
        List<StepStop> all =
        [
            .. turnings.Select(t => new StepStop(
                t.Count,
                t.Needle,
                -Math.Round(t.Turn, 1),
                Says(a, t),
                first + t.Number - 1
            )),
        ];
        var last = count - (turnings is [.., var end] ? end.Stitch : 0);
        all.Add(
            new(
                Math.Max(0, last),
                "",
                0,
                round.Sides.All(s => !s.IsFree)
                    ? "You are back at the start. Take two stitches over the first, and fasten off."
                    : "It goes under the other shape here: fasten off.",
                first + turnings.Count
            )
        );
        return all;
    }

    private static string Says(AppliquePlan a, Turning t)
    {
        var turn =
            $"turn the fabric {Turnings.Says(t.Turn)} ({DecimalText.Write(Math.Abs(t.Turn), 0)}°)";
        return t.Kind == StopKind.Pivot
                ? $"Stop with the needle down {t.Needle}. Lift the foot, {turn}, lower it."
            : t.Turn > 0
                ? $"This stitch lands exactly in the corner: nudge the last by handwheel if it does not. Needle down in it, lift, {turn}"
                    + (
                        a.Ask.Stitch == AppliqueFields.Blanket
                            ? ", one stitch straight into the point, and on."
                            : ", and on."
                    )
            : $"Stop in the inside corner, needle down in the shape. Lift, {turn}, one stitch into the corner, and on.";
    }

    private static SewingStep Finished(AppliquePlan a) =>
        new SewingStep(
            "finish",
            "Fasten off and press",
            $"Take the threads to the back and knot them. {(a.Ask.IsFirm ? "Press" : "Take off what of the stabiliser is not to stay, and press")} from the back over a towel.",
            a.Ask.IsFirm ? "knot, press" : "knot, take off, press",
            ["The edge is held all round.", "The base fabric does not tunnel beside it."],
            Safety.Iron
        ).At(Place.Iron, 5, ShapeDrawing.Name, [.. a.Ask.Shapes.Select(ShapeDrawing.Part)]);

    /// <summary>What is not sewn yet after so many shapes.</summary>
    private static IReadOnlyList<string> Later(AppliquePlan a, int sewn) =>
        [
            .. a
                .Ask.Shapes.Where(s => s.Number > sewn)
                .SelectMany(s => (string[])[ShapeDrawing.Stitches(s), ShapeDrawing.Stops(s)]),
        ];
}
