namespace ZephyrReach.Core.Cutting;

/// <summary>Takes a layout apart by cuts that go right across what is left at each moment.</summary>
internal sealed class Separation
{
    private readonly Board board;
    private readonly Laid[] laid;
    private readonly List<Cut> cuts = [];
    private readonly List<Box> rests = [];

    private Separation(Board board, Laid[] laid) => (this.board, this.laid) = (board, laid);

    /// <summary>A rectangle of a sheet, in ticks.</summary>
    internal readonly record struct Box(int Sheet, long Left, long Top, long Right, long Bottom);

    /// <summary>A cut, in ticks; see <see cref="CutLine"/>.</summary>
    internal readonly record struct Cut(int Sheet, bool IsAcross, long At, long From, long To);

    /// <summary>The cuts, in their order.</summary>
    public IReadOnlyList<Cut> Cuts => cuts;

    /// <summary>What is left over beside the pieces.</summary>
    public IReadOnlyList<Box> Rests => rests;

    /// <summary>The cuts that a layout comes apart by; null where some pieces hold each other.</summary>
    /// <param name="used">What is used of the bolt: it is cut off there.</param>
    public static Separation? Of(Board board, Laid[] laid, long used)
    {
        var all = new Separation(board, laid);
        for (var sheet = 0; sheet < board.Sheets; sheet++)
        {
            List<int> items =
            [
                .. Enumerable.Range(0, laid.Length).Where(i => laid[i].Sheet == sheet),
            ];
            if (items.Count == 0)
            {
                continue;
            }
            var end = sheet == 0 ? used : board.Heights[sheet];
            if (sheet == 0)
            {
                all.cuts.Add(new(0, true, used, 0, board.Widths[0]));
            }
            if (!all.Part(new(sheet, 0, 0, board.Widths[sheet], end), items))
            {
                return null;
            }
        }
        return all;
    }

    private bool Part(Box box, List<int> items)
    {
        if (items.Count == 0)
        {
            rests.Add(box);
            return true;
        }
        foreach (var isAcross in (bool[])[true, false])
        {
            if (Line(box, items, isAcross) is { } at)
            {
                cuts.Add(
                    isAcross
                        ? new(box.Sheet, true, at, box.Left, box.Right)
                        : new(box.Sheet, false, at, box.Top, box.Bottom)
                );
                var (before, after) = isAcross
                    ? (box with { Bottom = at }, box with { Top = at })
                    : (box with { Right = at }, box with { Left = at });
                return Part(before, [.. items.Where(i => End(i, isAcross) <= at)])
                    && Part(after, [.. items.Where(i => Begin(i, isAcross) >= at)]);
            }
        }
        return items.Count == 1;
    }

    /// <summary>
    /// Where a cut goes that hits no piece, the first of them: right behind what lies before it, or right before the first where
    /// nothing does.
    /// </summary>
    private long? Line(Box box, List<int> items, bool isAcross)
    {
        var (first, last) = isAcross ? (box.Top, box.Bottom) : (box.Left, box.Right);
        var reached = first;
        foreach (var i in items.OrderBy(i => Begin(i, isAcross)))
        {
            var begin = Begin(i, isAcross);
            if (begin >= reached && begin > first)
            {
                return reached == first ? begin : reached;
            }
            reached = Math.Max(reached, End(i, isAcross));
        }
        return reached < last ? reached : null;
    }

    private long Begin(int item, bool isAcross) => isAcross ? laid[item].Y : laid[item].X;

    private long End(int item, bool isAcross) =>
        Begin(item, isAcross)
        + (
            isAcross
                ? board.Items[item].Along(laid[item].Turn)
                : board.Items[item].Across(laid[item].Turn)
        );
}
