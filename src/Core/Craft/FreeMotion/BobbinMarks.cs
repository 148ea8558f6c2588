using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>Where along the line each bobbin runs out, as it is drawn.</summary>
internal static class BobbinMarks
{
    /// <summary>More of them hide the work.</summary>
    private const int Most = 30;

    private static readonly Length Arm = Length.FromMillimetres(2.5);

    public static IEnumerable<Shape> Of(FreeMotionPlan a, Affine place)
    {
        foreach (var (end, i) in a.BobbinEnds.Take(Most).Select((e, i) => (e, i)))
        {
            var (stretch, at) = At(a, end.Millimetres % a.Ask.Line.Millimetres);
            var (x, y) = (place.Of(at).X, place.Of(at).Y);
            yield return new PathShape(
                Path.Of(false, new Point(x - Arm, y - Arm), new Point(x + Arm, y + Arm)),
                LineMeaning.Seam
            ).In(SewnDrawing.Part(stretch));
            yield return new PathShape(
                Path.Of(false, new Point(x - Arm, y + Arm), new Point(x + Arm, y - Arm)),
                LineMeaning.Seam
            ).In(SewnDrawing.Part(stretch));
            // Near the right edge the words would run into the measures beside the drawing.
            var left = x > a.Reach.Width * 0.85 ? a.Reach.Width * 0.14 : Length.Zero;
            yield return new Words(new Point(x - left, y + 2 * Arm), $"bobbin {i + 2}").In(
                SewnDrawing.Part(stretch)
            );
        }
    }

    /// <summary>The place that lies so far along all stretches, in mm, and the stretch it is on.</summary>
    private static (int Stretch, Point At) At(FreeMotionPlan a, double along)
    {
        for (var s = 0; s < a.Ask.Stretches.Count; s++)
        {
            var line = new MeasuredPath(Path.Of(false, a.Ask.Stretches[s]));
            if (along <= line.Total)
            {
                return (s, line.At(along).Point);
            }
            along -= line.Total;
        }
        return (a.Ask.Stretches.Count - 1, a.Ask.Stretches[^1][^1]);
    }
}
