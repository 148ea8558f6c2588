using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.Edges.FinePiping;

/// <summary>Fine piping, as the rest of the program knows it: twisted thread, a groove, and an edge.</summary>
internal static class FinePipingTechnique
{
    /// <summary>Its hazards.</summary>
    public static IReadOnlyList<Caution> Hazards { get; } =
    [Safety.Needle, Safety.Pins, Safety.Iron];

    public static Technique Technique { get; } =
        new()
        {
            Name = FinePipingCard.Technique.Name,
            Title = FinePipingCard.Technique.Title,
            Short = "Fine piping",
            Also = ["cording", "narrow piping", "couture"],
            Kin = Category.Edges,
            Says = FinePipingCard.Technique.Says,
            Cards = [FinePipingCard.Technique],
            Process = new()
            {
                Begin = "Very fine piping",
                Mark = Mark(),
                Forward = new Calculation(
                    "",
                    "How to pipe it",
                    FinePipingFields.All,
                    FinePipingFigures.All,
                    RawInputs.Of(
                        ("made", CordedFields.Listed),
                        ("edges", new[] { "62 cm" }),
                        ("strands", 4),
                        ("wraps", 24),
                        ("wrapSpan", "10 mm"),
                        ("clothThickness", "0.15 mm"),
                        ("seamAllowance", "8 mm"),
                        ("clothWidth", "140 cm"),
                        ("grooveWidth", "1.6 mm"),
                        ("footOpening", "7 mm")
                    ),
                    FinePipingPlan.Of
                ),
                Inverses = [StrandsQuestion.Form, EvenSwatch.Form],
                Groups =
                [
                    new(
                        Asking.First,
                        "",
                        "wraps",
                        "wrapSpan",
                        "strands",
                        "cordOf",
                        "rollThickness",
                        "grooveWidth",
                        "leastSeen"
                    ),
                    new(Asking.First, "", CordedFields.Group),
                    new(
                        Asking.Folded,
                        "Fabric for the strips",
                        [
                            .. BiasFields.Cutting,
                            .. BiasFields.Cloth,
                            "clothThickness",
                            "readyBinding",
                        ]
                    ),
                    new(Asking.Folded, "From an offcut", BiasFields.OfRemnant),
                    new(
                        Asking.Folded,
                        "Flange, corners and stitch",
                        "seamAllowance",
                        "overlap",
                        "cornerRadius",
                        "faceThickness",
                        "stitchLength"
                    ),
                    new(
                        Asking.Folded,
                        "Foot and needle",
                        [
                            .. CordedFields
                                .OfFoot.Select(f => f.Name)
                                .Where(n => n != CordedFields.Groove.Name),
                        ]
                    ),
                    new(Asking.Folded, "A binding with this piping", "bindingWidth"),
                    FieldGroup.Alike,
                    new(Asking.Cut, "", "clothAtHand"),
                ],
                First = new(
                    "wraps",
                    "How many wraps of the thread?",
                    "Wind it round a pencil, side by side, and count what lies on 10 mm: that says how thick it is."
                ),
                Allows =
                [
                    new(
                        StrandsQuestion.Form.Name,
                        "grooveWidth",
                        "strands",
                        "Strands that fit this groove:",
                        "strands"
                    ),
                ],
                Uses = ["foot", "thread"],
                Cautions = Hazards,
                Swatch = EvenSwatch.Described,
            },
        };

    private static Drawing Mark() =>
        EdgeDrawing.Picture(
            "mark",
            "A neckline with a piping as fine as a thread.",
            CordedEdge.Of(
                Legs.Walked([new Straight(20), new Curve(22, 150), new Straight(20)], false),
                4
            )
        );
}
