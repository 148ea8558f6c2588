using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Faults.Tries;

namespace ZephyrReach.Core.Faults;

/// <summary>What goes wrong with gathers and pleats that a foot makes; and how gathers of any kind show it.</summary>
internal static class GatherFaults
{
    private const string Foot = "gathering-foot";
    private const string Overlock = "overlock-gathers";
    private const string Pleater = "tucked-ruffle";
    private const string Elastic = "shirring";
    private const string Looper = "shirring-looper";

    public static IReadOnlyList<Symptom> Symptoms { get; } =
    [
        Seen(
            "not-full-enough",
            "not full enough",
            "It stays longer or flatter than it should.",
            SeenFrom.Front
        ),
        Seen(
            "too-full",
            "too full",
            "It comes out shorter than it should, and crowds.",
            SeenFrom.Front
        ),
        Seen("uneven", "uneven", "Thick in one place, thin in another.", SeenFrom.Front),
        Seen(
            "flat-one-side",
            "flat on one side",
            "All the folds lie towards one end.",
            SeenFrom.Front
        ),
        Seen("bunched", "bunched at marks", "Knots of gathers beside the marks.", SeenFrom.Front),
        Seen("snapped", "a thread snapped", "A row gave way while it was pulled.", SeenFrom.Back),
        Seen(
            "rolls",
            "rolls at the seam",
            "The gathers turn over where they are sewn.",
            SeenFrom.Side
        ),
        Seen(
            "tucks-caught",
            "tucks caught",
            "Folds are sewn down crosswise in the seam.",
            SeenFrom.Front
        ),
        Seen("bulky", "bulky seam", "The seam is thick and stiff.", SeenFrom.Side),
        Seen("piles-up", "fabric piles up", "It jams under the foot.", SeenFrom.Side),
        Seen("slid-out", "the flat layer slid out", "It left the slot of the foot.", SeenFrom.Side),
        Seen("slipped", "a layer slipped out", "The fold caught one layer only.", SeenFrom.Side),
        Seen("caught", "threads caught", "The threads do not slide.", SeenFrom.Back),
        Seen("edge-loops", "loops at the edge", "Looper threads hang over.", SeenFrom.Front),
        Seen(
            "elastic-loose",
            "elastic lies in loops",
            "It hangs loose on the reverse.",
            SeenFrom.Back
        ),
        Seen(
            "no-return",
            "it does not come back",
            "Stretched once, it stays wide.",
            SeenFrom.Front
        ),
    ];

    private static Symptom Seen(string name, string says, string shows, SeenFrom from) =>
        new(name, says, shows, SymptomKin.Gathers, from);

    internal static Cause Scant(
        string name,
        string says,
        double common,
        params IReadOnlyList<string> with
    ) => new Cause(name, says, common).With(with).Shows("not-full-enough", 0.85);

    internal static Cause Crowded(
        string name,
        string says,
        double common,
        params IReadOnlyList<string> with
    ) => new Cause(name, says, common).With(with).Shows("too-full", 0.85);

