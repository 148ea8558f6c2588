using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>The order of work on a couched cord.</summary>
internal static class CouchingSteps
{
    public static IReadOnlyList<SewingStep> Of(CouchingPlan a) =>
        [
            .. a.Strip is { } strip ? [Rolled(a, strip)] : Array.Empty<SewingStep>(),
            Drawn(a),
            Backed(a),
            SetUp(a),
            Led(a),
            .. a.Passes.Select(p => Sewn(a, p)),
            Finished(a),
        ];

    private static SewingStep Rolled(CouchingPlan a, Strip strip) =>
        new SewingStep(
            "strip",
            "Cut and roll the strip",
            $"Cut the selvedge off, and a tube of knit open. Cut {strip.Count} {(strip.Count == 1 ? "strip" : "strips")} {a.Ruler.Cut(strip.Length)} long across the knit, "
                + $"{a.Ruler.Mark(strip.Width)} wide, exactly: it rolls up, and is never trimmed after. Pull each once, so that it rolls up"
                + (strip.Joins > 0 ? $", and join them on a slant: {strip.Joins} joins." : "."),
            $"{a.Ruler.Mark(strip.Width)} wide",
            [
                $"It is evenly wide, within {a.Ruler.Mark(strip.Width / 10)}: then the cord is even to a twentieth.",
                $"Rolled, it is {a.Ruler.Fine(a.Ask.Cord)} thick.",
            ]
        ).At(Place.Table, 5 + strip.Count, CordDrawing.Name, ["ground"], Later(a, 0));

    private static SewingStep Drawn(CouchingPlan a) =>
        new SewingStep(
            "line",
            "Draw the line",
            $"Mark the line on the right side of the base fabric, {a.Ruler.Mark(a.PathLength)} of it, with what comes off again. The paper shows it at true size.",
            a.Ruler.Mark(a.PathLength),
            [
                a.First.IsClosed
                    ? "The start lies where it shows least."
                    : "Both ends lie where something hides them.",
            ]
        ).At(Place.Table, 5, CordDrawing.Name, ["line"], Later(a, 0));

    private static SewingStep Backed(CouchingPlan a) =>
        new SewingStep(
            "behind",
            "Add stabiliser",
            a.Ask.Ground == "firm"
                ? $"Behind the base fabric: {a.Behind}."
                : $"Behind the base fabric: {a.Behind}, {a.Ruler.Mark(Backing.Beyond)} beyond the line all round.",
            a.Behind,
            ["The base fabric lies flat, with the grain straight."],
            a.Ask.Ground == CouchingFields.Knit ? Safety.Iron : null
        ).At(Place.Table, 3, CordDrawing.Name, ["ground", "line"], Later(a, 0));

    private static SewingStep SetUp(CouchingPlan a) =>
        new SewingStep(
            "set-up",
            "Set the zigzag",
            $"Zigzag {a.Ruler.Fine(a.SetWidth)} wide and {a.Ruler.Fine(a.Ask.StitchLength)} long, feed dogs up, tension a step looser, needle stop down. Turn the handwheel through one swing over the cord.",
            $"{a.Ruler.Fine(a.SetWidth)} wide, {a.Ruler.Fine(a.Ask.StitchLength)} long",
            ["The needle falls clear of the cord on both sides.", "The needle starts on the left."],
            Safety.Needle
        )
            .At(Place.Machine, 3, "swing", ["stitches", "cord"])
            .Setting([
                $"width {a.Ruler.Fine(a.SetWidth)}",
                $"length {a.Ruler.Fine(a.Ask.StitchLength)}",
                "tension −1",
                "feed dogs up",
                "needle stop down",
            ]);

    private static SewingStep Led(CouchingPlan a)
    {
        var open = a.First.Open;
        return new SewingStep(
            "lead",
            "Feed in the cord",
            (
                a.ByHole
                    ? $"Thread the cord through the hole of the foot. "
                    : $"Tape a short tube of {a.Ruler.Fine(a.Bore)} bore in front of the foot, and lead the cord through it. "
            )
                + $"Cut its end to a slant. "
                + (
                    a.First.IsClosed
                        ? $"Begin {a.Ruler.Fine(open)} after the start, and leave {a.Ruler.Mark(a.Ask.Taper + open)} of cord loose: that bit is sewn with the other end."
                        : $"Leave {a.Ruler.Mark(a.Ask.Taper)} beyond the start, to go under at the end."
                ),
            a.ByHole ? "through the foot" : $"tube, {a.Ruler.Fine(a.Bore)}",
            [
                a.Ask.IsRolled
                    ? "The strip runs freely. One that catches in the foot: needle up, roll it anew, and go on."
                    : "The cord runs freely: nothing pulls at it.",
                "Both threads are under and behind the foot.",
            ],
            Schools:
            [
                new("the hole of the foot", "Both hands are free for the fabric."),
                new("a tube taped in front", "Any foot with a hollow sole; any cord."),
                new(
                    "a tube above the foot",
                    "The cord comes down just before the needle, and drags nowhere."
                ),
            ]
        ).At(Place.Machine, 2, CordDrawing.Name, ["ends", "line"], Later(a, 0));
    }

