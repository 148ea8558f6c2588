using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Paths;

/// <summary>Lines side by side that fill an outline, joined end to end where that stays inside.</summary>
public static class Hatching
{
    /// <summary>More lines than this nobody sews.</summary>
    public const int Most = 4000;

    private const double Flat = 0.1;

    /// <summary>How many lines there may be, at the most.</summary>
    public static double Lines(IReadOnlyList<Path> outlines, Length apart) =>
        outlines.Count == 0
            ? 0
            : (NamedShape.BoundsOf(outlines).Width + NamedShape.BoundsOf(outlines).Height) / apart;

    /// <summary>The lines in the order they are sewn: one list for each stretch between jumps.</summary>
    /// <param name="outlines">Closed, none crossing another; one within another is a hole.</param>
    /// <param name="apart">From line to line; above 0. The first lies half of that inside.</param>
    /// <param name="angle">Of the lines, in degrees clockwise from the right.</param>
    public static IReadOnlyList<IReadOnlyList<Point>> Of(
        IReadOnlyList<Path> outlines,
        Length apart,
        double angle
    )
    {
        var (sin, cos) = Math.SinCos(angle * Math.PI / 180);
        List<IReadOnlyList<Point>> stretches = [];
        var left = Patches(outlines)
            .Select(p => Edges(p, sin, cos))
            .Where(p => p.Count > 0)
            .ToList();
        (double U, double V)? at = null;
        while (left.Count > 0)
        {
            // From patch to patch by the shortest way, beginning at the left.
            var patch = left.MinBy(p =>
                at is { } from
                    ? p.Min(e => Far(from, (e.U1, e.V1)))
                    : p.Min(e => e.U1 * cos - e.V1 * sin)
            )!;
            left.Remove(patch);
            var rows = Rows(patch, apart.Millimetres);
            while (Next(rows, at) is { } next)
            {
                var line = Stretch(rows, patch, next.Row, next.Span, next.Turned);
                stretches.Add([.. line.Select(Back)]);
                at = line[^1];
            }
        }
        return stretches;

        Point Back((double U, double V) p) =>
            Point.At(p.U * cos - p.V * sin, p.U * sin + p.V * cos);
    }

    private static double Far((double U, double V) a, (double U, double V) b) =>
        (a.U - b.U) * (a.U - b.U) + (a.V - b.V) * (a.V - b.V);

    /// <summary>Where the next stretch begins: the first line of a patch, then what is left nearest to where the last ended.</summary>
    private static (int Row, Span Span, bool Turned)? Next(
        IReadOnlyList<IReadOnlyList<Span>> rows,
        (double U, double V)? from
    )
    {
        var isBegun = rows.Any(r => r.Any(s => s.IsSewn));
        var open = rows.SelectMany(
            (r, i) => r.Where(s => !s.IsSewn).Select(s => ((int Row, Span Span)?)(i, s))
        );
        var next =
            isBegun && from is { } at
                ? open.MinBy(s => Near(s!.Value.Span, at))
                : open.FirstOrDefault();
        if (next is not (var row, var span))
        {
            return null;
        }
        var turned = from is { } f && Far(f, (span.To, span.V)) < Far(f, (span.From, span.V));
        return (row, span, turned);

        static double Near(Span s, (double U, double V) at) =>
            Math.Min(Far(at, (s.From, s.V)), Far(at, (s.To, s.V)));
    }

    /// <summary>Outlines with their holes, apart from each other.</summary>
    private static IEnumerable<IReadOnlyList<Path>> Patches(IReadOnlyList<Path> outlines)
    {
        var rings = outlines
            .Select(o => (Path: o, Edges: Edges([o], 0, 1)))
            .Where(r => r.Edges.Count > 0)
            .ToList();
        var depth = rings
            .Select(r =>
                rings.Count(o => o != r && IsWithin(o.Edges, r.Edges[0].U1, r.Edges[0].V1))
            )
            .ToList();
        for (var i = 0; i < rings.Count; i++)
        {
            if (depth[i] % 2 == 0)
            {
                yield return
                [
                    rings[i].Path,
                    .. rings
                        .Where(
                            (r, k) =>
                                depth[k] == depth[i] + 1
                                && IsWithin(rings[i].Edges, r.Edges[0].U1, r.Edges[0].V1)
                        )
                        .Select(r => r.Path),
                ];
            }
        }
    }

    private static bool IsWithin(IReadOnlyList<Edge> edges, double u, double v) =>
        edges.Count(e => e.V1 > v != e.V2 > v && e.At(v) > u) % 2 == 1;

