using ZephyrReach.Store;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Find;

/// <summary>Finds anything by its words.</summary>
public static class FindEndpoints
{
    private const int LongestText = 100;

    public static void MapFind(this IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/find", FindAsync)
            .WithTags("Find")
            .WithSummary("Projects, parts, swatches and kept summaries whose words contain a text.")
            .Produces<IReadOnlyList<FoundRow>>();

    private static async Task<IResult> FindAsync(Here here, FindStore store, string q = "")
    {
        var text = q.Trim();
        return text.Length is 0 or > LongestText || text.Contains('\0', StringComparison.Ordinal)
            ? Results.Ok(Array.Empty<FoundRow>())
            : Results.Ok(await store.FindAsync(here.Seat, text, here.Cancel));
    }
}
