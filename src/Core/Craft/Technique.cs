using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.PullUp;

namespace ZephyrReach.Core.Craft;

/// <summary>Either an answer or what is wrong with the ask.</summary>
/// <param name="Answer">The answer; null when there are errors.</param>
/// <param name="Errors">What is wrong, by field; empty when there is an answer.</param>
public readonly record struct Outcome(Reckoning? Answer, IReadOnlyList<FieldError> Errors);

/// <summary>One question that a technique answers, such as the straight one or one of its turned-round forms.</summary>
/// <param name="Name">Its name in the address; empty for the straight form.</param>
/// <param name="Title">What it answers, in a few words.</param>
/// <param name="Fields">What an ask may say.</param>
/// <param name="Figures">What an answer tells.</param>
/// <param name="Example">An ask that is answered, from the demonstration scenario.</param>
/// <param name="Work">Reads and reckons; returns null when the reader has errors.</param>
public sealed record Form(
    string Name,
    string Title,
    IReadOnlyList<Field> Fields,
    IReadOnlyList<Figure> Figures,
    RawAsk Example,
    Func<AskReader, Reckoning?> Work
)
{
    /// <summary>Answers an ask. Never throws for what the ask says.</summary>
    public Outcome Reckon(RawAsk ask, Ruler ruler)
    {
        var reader = new AskReader(ask, ruler);
        var answer = Work(reader);
        return reader.Errors.Count > 0 ? new Outcome(null, reader.Errors) : new Outcome(answer, []);
    }

    /// <summary>
    /// What is wrong with an ask that is still being written: fields that are missing or contradict each other are
    /// not errors yet.
    /// </summary>
    public IReadOnlyList<FieldError> CheckUnfinished(RawAsk ask, Ruler ruler) =>
        [.. Reckon(ask, ruler).Errors.Where(e => e.Refusal == Refusal.Unusable)];
}

/// <summary>A technique of the craft: everything the rest of the program needs to know of it.</summary>
/// <param name="Name">Its name in addresses and in the store, such as <c>pulled-gathers</c>.</param>
/// <param name="Title">Its name on the screen.</param>
/// <param name="Says">What it makes, in a sentence.</param>
/// <param name="SchemaVersion">Rises when stored asks need changing.</param>
/// <param name="Straight">From the wanted piece to what is cut.</param>
/// <param name="Turned">The same turned round, and the questions asked on the way.</param>
/// <param name="Scale">A drawing of the technique's main figure from least to most, for choosing by eye.</param>
/// <param name="Compare">A later plan against what was cut by an earlier one; null when either reader has errors.</param>
/// <param name="Portrait">An answer in two figures, for a list; null while there is no answer.</param>
/// <param name="Family">How the machine makes the fullness, where measured samples say how much; null where hands set it.</param>
public sealed record Technique(
    string Name,
    string Title,
    string Says,
    int SchemaVersion,
    Form Straight,
    IReadOnlyList<Form> Turned,
    Drawing Scale,
    Func<AskReader, AskReader, Comparison?> Compare,
    Func<Reckoning?, Portrait?> Portrait,
    PullUpFamily? Family = null
)
{
    /// <summary>Finds a form by its name in the address; the empty name is the straight form.</summary>
    public Form? FormNamed(string name) =>
        name.Length == 0 ? Straight : Turned.FirstOrDefault(f => f.Name == name);
}

/// <summary>A piece in two figures: how long its edge, and how full it comes out; and what it uses up.</summary>
/// <param name="Cloth">The cloth that is cut for it.</param>
/// <param name="Thread">The thread that is sewn into it.</param>
public sealed record Portrait(Length Edge, double Fullness, Length Cloth, Length Thread);

/// <summary>The techniques that the program knows: one line each.</summary>
public static class Techniques
{
    public static IReadOnlyList<Technique> All { get; } =
    [
        PulledGathers.PulledGathersTechnique.Technique,
        MachineGathers.MachineGathersTechnique.GatheringFoot,
        MachineGathers.MachineGathersTechnique.Overlock,
        TuckedRuffle.TuckedRuffleTechnique.Technique,
        Shirring.ShirringTechnique.Technique,
    ];

    /// <summary>Finds a technique by its name; null when there is none.</summary>
    public static Technique? Named(string name) => All.FirstOrDefault(t => t.Name == name);
}

/// <summary>Questions that belong to no one technique, one line each; reckoned as a technique is.</summary>
public static class Questions
{
    public static IReadOnlyList<Form> All { get; } =
    [Swatches.PullUp.PullUpQuestion.Form, WhichWay.WhichWayQuestion.Form];

    /// <summary>Finds a question by its name; null when there is none.</summary>
    public static Form? Named(string name) => All.FirstOrDefault(f => f.Name == name);
}
