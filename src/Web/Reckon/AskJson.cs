using System.Text.Json;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Web.Problems;

namespace ZephyrReach.Web.Reckon;

/// <summary>Reads asks out of JSON, and writes them.</summary>
public static class AskJson
{
    private static readonly JsonDocumentOptions Options = new()
    {
        MaxDepth = 12,
        AllowDuplicateProperties = false,
    };

    /// <summary>Reads the body of a request as one JSON object.</summary>
    /// <exception cref="RefusedException">It is not JSON, or no object.</exception>
    public static ValueTask<JsonElement> ReadBodyAsync(HttpRequest request) =>
        ReadAsync(request, json => json.Clone());

    /// <summary>Reads the body of a request as one ask.</summary>
    /// <exception cref="RefusedException">It is not JSON, or no object.</exception>
    public static ValueTask<RawInputs> ReadAskAsync(HttpRequest request) =>
        ReadAsync(request, Read);

    private static async ValueTask<T> ReadAsync<T>(HttpRequest request, Func<JsonElement, T> read)
    {
        if (!request.HasJsonContentType())
        {
            throw new RefusedException(Problem.WrongContentType());
        }
        try
        {
            // A request that is broken off ends its body; its token costs something to ask for.
            using var body = await JsonDocument.ParseAsync(
                request.Body,
                Options,
                CancellationToken.None
            );
            return body.RootElement.ValueKind == JsonValueKind.Object
                ? read(body.RootElement)
                : throw new RefusedException(Problem.NotAnObject());
        }
        catch (JsonException)
        {
            throw new RefusedException(Problem.BrokenJson());
        }
    }

    /// <summary>The ask in a JSON object, field by field; a null counts as not said.</summary>
    public static RawInputs Read(JsonElement json)
    {
        var said = new Dictionary<string, RawValue>(json.GetPropertyCount());
        foreach (var field in json.EnumerateObject())
        {
            if (field.Value.ValueKind != JsonValueKind.Null)
            {
                said.Add(field.Name, ValueOf(field.Value));
            }
        }
        return new RawInputs(said);
    }

    /// <summary>An ask as a JSON object.</summary>
    public static JsonElement Of(RawInputs ask) =>
        JsonSerializer.SerializeToElement(Plain(ask), JsonSerializerOptions.Web);

    private static Dictionary<string, object?> Plain(RawInputs ask) =>
        ask.Values.ToDictionary(v => v.Key, v => Plain(v.Value));

    private static object? Plain(RawValue value) =>
        value.Number is { } number ? number
        : value.Flag is { } flag ? flag
        : value.Text
            ?? (object?)value.List?.Select(Plain).ToList()
            ?? (value.Group is { } group ? Plain(group) : null);

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
