using DbUp;
using DbUp.Engine;
using DbUp.Engine.Output;
using DbUp.Postgresql;
using Npgsql;

namespace ZephyrReach.Store;

/// <summary>Brings a database to the newest schema: forward only, once, however many copies start together.</summary>
public static class Migrations
{
    /// <summary>Any number that nobody else locks on.</summary>
    private const long Lock = 5_080_140_014;

    /// <summary>Runs what has not been run yet, then <paramref name="then"/>, while no other copy does either.</summary>
    /// <param name="source">The database.</param>
    /// <param name="then">What has to happen once, such as loading the demonstration.</param>
    /// <param name="cancel">Ends the wait for another copy.</param>
    /// <exception cref="InvalidOperationException">A migration failed; the message names it.</exception>
    public static async Task RunAsync(
        NpgsqlDataSource source,
        Func<Task> then,
        CancellationToken cancel
    )
    {
        await using var connection = await source.OpenConnectionAsync(cancel);
        await using (var hold = new NpgsqlCommand("select pg_advisory_lock($1)", connection))
        {
            hold.Parameters.Add(new NpgsqlParameter { Value = Lock });
            await hold.ExecuteNonQueryAsync(cancel);
        }
        try
        {
            var result = Upgrade(source);
            if (!result.Successful)
            {
                throw new InvalidOperationException(
                    $"The migration {result.ErrorScript?.Name} failed: {result.Error.Message}",
                    result.Error
                );
            }
            await then();
        }
        finally
        {
            await using var release = new NpgsqlCommand(
                "select pg_advisory_unlock($1)",
                connection
            );
            release.Parameters.Add(new NpgsqlParameter { Value = Lock });
            await release.ExecuteNonQueryAsync(CancellationToken.None);
        }
    }

    private static DatabaseUpgradeResult Upgrade(NpgsqlDataSource source) =>
        DeployChanges
            .To.PostgresqlDatabase(new PostgresqlConnectionManager(source))
            .WithScriptsEmbeddedInAssembly(typeof(Migrations).Assembly)
            .WithTransactionPerScript()
            .LogTo(new NoOpUpgradeLog())
            .Build()
            .PerformUpgrade();
}
