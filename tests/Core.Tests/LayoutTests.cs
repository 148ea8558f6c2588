using CsCheck;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Tests;

namespace ZephyrReach.Core.Tests;

/// <summary>Layouts on fabric: what holds of every one of them, and how near they come to what can be.</summary>
public sealed class LayoutTests
{
    private const double Near = 1e-6;

    private static readonly Gen<CuttingTask> AnyTask = AnyLayout.Task;

    /// <summary>What lies on a sheet, in mm.</summary>
    private sealed record Rect(double Left, double Top, double Right, double Bottom)
    {
        public bool IsApart(Rect other, double between) =>
            Left >= other.Right + between - Near
            || other.Left >= Right + between - Near
            || Top >= other.Bottom + between - Near
            || other.Top >= Bottom + between - Near;
    }

    private static Length Mm(double mm) => Length.FromMillimetres(mm);

    private static Layout Lay(CuttingTask task, double seconds) =>
        CuttingTable.Lay(task, seconds, TestContext.Current.CancellationToken);

    private static Rect On(Placement p) =>
        new(
            p.X.Millimetres,
            p.Y.Millimetres,
            (p.X + p.Across).Millimetres,
            (p.Y + p.Along).Millimetres
        );

    [Fact]
    public void Every_piece_lies_inside_apart_on_its_grain_and_its_repeat() =>
        AnyLayout.AnyShape.Sample(
            task => AnyLayout.CheckSound(task, Lay(task, 0)),
            iter: 500 * Deep.Times
        );

    [Fact]
    public void What_is_pinned_stays_and_the_rest_is_laid_round_it() =>
        Gen.Select(AnyTask, Gen.Double[0, 400], Gen.Double[0, 400], Gen.Int[1, 3])
            .Sample(
                (any, right, down, count) =>
                {
                    var task = any with { RepeatAlong = null, RepeatAcross = null };
                    var pinned = task with
                    {
                        Pins =
                        [
                            .. Lay(task, 0)
                                .Placements.Where(p => p.On == 0)
                                .Take(count)
                                .Select(p => new Pin(
                                    p.Piece,
                                    p.Number,
                                    0,
                                    p.X + Mm(right),
                                    p.Y + Mm(down)
                                )),
                        ],
                    };
                    if (CuttingTable.Misplaced(pinned) is not null)
                    {
                        return;
                    }
                    var layout = Lay(pinned, 0.02);
                    AnyLayout.CheckSound(pinned, layout);
                    foreach (var pin in pinned.Pins)
                    {
                        var at = layout.Placements.Single(p =>
                            p.Piece == pin.Piece && p.Number == pin.Number
                        );
                        (at.On, at.X.Millimetres, at.Y.Millimetres).ShouldSatisfyAllConditions(
                            p => p.On.ShouldBe(0),
                            p => p.Item2.ShouldBe(pin.X.Millimetres, 1e-3),
                            p => p.Item3.ShouldBe(pin.Y.Millimetres, 1e-3)
                        );
                    }
                    layout.AtLeast.ShouldBeLessThanOrEqualTo(layout.Used);
                },
                iter: 150 * Deep.Times
            );

    [Fact]
    public void A_pin_beyond_the_fabric_or_on_another_is_told()
    {
        var task = new CuttingTask(
            new Sheet(Mm(1400), null),
            [],
            [new("a", 1, Mm(400), Mm(300), Grain.Along), new("b", 1, Mm(500), Mm(200), Grain.Along)]
        );
        Pin At(int piece, double x, double y) => new(piece, 1, 0, Mm(x), Mm(y));
        CuttingTable.Misplaced(task with { Pins = [At(0, 0, 0), At(1, 400, 0)] }).ShouldBeNull();
        CuttingTable.Misplaced(task with { Pins = [At(0, 0, 0), At(1, 399, 0)] }).ShouldNotBeNull();
        CuttingTable.Misplaced(task with { Pins = [At(0, 1001, 0)] }).ShouldNotBeNull();
        CuttingTable.Misplaced(task with { Pins = [At(2, 0, 0)] }).ShouldNotBeNull();
        CuttingTable
            .Misplaced(task with { Between = Mm(10), Pins = [At(0, 0, 0), At(1, 405, 0)] })
            .ShouldNotBeNull();
    }

