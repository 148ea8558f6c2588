using System.Text.Json;
using System.Text.Json.Nodes;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Store;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Workings;

namespace ZephyrReach.Web.Drawer;

/// <summary>Properties of a thing on their way into the store: checked by the craft, with what is left taken apart.</summary>
/// <param name="Properties">Without what is left; a null takes a field out.</param>
/// <param name="Left">What is left, when anything was said of it.</param>
public sealed record StoredThing(JsonElement Properties, LeftChange? Left)
{
    /// <summary>Checks properties, and spells their units out.</summary>
    /// <param name="before">What is known already, which the new properties are laid over.</param>
    public static (StoredThing? Thing, IReadOnlyList<FieldError> Errors) Read(
        ThingKind kind,
        JsonElement properties,
        JsonElement? before,
        Ruler ruler
    )
    {
        if (properties.ValueKind != JsonValueKind.Object)
        {
            return (
                null,
                [
                    new FieldError(
                        "properties",
                        Refusal.Unusable,
                        "The properties must be an object of fields."
                    ),
                ]
            );
        }
        var unknown = properties
            .EnumerateObject()
            .FirstOrDefault(p => kind.Fields.All(f => f.Name != p.Name));
        if (unknown.Value.ValueKind != JsonValueKind.Undefined)
        {
            return (
                null,
                [
                    new FieldError(
                        unknown.Name,
                        Refusal.Unusable,
                        $"“{unknown.Name}” is nothing that is known of a {kind.Title}."
                    ),
                ]
            );
        }
        var whole = before is { } known ? JsonNode.Parse(known.GetRawText())!.AsObject() : [];
        foreach (var property in properties.EnumerateObject())
        {
            whole[property.Name] = JsonNode.Parse(property.Value.GetRawText());
        }
        var reader = new InputReader(AskJson.Read(JsonSerializer.SerializeToElement(whole)), ruler);
        kind.Read(reader);
        if (reader.Errors.Count > 0)
        {
            return (null, reader.Errors);
        }
        var spelled = JsonNode
            .Parse(StoredAsk.Spelled(kind.Fields, properties, ruler.Units).GetRawText())!
            .AsObject();
        LeftChange? left = null;
        if (kind.Left is { } stock && spelled.ContainsKey(stock.Name))
        {
            left = new LeftChange(reader.OptionalLength(stock));
            spelled.Remove(stock.Name);
        }
        return (new StoredThing(JsonSerializer.SerializeToElement(spelled), left), []);
    }
}
