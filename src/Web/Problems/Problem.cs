using ZephyrReach.Core.Inputs;
using ZephyrReach.Web.Measures;

namespace ZephyrReach.Web.Problems;

/// <summary>Everything that can be wrong with a request, as <c>application/problem+json</c>.</summary>
public static class Problem
{
    public static IResult WrongContentType() =>
        Of(
            StatusCodes.Status415UnsupportedMediaType,
            "The body must be JSON, with the content type application/json."
        );

    public static IResult WrongCharset() =>
        Of(StatusCodes.Status415UnsupportedMediaType, "The body must be in UTF-8.");

    public static IResult TooLarge(long largest) =>
        Of(
            StatusCodes.Status413PayloadTooLarge,
            largest < 1024 * 1024
                ? $"The body is larger than {largest / 1024} kB, which is more than any ask needs."
                : $"The file is larger than {largest / (1024 * 1024)} MB."
        );

    public static IResult BrokenJson() =>
        Of(StatusCodes.Status400BadRequest, "The body is not readable as JSON.");

    public static IResult NotAnObject() =>
        Of(StatusCodes.Status400BadRequest, "The body must be a JSON object.");

    /// <summary>Nothing is kept, or known, under that name.</summary>
    public static IResult NotFound(string what) => Of(StatusCodes.Status404NotFound, what);

    /// <summary>A change came without saying which version it rests on.</summary>
    public static IResult VersionMissing() =>
        Of(
            StatusCodes.Status428PreconditionRequired,
            "A change has to say which version it rests on, with If-Match."
        );

    /// <summary>A change says a version that is none.</summary>
    public static IResult VersionUnreadable() =>
        Of(
            StatusCodes.Status400BadRequest,
            "If-Match must be one version in quotes, as it was given."
        );

    /// <summary>Somebody else is being served.</summary>
    public static IResult Busy(string says) => Of(StatusCodes.Status503ServiceUnavailable, says);

    /// <summary>The database is gone: whether what was sent was kept, nobody knows before it is looked at.</summary>
    public static IResult NoAnswer(bool isRead) =>
        Results.Problem(
            title: isRead
                ? "The database does not answer. Try again in a moment."
                : "The database does not answer: it is not known whether this was saved.",
            statusCode: StatusCodes.Status503ServiceUnavailable,
            extensions: isRead ? null : new Dictionary<string, object?> { ["isUnknown"] = true }
        );

    /// <summary>A text with what no database keeps.</summary>
    public static IResult HasNul() =>
        Of(StatusCodes.Status400BadRequest, "A text cannot have the character U+0000.");

    /// <summary>Two came with the same at once, or one took away what the other builds on.</summary>
    public static IResult Conflict(string says) => Of(StatusCodes.Status409Conflict, says);

    /// <summary>Another editor was first.</summary>
    /// <param name="current">The record as it is now.</param>
    public static IResult Overtaken(int version, string by, DateTimeOffset at, object current) =>
        Results.Problem(
            title: $"This was changed {(by.Length > 0 ? $"on the {by} " : "")}before, at {at:HH:mm} UTC.",
            statusCode: StatusCodes.Status412PreconditionFailed,
            extensions: new Dictionary<string, object?>
            {
                ["version"] = version,
                ["changedBy"] = by,
                ["changedAt"] = at,
                ["current"] = current,
            }
        );

    /// <summary>One field is wrong.</summary>
    public static IResult Field(string field, string says) =>
        Fields([new FieldError(field, Refusal.Unusable, says)]);

    /// <summary>Some fields are wrong; each is named.</summary>
    public static IResult Fields(
        IReadOnlyList<FieldError> errors,
        IReadOnlyDictionary<string, LengthOut>? understood = null
    )
    {
        var byField = errors
            .GroupBy(e => e.Field)
            .ToDictionary(g => g.Key, g => g.Select(e => e.Says).ToArray());
        var extensions = new Dictionary<string, object?>
        {
            ["missing"] = errors
                .Where(e => e.Refusal == Refusal.Missing)
                .Select(e => e.Field)
                .ToArray(),
        };
        if (understood is { } read)
        {
            extensions["understood"] = read;
        }
        return Results.ValidationProblem(
            byField,
            statusCode: errors.Any(e => e.Refusal == Refusal.TooMuch)
                ? StatusCodes.Status422UnprocessableEntity
                : StatusCodes.Status400BadRequest,
            title: errors.Count == 1 ? errors[0].Says : "Some entries need correcting.",
            extensions: extensions
        );
    }

    private static IResult Of(int status, string title) =>
        Results.Problem(title: title, statusCode: status);
}
