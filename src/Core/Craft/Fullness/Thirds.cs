using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness;

/// <summary>A strip sewn by thirds that cannot be pulled to fit: what its first thirds became, and what that leaves for the rest.</summary>
/// <remarks>
/// The flat length T is marked in thirds. Thirds that became ΣM have the fullness n·T/3ΣM; what is left of the edge,
/// F − ΣM, is to be covered by what is left of the flat length.
/// </remarks>
/// <param name="Flat">One third, flat.</param>
/// <param name="Should">What one third has to become: F/3.</param>
/// <param name="Mean">What the sewn thirds became, in the mean.</param>
/// <param name="Sewn">The fullness that they came to.</param>
/// <param name="Rest">The fullness that the rest has to come to.</param>
internal sealed record Thirds(Length Flat, Length Should, Length Mean, double Sewn, double Rest)
{
    /// <summary>The readings.</summary>
    public static LengthsField Measured { get; } =
        new LengthsField("measured", "Measured", Length.FromMillimetres(1e6), 2).Help(
            "What each sewn third became, in order."
        );

    /// <summary>Holds readings against a plan; null, and the reader has an error, when they already are the whole edge.</summary>
    /// <param name="became">The readings, 1 or 2.</param>
    /// <param name="flat">The whole flat length that is marked in thirds.</param>
    /// <param name="edge">The finished edge.</param>
    /// <param name="reader">Where the readings were said.</param>
    public static Thirds? Of(
        IReadOnlyList<Length> became,
        Length flat,
        Length edge,
        InputReader reader
    )
    {
        var sum = became.Sum();
        if (sum >= edge)
        {
            reader.Contradiction(
                Measured,
                $"What is sewn, {reader.Ruler.Mark(sum)}, already is the whole edge of {reader.Ruler.Mark(edge)}."
            );
            return null;
        }
        var third = flat / 3;
        return new Thirds(
            third,
            edge / 3,
            sum / became.Count,
            third * became.Count / sum,
            (flat - third * became.Count) / (edge - sum)
        );
    }
}
