using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Faults.GatherFaults;
using static ZephyrReach.Core.Faults.Tries;

namespace ZephyrReach.Core.Faults;

/// <summary>What goes wrong with elastic, in the bobbin or in the looper.</summary>
internal static class ElasticFaults
{
    private const string Elastic = "shirring";
    private const string Looper = "shirring-looper";

    public static IReadOnlyList<Cause> Causes { get; } =
    [
        Scant("elastic-beside-slot", "The elastic does not lie in its tension slot.", 14, Elastic)
            .Shows("elastic-loose", 0.4)
            .When(s => s.ElasticInSlot == true, 0.1)
            .When(s => s.ElasticInSlot == false, 4, "It does not lie in its slot.")
            .CuredBy(
                new(
                    "in-its-slot",
                    "Look whether the elastic lies in its tension slot, and thread it again.",
                    2
                ),
                0.95,
                "Beside its slot nothing holds it back, and it hardly draws up."
            ),
        Scant("not-steamed", "It was not steamed yet.", 9.5, Elastic, Looper)
            .CuredBy(
                new("steam", "Hold steam over it and measure again.", 2),
                0.88,
                "It draws up further."
            ),
        Scant("rows-too-few", "The rows lie far apart.", 3, Elastic, Looper)
            .CuredBy(CloserRows, 0.83, "More rows pull together."),
        Scant("elastic-thin", "The elastic is thin for this fabric.", 1.5, Elastic, Looper)
            .Shows("no-return", 0.4)
            .When(s => s.IsHeavy, 2, "Over 200 g/m² needs a strong elastic.")
            .CuredBy(
                new("thicker-elastic", "Take a thicker elastic.", 6),
                0.93,
                "It pulls harder."
            ),
        Crowded("rows-too-many", "The rows lie close.", 3, Elastic, Looper)
            .CuredBy(
                new("wider-rows", "Set the rows further apart.", 6),
                0.88,
                "Fewer rows pull together."
            ),
        new Cause("elastic-out", "The elastic was not under tension in the bobbin case.", 6)
            .With(Elastic)
            .Shows("elastic-loose", 0.85)
            .When(s => s.ElasticInSlot == true, 0.2)
            .CuredBy(
                new("in-slot", "Put the bobbin in again, elastic in its slot.", 2),
                0.95,
                "It was not under tension."
            ),
        new Cause("elastic-wound-uneven", "The elastic is wound unevenly.", 4)
            .With(Elastic)
            .Shows("elastic-loose", 0.75)
            .Shows("uneven", 0.4)
            .CuredBy(Rewind, 0.9, "Loose turns come off loose."),
        new Cause("elastic-wound-tight", "The elastic was stretched when it was wound.", 3)
            .With(Elastic)
            .Shows("no-return", 0.7)
            .CuredBy(Rewind, 0.88, "Wound stretched, it has nothing left to give back."),
        new Cause("elastic-overheated", "Heat has taken the stretch out of it.", 2)
            .With(Elastic, Looper)
            .Shows("no-return", 0.75)
            .CuredBy(
                new(
                    "fresh-elastic",
                    "Take a fresh elastic, and steam from a hand’s breadth away.",
                    8
                ),
                0.93,
                "An iron set on it kills it."
            ),
        new Cause("spool-free", "The elastic runs off its spool too freely.", 5)
            .With(Looper)
            .Shows("elastic-loose", 0.85)
            .CuredBy(
                new("looper-tension-up", "Tighten the looper tension one step.", 2),
                0.9,
                "It ran off the spool too freely."
            ),
        new Cause("spool-coils", "The elastic falls off its spool in coils.", 3)
            .With(Looper)
            .Shows("elastic-loose", 0.75)
            .CuredBy(new("net", "Put a net over the spool.", 2), 0.93, "It fell off in coils."),
    ];
}
