namespace ZephyrReach.Core.Faults;

/// <summary>One thing to try.</summary>
/// <param name="Name">Its name in the API and in what is kept of a swatch.</param>
/// <param name="Says">What to do.</param>
/// <param name="Minutes">How long that takes, with a line of stitches to see what it did; workshop rule.</param>
/// <param name="AtNeedle">Whether a hand comes near needle, knife or hook: the machine is switched off first.</param>
public sealed record Attempt(string Name, string Says, double Minutes, bool AtNeedle = false)
{
    /// <summary>What stands before it where a hand comes near the needle.</summary>
    public const string SwitchOff = "Switch the machine off first.";
}
