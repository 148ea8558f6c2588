using System.Net;

namespace ZephyrReach.Web.Hosting;

/// <summary>
/// Who is not answered. The program listens on this machine only, yet every page in a browser here can reach it: by a name of
/// its own that points here, or by sending something across. Neither is let in.
/// </summary>
public static class Strangers
{
    public static void UseNoStrangers(this WebApplication app, Settings settings) =>
        app.Use(
            async (http, next) =>
            {
                var host = http.Request.Host;
                if (!IsOurs(host.Host, settings))
                {
                    await Results
                        .Problem(
                            title: "The program is not served under that name. Open it under 127.0.0.1, or say the name with ZR_HOSTS.",
                            statusCode: StatusCodes.Status421MisdirectedRequest
                        )
                        .ExecuteAsync(http);
                    return;
                }
                if (Changes(http.Request.Method) && IsFromElsewhere(http.Request))
                {
                    await Results
                        .Problem(
                            title: "Another page sent this. A change has to come from the program's own page.",
                            statusCode: StatusCodes.Status403Forbidden
                        )
                        .ExecuteAsync(http);
                    return;
                }
                await next(http);
            }
        );

    private static bool IsOurs(string host, Settings settings) =>
        string.Equals(host, "localhost", StringComparison.OrdinalIgnoreCase)
        || (
            IPAddress.TryParse(host.Trim('[', ']'), out var address)
            && IPAddress.IsLoopback(address)
        )
        || settings.Hosts.Contains(host, StringComparer.OrdinalIgnoreCase);

    private static bool Changes(string method) =>
        !HttpMethods.IsGet(method) && !HttpMethods.IsHead(method) && !HttpMethods.IsOptions(method);

    /// <summary>Browsers say where a page is from; what says nothing is no page.</summary>
    private static bool IsFromElsewhere(HttpRequest request)
    {
        var origin = request.Headers.Origin.ToString();
        return request.Headers["Sec-Fetch-Site"] == "cross-site"
            || (
                origin.Length > 0
                && !(
                    Uri.TryCreate(origin, UriKind.Absolute, out var from)
                    && string.Equals(
                        from.Authority,
                        request.Host.Value,
                        StringComparison.OrdinalIgnoreCase
                    )
                )
            );
    }
}
