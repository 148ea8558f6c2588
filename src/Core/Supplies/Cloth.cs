using System.Globalization;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Supplies.Properties;

namespace ZephyrReach.Core.Supplies;

/// <summary>A cloth.</summary>
/// <param name="Build">weave, knit or net.</param>
/// <param name="Stretch">How much longer it can be pulled crosswise, in per cent.</param>
/// <param name="UsableWidth">Between the selvedges.</param>
/// <param name="Nap">Whether it has to be cut one way up.</param>
public sealed record Cloth(
    string? Fibre,
    string? Build,
    ClothWeight? Weight,
    Length? Thickness,
    double? Stretch,
    Length? UsableWidth,
    Length? Left,
    bool? Nap,
    Colour? Colour
) : IThing
{
    /// <summary>The fabric that it is what was left of; null where it is one of its own.</summary>
    public string? RemnantOf { get; init; }

    /// <summary>Its outline, where it is a remnant that is no rectangle: across the fabric to the right, along it down; else null.</summary>
    public Path? Outline { get; init; }

    /// <summary>How far its pattern is from itself along the selvedges; null where nothing has to match.</summary>
    public Length? RepeatAlong { get; init; }

    /// <summary>The same from selvedge to selvedge.</summary>
    public Length? RepeatAcross { get; init; }

    /// <summary>A cloth of which nothing is known but its weight.</summary>
    public static Cloth OfWeight(ClothWeight weight) =>
        new(null, null, weight, null, null, null, null, null, null);

    public const string Weave = "weave";
    public const string Knit = "knit";
    public const string Net = "net";

    /// <summary>Whether it gives when it is pulled: a knit, or more than a tenth.</summary>
    public bool Gives => Build == Knit || Stretch > 10;

    private static readonly ChoiceField FibreField = Choice(
        "fibre",
        "Fibre",
        new Choice("cotton", "cotton", ""),
        new Choice("linen", "linen", ""),
        new Choice("wool", "wool", ""),
        new Choice("silk", "silk", ""),
        new Choice("viscose", "viscose", ""),
        new Choice("polyester", "polyester", "Melts under a hot iron."),
        new Choice("nylon", "nylon", "Melts under a hot iron."),
        new Choice("mixed", "mixed", "")
    );

    private static readonly ChoiceField BuildField = Choice(
        "build",
        "Construction",
        new Choice(Weave, "woven", ""),
        new Choice(Knit, "knit", ""),
        new Choice(Net, "net", "")
    );

    private static readonly NumberField WeightField = Number("weight", "Weight", 10, 1500)
        .Help("Grams a square metre.");

    private static readonly LengthField Thick = Fine("thickness", "Thickness", 0.02, 20)
        .Help("One layer.");

    private static readonly NumberField StretchField = Number("stretch", "Stretch", 0, 300)
        .Help("How much longer it can be pulled crosswise, in per cent.");

    private static readonly LengthField Width = LengthField
        .Mm("usableWidth", "Usable fabric width", 10, 6000)
        .Optional()
        .Help("Between the selvedges.");

    private static readonly LengthField LeftField = Long(Stock.FieldName, "Amount left", 500)
        .Help("What is left of it.");

    /// <summary>What it loses of its length in the wash that it still has before it, in per cent.</summary>
    public static NumberField ShrinksField { get; } =
        Number("shrinks", "Will shrink by", 0, 30)
            .Help(
                "Per cent of its length, where it is still to be washed: that is taken off what there is. Clear it once it is washed and measured again."
            );

    private static readonly FlagField UsualField = new FlagField(
        UsualThings.FieldName,
        "My usual fabric"
    ).Help("A new part begins with it.");

    private static readonly FlagField NapField = new FlagField("nap", "One-way design or nap").Help(
        "Has a nap or a print that must stand one way."
    );

    /// <summary>Which fabric a remnant was left of, by its name.</summary>
    public static NameField RemnantField { get; } =
        new NameField("remnantOf", "Remnant of") { Of = "cloth" }.Help(
            "The fabric that it was left of: it is cut before that one is."
        );

    /// <summary>The corners of a remnant that is no rectangle.</summary>
    public static NameField CornersField { get; } =
        new NameField("corners", "Corners, of an odd shape").Help(
            "Across and along of each corner in turn, in centimetres: 0 0, 60 0, 60 30, 20 50. Only for a remnant that is no rectangle."
        );

    private static readonly LengthField RepeatAlongField = LengthField
        .Mm("repeatAlong", "Pattern repeat along", 1, 2000)
        .Optional()
        .Help("Along the selvedge, from one check or motif to the next.");

    private static readonly LengthField RepeatAcrossField = LengthField
        .Mm("repeatAcross", "Pattern repeat across", 1, 2000)
        .Optional()
        .Help("From selvedge to selvedge, from one stripe or motif to the next.");

    private static readonly ColourField ColourOf = new ColourField("colour", "Colour");

    private static readonly ColourField Accent = new ColourField("accent", "Second colour").Help(
        "Of a stripe or print."
    );

    private static readonly ChoiceField Pattern = Choice(
        "pattern",
        "Pattern",
        new Choice("plain", "plain", ""),
        new Choice("stripe", "stripe", ""),
        new Choice("check", "check", ""),
        new Choice("dots", "dots", ""),
        new Choice("sprig", "sprig", "")
    );

    public static ThingKind Described { get; } =
        new(
            "cloth",
            "fabric",
            "fabrics",
            "What is on the shelf: weight, width, how much is left.",
            [
                FibreField,
                BuildField,
                WeightField,
                Thick,
                StretchField,
                Width,
                LeftField,
                ShrinksField,
                NapField,
                RemnantField,
                CornersField,
                UsualField,
                ColourOf,
                Accent,
                Pattern,
                RepeatAlongField,
                RepeatAcrossField,
            ],
            Starters.Cloths,
            Read
        );

    /// <summary>An outline from the corners that are said; null where there are none, or where they are wrong.</summary>
    private static Path? OutlineOf(InputReader reader)
    {
        if (reader.OptionalName(CornersField) is not { Length: > 0 } said)
        {
            return null;
        }
        List<Point> corners = [];
        foreach (var pair in said.Split([',', ';'], StringSplitOptions.TrimEntries))
        {
            if (
                pair.Split(' ', StringSplitOptions.RemoveEmptyEntries)
                    is not [var across, var along]
                || !IsPlace(across, out var x)
                || !IsPlace(along, out var y)
            )
            {
                reader.Contradiction(
                    CornersField,
                    "Each corner is two numbers, across and along: 0 0, 60 0, 60 30, 20 50."
                );
                return null;
            }
            corners.Add(Point.At(10 * x, 10 * y));
        }
        var wrong =
            corners.Count < 3
                ? "It has three corners or more."
                : Paths.Area.Wrong(Path.Of(true, corners));
        if (wrong is not null)
        {
            reader.Contradiction(CornersField, wrong);
            return null;
        }
        return Path.Of(true, corners);
    }

    /// <summary>From 0 to 50 m, in cm.</summary>
    private static bool IsPlace(string said, out double cm) =>
        double.TryParse(said, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out cm)
        && cm <= 5000;

    private static Cloth Read(InputReader reader)
    {
        // The looks of a pattern are checked, and are for drawings only.
        _ = reader.OptionalColour(Accent);
        _ = reader.OptionalChoice(Pattern);
        _ = reader.OptionalNumber(ShrinksField);
        return new Cloth(
            reader.OptionalChoice(FibreField),
            reader.OptionalChoice(BuildField),
            reader.OptionalNumber(WeightField) is { } grams
                ? ClothWeight.FromGramsPerSquareMetre(grams)
                : null,
            reader.OptionalLength(Thick),
            reader.OptionalNumber(StretchField),
            reader.OptionalLength(Width),
            reader.OptionalLength(LeftField),
            reader.OptionalFlag(NapField),
            reader.OptionalColour(ColourOf)
        )
        {
            RemnantOf = reader.OptionalName(RemnantField),
            Outline = OutlineOf(reader),
            RepeatAlong = reader.OptionalLength(RepeatAlongField),
            RepeatAcross = reader.OptionalLength(RepeatAcrossField),
        };
    }
}
