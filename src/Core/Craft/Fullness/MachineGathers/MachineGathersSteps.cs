using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.MachineGathers;

/// <summary>The order of work: everything before the gathers is done flat, and a third is measured before the rest is sewn.</summary>
internal static class MachineGathersSteps
{
    public static IReadOnlyList<SewingStep> Of(MachineGathersPlan a, Ruler ruler)
    {
        List<SewingStep> steps = [.. StripSteps.Of(a.Strips, ruler, isPulled: false)];
        if (a.Ask.Piece.Layers > 1)
        {
            steps.Add(
                new SewingStep(
                    "layers",
                    "Lay the layers together",
                    $"Lay the {a.Ask.Piece.Layers} layers on each other, raw edges level, and baste them within the seam allowance.",
                    $"{a.Ask.Piece.Layers} layers",
                    ["All layers lie the same way up.", "The basting lies above the seam line."]
                ).At(Place.Table, 5, "edges", ["cloth"], ["marks", "plain"])
            );
        }
        var edge = a.Ask.Piece.FinishedEdge;
        var sewn = Pace.Sewn(a.Strips.SewnFlat, a.Ask.Piece.StitchLength);
        var set = a.Ask.Reading.Planned;
        steps.Add(Mark(a, ruler).At(Place.Table, 3, "edges", ["marks"], ["rows"]));
        steps.Add(
            SetUp(a)
                .At(Place.Machine, 6, "close-up", ["rows", "cloth"])
                .Setting([set.Says(a.Kind.Family.Knobs)])
        );
        for (var pass = 1; pass < Passes(a); pass++)
        {
            steps.Add(
                EarlierPass(a, ruler, pass)
                    .At(Place.Machine, sewn + 1, "edges", ["rows", "cloth"], ["plain"])
            );
        }
        steps.Add(
            FirstThird(a, ruler).At(Place.Machine, sewn / 3 + 3, "edges", ["rows", "cloth"]) with
            {
                Measure = FullnessGroups.Third,
            }
        );
        steps.Add(
            Rest(a, ruler)
                .At(Place.Machine, sewn * 2 / 3 + 1, "gathered", ["gathers"], ["plain", "marks"])
        );
        steps.Add(Trim(a, ruler).At(Place.Table, 3, "gathered", ["gathers"], ["plain", "marks"]));
        if (!a.Ask.JoinFlat)
        {
            steps.Add(
                Seam(a, ruler)
                    .At(Place.Machine, Pace.Seam(edge), "close-up", ["seam"])
                    .Setting(["stitch 2.5 mm", "tension normal"])
            );
        }
        steps.Add(Look(a).At(Place.Hand, 2, "gathered", ["gathers", "plain"]));
        // What an overlocker sews it trims and wraps.
        var finish = a.Kind.Knife && a.Ask.JoinFlat ? Wrapped : Finish;
        steps.Add(
            (finish with { Says = finish.Says + StripSteps.LowerEdgeStays(a.Strips) }).At(
                Place.Iron,
                Pace.Pressed(edge),
                "gathered",
                ["plain"]
            )
        );
        return steps;
    }

    private static SewingStep Mark(MachineGathersPlan a, Ruler ruler) =>
        new(
            "mark",
            "Mark thirds",
            $"Mark the strip every {ruler.Mark(a.CutLength / 3)} from its start, and {a.Ask.Piece.Together.ToEdge("the plain edge")} every {ruler.Mark(a.Ask.Piece.FinishedEdge / 3)}. What lies beyond the last mark is to spare.",
            $"{ruler.Mark(a.CutLength / 3)} | {ruler.Mark(a.Ask.Piece.FinishedEdge / 3)}",
            ["Both edges have two marks between their ends."]
        );

    private static SewingStep SetUp(MachineGathersPlan a) =>
        new(
            "set-up",
            "Set the machine",
            $"Set everything as Machine settings says, and as on the last swatch: {a.Ask.Reading.Planned.Says(a.Kind.Family.Knobs)}.",
            "handwheel",
            [
                "One full stitch turned by hand: the needle clears everything.",
                "The settings are those of the swatch, to the half step.",
            ],
            a.Kind.Knife ? Safety.Knife : Safety.Needle
        );

    private static int Passes(MachineGathersPlan a) =>
        (int)Math.Round(a.Ask.Reading.Planned.Passes);

    /// <summary>A pass that another follows: it has a figure of its own, which is not yet that of the whole.</summary>
    private static SewingStep EarlierPass(MachineGathersPlan a, Ruler ruler, int pass)
    {
        var reading = a.Ask.Reading;
        var third =
            a.CutLength / 3 / reading.Model.Predict(reading.Planned with { Passes = pass }).Mid;
        return new(
            $"pass-{pass}",
            pass == 1 ? "The first pass" : $"Pass {pass}",
            $"Sew {(pass == 1 ? "along the seam line" : "over the same line again")}, from end to end. Guide, never pull. "
                + $"It is not yet as full as it will be: {Passes(a)} passes in all.",
            $"pass {pass} of {Passes(a)}",
            [
                $"Each third now measures about {ruler.Mark(third)}, from mark to mark.",
                "Nothing piled up.",
            ]
        );
    }

    /// <summary>How the fabric is held behind the foot, where a finger does; else nothing.</summary>
    private static string Held(MachineGathersPlan a) =>
        a.Ask.Reading.Planned.HeldBack
            ? "Hold it back behind the foot with a finger, as lightly as on the swatch, and let go before it jams. "
            : "";

