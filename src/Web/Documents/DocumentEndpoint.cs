using System.Text;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace ZephyrReach.Web.Documents;

/// <summary>Serves the OpenAPI document, without the blanks that would double it.</summary>
public static class DocumentEndpoint
{
    /// <summary>Its name among the documents.</summary>
    public const string Name = "v1";

    public static void MapDocument(this IEndpointRouteBuilder routes)
    {
        Task<byte[]>? written = null;
        routes
            .MapGet(
                $"/openapi/{Name}.json",
                async ([FromKeyedServices(Name)] IOpenApiDocumentProvider provider) =>
                    // It is the same as long as the program runs, so it is made once; of two at once either may be kept.
                    Results.Bytes(
                        await (written ??= WriteAsync(provider)),
                        "application/json; charset=utf-8"
                    )
            )
            .ExcludeFromDescription();
    }

    private static async Task<byte[]> WriteAsync(IOpenApiDocumentProvider provider)
    {
        var document = await provider.GetOpenApiDocumentAsync(CancellationToken.None);
        using var text = new StringWriter();
        document.SerializeAsV31(new OpenApiJsonWriter(text, new() { Terse = true }));
        return Encoding.UTF8.GetBytes(text.ToString());
    }
}
