using System.Globalization;
using ZephyrReach.Store;

namespace ZephyrReach.Web.Problems;

/// <summary>Versions over HTTP: a record's version is its entity tag.</summary>
public static class Versions
{
    /// <summary>The version in If-Match; null when there is none or it cannot be one of ours.</summary>
    public static int? IfMatch(HttpRequest request)
    {
        var tag = request.Headers.IfMatch.ToString().Trim('"', ' ');
        return int.TryParse(tag, NumberStyles.None, CultureInfo.InvariantCulture, out var version)
            ? version
            : null;
    }

    /// <summary>A record with its version as entity tag.</summary>
    public static IResult Tagged<T>(HttpContext http, T body, Stamp stamp, string? createdAt = null)
    {
        http.Response.Headers.ETag = $"\"{stamp.Version}\"";
        return createdAt is null ? Results.Ok(body) : Results.Created(createdAt, body);
    }

    /// <summary>Answers a change: the record as it is now, 412 with who was first, or 404.</summary>
    public static IResult Answer<TRow>(
        HttpContext http,
        Changed<TRow> changed,
        Func<TRow, Stamp> stamp,
        Func<TRow, object> body,
        string missing
    )
        where TRow : class
    {
        if (changed.Row is not { } row)
        {
            return Problem.NotFound(missing);
        }
        var now = stamp(row);
        return changed.Matched
            ? Tagged(http, body(row), now)
            : Problem.Overtaken(now.Version, now.UpdatedBy, now.UpdatedAt, body(row));
    }
}
