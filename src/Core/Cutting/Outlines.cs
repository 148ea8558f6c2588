using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Cutting;

/// <summary>The outlines of pieces where they lie on a fabric: across it to the right, along it down.</summary>
public static class Outlines
{
    /// <summary>Of a piece in a layout, closed; of one on the fold, the half that is seen.</summary>
    public static Path Of(Placement place, PieceToCut piece)
    {
        var (x, y, right, down) = (place.X, place.Y, place.X + place.Across, place.Y + place.Along);
        if (piece.IsBias)
        {
            // A strip at 45° from the left selvedge on, its ends on the straight grain.
            var wide = Math.Sqrt(2) * piece.Width;
            return Path.Of(
                true,
                new Point(x, y),
                new Point(x, y + wide),
                new Point(right, y + wide + place.Across),
                new Point(right, y + place.Across)
            );
        }
        return piece.Outline is null
            ? Path.Of(
                true,
                new Point(x, y),
                new Point(right, y),
                new Point(right, down),
                new Point(x, down)
            )
            : Path.Of(
                true,
                [
                    .. Lying(piece, place.IsTurned, place.IsHalfTurned, place.IsMirrored)
                        .Select(p => new Point(x + p.X, y + p.Y)),
                ]
            );
    }

    /// <summary>An outline with its grain down, from its upper left corner.</summary>
    /// <param name="isUpright">Whether its grain runs down already; else it is turned to the right by a quarter.</param>
    public static Path Upright(Path outline, bool isUpright)
    {
        var at = outline.Bounds;
        return Path.Of(
            true,
            [
                .. outline.Points.Select(p =>
                    isUpright
                        ? new Point(p.X - at.From.X, p.Y - at.From.Y)
                        : new Point(at.To.Y - p.Y, p.X - at.From.X)
                ),
            ]
        );
    }

    /// <summary>The points of an outline from the upper left corner of what it takes: mirrored, turned to the right by a quarter, set on its head.</summary>
    internal static IEnumerable<Point> Lying(
        PieceToCut piece,
        bool isTurned,
        bool isOnHead,
        bool isMirrored
    ) =>
        piece.Outline!.Points.Select(p =>
        {
            var (x, y) = (isMirrored ? piece.Width - p.X : p.X, p.Y);
            var (width, height) = (piece.Width, piece.Long);
            if (isTurned)
            {
                (x, y, width, height) = (piece.Long - y, x, piece.Long, piece.Width);
            }
            return isOnHead ? new Point(width - x, height - y) : new Point(x, y);
        });
}
