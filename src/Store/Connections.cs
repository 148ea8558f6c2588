using System.Data;
using Npgsql;

namespace ZephyrReach.Store;

/// <summary>Lends connections, which others use afterwards.</summary>
internal static class Connections
{
    /// <summary>Runs statements on a connection; when they fail, it forgets what it had prepared before others get it.</summary>
    /// <remarks>
    /// When PostgreSQL refuses a value of a statement that is being prepared, Npgsql takes the statement for prepared but does
    /// not know its columns, and would misread the next answer to it, which may be anybody's.
    /// </remarks>
    public static async Task<T> RunAsync<T>(
        this NpgsqlDataSource source,
        Func<NpgsqlConnection, Task<T>> run,
        CancellationToken cancel
    )
    {
        await using var connection = await source.OpenConnectionAsync(cancel);
        try
        {
            return await run(connection);
        }
        catch when (connection.FullState == ConnectionState.Open)
        {
            connection.UnprepareAll();
            throw;
        }
    }
}
