using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Drawer;

/// <summary>Makes the fields of things: none is needed, because "I don't know" is an answer.</summary>
internal static class Properties
{
    /// <summary>A small length in millimetres, as read off a gauge.</summary>
    public static LengthField Fine(
        string name,
        string label,
        string says,
        double least,
        double most
    ) => LengthField.Fine(name, label, says, least, most) with { IsNeeded = false };

    /// <summary>A length of cloth or thread.</summary>
    public static LengthField Long(string name, string label, string says, double mostMetres) =>
        new(
            name,
            label,
            says,
            Length.Zero,
            Length.FromMillimetres(mostMetres * 1000),
            IsNeeded: false
        );

    public static NumberField Number(
        string name,
        string label,
        string says,
        double least,
        double most
    ) => new(name, label, says, least, most, IsNeeded: false);

    public static ChoiceField Choice(
        string name,
        string label,
        string says,
        params Choice[] choices
    ) => new(name, label, says, choices, IsNeeded: false);
}
