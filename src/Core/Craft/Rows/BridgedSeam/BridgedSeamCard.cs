using ZephyrReach.Core.Card;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>Two folds held apart by stitches.</summary>
internal static class BridgedSeamCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "bridged-seam",
            Title = "open seam",
            Says = "Two folded edges a fixed gap apart, held by a wide stitch.",
            Fields =
            [
                Wants.GapField,
                Wants.BiteField,
                Wants.StitchWidthField,
                Wants.StitchLengthField,
                Wants.ProgramField,
                Wants.FootAskedField,
            ],
            Feet =
            [
                new([FootKinds.OpenToe], "Both folds can be seen against the spacer."),
                new(
                    [FootKinds.Satin],
                    "Wide enough.",
                    "The folds disappear under its front: stop more often and look."
                ),
            ],
            BuyAlso = _ => "a spacer bar for the plate",
            Stitch = ask =>
            {
                var need = (ask.Wants.Gap ?? Mm(3)) + 2 * (ask.Wants.Bite ?? Mm(1.2));
                // As the planning does: rounded up to the half millimetres of a dial.
                var width = ask.Wants.StitchWidth ?? Rounding.Up(need, Mm(0.5));
                return new(
                    "wide decorative, reaching to both sides",
                    "It jumps from fold to fold.",
                    ask.Wants.StitchLength ?? Mm(2.5),
                    "Long enough to see each bar of thread.",
                    "",
                    width,
                    width,
                    "The gap and two bites: it has to catch both folds at its widest."
                );
            },
            TensionBecause = "Tighter, it would pull the folds together.",
            Point = Needle.Embroidery,
            Above = new("thick embroidery thread", "The bars are what is seen.", 25, 80),
            Below = new("the same", "Both sides are seen.", 25, 80),
            Bulky = _ => true,
            Stabiliser = _ =>
                new(
                    "wash-away under the gap",
                    "It carries the stitch across nothing, and is gone after the wash."
                ),
            Speed = Setting.HalfSpeed("Feed slowly, and stop often."),
            Presser = new("needle stop down", "Stop and see that both folds still touch the bar."),
            Preparation = new(
                "press the folds firmly, over a card",
                "A firm fold gives the stitch something to catch."
            ),
            Checks = ["Both folds touch the bar.", "The stitch catches both folds."],
            Alternatives =
            [
                new("a cord down the middle", "The stitch goes over it; firmer and fuller."),
                new(
                    "a cord laid in the gap by hand",
                    "Without a tube: laid along the bar, a hand’s width at a time; slower, and never twisted."
                ),
                new("basted to paper, then sewn", "No spacer needed; the paper is torn off."),
            ],
            Instead = "Work the bars by hand, the folds basted to paper.",
            LookedFor = ["missed-fold", "pulled-together", "loops-below"],
        };
}
