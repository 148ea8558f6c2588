namespace ZephyrReach.Web.Problems;

/// <summary>No body is larger than 64 kB, whether its length is said beforehand or not.</summary>
/// <remarks>
/// The server itself takes more, so that it can read the rest of a refused body and the refusal is not lost with the
/// connection.
/// </remarks>
public static class BodyLimit
{
    /// <summary>The largest body, in bytes.</summary>
    public const int Largest = 64 * 1024;

    public static void UseBodyLimit(this WebApplication app) =>
        app.Use(
            async (http, next) =>
            {
                var request = http.Request;
                if (request.ContentLength > Largest)
                {
                    await Problem.TooLarge().ExecuteAsync(http);
                    return;
                }
                if (request.ContentLength is null && request.Headers.TransferEncoding.Count > 0)
                {
                    var body = new byte[Largest + 1];
                    var length = await request.Body.ReadAtLeastAsync(
                        body,
                        body.Length,
                        false,
                        http.RequestAborted
                    );
                    if (length > Largest)
                    {
                        await Problem.TooLarge().ExecuteAsync(http);
                        return;
                    }
                    request.Body = new MemoryStream(body, 0, length, writable: false);
                }
                await next(http);
            }
        );
}
