using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Histories;

/// <summary>The step that is meant, as the history gave it.</summary>
public sealed record StepIn(long Step);

/// <summary>What can be undone and done again next.</summary>
/// <param name="Turned">Whether the request turned a step; false when it was turned already or is not the next.</param>
public sealed record HistoryOut(StepRow? Undo, StepRow? Redo, bool Turned);

/// <summary>Undo and redo, kept with the workroom.</summary>
public static class HistoryEndpoints
{
    private const string Practised = "practice";

    public static void MapHistory(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/history").WithTags("History");
        group
            .MapGet(
                "",
                (Here here, HistoryStore store, string? of) => LookAsync(here, store, of, false)
            )
            .WithSummary(
                "What can be undone and done again next: of the work, or ?of=practice, which has steps of its own."
            )
            .Produces<HistoryOut>();
        group
            .MapPost(
                "undo",
                (
                    Here here,
                    StepIn step,
                    CurrentWorkroom workroom,
                    HistoryStore store,
                    string? of
                ) => TurnAsync(here, step, of, true, workroom, store)
            )
            .WithSummary("Takes the last step back.")
            .Produces<HistoryOut>();
        group
            .MapPost(
                "redo",
                (
                    Here here,
                    StepIn step,
                    CurrentWorkroom workroom,
                    HistoryStore store,
                    string? of
                ) => TurnAsync(here, step, of, false, workroom, store)
            )
            .WithSummary("Does the step that was taken back last again.")
            .Produces<HistoryOut>();
    }

    private static async Task<IResult> LookAsync(
        Here here,
        HistoryStore store,
        string? of,
        bool turned
    )
    {
        if (of is not (null or Practised))
        {
            return Problem.Field("of", $"of is left out, or is “{Practised}”.");
        }
        var history = await store.LookAsync(here.Seat, here.Cancel, of ?? "");
        return Results.Ok(new HistoryOut(history.Undo, history.Redo, turned));
    }

    private static async Task<IResult> TurnAsync(
        Here here,
        StepIn step,
        string? of,
        bool back,
        CurrentWorkroom workroom,
        HistoryStore store
    )
    {
        var turned = await store.TurnAsync(here.Seat, step.Step, back, here.Cancel);
        workroom.Forget();
        return await LookAsync(here, store, of, turned);
    }
}
