namespace ZephyrReach.Core.Photographs;

/// <summary>The part of a picture that was marked, as it lies on the table: its first side runs to the right.</summary>
public sealed class Patch
{
    /// <summary>Across the longer side; more px say no more of what is measured.</summary>
    private const int Most = 900;

    /// <summary>Fewer px across the shorter side say nothing.</summary>
    private const int Least = 40;

    private readonly Grey picture;
    private readonly Plane plane;
    private readonly Place origin;
    private readonly (double X, double Y) along;

    private Patch(
        Grey picture,
        Grey grey,
        double perMm,
        Plane plane,
        Place origin,
        (double X, double Y) along
    )
    {
        (this.picture, Grey, PerMm) = (picture, grey, perMm);
        (this.plane, this.origin, this.along) = (plane, origin, along);
    }

    /// <summary>Not a number where it lies beyond what was marked.</summary>
    public Grey Grey { get; }

    /// <summary>Px of it to a mm.</summary>
    public double PerMm { get; }

    /// <summary>Takes a part out of a picture.</summary>
    /// <param name="corners">Four, round it, in px.</param>
    /// <returns>Null where it is too small to say anything.</returns>
    public static Patch? Of(Grey picture, Plane plane, IReadOnlyList<Place> corners) =>
        Of(picture, plane, corners, Least);

    private static Patch? Of(Grey picture, Plane plane, IReadOnlyList<Place> corners, int least)
    {
        Place[] table = [.. corners.Select(plane.ToTable)];
        var side = table[0].To(table[1]);
        if (!(side > 0))
        {
            return null;
        }
        var u = (X: (table[1].X - table[0].X) / side, Y: (table[1].Y - table[0].Y) / side);
        Place[] local = [.. table.Select(p => Turned(p, table[0], u))];
        var (left, top) = (local.Min(p => p.X), local.Min(p => p.Y));
        var (wide, high) = (local.Max(p => p.X) - left, local.Max(p => p.Y) - top);
        // As fine as the picture is there, and no finer.
        var middle = new Place(table.Average(p => p.X), table.Average(p => p.Y));
        var native = plane
            .ToPicture(middle)
            .To(plane.ToPicture(new(middle.X + u.X, middle.Y + u.Y)));
        var perMm = Math.Min(native, Most / Math.Max(wide, high));
        var (w, h) = ((int)(wide * perMm), (int)(high * perMm));
        if (!(Math.Min(w, h) >= least) || w > 4 * Most || h > 4 * Most)
        {
            return null;
        }
        var start = Back(new(left, top), table[0], u);
        var values = new float[w * h];
        for (var y = 0; y < h; y++)
        {
            for (var x = 0; x < w; x++)
            {
                var at = new Place(x / perMm, y / perMm);
                values[y * w + x] = IsInside(new(at.X + left, at.Y + top), local)
                    ? Sample(picture, plane.ToPicture(Back(at, start, u)))
                    : float.NaN;
            }
        }
        return new(picture, new Grey(w, h, values), perMm, plane, start, u);
    }

    /// <summary>A smaller part of the same picture, as fine as it is there.</summary>
    /// <param name="corners">In px of the picture.</param>
    public Patch? Within(IReadOnlyList<Place> corners) => Of(picture, plane, corners, 4);

    /// <summary>Where a place of the patch, in its px, lies in the picture.</summary>
    public Place ToPicture(double x, double y) =>
        plane.ToPicture(Back(new(x / PerMm, y / PerMm), origin, along));

    private static float Sample(Grey picture, Place at) => picture.At(at.X, at.Y);

    private static Place Turned(Place p, Place from, (double X, double Y) u) =>
        new(
            (p.X - from.X) * u.X + (p.Y - from.Y) * u.Y,
            -(p.X - from.X) * u.Y + (p.Y - from.Y) * u.X
        );

    private static Place Back(Place p, Place from, (double X, double Y) u) =>
        new(from.X + p.X * u.X - p.Y * u.Y, from.Y + p.X * u.Y + p.Y * u.X);

    private static bool IsInside(Place p, Place[] of)
    {
        var isInside = false;
        for (var i = 0; i < of.Length; i++)
        {
            var (a, b) = (of[i], of[(i + 1) % of.Length]);
            if (a.Y > p.Y != b.Y > p.Y && p.X < a.X + (b.X - a.X) * (p.Y - a.Y) / (b.Y - a.Y))
            {
                isInside = !isInside;
            }
        }
        return isInside;
    }

    /// <summary>How far a length may be off by the scale alone, in mm.</summary>
    public double ErrorOf(double mm) => plane.Error * mm;

    /// <summary>The same without light and shade, in units of its own contrast.</summary>
    /// <param name="around">What is lighter or darker over so many px is light and shade.</param>
    public Grey Flat(int around)
    {
        var shade = Grey.Blurred(around);
        var values = new float[Grey.Values.Length];
        var (sum, many) = (0.0, 0);
        for (var i = 0; i < values.Length; i++)
        {
            values[i] = Grey.Values[i] - shade.Values[i];
            if (!float.IsNaN(values[i]))
            {
                sum += values[i] * values[i];
                many++;
            }
        }
        var contrast = (float)Math.Sqrt(sum / Math.Max(1, many));
        if (contrast > 1e-6)
        {
            for (var i = 0; i < values.Length; i++)
            {
                values[i] /= contrast;
            }
        }
        return Grey with { Values = values };
    }
}
