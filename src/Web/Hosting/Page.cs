using System.Text;
using System.Text.Json;
using Microsoft.Extensions.FileProviders;

namespace ZephyrReach.Web.Hosting;

/// <summary>
/// The client's page. It names the fonts, and the scripts of the view that the address opens, so that a browser asks for
/// them together with the program rather than after it has run.
/// </summary>
public sealed class Page(IFileProvider files)
{
    /// <summary>Under which a request has the nonce of its page.</summary>
    public static readonly object Nonce = new();

    private const string HeadEnds = "</head>";

    private Built? built;

    /// <summary>Answers with the page; 404 where the client has not been built.</summary>
    public async Task SendAsync(HttpContext http)
    {
        if (await ReadAsync(http.RequestAborted) is not { } page)
        {
            http.Response.StatusCode = StatusCodes.Status404NotFound;
            await http.Response.WriteAsync(
                "The client has not been built: run ./run, or npm run build."
            );
            return;
        }
        http.Response.ContentType = "text/html; charset=utf-8";
        http.Response.Headers.CacheControl = "no-cache";
        await http.Response.WriteAsync(
            page.For(http.Request.Path.Value!, (string)http.Items[Nonce]!)
        );
    }

    /// <summary>The page as it was built, read again when the client was built anew.</summary>
    private async ValueTask<Built?> ReadAsync(CancellationToken cancel)
    {
        var page = files.GetFileInfo("index.html");
        if (!page.Exists)
        {
            return null;
        }
        if (built?.At != page.LastModified)
        {
            var ahead = files.GetFileInfo("ahead.json");
            built = new Built(
                page.LastModified,
                await TextOf(page, cancel),
                ahead.Exists
                    ? JsonSerializer.Deserialize<Ahead>(
                        await TextOf(ahead, cancel),
                        JsonSerializerOptions.Web
                    )!
                    : new Ahead([], [])
            );
        }
        return built;
    }

    private static async Task<string> TextOf(IFileInfo file, CancellationToken cancel)
    {
        using var reader = new StreamReader(file.CreateReadStream(), Encoding.UTF8);
        return await reader.ReadToEndAsync(cancel);
    }

    /// <summary>What can be asked for ahead, as the client's build wrote it down.</summary>
    /// <param name="Fonts">The fonts of every view.</param>
    /// <param name="Scripts">The scripts of each view, by the first part of its address.</param>
    private sealed record Ahead(string[] Fonts, Dictionary<string, string[]> Scripts);

    private sealed record Built(DateTimeOffset At, string Html, Ahead Ahead)
    {
        public string For(string path, string nonce)
        {
            var view = path.TrimStart('/').Split('/')[0];
            var links = Ahead
                .Fonts.Select(font =>
                    $"<link rel=\"preload\" as=\"font\" type=\"font/woff2\" crossorigin href=\"/{font}\">"
                )
                .Concat(
                    Ahead
                        .Scripts.GetValueOrDefault(view, [])
                        .Select(script => $"<link rel=\"modulepreload\" href=\"/{script}\">")
                );
            return Html.Replace(
                HeadEnds,
                $"{string.Concat(links)}<meta property=\"csp-nonce\" nonce=\"{nonce}\">{HeadEnds}",
                StringComparison.Ordinal
            );
        }
    }
}
