using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Faults;

/// <summary>What was set, as far as it is known: null where it is not.</summary>
/// <param name="Technique">The card that it is sewn by.</param>
/// <param name="ClothWeight">Grams a square metre.</param>
/// <param name="ClothBuild">weave, knit or net.</param>
/// <param name="NeedleSize">NM.</param>
/// <param name="NeedleHours">How long the needle has sewn.</param>
/// <param name="ThreadTex">Grams a kilometre.</param>
/// <param name="TensionSteps">How far the needle tension is off what the card says; above 0 is tighter.</param>
/// <param name="Pair">From needle to needle of a pair.</param>
/// <param name="Groove">How wide a groove of the foot is.</param>
public sealed record SetUp(
    string? Technique = null,
    double? ClothWeight = null,
    string? ClothBuild = null,
    double? Layers = null,
    double? NeedleSize = null,
    string? NeedlePoint = null,
    double? NeedleHours = null,
    double? ThreadTex = null,
    double? TensionSteps = null,
    Length? StitchLength = null,
    Length? StitchWidth = null,
    Length? Pair = null,
    Length? Groove = null,
    Length? Cord = null,
    bool? Stabilised = null,
    bool? HeldBack = null,
    bool? ElasticInSlot = null,
    double? Passes = null
)
{
    /// <summary>Whether the fabric is light, under 100 g/m².</summary>
    public bool IsLight => ClothWeight < 100;

    /// <summary>Whether it is heavy, over 200 g/m².</summary>
    public bool IsHeavy => ClothWeight > 200;

    public bool IsKnit => ClothBuild == Cloth.Knit;

    /// <summary>The finest needle that passes the thread: its diameter √(4·tex/(1000·π·0.9)) mm at most 0.28 of the blade’s.</summary>
    public double? LeastNeedle =>
        ThreadTex is { } tex ? 100 * Math.Sqrt(4 * tex / (1000 * Math.PI * 0.9)) / 0.28 : null;

    private static NameField TechniqueField { get; } = new("technique", "Technique");

    private static NumberField WeightField { get; } =
        new("clothWeight", "Fabric weight", 10, 1500, IsNeeded: false);

    private static ChoiceField BuildField { get; } =
        new(
            "clothBuild",
            "Fabric",
            [new(Cloth.Weave, "woven", ""), new(Cloth.Knit, "knit", ""), new(Cloth.Net, "net", "")],
            IsNeeded: false
        );

    private static NumberField LayersField { get; } =
        new("layers", "Layers", 1, 12, IsNeeded: false);

    private static NumberField SizeField { get; } =
        new("needleSize", "Needle size", 50, 130, IsNeeded: false);

    private static NameField PointField { get; } = new("needlePoint", "Needle point");

    private static NumberField HoursField { get; } =
        new NumberField("needleHours", "Hours sewn with this needle", 0, 200, IsNeeded: false).Help(
            "About eight hours blunt a needle."
        );

    private static NumberField TexField { get; } =
        new("threadTex", "Thread", 5, 300, IsNeeded: false);

    private static NumberField TensionField { get; } =
        new NumberField(
            "tensionSteps",
            "Needle tension off the settings card",
            -9,
            9,
            IsNeeded: false
        ).Help("Steps on the dial; below 0 is looser than the card says.");

    private static LengthField LengthOf { get; } =
        LengthField.Mm("stitchLength", "Stitch length", 0.1, 20).Optional();

    private static LengthField WidthOf { get; } =
        LengthField.Mm("stitchWidth", "Stitch width", 0, 20).Optional();

    private static LengthField PairField { get; } =
        LengthField.Mm("needleSpacing", "Twin needle spacing", 0.5, 8).Optional();

    private static LengthField GrooveField { get; } =
        LengthField.Mm("grooveWidth", "Groove of the foot", 0.5, 12).Optional();

    private static LengthField CordField { get; } =
        LengthField.Mm("cordDiameter", "Cord diameter", 0.2, 30).Optional();

    private static FlagField StabilisedField { get; } = new("stabilised", "Stabiliser under it");

    private static FlagField HeldBackField { get; } = new("heldBack", "Held back behind the foot");

    private static FlagField SlotField { get; } =
        new("elasticInSlot", "Elastic lies in its tension slot");

    private static NumberField PassesField { get; } =
        new("passes", "Passes", 1, 3, IsNeeded: false);

    /// <summary>Everything that bears on a cause, each of which may be left out.</summary>
    public static GroupField Group { get; } =
        new(
            "setUp",
            "What is set",
            [
                TechniqueField,
                WeightField,
                BuildField,
                LayersField,
                SizeField,
                PointField,
                HoursField,
                TexField,
                TensionField,
                LengthOf,
                WidthOf,
                PairField,
                GrooveField,
                CordField,
                StabilisedField,
                HeldBackField,
                SlotField,
                PassesField,
            ]
        );

    /// <summary>Reads what is known of it.</summary>
    public static SetUp Read(InputReader said) =>
        new(
            said.OptionalName(TechniqueField),
            said.OptionalNumber(WeightField),
            said.OptionalChoice(BuildField),
            said.OptionalNumber(LayersField),
            said.OptionalNumber(SizeField),
            said.OptionalName(PointField),
            said.OptionalNumber(HoursField),
            said.OptionalNumber(TexField),
            said.OptionalNumber(TensionField),
            said.OptionalLength(LengthOf),
            said.OptionalLength(WidthOf),
            said.OptionalLength(PairField),
            said.OptionalLength(GrooveField),
            said.OptionalLength(CordField),
            said.OptionalFlag(StabilisedField),
            said.OptionalFlag(HeldBackField),
            said.OptionalFlag(SlotField),
            said.OptionalNumber(PassesField)
        );
}
