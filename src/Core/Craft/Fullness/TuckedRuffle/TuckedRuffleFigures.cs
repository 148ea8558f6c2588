using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.TuckedRuffle.TuckedRufflePlan>;

namespace ZephyrReach.Core.Craft.Fullness.TuckedRuffle;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class TuckedRuffleFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        F.Fine("tuckSpacing", "S = N·ℓ, from fold to fold.", a => a.Ask.Spacing),
        F.Fine("tuckDepth", "p, how deep a fold lies; the arm pushes 2p.", a => a.Ask.Depth),
        F.Fine("takeUp", "u = 2p, what each fold takes.", a => 2 * a.Ask.Depth),
        F.Ratio("fullness", "r = 1 + 2p/S.", a => a.Ask.Fullness),
        F.Count("tuckCount", "Folds on the edge.", a => a.TuckCount),
        F.Ratio("overlap", "p/S; 1 where each fold just touches the next.", a => a.Overlap),
        F.Length("flatEdge", LengthKind.Whole, "r·F.", a => a.FlatEdge),
        F.Cut("cutLength", "With what is trimmed.", a => a.FlatEdge + a.Ask.Trim),
        F.Count("stripCount", "How many strips are cut.", a => a.Strips.StripCount),
        F.Cut("stripLength", "Of each strip.", a => a.Strips.StripLength),
        F.Cut("cutDepth", "Of each strip.", a => a.Ask.Strip.CutDepth),
        F.Cut("clothToBuy", "The fabric that the strips take.", a => a.Strips.ClothToBuy),
        F.Count("joins", "Seams between strips.", a => a.Strips.Joins),
        F.Ratio(
            "layers",
            "Layers of the strip under the foot, on the mean: 1 + 2p/S.",
            a => a.Layers
        ),
        F.Fine(
            "thickest",
            "At a fold: three layers of the strip, and the plain edge.",
            a => a.Thickest
        ),
        F.Amount("threadPerSide", "Needle thread, and bobbin thread alike.", a => a.ThreadPerSide),
        F.Group("swatch", "How to cut and mark a swatch.", a => a.Swatch, SwatchPlan.Told),
        .. WorkPlan.SharedFigures,
    ];
}
