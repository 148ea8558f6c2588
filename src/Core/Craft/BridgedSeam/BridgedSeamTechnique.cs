namespace ZephyrReach.Core.Craft.BridgedSeam;

/// <summary>Bridged seam: so far its card alone.</summary>
internal static class BridgedSeamTechnique
{
    public static Technique Technique { get; } =
        new()
        {
            Name = BridgedSeamCard.Technique.Name,
            Title = BridgedSeamCard.Technique.Title,
            Short = "Bridged seam",
            Kin = Kin.Rows,
            Says = BridgedSeamCard.Technique.Says,
            Cards = [BridgedSeamCard.Technique],
        };
}
