using System.Net;
using System.Text.Json;

namespace ZephyrReach.Web.Tests;

public class RecordRouteTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private Server Server => fixture.Server;

    [Fact]
    public async Task The_demonstration_lies_on_the_bench_with_what_is_next()
    {
        var (_, bench) = await Server.SendAsync(HttpMethod.Get, "/api/bench?units=metric");
        var workings = bench
            .GetProperty("projects")
            .EnumerateArray()
            .SelectMany(p => p.GetProperty("workings").EnumerateArray())
            .Where(w => w.GetProperty("name").GetString() != "Valance")
            .ToDictionary(w => w.GetProperty("name").GetString()!);

        workings["Valance over the seedling stall"]
            .GetProperty("next")
            .GetString()!
            .ShouldStartWith("Cut 5 strips, each 117 cm");
        workings["Frill round the tea table"]
            .GetProperty("next")
            .GetString()
            .ShouldBe("Mark both edges into sections: step 4 of 12.");
        workings["Lower tier of the skirt"]
            .GetProperty("next")
            .GetString()
            .ShouldBe("Next: set up the machine.");
        workings["Curtain across the shelves"].GetProperty("isDone").GetBoolean().ShouldBeTrue();
    }

    [Fact]
    public async Task A_working_is_begun_unfinished_changed_by_field_and_undone()
    {
        var id = await Server.WorkingAsync();
        var (changed, body) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{id}?units=imperial",
            new { ask = new { finishedEdge = "36 1/2 + 2 m", stitchLength = "4" } },
            "1"
        );

        changed.Headers.ETag!.Tag.ShouldBe("\"2\"");
        // A bare figure gets its unit, so that turning the units round changes no length.
        body.GetProperty("ask")
            .GetProperty("finishedEdge")
            .GetString()
            .ShouldBe("36 1/2 in + 2 m");
        body.GetProperty("ask").GetProperty("stitchLength").GetString().ShouldBe("4 mm");

        var (_, history) = await Server.SendAsync(HttpMethod.Get, "/api/history");
        var step = history.GetProperty("undo");
        step.GetProperty("says")
            .GetString()
            .ShouldBe("finished length and stitch length of “Valance”");
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/history/undo",
            new { step = step.GetProperty("id").GetInt64() }
        );

        var (_, undone) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{id}");
        undone.GetProperty("ask").EnumerateObject().ShouldBeEmpty();
    }

    [Fact]
    public async Task A_change_has_to_say_its_version_and_a_stale_one_is_told_who_was_first()
    {
        var id = await Server.WorkingAsync();
        var (unsaid, _) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{id}",
            new { name = "Frill" }
        );
        await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{id}",
            new { name = "Frill" },
            "1",
            "telephone"
        );
        var (stale, problem) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{id}",
            new { name = "Ruffle" },
            "1"
        );

        unsaid.StatusCode.ShouldBe(HttpStatusCode.PreconditionRequired);
        stale.StatusCode.ShouldBe(HttpStatusCode.PreconditionFailed);
        problem.GetProperty("changedBy").GetString().ShouldBe("telephone");
        problem.GetProperty("version").GetInt32().ShouldBe(2);
        problem.GetProperty("current").GetProperty("name").GetString().ShouldBe("Frill");
    }

    [Theory]
    [InlineData("""{"ask":{"finishedEdge":"long"}}""", "finishedEdge")]
    [InlineData("""{"ask":{"fullness":7}}""", "fullness")]
    [InlineData("""{"ask":{"colour":"red"}}""", "colour")]
    [InlineData("""{"ask":[]}""", "ask")]
    [InlineData("""{"name":""}""", "name")]
    [InlineData("""{"name":" \t "}""", "name")]
    [InlineData("""{"stage":"wash"}""", "stage")]
    [InlineData("""{"cloth":{"colour":"red"}}""", "cloth.colour")]
    public async Task What_is_wrong_is_named_and_not_kept(string change, string field)
    {
        var id = await Server.WorkingAsync();

        var (response, problem) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{id}",
            change,
            "1"
        );

        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        problem.GetProperty("errors").EnumerateObject().Select(e => e.Name).ShouldContain(field);
        var (_, kept) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{id}");
        kept.GetProperty("version").GetInt32().ShouldBe(1);
    }

    [Theory]
    [InlineData(
        "/api/projects",
        """{"id":"01a1dc7c-0e00-4e8b-870b-53bf64d0b50f","name":"x"}""",
        "id"
    )]
    [InlineData("/api/projects", """{"id":"01a1dc7c-0e00-7e8b-870b-53bf64d0b50f"}""", "name")]
    [InlineData(
        "/api/swatches",
        """{"id":"01a1dc7c-0e00-7e8b-870b-53bf64d0b50f","readings":{"flat":["-3 cm"]}}""",
        "readings.flat"
    )]
    [InlineData("/api/swatches", """{"id":"01a1dc7c-0e00-7e8b-870b-53bf64d0b50f"}""", "workingId")]
    [InlineData(
        "/api/workings",
        """{"id":"01a1dc7c-0e00-7e8b-870b-53bf64d0b50f","name":"x","technique":"knitting"}""",
        "technique"
    )]
    public async Task A_record_that_cannot_be_kept_names_its_field(
        string path,
        string body,
        string field
    )
    {
        var (response, problem) = await Server.SendAsync(HttpMethod.Post, path, body);

        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        problem.GetProperty("errors").EnumerateObject().Select(e => e.Name).ShouldContain(field);
    }

    [Fact]
    public async Task A_cut_list_stays_as_it_was_cut_with_the_swatches_it_rests_on()
    {
        var (_, description) = await Server.SendAsync(
            HttpMethod.Get,
            "/api/techniques/pulled-gathers?units=metric"
        );
        var ask = description
            .GetProperty("fields")
            .EnumerateArray()
            .Where(f => f.TryGetProperty("start", out _))
            .ToDictionary(
                f => f.GetProperty("name").GetString()!,
                f => (object)f.GetProperty("start")
            );
        ask["finishedEdge"] = "2.6 m";
        var id = await Server.WorkingAsync(ask);
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/swatches",
            new
            {
                id = Guid.CreateVersion7(),
                workingId = id,
                readings = new
                {
                    flat = new[] { "30 cm" },
                    gathered = new object[] { 150, "14.9 cm" },
                },
            }
        );
        var (frozen, _) = await Server.SendAsync(
            HttpMethod.Post,
            $"/api/workings/{id}/cut-lists",
            new { id = Guid.CreateVersion7() }
        );
        frozen.StatusCode.ShouldBe(HttpStatusCode.Created);
        await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{id}",
            new { ask = new { fullness = 2.5 } },
            "1"
        );

        var (_, lists) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{id}/cut-lists");
        var (_, now) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{id}");
        var (_, compared) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/compare/pulled-gathers",
            new { then = lists[0].GetProperty("ask"), now = now.GetProperty("ask") }
        );

        lists[0]
            .GetProperty("answer")
            .GetProperty("flatEdge")
            .GetProperty("mm")
            .GetDouble()
            .ShouldBe(5200);
        lists[0]
            .GetProperty("swatches")[0]
            .GetProperty("readings")
            .GetProperty("gathered")
            .GetArrayLength()
            .ShouldBe(2);
        compared
            .GetProperty("differences")
            .EnumerateArray()
            .Select(d => d.GetProperty("title").GetString())
            .ShouldContain("Fullness");
        compared
            .GetProperty("findings")[0]
            .GetProperty("code")
            .GetString()
            .ShouldBe("cut-too-short");
    }

    [Fact]
    public async Task A_second_summary_of_one_working_is_told_of_the_first()
    {
        var id = await Server.WorkingAsync();
        var (first, kept) = await Server.SendAsync(
            HttpMethod.Post,
            $"/api/workings/{id}/keep",
            new { id = Guid.CreateVersion7(), cameOut = "2.21" }
        );
        var (second, _) = await Server.SendAsync(
            HttpMethod.Post,
            $"/api/workings/{id}/keep",
            new { id = Guid.CreateVersion7(), cameOut = "2.5" }
        );
        var keep = kept.GetProperty("id").GetGuid();
        var (changed, _) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/keeps/{keep}",
            new { verdict = "yes" },
            "1"
        );

        first.StatusCode.ShouldBe(HttpStatusCode.Created);
        second.StatusCode.ShouldBe(HttpStatusCode.PreconditionFailed);
        changed.StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Of_summaries_that_come_at_once_one_is_kept_and_the_others_are_told()
    {
        for (var round = 0; round < 8; round++)
        {
            var id = await Server.WorkingAsync();
            var all = await Task.WhenAll(
                Enumerable
                    .Range(0, 6)
                    .Select(i =>
                        Server.SendAsync(
                            HttpMethod.Post,
                            $"/api/workings/{id}/keep",
                            new { id = Guid.CreateVersion7(), cameOut = $"{i}" }
                        )
                    )
            );

            all.Count(a => a.Response.StatusCode == HttpStatusCode.Created).ShouldBe(1);
            all.Where(a => a.Response.StatusCode != HttpStatusCode.Created)
                .ShouldAllBe(a =>
                    a.Response.StatusCode == HttpStatusCode.Conflict
                    || a.Response.StatusCode == HttpStatusCode.PreconditionFailed
                );
        }
    }

    [Fact]
    public async Task An_ask_that_was_damaged_in_the_database_is_shown_with_its_troubles()
    {
        var id = await Server.WorkingAsync(new { finishedEdge = "2.6 m" });
        await using var source = Npgsql.NpgsqlDataSource.Create(fixture.Connection);
        await using var damage = source.CreateCommand(
            $"update workings set ask = '{{\"finishedEdge\":\"long\"}}' where id = '{id}'"
        );
        await damage.ExecuteNonQueryAsync(Server.Cancel);

        var (response, working) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{id}");

        response.StatusCode.ShouldBe(HttpStatusCode.OK);
        working.GetProperty("troubles").TryGetProperty("finishedEdge", out _).ShouldBeTrue();
    }

    [Fact]
    public async Task The_workrooms_units_and_steps_decide_what_is_written()
    {
        var (_, before) = await Server.SendAsync(HttpMethod.Get, "/api/workroom");
        var version = before.GetProperty("version").GetInt32();
        var (_, inches) = await Server.SendAsync(
            HttpMethod.Patch,
            "/api/workroom",
            new { units = "imperial", imperialMarkingIn = 0.125 },
            $"{version}"
        );
        var (_, length) = await Server.SendAsync(HttpMethod.Get, "/api/lengths?text=927.1mm");
        await Server.SendAsync(
            HttpMethod.Patch,
            "/api/workroom",
            new { units = "metric", imperialMarkingIn = 0.0625 },
            $"{version + 1}"
        );
        var (refused, _) = await Server.SendAsync(
            HttpMethod.Patch,
            "/api/workroom",
            new { imperialMarkingIn = 0.3 },
            $"{version + 2}"
        );

        inches.GetProperty("units").GetString().ShouldBe("imperial");
        length.GetProperty("text").GetString().ShouldBe("36 1/2 in");
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }
}
