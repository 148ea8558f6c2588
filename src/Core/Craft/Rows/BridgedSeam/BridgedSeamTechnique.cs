using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>Bridged seams, as the rest of the program knows them.</summary>
internal static class BridgedSeamTechnique
{
    /// <summary>The two bridges of the tea-tent runner.</summary>
    public static RawInputs Example { get; } =
        RawInputs.Of(
            ("totalWidth", "42 cm"),
            ("seamLength", "150 cm"),
            ("bridges", 2),
            ("gap", 3),
            ("foldAllowance", "12 mm"),
            ("outerAllowance", "20 mm"),
            ("bite", 1.2),
            ("maxStitchWidth", 7),
            ("widthStep", 0.5),
            ("cordDiameter", 1),
            ("clothWeight", 180)
        );

    /// <summary>Its hazards.</summary>
    public static IReadOnlyList<Caution> Hazards { get; } =
    [Safety.Needle, Safety.Pins, Safety.Iron, Bar, Safety.Cords];

    private static Caution Bar =>
        new(
            "bar",
            "A bar that stands under the needle’s swing breaks it: turn the wheel through one whole swing after it is fixed, and wear something over the eyes.",
            Stage.SetUp,
            Stage.Sew
        );

    public static Technique Technique { get; } =
        new()
        {
            Name = BridgedSeamCard.Technique.Name,
            Title = BridgedSeamCard.Technique.Title,
            Short = "Bridged seam",
            Also =
            [
                "faggoting",
                "bridging",
                "bridged seam",
                "gap",
                "lace insertion",
                "ribbon insertion",
            ],
            Kin = Category.Rows,
            Says = BridgedSeamCard.Technique.Says,
            Cards = [BridgedSeamCard.Technique],
            Process = new()
            {
                Begin = "Open seam",
                Mark = BridgePicture.Of(
                    "mark",
                    "Two folds with a stitch across the gap.",
                    BookStitch.Typed(Length.FromMillimetres(6), Length.FromMillimetres(5))
                ),
                Forward = new Calculation(
                    "",
                    "What to cut, and how wide to set the stitch",
                    BridgedSeamFields.All,
                    BridgedSeamFigures.All,
                    Example,
                    BridgedSeamPlan.Of
                ),
                Inverses =
                [
                    BridgedSeamInverses.FromStitch,
                    BridgedSeamInverses.FromPanels,
                    BridgeSwatch.Form,
                ],
                Groups =
                [
                    new(Asking.First, "", "totalWidth", "seamLength", "bridges", "gap"),
                    new(Asking.First, "", "candidates"),
                    new(
                        Asking.Machine,
                        "",
                        "heldBy",
                        "bars",
                        "cardThickness",
                        "maxStitchWidth",
                        "bite"
                    ),
                    new(Asking.Folded, "A cord in the gap", "cordDiameter"),
                    new(
                        Asking.Folded,
                        "Panels that differ, lace and ribbon",
                        "panelWidths",
                        "readyMade"
                    ),
                    new(
                        Asking.Folded,
                        "Folds and edges",
                        "foldAllowance",
                        "outerAllowance",
                        "endAllowance"
                    ),
                    new(Asking.Folded, "Work backwards", "patternWidth", "panelAtHand"),
                    new(
                        Asking.Folded,
                        "Stitch",
                        "program",
                        "footAsked",
                        "stitchLength",
                        "widthStep",
                        "leader",
                        "footOpening",
                        "plateOpening",
                        "needleSize"
                    ),
                    new(Asking.Folded, "Fabric", "clothWeight", "clothThickness", "clothWidth"),
                    FieldGroup.Alike,
                ],
                First = new(
                    "totalWidth",
                    "How wide is the finished piece?",
                    "All panels and gaps together, between the outer edges. The gaps are a part of it."
                ),
                Allows =
                [
                    new(
                        "gap-from-stitch",
                        "maxStitchWidth",
                        "gap",
                        "Widest gap your stitch can span:",
                        "gap"
                    ),
                    new(
                        "total-from-panels",
                        "panelAtHand",
                        "totalWidth",
                        "Those panels give a total width of",
                        "totalWidth",
                        "totalWidth"
                    ),
                ],
                Uses = ["foot", "needle", "cord", "thread", "stabiliser"],
                Quality = new("as even as the folds keep to the bar", false),
                Cautions = Hazards,
                Swatch = BridgeSwatch.Described,
            },
        };
}
