using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Supplies.Properties;
using Thread = ZephyrReach.Core.Supplies.Thread;

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
public sealed record CardInputs(
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

/// <summary>What a piece wants of its card: a view over what was said, of which only what the technique takes is read.</summary>
/// <remarks>Null is not said. What one technique alone asks of its card it reads by its own field, with <c>Of</c>.</remarks>
public sealed class Wants
{
    private readonly InputReader said;
    private readonly CardTechnique technique;

    /// <param name="said">The raw ask; what is wrong with it is told there.</param>
    /// <param name="technique">Whose card it is: of fields that it does not take, nothing is read.</param>
    public Wants(InputReader said, CardTechnique technique)
    {
        this.technique = technique;
        this.said = said.Only(technique.AllFields);
        // All of it once, so that what is wrong is known before anything is written.
        foreach (var field in technique.AllFields)
        {
            this.said.Check(field);
        }
    }

    public Length? Cord => Of(CordField);

    public Length? Gap => Of(GapField);

    public Length? Bite => Of(BiteField);

    public Length? RowGap => Of(RowGapField);

    public Length? StitchLength => Of(StitchLengthField);

    public Length? StitchWidth => Of(StitchWidthField);

    public Length? Tail => Of(TailField);

    public double? Fullness => Of(FullnessField);

    public int Layers => (int)(Of(LayersField) ?? 1);

    public int? Every => (int?)Of(EveryField);

    /// <summary>The way that was chosen; null where there is but one.</summary>
    public string? School =>
        technique.School is { } school ? said.OptionalChoice(school) ?? school.Start : null;

    public double? TensionSteps => Of(TensionField);

    public double? Differential => Of(DifferentialField);

    public int Passes => (int)(Of(PassesField) ?? 1);

    public Length? DialledLength => Of(DialledLengthField);

    public Length? DialledWidth => Of(DialledWidthField);

    public Length? Pair => Of(PairField);

    public string? Behind => Of(BehindField);

    /// <summary>What was said of a field; null where nothing was, or the technique does not take it.</summary>
    public Length? Of(LengthField field) => said.OptionalLength(field);

    /// <inheritdoc cref="Of(LengthField)"/>
    public double? Of(NumberField field) => said.OptionalNumber(field);

    /// <inheritdoc cref="Of(LengthField)"/>
    public string? Of(NameField field) => said.OptionalName(field);

    /// <inheritdoc cref="Of(LengthField)"/>
    public string? Of(ChoiceField field) => said.OptionalChoice(field with { IsNeeded = false });

    /// <summary>Whether a field was answered with yes.</summary>
    public bool Of(FlagField field) => said.Flag(field);

    /// <summary>Whether a field was answered with yes; null where it was not answered.</summary>
    public bool? Said(FlagField field) => said.OptionalFlag(field);

    /// <summary>What the plan lays behind the ground, where it says so itself.</summary>
    public static NameField BehindField { get; } =
        new NameField("behind", "Behind it").Help("What the plan lays behind the ground.");

    public static LengthField CordField { get; } =
        Fine("cordThickness", "Cord", 0.3, 30).Help("How thick the cord is.");

    public static LengthField GapField { get; } =
        Fine("gap", "Gap", 0.5, 12).Help("Between the two folds.");

    public static LengthField BiteField { get; } =
        Fine("bite", "Catch", 0.5, 4).Help("How far the stitch goes into each fold.");

    public static LengthField RowGapField { get; } =
        Fine("rowGap", "Row spacing", 1, 100).Help("The gap between rows that is wanted.");

    public static LengthField StitchLengthField { get; } =
        Fine("stitchLength", "Stitch length", 0.2, 15).Help("When the plan has one.");

    public static LengthField StitchWidthField { get; } =
        Fine("stitchWidth", "Stitch width", 0.2, 15).Help("When the plan has one.");

    /// <summary>What is set for the stitch length where the plan knows its dial: from the book, or by its own swatches.</summary>
    public static LengthField DialledLengthField { get; } =
        Fine("dialledLength", "Length on the dial", 0.1, 15).Help("When the plan knows it.");

    /// <summary>The same for the width.</summary>
    public static LengthField DialledWidthField { get; } =
        Fine("dialledWidth", "Width on the dial", 0.1, 15).Help("When the plan knows it.");

    /// <summary>The pair that the plan is reckoned with.</summary>
    public static LengthField PairField { get; } =
        Fine("needleSpacing", "Twin-needle spacing", 0.5, 10)
            .Help("From needle to needle of the twin needle.");

    public static LengthField TailField { get; } =
        LengthField
            .Mm("tail", "Thread tails", 0, 1000)
            .Optional()
            .Help("Thread left at every end.");

    public static NumberField FullnessField { get; } =
        new NumberField("fullness", "Fullness", 1, 6, IsNeeded: false).Help("Flat over gathered.");

    public static NumberField LayersField { get; } =
        new NumberField("layers", "Layers", 1, 12, 1, IsNeeded: false).Help(
            "Of fabric under the foot."
        );

    /// <summary>The number of the stitch on the machine, for whatever has a stitch of its own.</summary>
    public static NameField ProgramField { get; } =
        new NameField("program", "Number on the machine").Help(
            "The number of the stitch or program, with its menu, as the display has it."
        );

    /// <summary>The foot that the machine itself asks for with it.</summary>
    public static NameField FootAskedField { get; } =
        new NameField("footAsked", "Foot it asks for").Help(
            "The letter or name of the foot that the display shows for this stitch."
        );

    public static NumberField EveryField { get; } =
        new NumberField("stitchesPerTuck", "Stitches per pleat", 1, 100, 6, IsNeeded: false).Help(
            "Stitches from one pleat to the next."
        );

    public static NumberField TensionField { get; } =
        new NumberField("tensionSteps", "Tension", -6, 6, IsNeeded: false).Help(
            "Steps from normal, when the plan has them."
        );

    public static NumberField DifferentialField { get; } =
        new NumberField("differential", "Differential feed", 0.3, 4, IsNeeded: false).Help(
            "When the plan has one."
        );

    public static NumberField PassesField { get; } =
        new NumberField(
            "passes",
            "Number of times over the same line",
            1,
            6,
            1,
            IsNeeded: false
        ).Help("Over the same line.");

    /// <summary>Fields for what is in the drawer and has no place there: a cloth that is only described.</summary>
    public static NumberField ClothWeightField { get; } =
        new NumberField("clothWeight", "Fabric weight", 10, 1500, IsNeeded: false).Help(
            "Grams a square metre, for a fabric that is not in your supplies."
        );

    public static ChoiceField SchoolField(params Choice[] ways) =>
        new ChoiceField("school", "Way", ways, ways[0].Name, IsNeeded: false).Help(
            "One of several respected ways."
        );
}
