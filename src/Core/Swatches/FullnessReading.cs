using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Swatches;

/// <summary>A fullness read off a swatch, with how sure it is.</summary>
/// <remarks>
/// The fullness is the mean flat reading over the mean gathered reading. Each mean is unsure by the greater of one
/// marking step (what an eye reads off a ruler) and half the spread of its readings over √n; the two parts add up
/// in squares, as independent relative errors of a ratio do.
/// </remarks>
/// <param name="Fullness">Flat over gathered; above 0.</param>
/// <param name="Low">The least it may be.</param>
/// <param name="High">The most it may be.</param>
/// <param name="FlatSpread">Longest less shortest flat reading.</param>
/// <param name="GatheredSpread">Longest less shortest gathered reading.</param>
public readonly record struct FullnessReading(
    double Fullness,
    double Low,
    double High,
    Length FlatSpread,
    Length GatheredSpread
)
{
    /// <summary>Reads a swatch.</summary>
    /// <param name="flat">One or more readings, each above 0.</param>
    /// <param name="gathered">One or more readings, each above 0.</param>
    /// <param name="marking">How finely the ruler is read.</param>
    public static FullnessReading Of(
        IReadOnlyList<Length> flat,
        IReadOnlyList<Length> gathered,
        Length marking
    )
    {
        var (flatMean, gatheredMean) = (Mean(flat), Mean(gathered));
        var fullness = flatMean / gatheredMean;
        var unsure = Math.Sqrt(
            Math.Pow(Unsure(flat, marking) / flatMean, 2)
                + Math.Pow(Unsure(gathered, marking) / gatheredMean, 2)
        );
        return new FullnessReading(
            fullness,
            fullness * Math.Max(0, 1 - unsure),
            fullness * (1 + unsure),
            Spread(flat),
            Spread(gathered)
        );
    }

    /// <summary>The mean of one or more readings.</summary>
    public static Length Mean(IReadOnlyList<Length> readings) =>
        Length.FromMillimetres(readings.Average(r => r.Millimetres));

    private static Length Spread(IReadOnlyList<Length> readings) => readings.Max() - readings.Min();

    private static Length Unsure(IReadOnlyList<Length> readings, Length marking) =>
        Length.Max(marking, Spread(readings) / 2 / Math.Sqrt(readings.Count));
}
