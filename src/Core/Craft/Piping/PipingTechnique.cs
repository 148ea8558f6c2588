namespace ZephyrReach.Core.Craft.Piping;

/// <summary>Piping: so far its card alone.</summary>
internal static class PipingTechnique
{
    public static Technique Technique { get; } =
        new()
        {
            Name = PipingCard.Technique.Name,
            Title = PipingCard.Technique.Title,
            Short = "Piping",
            Kin = Kin.Edges,
            Says = PipingCard.Technique.Says,
            Cards = [PipingCard.Technique],
        };
}
