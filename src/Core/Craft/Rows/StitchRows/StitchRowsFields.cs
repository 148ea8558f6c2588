using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>What an ask for rows of decorative stitches may say.</summary>
internal static class StitchRowsFields
{
    public const string Field = "field";
    public const string Border = "border";
    public const string Waves = "waves";
    public const string Whole = "whole";
    public const string Swatches = "swatches";
    public const string Oversized = "oversize";
    public const string Typed = "typed";
    public const string Marked = "marked";

    public static ChoiceField Layout { get; } =
        new ChoiceField(
            "layout",
            "Rows cover",
            [
                new(Field, "the whole piece", "Parallel rows at an angle, from edge to edge."),
                new(Border, "a border", "Rows that run along all four edges and turn each corner."),
                new(Waves, "the whole piece, in waves", "Curved rows, all along the same wave."),
            ],
            Field,
            false
        ).Help("How the rows lie.");

    public static LengthField Width { get; } =
        LengthField.Mm("width", "Finished width", 10, 20_000).Help("Of the finished piece.").Edge();

    public static LengthField Height { get; } =
        LengthField.Mm("height", "Finished height", 10, 20_000).Help("Of the finished piece.");

    public static NumberField Angle { get; } =
        new NumberField("angle", "Row angle", -180, 180, 45, false)
        {
            Unit = "°",
            Step = 5,
            ShownWhen = InField,
        }.Help("clockwise from horizontal");

    public static LengthField RowGap { get; } =
        LengthField
            .Mm("rowGap", "Row spacing", 1, 2000, 12)
            .Help("From the middle of a row to the next.") with
        {
            Kind = LengthKind.Fine,
            Eases = "rows further apart",
            IsNeeded = false,
        };

    public static LengthField FootEdge { get; } =
        LengthField
            .Fine("footEdge", "Needle to edge of foot", 0.5, 60)
            .Help("From the needle to the edge of the foot that runs along the row before.")
            .Optional()
            .From("foot.soleRight");

    public static ChoiceField Guided { get; } =
        new ChoiceField(
            "guided",
            "Guide each row by",
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
        ).Help("What keeps the rows apart.");

    public static GroupsField Pattern { get; } =
        BookStitch
            .ListOf("pattern", "Stitch sequence", 20)
            .Help("From the stitch library; each row takes the next one.");

    public static NameField Words { get; } =
        new NameField("words", "Words to sew").Help(
            "In the letters of the machine: for a stitch of the library that is letters. A row repeats them."
        );

    public static LengthField WaveHeight { get; } =
        LengthField
            .Mm("waveHeight", "Height of a wave", 1, 2000, 40)
            .Optional()
            .Help("From its lowest place to its highest.")
            .When(Layout, Waves);

    public static LengthField WaveLength { get; } =
        LengthField
            .Mm("waveLength", "Length of a wave", 20, 20_000, 200)
            .Optional()
            .Help("From crest to crest.")
            .When(Layout, Waves);

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
        new ChoiceField(
            "fit",
            "Row ends",
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
        ).Help("How the last repeat of a row ends.");

    public static LengthField RepeatRange { get; } =
        LengthField
            .Fine("repeatRange", "Repeat may change by", 0, 20, 1)
            .Help("So far a repeat may be stretched or squeezed before it shows.") with
        {
            IsNeeded = false,
            ShownWhen = IsWhole,
        };

    public static LengthField DialStep { get; } =
        LengthField
            .Fine("dialStep", "Dial step", 0.01, 1, 0.1)
            .Help("From one number of the length dial to the next.") with
        {
            IsNeeded = false,
            ShownWhen = IsWhole,
        };

    public static NumberField BorderRows { get; } =
        new NumberField("borderRows", "Number of border rows", 1, 40, 2, false)
        {
            IsWhole = true,
            ShownWhen = InBorder,
        }.Help("From the outside in.");

