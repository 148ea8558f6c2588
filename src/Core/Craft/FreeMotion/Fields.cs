using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>What an ask for free-motion work may say.</summary>
internal static class Fields
{
    public const string Line = "line";
    public const string Fill = "fill";
    public const string Lettered = "letters";
    public const string Meandered = "meander";

    public const string Hoop = "hoop";
    public const string Stabiliser = "stabiliser";
    public const string Basted = "basted";
    public const string Loose = "nothing";

    public static ChoiceField Kind { get; } =
        new(
            "kind",
            "Design",
            "What the needle does.",
            [
                new(
                    Meandered,
                    "meander",
                    "One line wanders over a field and never crosses itself."
                ),
                new(Line, "line", "The needle draws, as a pencil does."),
                new(Fill, "fill", "An outline is filled with lines side by side."),
                new(Lettered, "lettering", "A monogram or a name."),
            ],
            Meandered,
            false
        );

    public static LengthField Width { get; } =
        Mm("width", "Area width", "From side to side.", 10, 5000) with
        {
            ShownWhen = new(Kind.Name, Meandered),
        };

    public static LengthField Height { get; } =
        Mm("height", "Area height", "From top to bottom.", 10, 5000) with
        {
            ShownWhen = new(Kind.Name, Meandered),
        };

    public static LengthField LineSpacing { get; } =
        Mm(
            "lineSpacing",
            "Line spacing",
            "From line to line: 8 mm in a meander, 1 mm in a fill, where nothing is entered.",
            0.2,
            200
        ) with
        {
            Kind = LengthKind.Fine,
            Eases = "lines further apart",
            ShownWhen = new(Kind.Name, Line, true),
        };

    public static NumberField Seed { get; } =
        new("seed", "Variation", "Another number gives another meander.", 0, 9999, 1, false)
        {
            IsWhole = true,
            ShownWhen = new(Kind.Name, Meandered),
        };

    public static ChoiceField Made { get; } =
        new(
            "made",
            "Shape from",
            "However it is made, the stitches are planned on it.",
            [
                new(LineFields.Shaped, "a shape", "Known by its name, at the size you want."),
                new(LineFields.Read, "a file", "Lines from an SVG file, at the size you want."),
            ],
            LineFields.Shaped,
            false
        )
        {
            ShownWhen = new(Kind.Name, Line) { Or = [Fill] },
        };

    /// <summary>Letters are a kind of their own.</summary>
    public static ChoiceField Shape { get; } =
        new(
            "shape",
            "Shape",
            "At its size.",
            [
                .. NamedShape
                    .All.Where(s => s != NamedShape.Letters)
                    .Select(s => new Choice(s.Name, s.Label, "")),
            ],
            "leaf",
            false
        )
        {
            ShownWhen = new(Made.Name, LineFields.Shaped),
        };

    public static PathDataField Path { get; } =
        new("path", "Line", "Path data in mm, as it is read from an SVG file.", false)
        {
            ShownWhen = new(Made.Name, LineFields.Read) { And = new(Kind.Name, Line) },
        };

    public static PathDataField Outline { get; } =
        new("outline", "Outline", "Path data in mm; one outline within another is a hole.", true)
        {
            Eases = "a simpler one",
            ShownWhen = new(Made.Name, LineFields.Read) { And = new(Kind.Name, Fill) },
        };

    public static NumberField Angle { get; } =
        new(
            "angle",
            "Lines at",
            "0 lies level; above 0 they fall to the right.",
            -180,
            180,
            0,
            false
        )
        {
            Unit = "°",
            Step = 5,
            ShownWhen = new(Kind.Name, Fill) { Or = [Lettered] },
        };

    public static NameField Text { get; } =
        new("text", "Letters", "One to three for a monogram, or a name.")
        {
            ShownWhen = new(Kind.Name, Lettered),
        };

    public static LengthField CapHeight { get; } =
        Mm("capHeight", "Height of capitals", "How high a capital is.", 4, 500) with
        {
            ShownWhen = new(Kind.Name, Lettered),
        };

    public static ChoiceField Font { get; } =
        new(
            "font",
            "Lettering style",
            "The letters that come with the program.",
            [new("house", "bold and plain", "Wide strokes, that a fill shows well in.")],
            "house",
            false
        )
        {
            ShownWhen = new(Kind.Name, Lettered),
        };

