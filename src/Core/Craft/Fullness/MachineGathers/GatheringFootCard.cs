using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Fullness.MachineGathers;

/// <summary>Gathers made by a foot.</summary>
internal static class GatheringFootCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "gathering-foot",
            Title = "gathering with a foot",
            Says =
                "The foot holds the fabric back and gathers as you sew. You can’t adjust the gathers afterwards.",
            Fields =
            [
                Wants.StitchLengthField,
                Wants.TensionField,
                Wants.PassesField,
                PullUpFields.ScrewTurns,
                PullUpFields.HeldBack,
            ],
            Feet =
            [
                new(
                    [FootKinds.Gathering],
                    "It grips the fabric against the feed and lets go behind the needle; with a slot it joins a flat layer at once."
                ),
            ],
            Rank = (_, foot) => foot.Slot == true ? 0 : 1,
            BuyAlso = _ => "a slot if a flat layer is to be joined at once",
            Stitch = ask =>
                new(
                    "straight",
                    "Each stitch holds a little more fabric than its length.",
                    ask.Wants.StitchLength ?? Longest(ask, 4),
                    "From 3 mm to the longest: a longer stitch gathers more."
                ),
            Tension = _ => 1.5,
            TensionBecause =
                "One to two steps tighter: the tight thread draws the stitches together.",
            MostGrams = MachineGathersFields.Heavy,
            Pressure = 1,
            PressureBecause = "A firmer foot holds the fabric back more.",
            Speed = Setting.HalfSpeed(
                "Attachments want time; a change of pace changes the gathers."
            ),
            More = Screw,
            Preparation = new(
                "a measured strip of the same fabric",
                "The machine decides how full it gets: measure before anything is cut."
            ),
            Checks =
            [
                "Measure the strip flat and gathered.",
                "With a slot: the flat layer stays home against its guide.",
            ],
            Alternatives = [new("a second pass over the same line", "Fuller; a little less even.")],
            Instead = "Gather by pulled threads: any machine with a long straight stitch does.",
            LookedFor =
            [
                "not-full-enough",
                "too-full",
                "uneven",
                "piles-up",
                "slid-out",
                "loops-below",
            ],
        };

    /// <summary>How the set screw stands, where there is one, and what the hands do.</summary>
    private static IEnumerable<CardLine> Screw(CardInputs ask)
    {
        var turns = ask.Wants.Of(PullUpFields.ScrewTurns);
        if (turns is not null || ask.Foot?.Is.SetScrew == true)
        {
            yield return new(
                "set-screw",
                "Set screw of the foot",
                PullUpSettings.ScrewTurn(turns ?? 0),
                "",
                "Tighter gathers more. Count its turns from where it usually stands, and write them on the swatch."
            );
        }
        yield return ask.Wants.Of(PullUpFields.HeldBack)
            ? new(
                "behind-foot",
                "Behind the foot",
                "held back by a finger",
                "",
                "What cannot run off is taken up: fuller, and as even as the finger. As on the swatch."
            )
            : new(
                "behind-foot",
                "Behind the foot",
                "hands off",
                "",
                "The gathers are then the machine’s alone, and come out as on the swatch."
            );
    }
}
