namespace ZephyrReach.Core.Cutting;

/// <summary>
/// Lays items round those that are pinned where a hand put them: each where it lies nearest to the cut end, the remnants first.
/// </summary>
/// <remarks>
/// What is free is kept as the largest rectangles in it, which overlap: whatever fits anywhere fits one of them. After Jylänki, A
/// thousand ways to pack the bin, 2010.
/// </remarks>
internal sealed class Around(Board board) : ILayer
{
    private readonly List<Box>[] free =
    [
        .. Enumerable.Range(0, board.Sheets).Select(_ => new List<Box>()),
    ];
    private readonly List<Box> parts = [];

    private readonly record struct Box(long Left, long Top, long Right, long Bottom)
    {
        public bool Holds(Box other) =>
            Left <= other.Left
            && Top <= other.Top
            && Right >= other.Right
            && Bottom >= other.Bottom;

        public bool Meets(Box other) =>
            Left < other.Right && other.Left < Right && Top < other.Bottom && other.Top < Bottom;
    }

    public long Lay(Order order, Laid[] laid)
    {
        for (var sheet = 0; sheet < board.Sheets; sheet++)
        {
            free[sheet].Clear();
            free[sheet]
                .Add(
                    new(
                        0,
                        0,
                        board.Widths[sheet] + board.Between,
                        board.Heights[sheet] + board.Between
                    )
                );
        }
        for (var i = 0; i < laid.Length; i++)
        {
            if (board.Pinned[i] is { } pin)
            {
                laid[i] = pin;
                Take(pin.Sheet, BoxOf(i, pin));
            }
        }
        foreach (var i in order.Items)
        {
            if (board.Pinned[i] is null)
            {
                laid[i] = Nearest(i, order.Turns[i]);
                Take(laid[i].Sheet, BoxOf(i, laid[i]));
            }
        }
        return board.Used(laid);
    }

    /// <summary>What an item takes, to where the next may begin.</summary>
    private Box BoxOf(int index, Laid at) =>
        new(
            at.X,
            at.Y,
            at.X + board.Items[index].Across(at.Turn) + board.Between,
            at.Y + board.Items[index].Along(at.Turn) + board.Between
        );

    private Laid Nearest(int index, bool first)
    {
        var item = board.Items[index];
        for (var rank = 1; rank <= board.Sheets; rank++)
        {
            // The bolt last.
            var sheet = rank % board.Sheets;
            Laid? best = null;
            foreach (var box in free[sheet])
            {
                if (item.IsAtFold && box.Left > 0)
                {
                    continue;
                }
                for (var way = 0; way < (item.MayTurn ? 2 : 1); way++)
                {
                    var turned = item.MayTurn && (way == 0) == first;
                    var at = new Laid(
                        sheet,
                        board.FromX(box.Left, item),
                        board.FromY(box.Top, item),
                        turned
                    );
                    if (
                        at.X + item.Across(turned) + board.Between <= box.Right
                        && at.Y + item.Along(turned) + board.Between <= box.Bottom
                        && (
                            best is not { } now
                            || (at.Y + item.Along(turned), at.X).CompareTo(
                                (now.Y + item.Along(now.Turn), now.X)
                            ) < 0
                        )
                    )
                    {
                        best = at;
                    }
                }
            }
            if (best is { } found)
            {
                return found;
            }
        }
        throw new InvalidOperationException("A bolt goes on as far as it is needed.");
    }

    /// <summary>Takes a place out of what is free: of each rectangle that it meets up to four are left.</summary>
    private void Take(int sheet, Box taken)
    {
        var room = free[sheet];
        parts.Clear();
        for (var i = room.Count - 1; i >= 0; i--)
        {
            var box = room[i];
            if (!box.Meets(taken))
            {
                continue;
            }
            room.RemoveAt(i);
            if (taken.Left > box.Left)
            {
                parts.Add(box with { Right = taken.Left });
            }
            if (taken.Right < box.Right)
            {
                parts.Add(box with { Left = taken.Right });
            }
            if (taken.Top > box.Top)
            {
                parts.Add(box with { Bottom = taken.Top });
            }
            if (taken.Bottom < box.Bottom)
            {
                parts.Add(box with { Top = taken.Bottom });
            }
        }
        foreach (var part in parts)
        {
            if (
                !room.Any(box => box.Holds(part))
                && !parts.Any(other => other != part && other.Holds(part))
            )
            {
                room.Add(part);
            }
        }
    }
}
