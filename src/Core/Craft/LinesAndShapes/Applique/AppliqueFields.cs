using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Swatches.Learning;
using static ZephyrReach.Core.Inputs.OptionalLength;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>What an ask for shapes on a ground may say.</summary>
internal static class AppliqueFields
{
    public const string Blanket = "blanket";
    public const string Satin = "satin";
    public const string Turned = "turned";

    public const string Sticky = "sticky";
    public const string Pinned = "pinned";

    public static NameField Piece { get; } =
        new NameField("piece", "Name of the shape").Help(
            "What it is called among others: root, leaf."
        );

    public static ChoiceField Made { get; } = LineFields.Made("The shape is", LineFields.Shaped);

    public static ChoiceField Shape { get; } = LineFields.Shape(outlines: true);

    public static PathDataField Outline { get; } = LineFields.Outline(outlines: true);

    public static LengthField X { get; } =
        LengthField
            .Mm("x", "From the left", 0, 5000, 0)
            .Help("Where it lies on the base fabric.")
            .Optional();

    public static LengthField Y { get; } =
        LengthField
            .Mm("y", "From the top", 0, 5000, 0)
            .Help("Where it lies on the base fabric.")
            .Optional();

    public static NumberField Turn { get; } =
        new NumberField("turn", "Rotate by", -180, 180, 0, false)
            .Help("Clockwise.")
            .Unit("°")
            .Step(5);

    public static FlagField Mirrored { get; } =
        new FlagField("flipped", "Show")
            .Help("Left and right changed over.")
            .Words("as drawn", "mirrored");

    public static ColourField Colour { get; } =
        new ColourField("colour", "Fabric colour").Help("The colour of the fabric it is cut from.");

    public static GroupsField Over { get; } =
        new GroupsField(
            "over",
            "More shapes on top",
            [
                Piece,
                Made with
                {
                    Choices = [.. Made.Choices.Where(c => c.Name != LineFields.Built)],
                },
                Shape,
                LineFields.ShapeWidth,
                LineFields.ShapeHeight,
                LineFields.ShapeCount,
                LineFields.ShapeCorner,
                LineFields.ShapeBand,
                LineFields.Letters,
                Outline,
                X,
                Y,
                Turn,
                Mirrored,
                Colour,
            ],
            20
        ).Help("Each lies over those before it; where it hides them, they are not stitched.");

    public static ChoiceField Stitch { get; } =
        new ChoiceField(
            "stitch",
            "Sew with",
            [
                new(Blanket, "blanket stitch", "Fused raw edge: soft and quick."),
                new(Satin, "satin stitch", "Firm and durable; stabiliser, and a lighter fusible."),
                new(
                    Turned,
                    "turned edge",
                    "No raw edge, most work; a narrow zigzag that is hardly seen."
                ),
            ],
            Blanket,
            false
        ).Help("One of three respected ways.");

    public static LengthField Repeat { get; } =
        Fine("repeat", "Stitch length", 0.2, 12)
            .Help(
                "From one sideways stitch to the next, as you would like it; 2.8 mm, satin 0.35 mm, a turned edge 1.5 mm where you do not say."
            );

    public static LengthField RepeatRange { get; } =
        Fine("repeatRange", "Length may vary by", 0, 3)
            .Help(
                "How far from that is still right; half a millimetre where you do not say, less of a short stitch."
            );

    public static LengthField RepeatStep { get; } =
        Fine("repeatStep", "Dial step", 0.05, 1, 0.1)
            .Help("From one number of the dial to the next.");

    public static LengthField Bite { get; } =
        Fine("bite", "Catch", 0.3, 10)
            .Help(
                "How far the stitch goes into the shape; where you do not say, by the stitch, and of satin by how large the shape is."
            );

    public static FlagField SecondPass { get; } =
        new FlagField("secondPass", "Stitch round")
            .Help("A second time over the first makes it even and firm.")
            .When(Stitch, Satin)
            .Words("once", "twice");

