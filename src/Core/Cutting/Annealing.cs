namespace ZephyrReach.Core.Cutting;

/// <summary>
/// Looks for a better order by small changes, at first also to worse ones: simulated annealing. The same task is answered the
/// same, because chance is counted from one beginning and work is counted, not timed.
/// </summary>
internal sealed class Annealing(Board board, ILayer layer)
{
    private ulong seed = 0x9E3779B97F4A7C15;

    /// <summary>The best order that was found.</summary>
    public required Order Best { get; set; }

    /// <summary>What it uses of the bolt.</summary>
    public required long Used { get; set; }

    /// <summary>Tries so many changes, or until no less can do.</summary>
    /// <param name="tries">How many; cooled down over a fifth of them at a time, from the best.</param>
    /// <param name="atLeast">Less cannot do.</param>
    /// <param name="stop">Ends it with the best so far.</param>
    public void Run(long tries, long atLeast, CancellationToken stop)
    {
        const int Rounds = 5;
        var laid = new Laid[board.Items.Length];
        for (var round = 0; round < Rounds && Used > atLeast; round++)
        {
            var (now, used) = (Best.Copy(), Used);
            var each = tries / Rounds;
            for (long i = 0; i < each && Used > atLeast; i++)
            {
                if (i % 64 == 0 && stop.IsCancellationRequested)
                {
                    return;
                }
                // From a fiftieth of the length to a thousandth of that.
                var warmth = used / 50d * Math.Pow(1e-3, (double)i / each);
                var undo = Change(now);
                var next = layer.Lay(now, laid);
                if (next <= used || Chance() < Math.Exp((used - next) / warmth))
                {
                    used = next;
                    if (used < Used)
                    {
                        (Best, Used) = (now.Copy(), used);
                    }
                }
                else
                {
                    undo();
                }
            }
        }
    }

    /// <summary>Changes an order a little; what is given back takes it back.</summary>
    private Action Change(Order order)
    {
        var n = order.Items.Length;
        var (a, b) = (Below(n), Below(n));
        switch (Below(8))
        {
            case 0 when board.Items[a].MayTurn:
                order.Turns[a] = !order.Turns[a];
                return () => order.Turns[a] = !order.Turns[a];
            case 1:
                order.Splits[a] = !order.Splits[a];
                return () => order.Splits[a] = !order.Splits[a];
            case 2:
            case 3:
                Move(order.Items, a, b);
                return () => Move(order.Items, b, a);
            default:
                (order.Items[a], order.Items[b]) = (order.Items[b], order.Items[a]);
                return () => (order.Items[a], order.Items[b]) = (order.Items[b], order.Items[a]);
        }
    }

    private static void Move(int[] items, int from, int to)
    {
        var item = items[from];
        if (from < to)
        {
            Array.Copy(items, from + 1, items, from, to - from);
        }
        else
        {
            Array.Copy(items, to, items, to + 1, from - to);
        }
        items[to] = item;
    }

    private int Below(int n) => (int)(Next() % (ulong)n);

    private double Chance() => (Next() >> 11) / (double)(1UL << 53);

    /// <summary>xorshift64*, Vigna 2016.</summary>
    private ulong Next()
    {
        seed ^= seed >> 12;
        seed ^= seed << 25;
        seed ^= seed >> 27;
        return seed * 0x2545F4914F6CDD1D;
    }
}
