using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Cutting;

/// <summary>Which way a piece lies on its fabric.</summary>
public enum Grain
{
    /// <summary>Its length along the selvedges.</summary>
    Along,

    /// <summary>Its length from selvedge to selvedge.</summary>
    Across,

    /// <summary>Either way.</summary>
    Free,
}

/// <summary>A fabric, or a remnant of it, laid out flat.</summary>
/// <param name="Width">Between its selvedges; above 0.</param>
/// <param name="Long">Along them, above 0; null where it goes on as far as it is needed.</param>
public sealed record Sheet(Length Width, Length? Long)
{
    /// <summary>The outline of a remnant that is no rectangle, from the upper left corner of its bounds; else null.</summary>
    public Path? Outline { get; init; }
}

/// <summary>What is cut of one size.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Count">How many alike; 1 or more.</param>
/// <param name="Width">Across its length; above 0.</param>
/// <param name="Long">Along its grain where that is <see cref="Grain.Along"/>; above 0.</param>
/// <param name="Grain">Which way it lies.</param>
/// <param name="IsBias">
/// Whether it is a strip at 45° to the selvedges, its ends on the straight grain: a parallelogram as long as its middle line.
/// </param>
public sealed record PieceToCut(
    string Name,
    int Count,
    Length Width,
    Length Long,
    Grain Grain,
    bool IsBias = false
)
{
    /// <summary>Its outline, in mm from its upper left corner, with its length down; null for a rectangle.</summary>
    public Path? Outline { get; init; }

    /// <summary>Whether every second one is the mirror image of the one before.</summary>
    public bool IsMirrored { get; init; }

    /// <summary>That they are sewn together at their ends; null where each is by itself.</summary>
    public Joined? Joined { get; init; }

    /// <summary>Whether one of them, from 1, is the mirror image.</summary>
    public bool IsMirroredAs(int number) => IsMirrored && number % 2 == 0;
}

/// <summary>Pieces of one size that are sewn together at their ends.</summary>
/// <param name="By">What each gives to a join, square to its seam; 0 or more.</param>
/// <param name="Needed">How long they have to be together; null for as long as they are.</param>
/// <param name="IsAcross">Whether they run the way of their width; else of their length.</param>
public sealed record Joined(Length By, Length? Needed = null, bool IsAcross = false);

/// <summary>What is cut from a fabric and its remnants.</summary>
/// <param name="Bolt">The fabric itself.</param>
/// <param name="Remnants">What lies there of it; used before the bolt is.</param>
/// <param name="Pieces">What is cut.</param>
public sealed record CuttingTask(
    Sheet Bolt,
    IReadOnlyList<Sheet> Remnants,
    IReadOnlyList<PieceToCut> Pieces
)
{
    /// <summary>Pieces lie at least so far apart; 0 or more.</summary>
    public Length Between { get; init; }

    /// <summary>Whether every cut goes right across what is left: torn, or cut with a rotary cutter.</summary>
    public bool EdgeToEdge { get; init; }

    /// <summary>Whether nap or print runs one way: then a piece whose grain is free lies along it.</summary>
    public bool OneWay { get; init; }

    /// <summary>
    /// Whether every sheet is folded double, selvedge to selvedge, so that two are cut at once, one the mirror image of the
    /// other. Distances across it are from the fold then.
    /// </summary>
    public bool IsDouble { get; init; }

    /// <summary>Pieces that lie where a hand put them; the rest is laid round them. Each lies inside its sheet, and apart from the others.</summary>
    public IReadOnlyList<Pin> Pins { get; init; } = [];

    /// <summary>
    /// Every piece begins at a whole repeat of the pattern along the fabric, and one that is joined where the one before ends;
    /// null where nothing is matched.
    /// </summary>
    public Length? RepeatAlong { get; init; }

    /// <summary>The same from selvedge to selvedge.</summary>
    public Length? RepeatAcross { get; init; }
}

