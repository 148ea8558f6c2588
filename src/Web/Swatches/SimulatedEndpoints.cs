using System.Text.Json;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;

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
    [property: System.ComponentModel.DataAnnotations.Range(5.0, 5000.0)] double Flat = 300
);

/// <summary>The simulated bench: for trying the program without thread. What it gives is marked as simulated for good.</summary>
public static class SimulatedEndpoints
{
    public static void MapSimulated(this IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/swatches/simulated", SewAsync)
            .WithTags("Swatches")
            .WithSummary(
                "“Sews” a swatch on a simulated machine that is always the same for a part, and adds it, marked as simulated."
            )
            .Produces<SwatchOut>(StatusCodes.Status201Created)
            .ProducesValidationProblem();

    private static async Task<IResult> SewAsync(
        Here here,
        SimulatedIn swatch,
        WorkingStore workings,
        SwatchStore store
    )
    {
        if (
            await workings.FindAsync(here.Seat, swatch.WorkingId, here.Cancel) is not { } working
            || SwatchWords.Of(working.Technique)?.Teaches.FirstOrDefault(l => l.Predicts)?.Sew
                is not { } sew
        )
        {
            return Problem.Field(
                "workingId",
                "There is no part that a machine could be simulated for."
            );
        }
        List<FieldError> errors = [];
        if (
            SwatchWords.ReadFeatures(swatch.Features, here.Ruler, errors) is not { } features
            || errors.Count > 0
        )
        {
            return Problem.Fields(errors);
        }
        var piece = (await store.OfWorkingsAsync(here.Seat, [working.Id], here.Cancel)).Count;
        var read = sew(
            new SimulatedSwatch(
                new InputReader(AskJson.Read(features), here.Ruler),
                Length.FromMillimetres(swatch.Flat),
                Seed(working.Id),
                piece
            )
        );
        return await SwatchEndpoints.KeepAsync(
            here,
            store,
            swatch.Id,
            working.Id,
            new SwatchParts(
                Settings: swatch.Settings is { } words
                    ? JsonSerializer.SerializeToElement(words)
                    : null,
                Readings: read.ToDictionary(r => r.Key, r => (IReadOnlyList<double>)[r.Value]),
                Features: features,
                Simulated: true
            )
        );
    }

    /// <summary>The same working is always the same machine, whatever runs it.</summary>
    private static int Seed(Guid working)
    {
        var bytes = working.ToByteArray();
        return BitConverter.ToInt32(bytes, 12) ^ BitConverter.ToInt32(bytes, 8);
    }
}
