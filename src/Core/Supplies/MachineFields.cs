using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Swatches.Learning;
using static ZephyrReach.Core.Supplies.Properties;

namespace ZephyrReach.Core.Supplies;

/// <summary>What may be known of a machine.</summary>
internal static class MachineFields
{
    public static ChoiceField Kind { get; } =
        Choice(
                "kind",
                "Kind",
                new Choice(
                    "home",
                    "home sewing machine",
                    "A needle and a bobbin; straight stitch and, mostly, zigzag."
                ),
                new Choice(
                    "industrial",
                    "industrial straight-stitch machine",
                    "Fast, straight stitch, feet of their own mount."
                ),
                new Choice(
                    Machine.Overlocker,
                    "overlocker",
                    "Trims and wraps the edge; loopers instead of a bobbin."
                )
            )
            .Help("What it is.");

    public static FlagField Mine { get; } =
        new FlagField("mine", "My machine").Help(
            "Taken wherever no machine is chosen and it can do the work."
        );

    public static ChoicesField Mounts { get; } =
        new ChoicesField("mounts", "Accepts presser feet", MountChoices.All).Help(
            "The mounts it takes: a snap-on holder on a low shank takes both."
        );

    public static ChoiceField System { get; } =
        NeedleSystems.Field().Help("The needle system its hook is set for.");

    public static LengthField Widest { get; } =
        Fine("widestStitch", "Widest stitch", 0, 15).Help("0 for straight stitches only.");

    public static LengthField Pair { get; } =
        Fine("widestPair", "Widest twin needle", 0.5, 10)
            .Help("From needle to needle: the widest pair that its manual allows.");

    public static LengthField Shortest { get; } = Fine("shortestStitch", "Shortest stitch", 0, 5);

    public static LengthField Longest { get; } = Fine("longestStitch", "Longest stitch", 1, 15);

    public static LengthField Plate { get; } =
        Fine("plateOpening", "Needle-plate opening", 0.5, 15)
            .Help("How wide the hole in the needle plate is, measured across.");

    public static FlagField Straight { get; } =
        new FlagField("straightPlate", "Straight-stitch plate fitted").Help(
            "A plate with a round hole is on: nothing but straight stitches from the middle."
        );

    public static NumberField Positions { get; } =
        Number("needlePositions", "Needle positions", 1, 99)
            .Help("How many places the needle can be put to.");

    public static LengthField Shift { get; } =
        Fine("needleShift", "Needle moves to either side", 0, 7.5)
            .Help("How far from the middle it goes.");

    public static ChoiceField Feed { get; } =
        Choice(
                "feedDogs",
                "Feed dogs",
                new Choice("lowers", "drop", "A lever drops them."),
                new Choice("covers", "are covered", "A plate goes over them."),
                new Choice("neither", "stay up", "They cannot be put out of the way.")
            )
            .Help("For free-motion work they must be out of the way.");

    public static ChoiceField Bobbin { get; } =
        Choice(
                "bobbin",
                "Bobbin",
                new Choice("drop-in", "drop-in", "From above; the thread must lie in its slot."),
                new Choice(
                    "front-case",
                    "in a case",
                    "A case of its own: have two of them, one for each thread."
                ),
                new Choice("none", "none", "Loopers instead.")
            )
            .Help("How it is loaded.");

    public static LengthField BobbinHolds { get; } =
        Long("bobbinThread", "Thread per bobbin", 500).Help("Ordinary thread on a full bobbin.");

    public static LengthField BobbinElasticHolds { get; } =
        Long("bobbinElastic", "Elastic per bobbin", 200).Help("Elastic thread on a full bobbin.");

    public static LengthField Lift { get; } =
        Fine("presserLift", "Presser-foot lift", 1, 25)
            .Help("How high the foot goes, without the knee's help.");

    public static FlagField Pressure { get; } =
        new FlagField("pressure", "Foot pressure adjustable").Help(
            "A dial or a screw for the pressure of the foot."
        );

    public static FlagField Clamp { get; } =
        new FlagField("clampScrew", "Needle clamp screw protrudes").Help(
            "An arm of a darning or ruffler can ride on it."
        );

    public static NumberField Fastest { get; } =
        Number("fastest", "Top speed", 50, 10_000).Help("Stitches a minute.");

