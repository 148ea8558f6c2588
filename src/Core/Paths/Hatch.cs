namespace ZephyrReach.Core.Paths;

/// <summary>The lines of one patch, laid side by side, and which of them are sewn already.</summary>
/// <remarks>
/// Whatever is looked for lies near: the next line begins near where the last one ended, and only edges between two lines can
/// part them. So both are kept in order, and looked through from the nearest outwards.
/// </remarks>
internal sealed class Hatch
{
    private readonly List<Row> rows;

    /// <summary>Of each row, which edges lie between it and the next.</summary>
    private readonly List<int>[] between;
    private readonly Band?[] bands;
    private readonly IReadOnlyList<HatchEdge> edges;
    private int firstOpen;
    private bool isBegun;

    /// <param name="edges">Of the patch and its holes, turned so that the lines lie level.</param>
    /// <param name="apart">From line to line, in mm; the first lies half of that inside.</param>
    public Hatch(IReadOnlyList<HatchEdge> edges, double apart)
    {
        this.edges = edges;
        var (low, high) = (edges.Min(e => e.Low), edges.Max(e => e.High));
        List<double> heights = [];
        for (var v = low + apart / 2; v < high; v += apart)
        {
            heights.Add(v);
        }
        var crossed = heights.Select(_ => new List<double>()).ToArray();
        between = [.. heights.Skip(1).Select(_ => new List<int>())];
        for (var e = 0; e < edges.Count; e++)
        {
            var edge = edges[e];
            // One more at either end: heights are sums, and not exact.
            var first = Math.Max(0, (int)((edge.Low - low) / apart - 0.5) - 1);
            var last = Math.Min(heights.Count - 1, (int)((edge.High - low) / apart - 0.5) + 1);
            Budget.Spend(Math.Max(1, last - first));
            for (var i = first; i <= last; i++)
            {
                if (edge.V1 > heights[i] != edge.V2 > heights[i])
                {
                    crossed[i].Add(edge.At(heights[i]));
                }
                if (i < last && edge.Low <= heights[i + 1] && edge.High >= heights[i])
                {
                    between[i].Add(e);
                }
            }
        }
        rows =
        [
            .. heights.Select(
                (v, i) =>
                    new Row(
                        v,
                        [
                            .. crossed[i]
                                .Order()
                                .Chunk(2)
                                .Where(c => c.Length == 2 && c[1] - c[0] > Hatching.Flat)
                                .Select(c => new Span(c[0], c[1])),
                        ]
                    )
            ),
        ];
        bands = new Band?[rows.Count];
    }

    /// <summary>The next stretch: the first line of the patch, then from what is left nearest to where the last one ended; null once all is sewn.</summary>
    public List<(double U, double V)>? Next((double U, double V)? from)
    {
        while (firstOpen < rows.Count && rows[firstOpen].Open == 0)
        {
            firstOpen++;
        }
        if (firstOpen == rows.Count)
        {
            return null;
        }
        var (row, span) =
            isBegun && from is { } at
                ? Nearest(at)
                : (firstOpen, rows[firstOpen].Spans.First(s => !s.IsSewn));
        isBegun = true;
        var v = rows[row].V;
        var turned =
            from is { } f && Hatching.Far(f, (span.To, v)) < Hatching.Far(f, (span.From, v));
        return Stretch(row, span, turned);
    }

    /// <summary>What is open nearest to a place; in row after row, outwards from it.</summary>
    private (int Row, Span Span) Nearest((double U, double V) at)
    {
        (int Row, Span Span)? best = null;
        var far = double.PositiveInfinity;
        var middle = rows.FindIndex(r => r.V >= at.V);
        middle = middle < 0 ? rows.Count - 1 : middle;
        for (var away = 0; away < rows.Count; away++)
        {
            var isFurther = true;
            foreach (var i in away == 0 ? [middle] : new[] { middle - away, middle + away })
            {
                if (i < firstOpen || i >= rows.Count)
                {
                    continue;
                }
                var dv = rows[i].V - at.V;
                if (dv * dv > far)
                {
                    continue;
                }
                isFurther = false;
                if (rows[i].Open > 0 && rows[i].Outwards(at.U).FirstOrDefault() is { } place)
                {
                    var d = Hatching.Far(at, (place.Begin, rows[i].V));
                    // Of two as near the one of the first row is taken.
                    if (d < far || (d <= far && i < best?.Row))
                    {
                        (best, far) = ((i, place.Span), d);
                    }
                }
            }
            if (isFurther && best is not null)
            {
                break;
            }
        }
        return best!.Value;
    }

    /// <summary>One stretch, from a line on: each next line is the nearest of the row above or below that is reached inside.</summary>
    private List<(double U, double V)> Stretch(int row, Span span, bool turned)
    {
        var v = rows[row].V;
        List<(double U, double V)> line = turned
            ? [(span.To, v), (span.From, v)]
            : [(span.From, v), (span.To, v)];
        rows[row].Sew(span);
        while (Reached(row, line[^2].U, line[^1].U) is var (next, place))
        {
            rows[next].Sew(place.Span);
            line.Add((place.Begin, rows[next].V));
            line.Add((place.End, rows[next].V));
            row = next;
        }
        return line;
    }

