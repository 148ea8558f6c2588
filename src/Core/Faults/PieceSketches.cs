using ZephyrReach.Core.Drawings;
using static ZephyrReach.Core.Faults.Sketch;

namespace ZephyrReach.Core.Faults;

/// <summary>Gathers, tucks, cords, corners and edges, as they look when something is wrong.</summary>
internal static class PieceSketches
{
    private static readonly double[] Even = [10, 22, 34, 46, 58, 70, 82, 94, 106];

    public static Sketch? OfGathers(string name) =>
        name switch
        {
            "not-full-enough" => Front
                .Thread(Row(14))
                .Folds(Uprights(18, 66, 4, 24, 60, 96))
                .Edge(Wave(70, 4, 20)),
            "too-full" => Front
                .Thread(Row(14))
                .Folds(Uprights(18, 66, 0, [.. Enumerable.Range(0, 19).Select(i => 6.0 + 6 * i)]))
                .Edge(Wave(70, 9, 6)),
            "uneven" => Front
                .Thread(Row(14))
                .Folds(Uprights(18, 66, 0, 6, 11, 16, 21, 26, 31, 36, 41, 70, 100))
                .Edge(Wave(70, 8, 5, 0, 45))
                .Edge(Wave(70, 3, 25, 45)),
            "flat-one-side" => Front
                .Thread(Row(14))
                .Folds(Uprights(18, 66, 22, 6, 12, 18, 24, 30, 36, 42))
                .Edge(Wave(70, 5, 12)),
            "bunched" => Front
                .Thread(Row(14))
                .Folds(Uprights(18, 66, 0, 24, 27, 30, 33, 36, 84, 87, 90, 93, 96))
                .Wanted("M30 4v12M90 4v12"),
            "snapped" => Back.Thread(
                    "M6 30h10M20 30h10M34 30h10M44 30C52 20 56 36 60 24M74 40C72 50 80 46 84 34h6M94 30h10"
                )
                .Folds(Uprights(36, 70, 0, 10, 20, 30, 40)),
            "rolls" => FromSide
                .Edge("M6 20h50v52", 4)
                .Edge("M56 24C80 20 84 44 66 44C56 44 58 32 66 34M60 46v28", 4),
            "tucks-caught" => Front
                .Thread(Row(24))
                .Folds(Uprights(28, 74, 0, Even))
                .Edge("M44 16L68 34L40 30z", 2),
            "bulky" => FromSide
                .Edge("M6 30h60M6 38h60M6 46h60M6 54h60", 6)
                .Thread("M40 22v40")
                .Edge("M66 26h50M66 58h50", 4),
            "slipped" => FromSide
                .Edge("M6 60h100", 3)
                .Edge("M6 54h34C60 54 60 20 40 24C30 28 34 48 48 48h58", 3)
                .Thread("M74 44v20"),
            "caught" => Back.Cord("M0 40h120", 5).Thread(Zigzag(40, 6, 8)),
            "edge-loops" => Front
                .Edge("M0 52h120", 3)
                .Thread(
                    Each(
                        10,
                        i => $"M{8 + 11 * i} 40C{2 + 11 * i} 76 {18 + 11 * i} 76 {12 + 11 * i} 40"
                    )
                ),
            "elastic-loose" => Back.Thread(Row(30)).Thread(Loops(36, 30)),
            "no-return" => Front
                .Thread(Row(30))
                .Thread(Row(50))
                .Wanted("M30 6v68M90 6v68")
                .Folds(Uprights(10, 70, 0, 20, 60, 100)),
            "flat" => FromSide
                .Edge("M0 56h44C52 56 54 48 60 48S68 56 76 56h44", 3)
                .Wanted("M44 56C56 56 50 16 60 16S64 56 76 56"),
            "wanders" => Front.Thread(
                "M0 34C30 28 40 46 60 38S96 24 120 36M0 46C30 40 40 58 60 50S96 36 120 48"
            ),
            "tuck-threads" => Front.Thread(Row(32)).Thread(Row(48)).Thread(Zigzag(40, 12, 7)),
            "groove-skipped" => Front
                .Thread(Uprights(4, 76, 0, 14, 18, 32, 36, 50, 54, 86, 90, 104, 108))
                .Wanted("M68 4v72M72 4v72"),
            _ => null,
        };

