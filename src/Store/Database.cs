using System.Data;
using System.Text.Json;
using Npgsql;
using NpgsqlTypes;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Store;

/// <summary>Who asks, and in which workroom: every statement is bound to it.</summary>
/// <param name="Workroom">The workroom whose rows are seen and changed.</param>
/// <param name="By">The seat that asks, such as <c>telephone</c>; may be empty.</param>
public readonly record struct Seat(Guid Workroom, string By);

/// <summary>Runs statements, each request's changes in one transaction and written down as one step.</summary>
public sealed class Database(NpgsqlDataSource source)
{
    /// <summary>
    /// Statements are few and always the same, so the database plans each once for a connection, unless the connection
    /// string says otherwise. What a statement sets holds for its transaction only, so there is nothing to reset between
    /// two requests, which would cost more than most requests do.
    /// </summary>
    /// <param name="connection">An Npgsql connection string.</param>
    public static NpgsqlDataSource SourceOf(string connection)
    {
        var builder = new NpgsqlDataSourceBuilder(connection);
        var settings = builder.ConnectionStringBuilder;
        settings.NoResetOnClose = true;
        // Compiling a statement costs more than any of ours runs.
        settings.Options ??= "-c jit=off";
        if (settings.MaxAutoPrepare == 0)
        {
            settings.MaxAutoPrepare = 100;
            settings.AutoPrepareMinUsages = 2;
        }
        return builder.Build();
    }

    /// <summary>Reads rows.</summary>
    public Task<List<T>> ReadAsync<T>(
        string sql,
        Func<NpgsqlDataReader, T> row,
        CancellationToken cancel,
        params object?[] values
    ) => source.RunAsync(null, Command(sql, values), row, cancel);

    /// <summary>
    /// Changes rows, and writes the change down as a step that can be undone. Both statements go in one round trip and one
    /// transaction: when this returns, the change is on disk.
    /// </summary>
    /// <param name="says">
    /// The step in a few words, such as <c>a swatch added</c>; null for what is no step of work, such as which page is open.
    /// </param>
    /// <param name="sql">One statement that returns the changed rows; no rows means that nothing was changed.</param>
    /// <param name="row">Reads a returned row; the first is what is given back.</param>
    /// <param name="cancel">Ends the wait; the change may have happened.</param>
    /// <param name="values">The statement's parameters, $1 and on.</param>
    public async Task<T?> ChangeAsync<T>(
        string? says,
        string sql,
        Func<NpgsqlDataReader, T> row,
        CancellationToken cancel,
        params object?[] values
    )
        where T : class
    {
        var step = says is null ? null : Command("select set_config('zr.says', $1, true)", [says]);
        return (await source.RunAsync(step, Command(sql, values), row, cancel)).FirstOrDefault();
    }

    /// <summary>Adds a row unless there is one with its id, and writes it down as a step.</summary>
    /// <param name="says">The step in a few words.</param>
    /// <param name="table">The table, a name from the migrations.</param>
    /// <param name="insert">An insert into it.</param>
    /// <param name="columns">The columns that are read.</param>
    /// <param name="row">Reads the added row.</param>
    /// <param name="cancel">Ends the wait; the row may be added.</param>
    /// <param name="values">The insert's parameters, $1 and on.</param>
    /// <returns>The added row, once it is on disk; null when there was one already.</returns>
    public Task<T?> AddAsync<T>(
        string says,
        string table,
        string insert,
        string columns,
        Func<NpgsqlDataReader, T> row,
        CancellationToken cancel,
        params object?[] values
    )
        where T : class =>
        ChangeAsync(
            null,
            WithStep($"${values.Length + 1}", table, insert, columns),
            row,
            cancel,
            [.. values, says]
        );

