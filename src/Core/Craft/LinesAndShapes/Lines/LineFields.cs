using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Paths;
using static ZephyrReach.Core.Inputs.OptionalLength;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Lines;

/// <summary>The three ways in which a line or a shape is made, and what each of them asks.</summary>
internal static class LineFields
{
    public const string Built = "built";
    public const string Shaped = "shape";
    public const string Read = "file";

    /// <summary>Parts of a line; more nobody types.</summary>
    private const int MostParts = 200;

    public static LengthField Straight { get; } =
        LengthField
            .Mm("straight", "Straight", 0.1, 20_000)
            .Help("The length of this section.")
            .Optional();

    public static LengthField Radius { get; } =
        LengthField
            .Mm("radius", "Radius", 0.5, 20_000)
            .Help("Of a curve, to the middle of the line.")
            .Optional();

    public static NumberField Sweep { get; } =
        new NumberField("sweep", "Curve angle", -720, 720, IsNeeded: false)
            .Help("In degrees to the right; minus for left.")
            .Unit("°")
            .Step(5);

    public static NumberField Corner { get; } =
        new NumberField("corner", "Corner", -175, 175, IsNeeded: false)
            .Help("A sharp corner, in degrees to the right; minus for left.")
            .Unit("°")
            .Step(5);

    public static GroupsField Path { get; } =
        new GroupsField("path", "The line", [Straight, Radius, Sweep, Corner], MostParts)
        {
            IsLine = true,
            Eases = "a line of fewer parts",
            ShownWhen = new(MadeName, Built),
        }.Help("Straights, curves and corners, one after another.");

    public static FlagField Closed { get; } =
        new FlagField("closed", "Line")
            .Help("Whether its ends meet. Ends that nearly meet are closed anyway.")
            .When(MadeName, Built)
            .Words("open", "closed");

    public static NumberField Repeats { get; } =
        new NumberField("repeats", "Times repeated", 1, 100, 1, false)
            .Help("Over and over: the parts of a built line, or a shape beside the one before.")
            .Whole()
            .Eases("fewer times over");

    public static FlagField Mirrored { get; } =
        new FlagField("mirrored", "Alternate repeats")
            .Help("Left and right changed over, as along a vine.")
            .Words("the same", "mirrored");

    public static LengthField ShapeWidth { get; } =
        Mm("shapeWidth", "Width", 2, 5000).Help("From side to side.") with
        {
            ShownWhen = When(
                ShapeName,
                "circle",
                "oval",
                "heart",
                "leaf",
                "star",
                "rounded",
                "ring",
                "scallops",
                "wave",
                "spiral"
            ),
        };

    public static LengthField ShapeHeight { get; } =
        Mm("shapeHeight", "Height", 1, 5000, 80)
            .Help("From top to bottom; of letters, how high a capital is.") with
        {
            ShownWhen = When(
                ShapeName,
                "oval",
                "heart",
                "leaf",
                "star",
                "rounded",
                "scallops",
                "wave",
                "letters"
            ),
        };

    public static NumberField ShapeCount { get; } =
        new NumberField("shapeCount", "How many", 2, NamedShape.MostCount, 5, false)
        {
            IsWhole = true,
            Eases = "fewer of them",
            ShownWhen = When(ShapeName, "star", "scallops", "wave", "spiral"),
        }.Help("Points of a star, scallops, waves, turns of a spiral.");

    public static LengthField ShapeCorner { get; } =
        Mm("shapeCorner", "Corner radius", 0.5, 500, 10).Help("The radius of its corners.") with
        {
            ShownWhen = When(ShapeName, "rounded"),
        };

    public static LengthField ShapeBand { get; } =
        Mm("shapeBand", "Band", 1, 1000, 15).Help("How wide the ring itself is.") with
        {
            ShownWhen = When(ShapeName, "ring"),
        };

    public static NameField Letters { get; } =
        new NameField("letters", "Letters") { ShownWhen = When(ShapeName, "letters") }.Help(
            "A monogram or a name."
        );

    private const string MadeName = "made";
    private const string ShapeName = "shape";

    /// <summary>What a line asks, in the order it is asked, after how it is made.</summary>
    public static IReadOnlyList<string> Group { get; } =
    [
        ShapeName,
        ShapeWidth.Name,
        ShapeHeight.Name,
        ShapeCount.Name,
        ShapeCorner.Name,
        ShapeBand.Name,
        Letters.Name,
        "outline",
        Path.Name,
        Closed.Name,
        Repeats.Name,
        Mirrored.Name,
    ];

    /// <summary>How the line is made.</summary>
    /// <param name="start">What a new one begins with.</param>
    public static ChoiceField Made(string label, string start) =>
        new ChoiceField(
            MadeName,
            label,
            [
                new(Built, "built", "From straight sections, curves and corners; type or drag."),
                new(Shaped, "a shape", "Known by its name, at the size you want."),
                new(Read, "from a file", "Outlines from an SVG file, at the size you want."),
            ],
            start,
            false
        ).Help("However it is made, the stitches are planned on it.");

    /// <summary>The named shapes that there are.</summary>
    /// <param name="outlines">Only those that enclose something.</param>
    public static ChoiceField Shape(bool outlines) =>
        new ChoiceField(
            ShapeName,
            "Shape",
            [
                .. NamedShape
                    .All.Where(s => s.IsOutline || !outlines)
                    .Select(s => new Choice(s.Name, s.Label, "")),
            ],
            outlines ? "leaf" : "wave",
            false
        )
            .Help("At its size.")
            .When(MadeName, Shaped);

    /// <summary>What was read from a file.</summary>
    public static PathDataField Outline(bool outlines) =>
        new PathDataField("outline", outlines ? "Outline" : "Line", outlines)
            .Help("Path data in mm, as it is read from an SVG file.")
            .Eases("a simpler one")
            .When(MadeName, Read);

    /// <summary>How fast the machine runs along a line that turns.</summary>
    public static NumberField Speed { get; } =
        new NumberField("machineSpeed", "Sewn at", 50, 5000, 300, false)
            .Help("Medium, and slow in curves.")
            .Unit("stitches/min")
            .Step(50);

    /// <summary>The field that the width of what is drawn is typed into; empty where no field says it.</summary>
    public static string WidthField(InputReader reader, ChoiceField made, ChoiceField shape) =>
        Sized(reader, made, shape, ShapeWidth);

    /// <summary>The same of its height.</summary>
    public static string HeightField(InputReader reader, ChoiceField made, ChoiceField shape) =>
        Sized(reader, made, shape, ShapeHeight);

    /// <summary>Whether fields say both the width and the height of a named shape.</summary>
    public static bool Sized(InputReader reader, ChoiceField shape) =>
        reader.ChoiceOrStart(shape) is { } name
        && new[] { ShapeWidth, ShapeHeight }.All(f =>
            f.ShownWhen!.Is == name || f.ShownWhen.Or.Contains(name)
        );

    private static string Sized(
        InputReader reader,
        ChoiceField made,
        ChoiceField shape,
        LengthField field
    ) =>
        reader.ChoiceOrStart(made) == Shaped
        && reader.ChoiceOrStart(shape) is { } name
        && (field.ShownWhen!.Is == name || field.ShownWhen.Or.Contains(name))
        // A spiral and letters are as wide, and as high, as they come.
        && name is not ("spiral" or "letters")
            ? field.Name
            : "";

    private static ShownWhen When(string field, string first, params string[] others) =>
        new(field, first) { Or = others };
}
