using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>The band with each fold over and under; and two legs from near, as they are caught and folded.</summary>
internal static class RibbonDrawing
{
    public const string Name = "band";
    public const string NearName = "fold";

    /// <summary>A ribbon whose colour is not known.</summary>
    private const string Front = "#c4713f";

    /// <summary>The back is drawn so much lighter.</summary>
    private const double Lighter = 0.45;

    public static Drawing Band(FoldedRibbonPlan a)
    {
        var ask = a.Ask;
        var (q, e) = (a.Advance, a.FoldEdge);
        // A fold reaches half its length beyond its middle.
        var beside = e / 2 + Length.FromMillimetres(6);
        var above = Length.FromMillimetres(10);
        var (width, height) = (ask.Run + 2 * beside, a.AllBands + 2 * above);
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("ground"),
        ];
        for (var band = 0; band < ask.Bands; band++)
        {
            var top = above + band * (q + ask.BandGap);
            shapes.Add(
                new ClothLine(
                    LineMeaning.Chalk,
                    new Point(beside, top + q / 2),
                    new Point(beside + ask.Run, top + q / 2)
                ).In("line")
            );
            shapes.AddRange(
                Legs(a, ask.Legs, beside, top, band % 2 == 1, band == 0 ? "first" : "bands")
            );
            foreach (var caught in a.Catches)
            {
                shapes.Add(Caught(a, beside + caught.At, top + q / 2));
            }
        }
        shapes.Add(
            Dimension.Below(
                beside,
                beside + ask.Run,
                height,
                LengthKind.Marked,
                "",
                FoldedRibbonFields.Run.Name,
                states: ask.Run
            )
        );
        shapes.Add(
            Dimension.Right(
                above,
                above + a.AllBands,
                width,
                ask.Bands == 1 ? LengthKind.Fine : LengthKind.Marked,
                ask.Bands == 1 ? "band" : "all bands",
                states: a.AllBands
            )
        );
        return new Drawing(
            Name,
            ask.Bands == 1 ? "The band" : "The bands, mirrored",
            $"{ask.Legs} folds of ribbon {a.Ruler.Fine(ask.RibbonWidth)} wide along {a.Ruler.Mark(ask.Run)}, folded back and forth at 45°, {a.Ruler.Fine(q)} wide.",
            width,
            height,
            shapes,
            true
        )
        {
            Nears =
            [
                .. a.Catches.Select(c => new Near(
                    new Point(beside + c.At, above + q / 2),
                    3 * q + e,
                    // The band runs to the right: turned so, what comes next runs towards her.
                    90,
                    $"catch {c.Number}"
                )),
            ],
        };
    }

    /// <summary>The first two folds from near.</summary>
    public static Drawing Fold(FoldedRibbonPlan a)
    {
        var legs = Math.Min(3, a.Ask.Legs);
        var (q, e) = (a.Advance, a.FoldEdge);
        var beside = e / 2 + Length.FromMillimetres(3);
        var above = Length.FromMillimetres(4);
        var (width, height) = (q * legs + 2 * beside, q + 2 * above);
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("ground"),
            new ClothLine(
                LineMeaning.Chalk,
                new Point(Length.Zero, above + q / 2),
                new Point(width, above + q / 2)
            ).In("line"),
            .. Legs(a, legs, beside, above, false, "legs"),
        ];
        foreach (var caught in a.Catches.Take(legs))
        {
            shapes.Add(Caught(a, beside + caught.At, above + q / 2));
        }
        shapes.Add(
            Dimension.Below(
                beside,
                beside + q,
                height,
                LengthKind.Fine,
                "each fold",
                a.Ask.Legs == 1 || a.Advance != a.Ask.LegAdvance
                    ? ""
                    : FoldedRibbonFields.LegAdvance.Name,
                states: q
            )
        );
        if (legs > 1)
        {
            shapes.Add(
                Dimension.Above(
                    beside + q - e / 2,
                    beside + q + e / 2,
                    Length.Zero,
                    LengthKind.Fine,
                    "fold",
                    states: e
                )
            );
        }
        return new Drawing(
            NearName,
            "Close-up: stitch, fold, stitch",
            $"Each fold crosses the line at 45°, is caught there, and folded back on itself {a.Ruler.Fine(q / 2)} further; the fold is {a.Ruler.Fine(e)} long.",
            width,
            height,
            shapes,
            true,
            true
        );
    }

    /// <summary>A band in small, 110 to 58.</summary>
    public static Drawing Picture(string name, string says, int bands)
    {
        const double q = 18;
        const double e = 10;
        var rows = Math.Min(bands, 2);
        List<Shape> shapes = [new ClothPiece(Point.At(0, 0), Point.At(110, 58), ClothRole.Main)];
        for (var band = 0; band < rows; band++)
        {
            var top = 29 - rows * q / 2 + band * q;
            for (var i = 0; i < 5; i++)
            {
                shapes.Add(
                    Leg(
                        Length.FromMillimetres(10 + i * q),
                        Length.FromMillimetres(q),
                        Length.FromMillimetres(top),
                        Length.FromMillimetres(e),
                        (i + band) % 2 == 0,
                        i % 2 == 0 ? Front : Back(Front),
                        ""
                    )
                );
            }
        }
        return new Drawing(
            name,
            "",
            says,
            Length.FromMillimetres(110),
            Length.FromMillimetres(58),
            shapes,
            true
        );
    }

    /// <summary>Legs one after another: each lies on the one before it, and shows the other side of the ribbon.</summary>
    private static IEnumerable<Shape> Legs(
        FoldedRibbonPlan a,
        int count,
        Length left,
        Length top,
        bool isMirrored,
        string part
    )
    {
        var front = a.Ask.Colour is { } colour ? $"{colour}" : Front;
        for (var i = 0; i < count; i++)
        {
            // The first goes up from the lower edge; of a mirrored band, down.
            yield return Leg(
                left + i * a.Advance,
                a.Advance,
                top,
                a.FoldEdge,
                (i % 2 == 0) != isMirrored,
                i % 2 == 0 ? front : Back(front),
                part
            );
        }
    }

    /// <summary>One leg between two folds: a leaning strip.</summary>
    private static Shape Leg(
        Length from,
        Length advance,
        Length top,
        Length fold,
        bool goesUp,
        string colour,
        string part
    )
    {
        var (low, high) = goesUp ? (top + advance, top) : (top, top + advance);
        var half = fold / 2;
        return new PathShape(
            Path.Of(
                true,
                new Point(from - half, low),
                new Point(from + half, low),
                new Point(from + advance + half, high),
                new Point(from + advance - half, high)
            ),
            LineMeaning.Fold,
            Colour: colour
        ).In(part);
    }

    /// <summary>The short sequence that catches a leg, along the line.</summary>
    private static Shape Caught(FoldedRibbonPlan a, Length x, Length y)
    {
        var half = Length.Min(a.FoldEdge / 2, a.Advance / 2) * 0.8;
        return new ClothLine(LineMeaning.Stitch, new Point(x - half, y), new Point(x + half, y)).In(
            "catches"
        );
    }

    /// <summary>The same colour mixed with white.</summary>
    private static string Back(string colour)
    {
        Colour.TryRead(colour, out var front);
        byte Mixed(byte part) => (byte)(part + (255 - part) * Lighter);
        return $"{new Colour(Mixed(front.Red), Mixed(front.Green), Mixed(front.Blue))}";
    }
}
