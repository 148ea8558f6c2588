using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Swatches.PullUp;
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
        routes
            .MapGet("/api/questions/{question}", DescribeQuestionAsync)
            .WithTags("Techniques")
            .WithSummary("What a question that belongs to no one technique asks.")
            .Produces<JsonElement>()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> DescribeQuestionAsync(
        HttpContext http,
        string question,
        CurrentWorkroom workroom
    )
    {
        if (Questions.Named(question) is not { } known)
        {
            return Problem.NotFound("There is no such question.");
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
        FieldJson.Write(json, "fields", known.Fields, ruler);
        json.WriteEndObject();
        return Results.Empty;
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
        if (known.Family is { } family)
        {
            json.WriteString("family", family.Name);
            json.WriteStartArray("knobs");
            foreach (var knob in Enum.GetValues<Knobs>().Where(k => family.Knobs.HasFlag(k)))
            {
                json.WriteStringValue(JsonNamingPolicy.CamelCase.ConvertName(knob.ToString()));
            }
            json.WriteEndArray();
        }
        FieldJson.Write(json, "fields", known.Straight.Fields, ruler);
        json.WriteStartObject("forms");
        foreach (var form in known.Turned)
        {
            FieldJson.Write(json, form.Name, form.Fields, ruler);
        }
        json.WriteEndObject();
        json.WritePropertyName("scale");
        DrawingJson.Write(json, known.Scale, ruler);
        json.WriteEndObject();
        return Results.Empty;
    }
}

/// <summary>A technique in a list.</summary>
public sealed record TechniqueOut(string Name, string Title, string Says);
