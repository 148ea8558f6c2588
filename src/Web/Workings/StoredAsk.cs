using System.Text.Json;
using System.Text.Json.Nodes;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Workings;

/// <summary>Asks on their way into the store and out of it: each field is checked by the technique both times.</summary>
public static class StoredAsk
{
    private const int MostFields = 60;

    /// <summary>What is wrong with the fields of an unfinished ask; missing fields are not wrong yet.</summary>
    public static IReadOnlyList<FieldError> Check(Technique technique, JsonElement ask, Ruler ruler)
    {
        if (ask.ValueKind != JsonValueKind.Object)
        {
            return
            [
                new FieldError("ask", Refusal.Unusable, "The ask has to be an object of fields."),
            ];
        }
        var raw = AskJson.Read(ask);
        if (raw.Values.Count > MostFields)
        {
            return
            [
                new FieldError(
                    "ask",
                    Refusal.Unusable,
                    $"The ask has more than {MostFields} fields."
                ),
            ];
        }
        var unknown = raw.Values.Keys.FirstOrDefault(f =>
            // Samples are swatches, and are kept as such.
            technique.Straight.Fields.All(known => known.Name != f || known is GroupsField)
        );
        return unknown is null
            ? technique.Straight.CheckUnfinished(raw, ruler)
            :
            [
                new FieldError(
                    unknown,
                    Refusal.Unusable,
                    $"“{unknown}” is not a field of {technique.Title}."
                ),
            ];
    }

    /// <summary>The ask with every bare figure's unit written out, so that turning the units round changes no length.</summary>
    public static JsonElement Spelled(
        IReadOnlyList<Field> fields,
        JsonElement ask,
        UnitSystem units
    )
    {
        var spelled = JsonNode.Parse(ask.GetRawText())!.AsObject();
        foreach (var field in fields.OfType<LengthField>())
        {
            if (spelled[field.Name] is not { } value)
            {
                continue;
            }
            spelled[field.Name] = value is JsonArray list
                ? new JsonArray([.. list.Select(v => Spelled(v?.DeepClone(), field, units))])
                : Spelled(value.DeepClone(), field, units);
        }
        return JsonSerializer.SerializeToElement(spelled);
    }

    /// <summary>What is wrong with an ask that was kept, by field.</summary>
    public static IReadOnlyDictionary<string, string> Troubles(string technique, JsonElement ask) =>
        Core.Craft.Techniques.Named(technique) is { } known
            ? Check(known, ask, Ruler.Metric).ToDictionary(e => e.Field, e => e.Says)
            : new Dictionary<string, string>
            {
                ["technique"] = $"The technique “{technique}” is not known here.",
            };

    private static JsonNode? Spelled(JsonNode? value, LengthField field, UnitSystem units) =>
        value is JsonValue text && text.TryGetValue<string>(out var said)
            ? LengthReader.Spelled(said, units, field.Kind == LengthKind.Fine)
            : value;
}
