using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Drawer;
using static ZephyrReach.Core.Card.Techniques.Usual;

namespace ZephyrReach.Core.Card.Techniques;

/// <summary>Shapes sewn onto a ground.</summary>
internal static class AppliqueCard
{
    private const string Satin = "satin";
    private const string Turned = "turned";

    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "applique",
            Title = "appliqué",
            Says = "A shape sewn onto a ground round its edge.",
            Fields = [Wants.StitchLengthField, Wants.StitchWidthField],
            School = Wants.SchoolField(
                new Choice("blanket", "blanket stitch", "Fused raw edge: soft and quick."),
                new Choice(
                    Satin,
                    "satin stitch",
                    "Firm and durable; stabiliser and a lighter fusible."
                ),
                new Choice(
                    Turned,
                    "turned edge",
                    "No raw edge, most work; a narrow, invisible zigzag."
                )
            ),
            Dense = true,
            Feet =
            [
                new([FootKinds.OpenToe], "The edge can be seen as it comes."),
                new(
                    [FootKinds.Satin],
                    "Its hollow lets the stitches pass.",
                    "The edge is hidden by its front: slower round curves."
                ),
                new(
                    [FootKinds.AllPurpose],
                    "It will do for an open stitch.",
                    "It presses dense stitches and hides the edge."
                ),
            ],
            Rank = (_, foot) => foot.Relief is { } relief ? -relief.Millimetres : 0,
            Stitch = ask =>
                ask.Wants.School switch
                {
                    Satin => new(
                        "satin: a close zigzag",
                        "It covers the raw edge.",
                        ask.Wants.StitchLength ?? Mm(0.35),
                        "0.35 mm: the threads lie side by side, and still feed.",
                        "",
                        ask.Wants.StitchWidth ?? Mm(3),
                        Mm(2.5),
                        "2.5 to 4 mm: wider holds more, narrower turns tighter."
                    ),
                    Turned => new(
                        "narrow zigzag",
                        "One swing on the shape, one beside it: hardly seen.",
                        ask.Wants.StitchLength ?? Mm(1.5),
                        "Short enough to hold the fold.",
                        "",
                        ask.Wants.StitchWidth ?? Mm(1),
                        Mm(0.8),
                        "As narrow as still catches the fold."
                    ),
                    _ => new(
                        "blanket",
                        "Straight along the edge, a bite into the shape.",
                        ask.Wants.StitchLength ?? Mm(2.8),
                        "2.5 to 3 mm; a tenth more or less lands a stitch in the corner.",
                        "",
                        ask.Wants.StitchWidth ?? Mm(2.5),
                        Mm(2),
                        "2 to 3.5 mm: the bite has to hold the shape."
                    ),
                },
            Tension = ask => ask.Wants.School == Satin ? -1 : -0.5,
            TensionBecause = "Looser above: the bobbin thread stays below, and the edge lies flat.",
            Point = Needle.Embroidery,
            Above = new("cotton or embroidery", "It is what is seen.", 15, 40),
            Below = new("fine bobbin thread", "It makes no ridge below.", 5, 18),
            Bulky = _ => false,
            BuildUp = ask => ask.Wants.School == Satin ? Mm(1) : null,
            Stabiliser = ForDense,
            Position = new(
                "at the side, straight part just outside the edge",
                "The bite goes into the shape."
            ),
            Presser = new(
                "needle stop down",
                "Outside on a convex curve, inside on a concave one: lift, turn a little, go on."
            ),
            Speed = new("medium, slow in curves", "Every turn is a stop."),
            Preparation = new(
                "trace mirrored, fuse, cut, peel, place, fuse",
                "What is traced on the paper comes out mirrored."
            ),
            Checks =
            [
                "A stitch lands in the corner.",
                "The straight part runs just outside the edge.",
                "The ground lies flat.",
            ],
            Alternatives =
            [
                new("fused raw edge, blanket stitch", "Soft, quick."),
                new("satin stitch", "Firm, durable; needs stabiliser and a lighter fusible."),
                new("turned edge, invisible zigzag", "No raw edge; most work."),
            ],
            Instead = "Sew close to the edge with a short straight stitch, twice round.",
            Looks =
            [
                Right,
                Look(
                    "misses-corner",
                    "misses the corner",
                    "No stitch lands in it.",
                    Try(
                        "tenth",
                        "Change the stitch length by a tenth of a millimetre.",
                        "The side is then a whole number of stitches."
                    ),
                    Try(
                        "wheel",
                        "Turn the last two stitches by hand.",
                        "The foot can be lifted between them."
                    )
                ),
                Look(
                    "off-edge",
                    "off the edge",
                    "The straight part runs into the shape or away from it.",
                    Try("turn-oftener", "Stop and turn oftener.", "A curve is many small turns."),
                    Try("open-toe", "Use the open-toe foot.", "The edge can be seen.")
                ),
                Tunnels,
                LoopsAbove,
                Puckers,
            ],
        };
}

