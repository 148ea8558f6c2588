using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>The order of work on a piped edge.</summary>
internal static class PipingSteps
{
    /// <summary>Strips, cord and wrapping are done for all pieces at once.</summary>
    public static IReadOnlyList<SewingStep> Of(PipingPlan a)
    {
        IReadOnlyList<SewingStep> one = One(a);
        return a.Ask.Together.Steps(one, one.TakeWhile(s => s.Key != "mark").Count());
    }

    private static IReadOnlyList<SewingStep> One(PipingPlan a) =>
        [
            .. a.StripsMade,
            .. a.Ask.Shrinks > 0 ? [Washed(a)] : Array.Empty<SewingStep>(),
            Wrapped(a),
            Marked(a),
            Applied(a),
            .. a.Edge.Edge.IsClosed ? [EndsMet(a)] : Array.Empty<SewingStep>(),
            .. a.Ask.HasZip ? [Zipped(a)] : Array.Empty<SewingStep>(),
            Closed(a),
            Turned(a),
        ];

    private static SewingStep Washed(PipingPlan a) =>
        new SewingStep(
            "wash",
            "Wash the cord",
            $"Wash and dry {a.Ruler.Write(a.CordLength, LengthKind.Amount)} of cord as the piece will be washed.",
            a.Ruler.Write(a.CordLength, LengthKind.Amount),
            [$"Dry, it measures {a.Ruler.Whole(a.Ask.Cut.Required)} or more."]
        ).At(Place.Hand, 5, CordDrawings.Lines, ["cord"], Lines(a, 0));

    private static SewingStep Wrapped(PipingPlan a) =>
        Line(
            a,
            0,
            new SewingStep(
                "wrap",
                "Wrap the cord",
                $"Lay the cord into the strip, wrong side inside, raw edges together, and sew it shut with long stitches, {a.Ruler.Fine(PipingPlan.Basting)}. Do not stretch the strip. Trim the flange to {a.Ruler.Fine(a.Flange)}."
                    + (
                        a.Ask.Rings > 1
                            ? $" Cut it into {a.Ask.Rings} lengths of {a.Ruler.Whole(a.Ask.Required)}."
                            : ""
                    ),
                Big(a, 0),
                [
                    $"The flange is {a.Ruler.Fine(a.Flange)} wide all along.",
                    "The covering lies round the cord without slanting wrinkles.",
                ],
                Safety.Needle
            ),
            Place.Machine,
            a.Ask.Rings * Pace.Sewn(a.Ask.Required, PipingPlan.Basting)
        );

    private static SewingStep Marked(PipingPlan a) =>
        new SewingStep(
            "mark",
            "Round the corners, mark the start",
            (
                a.Clips.Any(c => c.Bend.IsCorner)
                    ? $"Draw the corners round, by {a.Ruler.Mark(a.CornerRadius)}, and cut front and back by them. "
                    : ""
            )
                + (
                    a.Edge.Edge.IsClosed
                        ? $"Mark the start in the middle of {a.SideName}."
                        : "Mark both ends of the edge."
                ),
            a.Clips.Any(c => c.Bend.IsCorner)
                ? $"round by {a.Ruler.Mark(a.CornerRadius)}"
                : "the start",
            [
                "Folded on itself, every corner is alike.",
                a.JoinsHidden
                    ? "Laid round, no join of the covering comes to a corner."
                    : "See where the joins come to lie before you sew.",
            ]
        ).At(Place.Table, 5, EdgeDrawing.Name, ["start", "face"], ["cord", "clips"]);

    private static SewingStep Applied(PipingPlan a) =>
        Line(
            a,
            1,
            new SewingStep(
                "apply",
                "Sew it to the front",
                $"Lay the flange along the raw edge of the right side, the cord inwards, and leave {a.Ruler.Mark(a.Ask.Overlap)} loose at the start. Sew along the cord. {a.ClipsSay}".TrimEnd(),
                Big(a, 1),
                [
                    "The first line is hidden under the cord.",
                    "The cord goes round without pulling the corners flat.",
                ],
                Schools:
                [
                    new("clip as you come to it", "You see how much each bend needs."),
                    new("clip before", "The hands stay free; easier where all corners are alike."),
                ]
            ),
            Place.Machine,
            a.Ask.Rounds * (Pace.Sewn(a.Edge.Length, a.Ask.StitchLength) + a.Clips.Count),
            EdgeDrawing.Name,
            a.Clips.Count > 0 ? ["cord", "clips"] : ["cord"]
        );

