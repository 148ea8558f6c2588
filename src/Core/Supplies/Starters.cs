using static ZephyrReach.Core.Inputs.RawInputs;

namespace ZephyrReach.Core.Supplies;

/// <summary>Usual things to begin from. Their figures are workshop averages, to be measured and adjusted.</summary>
internal static partial class Starters
{
    public static IReadOnlyList<Starter> Machines { get; } =
    [
        new(
            "home zigzag machine",
            "Look at the plate opening and at the number its dial shows for ordinary seams.",
            Of(
                ("kind", "home"),
                ("mounts", new[] { "low-shank", "snap-on" }),
                ("needleSystem", "flat-shank"),
                ("widestStitch", 7),
                ("shortestStitch", 0.2),
                ("longestStitch", 5),
                ("plateOpening", 8),
                ("needlePositions", 15),
                ("needleShift", 3.5),
                ("feedDogs", "lowers"),
                ("bobbin", "drop-in"),
                ("bobbinThread", 50_000),
                ("bobbinElastic", 18_000),
                ("presserLift", 6),
                ("clampScrew", true),
                ("fastest", 800),
                ("needleStop", true),
                ("programmedDarning", true),
                ("lockStitch", true),
                ("normalTension", 4),
                ("lowestTension", 0),
                ("highestTension", 9)
            )
        ),
        new(
            "straight-stitch machine",
            "An older machine that sews straight stitches only.",
            Of(
                ("kind", "home"),
                ("mounts", new[] { "low-shank" }),
                ("needleSystem", "flat-shank"),
                ("widestStitch", 0),
                ("shortestStitch", 0.5),
                ("longestStitch", 4),
                ("plateOpening", 1.8),
                ("straightPlate", true),
                ("needlePositions", 1),
                ("needleShift", 0),
                ("feedDogs", "neither"),
                ("bobbin", "front-case"),
                ("presserLift", 7),
                ("pressure", true),
                ("clampScrew", true),
                ("fastest", 900),
                ("needleStop", false),
                ("programmedDarning", false),
                ("lockStitch", false)
            )
        ),
        new(
            "industrial lockstitch machine",
            "Fast and straight; its feet have a mount of their own.",
            Of(
                ("kind", "industrial"),
                ("mounts", new[] { "industrial" }),
                ("needleSystem", "round-shank"),
                ("widestStitch", 0),
                ("shortestStitch", 0.5),
                ("longestStitch", 5),
                ("plateOpening", 2),
                ("straightPlate", true),
                ("needlePositions", 1),
                ("needleShift", 0),
                ("feedDogs", "neither"),
                ("bobbin", "front-case"),
                ("presserLift", 13),
                ("pressure", true),
                ("fastest", 4500),
                ("programmedDarning", false)
            )
        ),
        new(
            "overlocker",
            "Look at its differential range, and whether it sews a chain stitch.",
            Of(
                ("kind", "overlocker"),
                ("mounts", new[] { "own-clip" }),
                ("needleSystem", "flat-shank"),
                ("widestStitch", 7),
                ("shortestStitch", 1),
                ("longestStitch", 4),
                ("feedDogs", "neither"),
                ("bobbin", "none"),
                ("presserLift", 5),
                ("pressure", true),
                ("fastest", 1300),
                ("programmedDarning", false),
                ("normalTension", 4),
                ("lowestTension", 0),
                ("highestTension", 9),
                ("leastDifferential", 0.7),
                ("greatestDifferential", 2),
                ("chainLooper", false)
            )
        ),
    ];

    public static IReadOnlyList<Starter> Needles { get; } =
    [
        Single("universal 70", 70, "universal"),
        Single("universal 80", 80, "universal"),
        Single("universal 90", 90, "universal"),
        Single("universal 100", 100, "universal"),
        Single("fine sharp 60", 60, "sharp"),
        Single("fine sharp 70", 70, "sharp"),
        Single("ballpoint 80", 80, "ballpoint"),
        Single("stretch 75", 75, "stretch"),
        Single("jeans 100", 100, "jeans"),
        Single("topstitch 90", 90, "topstitch"),
        Single("embroidery 75", 75, "embroidery"),
        Single("embroidery 90", 90, "embroidery"),
        Twin("twin needle 1.6/70", 70, 1.6),
        Twin("twin needle 2/80", 80, 2),
        Twin("twin needle 2.5/80", 80, 2.5),
        Twin("twin needle 3/90", 90, 3),
        Twin("twin needle 4/90", 90, 4),
        Round("round-shank 80", 80),
        Round("round-shank 90", 90),
        Round("round-shank 100", 100),
    ];

