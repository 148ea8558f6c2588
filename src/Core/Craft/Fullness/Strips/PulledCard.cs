using ZephyrReach.Core.Card;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>What is set for rows that are pulled up by hand.</summary>
internal static class PulledCard
{
    /// <summary>The card under the name of a technique.</summary>
    /// <param name="most">The longest stitch that serves, in mm.</param>
    /// <param name="because">Why that length.</param>
    public static CardTechnique Of(
        string name,
        string title,
        string says,
        double most = 4.5,
        string because = "The longest stitch, 4 to 5 mm, pulls easily and marks least."
    ) =>
        new()
        {
            Name = name,
            Title = title,
            Says = says,
            Fields =
            [
                Wants.RowGapField,
                Wants.StitchLengthField,
                Wants.TailField,
                Wants.FullnessField,
            ],
            Feet =
            [
                AllPurpose("It holds the fabric flat; the rows gather only when they are pulled."),
                new(
                    [FootKinds.Satin, FootKinds.Straight],
                    "It holds the fabric flat too.",
                    "Its edges are no usual guide for the rows."
                ),
            ],
            Stitch = ask =>
                new(
                    "straight",
                    "A straight row slides along its thread.",
                    ask.Wants.StitchLength ?? Longest(ask, most),
                    because
                ),
            Tension = _ => -1,
            TensionBecause =
                "A step below normal lets the bobbin thread lie straight, so that it slides.",
            Bulky = ask => ask.Wants.Layers > 1 || ask.Wants.Fullness >= 2.5,
            Above = new("ordinary", "This thread stays still while you pull the bobbin thread."),
            Below = new(
                "strong polyester",
                "The bobbin thread is the one that is pulled; another colour finds it at once, where none shows through.",
                25,
                60,
                Contrast: true,
                Strong: true
            ),
            Speed = new("medium, steady", "Straight, even rows matter more than speed."),
            Preparation = new(
                "press, mark both edges in equal parts",
                "Marks that meet are what spreads the gathers evenly."
            ),
            More = ask => Tails(ask),
            HasRows = true,
            Checks =
            [
                "Pull the bobbin thread of the swatch: it slides without snapping.",
                "The rows run side by side, and end before the seam.",
            ],
            Alternatives =
            [
                new(
                    "two rows inside the seam allowance",
                    "Nothing to unpick; the gathers can roll at the seam."
                ),
                new(
                    "two rows, one either side",
                    "Gathers lie flat where they are sewn; the lower row is unpicked."
                ),
                new("three rows", "Evenest; when one thread snaps two are left."),
                new(
                    "one row",
                    "Quickest, for a short or light edge; nothing is left when it snaps."
                ),
                new("stitches of 2.5 to 3.5 mm on a sheer", "Finer folds; they pull harder."),
            ],
            Instead =
                "Gather on a lockstitch machine, or on the overlocker with its differential feed.",
            LookedFor =
            [
                "not-full-enough",
                "too-full",
                "uneven",
                "flat-one-side",
                "bunched",
                "snapped",
                "loops-below",
                "rolls",
                "tucks-caught",
                "needle-marks",
                "bulky",
            ],
        };

    /// <summary>The tails, and how such a machine pulls.</summary>
    /// <param name="because">Why they are so long.</param>
    internal static IEnumerable<CardLine> Tails(
        CardInputs ask,
        string because = "Long enough to wind round a finger at both ends, and never back-stitched."
    )
    {
        yield return new("tails", "Tails", ask.Ruler.Mark(ask.Wants.Tail ?? Mm(100)), "", because);
        if (ask.Machine.Is.LongestStitch is { } longest && longest < Mm(4))
        {
            yield return new(
                "short-runs",
                "Pulling",
                "in short runs",
                "",
                $"This machine's longest stitch is {Fit.Say.Mm(longest)}; under 4 mm the thread is gripped, and is likelier to snap."
            );
        }
    }
}
