using System.Data;
using Npgsql;

namespace ZephyrReach.Store;

/// <summary>Runs statements on connections that others use afterwards.</summary>
internal static class Connections
{
    /// <summary>
    /// Runs a statement in a transaction and a round trip of its own; when it fails, the connection forgets what it had
    /// prepared before others get it.
    /// </summary>
    /// <remarks>
    /// When PostgreSQL refuses a value of a statement that is being prepared, Npgsql takes the statement for prepared but does
    /// not know its columns, and would misread the next answer to it, which may be anybody's.
    /// </remarks>
    /// <param name="source">Where the connection comes from.</param>
    /// <param name="setting">A statement before it that returns a row nobody reads, in the same transaction; or null.</param>
    /// <param name="statement">The statement.</param>
    /// <param name="row">Reads a row that it returns.</param>
    /// <param name="cancel">Ends the wait; what it changes may be changed.</param>
    /// <returns>Its rows, once what it changed is on disk.</returns>
    public static async Task<List<T>> RunAsync<T>(
        this NpgsqlDataSource source,
        NpgsqlBatchCommand? setting,
        NpgsqlBatchCommand statement,
        Func<NpgsqlDataReader, T> row,
        CancellationToken cancel
    )
    {
        await using var connection = await source.OpenConnectionAsync(cancel);
        try
        {
            await using var batch = new NpgsqlBatch(connection);
            if (setting is not null)
            {
                batch.BatchCommands.Add(setting);
            }
            batch.BatchCommands.Add(statement);
            await using var reader = await batch.ExecuteReaderAsync(cancel);
            if (setting is not null)
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
        catch when (connection.FullState == ConnectionState.Open)
        {
            connection.UnprepareAll();
            throw;
        }
    }
}
