using static ZephyrReach.Core.Faults.Tries;

namespace ZephyrReach.Core.Faults;

/// <summary>What goes wrong with stitches, whatever is sewn.</summary>
internal static class StitchFaults
{
    public static IReadOnlyList<Symptom> Symptoms { get; } =
    [
        Seen(
            "loops-below",
            "loops underneath",
            "Needle thread lies loose on the reverse.",
            SeenFrom.Back
        ),
        Seen(
            "nests",
            "a nest of thread underneath",
            "Thread bunches up below, most of all at the beginning.",
            SeenFrom.Back
        ),
        Seen(
            "loops-above",
            "loops on top",
            "Bobbin thread shows on the right side.",
            SeenFrom.Front
        ),
        Seen("skips", "skipped stitches", "Here and there a stitch is missing.", SeenFrom.Front),
        Seen("frays", "the thread frays", "It goes woolly above the needle.", SeenFrom.Side),
        Seen(
            "breaks",
            "the thread breaks",
            "The needle thread snaps again and again.",
            SeenFrom.Side
        ),
        Seen(
            "uneven-stitches",
            "uneven stitches",
            "Some are long and some are short.",
            SeenFrom.Front
        ),
        Seen(
            "no-lock",
            "the stitch does not lock",
            "Pulled, the line comes undone.",
            SeenFrom.Side
        ),
    ];

    private static Symptom Seen(string name, string says, string shows, SeenFrom from) =>
        new(name, says, shows, SymptomKin.Stitches, from);

