using System.Data;
using System.Text.Json;
using System.Text.Json.Nodes;
using Npgsql;
using NpgsqlTypes;

namespace ZephyrReach.Store;

/// <summary>Who asks, and in which workroom: every statement is bound to it.</summary>
/// <param name="Workroom">The workroom whose rows are seen and changed.</param>
/// <param name="By">The seat that asks, such as <c>telephone</c>; may be empty.</param>
public readonly record struct Seat(Guid Workroom, string By);

/// <summary>Runs statements, each request's changes in one transaction and written down as one step.</summary>
/// <param name="room">How much room there is to keep anything; null where that is not known.</param>
public sealed class Database(NpgsqlDataSource source, Room? room = null)
{
    /// <summary>
    /// What a statement sets holds for its transaction only, so there is nothing to reset between two requests.
    /// </summary>
    /// <param name="connection">An Npgsql connection string.</param>
    /// <param name="isPatient">Whether it waits as long as it takes, as migrations do.</param>
    public static NpgsqlDataSource SourceOf(string connection, bool isPatient = false)
    {
        var builder = new NpgsqlDataSourceBuilder(connection);
        var settings = builder.ConnectionStringBuilder;
        settings.NoResetOnClose = true;
        // What is asked again and again is taken apart and planned once a connection, not with every request.
        settings.MaxAutoPrepare = 60;
        // Fewer than PostgreSQL lets in: who waits for one of ours is served in turn, who is turned away there is not.
        settings.MaxPoolSize = Math.Min(settings.MaxPoolSize, 40);
        if (!settings.ContainsKey(nameof(settings.Timeout)))
        {
            settings.Timeout = 60;
        }
        // Compiling a statement costs more than any of ours runs. A row that somebody holds is not waited for long.
        settings.Options ??= isPatient
            ? "-c jit=off"
            : "-c jit=off -c lock_timeout=4s -c statement_timeout=25s";
        return builder.Build();
    }

    /// <summary>Reads rows of a workroom.</summary>
    /// <param name="seat">Who reads them, in which workroom; null for what is looked at before one is known.</param>
    public Task<List<T>> ReadAsync<T>(
        Seat? seat,
        string sql,
        Func<NpgsqlDataReader, T> row,
        CancellationToken cancel,
        params object?[] values
    ) =>
        RunAsync(
            seat is { } here ? [In(here), Command(sql, values)] : [Command(sql, values)],
            row,
            cancel
        );

    /// <summary>
    /// Changes rows, and writes the change down as a step that can be undone. All statements go in one round trip and one
    /// transaction, which holds the workroom against steps being turned: when this returns, the change is on disk.
    /// </summary>
    /// <param name="seat">Who changes it, in which workroom.</param>
    /// <param name="says">
    /// The step in a few words, such as <c>a swatch added</c>; null for what is no step of work, such as which page is open.
    /// </param>
    /// <param name="sql">One statement that returns the changed rows; no rows means that nothing was changed.</param>
    /// <param name="row">Reads a returned row; the first is what is given back.</param>
    /// <param name="cancel">Ends the wait; the change may have happened.</param>
    /// <param name="values">The statement's parameters, $1 and on.</param>
    public Task<T?> ChangeAsync<T>(
        Seat seat,
        string? says,
        string sql,
        Func<NpgsqlDataReader, T> row,
        CancellationToken cancel,
        params object?[] values
    )
        where T : class => ChangeAsync(seat, says, [], sql, row, cancel, values);

    /// <summary>The same, with some things of the drawer held first: what is left of them is then what it was reckoned by.</summary>
    public async Task<T?> ChangeAsync<T>(
        Seat seat,
        string? says,
        IReadOnlyList<Guid> held,
        string sql,
        Func<NpgsqlDataReader, T> row,
        CancellationToken cancel,
        params object?[] values
    )
        where T : class
    {
        EnsureRoom();
        // A statement sees what was there when it began, so what it waits for is waited for in one before it.
        List<NpgsqlBatchCommand> statements =
        [
            Command(
                "select set_config('zr.workroom', $1, true), set_config('zr.says', $2, true), hold_workroom($1::uuid)",
                [seat.Workroom.ToString(), says ?? ""]
            ),
        ];
        if (held.Count > 0)
        {
            statements.Add(
                Command(
                    "select 1 from things where workroom_id = $1 and id = any ($2) order by id for update",
                    [seat.Workroom, held.ToArray()]
                )
            );
        }
        statements.Add(Command(sql, values));
        return (await RunAsync(statements, row, cancel)).FirstOrDefault();
    }

