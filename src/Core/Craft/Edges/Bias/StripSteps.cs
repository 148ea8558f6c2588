using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Bias;

/// <summary>Cutting and joining the strips, whichever way they are cut.</summary>
internal static class StripSteps
{
    public static IEnumerable<SewingStep> Of(BiasCut cut, Ruler ruler) =>
        Joined(cut, ruler).Prepend(Cut(cut, ruler));

    private static SewingStep Cut(BiasCut cut, Ruler ruler)
    {
        var drawing = BiasDrawings.Of(cut);
        var all = string.Join("; ", cut.Pieces.Select(p => p.Says(ruler)));
        return new SewingStep(
            "cut",
            cut.Way == BiasFields.Continuous ? "Cut the square"
                : cut.Way == BiasFields.Corner ? "Cut the strip"
                : "Cut the strips",
            cut.Way switch
            {
                BiasFields.Continuous =>
                    $"Cut {all}, on the grain. Draw the slanted line from corner to corner, and cut along it.",
                BiasFields.FromRemnant =>
                    $"Cut {all} from the offcut, as they are on it: the longest first.",
                BiasFields.Corner =>
                    $"At a corner of the fabric measure {ruler.Cut(cut.Laid.ClothWidth)} across and {ruler.Cut(cut.Laid.ClothLength)} along, and cut {all} between the two, at {DecimalText.Write(cut.Angle, 0)}° to the selvedge. Its ends stay slanted.",
                _ =>
                    $"Cut {all}, {(cut.Angle == 90 ? "straight across" : $"at {DecimalText.Write(cut.Angle, 0)}° to the selvedge")}, from selvedge to selvedge. The ends stay as the selvedge cuts them: slanted.",
            },
            cut.Pieces.Count > 1 ? $"{cut.Pieces.Sum(p => p.Count)} pieces" : all,
            [
                cut.Way == BiasFields.Continuous
                    ? "All four sides follow a thread."
                    : $"Each strip is {ruler.Mark(cut.Width)} wide all along.",
            ]
        ).At(
            Place.Table,
            Pace.Cut(Math.Max(1, cut.Pieces.Sum(p => p.Count))),
            drawing,
            [drawing == BiasDrawings.Tube ? "slant" : "strips"]
        );
    }

    private static IEnumerable<SewingStep> Joined(BiasCut cut, Ruler ruler)
    {
        if (cut.Way == BiasFields.Continuous)
        {
            yield return new SewingStep(
                "join",
                "Join the halves, draw the lines",
                $"Sew two straight sides together, right sides facing, with {ruler.Mark(cut.Join)} allowance, and press the seam open. On the slanted piece draw lines {ruler.Mark(cut.Width)} apart, along the slant.",
                $"lines {ruler.Mark(cut.Width)} apart",
                [
                    "It is a slanted piece with two long bias edges.",
                    "The last line leaves less than a strip: cut that off.",
                ],
                Safety.Iron
            ).At(Place.Machine, 8, BiasDrawings.Tube, ["lines"]);
            yield return new SewingStep(
                "tube",
                "Sew the tube, cut it round",
                $"Bring the other two straight sides together, one line further on, so that the first line meets the second; sew with {ruler.Mark(cut.Join)} allowance. Then cut along the line, round and round: {ruler.Whole(cut.Required)}.",
                ruler.Whole(cut.Required),
                [
                    "One strip’s width stands out at either end of the seam.",
                    "Every line meets the next at the seam, not at the raw edge.",
                ],
                Safety.Pins
            ).At(
                Place.Machine,
                6 + 2 * cut.Required.Millimetres / 1000,
                BiasDrawings.Tube,
                ["strips"]
            );
            yield break;
        }
        var joins = cut.Taken.Joins;
        if (joins == 0)
        {
            yield break;
        }
        yield return new SewingStep(
            "join",
            "Join the strips",
            $"Lay two ends at a right angle, right sides facing, and sew across on the slant with {ruler.Mark(cut.Join)} allowance: {joins} {(joins == 1 ? "join" : "joins")}. Press them open and cut the corners off.",
            joins == 1 ? "1 join" : $"{joins} joins",
            [
                $"Joined they measure {ruler.Whole(cut.Required)} or more.",
                "At the join the raw edges run on without a step.",
            ],
            Safety.Iron
        ).At(Place.Machine, 3 * joins, BiasDrawings.Of(cut), ["strips"]);
    }
}
