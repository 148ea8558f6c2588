using ZephyrReach.Core.Card;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>What an ask for ribbon laid in folds may say.</summary>
internal static class FoldedRibbonFields
{
    public static LengthField Run { get; } =
        LengthField
            .Mm("run", "Length to cover", 10, 50_000)
            .Help("The line on which it lies, from end to end.")
            .Edge();

    public static LengthField RibbonWidth { get; } =
        LengthField
            .Fine("ribbonWidth", "Ribbon width", 1, 80, 5)
            .Help("Flat.")
            .From("ribbon.width");

    public static LengthField LegAdvance { get; } =
        LengthField
            .Fine("legAdvance", "Advance per fold", 2, 300, 12)
            .Help("How far the band goes on from fold to fold; it is as wide.");

    public static LengthField Tail { get; } =
        LengthField
            .Mm("tail", "Turned under at each end", 0, 200, 20)
            .Help("At the start and at the end.");

    public static NumberField Bands { get; } =
        new NumberField("bands", "Number of bands", 1, 12, 1, false)
            .Help("Side by side, each the mirror of its neighbour.")
            .Whole();

    public static LengthField BandGap { get; } =
        LengthField
            .Mm("bandGap", "Space between bands", 0, 500, 0)
            .Help("From fold edge to fold edge; 0 where they touch.")
            .Optional()
            .Unless(Bands, "1");

    public static LengthField LongestStitch { get; } =
        LengthField
            .Fine("longestStitch", "Longest stitch", 1, 12, 5)
            .Help("That the machine makes.")
            .Optional()
            .From("machine.longestStitch");

    public static LengthField StitchLength { get; } =
        LengthField
            .Fine("stitchLength", "Stitch length", 0.5, 6, 2)
            .Help("Of the sequence that catches it.")
            .Optional();

    public static FlagField StopsItself { get; } =
        new FlagField("stopsItself", "Machine stops by itself").Help(
            "Whether the machine stops by itself."
        );

    public static LengthField RibbonAtHand { get; } =
        LengthField
            .Mm("ribbonAtHand", "Ribbon you have", 20, 1_000_000)
            .Help("In one piece, for all bands.")
            .Optional();

    public static ColourField Front { get; } =
        new ColourField("ribbonColour", "Ribbon’s colour").Help("For the drawing.");

    public static LengthField ClothThickness { get; } = FabricFields.Thickness.Optional();

    public static GroupsField Samples { get; } =
        DialSamples.Field().Help("Folds that were measured.");

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
        Wants.ProgramField,
        Wants.FootAskedField,
        StitchLength,
        LongestStitch,
        RibbonAtHand,
        Front,
        ClothThickness,
        Samples,
        .. Answers.Together.Fields,
    ];
}
