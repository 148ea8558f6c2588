using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Photographs;

/// <summary>The card that is printed and laid beside what is photographed: a square of 100 mm, with a mark at each corner.</summary>
public static class MeasuringCard
{
    /// <summary>From the middle of a mark to the edge of the card.</summary>
    private const double Rim = 12;

    /// <summary>Lines so near to each other print as one black.</summary>
    private const double Step = 0.18;

    private static readonly (double X, double Y)[] Marks =
    [
        (Rim, Rim),
        (Rim + Plane.CardSide, Rim),
        (Rim + Plane.CardSide, Rim + Plane.CardSide),
        (Rim, Rim + Plane.CardSide),
    ];

    public static Guide Guide { get; } =
        new(
            "Measuring card",
            Length.FromMillimetres(Plane.CardSide + 2 * Rim),
            Length.FromMillimetres(Plane.CardSide + 2 * Rim),
            [],
            "Lay it flat beside what is measured, on the same table, all four marks in the picture. From mark to mark it measures 100 mm: check it with a ruler."
        )
        {
            Paths = [.. Marks.SelectMany(m => Mark(m.X, m.Y))],
        };

    private static IEnumerable<GuidePath> Mark(double x, double y) =>
        Radii(Step, CardMarks.Dot / 2)
            .Concat(Radii(CardMarks.Within / 2, CardMarks.Ring / 2))
            .Select(r => new GuidePath(Circle(x, y, r), LineMeaning.Seam));

    private static IEnumerable<double> Radii(double from, double to)
    {
        for (var r = from; r <= to; r += Step)
        {
            yield return r;
        }
    }

    private static Path Circle(double x, double y, double r)
    {
        var radius = Length.FromMillimetres(r);
        return new(
            Point.At(x - r, y),
            [
                new ArcTo(Point.At(x + r, y), radius, true),
                new ArcTo(Point.At(x - r, y), radius, true),
            ],
            true
        );
    }
}
