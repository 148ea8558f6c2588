using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Fit;

/// <summary>Words and comparisons that the rules share.</summary>
internal static class Say
{
    /// <summary>A thing by the name its owner gave it.</summary>
    public static string Name<T>(Owned<T> thing)
        where T : class, IThing => thing.Name;

    /// <summary>A length of the machine, in millimetres in either unit system.</summary>
    public static string Mm(Length length) => $"{DecimalText.Write(length.Millimetres)} mm";

    /// <summary>Whether one length is over another, by more than the last bits of a sum.</summary>
    public static bool Over(Length one, Length other) => one.Millimetres > other.Millimetres + 1e-9;
}
