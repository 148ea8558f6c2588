using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.PulledGathers;

/// <summary>The order of work, with the checks at the moments that matter.</summary>
internal static class SewingSteps
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

    public static IReadOnlyList<SewingStep> Of(Answer a, Ruler ruler)
    {
        List<SewingStep> steps = [Cut(a, ruler)];
        if (a.Joins > 0)
        {
            steps.Add(Join(a, ruler));
        }
        if (a.Ask.Doubled || a.Ask.HemAllowance > Length.Zero)
        {
            steps.Add(LowerEdge(a, ruler));
        }
        steps.Add(Mark(a, ruler));
        steps.Add(SetUp);
        steps.Add(a.Ask.Rows.IsOverThreads ? OverThreads(a, ruler) : Rows(a, ruler));
        steps.Add(PullHalf(a, ruler));
        steps.Add(PullRest(a, ruler));
        steps.Add(Pin(a, ruler));
        steps.Add(Seam(a, ruler));
        steps.Add(Look);
        steps.Add(Finish(a));
        return steps;
    }

    internal static SewingStep Cut(Answer a, Ruler ruler) =>
        new(
            "cut",
            a.StripCount == 1 ? "Cut the strip" : "Cut the strips",
            $"Cut {a.StripCount} {(a.StripCount == 1 ? "strip" : "strips, each")} {ruler.Cut(a.StripLength)} long and {ruler.Cut(a.Ask.CutDepth)} deep, "
                + $"{(a.Ask.Along ? "along the selvedge" : "across the cloth, from selvedge to selvedge")}.",
            $"{a.StripCount} × {ruler.Cut(a.StripLength)} × {ruler.Cut(a.Ask.CutDepth)}",
            [
                "The cut edge follows one thread of the cloth.",
                "All strips lie the same way up, for nap and print.",
            ],
            []
        );

    internal static SewingStep Join(Answer a, Ruler ruler) =>
        new(
            "join",
            a.Ask.Closed ? "Join them to a ring" : "Join the strips",
            $"Sew {a.Joins} {(a.Joins == 1 ? "join" : "joins")} with {ruler.Mark(a.Ask.JoinAllowance)} allowance and press them open.",
            a.Joins == 1 ? "1 join" : $"{a.Joins} joins",
            [
                a.Ask.Closed
                    ? $"The ring measures {ruler.Mark(a.SewnFlat)} round."
                    : $"The strip measures {ruler.Mark(a.SewnFlat + a.Ask.BothEnds)} from end to end.",
                "No strip is twisted, right sides all face one way.",
            ],
            [],
            Safety.Iron
        );

    internal static SewingStep LowerEdge(Answer a, Ruler ruler) =>
        a.Ask.Doubled
            ? new(
                "fold",
                "Fold it lengthwise",
                "Fold the strip along its length, wrong sides together, press, and baste the raw edges together.",
                ruler.Mark(a.Ask.CutDepth / 2),
                ["Both raw edges lie exactly on each other."],
                [],
                Safety.Iron
            )
            : new(
                "hem",
                "Hem the lower edge",
                $"Turn up {ruler.Mark(a.Ask.HemAllowance)}, press and stitch, while the strip is still flat.",
                ruler.Mark(a.Ask.HemAllowance),
                [
                    $"From the raw edge to the hem it measures {ruler.Mark(a.Ask.FinishedDepth + a.Ask.SeamAllowance)}.",
                ],
                [],
                Safety.Iron
            );

    private static SewingStep Mark(Answer a, Ruler ruler) =>
        new(
            "mark",
            "Mark both edges",
            $"Divide both edges into {a.Segments}: a mark every {ruler.Mark(a.SegmentFlat)} on the strip"
                + (
                    a.Ask.Closed
                        ? ", from a join"
                        : $", starting {ruler.Mark(a.Ask.EndAllowance)} from its end"
                )
                + $", and every {ruler.Mark(a.SegmentGathered)} on the plain edge. Measure each from the same end, by the table.",
            $"{ruler.Mark(a.SegmentFlat)} | {ruler.Mark(a.SegmentGathered)}",
            [
                $"Both edges have {(a.Ask.Closed ? a.Segments : a.Segments + 1)} marks.",
                "The last mark lies where the table says, to the width of the chalk.",
            ],
            []
        );

    private static SewingStep SetUp { get; } =
        new(
            "set-up",
            "Set the machine",
            "Set everything on the card: longest straight stitch, tension a step below normal, strong thread on the bobbin.",
            "hand wheel",
            [
                "One full stitch turned by hand: the needle clears everything.",
                "A row on a scrap pulls up easily by its bobbin thread.",
            ],
            [],
            Safety.Needle
        );

    private static SewingStep Rows(Answer a, Ruler ruler)
    {
        var offsets = string.Join(", ", a.RowOffsets.Select(ruler.Mark));
        var runs =
            Runs.MarksPerRun(a) < a.Segments
                ? $" Break the rows after every {Runs.MarksPerRun(a)} parts."
                : "";
        return new(
            "rows",
            $"Sew {(a.RowOffsets.Count == 2 ? "two" : "three")} rows",
            $"Sew the rows {offsets} from the raw edge, all on the right side, with {ruler.Mark(a.Ask.Tail)} tails at every end"
                + (
                    a.Ask.Closed
                        ? "."
                        : $"; start and stop {ruler.Mark(a.Ask.EndAllowance)} short of the ends."
                )
                + runs,
            offsets,
            [
                "Rows run side by side and never cross.",
                "No back-stitch at either end.",
                "All tails are long enough to wind round a finger.",
            ],
            []
        );
    }

    private static SewingStep OverThreads(Answer a, Ruler ruler) =>
        new(
            "rows",
            "Zigzag over the threads",
            $"Draw needle and bobbin thread out to more than {ruler.Mark(a.SewnFlat + 2 * a.Ask.Tail)} and lay them along the line {ruler.Mark(a.RowOffsets[0])} from the "
                + $"raw edge. Zigzag {ruler.Write(a.Ask.ZigzagWidth, LengthKind.Fine)} wide over them; fix one end.",
            ruler.Mark(a.RowOffsets[0]),
            [
                "The needle has caught neither thread: both slide.",
                "One end is knotted or wound round a pin.",
            ],
            []
        );

    private static SewingStep PullHalf(Answer a, Ruler ruler) =>
        new(
            "pull-half",
            "Pull up half, and measure",
            "Pull the bobbin threads together from one end up to the middle mark. Spread the gathers and measure from mark to mark.",
            ruler.Mark(a.SegmentGathered),
            [
                $"Each part measures {ruler.Mark(a.SegmentGathered)}.",
                $"Half the strip measures {ruler.Mark(a.Ask.FinishedEdge / 2)}.",
            ],
            [],
            TakesMeasure: true
        );

    private static SewingStep PullRest(Answer a, Ruler ruler) =>
        new(
            "pull-rest",
            "Pull up the rest",
            "Pull from the other end, up to the middle. Wind the tails round a pin in a figure of eight; do not knot them yet.",
            ruler.Mark(a.Ask.FinishedEdge),
            [
                $"The whole measures {ruler.Mark(a.Ask.FinishedEdge)}.",
                "The gathers do not bunch at the marks.",
            ],
            []
        );

    private static SewingStep Pin(Answer a, Ruler ruler) =>
        new(
            "pin",
            "Match marks and pin",
            "Right sides together, mark on mark, pins or clips at right angles to the edge; then spread the gathers between them.",
            $"{(a.Ask.Closed ? a.Segments : a.Segments + 1)} marks",
            [
                $"Every mark meets its twin, {ruler.Mark(a.SegmentGathered)} apart.",
                "Raw edges lie level.",
            ],
            []
        );

    private static SewingStep Seam(Answer a, Ruler ruler) =>
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
            SideSchools,
            Safety.Pins
        );

    private static SewingStep Look { get; } =
        new(
            "look",
            "Look at the front",
            "Turn it over and look along the whole seam before anything is trimmed.",
            "front",
            [
                "No tucks are caught in the seam.",
                "It is even from mark to mark.",
                "The ends are as full as the middle.",
            ],
            []
        );

    private static SewingStep Finish(Answer a) =>
        new(
            "finish",
            "Finish the seam",
            (
                a.Ask.Rows.RowsRemoved > 0
                    ? "Unpick the row below the seam line: cut it every few stitches and pull the bobbin thread. "
                    : ""
            )
                + "Neaten the raw edges, press the seam away from the gathers with the tip of the iron, topstitch if wanted.",
            a.Ask.Rows.RowsRemoved > 0 ? "unpick 1 row" : "press",
            ["No gathering thread shows on the front.", "The gathers are not pressed flat."],
            [],
            Safety.Iron
        );
}