    /// <summary>Runs several statements one after another in one transaction: all of it, or nothing.</summary>
    public async Task<T> InOneAsync<T>(
        Seat seat,
        IsolationLevel isolation,
        Func<Transaction, Task<T>> work,
        CancellationToken cancel
    )
    {
        try
        {
            await using var connection = await source.OpenConnectionAsync(cancel);
            await using var transaction = await connection.BeginTransactionAsync(isolation, cancel);
            var one = new Transaction(connection, cancel);
            await one.RunAsync(Here, seat.Workroom.ToString());
            var result = await work(one);
            await transaction.CommitAsync(cancel);
            return result;
        }
        catch (PostgresException unexpected) when (!IsRefusal(unexpected))
        {
            source.Clear();
            throw;
        }
    }

    /// <inheritdoc cref="InOneAsync{T}"/>
    public Task InOneAsync(
        Seat seat,
        IsolationLevel isolation,
        Func<Transaction, Task> work,
        CancellationToken cancel
    ) =>
        InOneAsync(
            seat,
            isolation,
            async one =>
            {
                await work(one);
                return true;
            },
            cancel
        );

    /// <exception cref="NoRoomException">The disk is nearly full.</exception>
    public void EnsureRoom()
    {
        if (room?.IsTight == true)
        {
            throw new NoRoomException();
        }
    }

    /// <summary>Wraps JSON as a parameter for a jsonb column.</summary>
    public static NpgsqlParameter Json(JsonElement json) =>
        new() { NpgsqlDbType = NpgsqlDbType.Jsonb, Value = json.GetRawText() };

    /// <summary>The same, of a node.</summary>
    public static NpgsqlParameter Json(JsonNode json) =>
        new() { NpgsqlDbType = NpgsqlDbType.Jsonb, Value = json.ToJsonString() };

    /// <summary>A parameter for a text that may be left as it is.</summary>
    public static NpgsqlParameter Text(string? text) => Maybe(NpgsqlDbType.Text, text);

    /// <summary>A parameter for JSON that may be left as it is.</summary>
    public static NpgsqlParameter Json(JsonElement? json) =>
        Maybe(NpgsqlDbType.Jsonb, json?.GetRawText());

    /// <summary>A parameter for texts that may be left as they are.</summary>
    public static NpgsqlParameter Texts(IReadOnlyList<string>? texts) =>
        Maybe(NpgsqlDbType.Array | NpgsqlDbType.Text, texts?.ToArray());

    /// <summary>A parameter for a number that may be left as it is.</summary>
    public static NpgsqlParameter Number(double? number) => Maybe(NpgsqlDbType.Double, number);

    /// <summary>A parameter for a whole number that may be left as it is.</summary>
    public static NpgsqlParameter Whole(int? number) => Maybe(NpgsqlDbType.Integer, number);

    /// <summary>A parameter for a yes or no that may be left as it is.</summary>
    public static NpgsqlParameter Flag(bool? flag) => Maybe(NpgsqlDbType.Boolean, flag);

    /// <summary>A parameter for a moment that may be missing.</summary>
    public static NpgsqlParameter Moment(DateTimeOffset? moment) =>
        Maybe(NpgsqlDbType.TimestampTz, moment?.UtcDateTime);

    /// <summary>A parameter for an id that may be missing.</summary>
    public static NpgsqlParameter Id(Guid? id) => Maybe(NpgsqlDbType.Uuid, id);

    private static NpgsqlParameter Maybe(NpgsqlDbType type, object? value) =>
        new() { NpgsqlDbType = type, Value = value ?? DBNull.Value };

