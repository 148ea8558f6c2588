using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Paths;

/// <summary>How large a named shape is wanted.</summary>
/// <param name="Width">From side to side.</param>
/// <param name="Height">From top to bottom; of letters how high a capital is.</param>
/// <param name="Count">Points of a star, scallops, waves, or turns of a spiral; 1 or more.</param>
/// <param name="Corner">The radius of rounded corners.</param>
/// <param name="Band">How wide a ring is.</param>
/// <param name="Text">The letters.</param>
public sealed record ShapeSize(
    Length Width,
    Length Height,
    int Count,
    Length Corner,
    Length Band,
    string Text
);

/// <summary>A shape that is known by its name.</summary>
/// <param name="Name">Its name in the API.</param>
/// <param name="Label">Its name on the screen.</param>
/// <param name="IsOutline">Whether it encloses something; else it is a line with two ends.</param>
/// <param name="Make">Its lines, anywhere and of any size that has the right form.</param>
/// <param name="IsStretched">Whether width and height are both free; else its form decides one of them.</param>
public sealed record NamedShape(
    string Name,
    string Label,
    bool IsOutline,
    Func<ShapeSize, IReadOnlyList<Path>> Make,
    bool IsStretched = true
)
{
    /// <summary>The same as a line with two ends, where it is one as well; else it is what it makes.</summary>
    public Func<ShapeSize, IReadOnlyList<Path>>? AsLine { get; init; }

    /// <summary>No shape has more points, scallops, waves or turns.</summary>
    public const int MostCount = 60;

    public static NamedShape Letters { get; } =
        new("letters", "letters", true, s => LetterShapes.Of(s.Text, s.Height), false);

    public static NamedShape Ring { get; } =
        new(
            "ring",
            "ring",
            true,
            s => [Circle(s.Width / 2, s.Width / 2), Circle(s.Width / 2, s.Width / 2 - s.Band)],
            false
        );

    public static NamedShape Rounded { get; } =
        new("rounded", "rounded rectangle", true, s => [RoundedBox(s)], false);

    /// <summary>A circle so wide, from the top left of what it covers.</summary>
    public static Path CircleOf(Length width) =>
        All[0].At(new ShapeSize(width, default, 2, default, default, ""))[0];

    public static IReadOnlyList<NamedShape> All { get; } =
    [
        new("circle", "circle", true, s => [Circle(s.Width / 2, s.Width / 2)], false),
        new("oval", "oval", true, s => [Circle(s.Width / 2, s.Width / 2)]),
        new("heart", "heart", true, _ => [Heart]),
        new(
            "leaf",
            "leaf",
            true,
            // Its points lie at the ends of its longer side.
            s => s.Height > s.Width ? [Affine.Turn(90).Of(Leaf)] : [Leaf]
        ),
        new("star", "star", true, s => [Star(s.Count)]),
        Rounded,
        Ring,
        new("scallops", "scallops", true, s => [Scallops(s)]) { AsLine = s => [ScallopedLine(s)] },
        Letters,
        new("wave", "wave", false, s => [Wave(s)]),
        new("spiral", "spiral", false, s => [Spiral(s)], false),
    ];

    /// <summary>Its lines at a size, from the top left corner.</summary>
    /// <param name="isClosed">Whether scallops hang from a straight edge; else they are a line.</param>
    public IReadOnlyList<Path> At(ShapeSize size, bool isClosed = true)
    {
        IReadOnlyList<Path> made = (isClosed ? Make : AsLine ?? Make)(size);
        if (made.Count == 0)
        {
            return made;
        }
        var reach = BoundsOf(made);
        var (across, down) = (size.Width / reach.Width, size.Height / reach.Height);
        // What is right already keeps its arcs.
        var isRight = Math.Abs(across - 1) < 1e-9 && Math.Abs(down - 1) < 1e-9;
        var scale = IsStretched && !isRight ? Affine.Scale(across, down) : Affine.Same;
        var change = Affine.Move(-reach.From.X.Millimetres, -reach.From.Y.Millimetres).Then(scale);
        return [.. made.Select(change.Of)];
    }

    /// <summary>The least rectangle around lines.</summary>
    public static Bounds BoundsOf(IReadOnlyList<Path> lines)
    {
        var all = lines.Select(p => new MeasuredPath(p).Bounds).ToList();
        return new Bounds(
            new Point(all.Min(b => b.From.X), all.Min(b => b.From.Y)),
            new Point(all.Max(b => b.To.X), all.Max(b => b.To.Y))
        );
    }

    /// <summary>The same copies of a line one after another along an edge, each turned as the edge goes there.</summary>
    /// <param name="motif">From the origin, as it lies on an edge that goes to the right.</param>
    /// <param name="pitch">From copy to copy, in mm; above 0.</param>
    public static IReadOnlyList<Path> Along(
        Path motif,
        MeasuredPath edge,
        double pitch,
        int count
    ) =>
        [
            .. Enumerable
                .Range(0, count)
                .Select(i => edge.At(i * pitch))
                .Select(p =>
                    Affine.Turn(p.Heading * 180 / Math.PI).Then(Affine.Move(p.X, p.Y)).Of(motif)
                ),
        ];

    private static Path Heart =>
        new(
            Point.At(50, 20),
            [
                new CubicTo(Point.At(58, 2), Point.At(100, -2), Point.At(100, 34)),
                new CubicTo(Point.At(100, 60), Point.At(62, 78), Point.At(50, 100)),
                new CubicTo(Point.At(38, 78), Point.At(0, 60), Point.At(0, 34)),
                new CubicTo(Point.At(0, -2), Point.At(42, 2), Point.At(50, 20)),
            ],
            true
        );

    private static Path Leaf =>
        new(
            Point.At(0, 50),
            [
                new CubicTo(Point.At(22, 5), Point.At(70, 0), Point.At(100, 50)),
                new CubicTo(Point.At(70, 100), Point.At(22, 95), Point.At(0, 50)),
            ],
            true
        );

    private static Path Circle(Length centre, Length radius) =>
        new(
            new Point(centre, centre - radius),
            [
                new ArcTo(new Point(centre, centre + radius), radius, true),
                new ArcTo(new Point(centre, centre - radius), radius, true),
            ],
            true
        );

    /// <summary>From five points on, the sides of neighbouring points lie in one line.</summary>
    private static Path Star(int points)
    {
        var inner = points < 5 ? 0.4 : Math.Cos(2 * Math.PI / points) / Math.Cos(Math.PI / points);
        return Path.Of(
            true,
            [
                .. Enumerable
                    .Range(0, 2 * points)
                    .Select(i =>
                    {
                        var r = i % 2 == 0 ? 1 : Math.Max(0.25, inner);
                        var (sin, cos) = Math.SinCos(Math.PI * i / points);
                        return Point.At(100 * r * sin, -100 * r * cos);
                    }),
            ]
        );
    }

    private static Path RoundedBox(ShapeSize s)
    {
        var (w, h) = (s.Width, s.Height);
        var r = Length.Min(s.Corner, Length.Min(w, h) / 2);
        ArcTo to(Length x, Length y) => new(new Point(x, y), r, true);
        LineTo line(Length x, Length y) => new(new Point(x, y));
        return new(
            new Point(r, Length.Zero),
            [
                line(w - r, Length.Zero),
                to(w, r),
                line(w, h - r),
                to(w - r, h),
                line(r, h),
                to(Length.Zero, h - r),
                line(Length.Zero, r),
                to(r, Length.Zero),
            ],
            true
        );
    }

    /// <summary>Arcs that hang from a band, from the right end of it back to the left.</summary>
    private static Path Scallops(ShapeSize s)
    {
        var band = s.Height * 0.3;
        return new(
            Point.At(0, 0),
            [
                new LineTo(new Point(s.Width, Length.Zero)),
                new LineTo(new Point(s.Width, band)),
                .. Bows(s, s.Height - band, band),
            ],
            true
        );
    }

    /// <summary>The same arcs by themselves.</summary>
    private static Path ScallopedLine(ShapeSize s) =>
        new(new Point(s.Width, Length.Zero), [.. Bows(s, s.Height, Length.Zero)]);

    private static IEnumerable<PathStep> Bows(ShapeSize s, Length rise, Length y)
    {
        var one = s.Width / s.Count;
        return Enumerable
            .Range(1, s.Count)
            .Select(i => Bow(new Point(s.Width - one * i, y), one, rise, true));
    }

    /// <summary>Bows to one side and to the other, which meet without a corner.</summary>
    private static Path Wave(ShapeSize s)
    {
        var half = s.Width / (2 * s.Count);
        return new(
            Point.At(0, 0),
            [
                .. Enumerable
                    .Range(1, 2 * s.Count)
                    .Select(i =>
                        Bow(new Point(half * i, Length.Zero), half, s.Height / 2, i % 2 == 1)
                    ),
            ]
        );
    }

    /// <summary>An arc rises no further over its chord: beside the next one it would touch it.</summary>
    private const double Steepest = 0.45;

    /// <summary>An arc over a chord that rises so far.</summary>
    /// <remarks>r = (chord²/4 + rise²)/(2·rise). What is to rise further is drawn out afterwards.</remarks>
    private static ArcTo Bow(Point to, Length chord, Length rise, bool clockwise)
    {
        var (c, h) = (chord.Millimetres, Math.Min(rise.Millimetres, chord.Millimetres * Steepest));
        return new(to, Length.FromMillimetres((c * c / 4 + h * h) / (2 * h)), clockwise);
    }

    /// <summary>Half circles from the middle out, each a half pitch wider than the one before: they meet without a corner.</summary>
    private static Path Spiral(ShapeSize s)
    {
        // The last two half circles, of radii (2n−1)·p/4 and 2n·p/4, span the width between them.
        var pitch = s.Width * 4 / (4 * s.Count - 1);
        List<PathStep> steps = [];
        var (x, side) = (Length.Zero, 1);
        for (var i = 1; i <= 2 * s.Count; i++)
        {
            var radius = pitch * i / 4;
            x += 2 * side * radius;
            side = -side;
            steps.Add(new ArcTo(new Point(x, Length.Zero), radius, true));
        }
        return new(Point.At(0, 0), steps);
    }
}
