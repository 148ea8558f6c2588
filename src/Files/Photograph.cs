using SkiaSharp;

namespace ZephyrReach.Files;

/// <summary>A photograph as it is kept: upright, without place or device, as JPEG.</summary>
/// <param name="Jpeg">At most <see cref="Longest"/> px either way.</param>
/// <param name="Small">At most <see cref="LongestSmall"/> px either way, for lists.</param>
/// <param name="Width">Of the larger, in px.</param>
/// <param name="Height">Of the larger, in px.</param>
public sealed record Photograph(byte[] Jpeg, byte[] Small, int Width, int Height)
{
    /// <summary>The largest file that is taken, in bytes: 15 MB.</summary>
    public const int LargestFile = 15 * 1024 * 1024;

    public const int Longest = 2000;
    public const int LongestSmall = 320;

    /// <summary>More px than this either way say no more of what is measured.</summary>
    private const int LongestMeasured = 2400;

    /// <summary>More px than this are not unpacked: a small file can claim to be a huge picture.</summary>
    private const long MostPixels = 40_000_000;

    /// <summary>No camera packs so many px into a byte: a file of a few kB that unpacks to gigabytes was made to do harm.</summary>
    private const long MostPixelsToAByte = 1000;

    /// <summary>A JPEG that comes in passes has about ten; each is gone over the whole picture.</summary>
    private const int MostScans = 100;

    private const int Quality = 86;

    /// <summary>Reads a JPEG, PNG or WebP file.</summary>
    /// <remarks>
    /// Only the pixels are taken over: they are unpacked, turned upright as the file says, brought to size on white and
    /// packed anew, so that nothing else in the file can come along.
    /// </remarks>
    /// <param name="file">The whole file.</param>
    /// <exception cref="FormatException">It is no such picture, or broken, or too large; the message says which.</exception>
    public static Photograph Read(ArraySegment<byte> file)
    {
        using var stream = Stream(file);
        using var codec = Opened(stream, file);
        using var pixels = Unpack(codec, Longest);
        using var upright = Upright(pixels, codec.EncodedOrigin, Longest);
        using var small = Upright(upright, SKEncodedOrigin.TopLeft, LongestSmall);
        return new Photograph(Pack(upright), Pack(small), upright.Width, upright.Height);
    }

    /// <summary>Read where it lies: a copy for each, outside of what is cleared away, would add up.</summary>
    private static MemoryStream Stream(ArraySegment<byte> file) =>
        new(file.Array!, file.Offset, file.Count, false);

    /// <exception cref="FormatException">It is no such picture, or broken, or too large; the message says which.</exception>
    private static SKCodec Opened(MemoryStream stream, ArraySegment<byte> file)
    {
        if (file.Count == 0)
        {
            throw new FormatException("The file is empty.");
        }
        if (file.Count > LargestFile)
        {
            throw new FormatException("The file is larger than 15 MB.");
        }
        var codec = SKCodec.Create(stream);
        if (codec is null && LooksLikePicture(file))
        {
            throw new FormatException("The picture is broken and cannot be unpacked.");
        }
        if (
            codec?.EncodedFormat
            is not (
                SKEncodedImageFormat.Jpeg
                or SKEncodedImageFormat.Png
                or SKEncodedImageFormat.Webp
            )
        )
        {
            throw new FormatException("Please choose a JPEG, PNG or WebP photo.");
        }
        if (codec.Info.Width < 1 || codec.Info.Height < 1)
        {
            throw new FormatException("The picture has no size.");
        }
        var count = (long)codec.Info.Width * codec.Info.Height;
        if (count > MostPixels)
        {
            throw new FormatException(
                $"The picture is {codec.Info.Width} × {codec.Info.Height} px; at most 80 million can be taken in."
            );
        }
        if (count > MostPixelsToAByte * Math.Max(2000, file.Count) || Scans(file) > MostScans)
        {
            throw new FormatException("This picture can’t be read.");
        }
        return codec;
    }

    /// <summary>Reads a file in shades of grey, upright, to measure in it.</summary>
    /// <returns>The picture, and how many of its px make one of the upright file.</returns>
    /// <exception cref="FormatException">As <see cref="Read"/>.</exception>
    public static (Core.Photographs.Grey Picture, double Scale) ReadGrey(ArraySegment<byte> file)
    {
        using var stream = Stream(file);
        using var codec = Opened(stream, file);
        using var pixels = Unpack(codec, LongestMeasured);
        using var upright = Upright(pixels, codec.EncodedOrigin, LongestMeasured);
        var span = upright.GetPixelSpan();
        var values = new float[upright.Width * upright.Height];
        for (var i = 0; i < values.Length; i++)
        {
            // What the eye makes of red, green and blue (ITU-R BT.709).
            values[i] =
                (0.2126f * span[4 * i] + 0.7152f * span[4 * i + 1] + 0.0722f * span[4 * i + 2])
                / 255;
        }
        var longest = Math.Max(codec.Info.Width, codec.Info.Height);
        return (
            new(upright.Width, upright.Height, values),
            Math.Max(upright.Width, upright.Height) / (double)longest
        );
    }

