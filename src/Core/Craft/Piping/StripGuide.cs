using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.Piping;

/// <summary>What is laid on the cloth at true size: the strip with its slanted end and the lines for the ruler, and the corner with its clips.</summary>
internal static class StripGuide
{
    private static readonly Length Long = Length.FromMillimetres(180);
    private static readonly Length Edge = Length.FromMillimetres(6);

    public static Guide? Of(Answer a)
    {
        var wide = a.Ask.Covering.Width;
        if (wide > Long)
        {
            // A ruler serves for what is wider than the paper.
            return null;
        }
        var (top, bottom) = (Edge, Edge + wide);
        var lean =
            a.Ask.Cut.Angle == 90 ? Length.Zero : wide / Math.Tan(a.Ask.Cut.Angle * Math.PI / 180);
        var join = a.Ask.Cut.Join / Math.Sin(a.Ask.Cut.Angle * Math.PI / 180);
        var right = Edge + lean + Length.Max(Long, join * 2 + wide);
        var flange = a.Flange;
        List<GuideLine> lines =
        [
            new(
                0,
                new(Edge + lean, top),
                new(right, top),
                LineMeaning.Profile,
                $"strip, {a.Ruler.Mark(wide)} wide"
            ),
            new(0, new(Edge, bottom), new(right, bottom), LineMeaning.Profile),
            new(
                0,
                new(Edge, bottom),
                new(Edge + lean, top),
                LineMeaning.Profile,
                "along the grain"
            ),
            new(0, new(Edge + lean + join, top), new(Edge + join, bottom), LineMeaning.Seam),
            new(
                0,
                new(Edge + lean + join, top + flange),
                new(right, top + flange),
                LineMeaning.Stitch
            ),
            new(
                0,
                new(Edge + join, bottom - flange),
                new(right, bottom - flange),
                LineMeaning.Stitch,
                "beside the cord"
            ),
        ];
        var height = bottom + Edge;
        List<GuidePath> paths = [];
        if (
            a.Clips.FirstOrDefault(c => c.Bend is { IsCorner: true, Radius: > 0 and < 200 }) is
            { } corner
        )
        {
            var (r, arm) = (Length.FromMillimetres(corner.Bend.Radius), Length.FromMillimetres(25));
            var (y, x) = (height + Edge, Edge);
            // A square corner, rounded: its seam line, and the raw edge outside it.
            paths.Add(
                new(
                    Round(x, y, flange, r + arm, r),
                    LineMeaning.Stitch,
                    $"corner, rounded by {a.Ruler.Mark(r)}"
                )
            );
            paths.Add(
                new(Round(x, y, Length.Zero, r + arm + flange, r + flange), LineMeaning.Profile)
            );
            var centre = new Point(x + flange + r, y + flange + r);
            for (var i = 0; i < corner.Count; i++)
            {
                var angle = Math.PI + Math.PI / 2 * (i + 0.5) / corner.Count;
                lines.Add(new(0, At(r + flange), At(r + flange - corner.Depth), LineMeaning.Chalk));

                Point At(Length from) =>
                    new(centre.X + from * Math.Cos(angle), centre.Y + from * Math.Sin(angle));
            }
            height = y + flange + r + arm + Edge;
            right = Length.Max(right, x + flange + r + arm);
        }
        return new Guide(
            "The strip and its corner",
            right + Edge,
            height,
            lines,
            "Lay the slanted end along a thread of the cloth: the strip then lies on its angle. Move it on by its width, and draw along the ruler."
        )
        {
            Paths = paths,
        };
    }

    /// <summary>A corner at the top left, with two arms of a length.</summary>
    private static Path Round(Length x, Length y, Length off, Length reach, Length r) =>
        new(
            new Point(x + off, y + off + reach),
            [
                new LineTo(new(x + off, y + off + r)),
                new ArcTo(new(x + off + r, y + off), r, true),
                new LineTo(new(x + off + reach, y + off)),
            ]
        );
}
