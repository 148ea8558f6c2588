using ZephyrReach.Core.Card.Techniques;

namespace ZephyrReach.Core.Card;

/// <summary>The techniques that have a card: one line each.</summary>
public static class CardTechniques
{
    public static IReadOnlyList<CardTechnique> All { get; } =
    [
        PulledGathersCard.Technique,
        OverThreadsCard.Technique,
        GatheringFootCard.Technique,
        OverlockGathersCard.Technique,
        TuckedRuffleCard.Technique,
        ShirringCard.Technique,
        PintucksCard.Technique,
        StitchRowsCard.Technique,
        BridgedSeamCard.Technique,
        FoldedRibbonCard.Technique,
        PipingCard.Technique,
        FinePipingCard.Technique,
        CouchingCard.Technique,
        AppliqueCard.Technique,
        ProgrammedDarningCard.Technique,
        FreeDarningCard.Technique,
        FreeMotionCard.Technique,
    ];

    /// <summary>Finds a technique's card by its name; null when there is none.</summary>
    public static CardTechnique? Named(string name) => All.FirstOrDefault(t => t.Name == name);
}
