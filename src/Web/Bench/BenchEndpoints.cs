using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Order;
using ZephyrReach.Store;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Swatches;
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
/// <param name="RunsShort">What the workings on this page need more of than is left.</param>
public sealed record BenchPage(
    IReadOnlyList<BenchProject> Projects,
    Guid? Next,
    IReadOnlyList<BenchShort> RunsShort
);

/// <summary>Something that the workings in hand need more of than is left.</summary>
/// <param name="Id">The thing in the drawer.</param>
/// <param name="For">The workings that need it.</param>
public sealed record BenchShort(
    Guid Id,
    string Kind,
    string Name,
    string Needed,
    string Left,
    IReadOnlyList<string> For
);

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
        ThingStore things,
        SampleFeed samples,
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
        var shelf = await samples.ShelfAsync(seat, inThem.Select(w => w.Technique), cancel);
        var facts = new Facts(
            (await swatches.TallyAsync(seat, ids, cancel)).ToDictionary(s => s.WorkingId),
            (await cutLists.CutAsync(seat, ids, cancel)).ToHashSet(),
            inThem
                .Where(w => Core.Craft.Techniques.Named(w.Technique) is not null)
                .ToDictionary(
                    w => w.Id,
                    w =>
                        Core.Craft.Techniques.Named(w.Technique)!
                            .Straight.Reckon(shelf.With(w, AskJson.Read(w.Ask)), ruler)
                ),
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
                rows.Count > PageSize ? page[^1].Id : null,
                RunsShort(inThem, facts, await things.AllAsync(seat, cancel), ruler)
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
        var outcome = facts.Outcomes[row.Id];
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

    /// <summary>
    /// Cloth is needed until it is cut, thread until the piece is kept. What is left and what is needed are held against each
    /// other for all workings of the page together.
    /// </summary>
    private static IReadOnlyList<BenchShort> RunsShort(
        IReadOnlyList<WorkingRow> workings,
        Facts facts,
        IReadOnlyList<ThingRow> things,
        Ruler ruler
    )
    {
        var needs = workings.SelectMany(w => Needs(w, facts)).ToLookup(n => n.Thing);
        return
        [
            .. things
                .Where(t => t.Left is { } left && needs[t.Id].Any() && Sum(needs[t.Id]) > left)
                .Select(t => new BenchShort(
                    t.Id,
                    t.Kind,
                    t.Name,
                    ruler.Write(
                        Sum(needs[t.Id]),
                        t.Kind == "cloth" ? LengthKind.Cut : LengthKind.Amount
                    ),
                    ruler.Mark(t.Left!.Value),
                    [.. needs[t.Id].Select(n => n.For)]
                )),
        ];

        static Length Sum(IEnumerable<Need> needs) =>
            needs.Aggregate(Length.Zero, (sum, n) => sum + n.Length);
    }

    private static IEnumerable<Need> Needs(WorkingRow row, Facts facts)
    {
        if (
            Core.Craft.Techniques.Named(row.Technique) is not { } technique
            || facts.Keeps.ContainsKey(row.Id)
            || technique.Portrait(facts.Outcomes[row.Id].Answer) is not { } portrait
        )
        {
            yield break;
        }
        if (row.UsedOf("cloth") is { } cloth && !facts.Cut.Contains(row.Id))
        {
            yield return new Need(cloth, portrait.Cloth, row.Name);
        }
        if (row.UsedOf("thread") is { } thread)
        {
            yield return new Need(thread, portrait.Thread, row.Name);
        }
    }

    private sealed record Need(Guid Thing, Length Length, string For);

    private static int StepsDone(WorkingRow row) =>
        row.Progress.TryGetProperty("at", out var at) && at.TryGetInt32(out var done) ? done : 0;

    private sealed record Facts(
        Dictionary<Guid, SwatchTally> Swatches,
        HashSet<Guid> Cut,
        Dictionary<Guid, Core.Craft.Outcome> Outcomes,
        Dictionary<Guid, KeepRow> Keeps
    );
}