    public static IReadOnlyList<Cause> Causes { get; } =
    [
        new Cause("not-in-discs", "The needle thread is not in its tension discs.", 10)
            .Shows("loops-below", 0.85)
            .Shows("nests", 0.6)
            .Shows("no-lock", 0.4)
            .Shows("jams", 0.2)
            .CuredBy(Rethread, 0.95, "The thread was probably never in the tension discs."),
        new Cause(
            "threaded-wrong",
            "The needle thread misses a guide, or the needle is threaded from the wrong side.",
            3
        )
            .Shows("breaks", 0.45)
            .Shows("skips", 0.5)
            .Shows("no-lock", 0.4)
            .Shows("frays", 0.2)
            .CuredBy(Rethread, 0.95, "Past a guide, the thread pulls from the wrong side."),
        new Cause("tension-loose", "The needle tension is too loose.", 5)
            .Shows("loops-below", 0.8)
            .Shows("eyelashes", 0.25)
            .When(
                s => s.TensionSteps <= -1,
                3,
                "The needle tension is looser than the settings card says."
            )
            .When(s => s.TensionSteps >= 0.5, 0.3)
            .CuredBy(TighterTension, 0.88, "Too loose, it cannot draw up its loop."),
        new Cause("tension-tight", "The needle tension is too tight.", 6)
            .Shows("loops-above", 0.6)
            .Shows("dots-above", 0.75)
            .Shows("puckers", 0.7)
            .Shows("tunnels", 0.35)
            .Shows("pulled-together", 0.5)
            .Shows("breaks", 0.35)
            .When(
                s => s.TensionSteps >= 1,
                3,
                "The needle tension is tighter than the settings card says."
            )
            .When(s => s.TensionSteps <= -1, 0.4)
            .When(s => s.IsLight, 1.4, "Light fabric gives before the thread does.")
            .CuredBy(
                LooserTension,
                0.9,
                "A tight thread shortens the line it lies in, and pulls the lower thread up."
            ),
        new Cause("bobbin-free", "The bobbin thread is not under its spring.", 8)
            .Shows("loops-above", 0.85)
            .Shows("uneven-stitches", 0.25)
            .Shows("nests", 0.1)
            .CuredBy(ReseatBobbin, 0.95, "Its thread was probably not under the spring."),
        new Cause("bobbin-uneven", "The bobbin is wound loosely or unevenly.", 2)
            .Shows("uneven-stitches", 0.5)
            .Shows("loops-above", 0.3)
            .CuredBy(Rewind, 0.93, "Loose turns come off in jerks."),
        new Cause("needle-worn", "The needle is blunt, bent, or not pushed right up.", 9)
            .Shows("skips", 0.75)
            .Shows("frays", 0.35)
            .Shows("breaks", 0.35)
            .Shows("noise", 0.4)
            .Shows("needle-marks", 0.25)
            .Shows("no-lock", 0.3)
            .Shows("needle-breaks", 0.2)
            .When(s => s.NeedleHours >= 8, 3, "This needle has sewn eight hours or more.")
            .When(s => s.NeedleHours < 2, 0.3)
            .CuredBy(NewNeedle, 0.95, "A blunt or low needle misses the hook."),
        new Cause("point-wrong", "The point of the needle does not suit the fabric.", 4)
            .Shows("skips", 0.65)
            .Shows("needle-marks", 0.35)
            .When(
                s => s.IsKnit && s.NeedlePoint is not ("ballpoint" or "stretch" or null),
                4,
                "A knit slides off that point."
            )
            .When(s => s.IsKnit && s.NeedlePoint is "ballpoint" or "stretch", 0.2)
            .When(
                s => s is { ClothBuild: "weave", NeedlePoint: "ballpoint" or "stretch" },
                2.5,
                "A ballpoint pushes the threads of a weave aside."
            )
            .CuredBy(OtherPoint, 0.95, "A knit slides off a sharp point."),
        new Cause("needle-thin", "The needle is too thin for the thread or the layers.", 3)
            .Shows("frays", 0.75)
            .Shows("breaks", 0.5)
            .Shows("skips", 0.4)
            .Shows("needle-breaks", 0.45)
            .When(s => s.NeedleSize < s.LeastNeedle, 5, "Its eye is too small for this thread.")
            .When(s => s.NeedleSize >= 1.15 * s.LeastNeedle, 0.4)
            .When(s => s.Layers > 2 || s.IsHeavy, 1.6, "Several layers bend a thin blade.")
            .CuredBy(ThickerNeedle, 0.95, "Thick thread or layers bend a thin blade."),
        new Cause("thread-poor", "The thread is old, rough or full of slubs.", 3)
            .Shows("frays", 0.6)
            .Shows("breaks", 0.65)
            .Shows("uneven-stitches", 0.1)
            .CuredBy(GoodThread, 0.95, "An old thread has no strength left."),
        new Cause("spool-caught", "The spool holds its thread back.", 3)
            .Shows("breaks", 0.45)
            .Shows("uneven-stitches", 0.3)
            .Shows("loops-above", 0.2)
            .Shows("puckers", 0.2)
            .CuredBy(
                FreeSpool,
                0.95,
                "A thread that is held back pulls like one that is set too tight."
            ),
        new Cause("foot-up", "The foot was not down.", 4)
            .Shows("nests", 0.9)
            .Shows("loops-below", 0.5)
            .Shows("jams", 0.3)
            .CuredBy(FootDown, 0.95, "Without it there is no tension, even where it hovers."),
        new Cause("tails-free", "The thread ends were not held at the beginning.", 4)
            .Shows("nests", 0.8)
            .Shows("jams", 0.35)
            .CuredBy(HoldTails, 0.95, "The first stitches pull the ends down with them."),
        new Cause("feed-slips", "The foot presses too lightly, so that the feed slips.", 3)
            .Shows("uneven-stitches", 0.7)
            .When(s => s.IsHeavy, 1.5, "Thick fabric needs a firm foot.")
            .CuredBy(PressHarder, 0.83, "The feed dogs only grip what is pressed on them."),
        new Cause("pulled", "The fabric was pulled while it was sewn.", 4)
            .Shows("uneven-stitches", 0.45)
            .Shows("needle-breaks", 0.35)
            .Shows("skips", 0.1)
            .Shows("ripples", 0.3)
            .Shows("piles-up", 0.6)
            .CuredBy(LetGo, 0.95, "Pulled fabric bends the needle, and comes under it twice."),
    ];
}
