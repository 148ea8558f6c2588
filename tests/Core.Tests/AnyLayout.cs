using CsCheck;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Tests;

/// <summary>Cutting tasks of every kind, and what holds of the layout of each.</summary>
internal static class AnyLayout
{
    private static Length Mm(double mm) => Length.FromMillimetres(mm);

    private static Gen<double> One(params double[] of) =>
        Gen.Int[0, of.Length - 1].Select(i => of[i]);

    /// <summary>Rectangles on a fabric and its remnants.</summary>
    public static Gen<CuttingTask> Task { get; } =
        from width in Gen.Double[300, 1500]
        from remnants in Gen.Select(Gen.Double[100, 900], Gen.Double[100, 900]).Array[0, 3]
        from pieces in Gen.Select(
            Gen.Double[20, 290],
            Gen.Double[20, 290],
            Gen.Int[1, 4],
            Gen.Int[0, 2]
        ).Array[1, 8]
        from between in One(0, 0, 5, 12.7)
        from edgeToEdge in Gen.Bool
        from oneWay in Gen.Bool
        from along in One(0, 0, 64, 101.6)
        from across in One(0, 0, 50.8)
        select new CuttingTask(
            new Sheet(Mm(width), null),
            [.. remnants.Select(r => new Sheet(Mm(r.Item1), Mm(r.Item2)))],
            [
                .. pieces.Select(
                    (p, i) =>
                        new PieceToCut($"{i}", p.Item3, Mm(p.Item1), Mm(p.Item2), (Grain)p.Item4)
                ),
            ]
        )
        {
            Between = Mm(between),
            EdgeToEdge = edgeToEdge,
            OneWay = oneWay,
            RepeatAlong = along > 0 ? Mm(along) : null,
            RepeatAcross = across > 0 ? Mm(across) : null,
        };

    /// <summary>The same with outlines, mirrored pairs, strips on the bias and strips that are joined, single or folded.</summary>
    public static Gen<CuttingTask> AnyShape { get; } =
        from task in Task
        from kinds in Gen.Int[0, 5].Array[8]
        from isDouble in Gen.Bool
        let pieces = task.Pieces.Select((p, i) => OfKind(p, kinds[i])).ToList()
        let asked = task with
        {
            Pieces = pieces,
        }
        select asked with
        {
            IsDouble = isDouble && CuttingTable.WhyNotDouble(asked).Length == 0,
        };

    private static PieceToCut OfKind(PieceToCut piece, int kind)
    {
        var (w, h) = (piece.Width.Millimetres, piece.Long.Millimetres);
        Path Outline(params (double X, double Y)[] at) =>
            Path.Of(true, [.. at.Select(p => Point.At(p.X * w, p.Y * h))]);
        return kind switch
        {
            0 => piece with { Outline = Outline((0, 0), (1, 0.3), (0.4, 1)), IsMirrored = true },
            1 => piece with
            {
                Outline = Outline((0, 0), (1, 0), (1, 0.3), (0.4, 0.3), (0.4, 1), (0, 1)),
            },
            2 => piece with { Joined = new Joined(Mm(10), IsAcross: w > h) },
            3 => piece with { IsBias = true },
            _ => piece,
        };
    }

    /// <summary>
    /// Every piece is there once, inside its sheet, apart from the others, on its grain, its repeat and its fold; and where pieces
    /// are joined, the pattern of one goes on in the next.
    /// </summary>
    public static void CheckSound(CuttingTask task, Layout layout)
    {
        layout
            .Placements.Select(p => (p.Piece, p.Number))
            .Order()
            .ShouldBe(
                task.Pieces.SelectMany((p, i) => Enumerable.Range(1, p.Count).Select(n => (i, n)))
            );
        foreach (var p in layout.Placements)
        {
            CheckPlaced(task, layout, p);
        }
        for (var i = 0; i < task.Pieces.Count; i++)
        {
            if (
                task.Pieces[i] is { Joined: { } joined, IsBias: false }
                && !layout.Unmatched.Contains(i)
            )
            {
                CheckMatched(task, joined, [.. layout.Placements.Where(p => p.Piece == i)]);
            }
        }
        foreach (var sheet in layout.Placements.GroupBy(p => p.On))
        {
            // Two that are cut at once lie on each other.
            var all = sheet
                .DistinctBy(p =>
                    task.IsDouble ? (p.Piece, p.X, p.Y) : (p.Piece, p.X, Mm(-1 - p.Number))
                )
                .Select(p => Corners(p, task))
                .ToList();
            for (var i = 0; i < all.Count; i++)
            {
                foreach (var other in all.Skip(i + 1))
                {
                    Apart(all[i], other)
                        .ShouldBeGreaterThanOrEqualTo(
                            task.Between.Millimetres - 1e-3,
                            $"{string.Join(' ', all[i])} and {string.Join(' ', other)}"
                        );
                }
            }
        }
    }

