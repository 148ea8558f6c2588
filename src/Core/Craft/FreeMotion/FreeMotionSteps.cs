using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>The order of work.</summary>
internal static class FreeMotionSteps
{
    public static IReadOnlyList<SewingStep> Of(FreeMotionPlan a)
    {
        var sewn = SewnDrawing.Parts(a);
        return
        [
            Drawn(a, sewn),
            Held(a, sewn),
            SetUp(a, sewn),
            Begun(a, sewn),
            .. a.Fields_.Count > 1 ? Hooped(a, sewn) : Sewn(a, sewn),
            new SewingStep(
                "finish",
                "Trim, and look behind",
                "Trim the threads close on both sides. Loops below: tighten the needle thread next time, or it was never in the discs. Press from the wrong side over a towel.",
                "trim, press",
                ["The reverse is as tidy as the front.", "The fabric lies flat."],
                Safety.Iron
            ).At(Place.Iron, 3, SewnDrawing.Name, sewn),
        ];
    }

    private static SewingStep Drawn(FreeMotionPlan a, IReadOnlyList<string> sewn) =>
        new SewingStep(
            "draw",
            "Transfer the design",
            a.Ask.IsField
                ? $"Chalk the field, {a.Ruler.Mark(a.Reach.Width)} by {a.Ruler.Mark(a.Reach.Height)}. The way through it is on the paper at true size; after a while the eye needs it no more."
                : $"Trace it from the paper with a pen that goes away: {a.Ruler.Mark(a.Reach.Width)} by {a.Ruler.Mark(a.Reach.Height)}.",
            Ruler.Size(a.Ruler.Mark(a.Reach.Width), a.Ruler.Mark(a.Reach.Height)),
            ["The pen was tried on a spare piece: it goes away."]
        ).At(Place.Table, 5, SewnDrawing.Name, ["outline"], sewn);

    private static SewingStep Held(FreeMotionPlan a, IReadOnlyList<string> sewn)
    {
        var (says, big) = a.Ask.Held switch
        {
            FreeMotionFields.Hoop => (
                $"Lay it into a hoop of {a.Ruler.Mark(a.Hooping.HoldsAll ? a.Hooping.Needed : a.Ask.HoopInside)}{(a.Hooping.HoldsAll ? " or more" : "")} inside, wrong side down, drum-tight. Lift the presser past its first stop, and it goes under the foot.",
                a.Ruler.Mark(a.Hooping.HoldsAll ? a.Hooping.Needed : a.Ask.HoopInside)
            ),
            FreeMotionFields.Stabiliser => (
                $"Lay stabiliser behind it, {a.Ruler.Mark(Backing.Beyond)} beyond the work all round.",
                "stabiliser behind"
            ),
            FreeMotionFields.Basted => (
                $"Baste the {a.Ask.Layers} layers together from the middle out, 10 cm apart. Begin to sew in the middle.",
                $"{a.Ask.Layers} layers, basted"
            ),
            _ => ("Smooth it flat. Flat hands on either side of the needle hold it.", "flat hands"),
        };
        return new SewingStep(
            "hold",
            "Keep it flat",
            says,
            big,
            [
                a.Ask.Held == FreeMotionFields.Hoop
                    ? "It sounds when it is tapped."
                    : "It stays flat when it is moved.",
            ]
        ).At(Place.Hand, 4, SewnDrawing.Name, ["cloth"], sewn);
    }

    private static SewingStep SetUp(FreeMotionPlan a, IReadOnlyList<string> sewn) =>
        new SewingStep(
            "set-up",
            "Feed dogs down, foot down",
            $"Lower or cover the feed dogs. Fit the foot ({a.Foot}) with the needle half down: its arm, where it has one, goes over the needle clamp screw; then tighten the foot’s own screw. Put it down although it hovers: that is what puts the tension on."
                + (
                    a.Ask.Elastic
                        ? " Wind the elastic onto the bobbin by hand, hardly stretched."
                        : " The same thread in the bobbin as above: then it does not show if the tension is a little off."
                ),
            "feed dogs down",
            ["The foot is down.", "One full stitch by the handwheel touches nothing."],
            Schools:
            [
                new("open toe", "You see the line."),
                new("closed ring", "Nothing soft catches in it."),
            ],
            Caution: Safety.Needle
        )
            .At(Place.Machine, 4, SewnDrawing.Name, ["outline"], sewn)
            .Setting([
                "feed dogs down",
                "needle stop down, for turning",
                $"{FreeMotionPlan.Number(a.Ask.Tempo.Machine, 0)} stitches a minute",
                a.Ask.IsZigzag ? $"zigzag {a.Ruler.Fine(a.Ask.StitchWidth)}" : "straight stitch",
            ]);

