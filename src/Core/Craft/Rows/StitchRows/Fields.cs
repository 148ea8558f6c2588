using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>What an ask for rows of decorative stitches may say.</summary>
internal static class Fields
{
    public const string Field = "field";
    public const string Border = "border";
    public const string Whole = "whole";
    public const string Swatches = "swatches";
    public const string Oversized = "oversize";
    public const string Typed = "typed";
    public const string Marked = "marked";

    public static ChoiceField Layout { get; } =
        new(
            "layout",
            "Rows cover",
            "How the rows lie.",
            [
                new(Field, "the whole piece", "Parallel rows at an angle, from edge to edge."),
                new(Border, "a border", "Rows that run along all four edges and turn each corner."),
            ],
            Field,
            false
        );

    public static LengthField Width { get; } =
        LengthField.Mm("width", "Finished width", "Of the finished piece.", 10, 20_000) with
        {
            IsEdge = true,
        };

    public static LengthField Height { get; } =
        LengthField.Mm("height", "Finished height", "Of the finished piece.", 10, 20_000);

    public static NumberField Angle { get; } =
        new("angle", "Row angle", "clockwise from horizontal", -180, 180, 45, false)
        {
            Unit = "°",
            Step = 5,
            ShownWhen = InField,
        };

    public static LengthField RowGap { get; } =
        LengthField.Mm(
            "rowGap",
            "Row spacing",
            "From the middle of a row to the next.",
            1,
            2000,
            12
        ) with
        {
            Kind = LengthKind.Fine,
            Eases = "rows further apart",
            IsNeeded = false,
        };

    public static LengthField FootEdge { get; } =
        LengthField.Fine(
            "footEdge",
            "Needle to edge of foot",
            "From the needle to the edge of the foot that runs along the row before.",
            0.5,
            60
        ) with
        {
            IsNeeded = false,
            From = "foot.soleRight",
        };

    public static ChoiceField Guided { get; } =
        new(
            "guided",
            "Guide each row by",
            "What keeps the rows apart.",
            [
                new(
                    Typed,
                    "the previous row",
                    "An edge of the foot, or a guide bar, runs along the last row."
                ),
                new(
                    Marked,
                    "marked lines",
                    "Every row is drawn on the fabric first: slower, and no error adds up."
                ),
            ],
            Typed,
            false
        );

    public static GroupsField Pattern { get; } =
        BookStitch.ListOf(
            "pattern",
            "Stitch sequence",
            "From the stitch library; each row takes the next one.",
            20
        );

    public static LengthField RepeatLength { get; } =
        BookStitch.OneRepeat with
        {
            ShownWhen = NoPattern,
        };

    public static LengthField StitchWidth { get; } =
        BookStitch.OneWidth with
        {
            ShownWhen = NoPattern,
        };

    public static ChoiceField Fit { get; } =
        new(
            "fit",
            "Row ends",
            "How the last repeat of a row ends.",
            [
                new("even", "same at both ends", "Every row at the usual length."),
                new(
                    Whole,
                    "on a complete pattern repeat",
                    "Each row gets a length of its own, so that its repeats fill it."
                ),
            ],
            Whole,
            false
        );

    public static LengthField RepeatRange { get; } =
        LengthField.Fine(
            "repeatRange",
            "Repeat may change by",
            "So far a repeat may be stretched or squeezed before it shows.",
            0,
            20,
            1
        ) with
        {
            IsNeeded = false,
            ShownWhen = IsWhole,
        };

    public static LengthField DialStep { get; } =
        LengthField.Fine(
            "dialStep",
            "Dial step",
            "From one number of the length dial to the next.",
            0.01,
            1,
            0.1
        ) with
        {
            IsNeeded = false,
            ShownWhen = IsWhole,
        };

    public static NumberField BorderRows { get; } =
        new("borderRows", "Number of border rows", "From the outside in.", 1, 40, 2, false)
        {
            IsWhole = true,
            ShownWhen = InBorder,
        };

    public static LengthField BorderInset { get; } =
        LengthField.Mm(
            "borderInset",
            "Outer row from the edge",
            "From the finished edge to the middle of the outermost row.",
            0,
            2000,
            20
        ) with
        {
            IsNeeded = false,
            ShownWhen = InBorder,
        };

    public static ChoiceField Direction { get; } =
        new(
            "direction",
            "Sewing direction",
            "Which way rows follow each other.",
            [
                new(
                    "same",
                    "always the same",
                    "All rows drag the fabric alike: it stays square less easily, and the pattern points one way."
                ),
                new(
                    "alternating",
                    "alternating",
                    "Alternating directions cancels the drag, so the piece stays square."
                ),
            ],
            "alternating",
            false
        );

