using MathNet.Numerics;
using MathNet.Numerics.Statistics;

namespace ZephyrReach.Core.Photographs;

/// <summary>What repeats: in which direction, how far apart, where it begins, dark or light, and how well that fits.</summary>
/// <param name="Angle">Of the lines, in radians.</param>
/// <param name="Period">In px.</param>
/// <param name="Phase">Where in the period its lines lie, in px.</param>
/// <param name="Sign">−1 for dark lines, 1 for light ones.</param>
internal readonly record struct Comb(
    double Angle,
    double Period,
    double Phase,
    int Sign,
    double Fits
);

/// <summary>Fits the lines of what repeats one by one, and reads off what they come to.</summary>
internal static class LineFits
{
    /// <summary>Each line is fitted through so many pieces of it.</summary>
    private const int Pieces = 8;

    /// <summary>What repeats explains at least so much of the contrast of the part; chance, spots and weave come to less than 0.26.</summary>
    private const double LeastFit = 0.35;

    /// <summary>Lines that stand out less than this, in units of the contrast of the part, are none.</summary>
    private const double LeastStanding = 0.2;

    /// <summary>Each tooth of a band by itself: it is too narrow for more than one place each.</summary>
    public static Measured? Teeth(Patch patch, Grey flat, Comb comb)
    {
        var profile = Profile.Of(flat, comb.Angle);
        var (first, last) = profile.Range;
        List<(int Index, double At, double Slope)> lines = [];
        var asked = 0;
        for (
            var k = (int)Math.Ceiling((first - comb.Phase) / comb.Period);
            comb.Phase + k * comb.Period <= last;
            k++
        )
        {
            asked++;
            if (profile.Peak(comb.Phase + k * comb.Period, 0.38 * comb.Period, comb.Sign) is { } at)
            {
                lines.Add((k, at, 0));
            }
        }
        return lines.Count < 5 || lines.Count < 0.7 * asked
            ? null
            : Read(patch, flat, comb, lines, profile.From, (0, flat.Height));
    }

    /// <summary>Fits every line by itself, and reads off what they come to; null where too few of them are there.</summary>
    public static Measured? Of(Patch patch, Grey flat, Comb comb)
    {
        var whole = Profile.Of(flat, comb.Angle);
        var (first, last) = whole.Range;
        var (sin, cos) = Math.SinCos(comb.Angle);
        double[] reach =
        [
            0,
            cos * flat.Width,
            sin * flat.Height,
            cos * flat.Width + sin * flat.Height,
        ];
        var (near, far) = (reach.Min(), reach.Max());
        var slices = Enumerable
            .Range(0, Pieces)
            .Select(i =>
            {
                var (a, b) = (
                    near + (far - near) * i / Pieces,
                    near + (far - near) * (i + 1) / Pieces
                );
                return (
                    At: (a + b) / 2,
                    Profile: Profile.Of(flat, comb.Angle, s => s >= a && s < b)
                );
            })
            .ToList();
        List<(int Index, double At, double Slope)> lines = [];
        var (asked, there) = (0, 0);
        for (var k = (int)Math.Floor((first - comb.Phase) / comb.Period); ; k++)
        {
            var at = comb.Phase + k * comb.Period;
            if (at > last)
            {
                break;
            }
            if (at < first)
            {
                continue;
            }
            List<(double S, double D)> seen = [];
            foreach (var (s, profile) in slices)
            {
                if (
                    profile.Range is var (from, to)
                    && at - 0.3 * comb.Period >= from
                    && at + 0.3 * comb.Period <= to
                )
                {
                    asked++;
                    // The slices' profiles begin where the whole one does.
                    if (
                        profile.Peak(at, 0.38 * comb.Period, comb.Sign) is { } d
                        && comb.Sign * profile.Values[(int)Math.Round(d)] > 0
                    )
                    {
                        there++;
                        seen.Add((s, d));
                    }
                }
            }
            if (seen.Count >= 3)
            {
                var (level, slope) = Straight(seen);
                lines.Add((k, level + slope * (near + far) / 2, slope));
            }
        }
        if (
            lines.Count < Repeats.Fewest
            || there < 0.7 * asked
            || !Agree(slices.Select(s => s.Profile), comb)
        )
        {
            return null;
        }
        return Read(patch, flat, comb, lines, whole.From, (near, far));
    }

    /// <summary>Whether each piece of the lines stands out where the whole does, as one would not by chance.</summary>
    private static bool Agree(IEnumerable<Profile> slices, Comb comb)
    {
        double[] told =
        [
            .. slices
                .Where(p => p.Range.Last - p.Range.First > 2.2 * comb.Period)
                .Select(p => StandsOut(p, comb)),
        ];
        return comb.Fits >= LeastFit
            && told.Length >= 4
            && told.Count(t => t > 0) >= 0.85 * told.Length
            && told.Mean() > LeastStanding
            && told.Mean() > 4 * told.StandardDeviation() / Math.Sqrt(told.Length);
    }