    [Fact]
    public void What_is_left_is_free_and_less_than_the_bound_cannot_do() =>
        AnyTask.Sample(
            task =>
            {
                var layout = Lay(task, 0);
                layout.AtLeast.ShouldBeLessThanOrEqualTo(layout.Used);
                List<Rect> taken = [];
                foreach (var sheet in layout.Left.GroupBy(l => l.On))
                {
                    Rect[] pieces = [.. layout.Placements.Where(p => p.On == sheet.Key).Select(On)];
                    Rect[] left =
                    [
                        .. sheet.Select(l => new Rect(
                            l.X.Millimetres,
                            l.Y.Millimetres,
                            (l.X + l.Width).Millimetres,
                            (l.Y + l.Long).Millimetres
                        )),
                    ];
                    left.ShouldAllBe(l => pieces.All(p => p.IsApart(l, 0)));
                    left.ShouldAllBe(l =>
                        l.Right - l.Left >= 100 - Near && l.Bottom - l.Top >= 100 - Near
                    );
                    for (var i = 0; i < left.Length; i++)
                    {
                        left.Skip(i + 1).ShouldAllBe(other => other.IsApart(left[i], 0));
                    }
                }
                // Nothing has more area than what it is cut from.
                var there =
                    layout.AtLeast.Millimetres * task.Bolt.Width.Millimetres
                    + task.Remnants.Sum(r => r.Width.Millimetres * r.Long!.Value.Millimetres);
                var wanted = task.Pieces.Sum(p =>
                    p.Count * p.Width.Millimetres * p.Long.Millimetres
                );
                (
                    layout.Used.Millimetres * task.Bolt.Width.Millimetres
                    + task.Remnants.Sum(r => r.Width.Millimetres * r.Long!.Value.Millimetres)
                ).ShouldBeGreaterThanOrEqualTo(wanted - 1);
                there.ShouldBeGreaterThan(0);
            },
            iter: 200 * Deep.Times
        );

    [Fact]
    public void Cuts_that_go_right_across_take_a_layout_apart_and_hit_no_piece() =>
        AnyTask.Sample(
            task =>
            {
                var layout = Lay(task with { EdgeToEdge = true }, 0);
                for (var on = 0; on <= task.Remnants.Count; on++)
                {
                    Rect[] pieces = [.. layout.Placements.Where(p => p.On == on).Select(On)];
                    if (pieces.Length == 0)
                    {
                        continue;
                    }
                    var sheet = on == 0 ? task.Bolt : task.Remnants[on - 1];
                    List<Rect> parts =
                    [
                        new(0, 0, sheet.Width.Millimetres, sheet.Long?.Millimetres ?? 1e9),
                    ];
                    foreach (var cut in layout.Cuts!.Where(c => c.On == on))
                    {
                        var at = cut.At.Millimetres;
                        // It goes right across one part, from edge to edge.
                        var part = parts.Single(p =>
                            cut.IsAcross
                                ? Math.Abs(p.Left - cut.From.Millimetres) < 1e-3
                                    && Math.Abs(p.Right - cut.To.Millimetres) < 1e-3
                                    && p.Top < at
                                    && at < p.Bottom
                                : Math.Abs(p.Top - cut.From.Millimetres) < 1e-3
                                    && Math.Abs(p.Bottom - cut.To.Millimetres) < 1e-3
                                    && p.Left < at
                                    && at < p.Right
                        );
                        parts.Remove(part);
                        parts.AddRange(
                            cut.IsAcross
                                ? [part with { Bottom = at }, part with { Top = at }]
                                : [part with { Right = at }, part with { Left = at }]
                        );
                    }
                    // Each piece is a part for itself.
                    pieces.ShouldAllBe(piece =>
                        parts.Any(p =>
                            Math.Abs(p.Left - piece.Left) < 1e-3
                            && Math.Abs(p.Top - piece.Top) < 1e-3
                            && Math.Abs(p.Right - piece.Right) < 1e-3
                            && Math.Abs(p.Bottom - piece.Bottom) < 1e-3
                        )
                    );
                }
            },
            iter: 200 * Deep.Times
        );

