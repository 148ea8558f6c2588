using System.Text.Json;
using Microsoft.AspNetCore.Mvc;
using ZephyrReach.Core.Photographs;
using ZephyrReach.Files;
using ZephyrReach.Store;
using ZephyrReach.Web.Guides;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Photographs;

/// <summary>Measuring in photographs, and the card that gives their scale.</summary>
public static class MeasureEndpoints
{
    /// <summary>Measuring takes a core and some hundred MB, so one picture is measured at a time.</summary>
    private static readonly SemaphoreSlim Measuring = new(1);

    public static void MapMeasuring(this IEndpointRouteBuilder routes)
    {
        var group = routes
            .MapGroup("/api")
            .WithTags("Photographs")
            .DisableValidation()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        group
            .MapPost("photographs/measure", OfFileAsync)
            .DisableAntiforgery()
            .WithSummary(
                "Measures in a picture, as multipart: picture, and ask as JSON: { what: rows|folds|strip|stitches|line, scale: card or { points: [[x, y], [x, y]], length }, part: [[x, y] × 4], lines?: [[[x, y], [x, y]], …] where a hand pulled them } in px. 422 says why it cannot. Nothing is kept."
            )
            .Accepts<IFormFile>("multipart/form-data")
            .Produces<MeasuredOut>();
        group
            .MapPost("photographs/{id:guid}/measure", OfKeptAsync)
            .WithSummary("The same in a photograph that is kept, in its own px.")
            .Produces<MeasuredOut>();
        group
            .MapGet(
                "measuring-card",
                (Here here, string? paper, string? @as) =>
                    GuideEndpoints.Write(here, MeasuringCard.Guide, "measuring card", paper, @as)
            )
            .WithSummary("The card to print: ?as=pdf|svg, and for a PDF ?paper=a4|letter.")
            .Produces<byte[]>(StatusCodes.Status200OK, "application/pdf", "image/svg+xml");
    }

    private static async Task<IResult> OfFileAsync(Here here)
    {
        if (!here.Http.Request.HasFormContentType)
        {
            return Problem.Field(
                "picture",
                "The picture has to come as a form with picture and ask."
            );
        }
        var form = await here.Http.Request.ReadFormAsync(
            new()
            {
                MultipartBodyLengthLimit = Photograph.LargestFile + 65_536,
                ValueLengthLimit = 65_536,
            },
            here.Cancel
        );
        if (form.Files["picture"] is not { Length: > 0 and <= Photograph.LargestFile } picture)
        {
            return Problem.Field("picture", "There is no picture, or it is larger than 15 MB.");
        }
        MeasureAsk? ask;
        try
        {
            ask = JsonSerializer.Deserialize<MeasureAsk>(
                form["ask"].ToString(),
                JsonSerializerOptions.Web
            );
        }
        catch (JsonException)
        {
            ask = null;
        }
        if (ask is null)
        {
            return Problem.Field("ask", "ask must be JSON: { what, scale, part }.");
        }
        var bytes = new byte[picture.Length];
        await using var stream = picture.OpenReadStream();
        await stream.ReadExactlyAsync(bytes, here.Cancel);
        return await MeasureAsync(here, bytes, ask);
    }

    private static async Task<IResult> OfKeptAsync(
        Here here,
        Guid id,
        [FromBody] MeasureAsk ask,
        PhotographStore store
    ) =>
        await store.PictureAsync(here.Seat, id, false, here.Cancel) is { } picture
            ? await MeasureAsync(here, picture, ask)
            : Problem.NotFound("There is no such photograph.");

    private static async Task<IResult> MeasureAsync(Here here, byte[] file, MeasureAsk ask)
    {
        if (ask.Sought is not { } sought)
        {
            return Problem.Field("what", "what must be rows, folds, strip, stitches or line.");
        }
        if (ask.Corners is not { } corners)
        {
            return Problem.Field("part", "part must be four corners, each as [x, y].");
        }
        if (ask.Lines is not null && ask.Pulled is null)
        {
            return Problem.Field("lines", "lines must be lines, each as [[x, y], [x, y]].");
        }
        var two = ask.Two(here.Ruler);
        if (!ask.ByCard && two is null)
        {
            return Problem.Field(
                "scale",
                "scale must be “card”, or { points: [[x, y], [x, y]], length } with the points at least 10 px apart."
            );
        }
        await Measuring.WaitAsync(here.Cancel);
        try
        {
            return await Task.Run(
                () => Measure(here, file, ask.ByCard ? null : two, sought, corners, ask.Pulled),
                here.Cancel
            );
        }
        catch (FormatException no)
        {
            return Problem.Field("picture", no.Message);
        }
        finally
        {
            Measuring.Release();
        }
    }

    private static IResult Measure(
        Here here,
        byte[] file,
        (Place From, Place To, double Mm)? two,
        Sought sought,
        IReadOnlyList<Place> corners,
        IReadOnlyList<Line>? pulled
    )
    {
        var (picture, scale) = Photograph.ReadGrey(file);
        Place Scaled(Place p) => new(p.X * scale, p.Y * scale);
        Plane plane;
        if (two is (var from, var to, var mm))
        {
            plane = Plane.OfTwo(Scaled(from), Scaled(to), mm);
        }
        else if (CardMarks.Find(picture) is { } marks)
        {
            plane = Plane.OfCard(marks);
        }
        else
        {
            return Not("The measuring card is not in the picture, or not all four of its marks.");
        }
        Place[] part = [.. corners.Select(Scaled)];
        var reading = pulled is null
            ? PhotoMeasure.Of(picture, plane, sought, part)
            : ByHand.Of(
                plane,
                [.. pulled.Select(l => new Line(Scaled(l.From), Scaled(l.To)))],
                part
            );
        return reading.Is is { } measured
            ? Results.Ok(MeasuredOut.Of(measured, scale, plane.IsRectified, here.Ruler))
            : Not(reading.Wrong!);
    }

    private static IResult Not(string why) =>
        Results.Problem(title: why, statusCode: StatusCodes.Status422UnprocessableEntity);
}
