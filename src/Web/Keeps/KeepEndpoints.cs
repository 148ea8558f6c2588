using System.ComponentModel.DataAnnotations;
using System.Text.Json;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Store;
using ZephyrReach.Web.CutLists;
using ZephyrReach.Web.Planning;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Keeps;

/// <summary>What was set and what came out. In a change, what is left out stays as it is.</summary>
/// <param name="Id">For a new one: a UUID of version 7, made by the client.</param>
public sealed record KeepIn(
    Guid? Id,
    [property: MaxLength(60)] Dictionary<string, string>? Settings,
    [property: StringLength(4000)] string? CameOut,
    [property: AllowedValues("", "yes", "nearly", "no", null)] string? Verdict,
    [property: StringLength(4000)] string? Note
)
{
    public KeepParts Parts() =>
        new(
            Settings is null ? null : JsonSerializer.SerializeToElement(Settings),
            CameOut,
            Verdict,
            Note
        );
}

/// <summary>A kept summary as it goes out.</summary>
public sealed record KeepOut(
    Guid Id,
    Guid WorkingId,
    JsonElement Settings,
    string CameOut,
    string Verdict,
    string Note,
    int Version,
    DateTimeOffset KeptAt
)
{
    public static KeepOut Of(KeepRow row) =>
        new(
            row.Id,
            row.WorkingId,
            row.Settings,
            row.CameOut,
            row.Verdict,
            row.Note,
            row.Stamp.Version,
            row.Stamp.CreatedAt
        );
}

/// <summary>Kept summaries, one a working.</summary>
public static class KeepEndpoints
{
    private static readonly Records<KeepRow> Keeps = new(
        "Nothing is kept of this part yet.",
        (row, _) => KeepOut.Of(row)
    );

    public static void MapKeeps(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api").WithTags("Keeps").ProducesValidationProblem();
        group
            .MapGet("workings/{id:guid}/keep", OfWorkingAsync)
            .WithSummary("What is kept of a part.")
            .Produces<KeepOut>();
        group
            .MapPost("workings/{id:guid}/keep", AddAsync)
            .WithSummary("Keeps a summary of a part.")
            .Produces<KeepOut>(StatusCodes.Status201Created);
        group
            .MapPatch(
                "keeps/{id:guid}",
                async (Here here, IfMatch version, Guid id, KeepIn keep, KeepStore store) =>
                    Keeps.Changed(
                        here,
                        await store.ChangeAsync(
                            here.Seat,
                            id,
                            version.Version,
                            keep.Parts(),
                            here.Cancel
                        )
                    )
            )
            .WithSummary("Changes a summary.")
            .Produces<KeepOut>();
        Keeps.MapRemove<KeepStore>(
            group,
            "keeps/{id:guid}",
            "summary deleted",
            "Takes a summary away."
        );
    }

    private static async Task<IResult> OfWorkingAsync(Here here, Guid id, KeepStore store) =>
        Keeps.Found(
            here,
            (await store.OfWorkingsAsync(here.Seat, [id], here.Cancel)).FirstOrDefault()
        );

    private static async Task<IResult> AddAsync(
        Here here,
        Guid id,
        KeepIn keep,
        WorkingStore workings,
        KeepStore store,
        ProjectLoader plans
    )
    {
        if (keep.Id is not { Version: 7 } keepId)
        {
            return Problem.Field("id", new Uuid7Attribute().FormatErrorMessage("id"));
        }
        var working = await workings.FindAsync(here.Seat, id, here.Cancel);
        var row = await store.AddAsync(
            here.Seat,
            keepId,
            id,
            keep.Parts(),
            working is null
                ? []
                : UsedUp(
                    working,
                    await plans.CompleteAsync(
                        here.Seat,
                        working,
                        AskJson.Read(working.Ask),
                        here.Ruler,
                        here.Cancel
                    ),
                    here.Ruler
                ),
            here.Cancel
        );
        if (row is not null)
        {
            return Keeps.Added(here, row, _ => $"/api/workings/{id}/keep");
        }
        return (await store.OfWorkingsAsync(here.Seat, [id], here.Cancel)) is [var there]
            ? Keeps.Overtaken(here, there)
            : Problem.NotFound("There is no such part.");
    }

    /// <summary>What the sewing used up of the things that were chosen for it.</summary>
    private static IReadOnlyList<Taken> UsedUp(WorkingRow working, RawInputs ask, Ruler ruler) =>
        Core.Craft.Techniques.WorkingOf(working.Technique)?.Forward.Compute(ask, ruler).Answer
            is WorkPlan plan
            ? Freezer.UsedUp(plan, working, Stage.Keep)
            : [];
}
