using System.Net;
using System.Text;
using System.Text.Json;

namespace ZephyrReach.Web.Tests;

public class DrawerRouteTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private Server Server => fixture.Server;

    [Fact]
    public async Task What_is_typed_is_kept_with_its_units_and_what_is_unknown_stays_unknown()
    {
        var id = await AddAsync(
            "foot",
            "new foot",
            new { opening = "5", soleLeft = "3/8 in" },
            "imperial"
        );

        var (changed, body) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/drawer/things/{id}?units=metric",
            new { properties = new { soleLeft = (string?)null, relief = "1,5" } },
            "1"
        );

        changed.StatusCode.ShouldBe(HttpStatusCode.OK);
        var properties = body.GetProperty("properties");
        properties.GetProperty("opening").GetString().ShouldBe("5 mm");
        properties.GetProperty("relief").GetString().ShouldBe("1,5 mm");
        properties.TryGetProperty("soleLeft", out _).ShouldBeFalse();
        body.GetProperty("understood")
            .GetProperty("relief")
            .GetProperty("mm")
            .GetDouble()
            .ShouldBe(1.5);
        var (stale, _) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/drawer/things/{id}",
            new { name = "late" },
            "1"
        );
        stale.StatusCode.ShouldBe(HttpStatusCode.PreconditionFailed);
    }

    [Theory]
    [InlineData("foot", """{"opening":"wide"}""", "opening")]
    [InlineData("foot", """{"wings":2}""", "wings")]
    [InlineData("foot", """{"grooveWidth":3,"groovePitch":2}""", "grooveWidth")]
    [InlineData("machine", """{"shortestStitch":4,"longestStitch":3}""", "shortestStitch")]
    [InlineData("machine", """{"normalTension":9,"highestTension":5}""", "normalTension")]
    [InlineData("thread", """{"colour":"reddish"}""", "colour")]
    [InlineData("spoon", "{}", "kind")]
    public async Task A_property_that_cannot_be_is_named(
        string kind,
        string properties,
        string field
    )
    {
        var (response, problem) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/drawer/things",
            new
            {
                id = Guid.CreateVersion7(),
                kind,
                name = "x",
                properties = JsonDocument.Parse(properties).RootElement,
            }
        );

        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        problem
            .GetProperty("errors")
            .TryGetProperty(field, out _)
            .ShouldBeTrue(problem.GetRawText());
    }

    /// <summary>The database keeps no U+0000, and a connection that is handed one is spoilt for the next who uses it.</summary>
    [Theory]
    [InlineData("a\\u0000b", HttpStatusCode.BadRequest)]
    [InlineData("a\\\\u0000b", HttpStatusCode.Created)]
    [InlineData("a\\\\\\u0000b", HttpStatusCode.BadRequest)]
    public async Task U_0000_is_refused_before_the_database_sees_it(
        string name,
        HttpStatusCode code
    )
    {
        var (kept, _) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/drawer/things",
            $$"""{"id":"{{Guid.CreateVersion7()}}","kind":"foot","name":"{{name}}"}"""
        );
        var (found, _) = await Server.SendAsync(HttpMethod.Get, "/api/swatches?text=%00");

        kept.StatusCode.ShouldBe(code);
        found.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Theory]
    [InlineData(
        "/api/drawer/things",
        """{"id":"ID","kind":"foot","name":"x","properties":{"kind":"\ud800"}}"""
    )]
    [InlineData("/api/drawer/things", """{"id":"ID","kind":"foot","name":"\u0000"}""")]
    [InlineData("/api/fit", """{"technique":"\ud800"}""")]
    [InlineData("/api/card/couching", """{"machine":"\ud800"}""")]
    public async Task A_text_that_is_no_unicode_is_a_problem_and_no_failure(
        string path,
        string body
    )
    {
        var (response, _) = await Server.SendAsync(
            HttpMethod.Post,
            path,
            body.Replace("ID", $"{Guid.CreateVersion7()}", StringComparison.Ordinal)
        );

        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Theory]
    [InlineData("machine")]
    [InlineData("foot")]
    [InlineData("needle")]
    [InlineData("thread")]
    [InlineData("elastic")]
    [InlineData("cloth")]
    [InlineData("stabiliser")]
    [InlineData("cord")]
    [InlineData("machine-stitch")]
    public async Task A_table_goes_out_and_comes_in_the_same(string kind)
    {
        var csv = await CsvAsync(kind);
        csv.Split('\n').Length.ShouldBeGreaterThan(3);

        var report = await TakeInAsync(kind, csv);

        report.GetProperty("wrong").GetArrayLength().ShouldBe(0, report.GetRawText());
        report.GetProperty("taken").GetInt32().ShouldBe(report.GetProperty("good").GetInt32());
        (await CsvAsync(kind)).ShouldBe(csv);
    }

    [Fact]
    public async Task When_a_line_is_wrong_nothing_is_taken_in_unless_it_is_said()
    {
        const string Table = """
            name,size,point,twinSpacing
            "good, and quoted",80,universal,0 mm
            wrong size,eighty,universal,
            wrong point,80,pointy,
            ,80,universal,
            """;

        var report = await TakeInAsync("needle", Table);

        report.GetProperty("taken").GetInt32().ShouldBe(0);
        report
            .GetProperty("wrong")
            .EnumerateArray()
            .Select(w => (w.GetProperty("line").GetInt32(), w.GetProperty("column").GetString()))
            .ShouldBe([(3, "size"), (4, "point"), (5, "name")]);
        (await CsvAsync("needle")).ShouldNotContain("good, and quoted");

        (await TakeInAsync("needle", Table, "?anyway=true"))
            .GetProperty("taken")
            .GetInt32()
            .ShouldBe(1);
        (await CsvAsync("needle")).ShouldContain("\"good, and quoted\"");
    }

    [Fact]
    public async Task A_combination_is_judged_by_id_or_by_what_is_known_and_unknowns_are_said()
    {
        var (_, fit) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/fit?units=metric",
            """
            {"machine":{"mounts":["low-shank"],"widestStitch":7},"foot":{"mount":"low-shank","opening":5},
            "needle":{"size":90},"width":5}
            """
        );

        fit.GetProperty("verdict").GetString().ShouldBe("no");
        fit.GetProperty("findings")[0].GetProperty("code").GetString().ShouldBe("strike");
        fit.GetProperty("unchecked")
            .EnumerateArray()
            .Select(u => u.GetProperty("code").GetString())
            .ShouldContain("needle-system");
        var (refused, _) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/fit",
            """{"machine":"00000000-0000-0000-0000-000000000000","foot":7,"needle":{"size":"x"}}"""
        );
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task The_chart_agrees_with_the_single_answers()
    {
        var (_, chart) = await Server.SendAsync(HttpMethod.Get, "/api/fit/chart");
        var verdicts = chart
            .GetProperty("cells")
            .EnumerateArray()
            .SelectMany(r => r.EnumerateArray())
            .Select(c => c.GetProperty("v").GetString())
            .ToList();
        verdicts.Distinct().Order().ShouldBe(["no", "yes", "yes-but"]);

        var (machine, foot) = (chart.GetProperty("down")[0], chart.GetProperty("across")[0]);
        var (_, fit) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/fit",
            new { machine = machine.GetProperty("id"), foot = foot.GetProperty("id") }
        );
        fit.GetProperty("verdict").GetString().ShouldBe(verdicts[0]);
    }

    [Fact]
    public async Task A_card_without_a_machine_takes_the_first_that_can()
    {
        var (_, couching) = await Server.SendAsync(HttpMethod.Post, "/api/card/couching", "{}");
        var (_, overlock) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/card/overlock-gathers",
            "{}"
        );

        couching.GetProperty("machine").GetString().ShouldBe("window machine");
        overlock.GetProperty("machine").GetString().ShouldBe("shed overlocker");
        var (_, over) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/card/pulled-gathers",
            """{"rows":"over-threads"}"""
        );
        over.GetProperty("technique").GetString().ShouldBe("gathers-over-threads");
    }

    [Fact]
    public async Task The_first_change_goes_down_its_list()
    {
        var (_, first) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/first-change/gathering-foot",
            """{"seen":["not-full-enough"],"tried":["longer-stitch"]}"""
        );
        first.GetProperty("name").GetString().ShouldBe("tension-up");
        var (wrong, _) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/first-change/gathering-foot",
            """{"seen":["purple"]}"""
        );
        wrong.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task The_bench_says_what_runs_short()
    {
        var (_, runsShort) = await Server.SendAsync(
            HttpMethod.Get,
            "/api/bench/short?units=metric"
        );

        var red = runsShort
            .EnumerateArray()
            .Single(s => s.GetProperty("name").GetString() == "strong red");
        red.GetProperty("needed").GetString().ShouldBe("75.9 m");
        red.GetProperty("left").GetString().ShouldBe("38 m");
    }

    private async Task<Guid> AddAsync(string kind, string name, object properties, string units)
    {
        var id = Guid.CreateVersion7();
        var (response, _) = await Server.SendAsync(
            HttpMethod.Post,
            $"/api/drawer/things?units={units}",
            new
            {
                id,
                kind,
                name,
                properties,
            }
        );
        response.StatusCode.ShouldBe(HttpStatusCode.Created);
        return id;
    }

    private Task<string> CsvAsync(string kind) =>
        Server.Http.GetStringAsync($"/api/drawer/{kind}/csv?units=metric", Server.Cancel);

    private async Task<JsonElement> TakeInAsync(string kind, string csv, string query = "")
    {
        var response = await Server.Http.PostAsync(
            $"/api/drawer/{kind}/csv{query}",
            new StringContent(csv, Encoding.UTF8, "text/csv"),
            Server.Cancel
        );
        var text = await response.Content.ReadAsStringAsync(Server.Cancel);
        response.StatusCode.ShouldBe(HttpStatusCode.OK, text);
        return JsonDocument.Parse(text).RootElement;
    }
}
