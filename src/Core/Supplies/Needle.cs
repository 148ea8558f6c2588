using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Supplies.Properties;

namespace ZephyrReach.Core.Supplies;

/// <summary>A needle, or a pair on one shank.</summary>
/// <param name="Size">NM: its blade in hundredths of a millimetre.</param>
/// <param name="TwinSpacing">From needle to needle of a pair; 0 or null for a single needle.</param>
public sealed record Needle(string? System, int? Size, string? Point, Length? TwinSpacing) : IThing
{
    public const string Universal = "universal";
    public const string Ballpoint = "ballpoint";
    public const string Stretch = "stretch";
    public const string Sharp = "sharp";
    public const string Jeans = "jeans";
    public const string Topstitch = "topstitch";
    public const string Embroidery = "embroidery";
    public const string Wing = "wing";

    /// <summary>Whether it is a pair.</summary>
    public bool IsTwin => TwinSpacing > Length.Zero;

    /// <summary>The blade's thickness; null when the size is not known.</summary>
    public Length? Blade => Size is { } nm ? Length.FromMillimetres(nm / 100d) : null;

    private static readonly ChoiceField SystemField = NeedleSystems
        .Field()
        .Help("Which machines it goes into.");

    private static readonly NumberField SizeField = Number("size", "Needle size, NM", 40, 200)
        .Help("Such as 80: hundredths of a mm.");

    private static readonly ChoiceField PointField = Choice(
            "point",
            "Point",
            new Choice(Universal, "universal", "Slightly rounded: most fabric."),
            new Choice(Ballpoint, "ballpoint", "Rounded: parts the loops of a knit."),
            new Choice(Stretch, "stretch", "Rounded, with a deep scarf: elastic fabric."),
            new Choice(Sharp, "fine sharp", "Pierces: fine, dense weaves."),
            new Choice(Jeans, "jeans", "Strong and sharp: thick, dense weaves."),
            new Choice(Topstitch, "topstitch", "A large eye: thick thread."),
            new Choice(Embroidery, "embroidery", "A large, smooth eye: thread that frays."),
            new Choice(Wing, "wing", "Opens holes on purpose, in a weave.")
        )
        .Help("What it is made to pass through.");

    private static readonly LengthField Twin = Fine("twinSpacing", "Twin-needle spacing", 0, 10)
        .Help("From needle to needle; 0 for a single one.");

    public static ThingKind Described { get; } =
        new(
            "needle",
            "needle",
            "needles",
            "What is in the needle box: system, size, point.",
            [SystemField, SizeField, PointField, Twin],
            Starters.Needles,
            reader => new Needle(
                reader.OptionalChoice(SystemField),
                (int?)reader.OptionalNumber(SizeField),
                reader.OptionalChoice(PointField),
                reader.OptionalLength(Twin)
            )
        );
}
