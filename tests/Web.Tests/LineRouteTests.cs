using System.Net;
using System.Text;
using System.Text.Json;
using SkiaSharp;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using ZephyrReach.Files;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Tests;

/// <summary>SVG files from elsewhere: their geometry is read, hostile ones are refused in a sentence; and lines go out and come back the same.</summary>
public class LineRouteTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private Server Server => fixture.Server;

    [Theory]
    [InlineData("<path d='M0 0H40V30H0Z'/>", "", 40, 30, 1)]
    [InlineData("<rect x='5' y='5' width='40' height='30' rx='4'/>", "", 40, 30, 1)]
    [InlineData("<circle cx='50' cy='50' r='20'/>", "", 40, 40, 1)]
    [InlineData("<ellipse cx='50' cy='50' rx='20' ry='10'/>", "", 40, 20, 1)]
    [InlineData("<polygon points='0,0 40,0 20,30'/>", "", 40, 30, 1)]
    [InlineData(
        "<g transform='translate(7 9) rotate(90)'><path d='M0 0H40V30H0Z'/></g>",
        "",
        30,
        40,
        1
    )]
    [InlineData(
        "<g transform='scale(2)'><g transform='skewX(0) matrix(1 0 0 1 3 3)'><path d='M0 0H20V15H0Z'/></g></g>",
        "",
        40,
        30,
        1
    )]
    [InlineData("<path d='M0 0H40V30H0Z'/><path d='M10 10H20V20H10Z'/>", "", 40, 30, 2)]
    [InlineData("<path d='M0 0H40V30H0Z'/>", "width=80+mm", 80, 60, 1)]
    [InlineData("<path d='M0 0H40V30H0Z'/>", "height=15+mm", 20, 15, 1)]
    [InlineData(
        "<defs><path d='M0 0H900V900Z'/></defs><path style='display: none' d='M0 0H900V900Z'/><path d='M0 0H40V30H0Z'/>",
        "",
        40,
        30,
        1
    )]
    public async Task The_lines_of_a_file_are_read_at_their_size(
        string inner,
        string query,
        double width,
        double height,
        int count
    )
    {
        var (code, read) = await ReadAsync(Svg(inner), $"outlines=true&{query}");

        code.ShouldBe(HttpStatusCode.OK);
        read.GetProperty("width").GetProperty("mm").GetDouble().ShouldBe(width, 0.01);
        read.GetProperty("height").GetProperty("mm").GetDouble().ShouldBe(height, 0.01);
        read.GetProperty("count").GetInt32().ShouldBe(count);
    }

    [Theory]
    [InlineData("width='4in' height='2in' viewBox='0 0 400 200'", 101.6 / 4, 25.4)]
    [InlineData("width='10cm' viewBox='0 0 100 100'", 25, 100)]
    [InlineData("", 25.0 * 25.4 / 96, 100 * 25.4 / 96)]
    public async Task Units_and_the_view_box_say_how_large_it_is(
        string head,
        double width,
        double height
    )
    {
        // In user units it is 25, or 100, by 100.
        var wide = head.Contains("400", StringComparison.Ordinal) ? 100 : 25;
        var (_, read) = await ReadAsync(
            $"<svg xmlns='http://www.w3.org/2000/svg' {head}><path d='M3 3h{wide}v100h-{wide}z'/></svg>",
            ""
        );

        read.GetProperty("width").GetProperty("mm").GetDouble().ShouldBe(width, 0.01);
        read.GetProperty("height").GetProperty("mm").GetDouble().ShouldBe(height, 0.01);
    }

    [Theory]
    [InlineData("<script>alert(1)</script><path d='M0 0H9V9Z'/>", "script")]
    [InlineData("<path onclick='x()' d='M0 0H9V9Z'/>", "script")]
    [InlineData("<foreignObject/><path d='M0 0H9V9Z'/>", "script")]
    [InlineData("<use href='#a'/>", "links")]
    [InlineData(
        "<path xlink:href='http://a.example' xmlns:xlink='http://www.w3.org/1999/xlink' d='M0 0H9V9Z'/>",
        "links"
    )]
    [InlineData("<image href='file:///etc/passwd'/>", "links")]
    [InlineData("<text>leaf</text>", "turned into outlines")]
    [InlineData("<path d='M0 0L40 0L30 30'/>", "not closed")]
    [InlineData("<path d='M0 0L40 0L0 30L40 25Z'/>", "crosses")]
    [InlineData("<path d='M0 0H9V'/>", "cannot be used")]
    [InlineData("<path d='M0 0H1e300V9Z'/>", "cannot be used")]
    [InlineData("<g transform='turn(9)'><path d='M0 0H9V9Z'/></g>", "change of place")]
    [InlineData("<path d='M0 0H0Z'/>", "one point")]
    public async Task What_is_hostile_or_cannot_be_cut_is_refused_in_a_sentence(
        string inner,
        string says
    )
    {
        var (code, refused) = await ReadAsync(Svg(inner), "outlines=true");

        code.ShouldBe(HttpStatusCode.BadRequest);
        Says(refused).ShouldContain(says);
    }

    [Fact]
    public async Task Entities_depth_size_and_number_have_their_bounds()
    {
        var billion =
            "<!DOCTYPE svg [<!ENTITY a \"aaaa\"><!ENTITY b \"&a;&a;\">]><svg xmlns='http://www.w3.org/2000/svg'>&b;</svg>";
        Says((await ReadAsync(billion, "")).Said).ShouldContain("entities");
        Says((await ReadAsync("no xml at all", "")).Said).ShouldContain("is damaged");
        Says((await ReadAsync("<html/>", "")).Said).ShouldContain("isn’t an SVG");
        // Texts that would be gone over again and again.
        var blank = new string(' ', 80_000);
        (
            await ReadAsync(
                $"<svg xmlns='http://www.w3.org/2000/svg' width='1{blank}!' viewBox='0 0 9 9'><path d='M0 0H9V9Z'/></svg>",
                ""
            )
        ).Code.ShouldBe(HttpStatusCode.OK);
        Says(
                (
                    await ReadAsync(
                        Svg($"<g transform='{new string('a', 80_000)}'><path d='M0 0H9V9Z'/></g>"),
                        ""
                    )
                ).Said
            )
            .ShouldContain("change of place");
        var deep =
            string.Concat(Enumerable.Repeat("<g>", 200))
            + string.Concat(Enumerable.Repeat("</g>", 200));
        Says((await ReadAsync(Svg(deep), "")).Said).ShouldContain("too deep");
        var many =
            "M0 0" + string.Concat(Enumerable.Range(0, 5001).Select(i => $"L{i % 90} {i % 70}"));
        Says((await ReadAsync(Svg($"<path d='{many}'/>"), "")).Said).ShouldContain("5000");
        (await ReadAsync(Svg($"<desc>{new string('x', 1_100_000)}</desc>"), "")).Code.ShouldBe(
            HttpStatusCode.RequestEntityTooLarge
        );
        Says((await ReadAsync(Svg("<path d='M0 0H9V9Z'/>"), "width=a+lot")).Said)
            .ShouldNotBeEmpty();
    }

    [Theory]
    [InlineData("couching", 1)]
    [InlineData("applique", 2)]
    public async Task Lines_go_out_as_a_file_and_are_read_back_the_same(string technique, int count)
    {
        var example = Core.Craft.Techniques.WorkingOf(technique)!.Forward.Example;
        var response = await Server.Http.PostAsync(
            new Uri($"/api/guides/{technique}?as=lines", UriKind.Relative),
            new StringContent(AskJson.Of(example).ToString(), Encoding.UTF8, "application/json"),
            Server.Cancel
        );
        var file = await response.Content.ReadAsStringAsync(Server.Cancel);
        var plan = (Core.Answers.WorkPlan)
            Core
                .Craft.Techniques.WorkingOf(technique)!
                .Forward.Compute(example, Ruler.Metric)
                .Answer!;

        var (_, read) = await ReadAsync(file, "");

        read.GetProperty("count").GetInt32().ShouldBe(count);
        PathData.Read(read.GetProperty("data").GetString()!, out var back).ShouldBeNull();
        foreach (var (was, isNow) in plan.Traces.Zip(back))
        {
            isNow.IsClosed.ShouldBe(was.IsClosed);
            new MeasuredPath(isNow).Total.ShouldBe(new MeasuredPath(was).Total, 0.02);
        }
        // And once more, it is letter by letter the same.
        SvgLines.Write(back, "again").ShouldContain(back[0].Data);
    }

    /// <summary>The letters that Core draws are those of the font that ships, to the unit.</summary>
    [Fact]
    public void Letters_are_those_of_the_font_that_ships()
    {
        using var stream = typeof(GuidePdf).Assembly.GetManifestResourceStream(
            "Figtree-Medium.ttf"
        )!;
        using var face = SKTypeface.FromStream(stream);
        using var font = new SKFont(face, 1000) { Hinting = SKFontHinting.None, Subpixel = true };
        var capital = font.GetGlyphPath(font.GetGlyph('H')).TightBounds.Height;
        foreach (var letter in "AHgß&3")
        {
            var drawn = NamedShape.BoundsOf(
                LetterShapes.Of($"{letter}", Length.FromMillimetres(capital))
            );
            var real = font.GetGlyphPath(font.GetGlyph(letter)).TightBounds;
            drawn.Width.Millimetres.ShouldBe(real.Width, 2, $"{letter}");
            drawn.Height.Millimetres.ShouldBe(real.Height, 2, $"{letter}");
        }
    }

    private async Task<(HttpStatusCode Code, JsonElement Said)> ReadAsync(string file, string query)
    {
        using var body = new ByteArrayContent(Encoding.UTF8.GetBytes(file));
        body.Headers.ContentType = new("image/svg+xml");
        var response = await Server.Http.PostAsync(
            new Uri($"/api/lines/svg?{query}", UriKind.Relative),
            body,
            Server.Cancel
        );
        var text = await response.Content.ReadAsStringAsync(Server.Cancel);
        return (response.StatusCode, JsonDocument.Parse(text).RootElement.Clone());
    }

    private static string Says(JsonElement refused) =>
        refused.GetProperty("errors").EnumerateObject().First().Value[0].GetString()!;

    private static string Svg(string inner) =>
        $"<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='200mm' viewBox='0 0 200 200'>{inner}</svg>";
}
