using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>How a corner is moved.</summary>
/// <param name="Corner">Which, from 1, in the order of the outline.</param>
/// <param name="X">To the right.</param>
/// <param name="Y">Down.</param>
internal sealed record Moved(int Corner, Length X, Length Y)
{
    public double Far => Math.Sqrt(X.Millimetres * X.Millimetres + Y.Millimetres * Y.Millimetres);
}

/// <summary>The least change of an outline that lands a stitch in every corner.</summary>
/// <param name="Outline">The outline after it.</param>
/// <param name="Wider">By how much it is wider; below 0 narrower. Only where it is drawn out as a whole.</param>
/// <param name="Higher">By how much it is higher.</param>
/// <param name="Corners">Which corners are moved, where it is not drawn out as a whole.</param>
/// <param name="Furthest">The greatest move of any corner, or half of what it is drawn out by.</param>
/// <param name="Miss">What the worst corner is missed by then.</param>
internal sealed record LeastChange(
    Path Outline,
    Length Wider,
    Length Higher,
    IReadOnlyList<Moved> Corners,
    Length Furthest,
    Length Miss
)
{
    /// <summary>A miss of this much nobody sees: it is less than the needle is thick.</summary>
    public static readonly Length Met = Length.FromMillimetres(0.2);

    /// <summary>An outline of more corners is not moved corner by corner.</summary>
    internal const int MostCorners = 60;

    /// <summary>Finds it; null where nothing within reason lands everywhere.</summary>
    /// <remarks>
    /// First the whole is drawn out across, down or both ways alike, so that its longest side is a whole number of stitches; then
    /// one corner alone is moved, then all of them. Where corners A and B of a side of length L move by a and b, its length
    /// grows by (B − A)/L · (b − a): the least moves that give every side its length are found by Newton’s steps.
    /// </remarks>
    /// <param name="round">The outline as it is.</param>
    /// <param name="step">What one repeat comes to.</param>
    public static LeastChange? For(Round round, Length step)
    {
        var shape = new MovingCorners(round, step.Millimetres);
        return shape
            .Drawn()
            .Concat(shape.Cornered())
            .Where(c => c.Miss <= Met)
            .MinBy(c => c.Furthest);
    }
}
