using System.Text.Json;
using ZephyrReach.Core.Craft;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Drawer;

/// <summary>Questions that belong to no one technique, answered with what is owned.</summary>
public static class DrawerQuestionEndpoints
{
    public static void MapDrawerQuestions(this IEndpointRouteBuilder routes) =>
        routes
            .MapPost(
                "/api/drawer/reckon/{question}",
                (Here here, string question, DrawerReader drawer) =>
                    ReckonEndpoints.AnswerAsync(
                        here,
                        Questions.Named(question),
                        async ask =>
                            Questions.With(
                                question,
                                ask,
                                (
                                    await drawer.OpenAsync(here.Seat, here.Ruler, here.Cancel)
                                ).Contents
                            )
                    )
            )
            .DisableValidation()
            .WithTags("Supplies")
            .WithSummary("A question, answered with what your supplies have of what it asks for.")
            .Accepts<JsonElement>("application/json")
            .Produces<JsonElement>()
            .ProducesValidationProblem();
}
