using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>What an ask for ribbon laid in folds may say.</summary>
internal static class Fields
{
    public static LengthField Run { get; } =
        LengthField.Mm(
            "run",
            "Length to cover",
            "The line on which it lies, from end to end.",
            10,
            50_000
        ) with
        {
            IsEdge = true,
        };

    public static LengthField RibbonWidth { get; } =
        LengthField.Fine("ribbonWidth", "Ribbon width", "Flat.", 1, 80, 5) with
        {
            From = "ribbon.width",
        };

    public static LengthField LegAdvance { get; } =
        LengthField.Fine(
            "legAdvance",
            "Advance per fold",
            "How far the band goes on from fold to fold; it is as wide.",
            2,
            300,
            12
        );

    public static LengthField Tail { get; } =
        LengthField.Mm(
            "tail",
            "Turned under at each end",
            "At the start and at the end.",
            0,
            200,
            20
        );

    public static NumberField Bands { get; } =
        new(
            "bands",
            "Number of bands",
            "Side by side, each the mirror of its neighbour.",
            1,
            12,
            1,
            false
        )
        {
            IsWhole = true,
        };

    public static LengthField BandGap { get; } =
        LengthField.Mm(
            "bandGap",
            "Space between bands",
            "From fold edge to fold edge; 0 where they touch.",
            0,
            500,
            0
        ) with
        {
            IsNeeded = false,
            ShownWhen = new(Bands.Name, "1", true),
        };

    public static LengthField LongestStitch { get; } =
        LengthField
            .Fine("longestStitch", "Longest stitch", "That the machine makes.", 1, 12, 5)
            .Optional() with
        {
            From = "machine.longestStitch",
        };

    public static LengthField StitchLength { get; } =
        LengthField.Fine(
            "stitchLength",
            "Stitch length",
            "Of the sequence that catches it.",
            0.5,
            6,
            2
        ) with
        {
            IsNeeded = false,
        };

    public static FlagField StopsItself { get; } =
        new("stopsItself", "Machine stops by itself", "Whether the machine stops by itself.")
        {
            No = "no",
            Yes = "yes",
        };

    public static LengthField RibbonAtHand { get; } =
        LengthField.Mm(
            "ribbonAtHand",
            "Ribbon you have",
            "In one piece, for all bands.",
            20,
            1_000_000
        ) with
        {
            IsNeeded = false,
        };

    public static ColourField Front { get; } =
        new("ribbonColour", "Ribbon’s colour", "For the drawing.");

    public static LengthField ClothThickness { get; } = FabricFields.Thickness.Optional();

    public static GroupsField Samples { get; } = DialSamples.Field("Folds that were measured.");

    /// <summary>Every field of the straight form, in the order of planning.</summary>
    public static IReadOnlyList<Field> All { get; } =
    [
        Run,
        RibbonWidth,
        LegAdvance,
        Bands,
        BandGap,
        Tail,
        StopsItself,
        StitchLength,
        LongestStitch,
        RibbonAtHand,
        Front,
        ClothThickness,
        Samples,
        .. Answers.Together.Fields,
    ];
}
