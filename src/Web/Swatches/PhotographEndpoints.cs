using System.Buffers;
using ZephyrReach.Files;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

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
    private static readonly Records<PhotographRow> Photographs = new(
        "There is no such photograph.",
        (row, _) => PhotographOut.Of(row)
    );

    private static readonly string[] Types = ["image/jpeg", "image/png", "image/webp"];

    /// <summary>A file takes memory, so few are admitted at a time, before anything of them is read.</summary>
    private static readonly SemaphoreSlim Admitted = new(2);

    /// <summary>Unpacking takes far more, so one picture is unpacked at a time.</summary>
    private static readonly SemaphoreSlim Unpacking = new(1);

    public static void MapPhotographs(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/workings/{id:guid}/photographs", OfWorkingAsync)
            .WithTags("Photographs")
            .WithSummary("The photographs of a part's swatches, in the order they were added.")
            .Produces<IReadOnlyList<PhotographOut>>();
        routes
            .MapPost("/api/swatches/{id:guid}/photographs", AddAsync)
            .WithTags("Photographs")
            .WithSummary(
                "Adds a photograph: JPEG, PNG or WebP to 15 MB. It is turned upright, brought to 2000 px, and place and device are not used."
            )
            .Accepts<byte[]>("image/jpeg", "image/png", "image/webp")
            .Produces<PhotographOut>(StatusCodes.Status201Created)
            .ProducesValidationProblem();
        var group = routes.MapGroup("/api/photographs/{id:guid}").WithTags("Photographs");
        group
            .MapGet("picture", PictureAsync)
            .WithSummary("The picture as JPEG; ?small=true for lists.")
            .Produces<byte[]>(StatusCodes.Status200OK, "image/jpeg");
        Photographs.MapRemove<PhotographStore>(
            group,
            "",
            "photograph deleted",
            "Takes a photograph away; an undo brings it back."
        );
    }

    private static async Task<IResult> OfWorkingAsync(
        Here here,
        Guid id,
        SwatchStore swatches,
        PhotographStore store
    )
    {
        var of = await swatches.OfWorkingsAsync(here.Seat, [id], here.Cancel);
        return Results.Ok(
            (await store.OfSwatchesAsync(here.Seat, of.Select(s => s.Id), here.Cancel)).Select(
                PhotographOut.Of
            )
        );
    }

    private static async Task<IResult> AddAsync(
        Here here,
        Guid id,
        [Microsoft.AspNetCore.Mvc.FromQuery(Name = "id")] Guid photograph,
        SwatchStore swatches,
        PhotographStore store
    )
    {
        if (photograph.Version != 7)
        {
            return Problem.Field("id", new Uuid7Attribute().FormatErrorMessage("id"));
        }
        var request = here.Http.Request;
        if (!Types.Contains(request.ContentType?.Split(';')[0].Trim().ToLowerInvariant()))
        {
            return Results.Problem(
                title: $"A photograph has to come as {string.Join(", ", Types)}.",
                statusCode: StatusCodes.Status415UnsupportedMediaType
            );
        }
        if (request.ContentLength is not { } length)
        {
            return Results.Problem(
                title: "A photograph has to say how long it is, with Content-Length.",
                statusCode: StatusCodes.Status411LengthRequired
            );
        }
        if (await swatches.FindAsync(here.Seat, id, here.Cancel) is null)
        {
            return Problem.NotFound("There is no such swatch.");
        }
        Photograph read;
        await Admitted.WaitAsync(here.Cancel);
        try
        {
            here.Http.RefuseSlowBody();
            // One that is used again: two hundred of them would be three gigabytes before anything is cleared away.
            var buffer = ArrayPool<byte>.Shared.Rent((int)length);
            try
            {
                var file = new ArraySegment<byte>(buffer, 0, (int)length);
                await request.Body.ReadExactlyAsync(file.AsMemory(), here.Cancel);
                await Unpacking.WaitAsync(here.Cancel);
                try
                {
                    read = await Task.Run(() => Photograph.Read(file), here.Cancel);
                }
                finally
                {
                    Unpacking.Release();
                }
            }
            finally
            {
                ArrayPool<byte>.Shared.Return(buffer);
            }
        }
        catch (FormatException no)
        {
            return Problem.Field("file", no.Message);
        }
        finally
        {
            Admitted.Release();
        }
        return Photographs.Added(
            here,
            await store.AddAsync(
                here.Seat,
                photograph,
                id,
                new Picture(read.Jpeg, read.Small, read.Width, read.Height),
                here.Cancel
            ),
            row => $"/api/photographs/{row.Id}/picture",
            () =>
                Problem.Conflict(
                    "Another picture was kept under this id before; send it under a new one."
                )
        );
    }

    private static async Task<IResult> PictureAsync(
        Here here,
        Guid id,
        PhotographStore store,
        bool small = false
    )
    {
        if (await store.PictureAsync(here.Seat, id, small, here.Cancel) is not { } picture)
        {
            return Photographs.Found(here, null);
        }
        // A picture never changes under its id.
        here.Http.Response.Headers.CacheControl = "private, max-age=31536000, immutable";
        return Results.Bytes(picture, "image/jpeg");
    }
}
