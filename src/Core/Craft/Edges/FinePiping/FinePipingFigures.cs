using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Corded;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Edges.FinePiping.FinePipingPlan>;

namespace ZephyrReach.Core.Craft.Edges.FinePiping;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class FinePipingFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        F.Fine(
            "threadThickness",
            "What the wraps lie across, by their number.",
            a => a.Ask.Twist.Thread
        ),
        F.Fine("cordThickness", "d·√(k/0.7) of k strands.", a => a.Ask.Twist.Thick),
        F.Marked("required", "Of strip and cord: Σ edges and the ends.", a => a.Ask.Required),
        .. CoveredPlan.StripFigures,
        F.Amount(
            "strandLength",
            "Of thread, for every strand, with what twisting takes up.",
            a => a.StrandLength
        ),
        F.Amount(
            "needleThread",
            "Of the lines that make it, apply it and close it.",
            a => a.NeedleThread
        ),
        .. EdgePlan.EdgeFigures,
        .. WorkPlan.SharedFigures,
    ];
}
