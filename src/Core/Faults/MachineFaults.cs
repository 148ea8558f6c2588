using static ZephyrReach.Core.Faults.Tries;

namespace ZephyrReach.Core.Faults;

/// <summary>What the machine itself does.</summary>
internal static class MachineFaults
{
    public static IReadOnlyList<Symptom> Symptoms { get; } =
    [
        Seen("noise", "it knocks or grinds", "The machine sounds unlike itself.", SeenFrom.Side),
        Seen("needle-breaks", "the needle breaks", "It snaps or bends.", SeenFrom.Side),
        Seen("jams", "it jams", "It stops, and the handwheel hardly turns.", SeenFrom.Back),
    ];

    private static Symptom Seen(string name, string says, string shows, SeenFrom from) =>
        new(name, says, shows, SymptomKin.Machine, from);

    public static IReadOnlyList<Cause> Causes { get; } =
    [
        new Cause("lint", "Lint sits under the plate or in the hook.", 4)
            .Shows("noise", 0.6)
            .Shows("jams", 0.3)
            .Shows("uneven-stitches", 0.25)
            .Shows("no-lock", 0.2)
            .Shows("loops-below", 0.1)
            .CuredBy(Clean, 0.93, "Lint lifts the thread out of its way."),
        new Cause("thread-in-hook", "Thread is caught in the hook.", 4)
            .Shows("jams", 0.8)
            .Shows("noise", 0.35)
            .CuredBy(ClearRace, 0.95, "Wound round the hook, it holds it fast."),
        new Cause("strikes", "The needle touches the foot or the plate.", 3)
            .Shows("needle-breaks", 0.8)
            .Shows("noise", 0.5)
            .When(
                s => s.Pair is not null && s.StitchWidth > Measures.Length.Zero,
                2.5,
                "A twin needle and a wide stitch need a wide opening."
            )
            .CuredBy(TurnByHand, 0.93, "By hand it is felt before it breaks."),
        new Cause("pin", "It was sewn over a pin.", 1)
            .Shows("needle-breaks", 0.7)
            .Shows("noise", 0.3)
            .CuredBy(Pins, 0.95, "A pin bends the needle into the hook."),
        new Cause("timing", "Hook and needle no longer meet.", 0.4)
            .Shows("skips", 0.8)
            .Shows("no-lock", 0.6)
            .Shows("needle-breaks", 0.4)
            .Shows("noise", 0.3)
            .CuredBy(Mechanic, 0.95, "This is set inside the machine, by those who know it."),
    ];
}
