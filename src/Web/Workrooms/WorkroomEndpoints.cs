using System.ComponentModel.DataAnnotations;
using ZephyrReach.Core.Measures;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Workrooms;

/// <summary>What may be changed of a workroom. What is left out stays as it is.</summary>
/// <param name="Units">metric or imperial.</param>
/// <param name="MetricCuttingMm">Of the steps that rulers have: 1, 5 or 10 mm.</param>
/// <param name="MetricMarkingMm">0.5 or 1 mm.</param>
/// <param name="ImperialCuttingIn">1/8, 1/4 or 1/2 in.</param>
/// <param name="ImperialMarkingIn">1/32, 1/16 or 1/8 in.</param>
/// <param name="NormalTension">The machine's own normal, as its dial shows it.</param>
/// <param name="LongestStitchMm">The longest straight stitch it makes.</param>
public sealed record WorkroomIn(
    [property: Name] string? Name,
    [property: AllowedValues("metric", "imperial", null)] string? Units,
    [property: AllowedValues(1.0, 5.0, 10.0, null)] double? MetricCuttingMm,
    [property: AllowedValues(0.5, 1.0, null)] double? MetricMarkingMm,
    [property: AllowedValues(0.125, 0.25, 0.5, null)] double? ImperialCuttingIn,
    [property: AllowedValues(0.03125, 0.0625, 0.125, null)] double? ImperialMarkingIn,
    [property: Range(0, 20)] double? NormalTension,
    [property: Range(1, 12)] double? LongestStitchMm
);

/// <summary>A workroom as it goes out.</summary>
public sealed record WorkroomOut(
    Guid Id,
    string Name,
    string Units,
    double MetricCuttingMm,
    double MetricMarkingMm,
    double ImperialCuttingIn,
    double ImperialMarkingIn,
    double NormalTension,
    double LongestStitchMm,
    int Version
)
{
    public static WorkroomOut Of(WorkroomRow row) =>
        new(
            row.Id,
            row.Name,
            row.Units == UnitSystem.Imperial ? "imperial" : "metric",
            row.Metric.Cutting.Millimetres,
            row.Metric.Marking.Millimetres,
            row.Imperial.Cutting.Inches,
            row.Imperial.Marking.Inches,
            row.NormalTension,
            row.LongestStitch.Millimetres,
            row.Stamp.Version
        );
}

/// <summary>The household's own workroom.</summary>
public static class WorkroomEndpoints
{
    private static readonly Records<WorkroomRow> Workrooms = new(
        "There is no workroom.",
        (row, _) => WorkroomOut.Of(row)
    );

    public static void MapWorkroom(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/workroom").WithTags("Workroom");
        group
            .MapGet(
                "",
                async (Here here, WorkroomStore store) =>
                    Workrooms.Found(here, await store.FirstAsync(here.Cancel))
            )
            .WithSummary("The workroom: its units, rounding steps and machine.")
            .Produces<WorkroomOut>();
        group
            .MapPatch("", ChangeAsync)
            .WithSummary("Changes the workroom; If-Match says which version it rests on.")
            .Produces<WorkroomOut>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);
    }

    private static async Task<IResult> ChangeAsync(
        Here here,
        IfMatch version,
        WorkroomIn change,
        CurrentWorkroom workroom,
        WorkroomStore store
    )
    {
        var changed = await store.ChangeAsync(
            here.Seat,
            version.Version,
            new WorkroomChange(
                change.Name,
                change.Units switch
                {
                    "metric" => UnitSystem.Metric,
                    "imperial" => UnitSystem.Imperial,
                    _ => null,
                },
                Mm(change.MetricCuttingMm),
                Mm(change.MetricMarkingMm),
                In(change.ImperialCuttingIn),
                In(change.ImperialMarkingIn),
                change.NormalTension,
                Mm(change.LongestStitchMm)
            ),
            here.Cancel
        );
        workroom.Forget();
        return Workrooms.Changed(here, changed);
    }

    private static Length? Mm(double? mm) => mm is { } some ? Length.FromMillimetres(some) : null;

    private static Length? In(double? inches) =>
        inches is { } some ? Length.FromInches(some) : null;
}
