using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft;

/// <summary>What a technique may ask of its fabric: one name, one meaning and one range for each.</summary>
public static class FabricFields
{
    /// <summary>The weight that stands in for one that is not known, in g/m²: as a feature it is then 0.</summary>
    public const double UsualWeight = 120;

    public static LengthField Width { get; } =
        new(
            "clothWidth",
            "Usable fabric width",
            "The fabric between its selvedges, without what cannot be used.",
            Length.FromMillimetres(1),
            Length.FromMillimetres(1e6),
            Length.FromMillimetres(1380)
        )
        {
            From = "cloth.usableWidth",
        };

    public static LengthField Thickness { get; } =
        new(
            "clothThickness",
            "Fabric thickness",
            "Of one layer of the fabric.",
            Length.Zero,
            Length.FromMillimetres(50),
            Length.FromMillimetres(0.3),
            LengthKind.Fine
        )
        {
            From = "cloth.thickness",
        };

    public static LengthField AtHand { get; } =
        new(
            "clothAtHand",
            "Fabric length you have",
            "How much length of the fabric there is, when it is owned already.",
            Length.FromMillimetres(1),
            Length.FromMillimetres(1e6),
            IsNeeded: false
        )
        {
            From = "cloth.lengthLeft",
        };

    /// <summary>For advice that goes by the weight of the whole.</summary>
    public static NumberField Weight { get; } =
        new(
            "clothWeight",
            "Fabric weight",
            "Of the fabric, in grams per square metre.",
            1,
            2000,
            IsNeeded: false
        )
        {
            Unit = "g/m²",
            Step = 5,
            From = "cloth.weight",
        };

    /// <summary>For what is learnt, where layers are counted by themselves.</summary>
    public static NumberField LayerWeight { get; } =
        new(
            "clothWeight",
            "Weight",
            "Of one layer of the fabric, in grams per square metre.",
            1,
            2000,
            null,
            false
        )
        {
            Unit = "g/m²",
            Step = 5,
            From = "cloth.weight",
        };
}
