using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;
using ZephyrReach.Web.Measures;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Workrooms;

namespace ZephyrReach.Web.Techniques;

/// <summary>What a technique asks and how its fields are shown.</summary>
public static class TechniqueEndpoints
{
    public static void MapTechniques(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet(
                "/api/techniques",
                () =>
                    Core.Craft.Techniques.All.Select(t => new TechniqueOut(t.Name, t.Title, t.Says))
            )
            .WithTags("Techniques")
            .WithSummary("The techniques the program knows.");
        routes
            .MapGet("/api/techniques/{technique}", DescribeAsync)
            .WithTags("Techniques")
            .WithSummary(
                "One technique: its fields with what a new ask begins with, its looks, its scale from scant to lavish."
            )
            .Produces<JsonElement>()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> DescribeAsync(
        HttpContext http,
        string technique,
        CurrentWorkroom workroom
    )
    {
        if (Core.Craft.Techniques.Named(technique) is not { } known)
        {
            return Problem.NotFound("There is no such technique.");
        }
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        http.Response.ContentType = "application/json; charset=utf-8";
        using var json = new Utf8JsonWriter(
            http.Response.BodyWriter,
            ReckonEndpoints.WriterOptions
        );
        json.WriteStartObject();
        json.WriteString("name", known.Name);
        json.WriteString("title", known.Title);
        json.WriteString("says", known.Says);
        WriteFields(json, "fields", known.Straight, ruler);
        json.WriteStartObject("forms");
        foreach (var form in known.Turned)
        {
            WriteFields(json, form.Name, form, ruler);
        }
        json.WriteEndObject();
        json.WritePropertyName("scale");
        DrawingJson.Write(json, known.Scale, ruler);
        json.WriteEndObject();
        return Results.Empty;
    }

    private static void WriteFields(
        Utf8JsonWriter json,
        string name,
        Form form,
        Core.Measures.Ruler ruler
    )
    {
        json.WriteStartArray(name);
        foreach (var field in form.Fields)
        {
            json.WriteStartObject();
            json.WriteString("name", field.Name);
            json.WriteString("label", field.Label);
            json.WriteString("says", field.Says);
            json.WriteBoolean("isNeeded", field.IsNeeded);
            WriteParts(json, field, ruler);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void WriteParts(Utf8JsonWriter json, Field field, Core.Measures.Ruler ruler)
    {
        switch (field)
        {
            case LengthField length:
                json.WriteString(
                    "kind",
                    length.Kind == Core.Measures.LengthKind.Fine ? "fine" : "length"
                );
                if (length.Start is { } start)
                {
                    json.WriteString("start", ruler.Write(start, length.Kind));
                }
                break;
            case LengthsField:
                json.WriteString("kind", "lengths");
                break;
            case NumberField number:
                json.WriteString("kind", "number");
                json.WriteNumber("least", number.Least);
                json.WriteNumber("most", number.Most);
                if (number.Start is { } begin)
                {
                    json.WriteNumber("start", begin);
                }
                break;
            case FlagField flag:
                json.WriteString("kind", "flag");
                json.WriteBoolean("start", flag.Start);
                break;
            case ChoiceField choice:
                json.WriteString("kind", "choice");
                if (choice.Start is { } chosen)
                {
                    json.WriteString("start", chosen);
                }
                WriteChoices(json, choice.Choices);
                break;
            case ChoicesField choices:
                json.WriteString("kind", "choices");
                WriteChoices(json, choices.Choices);
                break;
            default:
                throw new InvalidOperationException($"{field.GetType().Name} has no description.");
        }
    }

    private static void WriteChoices(Utf8JsonWriter json, IReadOnlyList<Choice> choices)
    {
        json.WriteStartArray("choices");
        foreach (var choice in choices)
        {
            json.WriteStartObject();
            json.WriteString("name", choice.Name);
            json.WriteString("label", choice.Label);
            json.WriteString("follows", choice.Follows);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }
}

/// <summary>A technique in a list.</summary>
public sealed record TechniqueOut(string Name, string Title, string Says);
