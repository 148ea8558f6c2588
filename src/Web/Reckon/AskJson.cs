using System.Buffers;
using System.Text.Json;
using ZephyrReach.Core.Asks;

namespace ZephyrReach.Web.Reckon;

/// <summary>Reads asks out of JSON.</summary>
public static class AskJson
{
    private const int Depth = 8;

    /// <summary>About as many fields as an ask names.</summary>
    private const int Fields = 20;

    private static readonly JsonDocumentOptions Options = new()
    {
        MaxDepth = Depth,
        AllowDuplicateProperties = false,
    };

    /// <summary>Reads the body of a request as one ask.</summary>
    /// <returns>The ask; or the problem to answer with.</returns>
    public static async ValueTask<(RawAsk? Ask, IResult? Problem)> ReadAskAsync(HttpRequest request)
    {
        if (!request.HasJsonContentType())
        {
            return (null, Problems.Problem.WrongContentType());
        }
        var body = request.BodyReader;
        var read = await body.ReadAsync();
        while (!read.IsCompleted)
        {
            body.AdvanceTo(read.Buffer.Start, read.Buffer.End);
            read = await body.ReadAsync();
        }
        try
        {
            return Read(read.Buffer) is { } ask
                ? (ask, null)
                : (null, Problems.Problem.NotAnObject());
        }
        catch (Exception broken) when (broken is JsonException or InvalidOperationException)
        {
            // A text that is no Unicode is found only when it is taken out.
            return (null, Problems.Problem.BrokenJson());
        }
        finally
        {
            body.AdvanceTo(read.Buffer.End);
        }
    }

    /// <summary>Reads the body of a request as one JSON object.</summary>
    /// <returns>The document, which the caller disposes of; or the problem to answer with.</returns>
    public static async ValueTask<(JsonDocument? Body, IResult? Problem)> ReadBodyAsync(
        HttpRequest request
    )
    {
        if (!request.HasJsonContentType())
        {
            return (null, Problems.Problem.WrongContentType());
        }
        JsonDocument body;
        try
        {
            body = await JsonDocument.ParseAsync(
                request.Body,
                Options,
                request.HttpContext.RequestAborted
            );
        }
        catch (JsonException)
        {
            return (null, Problems.Problem.BrokenJson());
        }
        if (body.RootElement.ValueKind == JsonValueKind.Object)
        {
            return (body, null);
        }
        body.Dispose();
        return (null, Problems.Problem.NotAnObject());
    }

    /// <summary>The ask in a JSON text; null when it is JSON but no object.</summary>
    /// <exception cref="JsonException">It is not JSON, or names a field twice.</exception>
    private static RawAsk? Read(ReadOnlySequence<byte> body)
    {
        var json = new Utf8JsonReader(body, new JsonReaderOptions { MaxDepth = Depth });
        json.Read();
        if (json.TokenType != JsonTokenType.StartObject)
        {
            json.Skip();
            while (json.Read()) { }
            return null;
        }
        var ask = FieldsAt(ref json);
        // What comes after the object is read too, so that a broken end is noticed.
        while (json.Read()) { }
        return ask;
    }

    /// <summary>The ask in a JSON object, field by field; a null counts as not said.</summary>
    public static RawAsk Read(JsonElement json)
    {
        var values = new Dictionary<string, RawValue>(Fields, StringComparer.Ordinal);
        foreach (var property in json.EnumerateObject())
        {
            if (property.Value.ValueKind != JsonValueKind.Null)
            {
                values[property.Name] = ValueOf(property.Value);
            }
        }
        return new RawAsk(values);
    }

    /// <summary>An ask as a JSON object.</summary>
    public static JsonElement Of(RawAsk ask)
    {
        var buffer = new ArrayBufferWriter<byte>();
        using (var json = new Utf8JsonWriter(buffer))
        {
            Write(json, ask);
        }
        return JsonDocument.Parse(buffer.WrittenMemory).RootElement;
    }

    /// <summary>Writes an ask as a JSON object.</summary>
    public static void Write(Utf8JsonWriter json, RawAsk ask)
    {
        json.WriteStartObject();
        foreach (var (field, value) in ask.Values)
        {
            json.WritePropertyName(field);
            Write(json, value);
        }
        json.WriteEndObject();
    }

    private static void Write(Utf8JsonWriter json, RawValue value)
    {
        if (value.Number is { } number)
        {
            json.WriteNumberValue(number);
        }
        else if (value.Text is { } text)
        {
            json.WriteStringValue(text);
        }
        else if (value.Flag is { } flag)
        {
            json.WriteBooleanValue(flag);
        }
        else if (value.List is { } list)
        {
            json.WriteStartArray();
            foreach (var item in list)
            {
                Write(json, item);
            }
            json.WriteEndArray();
        }
        else if (value.Group is { } group)
        {
            Write(json, group);
        }
        else
        {
            json.WriteNullValue();
        }
    }

    /// <summary>The fields of the object that a reader stands at; leaves it at the object's end.</summary>
    private static RawAsk FieldsAt(ref Utf8JsonReader json)
    {
        var values = new Dictionary<string, RawValue>(Fields, StringComparer.Ordinal);
        while (json.Read() && json.TokenType != JsonTokenType.EndObject)
        {
            var field = FieldNames.At(ref json);
            json.Read();
            if (json.TokenType != JsonTokenType.Null && !values.TryAdd(field, ValueAt(ref json)))
            {
                throw new JsonException($"“{field}” is said twice.");
            }
        }
        return new RawAsk(values);
    }

    /// <summary>The value that a reader stands at; leaves it at the value's end.</summary>
    private static RawValue ValueAt(ref Utf8JsonReader json)
    {
        switch (json.TokenType)
        {
            case JsonTokenType.Number:
                return json.TryGetDouble(out var number) && double.IsFinite(number)
                    ? RawValue.Of(number)
                    : RawValue.Unusable;
            case JsonTokenType.String:
                return RawValue.Of(json.GetString()!);
            case JsonTokenType.True or JsonTokenType.False:
                return RawValue.Of(json.GetBoolean());
            case JsonTokenType.StartArray:
                List<RawValue> list = [];
                while (json.Read() && json.TokenType != JsonTokenType.EndArray)
                {
                    list.Add(ValueAt(ref json));
                }
                return RawValue.Of(list);
            case JsonTokenType.StartObject:
                return RawValue.Of(FieldsAt(ref json));
            default:
                json.Skip();
                return RawValue.Unusable;
        }
    }

    private static RawValue ValueOf(JsonElement value) =>
        value.ValueKind switch
        {
            // A figure too large for a double is no number that can be meant.
            JsonValueKind.Number => value.TryGetDouble(out var number) && double.IsFinite(number)
                ? RawValue.Of(number)
                : RawValue.Unusable,
            JsonValueKind.String => RawValue.Of(value.GetString()!),
            JsonValueKind.True or JsonValueKind.False => RawValue.Of(value.GetBoolean()),
            JsonValueKind.Array => RawValue.Of([.. value.EnumerateArray().Select(ValueOf)]),
            JsonValueKind.Object => RawValue.Of(Read(value)),
            _ => RawValue.Unusable,
        };
}