    public static LengthField Allowance { get; } =
        Fine("allowance", "Turned under", 3, 20, 6)
            .Help("Beyond the edge, all round.")
            .When(Stitch, Turned);

    public static LengthField Under { get; } =
        Fine("under", "Extra under another shape", 0, 30, 5)
            .Help("Where it is hidden it goes on so far.");

    public static LengthField Tolerance { get; } =
        Fine("tolerance", "Tolerance on curves", 0.05, 3, 0.25)
            .Help("How far straight stitching may leave a curve between two turns.");

    public static NumberField CornerAngle { get; } =
        new NumberField("cornerAngle", "Corner from", 5, 120, 30, false)
            .Help("A sharper turn is a corner.")
            .Unit("°")
            .Step(5);

    public static NumberField DialFactor { get; } =
        new NumberField("dialFactor", "Your machine really sews", 0.5, 1.5, IsNeeded: false)
            .Help("Of what is set; what was measured on swatches says it when you do not.")
            .Step(0.01);

    public static LengthField MaxStitchWidth { get; } =
        Fine("maxStitchWidth", "Widest stitch", 1, 15, 7)
            .Help("Of the machine.")
            .From("machine.widestStitch");

    public static ChoiceField HeldBy { get; } =
        new ChoiceField(
            "heldBy",
            "Held in place by",
            [
                new(
                    "paper-backed",
                    "paper-backed fusible",
                    "Traced on its paper, fused, peeled, fused again: it stays."
                ),
                new(
                    Sticky,
                    "sticky-backed fusible",
                    "It holds by itself until it is pressed: it can be lifted and laid again."
                ),
                new(Pinned, "basting or glue", "Soft, nothing fused; the raw edge frays more."),
            ],
            "paper-backed",
            false
        )
        {
            ShownWhen = new(Stitch.Name, Turned, true),
        }.Help("What keeps the shape in its place while it is sewn.");

    public static FlagField Firm { get; } =
        new FlagField("firmGround", "Behind the base fabric")
            .Help("A firm base fabric needs nothing behind it: denim, canvas, felt.")
            .Words("stabiliser", "nothing: it is firm");

    public static LengthField ToeOpening { get; } =
        SetUpFields.FootOpening(null) with
        {
            Label = "Between the toes of the foot",
            Help = "Of an open-toe foot, from toe to toe: the edge is led along one of them.",
        };

    public static LengthField NeedleMoved { get; } =
        Fine("needleMoved", "Needle moved to the right", 0, 7, 0)
            .Help("From the middle: the nearer to the toe, the easier the edge is led along it.");

    public static LengthField ClothThickness { get; } =
        Fine("clothThickness", "Thickness of all layers", 0.05, 8, 0.8)
            .Help("Base fabric, shape, and what lies under.");

    /// <summary>What rows of the stitch came to against what was set.</summary>
    public static GroupsField Samples { get; } =
        DialSamples.Field().Help("Rows of this stitch that were measured.");

    public static IReadOnlyList<Field> All { get; } =
    [
        Made,
        LineFields.Path,
        Shape,
        LineFields.ShapeWidth,
        LineFields.ShapeHeight,
        LineFields.ShapeCount,
        LineFields.ShapeCorner,
        LineFields.ShapeBand,
        LineFields.Letters,
        Outline,
        Piece,
        X,
        Y,
        Turn,
        Mirrored,
        Colour,
        Over,
        Stitch,
        Repeat,
        RepeatRange,
        RepeatStep,
        Bite,
        SecondPass,
        Allowance,
        Under,
        Tolerance,
        CornerAngle,
        DialFactor,
        MaxStitchWidth,
        HeldBy,
        Firm,
        ToeOpening,
        NeedleMoved,
        SetUpFields.NeedleSize,
        ClothThickness,
        LineFields.Speed,
        Samples,
    ];
}
