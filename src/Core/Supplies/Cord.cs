using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Supplies.Properties;

namespace ZephyrReach.Core.Supplies;

/// <summary>A cord, to be covered, couched or laid under tucks.</summary>
public sealed record Cord(
    Length? Diameter,
    int? Plies,
    string? Stiffness,
    bool? Flange,
    Length? Left
) : IThing
{
    private static readonly LengthField Thick = Fine("diameter", "Diameter", 0.3, 30);

    private static readonly NumberField PliesField = Number("plies", "Plies", 1, 12);

    private static readonly ChoiceField StiffnessField = Choice(
        "stiffness",
        "Stiffness",
        new Choice("soft", "soft", "Follows corners."),
        new Choice("firm", "firm", ""),
        new Choice("stiff", "stiff", "Joins easily; leaves little room for a foot.")
    );

    private static readonly FlagField FlangeField = new FlagField("flange", "Has a lip").Help(
        "Ready-made trim with a tape to sew in."
    );

    private static readonly LengthField LeftField = Long(Stock.FieldName, "Amount left", 2000)
        .Help("What is left of it.");

    public static ThingKind Described { get; } =
        new(
            "cord",
            "cord",
            "cords",
            "Cords and yarns: how thick, how stiff.",
            [Thick, PliesField, StiffnessField, FlangeField, LeftField],
            Starters.Cords,
            reader => new Cord(
                reader.OptionalLength(Thick),
                (int?)reader.OptionalNumber(PliesField),
                reader.OptionalChoice(StiffnessField),
                reader.OptionalFlag(FlangeField),
                reader.OptionalLength(LeftField)
            )
        );
}
