namespace ZephyrReach.Web.Hosting;

/// <summary>HEAD is answered as GET is, without the body.</summary>
public static class Head
{
    public static void UseHead(this WebApplication app) =>
        app.Use(
            async (http, next) =>
            {
                if (!HttpMethods.IsHead(http.Request.Method))
                {
                    await next(http);
                    return;
                }
                var body = http.Response.Body;
                http.Request.Method = HttpMethods.Get;
                http.Response.Body = Stream.Null;
                try
                {
                    await next(http);
                }
                finally
                {
                    http.Request.Method = HttpMethods.Head;
                    http.Response.Body = body;
                }
            }
        );
}
