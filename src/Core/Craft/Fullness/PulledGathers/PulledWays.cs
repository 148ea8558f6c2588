using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Craft.Fullness.WhichWay;

namespace ZephyrReach.Core.Craft.Fullness.PulledGathers;

/// <summary>Gathers by pulled threads beside other ways of making an edge fuller.</summary>
internal static class PulledWays
{
    public static AsWay AsWay { get; } =
        new(wanted => RowScheme.All.Select(scheme => Of(wanted, scheme)).OfType<Way>());

    private static Way? Of(EdgeWanted wanted, RowScheme scheme)
    {
        if (wanted.Strips(wanted.Fullness, scheme) is not { } strips)
        {
            return null;
        }
        var (piece, rows) = (wanted.Piece, scheme.Gaps.Count);
        return new Way(
            $"pulled threads: {scheme.Choice.Label}",
            strips.ClothToBuy,
            Pace.Sewn(strips.SewnFlat * rows, piece.StitchLength)
                + Pace.Spread(piece.FinishedEdge)
                + Pace.Seam(piece.FinishedEdge)
                + Pace.TakenOut(strips.SewnFlat * scheme.RowsRemoved),
            rows >= 3 ? 2.5
                : rows == 2 ? 2
                : 1.5,
            true,
            "any fullness possible"
        )
        {
            Scheme = scheme.Choice.Name,
            EvennessSays = rows >= 3 ? "most even of the hand-pulled methods" : "",
        };
    }
}
