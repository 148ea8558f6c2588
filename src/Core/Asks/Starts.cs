using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Asks;

/// <summary>Reads what an ask says, or else what a new ask begins with. Such a field has a start.</summary>
public static class Starts
{
    public static Length LengthOrStart(this AskReader reader, LengthField field) =>
        reader.OptionalLength(field) ?? field.Start!.Value;

    public static double NumberOrStart(this AskReader reader, NumberField field) =>
        reader.OptionalNumber(field) ?? field.Start!.Value;

    public static string ChoiceOrStart(this AskReader reader, ChoiceField field) =>
        reader.OptionalChoice(field) ?? field.Start!;
}
