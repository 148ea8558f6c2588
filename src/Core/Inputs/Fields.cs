using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Inputs;

/// <summary>One thing that an ask may say.</summary>
/// <param name="Name">Its name in the API.</param>
/// <param name="Label">Its name on the screen.</param>
/// <param name="IsNeeded">Whether an ask without it is refused.</param>
public abstract record Field(string Name, string Label, bool IsNeeded)
{
    /// <summary>What it means, in a sentence; empty where its label says it.</summary>
    public string Help { get; init; } = "";

    /// <summary>When a screen shows it; null for always.</summary>
    public ShownWhen? ShownWhen { get; init; }

    /// <summary>What of it makes an ask lighter to reckon, such as <c>fewer tucks</c>; empty where it hardly weighs.</summary>
    public string Eases { get; init; } = "";

    /// <summary>Whether it is an edge, whose length another piece can give.</summary>
    public bool IsEdge { get; init; }

    /// <summary>Whether it is the same for a piece that is sewn to this edge, as what cloth says of itself is.</summary>
    public bool ComesAlong { get; init; }

    /// <summary>Where a thing of the drawer says it, such as <c>cloth.usableWidth</c>; empty where none does.</summary>
    public string From { get; init; } = "";
}

/// <summary>That another field says something, or does not.</summary>
/// <param name="Field">The other field.</param>
/// <param name="Is">What it says; <c>true</c> for a yes.</param>
/// <param name="Not">Whether it must not say that.</param>
public sealed record ShownWhen(string Field, string Is, bool Not = false)
{
    /// <summary>What else it may say.</summary>
    public IReadOnlyList<string> Or { get; init; } = [];

    /// <summary>What has to hold beside it; null where nothing else has to.</summary>
    public ShownWhen? And { get; init; }
}

/// <summary>A length, or several that are added up.</summary>
/// <param name="Least">Anything shorter is refused.</param>
/// <param name="Most">Anything longer is refused.</param>
/// <param name="Start">What a new ask begins with; null when the person has to say.</param>
/// <param name="Kind">How it is rounded when it is shown.</param>
public sealed record LengthField(
    string Name,
    string Label,
    Length Least,
    Length Most,
    Length? Start = null,
    LengthKind Kind = LengthKind.Marked,
    bool IsNeeded = true
) : Field(Name, Label, IsNeeded)
{
    /// <summary>What parts two lengths that are said in one, of which this is the first; empty where they never are.</summary>
    public string IsSplitAt { get; init; } = "";

    /// <summary>A length whose bounds are told in mm.</summary>
    /// <param name="least">In mm.</param>
    /// <param name="most">In mm.</param>
    /// <param name="start">In mm; null when the person has to say.</param>
    public static LengthField Mm(
        string name,
        string label,
        double least,
        double most,
        double? start = null
    ) =>
        new LengthField(
            name,
            label,
            Length.FromMillimetres(least),
            Length.FromMillimetres(most),
            start is { } mm ? Length.FromMillimetres(mm) : null
        );

    /// <summary>A small length, as read off a gauge or a dial; else as <see cref="Mm"/>.</summary>
    public static LengthField Fine(
        string name,
        string label,
        double least,
        double most,
        double? start = null
    ) => Mm(name, label, least, most, start) with { Kind = LengthKind.Fine };
}

/// <summary>Several lengths, kept apart: readings of one thing, or pieces one after another.</summary>
public sealed record LengthsField(
    string Name,
    string Label,
    Length Most,
    int MostReadings = 20,
    bool IsNeeded = true
) : Field(Name, Label, IsNeeded)
{
    /// <summary>How they are written: small ones in mm, whatever the units.</summary>
    public LengthKind Kind { get; init; } = LengthKind.Marked;
}

