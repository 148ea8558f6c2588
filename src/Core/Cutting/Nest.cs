namespace ZephyrReach.Core.Cutting;

/// <summary>
/// Lays items by their outlines, so that one may lie in the hollow of another: each as near to the cut end as it goes, and there
/// as near to the left selvedge. For scissors.
/// </summary>
/// <remarks>
/// The fabric is taken in bands across it. What an item covers of a band is one or more spans from side to side, taken as wide as
/// it is anywhere within the band: what is apart here is apart on the fabric. Across the fabric nothing is rounded; along it an
/// item begins with a band. Bottom-left filling, after Baker, Coffman and Rivest, 1980.
/// </remarks>
internal sealed class Nest : ILayer
{
    private readonly Board board;
    private readonly long band;
    private readonly List<Span>[][] taken;
    private readonly Dictionary<(ItemShape?, long, long, bool, bool), Cover> covers = [];
    private readonly int[] sheets;

    /// <summary>From side to side, in ticks.</summary>
    private readonly record struct Span(long From, long To);

    /// <summary>What an item covers of each band from its own first on, and the same with what keeps others apart.</summary>
    /// <param name="Own">Of each band.</param>
    /// <param name="Wide">Of each band, from <paramref name="Before"/> bands before its first on.</param>
    private sealed record Cover(Span[][] Own, Span[][] Wide, int Before, long Across);

    /// <param name="bandMm">How wide a band is; what an item reaches into it is taken as covered.</param>
    /// <param name="most">Longer than this, in ticks, no layout of the bolt is wanted.</param>
    public Nest(Board board, double bandMm, long most)
    {
        (this.board, band) = (board, (long)(bandMm * Board.TicksInMm));
        taken =
        [
            .. Enumerable
                .Range(0, board.Sheets)
                .Select(s =>
                    Enumerable
                        .Range(0, (int)(Math.Min(board.Heights[s], most) / band))
                        .Select(_ => new List<Span>())
                        .ToArray()
                ),
        ];
        sheets =
        [
            .. Enumerable
                .Range(1, board.Sheets - 1)
                .OrderBy(s => board.Widths[s] / 1000 * (board.Heights[s] / 1000)),
            0,
        ];
    }

    /// <summary>How much was done so far; alike on every machine.</summary>
    public long Work { get; private set; }

    /// <returns>What is used of the bolt; <see cref="Board.Endless"/> where that is more than is wanted.</returns>
    public long Lay(Order order, Laid[] laid)
    {
        foreach (var bands in taken)
        {
            Array.ForEach(bands, b => b.Clear());
        }
        // What is alike lies no nearer to the cut end than the one before.
        Dictionary<(Cover, int), int> reached = [];
        foreach (var i in order.Items)
        {
            if (!Put(i, order.Turns[i], reached, laid))
            {
                return Board.Endless;
            }
        }
        return board.Used(laid);
    }

    private bool Put(int index, bool first, Dictionary<(Cover, int), int> reached, Laid[] laid)
    {
        var item = board.Items[index];
        foreach (var sheet in sheets)
        {
            (Laid At, Cover Cover, int Band, long End)? best = null;
            for (var way = 0; way < (item.MayTurn ? 2 : 1); way++)
            {
                var turn = item.MayTurn && (way == 0) == first;
                for (var head = 0; head < (item.Shape is { MayHead: true } ? 2 : 1); head++)
                {
                    var cover = CoverOf(item, turn, head == 1);
                    var from = reached.GetValueOrDefault((cover, sheet));
                    if (Lowest(sheet, cover, from, best?.End, item, turn) is not (var at, var x))
                    {
                        continue;
                    }
                    reached[(cover, sheet)] = at;
                    var end = at * band + item.Along(turn);
                    if (best is not { } now || end < now.End || (end == now.End && x < now.At.X))
                    {
                        best = (new(sheet, x, at * band, turn, head == 1), cover, at, end);
                    }
                }
            }
            if (best is { } found)
            {
                laid[index] = found.At;
                Take(sheet, found.Cover, found.Band, found.At.X);
                return true;
            }
        }
        return false;
    }

    /// <summary>The first band, and there the first place across, where it lies on nothing; null where there is none that ends before a better one.</summary>
    private (int Band, long X)? Lowest(
        int sheet,
        Cover cover,
        int from,
        long? before,
        Item item,
        bool turn
    )
    {
        var bands = taken[sheet];
        var room = board.Widths[sheet] - cover.Across;
        for (var at = from; at + cover.Own.Length <= bands.Length; at++)
        {
            if (before <= at * band + item.Along(turn) - 1)
            {
                return null;
            }
            if (Across(bands, cover, at, item.IsAtFold ? Math.Min(0, room) : room) is { } x)
            {
                return (at, x);
            }
        }
        return null;
    }

