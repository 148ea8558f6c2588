using System.Net;
using System.Text;
using System.Text.Json;

namespace ZephyrReach.Web.Tests;

public class SwatchBookTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private static readonly object Edge = new
    {
        finishedEdge = "1 m",
        stitchLength = "4 mm",
        tensionSteps = 1,
        clothWeight = 120,
    };

    private Server Server => fixture.Server;

    [Fact]
    public async Task A_working_learns_from_its_own_swatches_in_full_and_from_others_by_half()
    {
        var (own, other) = (
            await WorkingAsync("overlock-gathers"),
            await WorkingAsync("overlock-gathers")
        );
        await SwatchAsync(own, gathered: 170);
        var pure = (
            await Server.SendAsync(HttpMethod.Post, "/api/reckon/overlock-gathers", Edge)
        ).Body;
        var (full, half) = (await ReckonAsync(own), await ReckonAsync(other));

        Width(full).ShouldBeLessThan(Width(half));
        Width(half).ShouldBeLessThan(Width(pure));
        // What was really sewn takes the place of what was only simulated for the demonstration.
        Rests(full).ShouldBe("Based on 1 swatch with this fabric and foot.");
        Rests(half).ShouldBe("Based on 1 swatch with other fabrics or feet, counted half.");

        static string Rests(JsonElement answer) => answer.GetProperty("restsOn").GetString()!;
    }

    [Fact]
    public async Task A_frozen_cut_list_keeps_its_samples_and_a_later_swatch_changes_what_is_held_against_it()
    {
        var working = await FootAsync();
        await SwatchAsync(working, gathered: 180);
        var list = (
            await Server.SendAsync(
                HttpMethod.Post,
                $"/api/workings/{working}/cut-lists",
                new { id = Guid.CreateVersion7() }
            )
        ).Body;
        var then = list.GetProperty("ask");
        then.GetProperty("samples").GetArrayLength().ShouldBeGreaterThan(0);
        var alike = await CompareAsync(working, then);
        alike.GetProperty("differences").GetArrayLength().ShouldBe(0);

        await SwatchAsync(working, gathered: 120);

        var now = await CompareAsync(working, then);
        now.GetProperty("findings")[0].GetProperty("code").GetString().ShouldBe("cut-too-short");
    }

    [Fact]
    public async Task The_simulated_bench_is_one_machine_and_what_it_sews_stays_marked()
    {
        var working = await FootAsync();
        var first = await SimulateAsync(working, Guid.CreateVersion7());
        first.GetProperty("simulated").GetBoolean().ShouldBeTrue();
        first
            .GetProperty("readings")
            .GetProperty("flat")[0]
            .GetProperty("mm")
            .GetDouble()
            .ShouldBe(300);

        var (_, book) = await Server.SendAsync(HttpMethod.Get, $"/api/swatches?working={working}");
        var kept = book.GetProperty("swatches")[0];
        kept.GetProperty("swatch").GetProperty("simulated").GetBoolean().ShouldBeTrue();
        kept.GetProperty("techniqueTitle").GetString().ShouldBe("gathering with a foot");

        var (no, _) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/swatches/simulated",
            new
            {
                id = Guid.CreateVersion7(),
                workingId = await Server.WorkingAsync(),
                features = new { stitchLength = 4 },
                flat = 300,
            }
        );
        no.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task The_plot_has_a_band_the_plan_every_point_and_what_each_swatch_narrowed()
    {
        var working = await FootAsync();
        foreach (var gathered in new[] { 170, 172, 168, 95 })
        {
            await SwatchAsync(working, gathered);
        }

        var (_, plot) = await Server.SendAsync(
            HttpMethod.Get,
            $"/api/swatches/plot?working={working}&x=tensionSteps"
        );
        plot = plot.GetProperty("learnt");

        plot.GetProperty("band").GetArrayLength().ShouldBe(41);
        plot.GetProperty("planned").GetProperty("x").GetDouble().ShouldBe(1);
        var own = plot.GetProperty("points")
            .EnumerateArray()
            .Where(p => p.GetProperty("isSame").GetBoolean())
            .ToList();
        own.Count.ShouldBe(4);
        own[3].GetProperty("isOdd").GetBoolean().ShouldBeTrue();
        own.Take(3).ShouldAllBe(p => !p.GetProperty("isOdd").GetBoolean());
        plot.GetProperty("narrowed").GetArrayLength().ShouldBe(5);
        var (no, _) = await Server.SendAsync(HttpMethod.Get, "/api/swatches/plot?x=colour");
        no.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task A_swatch_is_held_against_what_was_predicted_before_it_was_sewn()
    {
        var working = await FootAsync();
        List<double> shown = [];
        await ShowAsync();
        await SimulateAsync(working, Guid.CreateVersion7());
        // The simulated one still stood behind what was shown for the first that was sewn.
        foreach (var gathered in new[] { 150, 140, 90 })
        {
            await ShowAsync();
            await SwatchAsync(working, gathered);
        }

        var (_, plot) = await Server.SendAsync(
            HttpMethod.Get,
            $"/api/swatches/plot?working={working}"
        );

        var points = plot.GetProperty("learnt").GetProperty("points").EnumerateArray();
        points
            .Where(p => p.GetProperty("isSame").GetBoolean())
            .Select(p => Math.Round(p.GetProperty("foretold").GetDouble(), 9))
            .ShouldBe(shown.Skip(1));
        shown.Distinct().Count().ShouldBe(4);

        async Task ShowAsync() =>
            shown.Add(
                Math.Round(
                    (await ReckonAsync(working))
                        .GetProperty("fullness")
                        .GetProperty("mid")
                        .GetDouble(),
                    9
                )
            );
    }

    [Fact]
    public async Task Swatches_come_back_from_a_table_as_they_went_out_and_a_wrong_line_takes_nothing_in()
    {
        var working = await FootAsync();
        await SwatchAsync(working, gathered: 171.25);
        var query = $"/api/swatches/csv?working={working}";
        var table = await Server.Http.GetStringAsync(query, Server.Cancel);
        table.ShouldContain("171.25 mm");

        var changed = table.Replace("171.25 mm", "\"165 mm; 166 mm\"", StringComparison.Ordinal);
        (await SendTableAsync(changed)).GetProperty("taken").GetInt32().ShouldBe(1);
        var again = await Server.Http.GetStringAsync(query, Server.Cancel);
        again.ShouldBe(changed);

        var wrong = await SendTableAsync(
            "technique,flat,gathered,verdict,stitchLength\n"
                + "gathering-foot,30 cm,16 cm,yes,4\n"
                + "knitting,30 cm,-4 cm,perhaps,nonsense\n"
        );
        wrong.GetProperty("taken").GetInt32().ShouldBe(0);
        wrong.GetProperty("good").GetInt32().ShouldBe(1);
        wrong
            .GetProperty("wrong")
            .EnumerateArray()
            .Select(w => w.GetProperty("column").GetString())
            .ShouldBe(["technique", "verdict", "gathered", "stitchLength"], ignoreOrder: true);
    }

    [Fact]
    public async Task A_table_carries_all_that_a_swatch_has()
    {
        var working = await FootAsync();
        var (_, drawer) = await Server.SendAsync(HttpMethod.Get, "/api/drawer");
        Guid Thing(string kind) =>
            drawer
                .GetProperty("things")
                .EnumerateArray()
                .First(t => t.GetProperty("kind").GetString() == kind)
                .GetProperty("id")
                .GetGuid();
        var swatch = new
        {
            id = Guid.CreateVersion7(),
            workingId = working,
            settings = new Dictionary<string, string> { ["Stitch length"] = "4,5 mm; \"long\"" },
            changed = "Loosen the needle thread.",
            uses = new
            {
                foot = Thing("foot"),
                machine = Thing("machine"),
                needle = Thing("needle"),
            },
            features = new { stitchLength = 4.5 },
            cloth = new { name = "crêpe, of hers", colour = "#aabbcc" },
            readings = new { flat = new[] { "30 cm" }, gathered = new[] { "17 cm", "17.1 cm" } },
            looks = new[] { "uneven" },
            verdict = "nearly",
            note = "Held up to the light,\nagain.",
        };
        var (added, why) = await Server.SendAsync(HttpMethod.Post, "/api/swatches", swatch);
        added.StatusCode.ShouldBe(HttpStatusCode.Created, why.ToString());
        var table = await Server.Http.GetStringAsync(
            $"/api/swatches/csv?working={working}",
            Server.Cancel
        );
        // Into the book as another, which stands alone.
        var other = Guid.CreateVersion7();
        (
            await SendTableAsync(
                table.Replace(swatch.id.ToString(), other.ToString(), StringComparison.Ordinal)
            )
        )
            .GetProperty("taken")
            .GetInt32()
            .ShouldBe(1);

        var (_, both) = await Server.SendAsync(
            HttpMethod.Get,
            $"/api/swatches/beside?id={swatch.id}&id={other}"
        );
        var kept = both.EnumerateArray().Select(b => b.GetProperty("swatch")).ToList();
        kept.Count.ShouldBe(2);
        foreach (
            var part in new[]
            {
                "technique",
                "settings",
                "uses",
                "features",
                "cloth",
                "readings",
                "looks",
                "changed",
                "verdict",
                "note",
                "counts",
                "simulated",
            }
        )
        {
            kept[1]
                .GetProperty(part)
                .GetRawText()
                .ShouldBe(kept[0].GetProperty(part).GetRawText(), part);
        }
        kept[0].GetProperty("uses").EnumerateObject().Count().ShouldBe(3);
    }

    [Fact]
    public async Task A_swatch_may_stand_alone_and_what_is_unusable_is_refused_by_its_field()
    {
        var id = Guid.CreateVersion7();
        var (added, body) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/swatches",
            new
            {
                id,
                technique = "shirring",
                cloth = new { name = "strange lawn, unique" },
                features = new { stitchLength = "3.5 mm", elasticDiameter = 0.6 },
                readings = new { flat = new[] { "30 cm" }, gathered = new[] { "17 cm" } },
            }
        );
        added.StatusCode.ShouldBe(HttpStatusCode.Created);
        body.GetProperty("workingId").ValueKind.ShouldBe(JsonValueKind.Null);
        body.GetProperty("features").GetProperty("stitchLength").GetDouble().ShouldBe(3.5);

        var (_, book) = await Server.SendAsync(
            HttpMethod.Get,
            "/api/swatches?cloth=strange%20lawn,%20unique"
        );
        book.GetProperty("count").GetInt32().ShouldBe(1);
        var (_, facets) = await Server.SendAsync(HttpMethod.Get, "/api/swatches/facets");
        facets
            .GetProperty("cloths")
            .EnumerateArray()
            .ShouldContain(f => f.GetProperty("name").GetString() == "strange lawn, unique");

        var (refused, why) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/swatches/{id}",
            new { features = new { stitchLength = 90, colour = 3 }, technique = "knitting" },
            "1"
        );
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        why.GetProperty("errors")
            .EnumerateObject()
            .Select(e => e.Name)
            .ShouldBe(["technique", "features.stitchLength", "features.colour"], ignoreOrder: true);
    }

    private Task<Guid> FootAsync() => WorkingAsync("gathering-foot");

    private async Task<Guid> WorkingAsync(string technique)
    {
        var (project, id) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/projects",
            new
            {
                id = project,
                name = "Feet",
                notes = "",
            }
        );
        var (added, _) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/workings",
            new
            {
                id,
                projectId = project,
                technique,
                name = "Frill",
                ask = Edge,
                cloth = new { name = $"cloth {id}" },
            }
        );
        added.StatusCode.ShouldBe(HttpStatusCode.Created);
        return id;
    }

    private async Task SwatchAsync(Guid working, double gathered)
    {
        var (added, _) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/swatches",
            new
            {
                id = Guid.CreateVersion7(),
                workingId = working,
                features = new
                {
                    stitchLength = 4,
                    tensionSteps = 1,
                    clothWeight = 120,
                },
                readings = new { flat = new[] { 300 }, gathered = new[] { gathered } },
            }
        );
        added.StatusCode.ShouldBe(HttpStatusCode.Created);
    }

    private async Task<JsonElement> SimulateAsync(Guid working, Guid id) =>
        (
            await Server.SendAsync(
                HttpMethod.Post,
                "/api/swatches/simulated",
                new
                {
                    id,
                    workingId = working,
                    features = new { stitchLength = 4 },
                    flat = 300,
                }
            )
        ).Body;

    private async Task<JsonElement> ReckonAsync(Guid working) =>
        (
            await Server.SendAsync(
                HttpMethod.Post,
                $"/api/workings/{working}/reckon?units=metric",
                Edge
            )
        ).Body;

    private async Task<JsonElement> CompareAsync(Guid working, JsonElement then) =>
        (
            await Server.SendAsync(
                HttpMethod.Post,
                $"/api/workings/{working}/compare?units=metric",
                new { then, now = Edge }
            )
        ).Body;

    private async Task<JsonElement> SendTableAsync(string table)
    {
        using var content = new StringContent(table, Encoding.UTF8, "text/csv");
        var response = await Server.Http.PostAsync("/api/swatches/csv", content, Server.Cancel);
        return JsonDocument
            .Parse(await response.Content.ReadAsStringAsync(Server.Cancel))
            .RootElement;
    }

    private static double Width(JsonElement answer)
    {
        var fullness = answer.GetProperty("fullness");
        return Math.Log(
            fullness.GetProperty("high").GetDouble() / fullness.GetProperty("low").GetDouble()
        );
    }
}
