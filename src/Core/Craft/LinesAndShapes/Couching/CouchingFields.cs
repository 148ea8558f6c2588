using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Swatches.Learning;
using static ZephyrReach.Core.Inputs.OptionalLength;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>What an ask for a couched line may say.</summary>
internal static class CouchingFields
{
    public const string Rolled = "rolled";
    public const string Thin = "thin";
    public const string Knit = "knit";

    public static ChoiceField Made { get; } = LineFields.Made("Draw the line", LineFields.Built);

    public static ChoiceField Shape { get; } = LineFields.Shape(outlines: false);

    public static PathDataField Outline { get; } = LineFields.Outline(outlines: false);

    public static LengthField CordDiameter { get; } =
        LengthField
            .Fine("cordDiameter", "Cord thickness", 0.3, 30)
            .Help("Laid between two straight edges, not squeezed.")
            .From("cord.diameter");

    public static ChoiceField CordFrom { get; } =
        new ChoiceField(
            "cordFrom",
            "Cord",
            [
                new("ready", "ready-made", "Cord or yarn, from your supplies."),
                new(
                    Rolled,
                    "rolled strip of knit",
                    "A strip of knit, cut across and pulled once, rolls up by itself."
                ),
            ],
            "ready",
            false
        );

    public static ChoiceField Stiffness { get; } =
        new ChoiceField(
            "stiffness",
            "It is",
            [
                new("soft", "soft", "Follows corners."),
                new("firm", "firm", ""),
                new("stiff", "stiff", "Holds its own line; needs a firm base fabric."),
            ],
            "firm",
            false
        )
            .Help("How it lies in a curve.")
            .From("cord.stiffness")
            .When(CordFrom, "ready");

    public static LengthField StripThickness { get; } =
        Fine("stripThickness", "Knit thickness", 0.1, 5, 0.7)
            .Help("One layer of it.")
            .When(CordFrom, Rolled);

    /// <summary>Asked only turned round: what a strip that is there rolls up to.</summary>
    public static LengthField StripWidth { get; } =
        LengthField
            .Fine("stripWidth", "Strip you have already", 1, 300)
            .Help(
                "How wide it is cut, before it is pulled. What it rolls up to is told beside the plan."
            )
            .Optional()
            .When(CordFrom, Rolled);

    public static LengthField StripPiece { get; } =
        LengthField
            .Mm("stripPiece", "Longest strip you can cut", 50, 100_000, 1500)
            .Help("As long as the knit lets you cut it.")
            .Optional()
            .When(CordFrom, Rolled);

    public static NumberField Cords { get; } =
        new NumberField("cords", "Number of cords side by side", 1, 8, 1, false)
            .Help("Each is couched by itself.")
            .Whole();

    public static NumberField NeedleSize { get; } =
        new NumberField("needleSize", "Needle", 60, 120, 90, false)
            .Help("Its size, in hundredths of a mm.")
            .From("needle.size")
            .Unit("NM")
            .Step(10);

    public static LengthField Clearance { get; } =
        Fine("clearance", "Clearance each side of the cord", 0, 5, 0.5).Help("On either side.");

    public static LengthField MaxStitchWidth { get; } =
        Fine("maxStitchWidth", "Widest stitch of your machine", 1, 15, 7)
            .Help("Of the machine.")
            .From("machine.widestStitch");

    public static LengthField WidthStep { get; } =
        Fine("widthStep", "Dial step", 0.05, 1, 0.5)
            .Help("From one number of the dial to the next.");

    public static LengthField StitchLength { get; } =
        Fine("stitchLength", "Stitch length", 0.2, 15, 3.2)
            .Help("How far it goes on with each swing: 3 to 3.5 mm.");

    public const string Steered = "steer";

    public static ChoiceField Curves { get; } =
        new ChoiceField(
            "curves",
            "Gentle curves",
            [
                new("pivot", "turned at stops", "Exact to a quarter of a millimetre; many stops."),
                new(
                    Steered,
                    "steered",
                    "No stop: the hands lead the fabric round as it is sewn; as even as they are."
                ),
            ],
            "pivot",
            false
        ).Help("What the hands do where a curve has a radius of 15 mm and more.");

    public static LengthField Tolerance { get; } =
        Fine("tolerance", "Tolerance on curves", 0.05, 3, 0.25)
            .Help("How far straight stitching may leave the curve between two turns.");

    public static LengthField Taper { get; } =
        LengthField
            .Mm("taper", "Overlap of tapered ends", 0, 300, 20)
            .Help(
                "How far the ends lie over each other; of an open line, what goes under at each end."
            )
            .Optional();

    public static ChoiceField Ground { get; } =
        new ChoiceField(
            "ground",
            "Base fabric",
            [
                new(Thin, "light", "Lawn, batiste: hoop it, with a stabiliser that is torn away."),
                new("medium", "medium", "Poplin, linen: a light stabiliser under it."),
                new("firm", "heavy", "Canvas, denim: by itself."),
                new(Knit, "knit", "It gives: fuse something firm behind, and hoop that."),
            ],
            "medium",
            false
        ).Help("What it is sewn onto.");

    public static LengthField ClothThickness { get; } =
        Fine("clothThickness", "Base fabric thickness", 0.05, 8, 0.4)
            .Help("With what lies under it.");

    public static LengthField FootRelief { get; } =
        Fine("footRelief", "Depth of hollow under the foot", 0, 8)
            .Help("How high its sole is hollowed.")
            .From("foot.relief");

    public static LengthField FootHole { get; } =
        Fine("footHole", "Cord hole in the foot", 0, 10)
            .Help("Through which a cord is led; 0 for none.")
            .From("foot.cordHole");

    /// <summary>What zigzags came to against what was set.</summary>
    public static GroupsField Samples { get; } =
        DialSamples.Field().Help("Zigzags that were measured.");

    public static IReadOnlyList<Field> All { get; } =
    [
        Made,
        LineFields.Path,
        LineFields.Closed,
        LineFields.Repeats,
        LineFields.Mirrored,
        Shape,
        LineFields.ShapeWidth,
        LineFields.ShapeHeight,
        LineFields.ShapeCount,
        LineFields.ShapeCorner,
        LineFields.ShapeBand,
        LineFields.Letters,
        Outline,
        CordDiameter,
        CordFrom,
        Stiffness,
        StripThickness,
        StripPiece,
        StripWidth,
        Cords,
        NeedleSize,
        Clearance,
        MaxStitchWidth,
        WidthStep,
        StitchLength,
        Curves,
        Tolerance,
        Taper,
        Ground,
        ClothThickness,
        FootRelief,
        FootHole,
        LineFields.Speed,
        Samples,
    ];
}
