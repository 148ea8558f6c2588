using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.LinesAndShapes.Couching.CouchingPlan>;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class CouchingFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        F.Fine(
            "zigzagWidth",
            "Cord, clearance on both sides and the blade, up to a step of the dial.",
            a => a.Zigzag
        ),
        F.Fine("setWidth", "What to set for that, by what zigzags came to.", a => a.SetWidth),
        F.Fine("setZigzag", "The same, as a swatch keeps it.", a => a.SetWidth),
        F.Marked("pathLength", "Along the line.", a => a.PathLength),
        F.Count("stitches", "pathLength/stitchLength, up.", a => a.Stitches),
        F.Amount("cordLength", "The line, and the slanted ends.", a => a.CordLength),
        F.Amount("needleThread", "stitches·(√(z² + ℓ²) + t).", a => a.NeedleThread),
        F.Amount("bobbinThread", "The same below.", a => a.NeedleThread),
        F.Table(
            "curves",
            "Each curve of the first line, in its order.",
            a => a.First.Stops.Curves,
            Figure<CurveTurns>.Count(
                "stitchesPerPivot",
                "Stitches from turn to turn.",
                c => c.StitchesPerPivot
            ),
            Figure<CurveTurns>.Count("pivots", "Turns within it.", c => c.Pivots)
        ),
        F.Table(
            "stops",
            "Where the first line is left to turn the work.",
            a => a.First.Stops.All,
            Figure<Stop>.Marked("at", "Along the line.", s => s.At),
            Figure<Stop>.Ratio(
                "turn",
                "In degrees; above 0 to the right of the way it goes.",
                s => s.Turn
            ),
            Figure<Stop>.Text(
                "kind",
                "pivot or corner.",
                s => s.Kind == StopKind.Corner ? "corner" : "pivot"
            ),
            Figure<Stop>.Count("stitch", "The stitch that is nearest.", s => s.Stitch)
        ),
        F.Table(
            "turns",
            "The stops as they are sewn, line by line.",
            a => a.Passes.SelectMany(p => p.Turnings.Select(t => new OnLine(p.Number, t))).ToList(),
            Figure<OnLine>.Count("line", "Which line, from 1.", t => t.Line),
            Figure<OnLine>.Count("count", "Stitches since the stop before.", t => t.Turn.Count),
            Figure<OnLine>.Text(
                "needle",
                "Where the needle stands: the inside of the bend.",
                t => t.Turn.Needle
            ),
            Figure<OnLine>.Ratio("turn", "As above.", t => t.Turn.Turn)
        ),
        F.Fine(
            "leastRadius",
            "The cord lies in no tighter curve: twice its thickness.",
            a => a.LeastRadius
        ),
        F.Fine("guideBore", "Of a tube that leads it.", a => a.Bore),
        F.Fine("leftOpen", "At the start, where the ends will meet.", a => a.First.Open),
        F.Length("stripWidth", LengthKind.Fine, "0.6π·c²/(4t).", a => a.Strip?.Width),
        F.Count("strips", "How many.", a => a.Strip?.Count),
        F.Length("stripLength", LengthKind.Cut, "Of each.", a => a.Strip?.Length),
        F.Count("crossings", "Where it crosses itself.", a => a.Crossings),
        F.Ratio("minutes", "About how long it takes, without preparing.", a => a.Minutes),
        .. WorkPlan.SharedFigures,
    ];
}
