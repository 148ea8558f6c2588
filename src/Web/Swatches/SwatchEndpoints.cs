using System.ComponentModel.DataAnnotations;
using System.Text.Json;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Store;
using ZephyrReach.Web.Measures;
using ZephyrReach.Web.Planning;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;
using Cloth = ZephyrReach.Web.Workings.Cloth;

namespace ZephyrReach.Web.Swatches;

/// <summary>A swatch, new or changed. In a change, what is left out stays as it is.</summary>
/// <param name="Id">For a new one: a UUID of version 7, made by the client.</param>
/// <param name="WorkingId">For a new one: what it is sewn for; null for one that stands alone.</param>
/// <param name="Settings">What was set, by setting.</param>
/// <param name="Readings">By their names, each a list of mm or texts; in a change, those to set.</param>
/// <param name="Changed">The change this swatch tried, by its name.</param>
/// <param name="Technique">What it tries; for a new one that of its working.</param>
/// <param name="Uses">Things of the drawer, by kind; for a new one those of its working.</param>
/// <param name="Features">The settings that decide what comes out, as figures; in a change, those to set.</param>
/// <param name="Cloth">The cloth's name and look; for a new one that of its working.</param>
/// <param name="Counts">Whether predictions learn from it.</param>
public sealed record SwatchIn(
    Guid? Id,
    Guid? WorkingId,
    [property: MaxLength(60)] Dictionary<string, string>? Settings,
    JsonElement? Readings,
    [property: MaxLength(30)] string[]? Looks,
    [property: StringLength(200)] string? Changed,
    [property: AllowedValues("", "yes", "nearly", "no", null)] string? Verdict,
    [property: StringLength(4000)] string? Note,
    [property: StringLength(60)] string? Technique = null,
    [property: MaxLength(12)] Dictionary<string, Guid?>? Uses = null,
    JsonElement? Features = null,
    Cloth? Cloth = null,
    bool? Counts = null
);

/// <summary>A swatch as it goes out.</summary>
/// <param name="Readings">By their names, in the order they were taken.</param>
public sealed record SwatchOut(
    Guid Id,
    Guid? WorkingId,
    JsonElement Settings,
    IReadOnlyDictionary<string, IReadOnlyList<LengthOut>> Readings,
    IReadOnlyList<string> Looks,
    string Changed,
    string Verdict,
    string Note,
    string Technique,
    JsonElement Uses,
    JsonElement Features,
    JsonElement Cloth,
    bool Counts,
    bool Simulated,
    int Version,
    DateTimeOffset CreatedAt
)
{
    public static SwatchOut Of(SwatchRow row, Ruler ruler) =>
        new(
            row.Id,
            row.WorkingId,
            row.Settings,
            row.Readings.ToDictionary(
                r => r.Key,
                r =>
                    (IReadOnlyList<LengthOut>)
                        [
                            .. r.Value.Select(mm =>
                                LengthOut.Of(
                                    Length.FromMillimetres(mm),
                                    SwatchWords.Written(r.Key),
                                    ruler
                                )
                            ),
                        ]
            ),
            row.Looks,
            row.Changed,
            row.Verdict,
            row.Note,
            row.Technique,
            row.Uses,
            row.Features,
            row.Cloth,
            row.Counts,
            row.Simulated,
            row.Stamp.Version,
            row.Stamp.CreatedAt
        );
}

/// <summary>Swatches.</summary>
public static class SwatchEndpoints
{
    /// <summary>How every swatch is answered.</summary>
    internal static Records<SwatchRow> Swatches { get; } =
        new("There is no such swatch.", SwatchOut.Of);

    public static void MapSwatches(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet(
                "/api/workings/{id:guid}/swatches",
                async (Here here, Guid id, SwatchStore store) =>
                    Results.Ok(
                        (await store.OfWorkingsAsync(here.Seat, [id], here.Cancel)).Select(r =>
                            SwatchOut.Of(r, here.Ruler)
                        )
                    )
            )
            .WithTags("Swatches")
            .WithSummary("The swatches of a part, in the order they were sewn.")
            .Produces<IReadOnlyList<SwatchOut>>();
        var group = routes
            .MapGroup("/api/swatches")
            .WithTags("Swatches")
            .ProducesValidationProblem();
        group
            .MapGet("{id:guid}/drawing", DrawAsync)
            .WithSummary("What a swatch looks like, in small: a drawing without figures.")
            .Produces<JsonElement>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        group
            .MapPost("", AddAsync)
            .WithSummary("Adds a swatch.")
            .Produces<SwatchOut>(StatusCodes.Status201Created);
        group
            .MapPatch("{id:guid}", ChangeAsync)
            .WithSummary("Changes a swatch.")
            .Produces<SwatchOut>();
        Swatches.MapRemove<SwatchStore>(
            group,
            "{id:guid}",
            "swatch deleted",
            "Takes a swatch away."
        );
    }

