using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Project;

/// <summary>A layout at true size: the outline of every piece where it lies, the cut end above and the left selvedge at the left.</summary>
public static class LayoutGuide
{
    /// <summary>Of one sheet; null where nothing is cut from it.</summary>
    /// <param name="on">0 for the bolt, from 1 the remnants.</param>
    public static Guide? Of(FabricToCut fabric, Layout layout, int on)
    {
        var placed = LaidPiece.All(fabric, layout).Where(p => p.Place.On == on).ToList();
        if (placed.Count == 0)
        {
            return null;
        }
        var sheet = fabric.SheetOf(on);
        return new Guide(
            "Cutting layout",
            sheet.Width,
            on == 0 ? layout.Used : sheet.Long!.Value,
            [],
            fabric.Task.IsDouble
                ? "The rectangle is the fabric folded double, its cut end above and the fold at the left: every outline is cut through both layers."
                : "The rectangle is the fabric, its cut end above and its left selvedge at the left: every outline is a piece."
        )
        {
            Paths =
            [
                .. placed.Select(p => new GuidePath(
                    Outlines.Of(p.Place, fabric.Task.Pieces[p.Place.Piece]),
                    LineMeaning.Seam,
                    p.Mark
                )),
            ],
        };
    }
}
