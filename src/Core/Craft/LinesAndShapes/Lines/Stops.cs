using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Lines;

/// <summary>Why the work is turned.</summary>
internal enum StopKind
{
    /// <summary>A little, on a curve.</summary>
    Pivot,

    /// <summary>At a corner.</summary>
    Corner,
}

/// <summary>Where sewing stops to turn the work.</summary>
/// <param name="At">Along the line.</param>
/// <param name="Turn">In degrees; above 0 where the line bends to the right of the way it goes.</param>
/// <param name="Stitch">The stitch that is nearest.</param>
internal sealed record Stop(Length At, double Turn, StopKind Kind, int Stitch);

/// <summary>How a curve is sewn.</summary>
/// <param name="StitchesPerPivot">Stitches from one turn to the next.</param>
/// <param name="Pivots">How many turns.</param>
internal sealed record CurveTurns(int StitchesPerPivot, int Pivots);

/// <summary>Where the work is turned so that straight stitching stays within a tolerance of the line.</summary>
/// <param name="Curves">Each curve, in its order.</param>
/// <param name="All">Each stop, in its order.</param>
internal sealed record Stops(IReadOnlyList<CurveTurns> Curves, IReadOnlyList<Stop> All)
{
    /// <summary>Reckons them.</summary>
    /// <remarks>
    /// On a curve of radius R a chord h = √(8·R·e) strays by e. It holds max(1, floor(h/ℓ)) stitches; of those there are
    /// max(0, ceil(arc/(stitchesPerPivot·ℓ)) − 1) turns within the curve, each of sweep/(pivots + 1).
    /// </remarks>
    /// <param name="legs">The line.</param>
    /// <param name="stitch">How far it goes on with each stitch.</param>
    /// <param name="tolerance">How far stitching may stray from the line.</param>
    /// <param name="leastCorner">A turn of more degrees is a corner.</param>
    /// <param name="steeredFrom">Curves of this radius and more are steered without a stop; null where none is.</param>
    /// <param name="joins">
    /// Whether it is turned where two curves meet without a corner too, as a line needs that was not put together from curves.
    /// </param>
    public static Stops Of(
        IReadOnlyList<Leg> legs,
        Length stitch,
        Length tolerance,
        double leastCorner,
        bool joins,
        Length? steeredFrom = null
    )
    {
        List<CurveTurns> curves = [];
        List<Stop> all = [];
        var at = 0.0;
        double? bends = null;
        foreach (var leg in legs)
        {
            switch (leg)
            {
                case OnTheSpot corner when Math.Abs(corner.Turn) > leastCorner:
                    Add(at, corner.Turn, StopKind.Corner);
                    bends = null;
                    break;
                case Curve gentle when gentle.Radius >= steeredFrom?.Millimetres - 1e-9:
                    curves.Add(new(0, 0));
                    bends = null;
                    break;
                case Curve curve:
                    var chord = Math.Sqrt(8 * curve.Radius * tolerance.Millimetres);
                    var each = (int)Math.Max(1, Rounding.FloorTolerant(chord / stitch.Millimetres));
                    var pivots = (int)
                        Math.Max(
                            0,
                            Rounding.CeilingTolerant(curve.Length / (each * stitch.Millimetres)) - 1
                        );
                    curves.Add(new(each, pivots));
                    var turn = curve.Sweep / (pivots + 1);
                    if (joins && bends is { } before && before > 0 == turn > 0)
                    {
                        Add(at, (before + turn) / 2, StopKind.Pivot);
                    }
                    for (var i = 1; i <= pivots; i++)
                    {
                        Add(at + i * each * stitch.Millimetres, turn, StopKind.Pivot);
                    }
                    bends = turn;
                    break;
                case Straight:
                    bends = null;
                    break;
            }
            at += leg.Length;
        }
        return new(curves, all);

        void Add(double along, double turn, StopKind kind) =>
            all.Add(
                new(
                    Length.FromMillimetres(along),
                    turn,
                    kind,
                    (int)Math.Round(along / stitch.Millimetres)
                )
            );
    }
}
