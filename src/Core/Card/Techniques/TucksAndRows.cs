using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Drawer;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Card.Techniques.Usual;

namespace ZephyrReach.Core.Card.Techniques;

/// <summary>Fine raised ridges with a pair of needles.</summary>
internal static class PintucksCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "pintucks",
            Title = "pintucks with a pair of needles",
            Says = "Fine raised ridges, parallel by the grooves of the foot.",
            Fields = [Wants.RowGapField, Wants.StitchLengthField, Wants.CordField],
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
            Speed = new(
                "half",
                "A pair of needles is thin and stands wide; eye protection is no shame."
            ),
            Preparation = new(
                "mark the first tuck, with the lengthwise grain",
                "The groove makes every other one parallel to it."
            ),
            More = ask =>
                ask.Wants.School == "corded"
                    ?
                    [
                        new CardLine(
                            "cord",
                            "Cord",
                            "under the groove, up through the plate",
                            "",
                            "It fills the ridge; a coloured one shows through thin cloth."
                        ),
                    ]
                    : [],
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
                new(
                    "slash the pattern and spread it",
                    "Exact and economical; needs the take-up from a swatch."
                ),
                new("tuck a generous block, then cut", "Forgiving; needs more cloth."),
                new("folded tucks", "No special foot; each takes up twice its depth."),
            ],
            Instead =
                "Fold each tuck on its line and sew a set distance from the fold: any straight stitch does.",
            Looks =
            [
                Right,
                Look(
                    "flat",
                    "the ridge is flat",
                    "It does not stand.",
                    Try(
                        "tension-up",
                        "Tighten the needle tension one step.",
                        "It pulls the ridge up."
                    ),
                    Try(
                        "wider-pair",
                        "Take the next wider pair that fits the groove.",
                        "More cloth between the needles."
                    ),
                    Try("cord", "Lay a cord under it.", "It fills the ridge.")
                ),
                Look(
                    "wanders",
                    "the ridge wanders",
                    "It slants inside its groove.",
                    Try(
                        "wider-pair",
                        "Take a pair that fills the groove.",
                        "A narrow ridge moves about."
                    ),
                    Try("slower", "Sew slower.", "A pair has less grip.")
                ),
                Look(
                    "drags",
                    "the cloth drags",
                    "Rows lean the same way.",
                    Try(
                        "alternate",
                        "Sew every other row from the other end.",
                        "The drag then cancels out."
                    ),
                    Try("stabiliser", "Put a tear-away under it.", "Thin cloth is dragged along.")
                ),
                Puckers,
                Skips,
            ],
        };
}

/// <summary>Rows of decorative stitches.</summary>
internal static class StitchRowsCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "stitch-rows",
            Title = "rows of decorative stitches",
            Says = "Plain cloth made into patterned cloth, row by row.",
            Fields = [Wants.StitchLengthField, Wants.StitchWidthField, Wants.RowGapField],
            Dense = true,
            Feet =
            [
                new(
                    [FootKinds.Walking],
                    "It feeds from above too, so that long rows stay straight."
                ),
                new(
                    [FootKinds.Satin],
                    "Its hollow lets dense stitches pass.",
                    "Long rows can drift: guide each by the last."
                ),
                new(
                    [FootKinds.OpenToe],
                    "The last row can be seen.",
                    "It holds the cloth less in front of the needle."
                ),
            ],
            Stitch = ask =>
                new(
                    "as the pattern",
                    "Its own length and width; write the number beside the sample.",
                    ask.Wants.StitchLength,
                    "The pattern's own; a little longer where it gets stiff.",
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
            Stabiliser = ForDense,
            Speed = new("medium, steady", "Let the pattern finish; stop at the end of a repeat."),
            Preparation = new(
                "cut oversize, stabiliser under the whole piece",
                "Cloth shrinks under dense stitches: trim after."
            ),
            HasRows = true,
            Checks = ["Stop at the end of a full repeat.", "The cloth lies flat between the rows."],
            Alternatives =
            [
                new("rows on the diagonal", "Livelier; they get longer, then shorter."),
                new("edge of the foot against the last row", "No marking; the foot sets the gap."),
            ],
            Instead = "Sew rows of straight stitches in several colours.",
            Looks =
            [
                Right,
                Tunnels,
                Look(
                    "stiff",
                    "stiff as a board",
                    "It does not drape any more.",
                    Try("finer-thread", "Take a finer thread.", "Less of it in the same pattern."),
                    Try(
                        "longer-stitch",
                        "Lengthen the pattern a little.",
                        "Fewer stitches to the centimetre."
                    ),
                    Try("wider-gap", "Set the rows further apart.", "Cloth between them bends.")
                ),
                LoopsAbove,
                Puckers,
            ],
        };
}

