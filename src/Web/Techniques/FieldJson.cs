using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Web.Techniques;

/// <summary>Writes fields, so that a screen can be made of them.</summary>
public static class FieldJson
{
    /// <summary>Writes fields as an array.</summary>
    public static void Write(
        Utf8JsonWriter json,
        string name,
        IReadOnlyList<Field> fields,
        Ruler ruler
    )
    {
        json.WriteStartArray(name);
        foreach (var field in fields)
        {
            json.WriteStartObject();
            json.WriteString("name", field.Name);
            json.WriteString("label", field.Label);
            json.WriteString("says", field.Says);
            json.WriteBoolean("isNeeded", field.IsNeeded);
            WriteParts(json, field, ruler);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void WriteParts(Utf8JsonWriter json, Field field, Ruler ruler)
    {
        switch (field)
        {
            case LengthField length:
                json.WriteString("kind", length.Kind == LengthKind.Fine ? "fine" : "length");
                if (length.Start is { } start)
                {
                    json.WriteString("start", ruler.Write(start, length.Kind));
                }
                break;
            case LengthsField:
                json.WriteString("kind", "lengths");
                break;
            case NumberField number:
                json.WriteString("kind", "number");
                json.WriteNumber("least", number.Least);
                json.WriteNumber("most", number.Most);
                if (number.Start is { } begin)
                {
                    json.WriteNumber("start", begin);
                }
                break;
            case FlagField flag:
                json.WriteString("kind", "flag");
                json.WriteBoolean("start", flag.Start);
                break;
            case ChoiceField choice:
                json.WriteString("kind", "choice");
                if (choice.Start is { } chosen)
                {
                    json.WriteString("start", chosen);
                }
                WriteChoices(json, choice.Choices);
                break;
            case ChoicesField choices:
                json.WriteString("kind", "choices");
                WriteChoices(json, choices.Choices);
                break;
            case ColourField:
                json.WriteString("kind", "colour");
                break;
            case GroupField group:
                json.WriteString("kind", "group");
                Write(json, "fields", group.Fields, ruler);
                break;
            case GroupsField groups:
                json.WriteString("kind", "groups");
                Write(json, "fields", groups.Fields, ruler);
                break;
            default:
                throw new InvalidOperationException($"{field.GetType().Name} has no description.");
        }
    }

    private static void WriteChoices(Utf8JsonWriter json, IReadOnlyList<Choice> choices)
    {
        json.WriteStartArray("choices");
        foreach (var choice in choices)
        {
            json.WriteStartObject();
            json.WriteString("name", choice.Name);
            json.WriteString("label", choice.Label);
            json.WriteString("follows", choice.Follows);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }
}
