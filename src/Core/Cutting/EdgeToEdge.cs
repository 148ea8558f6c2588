namespace ZephyrReach.Core.Cutting;

/// <summary>
/// Lays items so that every cut goes right across what is left: each into a corner of a rectangle that is left over, which is
/// then cut in two beside it.
/// </summary>
/// <remarks>
/// The rectangle that leaves least beside it is taken, and a new band is opened on the bolt only where none holds it. After
/// Jylänki, A thousand ways to pack the bin, 2010.
/// </remarks>
internal sealed class EdgeToEdge(Board board) : ILayer
{
    private readonly List<Rest> rests = [];

    /// <summary>A rectangle that nothing lies in yet.</summary>
    private readonly record struct Rest(int Sheet, long X, long Y, long Width, long Height)
    {
        /// <summary>Whether it is what comes of the bolt after all bands.</summary>
        public bool IsEndless => Height > Board.Endless / 2;
    }

    public long Lay(Order order, Laid[] laid)
    {
        rests.Clear();
        for (var sheet = 0; sheet < board.Sheets; sheet++)
        {
            var (width, height) = (board.Widths[sheet], board.Heights[sheet]);
            rests.Add(new(sheet, 0, 0, width + board.Between, height + board.Between));
        }
        foreach (var i in order.Items)
        {
            var (at, turn) = Best(board.Items[i], order.Turns[i]);
            Put(i, turn, at, order.Splits[i], laid);
        }
        return board.Used(laid);
    }

    private (int At, bool Turn) Best(Item item, bool first)
    {
        var (best, bestTurn, least) = (-1, false, long.MaxValue);
        for (var i = 0; i < rests.Count; i++)
        {
            var rest = rests[i];
            if (item.IsAtFold && rest.X > 0)
            {
                continue;
            }
            for (var way = 0; way < (item.MayTurn ? 2 : 1); way++)
            {
                var turn = item.MayTurn && (way == 0) == first;
                var (width, height) = Taken(item, turn, rest);
                if (width > rest.Width || height > rest.Height)
                {
                    continue;
                }
                var spare = Math.Min(rest.Width - width, rest.Height - height);
                // Remnants first, and the end of the bolt last; there whichever way uses less of it.
                var costs =
                    rest.IsEndless ? Board.Endless + height
                    : rest.Sheet == 0 ? spare + Board.Endless / 2
                    : spare;
                if (costs < least)
                {
                    (best, bestTurn, least) = (i, turn, costs);
                }
            }
        }
        return (best, bestTurn);
    }

    /// <summary>What an item takes of a rectangle from its corner on, with what keeps it apart from the next.</summary>
    private (long Width, long Height) Taken(Item item, bool turn, Rest rest) =>
        (
            board.FromX(rest.X, item) - rest.X + item.Across(turn) + board.Between,
            board.FromY(rest.Y, item) - rest.Y + item.Along(turn) + board.Between
        );

    private void Put(int index, bool turn, int at, bool alongFirst, Laid[] laid)
    {
        var (item, rest) = (board.Items[index], rests[at]);
        laid[index] = new Laid(
            rest.Sheet,
            board.FromX(rest.X, item),
            board.FromY(rest.Y, item),
            turn
        );
        rests.RemoveAt(at);
        var (width, height) = Taken(item, turn, rest);
        // A band of the bolt is cut off before anything is cut from it.
        var isAlong = alongFirst && !rest.IsEndless;
        if (height < rest.Height)
        {
            rests.Add(
                rest with
                {
                    Y = rest.Y + height,
                    Width = isAlong ? width : rest.Width,
                    Height = rest.Height - height,
                }
            );
        }
        if (width < rest.Width)
        {
            rests.Add(
                rest with
                {
                    X = rest.X + width,
                    Width = rest.Width - width,
                    Height = isAlong ? rest.Height : height,
                }
            );
        }
    }
}
