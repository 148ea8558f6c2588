using System.Buffers;
using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Documents;

/// <summary>
/// Describes the reckoning routes in the OpenAPI document, from what each technique says of itself: one path a form,
/// with the schema of its ask and answer, and an example of both.
/// </summary>
public sealed class CraftDocument : IOpenApiDocumentTransformer
{
    public Task TransformAsync(
        OpenApiDocument document,
        OpenApiDocumentTransformerContext context,
        CancellationToken cancellationToken
    )
    {
        document.Info.Title = "Zephyr Reach";
        document.Info.Version = "1";
        document.Info.Description =
            "Measuring, arithmetic and remembering for the sewing table. Lengths go in as mm or as a text with a unit, and come out "
            + "as mm and text.";
        document.Servers = [];
        foreach (var technique in Core.Craft.Techniques.All)
        {
            Add(document, $"/api/reckon/{technique.Name}", technique.Straight, "Reckoning", true);
            foreach (var form in technique.Turned)
            {
                Add(
                    document,
                    $"/api/reckon/{technique.Name}/{form.Name}",
                    form,
                    "Reckoning",
                    false
                );
            }
        }
        foreach (var question in Questions.All)
        {
            Add(document, $"/api/reckon/{question.Name}", question, "Reckoning", true);
        }
        foreach (var technique in CardTechniques.All)
        {
            AddCard(document, technique);
        }
        AddFitExample(document);
        return Task.CompletedTask;
    }

    /// <summary>A technique's card: its own fields, and things of the drawer by id or by what is known of them.</summary>
    private static void AddCard(OpenApiDocument document, CardTechnique technique)
    {
        var asked = new JsonObject
        {
            ["machine"] = new JsonObject
            {
                ["name"] = "window machine",
                ["kind"] = technique.NeedsOverlocker ? "overlocker" : "home",
                ["widestStitch"] = "7 mm",
                ["longestStitch"] = "5 mm",
                ["normalTension"] = 4,
            },
            ["clothWeight"] = 140,
        };
        var fields = FieldsSchema(technique.AllFields);
        foreach (var kind in new[] { "machine", "cloth", "thread", "elastic" })
        {
            fields.Properties![kind] = new OpenApiSchema
            {
                Description =
                    $"A {kind}: its id in the drawer, or an object of what is known of it.",
                OneOf = [Of(JsonSchemaType.String), Of(JsonSchemaType.Object)],
            };
        }
        var answer = AnswerSchema(SettingsCard.Figures);
        document.Paths![$"/api/card/{technique.Name}"] = new OpenApiPathItem
        {
            Operations = new Dictionary<HttpMethod, OpenApiOperation>
            {
                [HttpMethod.Post] = Operation(
                    document,
                    $"What to set for: {technique.Title}.",
                    "Card",
                    (fields, asked),
                    (answer, null)
                ),
            },
        };
    }

    private static void AddFitExample(OpenApiDocument document)
    {
        var fit = document.Paths!["/api/fit"].Operations![HttpMethod.Post];
        var body = fit.RequestBody!.Content!["application/json"]!;
        body!.Example = JsonNode.Parse(
            """
            {"machine":{"mounts":["low-shank","snap-on"],"widestStitch":"7 mm","plateOpening":"8 mm"},
            "foot":{"mount":"snap-on","opening":"7 mm"},"needle":{"size":90,"twinSpacing":"4 mm"},"width":"3 mm"}
            """
        );
    }

    private static void Add(
        OpenApiDocument document,
        string path,
        Form form,
        string tag,
        bool withParts
    )
    {
        var answer = form.Reckon(form.Example, Ruler.Metric).Answer!;
        var operation = Operation(
            document,
            form.Title,
            tag,
            (FieldsSchema(form.Fields), Example(json => AskJson.Write(json, form.Example))),
            (
                AnswerSchema(form.Figures),
                JsonSerializer.SerializeToNode(
                    AnswerJson.Of(answer, form, form.Example, Ruler.Metric)
                )
            )
        );
        if (withParts)
        {
            operation.Parameters!.Add(
                Query("with", "Any of working, drawings, steps, understood, separated by commas.")
            );
        }
        document.Paths ??= [];
        document.Paths[path] = new OpenApiPathItem
        {
            Operations = new Dictionary<HttpMethod, OpenApiOperation>
            {
                [HttpMethod.Post] = operation,
            },
        };
    }

    private static OpenApiOperation Operation(
        OpenApiDocument document,
        string summary,
        string tag,
        (OpenApiSchema Schema, JsonNode Example) ask,
        (OpenApiSchema Schema, JsonNode? Example) answer
    ) =>
        new()
        {
            Summary = summary,
            Tags = new HashSet<OpenApiTagReference> { new(tag, document) },
            Parameters = [Query("units", "metric or imperial; else the workroom's own.")],
            RequestBody = new OpenApiRequestBody
            {
                Required = true,
                Content = new Dictionary<string, OpenApiMediaType>
                {
                    ["application/json"] = new() { Schema = ask.Schema, Example = ask.Example },
                },
            },
            Responses = new OpenApiResponses
            {
                ["200"] = new OpenApiResponse
                {
                    Description = "The answer.",
                    Content = new Dictionary<string, OpenApiMediaType>
                    {
                        ["application/json"] = new()
                        {
                            Schema = answer.Schema,
                            Example = answer.Example,
                        },
                    },
                },
                ["400"] = new OpenApiResponse
                {
                    Description = "Some fields cannot be used; errors names each.",
                },
                ["413"] = new OpenApiResponse { Description = "The body is over 64 kB." },
                ["415"] = new OpenApiResponse { Description = "The body is not JSON." },
            },
        };

