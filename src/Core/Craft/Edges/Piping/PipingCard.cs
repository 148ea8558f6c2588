using ZephyrReach.Core.Card;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>A covered cord in a seam.</summary>
internal static class PipingCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "piping",
            Title = "piping",
            Says = "A covered cord in a seam: three lines of stitching, each nearer to the cord.",
            Fields = [Wants.CordField, Wants.StitchLengthField],
            Feet =
            [
                new([FootKinds.Piping], "The cord runs in its groove, and the needle beside it."),
                new(
                    [FootKinds.Zipper],
                    "The needle comes close to the cord.",
                    "Nothing guides the cord: keep it against the foot by hand."
                ),
            ],
            BuyAlso = ask => $"a groove at least {Fit.Say.Mm(ask.Wants.Cord ?? Mm(4))} wide",
            Stitch = ask =>
                new(
                    "straight",
                    "It lies along the cord.",
                    ask.Wants.StitchLength ?? Mm(2.5),
                    "2.5 mm; the first, basting line 3.5."
                ),
            TensionBecause = "An ordinary seam beside a cord.",
            Bulky = _ => true,
            BuildUp = ask => ask.Wants.Cord ?? Mm(4),
            Offset = Mm(1),
            Position = new(
                "towards the cord, a little more at each line",
                "So that no earlier line shows."
            ),
            Presser = new("needle stop down at curves", "Clip the flange, turn, go on."),
            Speed = new(
                "medium, slow over the joins",
                "Joins of the covering are thick: turn the wheel by hand there."
            ),
            Preparation = new(
                "bias strips, joined on the slant",
                "Bias turns corners; the slant spreads the thickness."
            ),
            More = _ =>
                [
                    new CardLine(
                        "passes",
                        "Lines",
                        "three, each nearer to the cord",
                        "",
                        "Wrap, apply, close: each hides the last."
                    ),
                    new CardLine(
                        "corners",
                        "Corners",
                        "rounded, the flange clipped",
                        "",
                        "A square corner cannot be turned with a cord."
                    ),
                ],
            Checks = ["No earlier line shows.", "The cord does not twist in its covering."],
            Alternatives =
            [
                new(
                    "ready-made trim with a flange",
                    "Start in the middle of a side; unlay and overlap the plies at the join."
                ),
                new("straight-grain strips", "Only for straight edges, or for very fine cord."),
            ],
            Instead = "Sew it with a zipper foot on a lockstitch machine.",
            LookedFor = ["line-shows", "corner-pulls", "twists", "skips"],
        };
}
