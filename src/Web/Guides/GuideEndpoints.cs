using System.Text;
using System.Text.Json;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Files;
using ZephyrReach.Store;
using ZephyrReach.Web.Planning;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Guides;

/// <summary>What is marked on the cloth, on paper at true size: as PDF on sheets, or as SVG in one piece.</summary>
public static class GuideEndpoints
{
    private static readonly Paper[] Papers = [Paper.A4, Paper.Letter];

    public static void MapGuides(this IEndpointRouteBuilder routes)
    {
        var group = routes
            .MapGroup("/api")
            .DisableValidation()
            .WithTags("Guides")
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        group
            .MapPost("guides/{technique}", OfAskAsync)
            .WithSummary(
                "The guide for an ask: ?as=pdf|svg, and for a PDF ?paper=a4|letter; ?as=lines for its lines alone."
            )
            .Accepts<JsonElement>("application/json")
            .Produces<byte[]>(StatusCodes.Status200OK, "application/pdf", "image/svg+xml");
        group
            .MapGet("workings/{id:guid}/guide", OfWorkingAsync)
            .WithSummary(
                "The guide of a part as it now is, with its swatches and what was measured on the way."
            )
            .Produces<byte[]>(StatusCodes.Status200OK, "application/pdf", "image/svg+xml");
    }

    private static async Task<IResult> OfAskAsync(
        Here here,
        string technique,
        string? paper,
        string? @as
    ) =>
        Core.Craft.Techniques.Named(technique) is { Process: { } working } known
            ? Write(
                here,
                working,
                await AskJson.ReadAskAsync(here.Http.Request),
                known.Short,
                paper,
                @as
            )
            : Problem.NotFound("There is no such technique.");

    private static async Task<IResult> OfWorkingAsync(
        Here here,
        Guid id,
        WorkingStore workings,
        ProjectLoader plans,
        string? paper,
        string? @as
    ) =>
        await workings.FindAsync(here.Seat, id, here.Cancel) is { } row
        && Core.Craft.Techniques.WorkingOf(row.Technique) is { } working
            ? Write(
                here,
                working,
                await plans.CompleteAsync(
                    here.Seat,
                    row,
                    AskJson.Read(row.Ask),
                    here.Ruler,
                    here.Cancel
                ),
                row.Name,
                paper,
                @as
            )
            : Problem.NotFound("There is no such part.");

    private static IResult Write(
        Here here,
        Process working,
        RawInputs ask,
        string name,
        string? paper,
        string? format
    )
    {
        var outcome = working.Forward.Compute(ask, here.Ruler);
        if (outcome.Answer is not WorkPlan plan)
        {
            return Problem.Fields(outcome.Errors);
        }
        if (plan.Guide is not { } guide)
        {
            return Problem.NotFound("Nothing is marked on the fabric for this technique.");
        }
        return format switch
        {
            "lines" when plan.Traces.Count == 0 => Problem.NotFound(
                "There is no line to take out."
            ),
            "lines" => Results.Bytes(
                Encoding.UTF8.GetBytes(SvgLines.Write(plan.Traces, name)),
                "image/svg+xml",
                $"{FileNameOf(name)}.svg"
            ),
            null or "svg" or "pdf" => Write(here, guide, name, paper, format),
            _ => Problem.Field("as", "as must be “pdf”, “svg” or “lines”."),
        };
    }

    /// <summary>A guide on paper at true size: as PDF on sheets, or as SVG in one piece.</summary>
    /// <param name="paper">a4 or letter; null for the first.</param>
    /// <param name="format">pdf or svg; null for the first.</param>
    internal static IResult Write(
        Here here,
        Guide guide,
        string name,
        string? paper,
        string? format
    )
    {
        if (Papers.FirstOrDefault(p => p.Name == (paper ?? Paper.A4.Name)) is not { } on)
        {
            return Problem.Field("paper", "paper must be “a4” or “letter”.");
        }
        switch (format ?? "pdf")
        {
            case "svg":
                return Results.Bytes(
                    Encoding.UTF8.GetBytes(GuideSvg.Write(guide, name)),
                    "image/svg+xml",
                    $"{FileNameOf(name)}.svg"
                );
            case "pdf" when GuidePdf.SheetsOf(guide, on) is var sheets and > GuidePdf.MostSheets:
                return Problem.Field(
                    "paper",
                    $"That would take {sheets} sheets of {on.Name}: mark it with a tape, or take the SVG in one piece."
                );
            case "pdf":
                return Results.Bytes(
                    GuidePdf.Write(guide, on, new GuideSheet(name, here.Ruler)),
                    "application/pdf",
                    $"{FileNameOf(name)}.pdf"
                );
            default:
                return Problem.Field("as", "as must be “pdf” or “svg”.");
        }
    }

    /// <summary>A name as a file may have it everywhere.</summary>
    private static string FileNameOf(string name) =>
        string.Concat(name.Select(c => char.IsLetterOrDigit(c) ? c : '-')).Trim('-')
            is { Length: > 0 } safe
            ? safe[..Math.Min(60, safe.Length)]
            : "guide";
}