    private static OpenApiParameter Query(string name, string says) =>
        new()
        {
            Name = name,
            In = ParameterLocation.Query,
            Description = says,
            Schema = new OpenApiSchema { Type = JsonSchemaType.String },
        };

    private static OpenApiSchema FieldsSchema(IReadOnlyList<Field> fields) =>
        new()
        {
            Type = JsonSchemaType.Object,
            Properties = fields.ToDictionary(f => f.Name, f => (IOpenApiSchema)FieldSchema(f)),
            Required = fields.Where(f => f.IsNeeded).Select(f => f.Name).ToHashSet(),
        };

    private static OpenApiSchema FieldSchema(Field field)
    {
        var schema = field switch
        {
            LengthField => new OpenApiSchema
            {
                OneOf = [Of(JsonSchemaType.Number), Of(JsonSchemaType.String), ListOf(LengthIn())],
            },
            LengthsField => ListOf(LengthIn()),
            NumberField number => new OpenApiSchema
            {
                Type = JsonSchemaType.Number,
                Minimum = FormattableString.Invariant($"{number.Least}"),
                Maximum = FormattableString.Invariant($"{number.Most}"),
            },
            FlagField => Of(JsonSchemaType.Boolean),
            ChoiceField choice => OneOfThese(choice.Choices),
            ChoicesField choices => ListOf(OneOfThese(choices.Choices)),
            ColourField => Of(JsonSchemaType.String),
            GroupField group => FieldsSchema(group.Fields),
            GroupsField groups => ListOf(FieldsSchema(groups.Fields)),
            _ => throw new InvalidOperationException($"{field.GetType().Name} has no schema."),
        };
        schema.Description = field.Says;
        return schema;
    }

    private static OpenApiSchema AnswerSchema(IReadOnlyList<Figure> figures)
    {
        var schema = FiguresSchema(figures);
        schema.Properties!["findings"] = ListOf(
            new OpenApiSchema
            {
                Type = JsonSchemaType.Object,
                Required = new HashSet<string> { "code", "severity", "says", "because", "remedy" },
                Properties = new Dictionary<string, IOpenApiSchema>
                {
                    ["code"] = Of(JsonSchemaType.String),
                    ["severity"] = new OpenApiSchema
                    {
                        Type = JsonSchemaType.String,
                        Enum = ["stop", "care", "note"],
                    },
                    ["says"] = Of(JsonSchemaType.String),
                    ["because"] = Of(JsonSchemaType.String),
                    ["remedy"] = Of(JsonSchemaType.String),
                },
            }
        );
        schema.Required!.Add("findings");
        return schema;
    }

    private static OpenApiSchema FiguresSchema(IReadOnlyList<Figure> figures) =>
        new()
        {
            Type = JsonSchemaType.Object,
            Properties = figures.ToDictionary(f => f.Name, f => (IOpenApiSchema)FigureSchema(f)),
            Required = figures.Where(f => f.IsAlways).Select(f => f.Name).ToHashSet(),
        };

    private static OpenApiSchema FigureSchema(Figure figure)
    {
        var schema = figure.Shape switch
        {
            FigureShape.Length => LengthOut(),
            FigureShape.Lengths => ListOf(LengthOut()),
            FigureShape.Count => Of(JsonSchemaType.Integer),
            FigureShape.Counts => ListOf(Of(JsonSchemaType.Integer)),
            FigureShape.Ratio => Of(JsonSchemaType.Number),
            FigureShape.Flag => Of(JsonSchemaType.Boolean),
            FigureShape.Text => Of(JsonSchemaType.String),
            FigureShape.Table => ListOf(FiguresSchema(figure.Inner ?? [])),
            _ => FiguresSchema(figure.Inner ?? []),
        };
        schema.Description = figure.Says;
        return schema;
    }

    private static OpenApiSchema LengthIn() =>
        new() { OneOf = [Of(JsonSchemaType.Number), Of(JsonSchemaType.String)] };

    private static OpenApiSchema LengthOut() =>
        new()
        {
            Type = JsonSchemaType.Object,
            Required = new HashSet<string> { "mm", "text" },
            Properties = new Dictionary<string, IOpenApiSchema>
            {
                ["mm"] = Of(JsonSchemaType.Number),
                ["text"] = Of(JsonSchemaType.String),
            },
        };

    private static OpenApiSchema Of(JsonSchemaType type) => new() { Type = type };

    private static OpenApiSchema ListOf(OpenApiSchema items) =>
        new() { Type = JsonSchemaType.Array, Items = items };

    private static OpenApiSchema OneOfThese(IReadOnlyList<Choice> choices) =>
        new() { Type = JsonSchemaType.String, Enum = [.. choices.Select(c => (JsonNode)c.Name)] };

    private static JsonNode Example(Action<Utf8JsonWriter> write)
    {
        var buffer = new ArrayBufferWriter<byte>();
        using (var json = new Utf8JsonWriter(buffer))
        {
            write(json);
        }
        return JsonNode.Parse(buffer.WrittenSpan)!;
    }
}
