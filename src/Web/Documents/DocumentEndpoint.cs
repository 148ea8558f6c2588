using System.IO.Compression;
using System.Text;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace ZephyrReach.Web.Documents;

/// <summary>Serves the OpenAPI document, without the blanks that would double it, and packed for who can unpack it: to a seventh.</summary>
public static class DocumentEndpoint
{
    /// <summary>Its name among the documents.</summary>
    public const string Name = "v1";

    public static void MapDocument(this IEndpointRouteBuilder routes)
    {
        Task<(byte[] Plain, byte[] Packed)>? written = null;
        routes
            .MapGet(
                $"/openapi/{Name}.json",
                async (
                    HttpContext http,
                    [FromKeyedServices(Name)] IOpenApiDocumentProvider provider
                ) =>
                {
                    // It is the same as long as the program runs, so it is made once; of two at once either may be kept.
                    var (plain, packed) = await (written ??= WriteAsync(provider));
                    var unpacks = http
                        .Request.GetTypedHeaders()
                        .AcceptEncoding.Any(e => e.Value == "gzip" && e.Quality is not 0);
                    http.Response.Headers.Vary = "Accept-Encoding";
                    if (unpacks)
                    {
                        http.Response.Headers.ContentEncoding = "gzip";
                    }
                    return Results.Bytes(
                        unpacks ? packed : plain,
                        "application/json; charset=utf-8"
                    );
                }
            )
            .ExcludeFromDescription();
    }

    private static async Task<(byte[] Plain, byte[] Packed)> WriteAsync(
        IOpenApiDocumentProvider provider
    )
    {
        var document = await provider.GetOpenApiDocumentAsync(CancellationToken.None);
        using var text = new StringWriter();
        document.SerializeAsV31(new OpenApiJsonWriter(text, new() { Terse = true }));
        var plain = Encoding.UTF8.GetBytes(text.ToString());
        using var packed = new MemoryStream();
        using (var gzip = new GZipStream(packed, CompressionLevel.SmallestSize))
        {
            gzip.Write(plain);
        }
        return (plain, packed.ToArray());
    }
}
