using Npgsql;
using ZephyrReach.Store;

namespace ZephyrReach.Web.Hosting;

/// <summary>Brings the database to where the program can serve: migrated, with a workroom, and the demonstration once.</summary>
public static class Preparation
{
    /// <exception cref="StartException">The database does not answer, or refuses.</exception>
    public static async Task PrepareAsync(
        IServiceProvider services,
        Settings settings,
        CancellationToken cancel
    )
    {
        var source = services.GetRequiredService<NpgsqlDataSource>();
        try
        {
            await Migrations.RunAsync(
                source,
                async () =>
                {
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
}
