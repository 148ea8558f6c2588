using ZephyrReach.Core.Card;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>Darning guided by hand.</summary>
internal static class FreeDarningCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "darning-free-motion",
            Title = "free-motion darning",
            Says = "Even lines back and forth, a quarter turn, the same again.",
            FeedDogsDown = true,
            Feet =
            [
                new(
                    [FootKinds.Darning],
                    "It hovers, and its closed ring does not catch in loose threads."
                ),
                new(
                    [FootKinds.OpenDarning],
                    "It hovers, and shows the line.",
                    "Its open toe can catch in a loop."
                ),
            ],
            BuyAlso = _ => "an arm only if the needle clamp has a screw to ride on",
            Stitch = _ =>
                new(
                    "straight",
                    "Your hands draw the lines.",
                    null,
                    "Hand speed over machine speed: aim at 2 mm.",
                    "by hand"
                ),
            Tension = _ => -0.5,
            TensionBecause = "Half a step looser, because the fabric changes direction.",
            Above = new("fine, in the fabric's colour", "The nearest colour disappears.", 10, 30),
            Below = new("the same", "Both sides lie open.", 10, 30),
            School = ProgrammedDarningCard.Behind,
            // A point that cuts a loop begins the next ladder.
            As = ask =>
                ask.Wants.School == Damage.Stretching
                    ? Technique! with
                    {
                        Point = Needle.Stretch,
                    }
                    : Technique!,
            Stabiliser = ProgrammedDarningCard.Backing,
            Presser = new("foot down although it hovers", "That is what puts the tension on."),
            Speed = new(
                "brisk, hands slow",
                "A slow machine with quick hands makes long, angular stitches."
            ),
            Preparation = new(
                "bring the bobbin thread up, a few stitches on the spot, trim",
                "Nothing is then drawn in later."
            ),
            Checks =
            [
                "The lines reach into sound fabric all round.",
                "Small turns at the ends, no knots.",
            ],
            Alternatives =
            [
                new("built-in darning program", "Small holes; the machine ties off by itself."),
            ],
            Instead = "Patch it, or darn by hand over an egg.",
            LookedFor =
            [
                "long-angular",
                "builds-up",
                "loops-below",
                "dots-above",
                "darn-bulges",
                "puckers",
                "skips",
            ],
        };
}
