using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Project;

/// <summary>What is cut at one place of a layout: a piece, or two of them where the fabric is double.</summary>
/// <param name="Of">The piece.</param>
/// <param name="Place">Where it lies; the first of two.</param>
/// <param name="Count">How many are cut at once.</param>
/// <param name="Mark">What stands on it: the mark of its size, and its number where there are several.</param>
public sealed record LaidPiece(PartPiece Of, Placement Place, int Count, string Mark)
{
    /// <summary>Everything of a layout, the remnants first, in the order of cutting.</summary>
    public static IReadOnlyList<LaidPiece> All(FabricToCut fabric, Layout layout) =>
        [
            .. layout
                .Placements.GroupBy(p =>
                    fabric.Task.IsDouble
                        ? (p.Piece, p.On, p.X, p.Y)
                        : (p.Piece, p.On, p.X, Length.FromMillimetres(-1 - p.Number))
                )
                .Select(g => One(fabric.Pieces[g.First().Piece], [.. g]))
                .OrderBy(l => l.Place.On == 0 ? int.MaxValue : l.Place.On)
                .ThenBy(l => l.Place.Y)
                .ThenBy(l => l.Place.X),
        ];

    private static LaidPiece One(PartPiece piece, IReadOnlyList<Placement> together) =>
        new(
            piece,
            together[0],
            together.Count,
            piece.Piece.Count == 1
                ? piece.Mark
                : piece.Mark + string.Join('+', together.Select(p => p.Number))
        );

    /// <summary>Its size in words: of a strip that is as long as there was room for, that.</summary>
    public string SizeSays(PieceToCut cut, Ruler ruler)
    {
        if (!cut.IsBias || cut.Long == Long)
        {
            return Of.Piece.SizeSays(ruler);
        }
        return Ruler.Size(
            ruler.Mark(Rounding.Down(Long, ruler.Marking)),
            Of.Piece.DepthSays(ruler)
        );
    }

    /// <summary>Of a strip on the bias, along its middle.</summary>
    private Length Long => Math.Sqrt(2) * Place.Across;
}
