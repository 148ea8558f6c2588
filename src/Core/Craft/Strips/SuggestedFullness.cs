using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Strips;

/// <summary>Where gathers are used, and what that asks of their fullness.</summary>
/// <param name="Choice">Its name and what follows from it.</param>
/// <param name="From">Where in the band for the cloth's weight it begins: 0 the scant end, 1 the full end.</param>
/// <param name="To">Where it ends.</param>
/// <param name="Whatever">What is usual for it whatever the cloth weighs; null where the weight decides.</param>
public sealed record Use(
    Choice Choice,
    double From,
    double To,
    (double Low, double High)? Whatever = null
);

/// <summary>The uses that are offered.</summary>
public static class Uses
{
    public static IReadOnlyList<Use> All { get; } =
    [
        new(
            new Choice("frill", "a narrow frill", "a short frill has to stand out to be seen"),
            0.4,
            1
        ),
        new(
            new Choice(
                "valance",
                "a valance",
                "folds that hang free look even when they are neither scant nor crowded"
            ),
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
            (1.4, 2)
        ),
        new(new Choice("curtain", "a curtain", "long folds fall by their own weight"), 0, 0.8),
        new(
            new Choice(
                "sleeve",
                "a sleeve head",
                "a sleeve head is drawn up only where it turns over the shoulder"
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
/// Workshop rule: sheers and nets 2.5 to 3, light cloth 2 to 2.5, medium 1.5 to 2, heavy 1.25 to 1.5; the use takes a
/// part of that band.
/// </remarks>
/// <param name="Low">The scant end; at least 1.1.</param>
/// <param name="High">The full end.</param>
/// <param name="Because">The reason, in a sentence.</param>
public sealed record SuggestedFullness(double Low, double High, string Because)
{
    private static readonly Band[] Bands =
    [
        new(60, "sheer", 2.5, 3),
        new(120, "light", 2, 2.5),
        new(220, "medium", 1.5, 2),
        new(double.PositiveInfinity, "heavy", 1.25, 1.5),
    ];

    /// <summary>In the middle of the two ends, to a twentieth.</summary>
    public double Middle => Math.Round((Low + High) * 10) / 20;

    /// <summary>The suggestion for a cloth and, when it is known, a use.</summary>
    public static SuggestedFullness For(ClothWeight weight, Use? use)
    {
        var band = Array.Find(Bands, b => weight.GramsPerSquareMetre <= b.UpToGrams)!;
        var (low, high) = (band.Low, band.High);
        var because = $"{DecimalText.Write(weight.GramsPerSquareMetre, 0)} g/m² {band.Says}";
        if (use is null)
        {
            return new SuggestedFullness(low, high, because + ".");
        }
        if (use.Whatever is { } usual)
        {
            return new SuggestedFullness(
                usual.Low,
                usual.High,
                $"For {use.Choice.Label} {DecimalText.Write(usual.Low)} to {DecimalText.Write(usual.High)} is usual: {use.Choice.Follows}."
            );
        }
        var from = Math.Max(1.1, low + use.From * (high - low));
        var to = Math.Max(from + 0.1, low + use.To * (high - low));
        return new SuggestedFullness(
            Math.Round(from * 20) / 20,
            Math.Round(to * 20) / 20,
            $"{because}; for {use.Choice.Label}, {use.Choice.Follows}."
        );
    }

    private sealed record Band(double UpToGrams, string Name, double Low, double High)
    {
        public string Says { get; } =
            $"is {Name} cloth, which gathers well at {DecimalText.Write(Low)} to {DecimalText.Write(High)}";
    }
}
