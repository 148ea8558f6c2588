using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.PullUp;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Workrooms;

namespace ZephyrReach.Web.Swatches;

/// <summary>A swatch to “sew” on the simulated bench.</summary>
/// <param name="Id">A UUID of version 7, made by the client.</param>
/// <param name="Features">The settings, as figures.</param>
/// <param name="Flat">Between the marks before sewing; 30 cm where it is not said.</param>
public sealed record SimulatedIn(
    [property: Uuid7] Guid Id,
    Guid WorkingId,
    JsonElement Features,
    [property: System.ComponentModel.DataAnnotations.MaxLength(60)]
        Dictionary<string, string>? Settings,
    [property: System.ComponentModel.DataAnnotations.Range(50.0, 5000.0)] double Flat = 300
);

/// <summary>The simulated bench: for trying the program without thread. What it gives is marked as simulated for good.</summary>
public static class SimulatedEndpoints
{
    public static void MapSimulated(this IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/swatches/simulated", SewAsync)
            .WithTags("Swatches")
            .WithSummary(
                "“Sews” a swatch on a simulated machine that is always the same for a working, and adds it, marked as simulated."
            )
            .Produces<SwatchOut>(StatusCodes.Status201Created)
            .ProducesValidationProblem();

    private static async Task<IResult> SewAsync(
        HttpContext http,
        SimulatedIn swatch,
        CurrentWorkroom workroom,
        WorkingStore workings,
        SwatchStore store
    )
    {
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        var seat = await workroom.SeatAsync(http);
        var cancel = http.RequestAborted;
        if (
            await workings.FindAsync(seat, swatch.WorkingId, cancel) is not { } working
            || Core.Craft.Techniques.Named(working.Technique)?.Family is not { } family
        )
        {
            return Problem.Field("workingId", "There is no working of a machine-made fullness.");
        }
        var (features, errors) = SwatchFeatures.Read(swatch.Features, ruler);
        if (features is not { } kept)
        {
            return Problem.Fields(errors);
        }
        var bench = SimulatedBench.Of(family, Seed(working.Id));
        var piece = (await store.OfWorkingsAsync(seat, [working.Id], cancel)).Count;
        var settings = PullUpFields.Planned(new AskReader(AskJson.Read(kept), ruler), family) with
        {
            Steamed = false,
        };
        var flat = Length.FromMillimetres(swatch.Flat);
        var row = await store.AddAsync(
            seat,
            swatch.Id,
            working.Id,
            new SwatchParts(
                Settings: swatch.Settings is { } words
                    ? JsonSerializer.SerializeToElement(words)
                    : null,
                Flat: [flat],
                Gathered: [bench.Sew(settings, flat, piece, ruler.Marking)],
                Steamed: family.Knobs.HasFlag(Knobs.Steam)
                    ? [bench.Sew(settings with { Steamed = true }, flat, piece, ruler.Marking)]
                    : null,
                Features: kept,
                Simulated: true
            ),
            cancel
        );
        return row is null
            ? Problem.Field("workingId", "There is no such working.")
            : Versions.Tagged(http, SwatchOut.Of(row, ruler), row.Stamp, $"/api/swatches/{row.Id}");
    }

    /// <summary>The same working is always the same machine, whatever runs it.</summary>
    private static int Seed(Guid working)
    {
        var bytes = working.ToByteArray();
        return BitConverter.ToInt32(bytes, 12) ^ BitConverter.ToInt32(bytes, 8);
    }
}
