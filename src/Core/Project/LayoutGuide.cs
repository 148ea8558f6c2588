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
        var placed = layout.Placements.Where(p => p.On == on).ToList();
        if (placed.Count == 0)
        {
            return null;
        }
        var sheet = on == 0 ? fabric.Task.Bolt : fabric.Task.Remnants[on - 1];
        return new Guide(
            "Cutting layout",
            sheet.Width,
            on == 0 ? layout.Used : sheet.Long!.Value,
            [],
            "The rectangle is the fabric, its cut end above and its left selvedge at the left: every outline is a piece."
        )
        {
            Paths =
            [
                .. placed.Select(p => new GuidePath(
                    Path.Of(true, Corners(p, fabric.Task.Pieces[p.Piece])),
                    LineMeaning.Seam,
                    MarkOf(fabric, p)
                )),
            ],
        };
    }

    /// <summary>What stands on a piece: the mark of its size, and its number where there are several.</summary>
    public static string MarkOf(FabricToCut fabric, Placement place) =>
        fabric.Pieces[place.Piece] is { Piece.Count: > 1, Mark: var mark }
            ? $"{mark}{place.Number}"
            : fabric.Pieces[place.Piece].Mark;

    /// <summary>The corners of a rectangle; or of a strip at 45° from the left selvedge on, its ends on the straight grain.</summary>
    internal static Point[] Corners(Placement place, PieceToCut piece)
    {
        var (x, y, right, down) = (place.X, place.Y, place.X + place.Across, place.Y + place.Along);
        if (!piece.IsBias)
        {
            return [new(x, y), new(right, y), new(right, down), new(x, down)];
        }
        var wide = Math.Sqrt(2) * piece.Width;
        return
        [
            new(x, y),
            new(x, y + wide),
            new(right, y + wide + place.Across),
            new(right, y + place.Across),
        ];
    }
}
