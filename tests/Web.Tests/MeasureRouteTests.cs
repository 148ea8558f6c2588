using System.Net;
using System.Net.Http.Headers;
using System.Text.Json;
using SkiaSharp;

namespace ZephyrReach.Web.Tests;

/// <summary>Measuring in a photograph over HTTP: a JPEG as a telephone packs it, the card in it, or two places on a ruler.</summary>
public class MeasureRouteTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    /// <summary>Px to a mm of the picture that is drawn here.</summary>
    private const float PerMm = 9;

    private Server Server => fixture.Server;

    /// <summary>The card at the left, and rows of stitches 7.5 mm apart at the right, packed at 70.</summary>
    private static byte[] Photograph(bool withCard = true)
    {
        using var picture = new SKBitmap(1900, 1300);
        using var canvas = new SKCanvas(picture);
        canvas.Clear(new SKColor(186, 180, 168));
        if (withCard)
        {
            using var white = new SKPaint { Color = SKColors.White };
            canvas.DrawRect(2 * PerMm, 6 * PerMm, 124 * PerMm, 124 * PerMm, white);
            foreach (var (x, y) in ((int, int)[])[(0, 0), (100, 0), (100, 100), (0, 100)])
            {
                using var ring = new SKPaint
                {
                    Color = SKColors.Black,
                    IsStroke = true,
                    StrokeWidth = 2 * PerMm,
                    IsAntialias = true,
                };
                using var dot = new SKPaint { Color = SKColors.Black, IsAntialias = true };
                canvas.DrawCircle((14 + x) * PerMm, (18 + y) * PerMm, 5 * PerMm, ring);
                canvas.DrawCircle((14 + x) * PerMm, (18 + y) * PerMm, 2 * PerMm, dot);
            }
        }
        using var thread = new SKPaint
        {
            Color = new SKColor(40, 44, 70),
            IsStroke = true,
            StrokeWidth = 0.7f * PerMm,
            IsAntialias = true,
            PathEffect = SKPathEffect.CreateDash([2.4f * PerMm, 0.6f * PerMm], 0),
        };
        for (var y = 20f; y < 130; y += 7.5f)
        {
            canvas.DrawLine(138 * PerMm, y * PerMm, 205 * PerMm, (y + 3) * PerMm, thread);
        }
        using var data = picture.Encode(SKEncodedImageFormat.Jpeg, 70);
        return data.ToArray();
    }

    private async Task<(HttpStatusCode Code, JsonElement Answer)> MeasureAsync(
        byte[] picture,
        object ask
    )
    {
        using var form = new MultipartFormDataContent();
        using var file = new ByteArrayContent(picture);
        file.Headers.ContentType = new MediaTypeHeaderValue("image/jpeg");
        form.Add(file, "picture", "swatch.jpg");
        form.Add(new StringContent(JsonSerializer.Serialize(ask)), "ask");
        using var response = await Server.Http.PostAsync(
            "/api/photographs/measure?units=metric",
            form,
            Server.Cancel
        );
        return (
            response.StatusCode,
            JsonDocument.Parse(await response.Content.ReadAsStringAsync(Server.Cancel)).RootElement
        );
    }

    private static double[][] Part(float left, float top, float right, float bottom) =>
        [
            [left * PerMm, top * PerMm],
            [right * PerMm, top * PerMm],
            [right * PerMm, bottom * PerMm],
            [left * PerMm, bottom * PerMm],
        ];

    [Fact]
    public async Task Rows_are_measured_by_the_card_and_by_two_places_on_a_ruler()
    {
        var part = Part(140, 24, 203, 128);
        var (code, by) = await MeasureAsync(
            Photograph(),
            new
            {
                what = "rows",
                scale = "card",
                part,
            }
        );
        code.ShouldBe(HttpStatusCode.OK, by.ToString());
        // 7.5 mm down, square to rows that fall 3 in 67.
        var truth = 7.5 * 67 / Math.Sqrt(67 * 67 + 9);
        by.GetProperty("spacing").GetProperty("mm").GetDouble().ShouldBe(truth, 0.08);
        by.GetProperty("isRectified").GetBoolean().ShouldBeTrue();
        by.GetProperty("angle").GetDouble().ShouldBe(Math.Atan2(3, 67) * 180 / Math.PI, 0.7);
        var line = by.GetProperty("lines")[0];
        (line[1][0].GetDouble() - line[0][0].GetDouble()).ShouldBeGreaterThan(300);

        var ruler = new { points = new[] { new[] { 0.0, 1250 }, [900.0, 1250] }, length = "10 cm" };
        var (_, two) = await MeasureAsync(
            Photograph(false),
            new
            {
                what = "rows",
                scale = ruler,
                part,
            }
        );
        two.GetProperty("spacing").GetProperty("mm").GetDouble().ShouldBe(truth, 0.08);
        two.GetProperty("isRectified").GetBoolean().ShouldBeFalse();
    }

    [Fact]
    public async Task What_cannot_be_measured_says_why()
    {
        var (without, why) = await MeasureAsync(
            Photograph(false),
            new
            {
                what = "rows",
                scale = "card",
                part = Part(140, 24, 203, 128),
            }
        );
        without.ShouldBe(HttpStatusCode.UnprocessableEntity);
        why.GetProperty("title").GetString()!.ShouldContain("card");
        var (bare, nothing) = await MeasureAsync(
            Photograph(),
            new
            {
                what = "rows",
                scale = "card",
                part = Part(30, 40, 90, 100),
            }
        );
        bare.ShouldBe(HttpStatusCode.UnprocessableEntity, nothing.ToString());
        foreach (
            var (ask, field) in new (object, string)[]
            {
                (
                    new
                    {
                        what = "colour",
                        scale = "card",
                        part = Part(1, 1, 9, 9),
                    },
                    "what"
                ),
                (
                    new
                    {
                        what = "rows",
                        scale = "card",
                        part = Part(1, 1, 9, 9)[..3],
                    },
                    "part"
                ),
                (
                    new
                    {
                        what = "rows",
                        scale = new { points = 3 },
                        part = Part(1, 1, 9, 9),
                    },
                    "scale"
                ),
            }
        )
        {
            var (refused, problem) = await MeasureAsync(Photograph(), ask);
            refused.ShouldBe(HttpStatusCode.BadRequest);
            problem.GetProperty("errors").TryGetProperty(field, out _).ShouldBeTrue(field);
        }
        var (broken, unpacked) = await MeasureAsync(
            [1, 2, 3],
            new
            {
                what = "rows",
                scale = "card",
                part = Part(1, 1, 9, 9),
            }
        );
        broken.ShouldBe(HttpStatusCode.BadRequest, unpacked.ToString());
    }

    [Fact]
    public async Task The_card_prints_at_true_size()
    {
        var svg = await Server.Http.GetStringAsync("/api/measuring-card?as=svg", Server.Cancel);
        svg.ShouldContain("124");
        var pdf = await Server.Http.GetByteArrayAsync(
            "/api/measuring-card?as=pdf&paper=a4",
            Server.Cancel
        );
        pdf.Length.ShouldBeGreaterThan(1000);
    }
}
