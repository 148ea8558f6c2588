using System.ComponentModel.DataAnnotations;
using System.Text.Json;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Workrooms;

namespace ZephyrReach.Web.Keeps;

/// <summary>What was set and what came out. In a change, what is left out stays as it is.</summary>
/// <param name="Id">For a new one: a UUID of version 7, made by the client.</param>
public sealed record KeepIn(
    Guid? Id,
    [property: MaxLength(60)] Dictionary<string, string>? Settings,
    [property: StringLength(4000)] string? CameOut,
    [property: AllowedValues("", "yes", "nearly", "no", null)] string? Verdict,
    [property: StringLength(4000)] string? Note
)
{
    public KeepParts Parts() =>
        new(
            Settings is null ? null : JsonSerializer.SerializeToElement(Settings),
            CameOut,
            Verdict,
            Note
        );
}

/// <summary>A kept summary as it goes out.</summary>
public sealed record KeepOut(
    Guid Id,
    Guid WorkingId,
    JsonElement Settings,
    string CameOut,
    string Verdict,
    string Note,
    int Version,
    DateTimeOffset KeptAt
)
{
    public static KeepOut Of(KeepRow row) =>
        new(
            row.Id,
            row.WorkingId,
            row.Settings,
            row.CameOut,
            row.Verdict,
            row.Note,
            row.Stamp.Version,
            row.Stamp.CreatedAt
        );
}

/// <summary>Kept summaries, one a working.</summary>
public static class KeepEndpoints
{
    private const string Missing = "Nothing is kept of this working yet.";

    public static void MapKeeps(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api").WithTags("Keeps").ProducesValidationProblem();
        group
            .MapGet("workings/{id:guid}/keep", OfWorkingAsync)
            .WithSummary("What is kept of a working.")
            .Produces<KeepOut>();
        group
            .MapPost("workings/{id:guid}/keep", AddAsync)
            .WithSummary("Keeps a summary of a working.")
            .Produces<KeepOut>(StatusCodes.Status201Created);
        group
            .MapPatch("keeps/{id:guid}", ChangeAsync)
            .WithSummary("Changes a summary.")
            .Produces<KeepOut>();
        group
            .MapDelete("keeps/{id:guid}", RemoveAsync)
            .WithSummary("Takes a summary away.")
            .Produces(StatusCodes.Status204NoContent);
    }

    private static async Task<IResult> OfWorkingAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        KeepStore store
    )
    {
        var rows = await store.OfWorkingsAsync(
            await workroom.SeatAsync(http),
            [id],
            http.RequestAborted
        );
        return rows is [var row]
            ? Versions.Tagged(http, KeepOut.Of(row), row.Stamp)
            : Problem.NotFound(Missing);
    }

    private static async Task<IResult> AddAsync(
        HttpContext http,
        Guid id,
        KeepIn keep,
        CurrentWorkroom workroom,
        WorkingStore workings,
        KeepStore store
    )
    {
        if (keep.Id is not { Version: 7 } keepId)
        {
            return Problem.Field("id", new Uuid7Attribute().FormatErrorMessage("id"));
        }
        var seat = await workroom.SeatAsync(http);
        var row = await store.AddAsync(
            seat,
            keepId,
            id,
            keep.Parts(),
            await ThreadOfAsync(http, seat, id, workroom, workings),
            http.RequestAborted
        );
        if (row is null)
        {
            return (await store.OfWorkingsAsync(seat, [id], http.RequestAborted)) is [var there]
                ? Problem.Overtaken(
                    there.Stamp.Version,
                    there.Stamp.UpdatedBy,
                    there.Stamp.UpdatedAt,
                    KeepOut.Of(there)
                )
                : Problem.NotFound("There is no such working.");
        }
        return Versions.Tagged(http, KeepOut.Of(row), row.Stamp, $"/api/workings/{id}/keep");
    }

    /// <summary>The thread that the working has used up, when one was chosen for it.</summary>
    private static async Task<Taken?> ThreadOfAsync(
        HttpContext http,
        Seat seat,
        Guid id,
        CurrentWorkroom workroom,
        WorkingStore workings
    )
    {
        if (
            await workings.FindAsync(seat, id, http.RequestAborted) is not { } working
            || working.UsedOf("thread") is not { } thread
            || Core.Craft.Techniques.Named(working.Technique) is not { } technique
        )
        {
            return null;
        }
        var row = await workroom.RowAsync(http);
        var outcome = technique.Straight.Reckon(AskJson.Read(working.Ask), row.RulerFor(row.Units));
        return technique.Portrait(outcome.Answer) is { } portrait
            ? new Taken(thread, portrait.Thread)
            : null;
    }

    private static async Task<IResult> ChangeAsync(
        HttpContext http,
        Guid id,
        KeepIn keep,
        CurrentWorkroom workroom,
        KeepStore store
    )
    {
        if (Versions.IfMatch(http.Request) is not { } version)
        {
            return Problem.VersionMissing();
        }
        var changed = await store.ChangeAsync(
            await workroom.SeatAsync(http),
            id,
            version,
            keep.Parts(),
            http.RequestAborted
        );
        return Versions.Answer(http, changed, r => r.Stamp, KeepOut.Of, Missing);
    }

    private static async Task<IResult> RemoveAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        KeepStore store
    )
    {
        var removed = await store.RemoveAsync(
            await workroom.SeatAsync(http),
            id,
            null,
            "summary deleted",
            http.RequestAborted
        );
        return Removal.Answer(http, removed, r => r.Stamp, KeepOut.Of, Missing);
    }
}
