using System.Diagnostics;
using System.Net;
using System.Net.Http.Headers;
using System.Net.Sockets;
using System.Text;
using System.Text.Json;
using ZephyrReach.Tests;

namespace ZephyrReach.Web.Tests;

/// <summary>The program as it is run: a process of its own, that can be killed.</summary>
public sealed class Server : IAsyncDisposable
{
    private readonly Process process;

    private Server(Process process, int port)
    {
        this.process = process;
        Port = port;
        Http = new HttpClient { BaseAddress = new Uri($"http://127.0.0.1:{port}") };
    }

    public int Port { get; }

    public HttpClient Http { get; }

    public static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private static string Root
    {
        get
        {
            var folder = new DirectoryInfo(AppContext.BaseDirectory);
            while (!File.Exists(Path.Combine(folder.FullName, "run")))
            {
                folder = folder.Parent!;
            }
            return folder.FullName;
        }
    }

    /// <summary>Starts the program and waits until it says its address.</summary>
    public static async Task<Server> StartAsync(string database, params string[] arguments)
    {
        var port = FreePort();
        var process = Launch(database, port, arguments);
        var address = await process.StandardOutput.ReadLineAsync(Cancel);
        if (address is null)
        {
            throw new InvalidOperationException(await process.StandardError.ReadToEndAsync(Cancel));
        }
        _ = process.StandardOutput.ReadToEndAsync(CancellationToken.None);
        _ = process.StandardError.ReadToEndAsync(CancellationToken.None);
        return new Server(process, port);
    }

    /// <summary>Starts the program where it cannot run: its exit code and what it says.</summary>
    public static async Task<(int Code, string Says)> FailAsync(string database, int port)
    {
        using var process = Launch(database, port, ["--empty"]);
        var says = await process.StandardError.ReadToEndAsync(Cancel);
        await process.WaitForExitAsync(Cancel);
        return (process.ExitCode, says.Trim());
    }

    public static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }

    /// <summary>A file of the project, by its path from the top.</summary>
    public static string FileAt(string path) => Path.Combine(Root, path);

    /// <summary>Ends the process at once, with no chance to finish anything.</summary>
    public void Kill()
    {
        process.Kill();
        process.WaitForExit();
    }

    public async Task<(HttpResponseMessage Response, JsonElement Body)> SendAsync(
        HttpMethod method,
        string path,
        object? body = null,
        string? ifMatch = null,
        string seat = ""
    )
    {
        using var request = new HttpRequestMessage(method, path);
        if (body is not null)
        {
            var json = body as string ?? JsonSerializer.Serialize(body, JsonSerializerOptions.Web);
            request.Content = new StringContent(json, Encoding.UTF8, "application/json");
        }
        if (ifMatch is not null)
        {
            request.Headers.IfMatch.Add(new EntityTagHeaderValue($"\"{ifMatch}\""));
        }
        request.Headers.Add("Zr-Seat", seat);
        var response = await Http.SendAsync(request, Cancel);
        var text = await response.Content.ReadAsStringAsync(Cancel);
        var isJson =
            response.Content.Headers.ContentType?.MediaType?.EndsWith(
                "json",
                StringComparison.Ordinal
            ) == true;
        return (response, isJson ? JsonDocument.Parse(text).RootElement : default);
    }

    /// <summary>A project with one working in it.</summary>
    public async Task<Guid> WorkingAsync(object? ask = null)
    {
        var (project, working) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        await SendAsync(
            HttpMethod.Post,
            "/api/projects",
            new { id = project, name = "Allotment open day" }
        );
        var (response, _) = await SendAsync(
            HttpMethod.Post,
            "/api/workings",
            new
            {
                id = working,
                projectId = project,
                technique = "pulled-gathers",
                name = "Valance",
                ask = ask ?? new { },
            }
        );
        response.StatusCode.ShouldBe(HttpStatusCode.Created);
        return working;
    }

    public async ValueTask DisposeAsync()
    {
        if (!process.HasExited)
        {
            process.Kill();
            await process.WaitForExitAsync(CancellationToken.None);
        }
        process.Dispose();
        Http.Dispose();
    }

    private static Process Launch(string database, int port, string[] arguments)
    {
        var start = new ProcessStartInfo("dotnet")
        {
            RedirectStandardOutput = true,
            RedirectStandardError = true,
            WorkingDirectory = Root,
        };
        // The one that is served from, compiled ahead of time, and not the copy beside the tests.
        var built = new DirectoryInfo(AppContext.BaseDirectory);
        start.ArgumentList.Add(
            FileAt($"src/Web/bin/{built.Parent!.Name}/{built.Name}/ZephyrReach.Web.dll")
        );
        foreach (var argument in arguments)
        {
            // NAME=VALUE is told by the environment.
            if (argument.Split('=', 2) is [var name, var value])
            {
                start.Environment[name] = value;
            }
            else
            {
                start.ArgumentList.Add(argument);
            }
        }
        start.Environment["ZR_DATABASE"] = database;
        start.Environment["PORT"] = $"{port}";
        start.Environment["ASPNETCORE_CONTENTROOT"] = FileAt("src/Web");
        return Process.Start(start)!;
    }
}

/// <summary>One program on one database, for tests that do not kill it.</summary>
public sealed class ServerFixture : IAsyncLifetime
{
    /// <summary>What every fixture begins with: what the program puts into an empty database, made once and copied.</summary>
    private static readonly Lazy<Task<TestDatabase>> Begun = new(async () =>
    {
        var first = await TestDatabase.CreateAsync();
        await using (await Server.StartAsync(first.Connection)) { }
        return first;
    });

    private TestDatabase? database;
    private Server? server;

    public Server Server => server!;

    public string Connection => database!.Connection;

    public async ValueTask InitializeAsync()
    {
        database = await (await Begun.Value).CopyAsync();
        server = await Server.StartAsync(database.Connection);
    }

    public async ValueTask DisposeAsync()
    {
        await Server.DisposeAsync();
        await database!.DisposeAsync();
    }
}
