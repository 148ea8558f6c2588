using System.IO.Compression;
using System.Text.Json;
using System.Text.Json.Nodes;
using Json.Schema;
using SkiaSharp;

namespace ZephyrReach.Files;

/// <summary>An archive that is read. Nothing of it is trusted: names, sizes and every record are looked at first.</summary>
public sealed class ArchiveReader : IAsyncDisposable
{
    private const long LargestRecords = 48 * 1024 * 1024;

    /// <summary>Names, texts and figures in all: as many as fit into the memory that an archive may take.</summary>
    private const int MostValues = 1_500_000;

    /// <summary>No text that the program keeps is longer: an outline, as path data; in bytes.</summary>
    private const int LongestText = 256 * 1024;
    private const long LargestPicture = 8 * 1024 * 1024;
    private const int MostEntries = 40_001;

    /// <summary>Of the whole, but for the records in its lists; and of the records of each list.</summary>
    private static readonly (
        JsonSchema Whole,
        IReadOnlyDictionary<string, JsonSchema> Records
    ) Schemas = Split(SchemaText);

    private static readonly JsonDocumentOptions Strict = new()
    {
        AllowDuplicateProperties = false,
        MaxDepth = 64,
    };

    private readonly ZipArchive zip;

    private ArchiveReader(ZipArchive zip, JsonObject everything)
    {
        this.zip = zip;
        Everything = everything;
    }

    /// <summary>The schema of <c>workroom.json</c>.</summary>
    public static string SchemaText
    {
        get
        {
            using var text = new StreamReader(
                typeof(ArchiveReader).Assembly.GetManifestResourceStream("archive.schema.json")!
            );
            return text.ReadToEnd();
        }
    }

    /// <summary>What is in <c>workroom.json</c>.</summary>
    public JsonObject Everything { get; }

    /// <summary>Opens an archive.</summary>
    /// <param name="file">The zip; it has to allow seeking.</param>
    /// <exception cref="FormatException">It is no archive, newer than this program, damaged or made to do harm; the message says which.</exception>
    public static async Task<ArchiveReader> OpenAsync(Stream file, CancellationToken cancel)
    {
        ZipArchive? zip = null;
        try
        {
            zip = await ZipArchive.CreateAsync(file, ZipArchiveMode.Read, true, null, cancel);
            var records = Look(zip);
            var bytes = await BytesOfAsync(records, LargestRecords, cancel);
            Bound(bytes, cancel);
            var everything =
                JsonNode.Parse(bytes, null, Strict) as JsonObject
                ?? throw new FormatException("This isn’t a Zephyr Reach export.");
            Check(everything, cancel);
            // Archives from before there was practice have none.
            everything["practices"] ??= new JsonArray();
            KnowMachines((JsonArray)everything["things"]!);
            return new ArchiveReader(zip, everything);
        }
        catch (Exception wrong)
        {
            if (zip is not null)
            {
                await zip.DisposeAsync();
            }
            if (wrong is InvalidDataException or JsonException or EndOfStreamException)
            {
                throw new FormatException(
                    "This isn’t a Zephyr Reach export, or it is incomplete.",
                    wrong
                );
            }
            throw;
        }
    }

    /// <summary>The picture of a photograph.</summary>
    /// <exception cref="FormatException">It is missing, or is no picture.</exception>
    public async Task<(byte[] Large, byte[] Small)> PictureOfAsync(
        Guid photograph,
        CancellationToken cancel
    ) =>
        (
            await PictureAsync(photograph, false, cancel),
            await PictureAsync(photograph, true, cancel)
        );

    public ValueTask DisposeAsync() => zip.DisposeAsync();

    private async Task<byte[]> PictureAsync(Guid photograph, bool small, CancellationToken cancel)
    {
        var entry =
            zip.GetEntry(ArchiveFile.NameOf(photograph, small))
            ?? throw new FormatException(
                $"The picture of the photograph {photograph} is missing in the file."
            );
        byte[] jpeg;
        try
        {
            jpeg = await BytesOfAsync(entry, LargestPicture, cancel);
        }
        catch (InvalidDataException)
        {
            throw new FormatException($"The picture of the photograph {photograph} is damaged.");
        }
        using var data = SKData.CreateCopy(jpeg);
        using var codec = SKCodec.Create(data);
        var longest = small ? Photograph.LongestSmall : Photograph.Longest;
        return
            codec is { EncodedFormat: SKEncodedImageFormat.Jpeg }
            && codec.Info.Width <= longest
            && codec.Info.Height <= longest
            ? Jpeg.Washed(jpeg)
            : throw new FormatException(
                $"The picture of the photograph {photograph} is none that the program keeps."
            );
    }

    /// <summary>Nothing may lie in it but what belongs there.</summary>
    private static ZipArchiveEntry Look(ZipArchive zip)
    {
        if (zip.Entries.Count > MostEntries)
        {
            throw new FormatException("There are more files in it than an archive can have.");
        }
        foreach (var entry in zip.Entries)
        {
            var isPicture =
                entry.FullName.StartsWith("photographs/", StringComparison.Ordinal)
                && Guid.TryParseExact(entry.FullName[12..].Split('.')[0], "D", out var id)
                && entry.FullName
                    == ArchiveFile.NameOf(
                        id,
                        entry.FullName.EndsWith(".small.jpg", StringComparison.Ordinal)
                    );
            if (entry.FullName != ArchiveFile.Records && !isPicture)
            {
                throw new FormatException(
                    $"“{Cut.To(entry.FullName, 60)}” does not belong into an archive."
                );
            }
        }
        return zip.Entries.Count(e => e.FullName == ArchiveFile.Records) == 1
            ? zip.GetEntry(ArchiveFile.Records)!
            : throw new FormatException("This isn’t a Zephyr Reach export.");
    }

