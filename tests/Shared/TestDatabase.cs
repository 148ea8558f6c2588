using Npgsql;

namespace ZephyrReach.Tests;

/// <summary>A database of its own for each test class, on the cluster that ./test started.</summary>
public sealed class TestDatabase : IAsyncDisposable
{
    private readonly string name = "t" + Guid.NewGuid().ToString("N");
    private readonly string cluster;

    private TestDatabase(string cluster) => this.cluster = cluster;

    /// <summary>The connection string of this database.</summary>
    public string Connection =>
        new NpgsqlConnectionStringBuilder(cluster)
        {
            Database = name,
            MaxPoolSize = 20,
        }.ConnectionString;

    public static async Task<TestDatabase> CreateAsync()
    {
        var database = new TestDatabase(
            Environment.GetEnvironmentVariable("ZR_TEST_DATABASE")
                ?? throw new InvalidOperationException("ZR_TEST_DATABASE is not set: run ./test.")
        );
        await database.OnClusterAsync($"create database {database.name}");
        return database;
    }

    /// <summary>Another with all that is in this one, to which nobody may be connected any more.</summary>
    public async Task<TestDatabase> CopyAsync()
    {
        var copy = new TestDatabase(cluster);
        await OnClusterAsync(
            $"select pg_terminate_backend(pid, 5000) from pg_stat_activity where datname = '{name}'"
        );
        await OnClusterAsync($"create database {copy.name} template {name}");
        return copy;
    }

    public async ValueTask DisposeAsync()
    {
        NpgsqlConnection.ClearAllPools();
        await OnClusterAsync($"drop database if exists {name} with (force)");
    }

    private async Task OnClusterAsync(string sql)
    {
        await using var source = NpgsqlDataSource.Create(cluster);
        await using var command = source.CreateCommand(sql);
        await command.ExecuteNonQueryAsync();
    }
}
