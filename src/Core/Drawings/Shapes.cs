using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Drawings;

/// <summary>One thing in a drawing, placed in millimetres. Says nothing of pixels or colours.</summary>
public abstract record Shape
{
    protected Shape() => Budget.Spend(5);

    /// <summary>The part of the piece that it belongs to, such as <c>rows</c>; a step lights parts up by their names.</summary>
    public string Part { get; init; } = "";

    /// <summary>The same as a part of the piece.</summary>
    public Shape In(string part) => this with { Part = part };
}

/// <summary>What a piece of cloth in a drawing is.</summary>
public enum ClothRole
{
    /// <summary>The working's own cloth.</summary>
    Main,

    /// <summary>The plain piece that the working is sewn to.</summary>
    Plain,

    /// <summary>Cloth from which pieces are cut.</summary>
    Length,

    /// <summary>What is left over.</summary>
    LeftOver,

    /// <summary>What is fused or laid behind.</summary>
    Backing,

    /// <summary>Nothing: a hole.</summary>
    Hole,
}

/// <summary>A flat piece of cloth: a rectangle.</summary>
/// <param name="From">Its top left corner.</param>
/// <param name="To">Its bottom right corner.</param>
/// <param name="Role">What it is.</param>
/// <param name="Label">What is written on it, or empty.</param>
/// <param name="TornRight">Whether it goes on beyond the drawing on its right side.</param>
public sealed record ClothPiece(
    Point From,
    Point To,
    ClothRole Role,
    string Label = "",
    bool TornRight = false
) : Shape;

/// <summary>What a line on cloth means.</summary>
public enum LineMeaning
{
    Chalk,
    Stitch,

    /// <summary>Stitched, and taken out again at the end.</summary>
    StitchRemoved,
    Seam,
    Fold,
    Join,
    Hem,
    Selvedge,

    /// <summary>Joins two marks that will meet.</summary>
    Match,

    /// <summary>Cloth seen from its edge.</summary>
    Profile,

    /// <summary>A cord laid on the cloth.</summary>
    Cord,

    /// <summary>A ribbon laid on the cloth.</summary>
    Ribbon,

    /// <summary>The edge of a hole.</summary>
    Tear,

    /// <summary>From the line to the side on which the needle stands.</summary>
    Needle,

    /// <summary>One thread, as it lies: every stitch in its place.</summary>
    Thread,
}

/// <summary>A straight line on cloth.</summary>
public sealed record ClothLine(LineMeaning Meaning, Point From, Point To, string Label = "")
    : Shape;

/// <summary>How stitches lie along a line, so that they are drawn one by one where the scale allows.</summary>
/// <param name="Length">Of one stitch, along the line; above 0.</param>
/// <param name="Width">From side to side; nothing for a straight stitch.</param>
public sealed record StitchLook(Length Length, Length Width)
{
    /// <summary>Of a decorative stitch, one repeat; <see cref="Length"/> is then that of a repeat in this row. Null for a plain one.</summary>
    public Repeat? Repeat { get; init; }
}

/// <summary>One repeat of a decorative stitch, which is drawn over and over along its row.</summary>
/// <param name="Paths">From 0 on along the row, and to its right from its middle; more than one where the needle starts anew.</param>
/// <param name="Length">How long it is as it is drawn there; a row may stretch it.</param>
public sealed record Repeat(IReadOnlyList<Path> Paths, Length Length);

/// <summary>A line or an outline of any form.</summary>
/// <param name="Path">Where it runs.</param>
/// <param name="Meaning">What the line means; null where only the area is drawn.</param>
/// <param name="Fill">What the cloth within it is; null where it is a line only.</param>
/// <param name="Label">What is written at its start, or empty.</param>
/// <param name="Stitches">How its stitches lie, where it is stitched.</param>
/// <param name="Width">How thick a cord or how wide a ribbon is.</param>
/// <param name="Colour">Of the cloth within it, or that a thread lies on, as <c>#1a2b3c</c>; empty for the working's own.</param>
public sealed record PathShape(
    Path Path,
    LineMeaning? Meaning = null,
    ClothRole? Fill = null,
    string Label = "",
    StitchLook? Stitches = null,
    Length Width = default,
    string Colour = ""
) : Shape;

