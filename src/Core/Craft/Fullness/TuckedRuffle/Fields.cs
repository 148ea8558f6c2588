using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.TuckedRuffle;

/// <summary>What an ask for a ruffle in small folds may say.</summary>
internal static class Fields
{
    public static LengthField StitchLength { get; } =
        new(
            "stitchLength",
            "Stitch",
            "With the interval it sets how far apart the folds lie.",
            Length.FromMillimetres(0.5),
            Length.FromMillimetres(12),
            Length.FromMillimetres(2.5),
            LengthKind.Fine
        );

    public static NumberField StitchesPerTuck { get; } =
        new(
            "stitchesPerTuck",
            "Stitches per pleat",
            "Stitches from one pleat to the next.",
            1,
            200,
            6
        );

    public static NumberField Fullness { get; } =
        new(
            "fullness",
            "Fullness",
            "How many times the finished length is pleated into it; or enter the depth instead.",
            1,
            12,
            2,
            false
        )
        {
            Step = 0.05,
        };

    public static LengthField TuckDepth { get; } =
        new(
            "tuckDepth",
            "Pleat depth",
            "How deep each pleat is, half of what the arm pushes; or enter the fullness instead.",
            Length.FromMillimetres(0.01),
            Length.FromMillimetres(100),
            Length.FromMillimetres(8),
            LengthKind.Fine,
            false
        );

    public static LengthField MaxTuckDepth { get; } =
        new(
            "maxTuckDepth",
            "Deepest pleat",
            "That the attachment makes: half of what its arm pushes.",
            Length.FromMillimetres(0.5),
            Length.FromMillimetres(100),
            Length.FromMillimetres(8),
            LengthKind.Fine,
            false
        );

    public static LengthField TrimAllowance { get; } =
        new(
            "trimAllowance",
            "Extra to trim off",
            "Cut longer by this, and trimmed once it is sewn.",
            Length.Zero,
            Length.FromMillimetres(2000),
            Length.FromMillimetres(50),
            IsNeeded: false
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
        .. StripReading.Fields,
    ];
}
