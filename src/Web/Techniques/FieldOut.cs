using System.Text.Json.Serialization;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Web.Techniques;

/// <summary>A field, so that a screen can be made of it. What does not belong to its kind is left out.</summary>
/// <param name="Kind">length, fine, lengths, counts, number, flag, choice, choices, colour, name, path, outline, group, groups or line.</param>
/// <param name="Start">What a new ask begins with, a length as it is said in the units asked for: a text, a number, or yes or no.</param>
/// <param name="Usual">Of a length, what is taken where it is not said.</param>
/// <param name="Choices">The choices; of a number, figures that are chosen by a word.</param>
/// <param name="No">The word for no.</param>
/// <param name="Fields">What a group, or each of several, may say.</param>
/// <param name="ShownWhen">When it is shown; left out for always.</param>
/// <param name="IsEdge">Whether it is an edge, whose length another piece can give.</param>
/// <param name="ComesAlong">Whether it is the same for a piece that is sewn to its edge.</param>
/// <param name="From">Where a thing of the drawer says it, such as <c>cloth.usableWidth</c>; or empty.</param>
/// <param name="Names">Of a name, the kind of thing that it names; left out where it names anything.</param>
public sealed record FieldOut(
    string Name,
    string Label,
    string Says,
    string Kind,
    bool IsNeeded,
    bool IsEdge,
    bool ComesAlong,
    string From,
    ShownWhen? ShownWhen = null,
    object? Start = null,
    string? Usual = null,
    double? Least = null,
    double? Most = null,
    double? Step = null,
    string? Unit = null,
    string? No = null,
    string? Yes = null,
    IReadOnlyList<Choice>? Choices = null,
    string? Names = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
        IReadOnlyList<FieldOut>? Fields = null
)
{
    public static IReadOnlyList<FieldOut> All(IReadOnlyList<Field> fields, Ruler ruler) =>
        [.. fields.Select(f => Of(f, ruler))];

    private static FieldOut Of(Field field, Ruler ruler)
    {
        var plain = new FieldOut(
            field.Name,
            field.Label,
            field.Help,
            "",
            field.IsNeeded,
            field.IsEdge,
            field.ComesAlong,
            field.From,
            field.ShownWhen
        );
        return field switch
        {
            LengthField f => plain with
            {
                Kind = f.Kind == LengthKind.Fine ? "fine" : "length",
                Start = f.Start is { } start ? Begun(start, f, ruler) : null,
                Usual = f.Start is { } usual ? ruler.Write(usual, f.Kind) : null,
            },
            CountsField f => plain with { Kind = "counts", Least = f.Least, Most = f.Most },
            LengthsField f => plain with { Kind = "lengths", Most = f.MostReadings },
            NumberField f => plain with
            {
                Kind = "number",
                Start = f.Start,
                Least = f.Least,
                Most = f.Most,
                Step = f.Step,
                Unit = f.Unit,
                Choices = f.Words,
            },
            FlagField f => plain with { Kind = "flag", Start = f.Start, No = f.No, Yes = f.Yes },
            ChoiceField f => plain with { Kind = "choice", Start = f.Start, Choices = f.Choices },
            ChoicesField f => plain with { Kind = "choices", Choices = f.Choices },
            ColourField => plain with { Kind = "colour" },
            NameField f => plain with { Kind = "name", Names = f.Of.Length > 0 ? f.Of : null },
            PathDataField f => plain with { Kind = f.AreOutlines ? "outline" : "path" },
            GroupField f => plain with { Kind = "group", Fields = All(f.Fields, ruler) },
            GroupsField f => plain with
            {
                Kind = f.IsLine ? "line" : "groups",
                Fields = All(f.Fields, ruler),
                Most = f.Most,
            },
            _ => throw new InvalidOperationException($"{field.GetType().Name} has no description."),
        };
    }

    private static string Begun(Length start, LengthField field, Ruler ruler)
    {
        var said = field.Kind == LengthKind.Fine ? start : ruler.Said(start);
        // What is too small for a fraction is said as it is.
        return said == start
                ? ruler.Write(
                    start,
                    ruler.Units == UnitSystem.Imperial ? LengthKind.Fine : field.Kind
                )
            : said >= field.Least && said <= field.Most ? ruler.Write(said, LengthKind.Marked)
            : ruler.Write(start, field.Kind);
    }
}
