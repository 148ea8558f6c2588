using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Supplies.Properties;

namespace ZephyrReach.Core.Supplies;

/// <summary>A ribbon or a flat tape.</summary>
public sealed record Ribbon(Length? Width, Colour? Colour, bool? SameBehind, Length? Left) : IThing
{
    private static readonly LengthField WidthField = Fine("width", "Width", 1, 80);

    private static readonly ColourField ColourOf = new ColourField("colour", "Colour");

    private static readonly FlagField BehindField = new FlagField(
        "sameBehind",
        "Same on both sides"
    ).Help("Whether both sides can be seen; folded, every other leg shows its back.");

    private static readonly LengthField LeftField = Long(Stock.FieldName, "Amount left", 2000)
        .Help("What is left of it.");

    public static ThingKind Described { get; } =
        new(
            "ribbon",
            "ribbon",
            "ribbons",
            "Ribbons and flat tapes: how wide, how much is left.",
            [WidthField, ColourOf, BehindField, LeftField],
            [
                new("narrow ribbon", "", RawInputs.Of(("width", 4), ("lengthLeft", "5 m"))),
                new("ribbon", "", RawInputs.Of(("width", 10), ("lengthLeft", "5 m"))),
                new(
                    "twill tape",
                    "",
                    RawInputs.Of(("width", 15), ("sameBehind", true), ("lengthLeft", "5 m"))
                ),
            ],
            reader => new Ribbon(
                reader.OptionalLength(WidthField),
                reader.OptionalColour(ColourOf),
                reader.OptionalFlag(BehindField),
                reader.OptionalLength(LeftField)
            )
        );
}
