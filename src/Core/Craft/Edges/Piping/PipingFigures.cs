using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Corded;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Edges.Piping.PipingPlan>;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class PipingFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        F.Fine("wrap", "Round the cord: π(c + t).", a => a.Ask.Covering.Wrap),
        F.Ratio(
            "wrapFactor",
            "What 19 times out of 20 wraps come to of that, at the most, by what swatches taught.",
            a => a.Ask.Covering.Factor
        ),
        F.Marked(
            "required",
            "Of strip, for one piped edge: Σ edges and the ends.",
            a => a.Ask.Required
        ),
        .. CoveredPlan.StripFigures,
        F.Amount("cordLength", "For all, and more where it will shrink.", a => a.CordLength),
        F.Amount("needleThread", "Of the three lines: length·(1 + t/ℓ) each.", a => a.NeedleThread),
        F.Marked(
            "startShift",
            "From the middle of that side, so that no join of the covering lies at a corner.",
            a => a.StartShift
        ),
        F.Flag(
            "joinsHidden",
            "Whether no join of the covering lies at a corner, on any piped edge.",
            a => a.JoinsHidden
        ),
        .. EdgePlan.EdgeFigures,
        .. WorkPlan.SharedFigures,
    ];
}
