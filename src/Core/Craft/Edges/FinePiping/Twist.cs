using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.FinePiping;

/// <summary>A cord of twisted thread.</summary>
/// <param name="Thread">How thick one strand is.</param>
/// <param name="Strands">How many; 1 or more.</param>
internal sealed record Twist(Length Thread, int Strands)
{
    /// <summary>Round strands that are twisted fill about seven tenths of the cord’s round: workshop rule.</summary>
    public const double Filled = 0.7;

    /// <summary>d·√(k/0.7); one strand by itself is as thick as it is.</summary>
    public Length Thick => Strands == 1 ? Thread : Thread * Math.Sqrt(Strands / Filled);

    /// <summary>A strand takes up so much more than the cord is long, for the twist: workshop rule, a quarter.</summary>
    public const double TakenUp = 1.25;

    /// <summary>As many strands as make a cord no thicker than is wanted; one at least.</summary>
    public static int StrandsFor(Length cord, Length thread) =>
        (int)Math.Clamp(Rounding.FloorTolerant(Math.Pow(cord / thread, 2) * Filled), 1, 10_000);
}
