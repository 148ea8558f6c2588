using ZephyrReach.Core.Drawer;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Card.Techniques.Usual;

namespace ZephyrReach.Core.Card.Techniques;

/// <summary>A covered cord in a seam.</summary>
internal static class PipingCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "piping",
            Title = "piping",
            Says = "A covered cord in a seam: three lines of stitching, each nearer to the cord.",
            Fields = [Wants.CordField, Wants.StitchLengthField],
            Feet =
            [
                new([FootKinds.Piping], "The cord runs in its groove, and the needle beside it."),
                new(
                    [FootKinds.Zipper],
                    "The needle comes close to the cord.",
                    "Nothing guides the cord: keep it against the foot by hand."
                ),
            ],
            BuyAlso = ask => $"a groove at least {Fit.Say.Mm(ask.Wants.Cord ?? Mm(4))} wide",
            Stitch = ask =>
                new(
                    "straight",
                    "It lies along the cord.",
                    ask.Wants.StitchLength ?? Mm(2.5),
                    "2.5 mm; the first, basting line 3.5."
                ),
            TensionBecause = "An ordinary seam beside a cord.",
            Bulky = _ => true,
            BuildUp = ask => ask.Wants.Cord ?? Mm(4),
            Offset = Mm(1),
            Position = new(
                "towards the cord, a little more at each line",
                "So that no earlier line shows."
            ),
            Presser = new("needle stop down at curves", "Clip the flange, turn, go on."),
            Speed = new(
                "medium, slow over the joins",
                "Joins of the covering are thick: turn the wheel by hand there."
            ),
            Preparation = new(
                "bias strips, joined on the slant",
                "Bias turns corners; the slant spreads the thickness."
            ),
            More = _ =>
                [
                    new CardLine(
                        "passes",
                        "Lines",
                        "1 mm, then ½ mm, then close to the cord",
                        "",
                        "Wrap, apply, close: each hides the last."
                    ),
                    new CardLine(
                        "corners",
                        "Corners",
                        "rounded, the flange clipped",
                        "",
                        "A square corner cannot be turned with a cord."
                    ),
                ],
            Checks = ["No earlier line shows.", "The cord does not twist in its covering."],
            Alternatives =
            [
                new(
                    "ready-made trim with a flange",
                    "Start in the middle of a side; unlay and overlap the plies at the join."
                ),
                new("straight-grain strips", "Only for straight edges, or for very fine cord."),
            ],
            Instead = "Sew it with a zipper foot on a lockstitch machine.",
            Looks =
            [
                Right,
                Look(
                    "line-shows",
                    "an earlier line shows",
                    "Stitches beside the cord can be seen.",
                    Try(
                        "needle-over",
                        "Move the needle half a millimetre to the cord.",
                        "Each line has to be nearer than the last."
                    ),
                    Try("other-foot", "Use the zipper foot for the last line.", "It comes closer.")
                ),
                Look(
                    "corner-pulls",
                    "pulls at corners",
                    "The corner is tight or square.",
                    Try(
                        "clip",
                        "Clip the flange to the stitching.",
                        "It has to open round the corner."
                    ),
                    Try("rounder", "Round the corner more.", "The cord needs a curve.")
                ),
                Look(
                    "twists",
                    "the covering twists",
                    "Slanting wrinkles round the cord.",
                    Try("true-bias", "Cut the strips at exactly 45°.", "Off the bias they twist."),
                    Try(
                        "hold-layers",
                        "Hold both layers taut behind the foot.",
                        "The upper one is pushed on."
                    )
                ),
                Skips,
            ],
        };
}

