using MathNet.Numerics;
using MathNet.Numerics.Statistics;

namespace ZephyrReach.Core.Photographs;

/// <summary>Lines that repeat: rows, ridges, stitches. Found by the direction in which they add up, by how alike they are one step on, and then fitted one by one.</summary>
internal static class Repeats
{
    /// <summary>Fewer lines may lie so by chance.</summary>
    public const int Fewest = 4;

    /// <summary>Less alike from one to the next they do not repeat.</summary>
    private const double LeastAlike = 0.35;

    /// <summary>Directions are looked through in a picture of so many px.</summary>
    private const int Rough = 220;

    /// <param name="angles">Between which the lines may run, in degrees.</param>
    /// <param name="leastMm">Nearer to each other they are weave.</param>
    public static Reading Of(Patch patch, (double From, double To) angles, double leastMm)
    {
        var flat = patch
            .Flat(Math.Max(patch.Grey.Width, patch.Grey.Height) / 7)
            .Blurred((int)(leastMm * patch.PerMm / 6));
        var small = Shrunk(flat);
        List<(double Angle, double Energy)> all =
        [
            .. Enumerable
                .Range(0, (int)(angles.To - angles.From) + 1)
                .Select(i => Trig.DegreeToRadian(angles.From + i))
                .Select(a => (a, Profile.Of(small, a).Energy)),
        ];
        var combs = Peaks(all)
            .Take(4)
            .Select(a => Finest(flat, a, leastMm * patch.PerMm))
            .OfType<Comb>()
            .ToList();
        return combs.Count == 0 ? Reading.NothingRepeats
            : LineFits.Of(patch, flat, combs.MaxBy(c => c.Fits)) is { } measured
                ? Reading.Of(measured)
            : Reading.NothingRepeats;
    }

    /// <summary>What repeats along the first side of a narrow band, such as the stitches of a line.</summary>
    public static Reading Along(Patch band, double leastMm)
    {
        var flat = band.Flat(Math.Max(4, (int)(6 * band.PerMm)));
        return
            CombOf(Profile.Of(flat, Math.PI / 2), Math.PI / 2, leastMm * band.PerMm) is { } comb
            && LineFits.Teeth(band, flat, comb) is { } measured
            ? Reading.Of(measured)
            : Reading.NothingRepeats;
    }

    /// <summary>Directions in which more adds up than in those beside them, the most first.</summary>
    private static IEnumerable<double> Peaks(List<(double Angle, double Energy)> all)
    {
        var left = all.OrderByDescending(a => a.Energy).ToList();
        while (left.Count > 0)
        {
            var best = left[0].Angle;
            yield return best;
            left.RemoveAll(a => Apart(a.Angle, best) < Trig.DegreeToRadian(12));
        }
    }

    private static double Apart(double a, double b)
    {
        var apart = Math.Abs(a - b) % Math.PI;
        return Math.Min(apart, Math.PI - apart);
    }

    /// <summary>The direction to a tenth of a degree, and what repeats in it.</summary>
    private static Comb? Finest(Grey flat, double rough, double least)
    {
        var best = rough;
        foreach (var step in (double[])[0.5, 0.1])
        {
            var around = best;
            best = Enumerable
                .Range(-4, 9)
                .Select(i => around + Trig.DegreeToRadian(i * step))
                .MaxBy(a => Profile.Of(flat, a).Energy);
        }
        return CombOf(Profile.Of(flat, best), best, least);
    }

    /// <summary>The shortest period that explains nearly as much as any does.</summary>
    private static Comb? CombOf(Profile profile, double angle, double least)
    {
        var (first, last) = profile.Range;
        var most = (last - first) / (Fewest - 0.4);
        List<(double Period, double Fits)> periods = [];
        for (var k = Math.Max(3, (int)least); k <= most; k++)
        {
            var here = profile.Alike(k);
            if (here < LeastAlike || here < profile.Alike(k - 1) || here < profile.Alike(k + 1))
            {
                continue;
            }
            periods.Add((Sharper(profile, k), here));
        }
        if (periods.Count == 0)
        {
            return null;
        }
        var enough = 0.82 * periods.Max(p => p.Fits);
        var (period, fits) = periods.First(p => p.Fits >= enough);
        var (phase, sign) = Phase(profile, period);
        return new(angle, period, phase, sign, fits * Math.Sqrt(Math.Max(0, profile.Energy)));
    }

    /// <summary>A period to a part of a px, by how alike it is several steps on.</summary>
    private static double Sharper(Profile profile, int period)
    {
        var (first, last) = profile.Range;
        var steps = Math.Max(1, Math.Min(6, (int)((last - first) * 0.6 / period)));
        var best = Enumerable
            .Range(-steps, 2 * steps + 1)
            .Select(i => steps * period + i)
            .MaxBy(profile.Alike);
        var (a, b, c) = (profile.Alike(best - 1), profile.Alike(best), profile.Alike(best + 1));
        var bend = a - 2 * b + c;
        return (best + (Math.Abs(bend) < 1e-12 ? 0 : Math.Clamp((a - c) / (2 * bend), -0.5, 0.5)))
            / steps;
    }

    /// <summary>Where in the period its lines lie, and whether they are dark or light: what stands out further from the middle.</summary>
    private static (double Phase, int Sign) Phase(Profile profile, double period)
    {
        const int Bins = 48;
        var (sums, counts) = (new double[Bins], new double[Bins]);
        var (first, last) = profile.Range;
        for (var i = first; i <= last; i++)
        {
            var bin = (int)((i % period + period) % period / period * Bins) % Bins;
            sums[bin] += profile.Values[i] * profile.Weights[i];
            counts[bin] += profile.Weights[i];
        }
        double[] mean = [.. sums.Select((s, i) => counts[i] > 0 ? s / counts[i] : 0)];
        var middle = mean.Median();
        var (low, high) = (Array.IndexOf(mean, mean.Min()), Array.IndexOf(mean, mean.Max()));
        var isDark = middle - mean[low] >= mean[high] - middle;
        return (((isDark ? low : high) + 0.5) / Bins * period, isDark ? -1 : 1);
    }

    private static Grey Shrunk(Grey grey)
    {
        var by = Math.Max(1, Math.Max(grey.Width, grey.Height) / (double)Rough);
        var (w, h) = ((int)(grey.Width / by), (int)(grey.Height / by));
        var soft = grey.Blurred((int)(by / 2));
        var values = new float[w * h];
        for (var y = 0; y < h; y++)
        {
            for (var x = 0; x < w; x++)
            {
                values[y * w + x] = soft.At(x * by, y * by);
            }
        }
        return new(w, h, values);
    }
}
