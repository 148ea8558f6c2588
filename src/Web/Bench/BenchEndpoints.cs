using System.Text.Json;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Order;
using ZephyrReach.Store;
using ZephyrReach.Web.CutLists;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;
using ZephyrReach.Web.Swatches;

namespace ZephyrReach.Web.Bench;

/// <summary>A working on the bench.</summary>
/// <param name="Summary">The piece in a line of words, or empty while it cannot be reckoned.</param>
/// <param name="Picture">A small drawing of it; null while it cannot be reckoned.</param>
/// <param name="Next">What is next.</param>
/// <param name="NextStage">Where that is done.</param>
/// <param name="Stages">The stages that its technique goes through.</param>
/// <param name="WaitsFor">What has to be there first, or empty.</param>
/// <param name="CameOut">The first words of the kept summary, or empty.</param>
public sealed record BenchWorking(
    Guid Id,
    string Name,
    string Technique,
    string Stage,
    JsonElement Cloth,
    string Summary,
    JsonElement? Picture,
    string Next,
    string NextStage,
    IReadOnlyList<string> Stages,
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

    public static void MapBench(this IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/bench", PageAsync)
            .WithTags("Bench")
            .WithSummary(
                "The projects in hand, each working with what is next and what it waits for."
            )
            .Produces<BenchPage>();

    private static async Task<IResult> PageAsync(
        Here here,
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
        var (seat, ruler, cancel) = (here.Seat, here.Ruler, here.Cancel);
        var rows = await projects.PageAsync(seat, cursor, PageSize + 1, cancel);
        var page = rows.Take(PageSize).ToList();
        var inThem = await workings.OfProjectsAsync(seat, page.Select(p => p.Id), cancel);
        var ids = inThem.Select(w => w.Id).ToList();
        var shelf = await samples.ShelfAsync(seat, inThem.Select(w => w.Technique), cancel);
        var facts = new Facts(
            (await swatches.TallyAsync(seat, ids, cancel)).ToDictionary(s => s.WorkingId),
            (await cutLists.CutAsync(seat, ids, cancel)).ToHashSet(),
            inThem
                .Where(w => Core.Craft.Techniques.WorkingOf(w.Technique) is not null)
                .ToDictionary(
                    w => w.Id,
                    w =>
                        Core.Craft.Techniques.WorkingOf(w.Technique)!
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
        var shown = new BenchWorking(
            row.Id,
            row.Name,
            Core.Craft.Techniques.TitleOf(row.Technique),
            row.Stage,
            row.Cloth,
            "",
            null,
            "",
            row.Stage,
            [],
            "",
            false,
            "",
            row.Stamp.Version
        );
        if (Core.Craft.Techniques.WorkingOf(row.Technique) is not { } known)
        {
            return shown;
        }
        var kept = facts.Keeps.GetValueOrDefault(row.Id);
        var sewn = facts.Swatches.GetValueOrDefault(row.Id);
        var outcome = facts.Outcomes[row.Id];
        var next = NextUp.For(
            new WorkingState(
                known,
                Stages.Named(row.Stage),
                sewn?.Sewn ?? 0,
                sewn?.LastVerdict ?? "",
                facts.Cut.Contains(row.Id),
                StepsDone(row),
                kept is not null
            ),
            outcome,
            ruler
        );
        var summary = (outcome.Answer as WorkPlan)?.Summary;
        return shown with
        {
            Summary = summary?.Text ?? "",
            Picture = summary is null ? null : CraftJson.Of(summary.Picture, ruler),
            Next = next.Says,
            NextStage = next.Stage.Name(),
            Stages = [.. known.Stages.Select(s => s.Stage.Name())],
            WaitsFor = next.WaitsFor,
            IsDone = next.IsDone,
            CameOut = kept?.CameOut ?? "",
        };
    }

    /// <summary>What is left and what is needed are held against each other for all workings of the page together.</summary>
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
                        needs[t.Id].First().IsCut ? LengthKind.Cut : LengthKind.Amount
                    ),
                    ruler.Mark(t.Left!.Value),
                    [.. needs[t.Id].Select(n => n.For)]
                )),
        ];

        static Length Sum(IEnumerable<Needed> needs) =>
            needs.Aggregate(Length.Zero, (sum, n) => sum + n.Amount);
    }

    /// <summary>What a working still needs of the things that were chosen for it: what is cut until it is cut, all else until it is kept.</summary>
    private static IEnumerable<Needed> Needs(WorkingRow row, Facts facts)
    {
        if (
            facts.Keeps.ContainsKey(row.Id)
            || facts.Outcomes.GetValueOrDefault(row.Id).Answer is not WorkPlan plan
        )
        {
            return [];
        }
        return from until in Stages.All
            where until != Stage.Cut || !facts.Cut.Contains(row.Id)
            from taken in Freezer.UsedUp(plan, row, until)
            select new Needed(taken.Thing, taken.Length, until == Stage.Cut, row.Name);
    }

    private sealed record Needed(Guid Thing, Length Amount, bool IsCut, string For);

    private static int StepsDone(WorkingRow row) =>
        row.Progress.TryGetProperty("at", out var at) && at.TryGetInt32(out var done) ? done : 0;

    private sealed record Facts(
        Dictionary<Guid, SwatchTally> Swatches,
        HashSet<Guid> Cut,
        Dictionary<Guid, Outcome> Outcomes,
        Dictionary<Guid, KeepRow> Keeps
    );
}
