using System.Text.Json;
using ZephyrReach.Core;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Project;
using ZephyrReach.Store;
using ZephyrReach.Web.Planning;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Bench;

/// <summary>A working on the bench.</summary>
/// <param name="Summary">The piece in a line of words, or empty while it cannot be reckoned.</param>
/// <param name="Picture">A small drawing of it; null while it cannot be reckoned.</param>
/// <param name="Next">What is next.</param>
/// <param name="NextStage">Where that is done.</param>
/// <param name="Stages">The stages that its technique goes through.</param>
/// <param name="WaitsFor">What has to be there first, or empty.</param>
/// <param name="CameOut">The first words of the kept summary, or empty.</param>
/// <param name="Count">How many are made alike.</param>
/// <param name="Piece">The piece that it is a way of doing: the id of the first way.</param>
/// <param name="IsAside">Whether another way was chosen.</param>
/// <param name="Joined">The edges that it takes from other pieces.</param>
/// <param name="Edges">The edges that another piece can take.</param>
/// <param name="ChangedBySwatches">What its swatches changed of what is cut or set; null where they changed nothing.</param>
/// <param name="SinceCut">What the plan that changed since it was cut means for what was cut; null where it did not change.</param>
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
    int Count,
    Guid Piece,
    bool IsAside,
    IReadOnlyList<BenchJoin> Joined,
    IReadOnlyList<BenchEdge> Edges,
    Finding? SinceCut,
    Fact? ChangedBySwatches,
    int Version
);

/// <summary>An edge that a working takes from another.</summary>
/// <param name="Field">The field that takes it.</param>
public sealed record BenchJoin(string Field, Guid Working, string Edge);

/// <summary>An edge that another piece can take.</summary>
public sealed record BenchEdge(string Key, string Name, string Length);

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

/// <summary>Something that the workings in hand need more of than is left.</summary>
/// <param name="Id">The thing in the drawer.</param>
/// <param name="Buy">What is missing, as it is sold.</param>
/// <param name="For">The workings that need it.</param>
public sealed record BenchShort(
    Guid Id,
    string Kind,
    string Name,
    string Needed,
    string Left,
    string Buy,
    IReadOnlyList<string> For
);

/// <summary>The projects in hand, with what is next for each.</summary>
public static class BenchEndpoints
{
    private const int Most = 50;

    public static void MapBench(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/bench", PageAsync)
            .WithTags("Bench")
            .WithSummary(
                "The projects in hand, newest first, each part with what is next and what it waits for."
            )
            .WithDescription(
                $"A page has `most` projects, 1 to {Most} ({Most} where it is left out); `cursor` is the `next` of the page before. With `project` it is that one alone."
            )
            .Produces<BenchPage>();
        routes
            .MapGet("/api/bench/short", ShortAsync)
            .WithTags("Bench")
            .WithSummary("What all parts in hand together need more of than is left.")
            .Produces<IReadOnlyList<BenchShort>>();
    }

