using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>What an ask for a darn may say.</summary>
internal static class DarningFields
{
    public const string Programmed = "programmed";
    public const string FreeMotion = "free-motion";
    public const string Patched = "patch";

    public static ChoiceField What { get; } =
        new ChoiceField(
            "what",
            "What kind of damage?",
            [.. Damage.All.Select(d => d.Choice)],
            Damage.All[0].Choice.Name,
            false
        ).Help("The kind of damage decides the best repair.");

    public static LengthField TearWidth { get; } =
        Mm("tearWidth", "Tear width", 0.5, 200).Help("Across the grain, at its widest.");

    public static LengthField TearLength { get; } =
        Mm("tearLength", "Tear length", 0.5, 200).Help("Along the grain, at its longest.");

    public static ChoiceField Method { get; } =
        new ChoiceField(
            "method",
            "Method",
            [
                new(
                    Programmed,
                    "built-in darning program",
                    "The machine goes back and forth and ties off; larger holes take several overlapping blocks."
                ),
                new(
                    FreeMotion,
                    "free-motion",
                    "Your hands draw lines both ways; any size and shape, feed dogs down."
                ),
                new(
                    Patched,
                    "patch",
                    "A piece of like fabric over it: large holes, or where it strains."
                ),
            ],
            Programmed,
            false
        ).Help("Who guides it.");

    public static LengthField MaxStitchWidth { get; } =
        Fine("maxStitchWidth", "Widest stitch of your machine", 1, 15, 7)
            .Help("As wide as the machine goes.")
            .From("machine.widestStitch")
            .When(Method, Programmed);

    public static LengthField FootOpening { get; } =
        SetUpFields.FootOpening(7.5).When(Method, Programmed);

    public static NumberField NeedleSize { get; } = SetUpFields.NeedleSize.When(Method, Programmed);

    public static LengthField FootLength { get; } =
        Fine("footLength", "Longest block the foot allows", 3, 80, 25)
            .Help("As long as the foot's slide goes.")
            .From("foot.buttonholeLength")
            .When(Method, Programmed);

    public static FlagField ByLever { get; } =
        new FlagField("byLever", "Longer blocks by the lever")
            .Help(
                "The buttonhole lever tapped by hand at either end, so that one block is as long as the darn: an ordinary foot serves too."
            )
            .When(Method, Programmed);

    public static ChoiceField SewsFirst { get; } =
        new ChoiceField(
            "sewsFirst",
            "The program starts",
            [
                new(
                    "towards",
                    "towards you",
                    "A block starts at its far end, with the needle before it."
                ),
                new("away", "away from you", "A block starts at its near end."),
            ],
            "towards",
            false
        )
            .Help("Which way the machine starts: try it on the swatch.")
            .From("machine.darnsFirst")
            .When(Method, Programmed);

    public static NameField Program { get; } = Card.Wants.ProgramField.When(Method, Programmed);

    public static NameField FootAsked { get; } = Card.Wants.FootAskedField.When(Method, Programmed);

    public static LengthField PatchBeyond { get; } =
        Mm("patchBeyond", "Patch beyond the tear by", 4, 150, 15)
            .Help("To every side, until the fabric is sound.")
            .When(Method, Patched);

    public static LengthField PatchTurned { get; } =
        Mm("patchTurned", "Turned under", 0, 25, 6)
            .Help("All round; nothing of a knit.")
            .When(Method, Patched);

    public static LengthField Margin { get; } =
        Mm("margin", "Stitch beyond the tear by", 0, 50, 6)
            .Help("How far the stitches reach beyond the tear.");

    public static LengthField Overlap { get; } =
        Fine("overlap", "Overlap of blocks", 0, 10, 1.5)
            .Help("How far neighbouring blocks lie on each other.")
            .When(Method, Programmed);

    public static LengthField BackingMargin { get; } =
        Mm("backingMargin", "Backing extends beyond the tear by", 0, 100, 15)
            .Help("How far it reaches beyond the tear, to every side.") with
        {
            ShownWhen = new(Method.Name, Patched, true),
        };

    public static LengthField LineGap { get; } =
        Fine("lineGap", "Line spacing", 0.2, 5, 0.8)
            .Help("From line to line.")
            .When(Method, FreeMotion);

    public static LengthField StitchLength { get; } =
        Fine("stitchLength", "Stitch length", 0.3, 6, 2)
            .Help("Free-motion it is hand speed ÷ machine speed.")
            .When(Method, FreeMotion, Patched);

    public static NumberField Speed { get; } =
        new NumberField("machineSpeed", "This machine’s speed", 50, 5000, 600, false)
            .Help("As fast as it is run for this.")
            .Unit("stitches/min")
            .Step(50)
            .When(Method, FreeMotion, Patched);

    /// <summary>What blocks came to against what was set.</summary>
    public static GroupsField Samples { get; } =
        DialSamples.Field().Help("Blocks that were sewn and measured.");

    public static IReadOnlyList<Field> All { get; } =
    [
        What,
        TearWidth,
        TearLength,
        Method,
        MaxStitchWidth,
        FootOpening,
        NeedleSize,
        FootLength,
        ByLever,
        SewsFirst,
        Program,
        FootAsked,
        PatchBeyond,
        PatchTurned,
        Margin,
        Overlap,
        BackingMargin,
        LineGap,
        StitchLength,
        Speed,
        Samples,
    ];

    private static LengthField Mm(
        string name,
        string label,
        double least,
        double most,
        double? start = null
    ) => LengthField.Mm(name, label, least, most, start) with { IsNeeded = start is null };

    private static LengthField Fine(
        string name,
        string label,
        double least,
        double most,
        double start
    ) => Mm(name, label, least, most, start) with { Kind = LengthKind.Fine };
}
