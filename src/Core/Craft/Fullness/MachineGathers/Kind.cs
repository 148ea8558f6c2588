using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.PullUp;

namespace ZephyrReach.Core.Craft.Fullness.MachineGathers;

/// <summary>One of the ways in which a machine gathers.</summary>
/// <param name="Name">The technique's name.</param>
/// <param name="Title">Its name on the screen.</param>
/// <param name="Says">What it makes.</param>
/// <param name="Family">What is believed of it.</param>
/// <param name="Knife">Whether a knife trims the edge.</param>
internal sealed record Kind(
    string Name,
    string Title,
    string Says,
    PullUpFamily Family,
    bool Knife = false
)
{
    /// <summary>Other words that find it.</summary>
    public required IReadOnlyList<string> Also { get; init; }

    public IReadOnlyList<Caution> Cautions =>
        Knife ? [Safety.Knife, .. Safety.Gathers] : Safety.Gathers;

    public static Kind GatheringFoot { get; } =
        new(
            "gathering-foot",
            "gathering with a foot",
            "The foot holds the fabric back and gathers as you sew. You can’t adjust the gathers afterwards.",
            PullUpFamily.GatheringFoot
        )
        {
            Also = ["gathers", "gathering foot", "ruffle", "frill"],
        };

    public static Kind Overlock { get; } =
        new(
            "overlock-gathers",
            "gathering on the overlocker",
            "Front feed dogs that run faster than the back ones gather the lower layer as it is overlocked.",
            PullUpFamily.Overlock,
            true
        )
        {
            Also = ["serger", "differential feed", "gathers", "ruffle", "frill"],
        };
}