    public static FlagField Stop { get; } =
        new FlagField("needleStop", "Needle stop down").Help(
            "Stops with the needle in the fabric."
        );

    public static FlagField Darns { get; } =
        new FlagField("programmedDarning", "Has a darning program").Help(
            "Goes back and forth over a hole by a program."
        );

    public static ChoiceField DarnsFirst { get; } =
        Choice(
                "darnsFirst",
                "Darning program starts",
                new Choice("towards", "towards you", "A block starts at its far end."),
                new Choice("away", "away from you", "A block starts at its near end.")
            )
            .Help("Which way its first line runs: one block on a swatch shows it.");

    public static FlagField Locks { get; } =
        new FlagField("lockStitch", "Tie-off button").Help("A few stitches on the spot at a key.");

    public static NumberField Normal { get; } =
        Number("normalTension", "Normal tension", 0, 20)
            .Help(
                "What its dial shows when it sews an ordinary seam; nothing for a dial without numbers."
            );

    public static NumberField Lowest { get; } =
        Number("lowestTension", "Lowest on the tension dial", 0, 20);

    public static NumberField Highest { get; } =
        Number("highestTension", "Highest on the tension dial", 0, 20);

    public static NumberField LeastDiff { get; } =
        Number("leastDifferential", "Differential feed, lowest", 0.3, 1)
            .Help("Front feed dogs against back ones.");

    public static NumberField MostDiff { get; } =
        Number("greatestDifferential", "Differential feed, highest", 1, 4);

    public static FlagField Looper { get; } =
        new FlagField("chainLooper", "Chain-stitch looper").Help(
            "Sews a chain stitch, also with elastic in the looper."
        );

    /// <summary>What is measured to learn what its stitch-length dial really gives.</summary>
    public static GroupsField StitchDial { get; } =
        DialQuestion.Samples with
        {
            Name = "stitchDial",
            Label = "Calibrate stitch length",
            Help =
                "Sew a row at one dialled length, count ten stitches or more and measure them together: then what the dial really gives is known.",
        };

    /// <summary>The same for its stitch-width dial.</summary>
    public static GroupsField WidthDial { get; } =
        DialQuestion.Samples with
        {
            Name = "widthDial",
            Label = "Calibrate stitch width",
            Help =
                "Sew a zigzag at one dialled width, and measure it from hole to hole: several stitches one after another count as so many.",
        };

    /// <summary>All of them, in the order they are asked.</summary>
    public static IReadOnlyList<Field> All { get; } =
    [
        Mine,
        Kind,
        Mounts,
        System,
        Widest,
        Pair,
        Shortest,
        Longest,
        Plate,
        Straight,
        Positions,
        Shift,
        Feed,
        Bobbin,
        BobbinHolds,
        BobbinElasticHolds,
        Lift,
        Pressure,
        Clamp,
        Fastest,
        Stop,
        Darns,
        DarnsFirst,
        Locks,
        Normal,
        Lowest,
        Highest,
        LeastDiff,
        MostDiff,
        Looper,
        StitchDial,
        WidthDial,
    ];
}

/// <summary>Needle systems by what they look like.</summary>
internal static class NeedleSystems
{
    public static ChoiceField Field() =>
        Choice(
            "needleSystem",
            "Needle system",
            new Choice(
                "flat-shank",
                "flat shank",
                "The usual needle of home machines: one side of the shank is flat."
            ),
            new Choice(
                "round-shank",
                "round shank",
                "Industrial and some old machines: round all about."
            ),
            new Choice("short-shank", "short shank", "Some overlockers: shorter than the usual.")
        );
}

/// <summary>How feet are fixed.</summary>
internal static class MountChoices
{
    public static IReadOnlyList<Choice> All { get; } =
    [
        new("low-shank", "low shank", "Screw about 12 mm above the plate when the foot is down."),
        new("high-shank", "high shank", "Screw about 25 mm above the plate."),
        new("slant-shank", "slant shank", "The bar leans towards the person."),
        new("snap-on", "snap-on", "A bar in the foot snaps into a holder."),
        new("industrial", "industrial", "Screwed from the side, narrower."),
        new("own-clip", "brand-specific clip", "Fits this machine's family only."),
    ];
}
