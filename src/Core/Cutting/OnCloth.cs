using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Cutting;

/// <summary>How much of a cloth’s length pieces take between its selvedges: the one place where that is reckoned.</summary>
public static class OnCloth
{
    /// <summary>Between the selvedges of a cloth of which nothing is known.</summary>
    public static Length UsualWidth { get; } = Length.FromMillimetres(1380);

    /// <summary>How many of a size lie side by side: floor(width/across), one at least, and not more than are wanted.</summary>
    /// <param name="count">How many are wanted, 1 or more.</param>
    /// <param name="across">Of one, from selvedge to selvedge; above 0.</param>
    public static int Beside(int count, Length across, Length width) =>
        (int)Math.Clamp(Rounding.FloorTolerant(width / across), 1, Math.Max(1, count));

    /// <summary>What pieces of one size take: ceil(count/beside)·along.</summary>
    /// <param name="along">Of one, along the cloth.</param>
    public static Length Taken(int count, Length across, Length along, Length width) =>
        Rows(count, Beside(count, across, width)) * along;

    /// <summary>How many rows that makes: ceil(count/beside).</summary>
    public static int Rows(int count, int beside) => (count + beside - 1) / beside;

    /// <summary>
    /// What pieces of several sizes take, as large as they are written: in rows, the longest first, each beside the one before
    /// while the width holds it. One that is wider than the cloth has a row for itself, and its technique says that it does not fit.
    /// </summary>
    /// <param name="pieces">Those that are cut from this cloth, on its straight grain.</param>
    public static Length Taken(IEnumerable<Piece> pieces, Length width, Ruler ruler)
    {
        var (taken, used) = (Length.Zero, width);
        foreach (
            var (across, along) in Laid(pieces, ruler)
                .OrderByDescending(p => p.Along)
                .ThenByDescending(p => p.Across)
        )
        {
            if (taken == Length.Zero || used + across > width)
            {
                (taken, used) = (taken + along, Length.Zero);
            }
            used += across;
        }
        return taken;
    }

    private static IEnumerable<(Length Across, Length Along)> Laid(
        IEnumerable<Piece> pieces,
        Ruler ruler
    ) => pieces.SelectMany(piece => Enumerable.Repeat(Lies(piece, ruler), piece.Count));

    /// <summary>How far a piece reaches from selvedge to selvedge and along them, as large as it is written.</summary>
    public static (Length Across, Length Along) Lies(Piece piece, Ruler ruler)
    {
        var (length, depth) = (
            Written(piece.Length, piece.LengthKind, ruler),
            Written(piece.Depth, piece.DepthKind, ruler)
        );
        return piece.GrainUpright ? (length, depth) : (depth, length);
    }

    private static Length Written(Length length, LengthKind kind, Ruler ruler) =>
        kind == LengthKind.Cut
            ? Rounding.Up(length, ruler.Cutting)
            : Rounding.Nearest(length, ruler.Marking);
}
