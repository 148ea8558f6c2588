using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>Free motion, as the rest of the program knows it: the hands move the cloth, and the machine only sews.</summary>
internal static class FreeMotionTechnique
{
    public static Caution Fingers { get; } =
        new(
            "fingers",
            "Nothing stands between needle and fingers: hold the hoop by its rim or lay flat hands a hand's breadth from the needle, and "
                + "lift your foot from the control before you reach in.",
            Stage.SetUp,
            Stage.Sew
        );

    /// <summary>Its hazards.</summary>
    public static IReadOnlyList<Caution> Hazards { get; } =
    [Safety.Needle, Safety.Pins, Safety.Iron, Fingers];

    public static Technique Technique { get; } =
        new()
        {
            Name = FreeMotionCard.Technique.Name,
            Title = FreeMotionCard.Technique.Title,
            Short = "Free motion",
            Also =
            [
                "meander",
                "scribble",
                "wandering",
                "thread painting",
                "monogram",
                "lettering",
                "quilting",
                "feed dogs down",
            ],
            Kin = Category.FreeMotion,
            Says = FreeMotionCard.Technique.Says,
            Cards = [FreeMotionCard.Technique],
            ToldToCard = ToldToCard,
            Process = new()
            {
                Begin = "Free-motion stitching",
                Mark = Mark(),
                Forward = new Calculation(
                    "",
                    "How to sew it free-motion",
                    FreeMotionFields.All,
                    FreeMotionFigures.All,
                    RawInputs.Of(
                        ("kind", FreeMotionFields.Meandered),
                        ("width", "30 cm"),
                        ("height", "20 cm"),
                        ("lineSpacing", "10 mm"),
                        ("stitchLength", "2.5 mm"),
                        ("machineSpeed", 600),
                        ("layers", 3),
                        ("held", FreeMotionFields.Basted)
                    ),
                    FreeMotionPlan.Of
                ),
                Inverses = [PaceQuestion.Form, HandSwatch.Form],
                Groups =
                [
                    new(
                        Asking.First,
                        "",
                        "kind",
                        "width",
                        "height",
                        "lineSpacing",
                        "seed",
                        "text",
                        "capHeight",
                        "font",
                        "ring",
                        "made",
                        "shape",
                        "shapeWidth",
                        "shapeHeight",
                        "shapeCount",
                        "shapeCorner",
                        "shapeBand",
                        "path",
                        "outline",
                        "angle",
                        "stitchWidth"
                    ),
                    new(
                        Asking.Machine,
                        "",
                        "stitchLength",
                        "machineSpeed",
                        "handSpeed",
                        "fastest",
                        "passes"
                    ),
                    new(
                        Asking.Folded,
                        "Fabric and hoop",
                        "layers",
                        "held",
                        "hoopInside",
                        "clothThickness",
                        "clothWeight"
                    ),
                    new(
                        Asking.Folded,
                        "Bobbin and machine",
                        "elasticBobbin",
                        "bobbinCapacity",
                        "bobbinElastic",
                        "maxStitchWidth"
                    ),
                ],
                First = new(
                    "width",
                    "How wide is the field?",
                    "Choose what is sewn; it is drawn here stitch by stitch as you type."
                ),
                Stages = Process.StagesWithoutCut,
                Uses = ["foot", "thread", "stabiliser", "hoop"],
                Cautions = Hazards,
                Swatch = HandSwatch.Described,
            },
        };

    /// <summary>A zigzag is another way of the card’s, as wide as it is planned; elastic is a third. A straight stitch has no width to be told.</summary>
    private static RawInputs ToldToCard(RawInputs ask)
    {
        var reader = new InputReader(ask, Ruler.Metric);
        var isZigzag =
            reader.OptionalLength(FreeMotionFields.StitchWidth) >= Wants.StitchWidthField.Least;
        var told = isZigzag ? ask : ask.Without(FreeMotionFields.StitchWidth.Name);
        return ask.TryGet("school", out _) ? told
            : isZigzag ? told.With("school", RawValue.Of("fill"))
            : reader.Flag(FreeMotionFields.Elastic) ? told.With("school", RawValue.Of("texture"))
            : told;
    }

    private static Drawing Mark()
    {
        var (wide, high) = (Length.FromMillimetres(96), Length.FromMillimetres(56));
        return new Drawing(
            "mark",
            "",
            "One line that wanders and never meets itself.",
            wide,
            high,
            [
                new PathShape(
                    Path.Of(false, Meander.Of(wide, high, Length.FromMillimetres(10), 5)),
                    LineMeaning.Cord,
                    Width: Length.FromMillimetres(2)
                ),
            ],
            true
        );
    }
}