    public static IReadOnlyList<Cause> Causes { get; } =
    [
        Scant("stitch-short", "The stitch is short for these gathers.", 9, Foot, Elastic, Looper)
            .Shows("piles-up", 0.2)
            .When(s => s.StitchLength >= Mm(4), 0.25)
            .When(s => s.StitchLength <= Mm(3), 2, "A stitch of 3 mm or less takes up little.")
            .CuredBy(LongerStitch, 0.9, "More fabric in each stitch."),
        Scant(
                "draws-little",
                "The needle thread is set too loose to draw up.",
                6,
                Foot,
                Elastic,
                Looper
            )
            .When(
                s => s.TensionSteps <= -1,
                2.5,
                "The needle tension is looser than the settings card says."
            )
            .When(s => s.TensionSteps >= 1, 0.4)
            .CuredBy(TighterTension, 0.88, "A tighter thread draws up more."),
        Scant("pressed-little", "The foot presses too lightly to hold the fabric back.", 4, Foot)
            .CuredBy(PressHarder, 0.86, "It holds the fabric back more."),
        Scant("screw-loose", "The set screw of the foot is loose.", 3, Foot)
            .CuredBy(
                new(
                    "screw-in",
                    "Turn the foot’s set screw half a turn tighter, where it has one.",
                    2,
                    true
                ),
                0.88,
                "It presses the fabric harder against the feed."
            ),
        Scant("runs-off", "The gathers run off behind the foot.", 2.5, Foot)
            .When(s => s.HeldBack == true, 0.2)
            .CuredBy(
                new("hold-back", "Hold the fabric back behind the foot with a finger.", 1.5),
                0.82,
                "What cannot run off is taken up."
            ),
        Scant("one-pass", "One pass does not gather this fabric enough.", 2, Foot)
            .When(s => s.Passes >= 2, 0.2)
            .CuredBy(
                new("second-pass", "Sew a second pass over the same line.", 5),
                0.9,
                "It gathers what is gathered again."
            ),
        Scant("fabric-thick", "The fabric is too thick for this foot.", 1, Foot)
            .When(s => s.ClothWeight > 150, 4, "Over 150 g/m² hardly gathers under a foot.")
            .When(s => s.ClothWeight < 90, 0.2)
            .CuredBy(
                new("other-cloth", "Take a lighter fabric, or another technique.", 30),
                0.93,
                "Thick fabric hardly gathers here."
            ),
        Crowded("stitch-long", "The stitch is long for these gathers.", 8, Foot, Elastic, Looper)
            .CuredBy(ShorterStitch, 0.9, "Less fabric in each stitch."),
        Crowded("draws-much", "The needle tension draws up too much.", 5, Foot)
            .When(
                s => s.TensionSteps >= 1,
                2,
                "The needle tension is tighter than the settings card says."
            )
            .CuredBy(SlackTension, 0.88, "It draws up less."),
        Crowded("pressed-much", "The foot presses hard.", 3, Foot)
            .CuredBy(PressLess, 0.83, "It lets go sooner."),
        Crowded("screw-tight", "The set screw of the foot is tight.", 2, Foot)
            .CuredBy(
                new(
                    "screw-out",
                    "Turn the foot’s set screw half a turn looser, where it has one.",
                    2,
                    true
                ),
                0.86,
                "It lets go sooner."
            ),
        new Cause(
            "stitch-too-short-to-carry",
            "The stitch is too short to carry the gathers away.",
            2
        )
            .With(Foot)
            .Shows("piles-up", 0.6)
            .CuredBy(LongerStitch, 0.88, "Short stitches do not carry it away."),
        new Cause("guide-lost", "The flat layer ran out of its guide.", 3)
            .With(Foot)
            .Shows("slid-out", 0.9)
            .Shows("flat-one-side", 0.2)
            .CuredBy(
                new("watch-guide", "Watch the guide, not the needle.", 1),
                0.93,
                "The flat layer must stay home the whole way."
            ),
        new Cause("pace-changes", "The pace of the machine or of the hands changes.", 3)
            .With(Foot, Overlock, Pleater)
            .Shows("uneven", 0.75)
            .CuredBy(Slower, 0.83, "A foot gathers as evenly as it is fed."),
        Scant("differential-low", "The differential is low.", 8, Overlock)
            .CuredBy(
                new("differential-up", "Turn the differential up.", 1.5),
                0.93,
                "It is what gathers."
            ),
        Scant("overlock-stitch-short", "The stitch of the overlocker is short.", 5, Overlock)
            .CuredBy(LongerStitch, 0.86, "More fabric in each."),
        Scant("overlock-needles-loose", "The needle tensions are loose.", 3, Overlock)
            .CuredBy(TighterTension, 0.8, "They draw the edge together."),
        Scant("no-gathering-foot", "Nothing holds the upper layer back.", 2, Overlock)
            .CuredBy(
                new("gathering-foot", "Use the gathering foot.", 5, true),
                0.88,
                "It holds the upper layer back."
            ),
        Crowded("differential-high", "The differential is high.", 8, Overlock)
            .CuredBy(
                new("differential-down", "Turn the differential down.", 1.5),
                0.93,
                "It is what gathers."
            ),
        Crowded("overlock-stitch-long", "The stitch of the overlocker is long.", 4, Overlock)
            .CuredBy(ShorterStitch, 0.86, "Less fabric in each."),
        new Cause("knife-far", "The knife cuts the edge too narrow for the loops.", 4)
            .With(Overlock)
            .Shows("edge-loops", 0.85)
            .CuredBy(
                new("knife-in", "Bring the knife nearer to the needle.", 3, true),
                0.93,
                "The edge is cut too narrow for the loops."
            ),
        new Cause("loopers-loose", "The loopers are set loose.", 3)
            .With(Overlock)
            .Shows("edge-loops", 0.8)
            .CuredBy(
                new("looper-tension", "Tighten the looper tensions half a step.", 2),
                0.88,
                "They lie too loose."
            ),
        Scant("pleats-shallow", "The depth screw is set shallow.", 7, Pleater)
            .CuredBy(
                new("deeper", "Turn the depth screw a quarter tighter.", 2, true),
                0.9,
                "Each fold takes more."
            ),
        Scant("pleats-far", "The folds are far apart.", 4, Pleater)
            .CuredBy(
                new("closer", "Fold at every 6 stitches rather than every 12.", 2),
                0.9,
                "More folds."
            ),
        Scant("pleat-stitch-long", "The stitch between the folds is long.", 3, Pleater)
            .CuredBy(ShorterStitch, 0.86, "The same count in less length."),
        Crowded("pleats-deep", "The depth screw is set deep.", 7, Pleater)
            .CuredBy(
                new("shallower", "Turn the depth screw a quarter looser.", 2, true),
                0.9,
                "Each fold takes less."
            ),
        Crowded("pleat-stitch-short", "The stitch between the folds is short.", 4, Pleater)
            .CuredBy(LongerStitch, 0.86, "The folds move apart."),
        new Cause("edges-free", "The layers go into the foot apart from each other.", 4)
            .With(Pleater)
            .Shows("slipped", 0.88)
            .CuredBy(Baste, 0.95, "Then both layers feed as one."),
    ];

    internal static Length Mm(double mm) => Length.FromMillimetres(mm);
}
