using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;
using static ZephyrReach.Core.Asks.RawInputs;
using static ZephyrReach.Core.Drawer.Properties;

namespace ZephyrReach.Core.Drawer;

/// <summary>A sewing machine. Lengths in mm on the machine; null is not known.</summary>
/// <param name="Kind">home, industrial or overlocker.</param>
/// <param name="Mounts">The foot mounts it takes; empty when not known.</param>
/// <param name="WidestStitch">0 for straight stitches only.</param>
/// <param name="PlateOpening">Width of the hole in the needle plate.</param>
/// <param name="NeedlePositions">How many places the needle can be put to, evenly spaced.</param>
/// <param name="NeedleShift">How far it goes to either side of the middle.</param>
/// <param name="FeedDogs">lowers, covers or neither.</param>
/// <param name="Fastest">Stitches a minute.</param>
/// <param name="Dial">Its needle tension.</param>
/// <param name="StitchDial">What so many stitches of a dialled length measured on it.</param>
/// <param name="WidthDial">What stitches of a dialled width measured from side to side.</param>
public sealed record Machine(
    string? Kind,
    IReadOnlyList<string> Mounts,
    string? NeedleSystem,
    Length? WidestStitch,
    Length? ShortestStitch,
    Length? LongestStitch,
    Length? PlateOpening,
    bool? StraightPlate,
    int? NeedlePositions,
    Length? NeedleShift,
    string? FeedDogs,
    string? Bobbin,
    Length? BobbinThread,
    Length? BobbinElastic,
    Length? PresserLift,
    bool? Pressure,
    bool? ClampScrew,
    double? Fastest,
    bool? NeedleStop,
    bool? ProgrammedDarning,
    bool? LockStitch,
    TensionDial Dial,
    double? LeastDifferential,
    double? GreatestDifferential,
    bool? ChainLooper,
    IReadOnlyList<DialSample> StitchDial,
    IReadOnlyList<DialSample> WidthDial
) : IThing
{
    /// <summary>Whether it is known to sew straight stitches only, by its plate or for good.</summary>
    public bool IsStraightOnly => StraightPlate == true || WidestStitch == Length.Zero;

    /// <summary>Whether it is taken where no machine is chosen; of several that are, the one that does the work best.</summary>
    public bool IsMine { get; init; }

    /// <summary>Whether it is an overlocker.</summary>
    public bool IsOverlocker => Kind == Overlocker;

    public const string Overlocker = "overlocker";

    private static readonly ChoiceField KindField = Choice(
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
                Overlocker,
                "overlocker",
                "Trims and wraps the edge; loopers instead of a bobbin."
            )
        )
        .Help("What it is.");

    private static readonly FlagField MineField = new FlagField("mine", "My machine").Help(
        "Taken wherever no machine is chosen and it can do the work."
    );

    private static readonly ChoicesField MountsField = new ChoicesField(
        "mounts",
        "Accepts presser feet",
        MountChoices.All
    ).Help("The mounts it takes: a snap-on holder on a low shank takes both.");

    private static readonly ChoiceField SystemField = NeedleSystems
        .Field()
        .Help("The needle system its hook is set for.");

    private static readonly LengthField Widest = Fine("widestStitch", "Widest stitch", 0, 15)
        .Help("0 for straight stitches only.");

    private static readonly LengthField Shortest = Fine("shortestStitch", "Shortest stitch", 0, 5);

    private static readonly LengthField Longest = Fine("longestStitch", "Longest stitch", 1, 15);

    private static readonly LengthField Plate = Fine(
            "plateOpening",
            "Needle-plate opening",
            0.5,
            15
        )
        .Help("How wide the hole in the needle plate is, measured across.");

    private static readonly FlagField Straight = new FlagField(
        "straightPlate",
        "Straight-stitch plate fitted"
    ).Help("A plate with a round hole is on: nothing but straight stitches from the middle.");

    private static readonly NumberField Positions = Number(
            "needlePositions",
            "Needle positions",
            1,
            99
        )
        .Help("How many places the needle can be put to.");

    private static readonly LengthField Shift = Fine(
            "needleShift",
            "Needle moves to either side",
            0,
            7.5
        )
        .Help("How far from the middle it goes.");

    private static readonly ChoiceField Feed = Choice(
            "feedDogs",
            "Feed dogs",
            new Choice("lowers", "drop", "A lever drops them."),
            new Choice("covers", "are covered", "A plate goes over them."),
            new Choice("neither", "stay up", "They cannot be put out of the way.")
        )
        .Help("For free-motion work they must be out of the way.");

    private static readonly ChoiceField BobbinField = Choice(
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

    private static readonly LengthField BobbinHolds = Long("bobbinThread", "Thread per bobbin", 500)
        .Help("Ordinary thread on a full bobbin.");

    private static readonly LengthField BobbinElasticHolds = Long(
            "bobbinElastic",
            "Elastic per bobbin",
            200
        )
        .Help("Elastic thread on a full bobbin.");

    private static readonly LengthField Lift = Fine("presserLift", "Presser-foot lift", 1, 25)
        .Help("How high the foot goes, without the knee's help.");

    private static readonly FlagField PressureField = new FlagField(
        "pressure",
        "Foot pressure adjustable"
    ).Help("A dial or a screw for the pressure of the foot.");

    private static readonly FlagField Clamp = new FlagField(
        "clampScrew",
        "Needle clamp screw protrudes"
    ).Help("An arm of a darning or ruffler can ride on it.");

    private static readonly NumberField FastestField = Number("fastest", "Top speed", 50, 10_000)
        .Help("Stitches a minute.");

    private static readonly FlagField Stop = new FlagField("needleStop", "Needle stop down").Help(
        "Stops with the needle in the fabric."
    );

    private static readonly FlagField Darns = new FlagField(
        "programmedDarning",
        "Has a darning program"
    ).Help("Goes back and forth over a hole by a program.");

    private static readonly FlagField Locks = new FlagField("lockStitch", "Tie-off button").Help(
        "A few stitches on the spot at a key."
    );

    private static readonly NumberField Normal = Number("normalTension", "Normal tension", 0, 20)
        .Help(
            "What its dial shows when it sews an ordinary seam; nothing for a dial without numbers."
        );

    private static readonly NumberField Lowest = Number(
        "lowestTension",
        "Lowest on the tension dial",
        0,
        20
    );

    private static readonly NumberField Highest = Number(
        "highestTension",
        "Highest on the tension dial",
        0,
        20
    );

    private static readonly NumberField LeastDiff = Number(
            "leastDifferential",
            "Differential feed, lowest",
            0.3,
            1
        )
        .Help("Front feed dogs against back ones.");

    private static readonly NumberField MostDiff = Number(
        "greatestDifferential",
        "Differential feed, highest",
        1,
        4
    );

    private static readonly FlagField Looper = new FlagField(
        "chainLooper",
        "Chain-stitch looper"
    ).Help("Sews a chain stitch, also with elastic in the looper.");

    /// <summary>What is measured to learn what its stitch-length dial really gives.</summary>
    private static readonly GroupsField StitchDialField = DialQuestion.Samples with
    {
        Name = "stitchDial",
        Label = "Calibrate stitch length",
        Help =
            "Sew a row at one dialled length, count ten stitches or more and measure them together: then what the dial really gives is known.",
    };

    /// <summary>The same for its stitch-width dial.</summary>
    private static readonly GroupsField WidthDialField = DialQuestion.Samples with
    {
        Name = "widthDial",
        Label = "Calibrate stitch width",
        Help =
            "Sew a zigzag at one dialled width, and measure it from hole to hole: several stitches one after another count as so many.",
    };

    public static ThingKind Described { get; } =
        new(
            "machine",
            "machine",
            "machines",
            "What sews: its stitches, its needle, its feet, its dials.",
            [
                MineField,
                KindField,
                MountsField,
                SystemField,
                Widest,
                Shortest,
                Longest,
                Plate,
                Straight,
                Positions,
                Shift,
                Feed,
                BobbinField,
                BobbinHolds,
                BobbinElasticHolds,
                Lift,
                PressureField,
                Clamp,
                FastestField,
                Stop,
                Darns,
                Locks,
                Normal,
                Lowest,
                Highest,
                LeastDiff,
                MostDiff,
                Looper,
                StitchDialField,
                WidthDialField,
            ],
            Starters.Machines,
            Read
        )
        {
            Measured =
            [
                new(
                    StitchDialField.Name,
                    DialQuestion.Form.Name,
                    "What the stitch-length dial really sews"
                ),
                new(
                    WidthDialField.Name,
                    DialQuestion.Form.Name,
                    "What its stitch-width dial really gives"
                ),
            ],
        };

    /// <summary>A machine of which nothing is known.</summary>
    public static Machine Unknown { get; } =
        (Machine)Read(new InputReader(RawInputs.Empty, Ruler.Metric));

    /// <summary>A machine of which nothing is known but what an older workroom had written down.</summary>
    public static Machine Plain(double normalTension, Length longestStitch) =>
        (Machine)Read(
            new InputReader(
                Of(
                    ("normalTension", normalTension),
                    ("longestStitch", longestStitch.Millimetres),
                    ("kind", "home")
                ),
                Ruler.Metric
            )
        );

    private static Machine Read(InputReader reader)
    {
        var machine = new Machine(
            reader.OptionalChoice(KindField),
            reader.Choices(MountsField),
            reader.OptionalChoice(SystemField),
            reader.OptionalLength(Widest),
            reader.OptionalLength(Shortest),
            reader.OptionalLength(Longest),
            reader.OptionalLength(Plate),
            reader.OptionalFlag(Straight),
            (int?)reader.OptionalNumber(Positions),
            reader.OptionalLength(Shift),
            reader.OptionalChoice(Feed),
            reader.OptionalChoice(BobbinField),
            reader.OptionalLength(BobbinHolds),
            reader.OptionalLength(BobbinElasticHolds),
            reader.OptionalLength(Lift),
            reader.OptionalFlag(PressureField),
            reader.OptionalFlag(Clamp),
            reader.OptionalNumber(FastestField),
            reader.OptionalFlag(Stop),
            reader.OptionalFlag(Darns),
            reader.OptionalFlag(Locks),
            new TensionDial(
                reader.OptionalNumber(Normal),
                reader.OptionalNumber(Lowest),
                reader.OptionalNumber(Highest)
            ),
            reader.OptionalNumber(LeastDiff),
            reader.OptionalNumber(MostDiff),
            reader.OptionalFlag(Looper),
            DialQuestion.Read(reader, StitchDialField),
            DialQuestion.Read(reader, WidthDialField)
        )
        {
            IsMine = reader.Flag(MineField),
        };
        if (machine.ShortestStitch > machine.LongestStitch)
        {
            reader.Contradiction(Shortest, "The shortest stitch is longer than the longest.");
        }
        var dial = machine.Dial;
        if (dial.Lowest > dial.Highest || dial.Normal < dial.Lowest || dial.Normal > dial.Highest)
        {
            reader.Contradiction(Normal, "Normal tension has to lie between the dial's ends.");
        }
        return machine;
    }
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
