using static ZephyrReach.Core.Faults.Tries;

namespace ZephyrReach.Core.Faults;

/// <summary>What goes wrong with darns, and where hands move the fabric.</summary>
internal static class HandFaults
{
    private const string Program = "darning-programmed";
    private static readonly string[] ByHand = ["free-motion", "darning-free-motion"];

    public static IReadOnlyList<Symptom> Symptoms { get; } =
    [
        new(
            "long-angular",
            "long, angular stitches",
            "Corners where there should be curves.",
            SymptomKin.FreeMotion,
            SeenFrom.Front
        ),
        new(
            "builds-up",
            "thread builds up",
            "Tiny stitches, a knot, it breaks.",
            SymptomKin.FreeMotion,
            SeenFrom.Front
        ),
        new(
            "eyelashes",
            "eyelashes underneath",
            "Loops of needle thread in the curves.",
            SymptomKin.FreeMotion,
            SeenFrom.Back
        ),
        new(
            "dots-above",
            "dots of bobbin thread above",
            "The lower thread shows at every stitch.",
            SymptomKin.FreeMotion,
            SeenFrom.Front
        ),
        new(
            "off-line",
            "not on the line",
            "The stitches run beside what was drawn.",
            SymptomKin.FreeMotion,
            SeenFrom.Front
        ),
        new(
            "short",
            "does not reach",
            "The block ends in the hole.",
            SymptomKin.Mending,
            SeenFrom.Front
        ),
        new("slants", "slants", "The lines run askew.", SymptomKin.Mending, SeenFrom.Front),
        new(
            "darn-bulges",
            "the darn bulges",
            "It stands up from the fabric.",
            SymptomKin.Mending,
            SeenFrom.Side
        ),
    ];

    public static IReadOnlyList<Cause> Causes { get; } =
    [
        new Cause("machine-slow", "The machine runs slower than the hands.", 7)
            .With(ByHand)
            .Shows("long-angular", 0.85)
            .Shows("needle-breaks", 0.15)
            .CuredBy(FasterMachine, 0.9, "Beginners run it too slow."),
        new Cause("hands-quick", "The hands move quicker than the machine.", 5)
            .With(ByHand)
            .Shows("long-angular", 0.8)
            .Shows("off-line", 0.3)
            .CuredBy(SlowerHands, 0.88, "The stitch is hand speed over machine speed."),
        new Cause("hands-slow", "The hands stay in one place.", 7)
            .With(ByHand)
            .Shows("builds-up", 0.85)
            .Shows("breaks", 0.3)
            .CuredBy(QuickerHands, 0.9, "The needle stays in one place."),
        new Cause("machine-quick", "The machine runs faster than the hands.", 5)
            .With(ByHand)
            .Shows("builds-up", 0.75)
            .CuredBy(SlowerMachine, 0.9, "Fewer stitches for the same way."),
        new Cause("curve-jerk", "The hands speed up in the curves.", 6)
            .With(ByHand)
            .Shows("eyelashes", 0.85)
            .CuredBy(EvenHands, 0.9, "A jerk pulls the needle thread down."),
        new Cause("threads-differ", "The threads above and below differ.", 3)
            .With(ByHand)
            .Shows("dots-above", 0.6)
            .CuredBy(SameThread, 0.9, "Then it does not show."),
        new Cause("hoop-loose", "The fabric is loose in its hoop.", 4)
            .With(ByHand)
            .Shows("puckers", 0.4)
            .Shows("skips", 0.4)
            .Shows("eyelashes", 0.15)
            .CuredBy(TighterHoop, 0.9, "Loose fabric rides up with the needle."),
        new Cause("eye-on-needle", "The eye looks at the needle.", 6)
            .With(ByHand)
            .Shows("off-line", 0.85)
            .CuredBy(LookAhead, 0.93, "The hands go where the eye is."),
        new Cause("block-short", "The block is set short.", 7)
            .With(Program)
            .Shows("short", 0.9)
            .CuredBy(
                new("longer-block", "Set the foot longer, or sew a second block that overlaps.", 2),
                0.95,
                "It has to end in sound fabric."
            ),
        new Cause("feed-unlike", "Forward and back are not alike on this fabric.", 5)
            .With(Program)
            .Shows("slants", 0.85)
            .CuredBy(Balance, 0.9, "Forward and back are not alike on this fabric."),
        new Cause("backing-soft", "What lies behind gives under the foot.", 4)
            .With(Program)
            .Shows("slants", 0.7)
            .Shows("darn-bulges", 0.35)
            .CuredBy(
                new("backing", "Fuse something firmer behind.", 5),
                0.93,
                "The fabric gives under the foot."
            ),
        new Cause("darn-dense", "The lines of the darn lie close.", 4)
            .With(Program, "darning-free-motion")
            .Shows("darn-bulges", 0.8)
            .CuredBy(
                new("open-lines", "Set the lines further apart, and press it.", 3),
                0.88,
                "More thread than was there before stands up."
            ),
    ];
}
