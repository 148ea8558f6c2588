using ZephyrReach.Store;

namespace ZephyrReach.Web.Problems;

/// <summary>Answers the taking away of a record.</summary>
public static class Removal
{
    /// <summary>204 when it is gone, 412 with who changed it first, or 404.</summary>
    public static IResult Answer<TRow>(
        HttpContext http,
        Changed<TRow> removed,
        Func<TRow, Stamp> stamp,
        Func<TRow, object> body,
        string missing
    )
        where TRow : class =>
        removed.Matched
            ? Results.NoContent()
            : Versions.Answer(http, removed, stamp, body, missing);
}
