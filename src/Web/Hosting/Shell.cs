namespace ZephyrReach.Web.Hosting;

/// <summary>Serves the client: its files, and its page for every address that is a view.</summary>
public static class Shell
{
    private const string Policy =
        "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'; base-uri 'none'";

    /// <summary>Headers that keep other pages and stray content types out.</summary>
    public static void UseSafeHeaders(this WebApplication app) =>
        app.Use(
            (http, next) =>
            {
                var headers = http.Response.Headers;
                headers.XContentTypeOptions = "nosniff";
                // An answer of the API is never a page. Without these two most answers fit into one block of the
                // server's and go out in one write.
                if (!http.Request.Path.StartsWithSegments("/api"))
                {
                    headers.ContentSecurityPolicy = Policy;
                    headers["Referrer-Policy"] = "same-origin";
                }
                return next(http);
            }
        );

    /// <summary>Files with a hash in their name are kept for a year; the page itself is asked for every time.</summary>
    public static void UseClient(this WebApplication app)
    {
        var files = new StaticFileOptions
        {
            OnPrepareResponse = file =>
                file.Context.Response.Headers.CacheControl =
                    file.Context.Request.Path.StartsWithSegments("/assets")
                        ? "public, max-age=31536000, immutable"
                        : "no-cache",
        };
        app.UseStaticFiles(files);
        var page = new Page(app.Environment.WebRootFileProvider);
        // An address that no route answers is a view; an unknown one of the API is not found, a wrong verb not allowed.
        app.Use(
            (http, next) =>
                http.GetEndpoint() is null
                && HttpMethods.IsGet(http.Request.Method)
                && IsView(http.Request.Path)
                    ? page.SendAsync(http)
                    : next(http)
        );
    }

    private static bool IsView(PathString path) =>
        !path.StartsWithSegments("/api") && !Path.HasExtension(path.Value);
}
