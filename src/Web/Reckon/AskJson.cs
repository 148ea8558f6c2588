using System.Text.Json;
using ZephyrReach.Core.Asks;

namespace ZephyrReach.Web.Reckon;

/// <summary>Reads asks out of JSON.</summary>
public static class AskJson
{
    private static readonly JsonDocumentOptions Options = new() { MaxDepth = 8 };

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

    /// <summary>The ask in a JSON object, field by field; a null counts as not said.</summary>
    public static RawAsk Read(JsonElement json)
    {
        var values = new List<KeyValuePair<string, RawValue>>(24);
        foreach (var property in json.EnumerateObject())
        {
            if (property.Value.ValueKind != JsonValueKind.Null)
            {
                values.Add(new(property.Name, ValueOf(property.Value)));
            }
        }
        return new RawAsk(values);
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
        else
        {
            json.WriteNullValue();
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
            _ => RawValue.Unusable,
        };
}
