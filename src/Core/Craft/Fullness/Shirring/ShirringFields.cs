using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>What an ask for a panel shirred with elastic thread may say.</summary>
internal static class ShirringFields
{
    public static LengthField RelaxedWidth { get; } =
        Measure("relaxedWidth", "Finished width, relaxed")
            .Help("Width of the finished panel when it isn’t stretched.")
            .Edge();

    public static NumberField Fullness { get; } =
        new NumberField("fullness", "Fullness", 1, 6, 2)
            .Help("How many times its width at rest the panel is flat.")
            .Step(0.05);

    public static LengthField PanelHeight { get; } =
        Measure("panelHeight", "Panel height").Help("Square to the rows, between its seams.");

    public static LengthField EdgeAllowance { get; } =
        LengthField
            .Mm("edgeAllowance", "Edge seams", 0, 200, 12)
            .Optional()
            .Help("Above and below the panel, beyond its height; 0 where it has none.");

    public static LengthField TopMargin { get; } =
        Margin("topMargin", "Plain fabric above").Help("From the upper seam to the first row.");

    public static LengthField BottomMargin { get; } =
        Margin("bottomMargin", "Plain fabric below").Help("From the last row to the lower seam.");

    public static LengthField RowGap { get; } =
        StripFields.RowGap with
        {
            Help =
                "Between neighbouring rows; evened out so that the last row lands on its margin.",
            Start = Length.FromMillimetres(8),
        };

    public static ChoiceField Layout { get; } =
        new ChoiceField(
            "layout",
            "Sew the rows",
            [
                new(
                    "pivot",
                    "as one continuous line",
                    "One continuous line that pivots in the seam allowance: few ends, and the turns must stay in the allowance."
                ),
                new(
                    "rows",
                    "separately",
                    "Each row is secured by itself: if one goes, the others hold; many tails to tie."
                ),
                new(
                    "spiral",
                    "in a spiral",
                    "The panel is closed to a tube first and sewn round and round: two tails, knotted with a dot of textile glue."
                ),
            ],
            "pivot"
        ).Help("How the rows follow each other.");

    public static ChoiceField RowsOver { get; } =
        new ChoiceField(
            "rowsOver",
            "Rows over",
            [
                new("whole", "the whole width", "From seam to seam."),
                new(
                    "middle",
                    "the middle",
                    "A waist or a back is drawn in without a seam; the sides stay plain."
                ),
                new("sides", "both sides", "A few rows at either side; the middle stays plain."),
            ],
            "whole",
            false
        ).Help("Which part of the width the rows draw in.");

    public static LengthField PlainWidth { get; } =
        LengthField
            .Mm("plainWidth", "Plain width", 0, 1e6)
            .Optional()
            .Help("What has no rows, all together: it stays as wide as it is cut.")
            .When(RowsOver, "middle", "sides");

    public static ChoiceField RowShape { get; } =
        new ChoiceField(
            "rowShape",
            "Rows run",
            [
                new("straight", "straight across", "Side by side, square to the height."),
                new(
                    "diagonal",
                    "slanting",
                    "For texture: they draw the height in as well as the width, and less of each."
                ),
                new(
                    "waves",
                    "in waves",
                    "For texture, over a collar or a cuff: led freely along a chalked line."
                ),
                new(
                    "neckline",
                    "round a neckline",
                    "Each row is longer than the one above it, as its circle is larger."
                ),
            ],
            "straight",
            false
        ).Help("How the rows run over the panel.");

    public static NumberField RowAngle { get; } =
        new NumberField("rowAngle", "Slant", 5, 85, 30, false)
            .Help("From the width, in degrees.")
            .Unit("°")
            .Step(5)
            .When(RowShape, "diagonal");

    public static LengthField WaveHeight { get; } =
        LengthField
            .Mm("waveHeight", "Height of a wave", 1, 500, 20)
            .Optional()
            .Help("From its lowest place to its highest.")
            .When(RowShape, "waves");

    public static LengthField WaveLength { get; } =
        LengthField
            .Mm("waveLength", "Length of a wave", 10, 2000, 80)
            .Optional()
            .Help("From crest to crest.")
            .When(RowShape, "waves");

    public static LengthField NeckRadius { get; } =
        LengthField
            .Mm("neckRadius", "Radius of the neckline", 20, 5000, 90)
            .Optional()
            .Help(
                "Of the curve that the upper edge is cut in; the width is then measured along that edge."
            )
            .When(RowShape, "neckline");

