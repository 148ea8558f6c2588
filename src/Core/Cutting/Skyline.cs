namespace ZephyrReach.Core.Cutting;

/// <summary>
/// Fills each sheet from its cut end: whatever fits best goes into the lowest gap of the edge that has grown so far, the
/// remnants first. For scissors: nothing has to be cut right across.
/// </summary>
/// <remarks>
/// A gap is fitted best by what fills its width and is level with a wall beside it; of those that fit alike the first in the
/// order is taken. After Leung, Zhang and Sim, A two-stage intelligent search algorithm for the two-dimensional strip packing
/// problem, 2011.
/// </remarks>
internal sealed class Skyline(Board board) : ILayer
{
    private readonly int[] remnants =
    [
        .. Enumerable
            .Range(1, board.Sheets - 1)
            .OrderBy(s => board.Widths[s] / 1000 * (board.Heights[s] / 1000)),
        0,
    ];

    private readonly long[] x = new long[board.Items.Length * 2 + 3];
    private readonly long[] y = new long[board.Items.Length * 2 + 3];
    private readonly bool[] isLaid = new bool[board.Items.Length];

    /// <summary>How many steps of the edge there are; the last of <see cref="x"/> is the far selvedge.</summary>
    private int steps;

    public long Lay(Order order, Laid[] laid)
    {
        Array.Clear(isLaid);
        var left = order.Items.Length;
        long used = 0;
        foreach (var sheet in remnants)
        {
            if (left == 0)
            {
                break;
            }
            (x[0], y[0], x[1], steps) = (0, 0, board.Widths[sheet] + board.Between, 1);
            while (left > 0)
            {
                var low = Lowest();
                var (item, turn) = Best(order, sheet, low);
                if (item >= 0)
                {
                    var top = Put(item, turn, sheet, low, laid);
                    isLaid[item] = true;
                    left--;
                    if (sheet == 0)
                    {
                        used = Math.Max(used, top);
                    }
                }
                else if (!Raise(low))
                {
                    break;
                }
            }
        }
        return used;
    }

    private int Lowest()
    {
        var low = 0;
        for (var i = 1; i < steps; i++)
        {
            if (y[i] < y[low])
            {
                low = i;
            }
        }
        return low;
    }

    private (int Item, bool Turn) Best(Order order, int sheet, int low)
    {
        var (end, floor) = (x[low + 1], y[low]);
        var atSelvedge = low + 1 == steps;
        var wall = low == 0 ? long.MaxValue : y[low - 1] - floor;
        var other = atSelvedge ? long.MaxValue : y[low + 1] - floor;
        var (best, bestTurn, score) = (-1, false, -1);
        foreach (var i in order.Items)
        {
            if (isLaid[i])
            {
                continue;
            }
            var item = board.Items[i];
            if (item.IsAtFold && low > 0)
            {
                continue;
            }
            var (from, top) = (board.FromX(x[low], item), board.FromY(floor, item));
            for (var way = 0; way < (item.MayTurn ? 2 : 1); way++)
            {
                var turn = item.MayTurn && (way == 0) == order.Turns[i];
                var (across, along) = (item.Across(turn), item.Along(turn));
                var right = from + across + board.Between;
                if (right > end || top + along > board.Heights[sheet])
                {
                    continue;
                }
                // What is nearer to a wall than the next repeat is level with it.
                var height = top - floor + along + board.Between;
                var isLevel = IsLevel(height, wall) || IsLevel(height, other);
                var fills = right + board.StepX > end;
                var now =
                    fills && isLevel ? 4
                    : fills ? 3
                    : isLevel ? 1
                    : 0;
                if (now > score)
                {
                    (best, bestTurn, score) = (i, turn, now);
                    if (now == 4)
                    {
                        return (best, bestTurn);
                    }
                }
            }
        }
        return (best, bestTurn);
    }

    private bool IsLevel(long height, long wall) => height <= wall && height + board.StepY > wall;

    /// <summary>Puts it beside the higher wall of the gap.</summary>
    private long Put(int index, bool turn, int sheet, int low, Laid[] laid)
    {
        var item = board.Items[index];
        var taken = item.Across(turn) + board.Between;
        var wall = low == 0 ? long.MaxValue : y[low - 1];
        var other = low + 1 == steps ? long.MaxValue : y[low + 1];
        var onRight =
            board.StepX == 1 && !item.IsAtFold && other > wall && taken < x[low + 1] - x[low];
        var from = onRight ? x[low + 1] - taken : board.FromX(x[low], item);
        laid[index] = new Laid(sheet, from, board.FromY(y[low], item), turn);
        Grow(low, from, taken, laid[index].Y + item.Along(turn) + board.Between);
        return laid[index].Y + item.Along(turn);
    }

    private void Grow(int low, long from, long taken, long top)
    {
        var (begin, end, floor) = (x[low], x[low + 1], y[low]);
        var at = low;
        if (from > begin)
        {
            Open(++at);
            x[at] = from;
        }
        y[at] = top;
        if (from + taken < end)
        {
            Open(at + 1);
            (x[at + 1], y[at + 1]) = (from + taken, floor);
        }
        Join(low, at + 1);
    }

    private void Open(int at)
    {
        for (var i = steps; i >= at; i--)
        {
            (x[i + 1], y[i + 1]) = (x[i], y[i]);
        }
        steps++;
    }

    /// <summary>Makes one step of those beside each other that are level.</summary>
    private void Join(int first, int last)
    {
        for (var i = Math.Min(last, steps - 1); i >= Math.Max(1, first); i--)
        {
            if (y[i] == y[i - 1])
            {
                Close(i);
            }
        }
    }

    private void Close(int at)
    {
        for (var i = at; i < steps; i++)
        {
            (x[i], y[i]) = (x[i + 1], y[i + 1]);
        }
        steps--;
    }

    /// <summary>Gives a gap up that nothing fits, up to the lower of its walls; false where it is the whole width.</summary>
    private bool Raise(int low)
    {
        if (steps == 1)
        {
            return false;
        }
        var wall = low == 0 ? long.MaxValue : y[low - 1];
        var other = low + 1 == steps ? long.MaxValue : y[low + 1];
        y[low] = Math.Min(wall, other);
        Join(low, low + 1);
        return true;
    }
}
