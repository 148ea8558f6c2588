using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>One straight run of stitches: a row of a field, or one side of a row of a border.</summary>
/// <param name="Number">From 1; of a border, that of the row to which it belongs.</param>
/// <param name="Side">Of a border, which side; empty in a field.</param>
/// <param name="Offset">Square to the rows from the middle of the piece; of a border, from the edge.</param>
/// <param name="From">Where it begins, from the top left corner of the finished piece.</param>
/// <param name="To">Where it ends.</param>
/// <param name="IsWhole">Whether its repeats may be stretched to fill it.</param>
/// <param name="Range">By how much a repeat may be stretched or squeezed.</param>
/// <param name="DialStep">From one figure of the length dial to the next.</param>
internal sealed record Row(
    int Number,
    string Side,
    BookStitch Stitch,
    Length Offset,
    Point From,
    Point To,
    bool IsWhole,
    Length Range,
    Length DialStep
)
{
    /// <summary>Where it runs: from end to end, or from place to place along a wave.</summary>
    public IReadOnlyList<Point> Line { get; init; } = [From, To];

    /// <summary>Whether it is one straight line.</summary>
    public bool IsStraight => Line.Count == 2;

    public Length Length => length ??= Line.Zip(Line.Skip(1), Between).Sum();

    private Length? length;

    private static Length Between(Point from, Point to) =>
        Length.FromMillimetres(
            Math.Sqrt(
                Math.Pow((to.X - from.X).Millimetres, 2) + Math.Pow((to.Y - from.Y).Millimetres, 2)
            )
        );

    /// <summary>round(L/p), where L over it is within the range of p; 0 where none is.</summary>
    private int Filling
    {
        get
        {
            var count = (int)Math.Floor(Length / Stitch.Repeat + 0.5);
            return
                IsWhole
                && count > 0
                && Length.Difference(Length / count, Stitch.Repeat) <= Range * (1 + 1e-9)
                ? count
                : 0;
        }
    }

    /// <summary>Whether whole repeats fill it exactly.</summary>
    public bool IsFilled => Filling > 0;

    /// <summary>floor(L/p), or those that fill it.</summary>
    public int Repeats => IsFilled ? Filling : (int)Rounding.FloorTolerant(Length / Stitch.Repeat);

    /// <summary>The repeat it gets.</summary>
    public Length RepeatSet => IsFilled ? Length / Filling : Stitch.Repeat;

    /// <summary>L − repeats·p; nothing where they fill it.</summary>
    public Length Spare =>
        IsFilled ? Length.Zero : Length.Max(Length.Zero, Length - Repeats * Stitch.Repeat);

    /// <summary>How it is sewn with the figures that the dial has.</summary>
    public Sewn Sewn => sewn ??= Sew();

    private Sewn? sewn;

    /// <summary>
    /// Of the figures of the dial within the range, that whose whole repeats leave least bare and never pass the end; the
    /// nearer to the usual one on a tie. Where the dial is not known, the exact repeat.
    /// </summary>
    private Sewn Sew()
    {
        if (Stitch.Dial is not { } usual)
        {
            // The nearest figure below, so that the last repeat does not pass the end; a border has to fill its sides.
            var isField = Side.Length == 0;
            var set = IsFilled && isField ? Rounding.Down(RepeatSet, DialStep) : RepeatSet;
            return
                IsFilled && isField && Length.Difference(set, Stitch.Repeat) <= Range * (1 + 1e-9)
                ? new(null, Repeats, set, Length - Repeats * set)
                : new(null, Repeats, RepeatSet, Spare);
        }
        Sewn Of(Length dial)
        {
            var repeat = Stitch.Repeat * (dial / usual);
            var count = (int)Rounding.FloorTolerant(Length / repeat);
            return new(dial, count, repeat, Length.Max(Length.Zero, Length - count * repeat));
        }

        var best = Of(usual);
        if (!IsWhole)
        {
            return best;
        }
        var per = Stitch.Repeat / usual;
        var (least, most) = (
            Rounding.CeilingTolerant((usual - Range / per) / DialStep),
            Rounding.FloorTolerant((usual + Range / per) / DialStep)
        );
        return Enumerable
            .Range((int)Math.Max(1, least), (int)Math.Clamp(most - Math.Max(1, least) + 1, 0, 400))
            .Select(i => DialStep * i)
            .OrderBy(d => Length.Difference(d, usual).Millimetres)
            .Select(Of)
            .Where(s => s.Repeats > 0)
            .Prepend(best)
            .Aggregate(
                (one, other) =>
                    one.Repeats == 0 || other.Bare.Millimetres < one.Bare.Millimetres - 1e-6
                        ? other
                        : one
            );
    }

    /// <summary>Where on it so much of its length is gone.</summary>
    public Point At(Length along)
    {
        var left = along;
        for (var i = 0; i + 1 < Line.Count; i++)
        {
            var (from, to) = (Line[i], Line[i + 1]);
            var piece = Between(from, to);
            if (left <= piece || i + 2 == Line.Count)
            {
                var t = piece > Length.Zero ? left / piece : 0;
                return new(from.X + (to.X - from.X) * t, from.Y + (to.Y - from.Y) * t);
            }
            left -= piece;
        }
        return From;
    }

    /// <summary>Where its first repeat begins, from its end.</summary>
    public Length Start => Sewn.Bare / 2;

    /// <summary>Thread above: every repeat that the whole row could hold, and a tail at both ends.</summary>
    public Length Thread(Length thickness, Length tail) =>
        Length / Stitch.Repeat * Stitch.Thread(thickness) + 2 * tail;
}

/// <summary>How a row is sewn.</summary>
/// <param name="Dial">The figure on the length dial; null where that is not known.</param>
/// <param name="Repeats">Whole ones.</param>
/// <param name="Repeat">How long each comes out.</param>
/// <param name="Bare">What they leave of the row, half at either end.</param>
internal sealed record Sewn(Length? Dial, int Repeats, Length Repeat, Length Bare);
