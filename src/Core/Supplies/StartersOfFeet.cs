using static ZephyrReach.Core.Inputs.RawInputs;

namespace ZephyrReach.Core.Supplies;

internal static partial class Starters
{
    public static IReadOnlyList<Starter> Feet { get; } =
    [
        Snap("all-purpose snap-on foot", "all-purpose", 7.5, 8, 8, ("relief", 0.3)),
        Snap("satin foot", "satin", 7.5, 8, 8, ("relief", 1.5)),
        Snap("open-toe foot", "open-toe", 8.5, 9, 9, ("relief", 1.5)),
        Snap("zipper foot", "zipper", 2.5, 2.5, 2.5, ("relief", 0.3)),
        Snap("piping foot", "piping", 9, 8, 8, ("relief", 0.5), ("grooves", 1), ("grooveWidth", 5)),
        Snap("cording foot", "cording", 7, 8, 8, ("relief", 1.2), ("cordHole", 2)),
        Snap(
            "seven-groove pintuck foot",
            "pintuck",
            5,
            9,
            9,
            ("relief", 0.5),
            ("grooves", 7),
            ("groovePitch", 2.6),
            ("grooveWidth", 2)
        ),
        Snap(
            "five-groove pintuck foot",
            "pintuck",
            6,
            10,
            10,
            ("relief", 0.8),
            ("grooves", 5),
            ("groovePitch", 3.8),
            ("grooveWidth", 3)
        ),
        Snap("gathering foot", "gathering", 4, 8, 8, ("slot", true), ("setScrew", false)),
        Snap("buttonhole foot", "buttonhole", 7.5, 8, 8, ("relief", 1), ("buttonholeLength", 26)),
        Snap("straight-stitch foot", "straight", 2, 6, 6, ("relief", 0.2)),
        Screwed("ruffler", "pleating", 3, 10, 10, ("clampArm", true), ("setScrew", true)),
        Screwed("darning foot, closed", "darning", 8, 5, 5, ("relief", 6), ("clampArm", true)),
        Screwed(
            "darning foot, open toe",
            "open-darning",
            9,
            6,
            6,
            ("relief", 6),
            ("clampArm", false)
        ),
        Screwed("walking foot", "walking", 7.5, 10, 10, ("relief", 0.8), ("clampArm", true)),
        Industrial("industrial all-purpose foot", "straight", 2, 6, 6, ("relief", 0.2)),
        Industrial("industrial gathering foot", "gathering", 2, 6, 6, ("setScrew", true)),
        Industrial("industrial zipper foot", "zipper", 2, 2, 2, ("relief", 0.2)),
        Industrial("industrial piping foot", "piping", 2, 6, 6, ("grooves", 1), ("grooveWidth", 5)),
        new(
            "overlocker's own foot",
            "Comes with the overlocker.",
            Of(
                ("kind", "overlock"),
                ("mount", "own-clip"),
                ("opening", 8),
                ("relief", 0.5),
                ("clampArm", false)
            )
        ),
        new(
            "overlock gathering foot",
            "Gathers the lower layer; the upper is slid into its slot.",
            Of(
                ("kind", "overlock-gathering"),
                ("mount", "own-clip"),
                ("opening", 8),
                ("relief", 0.5),
                ("slot", true),
                ("clampArm", false)
            )
        ),
    ];

    private static Starter Snap(
        string name,
        string kind,
        double opening,
        double left,
        double right,
        params (string, object)[] more
    ) => FootOf(name, kind, "snap-on", opening, left, right, [("clampArm", false), .. more]);

    private static Starter Screwed(
        string name,
        string kind,
        double opening,
        double left,
        double right,
        params (string, object)[] more
    ) => FootOf(name, kind, "low-shank", opening, left, right, more);

    /// <summary>A foot with the mount of industrial machines.</summary>
    private static Starter Industrial(
        string name,
        string kind,
        double opening,
        double left,
        double right,
        params (string, object)[] more
    ) => FootOf(name, kind, "industrial", opening, left, right, [("clampArm", false), .. more]);

    private static Starter FootOf(
        string name,
        string kind,
        string mount,
        double opening,
        double left,
        double right,
        (string, object)[] more
    ) =>
        new(
            name,
            FootKinds.Choices.First(c => c.Name == kind).Follows,
            Of([
                ("kind", kind),
                ("mount", mount),
                ("opening", opening),
                ("soleLeft", left),
                ("soleRight", right),
                .. more,
            ])
        );
}
