namespace ZephyrReach.Core.Cutting;

/// <summary>In which order items are laid, and which way each is tried first.</summary>
/// <param name="Items">Every item once.</param>
/// <param name="Turns">Of each item: whether it is tried turned first.</param>
/// <param name="Splits">Of each item: whether what is left beside it is cut along first, where cuts go right across.</param>
internal sealed record Order(int[] Items, bool[] Turns, bool[] Splits)
{
    /// <summary>How many there are to begin with.</summary>
    public const int UsualCount = 10;

    /// <summary>Those to begin with: what lies at the fold, then by length, by width, by area and by girth, the largest first.</summary>
    public static IEnumerable<Order> Usual(Board board)
    {
        Func<Item, long>[] sizes =
        [
            i => i.Height,
            i => i.Width,
            i => i.Width / 1000 * (i.Height / 1000),
            i => i.Width + i.Height,
            i => Math.Max(i.Width, i.Height),
        ];
        var n = board.Items.Length;
        foreach (var size in sizes)
        {
            foreach (var lies in (bool[])[false, true])
            {
                yield return new Order(
                    [
                        .. Enumerable
                            .Range(0, n)
                            .OrderByDescending(i => board.Items[i].IsAtFold)
                            .ThenByDescending(i => size(board.Items[i]))
                            .ThenBy(i => i),
                    ],
                    [
                        .. board.Items.Select(i =>
                            i.MayTurn && (lies ? i.Height > i.Width : i.Width > i.Height)
                        ),
                    ],
                    new bool[n]
                );
            }
        }
    }

    public Order Copy() => new([.. Items], [.. Turns], [.. Splits]);
}

/// <summary>Lays items in an order.</summary>
internal interface ILayer
{
    /// <summary>Lays all of them; where each lies is written down.</summary>
    /// <returns>What is used of the bolt, in ticks.</returns>
    long Lay(Order order, Laid[] laid);
}
