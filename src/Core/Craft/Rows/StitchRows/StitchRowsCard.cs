using ZephyrReach.Core.Card;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>Rows of decorative stitches.</summary>
internal static class StitchRowsCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "stitch-rows",
            Title = "rows of decorative stitches",
            Says = "Decorative stitching in rows over plain fabric.",
            Fields =
            [
                Wants.StitchLengthField,
                Wants.StitchWidthField,
                Wants.RowGapField,
                StitchRowsFields.Stabilised,
            ],
            Dense = true,
            As = ask =>
                ask.Wants.Said(StitchRowsFields.Stabilised) == false
                    ? Technique! with
                    {
                        Preparation = Technique!.Preparation with
                        {
                            Figure = "cut oversize, press flat",
                        },
                    }
                    : Technique!,
            Feet =
            [
                new(
                    [FootKinds.Satin],
                    "Its hollow lets dense stitches pass, forwards and back.",
                    "Long rows can drift: guide each by the last."
                ),
                new(
                    [FootKinds.OpenToe],
                    "The last row can be seen.",
                    "It holds the fabric less in front of the needle."
                ),
                new(
                    [FootKinds.Walking],
                    "It feeds from above too, so that long rows stay straight.",
                    "Only for stitches that go forwards: backwards or sideways it holds against the feed."
                ),
            ],
            Stitch = ask =>
                new(
                    "as the pattern",
                    "Its own length and width; write the number beside the sample.",
                    ask.Wants.StitchLength,
                    "The pattern's own, for the first row; the list has the others. Longer where it gets stiff.",
                    "as the pattern",
                    ask.Wants.StitchWidth ?? Mm(5),
                    Mm(2),
                    "As wide as the pattern reads well at."
                ),
            Tension = _ => -0.5,
            TensionBecause = "Half a step looser keeps the bobbin thread below.",
            Point = Needle.Embroidery,
            Above = new("fine", "Fine thread keeps dense patterns from becoming stiff.", 10, 28),
            Below = new("fine bobbin thread", "It makes no ridge below.", 5, 18),
            BuildUp = _ => Mm(0.8),
            // What the plan leaves out is not asked for here: what comes of that it says itself.
            Stabiliser = ask =>
                ask.Wants.Said(StitchRowsFields.Stabilised) == false ? null : ForDense(ask),
            Speed = new("medium, steady", "Let the pattern finish; stop at the end of a repeat."),
            Preparation = new(
                "cut oversize, stabiliser under the whole piece",
                "Fabric shrinks under dense stitches: trim after."
            ),
            HasRows = true,
            GuidedByAnyFoot = true,
            Checks =
            [
                "Stop at the end of a full repeat.",
                "The fabric lies flat between the rows.",
            ],
            Alternatives =
            [
                new("rows on the diagonal", "Livelier; they get longer, then shorter."),
                new("edge of the foot against the last row", "No marking; the foot sets the gap."),
            ],
            Instead = "Sew rows of straight stitches in several colours.",
            LookedFor = ["tunnels", "stiff", "loops-above", "puckers"],
        };
}
