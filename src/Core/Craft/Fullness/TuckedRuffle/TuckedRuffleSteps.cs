using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.TuckedRuffle;

/// <summary>The order of work with a pleating attachment.</summary>
internal static class TuckedRuffleSteps
{
    public static IReadOnlyList<SewingStep> Of(TuckedRufflePlan a, Ruler ruler)
    {
        var edge = a.Ask.Strip.FinishedEdge;
        List<SewingStep> steps = [.. StripSteps.Of(a.Strips, ruler, isPulled: false)];
        if (a.Ask.Strip.Doubled)
        {
            steps.Add(
                new SewingStep(
                    "baste",
                    "Baste the raw edges",
                    $"Baste the two raw edges of the folded strip together, no further in than {ruler.Fine(a.Ask.GuideDepth)}: the basting goes into the guide slot with them.",
                    ruler.Fine(a.Ask.GuideDepth),
                    ["Both edges lie level all the way."],
                    Schools:
                    [
                        new(
                            "baste",
                            "Both layers feed as one, and neither slips out of the guide."
                        ),
                        new("overlock them together", "The same, and neatened; a little stiffer."),
                    ]
                )
            );
        }
        steps.Add(
            new SewingStep(
                "set-up",
                "Set the attachment",
                $"Stitches per pleat {DecimalText.Write(a.Ask.StitchesPerTuck)} stitches, stitch {ruler.Fine(a.Ask.Strip.StitchLength)}, "
                    + $"the arm pushing {ruler.Fine(2 * a.Ask.Depth)}; it rides on the needle clamp. Turn the depth screw until ten folds come out; tighter is deeper, and it has no numbers.",
                ruler.Fine(a.Ask.Depth),
                [
                    "One full fold turned by hand: arm and needle clear everything.",
                    $"Ten folds on a swatch measure {ruler.Fine(10 * a.Ask.Spacing)}, and take up {ruler.Fine(10 * (a.Ask.Spacing + 2 * a.Ask.Depth))} of what was flat: less is too shallow, more too deep.",
                ],
                Safety.Needle
            )
        );
        steps.Add(
            new SewingStep(
                "first-third",
                "Fold the first third, and measure",
                $"Mark the strip at {ruler.Mark(a.FlatEdge / 3)} from {(Plain(a) ? "where the folds begin" : "its start")}. Lay its {(a.Ask.Strip.Doubled ? "basted edges" : "raw edge")} in the guide slot, both threads under the foot. "
                    + (
                        Plain(a)
                            ? $"The first {ruler.Mark(a.Ask.Strip.EndAllowance)} with the lever at 0, plain; then at {DecimalText.Write(a.Ask.StitchesPerTuck)}. "
                            : ""
                    )
                    + "Sew slowly to the mark, stop with the needle down and measure what it became.",
                ruler.Mark(edge / 3),
                [
                    $"The first third measures {ruler.Mark(edge / 3)}.",
                    "Every fold caught all layers.",
                ]
            )
        );
        steps.Add(
            new SewingStep(
                "rest",
                "Fold the rest",
                "Sew on as the check said. The arm has to come back between two folds: never faster than half speed."
                    + (
                        Plain(a)
                            ? $" Once it measures {ruler.Mark(edge)}, put the lever at 0 and sew the end plain."
                            : ""
                    ),
                ruler.Mark(edge),
                [$"It reaches {ruler.Mark(edge)}, with some to trim."]
            )
        );
        var (ends, isRing) = (a.Ask.Strip.BothEnds, a.Ask.Strip.Closed);
        var left = edge + (isRing ? 2 * a.Ask.Strip.JoinAllowance : ends);
        steps.Add(
            new SewingStep(
                "trim",
                isRing ? "Trim, and close the loop" : "Trim to length",
                $"Cut off what is beyond {ruler.Mark(left)} between two folds, and secure the threads."
                    + (
                        isRing
                            ? $" Then sew the two ends together with {ruler.Mark(a.Ask.Strip.JoinAllowance)} allowance: the last join."
                        : ends > Length.Zero
                            ? $" {ruler.Mark(a.Ask.Strip.EndAllowance)} at either end is for its finish"
                                + (
                                    a.Ask.Strip.Doubled
                                        ? ": open the basting there, fold the end right sides together, sew across it, turn it out and press. Both ends are then closed."
                                        : "."
                                )
                        : ""
                    ),
                ruler.Mark(left),
                isRing
                    ?
                    [
                        $"The loop measures {ruler.Mark(edge)} round.",
                        "The folds at the join are whole.",
                    ]
                    : ["The last fold is whole."]
            )
        );
        steps.Add(
            new SewingStep(
                "seam",
                "Sew it on",
                $"Right sides together, folds all one way, sew on the folding line, {ruler.Mark(a.Ask.Strip.SeamAllowance)} from the raw edge.",
                ruler.Mark(a.Ask.Strip.SeamAllowance),
                ["No fold is caught the wrong way round."],
                Schools:
                [
                    new("folds towards you", "The foot runs down over them and turns none back."),
                    new("ruffle below", "The feed dogs carry it; look underneath often."),
                ],
                Caution: Safety.Pins
            )
        );
        steps.Add(
            new SewingStep(
                "finish",
                "Neaten and press",
                "Neaten the raw edges, press the seam away from the ruffle, and leave the folds round or press them sharp."
                    + StripSteps.LowerEdgeStays(a.Strips),
                "press",
                ["The folds all lie one way."],
                Schools:
                [
                    new("left round", "Soft, and stands out."),
                    new("pressed sharp", "Lies flat, like small pleats."),
                ],
                Caution: Safety.Iron
            )
        );
        var folded = Pace.Folded(edge, a.Ask.Strip.StitchLength);
        return [.. steps.Select(step => Seen(step, a, folded))];
    }

    /// <summary>Whether its ends are sewn plain.</summary>
    private static bool Plain(TuckedRufflePlan a) => a.Ask.Strip.BothEnds > Length.Zero;

    /// <summary>A step of the folding with its place, its time and its picture.</summary>
    private static SewingStep Seen(SewingStep step, TuckedRufflePlan a, double folded) =>
        step.Key switch
        {
            "baste" => step.At(
                Place.Machine,
                Pace.Sewn(a.Strips.SewnFlat, Length.FromMillimetres(4)),
                "layout",
                ["strips"]
            ),
            "set-up" => step.At(Place.Machine, 8, "folds", ["profile", "folds"]),
            "first-third" => step.At(
                Place.Machine,
                folded / 3 + 3,
                "folds",
                ["profile", "stitch"]
            ) with
            {
                Measure = FullnessGroups.Third,
            },
            "rest" => step.At(
                Place.Machine,
                folded * 2 / 3,
                "gathered",
                ["gathers"],
                ["plain", "marks"]
            ),
            "trim" => step.At(Place.Table, 3, "gathered", ["gathers"], ["plain", "marks"]),
            "seam" => step.At(
                Place.Machine,
                Pace.Seam(a.Ask.Strip.FinishedEdge),
                "gathered",
                ["plain", "gathers"]
            ),
            "finish" => step.At(
                Place.Iron,
                Pace.Pressed(a.Ask.Strip.FinishedEdge),
                "gathered",
                ["plain"]
            ),
            _ => step,
        };
}