    public static ChoiceField CutBy { get; } =
        new(
            "cutBy",
            "Allow for shrinkage",
            "What says how much the stitching draws in.",
            [
                new(Swatches, "from my swatches", "Each way its own, as sure as is asked."),
                new(Oversized, "a percentage", "The same both ways, as a rule of thumb."),
            ],
            Swatches,
            false
        );

    public static NumberField Oversize { get; } =
        new("oversize", "Add", "As a part of the finished size.", 0, 1, 0.08, false)
        {
            Step = 0.01,
            ShownWhen = new(CutBy.Name, Oversized),
        };

    public static FlagField Stabilised { get; } =
        new("stabilised", "Stabiliser", "Whether something lies under the fabric.", true)
        {
            No = "none",
            Yes = "under the fabric",
        };

    public static NumberField ClothWeight { get; } = FabricFields.LayerWeight;

    public static NumberField Assurance { get; } =
        Certainty.Field with
        {
            ShownWhen = new(CutBy.Name, Swatches),
        };

    public static LengthField ClothWidth { get; } = FabricFields.Width.Optional();

    public static LengthField ClothThickness { get; } = FabricFields.Thickness.Optional();

    public static LengthField Tail { get; } =
        LengthField.Mm(
            "tail",
            "Thread tails",
            "Thread left at either end of a row.",
            0,
            500,
            80
        ) with
        {
            IsNeeded = false,
        };

    public static LengthField BobbinCapacity { get; } =
        LengthField.Mm(
            "bobbinCapacity",
            "Length per bobbin",
            "How much thread one holds.",
            1000,
            1e6,
            50_000
        ) with
        {
            IsNeeded = false,
            From = "machine.bobbinThread",
        };

    public static LengthField WidestStitch { get; } =
        LengthField.Fine(
            "widestStitch",
            "Widest stitch of your machine",
            "The widest stitch that the machine makes.",
            0,
            15
        ) with
        {
            IsNeeded = false,
            From = "machine.widestStitch",
        };

    public static LengthField SeamAllowance { get; } =
        LengthField.Mm(
            "seamAllowance",
            "Seam round it",
            "Left beyond the finished piece when it is trimmed; 0 where its edges are bound.",
            0,
            100,
            0
        ) with
        {
            IsNeeded = false,
        };

    public static LengthField FootOpening { get; } = SetUpFields.FootOpening(null);

    public static LengthField NeedleSpacing { get; } =
        LengthField.Fine(
            "needleSpacing",
            "Twin-needle spacing",
            "0 for a single needle.",
            0,
            6
        ) with
        {
            IsNeeded = false,
            From = "needle.twinSpacing",
        };

    public static NumberField RowsWanted { get; } =
        new("rowsWanted", "Number of rows wanted", "The gap that gives them.", 2, 2000, null, false)
        {
            IsWhole = true,
            ShownWhen = InField,
        };

    public static LengthField ThreadAtHand { get; } =
        LengthField.Mm("threadAtHand", "Thread you have", "For the needle.", 1000, 1e7) with
        {
            IsNeeded = false,
        };

    public static LengthField PieceAcross { get; } =
        LengthField.Mm("pieceAcross", "Piece you have: width", "As it lies, flat.", 10, 20_000) with
        {
            IsNeeded = false,
        };

    public static LengthField PieceDown { get; } =
        LengthField.Mm(
            "pieceDown",
            "Height of the piece you have",
            "As it lies, flat.",
            10,
            20_000
        ) with
        {
            IsNeeded = false,
        };

    /// <summary>Every field of the straight form, in the order of planning.</summary>
    public static IReadOnlyList<Field> All { get; } =
    [
        Layout,
        Width,
        Height,
        Angle,
        BorderRows,
        BorderInset,
        RowGap,
        FootEdge,
        Guided,
        Pattern,
        StitchWidth,
        RepeatLength,
        Fit,
        RepeatRange,
        DialStep,
        Direction,
        CutBy,
        Oversize,
        Stabilised,
        ClothWeight,
        ClothThickness,
        ClothWidth,
        Assurance,
        Tail,
        BobbinCapacity,
        WidestStitch,
        FootOpening,
        SetUpFields.PlateOpening,
        SetUpFields.NeedleSize,
        NeedleSpacing,
        SeamAllowance,
        RowsWanted,
        ThreadAtHand,
        PieceAcross,
        PieceDown,
        ShrinkSamples.Field,
        .. Answers.Together.Fields,
    ];

    private static ShownWhen InField => new(Layout.Name, Field);

    private static ShownWhen InBorder => new(Layout.Name, Border);

    private static ShownWhen IsWhole => new("fit", Whole);

    /// <summary>One stitch is typed where none was taken from the book.</summary>
    private static ShownWhen NoPattern => new("pattern", "");
}
