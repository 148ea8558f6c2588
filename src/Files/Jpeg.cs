namespace ZephyrReach.Files;

/// <summary>JPEG files by their segments.</summary>
internal static class Jpeg
{
    private const byte Mark = 0xFF;
    private const byte End = 0xD9;
    private const byte Scan = 0xDA;
    private const byte Comment = 0xFE;

    /// <summary>
    /// The same picture to the pixel, without what it says beside: where and by what it was taken, comments, and whatever stands
    /// behind its end. What decides its colours stays: the profile, and how they were turned.
    /// </summary>
    public static byte[] Washed(byte[] jpeg)
    {
        using var clean = new MemoryStream(jpeg.Length);
        clean.Write(jpeg, 0, 2);
        var at = 2;
        while (at + 4 <= jpeg.Length && jpeg[at] == Mark && jpeg[at + 1] != End)
        {
            var kind = jpeg[at + 1];
            if (kind == Mark)
            {
                at++;
                continue;
            }
            var end = at + 2 + (jpeg[at + 2] << 8 | jpeg[at + 3]);
            if (end > jpeg.Length)
            {
                break;
            }
            if (!Says(kind, jpeg.AsSpan(at + 4, Math.Max(0, end - at - 4))))
            {
                clean.Write(jpeg, at, end - at);
            }
            at = end;
            if (kind == Scan)
            {
                var begun = at;
                while (at + 1 < jpeg.Length && !(jpeg[at] == Mark && IsSegment(jpeg[at + 1])))
                {
                    at++;
                }
                clean.Write(jpeg, begun, at - begun);
            }
        }
        clean.Write([Mark, End]);
        return clean.ToArray();
    }

    /// <summary>Whether a segment holds words and not picture.</summary>
    private static bool Says(byte kind, ReadOnlySpan<byte> holds) =>
        kind == Comment
        || (
            kind is >= 0xE1 and <= 0xEF
            && !holds.StartsWith("ICC_PROFILE"u8)
            && !holds.StartsWith("Adobe"u8)
        );

    /// <summary>Within a scan an escaped byte and a mark to begin anew at are part of it.</summary>
    private static bool IsSegment(byte kind) => kind is not 0 and not (>= 0xD0 and <= 0xD7);
}
