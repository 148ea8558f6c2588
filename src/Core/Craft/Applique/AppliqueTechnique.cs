namespace ZephyrReach.Core.Craft.Applique;

/// <summary>Appliqué: so far its card alone.</summary>
internal static class AppliqueTechnique
{
    public static Technique Technique { get; } =
        new()
        {
            Name = AppliqueCard.Technique.Name,
            Title = AppliqueCard.Technique.Title,
            Short = "Appliqué",
            Kin = Kin.Shapes,
            Says = AppliqueCard.Technique.Says,
            Cards = [AppliqueCard.Technique],
        };
}
