using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Supplies.Properties;

namespace ZephyrReach.Core.Supplies;

/// <summary>A presser foot or attachment. Null is not known.</summary>
/// <param name="Opening">Width of the slot that the needle goes through.</param>
/// <param name="SoleLeft">From the needle's line to the left edge of the sole: a row guide.</param>
/// <param name="SoleRight">The same to the right.</param>
/// <param name="Relief">How high the sole is hollowed underneath.</param>
/// <param name="Grooves">How many grooves; 0 for none.</param>
/// <param name="GroovePitch">From the middle of one groove to the next.</param>
/// <param name="CordHole">Diameter of the hole or tunnel a cord is fed through; 0 for none.</param>
/// <param name="Slot">Whether an upper layer can be slid into it.</param>
/// <param name="ClampArm">Whether an arm rides on the needle clamp.</param>
public sealed record Foot(
    string? Kind,
    string? Mount,
    Length? Opening,
    Length? SoleLeft,
    Length? SoleRight,
    Length? Relief,
    int? Grooves,
    Length? GroovePitch,
    Length? GrooveWidth,
    Length? CordHole,
    bool? Slot,
    bool? SetScrew,
    Length? ButtonholeLength,
    bool? ClampArm
) : IThing
{
    /// <summary>Whether it has grooves, as far as is known.</summary>
    public bool HasGrooves => Grooves > 0 || (Grooves is null && Kind == FootKinds.Pintuck);

    /// <summary>A groove is no wider than this: its width, or, where that is not known, its pitch less half a millimetre of wall.</summary>
    public Length? GrooveAtMost =>
        GrooveWidth ?? (GroovePitch is { } pitch ? pitch - Length.FromMillimetres(0.5) : null);

    private static readonly ChoiceField KindField = new ChoiceField(
        "kind",
        "Kind",
        FootKinds.Choices,
        IsNeeded: false
    ).Help("What it is for.");

    private static readonly ChoiceField MountField = new ChoiceField(
        "mount",
        "Mount",
        MountChoices.All,
        IsNeeded: false
    ).Help("How it is fixed.");

    private static readonly LengthField OpeningField = Fine("opening", "Needle opening", 0.5, 20)
        .Help("The width of the slot for the needle.");

    private static readonly LengthField Left = Fine(
            "soleLeft",
            "Needle to left edge of foot",
            0,
            40
        )
        .Help("From the needle's line to the left edge: it guides rows.");

    private static readonly LengthField Right = Fine(
            "soleRight",
            "Needle to right edge of foot",
            0,
            40
        )
        .Help("To the right edge.");

    private static readonly LengthField ReliefField = Fine("relief", "Hollow under the foot", 0, 8)
        .Help("How high the sole is hollowed underneath.");

    private static readonly NumberField GroovesField = Number("grooves", "Grooves", 0, 15)
        .Help("0 for none.");

    private static readonly LengthField Pitch = Fine("groovePitch", "Groove spacing", 0.5, 12)
        .Help("From the middle of one to the next.");

    private static readonly LengthField GrooveWidthField = Fine(
        "grooveWidth",
        "Groove width",
        0.3,
        12
    );

    private static readonly LengthField Hole = Fine("cordHole", "Cord hole", 0, 10)
        .Help("The hole or tunnel a cord is fed through; 0 for none.");

    private static readonly FlagField SlotField = new FlagField(
        "slot",
        "Slot for a second layer"
    ).Help("A flat layer can be slid in, to be joined at once.");

    private static readonly FlagField Screw = new FlagField("setScrew", "Adjusting screw").Help(
        "A screw that sets how much it gathers or folds."
    );

    private static readonly LengthField Buttonhole = Fine(
            "buttonholeLength",
            "Longest buttonhole or darn",
            5,
            80
        )
        .Help("The longest buttonhole or darning block it measures.");

    private static readonly FlagField Arm = new FlagField(
        "clampArm",
        "Arm on the needle clamp"
    ).Help("An arm that rides on the needle clamp screw.");

    public static ThingKind Described { get; } =
        new(
            "foot",
            "foot",
            "feet",
            "What holds the fabric: how it is fixed, where the needle goes through, and what is underneath.",
            [
                KindField,
                MountField,
                OpeningField,
                Left,
                Right,
                ReliefField,
                GroovesField,
                Pitch,
                GrooveWidthField,
                Hole,
                SlotField,
                Screw,
                Buttonhole,
                Arm,
            ],
            Starters.Feet,
            Read
        )
        {
            Draw = foot => FootDrawing.Of((Foot)foot, Length.Zero),
        };

    private static Foot Read(InputReader reader)
    {
        var foot = new Foot(
            reader.OptionalChoice(KindField),
            reader.OptionalChoice(MountField),
            reader.OptionalLength(OpeningField),
            reader.OptionalLength(Left),
            reader.OptionalLength(Right),
            reader.OptionalLength(ReliefField),
            (int?)reader.OptionalNumber(GroovesField),
            reader.OptionalLength(Pitch),
            reader.OptionalLength(GrooveWidthField),
            reader.OptionalLength(Hole),
            reader.OptionalFlag(SlotField),
            reader.OptionalFlag(Screw),
            reader.OptionalLength(Buttonhole),
            reader.OptionalFlag(Arm)
        );
        if (foot.GrooveWidth > foot.GroovePitch)
        {
            reader.Contradiction(
                GrooveWidthField,
                "A groove cannot be wider than the pitch from one to the next."
            );
        }
        return foot;
    }
}

