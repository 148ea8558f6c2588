namespace ZephyrReach.Core.Asks;

/// <summary>One value of an ask as it was sent: a number, a text, a yes or no, a list, or something else.</summary>
/// <param name="Number">The figure, when it is a number.</param>
/// <param name="Text">The text, when it is one.</param>
/// <param name="Flag">Yes or no, when it is that.</param>
/// <param name="List">The values, when it is a list.</param>
public readonly record struct RawValue(
    double? Number,
    string? Text,
    bool? Flag,
    IReadOnlyList<RawValue>? List
)
{
    public static RawValue Of(double number) => new(number, null, null, null);

    public static RawValue Of(string text) => new(null, text, null, null);

    public static RawValue Of(bool flag) => new(null, null, flag, null);

    public static RawValue Of(IReadOnlyList<RawValue> list) => new(null, null, null, list);

    /// <summary>A value of a shape that no field takes, such as an object.</summary>
    public static RawValue Unusable => default;
}

/// <summary>An ask as it was sent, by field, before anything in it has been read.</summary>
public sealed class RawAsk
{
    private readonly IReadOnlyDictionary<string, RawValue> values;

    /// <summary>An ask of these fields, which nobody changes afterwards.</summary>
    public RawAsk(IReadOnlyDictionary<string, RawValue> values) => this.values = values;

    /// <summary>An ask that says nothing.</summary>
    public static RawAsk Empty { get; } = new(new Dictionary<string, RawValue>());

    /// <summary>The fields that were sent. A field sent as null counts as not sent, and is left out by the sender.</summary>
    public IReadOnlyDictionary<string, RawValue> Values => values;

    public bool TryGet(string field, out RawValue value) => values.TryGetValue(field, out value);

    /// <summary>The same ask with one field set.</summary>
    public RawAsk With(string field, RawValue value) =>
        new(new Dictionary<string, RawValue>(values) { [field] = value });
}
