namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>Free motion: so far its card alone.</summary>
internal static class FreeMotionTechnique
{
    public static Technique Technique { get; } =
        new()
        {
            Name = FreeMotionCard.Technique.Name,
            Title = FreeMotionCard.Technique.Title,
            Short = "Free motion",
            Kin = Kin.FreeMotion,
            Says = FreeMotionCard.Technique.Says,
            Cards = [FreeMotionCard.Technique],
        };
}
