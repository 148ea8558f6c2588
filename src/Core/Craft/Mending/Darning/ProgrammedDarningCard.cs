using ZephyrReach.Core.Card;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>A darn that the machine makes by itself.</summary>
internal static class ProgrammedDarningCard
{
    /// <summary>What lies behind, by what is wrong with the cloth.</summary>
    public static ChoiceField Behind { get; } =
        Wants.SchoolField(
            new(
                Damage.Interfacing,
                "interfacing behind",
                "A hole or a thin place away from seams."
            ),
            new(Damage.Scrap, "a piece of fabric behind", "Where it strains."),
            new(Damage.Stretching, "something that stretches behind", "In a knit.")
        );

    public static Setting Backing(CardInputs ask) =>
        ask.Wants.School switch
        {
            Damage.Scrap => new(
                "a piece of the same fabric behind, larger than the tear",
                "Where it strains it carries what the tear no longer does; interfacing alone tears out."
            ),
            Damage.Stretching => new(
                "something that stretches behind, larger than the tear",
                "A darn that does not stretch tears the loops beside it."
            ),
            _ => new(
                "fusible interfacing behind, larger than the tear",
                "Stitches across nothing do not hold."
            ),
        };

    private static FootChoice Measuring { get; } =
        new([FootKinds.Buttonhole], "It measures the length of the block.");

    private static FootChoice Ordinary { get; } =
        AllPurpose("The lever is tapped by hand: no foot has to measure.");

    public static CardTechnique Technique { get; } =
        new()
        {
            Fields =
            [
                Wants.StitchWidthField,
                Wants.ProgramField,
                Wants.FootAskedField,
                DarningFields.ByLever,
            ],
            FeetFor = ask =>
                ask.Wants.Of(DarningFields.ByLever) ? [Measuring, Ordinary] : [Measuring],
            School = Behind,
            Name = "darning-programmed",
            Title = "machine darning (built-in program)",
            Says = "The machine goes back and forth over a small hole and ties off.",
            NeedsProgram = true,
            Dense = true,
            Feet = [Measuring],
            BuyAlso = _ => "a slide that measures the length",
            Stitch = ask =>
                new(
                    "darning program",
                    "Lines side by side, back and forth.",
                    null,
                    "The program has its own; the foot sets how long the block is.",
                    "as the program",
                    ask.Wants.StitchWidth
                        ?? (
                            ask.Machine.Is.WidestStitch is { } widest
                                ? Measures.Length.Min(widest, Mm(7))
                                : Mm(6)
                        ),
                    Measures.Length.Min(Mm(3), ask.Wants.StitchWidth ?? Mm(3)),
                    "As wide as the machine goes: larger holes take several overlapping blocks."
                ),
            TensionBecause = "The program is made for it.",
            Above = new("fine, in the fabric's colour", "The nearest colour disappears.", 10, 30),
            Below = new("the same", "Both sides lie open.", 10, 30),
            Stabiliser = Backing,
            Speed = new("medium, steady", "Let the program run to its end."),
            Preparation = new(
                "measure the tear; needle down a little before it",
                "The block begins in sound fabric."
            ),
            Checks =
            [
                "It begins and ends in sound fabric.",
                "The thread disappears in the fabric.",
            ],
            Alternatives =
            [
                new("free-motion darning", "Any size and shape; feed dogs down."),
                new(
                    "a patch",
                    "Large holes, or under strain; stretch fabric wants a patch that stretches."
                ),
            ],
            Instead = "Darn free-motion: feed dogs down, a darning foot, the fabric in a hoop.",
            LookedFor = ["short", "slants", "darn-bulges", "puckers", "loops-below"],
        };
}
