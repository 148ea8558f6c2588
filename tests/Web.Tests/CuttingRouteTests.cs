using System.Net;
using System.Text.Json;

namespace ZephyrReach.Web.Tests;

/// <summary>The cutting table: what a project needs on the fabric there is, and cutting it.</summary>
public class CuttingRouteTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    /// <summary>Two strips of 78 × 24.5 cm, from selvedge to selvedge.</summary>
    private static readonly object Tier = new
    {
        finishedEdge = "1 m",
        fullness = 1.5,
        closed = true,
        finishedDepth = "20 cm",
        seamAllowance = "15 mm",
        hemAllowance = "3 cm",
        joinAllowance = "15 mm",
        endAllowance = "15 mm",
        clothWidth = "140 cm",
        cut = "across",
        rows = "two-straddling",
        rowGap = "6 mm",
        stitchLength = "4.5 mm",
        clothThickness = "0.3 mm",
        plainThickness = "0.5 mm",
        tail = "10 cm",
    };

    private Server Server => fixture.Server;

    [Fact]
    public async Task All_parts_of_a_fabric_are_cut_in_one_step_and_what_is_left_goes_back_on_the_shelf()
    {
        var fabric = await ThingAsync("plain red", "140 cm", "3 m");
        var bit = await ThingAsync("a bit of red", "90 cm", "30 cm", "plain red");
        var project = await AddAsync(
            "/api/projects",
            new { id = Guid.CreateVersion7(), name = "Skirt" }
        );
        var parts = new[]
        {
            await PartAsync(project, "Top", fabric),
            await PartAsync(project, "Middle", fabric),
        };

        // Three strips below each other on the bolt: two do not lie side by side. The fourth is cut from the remnant.
        var red = (await TableAsync(project, 2)).GetProperty("fabrics")[0];
        var layout = red.GetProperty("layout");
        Mm(layout, "used").ShouldBe(735, 1e-3);
        Mm(red, "partByPart").ShouldBe(980, 1e-3);
        layout.GetProperty("isProven").GetBoolean().ShouldBeTrue();
        red.GetProperty("sheets").GetArrayLength().ShouldBe(2);
        red.GetProperty("remnants")
            .EnumerateArray()
            .Select(r => r.GetString())
            .ShouldBe(["62 × 73.5 cm", "12 × 30 cm"]);

        // A strip that is put further down stays there, and the rest goes round it.
        (await PinnedAsync(project, red, 100)).ShouldBe(835, 1e-3);
        (await PinnedAsync(project, red, -1)).ShouldBe(double.NaN);

        // On paper it lies as on the screen: 1.4 m by 735 mm, with three strips.
        var svg = await Server.Http.GetStringAsync(
            $"/api/projects/{project}/cutting/paper?as=svg&seconds=2&fabric={red.GetProperty("key").GetString()}",
            Server.Cancel
        );
        svg.ShouldContain("viewBox=\"0 0 1400 735\"");
        foreach (var mark in red.GetProperty("order").EnumerateArray().Skip(1))
        {
            svg.ShouldContain($">{mark.GetProperty("mark").GetString()}<");
        }

        // Whoever saw another layout cuts nothing.
        (await CutAsync(project, red, used: 700)).StatusCode.ShouldBe(HttpStatusCode.Conflict);
        (await CutAsync(project, red)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await LeftAsync(fabric)).ShouldBe(2265, 0.1);
        (await LeftAsync(bit)).ShouldBe(0, 0.1);
        foreach (var part in parts)
        {
            (await ListsAsync(part)).ShouldBe(1);
        }
        (await ThingsAsync()).ShouldBe([
            "a bit of red",
            "plain red",
            "plain red, 12 × 30 cm",
            "plain red, 62 × 73.5 cm",
        ]);
        (await TableAsync(project, 0)).GetProperty("fabrics").GetArrayLength().ShouldBe(0);

        // All of it is one step.
        await UndoAsync();
        (await LeftAsync(fabric)).ShouldBe(3000, 0.1);
        (await LeftAsync(bit)).ShouldBe(300, 0.1);
        (await ListsAsync(parts[0])).ShouldBe(0);
        (await ThingsAsync()).ShouldBe(["a bit of red", "plain red"]);
    }

    [Fact]
    public async Task Folded_double_what_is_left_is_opened_out_and_what_is_still_to_be_washed_is_taken_as_it_lies_on_the_shelf()
    {
        var fabric = await ThingAsync("plain green", "140 cm", "3 m", shrinks: 5);
        var project = await AddAsync(
            "/api/projects",
            new { id = Guid.CreateVersion7(), name = "Green skirt" }
        );
        var part = await PartAsync(project, "Top", fabric);
        var green = (await TableAsync(project, 2, "&double=true")).GetProperty("fabrics")[0];
        // 3 m less a twentieth; two strips of 78 cm are too wide for a pair on 70 cm, so each lies on the fold.
        Mm(green, "left").ShouldBe(2850, 1e-3);
        var layout = green.GetProperty("layout");
        Mm(layout, "used").ShouldBe(490, 1e-3);
        layout
            .GetProperty("placements")
            .EnumerateArray()
            .ShouldAllBe(p => p.GetProperty("onFold").GetBoolean());
        // Beside the fold 70 − 39 = 31 cm are left, in both layers.
        green
            .GetProperty("remnants")
            .EnumerateArray()
            .Select(r => r.GetString())
            .ShouldBe(["2 of 31 × 49 cm"]);
        (await CutAsync(project, green, isDouble: true)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await LeftAsync(fabric)).ShouldBe(3000 - 490 / 0.95, 0.1);
        (await ThingsAsync("green")).ShouldBe([
            "plain green",
            "plain green, 31 × 49 cm",
            "plain green, 31 × 49 cm",
        ]);
        await UndoAsync();
        (await LeftAsync(fabric)).ShouldBe(3000, 0.1);
        (await ListsAsync(part)).ShouldBe(0);
    }

    [Fact]
    public async Task Bias_strips_are_cut_from_what_is_left_where_that_is_enough()
    {
        var ask = new
        {
            fabric = new { width = "140 cm" },
            pieces = new object[]
            {
                new
                {
                    name = "panel",
                    width = "90 cm",
                    length = "100 cm",
                },
                new
                {
                    name = "strip",
                    count = 2,
                    width = "4 cm",
                    length = "100 cm",
                    bias = true,
                    join = "6 mm",
                },
            },
            biasFromLeft = true,
            seconds = 0,
        };
        var (answered, layout) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/cutting?units=metric",
            ask
        );
        answered.StatusCode.ShouldBe(HttpStatusCode.OK, layout.ToString());
        Mm(layout, "used").ShouldBe(1000, 1e-3);
        layout.GetProperty("placements").GetArrayLength().ShouldBe(4);
        var (refused, problem) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/cutting?units=metric",
            new
            {
                fabric = new { width = "140 cm", @double = true },
                pieces = new[]
                {
                    new
                    {
                        name = "strip",
                        width = "4 cm",
                        length = "1 m",
                        bias = true,
                    },
                },
            }
        );
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        problem
            .GetProperty("errors")
            .GetProperty("fabric.double")[0]
            .GetString()!
            .ShouldContain("single layer");
    }

    [Fact]
    public async Task A_piece_that_fits_nowhere_is_named_with_what_would()
    {
        var (refused, problem) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/cutting?units=metric",
            new
            {
                fabric = new { width = "140 cm" },
                pieces = new[]
                {
                    new
                    {
                        name = "valance",
                        width = "160 cm",
                        length = "30 cm",
                    },
                },
            }
        );
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        var says = problem.GetProperty("errors").GetProperty("pieces[0].width")[0].GetString()!;
        says.ShouldContain("“valance”");
        says.ShouldContain("140 cm");
    }

    [Fact]
    public async Task A_layout_is_answered_in_either_units_with_its_cuts_where_they_go_right_across()
    {
        var ask = new
        {
            fabric = new { width = "54 in" },
            pieces = new[]
            {
                new
                {
                    name = "panel",
                    count = 4,
                    width = "13 1/2 in",
                    length = "20 in",
                },
            },
            edgeToEdge = true,
        };
        var (_, layout) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/cutting?units=imperial",
            ask
        );
        layout.GetProperty("used").GetProperty("text").GetString().ShouldBe("20 in");
        layout.GetProperty("isProven").GetBoolean().ShouldBeTrue();
        // Off the bolt, and three between four.
        layout
            .GetProperty("cuts")
            .EnumerateArray()
            .Select(c =>
                $"{c.GetProperty("way").GetString()} {c.GetProperty("at").GetProperty("text").GetString()}"
            )
            .ShouldBe(["across 20 in", "along 13 1/2 in", "along 27 in", "along 40 1/2 in"]);
    }

    private async Task<JsonElement> TableAsync(Guid project, double seconds, string more = "")
    {
        var (answered, table) = await Server.SendAsync(
            HttpMethod.Get,
            $"/api/projects/{project}/cutting?units=metric&seconds={seconds}{more}"
        );
        answered.StatusCode.ShouldBe(HttpStatusCode.OK, table.ToString());
        return table;
    }

    /// <summary>What is used with the first strip so far from the cut end, in mm; NaN where it is refused.</summary>
    private async Task<double> PinnedAsync(Guid project, JsonElement fabric, double y)
    {
        var pins = JsonSerializer.Serialize(
            new[]
            {
                new
                {
                    piece = 0,
                    number = 1,
                    on = 0,
                    x = 0,
                    y,
                },
            }
        );
        var (answered, table) = await Server.SendAsync(
            HttpMethod.Get,
            $"/api/projects/{project}/cutting?units=metric&seconds=2&fabric={fabric.GetProperty("key").GetString()}&pins={Uri.EscapeDataString(pins)}"
        );
        return answered.StatusCode == HttpStatusCode.OK
            ? Mm(table.GetProperty("fabrics")[0].GetProperty("layout"), "used")
            : double.NaN;
    }

    private async Task<HttpResponseMessage> CutAsync(
        Guid project,
        JsonElement fabric,
        double? used = null,
        bool isDouble = false
    ) =>
        (
            await Server.SendAsync(
                HttpMethod.Post,
                $"/api/projects/{project}/cutting/cut?units=metric",
                new
                {
                    layout = new
                    {
                        fabric = fabric.GetProperty("key").GetString(),
                        seconds = 2,
                        edgeToEdge = false,
                        @double = isDouble,
                        fromLeft = false,
                        pins = "",
                    },
                    used = used ?? Mm(fabric.GetProperty("layout"), "used"),
                    ids = Enumerable.Range(0, 8).Select(_ => Guid.CreateVersion7()),
                }
            )
        ).Response;

    private async Task<Guid> ThingAsync(
        string name,
        string width,
        string left,
        string? of = null,
        double? shrinks = null
    ) =>
        await AddAsync(
            "/api/drawer/things",
            new
            {
                id = Guid.CreateVersion7(),
                kind = "cloth",
                name,
                properties = new
                {
                    usableWidth = width,
                    lengthLeft = left,
                    remnantOf = of,
                    shrinks,
                },
            }
        );

    private async Task<Guid> PartAsync(Guid project, string name, Guid fabric)
    {
        var id = await AddAsync(
            "/api/workings",
            new
            {
                id = Guid.CreateVersion7(),
                projectId = project,
                technique = "pulled-gathers",
                name,
                ask = Tier,
            }
        );
        var (changed, body) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{id}",
            new { uses = new { cloth = fabric } },
            "1"
        );
        changed.StatusCode.ShouldBe(HttpStatusCode.OK, body.ToString());
        return id;
    }

    private async Task<Guid> AddAsync(string path, object body)
    {
        var (added, answer) = await Server.SendAsync(HttpMethod.Post, path, body);
        added.StatusCode.ShouldBe(HttpStatusCode.Created, answer.ToString());
        return answer.GetProperty("id").GetGuid();
    }

    private async Task<double> LeftAsync(Guid thing)
    {
        var (_, drawer) = await Server.SendAsync(HttpMethod.Get, "/api/drawer?units=metric");
        return Mm(
            drawer
                .GetProperty("things")
                .EnumerateArray()
                .Single(t => t.GetProperty("id").GetGuid() == thing)
                .GetProperty("understood"),
            "lengthLeft"
        );
    }

    private async Task<int> ListsAsync(Guid part)
    {
        var (_, lists) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{part}/cut-lists");
        return lists.GetArrayLength();
    }

    private async Task<IEnumerable<string>> ThingsAsync(string named = "red")
    {
        var (_, drawer) = await Server.SendAsync(HttpMethod.Get, "/api/drawer?units=metric");
        return drawer
            .GetProperty("things")
            .EnumerateArray()
            .Where(t => t.GetProperty("kind").GetString() == "cloth")
            .Select(t => t.GetProperty("name").GetString()!)
            .Where(name => name.Contains(named, StringComparison.Ordinal))
            .Order(StringComparer.Ordinal);
    }

    private async Task UndoAsync()
    {
        var (_, history) = await Server.SendAsync(HttpMethod.Get, "/api/history");
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/history/undo",
            new { step = history.GetProperty("undo").GetProperty("id").GetInt64() }
        );
    }

    private static double Mm(JsonElement of, string name) =>
        of.GetProperty(name).GetProperty("mm").GetDouble();
}
