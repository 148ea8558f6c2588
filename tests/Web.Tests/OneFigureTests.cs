using System.Net;
using System.Text.Json;

namespace ZephyrReach.Web.Tests;

/// <summary>One figure wherever it is asked for: the card, the total and what a summary takes off the shelf.</summary>
public class OneFigureTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private Server Server => fixture.Server;

    [Fact]
    public async Task The_card_names_the_elastic_that_was_chosen()
    {
        var (thin, thick) = (
            await ThingAsync("elastic", "thin elastic", new { diameter = "0.5 mm" }),
            await ThingAsync("elastic", "thick elastic", new { diameter = "0.9 mm" })
        );

        foreach (var (id, name) in new[] { (thin, "thin elastic"), (thick, "thick elastic") })
        {
            (await LineAsync("shirring", new { elastic = id }, "bobbin-thread")).ShouldBe(name);
        }
    }

    /// <summary>Nothing in the demonstration is set up so that it would strike, or not sew.</summary>
    [Fact]
    public async Task No_card_of_the_demonstration_stops()
    {
        var (_, bench) = await Server.SendAsync(HttpMethod.Get, "/api/bench");
        foreach (
            var id in bench
                .GetProperty("projects")
                .EnumerateArray()
                .SelectMany(p => p.GetProperty("workings").EnumerateArray())
                .Select(w => w.GetProperty("id").GetString())
        )
        {
            var (_, working) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{id}");
            var ask = working.GetProperty("ask");
            var (_, plan) = await Server.SendAsync(
                HttpMethod.Post,
                $"/api/workings/{id}/reckon",
                ask
            );
            var said = plan.GetProperty("card")
                .EnumerateArray()
                .Select(f =>
                    (f.GetProperty("name").GetString()!, (object)f.GetProperty("text").GetString()!)
                )
                .Concat(
                    new[] { ask, working.GetProperty("uses") }
                        .SelectMany(o => o.EnumerateObject())
                        .Select(f => (f.Name, (object)f.Value))
                )
                .DistinctBy(f => f.Item1)
                .ToDictionary();
            var (_, card) = await Server.SendAsync(
                HttpMethod.Post,
                $"/api/card/{working.GetProperty("technique").GetString()}",
                said
            );

            var name = working.GetProperty("name").GetString();
            card.GetProperty("isPossible").GetBoolean().ShouldBeTrue(name);
            foreach (var of in new[] { plan, card })
            {
                of.GetProperty("findings")
                    .EnumerateArray()
                    .Where(f => f.GetProperty("severity").GetString() == "stop")
                    .Select(f => f.GetProperty("says").GetString())
                    .ShouldBeEmpty(name);
            }
        }
    }

    [Theory]
    [InlineData("overlock-gathers")]
    [InlineData("gathering-foot")]
    [InlineData("shirring")]
    [InlineData("pulled-gathers")]
    public async Task No_machine_is_picked_by_default_that_cannot_where_another_can(
        string technique
    )
    {
        var (_, card) = await Server.SendAsync(
            HttpMethod.Post,
            $"/api/card/{technique}",
            new { clothWeight = 120 }
        );

        card.GetProperty("isPossible").GetBoolean().ShouldBeTrue(card.ToString());
    }

    [Fact]
    public async Task An_overlocker_s_card_names_looper_threads_and_no_bobbin()
    {
        (
            await LineAsync("overlock-gathers", new { clothWeight = 120 }, "looper-thread")
        ).ShouldNotBeEmpty();
        (
            await LineAsync("overlock-gathers", new { clothWeight = 120 }, "bobbin-thread")
        ).ShouldBeEmpty();
    }

    [Theory]
    [InlineData(1, "")]
    [InlineData(2, "2, over the same line")]
    public async Task The_card_says_the_passes(int passes, string says)
    {
        (await LineAsync("gathering-foot", new { clothWeight = 120, passes }, "passes")).ShouldBe(
            says
        );
    }

    /// <summary>Which foot serves free motion is said by the plan and by the card: both say the same.</summary>
    [Theory]
    [InlineData(1, false, "open toe", "open darning foot", "straight")]
    [InlineData(3, false, "closed ring", "closed darning foot", "straight")]
    [InlineData(1, true, "closed ring", "closed darning foot", "straight")]
    public async Task The_foot_of_a_free_motion_plan_is_the_foot_on_its_card(
        int layers,
        bool elasticBobbin,
        string planned,
        string foot,
        string stitch
    )
    {
        var ask = new
        {
            kind = "meander",
            width = "30 cm",
            height = "20 cm",
            layers,
            elasticBobbin,
            stitchWidth = "0 mm",
            clothWeight = 150,
        };
        var (_, plan) = await Server.SendAsync(HttpMethod.Post, "/api/reckon/free-motion", ask);
        plan.GetProperty("facts")
            .EnumerateArray()
            .Single(f => f.GetProperty("name").GetString() == "Foot")
            .GetProperty("text")
            .GetString()!
            .ShouldStartWith(planned);
        (await LineAsync("free-motion", ask, "foot")).ShouldBe(foot);
        (await LineAsync("free-motion", ask, "stitch")).ShouldBe(stitch);
    }

    [Fact]
    public async Task The_card_of_letters_says_the_zigzag_that_is_planned()
    {
        var ask = new
        {
            kind = "letters",
            text = "Wren",
            capHeight = "45 mm",
            stitchWidth = "4 mm",
            clothWeight = 150,
        };
        (await LineAsync("free-motion", ask, "stitch")).ShouldBe("zigzag");
        (await LineAsync("free-motion", ask, "width")).ShouldBe("4 mm");
    }

    [Fact]
    public async Task A_summary_takes_the_thread_that_the_bench_reckons_with_its_swatches()
    {
        var thread = await ThingAsync("thread", "grey thread", new { lengthLeft = "200 m" });
        var (project, id) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/projects",
            new { id = project, name = "Frill" }
        );
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/workings",
            new
            {
                id,
                projectId = project,
                technique = "gathering-foot",
                name = "Frill",
                ask = new { finishedEdge = "2 m", stitchLength = "4 mm" },
            }
        );
        await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{id}",
            new { uses = new { thread } },
            "1"
        );
        var before = await StillAsync(project);
        var (sewn, body) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/swatches",
            new
            {
                id = Guid.CreateVersion7(),
                workingId = id,
                readings = new { flat = new[] { "30 cm" }, gathered = new[] { "12 cm" } },
                features = new { stitchLength = 4 },
                uses = new { thread },
            }
        );
        ((int)sewn.StatusCode).ShouldBeInRange(200, 201, body.ToString());
        var after = await StillAsync(project);
        after.ShouldNotBe(before);

        var (kept, said) = await Server.SendAsync(
            HttpMethod.Post,
            $"/api/workings/{id}/keep",
            new { id = Guid.CreateVersion7(), cameOut = "well" }
        );
        kept.StatusCode.ShouldBe(HttpStatusCode.Created, said.ToString());
        var (_, total) = await Server.SendAsync(
            HttpMethod.Get,
            $"/api/projects/{project}/total?units=metric"
        );
        var line = Thread(total);
        line.GetProperty("left").GetProperty("mm").GetDouble().ShouldBe(200_000 - after, 1e-6);
        line.GetProperty("still").GetProperty("mm").GetDouble().ShouldBe(0);
    }

    private async Task<double> StillAsync(Guid project)
    {
        var (_, total) = await Server.SendAsync(
            HttpMethod.Get,
            $"/api/projects/{project}/total?units=metric"
        );
        return Thread(total).GetProperty("still").GetProperty("mm").GetDouble();
    }

    private static JsonElement Thread(JsonElement total) =>
        total
            .GetProperty("lines")
            .EnumerateArray()
            .Single(l => l.GetProperty("kind").GetString() == "thread");

    private async Task<Guid> ThingAsync(string kind, string name, object properties)
    {
        var id = Guid.CreateVersion7();
        var (added, body) = await Server.SendAsync(
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
        added.StatusCode.ShouldBe(HttpStatusCode.Created, body.ToString());
        return id;
    }

    /// <summary>What a line of a card says, or nothing where there is no such line.</summary>
    private async Task<string> LineAsync(string technique, object ask, string key)
    {
        var (_, card) = await Server.SendAsync(
            HttpMethod.Post,
            $"/api/card/{technique}?units=metric",
            ask
        );
        var line = card.GetProperty("lines")
            .EnumerateArray()
            .FirstOrDefault(l => l.GetProperty("key").GetString() == key);
        return line.ValueKind == JsonValueKind.Object
            ? line.GetProperty("figure").GetString()!
            : "";
    }
}
