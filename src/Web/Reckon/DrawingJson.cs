using System.Text.Json;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Web.Reckon;

/// <summary>Writes scaled drawings as JSON: places are pairs of mm, dimensions carry their text.</summary>
public static class DrawingJson
{
    public static void Write(Utf8JsonWriter json, IReadOnlyList<Drawing> drawings, Ruler ruler)
    {
        json.WriteStartArray();
        foreach (var drawing in drawings)
        {
            Write(json, drawing, ruler);
        }
        json.WriteEndArray();
    }

    public static void Write(Utf8JsonWriter json, Drawing drawing, Ruler ruler)
    {
        json.WriteStartObject();
        json.WriteString("name", drawing.Name);
        json.WriteString("title", drawing.Title);
        json.WriteString("says", drawing.Says);
        Mm(json, "width", drawing.Width);
        Mm(json, "height", drawing.Height);
        json.WriteBoolean("grainUpright", drawing.GrainUpright);
        json.WriteBoolean("isCloseUp", drawing.IsCloseUp);
        json.WriteStartArray("shapes");
        foreach (var shape in drawing.Shapes)
        {
            json.WriteStartObject();
            Write(json, shape, ruler);
            json.WriteEndObject();
        }
        json.WriteEndArray();
        json.WriteEndObject();
    }

    private static void Write(Utf8JsonWriter json, Shape shape, Ruler ruler)
    {
        switch (shape)
        {
            case ClothPiece piece:
                Kind(json, "cloth", piece.From, piece.To);
                json.WriteString("role", Name(piece.Role));
                json.WriteString("label", piece.Label);
                json.WriteBoolean("tornRight", piece.TornRight);
                break;
            case ClothLine line:
                Kind(json, "line", line.From, line.To);
                json.WriteString("meaning", Name(line.Meaning));
                json.WriteString("label", line.Label);
                break;
            case Notch notch:
                Kind(json, "notch", notch.At);
                json.WriteNumber("number", notch.Number);
                json.WriteBoolean("fromBelow", notch.FromBelow);
                break;
            case Dimension dimension:
                Kind(json, "dimension", dimension.From, dimension.To);
                json.WriteString("side", Name(dimension.Side));
                json.WriteString("text", ruler.Write(dimension.Length, dimension.Kind));
                json.WriteString("note", dimension.Note);
                break;
            case GrainArrow grain:
                Kind(json, "grain", grain.From, grain.To);
                break;
            case GatheredCloth gathered:
                Kind(json, "gathered", gathered.From);
                Mm(json, "drop", gathered.Drop);
                Mm(json, "span", gathered.Hem.Span);
                json.WriteNumber("folds", gathered.Hem.Folds);
                Mm(json, "amplitude", gathered.Hem.Amplitude);
                json.WriteBoolean("tornRight", gathered.TornRight);
                break;
            case Plate plate:
                Kind(json, "plate", plate.From, plate.To);
                json.WriteString("role", plate.Role);
                json.WriteBoolean("isGuess", plate.IsGuess);
                break;
            case Handle handle:
                Kind(json, "handle", handle.At);
                json.WriteString("field", handle.Field);
                Place(json, "origin", handle.Origin);
                json.WriteNumber("per", handle.Per);
                break;
            case Words words:
                Kind(json, "words", words.At);
                json.WriteString("text", words.Text);
                break;
            default:
                throw new InvalidOperationException(
                    $"A drawing holds a {shape.GetType().Name}, which has no JSON."
                );
        }
    }

    private static void Kind(Utf8JsonWriter json, string kind, Point at, Point? to = null)
    {
        json.WriteString("kind", kind);
        Place(json, "at", at);
        if (to is { } end)
        {
            Place(json, "to", end);
        }
    }

    private static void Place(Utf8JsonWriter json, string name, Point point)
    {
        json.WriteStartArray(name);
        json.WriteNumberValue(Rounded(point.X));
        json.WriteNumberValue(Rounded(point.Y));
        json.WriteEndArray();
    }

    private static void Mm(Utf8JsonWriter json, string name, Length length) =>
        json.WriteNumber(name, Rounded(length));

    /// <summary>A thousandth of a millimetre is finer than any drawing shows, and half the text.</summary>
    private static double Rounded(Length length) => Math.Round(length.Millimetres, 3);

    private static string Name<T>(T value)
        where T : struct, Enum => JsonNamingPolicy.CamelCase.ConvertName(value.ToString());
}
