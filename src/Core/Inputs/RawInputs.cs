namespace ZephyrReach.Core.Inputs;

/// <summary>One value of an ask as it was sent: a number, a text, a yes or no, a list, a group of fields, or something else.</summary>
/// <remarks>
/// Two words, because an ask holds twenty of them: a number lies in the value itself, with a mark that it is one; anything
/// else is held.
/// </remarks>
public readonly record struct RawValue
{
    private static readonly object IsNumber = new();
    private static readonly object IsYes = new();
    private static readonly object IsNo = new();

    private readonly object? held;
    private readonly double number;

    private RawValue(object? held, double number = 0)
    {
        (this.held, this.number) = (held, number);
    }

    /// <summary>The figure, when it is a number.</summary>
    public double? Number => held == IsNumber ? number : null;

    /// <summary>Yes or no, when it is that.</summary>
    public bool? Flag =>
        held == IsYes ? true
        : held == IsNo ? false
        : null;

    /// <summary>The text, when it is one.</summary>
    public string? Text => held as string;

    /// <summary>The values, when it is a list.</summary>
    public IReadOnlyList<RawValue>? List => held as RawValue[];

    /// <summary>The fields, when it is a group of them.</summary>
    public RawInputs? Group => held as RawInputs;

    public static RawValue Of(double number) => new(IsNumber, number);

    public static RawValue Of(string text) => new(text);

    public static RawValue Of(bool flag) => new(flag ? IsYes : IsNo);

    public static RawValue Of(IReadOnlyList<RawValue> list) => new(list as RawValue[] ?? [.. list]);

    public static RawValue Of(RawInputs group) => new(group);

    /// <summary>A value written down in a program.</summary>
    public static RawValue Of(object value) =>
        value switch
        {
            RawValue raw => raw,
            double number => Of(number),
            int number => Of((double)number),
            bool flag => Of(flag),
            string text => Of(text),
            RawInputs group => Of(group),
            System.Collections.IEnumerable list => Of([.. list.Cast<object>().Select(Of)]),
            _ => Unusable,
        };

    /// <summary>A value of a shape that no field takes.</summary>
    public static RawValue Unusable => default;
}

/// <summary>An ask as it was sent, by field, before anything in it has been read.</summary>
public sealed class RawInputs
{
    private readonly IReadOnlyDictionary<string, RawValue> values;

    /// <summary>An ask of these fields, which nobody changes afterwards.</summary>
    public RawInputs(IReadOnlyDictionary<string, RawValue> values) => this.values = values;

    /// <summary>An ask written down in a program.</summary>
    /// <param name="said">Fields, each with a number, a text, a yes or no, an ask, or an array of those.</param>
    public static RawInputs Of(params (string Field, object Value)[] said) =>
        new(said.ToDictionary(s => s.Field, s => RawValue.Of(s.Value)));

    /// <summary>An ask that says nothing.</summary>
    public static RawInputs Empty { get; } = new(new Dictionary<string, RawValue>());

    /// <summary>The fields that were sent. A field sent as null counts as not sent, and is left out by the sender.</summary>
    public IReadOnlyDictionary<string, RawValue> Values => values;

    public bool TryGet(string field, out RawValue value) => values.TryGetValue(field, out value);

    /// <summary>The same ask, which says one of its fields under another name too; as it is where it does not say it.</summary>
    public RawInputs Also(string field, string name) => With(name, this, field);

    /// <summary>The same ask with one field set as another ask says one of its own; as it is where that does not say it.</summary>
    public RawInputs With(string field, RawInputs other, string from) =>
        other.TryGet(from, out var value) ? With(field, value) : this;

    /// <summary>The same ask with one field set.</summary>
    public RawInputs With(string field, RawValue value) =>
        new(new Dictionary<string, RawValue>(values) { [field] = value });

    /// <summary>The same ask with one field left out.</summary>
    public RawInputs Without(string field) =>
        new(values.Where(v => v.Key != field).ToDictionary(v => v.Key, v => v.Value));
}
