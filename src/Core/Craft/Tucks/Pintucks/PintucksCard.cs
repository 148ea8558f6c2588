using ZephyrReach.Core.Card;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>Fine raised ridges with a pair of needles.</summary>
internal static class PintucksCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "pintucks",
            Title = "pintucks with a twin needle",
            Says = "Fine raised ridges, parallel by the grooves of the foot.",
            Fields =
            [
                Wants.RowGapField,
                Wants.StitchLengthField,
                Wants.CordField,
                Wants.PairField,
                PintucksFields.ThreadLeft,
                PintucksFields.ThreadRight,
            ],
            School = Wants.SchoolField(
                new Choice("plain", "plain", "A soft ridge."),
                new Choice("corded", "corded", "A firm ridge; a cord lies under the groove.")
            ),
            Twin = true,
            Feet =
            [
                new(
                    [FootKinds.Pintuck],
                    "One groove holds the ridge, the next ones guide the rows."
                ),
            ],
            // Under 80 g/m² the finest grooves, to 150 the middle ones, above that the coarsest.
            Rank = (ask, foot) =>
                foot.GroovePitch is { } pitch
                    ? Math.Abs(
                        pitch.Millimetres
                            - (
                                ask.Grams is not { } g ? 2.6
                                : g < 80 ? 1.6
                                : g <= 150 ? 2.6
                                : 3.8
                            )
                    )
                    : 99,
            BuyAlso = ask =>
                ask.Grams is not { } g ? "seven grooves or so"
                : g < 80 ? "nine or more fine grooves"
                : g <= 150 ? "seven grooves"
                : "three to five wide grooves",
            Stitch = ask =>
                new(
                    "straight",
                    "Two lines above, one bobbin thread zigzagging below, pull the ridge up.",
                    ask.Wants.StitchLength ?? Mm(2.2),
                    "2 to 2.5 mm: short enough to stand, long enough to lie smooth."
                ),
            Tension = _ => 1,
            TensionBecause = "A step tighter raises the ridge.",
            Above = new(
                "two alike, each on its own side of the guides",
                "Threads that cross tangle and break.",
                10,
                32
            ),
            Speed = Setting.HalfSpeed(
                "A twin needle is thin and stands wide; eye protection is no shame."
            ),
            Preparation = new(
                "mark the first tuck, with the lengthwise grain",
                "The groove makes every other one parallel to it."
            ),
            More = ask =>
                [
                    .. ask.Wants.Of(PintucksFields.ThreadLeft) is { } left
                        ? new[]
                        {
                            new CardLine(
                                "two-colours",
                                "Two colours",
                                $"{left} on the left, {ask.Wants.Of(PintucksFields.ThreadRight) ?? "the other"} on the right",
                                "",
                                "Each spool turns off on its own side, so that the threads never cross."
                            ),
                        }
                        : [],
                    .. ask.Cloth?.Is.Gives == true
                        ? new[]
                        {
                            new CardLine(
                                "knit",
                                "On a knit",
                                "a stretch twin needle, the edge never pulled",
                                "",
                                "At a neckline the bobbin’s zigzag lets the line stretch; half a step looser than on a weave, it gives more."
                            ),
                        }
                        : [],
                    .. ask.Wants.School == "corded"
                        ?
                        [
                            new CardLine(
                                "cord",
                                "Cord",
                                "under the groove, up through the plate",
                                "",
                                "It fills the ridge; a coloured one shows through thin fabric."
                            ),
                        ]
                        : Array.Empty<CardLine>(),
                ],
            BuildUp = ask => ask.Wants.School == "corded" ? ask.Wants.Cord ?? Mm(1) : null,
            HasRows = true,
            Checks =
            [
                "Both needles stand inside one groove.",
                "After a few tucks: measure, and re-space the rest.",
                "All rows run the same way.",
            ],
            Alternatives =
            [
                new("folded tucks", "No special foot; each takes up twice its depth."),
                new(
                    "a zigzag over a cord in the groove",
                    "One needle and a coloured cord on top: it is seen, and needs no pair."
                ),
            ],
            Instead =
                "Fold each tuck on its line and sew a set distance from the fold: any straight stitch does.",
            LookedFor =
            [
                "flat",
                "wanders",
                "tuck-threads",
                "groove-skipped",
                "drags",
                "puckers",
                "skips",
            ],
        };
}
