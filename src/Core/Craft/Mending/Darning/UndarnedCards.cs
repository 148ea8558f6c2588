using ZephyrReach.Core.Card;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>What is set where a darn does not serve.</summary>
internal static class UndarnedCards
{
    /// <summary>A seam whose thread gave.</summary>
    public static CardTechnique Seam { get; } =
        new()
        {
            Name = "seam-again",
            Title = "sewing a seam again",
            Says =
                "The fabric is whole and the thread gave: the seam is sewn once more, past both ends.",
            Feet =
            [
                AllPurpose("An ordinary seam."),
                new([FootKinds.Straight], "It holds the fabric on both sides of the needle."),
            ],
            Stitch = _ =>
                new(
                    "straight",
                    "As the seam was sewn.",
                    Mm(2.5),
                    "2.5 mm; shorter where it strains."
                ),
            TensionBecause = "An ordinary seam.",
            Above = new(
                "strong, in the fabric's colour",
                "It carries what the old one did not.",
                15,
                40
            ),
            Preparation = new(
                "pick out what is loose, until both ends hold",
                "New stitches over old loops do not lie."
            ),
            Checks = ["It runs along the old line.", "Both ends lie over sound stitches."],
            Alternatives =
            [
                new("back-stitch by hand", "Where the machine does not reach: a lining, a pocket."),
            ],
            Instead = "Back-stitch it by hand.",
            LookedFor = ["puckers", "skips", "loops-below"],
        };

    /// <summary>A sheer or loosely woven cloth, which no machine mends unseen.</summary>
    public static CardTechnique Hand { get; } =
        Seam with
        {
            Name = "mending-by-hand",
            Title = "mending by hand",
            Says = "Thread by thread, over one and under one.",
            ByHand =
            [
                new(
                    "needle",
                    "Needle",
                    "fine, with a round point",
                    "",
                    "It goes between the threads, and splits none."
                ),
                new(
                    "needle-thread",
                    "Thread",
                    "drawn out of the same fabric",
                    "",
                    "From a seam allowance or a hem: it is not seen."
                ),
                new(
                    "preparation",
                    "Preparation",
                    "lay it flat over something smooth",
                    "",
                    "Then nothing is pulled together."
                ),
            ],
            Checks = ["The hole keeps its shape.", "No thread pulls."],
            Alternatives = [],
            Instead = "Mend it by hand.",
        };
}
