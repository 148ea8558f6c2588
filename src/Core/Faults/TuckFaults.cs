using static ZephyrReach.Core.Faults.Tries;

namespace ZephyrReach.Core.Faults;

/// <summary>What goes wrong with tucks and pintucks.</summary>
internal static class TuckFaults
{
    private const string Pintucks = "pintucks";
    private const string Folded = "folded-tucks";

    private static readonly Attempt WiderPair = new(
        "wider-pair",
        "Take the next wider twin needle that fits the groove.",
        4,
        true
    );

    public static IReadOnlyList<Symptom> Symptoms { get; } =
    [
        Seen("flat", "the ridge is flat", "It does not stand.", SeenFrom.Side),
        Seen("wanders", "the ridge wanders", "It slants inside its groove.", SeenFrom.Front),
        Seen(
            "tuck-threads",
            "threads show in the tuck",
            "Bobbin thread is seen between the two rows.",
            SeenFrom.Front
        ),
        Seen(
            "groove-skipped",
            "a groove was skipped",
            "Two ridges lie further apart than the others.",
            SeenFrom.Front
        ),
        Seen("drags", "the fabric drags", "Rows lean the same way.", SeenFrom.Front),
    ];

    private static Symptom Seen(string name, string says, string shows, SeenFrom from) =>
        new(name, says, shows, SymptomKin.Tucks, from);

    public static IReadOnlyList<Cause> Causes { get; } =
    [
        new Cause("tuck-loose", "The needle tension is loose for a ridge.", 6)
            .With(Pintucks)
            .Shows("flat", 0.8)
            .When(
                s => s.TensionSteps <= -0.5,
                2,
                "The needle tension is looser than the settings card says."
            )
            .CuredBy(TighterTension, 0.9, "It pulls the ridge up."),
        new Cause("pair-narrow", "The pair of needles is narrow for the groove.", 5)
            .With(Pintucks)
            .Shows("flat", 0.55)
            .Shows("wanders", 0.85)
            .When(
                s => s.Pair < 0.6 * s.Groove,
                2.5,
                "The pair fills little more than half of the groove."
            )
            .When(s => s.Pair > 0.85 * s.Groove, 0.3)
            .CuredBy(WiderPair, 0.93, "A narrow ridge moves about."),
        new Cause("tuck-empty", "The fabric is too soft to stand by itself.", 3)
            .With(Pintucks)
            .Shows("flat", 0.7)
            .When(s => s.Cord is not null, 0.2)
            .CuredBy(new("cord", "Lay a cord under it.", 6), 0.95, "It fills the ridge."),
        new Cause("tuck-fast", "It is sewn faster than the groove can lead.", 4)
            .With(Pintucks)
            .Shows("wanders", 0.65)
            .Shows("groove-skipped", 0.3)
            .CuredBy(Slower, 0.88, "A twin needle has less grip."),
        new Cause("groove-lost", "The last ridge left its groove.", 4)
            .With(Pintucks)
            .Shows("groove-skipped", 0.85)
            .CuredBy(SameGroove, 0.9, "Another groove is another distance."),
        new Cause("tuck-lower-tight", "The bobbin thread is drawn to the top.", 4)
            .With(Pintucks)
            .Shows("tuck-threads", 0.8)
            .CuredBy(SameThread, 0.82, "Then it does not show.")
            .CuredBy(LooserTension, 0.7, "It pulls the lower thread up."),
        new Cause("one-way", "All rows are sewn from one end.", 5)
            .With(Pintucks)
            .Shows("drags", 0.85)
            .CuredBy(
                new("alternate", "Sew every other row from the other end.", 2),
                0.93,
                "The drag then cancels out."
            ),
        new Cause("no-guide", "Nothing leads the fold.", 5)
            .With(Folded)
            .Shows("uneven", 0.85)
            .CuredBy(
                new("fold-guide", "Put a guide beside the foot.", 3),
                0.93,
                "The fold then runs along an edge."
            ),
        new Cause("fold-soft", "The fold is soft, and rolls.", 4)
            .With(Folded)
            .Shows("uneven", 0.75)
            .CuredBy(
                new("press", "Press the fold sharper, and pin it.", 5),
                0.9,
                "A soft fold rolls."
            ),
    ];
}
