using System.Text.Json;
using ZephyrReach.Core;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Reckon;

/// <summary>The pure routes: the same ask gives the same answer, and nothing is stored.</summary>
public static class ReckonEndpoints
{
    public static void MapReckoning(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api").DisableValidation();
        group
            .MapPost(
                "reckon/{technique}",
                (Here here, string technique) =>
                    AnswerAsync(
                        here,
                        Core.Craft.Techniques.WorkingOf(technique)?.Forward
                            ?? Questions.Named(technique)
                    )
            )
            .ExcludeFromDescription();
        group
            .MapPost(
                "reckon/{technique}/{form}",
                (Here here, string technique, string form) =>
                    AnswerAsync(
                        here,
                        Core.Craft.Techniques.WorkingOf(technique)?.CalculationNamed(form)
                    )
            )
            .ExcludeFromDescription();
        group
            .MapPost(
                "compare/{technique}",
                (Here here, string technique) =>
                    CompareAsync(here, Core.Craft.Techniques.WorkingOf(technique))
            )
            .WithTags("Reckoning")
            .WithSummary("A later plan against what was cut by an earlier one: { then, now }.")
            .Accepts<JsonElement>("application/json")
            .ProducesProblem(StatusCodes.Status400BadRequest);
    }

    /// <summary>Answers a form.</summary>
    /// <param name="also">Adds to the ask what is not typed; null adds nothing.</param>
    internal static async Task<IResult> AnswerAsync(
        Here here,
        Calculation? form,
        Func<RawInputs, Task<RawInputs>>? also = null
    )
    {
        if (form is null)
        {
            return Problem.NotFound("There is no such technique, or it has no such form.");
        }
        var with = AnswerJson.WithOf(here.Http.Request);
        var ask = await AskJson.ReadAskAsync(here.Http.Request);
        if (also is not null)
        {
            ask = await also(ask);
        }
        IReadOnlyList<FieldError> errors;
        try
        {
            var outcome = form.Compute(ask, here.Ruler);
            if (outcome.Answer is { } answer)
            {
                return AnswerJson.Result(new Reckoned(answer, form, ask, here.Ruler, with));
            }
            errors = outcome.Errors;
        }
        catch (TooMuchException)
        {
            errors = form.TooMuch(ask);
        }
        return Problem.Fields(
            errors,
            with.HasFlag(With.Understood) ? AnswerJson.Understood(form, ask, here.Ruler) : null
        );
    }

    /// <summary>Holds the ask <c>now</c> against <c>then</c>.</summary>
    /// <param name="also">Adds to the ask now what is not typed; null adds nothing.</param>
    internal static async Task<IResult> CompareAsync(
        Here here,
        Process? working,
        Func<RawInputs, Ruler, Task<RawInputs>>? also = null
    )
    {
        if (working is null)
        {
            return Problem.NotFound("There is no such technique.");
        }
        var body = await AskJson.ReadBodyAsync(here.Http.Request);
        if (AskAt(body, "then") is not { } before)
        {
            return Problem.Field("then", "then and now both must be asks.");
        }
        if (AskAt(body, "now") is not { } after)
        {
            return Problem.Field("now", "then and now both must be asks.");
        }
        var ruler = Core.Project.ProjectPlan.AsCut(before, here.Ruler);
        var then = new InputReader(before, ruler);
        var now = new InputReader(also is null ? after : await also(after, ruler), ruler);
        return working.CompareAsks(then, now) is { } comparison
            ? Results.Json(comparison, CraftJson.For(here.Ruler))
            : Problem.Fields([.. then.Errors, .. now.Errors]);
    }

    private static RawInputs? AskAt(JsonElement body, string name) =>
        body.TryGetProperty(name, out var ask) && ask.ValueKind == JsonValueKind.Object
            ? AskJson.Read(ask)
            : null;
}