    /// <summary>
    /// Whether the database refused what it was asked, as it may at any time: for what is there or was taken, what is held, a
    /// wait that ended. Anything else is not expected of it, and then connections are made anew: what they hold prepared may be
    /// of a database that is another one by now.
    /// </summary>
    private static bool IsRefusal(PostgresException answer) =>
        answer.SqlState[..2]
            is "23" // integrity
                or "40" // taken back
                or "53" // no room
                or "55" // held
                or "57" // ended
                or "ZR";

    /// <summary>Runs statements in one transaction and one round trip; the rows are those of the last.</summary>
    private async Task<List<T>> RunAsync<T>(
        IReadOnlyList<NpgsqlBatchCommand> statements,
        Func<NpgsqlDataReader, T> row,
        CancellationToken cancel
    )
    {
        try
        {
            return await RunOnceAsync(statements, row, cancel);
        }
        catch (PostgresException unexpected) when (!IsRefusal(unexpected))
        {
            source.Clear();
            throw;
        }
    }

    private async Task<List<T>> RunOnceAsync<T>(
        IReadOnlyList<NpgsqlBatchCommand> statements,
        Func<NpgsqlDataReader, T> row,
        CancellationToken cancel
    )
    {
        await using var batch = source.CreateBatch();
        foreach (var statement in statements)
        {
            batch.BatchCommands.Add(statement);
        }
        await using var reader = await batch.ExecuteReaderAsync(cancel);
        for (var i = 1; i < statements.Count; i++)
        {
            await reader.NextResultAsync(cancel);
        }
        List<T> rows = [];
        while (await reader.ReadAsync(cancel))
        {
            rows.Add(row(reader));
        }
        // Only then is it on disk.
        await reader.NextResultAsync(cancel);
        return rows;
    }

    /// <summary>Says whose rows a transaction is about: it sees and changes no others.</summary>
    private static NpgsqlBatchCommand In(Seat seat) => Command(Here, [seat.Workroom.ToString()]);

    private const string Here = "select set_config('zr.workroom', $1, true)";

    private static NpgsqlBatchCommand Command(string sql, object?[] values)
    {
        var command = new NpgsqlBatchCommand(sql);
        Add(command.Parameters, values);
        return command;
    }

    internal static void Add(NpgsqlParameterCollection parameters, object?[] values)
    {
        foreach (var value in values)
        {
            parameters.Add(
                value as NpgsqlParameter ?? new NpgsqlParameter { Value = value ?? DBNull.Value }
            );
        }
    }
}

/// <summary>Statements of one transaction.</summary>
public sealed class Transaction(NpgsqlConnection connection, CancellationToken cancel)
{
    /// <summary>Runs a statement.</summary>
    public Task RunAsync(string sql, params object?[] values) => ReadAsync(sql, _ => true, values);

    /// <summary>Reads rows.</summary>
    public async Task<List<T>> ReadAsync<T>(
        string sql,
        Func<NpgsqlDataReader, T> row,
        params object?[] values
    )
    {
        await using var command = new NpgsqlCommand(sql, connection);
        Database.Add(command.Parameters, values);
        await using var reader = await command.ExecuteReaderAsync(cancel);
        List<T> rows = [];
        while (await reader.ReadAsync(cancel))
        {
            rows.Add(row(reader));
        }
        return rows;
    }
}

/// <summary>Reads columns by name.</summary>
internal static class Columns
{
    /// <summary>The columns that every table ends with.</summary>
    public const string Stamp = "version, updated_by, created_at, updated_at";

    public static Stamp StampOf(this NpgsqlDataReader row) =>
        new(
            row.GetInt32("version"),
            row.GetString("updated_by"),
            row.GetFieldValue<DateTimeOffset>("created_at"),
            row.GetFieldValue<DateTimeOffset>("updated_at")
        );

    public static JsonElement JsonOf(this NpgsqlDataReader row, string column) =>
        JsonDocument.Parse(row.GetString(column)).RootElement;
}