    /// <summary>Whether the first bytes are those of a JPEG, PNG or WebP file.</summary>
    private static bool LooksLikePicture(ReadOnlySpan<byte> file) =>
        file.StartsWith((ReadOnlySpan<byte>)[0xFF, 0xD8, 0xFF])
        || file.StartsWith((ReadOnlySpan<byte>)[0x89, 0x50, 0x4E, 0x47])
        || (file.StartsWith("RIFF"u8) && file.Length > 12 && file[8..12].SequenceEqual("WEBP"u8));

    /// <summary>How often a scan begins in a JPEG.</summary>
    private static int Scans(ReadOnlySpan<byte> file) =>
        file.StartsWith((ReadOnlySpan<byte>)[0xFF, 0xD8])
            ? file.Count((ReadOnlySpan<byte>)[0xFF, 0xDA])
            : 0;

    private static SKBitmap Unpack(SKCodec codec, int most)
    {
        // A JPEG can be unpacked smaller at once, which saves the memory of what would be thrown away.
        var longest = Math.Max(codec.Info.Width, codec.Info.Height);
        var size = codec.GetScaledDimensions(Math.Min(1, (float)most / longest));
        if (Math.Max(size.Width, size.Height) < Math.Min(most, longest))
        {
            size = codec.Info.Size;
        }
        var info = new SKImageInfo(
            size.Width,
            size.Height,
            SKColorType.Rgba8888,
            SKAlphaType.Premul,
            SKColorSpace.CreateSrgb()
        );
        var pixels = new SKBitmap(info);
        var result = codec.GetPixels(info, pixels.GetPixels());
        if (result != SKCodecResult.Success)
        {
            pixels.Dispose();
            throw new FormatException(
                result == SKCodecResult.IncompleteInput
                    ? "The picture breaks off in the middle: it was not copied whole."
                    : "The picture is broken and cannot be unpacked."
            );
        }
        return pixels;
    }

    /// <summary>Brings pixels to size and turns them as a camera that was held so would have meant them.</summary>
    private static SKBitmap Upright(SKBitmap pixels, SKEncodedOrigin origin, int longest)
    {
        var isTurned =
            origin
            is SKEncodedOrigin.LeftTop
                or SKEncodedOrigin.RightTop
                or SKEncodedOrigin.RightBottom
                or SKEncodedOrigin.LeftBottom;
        var (w, h) = isTurned ? (pixels.Height, pixels.Width) : (pixels.Width, pixels.Height);
        var scale = Math.Min(1f, (float)longest / Math.Max(w, h));
        var (width, height) = (
            Math.Max(1, (int)MathF.Round(w * scale)),
            Math.Max(1, (int)MathF.Round(h * scale))
        );
        var upright = new SKBitmap(
            new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Opaque)
        );
        using var canvas = new SKCanvas(upright);
        canvas.Clear(SKColors.White);
        canvas.Scale((float)width / w, (float)height / h);
        canvas.Concat(Turn(origin, w, h));
        using var image = SKImage.FromBitmap(pixels);
        canvas.DrawImage(
            image,
            0,
            0,
            new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear)
        );
        return upright;
    }

    /// <summary>From the place of a pixel in the file to its place in the upright picture of w × h.</summary>
    private static SKMatrix Turn(SKEncodedOrigin origin, int w, int h) =>
        origin switch
        {
            SKEncodedOrigin.TopRight => Matrix(-1, 0, w, 0, 1, 0),
            SKEncodedOrigin.BottomRight => Matrix(-1, 0, w, 0, -1, h),
            SKEncodedOrigin.BottomLeft => Matrix(1, 0, 0, 0, -1, h),
            SKEncodedOrigin.LeftTop => Matrix(0, 1, 0, 1, 0, 0),
            SKEncodedOrigin.RightTop => Matrix(0, -1, w, 1, 0, 0),
            SKEncodedOrigin.RightBottom => Matrix(0, -1, w, -1, 0, h),
            SKEncodedOrigin.LeftBottom => Matrix(0, 1, 0, -1, 0, h),
            _ => SKMatrix.Identity,
        };

    private static SKMatrix Matrix(
        float scaleX,
        float skewX,
        float x,
        float skewY,
        float scaleY,
        float y
    ) => new(scaleX, skewX, x, skewY, scaleY, y, 0, 0, 1);

    private static byte[] Pack(SKBitmap pixels)
    {
        using var data =
            pixels.Encode(SKEncodedImageFormat.Jpeg, Quality)
            ?? throw new FormatException("The picture cannot be packed.");
        return data.ToArray();
    }
}
