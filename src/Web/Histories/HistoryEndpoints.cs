using ZephyrReach.Store;
using ZephyrReach.Web.Requests;
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
            .MapGet("", (Here here, HistoryStore store) => LookAsync(here, store, false))
            .WithSummary("What can be undone and done again next.")
            .Produces<HistoryOut>();
        group
            .MapPost(
                "undo",
                (Here here, StepIn step, CurrentWorkroom workroom, HistoryStore store) =>
                    TurnAsync(here, step, true, workroom, store)
            )
            .WithSummary("Takes the last step back.")
            .Produces<HistoryOut>();
        group
            .MapPost(
                "redo",
                (Here here, StepIn step, CurrentWorkroom workroom, HistoryStore store) =>
                    TurnAsync(here, step, false, workroom, store)
            )
            .WithSummary("Does the step that was taken back last again.")
            .Produces<HistoryOut>();
    }

    private static async Task<IResult> LookAsync(Here here, HistoryStore store, bool turned)
    {
        var history = await store.LookAsync(here.Seat, here.Cancel);
        return Results.Ok(new HistoryOut(history.Undo, history.Redo, turned));
    }

    private static async Task<IResult> TurnAsync(
        Here here,
        StepIn step,
        bool back,
        CurrentWorkroom workroom,
        HistoryStore store
    )
    {
        var turned = await store.TurnAsync(here.Seat, step.Step, back, here.Cancel);
        workroom.Forget();
        return await LookAsync(here, store, turned);
    }
}
