using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Corded;

/// <summary>What an ask for a corded edge may say, whatever lies along it.</summary>
internal static class CordedFields
{
    public const string Cushion = "cushion";
    public const string Listed = "edges";

    public static ChoiceField Made { get; } =
        LineFields.Made("Piped edge", Cushion) with
        {
            Help = "Corners, clips and the join are planned on it whichever you choose.",
            Choices =
            [
                new(Cushion, "cushion", "By the size of its pad, and how plump it is to be."),
                new(Listed, "lengths I measured", "One after another, as the tape says them."),
                .. LineFields.Made("", LineFields.Built).Choices,
            ],
        };

    public static ChoiceField Shape { get; } = LineFields.Shape(outlines: false);

    public static PathDataField Outline { get; } = LineFields.Outline(outlines: false);

    public static LengthsField Edges { get; } =
        new LengthsField("edges", "Edges", Mm(100_000), 30, false)
            .Help("One after another along the seam line, separated by semicolons.")
            .When(Made, Listed);

    public static LengthField CushionWidth { get; } =
        LengthField
            .Mm("cushionWidth", "Cushion pad width", 40, 5000)
            .Help("From seam to seam.")
            .Optional()
            .When(Made, Cushion);

    public static LengthField CushionHeight { get; } =
        LengthField
            .Mm("cushionHeight", "Cushion pad height", 40, 5000)
            .Help("From seam to seam.")
            .Optional()
            .When(Made, Cushion);

    public static ChoiceField Plumpness { get; } =
        new ChoiceField(
            "plumpness",
            "Cushion fill",
            [
                new("flat", "flat", "As large as the pad: a kneeler, a seat."),
                new("full", "full", "2 cm smaller each way."),
                new("plump", "very plump", "4 cm smaller each way, and rounder at the corners."),
            ],
            "flat",
            false
        )
            .Help("A cover smaller than its pad is filled into its corners.")
            .When(Made, Cushion);

    public static FlagField Closed { get; } =
        LineFields.Closed.When(Made, LineFields.Built, Listed);

    public static NumberField LeastSeen { get; } =
        new NumberField("leastSeen", "Side for the join", 1, 30, null, false)
            .Help(
                "The number on the drawing of the side where the cord starts and ends. Bottom of a cushion, otherwise the longest, unless you choose another."
            )
            .Whole();

    public static NumberField ZipSide { get; } =
        new NumberField("zipSide", "Zip on side", 1, 30, null, false)
            .Help(
                "Its number on the drawing. Below on a cushion, and the cord begins beside it: a join and a zip in one place are bulky."
            )
            .Whole()
            .When("zip", "true");

    public static LengthField CornerRadius { get; } =
        LengthField
            .Mm("cornerRadius", "Corner radius", 0, 1000)
            .Help("The radius; as tight as this cord takes where nothing is entered.")
            .Optional();

    public static LengthField Thickness { get; } =
        LengthField
            .Fine("clothThickness", "Fabric thickness", 0, 50, 0.3)
            .Help("Of one layer of the covering.")
            .Optional()
            .From("cloth.thickness");

    public static LengthField FaceThickness { get; } =
        LengthField
            .Fine("faceThickness", "Thickness of the main fabric", 0, 20, 0.4)
            .Help("One layer of what it is sewn to.")
            .Optional();

    public static LengthField Seam { get; } =
        LengthField
            .Mm("seamAllowance", "Seam allowance of the piping", 3, 200, 12)
            .Help("From the cord to the raw edge: the seam allowance of the piece.")
            .Optional();

    public static LengthField Overlap { get; } =
        LengthField
            .Mm("overlap", "Extra for joining the ends", 0, 1000, 40)
            .Help("Where the ends meet; of an open edge, at each end.")
            .Optional();

    public static ChoiceField Foot { get; } =
        new ChoiceField(
            "withFoot",
            "Sew with",
            [
                new("groove", "piping foot", "The cord runs under it, and the needle is moved."),
                new(Zipper, "a zipper foot", "Its edge goes along the cord: by eye, and slower."),
            ],
            "groove",
            false
        ).Help("What keeps the needle beside the cord.");

