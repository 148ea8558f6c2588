using System.Text.Json;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Project;
using ZephyrReach.Store;
using ZephyrReach.Web.Planning;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Swatches;

namespace ZephyrReach.Web.CutLists;

/// <summary>Freezes cut lists: the answer as it is now, with the swatches it rests on.</summary>
public sealed class Freezer(SwatchStore swatches, CutListStore cutLists, ProjectLoader plans)
{
    /// <summary>Freezes the cut list of an ask.</summary>
    /// <returns>The list; or what is wrong with the ask; or neither when the working is gone.</returns>
    public async Task<(CutListRow? List, IReadOnlyList<FieldError> Errors)> FreezeAsync(
        Seat seat,
        Guid id,
        WorkingRow working,
        JsonElement ask,
        Ruler ruler,
        CancellationToken cancel
    )
    {
        var (line, errors) = await PrepareAsync(seat, id, working, ask, ruler, cancel);
        return (line is null ? null : await cutLists.AddAsync(seat, line, cancel), errors);
    }

    /// <summary>What a cut list holds, before it is frozen; null where the ask is wrong.</summary>
    public async Task<(CutListLine? Line, IReadOnlyList<FieldError> Errors)> PrepareAsync(
        Seat seat,
        Guid id,
        WorkingRow working,
        JsonElement ask,
        Ruler ruler,
        CancellationToken cancel
    )
    {
        var known = Core.Craft.Techniques.WorkingOf(working.Technique)!;
        var raw = await plans.CompleteAsync(seat, working, AskJson.Read(ask), ruler, cancel);
        // The step it was cut by, so that a later plan in other units is held against it by the same.
        if (
            known.Forward.Fields.Any(f => f.Name == ProjectPlan.CuttingStep)
            && !raw.TryGet(ProjectPlan.CuttingStep, out _)
        )
        {
            raw = raw.With(ProjectPlan.CuttingStep, RawValue.Of(ruler.Cutting.Millimetres));
        }
        var outcome = known.Forward.Compute(raw, ruler);
        if (outcome.Answer is not WorkPlan plan)
        {
            return (null, outcome.Errors);
        }
        var rested = await swatches.OfWorkingsAsync(seat, [working.Id], cancel);
        var line = new CutListLine(
            id,
            working.Id,
            // With the samples it rested on, so that it can be held against a later plan.
            AskJson.Of(raw),
            AnswerJson.Of(plan, known.Forward, raw, ruler),
            JsonSerializer.SerializeToElement(
                rested.Select(s => SwatchOut.Of(s, ruler)),
                JsonSerializerOptions.Web
            ),
            UsedUp(plan, working, Stage.Cut)
        );
        return (line, []);
    }

    /// <summary>What a plan uses up of the things that its working uses, at the end of a stage.</summary>
    public static IReadOnlyList<Taken> UsedUp(WorkPlan plan, WorkingRow working, Stage until) =>
        [.. Taking.UsedUp(plan, working.UsedOf, until).Select(t => new Taken(t.Thing, t.Amount))];
}
