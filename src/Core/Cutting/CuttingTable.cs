using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Cutting;

/// <summary>Lays pieces on a fabric and its remnants, and says how much is enough and that less cannot do.</summary>
public static class CuttingTable
{
    /// <summary>More pieces than this are not laid out.</summary>
    public const int MostPieces = 300;

    /// <summary>Beyond a usual order of items, so much is tried in a second here.</summary>
    private const long WorkInSecond = 11_000_000;

    /// <summary>How much is done at once, and in a second more, for a layout without waste.</summary>
    private const long NoWaste = 20_000_000;

    /// <inheritdoc cref="NoWaste"/>
    private const long NoWasteInSecond = 60_000_000;

    /// <summary>Bands of so many mm, in which outlines are laid.</summary>
    private const double FineBand = 1;

    /// <summary>The same for a first layout.</summary>
    private const double RoughBand = 4;

    /// <summary>Of what that takes, so much is done in a second here.</summary>
    private const long NestWorkInSecond = 60_000_000;

    /// <summary>Lays everything out. The same task with the same seconds is answered the same.</summary>
    /// <param name="task">At most <see cref="MostPieces"/> pieces, each of which fits on the bolt.</param>
    /// <param name="seconds">About how long is looked for a better layout; 0 for the first that is found.</param>
    /// <param name="stop">Ends it with the best so far.</param>
    public static Layout Lay(CuttingTask task, double seconds, CancellationToken stop = default) =>
        task.Remnants.Any(r => r.Outline is not null)
            ? Inscribed.Lay(task, plain => Plain(plain, seconds, stop))
            : Plain(task, seconds, stop);

    private static Layout Plain(CuttingTask task, double seconds, CancellationToken stop)
    {
        var board = Board.All(task).Select(b => (Board: b, First(b).Used)).MinBy(b => b.Used).Board;
        var atLeast = LowerBound.Of(board);
        return task.EdgeToEdge
            ? Across(board, atLeast, seconds, stop)
            : Free(board, atLeast, seconds, stop);
    }

    /// <summary>The first pin that lies beyond its sheet or on another; null where all lie well.</summary>
    public static Pin? Misplaced(CuttingTask task)
    {
        var board = Board.Of(task);
        return task.Pins.FirstOrDefault(pin =>
            !board.Holds(pin) || task.Pins.Any(other => other != pin && board.Meet(pin, other))
        );
    }

    /// <summary>The longest that could lie across the bolt of a piece that does not; null where it does.</summary>
    /// <remarks>A remnant may be wider than the bolt, but what it does not hold has to go on the bolt.</remarks>
    public static Length? WidestFor(CuttingTask task, PieceToCut piece)
    {
        var board = Board.Of(task with { Pieces = [piece with { Count = 1 }] });
        return board.Fits(board.Items[0], 0) ? null
            : piece.IsBias ? Math.Sqrt(2) * task.Bolt.Width
            : task.Bolt.Width;
    }

    /// <summary>Why a task is not cut folded double; empty where it can be.</summary>
    public static string WhyNotDouble(CuttingTask task)
    {
        var isMatched = task.RepeatAlong is not null || task.RepeatAcross is not null;
        if (task.Pieces.Any(p => p.IsBias))
        {
            return "Strips on the bias are cut from a single layer.";
        }
        if (isMatched && task.OneWay)
        {
            return "A pattern that runs one way does not match itself when it is folded.";
        }
        if (isMatched && task.Pieces.Any(p => p is { Joined: not null, Count: > 1 }))
        {
            return "Strips whose pattern goes on across their joins are cut one by one.";
        }
        var folded = task with { IsDouble = true };
        return task.Pieces.FirstOrDefault(p => WidestFor(folded, p) is not null) is { } wide
            ? $"“{wide.Name}” is wider than half of the fabric."
            : "";
    }

