using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>What an ask for a darn may say.</summary>
internal static class Fields
{
    public const string Programmed = "programmed";
    public const string FreeMotion = "free-motion";

    public static ChoiceField What { get; } =
        new(
            "what",
            "What kind of damage?",
            "The kind of damage decides the best repair.",
            [.. Damage.All.Select(d => d.Choice)],
            Damage.All[0].Choice.Name,
            false
        );

    public static LengthField TearWidth { get; } =
        Mm("tearWidth", "Tear width", "Across the grain, at its widest.", 0.5, 200);

    public static LengthField TearLength { get; } =
        Mm("tearLength", "Tear length", "Along the grain, at its longest.", 0.5, 200);

    public static ChoiceField Method { get; } =
        new(
            "method",
            "Method",
            "Who guides it.",
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
            ],
            Programmed,
            false
        );

    public static LengthField MaxStitchWidth { get; } =
        Fine(
            "maxStitchWidth",
            "Widest stitch of your machine",
            "As wide as the machine goes.",
            1,
            15,
            7
        ) with
        {
            From = "machine.widestStitch",
            ShownWhen = new(Method.Name, Programmed),
        };

    public static LengthField FootOpening { get; } =
        SetUpFields.FootOpening(7.5) with
        {
            ShownWhen = new(Method.Name, Programmed),
        };

    public static NumberField NeedleSize { get; } =
        SetUpFields.NeedleSize with
        {
            ShownWhen = new(Method.Name, Programmed),
        };

    public static LengthField FootLength { get; } =
        Fine(
            "footLength",
            "Longest block the foot allows",
            "As long as the foot's slide goes.",
            3,
            80,
            25
        ) with
        {
            From = "foot.buttonholeLength",
            ShownWhen = new(Method.Name, Programmed),
        };

    public static FlagField ByLever { get; } =
        new(
            "byLever",
            "Longer blocks by the lever",
            "The buttonhole lever tapped by hand at either end, so that one block is as long as the darn."
        )
        {
            ShownWhen = new(Method.Name, Programmed),
            No = "no",
            Yes = "yes",
        };

    public static ChoiceField SewsFirst { get; } =
        new(
            "sewsFirst",
            "The program starts",
            "Which way the machine starts: try it on the swatch.",
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
        {
            ShownWhen = new(Method.Name, Programmed),
        };

    public static LengthField Margin { get; } =
        Mm(
            "margin",
            "Stitch beyond the tear by",
            "How far the stitches reach beyond the tear.",
            0,
            50,
            6
        );

    public static LengthField Overlap { get; } =
        Fine(
            "overlap",
            "Overlap of blocks",
            "How far neighbouring blocks lie on each other.",
            0,
            10,
            1.5
        ) with
        {
            ShownWhen = new(Method.Name, Programmed),
        };

    public static LengthField BackingMargin { get; } =
        Mm(
            "backingMargin",
            "Backing extends beyond the tear by",
            "How far it reaches beyond the tear, to every side.",
            0,
            100,
            15
        );

    public static LengthField LineGap { get; } =
        Fine("lineGap", "Line spacing", "From line to line.", 0.2, 5, 0.8) with
        {
            ShownWhen = new(Method.Name, FreeMotion),
        };

    public static LengthField StitchLength { get; } =
        Fine("stitchLength", "Stitch length", "Hand speed ÷ machine speed.", 0.3, 6, 2) with
        {
            ShownWhen = new(Method.Name, FreeMotion),
        };

    public static NumberField Speed { get; } =
        new(
            "machineSpeed",
            "This machine’s speed",
            "As fast as it is run for this.",
            50,
            5000,
            600,
            false
        )
        {
            Unit = "stitches/min",
            Step = 50,
            ShownWhen = new(Method.Name, FreeMotion),
        };

    /// <summary>What blocks came to against what was set.</summary>
    public static GroupsField Samples { get; } =
        DialSamples.Field("Blocks that were sewn and measured.");

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
        string says,
        double least,
        double most,
        double? start = null
    ) => LengthField.Mm(name, label, says, least, most, start) with { IsNeeded = start is null };

    private static LengthField Fine(
        string name,
        string label,
        string says,
        double least,
        double most,
        double start
    ) => Mm(name, label, says, least, most, start) with { Kind = LengthKind.Fine };
}