    [Fact]
    public void The_same_is_answered_the_same_and_more_time_is_never_worse()
    {
        var task = new CuttingTask(
            new Sheet(Mm(1400), null),
            [new Sheet(Mm(500), Mm(400))],
            [
                new("panel", 3, Mm(430), Mm(610), Grain.Along),
                new("pocket", 5, Mm(190), Mm(210), Grain.Free),
                new("strap", 4, Mm(60), Mm(700), Grain.Free),
                new("yoke", 2, Mm(350), Mm(180), Grain.Across),
            ]
        );
        var first = Lay(task, 0);
        var longer = Lay(task, 0.3);
        longer.Used.ShouldBeLessThanOrEqualTo(first.Used);
        longer.AtLeast.ShouldBeGreaterThanOrEqualTo(first.AtLeast);
        Lay(task, 0.3).Placements.ShouldBe(longer.Placements);
    }

    /// <summary>Rectangles that a fabric was cut up into: laid again they take just as much.</summary>
    private static IReadOnlyList<PieceToCut> CutUp(
        Random random,
        double width,
        double length,
        int n
    )
    {
        List<(double W, double H)> all = [(width, length)];
        while (all.Count < n)
        {
            var i = Enumerable
                .Range(0, all.Count)
                .MaxBy(k => all[k].W * all[k].H + random.Next(100_000));
            var (w, h) = all[i];
            all.RemoveAt(i);
            var isAcross = h > w;
            var at = Math.Round((isAcross ? h : w) * (0.25 + 0.5 * random.NextDouble()));
            all.Add(isAcross ? (w, at) : (at, h));
            all.Add(isAcross ? (w, h - at) : (w - at, h));
        }
        return
        [
            .. all.OrderBy(_ => random.Next())
                .Select((p, i) => new PieceToCut($"{i}", 1, Mm(p.W), Mm(p.H), Grain.Along)),
        ];
    }

    [Theory]
    [InlineData(8, false)]
    [InlineData(8, true)]
    [InlineData(14, false)]
    [InlineData(20, false)]
    public void What_a_fabric_was_cut_up_into_is_laid_on_as_much_of_it(int pieces, bool edgeToEdge)
    {
        for (var seed = 1; seed <= 3 * Deep.Times; seed++)
        {
            var length = 900 + 37 * seed;
            var task = new CuttingTask(
                new Sheet(Mm(1400), null),
                [],
                CutUp(new Random(seed), 1400, length, pieces)
            )
            {
                EdgeToEdge = edgeToEdge,
            };
            var layout = Lay(task, 1);
            layout.AtLeast.Millimetres.ShouldBe(length, 1e-3);
            layout.Used.Millimetres.ShouldBeLessThanOrEqualTo(1.05 * length);
            if (pieces == 8)
            {
                layout.IsProven.ShouldBeTrue();
            }
        }
    }

    [Fact]
    public void Remnants_are_used_first_and_what_fits_nowhere_is_named()
    {
        var reader = new InputReader(
            RawInputs.Of(
                ("fabric", RawInputs.Of(("width", "140 cm"))),
                ("remnants", new[] { RawInputs.Of(("width", "60 cm"), ("length", "50 cm")) }),
                (
                    "pieces",
                    new[]
                    {
                        RawInputs.Of(("name", "bib"), ("width", "40 cm"), ("length", "45 cm")),
                        RawInputs.Of(
                            ("name", "frill"),
                            ("width", "10 cm"),
                            ("length", "150 cm"),
                            ("grain", "across")
                        ),
                    }
                )
            ),
            Ruler.Metric
        );
        CuttingInputs.Read(reader).ShouldBeNull();
        var error = reader.Errors.Single();
        error.Field.ShouldBe("pieces[1].length");
        error.Says.ShouldContain("“frill”");
        error.Says.ShouldContain("140 cm");
        var layout = Lay(
            new CuttingTask(
                new Sheet(Mm(1400), null),
                [new Sheet(Mm(600), Mm(500))],
                [new("bib", 1, Mm(400), Mm(450), Grain.Along)]
            ),
            0
        );
        layout.Used.ShouldBe(Length.Zero);
        layout.Placements.Single().On.ShouldBe(1);
        layout.Left.ShouldHaveSingleItem().Width.Millimetres.ShouldBe(200, 1e-3);
    }
}
