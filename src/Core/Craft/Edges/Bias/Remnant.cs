using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Bias;

/// <summary>A strip that a remnant gives.</summary>
/// <param name="Length">Along its middle, from slanted end to slanted end.</param>
/// <param name="Corners">Where it lies on the remnant.</param>
internal sealed record RemnantStrip(Length Length, IReadOnlyList<Point> Corners);

/// <summary>What strips a remnant of any shape gives, cut at an angle to its grain; their ends lie along the grain, so that they join on the slant.</summary>
/// <remarks>
/// Across the strips the remnant is gone through in steps of a millimetre. Where a strip lies, it is as long as the remnant goes on
/// over its whole width; which strips are cut is the choice that gives the most in all, less what the joins take.
/// </remarks>
/// <param name="Shape">Its corners in their order, with the grain upright; three or more, no edge crossing another.</param>
/// <param name="Width">Of a strip; above 0.</param>
/// <param name="Join">What a strip gives to a join at one end, square to the seam.</param>
/// <param name="Angle">Between the strip and the grain, in degrees.</param>
internal sealed record Remnant(IReadOnlyList<Point> Shape, Length Width, Length Join, double Angle)
{
    /// <summary>From one place that is tried to the next, across the strips, at most.</summary>
    private const double Grid = 1;

    /// <summary>A shorter strip is not worth its joins, beside what they take.</summary>
    private const double Least = 40;

    private IReadOnlyList<RemnantStrip>? strips;

    private double Radians => Angle * Math.PI / 180;

    /// <inheritdoc cref="SelvedgeStrips.TakenByJoin"/>
    public Length AtJoin => SelvedgeStrips.TakenByJoin(Width, Join, Angle);

    /// <summary>The strips, the longest first.</summary>
    public IReadOnlyList<RemnantStrip> Strips => strips ??= Best();

    /// <summary>How much it gives, joined.</summary>
    public Length Gives =>
        Length.FromMillimetres(Strips.Sum(s => s.Length.Millimetres))
        - Math.Max(0, Strips.Count - 1) * AtJoin;

    private List<RemnantStrip> Best() =>
        Ways()
            .Select(way => Cut(way))
            .MaxBy(strips =>
                strips.Sum(s => s.Length.Millimetres) - strips.Count * AtJoin.Millimetres
            )!;

    /// <summary>
    /// The two ways that a strip can lean. Along the strip, skewed so that its ends are square, and across it: a strip is then a
    /// rectangle. Back from there to the remnant.
    /// </summary>
    private IEnumerable<Way> Ways()
    {
        var (sin, cos) = Math.SinCos(Radians);
        foreach (var lean in new[] { 1, -1 })
        {
            // The strip runs (sin, ∓cos) from the upright grain; its ends lie along the grain.
            var (dx, dy) = (sin, lean * cos);
            var skew = dy / dx;
            yield return new(
                p =>
                    (
                        p.X.Millimetres * dx + p.Y.Millimetres * dy,
                        -p.X.Millimetres * dy + p.Y.Millimetres * dx
                    ),
                (u, v) => Point.At(u * dx - v * dy, u * dy + v * dx),
                skew
            );
        }
    }

    /// <param name="Along">Along and across the strip of a point.</param>
    /// <param name="Back">And back.</param>
    /// <param name="Skew">How far the ends move along for each mm across.</param>
    private sealed record Way(
        Func<Point, (double U, double V)> Along,
        Func<double, double, Point> Back,
        double Skew
    );