/// <summary>A darn that the machine makes by itself.</summary>
internal static class ProgrammedDarningCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "darning-programmed",
            Title = "darning, by program",
            Says = "The machine goes back and forth over a small hole and ties off.",
            NeedsProgram = true,
            Dense = true,
            Feet = [new([FootKinds.Buttonhole], "It measures the length of the block.")],
            BuyAlso = _ => "a slide that measures the length",
            Stitch = ask =>
                new(
                    "darning program",
                    "Lines side by side, back and forth.",
                    null,
                    "The program has its own; the foot sets how long the block is.",
                    "as the program",
                    ask.Machine.Is.WidestStitch is { } widest
                        ? Measures.Length.Min(widest, Mm(7))
                        : Mm(6),
                    Mm(3),
                    "As wide as the machine goes: larger holes take several overlapping blocks."
                ),
            TensionBecause = "The program is made for it.",
            Above = new("fine, in the cloth's colour", "The nearest colour disappears.", 10, 30),
            Below = new("the same", "Both sides lie open.", 10, 30),
            Stabiliser = _ =>
                new(
                    "fusible interfacing behind, larger than the tear",
                    "Stitches across nothing do not hold."
                ),
            Speed = new("medium, steady", "Let the program run to its end."),
            Preparation = new(
                "measure the tear; needle down a little before it",
                "The block begins in sound cloth."
            ),
            Checks = ["It begins and ends in sound cloth.", "The thread disappears in the cloth."],
            Alternatives =
            [
                new("free-motion darning", "Any size and shape; feed dogs down."),
                new(
                    "a patch",
                    "Large holes, or under strain; stretch cloth wants a patch that stretches."
                ),
            ],
            Instead = "Darn free-motion: feed dogs down, a darning foot, the cloth in a hoop.",
            Looks =
            [
                Right,
                Look(
                    "short",
                    "does not reach",
                    "The block ends in the hole.",
                    Try(
                        "longer-block",
                        "Set the foot longer, or sew a second block that overlaps.",
                        "It has to end in sound cloth."
                    )
                ),
                Look(
                    "slants",
                    "slants",
                    "The lines run askew.",
                    Try(
                        "balance",
                        "Use the program's balance.",
                        "Forward and back are not alike on this cloth."
                    ),
                    Try(
                        "backing",
                        "Fuse something firmer behind.",
                        "The cloth gives under the foot."
                    )
                ),
                Puckers,
                LoopsBelow,
            ],
        };
}

/// <summary>Darning guided by hand.</summary>
internal static class FreeDarningCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "darning-free-motion",
            Title = "darning, free-motion",
            Says = "Even lines back and forth, a quarter turn, the same again.",
            FeedDogsDown = true,
            Feet =
            [
                new(
                    [FootKinds.Darning],
                    "It hovers, and its closed ring does not catch in loose threads."
                ),
                new(
                    [FootKinds.OpenDarning],
                    "It hovers, and shows the line.",
                    "Its open toe can catch in a loop."
                ),
            ],
            BuyAlso = _ => "an arm only if the needle clamp has a screw to ride on",
            Stitch = _ =>
                new(
                    "straight",
                    "Your hands draw the lines.",
                    null,
                    "Hand speed over machine speed: aim at 2 mm.",
                    "by hand"
                ),
            Tension = _ => -0.5,
            TensionBecause = "Half a step looser, because the cloth changes direction.",
            Above = new("fine, in the cloth's colour", "The nearest colour disappears.", 10, 30),
            Below = new("the same", "Both sides lie open.", 10, 30),
            Stabiliser = _ =>
                new(
                    "fusible interfacing behind, in a hoop",
                    "Stitches across nothing do not hold."
                ),
            Presser = new("foot down although it hovers", "That is what puts the tension on."),
            Speed = new(
                "brisk, hands slow",
                "A slow machine with quick hands makes long, angular stitches."
            ),
            Preparation = new(
                "bring the bobbin thread up, a few stitches on the spot, trim",
                "Nothing is then drawn in later."
            ),
            Checks =
            [
                "The lines reach into sound cloth all round.",
                "Small turns at the ends, no knots.",
            ],
            Alternatives = [new("by program", "Small holes; the machine ties off by itself.")],
            Instead = "Patch it, or darn by hand over an egg.",
            Looks = FreeMotionCard.HandLooks,
        };
}

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
