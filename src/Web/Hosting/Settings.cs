using System.Globalization;
using Npgsql;

namespace ZephyrReach.Web.Hosting;

/// <summary>What the program is started with.</summary>
/// <param name="Port">On 127.0.0.1; PORT, else 5080.</param>
/// <param name="Database">An Npgsql connection string, several hosts allowed; ZR_DATABASE.</param>
/// <param name="Demo">The bundle that is read in once; null with <c>--empty</c>.</param>
/// <param name="Hosts">Names that it is served under besides those of this machine; ZR_HOSTS, parted by commas.</param>
public sealed record Settings(int Port, string Database, string? Demo, IReadOnlyList<string> Hosts)
{
    /// <summary>Reads the environment and the arguments.</summary>
    /// <exception cref="StartException">Something is missing or wrong; the message says what.</exception>
    public static Settings Read(string[] args)
    {
        var port = Environment.GetEnvironmentVariable("PORT") ?? "5080";
        if (
            !int.TryParse(port, NumberStyles.None, CultureInfo.InvariantCulture, out var number)
            || number is < 1 or > 65535
        )
        {
            throw new StartException(2, $"PORT is “{port}”, and must be a number from 1 to 65535.");
        }
        var database =
            Environment.GetEnvironmentVariable("ZR_DATABASE")
            ?? throw new StartException(
                2,
                "ZR_DATABASE is not set. Start with ./run, or give an Npgsql connection string."
            );
        try
        {
            if (string.IsNullOrWhiteSpace(new NpgsqlConnectionStringBuilder(database).Host))
            {
                throw new ArgumentException("it names no host.");
            }
        }
        catch (ArgumentException wrong)
        {
            throw new StartException(
                2,
                $"ZR_DATABASE cannot be read as a connection string: {wrong.Message}"
            );
        }
        return new Settings(
            number,
            database,
            args.Contains("--empty") ? null : DemoBundle(),
            Environment
                .GetEnvironmentVariable("ZR_HOSTS")
                ?.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)
                ?? []
        );
    }

    private static string? DemoBundle()
    {
        var folder = Environment.GetEnvironmentVariable("ZR_DEMO") ?? "demo";
        var bundle = Path.Combine(folder, "allotment-open-day.json");
        return File.Exists(bundle) ? bundle : null;
    }
}

/// <summary>Why the program cannot start, in a plain sentence.</summary>
public sealed class StartException : Exception
{
    public StartException(int exitCode, string message)
        : base(message) => ExitCode = exitCode;

    public StartException()
        : this(1, "The program could not start.") { }

    public StartException(string message)
        : this(1, message) { }

    public StartException(string message, Exception inner)
        : base(message, inner) => ExitCode = 1;

    public int ExitCode { get; }
}