    private static SewingStep Begun(FreeMotionPlan a, IReadOnlyList<string> sewn) =>
        new SewingStep(
            "begin",
            "Bring the bobbin thread up",
            "Hold the needle thread, one stitch by the handwheel, and pull: the bobbin thread comes up in a loop. Both threads behind the foot, three stitches on the spot, trim.",
            "3 stitches on the spot",
            ["Both threads lie on top.", "Your fingers stay 10 cm from the needle."],
            FreeMotionTechnique.Fingers
        ).At(Place.Machine, 1, SewnDrawing.Name, [SewnDrawing.Part(0)], [.. sewn.Skip(1)]);

    private static IEnumerable<SewingStep> Sewn(FreeMotionPlan a, IReadOnlyList<string> sewn)
    {
        for (var i = 0; i < sewn.Count; i++)
        {
            var part = sewn[i];
            var all = a
                .Ask.Stretches.Select((s, k) => (Line: s, Part: SewnDrawing.Part(k)))
                .Where(s => s.Part == part)
                .ToList();
            var length =
                a.Ask.Passes * Length.FromMillimetres(all.Sum(s => FreeMotionInputs.Long(s.Line)));
            var stitches = a.Ask.Tempo.Stitches(length);
            yield return new SewingStep(
                part,
                sewn.Count == 1 ? "Sew it"
                    : all.Count > 1 ? $"The other {all.Count} stretches"
                    : $"Stretch {i + 1} of {a.Ask.Stretches.Count}",
                $"{(i == 0 ? "" : "Lift the foot, jump, foot down, tie on. ")}{a.Sewn(length)} of line, {stitches} stitches of {a.Ruler.Fine(a.Ask.Tempo.Stitch)}: the machine even, the hands at {FreeMotionPlan.Number(a.Ask.Tempo.Hand, 0)} mm a second."
                    + (a.Ask.Passes > 1 ? $" Sew over it {a.Ask.Passes} times." : "")
                    + " Tie off with three stitches on the spot.",
                $"{stitches} stitches",
                [
                    "Even in curves and straights.",
                    "Breathe; stop with the needle down to move your hands.",
                ]
            ).At(Place.Machine, Math.Max(0.1, a.Minutes * length / a.Length), SewnDrawing.Name, [part], [.. sewn.Skip(i + 1)]).Setting(Set(a));
        }
    }

    private static IEnumerable<SewingStep> Hooped(FreeMotionPlan a, IReadOnlyList<string> sewn) =>
        a.Fields_.Select(f =>
            new SewingStep(
                SewnDrawing.HoopPart(f),
                $"Hoop {f.Number} of {a.Fields_.Count}",
                (
                    f.Number == 1
                        ? "Sew all that lies within the first field"
                        : $"Needle up, foot up, move the hoop: its field begins {a.Ruler.Mark(f.From.X)} from the left and {a.Ruler.Mark(f.From.Y)} from the top, and lies {a.Ruler.Mark(Hooping.Overlap)} over the one before. Sew on where you stopped"
                )
                    + $", {a.Ruler.Mark(f.Width)} by {a.Ruler.Mark(f.Height)}. Where lines leave the field, stop with the needle down.",
                $"→ {a.Ruler.Mark(f.From.X)}  ↓ {a.Ruler.Mark(f.From.Y)}",
                f.Number == 1
                    ? ["It is drum-tight, and lies flat beneath the foot."]
                    : ["It is drum-tight again.", "The line goes on without a gap."]
            )
                .At(
                    Place.Machine,
                    Math.Max(0.1, a.Minutes / a.Fields_.Count),
                    SewnDrawing.Name,
                    [SewnDrawing.HoopPart(f), .. sewn]
                )
                .Setting(Set(a))
        );

    private static IReadOnlyList<string> Set(FreeMotionPlan a) =>
        [
            $"{FreeMotionPlan.Number(a.Ask.Tempo.Machine, 0)} a minute",
            $"hands {FreeMotionPlan.Number(a.Ask.Tempo.Hand, 0)} mm/s",
        ];
}
