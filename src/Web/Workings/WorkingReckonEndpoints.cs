using System.Text.Json;
using ZephyrReach.Store;
using ZephyrReach.Web.Planning;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Workings;

/// <summary>Reckons for a working: as the pure route does, with what the workroom's swatches say.</summary>
public static class WorkingReckonEndpoints
{
    public static void MapWorkingReckoning(this IEndpointRouteBuilder routes)
    {
        var group = routes
            .MapGroup("/api/workings/{id:guid}")
            .DisableValidation()
            .WithTags("Workings");
        Map("reckon", "An ask of a part, answered with its swatches.", AnswerAsync);
        Map(
            "reckon/{form}",
            "A turned-round form of it, or a question on the way, with its swatches.",
            AnswerAsync
        );
        Map(
            "compare",
            "A later plan of a part, with its swatches as they now are, against what was cut by an earlier one.",
            CompareAsync
        );

        void Map(string pattern, string says, Delegate handler) =>
            group
                .MapPost(pattern, handler)
                .WithSummary(says)
                .Accepts<JsonElement>("application/json")
                .Produces<JsonElement>()
                .ProducesValidationProblem();
    }

    private static async Task<IResult> AnswerAsync(
        Here here,
        Guid id,
        WorkingStore workings,
        ProjectLoader plans
    ) =>
        await workings.FindAsync(here.Seat, id, here.Cancel) is { } working
            ? await ReckonEndpoints.AnswerAsync(
                here,
                Core.Craft.Techniques.WorkingOf(working.Technique)
                    ?.CalculationNamed(here.Http.Request.RouteValues["form"] as string ?? ""),
                ask => plans.CompleteAsync(here.Seat, working, ask, here.Ruler, here.Cancel)
            )
            : Problem.NotFound("There is no such part.");

    private static async Task<IResult> CompareAsync(
        Here here,
        Guid id,
        WorkingStore workings,
        ProjectLoader plans
    ) =>
        await workings.FindAsync(here.Seat, id, here.Cancel) is { } working
            ? await ReckonEndpoints.CompareAsync(
                here,
                Core.Craft.Techniques.WorkingOf(working.Technique),
                (ask, ruler) => plans.CompleteAsync(here.Seat, working, ask, ruler, here.Cancel)
            )
            : Problem.NotFound("There is no such part.");
}
