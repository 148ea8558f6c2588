using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>The order of work of whatever is pulled up by its threads, with the checks at the moments that matter.</summary>
internal static class PulledSteps
{
    private static readonly IReadOnlyList<School> SideSchools =
    [
        new(
            "gathered side up",
            "You see the gathers and can straighten them as they come to the needle."
        ),
        new(
            "gathered side down",
            "The feed dogs help to ease the fullness in; look underneath often."
        ),
    ];

    public static IReadOnlyList<SewingStep> Of(StripPlan a, Ruler ruler) =>
        [.. StripSteps.Of(a, ruler), .. FromMarks(a, ruler)];

    /// <summary>The steps from the marks on: those of a stretch of a piece that is there, too.</summary>
    public static IReadOnlyList<SewingStep> FromMarks(StripPlan a, Ruler ruler)
    {
        List<SewingStep> steps =
        [
            Mark(a, ruler)
                .At(Place.Table, Pace.Marked(2 * a.Segments), "edges", ["marks"], ["rows"]),
            SetUp(a).At(Place.Machine, 5, "close-up", ["rows", "cloth"]),
            (a.Ask.Rows.IsOverThreads ? OverThreads(a, ruler) : Rows(a, ruler))
                .At(
                    Place.Machine,
                    Pace.Sewn(a.SewnFlat * a.RowOffsets.Count, a.Ask.StitchLength),
                    "close-up",
                    a.Ask.Rows.RowsRemoved > 0
                        ? ["rows", "rows-removed", "start"]
                        : ["rows", "start"],
                    ["seam"]
                )
                .Setting([$"stitch {ruler.Fine(a.Ask.StitchLength)}"]),
            PullHalf(a, ruler)
                .At(
                    Place.Hand,
                    Pace.Spread(a.Ask.FinishedEdge) / 2,
                    "gathered",
                    ["gathers"],
                    ["plain"]
                ),
            PullRest(a, ruler)
                .At(
                    Place.Hand,
                    Pace.Spread(a.Ask.FinishedEdge) / 2,
                    "gathered",
                    ["gathers"],
                    ["plain"]
                ),
            Pin(a, ruler).At(Place.Table, Pace.Marked(a.Segments), "gathered", ["marks", "plain"]),
            Seam(a, ruler)
                .At(Place.Machine, Pace.Seam(a.Ask.FinishedEdge), "close-up", ["seam"])
                .Setting(["stitch 2.5 mm", "tension normal"]),
            Look(a).At(Place.Hand, 2, "gathered", ["gathers"]),
            Finish(a)
                .At(
                    Place.Iron,
                    Pace.TakenOut(a.SewnFlat * a.Ask.Rows.RowsRemoved)
                        + Pace.Pressed(a.Ask.FinishedEdge),
                    "close-up",
                    a.Ask.Rows.RowsRemoved > 0 ? ["rows-removed", "seam"] : ["seam"]
                ),
        ];
        return steps;
    }

    private static SewingStep Mark(StripPlan a, Ruler ruler) =>
        new(
            "mark",
            "Mark both edges into sections",
            $"Divide both edges into {a.Segments}: a mark every {ruler.Mark(a.SegmentFlat)} on the {Called(a)}"
                + (
                    a.Ask.IsStretch ? ", from its first notch"
                    : a.Ask.Closed ? ", from a join"
                    : $", starting {ruler.Mark(a.Ask.EndAllowance)} from its end"
                )
                + $", and every {ruler.Mark(a.SegmentGathered)} on {a.Ask.Together.ToEdge("the plain edge")}. Measure each from the same end, by the table.",
            $"{ruler.Mark(a.SegmentFlat)} | {ruler.Mark(a.SegmentGathered)}",
            [
                $"Both edges have {(a.Ask.Closed ? a.Segments : a.Segments + 1)} marks.",
                "The last mark lies where the table says, to the width of the chalk.",
            ]
        );

    private static string Called(StripPlan a) => a.Ask.IsStretch ? "longer edge" : "strip";

