using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Measures;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Reckon;

/// <summary>Reads one length, for a field that is being typed in.</summary>
public static class LengthEndpoints
{
    public static void MapLengths(this IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/lengths", Read)
            .WithTags("Measures")
            .WithSummary(
                "What a text means as a length, nudged by marking steps; fine=true for dial measurements."
            )
            .Produces<LengthOut>()
            .ProducesValidationProblem();

    private static IResult Read(Here here, string text, int nudge = 0, bool fine = false)
    {
        var ruler = here.Ruler;
        var reading = fine ? LengthReader.ReadFine(text) : LengthReader.Read(text, ruler.Units);
        if (!reading.IsRead)
        {
            return Problem.Field("text", reading.Error!);
        }
        var (step, kind) = fine
            ? (Length.FromMillimetres(0.1), LengthKind.Fine)
            : (ruler.Marking, LengthKind.Marked);
        // A nudge lands on whole steps, so that 36.03 goes to 36.5 and not to 36.53.
        var nudged =
            nudge == 0
                ? reading.Length
                : Length.Max(Length.Zero, Rounding.Nearest(reading.Length, step) + step * nudge);
        return Results.Ok(LengthOut.Of(nudged, kind, ruler));
    }
}
