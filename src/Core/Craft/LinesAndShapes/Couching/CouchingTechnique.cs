using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>Couching, as the rest of the program knows it: a line, a cord, and where the work is turned.</summary>
internal static class CouchingTechnique
{
    /// <summary>Its hazards.</summary>
    public static IReadOnlyList<Caution> Hazards { get; } =
    [Safety.Needle, Safety.Iron, Safety.Cords];

    public static Technique Technique { get; } =
        new()
        {
            Name = CouchingCard.Technique.Name,
            Title = CouchingCard.Technique.Title,
            Short = "Couching",
            Also = ["cord", "braid", "yarn", "soutache"],
            Kin = Category.Lines,
            Says = CouchingCard.Technique.Says,
            Cards = [CouchingCard.Technique],
            ToldToCard = ask =>
                ask.Also(CouchingFields.CordDiameter.Name, Card.Wants.CordField.Name),
            Process = new()
            {
                Begin = "Couching a cord",
                Mark = Mark(),
                Forward = new Calculation(
                    "",
                    "How to couch it",
                    CouchingFields.All,
                    CouchingFigures.All,
                    RawInputs.Of(
                        ("path", Vine),
                        ("cordDiameter", "3 mm"),
                        ("needleSize", 90),
                        ("maxStitchWidth", "7 mm"),
                        ("stitchLength", "3.2 mm"),
                        ("taper", "20 mm"),
                        ("clothThickness", "0.6 mm")
                    ),
                    CouchingPlan.Of
                ),
                Inverses = [RolledStrip.Form, CordSwatch.Form],
                Groups =
                [
                    new(
                        Asking.First,
                        "",
                        "cordDiameter",
                        "cordFrom",
                        "stripThickness",
                        "stripPiece",
                        "stripWidth",
                        "made"
                    ),
                    new(Asking.First, "", LineFields.Group),
                    new(
                        Asking.Folded,
                        "Stitch and machine",
                        "stitchLength",
                        "maxStitchWidth",
                        "needleSize",
                        "clearance",
                        "widthStep",
                        "footRelief",
                        "footHole",
                        "machineSpeed"
                    ),
                    new(
                        Asking.Folded,
                        "Base fabric and cord",
                        "ground",
                        "clothThickness",
                        "stiffness",
                        "cords"
                    ),
                    new(Asking.Folded, "Turns and ends", "curves", "tolerance", "taper"),
                ],
                First = new(
                    "cordDiameter",
                    "How thick is the cord?",
                    "Lay it between two straight edges and measure the gap. Then build the line it runs along."
                ),
                Allows =
                [
                    new(
                        RolledStrip.Form.Name,
                        "stripWidth",
                        "cordDiameter",
                        "A strip that is cut already rolls up to",
                        "cordDiameter"
                    ),
                ],
                Stages = Process.StagesWithoutCut,
                Uses = ["foot", "cord", "thread", "stabiliser"],
                Cautions = Hazards,
                Swatch = CordSwatch.Described,
            },
        };

    /// <summary>The gate banner’s vine: a stem that bends to one side and the other, and a sharp corner at the post.</summary>
    private static RawValue Vine =>
        RawValue.Of([
            Part(("straight", "80 mm")),
            Part(("radius", "45 mm"), ("sweep", 120)),
            Part(("radius", "60 mm"), ("sweep", -150)),
            Part(("corner", 90)),
            Part(("straight", "110 mm")),
        ]);

    private static RawValue Part(params (string, object)[] says) => RawValue.Of(RawInputs.Of(says));

    private static Drawing Mark()
    {
        IReadOnlyList<Leg> legs = [new Curve(30, 120), new Curve(30, -200), new Curve(18, 160)];
        return CordDrawing.Picture(
            "mark",
            "A cord laid in bends.",
            [Traced.Of(Legs.Walked(legs, false))]
        );
    }
}
