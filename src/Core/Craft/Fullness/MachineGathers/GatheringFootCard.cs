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
            Looks =
            [
                Right,
                Look(
                    "not-full-enough",
                    "not full enough",
                    "It comes out longer than it should.",
                    Try(
                        "longer-stitch",
                        "Lengthen the stitch by half a millimetre.",
                        "More fabric in each stitch."
                    ),
                    Try(
                        "tension-up",
                        "Tighten the needle tension one step.",
                        "A tighter thread draws up more."
                    ),
                    Try(
                        "pressure-up",
                        "Press the foot one turn harder.",
                        "It holds the fabric back more."
                    ),
                    Try(
                        "screw-in",
                        "Turn the foot’s set screw half a turn tighter, where it has one.",
                        "It presses the fabric harder against the feed."
                    ),
                    Try(
                        "hold-back",
                        "Hold the fabric back behind the foot with a finger.",
                        "What cannot run off is taken up."
                    ),
                    Try(
                        "second-pass",
                        "Sew a second pass over the same line.",
                        "It gathers what is gathered again."
                    ),
                    Try(
                        "other-cloth",
                        "Take a lighter fabric, or another technique.",
                        "Thick fabric hardly gathers here."
                    )
                ),
                Look(
                    "too-full",
                    "too full",
                    "It comes out shorter than it should.",
                    Try(
                        "shorter-stitch",
                        "Shorten the stitch by half a millimetre.",
                        "Less fabric in each stitch."
                    ),
                    Try("tension-down", "Loosen the needle tension one step.", "It draws up less."),
                    Try("pressure-down", "Press the foot one turn less.", "It lets go sooner."),
                    Try(
                        "screw-out",
                        "Turn the foot’s set screw half a turn looser, where it has one.",
                        "It lets go sooner."
                    )
                ),
                Look(
                    "piles-up",
                    "fabric piles up",
                    "It jams under the foot.",
                    Try(
                        "let-go",
                        "Guide only; never pull.",
                        "Pulled fabric comes under the needle twice."
                    ),
                    Try(
                        "longer-stitch",
                        "Lengthen the stitch.",
                        "Short stitches do not carry it away."
                    )
                ),
                Look(
                    "slid-out",
                    "the flat layer slid out",
                    "It left the slot.",
                    Try(
                        "watch-guide",
                        "Watch the guide, not the needle.",
                        "The flat layer must stay home the whole way."
                    )
                ),
                LoopsBelow,
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
