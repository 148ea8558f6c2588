namespace ZephyrReach.Core.Photographs;

/// <summary>The mean shade of a part along lines of one direction, from line to line.</summary>
/// <param name="Values">A px from one to the next; 0 where there is too little.</param>
/// <param name="Weights">How many px went into each.</param>
/// <param name="From">Where the first lies, in px from the upper left corner, square to the lines.</param>
internal sealed record Profile(double[] Values, double[] Weights, double From)
{
    /// <summary>Fewer px than this share of the fullest line say nothing.</summary>
    private const double Thin = 0.25;

    /// <param name="angle">Of the lines, in radians, clockwise from the first side.</param>
    /// <param name="only">Which px count, by how far along the lines they lie; null for all.</param>
    public static Profile Of(Grey flat, double angle, Func<double, bool>? only = null)
    {
        var (sin, cos) = Math.SinCos(angle);
        double[] far =
        [
            0,
            -sin * flat.Width,
            cos * flat.Height,
            cos * flat.Height - sin * flat.Width,
        ];
        var from = Math.Floor(far.Min()) - 1;
        var sums = new double[(int)(far.Max() - from) + 3];
        var counts = new double[sums.Length];
        for (var y = 0; y < flat.Height; y++)
        {
            for (var x = 0; x < flat.Width; x++)
            {
                var value = flat.Values[y * flat.Width + x];
                if (float.IsNaN(value) || (only is not null && !only(cos * x + sin * y)))
                {
                    continue;
                }
                var at = cos * y - sin * x - from;
                var bin = (int)at;
                var part = at - bin;
                sums[bin] += (1 - part) * value;
                counts[bin] += 1 - part;
                sums[bin + 1] += part * value;
                counts[bin + 1] += part;
            }
        }
        var least = Thin * counts.Max();
        for (var i = 0; i < sums.Length; i++)
        {
            var isThin = counts[i] < Math.Max(least, 1e-9);
            sums[i] = isThin ? 0 : sums[i] / counts[i];
            counts[i] = isThin ? 0 : counts[i];
        }
        return new(sums, counts, from);
    }

    /// <summary>How much of it is more than chance: the variance between lines, less what noise alone makes.</summary>
    public double Energy
    {
        get
        {
            var (sum, square, weight, bins) = (0.0, 0.0, 0.0, 0);
            for (var i = 0; i < Values.Length; i++)
            {
                sum += Weights[i] * Values[i];
                square += Weights[i] * Values[i] * Values[i];
                weight += Weights[i];
                bins += Weights[i] > 0 ? 1 : 0;
            }
            if (weight == 0)
            {
                return 0;
            }
            var mean = sum / weight;
            return square / weight - mean * mean - bins / weight;
        }
    }

    /// <summary>The first and the last line that counts.</summary>
    public (int First, int Last) Range
    {
        get
        {
            var first = Array.FindIndex(Weights, w => w > 0);
            var last = Array.FindLastIndex(Weights, w => w > 0);
            return first < 0 ? (0, -1) : (first, last);
        }
    }

    /// <summary>How alike it is to itself so many px further on, from −1 to 1.</summary>
    public double Alike(int shift)
    {
        var (first, last) = Range;
        var (ab, aa, bb) = (0.0, 0.0, 0.0);
        for (var i = first; i + shift <= last; i++)
        {
            var (a, b) = (Values[i], Values[i + shift]);
            (ab, aa, bb) = (ab + a * b, aa + a * a, bb + b * b);
        }
        return aa * bb > 0 ? ab / Math.Sqrt(aa * bb) : 0;
    }

    /// <summary>Where it is lowest, or highest, near a place: to a part of a px; null where that is at the rim of what is looked at.</summary>
    /// <param name="sign">−1 for the darkest, 1 for the lightest.</param>
    public double? Peak(double near, double within, int sign)
    {
        var (first, last) = Range;
        var from = Math.Max(first + 1, (int)Math.Ceiling(near - within));
        var to = Math.Min(last - 1, (int)Math.Floor(near + within));
        var best = -1;
        for (var i = from; i <= to; i++)
        {
            if (best < 0 || sign * Values[i] > sign * Values[best])
            {
                best = i;
            }
        }
        if (
            best < 0
            || sign * Values[best] < sign * Values[best - 1]
            || sign * Values[best] < sign * Values[best + 1]
        )
        {
            return null;
        }
        // A parabola through three.
        var (a, b, c) = (Values[best - 1], Values[best], Values[best + 1]);
        var bend = a - 2 * b + c;
        return best + (Math.Abs(bend) < 1e-12 ? 0 : Math.Clamp((a - c) / (2 * bend), -0.5, 0.5));
    }
}
