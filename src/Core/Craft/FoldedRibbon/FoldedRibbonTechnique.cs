namespace ZephyrReach.Core.Craft.FoldedRibbon;

/// <summary>Folded ribbon: so far its card alone.</summary>
internal static class FoldedRibbonTechnique
{
    public static Technique Technique { get; } =
        new()
        {
            Name = FoldedRibbonCard.Technique.Name,
            Title = FoldedRibbonCard.Technique.Title,
            Short = "Folded ribbon",
            Kin = Kin.Rows,
            Says = FoldedRibbonCard.Technique.Says,
            Cards = [FoldedRibbonCard.Technique],
        };
}
