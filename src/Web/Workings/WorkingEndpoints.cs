using System.Text.Json;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Workings;

/// <summary>Workings.</summary>
public static class WorkingEndpoints
{
    private static readonly JsonElement Nothing = JsonDocument.Parse("{}").RootElement;

    private static readonly Records<WorkingRow> Workings = new(
        "There is no such part.",
        (row, _) => WorkingOut.Of(row)
    );

    public static void MapWorkings(this IEndpointRouteBuilder routes)
    {
        var group = routes
            .MapGroup("/api/workings")
            .WithTags("Workings")
            .ProducesValidationProblem();
        group
            .MapPost("", AddAsync)
            .WithSummary("Begins a part.")
            .Produces<WorkingOut>(StatusCodes.Status201Created);
        group
            .MapGet(
                "{id:guid}",
                async (Here here, Guid id, WorkingStore store) =>
                    Workings.Found(here, await store.FindAsync(here.Seat, id, here.Cancel))
            )
            .WithSummary("One part.")
            .Produces<WorkingOut>();
        group
            .MapPatch("{id:guid}", ChangeAsync)
            .WithSummary("Changes a part; the ask's fields are set one by one.")
            .Produces<WorkingOut>()
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);
        group
            .MapPost("{id:guid}/choose", ChooseAsync)
            .WithSummary("Chooses this of the ways of doing a piece; the others are laid aside.")
            .Produces<IReadOnlyList<WorkingOut>>();
        Workings.MapRemove<WorkingStore>(
            group,
            "{id:guid}",
            "working deleted",
            "Takes a part away, with its swatches; one undo brings all back."
        );
    }

    private static async Task<IResult> AddAsync(Here here, WorkingIn working, WorkingStore store)
    {
        if (Core.Craft.Techniques.WorkingOf(working.Technique) is not { } known)
        {
            return Problem.Field(
                "technique",
                $"The technique “{working.Technique}” is not known here."
            );
        }
        var ask = working.Ask ?? Nothing;
        if (StoredAsk.Check(known, ask, here.Ruler) is [_, ..] errors)
        {
            return Problem.Fields(errors);
        }
        var wayOf = working.WayOf is { } other
            ? await store.FindAsync(here.Seat, other, here.Cancel)
            : null;
        if (working.WayOf is not null && wayOf?.ProjectId != working.ProjectId)
        {
            return Problem.Field("wayOf", "There is no such part in this project.");
        }
        var row = await store.AddAsync(
            here.Seat,
            working.Id,
            working.ProjectId,
            working.Technique,
            known.SchemaVersion,
            working.Name,
            StoredAsk.Spelled(known.Forward.Fields, ask, here.Ruler.Units),
            Json(working.Cloth ?? new Cloth(null, null, null, null))!.Value,
            wayOf?.Piece,
            wayOf is null ? [.. UsualThings.For(known.Uses)] : [],
            here.Cancel
        );
        return Workings.Added(
            here,
            row,
            r => $"/api/workings/{r.Id}",
            () => Problem.Field("projectId", "There is no such project.")
        );
    }

    private static async Task<IResult> ChooseAsync(Here here, Guid id, WorkingStore store) =>
        await store.ChooseAsync(here.Seat, id, here.Cancel) is [_, ..] ways
            ? Results.Ok(ways.Select(WorkingOut.Of))
            : Problem.NotFound("There is no such part.");

    /// <summary>Links are looked at and written one after the other: two at once could close a circle.</summary>
    private static readonly SemaphoreSlim Linking = new(1);

    private static async Task<IResult> ChangeAsync(
        Here here,
        IfMatch version,
        Guid id,
        WorkingPatch change,
        WorkingStore store
    )
    {
        if (change.Links is null)
        {
            return await ChangedAsync(here, version, id, change, store);
        }
        await Linking.WaitAsync(here.Cancel);
        try
        {
            return await store.WhileLinkingAsync(
                here.Seat,
                () => ChangedAsync(here, version, id, change, store),
                here.Cancel
            );
        }
        finally
        {
            Linking.Release();
        }
    }

    private static async Task<IResult> ChangedAsync(
        Here here,
        IfMatch version,
        Guid id,
        WorkingPatch change,
        WorkingStore store
    )
    {
        if (
            await store.FindAsync(here.Seat, id, here.Cancel) is not { } before
            || Core.Craft.Techniques.WorkingOf(before.Technique) is not { } known
        )
        {
            return Workings.Found(here, null);
        }
        if (change.Uses?.Keys.FirstOrDefault(k => ThingKinds.Named(k) is null) is { } strange)
        {
            return Problem.Field("uses", $"“{strange}” is no kind of thing in your supplies.");
        }
        if (
            change.Links is { } links
            && Joins.Wrong(
                links,
                before,
                await store.OfProjectsAsync(here.Seat, [before.ProjectId], here.Cancel)
            )
                is { } wrong
        )
        {
            return wrong;
        }
        JsonElement? ask = null;
        if (change.Ask is { } said)
        {
            if (StoredAsk.Check(known, said, here.Ruler) is [_, ..] errors)
            {
                return Problem.Fields(errors);
            }
            ask = StoredAsk.Spelled(known.Forward.Fields, said, here.Ruler.Units);
        }
        return Workings.Changed(
            here,
            await store.ChangeAsync(
                here.Seat,
                id,
                version.Version,
                Says(change, before, known),
                new WorkingChange(
                    change.Name,
                    ask,
                    Json(change.Cloth),
                    Json(change.Progress),
                    change.Stage,
                    change.Position,
                    Json(change.Uses),
                    Json(change.Links)
                ),
                here.Cancel
            )
        );
    }

    private static JsonElement? Json<T>(T? value)
        where T : class =>
        value is null ? null : JsonSerializer.SerializeToElement(value, JsonSerializerOptions.Web);

    /// <summary>The step in the words that an undo will offer it by.</summary>
    private static string? Says(WorkingPatch change, WorkingRow before, Process known)
    {
        if (change.Links is { } links)
        {
            return links.Values.Any(l => l is not null)
                ? $"“{before.Name}” joined to another piece"
                : $"“{before.Name}” let go of another piece";
        }
        if (change.Ask is { } ask)
        {
            var labels = known
                .Forward.Fields.Where(f => ask.TryGetProperty(f.Name, out _))
                .Select(f => f.Label.ToLowerInvariant())
                .ToList();
            return labels.Count > 2
                ? $"{labels.Count} measurements of “{before.Name}”"
                : $"{string.Join(" and ", labels)} of “{before.Name}”";
        }
        return change switch
        {
            { Name: not null } => $"name of “{before.Name}”",
            { Cloth: not null } => $"fabric of “{before.Name}”",
            { Uses: not null } => $"what “{before.Name}” uses",
            { Progress: not null } => $"progress of “{before.Name}”",
            // Which stage is open is where she looks, not what she did.
            { Stage: not null } => null,
            _ => $"“{before.Name}”",
        };
    }
}
