namespace ZephyrReach.Core.Cutting;

/// <summary>
/// Looks for a layout without any waste within a length: the lowest gap is filled from its left end by each item in turn that
/// could be there, until nothing is left.
/// </summary>
/// <remarks>
/// Where the area leaves nothing over every gap has to be filled exactly, so that most beginnings end at once: this finds in
/// moments what a search by changes hardly ever meets.
/// </remarks>
internal sealed class Perfect
{
    private readonly Board board;
    private readonly long height;
    private readonly CancellationToken stop;
    private readonly bool[] isLaid;
    private readonly Laid[] laid;
    private readonly int[] order;
    private readonly List<(long X, long Width, long Top)> edge;
    private long work;

    private Perfect(Board board, long height, long work, CancellationToken stop)
    {
        (this.board, this.height, this.work, this.stop) = (board, height, work, stop);
        isLaid = new bool[board.Items.Length];
        laid = new Laid[board.Items.Length];
        order =
        [
            .. Enumerable
                .Range(0, board.Items.Length)
                .OrderByDescending(i =>
                    board.Items[i].Width / 1000 * (board.Items[i].Height / 1000)
                )
                .ThenBy(i => i),
        ];
        edge = [(0, board.Widths[0] + board.Between, 0)];
    }

    /// <summary>A layout of that length without waste; null where there is none, or none was found.</summary>
    /// <param name="height">With what keeps pieces apart at its end.</param>
    /// <param name="work">How much it may do: about 200 million a second here.</param>
    public static Laid[]? Find(Board board, long height, long work, CancellationToken stop)
    {
        var search = new Perfect(board, height, work, stop);
        return search.Fill(0) ? search.laid : null;
    }

    private bool Fill(int done)
    {
        if (done == order.Length)
        {
            return true;
        }
        work -= order.Length;
        if (work < 0 || stop.IsCancellationRequested)
        {
            return false;
        }
        var low = 0;
        for (var i = 1; i < edge.Count; i++)
        {
            if (edge[i].Top < edge[low].Top)
            {
                low = i;
            }
        }
        var gap = edge[low];
        if (!CanBeFilled(gap.Width))
        {
            return false;
        }
        for (var at = 0; at < order.Length; at++)
        {
            var i = order[at];
            if (isLaid[i] || IsLikeOneBefore(at))
            {
                continue;
            }
            var item = board.Items[i];
            for (var way = 0; way < (item.MayTurn ? 2 : 1); way++)
            {
                var turn = way == 1;
                var width = item.Across(turn) + board.Between;
                var top = gap.Top + item.Along(turn) + board.Between;
                if (width > gap.Width || top > height)
                {
                    continue;
                }
                laid[i] = new Laid(0, gap.X, gap.Top, turn);
                isLaid[i] = true;
                var before = edge.ToArray();
                Grow(low, width, top);
                if (Fill(done + 1))
                {
                    return true;
                }
                edge.Clear();
                edge.AddRange(before);
                isLaid[i] = false;
                if (work < 0)
                {
                    return false;
                }
            }
        }
        return false;
    }

    private bool IsLikeOneBefore(int at)
    {
        for (var i = 0; i < at; i++)
        {
            if (!isLaid[order[i]] && board.Items[order[i]].IsLike(board.Items[order[at]]))
            {
                return true;
            }
        }
        return false;
    }

    private void Grow(int low, long width, long top)
    {
        var gap = edge[low];
        edge[low] = (gap.X, width, top);
        if (width < gap.Width)
        {
            edge.Insert(low + 1, (gap.X + width, gap.Width - width, gap.Top));
        }
        for (var i = Math.Min(low + 1, edge.Count - 1); i >= Math.Max(1, low); i--)
        {
            if (edge[i].Top == edge[i - 1].Top)
            {
                edge[i - 1] = (edge[i - 1].X, edge[i - 1].Width + edge[i].Width, edge[i].Top);
                edge.RemoveAt(i);
            }
        }
    }

    /// <summary>Whether the widths that are left add up to a gap in some way; taken as they do where there are very many.</summary>
    private bool CanBeFilled(long gap)
    {
        const int Most = 4096;
        var sums = new HashSet<long> { 0 };
        foreach (var i in order)
        {
            if (isLaid[i])
            {
                continue;
            }
            foreach (var sum in sums.ToArray())
            {
                for (var way = 0; way < (board.Items[i].MayTurn ? 2 : 1); way++)
                {
                    var next = sum + board.Items[i].Across(way == 1) + board.Between;
                    if (next == gap)
                    {
                        return true;
                    }
                    if (next < gap)
                    {
                        sums.Add(next);
                    }
                }
            }
            work -= 20 * sums.Count;
            if (sums.Count > Most || work < 0)
            {
                return true;
            }
        }
        return false;
    }
}
