using ZephyrReach.Core.Card;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Fullness.TuckedRuffle;

/// <summary>Small even folds made by the pleating attachment.</summary>
internal static class TuckedRuffleCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "tucked-ruffle",
            Title = "pleated ruffle",
            Says = "An arm pushes a small pleat under the needle every so many stitches.",
            Fields = [Wants.EveryField, Wants.StitchLengthField],
            Feet =
            [
                new(
                    [FootKinds.Pleating],
                    "Its arm rides on the needle clamp and pushes the folds."
                ),
            ],
            BuyAlso = _ => "an arm that reaches this machine's needle clamp",
            Stitch = ask =>
                new(
                    "straight",
                    "Each fold is held by the stitches up to the next.",
                    ask.Wants.StitchLength ?? Mm(2.5),
                    "2.5 to 3 mm: with the interval it sets how close the folds lie."
                ),
            TensionBecause = "The arm makes the fullness, not the thread.",
            Bulky = _ => true,
            Speed = Setting.HalfSpeed("The arm has to come back between two folds."),
            PressureBecause = "The blades have to slide.",
            Preparation = new(
                "baste the raw edges together",
                "Both layers then feed as one, and neither slips out of the guide."
            ),
            More = ask =>
                [
                    new CardLine(
                        "every",
                        "Stitches per pleat",
                        ask.Wants.Every is 1 ? "1 stitch" : $"{ask.Wants.Every ?? 6} stitches",
                        "",
                        "Every stitch for a full ruffle, every 6 for an even one, every 12 for folds apart. Slot 0 sews plain: for the ends."
                    ),
                    new CardLine(
                        "depth",
                        "Depth screw",
                        "tighter is deeper",
                        "",
                        "The screw sets how much the arm pushes, and has no numbers: ten folds on a swatch say how deep it stands."
                    ),
                    new CardLine(
                        "guide",
                        "Strip",
                        "its basted edge in the guide slot",
                        "",
                        "Only what lies in the slot is folded evenly; both threads lie under the foot."
                    ),
                ],
            Checks =
            [
                "The arm rides on the clamp screw all the way round.",
                "Measure ten folds flat and sewn.",
            ],
            Alternatives = [new("cut longer and trim", "Nothing can be pulled to fit afterwards.")],
            Instead = "Fold and press small pleats by hand, or gather by pulled threads.",
            LookedFor = ["not-full-enough", "too-full", "uneven", "slipped", "skips"],
        };
}
