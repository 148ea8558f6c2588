using ZephyrReach.Core.Card;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>A piece of like fabric sewn over a tear.</summary>
internal static class PatchCard
{
    /// <summary>How wide the zigzag is that holds a knit.</summary>
    public static Length Zigzag { get; } = Length.FromMillimetres(2);

    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "patch",
            Title = "a patch",
            Says =
                "A piece of like fabric over the tear, held by one row at its edge and one round the tear.",
            Fields = [Wants.StitchLengthField],
            School = ProgrammedDarningCard.Behind,
            As = ask =>
                ask.Wants.School == Damage.Stretching
                    ? Technique! with
                    {
                        Point = Needle.Stretch,
                        Preparation = Technique!.Preparation with
                        {
                            Figure = "a knit that stretches as much, washed as often; basted",
                        },
                    }
                    : Technique!,
            Feet =
            [
                AllPurpose("An ordinary seam."),
                new([FootKinds.OpenToe], "The edge of the patch can be seen."),
            ],
            Stitch = ask =>
                ask.Wants.School == Damage.Stretching
                    ? new(
                        "narrow zigzag",
                        "It gives with the knit, and holds its raw edge.",
                        ask.Wants.StitchLength ?? Mm(2),
                        "Short enough to hold the edge.",
                        "",
                        Zigzag,
                        Mm(1.5),
                        "As narrow as still catches the edge."
                    )
                    : new(
                        "straight",
                        "Close to the fold, and once round the tear.",
                        ask.Wants.StitchLength ?? Mm(2),
                        "2 to 2.5 mm: it is pulled."
                    ),
            TensionBecause = "An ordinary seam.",
            Above = new("strong, in the fabric's colour", "It carries what is pulled.", 15, 40),
            Below = new("the same", "It carries as much.", 15, 40),
            Preparation = new(
                "like fabric, washed as often; edges pressed under, basted",
                "New fabric shrinks in the first wash, and pulls the old one together."
            ),
            Checks = ["It lies flat when the garment is bent.", "No edge stands open."],
            Alternatives =
            [
                new("a darn", "Small holes away from strain: it lies flatter."),
                new("appliqué", "A shape in place of a rectangle: the patch is meant to be seen."),
            ],
            Instead = "Hem it on by hand, with small stitches through the fold.",
            LookedFor = ["puckers", "skips", "loops-below"],
        };
}
