using System.Text.Json;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Workrooms;

namespace ZephyrReach.Web.CutLists;

/// <summary>Freezes the cut list of a working as it is now.</summary>
/// <param name="Id">A UUID of version 7, made by the client.</param>
public sealed record CutListIn([property: Uuid7] Guid Id);

/// <summary>A frozen cut list.</summary>
/// <param name="Ask">What was asked when it was cut.</param>
/// <param name="Answer">What was answered then, with its lengths in mm and text.</param>
/// <param name="Swatches">The swatches it rested on, as they were.</param>
public sealed record CutListOut(
    Guid Id,
    Guid WorkingId,
    JsonElement Ask,
    JsonElement Answer,
    JsonElement Swatches,
    DateTimeOffset CutAt
)
{
    public static CutListOut Of(CutListRow row) =>
        new(row.Id, row.WorkingId, row.Ask, row.Answer, row.Swatches, row.Stamp.CreatedAt);
}

/// <summary>Cut lists: frozen, so that a later change of plan can be held against what was cut.</summary>
public static class CutListEndpoints
{
    public static void MapCutLists(this IEndpointRouteBuilder routes)
    {
        var group = routes
            .MapGroup("/api/workings/{id:guid}/cut-lists")
            .WithTags("Cut lists")
            .ProducesValidationProblem();
        group
            .MapGet("", OfWorkingAsync)
            .WithSummary("What was cut for a working, the newest first.")
            .Produces<IReadOnlyList<CutListOut>>();
        group
            .MapPost("", FreezeAsync)
            .WithSummary("Freezes the cut list as the working now stands.")
            .Produces<CutListOut>(StatusCodes.Status201Created);
        routes
            .MapDelete("/api/cut-lists/{id:guid}", RemoveAsync)
            .WithTags("Cut lists")
            .WithSummary("Takes a frozen cut list away.")
            .Produces(StatusCodes.Status204NoContent);
    }

    private static async Task<IResult> OfWorkingAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        CutListStore store
    )
    {
        var rows = await store.OfWorkingsAsync(
            await workroom.SeatAsync(http),
            [id],
            http.RequestAborted
        );
        return Results.Ok(rows.Select(CutListOut.Of));
    }

    private static async Task<IResult> FreezeAsync(
        HttpContext http,
        Guid id,
        CutListIn list,
        CurrentWorkroom workroom,
        WorkingStore workings,
        Freezer freezer
    )
    {
        var seat = await workroom.SeatAsync(http);
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        if (
            await workings.FindAsync(seat, id, http.RequestAborted) is not { } working
            || Core.Craft.Techniques.Named(working.Technique) is not { } technique
        )
        {
            return Problem.NotFound("There is no such working.");
        }
        var (row, errors) = await freezer.FreezeAsync(
            seat,
            list.Id,
            working,
            working.Ask,
            technique,
            ruler,
            http.RequestAborted
        );
        if (errors.Count > 0)
        {
            return Problem.Fields(errors);
        }
        return row is null
            ? Problem.NotFound("There is no such working.")
            : Versions.Tagged(http, CutListOut.Of(row), row.Stamp, $"/api/workings/{id}/cut-lists");
    }

    private static async Task<IResult> RemoveAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        CutListStore store
    )
    {
        var removed = await store.RemoveAsync(
            await workroom.SeatAsync(http),
            id,
            null,
            "cut list taken back",
            http.RequestAborted
        );
        return Removal.Answer(
            http,
            removed,
            r => r.Stamp,
            CutListOut.Of,
            "There is no such cut list."
        );
    }
}
