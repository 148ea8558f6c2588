using ZephyrReach.Core.Card;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>Drawing with the needle.</summary>
internal static class FreeMotionCard
{
    /// <summary>Through more layers than this the surface is soft, and an open toe catches in it: workshop rule.</summary>
    public const int FirmLayers = 2;

    private static readonly FootChoice OpenToe = new(
        [FootKinds.OpenDarning],
        "It hovers, and the line can be seen."
    );

    private static IReadOnlyList<FootChoice> Open { get; } =
    [
        OpenToe,
        new(
            [FootKinds.Darning],
            "It hovers; closed, it does not catch in loose texture.",
            "The line is harder to see."
        ),
    ];

    private static IReadOnlyList<FootChoice> Closed { get; } =
    [
        new([FootKinds.Darning], "It hovers; closed, it catches in nothing that is soft."),
        OpenToe with
        {
            Costs = "It may catch in a loop or in the wadding.",
        },
    ];

    /// <summary>Whether the surface is soft: of texture, or of many layers.</summary>
    private static bool IsSoft(Wants wants) =>
        wants.School == "texture" || wants.Layers > FirmLayers;

    /// <summary>Whether the needle swings: to fill, or wandering for texture.</summary>
    private static bool Swings(Wants wants) =>
        wants.School == "fill" || wants.StitchWidth is not null;

    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "free-motion",
            Title = "free-motion stitching",
            Says = "Drawing, writing, filling and quilting, the fabric moved by hand.",
            Fields = [Wants.LayersField, Wants.StitchWidthField],
            FeedDogsDown = true,
            ElasticBelow = ask => ask.Wants.School == "texture",
            School = Wants.SchoolField(
                new Choice("line", "straight lines", "Drawing, writing, quilting."),
                new Choice(
                    "fill",
                    "zigzag",
                    "Slow hands give satin, quick hands an open scribble."
                ),
                new Choice("texture", "texture", "Elastic in the bobbin: the field draws in.")
            ),
            Feet = Open,
            FeetFor = ask => IsSoft(ask.Wants) ? Closed : Open,
            BuyAlso = _ => "an open toe to see the line, a closed ring over texture",
            Stitch = ask =>
                Swings(ask.Wants)
                    ? new(
                        "zigzag",
                        "It fills as the hands move.",
                        null,
                        "Hand speed ÷ machine speed.",
                        "by hand",
                        ask.Wants.StitchWidth ?? Mm(3),
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
            Tension = ask => Swings(ask.Wants) ? -1 : -0.5,
            TensionBecause = "Looser, because the thread is pulled from every side.",
            Point = Needle.Embroidery,
            Above = new("embroidery or cotton", "It is what is seen.", 15, 45),
            Below = new(
                "the same to begin with",
                "Then it does not show if the tension is off.",
                15,
                45
            ),
            Stabiliser = ask =>
                ask.Wants.School == "texture"
                    ? new(
                        "none, a hoop alone",
                        "Whatever stays behind the fabric would keep it from drawing in."
                    )
                    : HoopOrStabiliser(ask),
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
            LookedFor =
            [
                "long-angular",
                "builds-up",
                "loops-below",
                "dots-above",
                "eyelashes",
                "off-line",
                "puckers",
                "skips",
            ],
        };
}
