using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Cutting;

/// <summary>A rectangle to be laid, in ticks.</summary>
/// <param name="Piece">Which of the task’s pieces.</param>
/// <param name="First">The number of the first that lies in it; slanted strips lie side by side in one.</param>
/// <param name="Strips">How many.</param>
/// <param name="Width">Across the fabric, as it lies first.</param>
/// <param name="Height">Along it.</param>
/// <param name="IsTurned">Whether its length lies across the fabric as it lies first.</param>
/// <param name="MayTurn">Whether it may lie the other way too.</param>
internal readonly record struct Item(
    int Piece,
    int First,
    int Strips,
    long Width,
    long Height,
    bool IsTurned,
    bool MayTurn
)
{
    public long Across(bool turn) => turn ? Height : Width;

    public long Along(bool turn) => turn ? Width : Height;

    public bool IsLike(Item other) =>
        Width == other.Width && Height == other.Height && MayTurn == other.MayTurn;
}

/// <summary>Where an item lies.</summary>
internal readonly record struct Laid(int Sheet, long X, long Y, bool Turn);

/// <summary>A cutting task in whole numbers: what lies side by side adds up exactly, whatever the units it was said in.</summary>
/// <remarks>
/// A tick is a ten-thousandth of a millimetre, of which a sixteenth of an inch is 15 875. What lies between two ticks is taken
/// as longer for a piece and as shorter for a fabric, so that what fits here fits.
/// </remarks>
internal sealed class Board
{
    public const double TicksInMm = 10_000;

    /// <summary>Longer than any fabric: a bolt without an end.</summary>
    public const long Endless = 1L << 44;

    /// <summary>Nearer to a whole tick than this it is that tick.</summary>
    private const double Slack = 1e-3;

    private readonly CuttingTask task;

    private Board(CuttingTask task)
    {
        this.task = task;
        Widths = [Down(task.Bolt.Width), .. task.Remnants.Select(r => Down(r.Width))];
        Heights = [Endless, .. task.Remnants.Select(r => Down(r.Long!.Value))];
        Between = Up(task.Between);
        StepX = task.RepeatAcross is { } across ? Up(across) : 1;
        StepY = task.RepeatAlong is { } along ? Up(along) : 1;
        Items = [.. task.Pieces.SelectMany(ItemsOf)];
        Pinned =
        [
            .. Items.Select(i =>
                task.Pins.LastOrDefault(p => p.Piece == i.Piece && p.Number == i.First) is { } pin
                    ? new Laid(pin.On, Up(pin.X), Up(pin.Y), false)
                    : (Laid?)null
            ),
        ];
    }

    /// <summary>Of each sheet, the bolt first.</summary>
    public long[] Widths { get; }

    /// <summary>How far each goes on.</summary>
    public long[] Heights { get; }

    public long Between { get; }

    /// <summary>A piece begins at a multiple of this across the fabric.</summary>
    public long StepX { get; }

    /// <summary>The same along it.</summary>
    public long StepY { get; }

    public Item[] Items { get; }

    /// <summary>Where each item was put by hand; null where it may lie anywhere.</summary>
    public Laid?[] Pinned { get; }

    public bool HasPins => task.Pins.Count > 0;

    public int Sheets => Widths.Length;

    public static Board Of(CuttingTask task) => new(task);

    /// <summary>What an item takes across, with what keeps it apart from the next, to where the next may begin.</summary>
    public long TakenAcross(long width) => Whole(width + Between, StepX);

    /// <inheritdoc cref="TakenAcross"/>
    public long TakenAlong(long height) => Whole(height + Between, StepY);

    /// <summary>Whether an item fits on a sheet where nothing else lies.</summary>
    public bool Fits(Item item, int sheet) =>
        FitsAs(item, sheet, false) || (item.MayTurn && FitsAs(item, sheet, true));

    private bool FitsAs(Item item, int sheet, bool turn) =>
        item.Across(turn) <= Widths[sheet] && item.Along(turn) <= Heights[sheet];

    /// <summary>What is used of the bolt.</summary>
    public long Used(ReadOnlySpan<Laid> laid)
    {
        long used = 0;
        for (var i = 0; i < laid.Length; i++)
        {
            if (laid[i].Sheet == 0)
            {
                used = Math.Max(used, laid[i].Y + Items[i].Along(laid[i].Turn));
            }
        }
        return used;
    }

    /// <summary>The pieces of an item where it lies.</summary>
    public IEnumerable<Placement> Placed(int index, Laid laid)
    {
        var item = Items[index];
        var piece = task.Pieces[item.Piece];
        if (!piece.IsBias)
        {
            yield return new(
                item.Piece,
                item.First,
                laid.Sheet,
                Back(laid.X),
                Back(laid.Y),
                item.IsTurned != laid.Turn,
                Back(item.Across(laid.Turn)),
                Back(item.Along(laid.Turn))
            );
            yield break;
        }
        for (var i = 0; i < item.Strips; i++)
        {
            yield return new(
                item.Piece,
                item.First + i,
                laid.Sheet,
                Back(laid.X),
                Back(laid.Y + Up(i * Root2 * (piece.Width + task.Between))),
                false,
                piece.Long / Root2,
                piece.Long / Root2 + Root2 * piece.Width
            );
        }
    }

    private static double Root2 { get; } = Math.Sqrt(2);

    /// <summary>
    /// A piece at a time; slanted strips all side by side: L/√2 across, and L/√2 + n·√2·w along with what keeps them apart.
    /// </summary>
    private IEnumerable<Item> ItemsOf(PieceToCut piece, int index)
    {
        if (piece.IsBias)
        {
            return
            [
                new Item(
                    index,
                    1,
                    piece.Count,
                    Up(piece.Long / Root2),
                    Up(
                        piece.Long / Root2
                            + piece.Count * Root2 * piece.Width
                            + (piece.Count - 1) * Root2 * task.Between
                    ),
                    false,
                    false
                ),
            ];
        }
        var (width, height) = (Up(piece.Width), Up(piece.Long));
        var isAcross = piece.Grain == Grain.Across;
        return Enumerable
            .Range(1, piece.Count)
            .Select(number => new Item(
                index,
                number,
                1,
                isAcross ? height : width,
                isAcross ? width : height,
                isAcross,
                piece.Grain == Grain.Free && !task.OneWay && width != height
            ));
    }

    public static long Up(Length length) =>
        (long)Math.Ceiling(length.Millimetres * TicksInMm - Slack);

    public static long Down(Length length) =>
        (long)Math.Floor(length.Millimetres * TicksInMm + Slack);

    public static Length Back(long ticks) => Length.FromMillimetres(ticks / TicksInMm);

    private static long Whole(long length, long step) =>
        step == 1 ? length : (length + step - 1) / step * step;
}
