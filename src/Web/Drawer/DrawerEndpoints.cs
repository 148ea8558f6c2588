using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Drawer;
using ZephyrReach.Core.Measures;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Techniques;
using ZephyrReach.Web.Workrooms;
using Thread = ZephyrReach.Core.Drawer.Thread;

namespace ZephyrReach.Web.Drawer;

/// <summary>What is owned.</summary>
public static class DrawerEndpoints
{
    private const string Missing = "There is no such thing in the drawer.";

    public static void MapDrawer(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/drawer").WithTags("Drawer").ProducesValidationProblem();
        group
            .MapGet("", AllAsync)
            .WithSummary("Everything in the drawer, and what was tried.")
            .Produces<DrawerOut>();
        group
            .MapGet("kinds", KindsAsync)
            .WithSummary(
                "The kinds of things, what can be said of each, and usual ones to begin from."
            )
            .Produces<JsonElement>();
        group
            .MapPost("things", AddAsync)
            .WithSummary("Puts a thing into the drawer.")
            .Produces<ThingOut>(StatusCodes.Status201Created);
        group
            .MapPatch("things/{id:guid}", ChangeAsync)
            .WithSummary("Changes a thing; a property set to null is not known.")
            .Produces<ThingOut>();
        group
            .MapDelete("things/{id:guid}", RemoveAsync)
            .WithSummary("Takes a thing away, with its tried notes; one undo brings all back.")
            .Produces(StatusCodes.Status204NoContent);
        group
            .MapPost("tried", AddTriedAsync)
            .WithSummary("Notes that a foot was tried on a machine, and clears or strikes.")
            .Produces<TriedOut>(StatusCodes.Status201Created);
        group
            .MapDelete("tried/{id:guid}", RemoveTriedAsync)
            .WithSummary("Takes a note away.")
            .Produces(StatusCodes.Status204NoContent);
        group
            .MapGet("nearest-threads", NearestAsync)
            .WithSummary(
                "The threads that are owned, the nearest in colour to a cloth or a colour first."
            )
            .Produces<IReadOnlyList<NearThreadOut>>();
        group
            .MapPost("foot/drawing", DrawFootAsync)
            .WithSummary(
                "The sole of a foot to scale, with handles to pull, and the swing of a needle."
            )
            .Accepts<JsonElement>("application/json")
            .Produces<JsonElement>();
    }

    private static async Task<IResult> AllAsync(
        HttpContext http,
        CurrentWorkroom workroom,
        DrawerReader drawer
    )
    {
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        var open = await drawer.OpenAsync(
            await workroom.SeatAsync(http),
            ruler,
            http.RequestAborted
        );
        return Results.Ok(
            new DrawerOut(
                [.. open.Rows.Select(r => ThingOut.Of(r, ruler))],
                [.. open.Notes.Select(TriedOut.Of)]
            )
        );
    }

