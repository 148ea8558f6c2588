namespace ZephyrReach.Core.Cutting;

/// <summary>How much of a bolt pieces take at the least, whatever way they are laid.</summary>
/// <remarks>
/// A share f(w) of the width that stands in for each piece’s own, so that no row of pieces comes to more than the whole of it,
/// gives Σ f(w)·h as a bound: dual feasible functions, after Fekete and Schepers, 2004. With f(w) = w it is the area. What is no
/// rectangle may lie in the hollows of others: of that only its own area is sure.
/// </remarks>
internal static class LowerBound
{
    /// <summary>Of what is used of the bolt, in ticks.</summary>
    public static long Of(Board board)
    {
        var width = board.Widths[0] + board.Between;
        var onBolt = board
            .Items.Where(i => !Enumerable.Range(1, board.Sheets - 1).Any(s => board.Fits(i, s)))
            .ToList();
        var longest = onBolt.Count == 0 ? 0 : onBolt.Max(i => Least(i, board));
        var area = board.Items.Sum(i => Area(i, board)) - Remnants(board);
        var bound = Math.Max(longest, (long)Math.Ceiling(area / width - 1e-6) - board.Between);
        var boxes = onBolt.Where(i => i.Shape is null).ToList();
        foreach (var share in Shares(boxes, board, width))
        {
            var sum = boxes.Sum(i => Shared(i, board, share));
            bound = Math.Max(bound, (long)Math.Ceiling(sum - 1e-3) - board.Between);
        }
        return Math.Max(0, bound);
    }

    private static long Least(Item item, Board board) =>
        item.Shape is { } shape ? shape.Least
        : item.MayTurn && Math.Max(item.Width, item.Height) <= board.Widths[0]
            ? Math.Min(item.Width, item.Height)
        : item.Height;

    private static double Area(Item item, Board board) =>
        item.Shape?.Area ?? (double)(item.Width + board.Between) * (item.Height + board.Between);

    /// <summary>The area of the remnants that anything fits on.</summary>
    private static double Remnants(Board board) =>
        Enumerable
            .Range(1, board.Sheets - 1)
            .Where(s => board.Items.Any(i => board.Fits(i, s)))
            .Sum(s =>
                (double)(board.Widths[s] + board.Between) * (board.Heights[s] + board.Between)
            );

    /// <summary>The way that comes to less, of the ways that it may lie.</summary>
    private static double Shared(Item item, Board board, Func<double, double> share)
    {
        var width = (double)(board.Widths[0] + board.Between);
        double As(bool turn) =>
            item.Across(turn) > board.Widths[0]
                ? double.MaxValue
                : share((item.Across(turn) + board.Between) / width)
                    * (item.Along(turn) + board.Between);
        return item.MayTurn ? Math.Min(As(false), As(true)) : As(false);
    }

    private static IEnumerable<Func<double, double>> Shares(
        List<Item> items,
        Board board,
        double width
    )
    {
        const double Near = 1e-9;
        for (var k = 1; k <= 12; k++)
        {
            var n = k;
            yield return x =>
                Math.Abs((n + 1) * x - Math.Round((n + 1) * x)) < Near
                    ? x
                    : Math.Floor((n + 1) * x) / n;
        }
        foreach (
            var least in items
                .SelectMany(i => (long[])[i.Width, i.Height])
                .Select(w => (w + board.Between) / width)
                .Where(x => x <= 0.5)
                .Append(0.5)
                .Distinct()
                .Take(200)
        )
        {
            yield return x =>
                x > 1 - least + Near ? 1
                : x >= least - Near ? x
                : 0;
        }
    }
}
