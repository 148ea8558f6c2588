using System.Text.Json;
using ZephyrReach.Core.Faults;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Project;
using ZephyrReach.Store;
using ZephyrReach.Web.Planning;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Faults;

/// <summary>The fault finder: what can be seen, what may be behind it, and what to try.</summary>
public static class FaultEndpoints
{
    /// <summary>After so many days a cure counts for half.</summary>
    private const double Halved = 730;

    public static void MapFaults(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api").WithTags("Faults").DisableValidation();
        group
            .MapGet(
                "faults/symptoms",
                (Here here, string? technique = null) =>
                    FaultBook
                        .MetWith(technique is { Length: > 0 } ? CardOf(technique) : null)
                        .Select(s => SymptomOut.Of(s, here.Ruler))
            )
            .WithSummary(
                "What can be seen to be wrong, each with its drawing; ?technique takes what can be met with it."
            );
        group
            .MapPost("faults", Find)
            .WithSummary(
                "What may be behind symptoms, and the one thing to try next: { symptoms: [..], setUp: {..}, tried: [{ try, result: gone|better|same|worse }] }. Nothing is kept."
            )
            .Accepts<JsonElement>("application/json")
            .Produces<FoundOut>()
            .ProducesValidationProblem();
        group
            .MapPost("workings/{id:guid}/faults", FindForPartAsync)
            .WithSummary(
                "The same for a part: with what its plan and the chosen supplies say, and with what cured on its machine before."
            )
            .Accepts<JsonElement>("application/json")
            .Produces<FoundOut>()
            .ProducesValidationProblem();
    }

    /// <summary>A card by its own name, or by that of its technique.</summary>
    private static string CardOf(string technique) =>
        Core.Craft.Techniques.Named(technique)?.CardOf(RawInputs.Empty).Name ?? technique;

    private static async Task<IResult> Find(Here here)
    {
        var said = new InputReader(
            AskJson.Read(await AskJson.ReadBodyAsync(here.Http.Request)),
            here.Ruler
        );
        return FaultInputs.Read(said) is { } asked
            ? Results.Ok(
                FoundOut.Of(FaultFinder.Find(asked.Symptoms, asked.SetUp, asked.Tried), asked.Tried)
            )
            : Problem.Fields(said.Errors);
    }

    private static async Task<IResult> FindForPartAsync(
        Here here,
        Guid id,
        WorkingStore workings,
        ThingStore things,
        ProjectLoader plans
    )
    {
        if (await workings.FindAsync(here.Seat, id, here.Cancel) is not { } row)
        {
            return Problem.NotFound("There is no such part.");
        }
        var body = AskJson.Read(await AskJson.ReadBodyAsync(here.Http.Request));
        var said = new InputReader(body, here.Ruler);
        if (FaultInputs.Read(said) is not { } asked)
        {
            return Problem.Fields(said.Errors);
        }
        var part = Planned.Of(row);
        var used = await things.SomeAsync(here.Seat, part.Uses.Values.ToHashSet(), here.Cancel);
        var setUp = PartSetUp.Of(
            part,
            await plans.CompleteAsync(
                here.Seat,
                row,
                AskJson.Read(row.Ask),
                here.Ruler,
                here.Cancel
            ),
            kind =>
                part.Used(kind) is { } thing && used.TryGetValue(thing, out var is_)
                    ? Planned.Of(is_)
                    : null,
            body.TryGet(SetUp.Group.Name, out var more) && more.Group is { } group
                ? group
                : RawInputs.Empty,
            here.Ruler
        );
        var cured = CuredOn(
            part.Used("machine"),
            await workings.CuredAsync(here.Seat, here.Cancel),
            DateOnly.FromDateTime(DateTime.UtcNow)
        );
        return Results.Ok(
            FoundOut.Of(FaultFinder.Find(asked.Symptoms, setUp, asked.Tried, cured), asked.Tried)
        );
    }

    /// <summary>How often each cause was what was cured on a machine; what is older counts for less.</summary>
    private static Dictionary<string, double> CuredOn(
        Guid? machine,
        IEnumerable<WorkingRow> rows,
        DateOnly today
    ) =>
        rows.SelectMany(r => CuredIn(r.Progress))
            .Where(c => c.Machine == machine)
            .SelectMany(c =>
                c.Causes.Select(cause =>
                    (
                        cause.Key,
                        Count: cause.Value
                            * Math.Pow(0.5, Math.Max(0, today.DayNumber - c.On.DayNumber) / Halved)
                    )
                )
            )
            .GroupBy(c => c.Key)
            .ToDictionary(g => g.Key, g => g.Sum(c => c.Count));

    /// <summary>What was cured in a part; nothing where what is kept cannot be read.</summary>
    private static IEnumerable<Cured> CuredIn(JsonElement progress)
    {
        try
        {
            return progress.TryGetProperty("cured", out var cured)
                ? cured.Deserialize<List<Cured>>(JsonSerializerOptions.Web) ?? []
                : [];
        }
        catch (JsonException)
        {
            return [];
        }
    }
}
