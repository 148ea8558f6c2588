using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Craft.Terms;

/// <summary>A drawing, and what of it matters; null where all of it does.</summary>
public sealed record TermPicture(Drawing Drawing, Moment? Moment);

/// <summary>A word of the craft, with a picture from what the program draws anyway.</summary>
/// <param name="Name">As it stands on the screens, beginning with a small letter.</param>
/// <param name="Says">What it means, in a sentence or two.</param>
/// <param name="Draw">Draws it, in the units of a ruler.</param>
public sealed record Term(string Name, string Says, Func<Ruler, TermPicture> Draw)
{
    /// <summary>Other words that find it.</summary>
    public IReadOnlyList<string> Also { get; init; } = [];

    /// <summary>What a technique makes, in small.</summary>
    public static Func<Ruler, TermPicture> Made(string technique) =>
        _ => new(Of(technique).Mark, null);

    /// <summary>A drawing of the example that a technique has.</summary>
    public static Func<Ruler, TermPicture> Planned(string technique, string drawing) =>
        ruler => new(Drawn(Example(technique, ruler), ruler, drawing), null);

    /// <summary>A step of the example that a technique has, with what matters at it.</summary>
    public static Func<Ruler, TermPicture> Step(string technique, string key) =>
        ruler =>
        {
            var example = Example(technique, ruler);
            var moment = example.Steps(ruler).First(s => s.Key == key).Picture;
            return new(Drawn(example, ruler, moment.Drawing), moment);
        };

    /// <summary>A usual thing of those that can be owned.</summary>
    public static Func<Ruler, TermPicture> Owned(string kind, string starter) =>
        ruler =>
        {
            var known = ThingKinds.Named(kind)!;
            var thing = known.Read(
                new InputReader(known.Starters.First(s => s.Name == starter).Properties, ruler)
            );
            return new(known.Draw!(thing), null);
        };

    private static Process Of(string technique) => Techniques.WorkingOf(technique)!;

    private static Result Example(string technique, Ruler ruler)
    {
        var form = Of(technique).Forward;
        return form.Compute(form.Example, ruler).Answer!;
    }

    private static Drawing Drawn(Result example, Ruler ruler, string drawing) =>
        example.Drawings(ruler).First(d => d.Name == drawing);
}
