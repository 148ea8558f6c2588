using ZephyrReach.Core.Craft.Edges.Corded;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>One piped edge: where its strip begins, and where the joins of its covering come to lie.</summary>
/// <param name="Number">From 1; its strip is cut from the joined one in this order.</param>
/// <param name="Start">Along the edge, in mm.</param>
/// <param name="Joins">Along the edge, in mm.</param>
/// <param name="IsHidden">Whether none of them lies at a corner.</param>
internal sealed record Ring(int Number, double Start, IReadOnlyList<double> Joins, bool IsHidden)
{
    /// <summary>A join lies so far from a corner, or it thickens it; in mm.</summary>
    private const double Clear = 15;

    /// <summary>Starts are tried so far apart, in mm.</summary>
    private const double Step = 10;

    /// <summary>
    /// The joined strip is cut into as many lengths as there are edges. Each begins in the middle of its least seen side, or as
    /// near to it as keeps the joins off the corners.
    /// </summary>
    public static IReadOnlyList<Ring> All(PipingInputs ask)
    {
        var all = ask.Cut.JoinsAlong.Select(j => j.Millimetres).Order().ToList();
        var each = ask.Required.Millimetres;
        List<Ring> rings = [];
        var next = 0;
        for (var number = 1; number <= ask.Rings; number++)
        {
            List<double> within = [];
            for (; next < all.Count && all[next] < number * each; next++)
            {
                within.Add(all[next] - (number - 1) * each);
            }
            rings.Add(Of(ask, number, within));
        }
        return rings;
    }

    private static Ring Of(PipingInputs ask, int number, List<double> within)
    {
        var edge = ask.Edge.Edge;
        var before = ask.Overlap.Millimetres * (edge.IsClosed ? 0.5 : 1);
        // Edges as they were measured, on the line as it is drawn.
        var scale = edge.Length / ask.Edge.Length;
        if (!edge.IsClosed)
        {
            return At(0);
        }
        var side = ask.Edge.Start;
        var room = Math.Max(0, side.Length / 2 - 4 * Clear);
        var best = At(side.Middle);
        for (var off = Step; off <= room && !best.IsHidden; off += Step)
        {
            best =
                At(side.Middle + off) is { IsHidden: true } after ? after
                : At(side.Middle - off) is { IsHidden: true } earlier ? earlier
                : best;
        }
        return best;

        Ring At(double start)
        {
            var joins = within
                .Select(j => start + (j - before) * scale)
                .Select(j =>
                    edge.IsClosed
                        ? Wrapped(j, edge.Measured.Total)
                        : Math.Clamp(j, 0, edge.Measured.Total)
                )
                .ToList();
            return new(
                number,
                start,
                joins,
                !joins.Any(j => edge.Corners.Any(c => Lies(j, c, edge.Measured.Total)))
            );
        }
    }

    /// <summary>Whether a place lies at a corner, or too near to it.</summary>
    private static bool Lies(double at, EdgeBend corner, double total)
    {
        var middle = corner.From + corner.Length / 2;
        var apart = Math.Abs(Wrapped(at - middle + total / 2, total) - total / 2);
        return apart < corner.Length / 2 + Clear;
    }

    private static double Wrapped(double at, double total) =>
        total > 0 ? at - Math.Floor(at / total) * total : at;
}
