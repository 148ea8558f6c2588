using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Core.Swatches;

namespace ZephyrReach.Core.Card;

/// <summary>What the cards of several techniques have in common.</summary>
public static class Usual
{
    public static Length Mm(double mm) => Length.FromMillimetres(mm);

    public static Look Look(string name, string label, string shows, params Remedy[] changes) =>
        new(new Choice(name, label, shows), changes);

    public static Remedy Try(string name, string says, string because) => new(name, says, because);

    public static Look Right { get; } = Look("right", "looks good", "Keep these settings.");

    public static Look LoopsBelow { get; } =
        Look(
            "loops-below",
            "loops underneath",
            "Needle thread lies loose on the reverse.",
            Try(
                "rethread",
                "Thread the needle again with the foot up.",
                "The thread was probably never in the tension discs."
            ),
            Try(
                "tighter-tension",
                "Tighten the needle tension one step.",
                "Too loose, it cannot draw up its loop."
            )
        );

    public static Look LoopsAbove { get; } =
        Look(
            "loops-above",
            "loops on top",
            "Bobbin thread shows on the right side.",
            Try(
                "reseat-bobbin",
                "Put the bobbin in again.",
                "Its thread was probably not under the spring."
            ),
            Try(
                "looser-tension",
                "Loosen the needle tension half a step.",
                "It pulls the lower thread up."
            )
        );

    public static Look Puckers { get; } =
        Look(
            "puckers",
            "puckers",
            "The fabric is drawn together along the line.",
            Try(
                "looser-tension",
                "Loosen the needle tension half a step.",
                "A tight thread shortens the line it lies in."
            ),
            Try(
                "finer-needle",
                "Take a needle one size finer.",
                "A thick blade pushes the threads aside."
            ),
            Try(
                "stabiliser",
                "Put something under the fabric.",
                "Thin fabric gives before the thread does."
            )
        );

    public static Look Skips { get; } =
        Look(
            "skips",
            "skipped stitches",
            "Here and there a stitch is missing.",
            Try(
                "new-needle",
                "Put in a new needle, pushed right up.",
                "A blunt or low needle misses the hook."
            ),
            Try(
                "other-point",
                "Try a point that suits the fabric better.",
                "A knit slides off a sharp point."
            ),
            Try(
                "larger-needle",
                "Take a needle one size up.",
                "Thick thread or layers bend a thin blade."
            )
        );

    public static Look NeedleHoles { get; } =
        Look(
            "needle-marks",
            "needle marks",
            "Holes show along the line.",
            Try("finer-needle", "Take a needle one size finer.", "It parts the threads less."),
            Try("longer-stitch", "Lengthen the stitch a little.", "Fewer holes side by side.")
        );

    public static Look Tunnels { get; } =
        Look(
            "tunnels",
            "tunnels",
            "The fabric arches up between the sides of the stitch.",
            Try(
                "stabiliser",
                "Put a firmer stabiliser under it.",
                "Dense stitches pull the fabric together."
            ),
            Try(
                "looser-tension",
                "Loosen the needle tension half a step.",
                "It is the thread that pulls."
            ),
            Try(
                "narrower",
                "Make the stitch half a millimetre narrower.",
                "A shorter bridge pulls less."
            )
        );

    /// <summary>What is looked for where hands move the cloth.</summary>
    public static IReadOnlyList<Look> HandLooks { get; } =
    [
        Right,
        Look(
            "long-angular",
            "long, angular stitches",
            "Corners where there should be curves.",
            Try("faster-machine", "Run the machine faster.", "Beginners run it too slow."),
            Try(
                "slower-hands",
                "Move your hands slower.",
                "The stitch is hand speed over machine speed."
            )
        ),
        Look(
            "builds-up",
            "thread builds up",
            "Tiny stitches, a knot, it breaks.",
            Try("quicker-hands", "Move your hands more quickly.", "The needle stays in one place."),
            Try("slower-machine", "Run the machine slower.", "Fewer stitches for the same way.")
        ),
        Look(
            "loops-below",
            "loops underneath",
            "A bird's nest on the reverse.",
            Try(
                "foot-down",
                "Put the foot down.",
                "It hovers even then; without it there is no tension."
            ),
            Try(
                "rethread",
                "Thread the needle again with the foot up.",
                "The thread was never in the discs."
            )
        ),
        Look(
            "dots-above",
            "dots of bobbin thread above",
            "The lower thread shows at every stitch.",
            Try(
                "looser-tension",
                "Loosen the needle tension half a step.",
                "It pulls the lower thread up."
            ),
            Try("same-thread", "Put the same thread above and below.", "Then it does not show.")
        ),
        Puckers,
        Skips,
    ];

    /// <summary>A stabiliser where the stitch is dense, or the cloth is thin or gives.</summary>
    public static Setting? ForDense(CardInputs ask) =>
        ask.Cloth?.Is.Gives == true
            ? new("cut-away", "The fabric gives, and would go on giving after a tear-away is gone.")
        : ask.Cloth?.Is.Build == Cloth.Net
            ? new("wash-away", "A net has nothing to hide a rest of paper in.")
        : new(
            "tear-away",
            "Dense stitches pull the fabric into a tunnel; something firm holds it flat."
        );

    /// <summary>A stabiliser only where the cloth is thin or gives.</summary>
    public static Setting? ForThin(CardInputs ask) => ask.NeedsStabiliser ? ForDense(ask) : null;

    public static Setting HoopOrStabiliser(CardInputs ask) =>
        ask.Wants.Layers > 1
            ? new("none, the layers hold", "Basted layers are firm enough to move by hand.")
        : ask.Cloth?.Is.Gives == true
            ? new(
                "cut-away, hooped with the knit unstretched",
                "A knit goes on giving after it is sewn; pulled in the hoop, it springs back into puckers."
            )
        : new(
            "tear-away, or a hoop drum-tight",
            "A single layer would be drawn together under the needle."
        );

    /// <summary>The longest stitch of the machine, and no more than a figure in mm.</summary>
    public static Length Longest(CardInputs ask, double most) =>
        ask.Machine.Is.LongestStitch is { } longest ? Length.Min(longest, Mm(most)) : Mm(most);

    /// <summary>The all-purpose foot first.</summary>
    public static FootChoice AllPurpose(string because) => new([FootKinds.AllPurpose], because);
}
