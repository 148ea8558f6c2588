namespace ZephyrReach.Core.Cutting;

/// <summary>A rectangle to be laid, in ticks.</summary>
/// <param name="Piece">Which of the task’s pieces.</param>
/// <param name="First">The number of the first that lies in it; slanted strips lie side by side in one, and on each other where the fabric is double.</param>
/// <param name="Count">How many.</param>
/// <param name="Width">Across the fabric, as it lies first.</param>
/// <param name="Height">Along it.</param>
/// <param name="IsTurned">Whether its length lies across the fabric as it lies first.</param>
/// <param name="MayTurn">Whether it may lie the other way too.</param>
internal readonly record struct Item(
    int Piece,
    int First,
    int Count,
    long Width,
    long Height,
    bool IsTurned,
    bool MayTurn
)
{
    /// <summary>It begins so far behind a whole repeat across the fabric.</summary>
    public long PhaseX { get; init; }

    /// <summary>The same along it.</summary>
    public long PhaseY { get; init; }

    /// <summary>Whether it lies at the fold, which cuts it in half.</summary>
    public bool IsAtFold { get; init; }

    /// <summary>Its shape, where that is no rectangle; null where it is one, or is cut out as one.</summary>
    public ItemShape? Shape { get; init; }

    public long Across(bool turn) => turn ? Height : Width;

    public long Along(bool turn) => turn ? Width : Height;

    public bool IsLike(Item other) =>
        Width == other.Width
        && Height == other.Height
        && MayTurn == other.MayTurn
        && PhaseX == other.PhaseX
        && PhaseY == other.PhaseY
        && IsAtFold == other.IsAtFold
        && Shape == other.Shape;
}

/// <summary>What lies within the rectangle of an item.</summary>
/// <param name="Corners">In ticks from its upper left corner, in their order; at least three.</param>
/// <param name="MayHead">Whether it may stand on its head.</param>
/// <param name="Least">How far it reaches along the fabric at the least, whatever is laid together.</param>
internal sealed record ItemShape(
    IReadOnlyList<(double X, double Y)> Corners,
    bool MayHead,
    long Least
)
{
    /// <summary>In square ticks, by the shoelace formula.</summary>
    public double Area { get; } =
        Math.Abs(
            Corners
                .Select(
                    (c, i) =>
                        Corners[(i + 1) % Corners.Count] is var next
                            ? c.X * next.Y - next.X * c.Y
                            : 0
                )
                .Sum()
        ) / 2;
}

/// <summary>Where an item lies.</summary>
internal readonly record struct Laid(int Sheet, long X, long Y, bool Turn, bool OnHead = false);
