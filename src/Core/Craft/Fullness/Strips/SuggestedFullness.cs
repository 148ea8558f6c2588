using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>Where gathers are used, and what that asks of their fullness.</summary>
/// <param name="Choice">Its name and what follows from it.</param>
/// <param name="From">Where in the band for the cloth's weight it begins: 0 the scant end, 1 the full end.</param>
/// <param name="To">Where it ends.</param>
/// <param name="Own">Of its own, by weight; null where it takes a part of what is usual for the cloth.</param>
public sealed record Use(Choice Choice, double From, double To, IReadOnlyList<Usually>? Own = null);

/// <summary>How full cloth of a weight usually is gathered; between two weights it lies between.</summary>
public readonly record struct Usually(double Grams, double Low, double High);

/// <summary>The uses that are offered.</summary>
public static class Uses
{
    private static readonly Usually[] Frills =
    [
        new(80, 1.8, 3),
        new(140, 1.5, 2.2),
        new(240, 1.25, 1.5),
    ];

    private static readonly Usually[] Curtains =
    [
        new(60, 2.5, 3),
        new(150, 2, 2.5),
        new(260, 1.5, 2),
    ];

    public static IReadOnlyList<Use> All { get; } =
    [
        new(
            new Choice("frill", "a narrow frill", "a short frill has to stand out to be seen"),
            0,
            1,
            Frills
        ),
        new(
            new Choice("valance", "a valance", "a valance looks best at a medium fullness"),
            0.2,
            1
        ),
        new(
            new Choice(
                "tier",
                "a skirt tier",
                "each tier multiplies the one above, and their weight adds up"
            ),
            0,
            1,
            Frills
        ),
        new(
            new Choice("curtain", "a curtain", "a gathered heading wants more than a frill"),
            0,
            1,
            Curtains
        ),
        new(
            new Choice(
                "sleeve",
                "a sleeve cap",
                "a sleeve cap is drawn up only where it turns over the shoulder"
            ),
            -0.5,
            0
        ),
        new(
            new Choice(
                "cushion",
                "a cushion edge",
                "the corners spread a frill, so it wants the full end"
            ),
            0.5,
            1
        ),
    ];
}

/// <summary>How full gathers usually are, from the weight of the cloth and where they are used.</summary>
/// <remarks>
/// Workshop rule: sheers and nets 2.5 to 3, light cloth 2 to 2.5, medium 1.5 to 2, heavy 1.25 to 1.5, and between these in
/// proportion, so that a gram changes nothing that is felt. Frills, tiers and curtains have figures of their own; another use takes a
/// part of the range.
/// </remarks>
/// <param name="Low">The scant end; at least 1.1.</param>
/// <param name="High">The full end.</param>
/// <param name="Because">The reason, in a sentence.</param>
public sealed record SuggestedFullness(double Low, double High, string Because)
{
    private static readonly Usually[] Cloths =
    [
        new(45, 2.5, 3),
        new(90, 2, 2.5),
        new(170, 1.5, 2),
        new(260, 1.25, 1.5),
    ];

    /// <summary>In the middle of the two ends, to a twentieth.</summary>
    public double Middle => Math.Round((Low + High) * 10) / 20;

    /// <summary>The suggestion for a cloth and, when it is known, a use.</summary>
    public static SuggestedFullness For(ClothWeight weight, Use? use)
    {
        var grams = weight.GramsPerSquareMetre;
        var (low, high) = Between(use?.Own ?? Cloths, grams);
        if (use is { Own: null })
        {
            var from = Math.Max(1.1, low + use.From * (high - low));
            (low, high) = (from, Math.Max(from + 0.1, low + use.To * (high - low)));
        }
        var name =
            grams <= 60 ? "sheer"
            : grams <= 120 ? "light"
            : grams <= 220 ? "medium"
            : "heavy";
        (low, high) = (Twentieths(low), Twentieths(high));
        return new SuggestedFullness(
            low,
            high,
            $"{DecimalText.Write(grams, 0)} g/m² is {name} fabric, which gathers well at {DecimalText.Write(low)} to {DecimalText.Write(high)}"
                + (use is null ? "." : $" for {use.Choice.Label}: {use.Choice.Follows}.")
        );
    }

    /// <summary>In proportion between the two weights that lie nearest.</summary>
    private static (double Low, double High) Between(IReadOnlyList<Usually> of, double grams)
    {
        for (var i = 0; i + 1 < of.Count; i++)
        {
            var (light, heavy) = (of[i], of[i + 1]);
            if (grams < heavy.Grams)
            {
                var part = Math.Clamp((grams - light.Grams) / (heavy.Grams - light.Grams), 0, 1);
                return (
                    light.Low + part * (heavy.Low - light.Low),
                    light.High + part * (heavy.High - light.High)
                );
            }
        }
        return (of[^1].Low, of[^1].High);
    }

    private static double Twentieths(double figure) => Math.Round(figure * 20) / 20;
}
