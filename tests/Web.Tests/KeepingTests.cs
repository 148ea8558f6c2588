using System.Net;
using System.Text.Json;
using ZephyrReach.Tests;

namespace ZephyrReach.Web.Tests;

/// <summary>What keeping depends on: room on the disk, and backups that are not forgotten.</summary>
public class KeepingTests
{
    [Fact]
    public async Task Where_the_disk_is_nearly_full_nothing_more_is_kept_and_all_is_there()
    {
        await using var database = await TestDatabase.CreateAsync();
        await using (await Server.StartAsync(database.Connection)) { }
        // A file system that has no room, whatever the machine.
        await using var server = await Server.StartAsync(database.Connection, "ZR_ROOM=/proc");

        (await server.SendAsync(HttpMethod.Get, "/api/bench")).Response.StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
        var (added, problem) = await server.SendAsync(
            HttpMethod.Post,
            "/api/projects",
            new { id = Guid.CreateVersion7(), name = "Bunting" }
        );
        added.StatusCode.ShouldBe(HttpStatusCode.InsufficientStorage);
        problem.GetProperty("title").GetString()!.ShouldContain("nearly full");
        var (turned, _) = await server.SendAsync(
            HttpMethod.Post,
            "/api/history/undo",
            new { step = 1 }
        );
        turned.StatusCode.ShouldBe(HttpStatusCode.InsufficientStorage);
        var (reckoned, _) = await server.SendAsync(HttpMethod.Post, "/api/reckon/dial", new { });
        ((int)reckoned.StatusCode).ShouldBeLessThan(500);
    }

    [Theory]
    [InlineData(null, false)]
    [InlineData(1, false)]
    [InlineData(4, true)]
    public async Task When_the_last_backup_was_made_is_known_and_after_three_days_it_is_late(
        int? daysAgo,
        bool isLate
    )
    {
        var folder = Directory.CreateTempSubdirectory();
        try
        {
            var at = DateTimeOffset.UtcNow.AddDays(-daysAgo ?? 0);
            if (daysAgo is not null)
            {
                foreach (var older in new[] { 0, 40 })
                {
                    var name = $"zephyr-reach-{at.AddDays(-older):yyyy-MM-dd'T'HH-mm-ss'Z'}.dump";
                    await File.WriteAllTextAsync(
                        Path.Combine(folder.FullName, name),
                        "",
                        Server.Cancel
                    );
                }
            }
            // One that was not read back yet counts for nothing.
            await File.WriteAllTextAsync(
                Path.Combine(folder.FullName, "zephyr-reach-2999-01-01T00-00-00Z.dump.part"),
                "",
                Server.Cancel
            );
            await using var database = await TestDatabase.CreateAsync();
            await using var server = await Server.StartAsync(
                database.Connection,
                "--empty",
                $"ZR_BACKUPS={folder.FullName}"
            );

            var (_, backups) = await server.SendAsync(HttpMethod.Get, "/api/backups");

            backups.GetProperty("folder").GetString().ShouldBe(folder.FullName);
            backups.GetProperty("isLate").GetBoolean().ShouldBe(isLate);
            var last = backups.GetProperty("last");
            if (daysAgo is null)
            {
                last.ValueKind.ShouldBe(JsonValueKind.Null);
            }
            else
            {
                (last.GetDateTimeOffset() - at)
                    .Duration()
                    .ShouldBeLessThan(TimeSpan.FromSeconds(2));
            }
        }
        finally
        {
            folder.Delete(true);
        }
    }
}