    private static async Task<IResult> KindsAsync(HttpContext http, CurrentWorkroom workroom)
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
        foreach (var kind in ThingKinds.All)
        {
            json.WriteStartObject();
            json.WriteString("name", kind.Name);
            json.WriteString("title", kind.Title);
            json.WriteString("plural", kind.Plural);
            json.WriteString("says", kind.Says);
            FieldJson.Write(json, "fields", kind.Fields, ruler);
            json.WriteStartArray("starters");
            foreach (var starter in kind.Starters)
            {
                json.WriteStartObject();
                json.WriteString("name", starter.Name);
                json.WriteString("says", starter.Says);
                json.WritePropertyName("properties");
                AskJson.Write(json, starter.Properties);
                json.WriteEndObject();
            }
            json.WriteEndArray();
            json.WriteEndObject();
        }
        json.WriteEndArray();
        return Results.Empty;
    }

    private static async Task<IResult> AddAsync(
        HttpContext http,
        ThingIn thing,
        CurrentWorkroom workroom,
        ThingStore store
    )
    {
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        if (ThingKinds.Named(thing.Kind) is not { } kind)
        {
            return Problem.Field(
                "kind",
                $"kind has to be one of {string.Join(", ", ThingKinds.All.Select(k => k.Name))}."
            );
        }
        var (stored, errors) = StoredThing.Read(
            kind,
            thing.Properties ?? JsonSerializer.SerializeToElement(new { }),
            null,
            ruler
        );
        if (stored is null)
        {
            return Problem.Fields(errors);
        }
        var row = await store.AddAsync(
            await workroom.SeatAsync(http),
            thing.Id,
            kind.Name,
            thing.Name,
            stored.Properties,
            stored.Left?.Length,
            http.RequestAborted
        );
        return row is null
            ? Problem.NotFound(Missing)
            : Versions.Tagged(
                http,
                ThingOut.Of(row, ruler),
                row.Stamp,
                $"/api/drawer/things/{row.Id}"
            );
    }

    private static async Task<IResult> ChangeAsync(
        HttpContext http,
        Guid id,
        ThingPatch change,
        CurrentWorkroom workroom,
        ThingStore store
    )
    {
        if (Versions.IfMatch(http.Request) is not { } version)
        {
            return Problem.VersionMissing();
        }
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        var seat = await workroom.SeatAsync(http);
        if (await store.FindAsync(seat, id, http.RequestAborted) is not { } before)
        {
            return Problem.NotFound(Missing);
        }
        StoredThing? stored = null;
        if (change.Properties is { } said)
        {
            (stored, var errors) = StoredThing.Read(
                ThingKinds.Named(before.Kind)!,
                said,
                before.Properties,
                ruler
            );
            if (stored is null)
            {
                return Problem.Fields(errors);
            }
        }
        var changed = await store.ChangeAsync(
            seat,
            id,
            version,
            $"“{before.Name}” adjusted",
            new ThingChange(change.Name, stored?.Properties, stored?.Left),
            http.RequestAborted
        );
        return Versions.Answer(http, changed, r => r.Stamp, r => ThingOut.Of(r, ruler), Missing);
    }

    private static async Task<IResult> RemoveAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        ThingStore store
    )
    {
        var removed = await store.RemoveAsync(
            await workroom.SeatAsync(http),
            id,
            Versions.IfMatch(http.Request),
            "taken out of the drawer",
            http.RequestAborted
        );
        return Removal.Answer(
            http,
            removed,
            r => r.Stamp,
            r => ThingOut.Of(r, Ruler.Metric),
            Missing
        );
    }

    private static async Task<IResult> AddTriedAsync(
        HttpContext http,
        TriedIn note,
        CurrentWorkroom workroom,
        TriedStore store,
        TimeProvider clock
    )
    {
        var row = await store.AddAsync(
            await workroom.SeatAsync(http),
            new TriedRow(
                note.Id,
                note.Machine,
                note.Foot,
                note.Needle,
                note.Clears,
                Length.FromMillimetres(note.Width ?? 0),
                note.On ?? DateOnly.FromDateTime(clock.GetLocalNow().DateTime),
                note.Note ?? "",
                default
            ),
            http.RequestAborted
        );
        return row is null
            ? Problem.Field("foot", "There is no such machine, foot or needle in the drawer.")
            : Versions.Tagged(http, TriedOut.Of(row), row.Stamp, $"/api/drawer/tried/{row.Id}");
    }

    private static async Task<IResult> RemoveTriedAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        TriedStore store
    )
    {
        var removed = await store.RemoveAsync(
            await workroom.SeatAsync(http),
            id,
            null,
            "tried note taken away",
            http.RequestAborted
        );
        return Removal.Answer(http, removed, r => r.Stamp, TriedOut.Of, "There is no such note.");
    }

    private static async Task<IResult> NearestAsync(
        HttpContext http,
        CurrentWorkroom workroom,
        DrawerReader drawer,
        Guid? cloth,
        string? colour
    )
    {
        var open = await drawer.OpenAsync(
            await workroom.SeatAsync(http),
            Ruler.Metric,
            http.RequestAborted
        );
        Colour wanted;
        if (cloth is { } id)
        {
            var owned = open.Of<Cloth>("cloth").FirstOrDefault(c => c.Id == id.ToString());
            if (owned is null)
            {
                return Problem.NotFound(Missing);
            }
            if (owned.Is.Colour is not { } of)
            {
                return Problem.Field("cloth", $"The colour of {owned.Name} is not known.");
            }
            wanted = of;
        }
        else if (!Colour.TryRead(colour, out wanted))
        {
            return Problem.Field(
                "colour",
                "Give a cloth of the drawer, or a colour such as #1a2b3c."
            );
        }
        return Results.Ok(
            ThreadMatch
                .Nearest(open.Of<Thread>("thread"), wanted)
                .Select(n => new NearThreadOut(
                    n.Thread.Id,
                    n.Thread.Name,
                    n.Thread.Is.Colour!.Value.ToString(),
                    Math.Round(n.Difference, 2),
                    n.Seen
                ))
        );
    }

    /// <summary>Body: what is known of the foot; and <c>swing</c>, the width of the stitch that is drawn in.</summary>
    private static async Task<IResult> DrawFootAsync(HttpContext http, CurrentWorkroom workroom)
    {
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        var (ask, problem) = await AskJson.ReadAskAsync(http.Request);
        if (ask is null)
        {
            return problem!;
        }
        var reader = new AskReader(ask, ruler);
        var foot = (Foot)Foot.Described.Read(reader);
        var swing = reader.OptionalLength(FootDrawing.Swing) ?? Length.Zero;
        if (reader.Errors.Count > 0)
        {
            return Problem.Fields(reader.Errors);
        }
        http.Response.ContentType = "application/json; charset=utf-8";
        using var json = new Utf8JsonWriter(
            http.Response.BodyWriter,
            ReckonEndpoints.WriterOptions
        );
        DrawingJson.Write(json, FootDrawing.Of(foot, swing), ruler);
        return Results.Empty;
    }
}
