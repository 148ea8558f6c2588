namespace ZephyrReach.Core.Craft.Couching;

/// <summary>Couching: so far its card alone.</summary>
internal static class CouchingTechnique
{
    public static Technique Technique { get; } =
        new()
        {
            Name = CouchingCard.Technique.Name,
            Title = CouchingCard.Technique.Title,
            Short = "Couching",
            Kin = Kin.Lines,
            Says = CouchingCard.Technique.Says,
            Cards = [CouchingCard.Technique],
        };
}
