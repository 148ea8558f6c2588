using ZephyrReach.Core.Card;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>A cord laid on the surface and held by a zigzag.</summary>
internal static class CouchingCard
{
    /// <summary>Free on either side of the cord.</summary>
    private static readonly Length Clear = Mm(0.5);

    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "couching",
            Title = "couched cord",
            Says = "A cord or yarn laid along a line and held by a zigzag.",
            Fields =
            [
                Wants.CordField,
                Wants.StitchLengthField,
                Wants.StitchWidthField,
                Wants.BehindField,
            ],
            Feet =
            [
                new([FootKinds.Cording], "Its hole leads the cord under the needle."),
                new(
                    [FootKinds.Satin],
                    "Its hollow lets the cord pass.",
                    "Feed the cord through a short tube taped in front of the foot."
                ),
                new(
                    [FootKinds.OpenToe],
                    "The cord can be seen.",
                    "Guide the cord with a finger or a tube."
                ),
            ],
            // A hole that the cord does not go through is no help.
            Rank = (ask, foot) =>
                foot.CordHole is { } hole
                && hole.Millimetres > 0
                && hole < (ask.Wants.Cord ?? Mm(2))
                    ? 1
                    : 0,
            BuyAlso = ask => $"a hollow or tunnel for {Fit.Say.Mm(ask.Wants.Cord ?? Mm(2))}",
            Stitch = ask =>
            {
                // The cord, air on both sides, and the blade: rounded up to the half millimetres of a dial.
                var width =
                    ask.Wants.StitchWidth
                    ?? Rounding.Up((ask.Wants.Cord ?? Mm(2)) + 2 * Clear + Mm(0.9), Mm(0.5));
                return new(
                    "zigzag",
                    "It goes from one side of the cord to the other.",
                    ask.Wants.StitchLength ?? Mm(3.2),
                    "3 to 3.5 mm: the cord is held, and still seen.",
                    "",
                    width,
                    width,
                    "The cord and half a millimetre free on both sides: the needle falls beside it, never into it."
                );
            },
            Tension = _ => -1,
            TensionBecause =
                "A step looser: a tight zigzag bites into the cord and pulls the base fabric up.",
            Above = new(
                "ordinary or invisible, in the cord's colour",
                "It should not be seen on the cord.",
                10,
                35
            ),
            BuildUp = ask => ask.Wants.Cord ?? Mm(2),
            Stabiliser = ask =>
                ask.Wants.Behind is { } behind
                    ? new(behind, "As the plan says for this base fabric.")
                    : ForThin(ask),
            Presser = new(
                "needle down on the inside of the curve, lift, turn a little",
                "Two or three stitches, then turn again; a sharp corner is one pivot."
            ),
            Speed = new(
                "medium, slow in curves",
                "The cord must not be pulled: it springs back and the base fabric buckles."
            ),
            Preparation = new(
                "draw the path; leave the first bit unsewn if the ends meet",
                "The ends are cut to a slant and overlapped."
            ),
            Checks =
            [
                "By handwheel: the needle falls clear on both sides.",
                "The base fabric lies flat behind the cord.",
            ],
            Alternatives =
            [
                new("cord through the foot's hole", "Both hands free for the fabric."),
                new("through a tube taped in front", "Any foot with a hollow sole; any cord."),
                new("a rolled strip of knit", "Soft and cheap; cut it evenly, never stretch it."),
            ],
            Instead = "Couch it by hand with small stitches across.",
            LookedFor =
            [
                "pierced",
                "cord-missed",
                "stands-off",
                "buckles",
                "hides-cord",
                "ridges",
                "puckers",
            ],
        };
}