    private static void CheckPlaced(CuttingTask task, Layout layout, Placement p)
    {
        var (piece, at) = (task.Pieces[p.Piece], Corners(p, task));
        var sheet = p.On == 0 ? task.Bolt : task.Remnants[p.On - 1];
        var width = sheet.Width.Millimetres / (task.IsDouble ? 2 : 1);
        at.ShouldAllBe(
            c =>
                c.X >= -1e-3
                && c.Y >= -1e-3
                && c.X <= width + 1e-3
                && c.Y <= (sheet.Long ?? layout.Used).Millimetres + 1e-3,
            $"{p} on {sheet}, {width} wide"
        );
        if (piece.IsBias)
        {
            return;
        }
        var across = p.Across.Millimetres * (p.IsOnFold ? 2 : 1);
        var (wide, far) = p.IsTurned
            ? (p.Along.Millimetres, across)
            : (across, p.Along.Millimetres);
        wide.ShouldBe(piece.Width.Millimetres, 1e-3);
        far.ShouldBe(piece.Long.Millimetres, 1e-3);
        if (p.IsOnFold)
        {
            (task.IsDouble, p.X.Millimetres).ShouldBe((true, 0));
        }
        var isPinned = task.Pins.Any(pin => pin.Piece == p.Piece && pin.Number == p.Number);
        if ((piece.Grain != Grain.Free || task.OneWay) && !isPinned)
        {
            p.IsTurned.ShouldBe(piece.Grain == Grain.Across);
        }
        if (task.OneWay)
        {
            p.IsHalfTurned.ShouldBeFalse();
        }
        if (p.Number == 1 && !isPinned)
        {
            Off(p.X.Millimetres, task.RepeatAcross).ShouldBeLessThan(1e-3);
            Off(p.Y.Millimetres, task.RepeatAlong).ShouldBeLessThan(1e-3);
        }
    }

    /// <summary>Where the seam of one lies in the repeat, the seam of the next lies.</summary>
    private static void CheckMatched(
        CuttingTask task,
        Joined joined,
        IReadOnlyList<Placement> strips
    )
    {
        foreach (var (one, next) in strips.Zip(strips.Skip(1)))
        {
            var runsAcross = joined.IsAcross != one.IsTurned;
            var by = joined.By.Millimetres;
            if (runsAcross)
            {
                Off((one.X + one.Across - next.X).Millimetres - 2 * by, task.RepeatAcross)
                    .ShouldBeLessThan(2e-3);
            }
            else
            {
                Off((one.Y + one.Along - next.Y).Millimetres - 2 * by, task.RepeatAlong)
                    .ShouldBeLessThan(2e-3);
            }
        }
    }

    private static double Off(double at, Length? repeat) =>
        repeat is { Millimetres: var step } ? Math.Abs(at - Math.Round(at / step) * step) : 0;

    private static (double X, double Y)[] Corners(Placement p, CuttingTask task) =>
        [
            .. Outlines
                .Of(p, task.Pieces[p.Piece])
                .Points.Select(c => (c.X.Millimetres, c.Y.Millimetres)),
        ];

    /// <summary>How far two outlines are from each other, in mm; below 0 where they meet or one lies in the other.</summary>
    private static double Apart((double X, double Y)[] a, (double X, double Y)[] b)
    {
        if (Inside(Middle(a), b) || Inside(Middle(b), a))
        {
            return -1;
        }
        var least = double.MaxValue;
        foreach (var (from, to) in Sides(a))
        {
            foreach (var (from2, to2) in Sides(b))
            {
                if (Crosses(from, to, from2, to2))
                {
                    return -1;
                }
                least = new[]
                {
                    least,
                    Away(from, from2, to2),
                    Away(to, from2, to2),
                    Away(from2, from, to),
                    Away(to2, from, to),
                }.Min();
            }
        }
        return least;
    }

    private static IEnumerable<((double X, double Y) From, (double X, double Y) To)> Sides(
        (double X, double Y)[] of
    ) => of.Select((c, i) => (c, of[(i + 1) % of.Length]));

    /// <summary>A place inside an outline: within its first corner that is no hollow.</summary>
    private static (double X, double Y) Middle((double X, double Y)[] of)
    {
        for (var i = 0; i < of.Length; i++)
        {
            var (a, b, c) = (of[i], of[(i + 1) % of.Length], of[(i + 2) % of.Length]);
            var at = ((a.X + 20 * b.X + c.X) / 22, (a.Y + 20 * b.Y + c.Y) / 22);
            if (Inside(at, of))
            {
                return at;
            }
        }
        return of[0];
    }

    private static bool Inside((double X, double Y) p, (double X, double Y)[] of) =>
        Sides(of)
            .Count(s =>
                s.From.Y > p.Y != s.To.Y > p.Y
                && p.X < s.From.X + (s.To.X - s.From.X) * (p.Y - s.From.Y) / (s.To.Y - s.From.Y)
            ) % 2
        == 1;

    private static bool Crosses(
        (double X, double Y) a,
        (double X, double Y) b,
        (double X, double Y) c,
        (double X, double Y) d
    )
    {
        static double Side(
            (double X, double Y) p,
            (double X, double Y) q,
            (double X, double Y) r
        ) =>
            ((q.X - p.X) * (r.Y - p.Y) - (q.Y - p.Y) * (r.X - p.X))
            / Math.Max(1e-9, Math.Sqrt(Math.Pow(q.X - p.X, 2) + Math.Pow(q.Y - p.Y, 2)));
        const double Least = 1e-3;
        return Side(a, b, c) > Least != Side(a, b, d) > Least
            && Math.Abs(Side(a, b, c)) > Least
            && Math.Abs(Side(a, b, d)) > Least
            && Side(c, d, a) > Least != Side(c, d, b) > Least
            && Math.Abs(Side(c, d, a)) > Least
            && Math.Abs(Side(c, d, b)) > Least;
    }

    private static double Away(
        (double X, double Y) p,
        (double X, double Y) a,
        (double X, double Y) b
    )
    {
        var (dx, dy) = (b.X - a.X, b.Y - a.Y);
        var t = Math.Clamp(
            ((p.X - a.X) * dx + (p.Y - a.Y) * dy) / Math.Max(1e-12, dx * dx + dy * dy),
            0,
            1
        );
        return Math.Sqrt(Math.Pow(p.X - a.X - t * dx, 2) + Math.Pow(p.Y - a.Y - t * dy, 2));
    }
}
