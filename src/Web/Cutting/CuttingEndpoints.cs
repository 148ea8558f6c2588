using System.Text.Json;
using ZephyrReach.Core;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Measures;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Cutting;

/// <summary>Where a piece lies on the fabric.</summary>
/// <param name="Piece">Which piece of the request, from 0.</param>
/// <param name="Number">Which of those alike, from 1.</param>
/// <param name="On">0 for the bolt, from 1 the remnants.</param>
/// <param name="X">From the left selvedge to its nearest side.</param>
/// <param name="Y">From the cut end to its nearest side.</param>
/// <param name="Turned">Whether its length lies across the fabric.</param>
/// <param name="OnHead">Whether it stands on its head.</param>
/// <param name="Mirrored">Whether it is the mirror image of its outline.</param>
/// <param name="OnFold">Whether its middle lies on the fold.</param>
public sealed record PlacementOut(
    int Piece,
    int Number,
    int On,
    LengthOut X,
    LengthOut Y,
    bool Turned,
    bool OnHead,
    bool Mirrored,
    bool OnFold
);

/// <summary>A rectangle that is left over.</summary>
/// <param name="Width">Opened out, where it lies at the fold.</param>
/// <param name="Count">How many alike: two where the fabric is folded.</param>
public sealed record OffcutOut(
    int On,
    LengthOut X,
    LengthOut Y,
    LengthOut Width,
    LengthOut Length,
    int Count
);

/// <summary>A cut that goes right across what is left.</summary>
/// <param name="Way">across or along.</param>
/// <param name="At">From the cut end where it goes across, else from the left selvedge.</param>
public sealed record CutOut(int On, string Way, LengthOut At, LengthOut From, LengthOut To);

/// <summary>A layout on fabric.</summary>
/// <param name="Used">Of the bolt’s length.</param>
/// <param name="AtLeast">Less than that cannot do.</param>
/// <param name="IsProven">Whether the two are the same.</param>
/// <param name="Left">What is left over, at least 10 × 10 cm, the largest first.</param>
/// <param name="Cuts">In their order, where each goes right across; else left out.</param>
/// <param name="Unmatched">Pieces, from 0, whose pattern does not go on across their joins.</param>
public sealed record LayoutOut(
    IReadOnlyList<PlacementOut> Placements,
    LengthOut Used,
    LengthOut AtLeast,
    bool IsProven,
    IReadOnlyList<OffcutOut> Left,
    IReadOnlyList<CutOut>? Cuts,
    IReadOnlyList<int> Unmatched
)
{
    public static LayoutOut Of(Layout layout, Ruler ruler)
    {
        LengthOut Mark(Length length) => LengthOut.Of(length, LengthKind.Marked, ruler);
        return new(
            [
                .. layout.Placements.Select(p => new PlacementOut(
                    p.Piece,
                    p.Number,
                    p.On,
                    Mark(p.X),
                    Mark(p.Y),
                    p.IsTurned,
                    p.IsHalfTurned,
                    p.IsMirrored,
                    p.IsOnFold
                )),
            ],
            LengthOut.Of(layout.Used, LengthKind.Cut, ruler),
            LengthOut.Of(layout.AtLeast, LengthKind.Cut, ruler),
            layout.IsProven,
            [
                .. layout.Left.Select(l => new OffcutOut(
                    l.On,
                    Mark(l.X),
                    Mark(l.Y),
                    Mark(l.OpenWidth),
                    Mark(l.Long),
                    l.Count
                )),
            ],
            layout
                .Cuts?.Select(c => new CutOut(
                    c.On,
                    c.IsAcross ? "across" : "along",
                    Mark(c.At),
                    Mark(c.From),
                    Mark(c.To)
                ))
                .ToList(),
            layout.Unmatched
        );
    }
}

/// <summary>Layouts on fabric.</summary>
public static class CuttingEndpoints
{
    /// <summary>What is heavy waits for its turn; the first layout does not.</summary>
    private const double LightSeconds = 0.2;

    public static void MapCutting(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost("/api/cutting", LayAsync)
            .DisableValidation()
            .WithTags("Cutting")
            .WithSummary(
                "Lays pieces on a fabric and its remnants: { fabric: { width, length, oneWay, repeatAlong, repeatAcross, double }, remnants: [{ width, length }], pieces: [{ name, count, width, length, grain, outline, mirrored, bias, join }], between, edgeToEdge, biasFromLeft, seconds }. Says how much is used, and that less cannot do."
            )
            .Accepts<JsonElement>("application/json")
            .Produces<LayoutOut>()
            .ProducesValidationProblem();
    }

    private static async Task<IResult> LayAsync(Here here)
    {
        var json = await AskJson.ReadBodyAsync(here.Http.Request);
        var said = new InputReader(AskJson.Read(json), here.Ruler);
        if (CuttingInputs.Read(said) is not { } asked)
        {
            return Problem.Fields(said.Errors);
        }
        if (Lay(asked.Task, asked.Seconds, asked.FromLeft, here.Cancel) is not { } layout)
        {
            return Problem.Field(
                CuttingInputs.FromLeftField.Name,
                "What is left over is not enough for the strips on the bias."
            );
        }
        return Results.Json(LayoutOut.Of(layout, here.Ruler), CraftJson.For(here.Ruler));
    }

    /// <summary>Lays out within the seconds, beside at most one other that takes long; null where what is left is not enough for strips.</summary>
    /// <param name="fromLeft">Whether strips on the bias are cut from what is left.</param>
    public static Layout? Lay(
        CuttingTask task,
        double seconds,
        bool fromLeft,
        CancellationToken cancel
    )
    {
        if (seconds > LightSeconds)
        {
            Budget.Spend(Budget.Light + 1);
        }
        using var stop = CancellationTokenSource.CreateLinkedTokenSource(cancel);
        stop.CancelAfter(TimeSpan.FromSeconds(Math.Max(1, seconds)));
        var layout = fromLeft
            ? BiasFromLeft.Lay(task, seconds, stop.Token)
            : CuttingTable.Lay(task, seconds, stop.Token);
        cancel.ThrowIfCancellationRequested();
        return layout;
    }
}