    private static async Task<IResult> PageAsync(
        Here here,
        ProjectStore projects,
        WorkingStore workings,
        SwatchStore swatches,
        CutListStore cutLists,
        KeepStore keeps,
        ProjectLoader loader,
        Guid? cursor,
        int? most,
        Guid? project
    )
    {
        var (seat, ruler, cancel) = (here.Seat, here.Ruler, here.Cancel);
        var size = Math.Clamp(most ?? Most, 1, Most);
        List<ProjectRow> rows = project is { } one
            ? await projects.FindAsync(seat, one, cancel) is { } found
                ? [found]
                : []
            : await projects.PageAsync(seat, cursor, size + 1, cancel);
        var page = rows.Take(size).ToList();
        var inThem = await workings.OfProjectsAsync(seat, page.Select(p => p.Id), cancel);
        var ids = inThem.Select(w => w.Id).ToList();
        var sewn = (await swatches.TallyAsync(seat, ids, cancel)).ToDictionary(s => s.WorkingId);
        var cut = (await cutLists.NewestAsync(seat, ids, cancel)).ToDictionary(
            l => l.WorkingId,
            l => l.Ask
        );
        var kept = (await keeps.OfWorkingsAsync(seat, ids, cancel)).ToDictionary(k => k.WorkingId);
        var plan = await loader.PlanAsync(
            seat,
            inThem,
            ruler,
            cancel,
            w =>
                Planned.Progress(
                    w,
                    sewn.GetValueOrDefault(w.Id),
                    cut.ContainsKey(w.Id),
                    kept.ContainsKey(w.Id)
                )
        );
        var facts = new Facts(plan, plan.Parts.ToDictionary(p => p.Id), cut, kept, ruler);
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
                        [.. byProject[p.Id].Select(w => ShowLightly(w, facts))]
                    )),
                ],
                rows.Count > size ? page[^1].Id : null
            )
        );
    }

    /// <summary>What takes too much to be drawn is shown by its name, and the others as ever.</summary>
    private static BenchWorking ShowLightly(WorkingRow row, Facts facts)
    {
        try
        {
            return Budget.Part(() => Show(row, facts));
        }
        catch (TooMuchException)
        {
            return Plain(row) with { Next = NextUp.TooLarge.Says };
        }
    }

    private static BenchWorking Show(WorkingRow row, Facts facts)
    {
        var shown = Plain(row);
        var part = facts.Parts[row.Id];
        if (part.Working is not { } known)
        {
            return shown;
        }
        var ruler = facts.Ruler;
        var kept = facts.Kept.GetValueOrDefault(row.Id);
        var next = facts.Plan.Next(part);
        var plan = facts.Plan.PlanOf(part);
        var summary = plan?.Summary;
        var count = plan?.Together.Count ?? 1;
        return shown with
        {
            Count = count,
            Edges =
            [
                .. (plan?.Edges ?? []).Select(e => new BenchEdge(
                    e.Key,
                    e.Name,
                    ruler.Whole(e.Length)
                )),
            ],
            SinceCut =
                kept is null && facts.Cut.TryGetValue(row.Id, out var then)
                    ? facts.Plan.SinceCut(part, AskJson.Read(then))
                    : null,
            ChangedBySwatches = kept is null ? facts.Plan.ChangedBySwatchesIn(part) : null,
            Summary = count > 1 ? $"{count} × {summary!.Text}" : summary?.Text ?? "",
            Picture = summary is null ? null : CraftJson.Of(summary.Picture, ruler),
            Next = next.Says,
            NextStage = next.Stage.Name(),
            Stages = [.. known.Stages.Select(s => s.Stage.Name())],
            WaitsFor = next.WaitsFor,
            IsDone = next.IsDone,
            CameOut = kept?.CameOut ?? "",
        };
    }

    /// <summary>What is known of it before it is reckoned.</summary>
    private static BenchWorking Plain(WorkingRow row) =>
        new(
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
            1,
            row.Piece,
            row.IsAside,
            [.. row.Taken.Select(t => new BenchJoin(t.Field, t.Working, t.Edge))],
            [],
            null,
            null,
            row.Stamp.Version
        );

    /// <summary>Only what is chosen from the drawer can be counted, so that no other working is reckoned.</summary>
    private static async Task<IResult> ShortAsync(
        Here here,
        WorkingStore workings,
        CutListStore cutLists,
        KeepStore keeps,
        ProjectLoader loader
    )
    {
        var (seat, ruler, cancel) = (here.Seat, here.Ruler, here.Cancel);
        var rows = await workings.WhereThingsAreUsedAsync(seat, cancel);
        var ids = rows.Select(w => w.Id).ToList();
        var cut = (await cutLists.CutAsync(seat, ids, cancel)).ToHashSet();
        var kept = (await keeps.OfWorkingsAsync(seat, ids, cancel))
            .Select(k => k.WorkingId)
            .ToHashSet();
        var plan = await loader.PlanAsync(
            seat,
            // Where nothing was chosen there is nothing to run short of.
            [.. rows.Where(w => w.Uses.EnumerateObject().Any())],
            ruler,
            cancel,
            w => Planned.Progress(w, null, cut.Contains(w.Id), kept.Contains(w.Id))
        );
        return Results.Ok(
            plan.Materials()
                .Where(l => l.Short > Length.Zero)
                .Select(l => new BenchShort(
                    l.Thing!.Value,
                    l.Kind,
                    l.Name,
                    ruler.Write(l.Still, Taking.Written(l.Kind)),
                    ruler.Mark(l.Left!.Value),
                    l.Buy,
                    l.For
                ))
                .ToList()
        );
    }

    private sealed record Facts(
        ProjectPlan Plan,
        IReadOnlyDictionary<Guid, PlannedPart> Parts,
        IReadOnlyDictionary<Guid, JsonElement> Cut,
        IReadOnlyDictionary<Guid, KeepRow> Kept,
        Ruler Ruler
    );
}
