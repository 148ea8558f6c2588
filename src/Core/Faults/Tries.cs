namespace ZephyrReach.Core.Faults;

/// <summary>Everything that is tried, each with what it takes. Workshop rules, as the teacher of a first course would give them.</summary>
public static class Tries
{
    // At the machine, within a minute or two.
    public static readonly Attempt TighterTension = new(
        "tension-up",
        "Tighten the needle tension one step.",
        1.5
    );
    public static readonly Attempt LooserTension = new(
        "looser-tension",
        "Loosen the needle tension half a step.",
        1.5
    );
    public static readonly Attempt SlackTension = new(
        "tension-down",
        "Loosen the needle tension one step.",
        1.5
    );
    public static readonly Attempt LongerStitch = new(
        "longer-stitch",
        "Lengthen the stitch by half a millimetre.",
        1.5
    );
    public static readonly Attempt ShorterStitch = new(
        "shorter-stitch",
        "Shorten the stitch by half a millimetre.",
        1.5
    );
    public static readonly Attempt Wider = new(
        "wider",
        "Make the stitch half a millimetre wider.",
        1.5
    );
    public static readonly Attempt Narrower = new(
        "narrower",
        "Make the stitch half a millimetre narrower.",
        1.5
    );
    public static readonly Attempt TenthLonger = new(
        "tenth",
        "Change the stitch length by a tenth of a millimetre.",
        1.5
    );
    public static readonly Attempt LongerPattern = new(
        "longer-pattern",
        "Lengthen the pattern a little.",
        2
    );
    public static readonly Attempt PressHarder = new(
        "pressure-up",
        "Press the foot one turn harder.",
        1.5
    );
    public static readonly Attempt PressLess = new(
        "pressure-down",
        "Press the foot one turn less.",
        1.5
    );
    public static readonly Attempt FootDown = new("foot-down", "Put the foot down.", 0.5);
    public static readonly Attempt HoldTails = new(
        "hold-tails",
        "Hold both thread ends for the first stitches.",
        0.5
    );
    public static readonly Attempt LetGo = new("let-go", "Guide only; never pull.", 1);
    public static readonly Attempt Slower = new("slower", "Sew slower, at one pace.", 1);
    public static readonly Attempt FreeSpool = new(
        "free-spool",
        "See that the spool turns freely, and nothing holds its thread.",
        1
    );
    public static readonly Attempt Rethread = new(
        "rethread",
        "Thread the needle again with the foot up.",
        2
    );
    public static readonly Attempt ReseatBobbin = new(
        "reseat-bobbin",
        "Put the bobbin in again, its thread under the spring.",
        2
    );
    public static readonly Attempt Rewind = new("rewind", "Wind the bobbin again, evenly.", 3);
    public static readonly Attempt Balance = new("balance", "Use the balance of the program.", 2);

    // What is changed at the needle, with the machine off.
    public static readonly Attempt NewNeedle = new(
        "new-needle",
        "Put in a new needle, pushed right up.",
        3,
        true
    );
    public static readonly Attempt OtherPoint = new(
        "other-point",
        "Put in a needle whose point suits the fabric.",
        3,
        true
    );
    public static readonly Attempt ThickerNeedle = new(
        "larger-needle",
        "Take a needle one size up.",
        3,
        true
    );
    public static readonly Attempt FinerNeedle = new(
        "finer-needle",
        "Take a needle one size finer.",
        3,
        true
    );
    public static readonly Attempt ClearRace = new(
        "clear-race",
        "Take the bobbin case out, and pick every bit of thread out of the hook.",
        6,
        true
    );
    public static readonly Attempt Clean = new(
        "clean",
        "Brush the lint from under the plate and from the hook.",
        7,
        true
    );
    public static readonly Attempt TurnByHand = new(
        "turn-by-hand",
        "Turn one whole stitch by hand, and see what the needle touches; then another foot, or a narrower stitch.",
        3,
        true
    );
    public static readonly Attempt Mechanic = new("mechanic", "Have a mechanic set it.", 120);

    // Where it lies.
    public static readonly Attempt SameGroove = new(
        "same-groove",
        "Lay it in the same groove again, by hand.",
        1.5
    );
    public static readonly Attempt CloserRows = new(
        "closer-rows",
        "Bring the rows closer, to 5 mm.",
        6
    );

    // Threads and what lies under the fabric.
    public static readonly Attempt GoodThread = new(
        "good-thread",
        "Take a fresh, smooth thread from another spool.",
        3
    );
    public static readonly Attempt FinerThread = new("finer-thread", "Take a finer thread.", 4);
    public static readonly Attempt SameThread = new(
        "same-thread",
        "Put the same thread above and below.",
        4
    );
    public static readonly Attempt HiddenThread = new(
        "other-thread",
        "Take an invisible or matching thread.",
        4
    );
    public static readonly Attempt Stabiliser = new(
        "stabiliser",
        "Put a stabiliser under it, or a firmer one.",
        5
    );
    public static readonly Attempt WalkingFoot = new(
        "walking-foot",
        "Use a walking foot, if you have one.",
        5,
        true
    );
    public static readonly Attempt HoldLayers = new(
        "hold-layers",
        "Hold both layers taut in front of the foot and behind it.",
        1
    );
    public static readonly Attempt Pins = new(
        "pins-out",
        "Take every pin out before the needle comes to it.",
        1
    );
    public static readonly Attempt Baste = new("baste", "Baste the raw edges together.", 8);

    // Hands and machine, free-motion.
    public static readonly Attempt FasterMachine = new(
        "faster-machine",
        "Run the machine faster.",
        1
    );
    public static readonly Attempt SlowerMachine = new(
        "slower-machine",
        "Run the machine slower.",
        1
    );
    public static readonly Attempt SlowerHands = new(
        "slower-hands",
        "Move your hands slower.",
        1.2
    );
    public static readonly Attempt QuickerHands = new(
        "quicker-hands",
        "Move your hands more quickly.",
        1.2
    );
    public static readonly Attempt EvenHands = new(
        "even-hands",
        "Slow your hands in the curves, and count aloud.",
        1.5
    );
    public static readonly Attempt LookAhead = new(
        "look-ahead",
        "Look a finger ahead of the needle.",
        1
    );
    public static readonly Attempt TighterHoop = new(
        "tighter-hoop",
        "Hoop it again, drum-tight.",
        4
    );
}
