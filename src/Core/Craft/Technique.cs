using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft;

/// <summary>The kin of techniques: what they make.</summary>
public enum Category
{
    Fullness,
    Tucks,
    Rows,
    Edges,
    Lines,
    Shapes,
    Mending,
    FreeMotion,
}

/// <summary>A technique of the craft: everything that is particular to it. The rest of the program asks it, and keeps no list of its own.</summary>
public sealed record Technique
{
    /// <summary>Its name in addresses and in the store, such as <c>pulled-gathers</c>.</summary>
    public required string Name { get; init; }

    /// <summary>Its name on the screen.</summary>
    public required string Title { get; init; }

    /// <summary>Its name among others, in a word or two.</summary>
    public required string Short { get; init; }

    /// <summary>Other words that find it.</summary>
    public required IReadOnlyList<string> Also { get; init; }

    public required Category Kin { get; init; }

    /// <summary>What it makes, in a sentence.</summary>
    public required string Says { get; init; }

    /// <summary>Its cards: looks with their first changes, and wishes for the settings; the usual one first.</summary>
    public required IReadOnlyList<CardTechnique> Cards { get; init; }

    /// <summary>Which of its cards serves an ask.</summary>
    public Func<RawInputs, CardTechnique>? CardFor { get; init; }

    /// <summary>What its card is told of an ask, where fields have other names there.</summary>
    public Func<RawInputs, RawInputs> ToldToCard { get; init; } = ask => ask;

    /// <summary>How a piece is worked in it; null while only its card stands.</summary>
    public Process? Process { get; init; }

    /// <summary>The card for an ask.</summary>
    public CardTechnique CardOf(RawInputs ask) => CardFor?.Invoke(ask) ?? Cards[0];
}

/// <summary>Fields in the order they are asked.</summary>
/// <param name="When">When they are asked.</param>
/// <param name="Title">What they are about; empty for those that are said first.</param>
/// <param name="Fields">Their names.</param>
public sealed record FieldGroup(Asking When, string Title, params IReadOnlyList<string> Fields)
{
    /// <summary>How many pieces are made alike.</summary>
    public static FieldGroup Alike { get; } = new(Asking.Folded, "Quantity", "count");
}

/// <summary>When a group of fields is asked.</summary>
public enum Asking
{
    /// <summary>At once: the piece itself.</summary>
    First,

    /// <summary>Then: what is set, or chosen, on the machine.</summary>
    Machine,

    /// <summary>Seldom: folded away to a line.</summary>
    Folded,

    /// <summary>Once more where it is cut, since it decides how much.</summary>
    Cut,
}

/// <summary>The figure that a new ask still misses, as a question.</summary>
public sealed record FirstQuestion(string Field, string Question, string Says);

/// <summary>A form that turns the question round, shown as soon as what it needs is said.</summary>
/// <param name="Form">Its name.</param>
/// <param name="Needs">The field that it takes.</param>
/// <param name="Gives">The figure that it gives.</param>
/// <param name="Says">What stands before that figure.</param>
/// <param name="Sets">The field that one press sets to it; empty where there is none.</param>
/// <param name="Without">Fields that are left out of its ask.</param>
public sealed record Inverse(
    string Form,
    string Needs,
    string Gives,
    string Says,
    string Sets = "",
    params IReadOnlyList<string> Without
);

/// <summary>A stage that a technique goes through.</summary>
/// <param name="Ends">What ends it, in a few words.</param>
public sealed record StageOf(Stage Stage, string Ends);

/// <summary>What a technique is like beside others that make the same.</summary>
/// <param name="Evenness">How even it comes out, in words.</param>
/// <param name="IsAdjustable">Whether it can still be changed once it is sewn.</param>
public sealed record Quality(string Evenness, bool IsAdjustable);

/// <summary>How a piece is worked in a technique, from the question to the summary.</summary>
public sealed record Process
{
    /// <summary>Rises when stored asks need changing.</summary>
    public int SchemaVersion { get; init; } = 1;

    /// <summary>What beginning one is called.</summary>
    public required string Begin { get; init; }

    /// <summary>A small drawing of what it makes.</summary>
    public required Drawing Mark { get; init; }

    /// <summary>From the wanted piece to what is cut, set and sewn.</summary>
    public required Calculation Forward { get; init; }

    /// <summary>The same turned round, and the questions asked on the way.</summary>
    public IReadOnlyList<Calculation> Inverses { get; init; } = [];

    /// <summary>The fields in the groups in which they are asked.</summary>
    public required IReadOnlyList<FieldGroup> Groups { get; init; }

    /// <summary>The question that a new working opens with.</summary>
    public required FirstQuestion First { get; init; }

    /// <summary>Two fields for one thing, of which only one is said; empty where there are none.</summary>
    public IReadOnlyList<string> Either { get; init; } = [];

    /// <summary>What the question turned round allows.</summary>
    public IReadOnlyList<Inverse> Allows { get; init; } = [];

