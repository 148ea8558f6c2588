using ZephyrReach.Store;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Example;

/// <summary>What is there of the example that a new workroom begins with, and taking it away.</summary>
public static class ExampleEndpoints
{
    public static void MapExample(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/example").WithTags("Example");
        group
            .MapGet(
                "",
                async (Here here, LoadStore store) =>
                    Results.Ok(await store.ExampleAsync(here.Seat, here.Cancel))
            )
            .WithSummary(
                "What is there of the example: its projects, and how many of its supplies."
            )
            .Produces<ExampleRow>();
        group
            .MapDelete(
                "",
                async (Here here, LoadStore store) =>
                {
                    await store.RemoveExampleAsync(here.Seat, here.Cancel);
                    return Results.NoContent();
                }
            )
            .WithSummary(
                "Takes the example away, in one step; supplies that something else uses stay."
            )
            .Produces(StatusCodes.Status204NoContent);
    }
}
