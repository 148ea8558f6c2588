using System.Text.Json;
using ZephyrReach.Core.Answers;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

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
    private static readonly Records<CutListRow> Lists = new(
        "There is no such cutting list.",
        (row, _) => CutListOut.Of(row)
    );

    public static void MapCutLists(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api").WithTags("Cut lists").ProducesValidationProblem();
        group
            .MapGet(
                "workings/{id:guid}/cut-lists",
                async (Here here, Guid id, CutListStore store) =>
                    (await store.OfWorkingsAsync(here.Seat, [id], here.Cancel)).Select(
                        CutListOut.Of
                    )
            )
            .WithSummary("What was cut for a part, the newest first.");
        group
            .MapPost("workings/{id:guid}/cut-lists", FreezeAsync)
            .WithSummary("Freezes the cutting list as the part now stands.")
            .Produces<CutListOut>(StatusCodes.Status201Created);
        Lists.MapRemove<CutListStore>(
            group,
            "cut-lists/{id:guid}",
            "unlocked",
            "Takes a frozen cutting list away."
        );
    }

    private static async Task<IResult> FreezeAsync(
        Here here,
        Guid id,
        CutListIn list,
        WorkingStore workings,
        Freezer freezer
    )
    {
        if (
            await workings.FindAsync(here.Seat, id, here.Cancel) is not { } working
            || Core.Craft.Techniques.WorkingOf(working.Technique) is not { } known
        )
        {
            return Problem.NotFound("There is no such part.");
        }
        if (!known.Has(Stage.Cut))
        {
            return Problem.Field("id", "Nothing is cut for a part of this technique.");
        }
        var (row, errors) = await freezer.FreezeAsync(
            here.Seat,
            list.Id,
            working,
            working.Ask,
            here.Ruler,
            here.Cancel
        );
        return errors.Count > 0
            ? Problem.Fields(errors)
            : Lists.Added(
                here,
                row,
                _ => $"/api/workings/{id}/cut-lists",
                () => Problem.NotFound("There is no such part.")
            );
    }
}