    private static SewingStep SetUp(StripPlan a) =>
        new(
            "set-up",
            "Set the machine",
            a.Ask.Rows.IsOverThreads
                ? "Set everything as Machine settings says: a zigzag, tension normal. Draw out long threads from needle and bobbin before the first stitch."
                : "Set everything as Machine settings says: a long straight stitch, tension a step below normal, strong thread on the bobbin.",
            "handwheel",
            [
                "One full stitch turned by hand: the needle clears everything.",
                a.Ask.Rows.IsOverThreads
                    ? "On a test swatch the threads slide under the zigzag."
                    : "A row on a test swatch pulls up easily by its bobbin thread.",
            ],
            Safety.Needle
        );

    private static SewingStep Rows(StripPlan a, Ruler ruler)
    {
        var offsets = string.Join(", ", a.RowOffsets.Select(ruler.Mark));
        var runs =
            Runs.MarksPerRun(a) < a.Segments
                ? $" Break the rows at every {Runs.EveryMark(a)}."
                : "";
        return new(
            "rows",
            a.RowOffsets.Count switch
            {
                1 => "Sew the row",
                2 => "Sew two rows",
                _ => "Sew three rows",
            },
            $"Sew {(a.RowOffsets.Count == 1 ? "it" : "the rows")} {offsets} from the raw edge, on the right side, with {ruler.Mark(a.Ask.Tail)} tails at every end"
                + (
                    a.Ask.Closed ? "."
                    : a.Ask.IsStretch ? "; start and stop at the notches."
                    : $"; start and stop {ruler.Mark(a.Ask.EndAllowance)} short of the ends."
                )
                + runs,
            offsets,
            [
                a.RowOffsets.Count == 1
                    ? "It stays beside the seam line all the way."
                    : "Rows run side by side and never cross.",
                "No back-stitch at either end.",
                "All tails are long enough to wind round a finger.",
            ]
        );
    }

    private static SewingStep OverThreads(StripPlan a, Ruler ruler) =>
        new(
            "rows",
            "Zigzag over the threads",
            $"Draw needle and bobbin thread out to more than {ruler.Whole(a.SewnFlat + 2 * a.Ask.Tail)} and lay them along the line {ruler.Mark(a.RowOffsets[0])} from the "
                + $"raw edge. Zigzag {ruler.Fine(a.Ask.ZigzagWidth)} wide over them; fix one end.",
            ruler.Mark(a.RowOffsets[0]),
            [
                "The needle has caught neither thread: both slide.",
                "One end is knotted or wound round a pin.",
            ],
            Schools:
            [
                new(
                    "pulled afterwards",
                    "The threads lie slack, and all of it is pulled up once it is sewn: most even."
                ),
                new(
                    "held taut while it is sewn",
                    "Hold both threads taut before and behind the foot, and push what is sewn back along them: it gathers at once. Fix the end only when it measures what it should."
                ),
            ]
        );

    private static SewingStep PullHalf(StripPlan a, Ruler ruler) =>
        new(
            "pull-half",
            "Pull up half, and measure",
            (
                a.Ask.Rows.IsOverThreads
                    ? "Pull both threads together from the open end; the other is fixed. Push the gathers on to the middle mark. "
                : Runs.MarksPerRun(a) < a.Segments
                    ? "Pull up each part by its own bobbin threads, from the break to the next, up to the middle mark. "
                : "Pull the bobbin threads together from one end up to the middle mark. "
            )
                + (
                    a.Ask.IsStretch
                        ? "Spread it so that the last finger’s width before each notch stays flat, and what is over lies towards the top. Measure from mark to mark."
                        : "Spread the gathers and measure from mark to mark."
                ),
            ruler.Mark(a.SegmentGathered),
            [
                $"Each part measures {ruler.Mark(a.SegmentGathered)}.",
                $"Half the {Called(a)} measures {ruler.Mark(a.Ask.FinishedEdge / 2)}.",
            ],
            Schools: a.Ask.Rows.IsOverThreads
                ? []
                :
                [
                    new(
                        "the bobbin threads",
                        "They lie straight on the reverse, with the needle tension a step below normal: they slide best."
                    ),
                    new(
                        "the needle threads",
                        "They are seen, and found at once; only where the strong thread was in the needle."
                    ),
                ]
        )
        {
            Measure = new("half-way", "measured", "What does a pulled part measure, mark to mark?"),
        };

