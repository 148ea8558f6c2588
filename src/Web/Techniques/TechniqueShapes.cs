using System.Text.Json;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Techniques;

/// <summary>A technique in a list, to be chosen by its look.</summary>
/// <param name="Also">Other words that find it.</param>
/// <param name="FirstField">The field that a new one still misses.</param>
/// <param name="Learns">Whether it predicts from what swatches teach.</param>
/// <param name="Mark">A small drawing of what it makes.</param>
public sealed record TechniqueInList(
    string Name,
    string Title,
    string Short,
    IReadOnlyList<string> Also,
    Category Kin,
    string Says,
    string Begin,
    string FirstField,
    bool Learns,
    JsonElement Mark
)
{
    public static TechniqueInList Of(Technique t, Ruler ruler) =>
        new(
            t.Name,
            t.Title,
            t.Short,
            t.Also,
            t.Kin,
            t.Says,
            t.Process!.Begin,
            t.Process.First.Field,
            t.Process.Swatch.Learns,
            CraftJson.Of(t.Process.Mark, ruler)
        );
}

/// <summary>Fields in the order they are asked.</summary>
/// <param name="When">first, machine or folded.</param>
public sealed record GroupOut(Asking When, string Title, IReadOnlyList<string> Fields);

/// <summary>A stage that a technique goes through.</summary>
/// <param name="Ends">What ends it.</param>
public sealed record StageOut(string Name, string Title, string Ends);

/// <summary>Something that swatches teach.</summary>
public sealed record LessonOut(string Name, string Title, bool Simulated);

/// <summary>What a swatch of a technique measures, and what it teaches.</summary>
/// <param name="Fields">What its judging form takes.</param>
/// <param name="Features">The settings that are kept with one as figures.</param>
/// <param name="Learns">Whether its forms predict from what swatches teach.</param>
/// <param name="OfPiece">Of the finished piece, settings that are figures of its plan: by the names of both.</param>
public sealed record SwatchOfOut(
    IReadOnlyList<FieldOut> Readings,
    string Against,
    IReadOnlyList<FieldOut> Fields,
    IReadOnlyList<string> Features,
    IReadOnlyList<Control> Knobs,
    IReadOnlyList<LessonOut> Teaches,
    bool Learns,
    IReadOnlyDictionary<string, string> OfPiece
);

/// <summary>One technique: everything that its screens are made of.</summary>
/// <param name="Either">Two fields for one thing, of which only one is said.</param>
/// <param name="Uses">Kinds of things that are chosen for it in Set up, beside the machine.</param>
/// <param name="Scale">A drawing of its main figure from least to most; null where there is none.</param>
/// <param name="HasLines">Whether it has a line or outlines that can be taken out as a file.</param>
/// <param name="HasGuide">Whether something is marked on the cloth that a paper at true size shows.</param>
public sealed record TechniqueOut(
    string Name,
    string Title,
    string Says,
    IReadOnlyList<FieldOut> Fields,
    IReadOnlyList<GroupOut> Groups,
    FirstQuestion First,
    IReadOnlyList<string> Either,
    IReadOnlyList<Inverse> Allows,
    IReadOnlyList<StageOut> Stages,
    IReadOnlyList<string> Uses,
    SwatchOfOut Swatch,
    JsonElement? Scale,
    bool HasGuide,
    bool HasLines
)
{
    public static TechniqueOut Of(Technique t, Ruler ruler)
    {
        var w = t.Process!;
        var plan = w.Forward.Compute(w.Forward.Example, ruler).Answer as WorkPlan;
        return new(
            t.Name,
            t.Title,
            t.Says,
            FieldOut.All(w.Forward.Fields, ruler),
            [.. w.Groups.Select(g => new GroupOut(g.When, g.Title, g.Fields))],
            w.First,
            w.Either,
            w.Allows,
            [.. w.Stages.Select(s => new StageOut(s.Stage.Name(), s.Stage.Title(), s.Ends))],
            w.Uses,
            new SwatchOfOut(
                FieldOut.All(w.Swatch.Readings, ruler),
                w.Swatch.Against,
                FieldOut.All(w.CalculationNamed(SwatchOf.FormName)!.Fields, ruler),
                [.. w.Swatch.Features.Select(f => f.Name)],
                w.Swatch.Knobs,
                [
                    .. w.Swatch.Teaches.Select(l => new LessonOut(
                        l.Name,
                        l.Title,
                        l.Sew is not null
                    )),
                ],
                w.Swatch.Learns,
                w.Swatch.OfPiece
            ),
            w.Scale is { } scale ? CraftJson.Of(scale, ruler) : null,
            plan?.Guide is not null,
            plan?.Traces.Count > 0
        );
    }
}

/// <summary>What a question that belongs to no one technique asks.</summary>
public sealed record QuestionOut(string Name, string Title, IReadOnlyList<FieldOut> Fields);

/// <summary>A card: what it may be told, and what is looked for on its swatch.</summary>
public sealed record CardOfOut(
    string Name,
    string Title,
    string Says,
    IReadOnlyList<FieldOut> Fields,
    IReadOnlyList<Choice> Looks
)
{
    public static CardOfOut Of(CardTechnique t, Ruler ruler) =>
        new(
            t.Name,
            t.Title,
            t.Says,
            FieldOut.All(t.AllFields, ruler),
            [.. t.Looks.Select(l => l.Choice)]
        );
}
