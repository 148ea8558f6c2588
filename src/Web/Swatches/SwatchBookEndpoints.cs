using System.ComponentModel.DataAnnotations;
using System.Globalization;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using ZephyrReach.Store;
using ZephyrReach.Web.Planning;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Swatches;

/// <summary>A swatch in the book.</summary>
/// <param name="Headline">What it came to; null until it is measured.</param>
/// <param name="Set">The settings that decided it, in words.</param>
/// <param name="Read">What was read, in words.</param>
/// <param name="TechniqueTitle">The technique's name on the screen.</param>
/// <param name="ClothName">The cloth's name, or empty.</param>
/// <param name="FootName">The foot's name, or empty.</param>
/// <param name="WorkingName">What it was sewn for, or empty.</param>
/// <param name="Photographs">The ids of its photographs.</param>
public sealed record BookSwatch(
    SwatchOut Swatch,
    Fact? Headline,
    IReadOnlyList<Fact> Set,
    IReadOnlyList<Fact> Read,
    string TechniqueTitle,
    string ClothName,
    string FootName,
    string WorkingName,
    IReadOnlyList<Guid> Photographs
)
{
    public static BookSwatch Of(BookRow row, Ruler ruler) =>
        new(
            SwatchOut.Of(row.Swatch, ruler),
            SwatchWords.Of(row.Swatch.Technique)?.InShort(Planned.Sewn(row.Swatch)),
            SwatchWords.SetOf(row.Swatch),
            SwatchWords.ReadOf(row.Swatch, ruler),
            Core.Craft.Techniques.TitleOf(row.Swatch.Technique),
            row.ClothName,
            row.FootName,
            row.WorkingName,
            row.Photographs
        );
}

/// <summary>Something to filter by.</summary>
public sealed record FacetOut(string Name, string Label, int Count);

/// <summary>A page of the swatch book.</summary>
/// <param name="Count">How many swatches the filter leaves, on all pages.</param>
/// <param name="Next">The cursor of the next page; null on the last.</param>
public sealed record BookPage(IReadOnlyList<BookSwatch> Swatches, int Count, string? Next);

/// <summary>What the swatch book can be filtered by.</summary>
public sealed record BookFacets(
    IReadOnlyList<FacetOut> Cloths,
    IReadOnlyList<FacetOut> Feet,
    IReadOnlyList<FacetOut> Techniques,
    IReadOnlyList<FacetOut> Verdicts,
    IReadOnlyList<FacetOut> Machines,
    IReadOnlyList<FacetOut> Years
);

/// <summary>A filter as a query.</summary>
public sealed record BookQuery(
    [property: StringLength(200)] string? Cloth,
    [property: StringLength(200)] string? Foot,
    [property: StringLength(60)] string? Technique,
    [property: AllowedValues("yes", "nearly", "no", null)] string? Verdict,
    [property: StringLength(200)] string? Text,
    Guid? Working,
    [property: StringLength(200)] string? Machine,
    [property: Range(1900, 3000)] int? Year
)
{
    public SwatchFilter Filter =>
        new(Cloth, Foot, Technique, Verdict, Text?.Trim(), Working, Machine, Year);
}

/// <summary>The swatch book: all swatches, filtered.</summary>
public static class SwatchBookEndpoints
{
    private const int PageSize = 30;
    private const int MostBeside = 8;

    public static void MapSwatchBook(this IEndpointRouteBuilder routes)
    {
        var group = routes
            .MapGroup("/api/swatches")
            .WithTags("Swatches")
            .ProducesValidationProblem();
        group
            .MapGet("", PageAsync)
            .WithSummary("Swatches of the whole workroom, filtered, the newest first.")
            .Produces<BookPage>();
        group.MapGet("facets", FacetsAsync).WithSummary("What Swatches can be filtered by.");
        group
            .MapGet("beside", BesideAsync)
            .WithSummary("Some swatches by their ids, to lay side by side.")
            .Produces<IReadOnlyList<BookSwatch>>();
        group.MapSwatchPlot();
    }

    private static async Task<IResult> PageAsync(
        Here here,
        [AsParameters] BookQuery query,
        SwatchBookStore store,
        [StringLength(80)] string? cursor
    )
    {
        if (!TryPlace(cursor, out var after))
        {
            return Problem.Field("cursor", "That is no place in the book.");
        }
        var count = store.CountAsync(here.Seat, query.Filter, here.Cancel);
        var rows = await store.PageAsync(here.Seat, query.Filter, after, PageSize + 1, here.Cancel);
        return Results.Ok(
            new BookPage(
                [.. rows.Take(PageSize).Select(r => BookSwatch.Of(r, here.Ruler))],
                await count,
                rows.Count > PageSize ? Cursor(rows[PageSize - 1].Swatch) : null
            )
        );
    }

    /// <summary>A cursor carries its own place, so that it holds when its swatch is deleted meanwhile.</summary>
    private static string Cursor(SwatchRow last) =>
        $"{last.Stamp.CreatedAt.UtcTicks.ToString(CultureInfo.InvariantCulture)}-{last.Id}";

    private static bool TryPlace(string? cursor, out BookPlace? place)
    {
        place = null;
        if (cursor is null)
        {
            return true;
        }
        if (
            cursor.Split('-', 2) is [var at, var id]
            && long.TryParse(at, NumberStyles.None, CultureInfo.InvariantCulture, out var ticks)
            && ticks <= DateTimeOffset.MaxValue.UtcTicks
            && Guid.TryParse(id, out var last)
        )
        {
            place = new BookPlace(new DateTimeOffset(ticks, TimeSpan.Zero), last);
        }
        return place is not null;
    }

    private static async Task<BookFacets> FacetsAsync(Here here, SwatchBookStore store)
    {
        var facets = (await store.FacetsAsync(here.Seat, here.Cancel)).ToLookup(f => f.Facet);
        return new BookFacets(
            Of("cloth", n => n),
            Of("foot", n => n),
            Of("technique", Core.Craft.Techniques.TitleOf),
            Of(
                "verdict",
                n =>
                    n switch
                    {
                        "yes" => "good",
                        "no" => "not yet",
                        _ => n,
                    }
            ),
            Of("machine", n => n),
            Of("year", n => n)
        );

        IReadOnlyList<FacetOut> Of(string facet, Func<string, string> label) =>
            [.. facets[facet].Select(f => new FacetOut(f.Name, label(f.Name), f.Count))];
    }

    private static async Task<IResult> BesideAsync(
        Here here,
        [MaxLength(MostBeside)] Guid[] id,
        SwatchBookStore store
    )
    {
        var rows = (await store.SomeAsync(here.Seat, id, here.Cancel)).ToDictionary(r =>
            r.Swatch.Id
        );
        return Results.Ok(
            id.Distinct().Where(rows.ContainsKey).Select(i => BookSwatch.Of(rows[i], here.Ruler))
        );
    }
}
