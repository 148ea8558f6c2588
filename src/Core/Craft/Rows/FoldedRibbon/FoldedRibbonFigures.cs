using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Rows.FoldedRibbon.FoldedRibbonPlan>;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class FoldedRibbonFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        F.Count("legs", "max(1, round(X/q)).", a => a.Ask.Legs),
        F.Fine("advance", "X/legs: how far each goes on.", a => a.Advance),
        F.Fine("bandWidth", "As wide as one fold advances.", a => a.Advance),
        F.Cut("ribbonLength", "X·√2 + 2 · tail, for one band.", a => a.RibbonLength),
        F.Amount("ribbonTotal", "For all bands of all pieces.", a => a.RibbonTotal),
        F.Fine("foldEdge", "b·√2: how long each fold is.", a => a.FoldEdge),
        F.Fine(
            "clearance",
            "2 · advance − foldEdge: between two folds on one side; below 0 they lie on each other.",
            a => a.Clearance
        ),
        F.Marked("allBands", "All bands and what lies between them.", a => a.AllBands),
        F.Count("stitchesPerLeg", "Stitches from catch to catch.", a => a.StitchesPerLeg),
        F.Fine(
            "setAdvance",
            "What to count on for each fold, by what folds came to.",
            a => a.SetAdvance
        ),
        F.Fine("setLeg", "The same, as a swatch keeps it.", a => a.SetAdvance),
        F.Lengths(
            "catches",
            LengthKind.Marked,
            "Where it is caught, from the start.",
            a => [.. a.Catches.Select(c => c.At)]
        ),
        F.Lengths(
            "folds",
            LengthKind.Marked,
            "Where it is folded, from the start.",
            a => [.. a.Catches.Select(c => c.Fold)]
        ),
        F.Ratio("minutes", "About how long it takes.", a => a.MinutesInAll),
        .. WorkPlan.SharedFigures,
    ];
}
