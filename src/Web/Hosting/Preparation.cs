using Npgsql;
using ZephyrReach.Store;

namespace ZephyrReach.Web.Hosting;

/// <summary>How requests reach the database; known once it is migrated.</summary>
public sealed class Access
{
    private string? connection;

    public string Connection
    {
        get =>
            connection
            ?? throw new InvalidOperationException("The database is not ready for requests yet.");
        set => connection = value;
    }
}

/// <summary>Brings the database to where the program can serve: migrated, with a workroom, and the demonstration once.</summary>
public static class Preparation
{
    /// <summary>The oldest PostgreSQL that the schema works with.</summary>
    private const int Oldest = 13;

    /// <exception cref="StartException">The database does not answer, or refuses.</exception>
    public static async Task PrepareAsync(
        IServiceProvider services,
        Settings settings,
        CancellationToken cancel
    )
    {
        // A migration takes as long as it takes.
        await using var source = Database.SourceOf(settings.Database, isPatient: true);
        try
        {
            await NewEnoughAsync(source, cancel);
            await Migrations.RunAsync(
                source,
                async () =>
                {
                    services.GetRequiredService<Access>().Connection =
                        await ProgramRole.EnsureAsync(source, settings.Database, cancel);
                    var workroom = await services
                        .GetRequiredService<WorkroomStore>()
                        .EnsureAsync(Guid.CreateVersion7(), "Our workroom", cancel);
                    if (settings.Demo is { } bundle)
                    {
                        await services
                            .GetRequiredService<BundleLoader>()
                            .LoadOnceAsync(workroom, bundle, cancel);
                    }
                },
                cancel
            );
        }
        catch (PostgresException refused)
        {
            throw new StartException(4, $"The database refuses: {refused.MessageText}.");
        }
        catch (NpgsqlException unreachable)
        {
            var to = new NpgsqlConnectionStringBuilder(settings.Database);
            throw new StartException(
                4,
                $"The database does not answer at {to.Host}:{to.Port}: {unreachable.InnerException?.Message ?? unreachable.Message}."
            );
        }
        catch (Exception wrong) when (wrong is FormatException or InvalidOperationException)
        {
            throw new StartException(5, wrong.Message);
        }
    }

    /// <exception cref="StartException">PostgreSQL is older than what the schema needs.</exception>
    private static async Task NewEnoughAsync(NpgsqlDataSource source, CancellationToken cancel)
    {
        await using var connection = await source.OpenConnectionAsync(cancel);
        if (connection.PostgreSqlVersion.Major < Oldest)
        {
            throw new StartException(
                4,
                $"PostgreSQL {connection.PostgreSqlVersion} is too old: {Oldest} or newer is needed."
            );
        }
    }
}
