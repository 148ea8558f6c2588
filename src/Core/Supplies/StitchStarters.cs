using static ZephyrReach.Core.Inputs.RawInputs;

namespace ZephyrReach.Core.Supplies;

/// <summary>Usual stitches by their kind, so that a machine's book is filled in minutes. Numbers and repeats are the machine's own.</summary>
internal static class StitchStarters
{
    public static IReadOnlyList<Starter> All { get; } =
    [
        Plain("zigzag", StitchLooks.Zigzag, "The plain one.", 2.5, 5, 2.5, true),
        Plain("bars", "bar", "A line with a bar at every repeat.", 2.5, 6, 5, true),
        Plain("wave", "wave", "One gentle line.", 2.5, 5, 16, false),
        Plain("scallop", "scallop", "Bows along an edge.", 2.5, 6, 12, false),
        Plain("leaf stem", "leaf", "Leaves to either side of a stem.", 2.5, 6, 10, false),
        Plain("blanket", "blanket", "Bars into an edge.", 2.5, 4, 2.5, false),
        Plain("crosses", "cross", "A cross at every repeat.", 2.5, 5, 5, true),
        Dense("satin lens", "satin", "A filled shape: something behind it.", 0.4, 5, 14),
        new(
            "a word",
            "Spelt with the machine’s letters: say which, and measure their pitch.",
            Of(
                ("look", StitchLooks.Letters),
                ("length", 0.4),
                ("width", 6),
                ("word", "PEAS"),
                ("pitch", 7),
                ("dense", true),
                ("sameMirrored", false),
                ("pairWidth", 0)
            )
        ),
    ];

    private static Starter Plain(
        string name,
        string look,
        string says,
        double length,
        double width,
        double repeat,
        bool sameMirrored
    ) =>
        new(
            name,
            says,
            Of(
                ("look", look),
                ("length", length),
                ("leastLength", 1),
                ("mostLength", 5),
                ("width", width),
                ("leastWidth", 1),
                ("mostWidth", 7),
                ("repeat", repeat),
                ("dense", false),
                ("sameMirrored", sameMirrored),
                ("pairWidth", 3)
            )
        );

    private static Starter Dense(
        string name,
        string look,
        string says,
        double length,
        double width,
        double repeat
    ) =>
        new(
            name,
            says,
            Of(
                ("look", look),
                ("length", length),
                ("leastLength", 0.2),
                ("mostLength", 1),
                ("width", width),
                ("leastWidth", 2),
                ("mostWidth", 7),
                ("repeat", repeat),
                ("dense", true),
                ("sameMirrored", true),
                ("pairWidth", 0)
            )
        );
}
