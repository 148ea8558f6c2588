using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace ZephyrReach.Web.Documents;

/// <summary>Serves the OpenAPI document, without the blanks that would double it.</summary>
public static class DocumentEndpoint
{
    /// <summary>Its name among the documents.</summary>
    public const string Name = "v1";

    public static void MapDocument(this IEndpointRouteBuilder routes) =>
        routes.MapGet($"/openapi/{Name}.json", ReadAsync).ExcludeFromDescription();

    private static async Task<IResult> ReadAsync(
        [FromKeyedServices(Name)] IOpenApiDocumentProvider provider,
        CancellationToken cancel
    )
    {
        var document = await provider.GetOpenApiDocumentAsync(cancel);
        using var text = new StringWriter();
        document.SerializeAsV31(new OpenApiJsonWriter(text, new() { Terse = true }));
        return Results.Text(text.ToString(), "application/json; charset=utf-8");
    }
}