    private static SewingStep FirstThird(MachineGathersPlan a, Ruler ruler) =>
        new(
            "first-third",
            Passes(a) > 1
                ? $"Pass {Passes(a)} to the first mark, and measure"
                : "Gather to the first mark, and measure",
            (
                Passes(a) > 1 ? "Sew over the same line once more. Guide, never pull. "
                : a.Ask.JoinFlat
                    ? "Right sides together, the strip below. "
                        + (
                            a.Kind.Knife
                                ? "Catch the strip with a few stitches; foot up, slide the flat layer in above it, foot down, and gather. "
                                : "Foot up, slide the flat layer into the slot above it, foot down. Watch that it stays home against its guide, not the needle. "
                        )
                : "Sew along the seam line. Guide, never pull. "
            )
                + Held(a)
                + (a.Kind.Knife ? KnifeRuns(a.Ask.Piece.SeamAllowance, ruler) : "")
                + "Stop at the first mark with the needle down and measure what it became.",
            ruler.Mark(a.Ask.Piece.FinishedEdge / 3),
            [
                $"The first third measures about {ruler.Mark(a.CutLength / 3 / a.Ask.Reading.Prediction.Mid)}, and {ruler.Mark(a.Ask.Piece.FinishedEdge / 3)} at the least.",
                a.Ask.JoinFlat ? "The flat layer is caught all the way." : "Nothing piled up.",
            ]
        );

    /// <summary>From the left needle to the knife, of a seam of four threads.</summary>
    private static readonly Length Trimmed = Length.FromMillimetres(7);

    /// <summary>Where the knife runs, and what falls: the seam lies where it was planned, and its edge beside the stitch.</summary>
    private static string KnifeRuns(Length seam, Ruler ruler) =>
        seam > Trimmed
            ? $"The left needle runs on the seam line, {ruler.Mark(seam)} from the raw edge, so the knife takes off about {ruler.Mark(seam - Trimmed)}. "
            : "The knife runs along the raw edge, and takes off no more than its fringe. ";

    private static SewingStep Rest(MachineGathersPlan a, Ruler ruler) =>
        new(
            "rest",
            "Gather the rest",
            $"Sew on as the check said, at the same pace{(a.Ask.Reading.Planned.HeldBack ? ", held back as before" : "")}."
                + (
                    a.Ask is { JoinFlat: true, Piece.Closed: true }
                        ? " Leave the last hand’s breadth of the flat edge open: the loop is closed there first."
                        : ""
                ),
            ruler.Mark(a.Ask.Piece.FinishedEdge),
            [
                $"It reaches {ruler.Mark(a.Ask.Piece.FinishedEdge)}, with some to spare.",
                "The gathers are even from end to end.",
            ]
        );

    private static SewingStep Trim(MachineGathersPlan a, Ruler ruler)
    {
        var piece = a.Ask.Piece;
        if (piece.Closed)
        {
            var cut = piece.FinishedEdge + 2 * piece.JoinAllowance;
            return new(
                "trim",
                "Trim, and close the loop",
                $"Let it rest, measure {ruler.Mark(cut)} along the gathers, and cut off what is over. Then sew its two ends together with {ruler.Mark(piece.JoinAllowance)} allowance: the last join."
                    + (
                        a.Ask.JoinFlat
                            ? " Sew on the hand’s breadth that was left open for it."
                            : ""
                    ),
                ruler.Mark(cut),
                [
                    $"The loop measures {ruler.Mark(piece.FinishedEdge)} round.",
                    "The threads at the cut ends are secured.",
                ]
            );
        }
        return new(
            "trim",
            "Trim to length",
            $"Let it rest, measure {ruler.Mark(piece.FinishedEdge)} along the gathers, and cut off what is over"
                + (
                    piece.EndAllowance > Length.Zero
                        ? $", {ruler.Mark(piece.EndAllowance)} beyond it."
                        : "."
                ),
            ruler.Mark(piece.FinishedEdge),
            ["The threads at the cut end are secured."]
        );
    }

    private static SewingStep Seam(MachineGathersPlan a, Ruler ruler) =>
        new(
            "seam",
            "Sew it on",
            $"Pin the gathers to {a.Ask.Piece.Together.ToEdge("the plain edge")}, mark to mark, and sew on the gathering line, {ruler.Mark(a.Ask.Piece.SeamAllowance)} from the raw edge.",
            ruler.Mark(a.Ask.Piece.SeamAllowance),
            ["No pin is left when the needle comes.", "No gathering stitch shows on the front."],
            Schools:
            [
                new("gathered side up", "You see the gathers and can straighten them."),
                new("gathered side down", "The feed dogs help to ease them in."),
            ],
            Caution: Safety.Pins
        );

    private static SewingStep Look(MachineGathersPlan a) =>
        new(
            "look",
            "Check the right side",
            a.Kind.Knife
                ? "Look for loops that hang over the edge and for places where a layer slid out; sew those again."
                : "Look for tucks caught in the seam and for places where a layer slid out; unpick and sew those again.",
            "front",
            ["Even from end to end.", "No tuck is caught."]
        );

    private static SewingStep Finish { get; } =
        new(
            "finish",
            "Neaten and press",
            "Neaten the raw edges together, press the seam away from the gathers, and topstitch if it should lie flat.",
            "press",
            ["The iron never stands on the gathers."],
            Safety.Iron
        );

    private static SewingStep Wrapped { get; } =
        Finish with
        {
            Title = "Press",
            Says =
                "Press the seam away from the gathers; its edges are wrapped already. Topstitch if it should lie flat.",
        };
}
