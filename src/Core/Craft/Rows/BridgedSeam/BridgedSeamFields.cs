using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>What an ask for bridged seams may say.</summary>
internal static class BridgedSeamFields
{
    public const string Bar = "bar";
    public const string FoldedCard = "card";

    public static LengthField TotalWidth { get; } =
        LengthField
            .Mm("totalWidth", "Finished width", 20, 20_000)
            .Help("Of all panels and gaps together.")
            .Edge();

    public static NumberField Bridges { get; } =
        new NumberField("bridges", "Number of open seams", 1, 40, 1)
            .Help("How many open seams there are.")
            .Whole();

    public static LengthField SeamLength { get; } =
        LengthField
            .Mm("seamLength", "Length", 20, 20_000, 500)
            .Help("Of the finished piece, along the seams.")
            .Optional();

    public static LengthsField PanelWidths { get; } =
        new LengthsField(
            "panelWidths",
            "Panels of their own width",
            Length.FromMillimetres(20_000),
            41,
            false
        ).Help(
            "Finished, from the left, where they differ: a border of 6 cm is 60 mm; put ; between several. The others share what is left."
        );

    public static ChoiceField ReadyMade { get; } =
        new ChoiceField(
            "readyMade",
            "First panel",
            [
                new("cut", "cut and folded", "Of the same fabric, with a fold at the gap."),
                new(
                    "lace",
                    "lace",
                    "Its own edge meets the gap: nothing is cut or folded on that side."
                ),
                new("ribbon", "ribbon", "Its selvedge meets the gap; as wide as it is."),
                new(
                    "faced",
                    "a faced or corded edge",
                    "An edge that is finished already, of a garment or with a cord in it."
                ),
            ],
            "cut",
            false
        ).Help("What lies at the left of the first gap.");

    public static LengthField Gap { get; } =
        LengthField.Fine("gap", "Gap between the folds", 0.5, 12, 3).Help("Between the two folds.");

    public static LengthField FoldAllowance { get; } =
        LengthField
            .Mm("foldAllowance", "Fold allowance at each gap", 4, 40, 12)
            .Help("Pressed under at each side of a gap; 10 to 13 mm.");

    public static LengthField OuterAllowance { get; } =
        LengthField
            .Mm("outerAllowance", "Outer seam or hem allowance", 0, 100, 20)
            .Help("Hem or seam at both outer edges.");

    public static LengthField EndAllowance { get; } =
        LengthField
            .Mm("endAllowance", "End allowance", 0, 100, 20)
            .Help("Hem or seam at both ends of the seams.")
            .Optional();

    public static LengthField Bite { get; } =
        LengthField
            .Fine("bite", "Catch", 0.5, 4, 1.2)
            .Help("How far the stitch goes into each fold.")
            .Optional();

    public static LengthField MaxStitchWidth { get; } =
        LengthField
            .Fine("maxStitchWidth", "Widest stitch of your machine", 1, 15, 7)
            .Help("The widest stitch that the machine makes.")
            .From("machine.widestStitch");

    public static LengthField FootOpening { get; } = SetUpFields.FootOpening(null);

    public static LengthField PlateOpening { get; } = SetUpFields.PlateOpening;

    public static NumberField NeedleSize { get; } = SetUpFields.NeedleSize;

    public static LengthField WidthStep { get; } =
        LengthField
            .Fine("widthStep", "Dial step", 0.05, 2, 0.5)
            .Help("From one number of the width dial to the next.")
            .Optional();

    public static LengthField StitchLength { get; } =
        LengthField
            .Fine("stitchLength", "Stitch length on the dial", 0.3, 6, 2.5)
            .Help("Of the wide stitch, where none is taken from the book.")
            .Optional();

    public static GroupsField Candidates { get; } =
        BookStitch
            .ListOf("candidates", "Stitches to compare", 12)
            .Help("From the stitch library; the first that reaches both folds is sewn.");

    public static ChoiceField HeldBy { get; } =
        new ChoiceField(
            "heldBy",
            "Keep the gap with",
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
        ).Help("What keeps the gap.");

    public static LengthsField Bars { get; } =
        new LengthsField(
            "bars",
            "Spacer bars you have",
            Length.FromMillimetres(20),
            IsNeeded: false
        )
        {
            Kind = LengthKind.Fine,
            ShownWhen = new(HeldBy.Name, Bar),
        }.Help("How wide each bar or spacer is; put ; between them.");

    public static LengthField CardThickness { get; } =
        LengthField
            .Fine("cardThickness", "Card thickness", 0.1, 2, 0.4)
            .Help("One layer of it.")
            .Optional()
            .When(HeldBy, FoldedCard);

    public static LengthField CordDiameter { get; } =
        LengthField
            .Fine("cordDiameter", "Cord in the gap", 0.3, 12)
            .Help("Down the middle, under the stitch.")
            .Optional()
            .From("cord.diameter");

    public static LengthField Leader { get; } =
        LengthField
            .Mm("leader", "Leader before the fabric", 0, 100, 20)
            .Help(
                "So far before the folds it begins, on a small piece of stabiliser, with both threads held."
            )
            .Optional();

    public static LengthField PatternWidth { get; } =
        LengthField
            .Mm("patternWidth", "Width of the pattern piece", 20, 20_000)
            .Help("Of the piece that the bridged one takes the place of.")
            .Optional();

    public static LengthField PanelAtHand { get; } =
        LengthField
            .Mm("panelAtHand", "Width of panels already cut", 20, 20_000)
            .Help("How wide each one is cut already.")
            .Optional();

    public static NumberField ClothWeight { get; } = FabricFields.Weight;

    public static LengthField ClothThickness { get; } = FabricFields.Thickness.Optional();

    public static LengthField ClothWidth { get; } = FabricFields.Width.Optional();

    public static GroupsField Samples { get; } =
        DialSamples.Field().Help("Stitches that were measured across a gap.");

    /// <summary>Every field of the straight form, in the order of planning.</summary>
    public static IReadOnlyList<Field> All { get; } =
    [
        TotalWidth,
        SeamLength,
        Bridges,
        PanelWidths,
        ReadyMade,
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
        Wants.ProgramField,
        Wants.FootAskedField,
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