    /// <summary>Counts what is in it before anything is made of it: a small file can hold millions of lists.</summary>
    private static void Bound(ReadOnlySpan<byte> json, CancellationToken cancel)
    {
        var reader = new Utf8JsonReader(json, new JsonReaderOptions { MaxDepth = Strict.MaxDepth });
        for (var values = 0; reader.Read(); values++)
        {
            if (
                values > MostValues
                || (
                    reader.TokenType is JsonTokenType.String or JsonTokenType.PropertyName
                    && reader.ValueSpan.Length > LongestText
                )
            )
            {
                throw new FormatException("There is more in it than an archive can have.");
            }
            if (
                reader.TokenType is JsonTokenType.String or JsonTokenType.PropertyName
                && reader.ValueIsEscaped
                && reader.ValueSpan.IndexOf("u0000"u8) >= 0
                && reader.GetString()!.Contains('\0')
            )
            {
                throw new FormatException("A text in it has the character U+0000.");
            }
            if (values % 10_000 == 0)
            {
                cancel.ThrowIfCancellationRequested();
            }
        }
    }

    /// <summary>In archives of version 1 a stitch knows its machine by name.</summary>
    private static void KnowMachines(JsonArray things)
    {
        var machines = things
            .Where(t => (string)t!["kind"]! == "machine")
            .GroupBy(t => (string)t!["name"]!)
            .ToDictionary(m => m.Key, m => (string)m.First()!["id"]!);
        foreach (var thing in things.OfType<JsonObject>().Where(t => !t.ContainsKey("machine_id")))
        {
            thing["machine_id"] = null;
            if (
                thing["properties"] is JsonObject said
                && said["onMachine"] is JsonValue name
                && name.TryGetValue<string>(out var called)
                && machines.TryGetValue(called, out var id)
            )
            {
                thing["machine_id"] = id;
                said.Remove("onMachine");
            }
        }
    }

    private static void Check(JsonObject everything, CancellationToken cancel)
    {
        if (
            everything["format"] is not JsonValue format
            || !format.TryGetValue<string>(out var named)
            || named != ArchiveFile.Format
        )
        {
            throw new FormatException("This isn’t a Zephyr Reach export.");
        }
        if (
            everything["version"] is JsonValue version
            && version.TryGetValue<int>(out var number)
            && number > ArchiveFile.Version
        )
        {
            throw new FormatException(
                $"This archive is of version {number}, made by a newer program; version {ArchiveFile.Version} can be read."
            );
        }
        var whole = new JsonObject(
            everything.Select(p =>
                KeyValuePair.Create(
                    p.Key,
                    p.Value is JsonArray && Schemas.Records.ContainsKey(p.Key)
                        ? new JsonArray()
                        : p.Value?.DeepClone()
                )
            )
        );
        Check(Schemas.Whole, whole, "");
        // Record by record: what is looked at takes many times the memory of what it is.
        foreach (var (list, schema) in Schemas.Records)
        {
            var place = 0;
            foreach (var record in (everything[list] as JsonArray) ?? [])
            {
                cancel.ThrowIfCancellationRequested();
                Check(schema, record?.DeepClone(), $"/{list}/{place++}");
            }
        }
    }

    private static void Check(JsonSchema schema, JsonNode? of, string at)
    {
        // Where it is wrong is looked for only when it is.
        if (schema.Evaluate(of).IsValid)
        {
            return;
        }
        var where = schema
            .Evaluate(of, new EvaluationOptions { OutputFormat = OutputFormat.List })
            .Details.Where(d => d.HasErrors)
            .MaxBy(d => d.InstanceLocation.ToString().Length);
        throw new FormatException(
            $"The archive is damaged at {at}{where?.InstanceLocation.ToString() ?? "/"}: {where?.Errors?.Values.FirstOrDefault()}"
        );
    }

    private static (JsonSchema, IReadOnlyDictionary<string, JsonSchema>) Split(string text)
    {
        var whole = JsonNode.Parse(text)!;
        Dictionary<string, JsonSchema> records = [];
        foreach (var (name, list) in whole["properties"]!.AsObject())
        {
            if (list!["items"] is JsonObject items)
            {
                var one = items.DeepClone();
                one["$defs"] = whole["$defs"]!.DeepClone();
                records[name] = JsonSchema.FromText(one.ToJsonString());
            }
        }
        return (JsonSchema.FromText(text), records);
    }

    /// <summary>Unpacks as many bytes as may be: what is said of a size is not believed.</summary>
    private static async Task<byte[]> BytesOfAsync(
        ZipArchiveEntry entry,
        long most,
        CancellationToken cancel
    )
    {
        await using var packed = await entry.OpenAsync(cancel);
        using var bytes = new MemoryStream();
        var part = new byte[81920];
        int read;
        while ((read = await packed.ReadAsync(part, cancel)) > 0)
        {
            if (bytes.Length + read > most)
            {
                throw new FormatException(
                    $"“{entry.FullName}” unpacks to more than an archive can hold."
                );
            }
            bytes.Write(part, 0, read);
        }
        return bytes.ToArray();
    }
}
