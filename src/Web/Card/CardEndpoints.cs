using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Drawer;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Store;
using ZephyrReach.Web.Drawer;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Techniques;
using ZephyrReach.Web.Workrooms;
using Thread = ZephyrReach.Core.Drawer.Thread;

namespace ZephyrReach.Web.Card;

/// <summary>What was seen on a swatch, and what was tried already.</summary>
public sealed record SeenIn(string[]? Seen, string[]? Tried);

/// <summary>The settings of every technique, on a machine of the drawer.</summary>
public static class CardEndpoints
{
    public static void MapCards(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/cards", ListAsync)
            .WithTags("Card")
            .WithSummary(
                "The techniques that have a card: what each may be told, and what is looked for on its swatch."
            )
            .Produces<JsonElement>();
        routes.MapPost("/api/card/{technique}", WriteAsync).ExcludeFromDescription();
        routes
            .MapPost("/api/first-change/{technique}", FirstChange)
            .WithTags("Card")
            .WithSummary("The one change to try next, by what was seen on a swatch.")
            .Produces<Change>()
            .ProducesValidationProblem();
    }

    private static async Task<IResult> ListAsync(HttpContext http, CurrentWorkroom workroom)
    {
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
        json.WriteStartArray();
        foreach (var technique in CardTechniques.All)
        {
            json.WriteStartObject();
            json.WriteString("name", technique.Name);
            json.WriteString("title", technique.Title);
            json.WriteString("says", technique.Says);
            FieldJson.Write(json, "fields", technique.AllFields, ruler);
            json.WriteStartArray("looks");
            foreach (var look in technique.Looks)
            {
                json.WriteStartObject();
                json.WriteString("name", look.Choice.Name);
                json.WriteString("label", look.Choice.Label);
                json.WriteString("follows", look.Choice.Follows);
                json.WriteEndObject();
            }
            json.WriteEndArray();
            json.WriteEndObject();
        }
        json.WriteEndArray();
        return Results.Empty;
    }

    private static IResult FirstChange(string technique, SeenIn swatch)
    {
        if (CardTechniques.Named(technique) is not { } known)
        {
            return Problem.NotFound("There is no such technique.");
        }
        var seen = swatch.Seen ?? [];
        var strange = seen.FirstOrDefault(s => known.Looks.All(l => l.Choice.Name != s));
        if (strange is not null)
        {
            return Problem.Field(
                "seen",
                $"“{strange}” is not looked for here; {string.Join(", ", known.Looks.Select(l => l.Choice.Name))} are."
            );
        }
        return Look.FirstChange(known.Looks, seen, swatch.Tried ?? []) is { } change
            ? Results.Ok(change)
            : Results.NoContent();
    }

    private static async Task<IResult> WriteAsync(
        HttpContext http,
        string technique,
        CurrentWorkroom workroom,
        DrawerReader drawer
    )
    {
        if (CardTechniques.Named(technique) is not { } known)
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
            var row = await workroom.RowAsync(http);
            var open = await drawer.OpenAsync(
                await workroom.SeatAsync(http),
                ruler,
                http.RequestAborted
            );
            var (ask, errors) = Read(known, body.RootElement, open, row, ruler);
            if (ask is null)
            {
                return Problem.Fields(errors);
            }
            var serving = known.Serves(ask.Wants) is { } other
                ? CardTechniques.Named(other)!
                : known;
            var pad = FigurePad.OfThread;
            pad.Begin(ruler);
            var card = CardWriter.Write(serving, ask);
            card.Tell(pad);
            AnswerJson.Tell(pad, card.Findings);
            pad.End();
            return Results.Bytes(pad.Written.ToArray(), "application/json; charset=utf-8");
        }
    }

    /// <summary>Reads what a card is asked for. Without a machine it is the drawer's first, or what the workroom knows of its own.</summary>
    private static (CardAsk? Ask, IReadOnlyList<FieldError> Errors) Read(
        CardTechnique technique,
        JsonElement json,
        OpenDrawer open,
        WorkroomRow workroom,
        Ruler ruler
    )
    {
        var (machine, e1) = open.Named<Machine>(json, "machine");
        var (cloth, e2) = open.Named<Cloth>(json, "cloth");
        var (thread, e3) = open.Named<Thread>(json, "thread");
        var (elastic, e4) = open.Named<Elastic>(json, "elastic");
        var reader = new AskReader(AskJson.Read(json), ruler);
        var wants = Wants.Read(reader, technique);
        if (cloth is null && reader.OptionalNumber(Wants.ClothWeightField) is { } grams)
        {
            cloth = new Owned<Cloth>(
                "",
                "this cloth",
                new Cloth(
                    null,
                    null,
                    ClothWeight.FromGramsPerSquareMetre(grams),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null
                )
            );
        }
        List<FieldError> errors =
        [
            .. new[] { e1, e2, e3, e4 }.OfType<FieldError>(),
            .. reader.Errors,
        ];
        if (errors.Count > 0)
        {
            return (null, errors);
        }
        machine ??= Default(technique, open, cloth, thread, elastic, wants, workroom);
        return (new CardAsk(machine, open.Contents, cloth, thread, elastic, wants, ruler), []);
    }

    /// <summary>The first machine that can do it, else the first; else what the workroom knows of its own.</summary>
    private static Owned<Machine> Default(
        CardTechnique technique,
        OpenDrawer open,
        Owned<Cloth>? cloth,
        Owned<Thread>? thread,
        Owned<Elastic>? elastic,
        Wants wants,
        WorkroomRow workroom
    )
    {
        var machines = open.Of<Machine>("machine");
        return machines.FirstOrDefault(m =>
                CardWriter.Write(
                    technique,
                    new CardAsk(m, open.Contents, cloth, thread, elastic, wants, open.Ruler)
                )
                    is { IsPossible: true, Feet: [{ Rank: "best" }, ..] }
            )
            ?? (machines.Count > 0 ? machines[0] : null)
            ?? new Owned<Machine>(
                "",
                "your machine",
                Machine.Plain(workroom.NormalTension, workroom.LongestStitch)
            );
    }
}