/// <summary>The kinds of feet.</summary>
public static class FootKinds
{
    public const string AllPurpose = "all-purpose";
    public const string Satin = "satin";
    public const string OpenToe = "open-toe";
    public const string Zipper = "zipper";
    public const string Piping = "piping";
    public const string Cording = "cording";
    public const string Pintuck = "pintuck";
    public const string Gathering = "gathering";
    public const string OverlockGathering = "overlock-gathering";
    public const string Pleating = "pleating";
    public const string Buttonhole = "buttonhole";
    public const string Darning = "darning";
    public const string OpenDarning = "open-darning";
    public const string Walking = "walking";
    public const string Straight = "straight";
    public const string Overlock = "overlock";

    public static IReadOnlyList<Choice> Choices { get; } =
    [
        new(AllPurpose, "all-purpose", "Flat sole, wide opening."),
        new(Satin, "satin", "Hollowed underneath, so that dense stitches pass."),
        new(OpenToe, "open toe", "Nothing in front of the needle: the edge can be seen."),
        new(Zipper, "zipper", "Narrow, the needle at its side."),
        new(Piping, "piping", "A groove underneath for a covered cord."),
        new(Cording, "cording", "A hole or slots that lead a cord under the needle."),
        new(Pintuck, "pintuck", "Several grooves underneath."),
        new(Gathering, "gathering", "Holds the fabric back behind the needle, so that it gathers."),
        new(
            OverlockGathering,
            "gathering, for the overlocker",
            "Gathers the lower layer as it is overlocked."
        ),
        new(Pleating, "ruffler", "Pushes a fold under the needle every so many stitches."),
        new(
            Buttonhole,
            "buttonhole",
            "Measures a length; darns too where the machine has the program."
        ),
        new(Darning, "darning, closed", "Hovers; a closed ring that does not catch in loops."),
        new(
            OpenDarning,
            "darning, open toe",
            "Hovers; open in front, so that the line can be seen."
        ),
        new(Walking, "walking", "Feeds from above as well: layers stay together."),
        new(Straight, "straight stitch", "A small round hole: holds fine fabric firmly."),
        new(Overlock, "the overlocker's own", "The foot the overlocker came with."),
    ];

    /// <summary>A kind as it is said in a sentence.</summary>
    public static string Label(string kind) =>
        Choices.FirstOrDefault(c => c.Name == kind)?.Label ?? kind;
}
