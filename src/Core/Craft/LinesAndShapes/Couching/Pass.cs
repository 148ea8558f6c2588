using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>One cord along one line, sewn once round.</summary>
internal sealed class Pass
{
    /// <summary>A turn of more degrees in a line that was not built is a corner.</summary>
    private const double LeastCorner = 30;

    /// <summary>A bend of fewer degrees is sewn over.</summary>
    private const double LeastBend = 2;

    /// <summary>Where both ends will meet so much is left open at first, to be sewn with the overlap.</summary>
    private static readonly Length LeftOpen = Length.FromMillimetres(10);

    public Pass(CouchingInputs ask, Traced line, int number, double right)
    {
        Number = number;
        Line = line;
        Right = right;
        var legs = Legs.Beside(line.Legs, right);
        Length = Length.FromMillimetres(legs.Sum(l => l.Length));
        Measured = right == 0 ? line.Measured : new(Beside(line, legs, right));
        Stops = Stops.Of(
            legs,
            ask.StitchLength,
            ask.Tolerance,
            line.IsBuilt ? 0 : LeastCorner,
            false,
            ask.SteeredFrom
        );
        Stitches = (int)Rounding.CeilingTolerant(Length / ask.StitchLength);
        IsClosed = line.Path.IsClosed;
        Open = IsClosed ? Length.Min(LeftOpen, Length / 4) : Length.Zero;
        // Where curves meet without a corner it is turned too, and at slight bends.
        var places = Stops.Of(
            legs,
            ask.StitchLength,
            ask.Tolerance,
            line.IsBuilt ? 0 : LeastBend,
            true,
            ask.SteeredFrom
        );
        Turnings = Sewn(ask, places.All);
    }

    /// <summary>From 1, in the order they are sewn.</summary>
    public int Number { get; }

    public Traced Line { get; }

    /// <summary>How far to the right of the line it lies, in mm.</summary>
    public double Right { get; }

    public Length Length { get; }

    public MeasuredPath Measured { get; }

    public Stops Stops { get; }

    /// <summary>ceil(length/ℓ).</summary>
    public int Stitches { get; }

    public bool IsClosed { get; }

    /// <summary>Where the sewing starts, along the line: what lies before is sewn at the end.</summary>
    public Length Open { get; }

    /// <summary>The stops as they are sewn, each on the side that the needle has to be on.</summary>
    public IReadOnlyList<Turning> Turnings { get; }

    /// <summary>What is left to sew after the last of them.</summary>
    public int Last => Stitches - (Turnings is [.., var last] ? last.Stitch : 0);

    /// <summary>Where a stitch lies along the line, counted from where the sewing starts.</summary>
    public double AlongOf(int stitch, Length step) =>
        Open.Millimetres + stitch * step.Millimetres is var along && IsClosed
            ? along % Math.Max(1e-9, Length.Millimetres)
            : along;

    /// <summary>
    /// The stops in the order they are sewn. The needle swings to the left at every even stitch and to the right at every odd
    /// one; where the line bends to the right its inside is on her left, since it comes towards her. The stitch that is nearest
    /// and on the inside is taken, and stops that fall on one stitch are one turn.
    /// </summary>
    private List<Turning> Sewn(CouchingInputs ask, IReadOnlyList<Stop> places)
    {
        var (step, whole) = (ask.StitchLength, Length.Millimetres);
        var order = places
            .Select(p => (Stop: p, From: (p.At - Open).Millimetres))
            .Select(p => p.From < 0 ? (p.Stop, From: p.From + whole) : p)
            .OrderBy(p => p.From)
            .ToList();
        List<Turning> turnings = [];
        foreach (var (stop, from) in order)
        {
            var before = turnings.LastOrDefault();
            var stitch = OnSide(from / step.Millimetres, stop.Turn > 0);
            // Near the end the nearest one on the inside may be one too many.
            stitch = stitch > Stitches ? stitch - 2 : stitch;
            if (before is not null && stitch <= before.Stitch)
            {
                if (before.Turn > 0 == stop.Turn > 0)
                {
                    turnings[^1] = before with
                    {
                        Turn = before.Turn + stop.Turn,
                        Kind = stop.Kind == StopKind.Corner ? StopKind.Corner : before.Kind,
                    };
                    continue;
                }
                stitch = before.Stitch + 1;
                if (stitch > Stitches)
                {
                    // Nothing is sewn after it.
                    continue;
                }
            }
            turnings.Add(
                new Turning(
                    turnings.Count + 1,
                    stitch,
                    stitch - (before?.Stitch ?? 0),
                    stop.Turn,
                    stop.Kind,
                    stop.At,
                    stop.Turn > 0 ? "left" : "right"
                )
            );
        }
        return turnings;
    }

    /// <summary>The nearest whole number that is even, or odd.</summary>
    private static int OnSide(double stitch, bool even) =>
        even ? 2 * (int)Math.Round(stitch / 2) : 2 * (int)Math.Round((stitch - 1) / 2) + 1;

    private static Path Beside(Traced line, IReadOnlyList<Leg> legs, double right)
    {
        var start = line.Measured.At(0);
        var from = start.Beside(right);
        return Affine
            .Turn(start.Heading * 180 / Math.PI)
            .Then(Affine.Move(from.X.Millimetres, from.Y.Millimetres))
            .Of(Legs.Walked(legs, line.Path.IsClosed));
    }
}
