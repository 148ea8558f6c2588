using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft;

/// <summary>How long things take: workshop rules, for comparing ways and not for planning an evening.</summary>
internal static class Pace
{
    /// <summary>Two swatches with their measuring.</summary>
    public const double Swatches = 16;

    private const double StitchesPerMinute = 500;
    private const double FoldingStitchesPerMinute = 250;
    private static readonly Length SeamStitch = Length.FromMillimetres(2.5);

    /// <summary>Straight sewing, with a pause for each metre.</summary>
    public static double Sewn(Length length, Length stitch) =>
        length / stitch / StitchesPerMinute + length.Millimetres / 1000 * 0.25;

    /// <summary>With the attachment: never over half speed.</summary>
    public static double Folded(Length edge, Length stitch) =>
        edge / stitch / FoldingStitchesPerMinute + edge.Millimetres / 1000;

    /// <summary>Pulling, spreading and pinning: six minutes to a metre.</summary>
    public static double Spread(Length edge) => 3 + 6 * edge.Millimetres / 1000;

    /// <summary>Sewing the full edge to the plain one.</summary>
    public static double Seam(Length edge) =>
        edge / SeamStitch / StitchesPerMinute * 2 + 2 * edge.Millimetres / 1000;

    /// <summary>Taking rows out: a minute and a half to a metre.</summary>
    public static double TakenOut(Length length) => 1.5 * length.Millimetres / 1000;

    /// <summary>Cutting: two minutes for the table, and a minute a piece.</summary>
    public static double Cut(int pieces) => 2 + pieces;

    /// <summary>Marking or pinning so many places.</summary>
    public static double Marked(int places) => 1 + places / 4.0;

    /// <summary>Pressing, and a moment to let it cool.</summary>
    public static double Pressed(Length length) => 1 + length.Millimetres / 1000;
}