    private static SewingStep PullRest(StripPlan a, Ruler ruler) =>
        new(
            "pull-rest",
            "Pull up the rest",
            a.Ask.Rows.IsOverThreads
                    ? "Pull on from the same end until the whole measures what it should, and spread it from the fixed end. Knot the threads at the end that was pulled."
                : Runs.MarksPerRun(a) < a.Segments
                    ? "Pull up the parts that are left in the same way. Wind the tails at every break round a pin in a figure of eight; do not knot them yet."
                : "Pull from the other end, up to the middle. Wind the tails round a pin in a figure of eight; do not knot them yet.",
            ruler.Mark(a.Ask.FinishedEdge),
            [
                $"The whole measures {ruler.Mark(a.Ask.FinishedEdge)}.",
                "The gathers do not bunch at the marks.",
            ],
            Schools: a.Ask.Rows.IsOverThreads
                ?
                [
                    new(
                        "knotted",
                        "Needle and bobbin thread to each other at either end: sure, and taken out again by a snip."
                    ),
                    new(
                        "wound round a pin",
                        "In a figure of eight, until the seam holds it: nothing to cut."
                    ),
                    new(
                        "sewn across",
                        "A few stitches over both threads within the end allowance: they stay in."
                    ),
                ]
                :
                [
                    new(
                        "wound round a pin",
                        "In a figure of eight: it can still be let out or pulled on."
                    ),
                    new("knotted in pairs", "Nothing slips, and nothing can be changed any more."),
                ]
        );

    private static SewingStep Pin(StripPlan a, Ruler ruler) =>
        new(
            "pin",
            "Match the marks and pin",
            $"Lay it on {a.Ask.Together.ToEdge("the plain edge")}, right sides together, mark on mark, pins or clips at right angles to the edge; then spread {(a.Ask.IsStretch ? "the ease between them: a little more of it at the back than at the front" : "the gathers between them")}.",
            $"{(a.Ask.Closed ? a.Segments : a.Segments + 1)} marks",
            [
                $"Every mark meets its twin, {ruler.Mark(a.SegmentGathered)} apart.",
                "Raw edges lie level.",
            ]
        );

    private static SewingStep Seam(StripPlan a, Ruler ruler) =>
        new(
            "seam",
            "Sew on the seam line",
            $"Normal stitch and tension again. Sew {ruler.Mark(a.Ask.SeamAllowance)} from the raw edge, slowly, straightening the gathers with a pin or "
                + "the point of an awl as they come.",
            ruler.Mark(a.Ask.SeamAllowance),
            [
                "Stitch length and tension are back to normal.",
                "The seam stays on its line and does not wander off between the rows.",
            ],
            Schools: SideSchools,
            Caution: Safety.Pins
        );

    private static SewingStep Look(StripPlan a) =>
        new(
            "look",
            "Check the right side",
            "Turn it over and look along the whole seam before anything is trimmed.",
            "front",
            [
                "No tucks are caught in the seam.",
                "It is even from mark to mark.",
                a.Ask.IsStretch
                    ? "It is flat at the notches, and fullest towards the top."
                    : "The ends are as full as the middle.",
            ]
        );

    private static SewingStep Finish(StripPlan a) =>
        new(
            "finish",
            "Finish the seam",
            (
                a.Ask.Rows.RowsRemoved > 0
                    ? "Unpick the row below the seam line: cut it every few stitches and pull the bobbin thread. "
                    : ""
            )
                + (
                    a.Ask.IsStretch
                        ? "Lay the seam over a ham, hold steam over it, and shrink the fullness out with the tip of the iron, no further than the seam line. Then neaten the raw edges."
                        : "Neaten the raw edges, press the seam away from the gathers with the tip of the iron, topstitch if wanted."
                )
                + StripSteps.LowerEdgeStays(a),
            a.Ask.Rows.RowsRemoved > 0 ? "unpick 1 row" : "press",
            [
                "No gathering thread shows on the front.",
                a.Ask.IsStretch ? "No fold is left in it." : "The gathers are not pressed flat.",
            ],
            Safety.Iron
        );
}
