using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Paths;

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
        LengthField.Mm("straight", "Straight", "The length of this section.", 0.1, 20_000) with
        {
            IsNeeded = false,
        };

    public static LengthField Radius { get; } =
        LengthField.Mm(
            "radius",
            "Radius",
            "Of a curve, to the middle of the line.",
            0.5,
            20_000
        ) with
        {
            IsNeeded = false,
        };

    public static NumberField Sweep { get; } =
        new(
            "sweep",
            "Curve angle",
            "In degrees to the right; minus for left.",
            -720,
            720,
            IsNeeded: false
        )
        {
            Unit = "°",
            Step = 5,
        };

    public static NumberField Corner { get; } =
        new(
            "corner",
            "Corner",
            "A sharp corner, in degrees to the right; minus for left.",
            -175,
            175,
            IsNeeded: false
        )
        {
            Unit = "°",
            Step = 5,
        };

    public static GroupsField Path { get; } =
        new(
            "path",
            "The line",
            "Straights, curves and corners, one after another.",
            [Straight, Radius, Sweep, Corner],
            MostParts
        )
        {
            IsLine = true,
            Eases = "a line of fewer parts",
            ShownWhen = new(MadeName, Built),
        };

    public static FlagField Closed { get; } =
        new("closed", "Line", "Whether its ends meet. Ends that nearly meet are closed anyway.")
        {
            No = "open",
            Yes = "closed",
            ShownWhen = new(MadeName, Built),
        };

    public static NumberField Repeats { get; } =
        new(
            "repeats",
            "Times repeated",
            "Over and over: the parts of a built line, or a shape beside the one before.",
            1,
            100,
            1,
            false
        )
        {
            IsWhole = true,
            Eases = "fewer times over",
        };

    public static FlagField Mirrored { get; } =
        new("mirrored", "Alternate repeats", "Left and right changed over, as along a vine.")
        {
            No = "the same",
            Yes = "mirrored",
        };

    public static LengthField ShapeWidth { get; } =
        Mm("shapeWidth", "Width", "From side to side.", 2, 5000) with
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
        Mm(
            "shapeHeight",
            "Height",
            "From top to bottom; of letters, how high a capital is.",
            1,
            5000,
            80
        ) with
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
        new(
            "shapeCount",
            "How many",
            "Points of a star, scallops, waves, turns of a spiral.",
            2,
            NamedShape.MostCount,
            5,
            false
        )
        {
            IsWhole = true,
            Eases = "fewer of them",
            ShownWhen = When(ShapeName, "star", "scallops", "wave", "spiral"),
        };

    public static LengthField ShapeCorner { get; } =
        Mm("shapeCorner", "Corner radius", "The radius of its corners.", 0.5, 500, 10) with
        {
            ShownWhen = When(ShapeName, "rounded"),
        };

    public static LengthField ShapeBand { get; } =
        Mm("shapeBand", "Band", "How wide the ring itself is.", 1, 1000, 15) with
        {
            ShownWhen = When(ShapeName, "ring"),
        };

    public static NameField Letters { get; } =
        new("letters", "Letters", "A monogram or a name.")
        {
            ShownWhen = When(ShapeName, "letters"),
        };

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
        new(
            MadeName,
            label,
            "However it is made, the stitches are planned on it.",
            [
                new(Built, "built", "From straight sections, curves and corners; type or drag."),
                new(Shaped, "a shape", "Known by its name, at the size you want."),
                new(Read, "from a file", "Outlines from an SVG file, at the size you want."),
            ],
            start,
            false
        );

    /// <summary>The named shapes that there are.</summary>
    /// <param name="outlines">Only those that enclose something.</param>
    public static ChoiceField Shape(bool outlines) =>
        new(
            ShapeName,
            "Shape",
            "At its size.",
            [
                .. NamedShape
                    .All.Where(s => s.IsOutline || !outlines)
                    .Select(s => new Choice(s.Name, s.Label, "")),
            ],
            outlines ? "leaf" : "wave",
            false
        )
        {
            ShownWhen = new(MadeName, Shaped),
        };

    /// <summary>What was read from a file.</summary>
    public static PathDataField Outline(bool outlines) =>
        new(
            "outline",
            outlines ? "Outline" : "Line",
            "Path data in mm, as it is read from an SVG file.",
            outlines
        )
        {
            Eases = "a simpler one",
            ShownWhen = new(MadeName, Read),
        };

    /// <summary>The field that the width of what is drawn is typed into; empty where no field says it.</summary>
    public static string WidthField(AskReader reader, ChoiceField made, ChoiceField shape) =>
        Sized(reader, made, shape, ShapeWidth);

    /// <summary>The same of its height.</summary>
    public static string HeightField(AskReader reader, ChoiceField made, ChoiceField shape) =>
        Sized(reader, made, shape, ShapeHeight);

    /// <summary>Whether fields say both the width and the height of a named shape.</summary>
    public static bool Sized(AskReader reader, ChoiceField shape) =>
        reader.ChoiceOrStart(shape) is { } name
        && new[] { ShapeWidth, ShapeHeight }.All(f =>
            f.ShownWhen!.Is == name || f.ShownWhen.Or.Contains(name)
        );

    private static string Sized(
        AskReader reader,
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

    private static LengthField Mm(
        string name,
        string label,
        string says,
        double least,
        double most,
        double? start = null
    ) => LengthField.Mm(name, label, says, least, most, start).Optional();
}
