using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>A corner of an outline.</summary>
/// <param name="At">Along it, in mm.</param>
/// <param name="Turn">In degrees; above 0 to the right, which is outwards, since the shape lies to the right.</param>
internal sealed record ShapeCorner(double At, double Turn)
{
    public bool IsOutside => Turn > 0;
}

/// <summary>What is stitched in one go: from corner to corner, or to where another shape hides it.</summary>
/// <param name="From">Along the outline, in mm.</param>
/// <param name="To">After <paramref name="From"/>; beyond the end of the outline where it goes round its start.</param>
/// <param name="Ends">The corner it ends in; null where it does not end in one.</param>
/// <param name="IsFree">Whether one of its ends lies under another shape, so that no stitch has to land there.</param>
internal sealed record ShapeSide(double From, double To, ShapeCorner? Ends, bool IsFree)
{
    public Length Length => Length.FromMillimetres(To - From);
}

/// <summary>One outline of a shape, as it is sewn round: with the shape to the right of the way it goes.</summary>
internal sealed class Round
{
    /// <summary>It is looked this often whether something lies over it, in mm.</summary>
    private const double Looked = 1;

    /// <param name="liesFlat">Whether the stitches that secure its start lie flat; those of a zigzag make a lump.</param>
    public Round(ShapeOn shape, int outline, double leastCorner, Area? over, bool liesFlat)
    {
        Shape = shape;
        LeastCorner = leastCorner;
        Path = shape.Outlines[outline];
        IsReversed = shape.AreReversed[outline];
        Measured = new(Path);
        Corners = [.. Measured.Corners(leastCorner).Select(c => new ShapeCorner(c.At, c.Turn))];
        Hidden = over is null ? [] : HiddenParts(over);
        Sides = SidesOf();
        Start = StartOf(liesFlat);
    }

    public ShapeOn Shape { get; }

    /// <summary>A sharper turn is a corner; in degrees.</summary>
    public double LeastCorner { get; }

    public Path Path { get; }

    /// <summary>Whether it was said the other way round.</summary>
    public bool IsReversed { get; }

    public MeasuredPath Measured { get; }

    /// <summary>It as legs, fitted once for every tolerance that its stops are looked for with.</summary>
    public IReadOnlyList<Leg> Legs => legs ??= Paths.Legs.Of(Path, 0.05);

    private IReadOnlyList<Leg>? legs;

    public IReadOnlyList<ShapeCorner> Corners { get; }

    /// <summary>What another shape hides, from and to along it, in mm.</summary>
    public IReadOnlyList<(double From, double To)> Hidden { get; }

    /// <summary>What is stitched, in the order of the outline.</summary>
    public IReadOnlyList<ShapeSide> Sides { get; }

    /// <summary>The side with which the sewing starts, and how far along it.</summary>
    public (int Side, double Along) Start { get; }

    /// <summary>Where the sewing starts along the outline, put on a stitch.</summary>
    public double StartsAt(double step) => Sides[Start.Side].From + On(step);

    private double On(double step) => Math.Round(Start.Along / step) * step;

    /// <summary>The sides in the order they are sewn, begun on a stitch; where it starts within one, that comes again at the end.</summary>
    /// <param name="step">From stitch to stitch, in mm.</param>
    public IEnumerable<(ShapeSide Side, double From, double To)> Sewn(double step)
    {
        if (Sides.Count == 0)
        {
            yield break;
        }
        var first = Start.Side;
        var along = On(step);
        for (var i = 0; i < Sides.Count; i++)
        {
            var side = Sides[(first + i) % Sides.Count];
            yield return (side, i == 0 ? side.From + along : side.From, side.To);
        }
        if (along > 0)
        {
            yield return (Sides[first], Sides[first].From, Sides[first].From + along);
        }
    }

