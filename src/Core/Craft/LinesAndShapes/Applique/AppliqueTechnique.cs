using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>Appliqué, as the rest of the program knows it: shapes, the stitch that fits them, and where the work is turned.</summary>
internal static class AppliqueTechnique
{
    /// <summary>Its hazards.</summary>
    public static IReadOnlyList<Caution> Hazards { get; } = [Safety.Needle, Safety.Iron, Fumes];

    private static Caution Fumes =>
        new(
            "adhesive",
            "Fusible and spray adhesives: ventilate, keep them from heat and from the machine’s vents, and try the iron on a spare piece.",
            Stage.Cut,
            Stage.Sew
        );

    public static Technique Technique { get; } =
        new()
        {
            Name = AppliqueCard.Technique.Name,
            Title = AppliqueCard.Technique.Title,
            Short = "Appliqué",
            Also = ["applique", "patch", "satin stitch", "blanket stitch", "fusible", "sticky"],
            Kin = Category.Shapes,
            Says = AppliqueCard.Technique.Says,
            Cards = [AppliqueCard.Technique],
            ToldToCard = Told,
            Process = new()
            {
                Begin = "Appliqué",
                Mark = ShapeDrawing.Picture("mark", "A heart on a base fabric.", [Mark]),
                Forward = new Calculation(
                    "",
                    "How to sew it on",
                    AppliqueFields.All,
                    AppliqueFigures.All,
                    RawInputs.Of(
                        ("shape", "leaf"),
                        ("shapeWidth", "70 mm"),
                        ("shapeHeight", "32 mm"),
                        ("piece", "leaf"),
                        ("x", "48 mm"),
                        (
                            "over",
                            RawValue.Of([
                                RawValue.Of(
                                    RawInputs.Of(
                                        ("piece", "root"),
                                        ("shape", "heart"),
                                        ("shapeWidth", "80 mm"),
                                        ("shapeHeight", "84 mm"),
                                        ("y", "26 mm"),
                                        ("colour", "#7a1f3f")
                                    )
                                ),
                            ])
                        ),
                        ("stitch", AppliqueFields.Blanket),
                        ("repeat", "2.8 mm"),
                        ("bite", "2.5 mm")
                    ),
                    AppliquePlan.Of
                ),
                Inverses = [CornerSwatch.Form],
                Groups =
                [
                    new(Asking.First, "", "made", "stitch", "repeat"),
                    new(
                        Asking.First,
                        "",
                        [
                            .. LineFields.Group.Where(f =>
                                f is not ("closed" or "repeats" or "mirrored")
                            ),
                        ]
                    ),
                    new(Asking.First, "", "over"),
                    new(
                        Asking.Folded,
                        "Stitch",
                        "bite",
                        "secondPass",
                        "allowance",
                        "repeatRange",
                        "repeatStep",
                        "dialFactor",
                        "maxStitchWidth",
                        "footOpening",
                        "needleMoved",
                        "needleSize",
                        "machineSpeed"
                    ),
                    new(
                        Asking.Folded,
                        "The first shape",
                        "piece",
                        "colour",
                        "x",
                        "y",
                        "turn",
                        "flipped"
                    ),
                    new(
                        Asking.Folded,
                        "Corners and layers",
                        "cornerAngle",
                        "tolerance",
                        "under",
                        "heldBy",
                        "firmGround",
                        "clothThickness"
                    ),
                ],
                First = new(
                    "shapeWidth",
                    "How large is the shape?",
                    "Choose one, build it, or read it from a file. It is drawn here with every stitch as you type."
                ),
                Uses = ["foot", "thread", "stabiliser"],
                Cautions = Hazards,
                Swatch = CornerSwatch.Described,
            },
        };

    private static ShapeOn Mark =>
        new(
            1,
            "heart",
            NamedShape
                .All.First(s => s.Name == "heart")
                .At(
                    new ShapeSize(
                        Length.FromMillimetres(60),
                        Length.FromMillimetres(56),
                        5,
                        Length.Zero,
                        Length.Zero,
                        ""
                    )
                ),
            [false],
            "",
            "",
            false
        );

    /// <summary>The card has its own names for what the plan says.</summary>
    private static RawInputs Told(RawInputs ask)
    {
        foreach (
            var (here, there) in new[]
            {
                (AppliqueFields.Stitch.Name, "school"),
                (AppliqueFields.Repeat.Name, Card.Wants.StitchLengthField.Name),
                (AppliqueFields.Bite.Name, Card.Wants.StitchWidthField.Name),
            }
        )
        {
            // What the plan came to counts before what was asked.
            if (ask.TryGet(here, out var said) && !ask.TryGet(there, out _))
            {
                ask = ask.With(there, said);
            }
        }
        return ask;
    }
}
