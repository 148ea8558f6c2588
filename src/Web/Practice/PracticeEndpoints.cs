using System.Text.Json;
using ZephyrReach.Core.Practice;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Practice;

/// <summary>An exercise on the simulated machine.</summary>
/// <param name="Of">line, area, timing, edge, corner or pull.</param>
/// <param name="Lines">On the cloth, as path data in mm.</param>
/// <param name="Stitch">The stitch to aim at, in mm.</param>
/// <param name="Machine">A speed to begin with, stitches a minute.</param>
/// <param name="ByKeys">Whether keys alone do it.</param>
public sealed record ExerciseOut(
    string Name,
    string Title,
    string Says,
    string Of,
    IReadOnlyList<string> Lines,
    double Stitch,
    double Machine,
    bool ByKeys
)
{
    public static ExerciseOut From(Exercise e) =>
        new(
            e.Name,
            e.Title,
            e.Says,
            e.Of.ToString().ToLowerInvariant(),
            [.. e.Lines.Select(l => l.Data)],
            e.Stitch,
            e.Machine,
            e.ByKeys
        );
}

/// <summary>What is practised, on a cloth so wide and so high in mm.</summary>
public sealed record ExercisesOut(double Wide, double High, IReadOnlyList<ExerciseOut> Exercises);

/// <summary>A try, as its stitches fell.</summary>
/// <param name="Stitches">Each as [x, y, seconds]: mm on the cloth, and when.</param>
public sealed record TryIn(string Exercise, IReadOnlyList<IReadOnlyList<double>> Stitches);

/// <summary>A try that is kept.</summary>
/// <param name="Id">A UUID of version 7, made by the client.</param>
public sealed record TryKeptIn(
    [property: Uuid7] Guid Id,
    string Exercise,
    IReadOnlyList<IReadOnlyList<double>> Stitches
);

/// <summary>A kept try.</summary>
public sealed record TryOut(Guid Id, string Exercise, Score Score, DateTimeOffset At)
{
    public static TryOut Of(PracticeRow row) =>
        OfAny(row)
        ?? throw new InvalidOperationException("The measurements of a try are its score.");

    /// <summary>The same of one that may come from elsewhere; null where its figures are no score.</summary>
    public static TryOut? OfAny(PracticeRow row)
    {
        try
        {
            return row.Figures.Deserialize<Score>(JsonSerializerOptions.Web) is { } score
                ? new(row.Id, row.Exercise, score, row.Stamp.CreatedAt)
                : null;
        }
        catch (JsonException)
        {
            return null;
        }
    }
}

/// <summary>What was practised, the newest first, and the pace that hands keep by it.</summary>
/// <param name="Pace">Null while no try is even.</param>
public sealed record PracticeOut(IReadOnlyList<TryOut> Tries, KeptPace? Pace);

/// <summary>Practice on the simulated machine: exercises, their scores, and what was kept of them.</summary>
public static class PracticeEndpoints
{
    private static readonly Records<PracticeRow> Tries = new(
        "There is no such try.",
        (row, _) => TryOut.Of(row)
    );

    public static void MapPractice(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api").WithTags("Practice").ProducesValidationProblem();
        group
            .MapGet(
                "practice/exercises",
                () =>
                    new ExercisesOut(
                        Exercise.Wide,
                        Exercise.High,
                        [.. Exercise.All.Select(ExerciseOut.From)]
                    )
            )
            .WithSummary("What is practised, in its order.");
        group
            .MapPost(
                "practice/score",
                (TryIn tried) =>
                    Read(tried.Exercise, tried.Stitches, out var score) is { } wrong
                        ? wrong
                        : Results.Ok(score)
            )
            .WithSummary("What a try comes to, with one thing to try next; nothing is kept.")
            .Produces<Score>();
        group
            .MapGet(
                "practice",
                async (Here here, PracticeStore store) =>
                {
                    var tries = (await store.NewestAsync(here.Seat, here.Cancel))
                        .Select(TryOut.OfAny)
                        .OfType<TryOut>()
                        .ToList();
                    return new PracticeOut(
                        tries,
                        KeptPace.Of(
                            tries
                                .Where(t =>
                                    Exercise.Named(t.Exercise)?.Of
                                        is Practised.Line
                                            or Practised.Area
                                )
                                .Select(t => (t.Score.Hand, t.Score.Machine, t.Score.Spread))
                        )
                    );
                }
            )
            .WithSummary("What was practised, the newest first, and the pace that hands keep.");
        group
            .MapPost(
                "practice",
                async (Here here, TryKeptIn tried, PracticeStore store) =>
                    Read(tried.Exercise, tried.Stitches, out var score) is { } wrong
                        ? wrong
                        : Tries.Added(
                            here,
                            await store.AddAsync(
                                here.Seat,
                                tried.Id,
                                tried.Exercise,
                                JsonSerializer.SerializeToElement(score, JsonSerializerOptions.Web),
                                null,
                                here.Cancel
                            ),
                            row => $"/api/practice/{row.Id}",
                            () => Problem.Conflict("That id is in use for something else.")
                        )
            )
            .WithSummary("Scores a try and keeps its measurements.")
            .Produces<TryOut>(StatusCodes.Status201Created);
        Tries.MapRemove<PracticeStore>(
            group,
            "practice/{id:guid}",
            "a try taken away",
            "Takes a try away."
        );
    }

    /// <summary>Scores a try; what is wrong with it, where it cannot be.</summary>
    private static IResult? Read(
        string? exercise,
        IReadOnlyList<IReadOnlyList<double>>? stitches,
        out Score? score
    )
    {
        score = null;
        if (Exercise.Named(exercise ?? "") is not { } known)
        {
            return Problem.Field(
                "exercise",
                $"exercise must be one of {string.Join(", ", Exercise.All.Select(e => e.Name))}."
            );
        }
        if (stitches is null)
        {
            return Problem.Field("stitches", "stitches is missing: each as [x, y, seconds].");
        }
        if (stitches.Count > Score.Most)
        {
            return Problem.Field("stitches", $"At most {Score.Most} stitches are looked at.");
        }
        if (
            stitches.Any(s =>
                s is not { Count: 3 } || s.Any(f => !double.IsFinite(f) || Math.Abs(f) > 1e5)
            )
        )
        {
            return Problem.Field(
                "stitches",
                "Each stitch must be [x, y, seconds], with x and y in mm on the fabric."
            );
        }
        score = Score.Of(known, [.. stitches.Select(s => new Fallen(s[0], s[1], s[2]))]);
        return score is null
            ? Problem.Field(
                "stitches",
                $"{Score.Least} stitches or more one after another say something; sew a little longer."
            )
            : null;
    }
}