/// <summary>Two folds held apart by stitches.</summary>
internal static class BridgedSeamCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "bridged-seam",
            Title = "bridged, open seam",
            Says = "Two folded edges a fixed gap apart, held by a wide stitch.",
            Fields = [Wants.GapField, Wants.BiteField],
            Feet =
            [
                new([FootKinds.OpenToe], "Both folds can be seen against the spacer."),
                new(
                    [FootKinds.Satin],
                    "Wide enough.",
                    "The folds disappear under its front: stop oftener and look."
                ),
            ],
            BuyAlso = _ => "a spacer bar for the plate",
            Stitch = ask =>
            {
                var need = (ask.Wants.Gap ?? Mm(3)) + 2 * (ask.Wants.Bite ?? Mm(1.2));
                // As the planning does: rounded up to the half millimetres of a dial.
                var width = Rounding.Up(need, Mm(0.5));
                return new(
                    "wide decorative, reaching to both sides",
                    "It jumps from fold to fold.",
                    Mm(2.5),
                    "Long enough to see each bar of thread.",
                    "",
                    width,
                    width,
                    "The gap and two bites: it has to bite both folds at its widest."
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
            Speed = new("half", "Feed slowly, and stop often."),
            Presser = new("needle stop down", "Stop and see that both folds still touch the bar."),
            Preparation = new(
                "press folds of 10 to 13 mm",
                "A firm fold gives the stitch something to bite."
            ),
            Checks = ["Both folds touch the bar.", "The stitch bites both folds."],
            Alternatives =
            [
                new("a cord down the middle", "The stitch goes over it; firmer and fuller."),
                new("basted to paper, then sewn", "No spacer needed; the paper is torn off."),
            ],
            Instead = "Work the bars by hand, the folds basted to paper.",
            Looks =
            [
                Right,
                Look(
                    "missed-fold",
                    "a fold was missed",
                    "The stitch fell into the gap.",
                    Try(
                        "wider",
                        "Make the stitch half a millimetre wider.",
                        "It has to bite both folds."
                    ),
                    Try("narrower-gap", "Take a thinner spacer.", "The machine is at its widest."),
                    Try("slower", "Sew slower and stop oftener.", "A fold drifted off the bar.")
                ),
                Look(
                    "pulled-together",
                    "the gap closes",
                    "The folds are drawn together.",
                    Try(
                        "looser-tension",
                        "Loosen the needle tension half a step.",
                        "The thread pulls the folds in."
                    ),
                    Try("stabiliser", "Put a wash-away under the gap.", "It holds the folds apart.")
                ),
                LoopsBelow,
            ],
        };
}

/// <summary>A ribbon laid in folds.</summary>
internal static class FoldedRibbonCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "folded-ribbon",
            Title = "ribbon laid in folds",
            Says = "A narrow ribbon folded to and fro across the line, caught at every turn.",
            Fields = [Wants.StitchLengthField],
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
            Speed = new("half", "Stop after each sequence, and fold."),
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
                new("you count", "Any machine; the count is yours."),
            ],
            Instead = "Catch each fold by hand.",
            Looks =
            [
                Right,
                Look(
                    "uneven-band",
                    "the band is uneven",
                    "Some legs are longer.",
                    Try(
                        "count",
                        "Count the stitches between folds.",
                        "Each leg has to advance alike."
                    ),
                    Try("mark", "Mark the folds on the ribbon.", "The eye follows marks.")
                ),
                Look(
                    "not-caught",
                    "a fold came loose",
                    "The sequence missed it.",
                    Try("shorter-stitch", "Shorten the stitch.", "More stitches in each catch."),
                    Try(
                        "fold-nearer",
                        "Fold nearer to the needle.",
                        "The catch has to go through both legs."
                    )
                ),
                Skips,
            ],
        };
}
