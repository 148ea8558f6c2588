using MathNet.Numerics;
using MathNet.Numerics.Statistics;

namespace ZephyrReach.Core.Photographs;

/// <summary>What is measured in a photograph.</summary>
public enum Sought
{
    /// <summary>Rows, ridges and tucks: their distance, direction and number.</summary>
    Rows,

    /// <summary>Folds of gathers along the first side of the part.</summary>
    Folds,

    /// <summary>A strip between two edges that run along the first side: its width.</summary>
    Strip,

    /// <summary>One line of stitches along the first side: how long they are.</summary>
    Stitches,

    /// <summary>A seam along the first side, against a straight line.</summary>
    Line,
}

/// <summary>Measures in a part of a photograph, which it first sets right by its scale.</summary>
public static class PhotoMeasure
{
    /// <summary>Nearer rows than this are the weave, in mm.</summary>
    private const double LeastRows = 1.2;

    /// <summary>The same of stitches.</summary>
    private const double LeastStitch = 0.8;

    /// <summary>Measures; says what is wrong where it cannot.</summary>
    /// <param name="corners">Of the part, in px: four, round it, its first side along the edge, strip or seam.</param>
    public static Reading Of(Grey picture, Plane plane, Sought what, IReadOnlyList<Place> corners)
    {
        if (Patch.Of(picture, plane, corners) is not { } patch)
        {
            return Reading.Not("The part is too small in the picture to measure anything in it.");
        }
        if (patch.Grey.Values.Where(v => !float.IsNaN(v)).Count() < 1200)
        {
            return Reading.Not("The part lies beyond the picture.");
        }
        return what switch
        {
            Sought.Rows => Repeats.Of(patch, (-89, 90), LeastRows),
            Sought.Folds => Repeats.Of(patch, (60, 120), LeastRows),
            Sought.Stitches => StitchesOf(patch),
            Sought.Strip => StripOf(patch),
            _ => LineOf(patch),
        };
    }

    /// <summary>Where the darkest line lies in each column, along the part.</summary>
    private static List<(double X, double Y)> Seam(Patch patch, int columns)
    {
        var flat = patch
            .Flat(Math.Max(4, patch.Grey.Height / 3))
            .Blurred(Math.Max(1, (int)(0.25 * patch.PerMm)));
        List<(double X, double Y)> seen = [];
        var wide = Math.Max(1, flat.Width / columns);
        for (var at = 0; at + wide <= flat.Width; at += wide)
        {
            var (from, to) = (at, at + wide);
            var profile = Profile.Of(flat, 0, x => x >= from && x < to);
            var (first, last) = profile.Range;
            if (
                last - first > 6
                && profile.Peak((first + last) / 2.0, (last - first) / 2.0, -1) is { } y
            )
            {
                seen.Add((at + wide / 2.0, y + profile.From));
            }
        }
        return seen;
    }

    /// <summary>How far a seam strays from the straight line through it.</summary>
    private static Reading LineOf(Patch patch)
    {
        var seen = Seam(patch, 40);
        if (seen.Count < 12)
        {
            return Reading.Not("No line runs along the first side of this part.");
        }
        var (level, slope) = MathNet.Numerics.Fit.Line(
            [.. seen.Select(p => p.X)],
            [.. seen.Select(p => p.Y)]
        );
        double[] off = [.. seen.Select(p => p.Y - level - slope * p.X)];
        // What lies far off is no part of it.
        var usual = off.Select(Math.Abs).Median() + 0.2 * patch.PerMm;
        var kept = seen.Where((_, i) => Math.Abs(off[i]) <= 6 * usual).ToList();
        if (kept.Count < 0.7 * seen.Count)
        {
            return Reading.Not("No line runs along the first side of this part.");
        }
        (level, slope) = MathNet.Numerics.Fit.Line(
            [.. kept.Select(p => p.X)],
            [.. kept.Select(p => p.Y)]
        );
        var most = kept.Max(p => Math.Abs(p.Y - level - slope * p.X)) / patch.PerMm;
        var (left, right) = (kept[0].X, kept[^1].X);
        return Reading.Of(
            new(
                most,
                0.15 + 0.5 / patch.PerMm,
                Trig.RadianToDegree(Math.Atan(slope)),
                1,
                1,
                [
                    new(
                        patch.ToPicture(left, level + slope * left),
                        patch.ToPicture(right, level + slope * right)
                    ),
                ],
                []
            )
        );
    }

