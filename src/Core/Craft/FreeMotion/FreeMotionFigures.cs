using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.FreeMotion.FreeMotionPlan>;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class FreeMotionFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        F.Lines(
            "line",
            "What is sewn, in mm from the top left: one list of places for each stretch between jumps.",
            a => a.Ask.Stretches
        ),
        F.Amount("length", "Σ of all stretches, times the passes.", a => a.Length),
        F.Count("jumps", "From stretch to stretch.", a => a.Jumps),
        F.Fine("lineSpacing", "From line to line; 0 for a line.", a => a.Ask.Apart),
        F.Fine("stitchLength", "ℓ.", a => a.Ask.Tempo.Stitch),
        F.Fine("plannedStitch", "The same, as a swatch keeps it.", a => a.Ask.Tempo.Stitch),
        F.Ratio("machineSpeed", "n, stitches a minute.", a => a.Ask.Tempo.Machine),
        F.Ratio("handSpeed", "v = ℓ·n/60, mm a second.", a => a.Ask.Tempo.Hand),
        F.Count("stitches", "ceil(length/ℓ).", a => a.Stitches),
        F.Ratio("seconds", "60·stitches/n.", a => a.Seconds),
        F.Ratio("minutes", "With stops: jumps, hoop, bobbins.", a => a.Minutes),
        F.Ratio("density", "Stitches on a square mm of what is filled.", a => a.Density),
        F.Amount("needleThread", "stitches·(√(ℓ² + z²) + t).", a => a.Thread),
        F.Amount("bobbinThread", "The same below.", a => a.Thread),
        F.Count("bobbins", "ceil(1.15·bobbinThread/bobbinCapacity).", a => a.Bobbins),
        F.Lengths(
            "bobbinEnds",
            LengthKind.Amount,
            "How far along the line each runs out.",
            a => a.BobbinEnds
        ),
        F.Marked("reachWidth", "From side to side of all of it.", a => a.Reach.Width),
        F.Marked("reachHeight", "From top to bottom.", a => a.Reach.Height),
        F.Marked("hoopNeeded", "Inside, to hold all of it.", a => a.Hooping.Needed),
        F.Count("hoopFields", "Places of the hoop.", a => a.Fields_.Count),
        F.Length(
            "columnWidth",
            LengthKind.Fine,
            "Of a monogram: 3 mm on capitals of 30 mm, to 6 mm on 90 mm and more.",
            a => a.ColumnWidth
        ),
        F.Count("crossings", "How often a line crosses itself.", a => a.Crossings),
        F.Ratio(
            "handFactor",
            "What her stitches come to against those that are planned, by what swatches taught.",
            a => a.Hand.Factor
        ),
        F.Ratio("keptHand", "The speed that her hands keep by that, mm a second.", a => a.KeptHand),
        F.Count(
            "runAt",
            "The machine at that hand, for the stitch that is planned: in steps of 10.",
            a => a.RunAt
        ),
        F.Ratio("drawnAlong", "What elastic leaves of the height.", a => a.Elastic(a.Along)),
        F.Ratio("drawnAcross", "And of the width.", a => a.Elastic(a.Across)),
        F.Length(
            "comesToWidth",
            LengthKind.Marked,
            "The width, drawn in.",
            a => a.ElasticLength(a.Reach.Width * a.Across.Factor)
        ),
        F.Length(
            "comesToHeight",
            LengthKind.Marked,
            "The height, drawn in.",
            a => a.ElasticLength(a.Reach.Height * a.Along.Factor)
        ),
        F.Length(
            "flatWidth",
            LengthKind.Cut,
            "How wide a field to begin with, so that it comes to the width that is entered.",
            a => a.ElasticLength(a.Reach.Width / a.Across.Factor)
        ),
        F.Length(
            "flatHeight",
            LengthKind.Cut,
            "And how high.",
            a => a.ElasticLength(a.Reach.Height / a.Along.Factor)
        ),
        .. WorkPlan.SharedFigures,
    ];
}
