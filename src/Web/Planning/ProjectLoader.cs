using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Project;
using ZephyrReach.Store;

namespace ZephyrReach.Web.Planning;

/// <summary>Loads what plans rest on: parts, the supplies that they use, and what was measured.</summary>
public sealed class ProjectLoader(
    WorkingStore workings,
    CutListStore cutLists,
    KeepStore keeps,
    ThingStore things,
    SwatchStore swatches
)
{
    /// <summary>Older swatches of a technique than so many say nothing new.</summary>
    private const int MostSwatches = 500;

    /// <summary>Inputs of a part, with what is not entered.</summary>
    public async Task<RawInputs> CompleteAsync(
        Seat seat,
        WorkingRow working,
        RawInputs inputs,
        Ruler ruler,
        CancellationToken cancel
    )
    {
        var around = await workings.OfProjectsAsync(seat, [working.ProjectId], cancel);
        // It alone, where it neither takes nor gives an edge.
        var chain = around.Any(w => w.Taken.Any()) ? around : [working];
        var plan = await PlanAsync(seat, chain, ruler, cancel);
        // As it was when it was looked up: it may have been changed since.
        var isCut = plan.Parts.Any(p => p.Id == working.Id && p.Progress.IsCut);
        return plan.Complete(Planned.Of(working, Planned.Progress(working, isCut: isCut)), inputs);
    }

    /// <summary>The plan of all parts of a project, with what of it is cut and finished.</summary>
    public async Task<(IReadOnlyList<WorkingRow> Rows, ProjectPlan Plan)> WholeAsync(
        Seat seat,
        Guid project,
        Ruler ruler,
        CancellationToken cancel
    )
    {
        var rows = (await workings.OfProjectsAsync(seat, [project], cancel))
            .Where(w => Core.Craft.Techniques.WorkingOf(w.Technique) is not null)
            .ToList();
        var ids = rows.Select(w => w.Id).ToList();
        var cut = (await cutLists.CutAsync(seat, ids, cancel)).ToHashSet();
        var kept = (await keeps.OfWorkingsAsync(seat, ids, cancel))
            .Select(k => k.WorkingId)
            .ToHashSet();
        return (
            rows,
            await PlanAsync(
                seat,
                rows,
                ruler,
                cancel,
                w => Planned.Progress(w, null, cut.Contains(w.Id), kept.Contains(w.Id))
            )
        );
    }

    /// <summary>The plan of parts.</summary>
    /// <param name="progress">How far each has come; null where it only matters what is cut.</param>
    public async Task<ProjectPlan> PlanAsync(
        Seat seat,
        IReadOnlyList<WorkingRow> rows,
        Ruler ruler,
        CancellationToken cancel,
        Func<WorkingRow, PartProgress>? progress = null
    )
    {
        var parts = rows.Select(r => Planned.Of(r, progress?.Invoke(r))).ToList();
        var used = (
            await things.SomeAsync(seat, parts.SelectMany(p => p.Uses.Values).ToHashSet(), cancel)
        ).ToDictionary(t => t.Key, t => Planned.Of(t.Value));
        if (progress is null && used.Values.Any(t => t.Left is not null))
        {
            // What is cut is no longer on the shelf.
            var cut = (
                await cutLists.CutAsync(seat, [.. rows.Select(w => w.Id)], cancel)
            ).ToHashSet();
            parts =
            [
                .. parts.Select(p =>
                    p with
                    {
                        Progress = p.Progress with { IsCut = cut.Contains(p.Id) },
                    }
                ),
            ];
        }
        return ProjectPlan.Of(
            parts,
            used,
            await ShelfAsync(seat, parts.Select(p => p.Technique), cancel),
            ruler
        );
    }

    /// <summary>What was measured of some techniques, each as far back as it says anything new.</summary>
    /// <param name="techniques">Any; those that learn nothing are passed over.</param>
    public async Task<SwatchShelf> ShelfAsync(
        Seat seat,
        IEnumerable<string> techniques,
        CancellationToken cancel
    )
    {
        List<MeasuredSwatch> measured = [];
        foreach (var technique in techniques.Distinct())
        {
            if (Core.Craft.Techniques.WorkingOf(technique)?.Swatch is { Learns: true } swatch)
            {
                measured.AddRange(
                    (
                        await swatches.MeasuredAsync(
                            seat,
                            technique,
                            swatch.Needed,
                            MostSwatches,
                            cancel
                        )
                    ).Select(Planned.Of)
                );
            }
        }
        return new SwatchShelf(measured);
    }
}
