using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>Where the rows lie on the finished piece.</summary>
internal static class RowLayout
{
    /// <summary>Rows shorter than this have no length.</summary>
    private const double Nothing = 1e-7;

    public static IReadOnlyList<Row> Of(StitchRowsInputs ask) =>
        ask.IsBorder ? Border(ask)
        : ask.IsWavy ? Waves(ask)
        : Field(ask);

    /// <summary>
    /// Parallel rows, centred: with one gap n = floor(2·half/g) + 1 of them; with gaps that differ, as many as have Σ gaps ≤
    /// 2·half. A row of no length is dropped, and its turn in the pattern with it.
    /// </summary>
    private static IReadOnlyList<Row> Field(StitchRowsInputs ask)
    {
        List<Row> rows = [];
        var at = Places(ask);
        for (var i = 0; i < at.Count; i++)
        {
            var offset = at[i] - at[^1] / 2;
            if (Inside(ask.Width, ask.Height, ask.Turned, offset) is var (from, to))
            {
                rows.Add(Run(ask, rows.Count + 1, "", i, offset, from, to));
            }
        }
        return rows;
    }

    /// <summary>The same wave, over and over down the piece.</summary>
    private static IReadOnlyList<Row> Waves(StitchRowsInputs ask)
    {
        var at = Places(ask);
        var pieces = (int)
            Math.Clamp(Math.Ceiling(ask.Width / ask.WaveLength * WavePieces), 8, 2000);
        return
        [
            .. at.Select(
                (place, i) =>
                {
                    var offset = place - at[^1] / 2;
                    Budget.Spend(pieces);
                    IReadOnlyList<Point> line =
                    [
                        .. Enumerable
                            .Range(0, pieces + 1)
                            .Select(p =>
                            {
                                var x = ask.Width * ((double)p / pieces);
                                return new Point(x, ask.Height / 2 + offset + ask.WaveAt(x));
                            }),
                    ];
                    return Run(ask, i + 1, "", i, offset, line[0], line[^1]) with { Line = line };
                }
            ),
        ];
    }

    /// <summary>A wave is followed in so many straight pieces.</summary>
    private const int WavePieces = 24;

    /// <summary>How far each row lies from the first, square to them.</summary>
    private static IReadOnlyList<Length> Places(StitchRowsInputs ask)
    {
        var reach = 2 * ask.Half;
        List<Length> at = [Length.Zero];
        if (ask.RowGap is { } gap)
        {
            var count = (int)Rounding.FloorTolerant(reach / gap) + 1;
            at = [.. Enumerable.Range(0, count).Select(i => gap * i)];
        }
        else
        {
            while (
                at[^1] + ask.GapAfter(at.Count - 1) is var next
                && next.Millimetres <= reach.Millimetres * (1 + 1e-9)
            )
            {
                at.Add(next);
            }
        }
        return at;
    }

    /// <summary>The part inside a piece of the line at an angle and an offset from its middle; null where it has no length.</summary>
    /// <param name="turned">In radians, with the clock from the width as it is seen.</param>
    public static (Point From, Point To)? Inside(
        Length width,
        Length height,
        double turned,
        Length offset
    )
    {
        var (sin, cos) = (Math.Sin(turned), Math.Cos(turned));
        var (dx, dy) = (cos, sin);
        var (x, y) = (-offset.Millimetres * sin, offset.Millimetres * cos);
        var (from, to) = (double.NegativeInfinity, double.PositiveInfinity);
        foreach (
            var (at, along, half) in new[]
            {
                (x, dx, width.Millimetres / 2),
                (y, dy, height.Millimetres / 2),
            }
        )
        {
            if (Math.Abs(along) < 1e-12)
            {
                if (Math.Abs(at) > half * (1 + 1e-9))
                {
                    return null;
                }
                continue;
            }
            var (a, b) = ((-half - at) / along, (half - at) / along);
            from = Math.Max(from, Math.Min(a, b));
            to = Math.Min(to, Math.Max(a, b));
        }
        return to - from > Nothing ? (Place(from), Place(to)) : null;

        Point Place(double along) =>
            Point.At(
                Math.Clamp(x + along * dx + width.Millimetres / 2, 0, width.Millimetres),
                Math.Clamp(y + along * dy + height.Millimetres / 2, 0, height.Millimetres)
            );
    }

    /// <summary>Rows from the outside in, each along all four edges: top, right, bottom, left.</summary>
    private static IReadOnlyList<Row> Border(StitchRowsInputs ask)
    {
        List<Row> rows = [];
        var inset = ask.BorderInset;
        for (var row = 0; row < ask.BorderRows; row++)
        {
            Point[] corners =
            [
                new(inset, inset),
                new(ask.Width - inset, inset),
                new(ask.Width - inset, ask.Height - inset),
                new(inset, ask.Height - inset),
            ];
            foreach (var (side, i) in Sides.Select((s, i) => (s, i)))
            {
                rows.Add(Run(ask, row + 1, side, row, inset, corners[i], corners[(i + 1) % 4]));
            }
            inset += ask.GapAfter(row);
        }
        return rows;
    }

    private static readonly string[] Sides = ["top", "right", "bottom", "left"];

    private static Row Run(
        StitchRowsInputs ask,
        int number,
        string side,
        int place,
        Length offset,
        Point from,
        Point to
    ) =>
        new(
            number,
            side,
            ask.StitchOf(place),
            offset,
            from,
            to,
            ask.IsWhole,
            ask.RepeatRange,
            ask.DialStep
        );
}