/// <summary>A piece that stays where it was put.</summary>
/// <param name="Piece">Which of the task’s pieces, from 0; not one on the bias.</param>
/// <param name="Number">Which of those alike, from 1.</param>
/// <param name="On">0 for the bolt, from 1 the remnants in their order.</param>
/// <param name="X">From the left selvedge.</param>
/// <param name="Y">From the cut end.</param>
/// <param name="IsTurned">Whether it was turned by a quarter from how it lies by itself.</param>
public sealed record Pin(int Piece, int Number, int On, Length X, Length Y, bool IsTurned = false);

/// <summary>Where one piece lies.</summary>
/// <param name="Piece">Which of the task’s pieces, from 0.</param>
/// <param name="Number">Which of those alike, from 1.</param>
/// <param name="On">0 for the bolt, from 1 the remnants in their order.</param>
/// <param name="X">From the left selvedge to its nearest side; of a slanted strip, to its nearest corner.</param>
/// <param name="Y">From the cut end, the same.</param>
/// <param name="IsTurned">Whether its length lies across the fabric.</param>
/// <param name="Across">How far it reaches across the fabric.</param>
/// <param name="Along">How far it reaches along it.</param>
public sealed record Placement(
    int Piece,
    int Number,
    int On,
    Length X,
    Length Y,
    bool IsTurned,
    Length Across,
    Length Along
)
{
    /// <summary>Whether it stands on its head.</summary>
    public bool IsHalfTurned { get; init; }

    /// <summary>Whether it is the mirror image of its outline.</summary>
    public bool IsMirrored { get; init; }

    /// <summary>Whether it lies with its middle on the fold: what is seen of it is half.</summary>
    public bool IsOnFold { get; init; }
}

/// <summary>A rectangle that is left over.</summary>
/// <param name="On">0 for the bolt, from 1 the remnants.</param>
/// <param name="Width">As it lies; one at the fold opens to twice of that.</param>
public sealed record Offcut(int On, Length X, Length Y, Length Width, Length Long)
{
    /// <summary>How many alike there are: two where the fabric is folded and it does not reach the fold.</summary>
    public int Count { get; init; } = 1;

    /// <summary>Whether it lies at the fold.</summary>
    public bool IsAtFold { get; init; }

    /// <summary>Opened out.</summary>
    public Length OpenWidth => IsAtFold ? 2 * Width : Width;
}

/// <summary>One cut that goes right across what is left of a sheet at that moment.</summary>
/// <param name="On">0 for the bolt, from 1 the remnants.</param>
/// <param name="IsAcross">Whether it goes from side to side; else along the selvedges.</param>
/// <param name="At">From the cut end where it goes across, from the left selvedge where it goes along.</param>
/// <param name="From">Where it begins, the other way.</param>
/// <param name="To">Where it ends.</param>
public sealed record CutLine(int On, bool IsAcross, Length At, Length From, Length To);

/// <summary>Where all pieces lie.</summary>
/// <param name="Placements">Each piece once, in the order of the task.</param>
/// <param name="Used">What is used of the bolt’s length.</param>
/// <param name="AtLeast">Less of it cannot do; not above <paramref name="Used"/>.</param>
/// <param name="Left">What is left over, the largest first: of the bolt only within what is used of it.</param>
/// <param name="Cuts">In their order, where each goes right across; else null.</param>
public sealed record Layout(
    IReadOnlyList<Placement> Placements,
    Length Used,
    Length AtLeast,
    IReadOnlyList<Offcut> Left,
    IReadOnlyList<CutLine>? Cuts
)
{
    /// <summary>Pieces, by their place in the task, whose pattern does not go on across their joins: they are as long as the fabric is wide.</summary>
    public IReadOnlyList<int> Unmatched { get; init; } = [];

    /// <summary>What is left of the sheets that were cut into.</summary>
    public IEnumerable<Offcut> LeftOfCut =>
        Left.Where(l => l.On == 0 || Placements.Any(p => p.On == l.On));

    /// <summary>Whether less than what is used is known not to do.</summary>
    public bool IsProven => Used == AtLeast;
}