    /// <summary>How much its lines stand out from what lies between them.</summary>
    private static double StandsOut(Profile profile, Comb comb)
    {
        var (first, last) = profile.Range;
        var (on, off, many, others) = (0.0, 0.0, 0, 0);
        for (var i = first; i <= last; i++)
        {
            var at = (i - comb.Phase) / comb.Period;
            var from = Math.Abs(at - Math.Round(at));
            if (from < 0.12)
            {
                (on, many) = (on + profile.Values[i], many + 1);
            }
            else if (from > 0.3)
            {
                (off, others) = (off + profile.Values[i], others + 1);
            }
        }
        return many == 0 || others == 0 ? 0 : comb.Sign * (on / many - off / others);
    }

    /// <summary>A straight line through places along a line, what strays left out.</summary>
    private static (double Level, double Slope) Straight(List<(double S, double D)> seen)
    {
        var middle = seen.Select(p => p.D).Median();
        var spread = seen.Select(p => Math.Abs(p.D - middle)).Median();
        var kept = seen.Where(p => Math.Abs(p.D - middle) <= 4 * spread + 1).ToList();
        if (kept.Count < 3)
        {
            return (middle, 0);
        }
        var (level, slope) = MathNet.Numerics.Fit.Line(
            [.. kept.Select(p => p.S)],
            [.. kept.Select(p => p.D)]
        );
        return (level, slope);
    }

    private static Measured Read(
        Patch patch,
        Grey flat,
        Comb comb,
        List<(int Index, double At, double Slope)> lines,
        double from,
        (double Near, double Far) reach
    )
    {
        var (level, period) = MathNet.Numerics.Fit.Line(
            [.. lines.Select(l => (double)l.Index)],
            [.. lines.Select(l => l.At)]
        );
        double[] off = [.. lines.Select(l => l.At - level - period * l.Index)];
        var mean = lines.Average(l => l.Index);
        var spread = Math.Sqrt(off.Sum(o => o * o) / Math.Max(1, lines.Count - 2));
        var sure = spread / Math.Sqrt(lines.Sum(l => Math.Pow(l.Index - mean, 2)));
        double[] apart =
        [
            .. lines.Zip(lines.Skip(1), (a, b) => (b.At - a.At) / (b.Index - a.Index)),
        ];
        var slant = Math.Atan(lines.Select(l => l.Slope).Median());
        // Lines that lean lie nearer to each other than they are across them.
        var spacing = Math.Abs(period) * Math.Cos(slant) / patch.PerMm;
        return new(
            spacing,
            Math.Sqrt(Math.Pow(1.8 * sure / patch.PerMm, 2) + Math.Pow(patch.ErrorOf(spacing), 2)),
            Wrapped(Trig.RadianToDegree(comb.Angle + slant)),
            lines.Count,
            Math.Clamp(1 - apart.StandardDeviation() / Math.Abs(period), 0, 1),
            [
                .. lines.Select(l => new Line(
                    At(
                        patch,
                        flat,
                        comb.Angle,
                        reach.Near,
                        l.At + l.Slope * (reach.Near - (reach.Near + reach.Far) / 2) + from
                    ),
                    At(
                        patch,
                        flat,
                        comb.Angle,
                        reach.Far,
                        l.At + l.Slope * (reach.Far - (reach.Near + reach.Far) / 2) + from
                    )
                )),
            ],
            [
                .. lines
                    .Select((l, i) => (l, i))
                    .Where(l => Math.Abs(off[l.i]) > 0.2 * Math.Abs(period))
                    .Select(l => l.i),
            ]
        );
    }

    private static double Wrapped(double degrees) =>
        degrees > 90 ? degrees - 180
        : degrees <= -90 ? degrees + 180
        : degrees;

    /// <summary>Where a line is so far along and so far across, within the part.</summary>
    private static Place At(Patch patch, Grey flat, double angle, double along, double across)
    {
        var (sin, cos) = Math.SinCos(angle);
        var (x, y) = (along * cos - across * sin, along * sin + across * cos);
        // Back along the line to where the part begins.
        var middle = new Place(flat.Width / 2.0, flat.Height / 2.0);
        var off = (middle.X - x) * cos + (middle.Y - y) * sin;
        for (var share = 0.0; share <= 1; share += 0.02)
        {
            var at = new Place(x + off * share * cos, y + off * share * sin);
            if (!float.IsNaN(flat.At(at.X, at.Y)))
            {
                return patch.ToPicture(at.X, at.Y);
            }
        }
        return patch.ToPicture(x + off * cos, y + off * sin);
    }
}
