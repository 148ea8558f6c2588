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

    /// <summary>Files go out compressed; those with a hash in their name are kept for a year, the page itself is asked for every time.</summary>
    public static void UseFiles(this WebApplication app)
    {
        app.Use(
            (http, next) =>
            {
                if (http.Request.Path.StartsWithSegments("/assets"))
                {
                    http.Response.OnStarting(() =>
                    {
                        if (http.Response.StatusCode < 400)
                        {
                            http.Response.Headers.CacheControl =
                                "public, max-age=31536000, immutable";
                        }
                        return Task.CompletedTask;
                    });
                }
                return next(http);
            }
        );
        app.UseWhen(
            // Of its own, so that what it would serve under any address does not hide a wrong verb of the API.
            http => !http.Request.Path.StartsWithSegments("/api"),
            files => files.UseRouting().UseEndpoints(routes => routes.MapStaticAssets())
        );
    }

    /// <summary>An address that no route answers is a view; an unknown one of the API is not found, a wrong verb not allowed.</summary>
    public static void UsePage(this WebApplication app)
    {
        var page = new Page(app.Environment.WebRootFileProvider);
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
