namespace ZephyrReach.Core.Craft.FinePiping;

/// <summary>Fine piping: so far its card alone.</summary>
internal static class FinePipingTechnique
{
    public static Technique Technique { get; } =
        new()
        {
            Name = FinePipingCard.Technique.Name,
            Title = FinePipingCard.Technique.Title,
            Short = "Fine piping",
            Kin = Kin.Edges,
            Says = FinePipingCard.Technique.Says,
            Cards = [FinePipingCard.Technique],
        };
}
