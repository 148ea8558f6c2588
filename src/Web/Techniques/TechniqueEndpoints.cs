using ZephyrReach.Core.Craft;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Techniques;

/// <summary>What a technique asks and how its fields are shown.</summary>
public static class TechniqueEndpoints
{
    public static void MapTechniques(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api").WithTags("Techniques");
        group
            .MapGet(
                "techniques",
                (Here here) =>
                    Core.Craft.Techniques.Worked.Select(t => TechniqueInList.Of(t, here.Ruler))
            )
            .WithSummary("The techniques in which a piece can be worked.");
        group
            .MapGet("techniques/{technique}", Describe)
            .WithSummary(
                "One technique: its fields in their groups, its stages, what its swatches measure and teach."
            )
            .Produces<TechniqueOut>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        group
            .MapGet("questions/{question}", DescribeQuestion)
            .WithSummary("What a question that belongs to no one technique asks.")
            .Produces<QuestionOut>()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static IResult Describe(Here here, string technique) =>
        Core.Craft.Techniques.Named(technique) is { Process: not null } known
            ? Results.Ok(TechniqueOut.Of(known, here.Ruler))
            : Problem.NotFound("There is no such technique.");

    private static IResult DescribeQuestion(Here here, string question) =>
        Questions.Named(question) is { } known
            ? Results.Ok(
                new QuestionOut(known.Name, known.Title, FieldOut.All(known.Fields, here.Ruler))
            )
            : Problem.NotFound("There is no such question.");
}
