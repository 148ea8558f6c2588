using System.Text.Json;
using ZephyrReach.Store;
using ZephyrReach.Web.Planning;
using ZephyrReach.Web.Swatches;

namespace ZephyrReach.Web.Tests;

/// <summary>What a stored swatch says of itself, in the words of its technique.</summary>
public class SwatchWordsTests
{
    [Fact]
    public void A_swatch_is_in_short_what_its_own_technique_says()
    {
        var block = Swatch("darning") with
        {
            Readings = new Dictionary<string, IReadOnlyList<double>> { ["length"] = [19, 19] },
            Features = Json(new { setLength = 20 }),
        };

        string? Short(SwatchRow row) =>
            SwatchWords.Of(row.Technique)?.InShort(Planned.Sewn(row))?.Text;

        Short(Swatch()).ShouldBe("1.76");
        Short(block).ShouldBe("0.950");
        Short(block with { Features = Json(new { }) }).ShouldBeNull();
        SwatchWords.SetOf(block).Select(f => f.Text).ShouldBe(["20 mm"]);
        SwatchWords
            .ReadOf(block, Core.Measures.Ruler.Metric)
            .Single()
            .Text.ShouldBe("19 mm; 19 mm");
    }

    private static SwatchRow Swatch(string technique = "gathering-foot") =>
        new(
            Guid.CreateVersion7(),
            null,
            Json(new { }),
            new Dictionary<string, IReadOnlyList<double>>
            {
                ["flat"] = [300],
                ["gathered"] = [170],
            },
            [],
            "",
            "",
            "",
            technique,
            Json(new { }),
            Json(new { stitchLength = 4 }),
            Json(new { }),
            true,
            false,
            default
        );

    private static JsonElement Json(object value) => JsonSerializer.SerializeToElement(value);
}