    /// <summary>
    /// Where it shows least: where it comes out from under another shape, else, if its start lies flat, in an inside corner,
    /// else in the middle of the side that lies lowest.
    /// </summary>
    private (int, double) StartOf(bool liesFlat)
    {
        if (Sides.Count == 0)
        {
            return (0, 0);
        }
        var free = Sides.ToList().FindIndex(s => s.IsFree);
        if (free >= 0)
        {
            return (free, 0);
        }
        var inside = liesFlat ? Corners.ToList().FindIndex(c => !c.IsOutside) : -1;
        if (inside >= 0)
        {
            // The side that begins in that corner.
            return (
                Math.Max(
                    0,
                    Sides.ToList().FindIndex(s => Math.Abs(s.From - Corners[inside].At) < 1e-6)
                ),
                0
            );
        }
        var lowest = Sides
            .Select((s, i) => (i, Measured.At((s.From + s.To) / 2).Y))
            .MaxBy(s => s.Y)
            .i;
        return (lowest, (Sides[lowest].To - Sides[lowest].From) / 2);
    }

    private List<(double, double)> HiddenParts(Area over)
    {
        var count = (int)Math.Clamp(Math.Ceiling(Measured.Total / Looked), 8, 4000);
        var step = Measured.Total / count;
        bool isUnder(double along) => over.Covers(Measured.At(along).Point);
        var was = isUnder(0);
        List<(double At, bool Goes)> changes = [];
        for (var i = 1; i <= count; i++)
        {
            var @is = i == count ? isUnder(0) : isUnder(i * step);
            if (@is == was)
            {
                continue;
            }
            // Halved until it is finer than any stitch.
            var (low, high) = ((i - 1) * step, i * step);
            while (high - low > 0.02)
            {
                var middle = (low + high) / 2;
                (low, high) = isUnder(middle) == was ? (middle, high) : (low, middle);
            }
            changes.Add((high, @is));
            was = @is;
        }
        if (changes.Count == 0)
        {
            return was ? [(0, Measured.Total)] : [];
        }
        List<(double, double)> hidden = [];
        var firstIn = changes.FindIndex(c => c.Goes);
        for (var i = 0; i < changes.Count; i += 2)
        {
            var (from, to) = (
                changes[(firstIn + i) % changes.Count].At,
                changes[(firstIn + i + 1) % changes.Count].At
            );
            hidden.Add((from, to > from ? to : to + Measured.Total));
        }
        return hidden;
    }

    private IReadOnlyList<ShapeSide> SidesOf()
    {
        if (Hidden is [{ From: 0 } all] && all.To >= Measured.Total)
        {
            return [];
        }
        // Where a side may end: in a corner that is seen, or where something hides it.
        var ends = Corners
            .Where(c => !IsHidden(c.At))
            .Select(c => (c.At, Corner: (ShapeCorner?)c))
            .Concat(Hidden.Select(h => (At: h.From, Corner: (ShapeCorner?)null)))
            .Concat(Hidden.Select(h => (At: h.To % Measured.Total, Corner: (ShapeCorner?)null)))
            .OrderBy(e => e.At)
            .ToList();
        if (ends.Count == 0)
        {
            return [new ShapeSide(0, Measured.Total, null, false)];
        }
        List<ShapeSide> sides = [];
        for (var i = 0; i < ends.Count; i++)
        {
            var (from, to) = (ends[i], ends[(i + 1) % ends.Count]);
            var end = to.At > from.At ? to.At : to.At + Measured.Total;
            if (end - from.At < 0.05 || IsHidden((from.At + end) / 2 % Measured.Total))
            {
                continue;
            }
            sides.Add(
                new ShapeSide(from.At, end, to.Corner, from.Corner is null || to.Corner is null)
            );
        }
        return sides;
    }

    private bool IsHidden(double along) =>
        Hidden.Any(h =>
            (along > h.From && along < h.To)
            || (along + Measured.Total > h.From && along + Measured.Total < h.To)
        );
}
