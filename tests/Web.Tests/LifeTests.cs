using System.Collections.Concurrent;
using System.Net;
using ZephyrReach.Tests;

namespace ZephyrReach.Web.Tests;

/// <summary>Starting, being killed, and starting again.</summary>
public class LifeTests
{
    /// <summary>The projects of the demonstration.</summary>
    private static int Demonstrated =>
        System
            .Text.Json.JsonDocument.Parse(
                File.ReadAllText(Server.FileAt("demo/allotment-open-day.json"))
            )
            .RootElement.GetProperty("projects")
            .GetArrayLength();

    [Fact]
    public async Task Killed_at_any_moment_it_has_kept_all_that_it_answered_and_a_repeat_does_no_harm()
    {
        await using var database = await TestDatabase.CreateAsync();
        var sent = new ConcurrentBag<Guid>();
        var answered = new ConcurrentBag<Guid>();
        Guid working;
        await using (var server = await Server.StartAsync(database.Connection, "--empty"))
        {
            working = await server.WorkingAsync();
            var senders = Enumerable
                .Range(0, 8)
                .Select(_ => SendUntilItDiesAsync(server, working, sent, answered))
                .ToList();
            while (answered.Count < 150)
            {
                await Task.Yield();
            }
            // In the middle of eight statements, each between its commit and its answer or before.
            server.Kill();
            await Task.WhenAll(senders);
        }

        await using var again = await Server.StartAsync(database.Connection, "--empty");
        (await IdsAsync(again, working)).ShouldBeSubsetOf(sent);
        answered.ShouldBeSubsetOf(await IdsAsync(again, working));

        foreach (var id in sent)
        {
            var (response, _) = await again.SendAsync(
                HttpMethod.Post,
                "/api/swatches",
                new
                {
                    id,
                    workingId = working,
                    flat = new[] { 300 },
                }
            );
            response.StatusCode.ShouldBe(HttpStatusCode.Created);
        }
        (await IdsAsync(again, working)).ShouldBe(sent, ignoreOrder: true);
    }

