using System.Collections.Concurrent;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Web.Reckon;

/// <summary>
/// How the records of the craft are written as JSON: lengths of drawings as mm, places as pairs, paths as path data, and a
/// dimension with its text against a ruler.
/// </summary>
public static class CraftJson
{
    private static readonly ConcurrentDictionary<Ruler, JsonSerializerOptions> Known = new();

    private static readonly (Type Type, string Kind)[] Shapes =
    [
        (typeof(ClothPiece), "cloth"),
        (typeof(ClothLine), "line"),
        (typeof(PathShape), "path"),
        (typeof(Notch), "notch"),
        (typeof(Dimension), "dimension"),
        (typeof(GrainArrow), "grain"),
        (typeof(GatheredCloth), "gathered"),
        (typeof(Plate), "plate"),
        (typeof(Handle), "handle"),
        (typeof(Words), "words"),
        (typeof(Dot), "dot"),
    ];

    /// <summary>The options for a ruler. There are as many as workrooms have rulers.</summary>
    public static JsonSerializerOptions For(Ruler ruler) => Known.GetOrAdd(ruler, Make);

    /// <summary>A record of the craft as JSON.</summary>
    public static JsonElement Of<T>(T value, Ruler ruler) =>
        JsonSerializer.SerializeToElement(value, For(ruler));

    /// <summary>Adds what every answer of the API needs, whatever ruler it is written against.</summary>
    public static void Extend(JsonSerializerOptions options)
    {
        // Letters such as × and ⅝ go out as they are; the content type keeps them from being read as markup.
        options.Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping;
        options.Converters.Add(new StageConverter());
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase));
    }

    private static JsonSerializerOptions Make(Ruler ruler)
    {
        var options = new JsonSerializerOptions(JsonSerializerDefaults.Web)
        {
            DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
            TypeInfoResolver = new DefaultJsonTypeInfoResolver
            {
                Modifiers = { KindsOfShapes, type => TextOfDimensions(type, ruler) },
            },
        };
        Extend(options);
        options.Converters.Add(new MmConverter());
        options.Converters.Add(new PointConverter());
        options.Converters.Add(new PathConverter());
        return options;
    }

    private static void KindsOfShapes(JsonTypeInfo type)
    {
        if (type.Type != typeof(Shape))
        {
            return;
        }
        type.PolymorphismOptions = new() { TypeDiscriminatorPropertyName = "kind" };
        foreach (var (shape, kind) in Shapes)
        {
            type.PolymorphismOptions.DerivedTypes.Add(new JsonDerivedType(shape, kind));
        }
    }

    /// <summary>In place of its length and how that is rounded, a dimension says its text.</summary>
    private static void TextOfDimensions(JsonTypeInfo type, Ruler ruler)
    {
        if (type.Type != typeof(Dimension))
        {
            return;
        }
        foreach (var own in type.Properties.Where(p => p.Name is "length" or "kind").ToList())
        {
            type.Properties.Remove(own);
        }
        var text = type.CreateJsonPropertyInfo(typeof(string), "text");
        text.IsGetNullable = false;
        text.Get = d => ruler.Write(((Dimension)d).Length, ((Dimension)d).Kind);
        type.Properties.Add(text);
    }

    private sealed class MmConverter : JsonConverter<Length>
    {
        public override Length Read(
            ref Utf8JsonReader reader,
            Type typeToConvert,
            JsonSerializerOptions options
        ) => Length.FromMillimetres(reader.GetDouble());

        public override void Write(
            Utf8JsonWriter writer,
            Length value,
            JsonSerializerOptions options
        ) => writer.WriteDrawn(value);
    }

    private sealed class PointConverter : JsonConverter<Point>
    {
        public override Point Read(
            ref Utf8JsonReader reader,
            Type typeToConvert,
            JsonSerializerOptions options
        ) => throw new NotSupportedException("Drawings are written, and not read.");

        public override void Write(
            Utf8JsonWriter writer,
            Point value,
            JsonSerializerOptions options
        ) => writer.WritePlace(value);
    }

    private sealed class PathConverter : JsonConverter<Core.Drawings.Path>
    {
        public override Core.Drawings.Path Read(
            ref Utf8JsonReader reader,
            Type typeToConvert,
            JsonSerializerOptions options
        ) => throw new NotSupportedException("Drawings are written, and not read.");

        public override void Write(
            Utf8JsonWriter writer,
            Core.Drawings.Path value,
            JsonSerializerOptions options
        ) => writer.WriteStringValue(value.Data);
    }

    private sealed class StageConverter : JsonConverter<Stage>
    {
        public override Stage Read(
            ref Utf8JsonReader reader,
            Type typeToConvert,
            JsonSerializerOptions options
        ) => Stages.Named(reader.GetString() ?? "");

        public override void Write(
            Utf8JsonWriter writer,
            Stage value,
            JsonSerializerOptions options
        ) => writer.WriteStringValue(value.Name());
    }
}
