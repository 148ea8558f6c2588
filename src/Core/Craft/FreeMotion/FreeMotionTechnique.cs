using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Drawings;
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
            Kin = Kin.FreeMotion,
            Says = FreeMotionCard.Technique.Says,
            Cards = [FreeMotionCard.Technique],
            ToldToCard = ToldToCard,
            Working = new()
            {
                Begin = "Free-motion stitching",
                Mark = Mark(),
                Straight = new Form(
                    "",
                    "How to sew it free-motion",
                    Fields.All,
                    Answer.Told,
                    RawAsk.Of(
                        ("kind", Fields.Meandered),
                        ("width", "30 cm"),
                        ("height", "20 cm"),
                        ("lineSpacing", "10 mm"),
                        ("stitchLength", "2.5 mm"),
                        ("machineSpeed", 600),
                        ("layers", 3),
                        ("held", Fields.Basted)
                    ),
                    Answer.Of
                ),
                Turned = [PaceQuestion.Form, HandSwatch.Form],
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
                        "maxStitchWidth"
                    ),
                ],
                First = new(
                    "width",
                    "How wide is the field?",
                    "Choose what is sewn; it is drawn here stitch by stitch as you type."
                ),
                Stages = Working.StagesWithoutCut,
                Uses = ["foot", "thread", "stabiliser"],
                Cautions = Hazards,
                Swatch = HandSwatch.Described,
            },
        };

    /// <summary>A zigzag is another way of the card’s, as wide as it is planned; elastic is a third. A straight stitch has no width to be told.</summary>
    private static RawAsk ToldToCard(RawAsk ask)
    {
        var reader = new AskReader(ask, Ruler.Metric);
        var isFilled = reader.OptionalChoice(Fields.Kind) is Fields.Fill or Fields.Lettered;
        var isZigzag =
            isFilled && reader.OptionalLength(Fields.StitchWidth) >= Wants.StitchWidthField.Least;
        var told = isZigzag ? ask : ask.Without(Fields.StitchWidth.Name);
        return ask.TryGet("school", out _) ? told
            : isZigzag ? told.With("school", RawValue.Of("fill"))
            : reader.Flag(Fields.Elastic) ? told.With("school", RawValue.Of("texture"))
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