    private static Layout Free(Board board, long atLeast, double seconds, CancellationToken stop)
    {
        if (WithoutWaste(board, atLeast, seconds, stop) is { } perfect)
        {
            return Told(board, perfect, atLeast);
        }
        var laid = Searched(
            board,
            board.HasPins ? new Around(board) : new Skyline(board),
            atLeast,
            0.5 * seconds,
            stop
        );
        if (seconds > 0 && !stop.IsCancellationRequested)
        {
            (laid, var bound) = Exact.Lay(board, laid, atLeast, 0.5 * seconds, stop);
            // What is proven of rectangles is not of what lies in their hollows.
            atLeast = board.HasShapes ? atLeast : bound;
        }
        return Nested(board, laid, atLeast, seconds, stop) is { } nested
            ? Told(board, nested, atLeast, isSettled: true)
            : Told(board, laid, atLeast);
    }

    /// <summary>Laid by their outlines; null where that takes no less than by their rectangles.</summary>
    private static Laid[]? Nested(
        Board board,
        Laid[] boxed,
        long atLeast,
        double seconds,
        CancellationToken stop
    )
    {
        var used = board.Used(boxed);
        if (board is not { HasShapes: true, HasPins: false, StepX: 1, StepY: 1 } || used <= atLeast)
        {
            return null;
        }
        var layer = new Nest(board, seconds > 0 ? FineBand : RoughBand, used);
        var search = Begin(board, layer);
        var each = Math.Max(1, layer.Work / Order.UsualCount);
        search.Run((long)(seconds * NestWorkInSecond / each), atLeast, stop);
        if (search.Used >= used)
        {
            return null;
        }
        var laid = new Laid[board.Items.Length];
        layer.Lay(search.Best, laid);
        return laid;
    }

    /// <summary>Laid to be cut right across; or for scissors, where that comes apart by such cuts all the same.</summary>
    private static Layout Across(Board board, long atLeast, double seconds, CancellationToken stop)
    {
        if (
            WithoutWaste(board, atLeast, seconds, stop) is { } perfect
            && Separation.Of(board, perfect, board.Used(perfect)) is { } apart
        )
        {
            return Told(board, perfect, atLeast, apart);
        }
        if (board.HasPins)
        {
            var around = Searched(board, new Around(board), atLeast, seconds, stop);
            return Told(board, around, atLeast, Separation.Of(board, around, board.Used(around)));
        }
        var laid = Searched(board, new EdgeToEdge(board), atLeast, 0.5 * seconds, stop);
        if (seconds > 0 && !stop.IsCancellationRequested)
        {
            // What scissors cannot do with less, no cut right across can.
            (var free, var bound) = Exact.Lay(board, laid, atLeast, 0.5 * seconds, stop);
            atLeast = board.HasShapes ? atLeast : bound;
            if (Separation.Of(board, free, board.Used(free)) is not null)
            {
                laid = free;
            }
        }
        return Told(board, laid, atLeast, Separation.Of(board, laid, board.Used(laid)));
    }

    /// <summary>A layout that leaves nothing over of so much of the bolt; null where none is found.</summary>
    private static Laid[]? WithoutWaste(
        Board board,
        long used,
        double seconds,
        CancellationToken stop
    ) =>
        FillsWholly(board, used)
            ? Perfect.Find(
                board,
                used + board.Between,
                NoWaste + (long)(seconds * NoWasteInSecond),
                stop
            )
            : null;

    private static Laid[] Searched(
        Board board,
        ILayer layer,
        long atLeast,
        double seconds,
        CancellationToken stop
    )
    {
        var search = Begin(board, layer);
        search.Run(Tries(board, layer, seconds), atLeast, stop);
        var laid = new Laid[board.Items.Length];
        layer.Lay(search.Best, laid);
        return laid;
    }

    private static Annealing First(Board board) =>
        Begin(board, board.HasPins ? new Around(board) : new Skyline(board));