/// <summary>A very fine piping made in a groove.</summary>
internal static class FinePipingCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "fine-piping",
            Title = "fine piping in a groove",
            Says =
                "A twisted double thread covered in the groove of a tuck foot, and applied with the same groove.",
            Fields = [Wants.CordField],
            Feet =
            [
                new(
                    [FootKinds.Pintuck],
                    "The same groove makes it and applies it, so it stays one width."
                ),
            ],
            Rank = (ask, foot) =>
                Math.Abs(
                    (foot.GrooveWidth ?? Mm(9)).Millimetres - (ask.Wants.Cord ?? Mm(1)).Millimetres
                ),
            BuyAlso = ask => $"a groove at least {Fit.Say.Mm(ask.Wants.Cord ?? Mm(1))} wide",
            Stitch = _ =>
                new(
                    "straight",
                    "Close beside the thread.",
                    Mm(2),
                    "2 mm: short, because it turns tight curves."
                ),
            TensionBecause = "An ordinary seam.",
            BuildUp = ask => ask.Wants.Cord ?? Mm(1),
            Position = new(
                "just beside the groove",
                "The thread lies in the groove, the needle at its wall."
            ),
            Speed = new("half", "A fine edge shows every wobble."),
            Preparation = new(
                "twist a double thread; bias strip of a fine weave",
                "The covering must be no thicker than the thread."
            ),
            Checks =
            [
                "It is one width all along.",
                "The needle falls beside the thread, never into it.",
            ],
            Alternatives =
            [
                new("straight-grain strip", "For cord so fine that the grain hardly matters."),
            ],
            Instead = "Make it with a zipper foot, a finer cord and more patience.",
            Looks =
            [
                Right,
                Look(
                    "uneven",
                    "uneven width",
                    "Thicker here, thinner there.",
                    Try(
                        "same-groove",
                        "Use the same groove again.",
                        "Another groove is another width."
                    ),
                    Try("slower", "Sew slower.", "The strip drifts in the groove.")
                ),
                Look(
                    "pierced",
                    "the thread is pierced",
                    "Stitches go through the cord.",
                    Try(
                        "needle-over",
                        "Move the needle one place outwards.",
                        "It stands over the groove."
                    )
                ),
                Puckers,
            ],
        };
}

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
            Fields = [Wants.CordField, Wants.StitchLengthField],
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
                var width = Rounding.Up((ask.Wants.Cord ?? Mm(2)) + 2 * Clear + Mm(0.9), Mm(0.5));
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
                "A step looser: a tight zigzag bites into the cord and pulls the ground up.",
            Above = new(
                "ordinary or invisible, in the cord's colour",
                "It should not be seen on the cord.",
                10,
                35
            ),
            BuildUp = ask => ask.Wants.Cord ?? Mm(2),
            Stabiliser = ForThin,
            Presser = new(
                "needle down on the inside of the curve, lift, turn a little",
                "Two or three stitches, then turn again; a sharp corner is one pivot."
            ),
            Speed = new(
                "medium, slow in curves",
                "The cord must not be pulled: it springs back and the ground buckles."
            ),
            Preparation = new(
                "draw the path; leave the first bit unsewn if the ends meet",
                "The ends are cut to a slant and overlapped."
            ),
            Checks =
            [
                "By hand wheel: the needle falls clear on both sides.",
                "The ground lies flat behind the cord.",
            ],
            Alternatives =
            [
                new("cord through the foot's hole", "Both hands free for the cloth."),
                new("through a tube taped in front", "Any foot with a hollow sole; any cord."),
                new("a rolled strip of knit", "Soft and cheap; cut it evenly, never stretch it."),
            ],
            Instead = "Couch it by hand with small stitches across.",
            Looks =
            [
                Right,
                Look(
                    "pierced",
                    "the cord is pierced",
                    "Stitches go into it.",
                    Try(
                        "wider",
                        "Make the zigzag half a millimetre wider.",
                        "The needle has to fall beside it."
                    ),
                    Try(
                        "guide",
                        "Lead the cord through a hole or tube.",
                        "It wanders under the foot."
                    )
                ),
                Look(
                    "buckles",
                    "the ground buckles",
                    "The cloth waves beside the cord.",
                    Try(
                        "feed-loose",
                        "Feed the cord without pulling.",
                        "A stretched cord springs back."
                    ),
                    Try("stabiliser", "Put a stabiliser under it.", "Thin ground gives way."),
                    Try(
                        "thinner-cord",
                        "Take a softer cord.",
                        "On thin cloth a stiff one makes ridges that no tension cures."
                    )
                ),
                Look(
                    "hides-cord",
                    "the thread hides the cord",
                    "Too many stitches across it.",
                    Try("longer-stitch", "Lengthen the stitch.", "Fewer bars across it."),
                    Try(
                        "other-thread",
                        "Take an invisible or matching thread.",
                        "It should not be seen."
                    )
                ),
                Puckers,
            ],
        };
}