    public static LengthField BorderInset { get; } =
        LengthField
            .Mm("borderInset", "Outer row from the edge", 0, 2000, 20)
            .Help("From the finished edge to the middle of the outermost row.") with
        {
            IsNeeded = false,
            ShownWhen = InBorder,
        };

    public static ChoiceField Direction { get; } =
        new ChoiceField(
            "direction",
            "Sewing direction",
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
        ).Help("Which way rows follow each other.");

    public static ChoiceField CutBy { get; } =
        new ChoiceField(
            "cutBy",
            "Allow for shrinkage",
            [
                new(Swatches, "from my swatches", "Each way its own, as sure as is asked."),
                new(Oversized, "a percentage", "The same both ways, as a rule of thumb."),
            ],
            Swatches,
            false
        ).Help("What says how much the stitching draws in.");

    public static NumberField Oversize { get; } =
        new NumberField("oversize", "Add", 0, 1, 0.08, false)
            .Help("As a part of the finished size.")
            .Step(0.01)
            .When(CutBy, Oversized);

    public static FlagField Stabilised { get; } =
        new FlagField("stabilised", "Stabiliser", true)
            .Help("Whether something lies under the fabric.")
            .Words("none", "under the fabric");

    public static NumberField ClothWeight { get; } = FabricFields.LayerWeight;

    public static NumberField Assurance { get; } = Certainty.Field.When(CutBy, Swatches);

    public static LengthField ClothWidth { get; } = FabricFields.Width.Optional();

    public static LengthField ClothThickness { get; } = FabricFields.Thickness.Optional();

    public static LengthField Tail { get; } =
        LengthField
            .Mm("tail", "Thread tails", 0, 500, 80)
            .Help("Thread left at either end of a row.")
            .Optional();

    public static LengthField BobbinCapacity { get; } =
        LengthField
            .Mm("bobbinCapacity", "Length per bobbin", 1000, 1e6, 50_000)
            .Help("How much thread one holds.")
            .Optional()
            .From("machine.bobbinThread");

    public static LengthField WidestStitch { get; } =
        LengthField
            .Fine("widestStitch", "Widest stitch of your machine", 0, 15)
            .Help("The widest stitch that the machine makes.")
            .Optional()
            .From("machine.widestStitch");

    public static LengthField SeamAllowance { get; } =
        LengthField
            .Mm("seamAllowance", "Seam round it", 0, 100, 0)
            .Help("Left beyond the finished piece when it is trimmed; 0 where its edges are bound.")
            .Optional();

    public static LengthField FootOpening { get; } = SetUpFields.FootOpening(null);

    public static LengthField NeedleSpacing { get; } =
        LengthField
            .Fine("needleSpacing", "Twin-needle spacing", 0, 6)
            .Help("0 for a single needle.")
            .Optional()
            .From("needle.twinSpacing");

    public static NumberField RowsWanted { get; } =
        new NumberField("rowsWanted", "Number of rows wanted", 2, 2000, null, false)
        {
            IsWhole = true,
            ShownWhen = InField,
        }.Help("The gap that gives them.");

    public static LengthField ThreadAtHand { get; } =
        LengthField
            .Mm("threadAtHand", "Thread you have", 1000, 1e7)
            .Help("For the needle.")
            .Optional();

    public static LengthField PieceAcross { get; } =
        LengthField
            .Mm("pieceAcross", "Piece you have: width", 10, 20_000)
            .Help("As it lies, flat.")
            .Optional();

    public static LengthField PieceDown { get; } =
        LengthField
            .Mm("pieceDown", "Height of the piece you have", 10, 20_000)
            .Help("As it lies, flat.")
            .Optional();

    /// <summary>Every field of the straight form, in the order of planning.</summary>
    public static IReadOnlyList<Field> All { get; } =
    [
        Layout,
        Width,
        Height,
        Angle,
        WaveHeight,
        WaveLength,
        BorderRows,
        BorderInset,
        RowGap,
        FootEdge,
        Guided,
        Pattern,
        Words,
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
