namespace ZephyrReach.Core.Asks;

/// <summary>One value of an ask as it was sent: a number, a text, a yes or no, a list, a group of fields, or something else.</summary>
/// <remarks>A number and a flag lie in the value itself; what is larger is held, one of the three at a time.</remarks>
public readonly record struct RawValue
{
    private readonly object? held;

    private RawValue(double? number, bool? flag, object? held)
    {
        (Number, Flag, this.held) = (number, flag, held);
    }

    /// <summary>The figure, when it is a number.</summary>
    public double? Number { get; }

    /// <summary>Yes or no, when it is that.</summary>
    public bool? Flag { get; }

    /// <summary>The text, when it is one.</summary>
    public string? Text => held as string;

    /// <summary>The values, when it is a list.</summary>
    public IReadOnlyList<RawValue>? List => held as RawValue[];

    /// <summary>The fields, when it is a group of them.</summary>
    public RawAsk? Group => held as RawAsk;

    public static RawValue Of(double number) => new(number, null, null);

    public static RawValue Of(string text) => new(null, null, text);

    public static RawValue Of(bool flag) => new(null, flag, null);

    public static RawValue Of(IReadOnlyList<RawValue> list) =>
        new(null, null, list as RawValue[] ?? [.. list]);

    public static RawValue Of(RawAsk group) => new(null, null, group);

    /// <summary>A value of a shape that no field takes.</summary>
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

    /// <summary>The same ask with one field left out.</summary>
    public RawAsk Without(string field) =>
        new(values.Where(v => v.Key != field).ToDictionary(v => v.Key, v => v.Value));
}