    public static FlagField Ring { get; } =
        new("ring", "Frame", "A ring round a monogram, sewn last.")
        {
            No = "nothing",
            Yes = "ring",
            ShownWhen = new(Kind.Name, Lettered),
        };

    public static LengthField StitchWidth { get; } =
        Fine(
            "stitchWidth",
            "Zigzag width",
            "0 is a straight stitch. A zigzag sets the lines apart: they overlap by a tenth.",
            0,
            15,
            0
        ) with
        {
            ShownWhen = new(Kind.Name, Fill) { Or = [Lettered] },
        };

    public static LengthField StitchLength { get; } =
        Fine(
            "stitchLength",
            "Stitch length",
            "Hand speed over machine speed; 2 mm where neither it nor the hands are said.",
            0.1,
            12
        );

    public static NumberField MachineSpeed { get; } =
        new("machineSpeed", "Machine speed", "As fast as it is run for this.", 50, 2000, 600, false)
        {
            Unit = "stitches/min",
            Step = 50,
        };

    public static NumberField Fastest { get; } =
        new(
            "fastest",
            "Top speed",
            "Stitches a minute that the machine makes.",
            50,
            10_000,
            IsNeeded: false
        )
        {
            Unit = "stitches/min",
            From = "machine.fastest",
        };

    public static NumberField HandSpeed { get; } =
        new(
            "handSpeed",
            "Hand speed",
            "How fast the fabric is moved. Enter any two of stitch length, machine speed and hand speed.",
            0.5,
            400,
            IsNeeded: false
        )
        {
            Unit = "mm/s",
            Step = 1,
        };

    public static NumberField Passes { get; } =
        new(
            "passes",
            "Times over the same line",
            "So many times along the same line.",
            1,
            10,
            1,
            false
        )
        {
            IsWhole = true,
        };

    public static NumberField Layers { get; } =
        new("layers", "Layers", "Of fabric and wadding.", 1, 8, 1, false) { IsWhole = true };

    public static ChoiceField Held { get; } =
        new(
            "held",
            "Hold it flat with",
            "What keeps it flat while it is moved.",
            [
                new(Hoop, "hoop", "Drum-tight; it is moved by its rim."),
                new(Stabiliser, "stabiliser", "Behind it, larger than the work all round."),
                new(Basted, "basting", "Layers hold each other; flat hands move them."),
                new(Loose, "nothing", "Only for the firmest fabric."),
            ],
            Hoop,
            false
        );

    public static LengthField HoopInside { get; } =
        Mm("hoopInside", "Hoop size", "From rim to rim.", 60, 600, 150) with
        {
            ShownWhen = new(Held.Name, Hoop),
        };

    public static FlagField Elastic { get; } =
        new("elasticBobbin", "In the bobbin", "Elastic draws the whole field in, both ways.")
        {
            No = "thread",
            Yes = "elastic thread",
        };

    public static LengthField ClothThickness { get; } =
        Fine("clothThickness", "Thickness of all layers", "All of them together.", 0.1, 20, 0.6);

    public static NumberField ClothWeight { get; } =
        new(
            "clothWeight",
            "Fabric weight",
            "It says how dense stitches may lie.",
            10,
            1000,
            150,
            false
        )
        {
            Unit = "g/m²",
            From = "cloth.weight",
        };

    public static LengthField MaxStitchWidth { get; } =
        Fine(
            "maxStitchWidth",
            "Widest stitch of your machine",
            "As wide as it goes.",
            1,
            15,
            7
        ) with
        {
            From = "machine.widestStitch",
        };

    public static LengthField BobbinCapacity { get; } =
        Mm("bobbinCapacity", "Thread per bobbin", "Of this thread.", 1000, 500_000, 60_000) with
        {
            Kind = LengthKind.Amount,
        };

    public static LengthField Square { get; } =
        Fine("square", "Square, flat", "Sewn with elastic in the bobbin.", 5, 1000);

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
        Samples,
    ];

    private static GroupsField WithSquares()
    {
        var counted = DialSamples.Field(
            "Stitches that were counted, and squares that were drawn in."
        );
        return counted with { Fields = [.. counted.Fields, Square, Along, Across] };
    }

    private static LengthField Mm(
        string name,
        string label,
        string says,
        double least,
        double most,
        double? start = null
    ) => LengthField.Mm(name, label, says, least, most, start).Optional();

    private static LengthField Fine(
        string name,
        string label,
        string says,
        double least,
        double most,
        double? start = null
    ) => Mm(name, label, says, least, most, start) with { Kind = LengthKind.Fine };
}
