using ZephyrReach.Files;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Workrooms;

namespace ZephyrReach.Web.Swatches;

/// <summary>A photograph of a swatch; the picture itself is at <c>/api/photographs/{id}/picture</c>.</summary>
public sealed record PhotographOut(Guid Id, Guid SwatchId, int Width, int Height, int Version)
{
    public static PhotographOut Of(PhotographRow row) =>
        new(row.Id, row.SwatchId, row.Width, row.Height, row.Stamp.Version);
}

/// <summary>Photographs of swatches.</summary>
public static class PhotographEndpoints
{
    private const string Missing = "There is no such photograph.";

    /// <summary>Unpacking takes memory, so one picture is unpacked at a time.</summary>
    private static readonly SemaphoreSlim Unpacking = new(1);

    public static void MapPhotographs(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/workings/{id:guid}/photographs", OfWorkingAsync)
            .WithTags("Photographs")
            .WithSummary("The photographs of a working's swatches, in the order they were added.")
            .Produces<IReadOnlyList<PhotographOut>>();
        routes
            .MapPost("/api/swatches/{id:guid}/photographs", AddAsync)
            .WithTags("Photographs")
            .WithSummary(
                "Adds a photograph: JPEG, PNG or WebP to 15 MB. It is turned upright, brought to 2000 px, and place and device are left out."
            )
            .Accepts<byte[]>("image/jpeg", "image/png", "image/webp")
            .Produces<PhotographOut>(StatusCodes.Status201Created)
            .ProducesValidationProblem();
        var group = routes.MapGroup("/api/photographs/{id:guid}").WithTags("Photographs");
        group
            .MapGet("picture", PictureAsync)
            .WithSummary("The picture as JPEG; ?small=true for lists.")
            .Produces<byte[]>(StatusCodes.Status200OK, "image/jpeg");
        group
            .MapDelete("", RemoveAsync)
            .WithSummary("Takes a photograph away; an undo brings it back.")
            .Produces(StatusCodes.Status204NoContent);
    }

    private static async Task<IResult> OfWorkingAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        SwatchStore swatches,
        PhotographStore store
    )
    {
        var seat = await workroom.SeatAsync(http);
        var of = await swatches.OfWorkingsAsync(seat, [id], http.RequestAborted);
        return Results.Ok(
            (await store.OfSwatchesAsync(seat, of.Select(s => s.Id), http.RequestAborted)).Select(
                PhotographOut.Of
            )
        );
    }

    private static async Task<IResult> AddAsync(
        HttpContext http,
        Guid id,
        [Microsoft.AspNetCore.Mvc.FromQuery(Name = "id")] Guid photograph,
        CurrentWorkroom workroom,
        PhotographStore store
    )
    {
        if (photograph.Version != 7)
        {
            return Problem.Field("id", new Uuid7Attribute().FormatErrorMessage("id"));
        }
        using var file = new MemoryStream();
        await http.Request.Body.CopyToAsync(file, http.RequestAborted);
        Photograph read;
        await Unpacking.WaitAsync(http.RequestAborted);
        try
        {
            read = await Task.Run(() => Photograph.Read(file.ToArray()), http.RequestAborted);
        }
        catch (FormatException no)
        {
            return Problem.Field("file", no.Message);
        }
        finally
        {
            Unpacking.Release();
        }
        var row = await store.AddAsync(
            await workroom.SeatAsync(http),
            photograph,
            id,
            new Picture(read.Jpeg, read.Small, read.Width, read.Height),
            http.RequestAborted
        );
        return row is null
            ? Problem.NotFound("There is no such swatch.")
            : Versions.Tagged(
                http,
                PhotographOut.Of(row),
                row.Stamp,
                $"/api/photographs/{row.Id}/picture"
            );
    }

    private static async Task<IResult> PictureAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        PhotographStore store,
        bool small = false
    )
    {
        var picture = await store.PictureAsync(
            await workroom.SeatAsync(http),
            id,
            small,
            http.RequestAborted
        );
        if (picture is null)
        {
            return Problem.NotFound(Missing);
        }
        // A picture never changes under its id.
        http.Response.Headers.CacheControl = "private, max-age=31536000, immutable";
        return Results.Bytes(picture, "image/jpeg");
    }

    private static async Task<IResult> RemoveAsync(
        HttpContext http,
        Guid id,
        CurrentWorkroom workroom,
        PhotographStore store
    )
    {
        var removed = await store.RemoveAsync(
            await workroom.SeatAsync(http),
            id,
            null,
            "photograph deleted",
            http.RequestAborted
        );
        return Removal.Answer(http, removed, r => r.Stamp, PhotographOut.Of, Missing);
    }
}
