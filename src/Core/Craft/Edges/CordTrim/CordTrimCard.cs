using ZephyrReach.Core.Card;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Edges.CordTrim;

/// <summary>Ready-made cord with a flange, in a seam.</summary>
internal static class CordTrimCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "cord-trim",
            Title = "cord trim (with lip)",
            Says = "A twisted cord with a flange in a seam: held first, then sewn closer.",
            Fields = [Wants.CordField, Wants.StitchLengthField],
            Feet =
            [
                new(
                    [FootKinds.Piping, FootKinds.Cording],
                    "Narrow, with a groove: soft trim follows it round corners."
                ),
                new(
                    [FootKinds.Zipper],
                    "It passes where stiff trim leaves no room for a groove.",
                    "Two passes: one to hold, a second closer."
                ),
            ],
            BuyAlso = ask => $"a groove at least {Fit.Say.Mm(ask.Wants.Cord ?? Mm(6))} wide",
            Stitch = ask =>
                new(
                    "straight",
                    "It lies along the cord, in the flange.",
                    ask.Wants.StitchLength ?? Mm(3),
                    "3 mm: short stitches pucker a thick seam."
                ),
            TensionBecause = "An ordinary seam beside a cord.",
            Bulky = _ => true,
            BuildUp = ask => ask.Wants.Cord ?? Mm(6),
            Offset = Mm(1),
            Position = new(
                "towards the cord; nearer at the second pass",
                "So that the flange does not show."
            ),
            Presser = new("needle stop down at corners", "Snip the flange, turn, go on."),
            Speed = new(
                "slow over the join",
                "All strands of both ends lie there: turn the wheel by hand."
            ),
            Preparation = new(
                "tape round every end before it is cut",
                "A cut end unlays itself at once."
            ),
            More = _ =>
                [
                    new CardLine(
                        "sides",
                        "Right side",
                        "the side without the stitches of the flange",
                        "",
                        "Trim has a right side: the flange is sewn on from behind."
                    ),
                    new CardLine(
                        "glide",
                        "Lubricant",
                        "a touch on needle and foot where the trim sticks",
                        "",
                        "Only with the window open, and away from heat and flame."
                    ),
                ],
            Checks = ["The flange does not show.", "The twist runs on over the join."],
            Alternatives =
            [
                new("self-made piping", "Its covering matches; strips must be cut."),
                new("cord sewn on by hand", "No flange and no foot; slower, and it shows."),
            ],
            Instead = "Sew it with a zipper foot on a lockstitch machine.",
            LookedFor = ["flange-shows", "corner-flat", "join-lumpy", "puckers", "skips"],
        };
}