    /// <summary>The nearest line of the row above or below that is reached inside; of two as near the one below.</summary>
    private (int Row, Place Place)? Reached(int row, double before, double u)
    {
        using var below = PlacesOf(row + 1, u);
        using var above = PlacesOf(row - 1, u);
        var (isBelow, isAbove) = (below.MoveNext(), above.MoveNext());
        while (isBelow || isAbove)
        {
            var takesBelow =
                isBelow
                && (
                    !isAbove
                    || Math.Abs(below.Current.Begin - u) <= Math.Abs(above.Current.Begin - u)
                );
            var place = takesBelow ? below.Current : above.Current;
            if (IsClear(takesBelow, Within(u, before), Within(place.Begin, place.End)))
            {
                return (takesBelow ? row + 1 : row - 1, place);
            }
            if (takesBelow)
            {
                isBelow = below.MoveNext();
            }
            else
            {
                isAbove = above.MoveNext();
            }
        }
        return null;

        // Whichever way it goes between two rows, the same edges lie between.
        bool IsClear(bool isDown, double from, double to)
        {
            var upper = isDown ? row : row - 1;
            var band = bands[upper] ??= new Band(
                edges,
                between[upper],
                rows[upper].V,
                rows[upper + 1].V
            );
            return isDown ? band.IsClear(from, to) : band.IsClear(to, from);
        }
    }

    private IEnumerator<Place> PlacesOf(int row, double u) =>
        (row < 0 || row >= rows.Count ? [] : rows[row].Outwards(u)).GetEnumerator();

    /// <summary>A hair from the end of a line into it: a way along the outline itself lies inside.</summary>
    private static double Within(double end, double other) =>
        end + Math.Sign(other - end) * Math.Min(Hatching.Flat / 4, Math.Abs(other - end) / 4);

    /// <summary>An end at which a line can begin, and the other.</summary>
    private sealed record Place(Span Span, double Begin, double End);

    /// <summary>A line of a row, between two edges.</summary>
    private sealed class Span(double from, double to)
    {
        public double From { get; } = from;

        public double To { get; } = to;

        public bool IsSewn { get; set; }
    }

    /// <summary>A row, its lines from left to right.</summary>
    private sealed class Row(double v, Span[] spans)
    {
        private readonly double[] ends = [.. spans.SelectMany(s => new[] { s.From, s.To })];

        public double V { get; } = v;

        public Span[] Spans { get; } = spans;

        /// <summary>How many are not sewn yet.</summary>
        public int Open { get; private set; } = spans.Length;

        public void Sew(Span span)
        {
            span.IsSewn = true;
            Open--;
        }

        /// <summary>The ends of what is open, the nearest to a place first.</summary>
        public IEnumerable<Place> Outwards(double u)
        {
            var right = Array.BinarySearch(ends, u);
            right = right < 0 ? ~right : right;
            var left = right - 1;
            while (left >= 0 || right < ends.Length)
            {
                Budget.Spend(1);
                var takesLeft =
                    right >= ends.Length || (left >= 0 && u - ends[left] <= ends[right] - u);
                var end = takesLeft ? left-- : right++;
                var span = Spans[end / 2];
                if (!span.IsSewn)
                {
                    yield return end % 2 == 0
                        ? new(span, span.From, span.To)
                        : new(span, span.To, span.From);
                }
            }
        }
    }

    /// <summary>The edges that lie between two rows, from left to right.</summary>
    private sealed class Band
    {
        private readonly IReadOnlyList<HatchEdge> edges;
        private readonly double upper;
        private readonly double lower;

        /// <summary>Which edges, by how far left each reaches.</summary>
        private readonly int[] order;
        private readonly double[] lefts;

        /// <summary>How far right any of them up to each reaches.</summary>
        private readonly double[] reach;

        /// <param name="between">Which of the edges lie between the two.</param>
        public Band(
            IReadOnlyList<HatchEdge> edges,
            IReadOnlyList<int> between,
            double upper,
            double lower
        )
        {
            Budget.Spend(between.Count);
            (this.edges, this.upper, this.lower) = (edges, upper, lower);
            order = [.. between];
            lefts = [.. order.Select(i => edges[i].Between(upper, lower).Left)];
            Array.Sort(lefts, order);
            reach = new double[order.Length];
            var right = double.NegativeInfinity;
            for (var i = 0; i < reach.Length; i++)
            {
                right = Math.Max(right, edges[order[i]].Between(upper, lower).Right);
                reach[i] = right;
            }
        }

        /// <summary>Whether a way from the upper row to the lower one crosses no edge; both its ends lie inside.</summary>
        public bool IsClear(double from, double to)
        {
            var (left, right) = (Math.Min(from, to) - 1e-6, Math.Max(from, to) + 1e-6);
            var i = Array.BinarySearch(lefts, right);
            i = i < 0 ? ~i : i;
            while (i < lefts.Length && lefts[i] <= right)
            {
                i++;
            }
            for (i--; i >= 0 && reach[i] >= left; i--)
            {
                Budget.Spend(1);
                if (edges[order[i]].IsMet((from, upper), (to, lower)))
                {
                    return false;
                }
            }
            return true;
        }
    }
}