    /// <summary>Adds a swatch, and answers with it.</summary>
    internal static async Task<IResult> KeepAsync(
        Here here,
        SwatchStore store,
        Guid id,
        Guid? working,
        SwatchParts parts
    ) =>
        Swatches.Added(
            here,
            await store.AddAsync(here.Seat, id, working, parts, here.Cancel),
            row => $"/api/swatches/{row.Id}",
            () => Problem.Field("workingId", "There is no such part.")
        );

    private static async Task<IResult> DrawAsync(Here here, Guid id, SwatchStore store) =>
        await store.FindAsync(here.Seat, id, here.Cancel) is { } swatch
        && Core.Craft.Techniques.WorkingOf(swatch.Technique) is { } working
            ? Results.Ok(
                CraftJson.Of(
                    SwatchPicture.Of(working, Planned.Sewn(swatch), here.Ruler),
                    here.Ruler
                )
            )
            : Problem.NotFound("There is no such swatch.");

    private static async Task<IResult> AddAsync(Here here, SwatchIn swatch, SwatchStore store)
    {
        if (swatch.Id is not { Version: 7 } id)
        {
            return Problem.Field("id", new Uuid7Attribute().FormatErrorMessage("id"));
        }
        var parts = Read(swatch, here.Ruler);
        return swatch.WorkingId is null && string.IsNullOrEmpty(swatch.Technique)
            ? Problem.Field(
                "workingId",
                "Say the part that it is sewn for, or the technique of one that stands alone."
            )
            : await KeepAsync(here, store, id, swatch.WorkingId, parts);
    }

    private static async Task<IResult> ChangeAsync(
        Here here,
        IfMatch version,
        Guid id,
        SwatchIn swatch,
        SwatchStore store
    ) =>
        Swatches.Changed(
            here,
            await store.ChangeAsync(
                here.Seat,
                id,
                version.Version,
                Read(swatch, here.Ruler),
                here.Cancel
            )
        );

    /// <exception cref="RefusedException">Something of it cannot be used.</exception>
    private static SwatchParts Read(SwatchIn swatch, Ruler ruler)
    {
        var errors = new List<FieldError>();
        if (swatch.Technique is { Length: > 0 } technique && !SwatchWords.Knows(technique))
        {
            errors.Add(
                new FieldError(
                    "technique",
                    Refusal.Unusable,
                    $"The technique “{technique}” is not known here."
                )
            );
        }
        if (swatch.Uses?.Keys.FirstOrDefault(k => ThingKinds.Named(k) is null) is { } strange)
        {
            errors.Add(
                new FieldError(
                    "uses",
                    Refusal.Unusable,
                    $"“{strange}” is no kind of thing in your supplies."
                )
            );
        }
        var parts = new SwatchParts(
            swatch.Settings is { } settings ? JsonSerializer.SerializeToElement(settings) : null,
            SwatchWords.ReadReadings(swatch.Readings, ruler, errors),
            swatch.Looks,
            swatch.Changed,
            swatch.Verdict,
            swatch.Note,
            swatch.Technique,
            swatch.Uses is { } uses
                ? JsonSerializer.SerializeToElement(
                    uses.Where(u => u.Value is not null).ToDictionary(u => u.Key, u => u.Value)
                )
                : null,
            SwatchWords.ReadFeatures(swatch.Features, ruler, errors),
            swatch.Cloth is { } cloth
                ? JsonSerializer.SerializeToElement(cloth, JsonSerializerOptions.Web)
                : null,
            swatch.Counts
        );
        return errors.Count == 0 ? parts : throw new RefusedException(Problem.Fields(errors));
    }
}
