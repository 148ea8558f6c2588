using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>What an ask for a piped edge may say.</summary>
internal static class Fields
{
    public static LengthField CordDiameter { get; } =
        LengthField.Fine(
            "cordDiameter",
            "Cord thickness",
            "Laid between two straight edges, not squeezed.",
            0.5,
            30
        ) with
        {
            From = "cord.diameter",
        };

    public static FlagField PreShrunk { get; } =
        new("preShrunk", "Cord", "A cotton cord that shrinks later puckers the whole edge.", true)
        {
            No = "not pre-washed",
            Yes = "pre-washed",
        };

    public static NumberField Shrinks { get; } =
        new(
            "cordShrinks",
            "It shrinks by",
            "In the wash; measure a metre before and after.",
            0,
            30,
            5,
            false
        )
        {
            Unit = "%",
            ShownWhen = new("preShrunk", "true", Not: true),
        };

    public static NumberField Rounds { get; } =
        new(
            "rounds",
            "Number of piped edges",
            "One round the middle; two for a box cushion, above and below.",
            1,
            4,
            1,
            false
        )
        {
            IsWhole = true,
        };

    public static LengthField StitchLength { get; } =
        CordedFields.Fine(
            "stitchLength",
            "Stitch length",
            "Of the second and third line.",
            1,
            6,
            2.5
        );

    /// <summary>What wraps came to against what was reckoned.</summary>
    public static GroupsField Samples { get; } = DialSamples.Field("Wraps that were measured.");

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
        Rounds,
        .. BiasFields.All,
        .. CordedFields.OfFoot,
        StitchLength,
        CordedFields.Zip,
        CordedFields.ZipSide,
        Samples,
        .. Together.Fields,
    ];
}
