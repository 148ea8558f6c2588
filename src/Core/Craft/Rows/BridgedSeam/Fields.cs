using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>What an ask for bridged seams may say.</summary>
internal static class Fields
{
    public const string Bar = "bar";
    public const string FoldedCard = "card";

    public static LengthField TotalWidth { get; } =
        LengthField.Mm(
            "totalWidth",
            "Finished width",
            "Of all panels and gaps together.",
            20,
            20_000
        ) with
        {
            IsEdge = true,
        };

    public static NumberField Bridges { get; } =
        new("bridges", "Number of open seams", "How many open seams there are.", 1, 40, 1)
        {
            IsWhole = true,
        };

    public static LengthField SeamLength { get; } =
        LengthField.Mm(
            "seamLength",
            "Length",
            "Of the finished piece, along the seams.",
            20,
            20_000,
            500
        ) with
        {
            IsNeeded = false,
        };

    public static LengthField Gap { get; } =
        LengthField.Fine("gap", "Gap between the folds", "Between the two folds.", 0.5, 12, 3);

    public static LengthField FoldAllowance { get; } =
        LengthField.Mm(
            "foldAllowance",
            "Fold allowance at each gap",
            "Pressed under at each side of a gap; 10 to 13 mm.",
            4,
            40,
            12
        );

    public static LengthField OuterAllowance { get; } =
        LengthField.Mm(
            "outerAllowance",
            "Outer seam or hem allowance",
            "Hem or seam at both outer edges.",
            0,
            100,
            20
        );

    public static LengthField EndAllowance { get; } =
        LengthField.Mm(
            "endAllowance",
            "End allowance",
            "Hem or seam at both ends of the seams.",
            0,
            100,
            20
        ) with
        {
            IsNeeded = false,
        };

    public static LengthField Bite { get; } =
        LengthField.Fine(
            "bite",
            "Catch",
            "How far the stitch goes into each fold.",
            0.5,
            4,
            1.2
        ) with
        {
            IsNeeded = false,
        };

    public static LengthField MaxStitchWidth { get; } =
        LengthField.Fine(
            "maxStitchWidth",
            "Widest stitch of your machine",
            "The widest stitch that the machine makes.",
            1,
            15,
            7
        ) with
        {
            From = "machine.widestStitch",
        };

    public static LengthField FootOpening { get; } = SetUpFields.FootOpening(null);

    public static LengthField PlateOpening { get; } = SetUpFields.PlateOpening;

    public static NumberField NeedleSize { get; } = SetUpFields.NeedleSize;

    public static LengthField WidthStep { get; } =
        LengthField.Fine(
            "widthStep",
            "Dial step",
            "From one number of the width dial to the next.",
            0.05,
            2,
            0.5
        ) with
        {
            IsNeeded = false,
        };

    public static LengthField StitchLength { get; } =
        LengthField.Fine(
            "stitchLength",
            "Stitch length on the dial",
            "Of the wide stitch, where none is taken from the book.",
            0.3,
            6,
            2.5
        ) with
        {
            IsNeeded = false,
        };

    public static GroupsField Candidates { get; } =
        BookStitch.ListOf(
            "candidates",
            "Stitches to compare",
            "From the stitch library; the first that reaches both folds is sewn.",
            12
        );

    public static ChoiceField HeldBy { get; } =
        new(
            "heldBy",
            "Keep the gap with",
            "What keeps the gap.",
            [
                new(
                    Bar,
                    "a spacer bar",
                    "Fixed on the needle plate or the foot: both folds run along it."
                ),
                new(
                    FoldedCard,
                    "a folded card",
                    "Card folded to the gap, taped to the plate in front of the needle."
                ),
            ],
            Bar,
            false
        );

    public static LengthsField Bars { get; } =
        new(
            "bars",
            "Spacer bars you have",
            "How wide each bar or spacer is; put ; between them.",
            Length.FromMillimetres(20),
            IsNeeded: false
        )
        {
            Kind = LengthKind.Fine,
            ShownWhen = new(HeldBy.Name, Bar),
        };

    public static LengthField CardThickness { get; } =
        LengthField.Fine("cardThickness", "Card thickness", "One layer of it.", 0.1, 2, 0.4) with
        {
            IsNeeded = false,
            ShownWhen = new(HeldBy.Name, FoldedCard),
        };

    public static LengthField CordDiameter { get; } =
        LengthField.Fine(
            "cordDiameter",
            "Cord in the gap",
            "Down the middle, under the stitch.",
            0.3,
            12
        ) with
        {
            IsNeeded = false,
            From = "cord.diameter",
        };

    public static LengthField Leader { get; } =
        LengthField.Mm(
            "leader",
            "Leader before the fabric",
            "So far before the folds it begins, on a small piece of stabiliser, with both threads held.",
            0,
            100,
            20
        ) with
        {
            IsNeeded = false,
        };

    public static LengthField PatternWidth { get; } =
        LengthField.Mm(
            "patternWidth",
            "Width of the pattern piece",
            "Of the piece that the bridged one takes the place of.",
            20,
            20_000
        ) with
        {
            IsNeeded = false,
        };

    public static LengthField PanelAtHand { get; } =
        LengthField.Mm(
            "panelAtHand",
            "Width of panels already cut",
            "How wide each one is cut already.",
            20,
            20_000
        ) with
        {
            IsNeeded = false,
        };

    public static NumberField ClothWeight { get; } = FabricFields.Weight;

    public static LengthField ClothThickness { get; } = FabricFields.Thickness.Optional();

    public static LengthField ClothWidth { get; } = FabricFields.Width.Optional();

    public static GroupsField Samples { get; } =
        DialSamples.Field("Stitches that were measured across a gap.");

    /// <summary>Every field of the straight form, in the order of planning.</summary>
    public static IReadOnlyList<Field> All { get; } =
    [
        TotalWidth,
        SeamLength,
        Bridges,
        Gap,
        Candidates,
        HeldBy,
        Bars,
        CardThickness,
        CordDiameter,
        FoldAllowance,
        OuterAllowance,
        EndAllowance,
        Bite,
        MaxStitchWidth,
        FootOpening,
        PlateOpening,
        NeedleSize,
        WidthStep,
        StitchLength,
        Leader,
        PatternWidth,
        PanelAtHand,
        ClothWeight,
        ClothThickness,
        ClothWidth,
        Samples,
        .. Answers.Together.Fields,
    ];
}