    /// <summary>What guides the rows where nothing is marked.</summary>
    public static LengthField FootEdge { get; } =
        LengthField
            .Fine("footEdge", "Needle to the edge of the foot", 1, 40)
            .Optional()
            .Help("Rows that follow the edge of the foot along the last one lie so far apart.")
            .From("foot.soleRight");

    public static LengthField WayRound { get; } =
        LengthField
            .Mm("wayRound", "Way round for a ruched strip", 1, 1e6)
            .Optional()
            .Help(
                "A strip 3 to 4 cm wide, sewn along in a wide zigzag with elastic, becomes a ruched trim: the edge that it goes round."
            );

    public static LengthField TestFlat { get; } =
        LengthField
            .Mm("testFlat", "Test strip, flat", 1, 20_000)
            .Optional()
            .Help("Of the same fabric, before it is sewn.");

    public static LengthField TestDrawn { get; } =
        LengthField
            .Mm("testDrawn", "Test strip, drawn up", 1, 20_000)
            .Optional()
            .Help("The same once it is sewn.");

    public static NumberField ElasticFactor { get; } =
        new NumberField("elasticFactor", "Elastic per row", 0.2, 6, 1.1, false)
            .Help("Elastic that a row takes, as a part of its width at rest.")
            .Step(0.05);

    public static LengthField BobbinCapacity { get; } =
        LengthField
            .Mm("bobbinCapacity", "Length per bobbin", 1, 1e6, 9000)
            .Help("How much elastic a bobbin holds.")
            .From("machine.bobbinElastic")
            .When(PullUpFields.ElasticIn, "lockstitch");

    /// <summary>Of an overlocker, which elastic in a looper is sewn on.</summary>
    public static NumberField Differential { get; } =
        PullUpFields.Differential.When(PullUpFields.ElasticIn, "looper");

    public static LengthField MustPassOver { get; } =
        Body("mustPassOver", "Must stretch over")
            .Help("The widest measure that it has to stretch over.");

    public static LengthField BodyMeasure { get; } =
        Body("bodyMeasure", "Worn on").Help("The measure that it sits on at rest.");

    public static LengthField ClothWidth { get; } = FabricFields.Width.Optional();
    public static LengthField SeamAllowance { get; } = StripFields.SeamAllowance;
    public static LengthField Tail { get; } = StripFields.Tail;
    public static LengthField StitchLength { get; } = PullUpFields.StitchLength;

    public static LengthField ClothThickness { get; } = FabricFields.Thickness;

    /// <summary>Every field of the straight form, in the order of planning.</summary>
    public static IReadOnlyList<Field> All { get; } =
    [
        RelaxedWidth,
        Fullness,
        PanelHeight,
        EdgeAllowance,
        TopMargin,
        BottomMargin,
        RowGap,
        SeamAllowance,
        Layout,
        RowsOver,
        PlainWidth,
        RowShape,
        RowAngle,
        WaveHeight,
        WaveLength,
        NeckRadius,
        FootEdge,
        PullUpFields.ElasticIn,
        ElasticFactor,
        BobbinCapacity,
        Tail,
        StitchLength,
        ClothThickness,
        MustPassOver,
        BodyMeasure,
        ClothWidth,
        FabricFields.LayerWeight,
        SetUpFields.TensionSteps with
        {
            Start = 0,
        },
        Differential,
        PullUpFields.ElasticDiameter with
        {
            Start = Length.FromMillimetres(0.6),
        },
        .. PullUpFields
            .Beside.Where(f => f.Name != PullUpFields.TargetFullness.Name)
            .Select(f =>
                f == Certainty.Field
                    ? f with
                    {
                        Label = "How certain should it be not too tight?",
                    }
                    : f
            ),
        StripBecomes.There,
        WayRound,
        TestFlat,
        TestDrawn,
        .. Answers.Together.Fields,
    ];

    private static LengthField Measure(string name, string label) =>
        LengthField.Mm(name, label, 1, 1e6);

    private static LengthField Margin(string name, string label) =>
        LengthField.Mm(name, label, 0, 1e6, 15);

    private static LengthField Body(string name, string label) =>
        LengthField.Mm(name, label, 1, 1e6).Optional();
}
