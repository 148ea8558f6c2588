namespace ZephyrReach.Core.Craft.Darning;

/// <summary>Darning: so far its cards alone.</summary>
internal static class DarningTechnique
{
    public static Technique Technique { get; } =
        new()
        {
            Name = "darning",
            Title = "darning",
            Short = "Darning",
            Kin = Kin.Mending,
            Says =
                "A hole or a thin place is closed with lines of stitches over something behind it.",
            Cards = [ProgrammedDarningCard.Technique, FreeDarningCard.Technique],
        };
}
