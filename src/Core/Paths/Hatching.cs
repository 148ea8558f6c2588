using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Paths;

/// <summary>Lines side by side that fill an outline, joined end to end where that stays inside.</summary>
public static class Hatching
{
    /// <summary>More lines than this nobody sews.</summary>
    public const int Most = 4000;

    internal const double Flat = 0.1;

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
            Hatch hatch = new(patch, apart.Millimetres);
            while (hatch.Next(at) is { } line)
            {
                stretches.Add([.. line.Select(Back)]);
                at = line[^1];
            }
        }
        return stretches;

        Point Back((double U, double V) p) =>
            Point.At(p.U * cos - p.V * sin, p.U * sin + p.V * cos);
    }

    internal static double Far((double U, double V) a, (double U, double V) b) =>
        (a.U - b.U) * (a.U - b.U) + (a.V - b.V) * (a.V - b.V);

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

    private static bool IsWithin(IReadOnlyList<HatchEdge> edges, double u, double v) =>
        edges.Count(e => e.V1 > v != e.V2 > v && e.At(v) > u) % 2 == 1;

    private static List<HatchEdge> Edges(IReadOnlyList<Path> outlines, double sin, double cos)
    {
        List<HatchEdge> edges = [];
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
}
