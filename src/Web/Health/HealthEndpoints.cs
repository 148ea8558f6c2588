using ZephyrReach.Store;

namespace ZephyrReach.Web.Health;

/// <summary>Whether the program runs, and whether it can keep anything.</summary>
public static class HealthEndpoints
{
    public static void MapHealth(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/health", () => "well")
            .WithTags("Health")
            .WithSummary("Whether the program runs.");
        routes
            .MapGet("/health/ready", ReadyAsync)
            .WithTags("Health")
            .WithSummary("Whether the database answers.")
            .Produces<string>()
            .ProducesProblem(StatusCodes.Status503ServiceUnavailable);
    }

    private static async Task<string> ReadyAsync(WorkroomStore store, CancellationToken cancel)
    {
        await store.FirstAsync(cancel);
        return "ready";
    }
}
