namespace ZephyrReach.Core.Craft.StitchRows;

/// <summary>Rows: so far its card alone.</summary>
internal static class StitchRowsTechnique
{
    public static Technique Technique { get; } =
        new()
        {
            Name = StitchRowsCard.Technique.Name,
            Title = StitchRowsCard.Technique.Title,
            Short = "Rows",
            Kin = Kin.Rows,
            Says = StitchRowsCard.Technique.Says,
            Cards = [StitchRowsCard.Technique],
        };
}
