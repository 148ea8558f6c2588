using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Lines;

/// <summary>A stop as it is sewn: after so many stitches, with the needle on one side.</summary>
/// <param name="Number">From 1, in the order they are sewn.</param>
/// <param name="Stitch">The stitch that it comes after, counted from where the sewing starts.</param>
/// <param name="Count">Stitches since the stop before.</param>
/// <param name="Turn">In degrees; above 0 where the line bends to the right of the way it goes.</param>
/// <param name="At">Along the line.</param>
/// <param name="Needle">On which side the needle stands, in words.</param>
internal sealed record Turning(
    int Number,
    int Stitch,
    int Count,
    double Turn,
    StopKind Kind,
    Length At,
    string Needle
);

/// <summary>How turning the work is said, as it is seen by who sits at the machine.</summary>
internal static class Turnings
{
    /// <summary>Seen from near, so much of the line lies before and behind.</summary>
    public static readonly Length Across = Length.FromMillimetres(46);

    /// <summary>
    /// The line comes towards her, so that what lies to the right of its way is on her left: where it bends to the right the
    /// cloth is turned anticlockwise.
    /// </summary>
    /// <param name="turn">In degrees; above 0 where the line bends to the right of the way it goes.</param>
    public static string Says(double turn)
    {
        var much = Math.Abs(turn) switch
        {
            < 6 => "a touch",
            < 16 => "a little",
            < 40 => "a good bit",
            > 84 and < 96 => "a quarter turn",
            > 170 => "half a turn",
            _ => "far",
        };
        return $"{much} {(turn > 0 ? "anticlockwise ↺" : "clockwise ↻")}";
    }

    /// <summary>The place under the needle from near, turned so that the line runs towards her.</summary>
    /// <param name="right">Where the needle stands, to the right of the way the line goes; in mm.</param>
    public static Near Near(MeasuredPath line, double at, double right, Affine place, string label)
    {
        // Just before, since a corner is looked at as it comes.
        var pose = line.At(at <= 0.05 ? at : at - 0.05);
        return new Near(
            place.Of(pose.Beside(right)),
            Across,
            Math.Round(90 - pose.Heading * 180 / Math.PI, 1),
            label
        );
    }
}
