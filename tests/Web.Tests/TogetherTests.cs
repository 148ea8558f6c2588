using System.Net;
using System.Text.Json;

namespace ZephyrReach.Web.Tests;

/// <summary>Pieces of one project: edges that are taken from another, several alike, ways of one piece, and what all of it takes.</summary>
public class TogetherTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private static readonly object Tier = new
    {
        finishedEdge = "1 m",
        fullness = 1.5,
        closed = true,
        finishedDepth = "20 cm",
        seamAllowance = "15 mm",
        hemAllowance = "3 cm",
        doubled = false,
        joinAllowance = "15 mm",
        endAllowance = "15 mm",
        clothWidth = "140 cm",
        cut = "across",
        rows = "two-straddling",
        rowGap = 6,
        stitchLength = 4.5,
        clothThickness = 0.3,
        plainThickness = 0.5,
        tail = "10 cm",
    };

    private Server Server => fixture.Server;

    [Fact]
    public async Task A_change_runs_through_the_chain_of_tiers_at_once_and_is_undone_as_one_step()
    {
        var project = await ProjectAsync();
        var (top, middle, lower) = (
            await BeginAsync(project, "Top"),
            await BeginAsync(project, "Middle"),
            await BeginAsync(project, "Lower")
        );
        await JoinAsync(middle, top);
        await JoinAsync(lower, middle);

        // 1 m × 1.5 = 1.5 m in two strips of 78 cm, less four joins of 15 mm: 1.5 m. Then 2.25 m in two of 115.5 cm: 2.25 m.
        (await EdgeAsync(top)).ShouldBe(1500, 1e-6);
        (await EdgeAsync(middle)).ShouldBe(2250, 1e-6);
        // 3.375 m in three strips of 115.5 cm, less three joins of 30 mm.
        (await EdgeAsync(lower)).ShouldBe(3375, 1e-6);

        await ChangeAsync(top, new { ask = new { finishedEdge = "1.2 m" } });
        (await EdgeAsync(top)).ShouldBe(1800, 1e-6);
        (await EdgeAsync(middle)).ShouldBeGreaterThan(2700 - 1e-6);
        (await EdgeAsync(lower)).ShouldBe(
            Math.Ceiling(((await EdgeAsync(middle)) * 1.5 + 90) / 15) * 15 - 90,
            1e-6
        );

        await UndoAsync();
        (await EdgeAsync(lower)).ShouldBe(3375, 1e-6);
        // Letting go is a step of its own: the edge that was typed stands again.
        await ChangeAsync(lower, new { links = new { finishedEdge = (object?)null } });
        (await EdgeAsync(lower)).ShouldBe(1500, 1e-6);
        await UndoAsync();
        (await EdgeAsync(lower)).ShouldBe(3375, 1e-6);
    }

    [Fact]
    public async Task A_tier_that_carries_the_next_has_a_seam_below_and_no_hem_and_steps_know_what_they_join()
    {
        var project = await ProjectAsync();
        var (upper, lower) = (
            await BeginAsync(project, "Upper tier"),
            await BeginAsync(project, "Lower tier")
        );
        var alone = await PlanAsync(upper);
        await JoinAsync(lower, upper);
        var carrying = await PlanAsync(upper);

        Depth(alone).ShouldBe(200 + 15 + 30);
        Depth(carrying).ShouldBe(200 + 15 + 15);
        Depth(await PlanAsync(lower)).ShouldBe(245);
        Steps(alone).ShouldContain("Hem the lower edge");
        Steps(carrying).ShouldNotContain("Hem the lower edge");
        Steps(carrying).ShouldContain("“Lower tier” is sewn to it");
        Steps(await PlanAsync(lower)).ShouldContain("the lower edge of “Upper tier”");
    }

    [Fact]
    public async Task An_edge_that_would_hang_on_itself_or_on_nothing_is_refused()
    {
        var project = await ProjectAsync();
        var (a, b, c) = (
            await BeginAsync(project, "A"),
            await BeginAsync(project, "B"),
            await BeginAsync(project, "C")
        );
        await JoinAsync(b, a);
        await JoinAsync(c, b);

        foreach (
            var (from, to, field) in new[]
            {
                (a, c, "finishedEdge"),
                (a, a, "finishedEdge"),
                (b, a, "fullness"),
                (a, Guid.CreateVersion7(), "finishedEdge"),
            }
        )
        {
            var (refused, body) = await PatchAsync(
                from,
                new
                {
                    links = new Dictionary<string, object>
                    {
                        [field] = new { working = to, edge = "lower" },
                    },
                }
            );
            refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
            body.GetProperty("errors").EnumerateObject().Single().Name.ShouldBe($"links.{field}");
        }
    }

    [Fact]
    public async Task Two_at_once_close_no_circle_and_leave_one_way_standing()
    {
        var project = await ProjectAsync();
        for (var round = 0; round < 8; round++)
        {
            var (a, b) = (await BeginAsync(project, "A"), await BeginAsync(project, "B"));
            var linked = await Task.WhenAll(LinkAsync(a, b), LinkAsync(b, a));
            linked.Count(r => r.Response.IsSuccessStatusCode).ShouldBe(1);

            var other = await BeginAsync(project, "Another way", wayOf: a);
            await Task.WhenAll(ChooseAsync(a), ChooseAsync(other));
            var stand = new[] { await IsAsideAsync(a), await IsAsideAsync(other) };
            stand.Count(aside => !aside).ShouldBe(1);
        }

        Task<(HttpResponseMessage Response, JsonElement Body)> LinkAsync(Guid from, Guid to) =>
            Server.SendAsync(
                HttpMethod.Patch,
                $"/api/workings/{from}",
                new { links = new { finishedEdge = new { working = to, edge = "lower" } } },
                "1"
            );
        Task ChooseAsync(Guid way) =>
            Server.SendAsync(HttpMethod.Post, $"/api/workings/{way}/choose");
        async Task<bool> IsAsideAsync(Guid way) =>
            (await Server.SendAsync(HttpMethod.Get, $"/api/workings/{way}"))
                .Body.GetProperty("isAside")
                .GetBoolean();
    }

    /// <summary>No chain of parts is made longer than a plan follows.</summary>
    [Fact]
    public void A_chain_of_pieces_has_an_end()
    {
        var row = new Store.WorkingRow(
            Guid.CreateVersion7(),
            Guid.CreateVersion7(),
            "pulled-gathers",
            1,
            "Tier",
            JsonSerializer.SerializeToElement(Tier),
            JsonSerializer.SerializeToElement(new { }),
            JsonSerializer.SerializeToElement(new { }),
            "plan",
            0,
            JsonSerializer.SerializeToElement(new { }),
            JsonSerializer.SerializeToElement(new { }),
            null,
            false,
            default
        );
        List<Store.WorkingRow> tiers = [row];
        for (var i = 1; i < 200; i++)
        {
            tiers.Add(
                row with
                {
                    Id = Guid.CreateVersion7(),
                    Links = JsonSerializer.SerializeToElement(
                        new { finishedEdge = new { working = tiers[^1].Id, edge = "lower" } }
                    ),
                }
            );
        }
        var most = Core.Project.Chains.MostInARow;
        bool Refused(int from, int to) =>
            Web.Workings.Joins.Wrong(
                new Dictionary<string, Web.Workings.Link?>
                {
                    ["finishedEdge"] = new(tiers[to].Id, "lower"),
                },
                tiers[from],
                [.. tiers.Take(to + 1), tiers[from]]
            )
                is not null;
        Refused(most - 1, most - 2).ShouldBeFalse();
        Refused(most, most - 1).ShouldBeTrue();
    }

    [Fact]
    public async Task A_plan_that_changed_after_it_was_cut_says_so_until_it_is_settled_whatever_the_units()
    {
        var project = await ProjectAsync();
        var (upper, lower) = (
            await BeginAsync(project, "Upper"),
            await BeginAsync(project, "Lower")
        );
        await JoinAsync(lower, upper);
        await Server.SendAsync(
            HttpMethod.Post,
            $"/api/workings/{lower}/cut-lists",
            new { id = Guid.CreateVersion7() }
        );

        (await SinceCutAsync(lower, "metric")).ShouldBe("");
        (await SinceCutAsync(lower, "imperial")).ShouldBe("");
        await ChangeAsync(upper, new { ask = new { fullness = 2 } });
        (await SinceCutAsync(lower, "metric")).ShouldBe("cut-too-short");
        (await SinceCutAsync(lower, "imperial")).ShouldBe("cut-too-short");
        await ChangeAsync(upper, new { ask = new { fullness = 1.5 } });
        (await SinceCutAsync(lower, "metric")).ShouldBe("");
    }

    [Theory]
    [InlineData("pulled-gathers")]
    [InlineData("gathering-foot")]
    [InlineData("overlock-gathers")]
    [InlineData("tucked-ruffle")]
    [InlineData("shirring")]
    [InlineData("pintucks")]
    public async Task Two_alike_take_twice_of_everything_and_each_is_as_one(string technique)
    {
        var project = await ProjectAsync();
        var example = Reckon.AskJson.Of(
            Core.Craft.Techniques.WorkingOf(technique)!.Forward.Example
        );
        var id = await BeginAsync(project, "Cuff", technique, example);
        var one = await PlanAsync(id);
        await ChangeAsync(id, new { ask = new { count = 2 } });
        var two = await PlanAsync(id);

        two.GetProperty("count").GetInt32().ShouldBe(2);
        foreach (
            var (a, b) in one.GetProperty("pieces")
                .EnumerateArray()
                .Zip(two.GetProperty("pieces").EnumerateArray())
        )
        {
            b.GetProperty("count").GetInt32().ShouldBe(2 * a.GetProperty("count").GetInt32());
            Mm(b, "length").ShouldBe(Mm(a, "length"), 1e-9);
        }
        foreach (
            var (a, b) in one.GetProperty("needs")
                .EnumerateArray()
                .Zip(two.GetProperty("needs").EnumerateArray())
        )
        {
            // Cloth may hold both side by side.
            Mm(b, "amount").ShouldBeInRange(Mm(a, "amount") - 1e-6, 2 * Mm(a, "amount") + 1e-6);
            if (a.GetProperty("kind").GetString() != "cloth")
            {
                Mm(b, "amount").ShouldBe(2 * Mm(a, "amount"), 1e-6);
            }
        }
        Steps(two).ShouldContain("The other one");
        Steps(one).ShouldNotContain("The other one");
        var (_, bench) = await Server.SendAsync(HttpMethod.Get, "/api/bench");
        OnBench(bench, id).GetProperty("summary").GetString()!.ShouldStartWith("2 × ");
    }

    [Fact]
    public async Task Ways_of_one_piece_count_once_and_choosing_one_lays_the_others_aside_with_undo()
    {
        var project = await ProjectAsync();
        var pulled = await BeginAsync(project, "Pulled");
        var foot = await BeginAsync(
            project,
            "By foot",
            "gathering-foot",
            new { finishedEdge = "1 m", stitchLength = 4 },
            pulled
        );
        var third = await BeginAsync(
            project,
            "Folded",
            "tucked-ruffle",
            new
            {
                finishedEdge = "1 m",
                stitchLength = 2.5,
                stitchesPerTuck = 6,
                fullness = 1.5,
            },
            foot
        );
        (await ForAsync(project)).ShouldBe(["Pulled"]);
        var (_, ways) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{third}/ways");
        ways.EnumerateArray()
            .Select(w => w.GetProperty("name").GetString())
            .ShouldBe(["Pulled", "By foot", "Folded"]);
        ways.EnumerateArray()
            .ShouldAllBe(w =>
                w.GetProperty("minutes").GetDouble() > 0
                && w.GetProperty("cloth").GetProperty("mm").GetDouble() > 0
            );
        ways.EnumerateArray().Count(w => w.GetProperty("isAdjustable").GetBoolean()).ShouldBe(1);

        await Server.SendAsync(HttpMethod.Post, $"/api/workings/{foot}/choose");
        (await ForAsync(project)).ShouldBe(["By foot"]);
        await Server.SendAsync(HttpMethod.Post, $"/api/workings/{third}/choose");
        (await ForAsync(project)).ShouldBe(["Folded"]);
        await UndoAsync();
        (await ForAsync(project)).ShouldBe(["By foot"]);
        await UndoAsync();
        (await ForAsync(project)).ShouldBe(["Pulled"]);
    }

    [Fact]
    public async Task What_is_left_of_a_cloth_is_what_is_left_now_and_what_is_short_says_how_much_to_buy()
    {
        var project = await ProjectAsync();
        var cloth = Guid.CreateVersion7();
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/drawer/things",
            new
            {
                id = cloth,
                kind = "cloth",
                name = "sprigged lawn",
                properties = new { lengthLeft = "1 m" },
            }
        );
        var (first, second) = (
            await BeginAsync(project, "First"),
            await BeginAsync(project, "Second")
        );
        foreach (var id in new[] { first, second })
        {
            await ChangeAsync(id, new { uses = new { cloth } });
        }

        // Each takes two strips of 24.5 cm: 49 cm, and both 98 of the metre.
        (await LineAsync(project))
            .GetProperty("buy")
            .GetString()
            .ShouldBe("");
        Findings(await PlanAsync(second)).ShouldNotContain("cloth-short");
        await ChangeAsync(first, new { ask = new { count = 2 } });
        // 147 cm of 100.
        (await LineAsync(project))
            .GetProperty("buy")
            .GetString()
            .ShouldStartWith("0.6 m, with 3 %");
        await Server.SendAsync(
            HttpMethod.Post,
            $"/api/workings/{first}/cut-lists",
            new { id = Guid.CreateVersion7() }
        );
        // What was cut is never offered again: 2 cm are left, and 49 are wanted.
        var line = await LineAsync(project);
        line.GetProperty("left").GetProperty("mm").GetDouble().ShouldBe(20, 1e-6);
        line.GetProperty("still").GetProperty("mm").GetDouble().ShouldBe(490, 1e-6);
        line.GetProperty("buy").GetString().ShouldStartWith("0.6 m, with 3 %");
        Findings(await PlanAsync(second)).ShouldContain("cloth-short");
        Findings(await PlanAsync(first)).ShouldNotContain("cloth-short");
    }

    private async Task<Guid> ProjectAsync()
    {
        var id = Guid.CreateVersion7();
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/projects",
            new { id, name = "Twirling skirt" }
        );
        return id;
    }

    private async Task<Guid> BeginAsync(
        Guid project,
        string name,
        string technique = "pulled-gathers",
        object? ask = null,
        Guid? wayOf = null
    )
    {
        var id = Guid.CreateVersion7();
        var (added, body) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/workings",
            new
            {
                id,
                projectId = project,
                technique,
                name,
                ask = ask ?? Tier,
                wayOf,
            }
        );
        added.StatusCode.ShouldBe(HttpStatusCode.Created, body.ToString());
        return id;
    }

    private Task JoinAsync(Guid from, Guid to) =>
        ChangeAsync(
            from,
            new { links = new { finishedEdge = new { working = to, edge = "lower" } } }
        );

    private async Task ChangeAsync(Guid id, object change)
    {
        var (changed, body) = await PatchAsync(id, change);
        changed.StatusCode.ShouldBe(HttpStatusCode.OK, body.ToString());
    }

    private async Task<(HttpResponseMessage Response, JsonElement Body)> PatchAsync(
        Guid id,
        object change
    )
    {
        var (_, working) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{id}");
        return await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{id}",
            change,
            $"{working.GetProperty("version").GetInt32()}"
        );
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

    private async Task<JsonElement> PlanAsync(Guid id)
    {
        var (_, working) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{id}");
        var (reckoned, plan) = await Server.SendAsync(
            HttpMethod.Post,
            $"/api/workings/{id}/reckon?units=metric&with=steps",
            working.GetProperty("ask")
        );
        reckoned.StatusCode.ShouldBe(HttpStatusCode.OK, plan.ToString());
        return plan;
    }

    private async Task<double> EdgeAsync(Guid id) =>
        Mm((await PlanAsync(id)).GetProperty("edges")[0], "length");

    private async Task<string> SinceCutAsync(Guid id, string units)
    {
        var (_, bench) = await Server.SendAsync(HttpMethod.Get, $"/api/bench?units={units}");
        return
            OnBench(bench, id).TryGetProperty("sinceCut", out var found)
            && found.ValueKind == JsonValueKind.Object
            ? found.GetProperty("code").GetString()!
            : "";
    }

    private async Task<IEnumerable<string?>> ForAsync(Guid project)
    {
        var (_, total) = await Server.SendAsync(HttpMethod.Get, $"/api/projects/{project}/total");
        return total
            .GetProperty("lines")
            .EnumerateArray()
            .SelectMany(l => l.GetProperty("for").EnumerateArray())
            .Select(f => f.GetString())
            .Distinct();
    }

    private async Task<JsonElement> LineAsync(Guid project)
    {
        var (_, total) = await Server.SendAsync(
            HttpMethod.Get,
            $"/api/projects/{project}/total?units=metric"
        );
        return total
            .GetProperty("lines")
            .EnumerateArray()
            .Single(l => l.GetProperty("kind").GetString() == "cloth");
    }

    private static JsonElement OnBench(JsonElement bench, Guid id) =>
        bench
            .GetProperty("projects")
            .EnumerateArray()
            .SelectMany(p => p.GetProperty("workings").EnumerateArray())
            .Single(w => w.GetProperty("id").GetGuid() == id);

    private static double Depth(JsonElement plan) => Mm(plan.GetProperty("pieces")[0], "depth");

    private static double Mm(JsonElement of, string name) =>
        of.GetProperty(name).GetProperty("mm").GetDouble();

    private static IEnumerable<string?> Findings(JsonElement plan) =>
        plan.GetProperty("findings")
            .EnumerateArray()
            .Select(f => f.GetProperty("code").GetString());

    private static string Steps(JsonElement plan) =>
        string.Join(
            "\n",
            plan.GetProperty("steps")
                .EnumerateArray()
                .Select(s => $"{s.GetProperty("title")}: {s.GetProperty("says")}")
        );
}
