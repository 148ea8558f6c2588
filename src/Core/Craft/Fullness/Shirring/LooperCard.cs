using ZephyrReach.Core.Card;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>Rows of a chain stitch with elastic in the looper.</summary>
internal static class LooperCard
{
    public static CardTechnique Technique { get; } =
        ShirringCard.Technique with
        {
            Name = "shirring-looper",
            Title = "shirred with elastic in the looper",
            Says = "Rows of a chain stitch with elastic in the looper of an overlocker.",
            NeedsOverlocker = true,
            NeedsChainLooper = true,
            Fields = [.. ShirringCard.Technique.Fields, Wants.DifferentialField],
            Feet = [new([FootKinds.Overlock], "The foot the overlocker came with serves.")],
            Stitch = ask =>
                new(
                    "chain stitch, middle needle alone",
                    "The looper lays a length of elastic with every stitch.",
                    ask.Wants.StitchLength ?? Longest(ask, 4),
                    "The longest: it draws up most."
                ),
            Tension = _ => -1,
            TensionBecause = "A step looser: the chain has to lie down over the elastic.",
            Above = new("ordinary, in the middle needle", "The chain needs but one."),
            Differential = 2,
            More = ask =>
                [
                    new CardLine(
                        "looper-tension",
                        "Looper tension",
                        "−3 steps",
                        "",
                        "The elastic runs through loose; what draws it up is the stitch."
                    ),
                    new CardLine(
                        "elastic-path",
                        "Elastic",
                        "a net over its spool",
                        "",
                        "Without one it falls off in coils."
                    ),
                    new CardLine(
                        "knife",
                        "Knife",
                        "out of the way",
                        "",
                        "The rows lie inside the panel: it would cut it."
                    ),
                    .. ShirringCard.Technique.More(ask).Where(line => line.Key != "bobbin-check"),
                ],
            Start = new("on the fabric, never on air", "A chain of elastic alone jams the looper."),
            Speed = new("slow, steady", "Stretch what is sewn flat while the next row goes in."),
            Alternatives =
            [
                new(
                    "elastic in the bobbin",
                    "Any lockstitch machine; draws up less, and the bobbin runs out."
                ),
                new("separately", "Each has its ends tied by itself."),
            ],
            Instead = "Put the elastic in the bobbin of a lockstitch machine.",
            LookedFor = ["not-full-enough", "too-full", "elastic-loose", "no-return", "skips"],
        };
}
