using System.Security.Cryptography;
using System.Text;
using Npgsql;

namespace ZephyrReach.Store;

/// <summary>
/// The role that the program serves requests with: it owns nothing, is no superuser, and walls between workrooms hold for it.
/// The role that it is started with migrates, and no more.
/// </summary>
public static class ProgramRole
{
    private const string Name = "zephyr_reach_program";

    /// <summary>Somebody else was first, or it is there from before.</summary>
    private static readonly string[] There =
    [
        PostgresErrorCodes.DuplicateObject,
        PostgresErrorCodes.UniqueViolation,
    ];

    /// <summary>Makes sure that the role is there and may read and write what is kept.</summary>
    /// <param name="owner">The database, as whoever migrates it.</param>
    /// <param name="connection">The connection string of the same.</param>
    /// <returns>
    /// The connection string of the program; the given one where its role may make no other, as on a server that is somebody
    /// else's: the walls are forced on it too.
    /// </returns>
    public static async Task<string> EnsureAsync(
        NpgsqlDataSource owner,
        string connection,
        CancellationToken cancel
    )
    {
        var settings = new NpgsqlConnectionStringBuilder(connection);
        var may = await owner
            .CreateCommand(
                "select rolsuper or rolcreaterole from pg_roles where rolname = current_user"
            )
            .ExecuteScalarAsync(cancel);
        if (may is not true)
        {
            return connection;
        }
        var password = PasswordFrom(settings);
        try
        {
            await RunAsync($"create role {Name} login password '{password}' noinherit");
        }
        catch (PostgresException already) when (There.Contains(already.SqlState)) { }
        await RunAsync(
            $"""
            grant usage on schema public to {Name};
            grant select, insert, update, delete on all tables in schema public to {Name};
            grant usage on all sequences in schema public to {Name};
            revoke all on schemaversions from {Name}
            """
        );
        settings.Username = Name;
        settings.Password = password;
        try
        {
            await using var trial = NpgsqlDataSource.Create(settings);
            await using var opened = await trial.OpenConnectionAsync(cancel);
        }
        catch (PostgresException wrong) when (wrong.SqlState == PostgresErrorCodes.InvalidPassword)
        {
            // The owner's password is another than when the role was made.
            await RunAsync($"alter role {Name} password '{password}'");
        }
        return settings.ConnectionString;

        async Task RunAsync(string sql)
        {
            await using var command = owner.CreateCommand(sql);
            await command.ExecuteNonQueryAsync(cancel);
        }
    }

    /// <summary>The same for everybody who knows the owner's, so that two servers of one database agree; letters and figures only.</summary>
    private static string PasswordFrom(NpgsqlConnectionStringBuilder owner) =>
        Convert.ToHexStringLower(
            HMACSHA256.HashData(
                Encoding.UTF8.GetBytes(owner.Password ?? ""),
                Encoding.UTF8.GetBytes(Name)
            )
        );
}