    public const string Zipper = "zipper";

    public static LengthField Groove { get; } =
        LengthField
            .Fine("grooveWidth", "Groove", 0.3, 20)
            .Help("How wide it is.")
            .Optional()
            .From("foot.grooveWidth")
            .When(Foot, "groove");

    public static LengthField Opening { get; } =
        LengthField
            .Fine("footOpening", "Needle opening", 0.5, 20)
            .Help("In the foot.")
            .Optional()
            .From("foot.opening")
            .When(Foot, "groove");

    public static NumberField Positions { get; } =
        new NumberField("needlePositions", "Needle positions", 1, 99, 15, false)
            .Help("How many the machine has, from the left to the right.")
            .From("machine.needlePositions")
            .Whole()
            .When(Foot, "groove");

    public static LengthField Shift { get; } =
        LengthField
            .Fine("needleShift", "Needle moves sideways by", 0, 7.5, 3.5)
            .Help("From the middle to either side.")
            .Optional()
            .From("machine.needleShift")
            .When(Foot, "groove");

    public static LengthField Lift { get; } =
        LengthField
            .Fine("presserLift", "Presser-foot lift", 1, 25, 6)
            .Help("Without the knee’s help.")
            .Optional()
            .From("machine.presserLift");

    public static FlagField Zip { get; } =
        new FlagField("zip", "Opening").Help("Where a cushion is filled.").Words("no zip", "zip");

    public static LengthField ZipSewnUp { get; } =
        LengthField
            .Mm("zipSewnUp", "Seam sewn at each end of the zip", 20, 200, 65)
            .Help("Of the side with the zip, 5 to 8 cm at each end are sewn up, both alike.")
            .Optional()
            .When("zip", "true");

    public static LengthField ZipAtHand { get; } =
        LengthField
            .Mm("zipAtHand", "Zip you have", 50, 5000)
            .Help("Its teeth, from stopper to stopper: says how much is sewn up at each end.")
            .Optional()
            .When("zip", "true");

    /// <summary>What is asked of a zip.</summary>
    public static IReadOnlyList<Field> OfZip => [Zip, ZipSide, ZipSewnUp, ZipAtHand];

    public static LengthField ReadyBinding { get; } =
        LengthField
            .Fine("readyBinding", "Ready-made bias binding, opened out", 8, 200)
            .Help(
                "How wide it is with both folds pressed out: it covers the cord in place of strips."
            )
            .Optional();

    /// <summary>Whether a line was drawn, and not only measured.</summary>
    private static ShownWhen IsDrawn =>
        new(Made.Name, LineFields.Built) { Or = [LineFields.Shaped, LineFields.Read] };

    /// <summary>What the edge is, in the order it is asked.</summary>
    public static IReadOnlyList<string> Group { get; } =
    [
        Made.Name,
        CushionWidth.Name,
        CushionHeight.Name,
        Plumpness.Name,
        Edges.Name,
        .. LineFields.Group,
    ];

    /// <summary>The fields that say the edge.</summary>
    public static IReadOnlyList<Field> OfEdge { get; } =
    [
        Made,
        CushionWidth,
        CushionHeight,
        Plumpness,
        Edges,
        LineFields.Path,
        Closed,
        LineFields.Repeats with
        {
            ShownWhen = IsDrawn,
        },
        LineFields.Mirrored with
        {
            ShownWhen = IsDrawn,
        },
        Shape,
        LineFields.ShapeWidth,
        LineFields.ShapeHeight,
        LineFields.ShapeCount,
        LineFields.ShapeCorner,
        LineFields.ShapeBand,
        LineFields.Letters,
        Outline,
        LeastSeen,
        CornerRadius,
    ];

    /// <summary>The fields of the foot and the machine.</summary>
    public static IReadOnlyList<Field> OfFoot { get; } =
    [Foot, Groove, Opening, Positions, Shift, Lift];

    /// <summary>A small length that need not be said.</summary>
    public static LengthField Fine(
        string name,
        string label,
        double least,
        double most,
        double? start = null
    ) => LengthField.Fine(name, label, least, most, start).Optional();

    private static Length Mm(double mm) => Length.FromMillimetres(mm);
}
