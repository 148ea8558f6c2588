using ZephyrReach.Core.Drawings;
using static ZephyrReach.Core.Faults.Sketch;

namespace ZephyrReach.Core.Faults;

/// <summary>The small drawing of each symptom.</summary>
public static class SymptomDrawings
{
    private const string Needle = "M56 2v44l4 8 4-8v-44z";

    /// <summary>The same, to the left of its thread.</summary>
    private const string Apart = "M40 2v44l4 8 4-8v-44z";

    /// <summary>The foot from its side, and the fabric under it.</summary>
    private const string Foot = "M40 44h40l8-8h-14v-30h-20v30h-10z";

    /// <summary>The drawing of a symptom.</summary>
    public static Drawing Of(Symptom symptom) =>
        (
            OfStitches(symptom.Name)
            ?? OfFabric(symptom.Name)
            ?? OfHands(symptom.Name)
            ?? PieceSketches.OfGathers(symptom.Name)
            ?? PieceSketches.OfLines(symptom.Name)
            ?? PieceSketches.OfEdges(symptom.Name)
            ?? throw new InvalidOperationException($"{symptom.Name} has no drawing.")
        ).Of(symptom);

    private static Sketch? OfStitches(string name) =>
        name switch
        {
            "loops-below" => Back.Thread(Row()).Thread(Loops(16)),
            "nests" => Back.Thread(Row(40, 0, 1, 2))
                .Thread(
                    "M6 40C20 10 50 60 24 62C0 62 14 20 38 30C56 40 20 70 12 50C8 30 46 22 48 44C48 60 20 58 26 40C30 28 44 34 52 40"
                ),
            "loops-above" => Front.Thread(Row()).Thread(Loops(-9)),
            "skips" => Front.Thread(Row(40, 2, 5, 6)),
            "frays" => FromSide
                .Edge(Apart)
                .Edge("M0 62h120", 3)
                .Thread(
                    "M44 42C66 42 60 24 76 2M56 40l4 8M62 32l10 3M62 26l-8-4M67 18l9 3M68 14l-8-4"
                ),
            "breaks" => FromSide
                .Edge(Apart)
                .Edge("M0 62h120", 3)
                .Thread(
                    "M44 42C56 42 58 38 60 32l5 2M60 32l-5-2M76 2C74 10 70 14 68 18l-4-2M68 18l5 1"
                ),
            "uneven-stitches" => Front.Thread(
                "M6 40h4M14 40h20M39 40h5M48 40h24M77 40h4M85 40h4M93 40h20"
            ),
            "no-lock" => FromSide
                .Edge("M0 46h120", 3)
                .Thread(
                    "M0 42h14l6 4h14l6-4h14M54 42C70 30 76 24 72 14C68 6 82 4 90 10C100 18 92 26 104 30"
                ),
            "noise" => FromSide
                .Edge(Needle)
                .Edge("M0 62h120", 3)
                .Thread(
                    "M76 20C82 28 82 36 76 44M86 14C96 26 96 38 86 50M96 8C110 24 110 40 96 56"
                ),
            "needle-breaks" => FromSide
                .Edge("M56 2v22l6 5v-27zM66 38l8 4-6 20-10-2z")
                .Edge("M0 66h120", 3),
            "jams" => FromSide
                .Edge(Circles(42, 30, 60))
                .Edge(Circles(42, 9, 60))
                .Thread(
                    "M38 40C50 20 76 22 80 42C80 60 44 64 42 46C42 30 70 28 72 44C70 56 50 54 52 40M60 12C50 22 70 30 56 36"
                ),
            _ => null,
        };

    private static Sketch? OfFabric(string name) =>
        name switch
        {
            "puckers" => Front
                .Thread(Row())
                .Folds(Uprights(24, 34, 6, 12, 30, 48, 66, 84, 102))
                .Folds(Uprights(46, 58, -6, 20, 38, 56, 74, 92, 110)),
            "tunnels" => FromSide
                .Edge("M0 58h34C46 58 42 24 60 24C78 24 74 58 86 58h34", 3)
                .Thread("M42 40h36"),
            "ripples" => FromSide.Edge(Wave(40, 22, 20), 3).Thread(Wave(40, 14, 20)),
            "needle-marks" => Front.Thread(Circles(40, 3, 18, 32, 46, 60, 74, 88, 102)),
            "creeps" => FromSide
                .Edge("M4 50h96", 4)
                .Edge("M4 42C30 42 40 30 54 40C66 46 72 36 84 42h32", 4),
            "ridges" => Back.Folds("M0 32C40 24 80 40 120 32M0 48C40 40 80 56 120 48")
                .Wanted("M0 40C40 32 80 48 120 40"),
            "stiff" => FromSide
                .Edge("M0 40h50v36", 3)
                .Edge("M30 36h84", 4)
                .Wanted("M52 37C70 38 76 50 78 76"),
            "piles-up" => FromSide
                .Edge(Foot)
                .Edge(
                    "M4 60h28C40 60 30 46 38 48C48 50 38 60 46 58C56 54 46 44 54 47C64 50 54 60 62 58C72 54 66 60 80 60h36",
                    3
                ),
            "slid-out" => FromSide
                .Edge(Foot)
                .Edge("M4 58h112", 3)
                .Edge("M4 50h34C52 50 60 70 76 72h40", 3),
            "drags" => Front
                .Thread(Uprights(6, 74, 18, 14, 34, 54, 74))
                .Wanted(Uprights(6, 74, 0, 14, 34, 54, 74)),
            _ => null,
        };

    private static Sketch? OfHands(string name) =>
        name switch
        {
            "long-angular" => Front
                .Wanted("M6 60C30 0 60 0 70 40S104 76 114 20")
                .Thread("M6 60L26 20L56 14L72 50L92 60L114 20"),
            "builds-up" => Front
                .Thread("M6 44C30 30 40 36 54 40")
                .Thread(
                    "M54 40C48 30 66 30 66 40C66 50 50 50 54 38C58 32 70 38 62 46C54 50 50 40 60 36C68 36 66 48 58 46"
                )
                .Thread("M66 42C84 50 100 40 114 30"),
            "eyelashes" => Back.Thread("M6 50C30 0 90 0 114 50")
                .Thread(
                    "M24 26C16 18 14 14 10 12M36 18C32 8 30 6 28 2M52 13C52 4 50 2 50 0M68 13C70 4 72 2 72 0M84 18C90 8 92 6 94 2M96 26C104 18 106 14 110 12"
                ),
            "dots-above" => Front.Thread(Row()).Edge(Circles(40, 1, 18, 32, 46, 60, 74, 88, 102)),
            "off-line" => Front
                .Wanted("M6 50C36 10 80 70 114 30")
                .Thread("M6 62C36 20 80 80 114 42"),
            "short" => Front
                .Piece("M44 20h32v36h-32z", ClothRole.Hole)
                .Thread(Each(9, i => $"M{40 + 5 * i} 8v36")),
            "slants" => Front
                .Piece("M48 24h24v32h-24z", ClothRole.Hole)
                .Thread(Each(9, i => $"M{34 + 5 * i} 8l12 64"))
                .Wanted("M38 8h44v64h-44z"),
            "darn-bulges" => FromSide
                .Edge("M0 56h30C40 56 42 26 60 26S80 56 90 56h30", 3)
                .Thread("M36 50C44 30 50 32 60 32S76 30 84 50M40 50C48 38 52 40 60 40S72 38 80 50"),
            _ => null,
        };
}
