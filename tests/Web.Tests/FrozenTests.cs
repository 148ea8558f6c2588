using System.Diagnostics;
using System.Net;

namespace ZephyrReach.Web.Tests;

/// <summary>A row that somebody holds, or a database that does not answer, stops nothing else.</summary>
public class FrozenTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private Server Server => fixture.Server;

    [Fact]
    public async Task A_row_that_somebody_holds_is_not_waited_for_long_and_the_rest_goes_on()
    {
        var id = await Server.WorkingAsync();
        await using var connection = new Npgsql.NpgsqlConnection(fixture.Connection);
        await connection.OpenAsync(Server.Cancel);
        await using var transaction = await connection.BeginTransactionAsync(Server.Cancel);
        await using (
            var hold = new Npgsql.NpgsqlCommand(
                "select 1 from workings where id = $1 for update",
                connection
            )
        )
        {
            hold.Parameters.Add(new Npgsql.NpgsqlParameter { Value = id });
            await hold.ExecuteNonQueryAsync(Server.Cancel);
        }
        var watch = Stopwatch.StartNew();

        var held = Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{id}",
            new { name = "Renamed" },
            "1"
        );
        var (other, _) = await Server.SendAsync(HttpMethod.Get, "/api/bench");
        other.StatusCode.ShouldBe(HttpStatusCode.OK);
        watch.Elapsed.ShouldBeLessThan(TimeSpan.FromSeconds(4));
        var (answer, problem) = await held;

        answer.StatusCode.ShouldBe(HttpStatusCode.ServiceUnavailable);
        problem.GetProperty("title").GetString()!.ShouldContain("nothing was saved");
        await transaction.RollbackAsync(Server.Cancel);
        var (again, _) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{id}",
            new { name = "Renamed" },
            "1"
        );
        again.StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task With_a_table_that_is_locked_it_says_soon_that_it_is_not_ready_and_still_reckons()
    {
        await Server.SendAsync(HttpMethod.Get, "/api/workroom");
        await using var connection = new Npgsql.NpgsqlConnection(fixture.Connection);
        await connection.OpenAsync(Server.Cancel);
        await using var transaction = await connection.BeginTransactionAsync(Server.Cancel);
        await using (
            var freeze = new Npgsql.NpgsqlCommand(
                "lock table workrooms in access exclusive mode",
                connection
            )
        )
        {
            await freeze.ExecuteNonQueryAsync(Server.Cancel);
        }
        await Task.Delay(TimeSpan.FromSeconds(1.2), Server.Cancel);
        var watch = Stopwatch.StartNew();

        var (ready, _) = await Server.SendAsync(HttpMethod.Get, "/health/ready");
        ready.StatusCode.ShouldBe(HttpStatusCode.ServiceUnavailable);
        watch.Elapsed.ShouldBeLessThan(TimeSpan.FromSeconds(2.5));
        var (reckoned, _) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/reckon/pulled-gathers",
            new { finishedEdge = "2.6 m" }
        );
        // What it misses is said: it is read and reckoned.
        reckoned.StatusCode.ShouldBe(HttpStatusCode.BadRequest);

        await transaction.RollbackAsync(Server.Cancel);
        (await Server.SendAsync(HttpMethod.Get, "/health/ready")).Response.StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
    }
}