    /// <summary>The best of the usual orders.</summary>
    private static Annealing Begin(Board board, ILayer layer)
    {
        var laid = new Laid[board.Items.Length];
        var (used, best) = Order
            .Usual(board)
            .Select(order => (Used: layer.Lay(order, laid), order))
            .MinBy(o => o.Used);
        return new Annealing(board, layer) { Best = best, Used = used };
    }

    private static long Tries(Board board, ILayer layer, double seconds) =>
        (long)(
            seconds
            * WorkInSecond
            * (
                layer switch
                {
                    Skyline => 1,
                    Around => 0.2,
                    _ => 6,
                }
            )
            / (board.Items.Length * (board.Items.Length + 12.0))
        );

    /// <summary>Whether pieces of one bolt leave nothing over on so much of it.</summary>
    private static bool FillsWholly(Board board, long used) =>
        board is { Sheets: 1, StepX: 1, StepY: 1, HasPins: false, HasShapes: false }
        && !board.Items.Any(i => i.IsAtFold)
        && board.Items.Aggregate(
            Int128.Zero,
            (area, i) => area + (Int128)(i.Width + board.Between) * (i.Height + board.Between)
        )
            == (Int128)(board.Widths[0] + board.Between) * (used + board.Between);

    /// <summary>
    /// Moves every piece as near to the cut end as it goes, then to the left selvedge: what is free then lies together.
    /// </summary>
    private static void Settle(Board board, Laid[] laid)
    {
        foreach (var isAlong in (bool[])[true, false])
        {
            long Begin(int i) => isAlong ? laid[i].Y : laid[i].X;
            long Size(int i, bool along) =>
                along ? board.Items[i].Along(laid[i].Turn) : board.Items[i].Across(laid[i].Turn);
            bool IsBeside(int i, int other)
            {
                var (a, b) = isAlong ? (laid[i].X, laid[other].X) : (laid[i].Y, laid[other].Y);
                return a < b + Size(other, !isAlong) + board.Between
                    && b < a + Size(i, !isAlong) + board.Between;
            }
            foreach (var i in Enumerable.Range(0, laid.Length).OrderBy(Begin).ToList())
            {
                if (board.Pinned[i] is not null)
                {
                    continue;
                }
                var free = Enumerable
                    .Range(0, laid.Length)
                    .Where(o =>
                        o != i
                        && laid[o].Sheet == laid[i].Sheet
                        && Begin(o) < Begin(i)
                        && IsBeside(i, o)
                    )
                    .Select(o =>
                        (isAlong ? laid[o].Y : laid[o].X) + Size(o, isAlong) + board.Between
                    )
                    .DefaultIfEmpty(0)
                    .Max();
                laid[i] = isAlong
                    ? laid[i] with
                    {
                        Y = board.FromY(free, board.Items[i]),
                    }
                    : laid[i] with
                    {
                        X = board.FromX(free, board.Items[i]),
                    };
            }
        }
    }

    private static Layout Told(
        Board board,
        Laid[] laid,
        long atLeast,
        Separation? apart = null,
        bool isSettled = false
    )
    {
        if (apart is null && !isSettled)
        {
            Settle(board, laid);
        }
        var used = board.Used(laid);
        return new Layout(
            [.. laid.SelectMany((place, i) => board.Placed(i, place))],
            Board.Back(used),
            Board.Back(Math.Min(atLeast, used)),
            [
                .. (apart is null ? Offcuts.Of(board, laid, used) : Offcuts.Of(board, apart))
                    .OrderByDescending(o => o.Width.Millimetres * o.Long.Millimetres)
                    .ThenBy(o => o.On)
                    .ThenBy(o => o.Y)
                    .ThenBy(o => o.X),
            ],
            apart
                ?.Cuts.Select(c => new CutLine(
                    c.Sheet,
                    c.IsAcross,
                    Board.Back(c.At),
                    Board.Back(c.From),
                    Board.Back(c.To)
                ))
                .ToList()
        )
        {
            Unmatched = board.Unmatched,
        };
    }
}
