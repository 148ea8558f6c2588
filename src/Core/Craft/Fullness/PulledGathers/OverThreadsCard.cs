using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Fullness.PulledGathers;

/// <summary>A zigzag over two drawn-out threads.</summary>
internal static class OverThreadsCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "gathers-over-threads",
            Title = "gathering over a cord (zigzag)",
            Says =
                "A wide zigzag over two threads that are pulled: no stitch is pulled, so nothing snaps.",
            Fields =
            [
                Wants.StitchLengthField,
                Wants.StitchWidthField,
                Wants.TailField,
                Wants.CordField,
            ],
            Feet =
            [
                AllPurpose("Wide enough for the zigzag, and flat."),
                new(
                    [FootKinds.Satin],
                    "Wide, and hollow for the threads.",
                    "It presses the fabric a little less."
                ),
            ],
            Stitch = ask =>
                new(
                    "zigzag",
                    "It bridges the two drawn-out threads without catching them.",
                    ask.Wants.StitchLength ?? Mm(4.5),
                    "Long enough to slide over the threads.",
                    "",
                    Length.Max(
                        ask.Wants.StitchWidth ?? Mm(3),
                        (ask.Wants.Cord ?? Mm(0.6)) + Mm(1.5)
                    ),
                    (ask.Wants.Cord ?? Mm(0.6)) + Mm(1.5),
                    "3 mm, and at least the threads and 1.5 mm: the needle falls clear on both sides."
                ),
            TensionBecause = "No stitch is pulled.",
            Preparation = new(
                "draw both threads out to the flat length",
                "They lie along the line and are fixed at one end before the other is pulled."
            ),
            More = ask =>
                PulledCard.Tails(
                    ask,
                    "One end is fixed; at the other there is enough to wind round a finger and pull."
                ),
            Checks =
            [
                "The needle falls clear of the threads on both sides.",
                "The threads slide from end to end.",
            ],
            Alternatives =
            [
                new("a separate strong cord", "Thicker and easier to find; takes a wider zigzag."),
            ],
            Instead = "Sew rows of the longest straight stitch and pull those.",
            LookedFor = ["caught", "loops-below", "skips"],
        };
}
