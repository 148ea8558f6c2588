using System.Buffers;
using System.Text.Encodings.Web;
using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Workrooms;

namespace ZephyrReach.Web.Reckon;

/// <summary>The pure routes: the same ask gives the same answer, and nothing is stored.</summary>
public static class ReckonEndpoints
{
    /// <summary>Letters such as × and ⅝ go out as they are; the content type keeps them from being read as markup.</summary>
    public static JsonWriterOptions WriterOptions { get; } =
        new() { Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };

    public static void MapReckoning(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost(
                "/api/reckon/{technique}",
                (HttpContext http, string technique, CurrentWorkroom workroom) =>
                    ReckonAsync(http, technique, "", workroom)
            )
            .ExcludeFromDescription();
        routes.MapPost("/api/reckon/{technique}/{form}", ReckonAsync).ExcludeFromDescription();
        routes.MapPost("/api/card/{technique}", CardAsync).ExcludeFromDescription();
        routes
            .MapPost("/api/compare/{technique}", CompareAsync)
            .WithTags("Reckoning")
            .WithSummary("A later plan against what was cut by an earlier one: { then, now }.")
            .Accepts<JsonElement>("application/json")
            .ProducesProblem(StatusCodes.Status400BadRequest);
    }

    private static Task<IResult> ReckonAsync(
        HttpContext http,
        string technique,
        string form,
        CurrentWorkroom workroom
    ) => AnswerAsync(http, Core.Craft.Techniques.Named(technique)?.FormNamed(form), workroom);

    private static Task<IResult> CardAsync(
        HttpContext http,
        string technique,
        CurrentWorkroom workroom
    ) => AnswerAsync(http, Core.Craft.Techniques.Named(technique)?.Card, workroom);

    /// <summary>Answers a form. The answer is written straight to the response; a problem is a result.</summary>
    private static async Task<IResult> AnswerAsync(
        HttpContext http,
        Form? form,
        CurrentWorkroom workroom
    )
    {
        if (form is null)
        {
            return Problem.NotFound("There is no such technique, or it has no such form.");
        }
        var (ruler, wrongUnits) = await Asked.RulerAsync(http.Request, workroom);
        var (with, wrongWith) = Asked.WithOf(http.Request);
        if ((wrongUnits ?? wrongWith) is { } wrong)
        {
            return wrong;
        }
        var (body, problem) = await AskJson.ReadBodyAsync(http.Request);
        if (body is null)
        {
            return problem!;
        }
        using (body)
        {
            var ask = AskJson.Read(body.RootElement);
            var outcome = form.Reckon(ask, ruler);
            if (outcome.Answer is null)
            {
                return Problem.Fields(
                    outcome.Errors,
                    with.HasFlag(With.Understood) ? Understood(form, ask, ruler) : null
                );
            }
            await WriteAsync(
                http.Response,
                json => AnswerJson.Write(json, new Reckoned(outcome.Answer, form, ask, ruler, with))
            );
            return Results.Empty;
        }
    }

    private static async Task<IResult> CompareAsync(
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
        var (body, problem) = await AskJson.ReadBodyAsync(http.Request);
        if (body is null)
        {
            return problem!;
        }
        using (body)
        {
            var (then, isThen) = ReaderOf(body.RootElement, "then", ruler);
            var (now, isNow) = ReaderOf(body.RootElement, "now", ruler);
            if (!isThen || !isNow)
            {
                return Problem.Field(isThen ? "now" : "then", "then and now both have to be asks.");
            }
            var comparison = known.Compare(then, now);
            if (comparison is null)
            {
                return Problem.Fields([.. then.Errors, .. now.Errors]);
            }
            await WriteAsync(http.Response, json => Write(json, comparison));
            return Results.Empty;
        }
    }

    private static (AskReader Reader, bool IsThere) ReaderOf(
        JsonElement body,
        string name,
        Ruler ruler
    )
    {
        var isThere =
            body.TryGetProperty(name, out var ask) && ask.ValueKind == JsonValueKind.Object;
        return (new AskReader(isThere ? AskJson.Read(ask) : new RawAsk([]), ruler), isThere);
    }

    private static void Write(Utf8JsonWriter json, Comparison comparison)
    {
        json.WriteStartObject();
        json.WriteStartArray("differences");
        foreach (var difference in comparison.Differences)
        {
            json.WriteStartObject();
            json.WriteString("title", difference.Title);
            json.WriteString("was", difference.Was);
            json.WriteString("isNow", difference.IsNow);
            json.WriteEndObject();
        }
        json.WriteEndArray();
        json.WritePropertyName("findings");
        AnswerJson.Write(json, comparison.Findings);
        json.WriteEndObject();
    }

    private static JsonElement Understood(Form form, RawAsk ask, Ruler ruler)
    {
        var buffer = new ArrayBufferWriter<byte>();
        using (var json = new Utf8JsonWriter(buffer))
        {
            AnswerJson.WriteUnderstood(json, form, ask, ruler);
        }
        return JsonDocument.Parse(buffer.WrittenMemory).RootElement;
    }

    /// <summary>Writes an answer in one piece, with its length said, so that it goes out in one packet.</summary>
    private static async Task WriteAsync(HttpResponse response, Action<Utf8JsonWriter> write)
    {
        var scratch = Scratch ??= new ScratchPad();
        scratch.Buffer.ResetWrittenCount();
        scratch.Json.Reset();
        write(scratch.Json);
        scratch.Json.Flush();
        response.ContentType = "application/json; charset=utf-8";
        response.ContentLength = scratch.Buffer.WrittenCount;
        // Copied to the response before the first wait, after which this thread's scratch pad is another request's.
        response.BodyWriter.Write(scratch.Buffer.WrittenSpan);
        await response.BodyWriter.FlushAsync();
    }

    [ThreadStatic]
    private static ScratchPad? Scratch;

    private sealed class ScratchPad
    {
        public ScratchPad() => Json = new Utf8JsonWriter(Buffer, WriterOptions);

        public ArrayBufferWriter<byte> Buffer { get; } = new(16 * 1024);

        public Utf8JsonWriter Json { get; }
    }
}