    /// <summary>The stages it goes through.</summary>
    public IReadOnlyList<StageOf> Stages { get; init; } = StagesWithCut;

    /// <summary>A drawing of its main figure from least to most, for choosing by eye; null where there is none.</summary>
    public Drawing? Scale { get; init; }

    /// <summary>Kinds of things of the drawer that are chosen for it in Set up, beside the machine.</summary>
    public IReadOnlyList<string> Uses { get; init; } = ["thread"];

    /// <summary>What it is like beside other ways; null where nothing else makes the same.</summary>
    public Quality? Quality { get; init; }

    /// <summary>How it would make an edge fuller; null where it makes something else.</summary>
    internal Fullness.WhichWay.AsWay? AsWay { get; init; }

    /// <summary>Its hazards.</summary>
    public required IReadOnlyList<Caution> Cautions { get; init; }

    /// <summary>What its swatches measure and teach.</summary>
    public required SwatchOf Swatch { get; init; }

    /// <summary>A later plan against what was cut; piece by piece where nothing else is said.</summary>
    public Func<WorkPlan, WorkPlan, Ruler, Comparison> Compare { get; init; } = Comparison.Of;

    public static IReadOnlyList<StageOf> StagesWithCut { get; } =
    [
        new(Stage.Plan, "every measurement is filled in"),
        new(Stage.SetUp, "the machine is set"),
        new(Stage.Sample, "a swatch turns out well"),
        new(Stage.Cut, "the cutting list is locked"),
        new(Stage.Sew, "the last step is ticked"),
        new(Stage.Keep, "you’ve noted how it turned out"),
    ];

    public static IReadOnlyList<StageOf> StagesWithoutCut { get; } =
    [.. StagesWithCut.Where(s => s.Stage != Stage.Cut)];

    public bool Has(Stage stage) => Stages.Any(s => s.Stage == stage);

    /// <summary>Finds a form by its name in the address; the empty name is the straight form.</summary>
    public Calculation? CalculationNamed(string name) =>
        name.Length == 0 ? Forward : Inverses.FirstOrDefault(f => f.Name == name);

    /// <summary>Holds the ask now against the ask then; null when either reader has errors.</summary>
    public Comparison? CompareAsks(InputReader then, InputReader now) =>
        Forward.Work(then) is WorkPlan was && Forward.Work(now) is WorkPlan isNow
            ? Compare(was, isNow, now.Ruler)
            : null;
}

/// <summary>What a swatch of a technique measures, how it is judged, and what it teaches.</summary>
public sealed record SwatchOf
{
    /// <summary>The form that judges one; its ask takes the readings by their names, the looks and what was tried.</summary>
    public const string FormName = "swatch";

    /// <summary>The readings that are taken, in their order.</summary>
    public required IReadOnlyList<LengthsField> Readings { get; init; }

    /// <summary>The field of the judging form that the plan, or what was predicted, is held against; empty where there is none.</summary>
    public string Against { get; init; } = "";

    /// <summary>The settings of a swatch that are kept as figures, since they decide what comes out.</summary>
    public IReadOnlyList<Field> Features { get; init; } = [];

    /// <summary>
    /// Of the finished piece, measured as a swatch: settings that are figures of its plan, such as how many tucks lie between
    /// the marks, by the names of both.
    /// </summary>
    public IReadOnlyDictionary<string, string> OfPiece { get; init; } =
        new Dictionary<string, string>();

    /// <summary>What a swatch came to, in a figure; null while its readings are not complete.</summary>
    public required Func<SewnSwatch, Fact?> InShort { get; init; }

    /// <summary>Draws one as it came out; null where the plan of the example shows it.</summary>
    public Func<SewnSwatch, Drawing>? Drawn { get; init; }

    /// <summary>
    /// What makes the plan of the example as small as a swatch, and like one that was sewn: fields of the plan. Null where what
    /// the technique makes in small looks like a swatch anyway.
    /// </summary>
    public Func<SewnSwatch, RawInputs>? Shown { get; init; }

    /// <summary>What can be turned between two swatches; empty where nothing is learnt.</summary>
    public IReadOnlyList<Control> Knobs { get; init; } = [];

    /// <summary>What the swatches of a workroom teach; empty where nothing is learnt.</summary>
    public IReadOnlyList<Lesson> Teaches { get; init; } = [];

    /// <summary>A swatch as one of the samples that the forms take; null where nothing is learnt.</summary>
    public Func<SewnSwatch, RawInputs>? Sample { get; init; }

    /// <summary>Whether its forms take what swatches teach, and predict from it.</summary>
    public bool Learns => Teaches.Any(l => l.Predicts);

    /// <summary>The names of the readings without which a swatch teaches nothing.</summary>
    public IEnumerable<string> Needed => Readings.Where(r => r.IsNeeded).Select(r => r.Name);
}
