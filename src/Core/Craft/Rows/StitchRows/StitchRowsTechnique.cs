using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>Rows of decorative stitches, as the rest of the program knows them.</summary>
internal static class StitchRowsTechnique
{
    /// <summary>The middle of the tea-tent runner.</summary>
    public static RawInputs Example { get; } =
        RawInputs.Of(
            ("layout", StitchRowsFields.Field),
            ("width", "40 cm"),
            ("height", "60 cm"),
            ("angle", 45),
            ("rowGap", 14),
            (
                "pattern",
                new[]
                {
                    RawInputs.Of(
                        ("name", "leaf stem"),
                        ("number", "23"),
                        ("stitchWidth", 6),
                        ("repeatLength", 9.6),
                        ("stitchLength", 2.5),
                        ("look", "leaf")
                    ),
                    RawInputs.Of(
                        ("name", "wave"),
                        ("number", "11"),
                        ("stitchWidth", 5),
                        ("repeatLength", 15.5),
                        ("stitchLength", 2.5),
                        ("look", "wave")
                    ),
                }
            ),
            ("fit", StitchRowsFields.Whole),
            ("repeatRange", 1),
            ("stabilised", true),
            ("clothWeight", 180),
            ("assurance", 0.9)
        );

    /// <summary>Its hazards.</summary>
    public static IReadOnlyList<Caution> Hazards { get; } =
    [Safety.Needle, Safety.Pins, Safety.Iron, Spray];

    private static Caution Spray =>
        new(
            "spray",
            "Spray adhesive under a stabiliser: ventilate, keep it away from heat and from the machine’s vents, and wipe the needle.",
            Stage.Sew
        );

    public static Technique Technique { get; } =
        new()
        {
            Name = StitchRowsCard.Technique.Name,
            Title = StitchRowsCard.Technique.Title,
            Short = "Rows",
            Also =
            [
                "decorative stitches",
                "embroidery",
                "border",
                "texture",
                "letters",
                "monogram",
                "words",
            ],
            Kin = Category.Rows,
            Says = StitchRowsCard.Technique.Says,
            Cards = [StitchRowsCard.Technique],
            Process = new()
            {
                Begin = "Rows of decorative stitches",
                Mark = RowsPicture.Of(
                    "mark",
                    "Slanted rows of leaves and waves.",
                    -45,
                    [
                        BookStitch.Typed(Length.FromMillimetres(6), Length.FromMillimetres(10)) with
                        {
                            Look = "leaf",
                        },
                        BookStitch.Typed(Length.FromMillimetres(6), Length.FromMillimetres(10)) with
                        {
                            Look = "wave",
                        },
                    ]
                ),
                Forward = new Calculation(
                    "",
                    "What to cut, set and sew, row by row",
                    StitchRowsFields.All,
                    StitchRowsFigures.All,
                    Example,
                    StitchRowsPlan.Of
                ),
                Inverses =
                [
                    StitchRowsInverses.FromRows,
                    StitchRowsInverses.FromThread,
                    StitchRowsInverses.FromPiece,
                    StitchRowsInverses.LeastBare,
                    StitchOut.Form,
                ],
                Groups =
                [
                    new(Asking.First, "", "layout"),
                    new(
                        Asking.First,
                        "",
                        "width",
                        "height",
                        "angle",
                        "waveHeight",
                        "waveLength",
                        "borderRows",
                        "borderInset"
                    ),
                    new(Asking.First, "", "pattern", "stitchWidth", "repeatLength"),
                    new(Asking.Folded, "Words", "words"),
                    new(Asking.Machine, "", "rowGap", "footEdge", "guided"),
                    new(Asking.Cut, "", "assurance"),
                    new(Asking.Folded, "How rows end", "fit", "repeatRange"),
                    new(
                        Asking.Folded,
                        "How it is cut larger",
                        "stabilised",
                        "cutBy",
                        "oversize",
                        "seamAllowance",
                        "assurance"
                    ),
                    new(Asking.Folded, "Order", "direction"),
                    new(
                        Asking.Folded,
                        "Work backwards",
                        "rowsWanted",
                        "threadAtHand",
                        "pieceAcross",
                        "pieceDown"
                    ),
                    new(Asking.Folded, "Fabric", "clothWeight", "clothThickness", "clothWidth"),
                    new(
                        Asking.Folded,
                        "Machine and thread",
                        "widestStitch",
                        "footOpening",
                        "plateOpening",
                        "needleSize",
                        "needleSpacing",
                        "dialStep",
                        "bobbinCapacity",
                        "tail"
                    ),
                    FieldGroup.Alike,
                ],
                First = new(
                    "width",
                    "How wide is the finished piece?",
                    "As it is after trimming. Then say how high it is, and take a stitch from the book."
                ),
                Either = ["rowGap", "footEdge"],
                Allows =
                [
                    new(
                        "gap-from-rows",
                        "rowsWanted",
                        "gap",
                        "Spacing for that many rows:",
                        "rowGap",
                        "footEdge"
                    ),
                    new(
                        "rows-from-thread",
                        "threadAtHand",
                        "gap",
                        "Row spacing this thread allows:",
                        "rowGap",
                        "footEdge"
                    ),
                    new(
                        "size-from-piece",
                        "pieceAcross",
                        "across",
                        "Finished width from this piece:",
                        "width"
                    ),
                    new(
                        "size-from-piece",
                        "pieceDown",
                        "down",
                        "and a finished height of",
                        "height"
                    ),
                    new(
                        "angle-of-least-bare",
                        "angle",
                        "angle",
                        "Best angle for whole pattern repeats:",
                        "angle"
                    ),
                ],
                Uses = ["foot", "needle", "thread", "stabiliser"],
                Quality = new("as even as the first row is straight", false),
                Cautions = Hazards,
                Swatch = StitchOut.Described,
            },
        };
}
