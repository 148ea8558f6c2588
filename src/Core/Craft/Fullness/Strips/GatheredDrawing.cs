using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>The piece as it will hang: the plain edge, and the gathered cloth below it.</summary>
internal static class GatheredDrawing
{
    /// <summary>More folds than this are not told apart on a screen.</summary>
    private const int MostFolds = 90;

    public static Drawing Of(StripPlan a)
    {
        var depth = a.Ask.FinishedDepth;
        var band = Band(depth);
        var drawn = DrawnLength.Of(a, a.SegmentGathered, depth + band);
        var width = a.SegmentGathered * drawn.Segments;
        var hem = Wave.Of(
            new Point(Length.Zero, band + depth),
            width,
            a.AchievedFullness,
            FoldDepth(depth),
            MostFolds
        );
        List<Shape> shapes =
        [
            new GatheredCloth(new Point(Length.Zero, band), depth, hem, !drawn.IsAll).In("gathers"),
            new ClothPiece(
                Point.At(0, 0),
                new Point(width, band),
                ClothRole.Plain,
                TornRight: !drawn.IsAll
            ).In("plain"),
        ];
        for (var k = 0; k <= drawn.Segments; k++)
        {
            shapes.Add(new Notch(new Point(a.EdgeMark(k), Length.Zero), k).In("marks"));
        }
        shapes.Add(
            Dimension.Below(
                Length.Zero,
                width,
                band + depth,
                LengthKind.Marked,
                drawn.IsAll
                    ? a.Ask.Closed
                        ? "round"
                        : ""
                    : "shown",
                drawn.IsAll ? StripFields.FinishedEdge.Name : ""
            )
        );
        shapes.Add(
            Dimension.Right(
                band,
                band + depth,
                width,
                LengthKind.Marked,
                field: StripFields.FinishedDepth.Name,
                states: depth
            )
        );
        return new Drawing(
            "gathered",
            "Finished, gathered" + drawn.Note(a),
            $"The gathered piece from the front: {DecimalText.Write(a.AchievedFullness)} times its edge, in {hem.Folds} folds, with {drawn.Segments + 1} "
                + "marks along the edge.",
            width,
            band + depth,
            shapes,
            !a.Ask.Along
        );
    }

    /// <summary>How much of the plain piece is drawn above the gathers.</summary>
    private static Length Band(Length depth) =>
        Length.FromMillimetres(Math.Clamp(depth.Millimetres * 0.14, 4, 40));

    /// <summary>Folds deepen with the drop, from 8 mm on a narrow frill to 45 mm on a curtain.</summary>
    private static Length FoldDepth(Length depth) =>
        Length.FromMillimetres(Math.Clamp(depth.Millimetres * 0.15, 8, 45));
}
