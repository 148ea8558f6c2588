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
}
