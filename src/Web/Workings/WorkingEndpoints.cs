using System.Text.Json;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawer;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Workrooms;

namespace ZephyrReach.Web.Workings;

/// <summary>Workings.</summary>
public static class WorkingEndpoints
{
    private const string Missing = "There is no such working.";

    private static readonly JsonElement Nothing = JsonDocument.Parse("{}").RootElement;

    public static void MapWorkings(this IEndpointRouteBuilder routes)
    {
        var group = routes
            .MapGroup("/api/workings")
            .WithTags("Workings")
            .ProducesValidationProblem();
        group
            .MapPost("", AddAsync)
            .WithSummary("Begins a working.")
            .Produces<WorkingOut>(StatusCodes.Status201Created);
        group.MapGet("{id:guid}", GetAsync).WithSummary("One working.").Produces<WorkingOut>();
        group
            .MapPatch("{id:guid}", ChangeAsync)
            .WithSummary("Changes a working; the ask's fields are set one by one.")
            .Produces<WorkingOut>()
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);
        group
            .MapDelete("{id:guid}", RemoveAsync)
            .WithSummary("Takes a working away, with its swatches; one undo brings all back.")
            .Produces(StatusCodes.Status204NoContent);
    }

    private static async Task<IResult> AddAsync(
        HttpContext http,
        WorkingIn working,
        CurrentWorkroom workroom,
        WorkingStore store
    )
    {
        if (Core.Craft.Techniques.Named(working.Technique) is not { } technique)
        {
            return Problem.Field(
                "technique",
                $"The technique “{working.Technique}” is not known here."
            );
        }
        var (ask, wrong) = await ReadAskAsync(http, technique, working.Ask ?? Nothing, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        var row = await store.AddAsync(
            await workroom.SeatAsync(http),
            working.Id,
            working.ProjectId,
            technique.Name,
            technique.SchemaVersion,
            working.Name,
            ask,
            JsonSerializer.SerializeToElement(
                working.Cloth ?? new Cloth(null, null, null, null),
                JsonSerializerOptions.Web
            ),
            http.RequestAborted
        );
        return row is null
            ? Problem.Field("projectId", "There is no such project.")
            : Versions.Tagged(http, WorkingOut.Of(row), row.Stamp, $"/api/workings/{row.Id}");
    }

    private static async Task<IResult> GetAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        WorkingStore store
    )
    {
        var row = await store.FindAsync(await workroom.SeatAsync(http), id, http.RequestAborted);
        return row is null
            ? Problem.NotFound(Missing)
            : Versions.Tagged(http, WorkingOut.Of(row), row.Stamp);
    }

    private static async Task<IResult> ChangeAsync(
        HttpContext http,
        Guid id,
        WorkingPatch change,
        CurrentWorkroom workroom,
        WorkingStore store
    )
    {
        if (Versions.IfMatch(http.Request) is not { } version)
        {
            return Problem.VersionMissing();
        }
        var seat = await workroom.SeatAsync(http);
        if (
            await store.FindAsync(seat, id, http.RequestAborted) is not { } before
            || Core.Craft.Techniques.Named(before.Technique) is not { } technique
        )
        {
            return Problem.NotFound(Missing);
        }
        if (change.Uses?.Keys.FirstOrDefault(k => ThingKinds.Named(k) is null) is { } strange)
        {
            return Problem.Field("uses", $"“{strange}” is no kind of thing in the drawer.");
        }
        JsonElement? ask = null;
        if (change.Ask is { } said)
        {
            var (spelled, wrong) = await ReadAskAsync(http, technique, said, workroom);
            if (wrong is not null)
            {
                return wrong;
            }
            ask = spelled;
        }
        var changed = await store.ChangeAsync(
            seat,
            id,
            version,
            Says(change, before, technique),
            new WorkingChange(
                change.Name,
                ask,
                Json(change.Cloth),
                Json(change.Progress),
                change.Stage,
                change.Position,
                change.Uses is { } uses ? JsonSerializer.SerializeToElement(uses) : null
            ),
            http.RequestAborted
        );
        return Versions.Answer(http, changed, r => r.Stamp, WorkingOut.Of, Missing);
    }

    private static async Task<IResult> RemoveAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        WorkingStore store
    )
    {
        var removed = await store.RemoveAsync(
            await workroom.SeatAsync(http),
            id,
            Versions.IfMatch(http.Request),
            "working deleted",
            http.RequestAborted
        );
        return Removal.Answer(http, removed, r => r.Stamp, WorkingOut.Of, Missing);
    }

    private static async Task<(JsonElement Ask, IResult? Wrong)> ReadAskAsync(
        HttpContext http,
        Technique technique,
        JsonElement ask,
        CurrentWorkroom workroom
    )
    {
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        if (wrong is not null)
        {
            return (ask, wrong);
        }
        var errors = StoredAsk.Check(technique, ask, ruler);
        return errors.Count > 0
            ? (ask, Problem.Fields(errors))
            : (StoredAsk.Spelled(technique.Straight.Fields, ask, ruler.Units), null);
    }

    private static JsonElement? Json<T>(T? value)
        where T : class =>
        value is null ? null : JsonSerializer.SerializeToElement(value, JsonSerializerOptions.Web);

    /// <summary>The step in the words that an undo will offer it by.</summary>
    private static string? Says(WorkingPatch change, WorkingRow before, Technique technique)
    {
        if (change.Ask is { } ask)
        {
            var labels = technique
                .Straight.Fields.Where(f => ask.TryGetProperty(f.Name, out _))
                .Select(f => f.Label.ToLowerInvariant())
                .ToList();
            return labels.Count > 2
                ? $"{labels.Count} figures of “{before.Name}”"
                : $"{string.Join(" and ", labels)} of “{before.Name}”";
        }
        return change switch
        {
            { Name: not null } => $"name of “{before.Name}”",
            { Cloth: not null } => $"cloth of “{before.Name}”",
            { Uses: not null } => $"what “{before.Name}” uses",
            { Progress: not null } => $"progress of “{before.Name}”",
            // Which stage is open is where she looks, not what she did.
            { Stage: not null } => null,
            _ => $"“{before.Name}”",
        };
    }
}
