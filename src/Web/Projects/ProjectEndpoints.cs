using System.ComponentModel.DataAnnotations;
using System.Globalization;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Projects;

/// <summary>A project to begin.</summary>
/// <param name="Id">A UUID of version 7, made by the client; the same id again is the same project.</param>
/// <param name="WantedBy">The day it is wanted by, such as 2027-05-22, or left out.</param>
public sealed record ProjectIn(
    [property: Uuid7] Guid Id,
    [property: Required, Name] string Name,
    DateOnly? WantedBy,
    [property: StringLength(10000)] string? Notes
);

/// <summary>What may be changed of a project. What is left out stays as it is.</summary>
/// <param name="WantedBy">A day, or an empty text for none.</param>
public sealed record ProjectPatch(
    [property: Name] string? Name,
    [property: RegularExpression(@"(\d{4}-\d\d-\d\d)?")] string? WantedBy,
    [property: StringLength(10000)] string? Notes
);

/// <summary>A project as it goes out.</summary>
public sealed record ProjectOut(Guid Id, string Name, DateOnly? WantedBy, string Notes, int Version)
{
    public static ProjectOut Of(ProjectRow row) =>
        new(row.Id, row.Name, row.WantedBy, row.Notes, row.Stamp.Version);
}

/// <summary>A page of projects, newest first.</summary>
/// <param name="Next">The cursor of the next page; null on the last.</param>
public sealed record ProjectPage(IReadOnlyList<ProjectOut> Projects, Guid? Next);

/// <summary>Projects.</summary>
public static class ProjectEndpoints
{
    private static readonly Records<ProjectRow> Projects = new(
        "There is no such project.",
        (row, _) => ProjectOut.Of(row)
    );

    public static void MapProjects(this IEndpointRouteBuilder routes)
    {
        var group = routes
            .MapGroup("/api/projects")
            .WithTags("Projects")
            .ProducesValidationProblem();
        group
            .MapGet("", PageAsync)
            .WithSummary("The projects, newest first, by pages.")
            .Produces<ProjectPage>();
        group
            .MapPost("", AddAsync)
            .WithSummary("Begins a project.")
            .Produces<ProjectOut>(StatusCodes.Status201Created);
        group
            .MapGet(
                "{id:guid}",
                async (Here here, Guid id, ProjectStore store) =>
                    Projects.Found(here, await store.FindAsync(here.Seat, id, here.Cancel))
            )
            .WithSummary("One project.")
            .Produces<ProjectOut>();
        group
            .MapPatch("{id:guid}", ChangeAsync)
            .WithSummary("Changes a project.")
            .Produces<ProjectOut>();
        Projects.MapRemove<ProjectStore>(
            group,
            "{id:guid}",
            "project deleted",
            "Takes a project away, with its parts; one undo brings all back."
        );
    }

    private static async Task<IResult> PageAsync(
        Here here,
        ProjectStore store,
        Guid? cursor,
        [Range(1, 200)] int limit = 50
    )
    {
        var rows = await store.PageAsync(here.Seat, cursor, limit + 1, here.Cancel);
        var page = rows.Take(limit).Select(ProjectOut.Of).ToList();
        return Results.Ok(new ProjectPage(page, rows.Count > limit ? page[^1].Id : null));
    }

    private static async Task<IResult> AddAsync(Here here, ProjectIn project, ProjectStore store) =>
        Projects.Added(
            here,
            await store.AddAsync(
                here.Seat,
                project.Id,
                project.Name,
                project.WantedBy,
                project.Notes ?? "",
                here.Cancel
            ),
            row => $"/api/projects/{row.Id}"
        );

    private static async Task<IResult> ChangeAsync(
        Here here,
        IfMatch version,
        Guid id,
        ProjectPatch change,
        ProjectStore store
    )
    {
        DateOnly? day = null;
        if (!string.IsNullOrEmpty(change.WantedBy))
        {
            if (!DateOnly.TryParse(change.WantedBy, CultureInfo.InvariantCulture, out var given))
            {
                return Problem.Field(
                    "wantedBy",
                    "Wanted by must be a day of the calendar, such as 2027-05-22."
                );
            }
            day = given;
        }
        return Projects.Changed(
            here,
            await store.ChangeAsync(
                here.Seat,
                id,
                version.Version,
                new ProjectChange(
                    change.Name,
                    change.WantedBy is null ? null : new DateChange(day),
                    change.Notes
                ),
                here.Cancel
            )
        );
    }
}