    /// <summary>While a backup is put in place there are moments in which a table is not there.</summary>
    [Fact]
    public async Task While_the_database_is_put_in_place_it_says_so_and_then_goes_on()
    {
        await using var database = await TestDatabase.CreateAsync();
        await using var server = await Server.StartAsync(database.Connection);
        await using var source = Npgsql.NpgsqlDataSource.Create(database.Connection);
        async Task<HttpStatusCode> AskAsync() =>
            (await server.Http.GetAsync("/api/swatches", Server.Cancel)).StatusCode;
        async Task CallAsync(string table, string name)
        {
            await using var command = source.CreateCommand($"alter table {table} rename to {name}");
            await command.ExecuteNonQueryAsync(Server.Cancel);
        }

        (await AskAsync()).ShouldBe(HttpStatusCode.OK);
        await CallAsync("swatches", "away");
        (await AskAsync()).ShouldBe(HttpStatusCode.ServiceUnavailable);
        await CallAsync("away", "swatches");
        (await AskAsync()).ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Killed_while_an_archive_comes_in_a_step_is_turned_and_a_picture_is_sent_each_is_whole_or_absent()
    {
        byte[] archive;
        int projects;
        await using (var full = await TestDatabase.CreateAsync())
        await using (var server = await Server.StartAsync(full.Connection))
        {
            archive = await server.Http.GetByteArrayAsync("/api/archive", Server.Cancel);
            projects = Demonstrated;
        }
        using var scene = new SkiaSharp.SKBitmap(900, 600);
        using var png = scene.Encode(SkiaSharp.SKEncodedImageFormat.Png, 100);
        var chance = new Random(4);
        for (var round = 0; round < 3 * Deep.Times; round++)
        {
            await using var database = await TestDatabase.CreateAsync();
            var (swatch, photograph, bunting) = (
                Guid.CreateVersion7(),
                Guid.CreateVersion7(),
                Guid.CreateVersion7()
            );
            HttpStatusCode? brought,
                sent;
            bool? turned;
            await using (var server = await Server.StartAsync(database.Connection, "--empty"))
            {
                await server.SendAsync(
                    HttpMethod.Post,
                    "/api/swatches",
                    new { id = swatch, technique = "shirring" }
                );
                await server.SendAsync(
                    HttpMethod.Post,
                    "/api/projects",
                    new { id = bunting, name = "Bunting" }
                );
                var (_, history) = await server.SendAsync(HttpMethod.Get, "/api/history");
                var step = history.GetProperty("undo").GetProperty("id").GetInt64();
                var bringing = PostAsync(server, "/api/archive", "application/zip", archive);
                var sending = PostAsync(
                    server,
                    $"/api/swatches/{swatch}/photographs?id={photograph}",
                    "image/png",
                    png.ToArray()
                );
                var turning = server.SendAsync(HttpMethod.Post, "/api/history/undo", new { step });
                await Task.Delay(chance.Next(900), Server.Cancel);
                server.Kill();
                (brought, sent) = (await bringing, await sending);
                try
                {
                    turned = (await turning).Body.GetProperty("turned").GetBoolean();
                }
                catch (Exception died)
                    when (died
                            is HttpRequestException
                                or KeyNotFoundException
                                or InvalidOperationException
                    )
                {
                    turned = null;
                }
            }

            await using var again = await Server.StartAsync(database.Connection, "--empty");
            var (_, page) = await again.SendAsync(HttpMethod.Get, "/api/projects");
            var names = page.GetProperty("projects")
                .EnumerateArray()
                .Select(p => p.GetProperty("name").GetString()!)
                .ToList();
            var came = names.Count(n => n != "Bunting");
            came.ShouldBeOneOf(0, projects);
            if (brought == HttpStatusCode.OK)
            {
                came.ShouldBe(projects);
            }
            if (turned is { } isTurned)
            {
                names.Contains("Bunting").ShouldBe(!isTurned);
            }
            var picture = await again.Http.GetAsync(
                $"/api/photographs/{photograph}/picture",
                Server.Cancel
            );
            if (sent == HttpStatusCode.Created)
            {
                picture.StatusCode.ShouldBe(HttpStatusCode.OK);
            }
            if (picture.StatusCode == HttpStatusCode.OK)
            {
                using var kept = SkiaSharp.SKBitmap.Decode(
                    await picture.Content.ReadAsByteArrayAsync(Server.Cancel)
                );
                (kept.Width, kept.Height).ShouldBe((900, 600));
            }
        }
    }

    /// <summary>What was answered; null when nothing was, because the program had died.</summary>
    private static async Task<HttpStatusCode?> PostAsync(
        Server server,
        string path,
        string type,
        byte[] body
    )
    {
        using var content = new ByteArrayContent(body);
        content.Headers.ContentType = new(type);
        try
        {
            using var answer = await server.Http.PostAsync(path, content, Server.Cancel);
            return answer.StatusCode;
        }
        catch (HttpRequestException)
        {
            return null;
        }
    }

    [Fact]
    public async Task Two_that_start_at_once_on_an_empty_database_load_one_demonstration()
    {
        await using var database = await TestDatabase.CreateAsync();
        var both = await Task.WhenAll(
            Server.StartAsync(database.Connection),
            Server.StartAsync(database.Connection)
        );
        await using var first = both[0];
        await using var second = both[1];

        var (_, one) = await first.SendAsync(HttpMethod.Get, "/api/projects");
        var (_, two) = await second.SendAsync(HttpMethod.Get, "/api/projects");
        var (_, history) = await second.SendAsync(HttpMethod.Get, "/api/history");

        one.GetProperty("projects").GetArrayLength().ShouldBe(Demonstrated);
        two.GetRawText().ShouldBe(one.GetRawText());
        history
            .GetProperty("undo")
            .ValueKind.ShouldBe(
                System.Text.Json.JsonValueKind.Null,
                "the demonstration is nobody's step"
            );
    }

    [Fact]
    public async Task What_was_deleted_of_the_demonstration_stays_deleted_and_can_be_undone_after_a_restart()
    {
        await using var database = await TestDatabase.CreateAsync();
        await using (var server = await Server.StartAsync(database.Connection))
        {
            var (_, page) = await server.SendAsync(HttpMethod.Get, "/api/projects");
            var id = page.GetProperty("projects")[0].GetProperty("id").GetGuid();
            (
                await server.SendAsync(HttpMethod.Delete, $"/api/projects/{id}")
            ).Response.StatusCode.ShouldBe(HttpStatusCode.NoContent);
        }

        await using var again = await Server.StartAsync(database.Connection);
        (await ProjectsAsync(again)).ShouldBe(Demonstrated - 1);
        var (_, history) = await again.SendAsync(HttpMethod.Get, "/api/history");
        await again.SendAsync(
            HttpMethod.Post,
            "/api/history/undo",
            new { step = history.GetProperty("undo").GetProperty("id").GetInt64() }
        );
        (await ProjectsAsync(again)).ShouldBe(Demonstrated);
    }

    [Fact]
    public async Task Without_a_database_or_a_port_it_says_so_in_a_sentence()
    {
        await using var database = await TestDatabase.CreateAsync();
        await using var running = await Server.StartAsync(database.Connection, "--empty");

        var noDatabase = await Server.FailAsync(
            $"Host=127.0.0.1;Port={Server.FreePort()};Username=nobody;Timeout=2",
            Server.FreePort()
        );
        var noPort = await Server.FailAsync(database.Connection, running.Port);

        noDatabase.Code.ShouldBe(4);
        noDatabase.Says.ShouldStartWith("The database does not answer at 127.0.0.1:");
        noPort.Code.ShouldBe(3);
        noPort.Says.ShouldStartWith($"Port {running.Port} on 127.0.0.1 cannot be used");
        (noDatabase.Says + noPort.Says).ShouldNotContain("   at ");
    }

    private static async Task SendUntilItDiesAsync(
        Server server,
        Guid working,
        ConcurrentBag<Guid> sent,
        ConcurrentBag<Guid> answered
    )
    {
        while (true)
        {
            var id = Guid.CreateVersion7();
            sent.Add(id);
            try
            {
                var (response, _) = await server.SendAsync(
                    HttpMethod.Post,
                    "/api/swatches",
                    new
                    {
                        id,
                        workingId = working,
                        flat = new[] { 300 },
                    }
                );
                if (response.IsSuccessStatusCode)
                {
                    answered.Add(id);
                }
            }
            catch (Exception died) when (died is HttpRequestException or IOException)
            {
                return;
            }
        }
    }

    private static async Task<List<Guid>> IdsAsync(Server server, Guid working)
    {
        var (_, swatches) = await server.SendAsync(
            HttpMethod.Get,
            $"/api/workings/{working}/swatches"
        );
        return [.. swatches.EnumerateArray().Select(s => s.GetProperty("id").GetGuid())];
    }

    private static async Task<int> ProjectsAsync(Server server)
    {
        var (_, page) = await server.SendAsync(HttpMethod.Get, "/api/projects");
        return page.GetProperty("projects").GetArrayLength();
    }
}
