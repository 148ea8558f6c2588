using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Order;
using ZephyrReach.Store;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Workings;
using ZephyrReach.Web.Workrooms;

namespace ZephyrReach.Web.Bench;

/// <summary>A working on the bench.</summary>
/// <param name="Edge">Its finished edge as text, or empty.</param>
/// <param name="Fullness">What it will come out at; 0 while it cannot be reckoned.</param>
/// <param name="Slope">The steepest slope of a hem of that fullness, for a small picture of it.</param>
/// <param name="Next">What is next.</param>
/// <param name="NextStage">Where that is done.</param>
/// <param name="WaitsFor">What has to be there first, or empty.</param>
/// <param name="CameOut">The first words of the kept summary, or empty.</param>
public sealed record BenchWorking(
    Guid Id,
    string Name,
    string Technique,
    string Stage,
    System.Text.Json.JsonElement Cloth,
    string Edge,
    double Fullness,
    double Slope,
    string Next,
    string NextStage,
    string WaitsFor,
    bool IsDone,
    string CameOut,
    int Version
);

/// <summary>A project on the bench.</summary>
public sealed record BenchProject(
    Guid Id,
    string Name,
    DateOnly? WantedBy,
    string Notes,
    int Version,
    IReadOnlyList<BenchWorking> Workings
);

/// <summary>A page of the bench.</summary>
/// <param name="Next">The cursor of the next page; null on the last.</param>
public sealed record BenchPage(IReadOnlyList<BenchProject> Projects, Guid? Next);

/// <summary>The projects in hand, with what is next for each.</summary>
public static class BenchEndpoints
{
    private const int PageSize = 50;

    private static readonly string[] Stages = ["plan", "set-up", "sample", "cut", "sew", "keep"];

    public static void MapBench(this IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/bench", PageAsync)
            .WithTags("Bench")
            .WithSummary(
                "The projects in hand, each working with what is next and what it waits for."
            )
            .Produces<BenchPage>();

    private static async Task<IResult> PageAsync(
        HttpContext http,
        CurrentWorkroom workroom,
        ProjectStore projects,
        WorkingStore workings,
        SwatchStore swatches,
        CutListStore cutLists,
        KeepStore keeps,
        Guid? cursor
    )
    {
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        var seat = await workroom.SeatAsync(http);
        var cancel = http.RequestAborted;
        var rows = await projects.PageAsync(seat, cursor, PageSize + 1, cancel);
        var page = rows.Take(PageSize).ToList();
        var inThem = await workings.OfProjectsAsync(seat, page.Select(p => p.Id), cancel);
        var ids = inThem.Select(w => w.Id).ToList();
        var facts = new Facts(
            (await swatches.TallyAsync(seat, ids, cancel)).ToDictionary(s => s.WorkingId),
            (await cutLists.CutAsync(seat, ids, cancel)).ToHashSet(),
            (await keeps.OfWorkingsAsync(seat, ids, cancel)).ToDictionary(k => k.WorkingId)
        );
        var byProject = inThem.ToLookup(w => w.ProjectId);
        return Results.Ok(
            new BenchPage(
                [
                    .. page.Select(p => new BenchProject(
                        p.Id,
                        p.Name,
                        p.WantedBy,
                        p.Notes,
                        p.Stamp.Version,
                        [.. byProject[p.Id].Select(w => Show(w, facts, ruler))]
                    )),
                ],
                rows.Count > PageSize ? page[^1].Id : null
            )
        );
    }

    private static BenchWorking Show(WorkingRow row, Facts facts, Ruler ruler)
    {
        var technique = Core.Craft.Techniques.Named(row.Technique);
        var kept = facts.Keeps.GetValueOrDefault(row.Id);
        if (technique is null)
        {
            return new BenchWorking(
                row.Id,
                row.Name,
                row.Technique,
                row.Stage,
                row.Cloth,
                "",
                0,
                0,
                "",
                row.Stage,
                "",
                false,
                "",
                row.Stamp.Version
            );
        }
        var sewn = facts.Swatches.GetValueOrDefault(row.Id);
        var outcome = technique.Straight.Reckon(AskJson.Read(row.Ask), ruler);
        var next = NextUp.For(
            new WorkingState(
                technique,
                (Stage)Math.Max(0, Array.IndexOf(Stages, row.Stage)),
                sewn?.Sewn ?? 0,
                sewn?.LastVerdict ?? "",
                facts.Cut.Contains(row.Id),
                StepsDone(row),
                kept is not null
            ),
            outcome,
            ruler
        );
        var portrait = technique.Portrait(outcome.Answer);
        return new BenchWorking(
            row.Id,
            row.Name,
            technique.Title,
            row.Stage,
            row.Cloth,
            portrait is null ? "" : ruler.Mark(portrait.Edge),
            portrait?.Fullness ?? 0,
            portrait is null ? 0 : Wave.SlopeFor(Math.Clamp(portrait.Fullness, 1, 6)),
            next.Says,
            Stages[(int)next.Stage],
            next.WaitsFor,
            next.IsDone,
            kept?.CameOut ?? "",
            row.Stamp.Version
        );
    }

    private static int StepsDone(WorkingRow row) =>
        row.Progress.TryGetProperty("at", out var at) && at.TryGetInt32(out var done) ? done : 0;

    private sealed record Facts(
        Dictionary<Guid, SwatchTally> Swatches,
        HashSet<Guid> Cut,
        Dictionary<Guid, KeepRow> Keeps
    );
}
