using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.CordTrim;

/// <summary>The order of work on an edge with ready-made trim: from the size to the closed cover.</summary>
internal static class CordTrimSteps
{
    public static IReadOnlyList<SewingStep> Of(CordTrimPlan a) =>
        [
            .. a.Pieces.Count > 0 ? [Cut(a)] : Array.Empty<SewingStep>(),
            Marked(a),
            First(a),
            .. a.Edge.Edge.IsClosed ? Joined(a) : [],
            Second(a),
            .. a.Ask.HasZip && !a.Ask.BackFirst ? [Zipped(a)] : Array.Empty<SewingStep>(),
            Closed(a),
            .. a.Ask.HasZip && a.Ask.BackFirst ? [Zipped(a)] : Array.Empty<SewingStep>(),
            Turned(a),
        ];

    private static SewingStep Cut(CordTrimPlan a) =>
        new SewingStep(
            "cut",
            "Cut front and back",
            $"Cut {(a.Together.Count == 1 ? "a front and a back" : $"{a.Together.Count} fronts and {a.Together.Count} backs")}, each {a.Pieces[0].SizeSays(a.Ruler)}, on the grain, and round the corners by {a.Ruler.Mark(a.Edge.LeastRadius)}.",
            Piece.Many(a.Pieces.Sum(p => p.Count), a.Pieces[0].SizeSays(a.Ruler)),
            [
                "Laid on each other, front and back are alike.",
                "The corners are round: no cord turns a square one.",
            ]
        ).At(
            Place.Table,
            Pace.Cut(a.Pieces.Sum(p => p.Count)),
            EdgeDrawing.Name,
            ["face"],
            ["cord", "clips", "start"]
        );

    private static SewingStep Marked(CordTrimPlan a) =>
        new SewingStep(
            "mark",
            "Right side, and the start",
            "Find the right side of the trim: the one on which the stitches of the flange are not seen. Wind tape round it before every cut. "
                + (
                    a.Edge.Edge.IsClosed
                        ? $"Mark the start in the middle of {a.SideName}, never at a corner."
                        : "Mark both ends of the edge."
                ),
            a.Edge.Edge.IsClosed ? "middle of a side" : "both ends",
            [
                $"{a.Ruler.Whole(a.Required)} of trim lie ready.",
                "The right side of the trim faces the right side of the front.",
            ]
        ).At(Place.Table, 4, EdgeDrawing.Name, ["start"], ["cord", "clips"]);

    private static SewingStep First(CordTrimPlan a) =>
        Pass(
            a,
            0,
            new SewingStep(
                "hold",
                a.Ask.IsStiff ? "Hold it with a first pass" : "Sew it on",
                $"Leave {a.Ruler.Mark(a.Unpick)} loose, and sew the flange to the front, the cord inwards. {(a.Ask.IsStiff ? "This pass only holds: stay clear of the cord." : "")} Snip the flange at bends, from its own edge, never the cord. {a.ClipsSay}"
                    .Replace("  ", " ")
                    .TrimEnd(),
                $"{a.Ruler.Fine(a.Lines[0].Gives ?? a.Lines[0].Wanted)} from the cord",
                [
                    "The trim lies loose along sides, and a little pushed in at corners.",
                    $"It stops {a.Ruler.Mark(a.Unpick)} before it meets its start.",
                ],
                Schools: a.Ask.IsStiff
                    ? []
                    :
                    [
                        new("narrow foot with a groove", "Follows corners closely."),
                        new("zipper foot", "Sees more of the cord; two passes."),
                    ],
                Caution: Safety.Needle
            ),
            Pace.Seam(a.Edge.Length) + a.Clips.Count
        );

