namespace ZephyrReach.Web.Problems;

/// <summary>
/// To the interface a figure that is half typed, a page that nobody has written yet and a change that another seat made
/// first are answers, not failures: asked with <c>Zr-Refusals: answered</c> they come with status 200, the same
/// <c>application/problem+json</c> and their status in it. Browsers put every other status into the console, where then
/// nobody would find what is really broken.
/// </summary>
public static class QuietRefusals
{
    private const string Header = "Zr-Refusals";

    public static void UseQuietRefusals(this WebApplication app) =>
        app.Use(
            (http, next) =>
            {
                if (http.Request.Headers[Header] == "answered")
                {
                    http.Response.OnStarting(Quieten, http.Response);
                }
                return next(http);
            }
        );

    private static Task Quieten(object state)
    {
        var response = (HttpResponse)state;
        var isRefusal =
            response.StatusCode
            is StatusCodes.Status400BadRequest
                or StatusCodes.Status404NotFound
                or StatusCodes.Status409Conflict
                or StatusCodes.Status412PreconditionFailed
                or StatusCodes.Status422UnprocessableEntity;
        if (
            isRefusal
            && response.ContentType?.StartsWith(
                "application/problem+json",
                StringComparison.Ordinal
            ) == true
        )
        {
            response.StatusCode = StatusCodes.Status200OK;
        }
        return Task.CompletedTask;
    }
}
