using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Craft;

/// <summary>What a technique may ask of its fabric: one name, one meaning and one range for each.</summary>
public static class FabricFields
{
    /// <summary>The weight that stands in for one that is not known, in g/m²: as a feature it is then 0.</summary>
    public const double UsualWeight = 120;

    public static LengthField Width { get; } =
        LengthField
            .Mm("clothWidth", "Usable fabric width", 1, 1e6, 1380)
            .Help("The fabric between its selvedges, without what cannot be used.")
            .From("cloth.usableWidth");

    public static LengthField Thickness { get; } =
        LengthField
            .Fine("clothThickness", "Fabric thickness", 0, 50, 0.3)
            .Help("Of one layer of the fabric.")
            .From("cloth.thickness");

    public static LengthField AtHand { get; } =
        LengthField
            .Mm("clothAtHand", "Fabric length you have", 1, 1e6)
            .Optional()
            .Help("How much length of the fabric there is, when it is owned already.")
            .From("cloth.lengthLeft");

    /// <summary>For advice that goes by the weight of the whole.</summary>
    public static NumberField Weight { get; } =
        new NumberField("clothWeight", "Fabric weight", 1, 2000, IsNeeded: false)
            .Help("Of the fabric, in grams per square metre.")
            .Unit("g/m²")
            .Step(5)
            .From("cloth.weight");

    /// <summary>For what is learnt, where layers are counted by themselves.</summary>
    public static NumberField LayerWeight { get; } =
        new NumberField("clothWeight", "Weight", 1, 2000, null, false)
            .Help("Of one layer of the fabric, in grams per square metre.")
            .Unit("g/m²")
            .Step(5)
            .From("cloth.weight");
}
