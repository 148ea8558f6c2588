using System.Net;
using System.Text.Json;

namespace ZephyrReach.Web.Tests;

/// <summary>Practice over HTTP: exercises, scores of tries, and what is kept of them.</summary>
public class PracticeRouteTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private Server Server => fixture.Server;

    [Fact]
    public async Task Exercises_come_in_their_order_with_their_lines()
    {
        var (_, told) = await Server.SendAsync(HttpMethod.Get, "/api/practice/exercises");
        var exercises = told.GetProperty("exercises").EnumerateArray().ToList();

        exercises
            .Select(e => e.GetProperty("name").GetString())
            .Take(7)
            .ShouldBe(["even", "waves", "loops", "name", "leaf", "meander", "darn"]);
        exercises.Count(e => e.GetProperty("byKeys").GetBoolean()).ShouldBeGreaterThan(3);
        exercises
            .Where(e => e.GetProperty("of").GetString() != "pull")
            .ShouldAllBe(e => e.GetProperty("lines")[0].GetString()!.StartsWith('M'));
    }

    [Fact]
    public async Task A_try_is_scored_without_being_kept_and_kept_with_the_same_score()
    {
        var before = await TriesAsync();
        var stitches = Line(2.4, 550);
        var (scored, score) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/practice/score",
            new { exercise = "even", stitches }
        );
        scored.StatusCode.ShouldBe(HttpStatusCode.OK);
        (await TriesAsync()).Count.ShouldBe(before.Count);

        var id = Guid.CreateVersion7();
        var (kept, at) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/practice",
            new
            {
                id,
                exercise = "even",
                stitches,
            }
        );
        kept.StatusCode.ShouldBe(HttpStatusCode.Created, at.ToString());
        at.GetProperty("score").ToString().ShouldBe(score.ToString());
        var newest = (await TriesAsync())[0];
        newest.GetProperty("id").GetGuid().ShouldBe(id);
        newest.GetProperty("score").GetProperty("mean").GetDouble().ShouldBe(2.4, 0.01);

        // Sent twice it is one; taken away and undone it is there again.
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/practice",
            new
            {
                id,
                exercise = "even",
                stitches,
            }
        );
        (await TriesAsync()).Count.ShouldBe(before.Count + 1);
        await Server.SendAsync(HttpMethod.Delete, $"/api/practice/{id}", null, "1");
        (await TriesAsync()).Count.ShouldBe(before.Count);
        var (_, history) = await Server.SendAsync(HttpMethod.Get, "/api/history?of=practice");
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/history/undo?of=practice",
            new { step = history.GetProperty("undo").GetProperty("id").GetInt64() }
        );
        (await TriesAsync())[0].GetProperty("id").GetGuid().ShouldBe(id);
    }

    [Fact]
    public async Task The_demonstration_has_practised_for_a_month_and_grew_more_even()
    {
        var tries = await TriesAsync();
        var even = tries
            .Where(t => t.GetProperty("exercise").GetString() == "even")
            .OrderBy(t => t.GetProperty("at").GetDateTimeOffset())
            .Select(t => t.GetProperty("score").GetProperty("spread").GetDouble())
            .ToList();
        even.Count.ShouldBeGreaterThan(4);
        even.Take(3).Average().ShouldBeGreaterThan(1.5 * even.Skip(4).Take(3).Average());

        var (_, practised) = await Server.SendAsync(HttpMethod.Get, "/api/practice");
        practised.GetProperty("pace").GetProperty("hand").GetDouble().ShouldBeInRange(15, 40);
    }

    [Theory]
    [InlineData("""{"exercise":"swimming","stitches":[]}""", "exercise")]
    [InlineData("""{"exercise":"even"}""", "stitches")]
    [InlineData("""{"exercise":"even","stitches":[[1,2]]}""", "stitches")]
    [InlineData("""{"exercise":"even","stitches":[null]}""", "stitches")]
    [InlineData("""{"exercise":"even","stitches":[[1,2,1e9]]}""", "stitches")]
    [InlineData("""{"exercise":"even","stitches":[[1,2,3]]}""", "stitches")]
    public async Task What_is_wrong_with_a_try_is_named(string body, string field)
    {
        foreach (var path in new[] { "/api/practice/score", "/api/practice" })
        {
            var sent =
                path == "/api/practice"
                    ? body.Insert(1, $"\"id\":\"{Guid.CreateVersion7()}\",")
                    : body;
            var (answer, problem) = await Server.SendAsync(HttpMethod.Post, path, sent);
            answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest, problem.ToString());
            problem
                .GetProperty("errors")
                .TryGetProperty(field, out _)
                .ShouldBeTrue(problem.ToString());
        }
    }

    [Fact]
    public async Task More_stitches_than_are_looked_at_are_refused()
    {
        var (answer, _) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/practice/score",
            new { exercise = "even", stitches = Line(0.006, 600) }
        );
        ((int)answer.StatusCode).ShouldBeInRange(400, 413);
    }

    [Fact]
    public async Task A_pace_that_is_kept_reckons_a_plan()
    {
        var (_, practised) = await Server.SendAsync(HttpMethod.Get, "/api/practice");
        var pace = practised.GetProperty("pace");
        var (hand, machine) = (
            pace.GetProperty("hand").GetDouble(),
            pace.GetProperty("machine").GetDouble()
        );
        var (_, plan) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/reckon/free-motion",
            new
            {
                width = "20 cm",
                height = "15 cm",
                handSpeed = hand,
                machineSpeed = machine,
            }
        );
        plan.GetProperty("stitchLength")
            .GetProperty("mm")
            .GetDouble()
            .ShouldBe(60 * hand / machine, 1e-9);
    }

    [Fact]
    public async Task An_answer_tells_its_line_place_by_place()
    {
        var (_, plan) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/reckon/free-motion",
            new
            {
                kind = "fill",
                outline = "M0 0 L40 0 L40 40 L0 40 Z",
                lineSpacing = 4,
            }
        );
        var stretch = plan.GetProperty("line").EnumerateArray().ShouldHaveSingleItem();
        stretch.GetArrayLength().ShouldBe(20);
        stretch[0].EnumerateArray().Select(c => c.GetDouble()).ShouldBe([0, 2]);
    }

    private async Task<List<JsonElement>> TriesAsync()
    {
        var (_, practised) = await Server.SendAsync(HttpMethod.Get, "/api/practice");
        return [.. practised.GetProperty("tries").EnumerateArray()];
    }

    private static List<double[]> Line(double stitch, double machine)
    {
        List<double[]> stitches = [];
        for (var x = 15.0; x <= 145; x += stitch)
        {
            stitches.Add([Math.Round(x, 4), 50, Math.Round(stitches.Count * 60 / machine, 4)]);
        }
        return stitches;
    }
}
