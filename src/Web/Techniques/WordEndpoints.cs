using System.Text.Json;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Terms;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Techniques;

/// <summary>A word of the craft.</summary>
/// <param name="Also">Other words that find it.</param>
public sealed record WordOut(string Name, string Says, IReadOnlyList<string> Also);

/// <summary>The picture of a word.</summary>
/// <param name="Moment">What of the drawing matters; null where all of it does.</param>
public sealed record WordPictureOut(JsonElement Drawing, Moment? Moment);

/// <summary>What words of the craft mean.</summary>
public static class WordEndpoints
{
    public static void MapWords(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/words").WithTags("Words");
        group
            .MapGet(
                "",
                () => Glossary.All.Select(t => new WordOut(t.Name, t.Says, t.Also)).ToList()
            )
            .WithSummary("The words of the craft, in the order of the alphabet.");
        group
            .MapGet(
                "{name}",
                (Here here, string name) =>
                    Glossary.Named(name)?.Draw(here.Ruler) is { } picture
                        ? Results.Ok(
                            new WordPictureOut(
                                CraftJson.Of(picture.Drawing, here.Ruler),
                                picture.Moment
                            )
                        )
                        : Problem.NotFound("There is no such word.")
            )
            .WithSummary("The picture of a word, from what the program draws anyway.")
            .Produces<WordPictureOut>()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }
}
