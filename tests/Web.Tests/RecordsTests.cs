using System.Net;
using System.Text.Json;

namespace ZephyrReach.Web.Tests;

/// <summary>Every kind of record is found, changed and taken away in one way: by version, named when it is not there, and with an undo.</summary>
public class RecordsTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    /// <summary>Where a kind of record is kept, and a change to one.</summary>
    private static readonly Dictionary<string, (string Path, object Change)> Kinds = new()
    {
        ["project"] = ("/api/projects", new { name = "Renamed" }),
        ["working"] = ("/api/workings", new { name = "Renamed" }),
        ["swatch"] = ("/api/swatches", new { note = "Held up to the light." }),
        ["thing"] = ("/api/drawer/things", new { name = "Renamed" }),
        ["keep"] = ("/api/keeps", new { note = "Again like this." }),
    };

    public static TheoryData<string> All() => [.. Kinds.Keys];

    private Server Server => fixture.Server;

    [Theory]
    [MemberData(nameof(All))]
    public async Task A_change_says_its_version_and_gets_the_next(string kind)
    {
        var (path, change) = await MakeAsync(kind);

        var (without, _) = await Server.SendAsync(HttpMethod.Patch, path, change);
        without.StatusCode.ShouldBe(HttpStatusCode.PreconditionRequired);

        var (first, body) = await Server.SendAsync(HttpMethod.Patch, path, change, ifMatch: "1");
        first.StatusCode.ShouldBe(HttpStatusCode.OK, body.ToString());
        first.Headers.ETag!.Tag.ShouldBe("\"2\"");
        body.GetProperty("version").GetInt32().ShouldBe(2);
    }

    [Theory]
    [MemberData(nameof(All))]
    public async Task A_stale_change_is_told_who_was_first_and_what_it_is_now(string kind)
    {
        var (path, change) = await MakeAsync(kind);
        await Server.SendAsync(HttpMethod.Patch, path, change, ifMatch: "1", seat: "telephone");

        var (late, problem) = await Server.SendAsync(HttpMethod.Patch, path, change, ifMatch: "1");

        late.StatusCode.ShouldBe(HttpStatusCode.PreconditionFailed);
        problem.GetProperty("version").GetInt32().ShouldBe(2);
        problem.GetProperty("changedBy").GetString().ShouldBe("telephone");
        problem.GetProperty("current").GetProperty("version").GetInt32().ShouldBe(2);
        problem
            .GetProperty("title")
            .GetString()!
            .ShouldStartWith("This was changed on the telephone");
    }

    [Theory]
    [MemberData(nameof(All))]
    public async Task A_version_that_cannot_be_read_is_no_leave_to_delete(string kind)
    {
        var (path, _) = await MakeAsync(kind);
        foreach (var said in new[] { "W/\"1\"", "abc", "\"1\", \"2\"", "-1", "\"1" })
        {
            using var request = new HttpRequestMessage(HttpMethod.Delete, path);
            request.Headers.TryAddWithoutValidation("If-Match", said).ShouldBeTrue();
            using var answer = await Server.Http.SendAsync(request, Server.Cancel);
            answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest, said);
        }

        var (gone, _) = await Server.SendAsync(HttpMethod.Delete, path, ifMatch: "1");
        gone.StatusCode.ShouldBe(HttpStatusCode.NoContent);
    }

    [Theory]
    [MemberData(nameof(All))]
    public async Task What_is_not_there_is_not_found_and_not_made(string kind)
    {
        var (path, change) = Kinds[kind];
        var nowhere = $"{path}/{Guid.CreateVersion7()}";

        var (changed, problem) = await Server.SendAsync(
            HttpMethod.Patch,
            nowhere,
            change,
            ifMatch: "1"
        );
        changed.StatusCode.ShouldBe(HttpStatusCode.NotFound);
        problem
            .GetProperty("title")
            .GetString()!
            .ShouldMatch("^(There is no such|Nothing is kept) ");
        if (kind != "keep")
        {
            var (removed, _) = await Server.SendAsync(HttpMethod.Delete, nowhere);
            removed.StatusCode.ShouldBe(HttpStatusCode.NotFound);
        }
    }

    [Theory]
    [InlineData("project")]
    [InlineData("working")]
    [InlineData("swatch")]
    [InlineData("thing")]
    public async Task What_is_taken_away_comes_back_by_an_undo_as_it_was(string kind)
    {
        var (path, _) = await MakeAsync(kind);
        var (stale, _) = await Server.SendAsync(HttpMethod.Delete, path, ifMatch: "7");
        stale.StatusCode.ShouldBe(HttpStatusCode.PreconditionFailed);
        var (removed, _) = await Server.SendAsync(HttpMethod.Delete, path, ifMatch: "1");
        removed.StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await ChangeAsync(kind, path, "1")).ShouldBe(HttpStatusCode.NotFound);

        var (_, history) = await Server.SendAsync(HttpMethod.Get, "/api/history");
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/history/undo",
            new { step = history.GetProperty("undo").GetProperty("id").GetInt64() }
        );

        // Put back, its version has gone up, so that an editor of the other state is told.
        (await ChangeAsync(kind, path, "1")).ShouldBe(HttpStatusCode.PreconditionFailed);
    }

    [Theory]
    [InlineData("project")]
    [InlineData("working")]
    [InlineData("swatch")]
    [InlineData("thing")]
    public async Task The_same_id_sent_twice_is_one_record(string kind)
    {
        var id = Guid.CreateVersion7();
        var (first, body) = await AddAsync(kind, id);
        var (again, same) = await AddAsync(kind, id);

        first.StatusCode.ShouldBe(HttpStatusCode.Created, body.ToString());
        again.StatusCode.ShouldBe(HttpStatusCode.Created, same.ToString());
        same.GetProperty("version").GetInt32().ShouldBe(1);
        JsonElement.DeepEquals(same, body).ShouldBeTrue();
        first.Headers.Location!.ToString().ShouldEndWith(id.ToString());
    }

    private async Task<HttpStatusCode> ChangeAsync(string kind, string path, string version) =>
        (await Server.SendAsync(HttpMethod.Patch, path, Kinds[kind].Change, ifMatch: version))
            .Response
            .StatusCode;

    private async Task<(string Path, object Change)> MakeAsync(string kind)
    {
        var id = Guid.CreateVersion7();
        var (response, body) = await AddAsync(kind, id);
        response.StatusCode.ShouldBe(HttpStatusCode.Created, body.ToString());
        return ($"{Kinds[kind].Path}/{id}", Kinds[kind].Change);
    }

    private async Task<(HttpResponseMessage Response, JsonElement Body)> AddAsync(
        string kind,
        Guid id
    ) =>
        kind switch
        {
            "project" => await PostAsync("/api/projects", new { id, name = "Bunting" }),
            "working" => await PostAsync(
                "/api/workings",
                new
                {
                    id,
                    projectId = await ProjectAsync(),
                    technique = "darning",
                    name = "Elbow",
                    ask = new { tearWidth = "9 mm" },
                }
            ),
            "swatch" => await PostAsync(
                "/api/swatches",
                new
                {
                    id,
                    technique = "darning",
                    readings = new { length = new[] { "19 mm" } },
                }
            ),
            "thing" => await PostAsync(
                "/api/drawer/things",
                new
                {
                    id,
                    kind = "thread",
                    name = "straw cotton",
                    properties = new { colour = "#d9c48f" },
                }
            ),
            _ => await PostAsync(
                $"/api/workings/{await Server.WorkingAsync()}/keep",
                new
                {
                    id,
                    settings = new { Fullness = "2.2" },
                    cameOut = "2.21",
                    verdict = "yes",
                    note = "",
                }
            ),
        };

    private Guid project;

    private async Task<Guid> ProjectAsync()
    {
        if (project == default)
        {
            project = Guid.CreateVersion7();
            await PostAsync("/api/projects", new { id = project, name = "Potting shed" });
        }
        return project;
    }

    private Task<(HttpResponseMessage Response, JsonElement Body)> PostAsync(
        string path,
        object body
    ) => Server.SendAsync(HttpMethod.Post, path, body);
}
