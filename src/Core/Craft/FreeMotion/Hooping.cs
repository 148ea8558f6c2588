using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>A place of the hoop: what can be sewn before it is moved.</summary>
/// <param name="Number">From 1, row by row.</param>
internal sealed record HoopField(int Number, Point From, Length Width, Length Height)
{
    public Point To => new(From.X + Width, From.Y + Height);
}

/// <summary>A round hoop over a piece of work, and how it is moved where the work is larger.</summary>
/// <param name="Inside">From rim to rim.</param>
/// <param name="Width">Of the work.</param>
/// <param name="Height">Of the work.</param>
internal sealed record Hooping(Length Inside, Length Width, Length Height)
{
    /// <summary>The foot comes no nearer to the rim than this, on either side: workshop rule.</summary>
    private static readonly Length Room = Length.FromMillimetres(15);

    /// <summary>Fields lie so far over each other, so that no seam shows between them.</summary>
    public static readonly Length Overlap = Length.FromMillimetres(10);

    /// <summary>The hoop that holds all of it: its diagonal, and room for the foot on either side.</summary>
    public Length Needed =>
        Length.FromMillimetres(
            Math.Sqrt(
                Width.Millimetres * Width.Millimetres + Height.Millimetres * Height.Millimetres
            )
        )
        + 2 * Room;

    public bool HoldsAll => Needed <= Inside;

    /// <summary>The places of the hoop, one where it holds all; squares that lie within the round, else.</summary>
    public IReadOnlyList<HoopField> Fields
    {
        get
        {
            if (HoldsAll)
            {
                return [new(1, Point.At(0, 0), Width, Height)];
            }
            var side = (Inside - 2 * Room) / Math.Sqrt(2);
            var (columns, rows) = (Count(Width, side), Count(Height, side));
            var (wide, high) = (Each(Width, columns), Each(Height, rows));
            return
            [
                .. from j in Enumerable.Range(0, rows)
                from i in Enumerable.Range(0, columns)
                select new HoopField(
                    j * columns + i + 1,
                    new Point(i * (wide - Overlap), j * (high - Overlap)),
                    wide,
                    high
                ),
            ];
        }
    }

    /// <summary>ceil((a − o)/(s − o)).</summary>
    private static int Count(Length across, Length side) =>
        (int)Math.Max(1, Rounding.CeilingTolerant((across - Overlap) / (side - Overlap)));

    /// <summary>(a + (n − 1)·o)/n: evened out.</summary>
    private static Length Each(Length across, int count) =>
        (across + (count - 1) * Overlap) / count;
}
