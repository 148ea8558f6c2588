using static ZephyrReach.Core.Faults.Tries;

namespace ZephyrReach.Core.Faults;

/// <summary>What goes wrong with cords, appliqué, open seams and ribbon.</summary>
internal static class LineFaults
{
    private const string Couching = "couching";
    private const string Applique = "applique";
    private const string Bridge = "bridged-seam";
    private const string Ribbon = "folded-ribbon";

    public static IReadOnlyList<Symptom> Symptoms { get; } =
    [
        Seen("pierced", "the cord is pierced", "Stitches go into it.", SeenFrom.Front),
        Seen("cord-missed", "the cord is missed", "Here and there it is not held.", SeenFrom.Front),
        Seen("stands-off", "the cord stands off", "It lies loose in its stitches.", SeenFrom.Side),
        Seen(
            "hides-cord",
            "the thread hides the cord",
            "Too many stitches across it.",
            SeenFrom.Front
        ),
        Seen(
            "buckles",
            "the base fabric buckles",
            "The fabric waves beside the cord.",
            SeenFrom.Front
        ),
        Seen("misses-corner", "misses the corner", "No stitch lands in it.", SeenFrom.Front),
        Seen(
            "off-edge",
            "off the edge",
            "The straight part runs into the shape or away from it.",
            SeenFrom.Front
        ),
        Seen("missed-fold", "a fold was missed", "The stitch fell into the gap.", SeenFrom.Front),
        Seen("pulled-together", "the gap closes", "The folds are drawn together.", SeenFrom.Front),
        Seen("uneven-band", "the band is uneven", "Some folds are longer.", SeenFrom.Front),
        Seen("not-caught", "a fold came loose", "The sequence missed it.", SeenFrom.Front),
    ];

    private static Symptom Seen(string name, string says, string shows, SeenFrom from) =>
        new(name, says, shows, SymptomKin.LinesAndRows, from);

    public static IReadOnlyList<Cause> Causes { get; } =
    [
        new Cause("zigzag-narrow", "The zigzag is narrow for the cord.", 6)
            .With(Couching)
            .Shows("pierced", 0.85)
            .When(
                s => s.StitchWidth < s.Cord + Measures.Length.FromMillimetres(1),
                3,
                "It is less than a millimetre wider than the cord."
            )
            .CuredBy(Wider, 0.93, "The needle has to fall beside it."),
        new Cause("cord-wanders", "The cord wanders under the foot.", 5)
            .With(Couching)
            .Shows("pierced", 0.6)
            .Shows("cord-missed", 0.8)
            .CuredBy(
                new("guide", "Lead the cord through a hole or tube.", 3),
                0.93,
                "It wanders under the foot."
            ),
        new Cause("zigzag-wide", "The zigzag is wide for the cord.", 4)
            .With(Couching)
            .Shows("stands-off", 0.8)
            .CuredBy(Narrower, 0.9, "Held close, it lies firm."),
        new Cause("couching-loose", "The needle thread holds it loosely.", 3)
            .With(Couching)
            .Shows("stands-off", 0.65)
            .When(
                s => s.TensionSteps <= -1,
                2,
                "The needle tension is looser than the settings card says."
            )
            .CuredBy(TighterTension, 0.86, "A firm thread draws it down."),
        new Cause("cord-stretched", "The cord is pulled as it goes in.", 6)
            .With(Couching)
            .Shows("buckles", 0.85)
            .CuredBy(
                new("feed-loose", "Feed the cord without pulling.", 1),
                0.93,
                "A stretched cord springs back."
            ),
        new Cause("couching-close", "The stitches lie close.", 4)
            .With(Couching)
            .Shows("hides-cord", 0.85)
            .CuredBy(LongerStitch, 0.93, "Fewer bars across it."),
        new Cause("couching-thread-seen", "The thread is seen on the cord.", 3)
            .With(Couching)
            .Shows("hides-cord", 0.75)
            .CuredBy(HiddenThread, 0.93, "It should not be seen."),
        new Cause("side-not-whole", "The side is no whole number of stitches.", 6)
            .With(Applique)
            .Shows("misses-corner", 0.88)
            .CuredBy(TenthLonger, 0.88, "The side is then a whole number of stitches."),
        new Cause("corner-fast", "The last stitches came too fast to choose where they fall.", 4)
            .With(Applique)
            .Shows("misses-corner", 0.7)
            .CuredBy(
                new("wheel", "Turn the last two stitches by hand.", 1.5),
                0.93,
                "The foot can be lifted between them."
            ),
        new Cause("turned-seldom", "The curve was turned in few places.", 6)
            .With(Applique)
            .Shows("off-edge", 0.85)
            .CuredBy(
                new("turn-oftener", "Stop and turn more often.", 1.5),
                0.93,
                "A curve is many small turns."
            ),
        new Cause("edge-unseen", "The edge cannot be seen under the foot.", 4)
            .With(Applique)
            .Shows("off-edge", 0.7)
            .CuredBy(
                new("open-toe", "Use the open-toe foot.", 3, true),
                0.93,
                "The edge can be seen."
            ),
        new Cause("bridge-narrow", "The stitch is narrow for the gap.", 6)
            .With(Bridge)
            .Shows("missed-fold", 0.85)
            .CuredBy(Wider, 0.9, "It has to catch both folds."),
        new Cause("gap-wide", "The gap is wider than the machine reaches.", 4)
            .With(Bridge)
            .Shows("missed-fold", 0.75)
            .CuredBy(
                new("narrower-gap", "Take a thinner spacer.", 4),
                0.93,
                "The machine is at its widest."
            ),
        new Cause("fold-drifts", "A fold drifts off the bar.", 3)
            .With(Bridge)
            .Shows("missed-fold", 0.65)
            .CuredBy(Slower, 0.86, "A fold drifted off the bar."),
        new Cause("folds-uncounted", "The folds advance unlike each other.", 5)
            .With(Ribbon)
            .Shows("uneven-band", 0.85)
            .CuredBy(
                new("count", "Count the stitches between folds.", 1.5),
                0.88,
                "Each fold has to advance alike."
            ),
        new Cause("folds-unmarked", "Nothing shows where a fold comes.", 3)
            .With(Ribbon)
            .Shows("uneven-band", 0.7)
            .CuredBy(
                new("mark", "Mark the folds on the ribbon.", 5),
                0.93,
                "The eye follows marks."
            ),
        new Cause("catch-long", "The stitches of the catch are long.", 5)
            .With(Ribbon)
            .Shows("not-caught", 0.8)
            .CuredBy(ShorterStitch, 0.88, "More stitches in each catch."),
        new Cause("folded-far", "The ribbon is folded far from the needle.", 4)
            .With(Ribbon)
            .Shows("not-caught", 0.75)
            .CuredBy(
                new("fold-nearer", "Fold nearer to the needle.", 1.5),
                0.9,
                "The catch has to go through both folds."
            ),
    ];
}
