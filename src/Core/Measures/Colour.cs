using System.Globalization;

namespace ZephyrReach.Core.Measures;

/// <summary>A colour of cloth or thread, as a screen shows it.</summary>
/// <remarks>Held in the sRGB space of IEC 61966-2-1, eight bits a channel.</remarks>
public readonly record struct Colour(byte Red, byte Green, byte Blue)
{
    /// <summary>Reads <c>#1a2b3c</c>, in either case.</summary>
    public static bool TryRead(string? text, out Colour colour)
    {
        colour = default;
        if (
            text is not { Length: 7 }
            || text[0] != '#'
            || !uint.TryParse(
                text.AsSpan(1),
                NumberStyles.AllowHexSpecifier,
                CultureInfo.InvariantCulture,
                out var rgb
            )
        )
        {
            return false;
        }
        colour = new Colour((byte)(rgb >> 16), (byte)(rgb >> 8), (byte)rgb);
        return true;
    }

    public override string ToString() => $"#{Red:x2}{Green:x2}{Blue:x2}";

    /// <summary>The colour as the eye orders it: CIE L*a*b* under daylight D65, two-degree observer.</summary>
    public Lab ToLab()
    {
        var (r, g, b) = (Linear(Red), Linear(Green), Linear(Blue));
        // The sRGB primaries against the D65 white point.
        var x = (0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / 0.95047;
        var y = 0.2126729 * r + 0.7151522 * g + 0.0721750 * b;
        var z = (0.0193339 * r + 0.1191920 * g + 0.9503041 * b) / 1.08883;
        var (fx, fy, fz) = (Lab.Root(x), Lab.Root(y), Lab.Root(z));
        return new Lab(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz));
    }

    private static double Linear(byte channel)
    {
        var c = channel / 255d;
        return c <= 0.04045 ? c / 12.92 : Math.Pow((c + 0.055) / 1.055, 2.4);
    }
}

/// <summary>A colour in CIE L*a*b*.</summary>
/// <param name="L">Lightness, 0 to 100.</param>
/// <param name="A">From green to red.</param>
/// <param name="B">From blue to yellow.</param>
public readonly record struct Lab(double L, double A, double B)
{
    /// <summary>How different two colours look: CIEDE2000, with all weights 1. 0 is the same; 2.3 is just seen.</summary>
    /// <remarks>Sharma, Wu and Dalal, The CIEDE2000 color-difference formula, 2005; their test pairs are in the tests.</remarks>
    public static double Difference(Lab one, Lab two)
    {
        var meanC =
            (Math.Sqrt(one.A * one.A + one.B * one.B) + Math.Sqrt(two.A * two.A + two.B * two.B))
            / 2;
        var g = 0.5 * (1 - Math.Sqrt(Pow7(meanC) / (Pow7(meanC) + Pow7(25))));
        var (a1, a2) = ((1 + g) * one.A, (1 + g) * two.A);
        var (c1, c2) = (Math.Sqrt(a1 * a1 + one.B * one.B), Math.Sqrt(a2 * a2 + two.B * two.B));
        var (h1, h2) = (Hue(a1, one.B), Hue(a2, two.B));

        var deltaL = two.L - one.L;
        var deltaC = c2 - c1;
        var turn = c1 * c2 == 0 ? 0 : Turn(h2 - h1);
        var deltaH = 2 * Math.Sqrt(c1 * c2) * Math.Sin(Radians(turn) / 2);

        var meanL = (one.L + two.L) / 2;
        var meanCP = (c1 + c2) / 2;
        var meanH =
            c1 * c2 == 0 ? h1 + h2
            : Math.Abs(h1 - h2) <= 180 ? (h1 + h2) / 2
            : (h1 + h2 + (h1 + h2 < 360 ? 360 : -360)) / 2;
        var t =
            1
            - 0.17 * Math.Cos(Radians(meanH - 30))
            + 0.24 * Math.Cos(Radians(2 * meanH))
            + 0.32 * Math.Cos(Radians(3 * meanH + 6))
            - 0.20 * Math.Cos(Radians(4 * meanH - 63));
        var rotation =
            -2
            * Math.Sqrt(Pow7(meanCP) / (Pow7(meanCP) + Pow7(25)))
            * Math.Sin(Radians(60 * Math.Exp(-Math.Pow((meanH - 275) / 25, 2))));
        var fromMid = (meanL - 50) * (meanL - 50);
        var l = deltaL / (1 + 0.015 * fromMid / Math.Sqrt(20 + fromMid));
        var c = deltaC / (1 + 0.045 * meanCP);
        var h = deltaH / (1 + 0.015 * meanCP * t);
        return Math.Sqrt(Math.Max(0, l * l + c * c + h * h + rotation * c * h));
    }

    /// <summary>The cube root of CIE L*a*b*, straight near black.</summary>
    internal static double Root(double t) =>
        t > 216d / 24389 ? Math.Cbrt(t) : (24389d / 27 * t + 16) / 116;

    private static double Pow7(double x) => Math.Pow(x, 7);

    private static double Radians(double degrees) => degrees * Math.PI / 180;

    private static double Hue(double a, double b)
    {
        if (a == 0 && b == 0)
        {
            return 0;
        }
        var degrees = Math.Atan2(b, a) * 180 / Math.PI;
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double Turn(double degrees) =>
        degrees > 180 ? degrees - 360
        : degrees < -180 ? degrees + 360
        : degrees;
}
