using System.Text.Json;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Workings;

/// <summary>Asks on their way into the store and out of it: each field is checked by the technique both times.</summary>
public static class StoredAsk
{
    private const int MostFields = 60;

    /// <summary>What is wrong with the fields of an unfinished ask; missing fields are not wrong yet.</summary>
    public static IReadOnlyList<FieldError> Check(Process working, JsonElement ask, Ruler ruler)
    {
        if (ask.ValueKind != JsonValueKind.Object)
        {
            return Wrong("ask", "The ask must be an object of fields.");
        }
        var raw = AskJson.Read(ask);
        if (raw.Values.Count > MostFields)
        {
            return Wrong("ask", $"The ask has more than {MostFields} fields.");
        }
        // Samples are swatches, and are kept as such.
        var fields = working
            .Forward.Fields.Where(f => f.Name != ChangedBySwatches.Samples)
            .ToList();
        return Walk.Unknown(fields, raw) is { } unknown
            ? Wrong(unknown, $"“{unknown}” is not a field of this technique.")
            : working.Forward.CheckUnfinished(raw, ruler);
    }

    /// <summary>The ask with every bare figure's unit written out, so that turning the units round changes no length.</summary>
    public static JsonElement Spelled(
        IReadOnlyList<Field> fields,
        JsonElement ask,
        UnitSystem units
    )
    {
        var spelled = AskJson.Of(
            Walk.Map(fields, AskJson.Read(ask), (f, v) => Spelled(f, v, units))
        );
        // What is set to null takes a field out of what is kept, so it goes along.
        var all = spelled.EnumerateObject().ToDictionary(p => p.Name, p => p.Value);
        foreach (
            var taken in ask.EnumerateObject().Where(p => p.Value.ValueKind == JsonValueKind.Null)
        )
        {
            all[taken.Name] = taken.Value;
        }
        return JsonSerializer.SerializeToElement(all);
    }

    /// <summary>What is wrong with an ask that was kept, by field.</summary>
    public static IReadOnlyDictionary<string, string> Troubles(string technique, JsonElement ask) =>
        Core.Craft.Techniques.WorkingOf(technique) is { } known
            ? Check(known, ask, Ruler.Metric)
                .DistinctBy(e => e.Field)
                .ToDictionary(e => e.Field, e => e.Says)
            : new Dictionary<string, string>
            {
                ["technique"] = $"The technique “{technique}” is not known here.",
            };

    private static RawValue Spelled(Field field, RawValue value, UnitSystem units) =>
        field is not (LengthField or LengthsField) ? value
        : value.List is { } list ? RawValue.Of([.. list.Select(v => Spelled(field, v, units))])
        : value.Text is not { } text ? value
        : field is LengthField { IsSplitAt: { Length: > 0 } at }
            ? RawValue.Of(
                string.Join(at, text.Split(at).Select(t => LengthReader.Spelled(t, units, false)))
            )
        : RawValue.Of(
            LengthReader.Spelled(text, units, field is LengthField { Kind: LengthKind.Fine })
        );

    private static IReadOnlyList<FieldError> Wrong(string field, string says) =>
        [new FieldError(field, Refusal.Unusable, says)];
}
