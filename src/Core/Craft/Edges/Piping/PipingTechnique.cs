using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>Piping, as the rest of the program knows it: a cord, its covering, and an edge.</summary>
internal static class PipingTechnique
{
    /// <summary>Its hazards.</summary>
    public static IReadOnlyList<Caution> Hazards { get; } =
    [Safety.Needle, Safety.Pins, Safety.Iron];

    public static Technique Technique { get; } =
        new()
        {
            Name = PipingCard.Technique.Name,
            Title = PipingCard.Technique.Title,
            Short = "Piping",
            Also = ["cording", "welt", "cushion", "bias strips", "zip", "zipper"],
            Kin = Category.Edges,
            Says = PipingCard.Technique.Says,
            Cards = [PipingCard.Technique],
            ToldToCard = ask => ask.Also(PipingFields.CordDiameter.Name, Card.Wants.CordField.Name),
            Process = new()
            {
                Begin = "Piping",
                Mark = Mark(),
                Forward = new Calculation(
                    "",
                    "How to pipe it",
                    PipingFields.All,
                    PipingFigures.All,
                    RawInputs.Of(
                        ("made", CordedFields.Cushion),
                        ("cushionWidth", "40 cm"),
                        ("cushionHeight", "28 cm"),
                        ("cordDiameter", "4 mm"),
                        ("clothThickness", "0.34 mm"),
                        ("seamAllowance", "12 mm"),
                        ("overlap", "40 mm"),
                        ("joinAllowance", "8 mm"),
                        ("clothWidth", "140 cm"),
                        ("grooveWidth", "5 mm"),
                        ("footOpening", "9 mm"),
                        ("zip", true)
                    ),
                    PipingPlan.Of
                ),
                Inverses = [RemnantQuestion.Form, WrappedSwatch.Form],
                Groups =
                [
                    new(
                        Asking.First,
                        "",
                        "cordDiameter",
                        "zip",
                        "zipSide",
                        "zipSewnUp",
                        "zipAtHand",
                        "rounds",
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
                        "Cord, flange and corners",
                        "preShrunk",
                        "cordShrinks",
                        "seamAllowance",
                        "overlap",
                        "cornerRadius",
                        "faceThickness"
                    ),
                    new(
                        Asking.Folded,
                        "Foot and needle",
                        [.. CordedFields.OfFoot.Select(f => f.Name), "stitchLength"]
                    ),
                    FieldGroup.Alike,
                    new(Asking.Cut, "", "clothAtHand"),
                ],
                First = new(
                    "cordDiameter",
                    "How thick is the cord?",
                    "Lay it between two straight edges and measure the gap. Then say what it goes round."
                ),
                Allows =
                [
                    new(
                        RemnantQuestion.Form.Name,
                        "remnantWidth",
                        "gives",
                        "Strip length from this offcut:",
                        ""
                    ),
                ],
                Uses = ["foot", "cord", "thread"],
                Cautions = Hazards,
                Swatch = WrappedSwatch.Described,
            },
        };

    private static Drawing Mark() =>
        EdgeDrawing.Picture(
            "mark",
            "A cushion with a cord round its edge.",
            CordedEdge.Of(Path.Rectangle(Length.FromMillimetres(70), Length.FromMillimetres(44)), 9)
        );
}