    /// <summary>One stretch, from a line on: each next line is the nearest of the row above or below that is reached inside.</summary>
    private static List<(double U, double V)> Stretch(
        IReadOnlyList<IReadOnlyList<Span>> rows,
        IReadOnlyList<Edge> edges,
        int row,
        Span span,
        bool turned
    )
    {
        List<(double U, double V)> line = turned
            ? [(span.To, span.V), (span.From, span.V)]
            : [(span.From, span.V), (span.To, span.V)];
        span.IsSewn = true;
        for (; ; )
        {
            var ((before, _), (u, v)) = (line[^2], line[^1]);
            var next = new[] { row + 1, row - 1 }
                .Where(r => r >= 0 && r < rows.Count)
                .SelectMany(r => rows[r].Where(s => !s.IsSewn).Select(s => (Row: r, Span: s)))
                .SelectMany(n =>
                    new[]
                    {
                        (n.Row, n.Span, Begin: n.Span.From, End: n.Span.To),
                        (n.Row, n.Span, Begin: n.Span.To, End: n.Span.From),
                    }
                )
                .OrderBy(n => Math.Abs(n.Begin - u))
                .ThenByDescending(n => n.Row)
                .Cast<(int Row, Span Span, double Begin, double End)?>()
                // Every edge is asked whether it lies between, so only the nearest are tried, one after the other.
                .FirstOrDefault(n =>
                    IsInside(
                        edges,
                        (Within(u, before), v),
                        (Within(n!.Value.Begin, n.Value.End), n.Value.Span.V)
                    )
                );
            if (next is not { } on)
            {
                return line;
            }
            on.Span.IsSewn = true;
            line.Add((on.Begin, on.Span.V));
            line.Add((on.End, on.Span.V));
            row = on.Row;
        }
    }

    /// <summary>A hair from the end of a line into it: a way along the outline itself lies inside.</summary>
    private static double Within(double end, double other) =>
        end + Math.Sign(other - end) * Math.Min(Flat / 4, Math.Abs(other - end) / 4);

    /// <summary>Whether a way from line to line, whose ends lie on the outline, does not leave it: no edge is crossed between, and its middle is inside.</summary>
    private static bool IsInside(
        IReadOnlyList<Edge> edges,
        (double U, double V) from,
        (double U, double V) to
    )
    {
        var (du, dv) = (to.U - from.U, to.V - from.V);
        var inside = false;
        var middle = (U: from.U + du / 2, V: from.V + dv / 2);
        foreach (var e in edges)
        {
            if (e.V1 > middle.V != e.V2 > middle.V && e.At(middle.V) > middle.U)
            {
                inside = !inside;
            }
            if (e.Low > Math.Max(from.V, to.V) || e.High < Math.Min(from.V, to.V))
            {
                continue;
            }
            // Where along the way, and where along the edge, the two meet.
            var (eu, ev) = (e.U2 - e.U1, e.V2 - e.V1);
            var across = du * ev - dv * eu;
            if (Math.Abs(across) < 1e-12)
            {
                continue;
            }
            var t = ((e.U1 - from.U) * ev - (e.V1 - from.V) * eu) / across;
            var s = ((e.U1 - from.U) * dv - (e.V1 - from.V) * du) / across;
            if (t is > 1e-6 and < 1 - 1e-6 && s is >= 0 and <= 1)
            {
                return false;
            }
        }
        return inside;
    }

    private static List<IReadOnlyList<Span>> Rows(List<Edge> edges, double apart)
    {
        var (low, high) = (edges.Min(e => e.Low), edges.Max(e => e.High));
        List<IReadOnlyList<Span>> rows = [];
        for (var v = low + apart / 2; v < high; v += apart)
        {
            var at = v;
            var crossed = edges
                .Where(e => e.V1 > at != e.V2 > at)
                .Select(e => e.At(at))
                .Order()
                .ToList();
            rows.Add([
                .. crossed
                    .Chunk(2)
                    .Where(c => c.Length == 2 && c[1] - c[0] > Flat)
                    .Select(c => new Span(c[0], c[1], at)),
            ]);
        }
        return rows;
    }

    private static List<Edge> Edges(IReadOnlyList<Path> outlines, double sin, double cos)
    {
        List<Edge> edges = [];
        foreach (var outline in outlines)
        {
            var line = new MeasuredPath(outline with { IsClosed = true });
            if (line.Total < 1e-6)
            {
                continue;
            }
            var points = line.Points(0, line.Total * (1 - 1e-12), Flat / 4)
                .Select(p => (X: p.X.Millimetres, Y: p.Y.Millimetres))
                .Select(p => (U: p.X * cos + p.Y * sin, V: p.Y * cos - p.X * sin))
                .ToList();
            for (var i = 0; i < points.Count; i++)
            {
                var (a, b) = (points[i], points[(i + 1) % points.Count]);
                edges.Add(new(a.U, a.V, b.U, b.V));
            }
        }
        return edges;
    }

    /// <summary>An edge of the outline, turned so that the lines lie level.</summary>
    private readonly record struct Edge(double U1, double V1, double U2, double V2)
    {
        public double Low => Math.Min(V1, V2);

        public double High => Math.Max(V1, V2);

        public double At(double v) => U1 + (U2 - U1) * (v - V1) / (V2 - V1);
    }

    private sealed class Span(double from, double to, double v)
    {
        public double From { get; } = from;

        public double To { get; } = to;

        public double V { get; } = v;

        public bool IsSewn { get; set; }
    }
}
