using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>Where the ends meet, from near: the covering opened and joined on the slant, the ends of the cord butted.</summary>
internal static class EndsDrawing
{
    public const string Name = "ends";

    public static Drawing Of(PipingPlan a)
    {
        var (wide, cord) = (a.Ask.Covering.Width, a.Ask.Covering.Cord);
        var half = Length.Max(a.Ask.Overlap, wide * 1.5);
        var (long_, middle) = (half * 2, wide / 2);
        // On the slant the seam goes from one raw edge to the other.
        var slant = wide / 2;
        Point[] left =
        [
            new(Length.Zero, Length.Zero),
            new(half + slant, Length.Zero),
            new(half - slant, wide),
            new(Length.Zero, wide),
        ];
        Point[] right =
        [
            new(half + slant, Length.Zero),
            new(long_, Length.Zero),
            new(long_, wide),
            new(half - slant, wide),
        ];
        return new Drawing(
            Name,
            "Where the ends meet",
            $"Both ends of the covering are opened, cut to {a.Ruler.Mark(a.Ask.Cut.Join)} past each other and sewn on the slant; the ends of the cord are cut so that they butt, and sewn together by hand.",
            long_,
            wide,
            [
                new PathShape(Path.Of(true, left), LineMeaning.Profile, ClothRole.Main).In(
                    "covering-end"
                ),
                new PathShape(Path.Of(true, right), LineMeaning.Profile, ClothRole.Main).In(
                    "covering-start"
                ),
                Cord(Length.Zero, half - Length.FromMillimetres(0.5), "cord-end"),
                Cord(half + Length.FromMillimetres(0.5), long_, "cord-start"),
                new ClothLine(
                    LineMeaning.Seam,
                    new(half + slant, Length.Zero),
                    new(half - slant, wide)
                ).In("seam"),
                new ClothLine(LineMeaning.Fold, new(Length.Zero, middle), new(long_, middle)).In(
                    "fold"
                ),
                Dimension.Right(Length.Zero, wide, long_, LengthKind.Marked),
                Dimension.Below(
                    half - a.Ask.Overlap / 2,
                    half + a.Ask.Overlap / 2,
                    wide,
                    LengthKind.Marked,
                    "more",
                    Corded.CordedFields.Overlap.Name,
                    states: a.Ask.Overlap
                ),
            ],
            true,
            IsCloseUp: true
        );

        PathShape Cord(Length from, Length to, string part) =>
            new(Path.Of(false, new(from, middle), new(to, middle)), LineMeaning.Cord, Width: cord)
            {
                Part = part,
            };
    }
}
