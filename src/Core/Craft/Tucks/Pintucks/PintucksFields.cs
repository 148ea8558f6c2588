using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Inputs.OptionalLength;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>What an ask for a tucked panel may say.</summary>
internal static class PintucksFields
{
    public const string Twin = "twin";
    public const string Folded = "folded";
    public const string Block = "block";
    public const string Slash = "slash";

    public static ChoiceField PressedTo { get; } =
        new ChoiceField(
            "pressedTo",
            "Folds lie",
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
            .Help("To which side they are pressed.")
            .When("kind", Folded);

    public static ChoiceField Kind { get; } =
        new ChoiceField(
            "kind",
            "Type",
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
        ).Help("How each tuck is made.");

    public static LengthField PanelWidth { get; } =
        Long("panelWidth", "Finished width", 10)
            .Help("Of the panel, from seam line to seam line.")
            .Edge();

    public static LengthField PanelLength { get; } =
        Long("panelLength", "Finished length", 10, 250, false)
            .Help("Of the panel, along its tucks.");

    public static NumberField Tucks { get; } =
        new NumberField("tucks", "Number of tucks", 1, 400, 15, false)
            .Help("How many; odd numbers sit better around a centre.")
            .Whole()
            .Eases("fewer tucks");

    public static CountsField Pattern { get; } =
        new CountsField("pattern", "Tucks per group", 1, 100).Help(
            "Tucks in each group, such as 3 + 5 + 3, in place of their number."
        );

    public static NumberField Cluster { get; } =
        new NumberField("cluster", "Group size", 1, 100, null, false)
            .Help("Tucks in each cluster; the last may be smaller.")
            .Whole();

    public static LengthField ClusterGap { get; } =
        Fine("clusterGap", "Space between groups", 0.5, 500)
            .Help("From the last tuck of a group to the first of the next, centre to centre.");

    public static NumberField GroupGrooves { get; } =
        new NumberField("groupGrooves", "Grooves between groups", 1, 30, null, false)
            .Help(
                "From the last tuck of a group to the first of the next, in grooves of the foot, in place of a space."
            )
            .Whole()
            .When(Kind, Twin);

    public static LengthField Spacing { get; } =
        Fine("spacing", "Tuck spacing", 0.5, 300, 6).Help("Finished, from ridge to ridge.");

    public static LengthField GroovePitch { get; } =
        Fine("groovePitch", "Groove spacing of the foot", 0.5, 12)
            .Help("Of the foot, from the middle of one to the next.")
            .From("foot.groovePitch");

    public static NumberField GrooveStep { get; } =
        new NumberField("grooveStep", "Grooves between tucks", 1, 12, 2, false)
            .Help("Which groove the last tuck runs in; the foot then spaces the next one.")
            .Whole();

    public static LengthField GrooveWidth { get; } =
        Fine("grooveWidth", "Groove width", 0.3, 12)
            .Help("What a ridge stands in.")
            .From("foot.grooveWidth")
            .When(Kind, Twin);

    public static NumberField Grooves { get; } =
        new NumberField("grooves", "Grooves", 1, 15, null, false)
            .Help("How many the foot has.")
            .From("foot.grooves")
            .Whole();

    public static LengthField NeedleSpacing { get; } =
        Fine("needleSpacing", "Twin-needle spacing", 0.5, 10, 2)
            .Help("From needle to needle of the twin needle.")
            .From("needle.twinSpacing")
            .When(Kind, Twin);

    /// <summary>Groups that differ, each with a pair or a depth and a spacing of its own.</summary>
    public static GroupsField Mixed { get; } =
        new GroupsField(
            "mixed",
            "Groups that differ",
            [
                new NumberField("tucks", "Tucks", 1, 100, 3).Help("In this group.").Whole(),
                Fine("spacing", "Spacing", 0.5, 300)
                    .Optional()
                    .Help("Within this group, where it is another."),
                Fine("wide", "Needles apart, or depth", 0.5, 60)
                    .Optional()
                    .Help(
                        "Of a twin needle its spacing, of a fold its depth, where it is another in this group."
                    ),
            ],
            12
        ).Help(
            "Wide and narrow tucks beside each other, or closer and wider ones: in place of tucks per group."
        );

    /// <summary>How the panel comes to its width.</summary>
    public static ChoiceField Method { get; } =
        new ChoiceField(
            "cutFrom",
            "Cut it",
            [
                new(
                    "exact",
                    "to size, with the tucks added",
                    "A rectangle: exact, and no fabric is wasted."
                ),
                new(
                    Slash,
                    "from a pattern, slashed and spread",
                    "The pattern piece is slashed at every tuck and spread by what it takes up."
                ),
                new(
                    Block,
                    "oversize: tuck first, lay the pattern on after",
                    "Forgiving, and it needs more fabric: the block is tucked, and the piece cut from it."
                ),
            ],
            "exact",
            false
        ).Help("Before it is tucked, or after.");

    public static NameField ThreadLeft { get; } =
        new NameField("threadLeft", "Thread of the left needle") { Of = "thread" }
            .Help("Two colours in a twin needle: the one on the left as you sew.")
            .When(Kind, Twin);

    public static NameField ThreadRight { get; } =
        new NameField("threadRight", "Thread of the right needle") { Of = "thread" }
            .Help("The one on the right.")
            .When(Kind, Twin);

    public static LengthField WidestPair { get; } =
        Fine("widestPair", "Widest twin needle of your machine", 0.5, 10)
            .Optional()
            .Help("The widest that its maker allows.")
            .From("machine.widestPair")
            .When(Kind, Twin);

    public static LengthField ClothWidth { get; } = FabricFields.Width.Optional();

    public static LengthField ClothThickness { get; } =
        Fine("clothThickness", "Fabric thickness", 0.02, 10, 0.3)
            .Help("One layer.")
            .From("cloth.thickness")
            .When(Kind, Twin);

    public static LengthField Depth { get; } =
        Fine("depth", "Pleat depth", 0.5, 60, 3)
            .Help("From the fold to the stitching.")
            .When(Kind, Folded);

    public static NumberField Draw { get; } =
        new NumberField("draw", "Share pulled into the ridge", 0, 1, null, false)
            .Help(
                "What part of the fabric between the needles is drawn into the ridge, where no swatch says it."
            )
            .Step(0.05)
            .When(Kind, Twin);

    public static LengthField TakeUp { get; } =
        Fine("takeUp", "Fabric used per tuck", 0, 10)
            .Help("As measured, in place of what is learnt.")
            .When(Kind, Twin);

    public static LengthField TakeUpSpread { get; } =
        Fine("takeUpSpread", "Variation between tucks", 0, 5)
            .Help("How much one tuck differs from the next: one standard deviation.");

    public static LengthField TakeUpBias { get; } =
        Fine("takeUpBias", "Overall measuring error", 0, 5)
            .Help(
                "How far all of them together may be off: one standard deviation of the take-up."
            );

    public static LengthField ClothAtHand { get; } =
        Long("clothAtHand", "Fabric width you have", 10, null, false)
            .Help("How wide the piece of fabric is that there is.");

    public static LengthField Margin { get; } =
        Long("margin", "Margin at each side", 0, null, false)
            .Help("From either seam line to the tuck next to it, finished.");

    public static LengthField SeamAllowance { get; } =
        Long("seamAllowance", "Seam allowance", 0, 10).Help("On all four sides of the panel.");

    public static NumberField TensionSteps { get; } = SetUpFields.TensionSteps.When(Kind, Twin);

    public static FlagField Corded { get; } =
        new FlagField("corded", "Ridge")
            .Help(
                "Whether a cord is fed beneath it: it makes it firm, and a coloured one shows through thin fabric."
            )
            .When(Kind, Twin)
            .Words("soft", "corded");

    public static NumberField Assurance { get; } =
        Certainty.Field with
        {
            Label = "How certain should it be wide enough?",
            Help = "How sure it must be that the cut width is enough, 0.5 to 0.99.",
            ShownWhen = new(Kind.Name, Twin),
        };

    public static ChoiceField Grain { get; } =
        new ChoiceField(
            "grain",
            "Tuck direction",
            [
                new("along", "along the grain", "The lengthwise grain keeps them straight."),
                new("across", "across the grain", "They stretch, and ripple sooner."),
            ],
            "along",
            false
        ).Help("Which way the tucks lie on the fabric.");

    public static NumberField Sewn { get; } =
        new NumberField("sewn", "Sewn", 2, 400)
            .Help("How many tucks are sewn, side by side.")
            .Whole();

    public static NumberField From { get; } =
        new NumberField("from", "From", 1, 400, 1, false)
            .Help("The number of the first of them, from the left.")
            .Whole();

    public static LengthField Measured { get; } =
        LengthField
            .Fine("measured", "Measured", 0.5, 20_000)
            .Help("From the first of them to the last, centre to centre.");

    /// <summary>Measures that were taken on the way, each of which re-spaces what is left.</summary>
    public static GroupsField Course { get; } =
        new GroupsField("course", "Measured on the way", [Sewn, From, Measured], 10).Help(
            "How far the tucks that were sewn reach, first to last centre."
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
        GroupGrooves,
        Mixed,
        Method,
        Spacing,
        GroovePitch,
        GrooveStep,
        Grooves,
        GrooveWidth,
        NeedleSpacing,
        ThreadLeft,
        ThreadRight,
        WidestPair,
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
        TuckLookFields.FirstLine,
        TuckLookFields.WaveHeight,
        TuckLookFields.WaveLength,
        TuckLookFields.OpenStitch,
        TuckLookFields.WidestStitch,
        TuckLookFields.FootOpening,
        TuckLookFields.PlateOpening,
        TuckLookFields.NeedleSize,
        ClothAtHand,
        Margin,
        TuckSamples.Field,
    ];

    public static IReadOnlyList<Field> All { get; } =
    [.. Shape, Course, .. Answers.Together.Fields];

    private static LengthField Long(
        string name,
        string label,
        double least,
        double? start = null,
        bool isNeeded = true
    ) => LengthField.Mm(name, label, least, 20_000, start) with { IsNeeded = isNeeded };
}
