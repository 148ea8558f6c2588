using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Card;

/// <summary>What a card has to know of the machine it is written for.</summary>
/// <param name="NormalTension">The figure on the needle tension dial that this machine sews ordinary seams at.</param>
/// <param name="LongestStitch">The longest straight stitch it makes.</param>
public sealed record MachineTraits(double NormalTension, Length LongestStitch)
{
    public static NumberField NormalTensionField { get; } =
        new(
            "normalTension",
            "Normal tension",
            "The dial figure this machine sews ordinary seams at.",
            0,
            20,
            4
        );

    public static LengthField LongestStitchField { get; } =
        new(
            "longestStitch",
            "Longest stitch",
            "The longest straight stitch this machine makes.",
            Length.FromMillimetres(1),
            Length.FromMillimetres(12),
            Length.FromMillimetres(5),
            LengthKind.Fine
        );

    /// <summary>Reads the machine out of an ask for a card.</summary>
    public static MachineTraits Read(AskReader reader) =>
        new(reader.Number(NormalTensionField), reader.Length(LongestStitchField));

    /// <summary>The dial figure some steps from normal; never below 0, which is where every dial ends.</summary>
    public string Dial(double steps) =>
        "dial " + DecimalText.Write(Math.Max(0, NormalTension + steps));
}
