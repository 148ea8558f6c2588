using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Supplies;

/// <summary>Makes the fields of things: none is needed, because "I don't know" is an answer.</summary>
internal static class Properties
{
    /// <summary>A small length in millimetres, as read off a gauge.</summary>
    public static LengthField Fine(string name, string label, double least, double most) =>
        LengthField.Fine(name, label, least, most).Optional();

    /// <summary>A length of cloth or thread.</summary>
    public static LengthField Long(string name, string label, double mostMetres) =>
        new LengthField(
            name,
            label,
            Length.Zero,
            Length.FromMillimetres(mostMetres * 1000),
            IsNeeded: false
        );

    public static NumberField Number(string name, string label, double least, double most) =>
        new NumberField(name, label, least, most, IsNeeded: false);

    public static ChoiceField Choice(string name, string label, params Choice[] choices) =>
        new ChoiceField(name, label, choices, IsNeeded: false);
}
