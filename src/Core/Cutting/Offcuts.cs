using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Cutting;

/// <summary>What is left over of the sheets, as rectangles that lie apart from each other.</summary>
internal static class Offcuts
{
    /// <summary>Smaller is no remnant: for swatches and test stitching.</summary>
    public static Length Least { get; } = Length.FromMillimetres(100);

    /// <summary>Of a sheet at most so many.</summary>
    private const int Most = 12;

    /// <summary>The largest rectangle that nothing lies in, then the largest of what is left, and so on.</summary>
    public static IEnumerable<Offcut> Of(Board board, Laid[] laid, long used)
    {
        for (var sheet = 0; sheet < board.Sheets; sheet++)
        {
            var (width, height) = (board.Widths[sheet], sheet == 0 ? used : board.Heights[sheet]);
            List<(long X, long Y, long Width, long Height)> taken =
            [
                .. laid.Select((place, i) => (place, i))
                    .Where(l => l.place.Sheet == sheet)
                    .Select(l =>
                        (
                            l.place.X,
                            l.place.Y,
                            board.Items[l.i].Across(l.place.Turn),
                            board.Items[l.i].Along(l.place.Turn)
                        )
                    ),
            ];
            for (var i = 0; i < Most; i++)
            {
                var free = Largest(taken, width, height);
                if (free.Width == 0)
                {
                    break;
                }
                taken.Add(free);
                yield return Offcut(board, sheet, free);
            }
        }
    }

    /// <summary>Of cuts that go right across: what they leave.</summary>
    public static IEnumerable<Offcut> Of(Board board, Separation apart) =>
        apart
            .Rests.Select(r =>
                (r.Sheet, Free: (r.Left, r.Top, Width: r.Right - r.Left, Long: r.Bottom - r.Top))
            )
            .Where(r => IsRemnant(r.Free.Width, r.Free.Long))
            .Select(r => Offcut(board, r.Sheet, r.Free));

    private static bool IsRemnant(long width, long height) =>
        Board.Back(width) >= Least && Board.Back(height) >= Least;

    private static Offcut Offcut(
        Board board,
        int sheet,
        (long X, long Y, long Width, long Height) free
    ) =>
        new(
            sheet,
            Board.Back(free.X),
            Board.Back(free.Y),
            Board.Back(free.Width),
            Board.Back(free.Height)
        )
        {
            IsAtFold = board.IsDouble && free.X == 0,
            Count = board.IsDouble && free.X > 0 ? 2 : 1,
        };

    /// <summary>
    /// The largest remnant of what is free, nothing where there is none: over the lines on which anything begins or ends, for each line across how far up it
    /// is free, and between those the widest.
    /// </summary>
    private static (long X, long Y, long Width, long Height) Largest(
        List<(long X, long Y, long Width, long Height)> taken,
        long width,
        long height
    )
    {
        var xs = Lines(taken.SelectMany(t => (long[])[t.X, t.X + t.Width]), width);
        var ys = Lines(taken.SelectMany(t => (long[])[t.Y, t.Y + t.Height]), height);
        var isTaken = new bool[xs.Length, ys.Length];
        foreach (var (x, y, across, along) in taken)
        {
            for (var i = Array.BinarySearch(xs, x); i < xs.Length && xs[i] < x + across; i++)
            {
                for (var j = Array.BinarySearch(ys, y); j < ys.Length && ys[j] < y + along; j++)
                {
                    isTaken[i, j] = true;
                }
            }
        }
        var from = new long[xs.Length];
        (long X, long Y, long Width, long Height) best = default;
        for (var j = 0; j + 1 < ys.Length; j++)
        {
            for (var i = 0; i + 1 < xs.Length; i++)
            {
                if (isTaken[i, j])
                {
                    from[i] = ys[j + 1];
                }
            }
            for (var i = 0; i + 1 < xs.Length; i++)
            {
                long top = 0;
                for (var k = i; k + 1 < xs.Length && from[k] < ys[j + 1]; k++)
                {
                    top = Math.Max(top, from[k]);
                    var (across, along) = (xs[k + 1] - xs[i], ys[j + 1] - top);
                    if (
                        IsRemnant(across, along)
                        && (double)across * along > (double)best.Width * best.Height
                    )
                    {
                        best = (xs[i], top, across, along);
                    }
                }
            }
        }
        return best;
    }

    private static long[] Lines(IEnumerable<long> at, long end) =>
        [.. at.Where(x => x < end).Append(0).Append(end).Distinct().Order()];
}
