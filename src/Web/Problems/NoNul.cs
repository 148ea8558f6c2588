namespace ZephyrReach.Web.Problems;

/// <summary>Refuses texts with the character U+0000 before the database sees them: it keeps none, and its connection is spoilt for others.</summary>
public static class NoNul
{
    private static readonly string[] KeptNowhere =
    [
        "/api/reckon",
        "/api/card",
        "/api/fit",
        "/api/lines",
    ];

    public static void UseNoNul(this WebApplication app) =>
        app.Use(
            async (http, next) =>
            {
                var request = http.Request;
                if (
                    request.QueryString.Value?.Contains("%00", StringComparison.Ordinal) == true
                    || request.Path.Value!.Contains('\0')
                    || (IsKept(request) && await HasNulAsync(request, http.RequestAborted))
                )
                {
                    await Problem.HasNul().ExecuteAsync(http);
                    return;
                }
                await next(http);
            }
        );

    /// <summary>Bodies of JSON that may be kept; what is only reckoned with is not looked through.</summary>
    private static bool IsKept(HttpRequest request) =>
        request.ContentType?.Contains("json", StringComparison.OrdinalIgnoreCase) == true
        && !KeptNowhere.Any(p => request.Path.StartsWithSegments(p));

    /// <summary>Looks a body through, which is then read as if nobody had.</summary>
    private static async Task<bool> HasNulAsync(HttpRequest request, CancellationToken cancel)
    {
        var body = new MemoryStream();
        await request.Body.CopyToAsync(body, cancel);
        body.Position = 0;
        request.Body = body;
        return HasNul(body.GetBuffer().AsSpan(0, (int)body.Length));
    }

    /// <summary>Whether JSON has an escaped U+0000: a backslash that is not escaped itself, and u0000.</summary>
    internal static bool HasNul(ReadOnlySpan<byte> json)
    {
        for (var at = 0; ; at += 5)
        {
            var found = json[at..].IndexOf("u0000"u8);
            if (found < 0)
            {
                return false;
            }
            at += found;
            var slashes = 0;
            while (at - slashes > 0 && json[at - slashes - 1] == '\\')
            {
                slashes++;
            }
            if (slashes % 2 == 1)
            {
                return true;
            }
        }
    }
}