    /// <summary>Adds rows unless there are some with their ids, and writes each down as a step of its own.</summary>
    /// <param name="says">The step in a few words, the same for all; it stands in the statement as it is.</param>
    /// <param name="table">The table, a name from the migrations.</param>
    /// <param name="insert">An insert into it of an array of records, $1.</param>
    /// <param name="columns">The columns that are read.</param>
    /// <param name="row">Reads an added row.</param>
    internal SharedAdding<T> Sharing<T>(
        string says,
        string table,
        string insert,
        string columns,
        Func<NpgsqlDataReader, T> row
    )
        where T : class =>
        new(source, WithStep($"'{says}'", table, insert, $"workroom_id, {columns}"), row);

    // Writing the step down here, rather than in the trigger that does so for changes, takes half the time.
    private static string WithStep(string says, string table, string insert, string columns) =>
        $"""
            with added as ({insert} on conflict (id) do nothing returning *),
            noted as (
                insert into changes (workroom_id, step, says, table_name, after)
                select workroom_id, nextval('step_numbers'), {says}, '{table}', to_jsonb(added) from added
                returning case when step % 100 = 0 then forget_oldest(workroom_id) end)
            select {columns} from added
            """;

    /// <summary>Wraps JSON as a parameter for a jsonb column.</summary>
    public static NpgsqlParameter Json(JsonElement json) =>
        new() { NpgsqlDbType = NpgsqlDbType.Jsonb, Value = json.GetRawText() };

    /// <summary>A parameter for a text that may be left as it is.</summary>
    public static NpgsqlParameter Text(string? text) =>
        new() { NpgsqlDbType = NpgsqlDbType.Text, Value = (object?)text ?? DBNull.Value };

    /// <summary>A parameter for JSON that may be left as it is.</summary>
    public static NpgsqlParameter Json(JsonElement? json) =>
        new()
        {
            NpgsqlDbType = NpgsqlDbType.Jsonb,
            Value = (object?)json?.GetRawText() ?? DBNull.Value,
        };

    /// <summary>A parameter for lengths that may be left as they are, in mm.</summary>
    public static NpgsqlParameter Lengths(IReadOnlyList<Length>? lengths) =>
        new()
        {
            NpgsqlDbType = NpgsqlDbType.Array | NpgsqlDbType.Double,
            Value = (object?)lengths?.Select(l => l.Millimetres).ToArray() ?? DBNull.Value,
        };

    /// <summary>A parameter for texts that may be left as they are.</summary>
    public static NpgsqlParameter Texts(IReadOnlyList<string>? texts) =>
        new()
        {
            NpgsqlDbType = NpgsqlDbType.Array | NpgsqlDbType.Text,
            Value = (object?)texts?.ToArray() ?? DBNull.Value,
        };

    /// <summary>A parameter for a number that may be left as it is.</summary>
    public static NpgsqlParameter Number(double? number) =>
        new() { NpgsqlDbType = NpgsqlDbType.Double, Value = (object?)number ?? DBNull.Value };

    /// <summary>A parameter for a whole number that may be left as it is.</summary>
    public static NpgsqlParameter Whole(int? number) =>
        new() { NpgsqlDbType = NpgsqlDbType.Integer, Value = (object?)number ?? DBNull.Value };

    /// <summary>A parameter for a yes or no that may be left as it is.</summary>
    public static NpgsqlParameter Flag(bool? flag) =>
        new() { NpgsqlDbType = NpgsqlDbType.Boolean, Value = (object?)flag ?? DBNull.Value };

    /// <summary>A parameter for an id that may be missing.</summary>
    public static NpgsqlParameter Id(Guid? id) =>
        new() { NpgsqlDbType = NpgsqlDbType.Uuid, Value = (object?)id ?? DBNull.Value };

    private static NpgsqlBatchCommand Command(string sql, object?[] values)
    {
        var command = new NpgsqlBatchCommand(sql);
        foreach (var value in values)
        {
            command.Parameters.Add(
                value as NpgsqlParameter ?? new NpgsqlParameter { Value = value ?? DBNull.Value }
            );
        }
        return command;
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

    public static IReadOnlyList<Length> LengthsOf(this NpgsqlDataReader row, string column) =>
        [.. row.GetFieldValue<double[]>(column).Select(Length.FromMillimetres)];
}
