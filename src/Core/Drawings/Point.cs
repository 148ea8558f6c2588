using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Drawings;

/// <summary>A place in a drawing, from its top left corner: across to the right, down the page.</summary>
public readonly record struct Point(Length X, Length Y)
{
    /// <summary>Makes a place from millimetres across and down.</summary>
    public static Point At(double xMm, double yMm) =>
        new(Length.FromMillimetres(xMm), Length.FromMillimetres(yMm));
}
