using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.Fullness.Strips;

namespace ZephyrReach.Core.Craft.Fullness.PulledGathers;

/// <summary>Gathers that are pulled up by hand.</summary>
internal static class PulledGathersCard
{
    public static CardTechnique Technique { get; } =
        PulledCard.Of(
            "pulled-gathers",
            "gathering, pulled by hand",
            "Rows of long stitches, pulled up by hand."
        );
}
