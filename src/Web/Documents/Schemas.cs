using System.Text.Json.Nodes;
using Microsoft.OpenApi;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Web.Documents;

/// <summary>The schemas of fields and figures. What several forms ask or tell alike is described once, under its name.</summary>
internal sealed class Schemas(OpenApiDocument document)
{
    private readonly Dictionary<string, string> known = [];

    /// <summary>What a form is asked.</summary>
    /// <param name="things">Kinds of things that it takes as well: an id in the drawer, or what is known of one.</param>
    public IOpenApiSchema Asked(
        string name,
        IReadOnlyList<Field> fields,
        IReadOnlyList<string>? things = null
    )
    {
        var schema = Asked(fields);
        foreach (var thing in things ?? [])
        {
            schema.Properties![thing] = Named(
                "Thing",
                new OpenApiSchema
                {
                    Description =
                        "A thing: its id in your supplies, or an object of what is known of it.",
                    OneOf = [Of(JsonSchemaType.String), Of(JsonSchemaType.Object)],
                }
            );
        }
        return Named(name, schema);
    }

    /// <summary>What an answer tells, with what was noticed.</summary>
    public IOpenApiSchema Told(string name, IReadOnlyList<Figure> figures)
    {
        var schema = ToldAlone(figures);
        var finding = Texts("code", "severity", "says", "because", "remedy");
        // What the remedy changes: left out where a hand has to do it.
        finding.Properties!["cure"] = Named("Cure", Texts("field", "value"));
        schema.Properties!["findings"] = ListOf(Named("Finding", finding));
        schema.Required!.Add("findings");
        return Named(name, schema);
    }

    public static OpenApiSchema Of(JsonSchemaType type) => new() { Type = type };

    private static OpenApiSchema Texts(params string[] names) =>
        new()
        {
            Type = JsonSchemaType.Object,
            Properties = names.ToDictionary(n => n, _ => (IOpenApiSchema)Of(JsonSchemaType.String)),
            Required = names.ToHashSet(),
        };

    private OpenApiSchema Asked(IReadOnlyList<Field> fields) =>
        new()
        {
            Type = JsonSchemaType.Object,
            Properties = fields.ToDictionary(f => f.Name, Asked),
            Required = fields.Where(f => f.IsNeeded).Select(f => f.Name).ToHashSet(),
        };

    private IOpenApiSchema Asked(Field field)
    {
        var schema = field switch
        {
            LengthField => new OpenApiSchema { AllOf = [LengthSum()] },
            LengthsField => ListOf(LengthIn()),
            CountsField => ListOf(Of(JsonSchemaType.Integer)),
            NumberField number => new OpenApiSchema
            {
                Type = JsonSchemaType.Number,
                Minimum = FormattableString.Invariant($"{number.Least}"),
                Maximum = FormattableString.Invariant($"{number.Most}"),
            },
            FlagField => Of(JsonSchemaType.Boolean),
            ChoiceField choice => OneOfThese(choice.Choices),
            ChoicesField choices => ListOf(OneOfThese(choices.Choices)),
            ColourField or NameField or PathDataField => Of(JsonSchemaType.String),
            GroupField group => Asked(group.Fields),
            GroupsField groups => ListOf(Asked(groups.Fields)),
            _ => throw new InvalidOperationException($"{field.GetType().Name} has no schema."),
        };
        schema.Description = field.Help;
        return Named(field.Name, schema);
    }

    private OpenApiSchema ToldAlone(IReadOnlyList<Figure> figures) =>
        new()
        {
            Type = JsonSchemaType.Object,
            Properties = figures.ToDictionary(f => f.Name, Told),
            Required = figures.Where(f => f.IsAlways).Select(f => f.Name).ToHashSet(),
        };

    private IOpenApiSchema Told(Figure figure)
    {
        if (figure.Shape == FigureShape.Length)
        {
            return new OpenApiSchemaReference("LengthOut", document) { Description = figure.Says };
        }
        var schema = figure.Shape switch
        {
            FigureShape.Lengths => ListOf(new OpenApiSchemaReference("LengthOut", document)),
            FigureShape.Count => Of(JsonSchemaType.Integer),
            FigureShape.Counts => ListOf(Of(JsonSchemaType.Integer)),
            FigureShape.Ratio => Of(JsonSchemaType.Number),
            FigureShape.Flag => Of(JsonSchemaType.Boolean),
            FigureShape.Text => Of(JsonSchemaType.String),
            FigureShape.Lines => ListOf(ListOf(ListOf(Of(JsonSchemaType.Number)))),
            FigureShape.Table => ListOf(ToldAlone(figure.Inner)),
            _ => ToldAlone(figure.Inner),
        };
        schema.Description = figure.Says;
        // A plain figure is shorter than a reference to it.
        return figure.Inner.Count == 0 ? schema : Named(figure.Name, schema);
    }

    private IOpenApiSchema LengthIn() =>
        Named(
            "LengthIn",
            new OpenApiSchema
            {
                Description = "mm, or a text with a unit.",
                OneOf = [Of(JsonSchemaType.Number), Of(JsonSchemaType.String)],
            }
        );

    private IOpenApiSchema LengthSum() =>
        Named(
            "LengthSum",
            new OpenApiSchema
            {
                Description = "A length; several in a list are added up.",
                OneOf = [LengthIn(), ListOf(LengthIn())],
            }
        );

    /// <summary>A schema under a name; two that differ get two names.</summary>
    private OpenApiSchemaReference Named(string name, OpenApiSchema schema)
    {
        var text = name + Text(schema);
        if (!known.TryGetValue(text, out var as_))
        {
            var all = document.Components!.Schemas!;
            as_ = name;
            for (var i = 2; all.ContainsKey(as_); i++)
            {
                as_ = $"{name}{i}";
            }
            known[text] = as_;
            all[as_] = schema;
        }
        return new OpenApiSchemaReference(as_, document);
    }

    private static string Text(OpenApiSchema schema)
    {
        using var text = new StringWriter();
        schema.SerializeAsV31(new OpenApiJsonWriter(text, new() { Terse = true }));
        return text.ToString();
    }

    private static OpenApiSchema ListOf(IOpenApiSchema items) =>
        new() { Type = JsonSchemaType.Array, Items = items };

    private static OpenApiSchema OneOfThese(IReadOnlyList<Choice> choices) =>
        new() { Type = JsonSchemaType.String, Enum = [.. choices.Select(c => (JsonNode)c.Name)] };
}
