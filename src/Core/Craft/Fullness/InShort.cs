using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness;

/// <summary>Fullness in small pictures: a piece in a list, a technique in a chooser, the scale it is chosen on.</summary>
internal static class InShort
{
    private const double LeastOnScale = 1;
    private const double MostOnScale = 4;

    /// <summary>An edge and how full it comes out.</summary>
    public static Summary Of(Length edge, double fullness, Ruler ruler) =>
        new(
            $"{ruler.Mark(edge)} at {DecimalText.Write(fullness)}",
            Hem("in-short", "", Math.Clamp(fullness, 1, 6), 5, [])
        );

    /// <summary>What a technique makes: a hem of its kind, with what else shows.</summary>
    /// <param name="says">The picture in words.</param>
    /// <param name="rows">How far down each row of stitches lies.</param>
    public static Drawing Mark(string says, double fullness, int folds, params double[] rows) =>
        Hem("mark", says, fullness, folds, rows);

    private static Drawing Hem(
        string name,
        string says,
        double fullness,
        int folds,
        IReadOnlyList<double> rows
    )
    {
        const double width = 110;
        const double drop = 37;
        var wave = Wave.Of(
            Point.At(0, 7 + drop),
            Length.FromMillimetres(width),
            fullness,
            Length.FromMillimetres(1000),
            folds
        );
        // Folds of that many would be deeper than the picture is high; their height is what shows the fullness.
        wave = new Wave(
            wave.From,
            wave.Span,
            folds,
            Length.FromMillimetres(
                Math.Min(13, width / folds * Wave.SlopeFor(fullness) / (2 * Math.PI))
            )
        );
        return new Drawing(
            name,
            "",
            says,
            Length.FromMillimetres(width),
            Length.FromMillimetres(58),
            [
                new GatheredCloth(Point.At(0, 7), Length.FromMillimetres(drop), wave),
                new ClothPiece(Point.At(0, 0), Point.At(width, 7), ClothRole.Plain),
                .. rows.Select(y => new ClothLine(
                    LineMeaning.Stitch,
                    Point.At(0, y),
                    Point.At(width, y)
                )),
            ],
            true
        );
    }

    /// <summary>From scant to lavish: waves one after the other, each as full as its place on the scale.</summary>
    public static Drawing Scale()
    {
        const int waves = 30;
        var step = Length.FromMillimetres(10);
        var slopeAtMost = Wave.SlopeFor(MostOnScale);
        List<Shape> shapes = [];
        for (var i = 0; i < waves; i++)
        {
            var fullness = LeastOnScale + (i + 0.5) / waves * (MostOnScale - LeastOnScale);
            var slope = Wave.SlopeFor(fullness);
            var wave = new Wave(
                new Point(step * i, Length.Zero),
                step,
                1,
                step * (slope / (2 * Math.PI))
            );
            shapes.Add(new GatheredCloth(wave.From, Length.Zero, wave));
        }
        foreach (
            var (name, fullness) in new[]
            {
                ("sparse", 1.35),
                ("soft", 1.85),
                ("full", 2.5),
                ("very full", 3.4),
            }
        )
        {
            var x = step * (waves * (fullness - LeastOnScale) / (MostOnScale - LeastOnScale));
            shapes.Add(new Words(new Point(x, Length.Zero), name));
        }
        return new Drawing(
            "scale",
            "From sparse to very full",
            "A wave that grows from flat at fullness 1 to crowded at fullness 4.",
            step * waves,
            step * (slopeAtMost / Math.PI),
            shapes,
            false
        );
    }
}
