using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>A respected way to lay the rows that are pulled up.</summary>
/// <param name="Choice">Its name and what follows from it.</param>
/// <param name="Gaps">Each row's place from the seam line, in row gaps; below 0 is towards the raw edge.</param>
/// <param name="IsOverThreads">Whether a zigzag is sewn over drawn-out threads instead of pulling a stitch.</param>
public sealed record RowScheme(
    Choice Choice,
    IReadOnlyList<double> Gaps,
    bool IsOverThreads = false
)
{
    /// <summary>The schemes, in the order they are offered.</summary>
    public static IReadOnlyList<RowScheme> All { get; } =
    [
        new(
            new Choice(
                "two-inside",
                "two in the seam allowance",
                "Both rows lie in the seam allowance: nothing to unpick, but the gathers can roll at the seam."
            ),
            [-1.5, -0.5]
        ),
        new(
            new Choice(
                "two-straddling",
                "one each side of the seam line",
                "One row either side of the seam line: gathers lie flat where they are sewn. The lower row is unpicked "
                    + "and may leave needle marks on delicate fabric."
            ),
            [-0.5, 0.5]
        ),
        new(
            new Choice(
                "three-straddling",
                "three rows",
                "Two rows inside and one below the seam line: most even, and when one thread snaps two are left. The "
                    + "lowest row is unpicked."
            ),
            [-1.5, -0.5, 0.5]
        ),
        new(
            new Choice(
                "one",
                "one row",
                "One row just inside the seam line: quickest, for a short or light edge. When its thread snaps nothing "
                    + "holds the rest, and it is least even."
            ),
            [-0.5]
        ),
        new(
            new Choice(
                "over-threads",
                "zigzag over a cord",
                "A wide zigzag over two drawn-out threads: no stitch is pulled, so nothing snaps. Good for very long "
                    + "edges; it must not catch the threads, and one end is fixed before pulling."
            ),
            [-0.5],
            true
        ),
    ];

    /// <summary>The rows that lie below the seam line and are taken out at the end.</summary>
    public int RowsRemoved { get; } = Gaps.Count(g => g > 0);

    /// <summary>How far each row lies from the raw edge.</summary>
    /// <param name="seamAllowance">From the raw edge to the seam line.</param>
    /// <param name="rowGap">Between neighbouring rows.</param>
    public IReadOnlyList<Length> Offsets(Length seamAllowance, Length rowGap)
    {
        var offsets = new Length[Gaps.Count];
        for (var i = 0; i < offsets.Length; i++)
        {
            offsets[i] = seamAllowance + rowGap * Gaps[i];
        }
        return offsets;
    }
}