    /// <summary>The first place across in which nothing is met: whatever is met is stepped past.</summary>
    private long? Across(List<Span>[] bands, Cover cover, int at, long room)
    {
        long x = 0;
        for (var isMet = true; isMet; )
        {
            isMet = false;
            for (var b = 0; b < cover.Wide.Length; b++)
            {
                var on = at + b - cover.Before;
                if (on < 0 || on >= bands.Length)
                {
                    continue;
                }
                Work += cover.Wide[b].Length;
                foreach (var span in cover.Wide[b])
                {
                    var past = Past(bands[on], x + span.From, x + span.To);
                    if (past is { } to)
                    {
                        x = to - span.From;
                        isMet = true;
                    }
                }
                if (x > room)
                {
                    return null;
                }
            }
        }
        return x <= room ? x : null;
    }

    /// <summary>The end of the last taken span that a span meets; null where it meets none.</summary>
    private static long? Past(List<Span> spans, long from, long to)
    {
        // The first that ends behind where it begins.
        var (low, high) = (0, spans.Count);
        while (low < high)
        {
            var middle = (low + high) / 2;
            if (spans[middle].To > from)
            {
                high = middle;
            }
            else
            {
                low = middle + 1;
            }
        }
        return low < spans.Count && spans[low].From < to ? spans[low].To : null;
    }

    private void Take(int sheet, Cover cover, int at, long x)
    {
        for (var b = 0; b < cover.Own.Length; b++)
        {
            var spans = taken[sheet][at + b];
            foreach (var own in cover.Own[b])
            {
                var span = new Span(x + own.From, x + own.To);
                var place = spans.FindIndex(s => s.From > span.From);
                spans.Insert(place < 0 ? spans.Count : place, span);
            }
            Merge(spans);
        }
    }

    private static void Merge(List<Span> spans)
    {
        for (var i = spans.Count - 1; i > 0; i--)
        {
            if (spans[i].From <= spans[i - 1].To)
            {
                spans[i - 1] = new(spans[i - 1].From, Math.Max(spans[i - 1].To, spans[i].To));
                spans.RemoveAt(i);
            }
        }
    }

    private Cover CoverOf(Item item, bool turn, bool onHead)
    {
        var key = (item.Shape, item.Width, item.Height, turn, onHead);
        if (!covers.TryGetValue(key, out var cover))
        {
            covers[key] = cover = Covered(item, turn, onHead);
        }
        return cover;
    }

    private Cover Covered(Item item, bool turn, bool onHead)
    {
        var (across, along) = (item.Across(turn), item.Along(turn));
        (double X, double Y)[] corners =
        [
            .. (
                item.Shape?.Corners
                ?? [(0, 0), (item.Width, 0), (item.Width, item.Height), (0, item.Height)]
            )
                .Select(c => turn ? (X: item.Height - c.Y, Y: c.X) : c)
                .Select(c => onHead ? (across - c.X, along - c.Y) : c),
        ];
        var count = (int)((along + band - 1) / band);
        Span[][] own = [.. Enumerable.Range(0, count).Select(b => SpansOf(corners, b))];
        var apart = board.Between;
        var reach = apart == 0 ? 0 : (int)((apart + band - 1) / band);
        var wide = Enumerable
            .Range(-reach, count + 2 * reach)
            .Select(b =>
            {
                var spans = Enumerable
                    .Range(b - reach, 2 * reach + 1)
                    .Where(k => k >= 0 && k < count)
                    .SelectMany(k => own[k])
                    .Select(s => new Span(s.From - apart, s.To + apart))
                    .OrderBy(s => s.From)
                    .ToList();
                Merge(spans);
                return spans.ToArray();
            });
        return new(own, [.. wide], reach, across);
    }

    /// <summary>
    /// What an outline covers of a band: where its edges run within it, and what lies inside at its middle. Spans that meet are one.
    /// </summary>
    private Span[] SpansOf((double X, double Y)[] corners, int number)
    {
        var (top, bottom) = ((double)number * band, (double)(number + 1) * band);
        List<Span> spans = [];
        List<double> crossed = [];
        var middle = (top + bottom) / 2;
        for (var i = 0; i < corners.Length; i++)
        {
            var (a, b) = (corners[i], corners[(i + 1) % corners.Length]);
            if (a.Y > b.Y)
            {
                (a, b) = (b, a);
            }
            if (a.Y <= middle && middle < b.Y)
            {
                crossed.Add(At(middle));
            }
            if (
                b.Y < top
                || a.Y > bottom
                || (a.Y == bottom && b.Y > bottom)
                || (b.Y == top && a.Y < top)
            )
            {
                continue;
            }
            var (from, to) = (At(Math.Max(a.Y, top)), At(Math.Min(b.Y, bottom)));
            if (a.Y == b.Y)
            {
                (from, to) = (a.X, b.X);
            }
            spans.Add(
                new((long)Math.Floor(Math.Min(from, to)), (long)Math.Ceiling(Math.Max(from, to)))
            );

            double At(double y) => b.Y == a.Y ? a.X : a.X + (b.X - a.X) * (y - a.Y) / (b.Y - a.Y);
        }
        crossed.Sort();
        for (var i = 0; i + 1 < crossed.Count; i += 2)
        {
            spans.Add(new((long)Math.Floor(crossed[i]), (long)Math.Ceiling(crossed[i + 1])));
        }
        spans.Sort((a, b) => a.From.CompareTo(b.From));
        Merge(spans);
        return [.. spans.Where(s => s.To > s.From)];
    }
}
