using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Supplies.Properties;

namespace ZephyrReach.Core.Supplies;

/// <summary>Elastic thread for shirring.</summary>
public sealed record Elastic(Length? Diameter, Colour? Colour, Length? Left) : IThing
{
    private static readonly LengthField Thick = Fine("diameter", "Diameter", 0.2, 4)
        .Help("Unstretched.");

    private static readonly ColourField ColourOf = new ColourField("colour", "Colour");

    private static readonly LengthField LeftField = Long(Stock.FieldName, "Amount left", 2000)
        .Help("What is left of it.");

    public static ThingKind Described { get; } =
        new(
            "elastic",
            "elastic thread",
            "elastic threads",
            "Elastic thread for the bobbin: how thick, how much is left.",
            [Thick, ColourOf, LeftField],
            Starters.Elastics,
            reader => new Elastic(
                reader.OptionalLength(Thick),
                reader.OptionalColour(ColourOf),
                reader.OptionalLength(LeftField)
            )
        );
}
