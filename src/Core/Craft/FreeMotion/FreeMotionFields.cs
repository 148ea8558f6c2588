using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using ZephyrReach.Core.Swatches.Learning;
using static ZephyrReach.Core.Inputs.OptionalLength;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>What an ask for free-motion work may say.</summary>
internal static class FreeMotionFields
{
    public const string Line = "line";
    public const string Fill = "fill";
    public const string Lettered = "letters";
    public const string Meandered = "meander";
    public const string Looped = "loops";

    public const string Hoop = "hoop";
    public const string Stabiliser = "stabiliser";
    public const string Basted = "basted";
    public const string Loose = "nothing";

    public static ChoiceField Kind { get; } =
        new ChoiceField(
            "kind",
            "Design",
            [
                new(
                    Meandered,
                    "meander",
                    "One line wanders over a field and never crosses itself."
                ),
                new(
                    Looped,
                    "loops",
                    "It wanders in loops and crosses itself as it goes: a texture."
                ),
                new(Line, "line", "The needle draws, as a pencil does."),
                new(Fill, "fill", "An outline is filled with lines side by side."),
                new(Lettered, "lettering", "A monogram or a name."),
            ],
            Meandered,
            false
        ).Help("What the needle does.");

    public static LengthField Width { get; } =
        Mm("width", "Area width", 10, 5000)
            .Help("From side to side.")
            .When(Kind, Meandered, Looped);

    public static LengthField Height { get; } =
        Mm("height", "Area height", 10, 5000)
            .Help("From top to bottom.")
            .When(Kind, Meandered, Looped);

    public static LengthField LineSpacing { get; } =
        Mm("lineSpacing", "Line spacing", 0.2, 200)
            .Help(
                "From line to line: 8 mm over a field, 1 mm in a fill, where nothing is entered."
            ) with
        {
            Kind = LengthKind.Fine,
            Eases = "lines further apart",
            ShownWhen = new(Kind.Name, Line, true),
        };

    public static NumberField Seed { get; } =
        new NumberField("seed", "Variation", 0, 9999, 1, false)
            .Help("Another number gives another way over the field.")
            .Whole()
            .When(Kind, Meandered, Looped);

    public static ChoiceField Made { get; } =
        new ChoiceField(
            "made",
            "Shape from",
            [
                new(LineFields.Shaped, "a shape", "Known by its name, at the size you want."),
                new(LineFields.Read, "a file", "Lines from an SVG file, at the size you want."),
            ],
            LineFields.Shaped,
            false
        )
        {
            ShownWhen = new(Kind.Name, Line) { Or = [Fill] },
        }.Help("However it is made, the stitches are planned on it.");

    /// <summary>Letters are a kind of their own.</summary>
    public static ChoiceField Shape { get; } =
        new ChoiceField(
            "shape",
            "Shape",
            [
                .. NamedShape
                    .All.Where(s => s != NamedShape.Letters)
                    .Select(s => new Choice(s.Name, s.Label, "")),
            ],
            "leaf",
            false
        )
            .Help("At its size.")
            .When(Made, LineFields.Shaped);

    public static PathDataField Path { get; } =
        new PathDataField("path", "Line", false)
        {
            ShownWhen = new(Made.Name, LineFields.Read) { And = new(Kind.Name, Line) },
        }.Help("Path data in mm, as it is read from an SVG file.");

    public static PathDataField Outline { get; } =
        new PathDataField("outline", "Outline", true)
        {
            Eases = "a simpler one",
            ShownWhen = new(Made.Name, LineFields.Read) { And = new(Kind.Name, Fill) },
        }.Help("Path data in mm; one outline within another is a hole.");

    public static NumberField Angle { get; } =
        new NumberField("angle", "Lines at", -180, 180, 0, false)
        {
            Unit = "°",
            Step = 5,
            ShownWhen = new(Kind.Name, Fill) { Or = [Lettered] },
        }.Help("0 lies level; above 0 they fall to the right.");

    public static NameField Text { get; } =
        new NameField("text", "Letters")
            .Help("One to three for a monogram, or a name.")
            .When(Kind, Lettered);

    public static LengthField CapHeight { get; } =
        Mm("capHeight", "Height of capitals", 4, 500)
            .Help("How high a capital is.")
            .When(Kind, Lettered);

    public static ChoiceField Font { get; } =
        new ChoiceField(
            "font",
            "Lettering style",
            [new("house", "bold and plain", "Wide strokes, that a fill shows well in.")],
            "house",
            false
        )
            .Help("The letters that come with the program.")
            .When(Kind, Lettered);

    public static FlagField Ring { get; } =
        new FlagField("ring", "Frame")
            .Help("A ring round a monogram, sewn last.")
            .When(Kind, Lettered)
            .Words("nothing", "ring");

    public static LengthField StitchWidth { get; } =
        Fine("stitchWidth", "Zigzag width", 0, 15, 0)
            .Help(
                "0 is a straight stitch. In a fill a zigzag sets the lines apart: they overlap by a tenth."
            );

