using Microsoft.AspNetCore.Diagnostics;
using Npgsql;
using ZephyrReach.Store;

namespace ZephyrReach.Web.Problems;

/// <summary>Turns what a request cannot be forgiven for, and what the database refuses, into problems.</summary>
public sealed class Refusals(ILogger<Refusals> log) : IExceptionHandler
{
    /// <summary>A stitch names a machine that there is not.</summary>
    private const string NoMachine = "ZR001";

    public async ValueTask<bool> TryHandleAsync(
        HttpContext http,
        Exception exception,
        CancellationToken cancel
    )
    {
        if (http.Response.HasStarted || http.RequestAborted.IsCancellationRequested)
        {
            return true;
        }
        var result = exception switch
        {
            RefusedException refused => refused.Answer,
            Core.TooMuchException => Problem.Fields(Core.Answers.Calculation.TooMuchAtAll),
            BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } =>
                Problem.TooLarge(BodyLimit.Largest),
            BadHttpRequestException { StatusCode: StatusCodes.Status415UnsupportedMediaType } =>
                Problem.WrongContentType(),
            // A body that breaks the rules of HTTP, such as a part that is said to be larger than any.
            IOException { InnerException: OverflowException } => Problem.BrokenJson(),
            BadHttpRequestException bad => Results.Problem(
                title: Plain(bad),
                statusCode: bad.StatusCode
            ),
            // A text that is no Unicode is found only when it is taken out of its JSON.
            // The serializer turns the one into the other when it meets such a text on its way.
            System.Text.Json.JsonException
            or InvalidOperationException
            {
                Source: "System.Text.Json" or "System.Text.Json.Rethrowable"
            } => Problem.BrokenJson(),
            PostgresException
            {
                SqlState: PostgresErrorCodes.UntranslatableCharacter
                    or PostgresErrorCodes.CharacterNotInRepertoire
            } => Results.Problem(
                title: "A text holds a character that can’t be saved.",
                statusCode: StatusCodes.Status400BadRequest
            ),
            PostgresException { SqlState: NoMachine, MessageText: var says } => Problem.Field(
                "onMachine",
                says
            ),
            PostgresException { ConstraintName: "machines_by_name" } => Problem.Field(
                "name",
                "Another machine has this name: by it stitches know their machine."
            ),
            PostgresException { SqlState: PostgresErrorCodes.UniqueViolation } => Problem.Conflict(
                "Another device did the same a moment before; look at what is there now."
            ),
            PostgresException { SqlState: PostgresErrorCodes.ForeignKeyViolation } =>
                Problem.Conflict("What this belongs to was taken away in the meantime."),
            PostgresException
            {
                SqlState: PostgresErrorCodes.DeadlockDetected
                    or PostgresErrorCodes.SerializationFailure
            } => Problem.Conflict(
                "This was changed on another device at the same time; your change wasn’t saved. Please try again."
            ),
            PostgresException
            {
                SqlState: PostgresErrorCodes.LockNotAvailable or PostgresErrorCodes.QueryCanceled
            } => Results.Problem(
                title: "Somebody else holds this at the moment; nothing was saved. Try again in a moment.",
                statusCode: StatusCodes.Status503ServiceUnavailable
            ),
            // A backup is being put in place, or a newer program migrates: what is asked for is there again in a moment.
            PostgresException
            {
                SqlState: PostgresErrorCodes.UndefinedTable
                    or PostgresErrorCodes.UndefinedFunction
                    or PostgresErrorCodes.UndefinedColumn
                    or PostgresErrorCodes.InvalidSchemaName
            } => Results.Problem(
                title: "The database is being put in place; nothing was saved. Try again in a moment.",
                statusCode: StatusCodes.Status503ServiceUnavailable
            ),
            _ when NoRoomException.Is(exception)
                    || exception is PostgresException { SqlState: PostgresErrorCodes.DiskFull } =>
                Results.Problem(
                    title: new NoRoomException().Message,
                    statusCode: StatusCodes.Status507InsufficientStorage
                ),
            NpgsqlException { IsTransient: true }
            or NpgsqlException { InnerException: System.Net.Sockets.SocketException } =>
                Problem.NoAnswer(isRead: HttpMethods.IsGet(http.Request.Method)),
            _ => null,
        };
        if (result is null)
        {
            return false;
        }
        log.LogInformation("Refused {Path}: {Reason}", http.Request.Path, exception.Message);
        await result.ExecuteAsync(http);
        return true;
    }

    private static string Plain(BadHttpRequestException bad) =>
        bad.InnerException is System.Text.Json.JsonException json
            ? $"The body is not what is expected here{(json.Path is { Length: > 2 } path ? $", at {path[2..]}" : "")}."
            : bad.Message;
}
