using ZephyrReach.Core.Craft.Fullness.WhichWay;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Craft.Fullness.TuckedRuffle;

/// <summary>Small folds beside other ways of making an edge fuller.</summary>
internal static class FoldedWay
{
    private const int Every = 6;

    private static readonly Length Stitch = Length.FromMillimetres(2.5);

    public static AsWay AsWay { get; } =
        new(
            Of,
            new(
                new("ruffler", "a ruffler", "It folds."),
                supplies => supplies.Feet.Any(f => f.Is.Kind == FootKinds.Pleating)
            )
        )
        {
            Folds = true,
        };

    private static IEnumerable<Way> Of(EdgeWanted wanted)
    {
        var (edge, ruler) = (wanted.Piece.FinishedEdge, wanted.Reader.Ruler);
        var depth = (wanted.Fullness - 1) * Every * Stitch / 2;
        var trimmed = wanted.Fullness + TuckedRuffleFields.TrimAllowance.Start!.Value / edge;
        if (wanted.Strips(trimmed) is not { } strips)
        {
            yield break;
        }
        // At every stitch the fold of the same fullness is a sixth as deep, and hardly shows.
        var reaches = depth <= TuckedRuffleFields.MaxTuckDepth.Start!.Value;
        yield return new Way(
            "a ruffler",
            strips.ClothToBuy,
            Pace.Folded(edge, Stitch) + Pace.Swatches / 2 + Pace.Seam(edge),
            3,
            reaches,
            $"{(reaches ? "" : "would need ")}folds of {ruler.Fine(depth)}, one every {Every} stitches"
        );
    }
}
