using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Corded;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Edges.CordTrim.CordTrimPlan>;

namespace ZephyrReach.Core.Craft.Edges.CordTrim;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class CordTrimFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        F.Marked(
            "required",
            "Of trim, for one edge: Σ edges and the overlap; of an open edge an overlap at each end.",
            a => a.Required
        ),
        F.Amount("trimLength", "For all of them.", a => a.Trim),
        F.Marked(
            "unpick",
            "Of each end: the stitches come out of the flange so far.",
            a => a.Unpick
        ),
        F.Marked(
            "slant",
            "Each strand goes down into the seam over this: four times its thickness.",
            a => a.Slant
        ),
        F.Fine("ply", "How thick one strand is: as so many round ones fill the cord.", a => a.Ply),
        F.Count("passes", "Lines of stitching before the back.", a => a.Lines.Count),
        F.Count("laid", "Strands that are laid at the join, of both ends.", a => 2 * a.Ask.Plies),
        F.Amount(
            "needleThread",
            "Of both passes and the closing: length·(1 + t/ℓ) each.",
            a => a.NeedleThread
        ),
        F.Amount(
            "clothLength",
            "For the fronts and the backs; nothing where their size is not known.",
            a => a.Cloth
        ),
        .. EdgePlan.EdgeFigures,
        .. WorkPlan.SharedFigures,
    ];
}
