using NetTopologySuite.Algorithm.Locate;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Buffer;
using NetTopologySuite.Operation.Overlay;
using NetTopologySuite.Operation.OverlayNG;
using NetTopologySuite.Operation.Valid;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;
using Place = ZephyrReach.Core.Drawings.Point;

namespace ZephyrReach.Core.Paths;

/// <summary>An area within outlines: what is covered, how far beyond it something reaches, and what lies on what.</summary>
/// <remarks>Curves are straightened to a hundredth of a millimetre; the geometry is NetTopologySuite’s.</remarks>
public sealed class Area
{
    private const double Fine = 0.01;

    private static readonly GeometryFactory Factory = new();

    private static readonly BufferParameters Rounded = new(
        24,
        EndCapStyle.Flat,
        JoinStyle.Round,
        5
    );

    private static readonly BufferParameters Mitred = new(24, EndCapStyle.Flat, JoinStyle.Mitre, 4);

    private readonly Geometry geometry;

    private Area(Geometry geometry) => this.geometry = geometry;

    /// <summary>The area within outlines; one within another is a hole.</summary>
    /// <param name="outlines">Closed, none crossing itself or another.</param>
    public static Area Of(IReadOnlyList<Path> outlines)
    {
        var rings = outlines
            .Select(Ring)
            .OfType<LinearRing>()
            .Select(r => Factory.CreatePolygon(r))
            .ToList();
        Budget.Spend(OfAnEdge * rings.Sum(r => r.NumPoints));
        return new Area(Nested(rings) is { IsValid: true } nested ? nested : OneOnAnother(rings));
    }

    /// <summary>Each ring with those directly within it as its holes; what lies within a hole is cloth again.</summary>
    private static MultiPolygon Nested(IEnumerable<Polygon> rings)
    {
        List<(Polygon Ring, int Depth, List<LinearRing> Holes)> all = [];
        foreach (var ring in rings.OrderByDescending(r => r.Area))
        {
            Budget.Spend(all.Count);
            // The last of those around it is the least.
            var around = all.FindLastIndex(a =>
                a.Ring.EnvelopeInternal.Covers(ring.EnvelopeInternal)
                && SimplePointInAreaLocator.Locate(ring.Coordinate, a.Ring) == Location.Interior
            );
            var depth = around < 0 ? 0 : all[around].Depth + 1;
            if (depth % 2 == 1)
            {
                all[around].Holes.Add((LinearRing)ring.ExteriorRing);
            }
            all.Add((ring, depth, []));
        }
        return Factory.CreateMultiPolygon([
            .. all.Where(a => a.Depth % 2 == 0)
                .Select(a => Factory.CreatePolygon((LinearRing)a.Ring.ExteriorRing, [.. a.Holes])),
        ]);
    }

    /// <summary>What an odd number of rings covers, half laid on half: for rings that touch themselves or another, as a letter’s may.</summary>
    private static Geometry OneOnAnother(IReadOnlyList<Polygon> rings) =>
        rings switch
        {
            [] => Factory.CreatePolygon(),
            [{ IsValid: true } one] => one,
            [var one] => NetTopologySuite.Geometries.Utilities.GeometryFixer.Fix(one),
            _ => Laid(
                OneOnAnother([.. rings.Take(rings.Count / 2)]),
                OneOnAnother([.. rings.Skip(rings.Count / 2)]),
                SpatialFunction.SymDifference
            ),
        };

    /// <summary>What is wrong with an outline, in a sentence; null where it can be cut out.</summary>
    public static string? Wrong(Path outline)
    {
        if (Ring(outline) is not { } ring || ring.EnvelopeInternal.Area < 0.01)
        {
            return "It encloses nothing.";
        }
        Budget.Spend(OfAnEdge * ring.NumPoints);
        return new IsValidOp(Factory.CreatePolygon(ring)).ValidationError is { } error
            ? $"It crosses or touches itself, near {At(error.Coordinate)}."
            : null;
    }