    private static IEnumerable<SewingStep> Joined(CordTrimPlan a)
    {
        var all = PliesDrawing.All(a).ToList();
        yield return new SewingStep(
            "unpick",
            "Take the flange off the ends",
            $"Cut the trim so that both ends together lie over each other by {a.Ruler.Mark(a.Ask.Overlap)}. Take the stitches out of the flange for {a.Ruler.Mark(a.Unpick)} of each, and lay the strands apart: {a.Ask.Plies} and {a.Ask.Plies}. A bit of tape keeps each from untwisting.",
            $"{a.Ruler.Mark(a.Unpick)} of each",
            [
                "No strand is cut.",
                "The tapes of both ends lie over each other, flat, and are trimmed.",
            ]
        ).At(Place.Hand, 4, PliesDrawing.Name, ["seam"], [.. all, "across"]);
        yield return new SewingStep(
            "under",
            "Lay the first end down",
            $"Slant the {a.Ask.Plies} strands of the end on the left down into the seam, one after another as they are in the twist, each over {a.Ruler.Mark(a.Slant)}. Pin or baste them.",
            $"{a.Ask.Plies} strands down",
            [
                "They lie side by side in the seam, not on each other.",
                "The edge goes on without a step until the last is down.",
            ],
            Safety.Pins
        ).At(
            Place.Hand,
            1 + 0.5 * a.Ask.Plies,
            PliesDrawing.Name,
            [.. Enumerable.Range(1, a.Ask.Plies).Select(PliesDrawing.Under)],
            [.. Enumerable.Range(1, a.Ask.Plies).Select(PliesDrawing.Over), "across"]
        );
        for (var i = 1; i <= a.Ask.Plies; i++)
        {
            yield return new SewingStep(
                $"ply-{i}",
                $"Lay strand {i} over",
                $"Lay strand {i} of the end on the right over the others where its own place in the twist is, and slant it down into the seam on the far side.",
                $"ply {i} of {a.Ask.Plies}",
                [
                    i < a.Ask.Plies
                        ? "It fills the gap that the first end left."
                        : "The twist runs on: nobody finds the join.",
                ]
            ).At(
                Place.Hand,
                0.5,
                PliesDrawing.Name,
                [PliesDrawing.Over(i)],
                [.. Enumerable.Range(i + 1, a.Ask.Plies - i).Select(PliesDrawing.Over), "across"]
            );
        }
        yield return new SewingStep(
            "across",
            "Sew across",
            "Turn the handwheel over all strands along the seam line. Turn the piece over and go back over the join from the other side: what the first line missed lies on top there. Then cut off what stands out of the seam.",
            "by the handwheel",
            ["Every strand is caught.", "The join is no thicker than twice a strand."],
            Safety.Needle
        ).At(Place.Machine, 3, PliesDrawing.Name, ["across"]);
    }

    private static SewingStep Second(CordTrimPlan a) =>
        Pass(
            a,
            1,
            new SewingStep(
                "closer",
                "A second pass, closer",
                "Sew all round once more, against the cord. Where it sticks, a touch of lubricant on needle and foot helps.",
                $"{a.Ruler.Fine(a.Lines[1].Gives ?? a.Lines[1].Wanted)} from the cord",
                ["From the right side no flange is seen.", "The first pass lies outside it."],
                CordTrimTechnique.Glide
            ),
            Pace.Seam(a.Edge.Length)
        );

    private static SewingStep Zipped(CordTrimPlan a) =>
        new SewingStep(
            "zip",
            "Sew in the zip",
            $"{a.ZipSays}. {(a.Ask.BackFirst ? "Into the opening that was left" : "Before the back comes on")}: the zip face down on the front, its teeth against the cord, sewn close with the zipper foot; then its other half to the back. Stitch a stopper across both ends, and leave the slider half way.",
            a.Ask.BackFirst ? "back, then zip" : "zip, then back",
            [
                "The trim covers the teeth.",
                "Stoppers at both ends: the slider cannot come off.",
                "The slider is half way: the cover can be turned.",
            ],
            Safety.Pins
        ).At(Place.Machine, 15, EdgeDrawing.Name, ["zip", "cord"]);

    private static SewingStep Closed(CordTrimPlan a) =>
        Pass(
            a,
            1,
            new SewingStep(
                "back",
                "Sew on the back",
                $"Lay the back on, right sides together, and sew a third time round with the front on top, just inside the stitching that is seen. Push the trim away from the needle, pull the layers taut over thick places{(a.Ask.HasZip && !a.Ask.BackFirst ? ", and leave the side with the zip" : $", and leave an opening on {a.OpeningName}")}.",
                "front on top",
                [
                    "Nothing of the trim is caught.",
                    $"Over the join {a.Ruler.Fine(a.Thickest)} pass under the foot.",
                ],
                Safety.Needle
            ),
            Pace.Seam(a.Edge.Length)
        );

    private static SewingStep Turned(CordTrimPlan a) =>
        new SewingStep(
            "turn",
            "Trim, turn, fill",
            $"Trim the corners, turn the cover through the {(a.Ask.HasZip ? "zip" : "opening")}, push the corners out with the fingers, and fill it. Close the {(a.Ask.HasZip ? "zip" : "opening")}.",
            "the cover is closed",
            [
                "The trim stands up all round.",
                "The cover closes over its pad without a pull at the corners.",
            ]
        ).At(Place.Table, 6, EdgeDrawing.Name, ["cord", "face"], ["clips"]);

    private static SewingStep Pass(CordTrimPlan a, int index, SewingStep step, double minutes) =>
        step.At(
                Place.Machine,
                minutes,
                CordDrawings.Lines,
                ["cord", CordDrawings.Line(a.Lines[index])],
                [.. a.Lines.Skip(index + 1).Select(CordDrawings.Line)]
            )
            .Setting([a.NeedleAt(a.Lines[index]), $"length {a.Ruler.Fine(a.Ask.StitchLength)}"]);
}
