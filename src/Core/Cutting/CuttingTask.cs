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
public sealed record Sheet(Length Width, Length? Long);

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
);

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

    /// <summary>Pieces that lie where a hand put them; the rest is laid round them. Each lies inside its sheet, and apart from the others.</summary>
    public IReadOnlyList<Pin> Pins { get; init; } = [];

    /// <summary>Every piece begins at a whole repeat of the pattern along the fabric; null where nothing is matched.</summary>
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
public sealed record Pin(int Piece, int Number, int On, Length X, Length Y);

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
);

/// <summary>A rectangle that is left over.</summary>
/// <param name="On">0 for the bolt, from 1 the remnants.</param>
public sealed record Offcut(int On, Length X, Length Y, Length Width, Length Long);

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
    /// <summary>Whether less than what is used is known not to do.</summary>
    public bool IsProven => Used == AtLeast;
}
