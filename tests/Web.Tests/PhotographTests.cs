using System.Buffers.Binary;
using System.Net;
using System.Text;
using SkiaSharp;
using ZephyrReach.Files;

namespace ZephyrReach.Web.Tests;

public class PhotographTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private Server Server => fixture.Server;

    /// <summary>How a camera was held, as the file says it, and where the red top left corner of the scene then lies in the file.</summary>
    [Theory]
    [InlineData(1, false, false, false)]
    [InlineData(2, false, true, false)]
    [InlineData(3, false, true, true)]
    [InlineData(4, false, false, true)]
    [InlineData(5, true, false, false)]
    [InlineData(6, true, false, true)]
    [InlineData(7, true, true, true)]
    [InlineData(8, true, true, false)]
    public void Is_turned_upright(int orientation, bool isTurned, bool right, bool below)
    {
        // Upright the scene is 60 wide and 40 high, with a red corner at its top left.
        var (w, h) = isTurned ? (40, 60) : (60, 40);
        using var file = new SKBitmap(w, h);
        using (var canvas = new SKCanvas(file))
        using (var red = new SKPaint { Color = SKColors.Red })
        {
            canvas.Clear(SKColors.Blue);
            canvas.DrawRect(right ? w - 16 : 0, below ? h - 16 : 0, 16, 16, red);
        }

        var photograph = Photograph.Read(WithExif(Jpeg(file), orientation));

        (photograph.Width, photograph.Height).ShouldBe((60, 40));
        using var upright = SKBitmap.Decode(photograph.Jpeg);
        upright.GetPixel(5, 5).Red.ShouldBeGreaterThan((byte)200);
        upright.GetPixel(55, 35).Blue.ShouldBeGreaterThan((byte)200);
    }

    [Fact]
    public void Keeps_neither_place_nor_device()
    {
        using var scene = new SKBitmap(30, 30);
        var file = WithExif(Jpeg(scene), 1);
        Encoding.Latin1.GetString(file).ShouldContain("shed camera");

        var kept = Encoding.Latin1.GetString(Photograph.Read(file).Jpeg);

        kept.ShouldNotContain("shed camera");
        kept.ShouldNotContain("Exif");
    }

    [Fact]
    public void Is_brought_to_two_thousand_pixels_and_a_small_one()
    {
        using var wide = new SKBitmap(5000, 500);

        var photograph = Photograph.Read(Png(wide));

        (photograph.Width, photograph.Height).ShouldBe((2000, 200));
        using var small = SKBitmap.Decode(photograph.Small);
        (small.Width, small.Height).ShouldBe((320, 32));
    }

    public static TheoryData<string, string> Refused() =>
        new()
        {
            { "", "empty" },
            { "GIF89a and nothing more", "choose a JPEG, PNG or WebP" },
            { "<svg xmlns='http://www.w3.org/2000/svg'/>", "choose a JPEG, PNG or WebP" },
        };

    [Theory]
    [MemberData(nameof(Refused))]
    public void What_is_no_picture_is_refused_in_a_sentence(string file, string says) =>
        Should
            .Throw<FormatException>(() => Photograph.Read(Encoding.Latin1.GetBytes(file)))
            .Message.ShouldContain(says);

    [Fact]
    public void A_picture_that_breaks_off_or_claims_to_be_huge_is_refused()
    {
        using var scene = new SKBitmap(400, 400);
        var whole = Png(scene);
        Should
            .Throw<FormatException>(() => Photograph.Read(whole[..(whole.Length / 2)]))
            .Message.ShouldContain("picture");

        // A header that claims ten thousand million pixels, with its checksum right.
        var bomb = (byte[])whole.Clone();
        BinaryPrimitives.WriteInt32BigEndian(bomb.AsSpan(16), 100_000);
        BinaryPrimitives.WriteInt32BigEndian(bomb.AsSpan(20), 100_000);
        BinaryPrimitives.WriteUInt32BigEndian(bomb.AsSpan(29), Checksum(bomb.AsSpan(12, 17)));
        Should
            .Throw<FormatException>(() => Photograph.Read(bomb))
            .Message.ShouldContain("at most 80 million");
    }

    /// <summary>The checksum of a PNG's chunk.</summary>
    private static uint Checksum(ReadOnlySpan<byte> bytes)
    {
        var sum = uint.MaxValue;
        foreach (var b in bytes)
        {
            sum ^= b;
            for (var i = 0; i < 8; i++)
            {
                sum = (sum & 1) == 1 ? (sum >> 1) ^ 0xEDB88320 : sum >> 1;
            }
        }
        return ~sum;
    }

    [Fact]
    public async Task Comes_back_with_its_swatch_and_a_broken_one_is_a_sentence()
    {
        var working = await Server.WorkingAsync();
        var (swatch, photograph) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/swatches",
            new { id = swatch, workingId = working }
        );
        using var scene = new SKBitmap(30, 20);

        (await UploadAsync(swatch, photograph, Png(scene), "image/png")).StatusCode.ShouldBe(
            HttpStatusCode.Created
        );
        var picture = await Server.Http.GetAsync(
            $"/api/photographs/{photograph}/picture",
            Server.Cancel
        );
        picture.Content.Headers.ContentType!.MediaType.ShouldBe("image/jpeg");

        // The swatch is deleted, and with it its photograph; one undo brings both back.
        await Server.SendAsync(HttpMethod.Delete, $"/api/swatches/{swatch}");
        (await PictureAsync(photograph)).ShouldBe(HttpStatusCode.NotFound);
        var (_, history) = await Server.SendAsync(HttpMethod.Get, "/api/history");
        await Server.SendAsync(
            HttpMethod.Post,
            $"/api/history/undo",
            new { step = history.GetProperty("undo").GetProperty("id").GetInt64() }
        );
        (await PictureAsync(photograph)).ShouldBe(HttpStatusCode.OK);

        var broken = await UploadAsync(
            swatch,
            Guid.CreateVersion7(),
            Encoding.ASCII.GetBytes("no picture"),
            "image/jpeg"
        );
        broken.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await broken.Content.ReadAsStringAsync(Server.Cancel)).ShouldContain(
            "Please choose a JPEG, PNG or WebP photo."
        );
        (
            await UploadAsync(
                swatch,
                Guid.CreateVersion7(),
                new byte[15 * 1024 * 1024 + 1],
                "image/png"
            )
        ).StatusCode.ShouldBe(HttpStatusCode.RequestEntityTooLarge);
    }

    [Fact]
    public async Task Is_read_only_when_it_says_what_it_is_and_for_a_swatch_that_is_there()
    {
        var swatch = await SwatchAsync();
        using var scene = new SKBitmap(30, 20);
        var file = Png(scene);

        (await UploadAsync(swatch, Guid.CreateVersion7(), file, "text/plain")).StatusCode.ShouldBe(
            HttpStatusCode.UnsupportedMediaType
        );
        (
            await UploadAsync(Guid.CreateVersion7(), Guid.CreateVersion7(), file, "image/png")
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task Another_picture_is_not_kept_under_an_id_that_was_used()
    {
        var (swatch, id) = (await SwatchAsync(), Guid.CreateVersion7());
        using var small = new SKBitmap(30, 20);
        using var other = new SKBitmap(31, 20);
        (await UploadAsync(swatch, id, Png(small), "image/png")).StatusCode.ShouldBe(
            HttpStatusCode.Created
        );
        await Server.SendAsync(HttpMethod.Delete, $"/api/photographs/{id}");

        (await UploadAsync(swatch, id, Png(other), "image/png")).StatusCode.ShouldBe(
            HttpStatusCode.Conflict
        );
        // The same once more is the same, as after a lost answer.
        (await UploadAsync(swatch, id, Png(small), "image/png")).StatusCode.ShouldBe(
            HttpStatusCode.Created
        );
    }

    [Fact]
    public void What_was_made_to_do_harm_is_not_unpacked()
    {
        using var huge = new SKBitmap(8000, 9900);
        var packed = Png(huge);
        packed.Length.ShouldBeLessThan(400_000);
        using var scene = new SKBitmap(200, 200);
        var whole = Jpeg(scene);
        // The one scan that it has, again and again.
        var scan = whole.AsSpan().IndexOf((ReadOnlySpan<byte>)[0xFF, 0xDA]);
        byte[] scans =
        [
            .. whole[..scan],
            .. Enumerable.Repeat(whole[scan..^2], 1000).SelectMany(s => s),
            0xFF,
            0xD9,
        ];
        var watch = System.Diagnostics.Stopwatch.StartNew();

        foreach (var file in new[] { packed[..Math.Min(packed.Length, 70_000)], scans })
        {
            Should.Throw<FormatException>(() => Photograph.Read(file));
        }
        watch.Elapsed.ShouldBeLessThan(TimeSpan.FromSeconds(3));
        Photograph.Read(whole).Width.ShouldBe(200);
    }

    private async Task<Guid> SwatchAsync()
    {
        var swatch = Guid.CreateVersion7();
        await Server.SendAsync(
            HttpMethod.Post,
            "/api/swatches",
            new { id = swatch, workingId = await Server.WorkingAsync() }
        );
        return swatch;
    }

    private async Task<HttpStatusCode> PictureAsync(Guid photograph) =>
        (
            await Server.Http.GetAsync(
                $"/api/photographs/{photograph}/picture?small=true",
                Server.Cancel
            )
        ).StatusCode;

    private async Task<HttpResponseMessage> UploadAsync(
        Guid swatch,
        Guid photograph,
        byte[] file,
        string type
    )
    {
        using var content = new ByteArrayContent(file);
        content.Headers.ContentType = new(type);
        return await Server.Http.PostAsync(
            $"/api/swatches/{swatch}/photographs?id={photograph}",
            content,
            Server.Cancel
        );
    }

    private static byte[] Jpeg(SKBitmap bitmap) =>
        bitmap.Encode(SKEncodedImageFormat.Jpeg, 95).ToArray();

    private static byte[] Png(SKBitmap bitmap) =>
        bitmap.Encode(SKEncodedImageFormat.Png, 100).ToArray();

    /// <summary>A JPEG with a segment after its first marker that says how the camera was held, and which it was.</summary>
    private static byte[] WithExif(byte[] jpeg, int orientation)
    {
        var device = Encoding.ASCII.GetBytes("shed camera\0");
        List<byte> tiff =
        [
            (byte)'M',
            (byte)'M',
            0,
            42,
            0,
            0,
            0,
            8, // Big-endian; the directory is at 8.
            0,
            2, // Two entries.
            0x01,
            0x10,
            0,
            2,
            0,
            0,
            0,
            (byte)device.Length,
            0,
            0,
            0,
            38, // Model, as text, at 38.
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte)orientation,
            0,
            0, // Orientation, a short.
            0,
            0,
            0,
            0,
            .. device,
        ];
        byte[] body = [.. "Exif\0\0"u8, .. tiff];
        var length = body.Length + 2;
        return [.. jpeg[..2], 0xFF, 0xE1, (byte)(length >> 8), (byte)length, .. body, .. jpeg[2..]];
    }
}
