using System.Net;
using System.Text.Json;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Tests;

/// <summary>A measure that the plan goes by: kept with the working, the same in plan, step and guide, and undone.</summary>
public class OnTheWayTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private Server Server => fixture.Server;

    public static TheoryData<string> ThatGoByOne() =>
        [
            .. Core
                .Craft.Techniques.Worked.Where(t =>
                    (
                        (WorkPlan)
                            t.Process!.Forward.Compute(
                                t.Process.Forward.Example,
                                Ruler.Metric
                            ).Answer!
                    )
                        .Steps(Ruler.Metric)
                        .Any(s => s.Measure?.Into.Length > 0)
                )
                .Select(t => t.Name),
        ];

    [Theory]
    [MemberData(nameof(ThatGoByOne))]
    public async Task It_is_kept_in_the_plan_changes_what_is_left_and_is_undone_as_one_step(
        string name
    )
    {
        var working = Core.Craft.Techniques.WorkingOf(name)!;
        var example = working.Forward.Example;
        var measure = ((WorkPlan)working.Forward.Compute(example, Ruler.Metric).Answer!)
            .Steps(Ruler.Metric)
            .Select(s => s.Measure)
            .OfType<StepMeasure>()
            .First(m => m.Into.Length > 0);
        var id = await BeginAsync(name, AskJson.Of(example));
        var before = await ReckonedAsync(id);

        // Half typed it is named by its place; whole it is kept, and turns up in the units it was typed in.
        var (refused, why) = await ChangeAsync(id, measure, "2 c", 1);
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        why.GetProperty("errors")
            .EnumerateObject()
            .Single()
            .Name.ShouldBe($"{measure.Into}[0].{measure.Field}");
        var (changed, kept) = await ChangeAsync(id, measure, "7/8 in", 1);
        changed.StatusCode.ShouldBe(HttpStatusCode.OK);
        kept.GetProperty("ask")
            .GetProperty(measure.Into)[0]
            .GetProperty(measure.Field)
            .GetString()
            .ShouldBe("7/8 in");

        var after = await ReckonedAsync(id);
        after.ShouldNotBe(before);
        var (_, history) = await Server.SendAsync(HttpMethod.Get, "/api/history");
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/history/undo",
            new { step = history.GetProperty("undo").GetProperty("id").GetInt64() }
        );
        (await ReckonedAsync(id)).ShouldBe(before);
    }

    private async Task<Guid> BeginAsync(string technique, JsonElement ask)
    {
        var (project, id) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/projects",
            new { id = project, name = "Bib" }
        );
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/workings",
            new
            {
                id,
                projectId = project,
                technique,
                name = "Bib",
                ask,
            }
        );
        return id;
    }

    private Task<(HttpResponseMessage Response, JsonElement Body)> ChangeAsync(
        Guid id,
        StepMeasure measure,
        string typed,
        int version
    )
    {
        var row = measure.With.ToDictionary(w => w.Key, w => (object)w.Value);
        row[measure.Field] = typed;
        return Server.SendAsync(
            HttpMethod.Patch,
            $"/api/workings/{id}",
            new { ask = new Dictionary<string, object> { [measure.Into] = new[] { row } } },
            $"{version}"
        );
    }

    /// <summary>What the working answers, and its guide, as they now are.</summary>
    private async Task<string> ReckonedAsync(Guid id)
    {
        var (_, working) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{id}");
        var (_, told) = await Server.SendAsync(
            HttpMethod.Post,
            $"/api/workings/{id}/reckon?with=steps,drawings",
            working.GetProperty("ask")
        );
        var guide = await Server.Http.GetStringAsync(
            $"/api/workings/{id}/guide?as=svg",
            Server.Cancel
        );
        return told.GetRawText() + guide;
    }
}
