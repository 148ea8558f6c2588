using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Mending.Darning.DarningPlan>;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>What a plan answers, declared once: for the API, its document and every file.</summary>
internal static class DarningFigures
{
    public static IReadOnlyList<Figure> All { get; } =
    [
        F.Text("way", "What serves.", a => a.Ask.What.Way),
        F.Text("why", "Why that serves.", a => a.Ask.What.Why),
        F.Text("notThat", "What not to do.", a => a.Ask.What.NotThat),
        F.Marked("areaWidth", "tearWidth + 2·margin.", a => a.Ask.AreaWidth),
        F.Marked("areaLength", "tearLength + 2·margin.", a => a.Ask.AreaLength),
        F.Cut("backingWidth", "tearWidth + 2·backingMargin.", a => a.BackingWidth),
        F.Cut("backingLength", "tearLength + 2·backingMargin.", a => a.BackingLength),
        F.Count("columns", "Blocks side by side.", a => a.Programmed(a.Ask.Columns)),
        F.Count("rows", "Blocks one below the other.", a => a.Programmed(a.Ask.Rows)),
        F.Length("blockWidth", LengthKind.Fine, "Of each block.", a => a.Programmed(a.BlockWidth)),
        F.Length(
            "setWidth",
            LengthKind.Fine,
            "blockWidth up to half a millimetre, as dials step.",
            a => a.Programmed(a.SetWidth)
        ),
        F.Length(
            "blockLength",
            LengthKind.Fine,
            "Of each block.",
            a => a.Programmed(a.BlockLength)
        ),
        F.Length(
            "setLength",
            LengthKind.Fine,
            "What to set the foot to, by what blocks came to.",
            a => a.Programmed(a.SetLength)
        ),
        new Figure(
            "blocks",
            FigureShape.Table,
            "Each block, row by row, from the top left of what is stitched.",
            LengthKind.Marked,
            false,
            a => ((DarningPlan)a).Ask.IsProgrammed ? ((DarningPlan)a).Blocks : null,
            [
                Figure<Block>.Marked("x", "To its left side.", b => b.X),
                Figure<Block>.Marked("y", "To its upper side.", b => b.Y),
            ]
        ),
        F.Count("lengthwiseLines", "Lines along.", a => a.Guided(a.LengthwiseLines)),
        F.Count("crosswiseLines", "Lines across.", a => a.Guided(a.CrosswiseLines)),
        F.Length(
            "stitched",
            LengthKind.Amount,
            "Lines times their length, both ways.",
            a => a.Guided(a.Stitched)
        ),
        F.Count(
            "stitches",
            "stitched/stitchLength, or patchSewn/stitchLength.",
            a => a.Ask.IsProgrammed ? null : a.Stitches
        ),
        F.Length(
            "patchWidth",
            LengthKind.Cut,
            "tearWidth + 2·(patchBeyond + patchTurned), as it is cut.",
            a => a.Patch?.CutWidth
        ),
        F.Length("patchLength", LengthKind.Cut, "The same along.", a => a.Patch?.CutLength),
        F.Length(
            "patchSewn",
            LengthKind.Amount,
            "Round it, 2 mm inside its edge, and round the tear, the margin beyond it.",
            a => a.Patch?.Sewn
        ),
        F.Ratio("minutes", "About how long it takes, without preparing.", a => a.Minutes),
        .. WorkPlan.SharedFigures,
    ];
}
