using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Supplies;

/// <summary>A needle tension dial: its normal, and where it begins and ends.</summary>
/// <remarks>
/// Advice is given in steps from the machine's own normal; a step is one figure of the dial. A dial without figures has no
/// normal, and gets words.
/// </remarks>
/// <param name="Normal">What it shows when it sews an ordinary seam; null when it has no figures or it is not known.</param>
/// <param name="Lowest">Where it begins; 0 when not known.</param>
/// <param name="Highest">Where it ends; null when not known.</param>
public sealed record TensionDial(double? Normal, double? Lowest, double? Highest)
{
    /// <summary>The steps that can be set, nearest to those wanted: never past either end of the dial.</summary>
    public double Reachable(double steps) =>
        Normal is { } normal ? Clamp(normal + steps) - normal : steps;

    /// <summary>The figure that shows some steps from normal, kept within the ends; null without figures.</summary>
    public double? At(double steps) => Normal is { } normal ? Clamp(normal + steps) : null;

    /// <summary>How many steps from normal a figure is; null without figures.</summary>
    public double? StepsAt(double figure) => Normal is { } normal ? figure - normal : null;

    /// <summary>What to look for on the dial.</summary>
    public string Says(double steps) =>
        At(steps) is { } figure ? $"dial {DecimalText.Write(figure)}"
        : steps == 0 ? "where ordinary seams are right"
        : $"{(Math.Abs(steps) == 1 ? "one mark" : $"{DecimalText.Write(Math.Abs(steps))} marks")} {(steps < 0 ? "looser" : "tighter")} than normal";

    private double Clamp(double figure) =>
        Math.Max(Lowest ?? 0, Highest is { } end ? Math.Min(end, figure) : figure);
}
