using ZephyrReach.Core.Answers;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>Hazards of elastic.</summary>
internal static class Hazards
{
    public static IReadOnlyList<Caution> All => [Elastic, Glue, .. Safety.Gathers];

    public static Caution Elastic { get; } =
        new(
            "elastic",
            "Hold steam over elastic and never set the iron on it: it melts and springs back. Loose elastic on clothes for "
                + "babies and small children is a choking and strangulation hazard: secure every end, and keep to the local rules."
        );

    public static Caution Glue { get; } =
        new(
            "glue",
            "Textile glue on knots: ventilate, keep it away from heat and off the machine."
        );
}
