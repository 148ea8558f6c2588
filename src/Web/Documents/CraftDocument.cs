using System.Text.Json.Nodes;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using ZephyrReach.Core.Answers;
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
        document.Components ??= new OpenApiComponents();
        document.Components.Schemas ??= new Dictionary<string, IOpenApiSchema>();
        AddShared(document);
        CraftSchemas.AddTo(document);
        var schemas = new Schemas(document);
        foreach (var technique in Core.Craft.Techniques.Worked)
        {
            var path = $"/api/reckon/{technique.Name}";
            Add(document, schemas, path, technique.Process!.Forward);
            foreach (var form in technique.Process.Inverses)
            {
                Add(document, schemas, $"{path}/{form.Name}", form);
            }
        }
        foreach (var question in Questions.All)
        {
            Add(document, schemas, $"/api/reckon/{question.Name}", question);
        }
        AddCards(document, schemas);
        AddFitExample(document);
        ShareRefusals(document);
        return Task.CompletedTask;
    }

    /// <summary>What the routes have alike.</summary>
    private static void AddShared(OpenApiDocument document)
    {
        var components = document.Components!;
        components.Parameters = new Dictionary<string, IOpenApiParameter>
        {
            ["units"] = Query("units", "metric or imperial; else the workroom's own."),
            ["with"] = Query(
                "with",
                "Any of working, drawings, steps, understood, swatches, separated by commas."
            ),
        };
        components.Responses = new Dictionary<string, IOpenApiResponse>
        {
            ["Refused"] = new OpenApiResponse
            {
                Description = "Something in it cannot be used; errors names each field.",
                Content = new Dictionary<string, OpenApiMediaType>
                {
                    ["application/problem+json"] = new()
                    {
                        Schema = new OpenApiSchemaReference(
                            "HttpValidationProblemDetails",
                            document
                        ),
                    },
                },
            },
            ["TooLarge"] = new OpenApiResponse { Description = "The body is over 64 kB." },
            ["NotJson"] = new OpenApiResponse { Description = "The body is not JSON." },
        };
    }

    /// <summary>One path for all cards: each takes those of the fields that it wants, and things of the drawer.</summary>
    private static void AddCards(OpenApiDocument document, Schemas schemas)
    {
        var fields = Core
            .Craft.Techniques.Cards.SelectMany(c => c.AllFields)
            .DistinctBy(f => f.Name)
            .ToList();
        Post(
            document,
            "/api/card/{technique}",
            "What to set for a technique, or for one of its cards by its own name.",
            "Card",
            (
                schemas.Asked("CardAsk", fields, ["machine", "cloth", "thread", "elastic"]),
                new JsonObject { ["clothWeight"] = 140 }
            ),
            (schemas.Told("SettingsCard", SettingsCard.Told), null)
        );
        document
            .Paths!["/api/card/{technique}"]
            .Parameters!.Add(
                new OpenApiParameter
                {
                    Name = "technique",
                    In = ParameterLocation.Path,
                    Required = true,
                    Schema = new OpenApiSchema
                    {
                        Type = JsonSchemaType.String,
                        Enum =
                        [
                            .. Core
                                .Craft.Techniques.Cards.Select(c => c.Name)
                                .Union(Core.Craft.Techniques.All.Select(t => t.Name))
                                .Select(n => (JsonNode)n),
                        ],
                    },
                }
            );
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

    /// <summary>Every route refuses alike: said once, and not at each of them.</summary>
    private static void ShareRefusals(OpenApiDocument document)
    {
        foreach (var operation in document.Paths!.Values.SelectMany(p => p.Operations!.Values))
        {
            if (operation.Responses?.ContainsKey("400") is true)
            {
                operation.Responses["400"] = new OpenApiResponseReference("Refused", document);
            }
        }
    }

    private static void Add(
        OpenApiDocument document,
        Schemas schemas,
        string path,
        Calculation form
    )
    {
        var answer = form.Compute(form.Example, Ruler.Metric).Answer!;
        Post(
            document,
            path,
            form.Title,
            "Reckoning",
            (
                schemas.Asked($"{NameOf(path)}Ask", form.Fields),
                JsonNode.Parse(AskJson.Of(form.Example).GetRawText())!
            ),
            (
                schemas.Told($"{NameOf(path)}Answer", form.Figures),
                // Of a form that turns the question round, the ask is example enough.
                form.Name.Length > 0
                    ? null
                    : Shortened(
                        JsonNode.Parse(
                            AnswerJson.Of(answer, form, form.Example, Ruler.Metric).GetRawText()
                        )
                    )
            ),
            "with"
        );
    }

    /// <summary>An example with no more than the first rows of each list: what they are like shows in them.</summary>
    private static JsonNode? Shortened(JsonNode? node)
    {
        const int most = 2;
        switch (node)
        {
            case JsonArray list:
                while (list.Count > most)
                {
                    list.RemoveAt(list.Count - 1);
                }
                foreach (var item in list)
                {
                    Shortened(item);
                }
                break;
            case JsonObject members:
                foreach (var (_, value) in members)
                {
                    Shortened(value);
                }
                break;
        }
        return node;
    }

    /// <summary>A form is called by the last part of its address.</summary>
    private static string NameOf(string path) =>
        string.Concat(
            path.Split('/')[^1].Split('-').Select(w => char.ToUpperInvariant(w[0]) + w[1..])
        );

    private static void Post(
        OpenApiDocument document,
        string path,
        string summary,
        string tag,
        (IOpenApiSchema Schema, JsonNode Example) ask,
        (IOpenApiSchema Schema, JsonNode? Example) answer,
        params string[] queries
    )
    {
        document.Paths ??= [];
        document.Paths[path] = new OpenApiPathItem
        {
            Parameters = [],
            Operations = new Dictionary<HttpMethod, OpenApiOperation>
            {
                [HttpMethod.Post] = new()
                {
                    Summary = summary,
                    Tags = new HashSet<OpenApiTagReference> { new(tag, document) },
                    Parameters =
                    [
                        .. queries
                            .Prepend("units")
                            .Select(q => new OpenApiParameterReference(q, document)),
                    ],
                    RequestBody = new OpenApiRequestBody
                    {
                        Required = true,
                        Content = Json(ask.Schema, ask.Example),
                    },
                    Responses = new OpenApiResponses
                    {
                        ["200"] = new OpenApiResponse
                        {
                            Description = "The answer.",
                            Content = Json(answer.Schema, answer.Example),
                        },
                        ["400"] = new OpenApiResponseReference("Refused", document),
                        ["413"] = new OpenApiResponseReference("TooLarge", document),
                        ["415"] = new OpenApiResponseReference("NotJson", document),
                    },
                },
            },
        };
    }

    private static Dictionary<string, OpenApiMediaType> Json(
        IOpenApiSchema schema,
        JsonNode? example
    ) =>
        new()
        {
            ["application/json"] = new() { Schema = schema, Example = example },
        };

    private static OpenApiParameter Query(string name, string says) =>
        new()
        {
            Name = name,
            In = ParameterLocation.Query,
            Description = says,
            Schema = Schemas.Of(JsonSchemaType.String),
        };
}
