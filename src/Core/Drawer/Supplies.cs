using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Drawer.Properties;

namespace ZephyrReach.Core.Drawer;

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
        "",
        new Choice("polyester", "polyester", "Strong, a little elastic."),
        new Choice("cotton", "cotton", "Dull, for darning and appliqué."),
        new Choice("viscose", "viscose", "Shining, for embroidery; weaker."),
        new Choice("silk", "silk", "Fine and strong."),
        new Choice("nylon", "nylon", "Clear or woolly; melts under a hot iron.")
    );

    private static readonly NumberField TexField = Number(
        "tex",
        "Tex",
        "Grams a kilometre; ordinary thread is about 27.",
        5,
        300
    );

    private static readonly ColourField ColourOf = new("colour", "Colour", "");

    private static readonly LengthField LeftField = Long(
        Stock.FieldName,
        "Left",
        "What is left on the spool.",
        20_000
    );

    public static ThingKind Kind_ { get; } =
        new(
            "thread",
            "thread",
            "threads",
            "Spools of ordinary thread: thickness, colour, how much is left.",
            [FibreField, TexField, ColourOf, LeftField],
            Starters.Threads,
            reader => new Thread(
                reader.OptionalChoice(FibreField),
                reader.OptionalNumber(TexField),
                reader.OptionalColour(ColourOf),
                reader.OptionalLength(LeftField)
            )
        );
}

/// <summary>Elastic thread for shirring.</summary>
public sealed record Elastic(Length? Diameter, Colour? Colour, Length? Left) : IThing
{
    private static readonly LengthField Thick = Fine(
        "diameter",
        "Diameter",
        "Unstretched.",
        0.2,
        4
    );

    private static readonly ColourField ColourOf = new("colour", "Colour", "");

    private static readonly LengthField LeftField = Long(
        Stock.FieldName,
        "Left",
        "What is left of it.",
        2000
    );

    public static ThingKind Kind_ { get; } =
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
    public const string Weave = "weave";
    public const string Knit = "knit";
    public const string Net = "net";

    /// <summary>Whether it gives when it is pulled: a knit, or more than a tenth.</summary>
    public bool Gives => Build == Knit || Stretch > 10;

    private static readonly ChoiceField FibreField = Choice(
        "fibre",
        "Fibre",
        "",
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
        "Made as",
        "",
        new Choice(Weave, "a weave", ""),
        new Choice(Knit, "a knit", ""),
        new Choice(Net, "a net", "")
    );

    private static readonly NumberField WeightField = Number(
        "weight",
        "Weight",
        "Grams a square metre.",
        10,
        1500
    );

    private static readonly LengthField Thick = Fine(
        "thickness",
        "Thickness",
        "One layer.",
        0.02,
        20
    );

    private static readonly NumberField StretchField = Number(
        "stretch",
        "Stretch",
        "How much longer it can be pulled crosswise, in per cent.",
        0,
        300
    );

    private static readonly LengthField Width = new(
        "usableWidth",
        "Usable width",
        "Between the selvedges.",
        Length.FromMillimetres(10),
        Length.FromMillimetres(6000),
        IsNeeded: false
    );

    private static readonly LengthField LeftField = Long(
        Stock.FieldName,
        "Left",
        "What is left of it.",
        500
    );

    private static readonly FlagField NapField = new(
        "nap",
        "One way up",
        "Has a nap or a print that must stand one way."
    );

    private static readonly ColourField ColourOf = new("colour", "Colour", "");

    private static readonly ColourField Accent = new(
        "accent",
        "Second colour",
        "Of a stripe or print."
    );

    private static readonly ChoiceField Pattern = Choice(
        "pattern",
        "Pattern",
        "",
        new Choice("plain", "plain", ""),
        new Choice("stripe", "stripe", ""),
        new Choice("check", "check", ""),
        new Choice("dots", "dots", ""),
        new Choice("sprig", "sprig", "")
    );

    public static ThingKind Kind_ { get; } =
        new(
            "cloth",
            "cloth",
            "cloths",
            "What is on the shelf: weight, width, how much is left.",
            [
                FibreField,
                BuildField,
                WeightField,
                Thick,
                StretchField,
                Width,
                LeftField,
                NapField,
                ColourOf,
                Accent,
                Pattern,
            ],
            Starters.Cloths,
            Read
        );

    private static Cloth Read(AskReader reader)
    {
        // The looks of a pattern are checked, and are for drawings only.
        _ = reader.OptionalColour(Accent);
        _ = reader.OptionalChoice(Pattern);
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
        );
    }
}

/// <summary>What holds cloth while dense stitches are sewn, or stays in it.</summary>
public sealed record Stabiliser(string? Kind) : IThing
{
    public const string TearAway = "tear-away";
    public const string CutAway = "cut-away";
    public const string WashAway = "wash-away";
    public const string Interfacing = "fusible-interfacing";
    public const string PaperBacked = "paper-backed";

    private static readonly ChoiceField KindField = Choice(
        "kind",
        "Kind",
        "",
        new Choice(TearAway, "tear-away", "For firm cloth; torn off after."),
        new Choice(CutAway, "cut-away", "Stays: for cloth that stretches."),
        new Choice(WashAway, "wash-away", "For nets and loose texture; washed out."),
        new Choice(Interfacing, "fusible interfacing", "Ironed on; stays: behind darns."),
        new Choice(PaperBacked, "paper-backed fusible", "Glues a shape on: for appliqué.")
    );

    public static ThingKind Kind_ { get; } =
        new(
            "stabiliser",
            "stabiliser",
            "stabilisers",
            "What goes under or behind the cloth.",
            [KindField],
            Starters.Stabilisers,
            reader => new Stabiliser(reader.OptionalChoice(KindField))
        );
}

/// <summary>A cord, to be covered, couched or laid under tucks.</summary>
public sealed record Cord(
    Length? Diameter,
    int? Plies,
    string? Stiffness,
    bool? Flange,
    Length? Left
) : IThing
{
    private static readonly LengthField Thick = Fine("diameter", "Diameter", "", 0.3, 30);

    private static readonly NumberField PliesField = Number("plies", "Plies", "", 1, 12);

    private static readonly ChoiceField StiffnessField = Choice(
        "stiffness",
        "Stiffness",
        "",
        new Choice("soft", "soft", "Follows corners."),
        new Choice("firm", "firm", ""),
        new Choice("stiff", "stiff", "Joins easily; leaves little room for a foot.")
    );

    private static readonly FlagField FlangeField = new(
        "flange",
        "Has a flange",
        "Ready-made trim with a tape to sew in."
    );

    private static readonly LengthField LeftField = Long(
        Stock.FieldName,
        "Left",
        "What is left of it.",
        2000
    );

    public static ThingKind Kind_ { get; } =
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