/// <summary>A notch that will be matched with another.</summary>
/// <param name="At">The tip of the notch, on the edge.</param>
/// <param name="Number">Which of the marks it is, from 0.</param>
/// <param name="FromBelow">Whether it stands below the edge and points up.</param>
public sealed record Notch(Point At, int Number, bool FromBelow = false) : Shape;

/// <summary>Which side of a drawing something stands at.</summary>
public enum Side
{
    Above,
    Below,
    Left,
    Right,
}

/// <summary>A distance with witness lines, set in the margin.</summary>
/// <param name="From">One end.</param>
/// <param name="To">The other end.</param>
/// <param name="Side">In which margin.</param>
/// <param name="Length">The distance it states.</param>
/// <param name="Kind">How the distance is rounded.</param>
/// <param name="Note">What is added after the figure, or empty.</param>
/// <param name="Field">The field of the ask that it states, or empty.</param>
public sealed record Dimension(
    Point From,
    Point To,
    Side Side,
    Length Length,
    LengthKind Kind,
    string Note = "",
    string Field = ""
) : Shape
{
    /// <summary>A distance along the page, above what is drawn.</summary>
    /// <param name="from">Its left end.</param>
    /// <param name="to">Its right end.</param>
    /// <param name="at">How far down the edge is that it belongs to.</param>
    /// <param name="states">What it states; null for from where to where it goes.</param>
    public static Dimension Above(
        Length from,
        Length to,
        Length at,
        LengthKind kind,
        string note = "",
        string field = "",
        Length? states = null
    ) => new(new(from, at), new(to, at), Side.Above, states ?? to - from, kind, note, field);

    /// <summary>The same below it.</summary>
    public static Dimension Below(
        Length from,
        Length to,
        Length at,
        LengthKind kind,
        string note = "",
        string field = "",
        Length? states = null
    ) => Above(from, to, at, kind, note, field, states) with { Side = Side.Below };

    /// <summary>A distance down the page, at the right of what is drawn.</summary>
    /// <param name="from">Its upper end.</param>
    /// <param name="to">Its lower end.</param>
    /// <param name="at">How far to the right the edge is that it belongs to.</param>
    /// <param name="states">What it states; null for from where to where it goes.</param>
    public static Dimension Right(
        Length from,
        Length to,
        Length at,
        LengthKind kind,
        string note = "",
        string field = "",
        Length? states = null
    ) => new(new(at, from), new(at, to), Side.Right, states ?? to - from, kind, note, field);

    /// <summary>The same at its left.</summary>
    public static Dimension Left(
        Length from,
        Length to,
        Length at,
        LengthKind kind,
        string note = "",
        string field = "",
        Length? states = null
    ) => Right(from, to, at, kind, note, field, states) with { Side = Side.Left };

    /// <summary>How wide a piece is and how high, below it and at its right; typed where fields are named.</summary>
    public static IEnumerable<Dimension> Of(
        Length width,
        Length height,
        LengthKind kind,
        string note = "",
        string across = "",
        string down = ""
    ) =>
        [
            Below(Length.Zero, width, height, kind, note, across),
            Right(Length.Zero, height, width, kind, note, down),
        ];
}

/// <summary>The direction of the lengthwise grain.</summary>
public sealed record GrainArrow(Point From, Point To) : Shape;

/// <summary>Cloth drawn up along its top edge, falling in folds to a hem.</summary>
/// <param name="From">The top left corner, on the seam line.</param>
/// <param name="Drop">How far it falls.</param>
/// <param name="Hem">The hem as a wave, whose arc over its span is the fullness.</param>
/// <param name="TornRight">Whether it goes on beyond the drawing on its right side.</param>
public sealed record GatheredCloth(Point From, Length Drop, Wave Hem, bool TornRight = false)
    : Shape;

