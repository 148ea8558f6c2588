using ZephyrReach.Core.Card;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>Tucks that are folded on their line and sewn beside the fold, with one needle.</summary>
internal static class FoldedTucksCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "folded-tucks",
            Title = "folded tucks",
            Says = "Each is folded on its line and sewn at one distance from the fold.",
            Fields = [Wants.StitchLengthField],
            Feet =
            [
                AllPurpose("It lies flat on the fold, and its edge keeps the distance."),
                new(
                    [FootKinds.Straight],
                    "Its narrow edge follows a fold closely.",
                    "It takes the straight stitch alone."
                ),
            ],
            Stitch = ask =>
                new(
                    "straight",
                    "One even line beside the fold.",
                    ask.Wants.StitchLength ?? Mm(2.2),
                    "2 to 2.5 mm: it holds the fold, and is hardly seen."
                ),
            TensionBecause = "A flat fold is an ordinary seam.",
            Speed = new("medium, steady", "Watch the fold, not the needle."),
            Preparation = new(
                "press every fold on its line",
                "A sharp fold is what the distance is measured from."
            ),
            Checks =
            [
                "The stitching runs at one distance from the fold.",
                "After a few tucks: measure, and re-space the rest.",
            ],
            Alternatives =
            [
                new(
                    "a line on the needle plate",
                    "The fold runs along it: as even as the eye; no foot is in the way."
                ),
                new("a guide bar or a magnet on the plate", "The fold cannot wander past it."),
                new(
                    "pintucks with a twin needle",
                    "Finer and round; they stand by the thread alone."
                ),
            ],
            Instead = "Sew them with any machine that makes a straight stitch.",
            LookedFor = ["uneven", "puckers", "skips"],
        };
}
