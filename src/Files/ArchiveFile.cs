using System.IO.Compression;
using System.Text.Json;

namespace ZephyrReach.Files;

/// <summary>
/// Everything of a workroom, or of one project, in one zip: <c>workroom.json</c>, whose schema is
/// <c>archive.schema.json</c>, and beside it the photographs as <c>photographs/ID.jpg</c> and <c>photographs/ID.small.jpg</c>.
/// </summary>
public static class ArchiveFile
{
    public const string Format = "zephyr-reach-archive";
    public const int Version = 2;

    /// <summary>A larger file is not taken in, in bytes.</summary>
    public const long Largest = 1024L * 1024 * 1024;

    internal const string Records = "workroom.json";

    /// <summary>Of all times the same, so that two archives of the same things are the same.</summary>
    private static readonly DateTimeOffset Then = new(1980, 1, 1, 0, 0, 0, TimeSpan.Zero);

    internal static string NameOf(Guid photograph, bool small) =>
        $"photographs/{photograph}{(small ? ".small" : "")}.jpg";

    /// <summary>Writes an archive.</summary>
    /// <param name="to">Where to; written front to back.</param>
    /// <param name="madeAt">When it was as it is in here.</param>
    /// <param name="settings">The workroom's settings as JSON; null for a project.</param>
    /// <param name="lists">Each list's records as JSON, by the list's name.</param>
    /// <param name="pictures">The photographs' pictures.</param>
    public static async Task WriteAsync(
        Stream to,
        DateTimeOffset madeAt,
        string? settings,
        IReadOnlyDictionary<string, List<string>> lists,
        IAsyncEnumerable<(Guid Photograph, byte[] Large, byte[] Small)> pictures
    )
    {
        await using var zip = await ZipArchive.CreateAsync(to, ZipArchiveMode.Create, true, null);
        await using (var file = await EntryAsync(zip, Records, CompressionLevel.Optimal))
        await using (var json = new Utf8JsonWriter(file))
        {
            json.WriteStartObject();
            json.WriteString("format", Format);
            json.WriteNumber("version", Version);
            json.WriteString("madeAt", madeAt.UtcDateTime);
            json.WriteString("of", settings is null ? "project" : "workroom");
            if (settings is not null)
            {
                json.WritePropertyName("settings");
                json.WriteRawValue(settings);
            }
            foreach (var (name, records) in lists)
            {
                json.WriteStartArray(name);
                foreach (var record in records)
                {
                    json.WriteRawValue(record);
                }
                json.WriteEndArray();
                await json.FlushAsync();
            }
            json.WriteEndObject();
        }
        await foreach (var (photograph, large, small) in pictures)
        {
            foreach (var (picture, isSmall) in new[] { (large, false), (small, true) })
            {
                // A JPEG does not get smaller.
                await using var file = await EntryAsync(
                    zip,
                    NameOf(photograph, isSmall),
                    CompressionLevel.NoCompression
                );
                await file.WriteAsync(picture);
            }
        }
    }

    private static async Task<Stream> EntryAsync(
        ZipArchive zip,
        string name,
        CompressionLevel level
    )
    {
        var entry = zip.CreateEntry(name, level);
        entry.LastWriteTime = Then;
        return await entry.OpenAsync();
    }
}
