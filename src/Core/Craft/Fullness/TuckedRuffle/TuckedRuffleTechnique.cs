using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;

namespace ZephyrReach.Core.Craft.Fullness.TuckedRuffle;

/// <summary>A ruffle in small folds, as the rest of the program knows it.</summary>
public static class TuckedRuffleTechnique
{
    public static Technique Technique { get; } =
        new()
        {
            Name = "tucked-ruffle",
            Title = "pleated ruffle",
            Short = "Small folds",
            Also = ["ruffler", "pleating attachment", "pleater", "frill", "ruffle"],
            Kin = Category.Fullness,
            Says =
                "The ruffler’s arm pushes a small pleat under the needle every so many stitches.",
            Cards = [TuckedRuffleCard.Technique],
            Process = new()
            {
                Begin = "Pleated ruffle",
                Mark = InShort.Mark("Small even folds, all one way.", 1.8, 14, 11),
                Forward = new Calculation(
                    "",
                    "What to cut, and how the attachment is set",
                    TuckedRuffleFields.All,
                    TuckedRuffleFigures.All,
                    TuckedRuffleExample.All,
                    TuckedRuffleCalculator.Straight
                ),
                Inverses =
                [
                    TuckedRuffleInverses.FromCloth,
                    SwatchForm.For(
                        TuckedRuffleCard.Technique.Looks,
                        countsSteamed: false,
                        canPlan: true,
                        PleatDepth.Own
                    ),
                    TuckedRuffleInverses.HalfWay,
                ],
                Groups =
                [
                    FullnessGroups.Strip,
                    new(
                        Asking.Machine,
                        "",
                        "closed",
                        "doubled",
                        "stitchesPerTuck",
                        "stitchLength",
                        "fullness",
                        "tuckDepth",
                        "maxTuckDepth"
                    ),
                    new(
                        Asking.Folded,
                        "Fabric",
                        "clothWidth",
                        "clothAtHand",
                        "clothThickness",
                        "cut",
                        "stripsAlong"
                    ),
                    new(
                        Asking.Folded,
                        "Joining and seam allowances",
                        "trimAllowance",
                        "joinAllowance",
                        "endAllowance",
                        "plainThickness",
                        "tail",
                        "guideDepth",
                        "assurance"
                    ),
                    FieldGroup.Alike,
                ],
                First = FullnessGroups.Edge,
                Either = ["fullness", "tuckDepth"],
                Allows =
                [
                    new(
                        "fullness-from-cloth",
                        "clothAtHand",
                        "fullness",
                        "a fullness of",
                        "fullness",
                        "fullness",
                        "tuckDepth"
                    ),
                ],
                Quality = new("quite even, in small folds", false),
                AsWay = FoldedWay.AsWay,
                Cautions = Safety.Gathers,
                Uses = ["foot", "thread"],
                Swatch = SwatchForm.Measured(sewn: "Folded") with
                {
                    Drawn = null,
                    Features = PleatDepth.Features,
                    Knobs = PleatDepth.Knobs,
                    Teaches = [PleatDepth.Lesson],
                    Sample = PleatDepth.Sample,
                },
                Compare = (then, now, ruler) =>
                    SinceCut.Between(
                        ((TuckedRufflePlan)then).Strips,
                        ((TuckedRufflePlan)now).Strips,
                        ruler
                    ),
            },
        };
}
