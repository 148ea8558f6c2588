using ZephyrReach.Store;
using ZephyrReach.Web.Workrooms;

namespace ZephyrReach.Web.Histories;

/// <summary>The step that is meant, as the history gave it.</summary>
public sealed record StepIn(long Step);

/// <summary>What can be undone and done again next.</summary>
/// <param name="Turned">Whether the request turned a step; false when it was turned already or is not the next.</param>
public sealed record HistoryOut(StepRow? Undo, StepRow? Redo, bool Turned);

/// <summary>Undo and redo, kept with the workroom.</summary>
public static class HistoryEndpoints
{
    public static void MapHistory(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/history").WithTags("History");
        group
            .MapGet(
                "",
                (HttpContext http, CurrentWorkroom workroom, HistoryStore store) =>
                    LookAsync(http, workroom, store, false)
            )
            .WithSummary("What can be undone and done again next.")
            .Produces<HistoryOut>();
        group
            .MapPost(
                "undo",
                (HttpContext http, StepIn step, CurrentWorkroom workroom, HistoryStore store) =>
                    TurnAsync(http, step, true, workroom, store)
            )
            .WithSummary("Takes the last step back.")
            .Produces<HistoryOut>();
        group
            .MapPost(
                "redo",
                (HttpContext http, StepIn step, CurrentWorkroom workroom, HistoryStore store) =>
                    TurnAsync(http, step, false, workroom, store)
            )
            .WithSummary("Does the step that was taken back last again.")
            .Produces<HistoryOut>();
    }

    private static async Task<IResult> LookAsync(
        HttpContext http,
        CurrentWorkroom workroom,
        HistoryStore store,
        bool turned
    )
    {
        var history = await store.LookAsync(await workroom.SeatAsync(http), http.RequestAborted);
        return Results.Ok(new HistoryOut(history.Undo, history.Redo, turned));
    }

    private static async Task<IResult> TurnAsync(
        HttpContext http,
        StepIn step,
        bool back,
        CurrentWorkroom workroom,
        HistoryStore store
    )
    {
        var turned = await store.TurnAsync(
            await workroom.SeatAsync(http),
            step.Step,
            back,
            http.RequestAborted
        );
        workroom.Forget();
        return await LookAsync(http, workroom, store, turned);
    }
}
