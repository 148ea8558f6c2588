using System.Text.Json;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;
using ZephyrReach.Store;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Swatches;

/// <summary>
/// What can be said of a swatch: the readings that techniques declare, and the settings that they learn from. Reads them,
/// and hands a swatch that was kept to its technique.
/// </summary>
public static class SwatchWords
{
    /// <summary>Every kind of reading that a technique declares.</summary>
    public static IReadOnlyList<LengthsField> Readings { get; } =
    [
        .. Core
            .Craft.Techniques.Worked.SelectMany(t => t.Process!.Swatch.Readings)
            .DistinctBy(f => f.Name)
            .Select(f => f with { IsNeeded = false }),
    ];

    /// <summary>Every setting that a technique learns from.</summary>
    public static IReadOnlyList<Field> Features { get; } =
    [
        .. Core
            .Craft.Techniques.Worked.SelectMany(t => t.Process!.Swatch.Features)
            .DistinctBy(f => f.Name),
    ];

    /// <summary>How the readings of a name are written.</summary>
    public static LengthKind Written(string reading) =>
        Readings.FirstOrDefault(f => f.Name == reading)?.Kind ?? LengthKind.Marked;

    /// <summary>Whether a name is that of a technique, or of one of its cards.</summary>
    public static bool Knows(string technique) =>
        Core.Craft.Techniques.Named(technique) is not null
        || Core.Craft.Techniques.CardNamed(technique) is not null;

    /// <summary>Readings by their names, in mm; null where nothing was said.</summary>
    public static IReadOnlyDictionary<string, IReadOnlyList<double>>? ReadReadings(
        JsonElement? said,
        Ruler ruler,
        List<FieldError> errors
    )
    {
        if (Open(said, "readings", Readings, ruler, errors) is not { } reader)
        {
            return null;
        }
        var read = Readings
            .Where(f => reader.Has(f))
            .ToDictionary(
                f => f.Name,
                f => (IReadOnlyList<double>)[.. reader.Lengths(f).Select(l => l.Millimetres)]
            );
        errors.AddRange(reader.Errors);
        return read;
    }

    /// <summary>Settings as plain numbers, lengths in mm, and the lines of a scrap; null where nothing was said.</summary>
    public static JsonElement? ReadFeatures(JsonElement? said, Ruler ruler, List<FieldError> errors)
    {
        if (Open(said, "features", Features, ruler, errors) is not { } reader)
        {
            return null;
        }
        var read = Read(reader, Features);
        errors.AddRange(reader.Errors);
        return JsonSerializer.SerializeToElement(read);
    }

    /// <summary>What was said of fields, lengths in mm; of the lines of a scrap, each by itself.</summary>
    private static Dictionary<string, object> Read(InputReader reader, IReadOnlyList<Field> fields)
    {
        var read = new Dictionary<string, object>();
        foreach (var field in fields.Where(f => reader.Has(f)))
        {
            if (
                field switch
                {
                    LengthField length => reader.OptionalLength(length)?.Millimetres,
                    NumberField number => reader.OptionalNumber(number),
                    FlagField flag => reader.Flag(flag),
                    NameField name => reader.OptionalName(name),
                    ChoiceField choice => reader.OptionalChoice(choice),
                    GroupsField groups => reader
                        .Groups(groups)
                        .Select(line => Read(line, groups.Fields))
                        .ToList(),
                    _ => (object?)null,
                } is
                { } said
            )
            {
                read[field.Name] = said;
            }
        }
        return read;
    }

    /// <summary>The settings of a swatch in words, in the order of its technique's knobs.</summary>
    public static IReadOnlyList<Fact> SetOf(SwatchRow row) =>
        [
            .. (Of(row.Technique)?.Knobs ?? [])
                .Where(k => row.Features.TryGetProperty(k.Name, out _))
                .Select(k => new Fact(
                    k.Label,
                    Said(row.Features.GetProperty(k.Name).GetDouble(), k.Unit)
                )),
        ];

    private static string Said(double figure, string unit) =>
        unit == Control.NoOrYes
            ? (figure > 0 ? "yes" : "no")
            : $"{DecimalText.Write(figure)} {unit}".TrimEnd();

    /// <summary>The readings of a swatch in words, as its technique calls them.</summary>
    public static IReadOnlyList<Fact> ReadOf(SwatchRow row, Ruler ruler) =>
        [
            .. (Of(row.Technique)?.Readings ?? Readings)
                .Where(f => row.Readings.ContainsKey(f.Name))
                .Select(f => new Fact(
                    f.Label,
                    string.Join(
                        "; ",
                        row.Readings[f.Name].Select(mm => ruler.Mark(Length.FromMillimetres(mm)))
                    )
                )),
        ];

    /// <summary>How the swatches of a technique are read and learnt from; null where it has no working.</summary>
    public static SwatchOf? Of(string technique) =>
        Core.Craft.Techniques.WorkingOf(technique)?.Swatch;

    private static InputReader? Open(
        JsonElement? said,
        string name,
        IReadOnlyList<Field> fields,
        Ruler ruler,
        List<FieldError> errors
    )
    {
        if (said is not { ValueKind: not (JsonValueKind.Null or JsonValueKind.Undefined) } json)
        {
            return null;
        }
        if (json.ValueKind != JsonValueKind.Object)
        {
            errors.Add(
                new FieldError(name, Refusal.Unusable, "This must be an object of measurements.")
            );
            return null;
        }
        var raw = AskJson.Read(json);
        if (raw.Values.Keys.FirstOrDefault(k => fields.All(f => f.Name != k)) is { } strange)
        {
            errors.Add(
                new FieldError(
                    $"{name}.{strange}",
                    Refusal.Unusable,
                    $"“{strange}” is nothing that a swatch tells; {string.Join(", ", fields.Select(f => f.Name))} are."
                )
            );
        }
        return new InputReader(raw, ruler, name + ".");
    }
}
