using ZephyrReach.Core.Card;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>A ribbon laid in folds.</summary>
internal static class FoldedRibbonCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "folded-ribbon",
            Title = "folded ribbon trim",
            Says = "A narrow ribbon folded back and forth along a line and stitched at every fold.",
            Fields = [Wants.StitchLengthField, Wants.ProgramField, Wants.FootAskedField],
            Feet =
            [
                new([FootKinds.OpenToe], "The fold can be seen as it comes."),
                new(
                    [FootKinds.Satin],
                    "Wide enough for the ribbon.",
                    "The fold disappears under its front."
                ),
                new([FootKinds.AllPurpose], "It will do.", "Lift it at every fold."),
            ],
            Stitch = ask =>
                new(
                    "a short sequence, or straight",
                    "A few stitches catch the ribbon; then it is folded.",
                    ask.Wants.StitchLength ?? Mm(2),
                    "Short: each catch has to hold by itself."
                ),
            TensionBecause = "Nothing pulls.",
            Bulky = _ => true,
            Speed = Setting.HalfSpeed("Stop after each sequence, and fold."),
            Presser = new(
                "needle stop down, lift at every fold",
                "The ribbon turns round the needle."
            ),
            Preparation = new(
                "draw the line; crease the first fold at 45°",
                "The first fold sets all others."
            ),
            Stabiliser = ForThin,
            Checks = ["Each fold lies at 45°.", "The band is as wide all along."],
            Alternatives =
            [
                new("the machine stops after each sequence", "Even catches; your hands are free."),
                new("no", "Any machine; the count is yours."),
            ],
            Instead = "Catch each fold by hand.",
            LookedFor = ["uneven-band", "not-caught", "skips"],
        };
}
