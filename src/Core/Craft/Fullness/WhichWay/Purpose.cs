using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Craft.Fullness.WhichWay;

/// <summary>What matters most about an edge, and what that makes of each quality of a way.</summary>
/// <param name="Choice">Its name and what follows from it.</param>
/// <param name="Fits">What it is worth that the fullness can be set exactly, 0 to 3.</param>
/// <param name="Quick">What little time at the machine is worth, 0 to 3.</param>
/// <param name="Even">What evenness is worth, 0 to 3.</param>
/// <param name="Folds">What small regular folds are worth, 0 to 3.</param>
/// <param name="Stretch">What it is worth that it stretches, 0 to 9.</param>
internal sealed record Purpose(
    Choice Choice,
    double Fits,
    double Quick,
    double Even,
    double Folds = 0,
    double Stretch = 0
)
{
    public static IReadOnlyList<Purpose> All { get; } =
    [
        new(
            new Choice(
                "must-fit",
                "exact fit",
                "a sleeve cap, a bodice, a cushion: nothing may be over or short"
            ),
            3,
            0.5,
            1.5
        ),
        new(
            new Choice(
                "long-run",
                "is metres long",
                "a valance, tiers, curtains: time at the machine counts"
            ),
            1,
            3,
            1
        ),
        new(
            new Choice(
                "small-folds",
                "shows small, even folds",
                "a trim that is looked at closely"
            ),
            0.5,
            1,
            2,
            3
        ),
        new(
            new Choice(
                "stretches",
                "has to stretch",
                "a bodice back, a cuff, a waist that passes over something wider"
            ),
            0.5,
            0.5,
            1,
            0,
            9
        ),
    ];
}
