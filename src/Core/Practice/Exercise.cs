using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Practice;

/// <summary>What is practised, and so how it is scored.</summary>
public enum Practised
{
    /// <summary>A line is followed, the hoop moved by hand.</summary>
    Line,

    /// <summary>An area is filled.</summary>
    Area,

    /// <summary>One press for each stitch: by keys alone.</summary>
    Timing,

    /// <summary>The cloth's edge is kept at the side of the foot; the feed dogs move it on.</summary>
    Edge,

    /// <summary>Stop in the corner with the needle down; the feed dogs move it on.</summary>
    Corner,

    /// <summary>A gathering thread is pulled up, and the fullness spread.</summary>
    Pull,
}

/// <summary>An exercise on the simulated machine: made up, and it cannot break a needle.</summary>
/// <param name="Name">Its name in addresses and in the store.</param>
/// <param name="Says">What to do, in a sentence or two.</param>
/// <param name="Lines">On the cloth, in mm; empty where nothing is drawn.</param>
/// <param name="Stitch">The stitch to aim at, in mm.</param>
/// <param name="Machine">A speed to begin with, stitches a minute.</param>
/// <param name="ByKeys">Whether keys alone do it.</param>
public sealed record Exercise(
    string Name,
    string Title,
    string Says,
    Practised Of,
    IReadOnlyList<Path> Lines,
    double Stitch,
    double Machine,
    bool ByKeys
)
{
    /// <summary>How wide the practice cloth is, in mm.</summary>
    public const double Wide = 160;

    /// <summary>And how high.</summary>
    public const double High = 100;

    /// <summary>In the order they are practised.</summary>
    public static IReadOnlyList<Exercise> All { get; } =
    [
        new(
            "even",
            "Even stitches on a line",
            "Machine on, then move the fabric from left to right along the line. Nothing else: the same speed all the way.",
            Practised.Line,
            [Line((15, 50), (145, 50))],
            2.5,
            500,
            false
        ),
        new(
            "waves",
            "Waves",
            "Along the wave. Hands tend to slow down where it turns: keep them going.",
            Practised.Line,
            [Shaped("wave", 130, 44, 3, 15, 28)],
            2.5,
            500,
            false
        ),
        new(
            "loops",
            "Loops",
            "Round and round, from the middle out, without stopping.",
            Practised.Line,
            [Shaped("spiral", 76, 76, 4, 40, 12)],
            2.5,
            550,
            false
        ),
        new(
            "name",
            "A name",
            "Letters are round the outside: follow each, and jump with the machine stopped.",
            Practised.Line,
            [.. Written("Wren", 30)],
            2,
            550,
            false
        ),
        new(
            "leaf",
            "A leaf, filled",
            "Lines side by side over the leaf, none on another.",
            Practised.Area,
            [Shaped("leaf", 100, 60, 5, 30, 20)],
            2,
            600,
            false
        ),
        new(
            "meander",
            "A meander in a field",
            "Wander over the field, and never cross your own line. Look where you go, not at the needle.",
            Practised.Area,
            [Line((20, 15), (140, 15), (140, 85), (20, 85), (20, 15)) with { IsClosed = true }],
            2.5,
            600,
            false
        ),
        new(
            "darn",
            "A darn",
            "Lines back and forth over the square, then turn and sew across them.",
            Practised.Area,
            [Line((55, 25), (105, 25), (105, 75), (55, 75), (55, 25)) with { IsClosed = true }],
            2,
            600,
            false
        ),
        new(
            "timing",
            "One key press, one stitch",
            "By keys alone. The machine is slow: press → once for every stitch, and the fabric goes on by one.",
            Practised.Timing,
            [Line((15, 50), (145, 50))],
            2.5,
            100,
            true
        ),
        new(
            "edge",
            "An edge at the foot’s side",
            "The feed dogs do the rest: keep the edge at the side of the foot, with ↑ and ↓ or by hand.",
            Practised.Edge,
            [Line((0, 50), (160, 50))],
            2.5,
            300,
            true
        ),
        new(
            "corner",
            "Stop in the corner",
            "Hold the pedal and let go so that the needle is down in the corner. It still turns a little after you let go.",
            Practised.Corner,
            [Line((15, 50), (105, 50), (105, 95))],
            2.5,
            300,
            true
        ),
        new(
            "gather",
            "Pull up evenly",
            "Pull the thread, and spread the fullness so that it lies alike all along.",
            Practised.Pull,
            [],
            0,
            0,
            true
        ),
    ];

    /// <summary>Finds one by its name; null when there is none.</summary>
    public static Exercise? Named(string name) => All.FirstOrDefault(e => e.Name == name);

    private static Path Line(params (double X, double Y)[] points) =>
        Path.Of(false, [.. points.Select(p => Point.At(p.X, p.Y))]);

    private static Path Shaped(
        string name,
        double wide,
        double high,
        int count,
        double left,
        double top
    )
    {
        var path = NamedShape
            .All.Single(s => s.Name == name)
            .At(
                new ShapeSize(
                    Length.FromMillimetres(wide),
                    Length.FromMillimetres(high),
                    count,
                    Length.FromMillimetres(5),
                    Length.FromMillimetres(5),
                    ""
                ),
                false
            )[0];
        return Affine.Move(left, top).Of(path);
    }

    private static IEnumerable<Path> Written(string text, double high)
    {
        var letters = LetterShapes.Of(text, Length.FromMillimetres(high));
        var reach = NamedShape.BoundsOf(letters);
        return letters.Select(
            Affine
                .Move(
                    (Wide - reach.Width.Millimetres) / 2 - reach.From.X.Millimetres,
                    (High - reach.Height.Millimetres) / 2 - reach.From.Y.Millimetres
                )
                .Of
        );
    }
}
