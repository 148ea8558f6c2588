using ZephyrReach.Core.Card;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Fullness.MachineGathers;

/// <summary>Gathers made by differential feed.</summary>
internal static class OverlockGathersCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "overlock-gathers",
            Title = "gathering on the overlocker",
            Says =
                "Front feed dogs that run faster than the back ones gather the lower layer as it is overlocked.",
            NeedsOverlocker = true,
            Fields =
            [
                Wants.StitchLengthField,
                Wants.TensionField,
                Wants.DifferentialField,
                Wants.PassesField,
            ],
            Feet =
            [
                new(
                    [FootKinds.OverlockGathering],
                    "It gathers the lower layer and leads the upper through flat."
                ),
                new(
                    [FootKinds.Overlock],
                    "Light fabric gathers by the differential alone.",
                    "Less full, and both layers gather: the flat one is joined after."
                ),
            ],
            BuyAlso = _ => "a slot for the flat layer",
            Stitch = ask =>
                new(
                    "overlock, four threads",
                    "It gathers, trims and wraps at once.",
                    ask.Wants.StitchLength ?? Mm(4),
                    "3.5 to 4 mm: the longer, the more it gathers."
                ),
            Tension = _ => 1,
            TensionBecause = "Needles one step tighter: they draw the edge together.",
            Above = new("ordinary, alike on both needles", "Two needles share the pull."),
            Below = new("ordinary or woolly", "It only wraps the edge."),
            Differential = 2,
            PressureBecause = "The feed does the work.",
            Speed = new("medium, steady", "A change of pace changes the gathers."),
            Preparation = new(
                "lower layer first, then the upper into the slot",
                "The lower must be caught before the upper is slid in."
            ),
            More = _ =>
                [
                    new CardLine(
                        "knife",
                        "Knife",
                        "in, as the edge needs",
                        "",
                        "Loops that hang over the edge mean the knife stands too far from the needle for this fabric."
                    ),
                ],
            Checks =
            [
                "No loops hang over the edge.",
                "Measure the strip flat and gathered.",
                "Hands stay clear of the knife.",
            ],
            Alternatives =
            [
                new("gather alone, join after", "More control over the flat layer; one more seam."),
            ],
            Instead = "Gather with a gathering foot or by pulled threads on a lockstitch machine.",
            Looks =
            [
                Right,
                Look(
                    "not-full-enough",
                    "not full enough",
                    "It comes out longer than it should.",
                    Try("differential-up", "Turn the differential up.", "It is what gathers."),
                    Try("longer-stitch", "Lengthen the stitch.", "More fabric in each."),
                    Try(
                        "tension-up",
                        "Tighten both needle tensions one step.",
                        "They draw the edge together."
                    ),
                    Try(
                        "gathering-foot",
                        "Use the gathering foot.",
                        "It holds the upper layer back."
                    )
                ),
                Look(
                    "too-full",
                    "too full",
                    "It comes out shorter than it should.",
                    Try("differential-down", "Turn the differential down.", "It is what gathers."),
                    Try("shorter-stitch", "Shorten the stitch.", "Less fabric in each.")
                ),
                Look(
                    "edge-loops",
                    "loops at the edge",
                    "Looper threads hang over.",
                    Try(
                        "knife-in",
                        "Bring the knife nearer to the needle.",
                        "The edge is cut too narrow for the loops."
                    ),
                    Try(
                        "looper-tension",
                        "Tighten the looper tensions half a step.",
                        "They lie too loose."
                    )
                ),
                Skips,
            ],
        };
}
