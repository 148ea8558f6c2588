using System.Text.Json;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Web.Reckon;

/// <summary>Writes the figures of an answer as JSON: a length is its mm and its text.</summary>
public sealed class JsonFigures(Utf8JsonWriter json, Ruler ruler) : IFigures
{
    public void Length(string name, Length length, LengthKind kind)
    {
        json.WritePropertyName(name);
        Write(json, length, kind, ruler);
    }

    public void Lengths(string name, IReadOnlyList<Length> lengths, LengthKind kind)
    {
        json.WriteStartArray(name);
        for (var i = 0; i < lengths.Count; i++)
        {
            Write(json, lengths[i], kind, ruler);
        }
        json.WriteEndArray();
    }

    public void Count(string name, int count) => json.WriteNumber(name, count);

    public void Ratio(string name, double ratio) => json.WriteNumber(name, ratio);

    public void Flag(string name, bool flag) => json.WriteBoolean(name, flag);

    public void Text(string name, string text) => json.WriteString(name, text);

    public void Table(string name, int rows, Action<int, IFigures> row)
    {
        json.WriteStartArray(name);
        for (var i = 0; i < rows; i++)
        {
            json.WriteStartObject();
            row(i, this);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    public void Group(string name, Action<IFigures> figures)
    {
        json.WriteStartObject(name);
        figures(this);
        json.WriteEndObject();
    }

    /// <summary>Writes one length: exact in mm, rounded in its text.</summary>
    public static void Write(Utf8JsonWriter json, Length length, LengthKind kind, Ruler ruler)
    {
        json.WriteStartObject();
        json.WriteNumber("mm", length.Millimetres);
        json.WriteString("text", ruler.Write(length, kind));
        json.WriteEndObject();
    }
}
