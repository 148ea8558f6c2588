using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization.Metadata;
using Microsoft.OpenApi;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Reckon;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Web.Documents;

/// <summary>
/// The schemas of what the craft's records are written as: drawings with all their shapes, steps, cautions and sums. They come
/// from the options that write them (<see cref="CraftJson"/>), so that a shape that is added there is in the document.
/// </summary>
internal static class CraftSchemas
{
    /// <summary>Described under names of their own.</summary>
    private static readonly Dictionary<Type, string> Named = new()
    {
        [typeof(Drawing)] = "Drawing",
        [typeof(Shape)] = "Shape",
        [typeof(StitchLook)] = "StitchLook",
        [typeof(Near)] = "Near",
        [typeof(SewingStep)] = "SewingStep",
        [typeof(StepStop)] = "StepStop",
        [typeof(Caution)] = "Caution",
        [typeof(Fact)] = "Fact",
        [typeof(DerivationLine)] = "DerivationLine",
        [typeof(LineMeaning)] = "LineMeaning",
        [typeof(ClothRole)] = "ClothRole",
        [typeof(PlateRole)] = "PlateRole",
        [typeof(Stage)] = "Stage",
    };

    /// <summary>Adds them to the document's components.</summary>
    public static void AddTo(OpenApiDocument document)
    {
        var craft = CraftJson.For(Ruler.Metric);
        var options = new JsonSerializerOptions(craft)
        {
            TypeInfoResolver = craft.TypeInfoResolver!.WithAddedModifier(WithoutParameters),
        };
        var exported = new JsonSchemaExporterOptions
        {
            TreatNullObliviousAsNonNullable = true,
            TransformSchemaNode = Written,
        };
        var schemas = new JsonObject();
        foreach (var (type, name) in Named)
        {
            schemas[name] = options.GetJsonSchemaAsNode(type, exported);
        }
        var text = new JsonObject
        {
            ["openapi"] = "3.1.0",
            ["info"] = new JsonObject { ["title"] = "", ["version"] = "" },
            ["paths"] = new JsonObject(),
            ["components"] = new JsonObject { ["schemas"] = schemas },
        }.ToJsonString();
        foreach (
            var (name, schema) in OpenApiDocument.Parse(text, "json").Document!.Components!.Schemas!
        )
        {
            document.Components!.Schemas!.TryAdd(name, schema);
        }
    }

    /// <summary>They are written, and not read: what a constructor takes says nothing of them.</summary>
    private static void WithoutParameters(JsonTypeInfo type)
    {
        if (type is { Kind: JsonTypeInfoKind.Object, CreateObject: null, Type.IsAbstract: false })
        {
            type.CreateObject = () => throw new NotSupportedException();
        }
    }

    /// <summary>How a type is written there: a length as mm, a place as a pair, a path as path data; what is null is left out.</summary>
    private static JsonNode Written(JsonSchemaExporterContext context, JsonNode node)
    {
        var type = Nullable.GetUnderlyingType(context.TypeInfo.Type) ?? context.TypeInfo.Type;
        if (!context.Path.IsEmpty && Named.TryGetValue(type, out var name))
        {
            return new JsonObject { ["$ref"] = $"#/components/schemas/{name}" };
        }
        if (type == typeof(Length))
        {
            return new JsonObject { ["type"] = "number", ["description"] = "In mm." };
        }
        if (type == typeof(Point))
        {
            return new JsonObject
            {
                ["type"] = "array",
                ["items"] = new JsonObject { ["type"] = "number" },
                ["minItems"] = 2,
                ["maxItems"] = 2,
                ["description"] = "Across and down, in mm.",
            };
        }
        if (type == typeof(Path))
        {
            return new JsonObject { ["type"] = "string", ["description"] = "SVG path data in mm." };
        }
        if (type == typeof(Stage))
        {
            return new JsonObject
            {
                ["enum"] = new JsonArray([
                    .. Enum.GetValues<Stage>().Select(s => (JsonNode)s.Name()),
                ]),
            };
        }
        if (node is JsonObject schema)
        {
            if (typeof(IEnumerable<Stage>).IsAssignableFrom(type))
            {
                schema["items"] = new JsonObject { ["$ref"] = "#/components/schemas/Stage" };
            }
            Plainly(schema, context.TypeInfo);
        }
        return node;
    }

    /// <summary>As it is written and not as it might be read: numbers are numbers, and what is null is left out.</summary>
    private static void Plainly(JsonObject schema, JsonTypeInfo type)
    {
        if (schema["type"] is JsonArray types)
        {
            schema["type"] = types.Last(t => (string?)t != "null")!.DeepClone();
            schema.Remove("pattern");
        }
        if (schema["enum"] is JsonArray values && values.Any(v => v is null))
        {
            schema["enum"] = new JsonArray([
                .. values.Where(v => v is not null).Select(v => v!.DeepClone()),
            ]);
        }
        if (schema["properties"] is JsonObject all)
        {
            var optional = type
                .Properties.Where(p => p.IsGetNullable)
                .Select(p => p.Name)
                .ToHashSet();
            schema["required"] = new JsonArray([
                .. all.Select(p => p.Key)
                    .Where(n => !optional.Contains(n))
                    .Select(n => (JsonNode)n),
            ]);
        }
    }
}
