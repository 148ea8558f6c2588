using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>The strips on the cloth: selvedges above and below, the length of the cloth from left to right.</summary>
internal static class LayoutDrawing
{
    private const int MostStrips = 80;

    public static Drawing Of(StripPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var taken = a.ClothLength;
        var cloth = ask.ClothAtHand is { } there && there > taken ? there : taken;
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(cloth, ask.ClothWidth), ClothRole.Length),
        ];
        if (ask.Along)
        {
            AddAlong(shapes, a);
        }
        else
        {
            AddAcross(shapes, a);
        }
        if (cloth > taken)
        {
            shapes.Add(
                new ClothPiece(
                    new Point(taken, Length.Zero),
                    new Point(cloth, ask.ClothWidth),
                    ClothRole.LeftOver,
                    $"{ruler.Mark(cloth - taken)} left"
                )
            );
        }
        shapes.Add(
            new ClothLine(LineMeaning.Selvedge, Point.At(0, 0), new Point(cloth, Length.Zero))
        );
        shapes.Add(
            new ClothLine(
                LineMeaning.Selvedge,
                new Point(Length.Zero, ask.ClothWidth),
                new Point(cloth, ask.ClothWidth)
            )
        );
        var grainY = ask.ClothWidth * 0.08;
        shapes.Add(
            new GrainArrow(
                new Point(cloth * 0.04, grainY),
                new Point(cloth * 0.04 + cloth * 0.16, grainY)
            )
        );
        shapes.Add(
            Dimension.Below(
                Length.Zero,
                taken,
                ask.ClothWidth,
                LengthKind.Cut,
                "of fabric",
                states: a.ClothToBuy
            )
        );
        shapes.Add(
            Dimension.Right(
                Length.Zero,
                ask.ClothWidth,
                cloth,
                LengthKind.Marked,
                field: FabricFields.Width.Name
            )
        );
        return new Drawing(
            "layout",
            "Cutting layout",
            $"{(a.AllStrips == 1 ? "1 strip" : $"{a.AllStrips} strips")} of {ruler.Cut(a.StripLength)} by {ruler.Cut(ask.CutDepth)} laid {(ask.Along ? "along" : "across")} the fabric, "
                + $"{(a.AllStrips == 1 ? "which takes" : "which take")} {ruler.Cut(a.ClothToBuy)} of it.",
            cloth,
            ask.ClothWidth,
            shapes,
            false,
            IsForCutting: true
        );
    }

    private static void AddAcross(List<Shape> shapes, StripPlan a)
    {
        var shown = Math.Min(a.AllStrips, MostStrips);
        for (var i = 0; i < shown; i++)
        {
            var corner = new Point(
                a.Ask.CutDepth * (i / a.StripsBeside),
                a.StripLength * (i % a.StripsBeside)
            );
            shapes.Add(
                new ClothPiece(
                    corner,
                    new Point(corner.X + a.Ask.CutDepth, corner.Y + a.StripLength),
                    ClothRole.Main,
                    $"{i + 1}"
                ).In("strips")
            );
        }
        var used = a.StripLength * a.StripsBeside;
        if (a.Ask.ClothWidth - used > Length.FromMillimetres(20))
        {
            shapes.Add(
                new ClothPiece(
                    new Point(Length.Zero, used),
                    new Point(a.ClothLength, a.Ask.ClothWidth),
                    ClothRole.LeftOver,
                    "left over"
                )
            );
        }
    }

    private static void AddAlong(List<Shape> shapes, StripPlan a)
    {
        var depth = Length.Min(a.Ask.CutDepth, a.Ask.ClothWidth);
        for (var i = 0; i < Math.Min(a.AllStrips, MostStrips); i++)
        {
            var corner = new Point(
                a.StripLength * (i / a.StripsBeside),
                depth * (i % a.StripsBeside)
            );
            shapes.Add(
                new ClothPiece(
                    corner,
                    new Point(corner.X + a.StripLength, corner.Y + depth),
                    ClothRole.Main,
                    $"{i + 1}"
                ).In("strips")
            );
        }
        if (a.Ask.ClothWidth - depth * a.StripsBeside > Length.FromMillimetres(20))
        {
            var more = a.StripsAcross - a.StripsBeside;
            shapes.Add(
                new ClothPiece(
                    new Point(Length.Zero, depth * a.StripsBeside),
                    new Point(a.ClothLength, a.Ask.ClothWidth),
                    ClothRole.LeftOver,
                    more > 0 ? $"left over: room for {more} more" : "left over"
                )
            );
        }
    }
}
