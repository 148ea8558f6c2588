using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>What is wrong with the cloth, and the way that serves.</summary>
/// <param name="Way">What to do, in a few words.</param>
/// <param name="Why">Why that serves.</param>
/// <param name="NotThat">What not to do.</param>
/// <param name="IsDarned">Whether a darn serves at all.</param>
/// <param name="ClosesFirst">Whether the edges are closed before the darn.</param>
/// <param name="Behind">What lies behind the darn.</param>
internal sealed record Damage(
    Choice Choice,
    string Way,
    string Why,
    string NotThat,
    bool IsDarned = true,
    bool ClosesFirst = false,
    string Behind = Damage.Interfacing
)
{
    public const string Interfacing = "interfacing";
    public const string Scrap = "scrap";
    public const string Stretching = "stretching";

    /// <summary>In a knit a dense block tears the loops beside it: open lines, by hand.</summary>
    public bool IsOpen => Behind == Stretching;

    public bool IsSeam => Choice.Name == "along-seam";

    /// <summary>The seven that can be told apart, the usual one first.</summary>
    public static IReadOnlyList<Damage> All { get; } =
    [
        Of(
            "small-hole",
            "a small hole",
            "away from seams",
            "Darn it over a backing.",
            "A patch would rub there, and a darn lies flat.",
            "Do not stitch across nothing: without something behind it, it does not hold."
        ),
        Of(
            "thin",
            "a thin place",
            "no hole yet",
            "Darn over it now, before it is a hole.",
            "There is still fabric to stitch to, so the darn hardly shows.",
            "Do not cut the thin part out."
        ),
        Of(
            "three-cornered",
            "an L-shaped (three-cornered) tear",
            "a flap hangs by one side",
            "Close the edges first with a wide zigzag over backing, then darn across.",
            "The fabric is all there: brought together, little must be darned.",
            "Do not cut the flap off."
        ) with
        {
            ClosesFirst = true,
        },
        Of(
            "strained",
            "large, or under strain",
            "knee, seat, elbow",
            "Patch it, or darn with a piece of fabric behind.",
            "A darn alone tears out again at its edge where the fabric is pulled.",
            "Do not darn it over interfacing alone."
        ) with
        {
            Behind = Scrap,
        },
        Of(
            "along-seam",
            "along a seam",
            "the stitches gave, not the fabric",
            "Sew the seam again, past both ends.",
            "The fabric is whole: only the thread is gone.",
            "Do not darn across a seam: it stays stiff, and pulls.",
            false
        ),
        Of(
            "knit",
            "in a knit",
            "it stretches",
            "Back it with something that stretches, take a stretch needle, and darn openly.",
            "A darn that does not stretch tears the loops beside it.",
            "Do not sew a dense block."
        ) with
        {
            Behind = Stretching,
        },
        Of(
            "sheer",
            "sheer or loosely woven",
            "the threads can be counted",
            "Mend it by hand, thread by thread.",
            "The machine would pull it together and show.",
            "Do not take it to the machine.",
            false
        ),
    ];

    private static Damage Of(
        string name,
        string label,
        string follows,
        string way,
        string why,
        string notThat,
        bool isDarned = true
    ) => new(new Choice(name, label, follows), way, why, notThat, isDarned);
}
