using System.ComponentModel.DataAnnotations;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Workrooms;

namespace ZephyrReach.Web.Swatches;

/// <summary>A swatch in the book.</summary>
/// <param name="Fullness">Flat over gathered; null until both are measured.</param>
/// <param name="Steamed">Flat over steamed; null when it was not measured.</param>
/// <param name="TechniqueTitle">The technique's name on the screen.</param>
/// <param name="ClothName">The cloth's name, or empty.</param>
/// <param name="FootName">The foot's name, or empty.</param>
/// <param name="WorkingName">What it was sewn for, or empty.</param>
/// <param name="Photographs">The ids of its photographs.</param>
public sealed record BookSwatch(
    SwatchOut Swatch,
    double? Fullness,
    double? Steamed,
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
            Over(row.Swatch.Flat, row.Swatch.Gathered),
            Over(row.Swatch.Flat, row.Swatch.Steamed),
            Title(row.Swatch.Technique),
            row.ClothName,
            row.FootName,
            row.WorkingName,
            row.Photographs
        );

    /// <summary>The name of a technique on the screen.</summary>
    public static string Title(string technique) =>
        Core.Card.CardTechniques.Named(technique)?.Title ?? technique;

    private static double? Over(IReadOnlyList<Length> flat, IReadOnlyList<Length> other) =>
        flat.Count == 0 || other.Count == 0
            ? null
            : FullnessReading.Mean(flat) / FullnessReading.Mean(other);
}

/// <summary>Something to filter by.</summary>
public sealed record FacetOut(string Name, string Label, int Count);

/// <summary>A page of the swatch book.</summary>
/// <param name="Count">How many swatches the filter leaves, on all pages.</param>
/// <param name="Next">The cursor of the next page; null on the last.</param>
public sealed record BookPage(IReadOnlyList<BookSwatch> Swatches, int Count, Guid? Next);

/// <summary>What the swatch book can be filtered by.</summary>
public sealed record BookFacets(
    IReadOnlyList<FacetOut> Cloths,
    IReadOnlyList<FacetOut> Feet,
    IReadOnlyList<FacetOut> Techniques,
    IReadOnlyList<FacetOut> Verdicts
);

/// <summary>A filter as a query.</summary>
public sealed record BookQuery(
    [property: StringLength(200)] string? Cloth,
    [property: StringLength(200)] string? Foot,
    [property: StringLength(60)] string? Technique,
    [property: AllowedValues("yes", "nearly", "no", null)] string? Verdict,
    [property: StringLength(200)] string? Text,
    Guid? Working
)
{
    public SwatchFilter Filter => new(Cloth, Foot, Technique, Verdict, Text?.Trim(), Working);
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
            .WithTags("Swatch book")
            .ProducesValidationProblem();
        group
            .MapGet("", PageAsync)
            .WithSummary("Swatches of the whole workroom, filtered, the newest first.")
            .Produces<BookPage>();
        group
            .MapGet("facets", FacetsAsync)
            .WithSummary("What the swatch book can be filtered by.")
            .Produces<BookFacets>();
        group
            .MapGet("beside", BesideAsync)
            .WithSummary("Some swatches by their ids, to lay side by side.")
            .Produces<IReadOnlyList<BookSwatch>>();
        group.MapSwatchPlot();
    }

    private static async Task<IResult> PageAsync(
        HttpContext http,
        [AsParameters] BookQuery query,
        CurrentWorkroom workroom,
        SwatchBookStore store,
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
        var count = store.CountAsync(seat, query.Filter, cancel);
        var rows = await store.PageAsync(seat, query.Filter, cursor, PageSize + 1, cancel);
        return Results.Ok(
            new BookPage(
                [.. rows.Take(PageSize).Select(r => BookSwatch.Of(r, ruler))],
                await count,
                rows.Count > PageSize ? rows[PageSize - 1].Swatch.Id : null
            )
        );
    }

    private static async Task<IResult> FacetsAsync(
        HttpContext http,
        CurrentWorkroom workroom,
        SwatchBookStore store
    )
    {
        var facets = (
            await store.FacetsAsync(await workroom.SeatAsync(http), http.RequestAborted)
        ).ToLookup(f => f.Facet);
        return Results.Ok(
            new BookFacets(
                Of("cloth", n => n),
                Of("foot", n => n),
                Of("technique", BookSwatch.Title),
                Of(
                    "verdict",
                    n =>
                        n switch
                        {
                            "yes" => "right",
                            "no" => "not yet",
                            _ => n,
                        }
                )
            )
        );

        IReadOnlyList<FacetOut> Of(string facet, Func<string, string> label) =>
            [.. facets[facet].Select(f => new FacetOut(f.Name, label(f.Name), f.Count))];
    }

    private static async Task<IResult> BesideAsync(
        HttpContext http,
        [MaxLength(MostBeside)] Guid[] id,
        CurrentWorkroom workroom,
        SwatchBookStore store
    )
    {
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        var rows = (
            await store.SomeAsync(await workroom.SeatAsync(http), id, http.RequestAborted)
        ).ToDictionary(r => r.Swatch.Id);
        return Results.Ok(
            id.Distinct().Where(rows.ContainsKey).Select(i => BookSwatch.Of(rows[i], ruler))
        );
    }
}