    private static SewingStep Sewn(CouchingPlan a, Pass pass)
    {
        var name = a.NameOf(pass);
        var stops = pass.Turnings.Count;
        return (
            new SewingStep(
                $"couch-{pass.Number}",
                a.Passes.Count == 1 ? "Couch the cord" : $"Couch {name}",
                $"{pass.Stitches} stitches along {a.Ruler.Mark(pass.Length)}, with {Stops(stops)}. In a bend the needle stops on its inside: "
                    + "lift the foot, turn the fabric, lower it, and go on. The cord is fed, never pulled.",
                $"{pass.Stitches} stitches, {Stops(stops)}",
                [
                    "The cord lies on the line.",
                    "No stitch goes into it.",
                    "The base fabric lies flat behind it.",
                ]
            ).At(
                Place.Machine,
                Math.Max(0.5, pass.Stitches / a.Ask.Speed + stops * 0.1),
                CordDrawing.Name,
                [CordDrawing.Cord(pass)],
                Later(a, pass.Number)
            )
        ) with
        {
            Stops = StopsOf(a, pass),
        };
    }

    private static List<StepStop> StopsOf(CouchingPlan a, Pass pass)
    {
        var first = CordDrawing.FirstNear(a, pass);
        List<StepStop> all =
        [
            .. pass.Turnings.Select(t => new StepStop(
                t.Count,
                t.Needle,
                -Math.Round(t.Turn, 1),
                (t.Count == 0 ? "On the same spot, " : "Stop with ")
                    + $"the needle down on the {t.Needle}, inside the {(t.Kind == StopKind.Corner ? "corner" : "bend")}. "
                    + $"Lift the foot, turn the fabric {Turnings.Says(t.Turn)} ({DecimalText.Write(Math.Abs(t.Turn), 0)}°), lower it.",
                first + t.Number - 1
            )),
        ];
        all.Add(
            new(
                pass.Last,
                "",
                0,
                pass.IsClosed
                    ? $"Lay the slanted ends over each other for {a.Ruler.Mark(a.Ask.Taper)}, the point of each where the other is full, and sew on over the first {a.Ruler.Fine(pass.Open)}. The line is closed."
                    : "The end of the line. Leave the cord long enough to go under.",
                first + pass.Turnings.Count
            )
        );
        return all;
    }

    private static SewingStep Finished(CouchingPlan a) =>
        new SewingStep(
            "finish",
            "Fasten off and press",
            (
                a.First.IsClosed
                    ? $"Trim the upper end to a slant over {a.Ruler.Mark(a.Ask.Taper)}, so that both together are as thick as the cord: the two points run past each other, the lower one beneath. "
                    : $"Cut both ends to a slant over {a.Ruler.Mark(a.Ask.Taper)}, and bring them under or into the seam. "
            )
                + "Take the threads to the back and knot them. Take away what was laid behind, and press from the back over a towel.",
            a.First.IsClosed ? "over each other" : "under",
            ["The join is no thicker than the cord.", "No end is left to catch."],
            Safety.Iron
        ).At(Place.Iron, 5, CordDrawing.Name, ["ends", .. a.Passes.Select(CordDrawing.Cord)]);

    private static string Stops(int count) =>
        count switch
        {
            0 => "no stop",
            1 => "1 stop",
            _ => $"{count} stops",
        };

    /// <summary>Of more cords than this none is told to be still to come: every step would name them all.</summary>
    private const int MostTold = 60;

    /// <summary>What is not there yet after so many cords.</summary>
    private static IReadOnlyList<string> Later(CouchingPlan a, int sewn) =>
        a.Passes.Count > MostTold
            ? []
            :
            [
                .. a
                    .Passes.Where(p => p.Number > sewn)
                    .SelectMany(p =>
                        (string[])
                            [CordDrawing.Cord(p), CordDrawing.Stitches(p), CordDrawing.Stops(p)]
                    ),
            ];
}
