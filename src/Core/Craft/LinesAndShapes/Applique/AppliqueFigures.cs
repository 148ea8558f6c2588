using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.LinesAndShapes.Applique.AppliquePlan>;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class AppliqueFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        F.Lengths(
            "lengths",
            LengthKind.Fine,
            "Between corners, round by round.",
            a => [.. a.AsSaid.Select(s => s.Side.Length)]
        ),
        F.Fine(
            "bestRepeat",
            "What to set: of those near enough, the one that misses least.",
            a => a.BestRepeat
        ),
        F.Length("miss", LengthKind.Fine, "The greatest miss with it.", a => a.Miss),
        F.Table(
            "segments",
            "Each side, with its own best repeat.",
            a => a.AsSaid,
            Figure<FittedSide>.Fine("length", "Between the corners.", s => s.Side.Length),
            Figure<FittedSide>.Fine("repeat", "Its own best.", s => s.Own.Repeat),
            Figure<FittedSide>.Count("count", "So many of those.", s => s.Own.Count),
            Figure<FittedSide>.Fine(
                "miss",
                "How far the last is from the corner.",
                s => s.Own.Miss
            ),
            Figure<FittedSide>.Fine(
                "plannedMiss",
                "The same with what is set for all.",
                s => s.Planned.Miss
            ),
            Figure<FittedSide>.Count(
                "plannedCount",
                "Stitches with what is set for all.",
                s => s.Planned.Count
            ),
            Figure<FittedSide>.Text("shape", "Of which shape.", s => s.Round.Shape.Name),
            Figure<FittedSide>.Flag(
                "isFree",
                "Whether an end lies under another shape.",
                s => s.Side.IsFree
            )
        ),
        F.Marked("perimeter", "All outlines, also where they are hidden.", a => a.Perimeter),
        F.Marked("stitched", "What is seen of them.", a => a.Stitched),
        F.Count("outsideCorners", "Corners that point outwards.", a => a.Corners(true)),
        F.Count("insideCorners", "Corners that point into the shape.", a => a.Corners(false)),
        F.Count("stitches", "With what is set.", a => a.Stitches),
        F.Fine("bite", "How far the stitch goes into the shape.", a => a.Bite),
        F.Fine(
            "edgeAt",
            "stitch width/2 + needleMoved: the right side of the stitch, from the middle of the foot.",
            a => a.EdgeAt
        ),
        F.Length(
            "toToe",
            LengthKind.Fine,
            "footOpening/2 − edgeAt: from there to the inside of the right toe.",
            a => a.ToToe
        ),
        F.Fine("setRepeat", "What is set: bestRepeat, as a swatch keeps it.", a => a.BestRepeat),
        F.Ratio("dialFactor", "What the machine gives of what is set.", a => a.Factor),
        F.Flag("lands", "Whether every corner is met within 0.2 mm.", a => a.Lands),
        F.Group(
            "change",
            "The least change that makes every corner met.",
            a => a.Change,
            [
                Figure<SettingChange>.Text("shape", "Of which shape.", c => c.Round.Shape.Name),
                Figure<SettingChange>.Text("says", "What to change.", c => c.Says),
                Figure<SettingChange>.Fine(
                    "furthest",
                    "No point moves further.",
                    c => c.Is.Furthest
                ),
                Figure<SettingChange>.Fine("miss", "What is missed then.", c => c.Is.Miss),
                Figure<SettingChange>.Table(
                    "sets",
                    "What is set for that.",
                    c => c.Sets,
                    Figure<Fact>.Text("field", "The field, by its path.", f => f.Name),
                    Figure<Fact>.Text("to", "What it is set to.", f => f.Text)
                ),
            ],
            false
        ),
        F.Table(
            "fusible",
            "Shape by shape, as they are traced on the paper: mirrored.",
            a => a.Fusible,
            Figure<CutShape>.Text("shape", "Which.", c => c.Shape.Name),
            Figure<CutShape>.Cut("width", "Of its rectangle, and 10 mm.", c => c.Width),
            Figure<CutShape>.Cut("height", "The same down.", c => c.Height),
            Figure<CutShape>.Text(
                "outline",
                "As path data in mm.",
                c => string.Concat(c.Outlines.Select(o => o.Data))
            )
        ),
        F.Table(
            "turns",
            "The stops as they are sewn, round by round.",
            a =>
                a.Rounds.SelectMany((r, i) => a.Turnings(r).Select(t => new OnRound(i + 1, t)))
                    .ToList(),
            Figure<OnRound>.Count("round", "Which outline, from 1.", t => t.Round),
            Figure<OnRound>.Count("count", "Stitches since the stop before.", t => t.Turn.Count),
            Figure<OnRound>.Text("needle", "Where the needle stands.", t => t.Turn.Needle),
            Figure<OnRound>.Ratio("turn", "In degrees; above 0 outwards.", t => t.Turn.Turn)
        ),
        F.Ratio("minutes", "About how long the sewing takes.", a => a.Minutes),
        .. WorkPlan.SharedFigures,
    ];
}
