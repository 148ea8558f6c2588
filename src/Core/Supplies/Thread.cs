using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Supplies.Properties;

namespace ZephyrReach.Core.Supplies;

/// <summary>Ordinary sewing thread.</summary>
/// <param name="Tex">Grams a kilometre.</param>
/// <param name="Left">What is left of it.</param>
public sealed record Thread(string? Fibre, double? Tex, Colour? Colour, Length? Left) : IThing
{
    /// <summary>Its thickness: √(4·tex/(1000·π·0.9)) mm, a round thread of 0.9 g/cm³.</summary>
    public Length? Diameter =>
        Tex is { } tex ? Length.FromMillimetres(Math.Sqrt(4 * tex / (1000 * Math.PI * 0.9))) : null;

    private static readonly ChoiceField FibreField = Choice(
        "fibre",
        "Fibre",
        new Choice("polyester", "polyester", "Strong, a little elastic."),
        new Choice("cotton", "cotton", "Dull, for darning and appliqué."),
        new Choice("viscose", "viscose", "Shining, for embroidery; weaker."),
        new Choice("silk", "silk", "Fine and strong."),
        new Choice("nylon", "nylon", "Clear or woolly; melts under a hot iron.")
    );

    private static readonly NumberField TexField = Number("tex", "Tex", 5, 300)
        .Help("Grams a kilometre; ordinary thread is about 27.");

    private static readonly FlagField UsualField = new FlagField(
        UsualThings.FieldName,
        "My usual thread"
    ).Help("A new part begins with it.");

    private static readonly ColourField ColourOf = new ColourField("colour", "Colour");

    private static readonly LengthField LeftField = Long(Stock.FieldName, "Amount left", 20_000)
        .Help("What is left on the spool.");

    public static ThingKind Described { get; } =
        new(
            "thread",
            "thread",
            "threads",
            "Spools of ordinary thread: thickness, colour, how much is left.",
            [UsualField, FibreField, TexField, ColourOf, LeftField],
            Starters.Threads,
            reader => new Thread(
                reader.OptionalChoice(FibreField),
                reader.OptionalNumber(TexField),
                reader.OptionalColour(ColourOf),
                reader.OptionalLength(LeftField)
            )
        );
}
