using System.ComponentModel.DataAnnotations;
using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Drawer;
using ZephyrReach.Core.Measures;
using ZephyrReach.Store;
using ZephyrReach.Web.Measures;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Workrooms;
using Cloth = ZephyrReach.Web.Workings.Cloth;

namespace ZephyrReach.Web.Swatches;

/// <summary>A swatch, new or changed. In a change, what is left out stays as it is.</summary>
/// <param name="Id">For a new one: a UUID of version 7, made by the client.</param>
/// <param name="Settings">What was set, by setting.</param>
/// <param name="Flat">Readings, each mm or a text.</param>
/// <param name="WorkingId">For a new one: what it is sewn for; null for one that stands alone.</param>
/// <param name="Changed">The change this swatch tried, by its name.</param>
/// <param name="Technique">What it tries; for a new one that of its working.</param>
/// <param name="Uses">Things of the drawer, by kind; for a new one those of its working.</param>
/// <param name="Features">The settings that decide the fullness, as figures; in a change, those to set.</param>
/// <param name="Cloth">The cloth's name and look; for a new one that of its working.</param>
/// <param name="Counts">Whether predictions learn from it.</param>
public sealed record SwatchIn(
    Guid? Id,
    Guid? WorkingId,
    [property: MaxLength(60)] Dictionary<string, string>? Settings,
    JsonElement? Flat,
    JsonElement? Gathered,
    JsonElement? Steamed,
    JsonElement? Stretched,
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
public sealed record SwatchOut(
    Guid Id,
    Guid? WorkingId,
    JsonElement Settings,
    IReadOnlyList<LengthOut> Flat,
    IReadOnlyList<LengthOut> Gathered,
    IReadOnlyList<LengthOut> Steamed,
    IReadOnlyList<LengthOut> Stretched,
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
    public static SwatchOut Of(SwatchRow row, Ruler ruler)
    {
        return new(
            row.Id,
            row.WorkingId,
            row.Settings,
            Written(row.Flat),
            Written(row.Gathered),
            Written(row.Steamed),
            Written(row.Stretched),
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

        IReadOnlyList<LengthOut> Written(IReadOnlyList<Length> lengths) =>
            [.. lengths.Select(l => LengthOut.Of(l, LengthKind.Marked, ruler))];
    }
}

/// <summary>Swatches.</summary>
public static class SwatchEndpoints
{
    private const string Missing = "There is no such swatch.";

    private static readonly Length Longest = Length.FromMillimetres(20_000);

    public static void MapSwatches(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/workings/{id:guid}/swatches", OfWorkingAsync)
            .WithTags("Swatches")
            .WithSummary("The swatches of a working, in the order they were sewn.")
            .Produces<IReadOnlyList<SwatchOut>>();
        var group = routes
            .MapGroup("/api/swatches")
            .WithTags("Swatches")
            .ProducesValidationProblem();
        group
            .MapPost("", AddAsync)
            .WithSummary("Adds a swatch.")
            .Produces<SwatchOut>(StatusCodes.Status201Created);
        group
            .MapPatch("{id:guid}", ChangeAsync)
            .WithSummary("Changes a swatch.")
            .Produces<SwatchOut>();
        group
            .MapDelete("{id:guid}", RemoveAsync)
            .WithSummary("Takes a swatch away.")
            .Produces(StatusCodes.Status204NoContent);
    }

    private static async Task<IResult> OfWorkingAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        SwatchStore store
    )
    {
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        var rows = await store.OfWorkingsAsync(
            await workroom.SeatAsync(http),
            [id],
            http.RequestAborted
        );
        return Results.Ok(rows.Select(r => SwatchOut.Of(r, ruler)));
    }

    private static async Task<IResult> AddAsync(
        HttpContext http,
        SwatchIn swatch,
        CurrentWorkroom workroom,
        SwatchStore store
    )
    {
        if (swatch.Id is not { Version: 7 } id)
        {
            return Problem.Field("id", new Uuid7Attribute().FormatErrorMessage("id"));
        }
        var (ruler, parts, wrong) = await ReadAsync(http, swatch, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        if (swatch.WorkingId is null && string.IsNullOrEmpty(swatch.Technique))
        {
            return Problem.Field(
                "workingId",
                "Say the working that it is sewn for, or the technique of one that stands alone."
            );
        }
        var row = await store.AddAsync(
            await workroom.SeatAsync(http),
            id,
            swatch.WorkingId,
            parts,
            http.RequestAborted
        );
        return row is null
            ? Problem.Field("workingId", "There is no such working.")
            : Versions.Tagged(http, SwatchOut.Of(row, ruler), row.Stamp, $"/api/swatches/{row.Id}");
    }

    private static async Task<IResult> ChangeAsync(
        HttpContext http,
        Guid id,
        SwatchIn swatch,
        CurrentWorkroom workroom,
        SwatchStore store
    )
    {
        if (Versions.IfMatch(http.Request) is not { } version)
        {
            return Problem.VersionMissing();
        }
        var (ruler, parts, wrong) = await ReadAsync(http, swatch, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        var changed = await store.ChangeAsync(
            await workroom.SeatAsync(http),
            id,
            version,
            parts,
            http.RequestAborted
        );
        return Versions.Answer(http, changed, r => r.Stamp, r => SwatchOut.Of(r, ruler), Missing);
    }

    private static async Task<IResult> RemoveAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        SwatchStore store
    )
    {
        var removed = await store.RemoveAsync(
            await workroom.SeatAsync(http),
            id,
            Versions.IfMatch(http.Request),
            "swatch deleted",
            http.RequestAborted
        );
        return Removal.Answer(
            http,
            removed,
            r => r.Stamp,
            r => SwatchOut.Of(r, Ruler.Metric),
            Missing
        );
    }

    private static async Task<(Ruler Ruler, SwatchParts Parts, IResult? Wrong)> ReadAsync(
        HttpContext http,
        SwatchIn swatch,
        CurrentWorkroom workroom
    )
    {
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        var errors = new List<FieldError>();
        if (
            swatch.Technique is { Length: > 0 } technique
            && CardTechniques.Named(technique) is null
        )
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
                    $"“{strange}” is no kind of thing in the drawer."
                )
            );
        }
        JsonElement? features = null;
        if (swatch.Features is { ValueKind: not JsonValueKind.Null } said)
        {
            (features, var troubles) = SwatchFeatures.Read(said, ruler);
            errors.AddRange(troubles);
        }
        var parts = new SwatchParts(
            swatch.Settings is { } settings ? JsonSerializer.SerializeToElement(settings) : null,
            Readings("flat", "Flat", swatch.Flat),
            Readings("gathered", "Gathered", swatch.Gathered),
            Readings("steamed", "Steamed", swatch.Steamed),
            Readings("stretched", "Stretched", swatch.Stretched),
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
            features,
            swatch.Cloth is { } cloth
                ? JsonSerializer.SerializeToElement(cloth, JsonSerializerOptions.Web)
                : null,
            swatch.Counts
        );
        return (ruler, parts, wrong ?? (errors.Count > 0 ? Problem.Fields(errors) : null));

        IReadOnlyList<Length>? Readings(string name, string label, JsonElement? said)
        {
            if (said is not { } value || value.ValueKind == JsonValueKind.Null)
            {
                return null;
            }
            var body = JsonSerializer.SerializeToElement(
                new Dictionary<string, JsonElement> { [name] = value }
            );
            var reader = new AskReader(AskJson.Read(body), ruler);
            var lengths = reader.Lengths(
                new LengthsField(name, label, "", Longest, IsNeeded: false)
            );
            errors.AddRange(reader.Errors);
            return lengths;
        }
    }
}
