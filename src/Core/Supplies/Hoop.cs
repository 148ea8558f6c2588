using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Supplies.Properties;

namespace ZephyrReach.Core.Supplies;

/// <summary>A round hoop that keeps fabric flat.</summary>
/// <param name="Inside">From rim to rim of its inner ring.</param>
/// <param name="Low">Whether it goes under a presser foot without a knee lift: its rim is low.</param>
public sealed record Hoop(Length? Inside, bool? Low) : IThing
{
    private static readonly LengthField InsideField = Fine("inside", "Hoop size", 60, 600)
        .Help("From rim to rim of the inner ring.");

    private static readonly FlagField LowField = new FlagField("low", "Low rim").Help(
        "It goes under the foot when that is lifted past its first stop."
    );

    public static ThingKind Described { get; } =
        new(
            "hoop",
            "hoop",
            "hoops",
            "Hoops for free-motion work and mending: how wide they are inside.",
            [InsideField, LowField],
            [Usual("small hoop", 100), Usual("hoop", 150), Usual("large hoop", 200)],
            reader => new Hoop(reader.OptionalLength(InsideField), reader.OptionalFlag(LowField))
        );

    private static Starter Usual(string name, double inside) =>
        new(name, "", RawInputs.Of(("inside", inside), ("low", true)));
}
