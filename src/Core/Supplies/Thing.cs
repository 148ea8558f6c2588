using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Supplies;

/// <summary>Something that is owned. Any property may be unknown, which is null.</summary>
public interface IThing;

/// <summary>A thing with the name its owner gave it.</summary>
/// <param name="Id">Names it in the drawer; empty for one that is only described.</param>
/// <param name="Name">Its owner's name for it, such as <c>window machine</c>.</param>
/// <param name="Is">What it is.</param>
public sealed record Owned<T>(string Id, string Name, T Is)
    where T : class, IThing;

/// <summary>A thing to begin from: usual figures, to be adjusted.</summary>
/// <param name="Name">What it is usually called.</param>
/// <param name="Says">What to look at when adjusting it.</param>
/// <param name="Properties">Its figures, by field.</param>
public sealed record Starter(string Name, string Says, RawInputs Properties);

/// <summary>A kind of thing in the drawer: what can be said of it, and usual ones to begin from.</summary>
/// <param name="Name">Its name in addresses and in the store.</param>
/// <param name="Title">One of them.</param>
/// <param name="Plural">Several.</param>
/// <param name="Says">What belongs here, in a sentence.</param>
/// <param name="Fields">What can be said; none is needed.</param>
/// <param name="Starters">Usual ones.</param>
/// <param name="Read">Reads one; look at the reader's errors before using it.</param>
public sealed record ThingKind(
    string Name,
    string Title,
    string Plural,
    string Says,
    IReadOnlyList<Field> Fields,
    IReadOnlyList<Starter> Starters,
    Func<InputReader, IThing> Read
)
{
    /// <summary>Draws one to scale; null where its kind is not drawn.</summary>
    public Func<IThing, Drawing>? Draw { get; init; }

    /// <summary>What measures of a thing tell about it; empty where none do.</summary>
    public IReadOnlyList<Measured> Measured { get; init; } = [];

    /// <summary>What is left of it, for what is used up; null for what is not.</summary>
    public LengthField? Left =>
        Fields.OfType<LengthField>().FirstOrDefault(f => f.Name == Stock.FieldName);
}

/// <summary>Measures of a thing that answer a question about it.</summary>
/// <param name="Field">The field that keeps them.</param>
/// <param name="Question">The question that they answer; its field of the same name takes them.</param>
/// <param name="Title">What they tell, such as <c>What its dial really gives</c>.</param>
public sealed record Measured(string Field, string Question, string Title);

/// <summary>The kinds of things that are kept in the drawer.</summary>
public static class ThingKinds
{
    public static IReadOnlyList<ThingKind> All { get; } =
    [
        Machine.Described,
        Foot.Described,
        Needle.Described,
        Thread.Described,
        Elastic.Described,
        Cloth.Described,
        Stabiliser.Described,
        Cord.Described,
        Ribbon.Described,
        Hoop.Described,
        Stitch.Described,
    ];

    /// <summary>Finds a kind by its name; null when there is none.</summary>
    public static ThingKind? Named(string name) => All.FirstOrDefault(k => k.Name == name);
}

/// <summary>What is used up.</summary>
public static class Stock
{
    /// <summary>The field that says how much is left, in every kind that is used up.</summary>
    public const string FieldName = "lengthLeft";
}
