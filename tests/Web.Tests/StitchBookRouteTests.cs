using System.Net;
using System.Text;
using System.Text.Json;

namespace ZephyrReach.Web.Tests;

/// <summary>The stitch book as it is kept: stitches of a machine, scraps with several of them, and what they teach.</summary>
public class StitchBookRouteTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private const string Runner = "01a1dc8c-2b20-7d3e-8f50-6b7c8d9eaf42";

    private Server Server => fixture.Server;

    [Fact]
    public async Task A_stitch_is_kept_with_its_picture_and_drawn_by_it()
    {
        var id = await AddAsync(
            "machine-stitch",
            "heather",
            new
            {
                onMachine = "window machine",
                number = "52",
                look = "leaf",
                length = "2,5",
                width = "6",
                repeat = "8.4 mm",
                picture = "M0 0L4 3L8.4 0",
            }
        );

        var drawing = (await ThingAsync(id)).GetProperty("drawing");

        var row = drawing
            .GetProperty("shapes")
            .EnumerateArray()
            .Single(s => s.TryGetProperty("stitches", out _))
            .GetProperty("stitches");
        row.GetProperty("length").GetDouble().ShouldBe(8.4);
        row.GetProperty("repeat")
            .GetProperty("paths")
            .EnumerateArray()
            .Single()
            .GetString()
            .ShouldBe("M0 0L4 3L8.4 0");
    }

    /// <summary>A stitch names its machine: a new name goes along in the same step, and an undo brings both back.</summary>
    [Fact]
    public async Task Stitches_follow_their_machine_when_it_gets_another_name()
    {
        var machine = await AddAsync("machine", "attic machine", new { kind = "home" });
        await AddAsync("machine", "loft machine", new { kind = "home" });
        var mine = await AddAsync("machine-stitch", "bars", new { onMachine = "attic machine" });
        var other = await AddAsync(
            "machine-stitch",
            "bars too",
            new { onMachine = "loft machine" }
        );

        await PatchAsync(machine, new { name = "loft machine, mended" });
        (await OnAsync(mine)).ShouldBe("loft machine, mended");
        (await OnAsync(other)).ShouldBe("loft machine");

        await TurnAsync("undo");
        (await OnAsync(mine)).ShouldBe("attic machine");
        (await ThingAsync(machine)).GetProperty("name").GetString().ShouldBe("attic machine");
        await TurnAsync("redo");
        (await OnAsync(mine)).ShouldBe("loft machine, mended");
    }

    [Fact]
    public async Task A_stitch_goes_out_as_csv_and_comes_in_as_another()
    {
        await AddAsync(
            "machine-stitch",
            "alternating",
            new
            {
                onMachine = "window machine",
                look = "letters",
                word = "BEAN, 1",
                pitch = "7.2 mm",
                dense = true,
                picture = "M0 0L3 1L6 0",
            }
        );
        var csv = await Server.Http.GetStringAsync("/api/drawer/machine-stitch/csv", Server.Cancel);
        var lines = csv.Split("\r\n");
        var line = lines.Single(l => l.Contains("alternating", StringComparison.Ordinal));
        // Without its id it is a new one.
        var copy =
            ","
            + line[(line.IndexOf(',', StringComparison.Ordinal) + 1)..]
                .Replace("alternating", "once more", StringComparison.Ordinal);

        var response = await Server.Http.PostAsync(
            "/api/drawer/machine-stitch/csv",
            new StringContent($"{lines[0]}\r\n{copy}\r\n", Encoding.UTF8, "text/csv"),
            Server.Cancel
        );
        var report = JsonDocument
            .Parse(await response.Content.ReadAsStringAsync(Server.Cancel))
            .RootElement;

        report.GetProperty("taken").GetInt32().ShouldBe(1, report.GetRawText());
        var (a, b) = (await NamedAsync("alternating"), await NamedAsync("once more"));
        JsonElement
            .DeepEquals(a.GetProperty("properties"), b.GetProperty("properties"))
            .ShouldBeTrue();
    }

    [Fact]
    public async Task The_lines_of_a_scrap_are_kept_judged_and_taken_back()
    {
        var swatch = Guid.CreateVersion7();
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/swatches",
            new { id = swatch, workingId = Runner }
        );
        object Line(string under, double ten, bool tunnelled) =>
            new
            {
                name = "fern",
                under,
                length = "3 mm",
                width = 7,
                said = 7.4,
                ten = $"{ten.ToString(System.Globalization.CultureInfo.InvariantCulture)} mm",
                wide = "6,8",
                tunnelled,
            };

        var (_, kept) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/swatches/{swatch}",
            new
            {
                features = new
                {
                    stitches = new[] { Line("nothing", 71, true), Line("cut-away", 73.5, false) },
                },
            },
            "1"
        );

        var lines = kept.GetProperty("features").GetProperty("stitches");
        lines[0].GetProperty("ten").GetDouble().ShouldBe(71);
        lines[1].GetProperty("wide").GetDouble().ShouldBe(6.8);
        var (_, judged) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/reckon/stitch-rows/swatch",
            new { stitches = lines }
        );
        judged.GetProperty("serves").GetString()!.ShouldContain("this fabric wants cut-away");
        judged
            .GetProperty("stitches")[1]
            .GetProperty("lengthFactor")
            .GetDouble()
            .ShouldBe(7.35 / 7.4, 1e-9);

        var (refused, problem) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/swatches/{swatch}",
            new { features = new { stitches = new[] { new { ten = "many" } } } },
            "2"
        );
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        problem
            .GetProperty("errors")
            .EnumerateObject()
            .Single()
            .Name.ShouldBe("features.stitches[0].ten");

        await TurnAsync("undo");
        var (_, back) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{Runner}/swatches");
        back.EnumerateArray()
            .Single(s => s.GetProperty("id").GetGuid() == swatch)
            .GetProperty("features")
            .TryGetProperty("stitches", out _)
            .ShouldBeFalse();
        await TurnAsync("undo");
    }

    [Fact]
    public async Task A_scrap_with_lines_goes_out_as_csv_and_comes_in_the_same()
    {
        var query = $"/api/swatches/csv?working={Runner}";
        var csv = await Server.Http.GetStringAsync(query, Server.Cancel);
        csv.ShouldContain("leaf stem");

        var response = await Server.Http.PostAsync(
            "/api/swatches/csv",
            new StringContent(csv, Encoding.UTF8, "text/csv"),
            Server.Cancel
        );
        var report = await response.Content.ReadAsStringAsync(Server.Cancel);

        response.StatusCode.ShouldBe(HttpStatusCode.OK, report);
        JsonDocument
            .Parse(report)
            .RootElement.GetProperty("wrong")
            .GetArrayLength()
            .ShouldBe(0, report);
        (await Server.Http.GetStringAsync(query, Server.Cancel)).ShouldBe(csv);
    }

    /// <summary>What is measured on the machine changes what its cards say to set, and nothing else of them.</summary>
    [Fact]
    public async Task A_measured_dial_shows_on_every_card_of_that_machine()
    {
        var machine = await AddAsync(
            "machine",
            "cellar machine",
            new
            {
                kind = "home",
                widestStitch = 7,
                longestStitch = 5,
                shortestStitch = 0.2,
            }
        );
        async Task<JsonElement> LinesAsync() =>
            (
                await Server.SendAsync(
                    HttpMethod.Post,
                    "/api/card/applique",
                    new
                    {
                        machine,
                        stitchLength = "3 mm",
                        stitchWidth = "4 mm",
                    }
                )
            ).Body.GetProperty("lines");
        string Dial(JsonElement lines, string key) =>
            lines
                .EnumerateArray()
                .Single(l => l.GetProperty("key").GetString() == key)
                .GetProperty("dial")
                .GetString()!;

        var before = await LinesAsync();
        Dial(before, "length").ShouldBeEmpty();
        await PatchAsync(
            machine,
            new
            {
                properties = new
                {
                    stitchDial = new[]
                    {
                        new
                        {
                            dialled = 3,
                            stitches = 20,
                            measured = "66 mm",
                        },
                    },
                    widthDial = new[]
                    {
                        new
                        {
                            dialled = 4,
                            stitches = 1,
                            measured = "3.6 mm",
                        },
                    },
                },
            }
        );
        var after = await LinesAsync();

        Dial(after, "length").ShouldStartWith("set 2.8 mm");
        Dial(after, "width").ShouldStartWith("set 4.3 mm");
        after
            .EnumerateArray()
            .Select(l => l.GetProperty("figure").GetString())
            .ShouldBe(before.EnumerateArray().Select(l => l.GetProperty("figure").GetString()));
    }

    private async Task<Guid> AddAsync(string kind, string name, object properties)
    {
        var id = Guid.CreateVersion7();
        var (response, body) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/drawer/things",
            new
            {
                id,
                kind,
                name,
                properties,
            }
        );
        response.StatusCode.ShouldBe(HttpStatusCode.Created, body.ToString());
        return id;
    }

    private async Task PatchAsync(Guid id, object change)
    {
        var version = (await ThingAsync(id)).GetProperty("version").GetInt32();
        var (response, body) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/drawer/things/{id}",
            change,
            $"{version}"
        );
        response.StatusCode.ShouldBe(HttpStatusCode.OK, body.ToString());
    }

    private async Task<JsonElement> ThingAsync(Guid id) =>
        (await ThingsAsync()).Single(t => t.GetProperty("id").GetGuid() == id);

    private async Task<JsonElement> NamedAsync(string name) =>
        (await ThingsAsync()).Single(t => t.GetProperty("name").GetString() == name);

    private async Task<IEnumerable<JsonElement>> ThingsAsync() =>
        (await Server.SendAsync(HttpMethod.Get, "/api/drawer?units=metric"))
            .Body.GetProperty("things")
            .EnumerateArray();

    private async Task<string?> OnAsync(Guid stitch) =>
        (await ThingAsync(stitch)).GetProperty("properties").GetProperty("onMachine").GetString();

    private async Task TurnAsync(string turn)
    {
        var (_, history) = await Server.SendAsync(HttpMethod.Get, "/api/history");
        var step = history.GetProperty(turn).GetProperty("id").GetInt64();
        var (_, after) = await Server.SendAsync(
            HttpMethod.Post,
            $"/api/history/{turn}",
            new { step }
        );
        after.GetProperty("turned").GetBoolean().ShouldBeTrue();
    }
}
