using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using ZephyrReach.Files;
using ZephyrReach.Web.Measures;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Lines;

/// <summary>Lines that were read from a file.</summary>
/// <param name="Data">As path data in mm, as an ask takes it.</param>
/// <param name="Count">How many lines there are.</param>
public sealed record LinesOut(string Data, int Count, LengthOut Width, LengthOut Height);

/// <summary>Lines and outlines from SVG files.</summary>
public static class LineEndpoints
{
    public static void MapLines(this IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/lines/svg", ReadAsync)
            .DisableValidation()
            .WithTags("Lines")
            .WithSummary(
                "Reads the lines of an SVG file to 1 MB: paths, basic shapes, groups, transforms, units. ?width and ?height scale it, ?outlines asks that all are closed."
            )
            .Accepts<byte[]>("image/svg+xml")
            .Produces<LinesOut>()
            .ProducesValidationProblem();

    private static async Task<IResult> ReadAsync(
        Here here,
        string? width,
        string? height,
        bool outlines = false
    )
    {
        Length? wide = null;
        Length? high = null;
        foreach (var (name, text) in new[] { ("width", width), ("height", height) })
        {
            if (string.IsNullOrWhiteSpace(text))
            {
                continue;
            }
            var reading = LengthReader.Read(text, here.Ruler.Units);
            if (!reading.IsRead || !(reading.Length.Millimetres is >= 2 and <= 10_000))
            {
                return Problem.Field(name, reading.Error ?? "It must be between 2 mm and 10 m.");
            }
            if (name == "width")
            {
                wide = reading.Length;
            }
            else
            {
                high = reading.Length;
            }
        }
        using var file = new MemoryStream();
        await here.Http.Request.Body.CopyToAsync(file, here.Cancel);
        file.Position = 0;
        var read = SvgLines.Read(file, wide, high, outlines);
        if (read.Wrong.Length > 0)
        {
            return Problem.Field("file", read.Wrong);
        }
        var data = string.Concat(read.Lines.Select(l => l.Data));
        if (data.Length > PathDataField.MostLetters)
        {
            return Problem.Field(
                "file",
                "Its lines have too many points to be kept: simplify it where it was drawn."
            );
        }
        var reach = NamedShape.BoundsOf(read.Lines);
        return Results.Ok(
            new LinesOut(
                data,
                read.Lines.Count,
                LengthOut.Of(reach.Width, LengthKind.Marked, here.Ruler),
                LengthOut.Of(reach.Height, LengthKind.Marked, here.Ruler)
            )
        );
    }
}