    private List<RemnantStrip> Cut(Way way)
    {
        var corners = Shape.Select(way.Along).Select(p => (U: p.U - way.Skew * p.V, p.V)).ToList();
        var wide = Width.Millimetres;
        var each = (int)Math.Ceiling(wide / Grid);
        var step = wide / each;
        var (low, high) = (corners.Min(c => c.V), corners.Max(c => c.V));
        // Places are counted from the origin, so that a larger remnant offers all that a smaller one does.
        var first = (int)Math.Ceiling(low / step - 1e-9);
        var places = (int)Math.Floor((high - wide) / step + 1e-9) - first + 1;
        if (places <= 0)
        {
            return [];
        }
        var found = new List<(double From, double To)>[places];
        var best = new double[places + 1];
        var taken = new bool[places + 1];
        var loss = AtJoin.Millimetres;
        for (var i = 0; i < places; i++)
        {
            var from = (first + i) * step;
            found[i] =
            [
                .. Within(corners, from, from + wide).Where(s => s.To - s.From >= Least + loss),
            ];
            var gain = found[i].Sum(s => s.To - s.From - loss);
            var with = gain + best[Math.Max(0, i + 1 - each)];
            taken[i + 1] = gain > 0 && with > best[i] + 1e-9;
            best[i + 1] = taken[i + 1] ? with : best[i];
        }
        List<RemnantStrip> strips = [];
        for (var i = places; i > 0; )
        {
            if (!taken[i])
            {
                i--;
                continue;
            }
            var v = (first + i - 1) * step;
            strips.AddRange(
                found[i - 1]
                    .Select(s => new RemnantStrip(
                        Length.FromMillimetres(s.To - s.From),
                        [At(s.From, v), At(s.To, v), At(s.To, v + wide), At(s.From, v + wide)]
                    ))
            );
            i = Math.Max(0, i - each);
        }
        return [.. strips.OrderByDescending(s => s.Length)];

        Point At(double u, double v) => way.Back(u + way.Skew * v, v);
    }

    /// <summary>Where the shape goes on over a whole band across the strips.</summary>
    private static List<(double From, double To)> Within(
        List<(double U, double V)> corners,
        double from,
        double to
    )
    {
        List<double> levels =
        [
            from,
            .. corners.Select(c => c.V).Where(v => v > from + 1e-9 && v < to - 1e-9).Order(),
            to,
        ];
        List<(double From, double To)>? all = null;
        for (var i = 1; i < levels.Count; i++)
        {
            var (low, high) = (levels[i - 1], levels[i]);
            if (high - low < 1e-9)
            {
                continue;
            }
            var here = Between(corners, low, high);
            all = all is null ? here : Common(all, here);
            if (all.Count == 0)
            {
                break;
            }
        }
        return all ?? [];
    }

    /// <summary>The same between two levels, with no corner between them: edges go through from one to the other.</summary>
    private static List<(double From, double To)> Between(
        List<(double U, double V)> corners,
        double low,
        double high
    )
    {
        List<(double Low, double High)> edges = [];
        for (var i = 0; i < corners.Count; i++)
        {
            var (a, b) = (corners[i], corners[(i + 1) % corners.Count]);
            (a, b) = a.V <= b.V ? (a, b) : (b, a);
            if (a.V <= low + 1e-9 && b.V >= high - 1e-9 && b.V - a.V > 1e-12)
            {
                edges.Add((AtLevel(low), AtLevel(high)));
            }

            double AtLevel(double v) =>
                a.U + (b.U - a.U) * Math.Clamp((v - a.V) / (b.V - a.V), 0, 1);
        }
        edges.Sort((x, y) => (x.Low + x.High).CompareTo(y.Low + y.High));
        List<(double, double)> spans = [];
        for (var i = 0; i + 1 < edges.Count; i += 2)
        {
            var span = (
                From: Math.Max(edges[i].Low, edges[i].High),
                To: Math.Min(edges[i + 1].Low, edges[i + 1].High)
            );
            if (span.To > span.From)
            {
                spans.Add(span);
            }
        }
        return spans;
    }

    private static List<(double From, double To)> Common(
        List<(double From, double To)> some,
        List<(double From, double To)> others
    ) =>
        [
            .. some.SelectMany(a =>
                others
                    .Select(b => (From: Math.Max(a.From, b.From), To: Math.Min(a.To, b.To)))
                    .Where(s => s.To > s.From)
            ),
        ];
}
