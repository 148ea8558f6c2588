using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Fullness.TuckedRuffle;

/// <summary>What an ask for a ruffle in small folds may say.</summary>
internal static class TuckedRuffleFields
{
    public static LengthField StitchLength { get; } =
        LengthField
            .Fine("stitchLength", "Stitch", 0.5, 12, 2.5)
            .Help("With the interval it sets how far apart the folds lie.");

    public static NumberField StitchesPerTuck { get; } =
        new NumberField("stitchesPerTuck", "Stitches per pleat", 1, 200, 6).Help(
            "Stitches from one pleat to the next."
        );

    public static NumberField Fullness { get; } =
        new NumberField("fullness", "Fullness", 1, 12, 2, false)
            .Help(
                "How many times the finished length is pleated into it; or enter the depth instead."
            )
            .Step(0.05);

    public static LengthField TuckDepth { get; } =
        LengthField
            .Fine("tuckDepth", "Pleat depth", 0.01, 100, 8)
            .Optional()
            .Help(
                "How deep each pleat is, half of what the arm pushes; or enter the fullness instead."
            );

    public static LengthField MaxTuckDepth { get; } =
        LengthField
            .Fine("maxTuckDepth", "Deepest pleat", 0.5, 100, 8)
            .Optional()
            .Help("That the attachment makes: half of what its arm pushes.");

    public static LengthField TrimAllowance { get; } =
        LengthField
            .Mm("trimAllowance", "Extra to trim off", 0, 2000, 50)
            .Optional()
            .Help("Cut longer by this, and trimmed once it is sewn.");

    public static LengthField GuideDepth { get; } =
        LengthField
            .Fine("guideDepth", "Depth of the guide slot", 2, 30, 6)
            .Optional()
            .Help(
                "How far the strip’s edge goes into the slot of the attachment: it is basted within that."
            );

    /// <summary>How deep a swatch was folded.</summary>
    public static LengthField Folded { get; } =
        LengthField.Fine("folded", "Pleat depth", 0.1, 100).Help("Of a swatch.");

    public static GroupsField Samples { get; } =
        new GroupsField("samples", "Swatches", [Folded, .. SampleWeight.Fields], 500).Help(
            "How deep swatches were folded, with the screw as it stands."
        );

    public static IReadOnlyList<Field> All { get; } =
    [
        StripFields.FinishedEdge,
        StitchesPerTuck,
        StitchLength,
        Fullness,
        TuckDepth,
        MaxTuckDepth,
        TrimAllowance,
        GuideDepth,
        .. StripReading.Fields,
        Samples,
        Certainty.Field,
    ];
}
