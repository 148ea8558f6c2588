using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Cutting;

/// <summary>What is laid of the pieces of a task: one by one, two at a time on double fabric, slanted strips in groups.</summary>
/// <param name="board">With its sheets and its repeats; its items are these.</param>
/// <param name="groups">In how many groups slanted strips of a size may lie, at most.</param>
internal sealed class ItemsToLay(CuttingTask task, Board board, int groups)
{
    private readonly SortedSet<int> unmatched = [];

    /// <inheritdoc cref="Layout.Unmatched"/>
    public IEnumerable<int> Unmatched => unmatched;

    /// <summary>Of one size.</summary>
    /// <param name="index">Its place in the task.</param>
    public IEnumerable<Item> Of(PieceToCut piece, int index) =>
        piece.IsBias ? Slanted(piece, index)
        : task.IsDouble ? Doubled(piece, index)
        : Singles(piece, index);

    /// <summary>
    /// Slanted strips side by side: L/√2 across, and L/√2 + n·√2·w along with what keeps them apart. In several groups they lie
    /// beside each other, and take less of the length.
    /// </summary>
    private IEnumerable<Item> Slanted(PieceToCut piece, int index)
    {
        var lean = Board.Up(piece.Long / Board.Root2);
        var beside = (board.Widths[0] + board.Between) / Math.Max(1, lean + board.Between);
        var each = (int)
            Math.Ceiling(
                (double)piece.Count / Math.Clamp(Math.Min(beside, groups), 1, piece.Count)
            );
        var (wide, apart) = (Board.Root2 * piece.Width, Board.Root2 * task.Between);
        for (var first = 1; first <= piece.Count; first += each)
        {
            var count = Math.Min(each, piece.Count - first + 1);
            var height = Board.Up(piece.Long / Board.Root2 + count * wide + (count - 1) * apart);
            yield return new Item(index, first, count, lean, height, false, false)
            {
                Shape = new ItemShape(
                    [(0, 0), (lean, lean), (lean, height), (0, height - lean)],
                    false,
                    Board.Up(piece.Long / Board.Root2 + wide)
                ),
            };
        }
    }

    /// <summary>One by one; those that are joined each begin where the pattern of the one before ends.</summary>
    private IEnumerable<Item> Singles(PieceToCut piece, int index)
    {
        var isMatched =
            piece is { Joined: not null, Count: > 1 } && (board.StepX > 1 || board.StepY > 1);
        var (shift, runsAcross) = Shift(piece);
        if (shift > 0)
        {
            var last = Enumerable.Range(0, piece.Count).Max(k => k * shift % StepOf(runsAcross));
            if (runsAcross && last + Across(piece) > board.Widths[0])
            {
                unmatched.Add(index);
                shift = 0;
            }
        }
        return Enumerable
            .Range(1, piece.Count)
            .Select(number =>
            {
                var item = ItemOf(piece, index, number, 1);
                var phase = shift == 0 ? 0 : (number - 1) * shift % StepOf(runsAcross);
                return item with
                {
                    MayTurn = item.MayTurn && !isMatched,
                    PhaseX = runsAcross ? phase : 0,
                    PhaseY = runsAcross ? 0 : phase,
                };
            });
    }

    /// <summary>How much further the pattern is at each join, and whether the joined strip runs across the fabric.</summary>
    private (long Shift, bool RunsAcross) Shift(PieceToCut piece)
    {
        if (piece.Joined is not { } joined || piece.Count < 2)
        {
            return (0, false);
        }
        var runsAcross = joined.IsAcross != (piece.Grain == Grain.Across);
        var step = StepOf(runsAcross);
        var between = Board.Up((joined.IsAcross ? piece.Width : piece.Long) - 2 * joined.By);
        return step == 1 || between <= 0 ? (0, runsAcross) : (between % step, runsAcross);
    }

    private long StepOf(bool isAcross) => isAcross ? board.StepX : board.StepY;

    /// <summary>Two at a time; one that is over, or too wide for that, with its middle on the fold.</summary>
    private IEnumerable<Item> Doubled(PieceToCut piece, int index)
    {
        var pair = ItemOf(piece, index, 1, 2);
        var byPairs = board.FitsAs(pair, 0, false) || (pair.MayTurn && board.FitsAs(pair, 0, true));
        var canFold = piece.Outline is null;
        for (var number = 1; number <= piece.Count; )
        {
            var isPair = !canFold || (byPairs && number < piece.Count);
            yield return isPair
                ? pair with
                {
                    First = number,
                    Count = Math.Min(2, piece.Count - number + 1),
                }
                : pair with
                {
                    First = number,
                    Count = 1,
                    Width = (pair.Width + 1) / 2,
                    MayTurn = false,
                    IsAtFold = true,
                };
            number += isPair ? 2 : 1;
        }
    }

    private static long Across(PieceToCut piece) =>
        Board.Up(piece.Grain == Grain.Across ? piece.Long : piece.Width);

    private Item ItemOf(PieceToCut piece, int index, int first, int count)
    {
        var (width, height) = (Board.Up(piece.Width), Board.Up(piece.Long));
        var isAcross = piece.Grain == Grain.Across;
        return new Item(
            index,
            first,
            count,
            isAcross ? height : width,
            isAcross ? width : height,
            isAcross,
            piece.Grain == Grain.Free && !task.OneWay && width != height
        )
        {
            Shape = task.EdgeToEdge || piece.Outline is null ? null : ShapeOf(piece, first),
        };
    }

    private readonly Dictionary<(PieceToCut, bool), ItemShape> shapes = [];

    /// <summary>As it lies first: one whose length lies across is turned by a quarter.</summary>
    private ItemShape ShapeOf(PieceToCut piece, int number)
    {
        var isMirrored = piece.IsMirroredAs(number);
        if (!shapes.TryGetValue((piece, isMirrored), out var shape))
        {
            shapes[(piece, isMirrored)] = shape = new ItemShape(
                [
                    .. Outlines
                        .Lying(piece, piece.Grain == Grain.Across, false, isMirrored)
                        .Select(p =>
                            (p.X.Millimetres * Board.TicksInMm, p.Y.Millimetres * Board.TicksInMm)
                        ),
                ],
                !task.OneWay,
                Board.Up(
                    piece.Grain switch
                    {
                        Grain.Free => Length.Min(piece.Width, piece.Long),
                        Grain.Across => piece.Width,
                        _ => piece.Long,
                    }
                )
            );
        }
        return shape;
    }
}
