using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>What an ask for shapes on a ground may say.</summary>
internal static class Fields
{
    public const string Blanket = "blanket";
    public const string Satin = "satin";
    public const string Turned = "turned";

    public static NameField Piece { get; } =
        new("piece", "Name of the shape", "What it is called among others: root, leaf.");

    public static ChoiceField Made { get; } = LineFields.Made("The shape is", LineFields.Shaped);

    public static ChoiceField Shape { get; } = LineFields.Shape(outlines: true);

    public static PathDataField Outline { get; } = LineFields.Outline(outlines: true);

    public static LengthField X { get; } =
        LengthField.Mm("x", "From the left", "Where it lies on the base fabric.", 0, 5000, 0) with
        {
            IsNeeded = false,
        };

    public static LengthField Y { get; } =
        LengthField.Mm("y", "From the top", "Where it lies on the base fabric.", 0, 5000, 0) with
        {
            IsNeeded = false,
        };

    public static NumberField Turn { get; } =
        new("turn", "Rotate by", "Clockwise.", -180, 180, 0, false) { Unit = "°", Step = 5 };

    public static FlagField Mirrored { get; } =
        new("flipped", "Show", "Left and right changed over.")
        {
            No = "as drawn",
            Yes = "mirrored",
        };

    public static ColourField Colour { get; } =
        new("colour", "Fabric colour", "The colour of the fabric it is cut from.");

    public static GroupsField Over { get; } =
        new(
            "over",
            "More shapes on top",
            "Each lies over those before it; where it hides them, they are not stitched.",
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
        );

    public static ChoiceField Stitch { get; } =
        new(
            "stitch",
            "Sew with",
            "One of three respected ways.",
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
        );

    public static LengthField Repeat { get; } =
        Fine(
            "repeat",
            "Stitch length",
            "From one sideways stitch to the next, as you would like it; 2.8 mm, satin 0.35 mm, a turned edge 1.5 mm where you do not say.",
            0.2,
            12
        );

    public static LengthField RepeatRange { get; } =
        Fine(
            "repeatRange",
            "Length may vary by",
            "How far from that is still right; half a millimetre where you do not say, less of a short stitch.",
            0,
            3
        );

    public static LengthField RepeatStep { get; } =
        Fine("repeatStep", "Dial step", "From one number of the dial to the next.", 0.05, 1, 0.1);

    public static LengthField Bite { get; } =
        Fine(
            "bite",
            "Catch",
            "How far the stitch goes into the shape; where you do not say, by the stitch, and of satin by how large the shape is.",
            0.3,
            10
        );

    public static FlagField SecondPass { get; } =
        new("secondPass", "Stitch round", "A second time over the first makes it even and firm.")
        {
            No = "once",
            Yes = "twice",
            ShownWhen = new(Stitch.Name, Satin),
        };

    public static LengthField Allowance { get; } =
        Fine("allowance", "Turned under", "Beyond the edge, all round.", 3, 20, 6) with
        {
            ShownWhen = new(Stitch.Name, Turned),
        };

    public static LengthField Under { get; } =
        Fine(
            "under",
            "Extra under another shape",
            "Where it is hidden it goes on so far.",
            0,
            30,
            5
        );

    public static LengthField Tolerance { get; } =
        Fine(
            "tolerance",
            "Tolerance on curves",
            "How far straight stitching may leave a curve between two turns.",
            0.05,
            3,
            0.25
        );

    public static NumberField CornerAngle { get; } =
        new("cornerAngle", "Corner from", "A sharper turn is a corner.", 5, 120, 30, false)
        {
            Unit = "°",
            Step = 5,
        };

    public static NumberField DialFactor { get; } =
        new(
            "dialFactor",
            "Your machine really sews",
            "Of what is set; what was measured on swatches says it when you do not.",
            0.5,
            1.5,
            IsNeeded: false
        )
        {
            Step = 0.01,
        };

    public static LengthField MaxStitchWidth { get; } =
        Fine("maxStitchWidth", "Widest stitch", "Of the machine.", 1, 15, 7) with
        {
            From = "machine.widestStitch",
        };

    public static LengthField ClothThickness { get; } =
        Fine(
            "clothThickness",
            "Thickness of all layers",
            "Base fabric, shape, and what lies under.",
            0.05,
            8,
            0.8
        );

    public static NumberField Speed { get; } =
        new("machineSpeed", "Sewn at", "Medium, and slow in curves.", 50, 5000, 300, false)
        {
            Unit = "stitches/min",
            Step = 50,
        };

    /// <summary>What rows of the stitch came to against what was set.</summary>
    public static GroupsField Samples { get; } =
        DialSamples.Field("Rows of this stitch that were measured.");

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
        ClothThickness,
        Speed,
        Samples,
    ];

    private static LengthField Fine(
        string name,
        string label,
        string says,
        double least,
        double most,
        double? start = null
    ) => LengthField.Fine(name, label, says, least, most, start).Optional();
}
