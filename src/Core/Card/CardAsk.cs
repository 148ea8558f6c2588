using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Drawer;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Drawer.Properties;
using Thread = ZephyrReach.Core.Drawer.Thread;

namespace ZephyrReach.Core.Card;

/// <summary>What is in the drawer, as far as a card looks into it.</summary>
public sealed record DrawerContents(
    IReadOnlyList<Owned<Machine>> Machines,
    IReadOnlyList<Owned<Foot>> Feet,
    IReadOnlyList<Owned<Needle>> Needles,
    IReadOnlyList<Owned<Thread>> Threads,
    IReadOnlyList<Owned<Elastic>> Elastics,
    IReadOnlyList<Owned<Stabiliser>> Stabilisers,
    IReadOnlyList<TriedNote> Tried
)
{
    public static DrawerContents Empty { get; } = new([], [], [], [], [], [], []);
}

/// <summary>What a card is asked for.</summary>
/// <param name="Machine">The machine it is written for.</param>
/// <param name="Drawer">What can be chosen from.</param>
/// <param name="Cloth">The cloth; null when it is not known.</param>
/// <param name="Thread">The thread that was chosen; null to choose one.</param>
/// <param name="Elastic">The elastic that was chosen.</param>
/// <param name="Wants">What the piece wants, by the technique's fields.</param>
/// <param name="Ruler">What lengths are written against.</param>
public sealed record CardAsk(
    Owned<Machine> Machine,
    DrawerContents Drawer,
    Owned<Cloth>? Cloth,
    Owned<Thread>? Thread,
    Owned<Elastic>? Elastic,
    Wants Wants,
    Ruler Ruler
)
{
    /// <summary>The foot that was chosen; null to choose one.</summary>
    public Owned<Foot>? Foot { get; init; }

    /// <summary>The needle that was chosen; null to choose one.</summary>
    public Owned<Needle>? Needle { get; init; }

    /// <summary>The stabiliser that was chosen; null to choose one.</summary>
    public Owned<Stabiliser>? Stabiliser { get; init; }

    /// <summary>Grams a square metre, when they are known.</summary>
    public double? Grams => Cloth?.Is.Weight?.GramsPerSquareMetre;

    /// <summary>Whether the cloth is thin or gives: dense stitches need something under it.</summary>
    public bool NeedsStabiliser => Grams < 120 || Cloth?.Is.Gives == true;
}

/// <summary>What a piece wants of its card. Null is not said; each technique reads what it uses.</summary>
public sealed record Wants(
    Length? Cord,
    Length? Gap,
    Length? Bite,
    Length? RowGap,
    Length? StitchLength,
    Length? StitchWidth,
    Length? Tail,
    double? Fullness,
    int Layers,
    int? Every,
    string? School,
    double? TensionSteps = null,
    double? Differential = null,
    int Passes = 1,
    Length? DialledLength = null,
    Length? DialledWidth = null,
    Length? Pair = null,
    string? Behind = null
)
{
    /// <summary>What the plan lays behind the ground, where it says so itself.</summary>
    public static NameField BehindField { get; } =
        new("behind", "Behind it", "What the plan lays behind the ground.");

    public static LengthField CordField { get; } =
        Fine("cordThickness", "Cord", "How thick the cord is.", 0.3, 30);

    public static LengthField GapField { get; } =
        Fine("gap", "Gap", "Between the two folds.", 0.5, 12);

    public static LengthField BiteField { get; } =
        Fine("bite", "Catch", "How far the stitch goes into each fold.", 0.5, 4);

    public static LengthField RowGapField { get; } =
        Fine("rowGap", "Row spacing", "The gap between rows that is wanted.", 1, 100);

    public static LengthField StitchLengthField { get; } =
        Fine("stitchLength", "Stitch length", "When the plan has one.", 0.2, 15);

    public static LengthField StitchWidthField { get; } =
        Fine("stitchWidth", "Stitch width", "When the plan has one.", 0.5, 15);

    /// <summary>What is set for the stitch length where the plan knows its dial: from the book, or by its own swatches.</summary>
    public static LengthField DialledLengthField { get; } =
        Fine("dialledLength", "Length on the dial", "When the plan knows it.", 0.1, 15);

    /// <summary>The same for the width.</summary>
    public static LengthField DialledWidthField { get; } =
        Fine("dialledWidth", "Width on the dial", "When the plan knows it.", 0.1, 15);

    /// <summary>The pair that the plan is reckoned with.</summary>
    public static LengthField PairField { get; } =
        Fine(
            "needleSpacing",
            "Twin-needle spacing",
            "From needle to needle of the twin needle.",
            0.5,
            10
        );

    public static LengthField TailField { get; } =
        new(
            "tail",
            "Thread tails",
            "Thread left at every end.",
            Length.Zero,
            Length.FromMillimetres(1000),
            IsNeeded: false
        );

    public static NumberField FullnessField { get; } =
        new("fullness", "Fullness", "Flat over gathered.", 1, 6, IsNeeded: false);

    public static NumberField LayersField { get; } =
        new("layers", "Layers", "Of fabric under the foot.", 1, 12, 1, IsNeeded: false);

    public static NumberField EveryField { get; } =
        new(
            "stitchesPerTuck",
            "Stitches per pleat",
            "Stitches from one pleat to the next.",
            1,
            100,
            6,
            IsNeeded: false
        );

    public static NumberField TensionField { get; } =
        new(
            "tensionSteps",
            "Tension",
            "Steps from normal, when the plan has them.",
            -6,
            6,
            IsNeeded: false
        );

    public static NumberField DifferentialField { get; } =
        new("differential", "Differential feed", "When the plan has one.", 0.3, 4, IsNeeded: false);

    public static NumberField PassesField { get; } =
        new(
            "passes",
            "Number of times over the same line",
            "Over the same line.",
            1,
            6,
            1,
            IsNeeded: false
        );

    /// <summary>Fields for what is in the drawer and has no place there: a cloth that is only described.</summary>
    public static NumberField ClothWeightField { get; } =
        new(
            "clothWeight",
            "Fabric weight",
            "Grams a square metre, for a fabric that is not in your supplies.",
            10,
            1500,
            IsNeeded: false
        );

    public static ChoiceField SchoolField(params Choice[] ways) =>
        new("school", "Way", "One of several respected ways.", ways, ways[0].Name, IsNeeded: false);

    /// <summary>Reads what a technique's card asks for; of fields that it does not take, nothing is read.</summary>
    public static Wants Read(AskReader said, CardTechnique technique)
    {
        var reader = said.Only(technique.AllFields);
        return new Wants(
            Of(CordField),
            Of(GapField),
            Of(BiteField),
            Of(RowGapField),
            Of(StitchLengthField),
            Of(StitchWidthField),
            Of(TailField),
            reader.OptionalNumber(FullnessField),
            (int)(reader.OptionalNumber(LayersField) ?? 1),
            (int?)reader.OptionalNumber(EveryField),
            technique.School is { } school ? reader.OptionalChoice(school) ?? school.Start : null,
            reader.OptionalNumber(TensionField),
            reader.OptionalNumber(DifferentialField),
            (int)(reader.OptionalNumber(PassesField) ?? 1),
            Of(DialledLengthField),
            Of(DialledWidthField),
            Of(PairField),
            reader.OptionalName(BehindField)
        );

        Length? Of(LengthField field) => reader.OptionalLength(field);
    }
}
