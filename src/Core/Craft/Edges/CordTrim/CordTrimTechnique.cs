using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.Edges.CordTrim;

/// <summary>Ready-made cord trim, as the rest of the program knows it: a cord with a flange, and an edge.</summary>
internal static class CordTrimTechnique
{
    /// <summary>What helps where trim sticks, and what it asks for.</summary>
    public static Caution Glide { get; } =
        new(
            "lubricant",
            "Lubricants for needles and feet are breathed in and burn: use a touch, open the window, keep it away from heat and flame, and "
                + "follow what is written on it.",
            Stage.Sew
        );

    /// <summary>Its hazards.</summary>
    public static IReadOnlyList<Caution> Hazards { get; } =
    [Safety.Needle, Safety.Pins, Glide, Safety.Cords];

    public static Technique Technique { get; } =
        new()
        {
            Name = CordTrimCard.Technique.Name,
            Title = CordTrimCard.Technique.Title,
            Short = "Cord trim",
            Also = ["lip cord", "flanged cord", "rope", "cushion", "zip", "zipper"],
            Kin = Category.Edges,
            Says = CordTrimCard.Technique.Says,
            Cards = [CordTrimCard.Technique],
            ToldToCard = ask =>
                ask.Also(CordTrimFields.CordDiameter.Name, Card.Wants.CordField.Name),
            Process = new()
            {
                Begin = "Cord trim with a lip",
                Mark = Mark(),
                Forward = new Calculation(
                    "",
                    "How to sew it on",
                    CordTrimFields.All,
                    CordTrimFigures.All,
                    RawInputs.Of(
                        ("made", CordedFields.Cushion),
                        ("cushionWidth", "45 cm"),
                        ("cushionHeight", "45 cm"),
                        ("plumpness", "full"),
                        ("cordDiameter", "6 mm"),
                        ("flangeWidth", "10 mm"),
                        ("plies", 3),
                        ("stiffness", "soft"),
                        ("seamAllowance", "12 mm"),
                        ("overlap", "80 mm"),
                        ("clothWidth", "140 cm"),
                        ("withFoot", CordedFields.Zipper),
                        ("presserLift", "9 mm"),
                        ("zip", true)
                    ),
                    CordTrimPlan.Of
                ),
                Inverses = [EasedSwatch.Form],
                Groups =
                [
                    new(Asking.First, "", "cordDiameter", "plies", "stiffness"),
                    new(Asking.First, "", CordedFields.Group),
                    new(
                        Asking.First,
                        "",
                        "zip",
                        "zipSide",
                        "zipSewnUp",
                        "zipAtHand",
                        "zipOrder",
                        "leastSeen",
                        "withFoot"
                    ),
                    new(
                        Asking.Folded,
                        "Flange, seam and ends",
                        "flangeWidth",
                        "seamAllowance",
                        "overlap",
                        "cornerRadius"
                    ),
                    new(Asking.Folded, "Fabric", "clothWidth", "clothAtHand", "faceThickness"),
                    new(
                        Asking.Folded,
                        "Foot and needle",
                        [
                            .. CordedFields
                                .OfFoot.Select(f => f.Name)
                                .Where(n => n != CordedFields.Foot.Name),
                            "stitchLength",
                        ]
                    ),
                    FieldGroup.Alike,
                    new(Asking.Cut, "", "clothAtHand"),
                ],
                First = new(
                    "cordDiameter",
                    "How thick is the trim?",
                    "Lay the cord, without its flange, between two straight edges and measure the gap. Then say what it goes round."
                ),
                Uses = ["foot", "cord", "thread"],
                Cautions = Hazards,
                Swatch = EasedSwatch.Described,
            },
        };

    private static Drawing Mark() =>
        EdgeDrawing.Picture(
            "mark",
            "A round cushion with a cord about it.",
            CordedEdge.Of(Affine.Move(30, 0).Of(Legs.Walked([new Curve(24, 360)], true)), 4)
        );
}