    /// <summary>Where an open or closed line crosses itself: how far along it is the first time, and the second.</summary>
    public static IReadOnlyList<(double First, double Second)> Crossings(MeasuredPath line)
    {
        var points = line.Points(0, line.Total, 0.05)
            .Select(p => new Coordinate(p.X.Millimetres, p.Y.Millimetres))
            .ToArray();
        var reached = new double[points.Length];
        for (var i = 1; i < points.Length; i++)
        {
            reached[i] = reached[i - 1] + points[i].Distance(points[i - 1]);
        }
        var tree = new NetTopologySuite.Index.Strtree.STRtree<int>();
        for (var i = 1; i < points.Length; i++)
        {
            tree.Insert(new Envelope(points[i - 1], points[i]), i);
        }
        List<(double, double)> crossings = [];
        for (var i = 1; i < points.Length; i++)
        {
            Budget.Spend(10);
            foreach (var j in tree.Query(new Envelope(points[i - 1], points[i])))
            {
                Budget.Spend(1);
                // Neighbours meet, and the two ends of a closed line do.
                if (
                    j <= i + 1
                    || (line.Path.IsClosed && i == 1 && j == points.Length - 1)
                    || Cross(points[i - 1], points[i], points[j - 1], points[j]) is not { } at
                )
                {
                    continue;
                }
                crossings.Add(
                    (
                        reached[i - 1] + at.Distance(points[i - 1]),
                        reached[j - 1] + at.Distance(points[j - 1])
                    )
                );
            }
        }
        return [.. crossings.OrderBy(c => c.Item1).DistinctBy(c => Math.Round(c.Item2, 1))];
    }

    /// <summary>The area with a margin all round; below 0 it is drawn in.</summary>
    /// <param name="margin">In mm.</param>
    /// <param name="pointed">Whether corners stay pointed, as on a seam allowance.</param>
    public Area Within(double margin, bool pointed = false)
    {
        Budget.Spend(2 * OfAnEdge * geometry.NumPoints);
        return new(BufferOp.Buffer(geometry, margin, pointed ? Mitred : Rounded));
    }

    public Area And(Area other) => new(Laid(geometry, other.geometry, SpatialFunction.Union));

    public Area Common(Area other) =>
        new(Laid(geometry, other.geometry, SpatialFunction.Intersection));

    /// <summary>In square millimetres.</summary>
    public double Size => geometry.Area;

    /// <summary>Whether a place lies in it, or on its edge.</summary>
    public bool Covers(Place p)
    {
        Budget.Spend(5);
        return geometry is IPolygonal
            && (locator ??= new IndexedPointInAreaLocator(geometry)).Locate(
                new Coordinate(p.X.Millimetres, p.Y.Millimetres)
            ) != Location.Exterior;
    }

    private IndexedPointInAreaLocator? locator;

    /// <summary>Its outlines, the outer ones and those of holes.</summary>
    public IReadOnlyList<Path> Outlines
    {
        get
        {
            List<Path> all = [];
            for (var i = 0; i < geometry.NumGeometries; i++)
            {
                if (geometry.GetGeometryN(i) is Polygon { IsEmpty: false } polygon)
                {
                    all.Add(Outline(polygon.ExteriorRing));
                    all.AddRange(polygon.InteriorRings.Select(Outline));
                }
            }
            return all;
        }
    }

    /// <summary>One area on another; edges that nearly coincide are no trouble.</summary>
    private static Geometry Laid(Geometry a, Geometry b, SpatialFunction how)
    {
        Budget.Spend(OfAnEdge * (a.NumPoints + b.NumPoints));
        return OverlayNGRobust.Overlay(a, b, how);
    }

    /// <summary>What an edge takes when areas are laid on each other or widened, in units of work.</summary>
    private const int OfAnEdge = 40;

    private static Path Outline(LineString ring) =>
        Path.Of(
            true,
            [
                .. NetTopologySuite
                    .Simplify.DouglasPeuckerSimplifier.Simplify(ring, Fine)
                    .Coordinates.SkipLast(1)
                    .Select(c => Place.At(c.X, c.Y)),
            ]
        );

    private static LinearRing? Ring(Path outline)
    {
        var line = new MeasuredPath(outline with { IsClosed = true });
        List<Coordinate> points = [];
        foreach (var p in line.Points(0, line.Total, Fine))
        {
            var at = new Coordinate(p.X.Millimetres, p.Y.Millimetres);
            if (points.Count == 0 || at.Distance(points[^1]) > 1e-7)
            {
                points.Add(at);
            }
        }
        if (points.Count > 1 && points[0].Distance(points[^1]) < 1e-6)
        {
            points.RemoveAt(points.Count - 1);
        }
        return points.Count < 3 ? null : Factory.CreateLinearRing([.. points, points[0].Copy()]);
    }

    private static Coordinate? Cross(Coordinate a, Coordinate b, Coordinate c, Coordinate d)
    {
        var lines = new NetTopologySuite.Algorithm.RobustLineIntersector();
        lines.ComputeIntersection(a, b, c, d);
        return lines.HasIntersection ? lines.GetIntersection(0) : null;
    }

    private static string At(Coordinate c) =>
        $"{DecimalText.Write(c.X, 0)} mm across and {DecimalText.Write(c.Y, 0)} mm down";
}
