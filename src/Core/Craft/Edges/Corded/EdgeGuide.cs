using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.Edges.Corded;

/// <summary>What is laid on the cloth at true size: the strip with its slanted end and the lines for the ruler, and the corner with its clips.</summary>
internal static class EdgeGuide
{
    private static readonly Length Long = Length.FromMillimetres(180);
    private static readonly Length Edge = Length.FromMillimetres(6);

    /// <summary>Null where there is neither a strip that the paper holds nor a square corner.</summary>
    /// <param name="cut">How its strips are cut; null where there are none.</param>
    public static Guide? Of(EdgePlan a, BiasCut? cut)
    {
        List<GuideLine> lines = [];
        List<GuidePath> paths = [];
        var (right, height) = (Edge, Edge);
        // A ruler serves for what is wider than the paper.
        if (cut is not null && cut.Width <= Long)
        {
            (right, height) = Strip(a, cut, lines);
        }
        if (a.Clips.FirstOrDefault(c => IsSquare(c.Bend)) is { } corner)
        {
            (right, height) = Corner(a, corner, right, height, lines, paths);
        }
        return lines.Count == 0
            ? null
            : new Guide(
                cut is null ? "The corner" : "The strip and its corner",
                right + Edge,
                height,
                lines,
                cut is null
                    ? "Lay it on each corner of front and back, cut along the outer line, and clip where the short lines are."
                    : "Lay the slanted end along a thread of the fabric: the strip then lies on its angle. Move it on by its width, and draw along the ruler."
            )
            {
                Paths = paths,
            };
    }

    private static bool IsSquare(EdgeBend bend) =>
        bend is { IsCorner: true, Radius: > 0.05 and < 200 }
        && Math.Abs(Math.Abs(bend.Turn) - 90) < 5;

    private static (Length Right, Length Height) Strip(
        EdgePlan a,
        BiasCut cut,
        List<GuideLine> lines
    )
    {
        var wide = cut.Width;
        var (top, bottom) = (Edge, Edge + wide);
        var lean = cut.Angle == 90 ? Length.Zero : wide / Math.Tan(cut.Angle * Math.PI / 180);
        var join = cut.Join / Math.Sin(cut.Angle * Math.PI / 180);
        var right = Edge + lean + Length.Max(Long, join * 2 + wide);
        var flange = a.Flange;
        lines.AddRange([
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
                1,
                new(Edge + lean + join, top + flange),
                new(right, top + flange),
                LineMeaning.Stitch
            ),
            new(
                1,
                new(Edge + join, bottom - flange),
                new(right, bottom - flange),
                LineMeaning.Stitch,
                "beside the cord"
            ),
        ]);
        return (right, bottom + Edge);
    }

    private static (Length Right, Length Height) Corner(
        EdgePlan a,
        Clips corner,
        Length right,
        Length height,
        List<GuideLine> lines,
        List<GuidePath> paths
    )
    {
        var (flange, first) = (a.Flange, lines.Select(l => l.Number).Append(0).Max() + 1);
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
        paths.Add(new(Round(x, y, Length.Zero, r + arm + flange, r + flange), LineMeaning.Profile));
        var centre = new Point(x + flange + r, y + flange + r);
        for (var i = 0; i < corner.Count; i++)
        {
            var angle = Math.PI + Math.PI / 2 * (i + 0.5) / corner.Count;
            lines.Add(
                new(first + i, At(r + flange), At(r + flange - corner.Depth), LineMeaning.Chalk)
            );

            Point At(Length from) =>
                new(centre.X + from * Math.Cos(angle), centre.Y + from * Math.Sin(angle));
        }
        return (Length.Max(right, x + flange + r + arm), y + flange + r + arm + Edge);
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
