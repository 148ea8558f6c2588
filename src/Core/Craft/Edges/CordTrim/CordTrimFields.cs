using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.CordTrim;

/// <summary>What an ask for a ready-made trim may say.</summary>
internal static class CordTrimFields
{
    public const string Stiff = "stiff";
    public const string BackFirst = "back-first";

    public static LengthField CordDiameter { get; } =
        LengthField
            .Fine("cordDiameter", "Trim thickness", 1, 40)
            .Help("The cord alone, without its flange.")
            .From("cord.diameter");

    public static LengthField FlangeWidth { get; } =
        CordedFields
            .Fine("flangeWidth", "Lip width", 3, 60, 10)
            .Help("How wide the tape is that is sewn in.");

    public static NumberField Plies { get; } =
        new NumberField("plies", "Plies", 2, 8, 3, false)
            .Help("How many are twisted together.")
            .From("cord.plies")
            .Whole();

    public static ChoiceField Stiffness { get; } =
        new ChoiceField(
            "stiffness",
            "Stiffness",
            [
                new("soft", "soft", "Follows corners and a narrow foot."),
                new("firm", "firm", "Follows rounded corners."),
                new(Stiff, "stiff", "Joins easily; leaves little room for a foot."),
            ],
            "firm",
            false
        )
            .Help("Bend it round a finger.")
            .From("cord.stiffness");

    public static LengthField Overlap { get; } =
        CordedFields.Overlap with
        {
            Start = Length.FromMillimetres(80),
            Help = "Of both ends together, where they are laid over each other: generously.",
        };

    public static LengthField StitchLength { get; } =
        CordedFields.Fine("stitchLength", "Stitch length", 1, 6, 3).Help("Of both passes.");

    public static ChoiceField Order { get; } =
        new ChoiceField(
            "zipOrder",
            "Insert the zip",
            [
                new(
                    "zip-first",
                    "before attaching the back",
                    "Everything lies flat; the usual order."
                ),
                new(BackFirst, "afterwards", "Into an open seam: for a zip that is put in later."),
            ],
            "zip-first",
            false
        ).When("zip", "true");

    public static IReadOnlyList<Field> All { get; } =
    [
        CordDiameter,
        FlangeWidth,
        Plies,
        Stiffness,
        .. CordedFields.OfEdge,
        CordedFields.FaceThickness,
        CordedFields.Seam,
        Overlap,
        BiasFields.ClothWidth,
        BiasFields.ClothAtHand,
        .. CordedFields.OfFoot,
        StitchLength,
        .. CordedFields.OfZip,
        Order,
        .. Together.Fields,
    ];
}
