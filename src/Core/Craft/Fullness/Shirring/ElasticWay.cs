using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.WhichWay;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>Rows of elastic beside other ways of making an edge fuller.</summary>
internal static class ElasticWay
{
    private static readonly Length Stitch = Length.FromMillimetres(4);

    public static AsWay AsWay { get; } =
        new(
            Of,
            new(
                new("elastic", "elastic thread", "It draws up and stretches."),
                supplies => supplies.Elastics.Count > 0
            )
        )
        {
            Stretches = true,
        };

    private static IEnumerable<Way> Of(EdgeWanted wanted)
    {
        var piece = wanted.Piece;
        var likely = PullUpModel
            .From(PullUpFamily.Elastic, [])
            .Predict(
                new PullUpSettings(
                    Stitch,
                    0,
                    1,
                    1,
                    ClothWeight.FromGramsPerSquareMetre(wanted.Weight),
                    true,
                    Length.FromMillimetres(0.6)
                )
            );
        var rows = Math.Max(1, Rounding.FloorTolerant(piece.FinishedDepth.Millimetres / 8));
        var flat = piece.FinishedEdge * wanted.Fullness;
        var seam = piece.SeamAllowance;
        var widths = ShirringPlan.WidthsFor(flat + 2 * seam, piece.ClothWidth, seam);
        yield return new Way(
            "rows of elastic",
            widths * (piece.FinishedDepth + 2 * seam),
            Pace.Sewn(flat * rows, Stitch) + Pace.Swatches,
            2,
            wanted.Fullness <= likely.High,
            $"{DecimalText.Write(likely.Low)} to {DecimalText.Write(likely.High)} is likely"
        );
    }
}
