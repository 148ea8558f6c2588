using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;
using ZephyrReach.Store;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Swatches;

namespace ZephyrReach.Web.CutLists;

/// <summary>Freezes cut lists: the answer as it is now, with the swatches it rests on.</summary>
public sealed class Freezer(SwatchStore swatches, CutListStore cutLists, SampleFeed samples)
{
    /// <summary>Freezes the cut list of an ask.</summary>
    /// <returns>The list; or what is wrong with the ask; or neither when the working is gone.</returns>
    public async Task<(CutListRow? List, IReadOnlyList<FieldError> Errors)> FreezeAsync(
        Seat seat,
        Guid id,
        WorkingRow working,
        JsonElement ask,
        Technique technique,
        Ruler ruler,
        CancellationToken cancel
    )
    {
        var raw = await samples.WithSamplesAsync(seat, working, AskJson.Read(ask), cancel);
        var outcome = technique.Straight.Reckon(raw, ruler);
        if (outcome.Answer is not { } answer)
        {
            return (null, outcome.Errors);
        }
        var rested = await swatches.OfWorkingsAsync(seat, [working.Id], cancel);
        var list = await cutLists.AddAsync(
            seat,
            id,
            working.Id,
            // With the samples it rested on, so that it can be held against a later plan.
            technique.Family
                is null
                ? ask
                : AskJson.Of(raw),
            AnswerJson.Of(answer, technique.Straight, raw, ruler),
            JsonSerializer.SerializeToElement(
                rested.Select(s => SwatchOut.Of(s, ruler)),
                JsonSerializerOptions.Web
            ),
            working.UsedOf("cloth") is { } cloth && technique.Portrait(answer) is { } portrait
                ? new Taken(cloth, portrait.Cloth)
                : null,
            cancel
        );
        return (list, []);
    }
}
