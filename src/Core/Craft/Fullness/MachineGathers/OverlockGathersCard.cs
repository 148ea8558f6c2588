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
            LookedFor = ["not-full-enough", "too-full", "uneven", "edge-loops", "skips"],
        };
}
