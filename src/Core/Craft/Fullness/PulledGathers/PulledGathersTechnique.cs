using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Craft.Fullness.PulledGathers;

/// <summary>Gathering by pulled threads, as the rest of the program knows it.</summary>
public static class PulledGathersTechnique
{
    public static Technique Technique { get; } =
        new()
        {
            Name = "pulled-gathers",
            Title = "gathering, pulled by hand",
            Short = "Pulled threads",
            Also = ["gathers", "basting", "ruffle", "frill", "flounce", "skirt"],
            Kin = Category.Fullness,
            Says =
                "A longer edge drawn up evenly to fit a shorter one: tiers, sleeve caps, frills, curtains, valances.",
            Cards = [PulledGathersCard.Technique, OverThreadsCard.Technique],
            CardFor = ask =>
                IsOverThreads(ask) ? OverThreadsCard.Technique : PulledGathersCard.Technique,
            // The zigzag's width is the card's stitch width.
            ToldToCard = ask =>
                IsOverThreads(ask) && ask.TryGet(StripFields.ZigzagWidth.Name, out var width)
                    ? ask.With(Wants.StitchWidthField.Name, width)
                    : ask,
            Process = new()
            {
                Begin = "Gathering with basting threads",
                Mark = InShort.Mark("Soft gathers under two rows of stitches.", 2.2, 6, 10, 13),
                Forward = new Calculation(
                    "",
                    "What to cut, mark and sew",
                    StripFields.All,
                    PulledGathersFigures.All,
                    PulledGathersExample.Awning,
                    PulledGathersPlan.Of
                ),
                Inverses =
                [
                    ClothForms.Fullness,
                    ClothForms.Edge,
                    SwatchForm.For(
                        PulledGathersCard.Technique.Looks,
                        countsSteamed: false,
                        canPlan: true
                    ),
                    PulledHalfWay.Of(
                        StripFields.All,
                        PulledGathersExample.Awning,
                        ["17 cm", "16.8 cm"],
                        StripReckon.Straight
                    ),
                ],
                Groups =
                [
                    new(
                        Asking.First,
                        "",
                        "finishedEdge",
                        "closed",
                        "finishedDepth",
                        "seamAllowance",
                        "hemAllowance"
                    ),
                    new(Asking.Machine, "", "fullness", "doubled", "rows"),
                    new(
                        Asking.Folded,
                        "Fabric",
                        "clothWidth",
                        "clothAtHand",
                        "clothWeight",
                        "clothThickness",
                        "cut",
                        "stripsAlong",
                        "use"
                    ),
                    new(
                        Asking.Folded,
                        "Seam allowances and stitching",
                        "joinAllowance",
                        "endAllowance",
                        "rowGap",
                        "stitchLength",
                        "longestStitch",
                        "zigzagWidth",
                        "tail",
                        "bobbinCapacity",
                        "plainThickness"
                    ),
                    FieldGroup.Alike,
                ],
                First = FullnessGroups.Edge,
                Allows =
                [
                    new(
                        ClothForms.Fullness.Name,
                        "clothAtHand",
                        "greatestFullness",
                        "a fullness on this edge of",
                        "fullness"
                    ),
                    new(
                        ClothForms.Edge.Name,
                        "clothAtHand",
                        "longestEdge",
                        "or, at this fullness, an edge of",
                        "finishedEdge"
                    ),
                ],
                Scale = InShort.Scale(),
                Quality = new("as even as you spread it", true),
                AsWay = PulledWays.AsWay,
                Cautions = Safety.Gathers,
                Swatch = SwatchForm.Measured(),
                Compare = (then, now, ruler) =>
                    SinceCut.Between(
                        ((PulledGathersPlan)then).Strips,
                        ((PulledGathersPlan)now).Strips,
                        ruler
                    ),
            },
        };

    private static bool IsOverThreads(RawInputs ask) =>
        ask.TryGet(StripFields.Rows.Name, out var rows)
        && RowScheme.All.Any(r => r.IsOverThreads && r.Choice.Name == rows.Text);
}