    public static IReadOnlyList<Starter> Threads { get; } =
    [
        Spool("ordinary polyester", "polyester", 27),
        Spool("strong polyester", "polyester", 40),
        Spool("cotton", "cotton", 30),
        Spool("fine cotton", "cotton", 20),
        Spool("embroidery thread", "viscose", 27),
        Spool("thick embroidery thread", "viscose", 60),
        Spool("fine bobbin thread", "polyester", 15),
    ];

    public static IReadOnlyList<Starter> Elastics { get; } =
    [
        new("fine elastic thread", "About 0.6 mm.", Of(("diameter", 0.6), ("lengthLeft", "20 m"))),
        new("thick elastic thread", "About 1 mm.", Of(("diameter", 1), ("lengthLeft", "10 m"))),
    ];

    public static IReadOnlyList<Starter> Cloths { get; } =
    [
        Weave("lawn", "cotton", 75, 0.18, 135),
        Weave("voile", "cotton", 60, 0.16, 140),
        Weave("organza", "silk", 30, 0.1, 140),
        Weave("organdy", "cotton", 70, 0.15, 115),
        Weave("light silk", "silk", 45, 0.12, 114),
        Weave("muslin", "cotton", 110, 0.25, 150),
        Weave("quilting cotton", "cotton", 145, 0.3, 108),
        Weave("ticking", "cotton", 210, 0.45, 138),
        Weave("linen", "linen", 180, 0.4, 140),
        Weave("denim", "cotton", 340, 0.7, 145),
        Weave("canvas", "cotton", 400, 0.8, 145),
        new(
            "jersey",
            "Stretches; a rounded needle.",
            Of(
                ("fibre", "cotton"),
                ("build", "knit"),
                ("weight", 180),
                ("thickness", 0.6),
                ("stretch", 40),
                ("usableWidth", "150 cm")
            )
        ),
        new(
            "lace",
            "Open and soft: tissue or a wash-away beneath keeps it from being drawn in.",
            Of(
                ("fibre", "cotton"),
                ("build", "net"),
                ("weight", 90),
                ("thickness", 0.5),
                ("stretch", 5),
                ("usableWidth", "130 cm")
            )
        ),
        new(
            "tulle",
            "A net: hardly any weight.",
            Of(
                ("fibre", "nylon"),
                ("build", "net"),
                ("weight", 25),
                ("thickness", 0.2),
                ("stretch", 15),
                ("usableWidth", "150 cm")
            )
        ),
    ];

    public static IReadOnlyList<Starter> Stabilisers { get; } =
    [
        new("tear-away", "For firm fabric.", Of(("kind", "tear-away"))),
        new("cut-away", "For fabric that stretches.", Of(("kind", "cut-away"))),
        new("wash-away", "For nets and loose texture.", Of(("kind", "wash-away"))),
        new("light interfacing", "Behind darns.", Of(("kind", "fusible-interfacing"))),
        new("paper-backed fusible", "For appliqué.", Of(("kind", "paper-backed"))),
        new("sticky-backed fusible", "For appliqué.", Of(("kind", "sticky-backed"))),
    ];

    public static IReadOnlyList<Starter> Cords { get; } =
    [
        new(
            "fine cord",
            "For corded tucks and fine piping.",
            Of(("diameter", 1), ("stiffness", "soft"))
        ),
        new(
            "piping cord",
            "",
            Of(("diameter", 4), ("plies", 3), ("stiffness", "soft"), ("flange", false))
        ),
        new(
            "couching yarn",
            "",
            Of(("diameter", 2.5), ("plies", 2), ("stiffness", "soft"), ("flange", false))
        ),
        new(
            "trim with a flange",
            "",
            Of(("diameter", 6), ("plies", 3), ("stiffness", "stiff"), ("flange", true))
        ),
    ];

    private static Starter Single(string name, int size, string point) =>
        new(
            name,
            "",
            Of(("needleSystem", "flat-shank"), ("size", size), ("point", point), ("twinSpacing", 0))
        );

    private static Starter Round(string name, int size) =>
        new(
            name,
            "For industrial and some old machines.",
            Of(
                ("needleSystem", "round-shank"),
                ("size", size),
                ("point", "universal"),
                ("twinSpacing", 0)
            )
        );

    private static Starter Twin(string name, int size, double spacing) =>
        new(
            name,
            "A twin needle on one shank.",
            Of(
                ("needleSystem", "flat-shank"),
                ("size", size),
                ("point", "universal"),
                ("twinSpacing", spacing)
            )
        );

    private static Starter Spool(string name, string fibre, double tex) =>
        new(name, "", Of(("fibre", fibre), ("tex", tex), ("lengthLeft", "200 m")));

    private static Starter Weave(
        string name,
        string fibre,
        double grams,
        double thick,
        int width
    ) =>
        new(
            name,
            "",
            Of(
                ("fibre", fibre),
                ("build", "weave"),
                ("weight", grams),
                ("thickness", thick),
                ("stretch", 2),
                ("usableWidth", $"{width} cm")
            )
        );
}
