using System.Globalization;
using ZephyrReach.Core.Measures;
using ZephyrReach.Files;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;

namespace ZephyrReach.Web.Requests;

/// <summary>Where a request stands: in which workroom, from which seat, and against which ruler it is answered.</summary>
/// <param name="Ruler"><c>?units=metric|imperial</c>, else the workroom's own.</param>
public sealed record Here(HttpContext Http, WorkroomRow Workroom, Seat Seat, Ruler Ruler)
{
    public CancellationToken Cancel => Http.RequestAborted;

    /// <exception cref="RefusedException">The units are not known.</exception>
    public static async ValueTask<Here> BindAsync(HttpContext http)
    {
        var workroom = await http
            .RequestServices.GetRequiredService<CurrentWorkroom>()
            .RowAsync(http);
        var by = http.Request.Headers["Zr-Seat"].ToString();
        return new Here(
            http,
            workroom,
            new Seat(workroom.Id, Cut.To(by, 40)),
            http.Request.Query["units"].ToString() switch
            {
                "" => workroom.RulerFor(workroom.Units),
                "metric" => workroom.Metric,
                "imperial" => workroom.Imperial,
                _ => throw new RefusedException(
                    Problem.Field("units", "units must be “metric” or “imperial”.")
                ),
            }
        );
    }
}

/// <summary>The version that a change rests on: <c>If-Match</c>.</summary>
public sealed record IfMatch(int Version)
{
    /// <exception cref="RefusedException">It is not said, or cannot be one of ours.</exception>
    public static ValueTask<IfMatch> BindAsync(HttpContext http) =>
        Of(http) is { } version
            ? ValueTask.FromResult(new IfMatch(version))
            : throw new RefusedException(Problem.VersionMissing());

    /// <summary>The version, where a request may also leave it out; then null.</summary>
    /// <exception cref="RefusedException">What is said cannot be one of ours: a slip must not pass for leave to do anything.</exception>
    public static int? Of(HttpContext http)
    {
        var said = http.Request.Headers.IfMatch.ToString().Trim();
        return said.Length == 0 ? null
            : int.TryParse(
                said.Length > 1 && said[0] == '"' && said[^1] == '"' ? said[1..^1] : said,
                NumberStyles.None,
                CultureInfo.InvariantCulture,
                out var version
            )
                ? version
            : throw new RefusedException(Problem.VersionUnreadable());
    }
}
