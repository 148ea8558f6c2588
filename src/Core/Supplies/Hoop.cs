using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Supplies.Properties;

namespace ZephyrReach.Core.Supplies;

/// <summary>A round hoop that keeps fabric flat.</summary>
/// <param name="Inside">From rim to rim of its inner ring.</param>
/// <param name="Low">Whether it goes under a presser foot without a knee lift: its rim is low.</param>
public sealed record Hoop(Length? Inside, bool? Low) : IThing
{
    private static readonly LengthField InsideField = LengthField
        .Mm("inside", "Hoop size", 60, 600)
        .Optional()
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
            [
                Usual("small hoop", "10 cm (4 in) inside.", 100),
                Usual("hoop", "15 cm (6 in) inside.", 150),
                Usual("large hoop", "20 cm (8 in) inside.", 200),
            ],
            reader => new Hoop(reader.OptionalLength(InsideField), reader.OptionalFlag(LowField))
        );

    private static Starter Usual(string name, string says, double inside) =>
        new(name, says, RawInputs.Of(("inside", inside), ("low", true)));
}
