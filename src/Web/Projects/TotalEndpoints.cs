using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Project;
using ZephyrReach.Store;
using ZephyrReach.Web.Measures;
using ZephyrReach.Web.Planning;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Projects;

/// <summary>What a project takes of one thing.</summary>
/// <param name="Thing">The thing in the drawer; null where none was chosen.</param>
/// <param name="Needed">In all.</param>
/// <param name="Still">Of that, what is not cut or used up yet.</param>
/// <param name="Left">What is on the shelf; null where that is not known.</param>
/// <param name="Buy">What is missing, as it is sold; empty where nothing is.</param>
/// <param name="For">The workings that take it.</param>
public sealed record TotalOut(
    string Kind,
    Guid? Thing,
    string Name,
    LengthOut Needed,
    LengthOut Still,
    LengthOut? Left,
    string Buy,
    IReadOnlyList<string> For
);

/// <summary>What all of a project takes together.</summary>
/// <param name="By">The day it is wanted by.</param>
/// <param name="Unsaid">Workings that cannot be reckoned yet, and so are not in it.</param>
public sealed record ProjectTotal(
    DateOnly? By,
    IReadOnlyList<TotalOut> Lines,
    IReadOnlyList<string> Unsaid
);

/// <summary>One of several ways of doing a piece.</summary>
/// <param name="Cloth">What is cut for it; null while it cannot be reckoned.</param>
/// <param name="Minutes">About how long it takes; null while it cannot be reckoned.</param>
/// <param name="Evenness">How even it comes out, or empty.</param>
/// <param name="IsAdjustable">Whether it can still be changed once it is sewn.</param>
/// <param name="Takes">What else it uses up, in words.</param>
/// <param name="IsAside">Whether another was chosen.</param>
public sealed record WayOut(
    Guid Id,
    string Name,
    string Technique,
    LengthOut? Cloth,
    double? Minutes,
    string Evenness,
    bool IsAdjustable,
    IReadOnlyList<string> Takes,
    bool IsAside
);

/// <summary>What pieces of a project come to together.</summary>
public static class TotalEndpoints
{
    public static void MapTotals(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/projects/{id:guid}/total", TotalAsync)
            .WithTags("Projects")
            .WithSummary(
                "What a project takes of each thing, against what is there and what was taken."
            )
            .Produces<ProjectTotal>();
        routes
            .MapGet("/api/workings/{id:guid}/ways", WaysAsync)
            .WithTags("Workings")
            .WithSummary("The ways of doing the piece that a part is one of, side by side.")
            .Produces<IReadOnlyList<WayOut>>();
    }

    private static async Task<IResult> TotalAsync(
        Here here,
        Guid id,
        ProjectStore projects,
        ProjectLoader loader
    )
    {
        var (seat, ruler, cancel) = (here.Seat, here.Ruler, here.Cancel);
        if (await projects.FindAsync(seat, id, cancel) is not { } project)
        {
            return Problem.NotFound("There is no such project.");
        }
        var (_, plan) = await loader.WholeAsync(seat, id, ruler, cancel);
        return Results.Ok(
            new ProjectTotal(
                project.WantedBy,
                [
                    .. plan.Materials()
                        .Select(l => new TotalOut(
                            l.Kind,
                            l.Thing,
                            l.Name,
                            Out(l.Needed, l.Kind),
                            Out(l.Still, l.Kind),
                            l.Left is { } left
                                ? LengthOut.Of(left, LengthKind.Marked, ruler)
                                : null,
                            l.Buy,
                            l.For
                        )),
                ],
                [.. plan.Unplanned.Select(p => p.Name)]
            )
        );

        LengthOut Out(Length length, string kind) =>
            LengthOut.Of(length, Taking.Written(kind), ruler);
    }

    private static async Task<IResult> WaysAsync(
        Here here,
        Guid id,
        WorkingStore workings,
        ProjectLoader loader
    )
    {
        var (seat, ruler, cancel) = (here.Seat, here.Ruler, here.Cancel);
        if (await workings.FindAsync(seat, id, cancel) is not { } working)
        {
            return Problem.NotFound("There is no such part.");
        }
        var around = await workings.OfProjectsAsync(seat, [working.ProjectId], cancel);
        var plan = await loader.PlanAsync(seat, around, ruler, cancel);
        return Results.Ok(
            plan.Parts.Where(p => p.Piece == working.Piece).Select(p => Of(p, plan, ruler)).ToList()
        );
    }

    private static WayOut Of(PlannedPart part, ProjectPlan project, Ruler ruler)
    {
        var (technique, plan) = (part.Working, project.PlanOf(part));
        return new WayOut(
            part.Id,
            part.Name,
            Core.Craft.Techniques.TitleOf(part.Technique),
            plan?.Needs.FirstOrDefault(n => n.Kind == "cloth") is { } cloth
                ? LengthOut.Of(cloth.Amount, LengthKind.Cut, ruler)
                : null,
            plan is null ? null : Math.Round(plan.Steps(ruler).Sum(s => s.Minutes)),
            technique?.Quality?.Evenness ?? "",
            technique?.Quality?.IsAdjustable == true,
            [
                .. (plan?.Needs ?? [])
                    .Where(n => n.Kind != "cloth")
                    .Select(n =>
                        $"{ruler.Write(n.Amount, LengthKind.Amount)} of {(n.Name.Length > 0 ? n.Name : n.Kind)}"
                    ),
            ],
            part.IsAside
        );
    }
}
