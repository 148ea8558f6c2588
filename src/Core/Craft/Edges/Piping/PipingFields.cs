using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>What an ask for a piped edge may say.</summary>
internal static class PipingFields
{
    public static LengthField CordDiameter { get; } =
        LengthField
            .Fine("cordDiameter", "Cord thickness", 0.5, 30)
            .Help("Laid between two straight edges, not squeezed.")
            .From("cord.diameter");

    public static FlagField PreShrunk { get; } =
        new FlagField("preShrunk", "Cord", true)
            .Help("A cotton cord that shrinks later puckers the whole edge.")
            .Words("not pre-washed", "pre-washed");

    public static NumberField Shrinks { get; } =
        new NumberField("cordShrinks", "It shrinks by", 0, 30, 5, false)
        {
            Unit = "%",
            ShownWhen = new("preShrunk", "true", Not: true),
        }.Help("In the wash; measure a metre before and after.");

    public static NumberField Rounds { get; } =
        new NumberField("rounds", "Number of piped edges", 1, 4, 1, false)
            .Help("One round the middle; two for a box cushion, above and below.")
            .Whole();

    public static LengthField StitchLength { get; } =
        CordedFields
            .Fine("stitchLength", "Stitch length", 1, 6, 2.5)
            .Help("Of the second and third line.");

    /// <summary>What wraps came to against what was reckoned.</summary>
    public static GroupsField Samples { get; } =
        DialSamples.Field().Help("Wraps that were measured.");

    public static IReadOnlyList<Field> All { get; } =
    [
        CordDiameter,
        PreShrunk,
        Shrinks,
        .. CordedFields.OfEdge,
        CordedFields.Thickness,
        CordedFields.FaceThickness,
        CordedFields.Seam,
        CordedFields.Overlap,
        CordedFields.ReadyBinding,
        Rounds,
        .. BiasFields.All,
        .. CordedFields.OfFoot,
        StitchLength,
        .. CordedFields.OfZip,
        Samples,
        .. Together.Fields,
    ];
}
