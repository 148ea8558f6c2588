using Microsoft.AspNetCore.Server.Kestrel.Core;
using Microsoft.AspNetCore.Server.Kestrel.Core.Features;
using Microsoft.Net.Http.Headers;

namespace ZephyrReach.Web.Problems;

/// <summary>No body is larger than 256 kB, no table or SVG than 1 MB, no photograph than 15 MB and no archive than 1 GB, whether its length is said beforehand or not.</summary>
/// <remarks>
/// The server itself takes more, so that it can read the rest of a refused body and the refusal is not lost with the
/// connection.
/// </remarks>
public static class BodyLimit
{
    /// <summary>The largest body, in bytes.</summary>
    public const int Largest = 256 * 1024;

    /// <summary>The largest file that is taken in, in bytes.</summary>
    public const int LargestFile = 1024 * 1024;

    /// <summary>Who sends a file slower than this would hold up those who wait to send theirs.</summary>
    private static readonly MinDataRate Slowest = new(20_000, TimeSpan.FromSeconds(10));

    /// <summary>Ends a request whose body comes too slowly from here on.</summary>
    public static void RefuseSlowBody(this HttpContext http)
    {
        if (http.Features.Get<IHttpMinRequestBodyDataRateFeature>() is { } rate)
        {
            rate.MinDataRate = Slowest;
        }
    }

    public static void UseBodyLimit(this WebApplication app) =>
        app.Use(
            async (http, next) =>
            {
                var request = http.Request;
                var path = request.Path.Value!;
                long largest =
                    path.EndsWith("/csv", StringComparison.Ordinal)
                    || path.EndsWith("/svg", StringComparison.Ordinal)
                        ? LargestFile
                    : path.EndsWith("/photographs", StringComparison.Ordinal)
                        ? Files.Photograph.LargestFile
                    : path.StartsWith("/api/archive", StringComparison.Ordinal)
                        ? Files.ArchiveFile.Largest
                    // A try is as long as its exercise lets it be.
                    : path.StartsWith("/api/practice", StringComparison.Ordinal) ? LargestFile
                    : Largest;
                if (
                    MediaTypeHeaderValue.TryParse(request.ContentType, out var type)
                    && type.Charset is { Length: > 0 } said
                    && !said.Equals("utf-8", StringComparison.OrdinalIgnoreCase)
                    // A table says how its letters are written.
                    && !path.EndsWith("/csv", StringComparison.Ordinal)
                )
                {
                    await Problem.WrongCharset().ExecuteAsync(http);
                    return;
                }
                if (request.ContentLength > largest)
                {
                    await Problem.TooLarge(largest).ExecuteAsync(http);
                    return;
                }
                // Photographs and archives are read where they are dealt with.
                if (
                    request.ContentLength is null
                    && request.Headers.TransferEncoding.Count > 0
                    && largest <= LargestFile
                )
                {
                    var body = new byte[largest + 1];
                    var length = await request.Body.ReadAtLeastAsync(
                        body,
                        body.Length,
                        false,
                        http.RequestAborted
                    );
                    if (length > largest)
                    {
                        await Problem.TooLarge(largest).ExecuteAsync(http);
                        return;
                    }
                    request.Body = new MemoryStream(body, 0, length, writable: false);
                }
                await next(http);
            }
        );
}
