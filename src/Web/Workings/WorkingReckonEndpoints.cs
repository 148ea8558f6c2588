using System.Text.Json;
using ZephyrReach.Core.Craft;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Swatches;
using ZephyrReach.Web.Workrooms;

namespace ZephyrReach.Web.Workings;

/// <summary>Reckons for a working: as the pure route does, with what the workroom's swatches say.</summary>
public static class WorkingReckonEndpoints
{
    public static void MapWorkingReckoning(this IEndpointRouteBuilder routes)
    {
        Map("/api/workings/{id:guid}/reckon", "An ask of a working, answered with its swatches.");
        Map(
            "/api/workings/{id:guid}/reckon/{form}",
            "A turned-round form of it, or a question on the way, with its swatches."
        );

        routes
            .MapPost("/api/workings/{id:guid}/compare", CompareAsync)
            .DisableValidation()
            .WithTags("Workings")
            .WithSummary(
                "A later plan of a working, with its swatches as they now are, against what was cut by an earlier one."
            )
            .Accepts<JsonElement>("application/json")
            .Produces<JsonElement>()
            .ProducesValidationProblem();

        void Map(string pattern, string says) =>
            routes
                .MapPost(pattern, AnswerAsync)
                .DisableValidation()
                .WithTags("Workings")
                .WithSummary(says)
                .Accepts<JsonElement>("application/json")
                .Produces<JsonElement>()
                .ProducesValidationProblem();
    }

    private static async Task AnswerAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        WorkingStore workings,
        SampleFeed samples
    )
    {
        var seat = await workroom.SeatAsync(http);
        if (
            await workings.FindAsync(seat, id, http.RequestAborted) is not { } working
            || Core.Craft.Techniques.Named(working.Technique) is not { } technique
        )
        {
            await Problem.NotFound("There is no such working.").ExecuteAsync(http);
            return;
        }
        await ReckonEndpoints.AnswerAsync(
            http,
            technique.FormNamed(http.Request.RouteValues["form"] as string ?? ""),
            workroom,
            ask => samples.WithSamplesAsync(seat, working, ask, http.RequestAborted)
        );
    }

    private static async Task<IResult> CompareAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        WorkingStore workings,
        SampleFeed samples
    )
    {
        var seat = await workroom.SeatAsync(http);
        return
            await workings.FindAsync(seat, id, http.RequestAborted) is { } working
            && Core.Craft.Techniques.Named(working.Technique) is { } technique
            ? await ReckonEndpoints.CompareAsync(
                http,
                technique,
                workroom,
                ask => samples.WithSamplesAsync(seat, working, ask, http.RequestAborted)
            )
            : Problem.NotFound("There is no such working.");
    }
}
