using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft;

/// <summary>What is laid behind a sewn picture: a rectangle that reaches beyond it all round.</summary>
internal static class Backing
{
    /// <summary>Workshop rule: three fingers, so that a hoop or a hand still holds it.</summary>
    public static Length Beyond { get; } = Length.FromMillimetres(50);

    /// <summary>As it is cut.</summary>
    public static Piece Piece(IReadOnlyList<Path> sewn)
    {
        var reach = NamedShape.BoundsOf(sewn);
        return Answers.Piece.Rectangle(
            "behind",
            1,
            "stabiliser, behind it",
            reach.Width + 2 * Beyond,
            reach.Height + 2 * Beyond
        ) with
        {
            Of = "stabiliser",
        };
    }

    /// <summary>What that takes of the stabiliser that was chosen.</summary>
    public static Need Need(IReadOnlyList<Path> sewn, Stage until) =>
        new("stabiliser", Piece(sewn).Depth, until);
}
