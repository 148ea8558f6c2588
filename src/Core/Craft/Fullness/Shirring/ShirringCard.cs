using ZephyrReach.Core.Card;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>Rows with elastic in the bobbin.</summary>
internal static class ShirringCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "shirring",
            Title = "shirred with elastic thread",
            Says =
                "Close rows with elastic in the bobbin: a panel that draws in and stretches back.",
            Fields =
            [
                Wants.RowGapField,
                Wants.StitchLengthField,
                Wants.TensionField,
                Wants.TailField,
            ],
            ElasticBelow = _ => true,
            MostGrams = 200,
            Feet =
            [
                new([FootKinds.Satin], "Its hollow sole lets the fabric contract as it is sewn."),
                new(
                    [FootKinds.AllPurpose],
                    "It does well.",
                    "A flat sole lets the fabric contract less."
                ),
            ],
            Stitch = ask =>
                new(
                    "straight",
                    "Every stitch lays a length of elastic.",
                    ask.Wants.StitchLength ?? Mm(4),
                    "3.5 to 5 mm: a longer stitch draws up more."
                ),
            TensionBecause = "The elastic does the drawing up.",
            Preparation = new(
                "draw the first line on the right side",
                "Every later row follows the one before."
            ),
            More = ask =>
                [
                    new CardLine(
                        "bobbin-check",
                        "Elastic in the bobbin",
                        ask.Machine.Is.Bobbin == "drop-in"
                            ? "in the slot, up across the top"
                            : "in a marked case of its own",
                        "",
                        ask.Machine.Is.Bobbin == "drop-in"
                            ? "Look that it really lies in the tension slot, and comes up across the top of the bobbin."
                            : "Its screw is opened for elastic; keep the ordinary case as it is."
                    ),
                    new CardLine(
                        "tail-elastic",
                        "Elastic tail",
                        ask.Ruler.Mark(ask.Wants.Tail ?? Mm(100)),
                        "",
                        "The needle picks elastic up reluctantly."
                    ),
                    new CardLine(
                        "steam",
                        "At the end",
                        "hold steam over it",
                        "",
                        "Steam draws it up further; keep the iron off the elastic, and fingers out of the steam."
                    ),
                ],
            HasRows = true,
            Speed = new("medium, steady", "Stretch what is sewn flat while the next row goes in."),
            Checks =
            [
                "Measure flat, sewn, and steamed.",
                "It opens far enough to pass over the widest part.",
            ],
            Alternatives =
            [
                new("wound by hand without stretch", "Softest; draws up least."),
                new(
                    "wound by hand with a slight even stretch",
                    "Draws up more; as even as the hand."
                ),
                new("wound by machine, past the tension disc", "Evenest; guide it with a finger."),
                new(
                    "one line that pivots in the seam allowance",
                    "Few ends; the turns must stay in the allowance."
                ),
                new("separately", "Each is secured by itself."),
            ],
            Instead = "Zigzag over elastic thread and pull it up, on a lockstitch machine.",
            LookedFor = ["not-full-enough", "too-full", "elastic-loose", "no-return", "skips"],
        };
}
