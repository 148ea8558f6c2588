using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Cutting;

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

    private Board(CuttingTask task, int groups)
    {
        this.task = task;
        Widths = [Down(Open(task.Bolt.Width)), .. task.Remnants.Select(r => Down(Open(r.Width)))];
        Heights = [Endless, .. task.Remnants.Select(r => Down(r.Long!.Value))];
        Between = Up(task.Between);
        StepX = task.RepeatAcross is { } across ? Up(across) : 1;
        StepY = task.RepeatAlong is { } along ? Up(along) : 1;
        var making = new ItemsToLay(task, this, groups);
        Items = [.. task.Pieces.SelectMany(making.Of)];
        Unmatched = [.. making.Unmatched];
        Pinned =
        [
            .. Items.Select(i =>
                task.Pins.LastOrDefault(p => p.Piece == i.Piece && p.Number == i.First) is { } pin
                    ? At(pin)
                    : (Laid?)null
            ),
        ];
    }

    private static Laid At(Pin pin) => new(pin.On, Up(pin.X), Up(pin.Y), pin.IsTurned);

    /// <summary>A sheet as wide as it lies: half where it is folded.</summary>
    private Length Open(Length width) => task.IsDouble ? width / 2 : width;

    /// <summary>Of each sheet, the bolt first.</summary>
    public long[] Widths { get; }

    /// <summary>How far each goes on.</summary>
    public long[] Heights { get; }

    public long Between { get; }

    /// <summary>A piece begins at a multiple of this across the fabric, or so far behind one as it says.</summary>
    public long StepX { get; }

    /// <summary>The same along it.</summary>
    public long StepY { get; }

    public Item[] Items { get; }

    /// <summary>Where each item was put by hand; null where it may lie anywhere.</summary>
    public Laid?[] Pinned { get; }

    public bool HasPins => task.Pins.Count > 0;

    /// <summary>Whether anything is no rectangle, and may lie in the hollows of others.</summary>
    public bool HasShapes => Items.Any(i => i.Shape is not null);

    public bool IsDouble => task.IsDouble;

    /// <inheritdoc cref="Layout.Unmatched"/>
    public IReadOnlyList<int> Unmatched { get; }

    public int Sheets => Widths.Length;

    public static Board Of(CuttingTask task) => new(task, int.MaxValue);

    /// <summary>The ways to group slanted strips: each size together, or in as many groups as lie side by side.</summary>
    public static IEnumerable<Board> All(CuttingTask task) =>
        task.Pieces.Any(p => p is { IsBias: true, Count: > 1 })
            ? [Of(task), new Board(task, 1)]
            : [Of(task)];

    /// <summary>Where an item may begin across the fabric, not before a place.</summary>
    public long FromX(long at, Item item) => Next(at, StepX, item.PhaseX);

    /// <summary>The same along it.</summary>
    public long FromY(long at, Item item) => Next(at, StepY, item.PhaseY);

    private static long Next(long at, long step, long phase) =>
        step == 1 ? at
        : at <= phase ? phase
        : phase + (at - phase + step - 1) / step * step;

    /// <summary>Whether a pin lies inside its sheet, where a hand may put such a piece.</summary>
    public bool Holds(Pin pin)
    {
        if (IndexOf(pin) is not (>= 0 and var index) || pin.On < 0 || pin.On >= Sheets)
        {
            return false;
        }
        var (item, at) = (Items[index], At(pin));
        return !task.Pieces[item.Piece].IsBias
            && !(pin.IsTurned && (task.OneWay || item.Shape is { MayHead: false }))
            && (!item.IsAtFold || at is { X: 0, Turn: false })
            && at.X + item.Across(at.Turn) <= Widths[at.Sheet]
            && at.Y + item.Along(at.Turn) <= Heights[at.Sheet];
    }

    /// <summary>Whether two pins that are held lie on each other, or too near.</summary>
    public bool Meet(Pin pin, Pin other)
    {
        if (pin.On != other.On || IndexOf(other) < 0)
        {
            return false;
        }
        var (a, b) = (Items[IndexOf(pin)], Items[IndexOf(other)]);
        var (here, there) = (At(pin), At(other));
        return here.X < there.X + b.Across(there.Turn) + Between
            && there.X < here.X + a.Across(here.Turn) + Between
            && here.Y < there.Y + b.Along(there.Turn) + Between
            && there.Y < here.Y + a.Along(here.Turn) + Between;
    }

    private int IndexOf(Pin pin) =>
        Array.FindIndex(Items, i => i.Piece == pin.Piece && i.First == pin.Number);

    /// <summary>Whether an item fits on a sheet where nothing else lies.</summary>
    public bool Fits(Item item, int sheet) =>
        FitsAs(item, sheet, false) || (item.MayTurn && FitsAs(item, sheet, true));

    /// <summary>Whether it fits there turned, or not turned.</summary>
    public bool FitsAs(Item item, int sheet, bool turn) =>
        item.PhaseX + item.Across(turn) <= Widths[sheet]
        && item.PhaseY + item.Along(turn) <= Heights[sheet];

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
            for (var layer = 0; layer < item.Count; layer++)
            {
                yield return new(
                    item.Piece,
                    item.First + layer,
                    laid.Sheet,
                    Back(laid.X),
                    Back(laid.Y),
                    item.IsTurned != laid.Turn,
                    Back(item.Across(laid.Turn)),
                    Back(item.Along(laid.Turn))
                )
                {
                    IsHalfTurned = laid.OnHead,
                    IsMirrored = layer > 0 || piece.IsMirroredAs(item.First),
                    IsOnFold = item.IsAtFold,
                };
            }
            yield break;
        }
        for (var i = 0; i < item.Count; i++)
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

    public static double Root2 { get; } = Math.Sqrt(2);

    public static long Up(Length length) =>
        (long)Math.Ceiling(length.Millimetres * TicksInMm - Slack);

    public static long Down(Length length) =>
        (long)Math.Floor(length.Millimetres * TicksInMm + Slack);

    public static Length Back(long ticks) => Length.FromMillimetres(ticks / TicksInMm);
}
