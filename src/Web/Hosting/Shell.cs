using System.Security.Cryptography;

namespace ZephyrReach.Web.Hosting;

/// <summary>Serves the client: its files, and its page for every address that is a view.</summary>
public static class Shell
{
    /// <summary>Nothing of a page's own runs or looks but what the program serves; of the dialogs' style what carries the nonce.</summary>
    private static string Policy(string style) =>
        $"default-src 'self'; img-src 'self' data: blob:; style-src 'self' {style}; form-action 'none'; frame-ancestors 'none'; object-src 'none'; base-uri 'none'";

    /// <summary>Devices that a page of ours never asks for.</summary>
    private const string Permissions =
        "camera=(), geolocation=(), microphone=(), payment=(), usb=(), bluetooth=(), serial=(), hid=()";

    /// <summary>Headers that keep other pages and stray content types out.</summary>
    public static void UseSafeHeaders(this WebApplication app) =>
        app.Use(
            (http, next) =>
            {
                var headers = http.Response.Headers;
                headers.XContentTypeOptions = "nosniff";
                // An answer of the API is never a page. Without these most answers fit into one block of the
                // server's and go out in one write.
                if (!http.Request.Path.StartsWithSegments("/api"))
                {
                    var nonce = Convert.ToBase64String(RandomNumberGenerator.GetBytes(18));
                    http.Items[Page.Nonce] = nonce;
                    headers.ContentSecurityPolicy = Policy($"'nonce-{nonce}'");
                    headers["Referrer-Policy"] = "same-origin";
                    headers["Cross-Origin-Opener-Policy"] = "same-origin";
                    headers["Cross-Origin-Embedder-Policy"] = "require-corp";
                    headers["Permissions-Policy"] = Permissions;
                }
                headers["Cross-Origin-Resource-Policy"] = "same-origin";
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
