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