    public static Sketch? OfLines(string name) =>
        name switch
        {
            "pierced" => Front
                .Cord("M0 40h120", 14)
                .Thread(Zigzag(40, 16, 10))
                .Thread("M40 38l4 4M60 38l4 4M80 38l4 4"),
            "cord-missed" => Front
                .Cord("M0 40C30 30 60 62 120 40", 10)
                .Thread(Zigzag(40, 20, 10, 6, 46))
                .Thread(Zigzag(36, 12, 10, 52, 86)),
            "stands-off" => FromSide
                .Edge("M0 64h120", 3)
                .Edge(Circles(38, 15, 60))
                .Thread("M24 64C30 6 90 6 96 64"),
            "hides-cord" => Front.Cord("M0 40h120", 14).Thread(Zigzag(40, 22, 2.5)),
            "buckles" => Front.Cord("M0 40h120", 10).Folds(Wave(22, 9, 12)).Folds(Wave(58, 9, 12)),
            "misses-corner" => Front
                .Piece("M30 30h90v50h-90z")
                .Thread("M44 30h10M60 30h10M76 30h10M92 30h10M108 30h10M30 46v10M30 62v10")
                .Thread("M49 30v8M65 30v8M81 30v8M97 30v8M30 51h8M30 67h8")
                .Wanted(Circles(30, 7, 30)),
            "off-edge" => Front
                .Piece("M0 80C10 20 90 10 120 60v20z")
                .Thread("M4 60C14 30 30 40 46 32S84 10 100 22L116 44"),
            "missed-fold" => Front
                .Piece("M0 0h120v26h-120zM0 54h120v26h-120z")
                .Thread(Zigzag(40, 34, 14, 6, 62))
                .Thread(Zigzag(36, 22, 14, 66)),
            "pulled-together" => Front
                .Piece(
                    "M0 0h120v26C90 26 80 37 60 37S30 26 0 26zM0 80h120v-26C90 54 80 43 60 43S30 54 0 54z"
                )
                .Thread(Zigzag(40, 16, 12)),
            "uneven-band" => Front.Piece(
                "M4 60L20 20L36 60zM40 60L48 40L56 60zM60 60L84 10L108 60z"
            ),
            "not-caught" => Front
                .Piece("M4 60L22 24L40 60zM44 60L62 24L80 60z")
                .Piece("M88 66L110 10L114 60z")
                .Thread("M4 52h72"),
            _ => null,
        };

    public static Sketch? OfEdges(string name) =>
        name switch
        {
            "line-shows" => Front.Cord("M0 54h120", 16).Thread(Row(36)),
            "corner-pulls" => Front
                .Cord("M20 80v-50C20 22 22 20 30 20h90", 10)
                .Folds("M30 34L60 64M38 30L76 52M28 44L48 76"),
            "twists" => Front
                .Cord("M0 40h120", 26)
                .Folds(Uprights(28, 52, 22, 2, 18, 34, 50, 66, 82)),
            "flange-shows" => Front
                .Piece("M0 40h120v14h-120z")
                .Cord("M0 62h120", 14)
                .Thread(Row(38)),
            "corner-flat" => Front.Cord("M14 80v-30L44 18h76", 10).Wanted("M14 50v-32h30"),
            "join-lumpy" => FromSide
                .Cord("M0 50C40 50 50 30 70 24M120 50C80 50 70 30 50 24", 14)
                .Edge("M0 64h120", 3),
            _ => null,
        };
}
