using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Inputs;

/// <summary>Reads what an ask says, or else what a new ask begins with. Such a field has a start.</summary>
public static class Starts
{
    public static Length LengthOrStart(this InputReader reader, LengthField field) =>
        reader.OptionalLength(field) ?? field.Start!.Value;

    public static double NumberOrStart(this InputReader reader, NumberField field) =>
        reader.OptionalNumber(field) ?? field.Start!.Value;

    public static string ChoiceOrStart(this InputReader reader, ChoiceField field) =>
        reader.OptionalChoice(field) ?? field.Start!;

    /// <summary>The same choice in words.</summary>
    public static string LabelOrStart(this InputReader reader, ChoiceField field)
    {
        var name = reader.ChoiceOrStart(field);
        return field.Choices.Single(c => c.Name == name).Label;
    }
}
