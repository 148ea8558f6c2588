namespace ZephyrReach.Core.Photographs;

/// <summary>A line over a picture, in px.</summary>
public sealed record Line(Place From, Place To);

/// <summary>What was measured in a part of a photograph.</summary>
/// <param name="Spacing">Of rows and folds from one to the next, of a strip its width, of stitches their length, of a seam how far it strays from a straight line; in mm.</param>
/// <param name="PlusMinus">About nine times in ten it is within so much of that, in mm.</param>
/// <param name="Angle">Between the lines and the first side of the part, in degrees, clockwise, from −90 to 90.</param>
/// <param name="Count">How many lines there are.</param>
/// <param name="Evenness">From 0 to 1: 1 where all distances are alike.</param>
/// <param name="Lines">Each as it lies in the picture.</param>
/// <param name="Odd">Which of them lie unlike the others, from 0.</param>
public sealed record Measured(
    double Spacing,
    double PlusMinus,
    double Angle,
    int Count,
    double Evenness,
    IReadOnlyList<Line> Lines,
    IReadOnlyList<int> Odd
);

/// <summary>What is measured, or why it is not.</summary>
/// <param name="Wrong">In a sentence; null where it was measured.</param>
public sealed record Reading(Measured? Is, string? Wrong)
{
    public static Reading Of(Measured measured) => new(measured, null);

    public static Reading Not(string why) => new(null, why);

    public static Reading NothingRepeats { get; } =
        Not(
            "Nothing repeats clearly in this part. Mark it closer, without its edges, or photograph it in slanting light."
        );
}
