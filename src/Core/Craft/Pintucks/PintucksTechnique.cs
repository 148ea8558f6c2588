namespace ZephyrReach.Core.Craft.Pintucks;

/// <summary>Pintucks: so far its card alone.</summary>
internal static class PintucksTechnique
{
    public static Technique Technique { get; } =
        new()
        {
            Name = PintucksCard.Technique.Name,
            Title = PintucksCard.Technique.Title,
            Short = "Pintucks",
            Kin = Kin.Tucks,
            Says = PintucksCard.Technique.Says,
            Cards = [PintucksCard.Technique],
        };
}
