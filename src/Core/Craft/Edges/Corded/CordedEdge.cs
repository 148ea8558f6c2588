using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.Edges.Corded;

/// <summary>A side of an edge, from the middle of one corner to the middle of the next.</summary>
/// <param name="Number">From 1, in the order they are met.</param>
/// <param name="From">Where it begins along the edge; below 0 where that lies before the start of a closed one.</param>
/// <param name="Length">How long it is.</param>
internal sealed record EdgeSide(int Number, double From, double Length, string Name)
{
    public double Middle => From + Length / 2;
}

/// <summary>A bend of an edge: a corner that was rounded, or a curve of its own.</summary>
/// <param name="IsCorner">Whether it was a corner.</param>
/// <param name="From">Where it begins along the edge, in mm.</param>
/// <param name="Length">Along it, in mm; nothing for a corner that could not be rounded.</param>
/// <param name="Turn">In degrees, above 0 to the right.</param>
/// <param name="Radius">In mm.</param>
/// <param name="IsOutward">Whether it bends away from what it encloses, as the corner of a cushion does.</param>
internal sealed record EdgeBend(
    bool IsCorner,
    double From,
    double Length,
    double Turn,
    double Radius,
    bool IsOutward
);

/// <summary>An edge along which a cord lies: its corners rounded, since no cord turns a square one.</summary>
/// <param name="Path">The seam line.</param>
/// <param name="Legs">The same, as it is walked.</param>
/// <param name="Sides">In their order.</param>
/// <param name="Bends">In their order.</param>
internal sealed record CordedEdge(
    Path Path,
    IReadOnlyList<Leg> Legs,
    IReadOnlyList<EdgeSide> Sides,
    IReadOnlyList<EdgeBend> Bends
)
{
    /// <summary>A turn of fewer degrees is no corner.</summary>
    private const double LeastCorner = 12;

    private MeasuredPath? measured;

    public MeasuredPath Measured => measured ??= new(Path);

    public bool IsClosed => Path.IsClosed;

    /// <summary>Along it.</summary>
    public Length Length => Length.FromMillimetres(Legs.Sum(l => l.Length));

    public IEnumerable<EdgeBend> Corners => Bends.Where(b => b.IsCorner);

    /// <summary>On which side of the way it goes the flange lies: 1 to the right, −1 to the left.</summary>
    public int Outside => outside ??= !IsClosed || Measured.SignedArea > 0 ? -1 : 1;

    private int? outside;

    /// <summary>The same line so far outside it, for the raw edge; in mm.</summary>
    public Path Beside(double outside)
    {
        // Where a corner could not be rounded, lines beside its legs would not meet.
        if (
            IsClosed
            && Legs.OfType<OnTheSpot>().Any(c => Math.Abs(c.Turn) > LeastCorner)
            && Area.Of([Path]).Within(outside).Outlines is [var outline, ..]
        )
        {
            return outline;
        }
        var legs = Paths.Legs.Beside(Legs, Outside * outside);
        var start = Measured.At(0);
        var from = start.Beside(Outside * outside);
        return Affine
            .Turn(start.Heading * 180 / Math.PI)
            .Then(Affine.Move(from.X.Millimetres, from.Y.Millimetres))
            .Of(Paths.Legs.Walked(legs, IsClosed));
    }

    /// <summary>Rounds the corners of a line.</summary>
    /// <param name="line">As it is drawn.</param>
    /// <param name="radius">What they are rounded by, as far as their sides are long enough; in mm.</param>
    /// <param name="names">What its sides are called; else they are numbered.</param>
    public static CordedEdge Of(Path line, double radius, params IReadOnlyList<string> names)
    {
        var legs = Paths.Legs.Of(line, 0.1);
        List<Leg> along = [.. legs.Where(l => l is not OnTheSpot)];
        if (along.Count == 0)
        {
            return new(line, [], [], []);
        }
        var turns = Turns(line, legs, along.Count);
        // How much of the sides a corner takes, on either side of it.
        var cuts = turns.Select((t, i) => Cut(along, t, i, radius)).ToList();
        List<Leg> rounded = [];
        List<EdgeBend> bends = [];
        var at = 0.0;
        var clockwise = !line.IsClosed || new MeasuredPath(line).SignedArea > 0;
        for (var i = 0; i < along.Count; i++)
        {
            var leg = along[i] is Straight s
                ? new Straight(
                    Math.Max(0, s.Mm - cuts[(i + cuts.Count - 1) % cuts.Count] - cuts[i])
                )
                : along[i];
            rounded.Add(leg);
            if (leg is Curve c)
            {
                bends.Add(new(false, at, c.Length, c.Sweep, c.Radius, c.Sweep > 0 == clockwise));
            }
            at += leg.Length;
            var turn = turns[i];
            if (Math.Abs(turn) <= LeastCorner)
            {
                if (Math.Abs(turn) > 1e-6)
                {
                    rounded.Add(new OnTheSpot(turn));
                }
                continue;
            }
            var r = cuts[i] / Math.Tan(Math.Abs(turn) * Math.PI / 360);
            Leg corner = r > 0.05 ? new Curve(r, turn) : new OnTheSpot(turn);
            rounded.Add(corner);
            bends.Add(
                new(true, at, corner.Length, turn, corner.Length > 0 ? r : 0, turn > 0 == clockwise)
            );
            at += corner.Length;
        }
        var start = new MeasuredPath(line).At(line.IsClosed ? cuts[^1] : 0);
        var path = Affine
            .Turn(start.Heading * 180 / Math.PI)
            .Then(Affine.Move(start.X, start.Y))
            .Of(Paths.Legs.Walked(rounded, line.IsClosed));
        return new(path, rounded, SidesOf(bends, at, line.IsClosed, names), bends);
    }

    /// <summary>The turn after each leg, in degrees; of a closed line the last is that at its start.</summary>
    private static double[] Turns(Path line, IReadOnlyList<Leg> legs, int count)
    {
        var turns = new double[count];
        var place = -1;
        foreach (var leg in legs)
        {
            if (leg is OnTheSpot corner)
            {
                turns[Math.Max(0, place)] += corner.Turn;
                continue;
            }
            place++;
        }
        if (line.IsClosed)
        {
            turns[^1] = new MeasuredPath(line).Corners(1e-6) is [{ At: 0 } start, ..]
                ? start.Turn
                : 0;
        }
        return turns;
    }

    private static double Cut(List<Leg> along, double turn, int place, double radius)
    {
        if (
            Math.Abs(turn) <= LeastCorner
            || along[place] is not Straight before
            || along[(place + 1) % along.Count] is not Straight after
        )
        {
            return 0;
        }
        // A side between two corners is shared by both.
        return Math.Min(
            radius * Math.Tan(Math.Min(170, Math.Abs(turn)) * Math.PI / 360),
            0.49 * Math.Min(before.Mm, after.Mm)
        );
    }

    private static List<EdgeSide> SidesOf(
        List<EdgeBend> bends,
        double total,
        bool isClosed,
        IReadOnlyList<string> names
    )
    {
        var middles = bends.Where(b => b.IsCorner).Select(b => b.From + b.Length / 2).ToList();
        List<(double From, double To)> spans =
            isClosed && middles.Count > 0
                ? [.. middles.Select((m, i) => (i == 0 ? middles[^1] - total : middles[i - 1], m))]
                : [.. middles.Prepend(0).Zip(middles.Append(total))];
        return
        [
            .. spans.Select(
                (s, i) =>
                    new EdgeSide(
                        i + 1,
                        s.From,
                        s.To - s.From,
                        i < names.Count ? names[i]
                            : spans.Count == 1 ? "the edge"
                            : $"side {i + 1}"
                    )
            ),
        ];
    }

    /// <summary>Edges that were measured, as they could lie: a closed row as a shape whose corners lie on a circle, an open one straight.</summary>
    /// <param name="edges">In mm, one or more, each above 0.</param>
    public static Path Laid(IReadOnlyList<double> edges, bool isClosed)
    {
        var total = edges.Sum();
        if (!isClosed)
        {
            return Path.Of(false, Point.At(0, 0), Point.At(total, 0));
        }
        if (edges.Count < 3 || edges.Max() > 0.49 * total)
        {
            var r = total / (2 * Math.PI);
            return Placed(Paths.Legs.Walked([new Curve(r, 360)], true));
        }
        var arcs = Arcs(edges);
        List<Leg> legs = [];
        for (var i = 0; i < edges.Count; i++)
        {
            legs.Add(new Straight(edges[i]));
            legs.Add(new OnTheSpot((arcs[i] + arcs[(i + 1) % edges.Count]) * 90 / Math.PI));
        }
        return Placed(Paths.Legs.Walked(legs, true));
    }

    /// <summary>The arcs over edges that are chords of one circle, in radians.</summary>
    private static double[] Arcs(IReadOnlyList<double> edges)
    {
        var longest = edges.Max();
        var place = edges.ToList().IndexOf(longest);
        double over(double edge, double r) => 2 * Math.Asin(Math.Min(1, edge / (2 * r)));
        double others(double r) => edges.Where((_, i) => i != place).Sum(e => over(e, r));
        // Where the middle of the circle lies beyond the longest edge, that edge has the greater arc.
        var isBeyond = others(longest / 2) < Math.PI;
        double missing(double r) =>
            isBeyond ? over(longest, r) - others(r) : others(r) + over(longest, r) - 2 * Math.PI;
        var (low, high) = (longest / 2, edges.Sum() * 1000);
        for (var i = 0; i < 200; i++)
        {
            var middle = (low + high) / 2;
            (low, high) = missing(middle) > 0 ? (middle, high) : (low, middle);
        }
        var arcs = edges.Select(e => over(e, low)).ToArray();
        if (isBeyond)
        {
            arcs[place] = 2 * Math.PI - arcs[place];
        }
        return arcs;
    }

    private static Path Placed(Path path)
    {
        var from = path.Bounds.From;
        return Affine.Move(-from.X.Millimetres, -from.Y.Millimetres).Of(path);
    }
}