    private static SewingStep EndsMet(PipingPlan a) =>
        new SewingStep(
            "ends",
            "Bring the ends together",
            $"Open both ends of the covering for {a.Ruler.Mark(a.Ask.Overlap)}. Cut one on the slant and turn it in by {a.Ruler.Mark(a.Ask.Cut.Join)}, or sew both together on the slant. Cut the cord so that its ends butt, and sew them together with a few stitches by hand. Wrap it again, and sew over the gap.",
            "ends butted",
            [
                "The cord is nowhere thicker.",
                "The slant of the join goes the way of the other joins.",
            ],
            Schools:
            [
                new("sewn on the slant", "Flattest; the length must be exact."),
                new("turned in over the other end", "Quicker; one layer more."),
            ]
        ).At(Place.Hand, 6 * a.Ask.Rounds, EndsDrawing.Name, ["seam", "cord-end", "cord-start"]);

    private static SewingStep Zipped(PipingPlan a) =>
        new SewingStep(
            "zip",
            "Sew in the zip",
            $"{a.ZipSays}. Lay the zip face down on the piped front, its teeth against the cord, and sew close beside them; then the other half to the back. The back comes after the zip, never before. Leave it half open.",
            "zip first, then the back",
            ["The cord covers the teeth.", "The zip is half open: else it cannot be turned."],
            Safety.Pins
        ).At(Place.Machine, 15, EdgeDrawing.Name, ["cord", "start"]);

    private static SewingStep Closed(PipingPlan a) =>
        Line(
            a,
            2,
            new SewingStep(
                "close",
                "Sew on the back",
                $"Lay the back on, right sides together, and sew from the side where the stitching of the front is seen: just inside it. {(a.Ask.HasZip ? "" : $"Leave the opening on {a.SideName}. ")}Over the joins turn the wheel by hand.",
                Big(a, 2),
                [
                    "No earlier line shows on the right side.",
                    $"At the joins {a.Ruler.Fine(a.Thickest)} pass under the foot.",
                ],
                Safety.Needle
            ),
            Place.Machine,
            a.Ask.Rounds * (Pace.Sewn(a.Edge.Length, a.Ask.StitchLength) + 3)
        );

    private static SewingStep Turned(PipingPlan a) =>
        new SewingStep(
            "turn",
            "Trim, turn and press",
            "Trim the layers to different widths, the corners closest. Turn it, push the cord out with the fingers, and press beside it, never on it.",
            "press beside the cord",
            ["The cord stands up all round.", "No stitch of an earlier line is seen."],
            Safety.Iron
        ).At(Place.Iron, 6, EdgeDrawing.Name, ["cord", "face"], ["clips"]);

    /// <summary>A step that sews one of the lines: where the needle stands is set for it.</summary>
    private static SewingStep Line(
        PipingPlan a,
        int index,
        SewingStep step,
        Place place,
        double minutes,
        string drawing = CordDrawings.Lines,
        IReadOnlyList<string>? lit = null
    )
    {
        var line = a.Lines[index];
        return step.At(
                place,
                minutes,
                drawing,
                lit ?? ["cord", CordDrawings.Line(line)],
                drawing == CordDrawings.Lines ? Lines(a, index + 1) : null
            )
            .Setting([
                a.NeedleAt(line),
                $"length {a.Ruler.Fine(index == 0 ? PipingPlan.Basting : a.Ask.StitchLength)}",
            ]);
    }

    /// <summary>The lines that are not there yet after so many.</summary>
    private static IReadOnlyList<string> Lines(PipingPlan a, int sewn) =>
        [.. a.Lines.Skip(sewn).Select(CordDrawings.Line)];

    private static string Big(PipingPlan a, int index) =>
        $"{a.Ruler.Fine(a.Lines[index].Gives ?? a.Lines[index].Wanted)} from the cord";
}
