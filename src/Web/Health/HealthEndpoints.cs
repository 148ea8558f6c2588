using ZephyrReach.Store;

namespace ZephyrReach.Web.Health;

/// <summary>Whether the program runs, and whether it can keep anything.</summary>
public static class HealthEndpoints
{
    /// <summary>A database that answers later than this is not ready.</summary>
    private static readonly TimeSpan Soon = TimeSpan.FromSeconds(1.5);

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

    private static async Task<IResult> ReadyAsync(WorkroomStore store, CancellationToken cancel)
    {
        try
        {
            await store.FirstAsync(cancel).WaitAsync(Soon, cancel);
            return Results.Text("ready");
        }
        catch (TimeoutException)
        {
            return Results.Problem(
                title: "The database does not answer in time.",
                statusCode: StatusCodes.Status503ServiceUnavailable
            );
        }
    }
}
