using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>What an ask for a tucked panel may say.</summary>
internal static class Fields
{
    public const string Twin = "twin";
    public const string Folded = "folded";
    public const string Wave = "wave";

    public static ChoiceField PressedTo { get; } =
        new(
            "pressedTo",
            "Folds lie",
            "To which side they are pressed.",
            [
                new(
                    "outwards",
                    "away from the middle",
                    "Alike on both sides: on a front or a bib."
                ),
                new("left", "all to the left", "As she looks at the right side."),
                new("right", "all to the right", "As she looks at the right side."),
            ],
            "outwards",
            false
        )
        {
            ShownWhen = new("kind", Folded),
        };

    public static ChoiceField Kind { get; } =
        new(
            "kind",
            "Type",
            "How each tuck is made.",
            [
                new(
                    Twin,
                    "twin-needle pintucks",
                    "A raised ridge. Only a swatch shows how much fabric each one uses."
                ),
                new(
                    Folded,
                    "folded tucks",
                    "Folded on the line and sewn beside it: no special foot, and it takes up twice its depth."
                ),
            ],
            Twin
        );

    public static LengthField PanelWidth { get; } =
        Long("panelWidth", "Finished width", "Of the panel, from seam line to seam line.", 10) with
        {
            IsEdge = true,
        };

    public static LengthField PanelLength { get; } =
        Long("panelLength", "Finished length", "Of the panel, along its tucks.", 10, 250, false);

    public static NumberField Tucks { get; } =
        new(
            "tucks",
            "Number of tucks",
            "How many; odd numbers sit better around a centre.",
            1,
            400,
            15,
            false
        )
        {
            IsWhole = true,
            Eases = "fewer tucks",
        };

    public static CountsField Pattern { get; } =
        new(
            "pattern",
            "Tucks per group",
            "Tucks in each group, such as 3 + 5 + 3, in place of their number.",
            1,
            100
        );

    public static NumberField Cluster { get; } =
        new(
            "cluster",
            "Group size",
            "Tucks in each cluster; the last may be smaller.",
            1,
            100,
            null,
            false
        )
        {
            IsWhole = true,
        };

    public static LengthField ClusterGap { get; } =
        Fine(
            "clusterGap",
            "Space between groups",
            "From the last tuck of a group to the first of the next, centre to centre.",
            0.5,
            500
        );

    public static LengthField Spacing { get; } =
        Fine("spacing", "Tuck spacing", "Finished, from ridge to ridge.", 0.5, 300, 6);

    public static LengthField GroovePitch { get; } =
        Fine(
            "groovePitch",
            "Groove spacing of the foot",
            "Of the foot, from the middle of one to the next.",
            0.5,
            12
        ) with
        {
            From = "foot.groovePitch",
        };

    public static NumberField GrooveStep { get; } =
        new(
            "grooveStep",
            "Grooves between tucks",
            "Which groove the last tuck runs in; the foot then spaces the next one.",
            1,
            12,
            2,
            false
        )
        {
            IsWhole = true,
        };

    public static LengthField GrooveWidth { get; } =
        Fine("grooveWidth", "Groove width", "What a ridge stands in.", 0.3, 12) with
        {
            From = "foot.grooveWidth",
            ShownWhen = new(Kind.Name, Twin),
        };

    public static NumberField Grooves { get; } =
        new("grooves", "Grooves", "How many the foot has.", 1, 15, null, false)
        {
            From = "foot.grooves",
            IsWhole = true,
        };

    public static LengthField NeedleSpacing { get; } =
        Fine(
            "needleSpacing",
            "Twin-needle spacing",
            "From needle to needle of the twin needle.",
            0.5,
            10,
            2
        ) with
        {
            From = "needle.twinSpacing",
            ShownWhen = new(Kind.Name, Twin),
        };

    public static LengthField ClothWidth { get; } = FabricFields.Width.Optional();

    public static LengthField ClothThickness { get; } =
        Fine("clothThickness", "Fabric thickness", "One layer.", 0.02, 10, 0.3) with
        {
            From = "cloth.thickness",
            ShownWhen = new(Kind.Name, Twin),
        };

    public static LengthField Depth { get; } =
        Fine("depth", "Pleat depth", "From the fold to the stitching.", 0.5, 60, 3) with
        {
            ShownWhen = new(Kind.Name, Folded),
        };

    public static NumberField Draw { get; } =
        new(
            "draw",
            "Share pulled into the ridge",
            "What part of the fabric between the needles is drawn into the ridge, where no swatch says it.",
            0,
            1,
            null,
            false
        )
        {
            Step = 0.05,
            ShownWhen = new(Kind.Name, Twin),
        };

    public static LengthField TakeUp { get; } =
        Fine(
            "takeUp",
            "Fabric used per tuck",
            "As measured, in place of what is learnt.",
            0,
            10
        ) with
        {
            ShownWhen = new(Kind.Name, Twin),
        };

    public static LengthField TakeUpSpread { get; } =
        Fine(
            "takeUpSpread",
            "Variation between tucks",
            "How much one tuck differs from the next: one standard deviation.",
            0,
            5
        );

    public static LengthField TakeUpBias { get; } =
        Fine(
            "takeUpBias",
            "Overall measuring error",
            "How far all of them together may be off: one standard deviation of the take-up.",
            0,
            5
        );

    public static LengthField ClothAtHand { get; } =
        Long(
            "clothAtHand",
            "Fabric width you have",
            "How wide the piece of fabric is that there is.",
            10,
            null,
            false
        );

    public static LengthField Margin { get; } =
        Long(
            "margin",
            "Margin at each side",
            "From either seam line to the tuck next to it, finished.",
            0,
            null,
            false
        );

