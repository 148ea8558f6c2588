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
        var workroom = routes.ServiceProvider.GetRequiredService<CurrentWorkroom>();
        // As plain delegates: there is nothing in these requests for the framework to bind or to validate.
        Map(
            "/api/reckon/{technique}",
            http => Named(http)?.Straight ?? Questions.Named(Value(http, "technique"))
        );
        Map("/api/reckon/{technique}/{form}", http => Named(http)?.FormNamed(Value(http, "form")));
        routes
            .MapPost("/api/compare/{technique}", CompareNamedAsync)
            .WithTags("Reckoning")
            .WithSummary("A later plan against what was cut by an earlier one: { then, now }.")
            .Accepts<JsonElement>("application/json")
            .ProducesProblem(StatusCodes.Status400BadRequest);

        void Map(string pattern, Func<HttpContext, Form?> form) =>
            routes
                .MapPost(pattern, http => AnswerAsync(http, form(http), workroom))
                .DisableValidation()
                .ExcludeFromDescription();
    }

    private static Technique? Named(HttpContext http) =>
        Core.Craft.Techniques.Named(Value(http, "technique"));

    private static string Value(HttpContext http, string name) =>
        (string)http.Request.RouteValues[name]!;

    /// <summary>Answers a form.</summary>
    /// <param name="also">Adds to the ask what is not typed; null adds nothing.</param>
    internal static async Task AnswerAsync(
        HttpContext http,
        Form? form,
        CurrentWorkroom workroom,
        Func<RawAsk, Task<RawAsk>>? also = null
    )
    {
        if (await TryAnswerAsync(http, form, workroom, also) is { } problem)
        {
            await problem.ExecuteAsync(http);
        }
    }

    /// <summary>Writes the answer straight to the response; gives back the problem if there is one.</summary>
    private static async ValueTask<IResult?> TryAnswerAsync(
        HttpContext http,
        Form? form,
        CurrentWorkroom workroom,
        Func<RawAsk, Task<RawAsk>>? also
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
        var (ask, problem) = await AskJson.ReadAskAsync(http.Request);
        if (ask is null)
        {
            return problem!;
        }
        if (also is not null)
        {
            ask = await also(ask);
        }
        var outcome = form.Reckon(ask, ruler);
        if (outcome.Answer is null)
        {
            return Problem.Fields(
                outcome.Errors,
                with.HasFlag(With.Understood) ? Understood(form, ask, ruler) : null
            );
        }
        var pad = FigurePad.OfThread;
        AnswerJson.Write(pad, new Reckoned(outcome.Answer, form, ask, ruler, with));
        await WriteAsync(http.Response, pad);
        return null;
    }

    private static async Task<IResult> CompareNamedAsync(
        HttpContext http,
        string technique,
        CurrentWorkroom workroom
    ) =>
        Core.Craft.Techniques.Named(technique) is { } known
            ? await CompareAsync(http, known, workroom, null)
            : Problem.NotFound("There is no such technique.");

    /// <summary>Holds the ask <c>now</c> against <c>then</c>.</summary>
    /// <param name="also">Adds to the ask now what is not typed; null adds nothing.</param>
    internal static async Task<IResult> CompareAsync(
        HttpContext http,
        Technique known,
        CurrentWorkroom workroom,
        Func<RawAsk, Task<RawAsk>>? also
    )
    {
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
            var (before, after) = (AskAt(body.RootElement, "then"), AskAt(body.RootElement, "now"));
            if (before is null || after is null)
            {
                return Problem.Field(
                    before is null ? "then" : "now",
                    "then and now both have to be asks."
                );
            }
            var then = new AskReader(before, ruler);
            var now = new AskReader(also is null ? after : await also(after), ruler);
            var comparison = known.Compare(then, now);
            if (comparison is null)
            {
                return Problem.Fields([.. then.Errors, .. now.Errors]);
            }
            var pad = FigurePad.OfThread;
            pad.Begin(ruler);
            Tell(pad, comparison);
            pad.End();
            await WriteAsync(http.Response, pad);
            return Results.Empty;
        }
    }

    private static RawAsk? AskAt(JsonElement body, string name) =>
        body.TryGetProperty(name, out var ask) && ask.ValueKind == JsonValueKind.Object
            ? AskJson.Read(ask)
            : null;

    private static void Tell(IFigures figures, Comparison comparison)
    {
        figures.Table(
            "differences",
            comparison.Differences.Count,
            (i, row) =>
            {
                var difference = comparison.Differences[i];
                row.Text("title", difference.Title);
                row.Text("was", difference.Was);
                row.Text("isNow", difference.IsNow);
            }
        );
        AnswerJson.Tell(figures, comparison.Findings);
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
    private static async Task WriteAsync(HttpResponse response, FigurePad pad)
    {
        response.ContentType = "application/json; charset=utf-8";
        response.ContentLength = pad.Written.Length;
        // Copied to the response before the first wait, after which this thread's pad is another request's.
        response.BodyWriter.Write(pad.Written.Span);
        await response.BodyWriter.FlushAsync();
    }
}