/// <summary>A plain number.</summary>
public sealed record NumberField(
    string Name,
    string Label,
    double Least,
    double Most,
    double? Start = null,
    bool IsNeeded = true
) : Field(Name, Label, IsNeeded)
{
    /// <summary>Figures that are chosen by a word rather than typed; empty where it is typed.</summary>
    public IReadOnlyList<Choice> Words { get; init; } = [];

    /// <summary>What stands after the figure, or empty.</summary>
    public string Unit { get; init; } = "";

    /// <summary>Whether it counts things: a fraction is refused.</summary>
    public bool IsWhole { get; init; }

    /// <summary>How far one press of an arrow key turns it.</summary>
    public double Step { get; init; } = 1;
}

/// <summary>Whole numbers in their order, such as 3 + 5 + 3: a list, or a text with anything but digits between them.</summary>
/// <param name="Least">Any that is less is refused.</param>
/// <param name="Most">Any that is more is refused.</param>
/// <param name="MostCounts">A longer list is refused.</param>
public sealed record CountsField(
    string Name,
    string Label,
    int Least,
    int Most,
    int MostCounts = 40
) : Field(Name, Label, false);

/// <summary>Yes or no; no when it is not said.</summary>
public sealed record FlagField(string Name, string Label, bool Start = false)
    : Field(Name, Label, false)
{
    /// <summary>The word for no.</summary>
    public string No { get; init; } = "no";

    /// <summary>The word for yes.</summary>
    public string Yes { get; init; } = "yes";
}

/// <summary>One of several ways.</summary>
/// <param name="Name">Its name in the API.</param>
/// <param name="Label">Its name on the screen.</param>
/// <param name="Follows">What follows from choosing it.</param>
public sealed record Choice(string Name, string Label, string Follows);

/// <summary>One of a list of choices.</summary>
/// <param name="Start">The name of the choice a new ask begins with.</param>
public sealed record ChoiceField(
    string Name,
    string Label,
    IReadOnlyList<Choice> Choices,
    string? Start = null,
    bool IsNeeded = true
) : Field(Name, Label, IsNeeded);

/// <summary>Any number of a list of choices.</summary>
public sealed record ChoicesField(string Name, string Label, IReadOnlyList<Choice> Choices)
    : Field(Name, Label, false);

/// <summary>A colour, as <c>#1a2b3c</c>.</summary>
public sealed record ColourField(string Name, string Label) : Field(Name, Label, false);

/// <summary>The name of something, in a few words.</summary>
public sealed record NameField(string Name, string Label) : Field(Name, Label, false)
{
    /// <summary>A longer one is refused.</summary>
    public const int Most = 120;

    /// <summary>The kind of thing of the drawer that it names; empty where it names anything.</summary>
    public string Of { get; init; } = "";
}

/// <summary>Several fields under one name.</summary>
/// <param name="Fields">What the group may say.</param>
public sealed record GroupField(
    string Name,
    string Label,
    IReadOnlyList<Field> Fields,
    bool IsNeeded = true
) : Field(Name, Label, IsNeeded);

/// <summary>A list of groups of the same fields, such as samples.</summary>
/// <param name="Fields">What each group may say.</param>
/// <param name="Most">A longer list is refused.</param>
public sealed record GroupsField(string Name, string Label, IReadOnlyList<Field> Fields, int Most)
    : Field(Name, Label, false)
{
    /// <summary>Whether they are the parts of a line, each of one kind, that are put together on the drawing.</summary>
    public bool IsLine { get; init; }
}

/// <summary>Lines or outlines as SVG path data, in mm: what is read from a file.</summary>
/// <param name="AreOutlines">Whether each has to be closed, and may not cross itself.</param>
public sealed record PathDataField(string Name, string Label, bool AreOutlines)
    : Field(Name, Label, false)
{
    /// <summary>Longer data is refused.</summary>
    public const int MostLetters = 200_000;

    /// <summary>Ends that lie no further apart than this meet, in mm.</summary>
    public const double Meeting = 0.5;
}