    /// <summary>How long the stitches of one line are: what repeats along the narrow band that it lies in.</summary>
    private static Reading StitchesOf(Patch patch)
    {
        var seen = Seam(patch, 24);
        if (seen.Count < 8)
        {
            return Reading.Not("No line of stitches runs along the first side of this part.");
        }
        var (level, slope) = MathNet.Numerics.Fit.Line(
            [.. seen.Select(p => p.X)],
            [.. seen.Select(p => p.Y)]
        );
        var half = 0.7 * patch.PerMm;
        Place Corner(double x, double by) => patch.ToPicture(x, level + slope * x + by);
        var width = patch.Grey.Width - 1;
        var band = patch.Within([
            Corner(1, -half),
            Corner(width, -half),
            Corner(width, half),
            Corner(1, half),
        ]);
        return band is null
            ? Reading.Not("The stitches are too small in the picture: photograph them from nearer.")
            : Repeats.Along(band, LeastStitch);
    }

    /// <summary>How wide a strip is: between the two strongest edges that run along it, one into it and one out.</summary>
    private static Reading StripOf(Patch patch)
    {
        var grey = patch.Grey.Blurred(Math.Max(1, (int)(0.3 * patch.PerMm)));
        const int Columns = 16;
        List<(double X, double Top, double Bottom)> seen = [];
        var wide = Math.Max(1, grey.Width / Columns);
        for (var at = 0; at + wide <= grey.Width; at += wide)
        {
            var (from, to) = (at, at + wide);
            var profile = Profile.Of(grey, 0, x => x >= from && x < to);
            if (Edges(profile) is var (top, bottom))
            {
                seen.Add((at + wide / 2.0, top + profile.From, bottom + profile.From));
            }
        }
        if (seen.Count < Columns / 2)
        {
            return Reading.Not("No strip with two edges runs along the first side of this part.");
        }
        var (a, slopeA) = MathNet.Numerics.Fit.Line(
            [.. seen.Select(p => p.X)],
            [.. seen.Select(p => p.Top)]
        );
        var (b, slopeB) = MathNet.Numerics.Fit.Line(
            [.. seen.Select(p => p.X)],
            [.. seen.Select(p => p.Bottom)]
        );
        double[] wides = [.. seen.Select(p => p.Bottom - p.Top)];
        var median = wides.Median();
        if (wides.Count(w => Math.Abs(w - median) < 0.08 * median) < 0.6 * wides.Length)
        {
            return Reading.Not(
                "The edges of the strip are not clear: lay it on something of another colour."
            );
        }
        var slant = Math.Atan((slopeA + slopeB) / 2);
        var spacing = median * Math.Cos(slant) / patch.PerMm;
        var spread = wides.StandardDeviation() / patch.PerMm;
        Place At(double level, double slope, double x) => patch.ToPicture(x, level + slope * x);
        return Reading.Of(
            new(
                spacing,
                Math.Sqrt(
                    Math.Pow(1.8 * spread / Math.Sqrt(seen.Count), 2)
                        + Math.Pow(patch.ErrorOf(spacing), 2)
                        + Math.Pow(0.5 / patch.PerMm, 2)
                ),
                Trig.RadianToDegree(slant),
                2,
                Math.Clamp(1 - spread / spacing, 0, 1),
                [
                    new(At(a, slopeA, 0), At(a, slopeA, grey.Width - 1)),
                    new(At(b, slopeB, 0), At(b, slopeB, grey.Width - 1)),
                ],
                []
            )
        );
    }

    /// <summary>The two places where the shade changes most, one way and then the other.</summary>
    private static (double Top, double Bottom)? Edges(Profile profile)
    {
        var (first, last) = profile.Range;
        if (last - first < 12)
        {
            return null;
        }
        var changes = new double[profile.Values.Length];
        for (var i = first + 2; i <= last - 2; i++)
        {
            changes[i] = profile.Values[i + 2] - profile.Values[i - 2];
        }
        var best = Array.IndexOf(changes, changes.MaxBy(Math.Abs));
        var sign = Math.Sign(changes[best]);
        var other = -1;
        for (var i = first + 2; i <= last - 2; i++)
        {
            if (
                Math.Abs(i - best) > 6
                && Math.Sign(changes[i]) == -sign
                && (other < 0 || Math.Abs(changes[i]) > Math.Abs(changes[other]))
            )
            {
                other = i;
            }
        }
        if (other < 0 || Math.Abs(changes[other]) < 0.4 * Math.Abs(changes[best]))
        {
            return null;
        }
        double At(int i)
        {
            if (i <= 0 || i >= changes.Length - 1)
            {
                return i;
            }
            var (a, b, c) = (
                Math.Abs(changes[i - 1]),
                Math.Abs(changes[i]),
                Math.Abs(changes[i + 1])
            );
            var bend = a - 2 * b + c;
            return i + (Math.Abs(bend) < 1e-12 ? 0 : Math.Clamp((a - c) / (2 * bend), -0.5, 0.5));
        }
        var (x, y) = (At(best), At(other));
        return x < y ? (x, y) : (y, x);
    }
}
