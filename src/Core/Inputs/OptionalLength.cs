namespace ZephyrReach.Core.Inputs;

/// <summary>Lengths that need not be said, for those whose fields are nearly all of that kind.</summary>
public static class OptionalLength
{
    /// <summary>As <see cref="LengthField.Mm"/>.</summary>
    public static LengthField Mm(
        string name,
        string label,
        double least,
        double most,
        double? start = null
    ) => LengthField.Mm(name, label, least, most, start).Optional();

    /// <summary>As <see cref="LengthField.Fine"/>.</summary>
    public static LengthField Fine(
        string name,
        string label,
        double least,
        double most,
        double? start = null
    ) => LengthField.Fine(name, label, least, most, start).Optional();
}
