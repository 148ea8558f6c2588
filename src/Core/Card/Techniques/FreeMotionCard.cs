using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Drawer;
using static ZephyrReach.Core.Card.Techniques.Usual;

namespace ZephyrReach.Core.Card.Techniques;

/// <summary>Drawing with the needle.</summary>
internal static class FreeMotionCard
{
    internal static IReadOnlyList<Swatches.Look> HandLooks { get; } =
    [
        Right,
        Look(
            "long-angular",
            "long, angular stitches",
            "Corners where there should be curves.",
            Try("faster-machine", "Run the machine faster.", "Beginners run it too slow."),
            Try(
                "slower-hands",
                "Move your hands slower.",
                "The stitch is hand speed over machine speed."
            )
        ),
        Look(
            "builds-up",
            "thread builds up",
            "Tiny stitches, a knot, it breaks.",
            Try("quicker-hands", "Move your hands more quickly.", "The needle stays in one place."),
            Try("slower-machine", "Run the machine slower.", "Fewer stitches for the same way.")
        ),
        Look(
            "loops-below",
            "loops below",
            "A bird's nest on the reverse.",
            Try(
                "foot-down",
                "Put the foot down.",
                "It hovers even then; without it there is no tension."
            ),
            Try(
                "rethread",
                "Thread the needle again with the foot up.",
                "The thread was never in the discs."
            )
        ),
        Look(
            "dots-above",
            "dots of bobbin thread above",
            "The lower thread shows at every stitch.",
            Try(
                "looser-tension",
                "Loosen the needle tension half a step.",
                "It pulls the lower thread up."
            ),
            Try("same-thread", "Put the same thread above and below.", "Then it does not show.")
        ),
        Puckers,
        Skips,
    ];

    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "free-motion",
            Title = "free-motion stitching",
            Says = "Drawing, writing, filling and quilting, the cloth moved by hand.",
            FeedDogsDown = true,
            School = Wants.SchoolField(
                new Choice("line", "straight lines", "Drawing, writing, quilting."),
                new Choice(
                    "fill",
                    "zigzag fill",
                    "Slow hands give satin, quick hands an open scribble."
                )
            ),
            Feet =
            [
                new([FootKinds.OpenDarning], "It hovers, and the line can be seen."),
                new(
                    [FootKinds.Darning],
                    "It hovers; closed, it does not catch in loose texture.",
                    "The line is harder to see."
                ),
            ],
            BuyAlso = _ => "an open toe to see the line, a closed ring over texture",
            Stitch = ask =>
                ask.Wants.School == "fill"
                    ? new(
                        "zigzag",
                        "It fills as the hands move.",
                        null,
                        "Hand speed over machine speed.",
                        "by hand",
                        Mm(3),
                        Mm(1),
                        "As wide as the strokes are."
                    )
                    : new(
                        "straight",
                        "The needle draws.",
                        null,
                        "Hand speed over machine speed: aim at 2 mm.",
                        "by hand"
                    ),
            Tension = ask => ask.Wants.School == "fill" ? -1 : -0.5,
            TensionBecause = "Looser, because the thread is pulled from every side.",
            Point = Needle.Embroidery,
            Above = new("embroidery or cotton", "It is what is seen.", 15, 45),
            Below = new(
                "the same to begin with",
                "Then it does not show if the tension is off.",
                15,
                45
            ),
            Stabiliser = HoopOrStabiliser,
            Presser = new("foot down although it hovers", "That is what puts the tension on."),
            Speed = new(
                "brisk, hands slow",
                "The stitch length is hand speed divided by machine speed."
            ),
            Preparation = new(
                "bring the bobbin thread up, a few stitches on the spot, trim",
                "Nothing is then drawn in later."
            ),
            Checks =
            [
                "Stitches alike in curves and straights.",
                "Tidy on the reverse.",
                "Fingers stay outside the foot.",
            ],
            Alternatives =
            [
                new("in a hoop, drum-tight", "Single layers stay flat."),
                new("layers, basted", "Quilting needs no hoop; needle one size up."),
                new("elastic in the bobbin", "A puckered texture."),
            ],
            Instead =
                "Follow the line with the feed dogs up, a short stitch, and many small turns.",
            Looks = HandLooks,
        };
}