    public static LengthField SeamAllowance { get; } =
        Long("seamAllowance", "Seam allowance", "On all four sides of the panel.", 0, 10);

    public static NumberField TensionSteps { get; } =
        SetUpFields.TensionSteps with
        {
            ShownWhen = new(Kind.Name, Twin),
        };

    public static FlagField Corded { get; } =
        new("corded", "Ridge", "Whether a cord lies under it.")
        {
            No = "soft",
            Yes = "corded",
            ShownWhen = new(Kind.Name, Twin),
        };

    public static NumberField Assurance { get; } =
        Certainty.Field with
        {
            Label = "How certain should it be wide enough?",
            Says = "How sure it must be that the cut width is enough, 0.5 to 0.99.",
            ShownWhen = new(Kind.Name, Twin),
        };

    public static ChoiceField Grain { get; } =
        new(
            "grain",
            "Tuck direction",
            "Which way the tucks lie on the fabric.",
            [
                new("along", "along the grain", "The lengthwise grain keeps them straight."),
                new("across", "across the grain", "They stretch, and ripple sooner."),
            ],
            "along",
            false
        );

    public static ChoiceField FirstLine { get; } =
        new(
            "firstLine",
            "Tuck line",
            "What the others follow in the grooves.",
            [
                new("straight", "straight", "Drawn with a ruler."),
                new(Wave, "wavy", "Bends must be wide: the foot follows none that is tight."),
            ],
            "straight",
            false
        );

    public static LengthField WaveHeight { get; } =
        Fine("waveHeight", "Wave height", "From its middle to its crest.", 0.5, 200, 6) with
        {
            ShownWhen = new(FirstLine.Name, Wave),
        };

    public static LengthField WaveLength { get; } =
        Long("waveLength", "Wave length", "From crest to crest.", 20, 200, false) with
        {
            ShownWhen = new(FirstLine.Name, Wave),
        };

    public static ChoiceField OpenStitch { get; } =
        new(
            "openStitch",
            "Decorative stitch",
            "A narrow one, such as a small scallop, sewn with the same foot.",
            [
                new("none", "none", "Ridges alone."),
                new("between", "between the tucks", "In the flats."),
                new("over", "over the tucks", "Across the ridges."),
            ],
            "none",
            false
        )
        {
            ShownWhen = new(Kind.Name, Twin),
        };

    private static ShownWhen WithOpenStitch { get; } = new(OpenStitch.Name, "none", Not: true);

    public static LengthField WidestStitch { get; } =
        Fine("widestStitch", "Widest stitch of your machine", "With one needle.", 1, 15, 7) with
        {
            From = "machine.widestStitch",
            ShownWhen = WithOpenStitch,
        };

    public static LengthField FootOpening { get; } =
        SetUpFields.FootOpening(5) with
        {
            ShownWhen = WithOpenStitch,
        };

    public static LengthField PlateOpening { get; } =
        SetUpFields.PlateOpening with
        {
            ShownWhen = WithOpenStitch,
        };

    public static NumberField NeedleSize { get; } =
        SetUpFields.NeedleSize with
        {
            ShownWhen = WithOpenStitch,
        };

    public static NumberField Sewn { get; } =
        new("sewn", "Sewn", "How many tucks are sewn, side by side.", 2, 400) { IsWhole = true };

    public static NumberField From { get; } =
        new("from", "From", "The number of the first of them, from the left.", 1, 400, 1, false)
        {
            IsWhole = true,
        };

    public static LengthField Measured { get; } =
        LengthField.Fine(
            "measured",
            "Measured",
            "From the first of them to the last, centre to centre.",
            0.5,
            20_000
        );

    public static LengthsField Flat { get; } =
        new(
            "flat",
            "Flat",
            "Between the marks before sewing, read once or several times.",
            Length.FromMillimetres(3000)
        );

    public static LengthsField Tucked { get; } =
        new(
            "tucked",
            "Tucked",
            "Between the same marks after sewing and pressing.",
            Length.FromMillimetres(3000)
        );

    /// <summary>Measures that were taken on the way, each of which re-spaces what is left.</summary>
    public static GroupsField Course { get; } =
        new(
            "course",
            "Measured on the way",
            "How far the tucks that were sewn reach, first to last centre.",
            [Sewn, From, Measured],
            10
        );

    public static IReadOnlyList<Field> Shape { get; } =
    [
        Kind,
        PressedTo,
        PanelWidth,
        PanelLength,
        Tucks,
        Pattern,
        Cluster,
        ClusterGap,
        Spacing,
        GroovePitch,
        GrooveStep,
        Grooves,
        GrooveWidth,
        NeedleSpacing,
        ClothThickness,
        Depth,
        Draw,
        TakeUp,
        TakeUpSpread,
        TakeUpBias,
        SeamAllowance,
        TensionSteps,
        Corded,
        FabricFields.LayerWeight,
        ClothWidth,
        Assurance,
        Grain,
        FirstLine,
        WaveHeight,
        WaveLength,
        OpenStitch,
        WidestStitch,
        FootOpening,
        PlateOpening,
        NeedleSize,
        ClothAtHand,
        Margin,
        TuckSamples.Field,
    ];

    public static IReadOnlyList<Field> All { get; } =
    [.. Shape, Course, .. Answers.Together.Fields];

    private static LengthField Long(
        string name,
        string label,
        string says,
        double least,
        double? start = null,
        bool isNeeded = true
    ) => LengthField.Mm(name, label, says, least, 20_000, start) with { IsNeeded = isNeeded };

    private static LengthField Fine(
        string name,
        string label,
        string says,
        double least,
        double most,
        double? start = null
    ) => LengthField.Fine(name, label, says, least, most, start).Optional();
}