/// <summary>What pulling a dot changes.</summary>
public enum Pull
{
    /// <summary>A length, along a straight line from its origin.</summary>
    Along,

    /// <summary>An angle about its origin.</summary>
    Round,
}

/// <summary>A dot that a figure is pulled by, turned with the arrow keys, or typed at.</summary>
/// <param name="At">Where it is.</param>
/// <param name="Field">The figure of the ask, by its path, such as <c>path[2].radius</c>.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Text">The figure, as it is written there.</param>
/// <param name="Pull">What pulling changes.</param>
/// <param name="Origin">Where the figure would be nothing, or the middle of its angle.</param>
/// <param name="Heading">The direction in which it grows, or in which an angle is nothing; degrees clockwise from the right.</param>
/// <param name="Value">The figure as a number: mm, or degrees.</param>
/// <param name="Least">It is not pulled below this.</param>
/// <param name="Most">Nor above.</param>
public sealed record Dot(
    Point At,
    string Field,
    string Label,
    string Text,
    Pull Pull,
    Point Origin,
    double Heading,
    double Value,
    double Least,
    double Most
) : Shape;

/// <summary>A few words at a place.</summary>
/// <param name="IsNumber">Whether they number a place, and stand in its middle.</param>
public sealed record Words(Point At, string Text, bool IsNumber = false) : Shape;

/// <summary>A scaled drawing of a piece of work.</summary>
/// <param name="Name">Names it among the drawings of a technique, such as <c>gathered</c>.</param>
/// <param name="Title">Its heading.</param>
/// <param name="Says">The drawing in a sentence, for those who cannot see it.</param>
/// <param name="Width">How wide the drawn things reach; dimensions stand in margins beyond it.</param>
/// <param name="Height">How high they reach.</param>
/// <param name="Shapes">In the order they are laid on top of each other.</param>
/// <param name="GrainUpright">Whether the lengthwise grain, and with it a stripe, runs up the page.</param>
/// <param name="IsCloseUp">Whether it shows a part larger than a whole, with a ruler beside it.</param>
/// <param name="IsForCutting">Whether it is looked at while cutting and marking.</param>
public sealed record Drawing(
    string Name,
    string Title,
    string Says,
    Length Width,
    Length Height,
    IReadOnlyList<Shape> Shapes,
    bool GrainUpright,
    bool IsCloseUp = false,
    bool IsForCutting = false
)
{
    /// <summary>Places that are looked at from near, one after another; empty where there are none.</summary>
    public IReadOnlyList<Near> Nears { get; init; } = [];
}

/// <summary>A part of a drawing, seen from near as it lies under the needle.</summary>
/// <param name="At">What stands in the middle.</param>
/// <param name="Across">How much of it is seen, in mm.</param>
/// <param name="Turned">How far the drawing is turned, in degrees clockwise, so that what comes next runs towards her.</param>
/// <param name="Label">What it is called.</param>
public sealed record Near(Point At, Length Across, double Turned, string Label);

/// <summary>What a part of a tool is.</summary>
public enum PlateRole
{
    Sole,
    Opening,
    Groove,
    Hole,

    /// <summary>How far the needle goes.</summary>
    Swing,
}

/// <summary>A part of a tool: the sole of a foot, its opening, a groove, a hole, or the swing of the needle.</summary>
/// <param name="From">One corner.</param>
/// <param name="To">The other corner.</param>
/// <param name="IsGuess">Whether its size is not known, and a usual one is drawn.</param>
public sealed record Plate(Point From, Point To, PlateRole Role, bool IsGuess) : Shape;

/// <summary>A place where a drawing can be pulled to adjust a figure.</summary>
/// <param name="At">Where it is.</param>
/// <param name="Field">The figure it adjusts.</param>
/// <param name="Origin">Where the figure would be nothing.</param>
/// <param name="Per">How much the figure grows for each millimetre to the right.</param>
public sealed record Handle(Point At, string Field, Point Origin, double Per) : Shape;