    public static LengthField StitchLength { get; } =
        Fine("stitchLength", "Stitch length", 0.1, 12)
            .Help("Hand speed over machine speed; 2 mm where neither it nor the hands are said.");

    public static NumberField MachineSpeed { get; } =
        new NumberField("machineSpeed", "Machine speed", 50, 2000, 600, false)
            .Help("As fast as it is run for this.")
            .Unit("stitches/min")
            .Step(50);

    public static NumberField Fastest { get; } =
        new NumberField("fastest", "Top speed", 50, 10_000, IsNeeded: false)
            .Help("Stitches a minute that the machine makes.")
            .Unit("stitches/min")
            .From("machine.fastest");

    public static NumberField HandSpeed { get; } =
        new NumberField("handSpeed", "Hand speed", 0.5, 400, IsNeeded: false)
            .Help(
                "How fast the fabric is moved. Enter any two of stitch length, machine speed and hand speed."
            )
            .Unit("mm/s")
            .Step(1);

    public static NumberField Passes { get; } =
        new NumberField("passes", "Times over the same line", 1, 10, 1, false)
            .Help("So many times along the same line.")
            .Whole();

    public static NumberField Layers { get; } =
        new NumberField("layers", "Layers", 1, 8, 1, false).Help("Of fabric and wadding.").Whole();

    public static ChoiceField Held { get; } =
        new ChoiceField(
            "held",
            "Hold it flat with",
            [
                new(Hoop, "hoop", "Drum-tight; it is moved by its rim."),
                new(Stabiliser, "stabiliser", "Behind it, larger than the work all round."),
                new(Basted, "basting", "Layers hold each other; flat hands move them."),
                new(Loose, "nothing", "Only for the firmest fabric."),
            ],
            Hoop,
            false
        ).Help("What keeps it flat while it is moved.");

    public static LengthField HoopInside { get; } =
        Mm("hoopInside", "Hoop size", 60, 600, 150)
            .Help("From rim to rim.")
            .From("hoop.inside")
            .When(Held, Hoop);

    public static FlagField Elastic { get; } =
        new FlagField("elasticBobbin", "In the bobbin")
            .Help("Elastic draws the whole field in, both ways.")
            .Words("thread", "elastic thread");

    public static LengthField ClothThickness { get; } =
        Fine("clothThickness", "Thickness of all layers", 0.1, 20, 0.6)
            .Help("All of them together.");

    public static NumberField ClothWeight { get; } =
        new NumberField("clothWeight", "Fabric weight", 10, 1000, 150, false)
            .Help("It says how dense stitches may lie.")
            .Unit("g/m²")
            .From("cloth.weight");

    public static LengthField MaxStitchWidth { get; } =
        Fine("maxStitchWidth", "Widest stitch of your machine", 1, 15, 7)
            .Help("As wide as it goes.")
            .From("machine.widestStitch");

    public static LengthField BobbinCapacity { get; } =
        Mm("bobbinCapacity", "Thread per bobbin", 1000, 500_000, 60_000)
            .Help("Of this thread.") with
        {
            Kind = LengthKind.Amount,
        };

    public static LengthField BobbinElastic { get; } =
        Mm("bobbinElastic", "Elastic per bobbin", 200, 100_000, 9000)
            .Help("Elastic thread on a full bobbin, hardly stretched.")
            .From("machine.bobbinElastic")
            .When(Elastic, "true") with
        {
            Kind = LengthKind.Amount,
        };

    public static LengthField Square { get; } =
        Fine("square", "Square, flat", 5, 1000).Help("Sewn with elastic in the bobbin.");

    public static LengthField Along { get; } = Square with { Name = "along", Label = "Along" };

    public static LengthField Across { get; } = Square with { Name = "across", Label = "Across" };

    /// <summary>What swatches showed of her hand, and of how elastic draws a square in.</summary>
    public static GroupsField Samples { get; } = WithSquares();

    public static IReadOnlyList<Field> All { get; } =
    [
        Kind,
        Width,
        Height,
        LineSpacing,
        Seed,
        Made,
        Shape,
        LineFields.ShapeWidth,
        LineFields.ShapeHeight,
        LineFields.ShapeCount,
        LineFields.ShapeCorner,
        LineFields.ShapeBand,
        Path,
        Outline,
        Angle,
        Text,
        CapHeight,
        Font,
        Ring,
        StitchWidth,
        StitchLength,
        MachineSpeed,
        Fastest,
        HandSpeed,
        Passes,
        Layers,
        Held,
        HoopInside,
        Elastic,
        ClothThickness,
        ClothWeight,
        MaxStitchWidth,
        BobbinCapacity,
        BobbinElastic,
        Samples,
    ];

    private static GroupsField WithSquares()
    {
        var counted = DialSamples
            .Field()
            .Help("Stitches that were counted, and squares that were drawn in.");
        return counted with { Fields = [.. counted.Fields, Square, Along, Across] };
    }
}
