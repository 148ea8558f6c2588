using System.Net;
using System.Text.Json;

namespace ZephyrReach.Web.Tests;

/// <summary>The fault finder over HTTP: pure, and for a part on its machine.</summary>
public class FaultRouteTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private Server Server => fixture.Server;

    [Fact]
    public async Task Symptoms_are_told_with_their_drawings_and_those_of_a_technique_alone()
    {
        var (_, all) = await Server.SendAsync(HttpMethod.Get, "/api/faults/symptoms");
        var names = all.EnumerateArray().Select(s => s.GetProperty("name").GetString()).ToList();
        names.Count.ShouldBeGreaterThanOrEqualTo(40);
        all.EnumerateArray()
            .ShouldAllBe(s => s.GetProperty("drawing").GetProperty("shapes").GetArrayLength() > 0);
        var (_, some) = await Server.SendAsync(
            HttpMethod.Get,
            "/api/faults/symptoms?technique=couching"
        );
        var few = some.EnumerateArray().Select(s => s.GetProperty("name").GetString()).ToList();
        few.ShouldContain("pierced");
        few.ShouldNotContain("rolls");
    }

    [Fact]
    public async Task Chances_come_to_one_and_what_is_not_known_is_refused_at_its_field()
    {
        var (answered, found) = await FindAsync("/api/faults", ["skips"]);
        answered.ShouldBe(HttpStatusCode.OK);
        found
            .GetProperty("causes")
            .EnumerateArray()
            .Sum(c => c.GetProperty("probability").GetDouble())
            .ShouldBe(1, 1e-9);
        found.GetProperty("next").GetProperty("try").GetString().ShouldBe("new-needle");
        found.GetProperty("next").GetProperty("off").GetString()!.ShouldContain("off");
        var (refused, problem) = await FindAsync("/api/faults", ["smells"]);
        refused.ShouldBe(HttpStatusCode.BadRequest);
        problem.GetProperty("errors").TryGetProperty("symptoms", out _).ShouldBeTrue();
    }

    [Fact]
    public async Task What_cured_on_a_machine_is_thought_of_sooner_there()
    {
        var machine = Guid.CreateVersion7();
        var part = await PartAsync(machine);
        double Of(JsonElement found, string cause) =>
            found
                .GetProperty("causes")
                .EnumerateArray()
                .Where(c => c.GetProperty("cause").GetString() == cause)
                .Sum(c => c.GetProperty("probability").GetDouble());
        var (_, before) = await FindAsync($"/api/workings/{part}/faults", ["skips"]);
        var (changed, body) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{part}",
            new
            {
                progress = new
                {
                    at = 0,
                    cured = new[]
                    {
                        new
                        {
                            symptoms = new[] { "skips" },
                            @try = "other-point",
                            says = "Another point.",
                            causes = new Dictionary<string, double> { ["point-wrong"] = 0.95 },
                            on = DateTime.UtcNow.ToString("yyyy-MM-dd"),
                            machine,
                            swatch = (Guid?)null,
                        },
                    },
                },
            },
            "2"
        );
        changed.StatusCode.ShouldBe(HttpStatusCode.OK, body.ToString());
        var (_, after) = await FindAsync($"/api/workings/{part}/faults", ["skips"]);
        Of(after, "point-wrong").ShouldBeGreaterThan(1.3 * Of(before, "point-wrong"));
        // On another machine it says nothing.
        var elsewhere = await PartAsync(Guid.CreateVersion7());
        var (_, other) = await FindAsync($"/api/workings/{elsewhere}/faults", ["skips"]);
        Of(other, "point-wrong").ShouldBe(Of(before, "point-wrong"), 1e-9);
    }

    private async Task<(HttpStatusCode Code, JsonElement Answer)> FindAsync(
        string path,
        string[] symptoms
    )
    {
        var (answered, found) = await Server.SendAsync(HttpMethod.Post, path, new { symptoms });
        return (answered.StatusCode, found);
    }

    /// <summary>A part that is sewn on a machine of its own.</summary>
    private async Task<Guid> PartAsync(Guid machine)
    {
        async Task<Guid> AddAsync(string path, object body)
        {
            var (added, answer) = await Server.SendAsync(HttpMethod.Post, path, body);
            added.StatusCode.ShouldBe(HttpStatusCode.Created, answer.ToString());
            return answer.GetProperty("id").GetGuid();
        }
        await AddAsync(
            "/api/drawer/things",
            new
            {
                id = machine,
                kind = "machine",
                name = $"machine {machine:N}",
                properties = new { kind = "home" },
            }
        );
        var project = await AddAsync(
            "/api/projects",
            new { id = Guid.CreateVersion7(), name = "Faults" }
        );
        var part = await AddAsync(
            "/api/workings",
            new
            {
                id = Guid.CreateVersion7(),
                projectId = project,
                technique = "pulled-gathers",
                name = "Frill",
            }
        );
        var (changed, body) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{part}",
            new { uses = new { machine } },
            "1"
        );
        changed.StatusCode.ShouldBe(HttpStatusCode.OK, body.ToString());
        return part;
    }
}
