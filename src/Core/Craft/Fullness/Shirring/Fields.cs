using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>What an ask for a panel shirred with elastic thread may say.</summary>
internal static class Fields
{
    public static LengthField RelaxedWidth { get; } =
        Measure(
            "relaxedWidth",
            "Finished width, relaxed",
            "Width of the finished panel when it isn’t stretched."
        ) with
        {
            IsEdge = true,
        };

    public static NumberField Fullness { get; } =
        new("fullness", "Fullness", "How many times its width at rest the panel is flat.", 1, 6, 2)
        {
            Step = 0.05,
        };

    public static LengthField PanelHeight { get; } =
        Measure("panelHeight", "Panel height", "Square to the rows, between its seams.");

    public static LengthField EdgeAllowance { get; } =
        new(
            "edgeAllowance",
            "Edge seams",
            "Above and below the panel, beyond its height; 0 where it has none.",
            Length.Zero,
            Length.FromMillimetres(200),
            Length.FromMillimetres(12),
            IsNeeded: false
        );

    public static LengthField TopMargin { get; } =
        Margin("topMargin", "Plain fabric above", "From the upper seam to the first row.");

    public static LengthField BottomMargin { get; } =
        Margin("bottomMargin", "Plain fabric below", "From the last row to the lower seam.");

    public static LengthField RowGap { get; } =
        StripFields.RowGap with
        {
            Says =
                "Between neighbouring rows; evened out so that the last row lands on its margin.",
            Start = Length.FromMillimetres(8),
        };

    public static ChoiceField Layout { get; } =
        new(
            "layout",
            "Sew the rows",
            "How the rows follow each other.",
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
        );

    public static NumberField ElasticFactor { get; } =
        new(
            "elasticFactor",
            "Elastic per row",
            "Elastic that a row takes, as a part of its width at rest.",
            0.2,
            6,
            1.1,
            false
        )
        {
            Step = 0.05,
        };

    public static LengthField BobbinCapacity { get; } =
        new(
            "bobbinCapacity",
            "Length per bobbin",
            "How much elastic a bobbin holds.",
            Length.FromMillimetres(1),
            Length.FromMillimetres(1e6),
            Length.FromMillimetres(9000)
        )
        {
            From = "machine.bobbinElastic",
            ShownWhen = new(PullUpFields.ElasticIn.Name, "lockstitch"),
        };

    /// <summary>Of an overlocker, which elastic in a looper is sewn on.</summary>
    public static NumberField Differential { get; } =
        PullUpFields.Differential with
        {
            ShownWhen = new(PullUpFields.ElasticIn.Name, "looper"),
        };

    public static LengthField MustPassOver { get; } =
        Body(
            "mustPassOver",
            "Must stretch over",
            "The widest measure that it has to stretch over."
        );

    public static LengthField BodyMeasure { get; } =
        Body("bodyMeasure", "Worn on", "The measure that it sits on at rest.");

    public static LengthField ClothWidth { get; } = FabricFields.Width with { IsNeeded = false };
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
        .. Answers.Together.Fields,
    ];

    private static LengthField Measure(string name, string label, string says) =>
        new(name, label, says, Length.FromMillimetres(1), Length.FromMillimetres(1e6));

    private static LengthField Margin(string name, string label, string says) =>
        new(
            name,
            label,
            says,
            Length.Zero,
            Length.FromMillimetres(1e6),
            Length.FromMillimetres(15)
        );

    private static LengthField Body(string name, string label, string says) =>
        new(
            name,
            label,
            says,
            Length.FromMillimetres(1),
            Length.FromMillimetres(1e6),
            IsNeeded: false
        );
}
